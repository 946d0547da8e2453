import { Plus, X } from 'lucide-react';
import type { Draft } from 'immer';
import {
  formatLength,
  GAUGE_OVER,
  GAUGE_OVER_IN_WORDS,
  meanGauge,
  perCm,
  spreadOf,
  spreadOver,
  type Fabric,
  type Gauge,
} from '@upfell/core';
import { useSizePlan, useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { LengthField, NumberField } from '../ui/fields';
import { useFabric } from '../state/useFabric';

const KEYS = { gauge: 'readings', unblocked: 'unblockedReadings' } as const;

/** The counts of a swatch, one reading or several with their mean and spread. */
export function Readings({ state }: { state: 'gauge' | 'unblocked' }) {
  const { fabric, path, of } = useFabric();
  const units = useUnits();
  const key = KEYS[state];
  const readings = fabric[key] ?? [fabric[state]!];
  const several = readings.length > 1;
  const put = (document: Parameters<typeof of>[0], next: readonly Draft<Gauge>[]) => {
    const target = of(document);
    target[state] = { ...meanGauge(next) };
    if (next.length > 1) target[key] = next.map((reading) => ({ ...reading }));
    else delete target[key];
    delete target.estimated;
  };
  const change = (at: number, figure: Partial<Gauge>) => (document: Parameters<typeof of>[0]) =>
    put(
      document,
      readings.map((reading, i) => (i === at ? { ...reading, ...figure } : { ...reading })),
    );
  const span = GAUGE_OVER[units];
  return (
    <>
      {readings.map((reading, i) => (
        <div key={i} className={several ? 'relative border-l-2 border-line pl-2' : ''}>
          {several && (
            <p className="flex items-center justify-between text-[12.5px] text-soft">
              Reading {i + 1}
              <button
                type="button"
                className="rounded p-0.5 hover:bg-tape"
                aria-label={`Leave out reading ${i + 1}`}
                onClick={() =>
                  edit(path, (document) =>
                    put(
                      document,
                      readings.filter((_, other) => other !== i).map((one) => ({ ...one })),
                    ),
                  )
                }
              >
                <X size={13} aria-hidden />
              </button>
            </p>
          )}
          {(['stitches', 'rows'] as const).map((axis) => (
            <div key={axis} className="grid grid-cols-2 gap-3">
              <NumberField
                stacked
                path={several ? `${path}.${key}[${i}].${axis}` : `${path}.${state}.${axis}`}
                label={axis === 'stitches' ? 'Stitches' : 'Rows'}
                value={reading[axis]}
                put={(document, count) => change(i, { [axis]: count })(document)}
              />
              <LengthField
                stacked
                path={several ? `${path}.${key}[${i}].${axis}Over` : `${path}.${state}.${axis}Over`}
                label="counted over"
                cm={reading[`${axis}Over`]}
                put={(document, cm) => change(i, { [`${axis}Over`]: cm! })(document)}
              />
            </div>
          ))}
        </div>
      ))}
      <p className="mt-1 text-[12.5px] text-soft">
        {several && 'mean of '}
        {several && readings.length}
        {several && ': '}
        {Number((perCm(fabric[state]!, 'stitches') * span).toFixed(2))} stitches and{' '}
        {Number((perCm(fabric[state]!, 'rows') * span).toFixed(2))} rows in {GAUGE_OVER_IN_WORDS[units]}
      </p>
      {several && <SpreadWords fabric={fabric} readings={readings} />}
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() =>
          edit(path, (document) =>
            put(
              document,
              [...readings, readings.at(-1)!].map((one) => ({ ...one })),
            ),
          )
        }
      >
        <Plus size={13} aria-hidden /> Another reading
      </Button>
    </>
  );
}

/** What the spread of the readings means over the widest piece in this fabric. */
function SpreadWords({ fabric, readings }: { fabric: Fabric; readings: readonly Gauge[] }) {
  const units = useUnits();
  const planned = useSizePlan();
  const widest = Math.max(
    ...(planned?.plan.sizes.flatMap(({ quantities }) =>
      quantities
        .filter((quantity) => quantity.fabric === fabric.id && quantity.axis === 'stitches')
        .map(({ actual }) => actual),
    ) ?? []),
    10,
  );
  const spread = spreadOf(readings, 'stitches');
  const { under, over } = spreadOver(spread, widest);
  const perSpan = (value: number) => (value * GAUGE_OVER[units]).toFixed(1);
  return (
    <p className="text-[12.5px] text-eased" data-testid="spread">
      {perSpan(spread.low)} to {perSpan(spread.high)} stitches in {GAUGE_OVER_IN_WORDS[units]}: over the
      widest piece ({formatLength(widest, units, { unit: true })}) that is {formatLength(under, units)}{' '}
      narrower to {formatLength(over, units, { unit: true })} wider.
    </p>
  );
}
