import { isObject, type JsonObject } from '../../../check/fields.js';
import { recordedAs, withoutFields } from '../../../check/recording.js';
import type { Construction } from '../../construction.js';
import { partsOf, type PerSize } from '../../shared/perSize.js';
import { panels } from '../../shared/panels/panels.js';
import type { PanelStyle } from '../../shared/panels/style.js';

const base = panels('rectangles', 'Rectangles, by measure only', {
  notch: null,
  sleeved: true,
  measured: true,
});

/** Usual choices: open in front without a gap, no neck shaped, no ribs, sleeves as wide at the cuff as at the top. */
const USUAL: JsonObject = {
  front: { style: 'gap', width: 0 },
  neck: { drop: 0 },
  sleeve: { shape: 'straight' },
  hem: null,
  cuff: null,
};

/** Nothing is shaped: back A x B, fronts A / 2 x B, sleeves C x (2 B less what is left open to the hem) (craft 6.1). */
export const rectangles: Construction<PanelStyle> = {
  ...base,
  readStyle: (garment, fabricIds, problems) => {
    const filled = recordedAs(garment, { ...garment });
    for (const [key, usual] of Object.entries(USUAL)) {
      const own = garment[key];
      const both = isObject(usual) && isObject(own);
      filled[key] = own === undefined ? usual : both ? { ...usual, ...own } : own;
    }
    const style = base.readStyle(filled, fabricIds, problems);
    withoutFields(filled, ['slit']);
    // What is left open is half on the front and half on the back: the sides are slit to the sleeve.
    return { ...style, slit: halved(style.measured!.open) };
  },
};

function halved(open: PerSize): PerSize {
  const { all, sizes } = partsOf(open);
  const own = Object.entries(sizes).map(([size, length]) => [size, length! / 2]);
  return own.length === 0
    ? all / 2
    : { all: all / 2, sizes: Object.fromEntries(own) as Record<string, number> };
}
