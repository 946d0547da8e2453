import { formatLength, type Join } from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { JOIN_LOOK, joinState } from '../joins/say';
import { SeamFields } from '../joins/SeamFields';
import { useEdging, useSeams } from '../state/useSeams';
import type { ScreenSize } from '../worker/screen';

/** One join: both sides with their edges, how they meet, and what is eased in. */
export function JoinDetail({ join, size }: { join: Join; size: ScreenSize }) {
  const units = useUnits();
  const seam = useSeams(size).get(join.id);
  const edging = useEdging(size, join.id);
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  const state = joinState(join);
  const edges = new Map(size.pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
  const difference = join.aLength - join.bLength;
  const together = (one: Join) => one.both ?? one.label;
  const alike = size.joins.filter((one) => together(one) === together(join)).map(({ id }) => id);
  return (
    <>
      <h2 className="pr-8 text-[17px]">{join.label}</h2>
      <p className="font-display text-[30px] leading-tight font-semibold">
        {join.aCount} {join.ok && join.aCount === join.bCount ? '=' : ':'} {join.bCount}
      </p>
      <p className={`font-semibold ${JOIN_LOOK[state].text}`}>
        {state === 'agreed' && 'Both sides agree'}
        {state === 'eased' && `Agree, with ${length(Math.abs(join.eased))} eased in`}
        {state === 'broken' &&
          `Do not agree: ${length(Math.abs(difference))} apart, more than a seam can ease in`}
      </p>
      {[join.a, join.b].map((side, i) => (
        <div key={i} className="mt-4">
          <h3 className="font-sans text-[13px] font-semibold">{i === 0 ? 'One side' : 'The other side'}</h3>
          <ul>
            {side.map(({ edge, count }) => {
              const found = edges.get(edge);
              return (
                <li key={edge} className="flex justify-between gap-3">
                  <span>{found?.label ?? edge}</span>
                  <span className="whitespace-nowrap">
                    <strong>{count}</strong> {found?.axis}{' '}
                    <span className="text-soft">{found && length(found.length)}</span>
                  </span>
                </li>
              );
            })}
          </ul>
        </div>
      ))}
      {join.gather < 1 && (
        <p className="mt-3 text-[13px] text-soft">
          The band is drawn in to {Math.round(join.gather * 100)} % of the edge and stretched to it when sewn.
        </p>
      )}
      {join.meet && (
        <p className="mt-3">
          <span className="text-soft">They meet </span>
          {join.meet}.
        </p>
      )}
      {join.kind === 'row-to-row' && (
        <p className="mt-3 text-soft">
          Row 1 meets row 1; stepping one row out of line would skew the whole seam.
        </p>
      )}
      {seam && <SeamFields join={join} alike={alike} seam={seam} edging={edging} />}
    </>
  );
}
