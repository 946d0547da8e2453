import { useState } from 'react';
import {
  DRAPES,
  hooksToTry,
  RIB_HOOK_LESS,
  nearestHook,
  patternRows,
  SWATCH_SIDE,
  swatchStart,
  formatLength,
  type Drape,
} from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { useTerms } from '../state/useTerms';
import { typedNumber } from '../ui/numbers';
import { Switch } from '../ui/Switch';
import { useFabric } from '../state/useFabric';

/** A worksheet for a first swatch: which hook, how many chains and rows, when to wash, how to count. It can be printed. */
export function SwatchSheet() {
  const { fabric } = useFabric();
  const units = useUnits();
  const [label, setLabel] = useState(String(fabric.hook));
  const [drape, setDrape] = useState<Drape>('usual');
  const hook = typedNumber(label) ?? NaN;
  const fits = hook >= 0.5 && hook <= 25;
  const terms = useTerms();
  const rows = patternRows(fabric, terms);
  const start = swatchStart(fabric);
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  const hooks = fits ? hooksToTry(hook, drape) : null;
  return (
    <div className="max-w-2xl">
      <h2 className="mb-2 text-lg">A swatch of {fabric.name}</h2>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <label className="flex items-center gap-2">
          Hook on the yarn’s label
          <input
            className={`w-16 rounded border bg-sheet px-2 py-0.5 text-right ${fits ? 'border-line' : 'border-broken'}`}
            value={label}
            aria-invalid={!fits}
            aria-describedby="hook-trouble"
            onChange={(event) => setLabel(event.target.value)}
          />
          mm
        </label>
        <span className="inline-flex items-center gap-2">
          The fabric is to be
          <Switch
            label="The fabric is to be"
            value={drape}
            options={DRAPES.map((value) => ({ value, label: value === 'open' ? 'open or fluffy' : value }))}
            onChange={setDrape}
          />
        </span>
      </div>
      <p id="hook-trouble" role={fits ? undefined : 'alert'} className="min-h-5 text-[12.5px] text-broken">
        {fits ? '' : `“${label}” is no hook size; type mm like 5 or 4,5.`}
      </p>
      <ol className="mt-1 list-decimal space-y-2 pl-6" data-testid="swatch-steps">
        <li>
          {hooks && (
            <>
              Try a hook of{' '}
              <strong>{hooks.from === hooks.to ? hooks.from : `${hooks.from} to ${hooks.to}`} mm</strong>
              {drape === 'open' && ' (open and fluffy fabrics take up to twice the label’s)'}. A rib wants
              about {nearestHook(hooks.from - RIB_HOOK_LESS)} mm, {RIB_HOOK_LESS} mm less, and a swatch of its
              own.
            </>
          )}
        </li>
        <li>
          {fabric.foundation === 'stitches' ? 'Begin with' : `Chain ${start.chains} for`}{' '}
          <strong>{start.stitches} stitches</strong>: they obey the stitch pattern and are about{' '}
          {length(SWATCH_SIDE)} wide. Keep the chain loose, or take a larger hook for it.
        </li>
        <li>
          Work <strong>{start.rows} rows</strong> in pattern, about {length(SWATCH_SIDE)} high
          {rows.length > 0 && ':'}
          {rows.length > 0 && (
            <ul className="my-1 list-none space-y-0.5 border-l-2 border-line pl-3" data-testid="swatch-rows">
              {rows.map((line, i) => (
                <li key={i}>{line}</li>
              ))}
            </ul>
          )}
          {rows.length === 0 && '.'} If you like it, measure it once now, flat and not stretched: that is the
          gauge on the hook.
        </li>
        <li>
          Wash it as the garment will be washed, lay it out without pulling, let it dry, and wait a day. Hang
          a lace or a heavy one up for the night: it shows how it grows.
        </li>
        <li>
          Lay a ruler in the middle, away from the edges. Count stitches over {length(10)} and rows over{' '}
          {length(10)}; a half counts. Count in two or three places and enter each as a reading.
        </li>
        <li>Weigh the swatch and measure its sides, and the yarn for every size follows.</li>
      </ol>
      <p className="mt-4 border-t border-line pt-3 text-[13px] text-soft">
        Rest your hands and wrists on long sessions; see a professional about pain that stays.
      </p>
    </div>
  );
}
