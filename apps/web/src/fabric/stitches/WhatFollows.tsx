import { formatLength, perCm, ruleInWords, type CountRule, type Fabric } from '@upfell/core';
import { useUnits } from '../../state/useSizePlan';
import type { StitchesShown } from '../../worker/stitches';

/** "6 k + 2": a count for k repeats. */
function linear({ multiple, plus }: CountRule): string {
  const k = multiple === 0 ? '' : multiple === 1 ? 'k' : `${multiple} k`;
  if (plus === 0) return k || '0';
  return k === '' ? String(plus) : `${k} ${plus < 0 ? '−' : '+'} ${Math.abs(plus)}`;
}

/** What follows from the rows of a stitch pattern, and of what it was worked out. */
export function WhatFollows({
  found,
  fabric,
}: {
  found: NonNullable<StitchesShown['found']>;
  fabric: Fabric;
}) {
  const units = useUnits();
  const { base, chains, repeat, rows, round, unit } = found;
  const wide = base.multiple / perCm(fabric.gauge, 'stitches');
  const high = repeat.rows / perCm(fabric.gauge, 'rows');
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  const last = repeat.first + repeat.rows - 1;
  const facts: readonly (readonly [label: string, value: string])[] = [
    ['flat', base.multiple === 1 && base.plus === 0 ? 'any number' : ruleInWords(base)],
    ['foundation', found.work === 'round' ? linear(chains) : `${linear(chains)} chains`],
    [
      'in the round',
      round.rounds
        ? round.base.multiple === 1
          ? 'any number'
          : ruleInWords(round.base)
        : 'not as it stands',
    ],
    [
      'rows repeat',
      repeat.rows === 1
        ? String(repeat.first)
        : `${repeat.first} ${repeat.rows === 2 ? 'and' : 'to'} ${last}`,
    ],
    ['one repeat', `${length(wide)} × ${length(high)}`],
    ['counted in', unit?.name ?? 'stitches'],
  ];
  return (
    <div>
      <h3 className="mb-1 font-semibold">What follows</h3>
      <dl className="text-[13.5px]" data-testid="what-follows">
        {facts.map(([label, value]) => (
          <div key={label} className="flex justify-between gap-4 border-t border-line/60 py-0.5">
            <dt className="text-soft">{label}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {round.because && <p className="mt-1 text-[12.5px] text-soft">{round.because}</p>}
      <table className="mt-2 w-full text-[12.5px]">
        <caption className="text-left text-soft">Stitches for k repeats</caption>
        <tbody>
          {rows.map(({ n, side, stitches }, i) => (
            <tr key={i} className="border-t border-line/60">
              <th scope="row" className="py-0.5 text-left font-normal">
                {n === null ? 'Set-up row' : `Row ${n}`} <span className="text-soft">{side}</span>
              </th>
              <td className="text-right tabular-nums">{linear(stitches)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[12.5px] text-agreed">
        Worked for 1 to 20 repeats, flat{round.rounds ? ' and round' : ''}.
      </p>
    </div>
  );
}
