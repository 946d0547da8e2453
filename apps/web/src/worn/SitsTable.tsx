import { formatLength, inWords, landmarksOf, measurement, sitsOf, type Worn } from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import type { ScreenSize } from '../worker/screen';

interface Props {
  size: ScreenSize;
  worn: Worn;
  /** The size that is laid over it. */
  other: ScreenSize | null;
  wide: boolean;
  width: number;
}

/** How the garment sits: body, garment and the air between at each level, and where its seams and edges come to lie. */
export function SitsTable({ size, worn, other, wide, width }: Props) {
  const units = useUnits();
  const beside = new Map(other ? sitsOf(other).map((sits) => [sits.id, sits]) : []);
  return (
    <section
      aria-label={`How it sits, size ${size.label}`}
      className={`overflow-y-auto p-4 pt-1 ${wide ? 'shrink-0' : 'max-h-[180px] shrink-0 border-t border-line'}`}
      style={wide ? { width } : undefined}
      data-testid="sits"
      tabIndex={0}
    >
      <h3 className="mb-1 text-[15px]">How it sits, {size.label}</h3>
      <div className={wide ? '' : 'grid grid-cols-2 gap-6'}>
        <table className="w-full text-[13px]">
          <thead>
            <tr className="text-right text-[12px] text-soft">
              <th className="font-normal">
                <span className="sr-only">Level</span>
              </th>
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
                  <th className="text-left font-normal">{measurement(id).label.split(' or ')[0]}</th>
                  <td>{formatLength(round, units)}</td>
                  <td>{garment === null ? '–' : formatLength(garment, units)}</td>
                  <td
                    className={`font-semibold ${air === null ? '' : air < 0 ? 'text-broken' : 'text-agreed'}`}
                  >
                    {air === null ? '' : formatLength(air, units, { sign: true })}
                  </td>
                  {other && <td className="text-eased">{dashed === null ? '–' : formatLength(dashed, units)}</td>}
                </tr>
              );
            })}
          </tbody>
        </table>
        <div className={`space-y-1 text-[13px] leading-snug ${wide ? 'mt-3' : ''}`}>
          {landmarksOf(size, worn).map((phrase, i) => (
            <p key={i}>{inWords(phrase, units)}</p>
          ))}
          <p className="text-[12.5px] text-soft">
            The cloth hangs straight here, from shoulder and underarm down; heavy fabric hangs closer. Drag hem,
            sleeve, neck or side, or use the arrow keys on them.
          </p>
        </div>
      </div>
    </section>
  );
}
