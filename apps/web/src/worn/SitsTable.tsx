import { formatLength, inWords, landmarksOf, measurement, sitsOf, wornOf } from '@upfell/core';
import { useMemo } from 'react';
import { useSizePlan, useUnits } from '../state/useSizePlan';
import { useOther } from './useBeside';

/** How the garment sits: body, garment and the air between at each level, and where its seams and edges come to lie. */
export function SitsTable({ printed = false }: { printed?: boolean }) {
  const units = useUnits();
  const size = useSizePlan()?.size;
  const other = useOther();
  const worn = useMemo(() => (size ? wornOf(size) : null), [size]);
  if (!size || !worn) return null;
  const beside = new Map(other ? sitsOf(other).map((sits) => [sits.id, sits]) : []);
  return (
    <section
      aria-label={`How it sits, size ${size.label}`}
      data-testid={printed ? 'sits-printed' : 'sits'}
      className="mt-3"
    >
      <table className="w-full text-[13px]">
        <thead>
          <tr className="text-right text-soft">
            <th className="text-left font-sans font-semibold text-ink">How it sits</th>
            <th className="font-normal">body</th>
            <th className="font-normal">garment</th>
            <th className="font-normal">air, {units}</th>
            {other && <th className="font-normal text-eased">dashed</th>}
          </tr>
        </thead>
        <tbody>
          {sitsOf(size).map(({ id, round, garment }) => {
            const air = garment === null ? null : garment - round;
            const dashed = beside.get(id)?.garment ?? null;
            return (
              <tr key={id} className="text-right">
                <th className="text-left font-normal">
                  {measurement(id).label.replace(/ or .*| (?:all )?round$/, '')}
                </th>
                <td>{formatLength(round, units)}</td>
                <td>{garment === null ? '–' : formatLength(garment, units)}</td>
                <td
                  className={`font-semibold ${air === null ? '' : air < 0 ? 'text-broken' : 'text-agreed'}`}
                >
                  {air === null ? '' : formatLength(air, units, { sign: true })}
                </td>
                {other && (
                  <td className="text-eased">{dashed === null ? '–' : formatLength(dashed, units)}</td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      <div className="mt-2 space-y-1 text-[13px] leading-snug">
        {landmarksOf(size, worn).map((phrase, i) => (
          <p key={i}>{inWords(phrase, units)}</p>
        ))}
      </div>
    </section>
  );
}
