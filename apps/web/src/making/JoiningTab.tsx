import { standingOf, type StepState } from '@upfell/core';
import { done, useMaking } from './making';

/** Joining and finishing, step by step: pinned, done; in the same log as the rows. */
export function JoiningTab() {
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const steps = standingOf(entries, 'step');
  const entryOf = (step: string, state: StepState) =>
    steps.findLast((entry) => entry.step === step && entry.state === state);
  const toggle = (step: string, state: StepState) => {
    const known = steps.filter((entry) => entry.step === step && entry.state === state);
    void done(
      ...(known.length > 0
        ? known.map(({ id }) => ({ kind: 'undo' as const, of: id }))
        : [{ kind: 'step' as const, step, state }]),
    );
  };
  const finished = view.steps.filter(({ id }) => entryOf(id, 'done')).length;
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-4">
      <h2 className="text-xl">Joining and finishing</h2>
      <p className="text-soft">
        {finished} of {view.steps.length} steps done.
      </p>
      <ol className="mt-2 divide-y divide-line border-y border-line">
        {view.steps.map(({ id, title, says, lines }, i) => (
          <li key={id} className="py-3" data-step={id}>
            <div className="flex items-start justify-between gap-3">
              <h3 className={`text-[16px] ${entryOf(id, 'done') ? 'text-soft line-through' : ''}`}>
                {i + 1}. {title}
              </h3>
              <span className="flex shrink-0 gap-3 text-[14px]">
                {lines.length > 0 && (
                  <label className="flex min-h-[32px] items-center gap-1.5">
                    <input
                      type="checkbox"
                      className="size-5"
                      checked={entryOf(id, 'pinned') !== undefined}
                      onChange={() => toggle(id, 'pinned')}
                    />
                    pinned
                  </label>
                )}
                <label className="flex min-h-[32px] items-center gap-1.5">
                  <input
                    type="checkbox"
                    className="size-5"
                    checked={entryOf(id, 'done') !== undefined}
                    aria-label={`${title}: done`}
                    onChange={() => toggle(id, 'done')}
                  />
                  done
                </label>
              </span>
            </div>
            <p className="mt-1">{says}</p>
            {lines.map((line) => (
              <p key={line} className="mt-1 text-[13.5px] text-soft">
                {line}
              </p>
            ))}
          </li>
        ))}
      </ol>
    </div>
  );
}
