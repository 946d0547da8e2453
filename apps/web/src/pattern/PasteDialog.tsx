import { useMemo, useState } from 'react';
import { checkPasted } from '@upfell/core';
import { usePlan } from '../state/planner';
import { useTerms } from '../state/useTerms';
import { Modal } from '../ui/Modal';

const EXAMPLE = 'Row 5: 2 hdc in first st, hdc in each st to last, 2 hdc in last. (44, 48, 52)';

/** Rows in the usual notation, checked for every size of the design while they are typed. */
export function PasteDialog({ onClose }: { onClose: () => void }) {
  const sizes = usePlan(({ plan }) => plan?.sizes);
  const terms = useTerms();
  const [text, setText] = useState('');
  const [before, setBefore] = useState('');
  const labels = useMemo(() => sizes?.map(({ label }) => label) ?? [], [sizes]);
  const start = before.trim() === '' ? undefined : (before.match(/\d+/g)?.map(Number) ?? []);
  const wrongStart =
    start && start.length !== labels.length && start.length !== 1
      ? `${start.length} counts stand here; the design has ${labels.length} sizes.`
      : null;
  const check = useMemo(
    () =>
      text.trim() === ''
        ? null
        : checkPasted(text, labels, {
            terms,
            ...(start && !wrongStart
              ? { start: start.length === 1 ? labels.map(() => start[0]!) : start }
              : {}),
          }),
    // The figures, not the list that holds them.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [text, labels, terms, before, wrongStart],
  );
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title="Check rows"
      description="Paste or type rows in the usual notation, counts for all sizes at the end. Every size is worked through."
    >
      <label className="block">
        <span className="text-[13px] text-soft">Rows</span>
        <textarea
          className="mt-0.5 h-44 w-full rounded border border-line bg-sheet px-2 py-1 font-mono text-[13px]"
          placeholder={EXAMPLE}
          value={text}
          spellCheck={false}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <label className="mt-2 block">
        <span className="text-[13px] text-soft">
          Stitches before the first row, for each size ({labels.join(', ')}); left empty, the first row is
          taken as it stands
        </span>
        <input
          className={`mt-0.5 w-full rounded border bg-sheet px-2 py-1 ${wrongStart ? 'border-broken' : 'border-line'}`}
          value={before}
          aria-invalid={wrongStart !== null}
          onChange={(event) => setBefore(event.target.value)}
        />
        {wrongStart && (
          <span role="alert" className="text-[12.5px] text-broken">
            {wrongStart}
          </span>
        )}
      </label>
      {check && (
        <div className="mt-3" role="status" data-testid="paste-result">
          {check.problems.length === 0 ? (
            <p className="font-semibold text-agreed">
              {check.rows} {check.rows === 1 ? 'row' : 'rows'}, {labels.length} sizes: every count is right.
              On the hook: {check.counts.map((count) => count ?? '?').join(', ')}.
            </p>
          ) : (
            <ul className="space-y-1">
              {check.problems.map((problem, i) => (
                <li key={i} className="text-broken">
                  <strong>
                    {problem.row || `Line ${problem.line}`}
                    {problem.size ? `, size ${problem.size}` : ''}
                  </strong>{' '}
                  (line {problem.line}): {problem.message}.
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </Modal>
  );
}
