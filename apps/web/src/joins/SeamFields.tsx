import {
  pointInWords,
  SEAM_METHODS,
  shareInWords,
  type EdgingCheck,
  type Join,
  type Seam,
  type SeamMethod,
} from '@upfell/core';
import { formatLength } from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';

const VERDICTS: Record<EdgingCheck['verdict'], { word: string; look: string }> = {
  fine: { word: 'lies flat', look: 'text-agreed' },
  ruffles: { word: 'ruffles: it is longer than its edge', look: 'text-broken' },
  pulls: { word: 'pulls: it is shorter than its edge', look: 'text-broken' },
};

/** How a seam is made: its method, markers on both sides, how the counts meet between them, and what is eased in where. */
export function SeamFields({
  join,
  alike,
  seam,
  edging,
}: {
  join: Join;
  /** The ids of the join and of the like of it on the other side. */
  alike: readonly string[];
  seam: Seam;
  edging: EdgingCheck | null;
}) {
  const units = useUnits();
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  return (
    <section className="mt-4 border-t border-line pt-3" data-testid="seam">
      <label className="grid grid-cols-[1fr_auto] items-center gap-x-3">
        Made by
        <select
          className="rounded border border-line bg-sheet px-1.5 py-0.5"
          value={seam.method}
          disabled={seam.methods.length === 1}
          data-path={`finishing.methods.${join.id}`}
          onChange={(event) =>
            edit(`finishing.methods.${join.id}`, (document) => {
              const finishing = (document.finishing ??= {});
              // Of two that are alike both are made the same way: the pattern tells them together.
              for (const id of alike) (finishing.methods ??= {})[id] = event.target.value as SeamMethod;
            })
          }
        >
          {SEAM_METHODS.filter((method) => seam.methods.includes(method)).map((method) => (
            <option key={method}>{method}</option>
          ))}
        </select>
      </label>
      <p className="text-[13px] text-soft">{seam.facing[0]!.toUpperCase() + seam.facing.slice(1)}.</p>
      {seam.marks.length > 0 && (
        <>
          <h3 className="mt-3 font-sans text-[13px] font-semibold">Markers</h3>
          <table className="w-full text-[12.5px]">
            <tbody>
              {seam.marks.map((mark) => (
                <tr key={mark.share} className="border-t border-line/60 align-top">
                  <td className="py-0.5 pr-2 whitespace-nowrap">{mark.name}</td>
                  <td className="pr-2">{pointInWords(mark.a)}</td>
                  <td>{pointInWords(mark.b)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-[12.5px] text-soft">
            Between them {seam.stretches.map(({ a, b }) => `${a} to ${b}`).join(', ')}.
          </p>
        </>
      )}
      {seam.eased && (
        <p className="mt-2 text-[13px]">
          <strong className="text-eased">Ease in {length(seam.eased.by)}</strong> of the{' '}
          {seam.eased.longer === 'a' ? 'first' : 'other'} side: {seam.eased.where}.
        </p>
      )}
      {seam.shares.length > 0 && (
        <>
          <h3 className="mt-3 font-sans text-[13px] font-semibold">
            {join.kind === 'pick-up' ? 'Picked up' : 'Shared along the edge'}
          </h3>
          <ul className="text-[12.5px]">
            {seam.shares.map((share) => (
              <li key={share.edge}>
                {share.label}: <strong>{share.many}</strong> along {share.count} ({shareInWords(share)})
              </li>
            ))}
          </ul>
        </>
      )}
      {edging && (
        <p className="mt-2 text-[13px]">
          {join.ratio && `Picked up by ratio, ${join.ratio.each} for each row end. `}
          By its own gauge it{' '}
          <strong className={VERDICTS[edging.verdict].look}>{VERDICTS[edging.verdict].word}</strong>:{' '}
          {length(edging.length)} along {length(edging.edge)}
          {join.gather < 1 ? `, drawn in to ${Math.round(join.gather * 100)} % as wanted` : ''}.
          {edging.byRule &&
            !join.ratio &&
            ` The rule of thumb by row type would pick up ${edging.byRule.count}: that ${VERDICTS[edging.byRule.verdict].word.split(':')[0]}.`}
          {edging.innerCorners > 0 &&
            ` At its ${edging.innerCorners} inner corners work 2 together in every round.`}
        </p>
      )}
    </section>
  );
}
