import { useState } from 'react';
import {
  formatLength,
  ladder,
  lengthOnTheHook,
  perCm,
  rowTypeAt,
  ruleInWords,
  testCount,
  unitsInWords,
  type CountRule,
} from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { useFabric } from '../state/useFabric';

/** Type a count: does it work flat and in the round, which counts near it do, and what do they measure. */
export function RuleTester() {
  const { fabric } = useFabric();
  const units = useUnits();
  const [text, setText] = useState('60');
  const plain = text.trim();
  const count = Number(plain);
  const fits = plain !== '' && Number.isInteger(count) && count > 0 && count <= 2000;
  const stitches = perCm(fabric.gauge, 'stitches');
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  return (
    <div className="max-w-2xl">
      <h2 className="mb-2 text-lg">Does a count work in {fabric.name}?</h2>
      <label className="flex items-center gap-2">
        Count
        <input
          className={`w-24 rounded border bg-sheet px-2 py-1 text-right ${fits ? 'border-line' : 'border-broken'}`}
          value={text}
          inputMode="numeric"
          aria-invalid={!fits}
          aria-describedby="rule-trouble"
          data-testid="rule-count"
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <p id="rule-trouble" role={fits ? undefined : 'alert'} className="min-h-5 text-[12.5px] text-broken">
        {fits ? '' : `“${text}” is no count; type a whole number from 1 to 2000.`}
      </p>
      {fits && (
        <>
          <table className="mt-1 w-full text-left" data-testid="rule-verdicts">
            <tbody>
              {(
                [
                  ['flat', 'Flat, stitches'],
                  ['round', 'In the round, stitches'],
                  ['rows', 'Rows'],
                ] as const
              ).map(([key, label]) => (
                <Verdict key={key} label={label} count={count} rule={fabric.rule[key]} />
              ))}
            </tbody>
          </table>
          <p className="mt-3 text-[13px] text-soft">
            {count} stitches are {length(count / stitches)} finished
            {fabric.unblocked && `, ${length(lengthOnTheHook(fabric, 'stitches', count))} on the hook`}
            {unitsInWords(count, fabric.unit) && `; ${unitsInWords(count, fabric.unit)}`}.{' '}
            {rowTypeAt(fabric, count) && `${count} rows end on a ${rowTypeAt(fabric, count)}.`}
          </p>
          <h3 className="mt-4 mb-1 font-sans font-semibold">Flat counts near it</h3>
          <ul className="flex flex-wrap gap-2">
            {ladder(count / stitches, stitches, fabric.rule.flat, 4).map((rung) => (
              <li key={rung.count} className="rounded border border-line px-2 py-0.5">
                <strong>{rung.count}</strong>{' '}
                <span className="text-[12.5px] text-soft">
                  {unitsInWords(rung.count, fabric.unit) ?? length(rung.cm)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function Verdict({ label, count, rule }: { label: string; count: number; rule: CountRule }) {
  const { works, below, above } = testCount(count, rule);
  return (
    <tr className="border-t border-line/60">
      <td className="py-1 pr-4">{label}</td>
      <td className={`pr-4 font-semibold ${works ? 'text-agreed' : 'text-broken'}`}>
        {works ? 'works' : 'does not work'}
      </td>
      <td className="text-soft">
        {ruleInWords(rule)}
        {!works && `; ${[below, above].filter((near) => near !== null).join(' or ')} works`}
      </td>
    </tr>
  );
}
