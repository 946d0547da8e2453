import { usuallyIn } from '../../../fields/kinds.js';
import { partsOf, type PerSize } from '../../../fields/perSize.js';
import { bodyFabric, LENGTH } from '../../shared/fields.js';
import {
  CUFF_BELOW,
  HEM_BELOW,
  LOWER_EDGE,
  MEASURED,
  NECK,
  NECK_EDGE,
  TIED_FRONT,
  UPPER,
} from '../../shared/panels/fields.js';
import { PICKED_SLEEVE } from '../../shared/panels/sleeveFields.js';
import { panels } from '../../shared/panels/panels.js';

const NONE = { optional: { missing: 'none' } } as const;

/** What leads the width of other panels: here the measures do. */
const BY_MEASURE = { widthLedBy: 'bust', ease: 0, hipEase: null, armholeEase: 0 } as const;

/** What is left open is half on the front and half on the back: the sides are slit to the sleeve. */
function halved(open: PerSize): PerSize {
  const { all, sizes } = partsOf(open);
  const own = Object.entries(sizes).map(([size, length]) => [size, length! / 2]);
  return own.length === 0
    ? all / 2
    : { all: all / 2, sizes: Object.fromEntries(own) as Record<string, number> };
}

/** Nothing is shaped: back A x B, fronts A / 2 x B, sleeves C x (2 B less what is left open to the hem). */
export const rectangles = panels({
  id: 'rectangles',
  label: 'Rectangles, by measure only',
  says: 'Plain rectangles, worked flat and sewn together',
  needs: 'the width from elbow to elbow, the length, what is left open below the sleeves',
  gives: 'a back, two fronts of half its width and two sleeves, every one a plain rectangle',
  fields: {
    measured: MEASURED,
    ...LENGTH,
    fabric: bodyFabric(),
    upper: UPPER,
    // Open in front without a gap, no neck shaped, no ribs, sleeves as wide at the cuff as at the top.
    front: usuallyIn(TIED_FRONT, { style: 'gap', width: 0 }),
    longerBack: LOWER_EDGE.longerBack,
    neck: usuallyIn(NECK, { drop: 0 }),
    sleeve: usuallyIn(PICKED_SLEEVE, { shape: 'straight' }),
    ...NECK_EDGE,
    hem: { ...HEM_BELOW, ...NONE },
    cuff: { ...CUFF_BELOW, ...NONE },
  },
  specimens: [{ name: 'rectangles', garment: {} }],
  style: (read) => ({
    ...read,
    ...BY_MEASURE,
    slit: halved(read.measured.open),
  }),
});
