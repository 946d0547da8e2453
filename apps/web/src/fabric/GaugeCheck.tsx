import { useState } from 'react';
import {
  formatLength,
  GAUGE_OVER,
  GAUGE_OVER_IN_WORDS,
  gaugeEffects,
  parseLength,
  perCm,
  withMeasuredGauge,
  type Gauge,
  type Units,
} from '@upfell/core';
import type { Draft } from 'immer';
import { useSizePlan, useUnits } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { typedNumber } from '../ui/numbers';
import { propose } from '../state/proposal';
import { SwatchFigure } from './SwatchFigure';
import { useFabric } from '../state/useFabric';

const FIELDS = [
  ['stitches', 'Stitches'],
  ['stitchesOver', 'over'],
  ['rows', 'Rows'],
  ['rowsOver', 'over'],
] as const;

/** Measure the work after 15 to 25 cm of it: what its gauge does to every finished length, and how to go on. */
export function GaugeCheck() {
  const { fabric, index, path } = useFabric();
  const planned = useSizePlan();
  const units = useUnits();
  const onTheHook = fabric.unblocked ?? fabric.gauge;
  const [texts, setTexts] = useState<Record<keyof Gauge, string>>(() => ({
    stitches: '',
    stitchesOver: usualOver(units),
    rows: '',
    rowsOver: usualOver(units),
  }));
  const read = readGauge(texts, units);
  const size = planned?.size;
  const lengths = size?.quantities.filter((quantity) => quantity.fabric === fabric.id) ?? [];
  const effect = read.ok ? gaugeEffects(fabric, read.gauge, lengths) : null;
  const length = (cm: number, sign = false) => formatLength(cm, units, { sign, unit: true });
  const empty = texts.stitches === '' && texts.rows === '';
  const problem = (key: keyof Gauge) =>
    !read.ok && !empty && read.key === key && texts[key].trim() !== '' ? read.message : null;
  return (
    <div className="max-w-3xl">
      <h2 className="mb-1 text-lg">Gauge of the work in hand, {fabric.name}</h2>
      <p className="mb-3 text-soft">
        After {units === 'cm' ? '15 to 25 cm' : '6 to 10 in'} of the piece, lay it flat and count again.
        Planned on the hook: {(perCm(onTheHook, 'stitches') * GAUGE_OVER[units]).toFixed(1)} stitches and{' '}
        {(perCm(onTheHook, 'rows') * GAUGE_OVER[units]).toFixed(1)} rows in {GAUGE_OVER_IN_WORDS[units]}
        {fabric.unblocked ? '' : ' (no gauge before washing is known, so the blocked one is meant)'}.
      </p>
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <div className="grid grid-cols-2 content-start gap-x-3 gap-y-2">
          {FIELDS.map(([key, label]) => (
            <label key={key} className="grid w-32 content-start gap-0.5 text-[13px] text-soft">
              {key.endsWith('Over') ? `counted over, ${units}` : label}
              <input
                className="w-full rounded border border-line bg-sheet px-2 py-1 text-right text-ink aria-invalid:border-broken"
                inputMode="decimal"
                data-instrument={key.endsWith('Over') ? 'tape' : undefined}
                value={texts[key]}
                aria-invalid={problem(key) !== null}
                aria-describedby={problem(key) ? 'gauge-trouble' : undefined}
                onFocus={(event) => event.target.select()}
                onChange={(event) => setTexts({ ...texts, [key]: event.target.value })}
              />
            </label>
          ))}
        </div>
        <SwatchFigure planned={onTheHook} found={read.ok ? read.gauge : null} units={units} />
      </div>
      {!read.ok && !empty && (
        <p id="gauge-trouble" role="alert" className="mt-1 text-[12.5px] text-broken">
          {read.message}
        </p>
      )}
      {effect && size && (
        <div data-testid="gauge-effect">
          <p className={`mt-3 font-semibold ${effect.fine ? 'text-agreed' : 'text-eased'}`}>
            {effect.fine
              ? 'Within 2 %: go on as you are.'
              : `The work comes out ${inPercent(effect.ratio.stitches, 'wide', 'wider', 'narrower')} and ${inPercent(effect.ratio.rows, 'long', 'longer', 'shorter')}. ${advice(effect.ratio.stitches)}`}
          </p>
          <table className="mt-2 w-full text-[13px]">
            <thead className="text-soft">
              <tr>
                <th className="text-left font-normal">Size {size.label}</th>
                <th className="text-right font-normal">count</th>
                <th className="text-right font-normal">planned</th>
                <th className="text-right font-normal">will be</th>
                <th className="text-right font-normal">off by</th>
              </tr>
            </thead>
            <tbody>
              {effect.effects.map(({ id, label, count, planned: cm, now }) => (
                <tr key={id} className="border-t border-line/60">
                  <td>{label}</td>
                  <td className="text-right">{count}</td>
                  <td className="text-right text-soft">{length(cm)}</td>
                  <td className="text-right font-semibold">{length(now)}</td>
                  <td className="text-right">{length(now - cm, true)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {!effect.fine && read.ok && (
            <Button
              className="mt-3"
              onClick={() =>
                void propose('Plan with the gauge of the work?', path, (document) => {
                  document.fabrics[index] = withMeasuredGauge(fabric, read.gauge) as Draft<typeof fabric>;
                })
              }
            >
              See the counts with this gauge
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

/** What a gauge is usually counted over, as it is typed. */
const usualOver = (units: Units) => (units === 'cm' ? '10' : '4');

function readGauge(
  texts: Record<keyof Gauge, string>,
  units: 'cm' | 'in',
): { ok: true; gauge: Gauge } | { ok: false; key: keyof Gauge; message: string } {
  const gauge: Partial<Gauge> = {};
  for (const [key] of FIELDS) {
    const text = texts[key].trim();
    if (key.endsWith('Over')) {
      const parsed = parseLength(text, units);
      if (!parsed.ok) return { ok: false, key, message: parsed.message };
      if (parsed.cm < 1 || parsed.cm > 200)
        return {
          ok: false,
          key,
          message: `The length counted over is ${formatLength(1, units)} to ${formatLength(200, units, { unit: true })}.`,
        };
      gauge[key] = parsed.cm;
    } else {
      const count = typedNumber(text);
      if (count === null || count < 0.5 || count > 500)
        return {
          ok: false,
          key,
          message:
            text === ''
              ? `${key === 'rows' ? 'Rows' : 'Stitches'} are missing: how many did you count?`
              : `“${text}” is no count; type a number from 0.5 to 500.`,
        };
      gauge[key] = count;
    }
  }
  return { ok: true, gauge: gauge as Gauge };
}

/** "9 % wider", "6 % shorter", "as long as planned". */
function inPercent(ratio: number, as: string, more: string, less: string): string {
  const share = (ratio - 1) * 100;
  return Math.abs(share) < 0.5
    ? `as ${as} as planned`
    : `${Math.abs(share).toFixed(0)} % ${share > 0 ? more : less}`;
}

/** What to do about a work that is too wide or too narrow (common practice). */
function advice(ratio: number): string {
  if (ratio > 1.02) return 'A smaller hook would bring it back.';
  if (ratio < 0.98) return 'A larger hook would bring it back.';
  return 'The width is right; more or fewer rows would do.';
}
