import { LoaderCircle } from 'lucide-react';
import { usePlanning } from '../state/planner';

/** Says that the numbers on screen are being worked out anew; seen only when that takes longer than a glance. */
export function Planning() {
  const planning = usePlanning((state) => state.planning);
  return (
    <div role="status" data-testid="planning" data-kind={planning ? 'working' : 'done'}>
      {planning && (
        <span className="appear-late inline-flex items-center gap-1.5 text-[13px] text-soft">
          <LoaderCircle size={14} aria-hidden className="animate-spin" /> Working the counts …
        </span>
      )}
    </div>
  );
}
