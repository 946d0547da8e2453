import { useMemo } from 'react';
import {
  formatLength,
  oneMore,
  PLACES,
  rangeFit,
  rangeSize,
  type CloudBody,
  type FitPlace,
  type RangeFit,
  type RangeSize,
  type Tolerance,
  type Units,
  type WornBy,
} from '@upfell/core';
import { useSizePlan } from '../state/useSizePlan';

const PLACE_WORDS: Readonly<Record<FitPlace, string>> = { bust: 'bust', hip: 'hip', upperArm: 'upper arm' };

/** How many do not, and why. */
export function whyInWords({ worn }: RangeFit): string {
  const many = (...why: WornBy['why'][]) => worn.filter((one) => why.includes(one.why)).length;
  const parts = [
    [many('between sizes'), 'fall between two'],
    [many('smaller than the range'), 'are smaller than the range'],
    [many('larger than the range'), 'are larger'],
    [many('hip'), 'need another size at the hip'],
    [many('upperArm'), 'need another at the upper arm'],
    [many('bust'), 'need another at the bust'],
  ].filter(([count]) => (count as number) > 0);
  return parts.length === 0
    ? 'nobody is left out'
    : parts.map(([count, words]) => `${count} ${words}`).join(', ');
}

/** One body: its girths, the size nearest to it, and the ease over each place. */
export function BodyWords({
  body: { label, body },
  worn,
  range,
  units,
}: {
  body: CloudBody;
  worn: WornBy;
  range: readonly RangeSize[];
  units: Units;
}) {
  const size = range.find(({ id }) => id === worn.nearest)!.label;
  const eases = PLACES.flatMap((place) =>
    worn.ease[place] === undefined
      ? []
      : [
          `${PLACE_WORDS[place]} ${formatLength(body[place]!, units)} with ${formatLength(worn.ease[place], units, { sign: true, unit: true })}`,
        ],
  );
  return (
    <>
      <strong>{label}</strong>, {worn.size ? `wears ${size}` : `nearest ${size}: ${worn.why}`}:{' '}
      {eases.join(', ')}.
    </>
  );
}

/** How many wear each size, with their mean ease. */
export function SizesTable({
  fit,
  chosen,
  units,
  all,
}: {
  fit: RangeFit;
  chosen: string;
  units: Units;
  all: number;
}) {
  const most = Math.max(1, ...fit.sizes.map(({ many }) => many));
  return (
    <table className="text-[13px]" data-testid="whom-sizes">
      <thead className="text-soft">
        <tr>
          <th className="pr-4 text-left font-normal">size</th>
          <th className="text-right font-normal">bodies</th>
          <th className="w-36 pl-3" aria-label="share" />
          {PLACES.map((place) => (
            <th key={place} className="pl-4 text-right font-normal">
              mean ease, {PLACE_WORDS[place]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {fit.sizes.map(({ id, label, many, ease }) => (
          <tr key={id} className={id === chosen ? 'font-semibold' : ''}>
            <th className="pr-4 text-left font-normal">{label}</th>
            <td className="text-right">{many}</td>
            <td className="pl-3">
              <span
                className="block h-2 bg-agreed"
                style={{ width: `${(100 * many) / most}%` }}
                title={`${all > 0 ? Math.round((100 * many) / all) : 0} %`}
              />
            </td>
            {PLACES.map((place) => (
              <td key={place} className="pl-4 text-right">
                {ease[place] === undefined ? '–' : formatLength(ease[place], units, { sign: true })}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What one more size, or another ease, would change. */
export function Otherwise({
  range,
  cloud,
  fit,
  tolerance,
  units,
}: {
  range: readonly RangeSize[];
  cloud: readonly CloudBody[];
  fit: RangeFit;
  tolerance: Tolerance;
  units: Units;
}) {
  const planned = useSizePlan();
  const lines = useMemo(() => {
    const [smaller, larger] = [oneMore(range, 'smaller'), oneMore(range, 'larger')];
    const eased = (more: number) =>
      (planned?.plan.sizes ?? [])
        .filter(({ id }) => range.some((size) => size.id === id))
        .map((size) => ({ ...rangeSize(size, more), ease: range.find(({ id }) => id === size.id)!.ease }))
        .sort((a, b) => a.garment.bust! - b.garment.bust!);
    const cases: [string, readonly RangeSize[]][] = [
      ...(smaller ? [['one size smaller', [smaller, ...range]] as [string, RangeSize[]]] : []),
      ...(larger ? [['one size larger', [...range, larger]] as [string, RangeSize[]]] : []),
      [`${formatLength(4, units, { unit: true })} more ease at bust and hip`, eased(4)],
      [`${formatLength(4, units, { unit: true })} less`, eased(-4)],
    ];
    return cases.map(([words, other]) => ({ words, fits: rangeFit(other, cloud, tolerance).fits }));
  }, [range, cloud, tolerance, units, planned?.plan]);
  if (cloud.length === 0) return null;
  return (
    <table className="self-start text-[13px]" data-testid="whom-otherwise">
      <thead className="text-soft">
        <tr>
          <th className="pr-6 text-left font-normal">with</th>
          <th className="text-right font-normal">would wear a size</th>
          <th className="pl-4 text-right font-normal">change</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ words, fits }) => (
          <tr key={words}>
            <th className="pr-6 text-left font-normal">{words}</th>
            <td className="text-right">{fits}</td>
            <td className="pl-4 text-right font-semibold">
              {fits === fit.fits ? '0' : `${fits > fit.fits ? '+' : '−'}${Math.abs(fits - fit.fits)}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
