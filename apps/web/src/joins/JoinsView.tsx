import { formatLength } from '@upfell/core';
import { useSizePlan, useUnits, useOld } from '../design/useSizePlan';
import { select, useView } from '../state/view';
import { JOIN_LOOK, joinState } from './say';

const KINDS: Record<string, string> = {
  'stitch-to-stitch': 'stitch to stitch',
  'row-to-row': 'row to row',
  'stitch-to-row': 'by length',
  'pick-up': 'picked up',
  live: 'live stitches',
};

/** Every join of the chosen size with both its sides, in the order in which they are sewn. */
export function JoinsView() {
  const planned = useSizePlan();
  const units = useUnits();
  const old = useOld();
  const selection = useView((view) => view.selection);
  if (!planned) return <p className="p-8 text-soft">Checking the joins …</p>;
  const length = (cm: number) => formatLength(cm, units);
  return (
    <div className={`min-h-0 grow overflow-y-auto p-6 ${old ? 'opacity-55' : ''}`}>
      <h2 className="mb-3 text-lg">Joins of size {planned.size.label}</h2>
      <table className="w-full text-left">
        <thead className="border-b border-line text-[13px] text-soft">
          <tr>
            <th className="py-1 font-normal">Join</th>
            <th className="font-normal">How</th>
            <th className="text-right font-normal">One side</th>
            <th className="text-right font-normal">Other side</th>
            <th className="pl-6 font-normal">State</th>
          </tr>
        </thead>
        <tbody>
          {planned.size.joins.map((join) => {
            const state = joinState(join);
            const chosen = selection?.kind === 'join' && selection.id === join.id;
            return (
              <tr key={join.id} className={`border-b border-line/60 ${chosen ? 'bg-tape' : ''}`}>
                <td className="py-1.5">
                  <button
                    type="button"
                    className="text-left underline decoration-line underline-offset-4 hover:decoration-ink"
                    onClick={() => select({ kind: 'join', id: join.id })}
                  >
                    {join.label}
                  </button>
                </td>
                <td className="text-[13px] text-soft">{KINDS[join.kind]}</td>
                <td className="text-right">
                  <strong>{join.aCount}</strong>{' '}
                  <span className="text-[13px] text-soft">{length(join.aLength)}</span>
                </td>
                <td className="text-right">
                  <strong>{join.bCount}</strong>{' '}
                  <span className="text-[13px] text-soft">{length(join.bLength)}</span>
                </td>
                <td className={`pl-6 font-semibold ${JOIN_LOOK[state].text}`}>
                  {JOIN_LOOK[state].word}
                  {state === 'eased' && ` ${formatLength(Math.abs(join.eased), units, { unit: true })}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
