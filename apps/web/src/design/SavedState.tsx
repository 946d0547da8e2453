import { CircleAlert, CloudOff, LoaderCircle, Check, PencilLine } from 'lucide-react';
import { format, isToday } from 'date-fns';
import { Button } from '../ui/Button';
import { saveNow, useSaving } from '../state/saving';

function clock(iso: string): string {
  const at = new Date(iso);
  return format(at, isToday(at) ? 'HH:mm' : 'd MMM, HH:mm');
}

/** Whether the newest edit is safe, in words. */
export function SavedState() {
  const state = useSaving((saving) => saving.state);
  const look = 'whitespace-nowrap inline-flex items-center gap-1.5 text-[13px]';
  return (
    <div role="status" data-testid="saved" data-kind={state.kind} className="min-w-0">
      {state.kind === 'saved' && (
        <span className={`${look} text-soft`}>
          <Check size={14} className="text-agreed" aria-hidden /> Saved {clock(state.at)}
        </span>
      )}
      {(state.kind === 'waiting' || state.kind === 'saving' || state.kind === 'opening') && (
        <span className={`${look} text-soft`}>
          {state.kind === 'waiting' ? (
            <PencilLine size={14} aria-hidden />
          ) : (
            <LoaderCircle size={14} aria-hidden className="animate-spin" />
          )}
          {state.kind === 'waiting' ? 'Edited' : state.kind === 'saving' ? 'Saving …' : 'Opening …'}
        </span>
      )}
      {state.kind === 'away' && (
        <span className={`${look} text-eased`}>
          <CloudOff size={14} aria-hidden />
          {state.kept
            ? 'Server away; kept in this browser'
            : 'Server away, and this browser has no room; keep this tab open'}
          <Button look="quiet" className="underline" onClick={saveNow}>
            Try now
          </Button>
        </span>
      )}
      {state.kind === 'conflict' && (
        <span className={`${look} font-semibold text-broken`}>
          <CircleAlert size={14} aria-hidden /> Changed in two places
        </span>
      )}
      {(state.kind === 'refused' || state.kind === 'failed') && (
        <span className={`${look} text-broken`} title={state.message}>
          <CircleAlert size={14} aria-hidden /> Not saved: {state.message}
        </span>
      )}
    </div>
  );
}
