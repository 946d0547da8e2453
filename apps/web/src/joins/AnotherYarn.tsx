import { useState } from 'react';
import { anotherYarn, gaugeEffects, formatLength, type Fabric, type Gauge } from '@upfell/core';
import type { Draft } from 'immer';
import { propose } from '../state/proposal';
import { useUnits } from '../state/useSizePlan';
import { useDesign } from '../state/designStore';
import { Button } from '../ui/Button';
import { typedNumber, wholeNumber } from '../ui/numbers';
import type { ScreenSize } from '../worker/screen';

const FIELDS = [
  ['metres', 'Metres in a ball', 10, 5000],
  ['price', 'Price of a ball', 0, 10000],
  ['stitches', 'Stitches in 10 cm', 1, 100],
  ['rows', 'Rows in 10 cm', 1, 200],
] as const;
type Key = (typeof FIELDS)[number][0];

/** Another yarn in the place of a fabric's own, by its label: metres, balls and cost of every size, and what its gauge would do. */
export function AnotherYarn({
  fabric,
  sizes,
  chosen,
}: {
  fabric: Fabric;
  sizes: readonly ScreenSize[];
  chosen: string;
}) {
  const units = useUnits();
  const [texts, setTexts] = useState<Record<Key, string>>({ metres: '', price: '', stitches: '', rows: '' });
  const read = readLabel(texts);
  const size = sizes.find(({ id }) => id === chosen);
  const lengths =
    size?.quantities.filter((quantity) => quantity.fabric === fabric.id && !quantity.unit) ?? [];
  const effects = read.gauge
    ? gaugeEffects({ ...fabric, unblocked: fabric.gauge }, read.gauge, lengths)
    : null;
  const widest = effects?.effects
    .filter((_, i) => lengths[i]!.axis === 'stitches')
    .sort((a, b) => b.planned - a.planned)[0];
  const tallest = effects?.effects
    .filter((_, i) => lengths[i]!.axis === 'rows')
    .sort((a, b) => b.planned - a.planned)[0];
  return (
    <details className="mt-2 text-[13px]">
      <summary className="font-semibold">Another yarn in its place</summary>
      <div className="mt-2 rounded border border-line p-3">
        <div className="flex flex-wrap gap-3">
          {FIELDS.map(([key, label]) => (
            <label key={key} className="grid gap-0.5 text-soft">
              {label}
              <input
                className="w-28 rounded border border-line bg-sheet px-2 py-0.5 text-right text-ink aria-invalid:border-broken"
                inputMode="decimal"
                value={texts[key]}
                aria-invalid={read.troubles[key] !== undefined}
                aria-describedby={read.troubles[key] ? `${fabric.id}-${key}-trouble` : undefined}
                onChange={({ target }) => setTexts({ ...texts, [key]: target.value })}
              />
              {read.troubles[key] && (
                <span
                  id={`${fabric.id}-${key}-trouble`}
                  role="alert"
                  className="max-w-40 text-[12.5px] text-broken"
                >
                  {read.troubles[key]}
                </span>
              )}
            </label>
          ))}
        </div>
        {read.metres === undefined ? (
          <p className="mt-2 text-soft">The label’s metres are enough; price and gauge may be left out.</p>
        ) : (
          <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label="Another yarn by size">
            <table data-testid={`another-${fabric.id}`}>
              <thead className="text-soft">
                <tr>
                  <th className="pr-6 text-left font-normal">size</th>
                  {sizes.map(({ id, label }) => (
                    <th
                      key={id}
                      className={`px-2 text-right font-normal ${id === chosen ? 'bg-agreed-wash' : ''}`}
                    >
                      {label}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {(['metres', 'balls', ...(read.price === undefined ? [] : ['cost'])] as const).map((line) => (
                  <tr key={line}>
                    <th className="pr-6 text-left font-normal">{line}</th>
                    {sizes.map(({ id, yarn }) => {
                      const need = yarn.find((one) => one.fabric === fabric.id);
                      const found =
                        need && anotherYarn(fabric, need.metres, { ...read, metres: read.metres! });
                      const value = found?.[line as keyof typeof found];
                      return (
                        <td
                          key={id}
                          className={`px-2 text-right ${id === chosen ? 'bg-agreed-wash font-semibold' : ''}`}
                        >
                          {typeof value === 'number'
                            ? line === 'cost'
                              ? value.toFixed(2)
                              : wholeNumber(value)
                            : '–'}
                        </td>
                      );
                    })}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        {effects && read.gauge && (
          <div className="mt-2">
            <p className={effects.fine ? 'text-agreed' : 'text-eased'}>
              {effects.fine
                ? 'Its gauge is the planned one within 2 %: the counts would do.'
                : [widest, tallest]
                    .flatMap((one) =>
                      one
                        ? [
                            `${one.label} with the same ${wholeNumber(one.count)} ${one === widest ? 'stitches' : 'rows'} would be ${formatLength(one.now, units, { unit: true })} instead of ${formatLength(one.planned, units, { unit: true })}`,
                          ]
                        : [],
                    )
                    .join('; ') + '.'}
            </p>
            {!effects.fine && (
              <Button className="mt-2" onClick={() => planWith(fabric, read.gauge!)}>
                See the counts with this gauge
              </Button>
            )}
            <p className="mt-1 text-soft">
              A label’s gauge is of its maker’s stitch, not of yours: swatch before you buy for all of it.
            </p>
          </div>
        )}
      </div>
    </details>
  );
}

/** Shows what the design would come to in another gauge; the yarn is then to be swatched. */
function planWith(fabric: Fabric, gauge: Gauge): void {
  const at = useDesign.getState().document!.fabrics.findIndex(({ id }) => id === fabric.id);
  void propose(`Plan “${fabric.name}” with this gauge?`, `fabrics[${at}]`, (document) => {
    const { readings: _, unblocked: __, unblockedReadings: ___, ...rest } = fabric;
    document.fabrics[at] = { ...rest, gauge, estimated: true } as Draft<Fabric>;
  });
}

/** What is typed of a label, as far as it can be read. */
function readLabel(texts: Record<Key, string>): {
  metres?: number;
  price?: number;
  gauge?: Gauge;
  troubles: Partial<Record<Key, string>>;
} {
  const troubles: Partial<Record<Key, string>> = {};
  const values: Partial<Record<Key, number>> = {};
  for (const [key, label, least, most] of FIELDS) {
    if (texts[key].trim() === '') continue;
    const value = typedNumber(texts[key]);
    if (value === null || value < least || value > most)
      troubles[key] = `${label}: a number from ${least} to ${wholeNumber(most)}.`;
    else values[key] = value;
  }
  const { metres, price, stitches, rows } = values;
  return {
    ...(metres === undefined ? {} : { metres }),
    ...(price === undefined ? {} : { price }),
    ...(stitches !== undefined && rows !== undefined
      ? { gauge: { stitches, stitchesOver: 10, rows, rowsOver: 10 } }
      : {}),
    troubles,
  };
}
