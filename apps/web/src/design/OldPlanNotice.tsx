import { History } from 'lucide-react';
import { useStale } from '../state/useSizePlan';

/** Says that the pieces on screen are from before the newest entry, and what stands in the way. */
export function OldPlanNotice() {
  const reasons = useStale();
  if (reasons.length === 0) return null;
  return (
    <div
      role="alert"
      data-testid="old-plan"
      className="no-print border-b-2 border-dashed border-broken bg-broken-wash px-4 py-2 text-[13px]"
    >
      <p className="flex items-center gap-2 font-semibold text-broken">
        <History size={15} aria-hidden /> Old: these pieces do not follow the newest entry yet
      </p>
      <ul className="mt-0.5 list-disc pl-10">
        {reasons.slice(0, 4).map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
    </div>
  );
}
