import { plan } from '../../../plan.js';
import type { Fabric } from '../../../fabric/fabric.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { rowsOf } from '../../../work/runs.js';

/** Fabrics counted in units, shaped by whole ones: stitches of a unit and what lies beside them. */
const UNITS: readonly [name: string, multiple: number, plus: number, stitches: number, rows: number][] = [
  ['mesh spaces', 3, 1, 17, 9],
  ['V’s', 2, 0, 16, 9],
  ['clusters', 4, 1, 20, 11],
  ['crossed pairs', 2, 1, 15, 10],
];
const fabricWith = (multiple: number, plus: number, stitches: number, rows: number): Fabric => ({
  ...fabricOf('body', stitches, rows, {
    flat: { multiple, plus },
    round: { multiple, plus: 0 },
  }),
  shaping: 'units',
});
const GARMENTS: readonly [name: string, style: Record<string, unknown>][] = [
  ['drop shoulder', { construction: 'drop-shoulder', neck: { drop: 8, shape: 'round' } }],
  [
    'V cardigan',
    { construction: 'drop-shoulder', front: { style: 'gap', width: 4 }, neck: { drop: 24, shape: 'V' } },
  ],
  ['notched A-line', { construction: 'notched', body: { shape: 'A-line', hemEase: 30 } }],
  ['set in, cap worked', { construction: 'set-in', sleeve: { worked: 'up' } }],
  [
    'set in, waisted, V',
    {
      construction: 'set-in',
      body: { shape: 'waist' },
      front: { style: 'overlap', width: 8 },
      neck: { drop: 20, shape: 'V' },
    },
  ],
  ['over the shoulders', { construction: 'over-shoulders', neck: { drop: 8, shape: 'round' } }],
  ['side to side', { construction: 'side-to-side', sleeve: null, neck: { drop: 9, shape: 'round' } }],
];

describe.each(UNITS)('a fabric of %s', (_, multiple, plus, stitches, rows) => {
  it.each(GARMENTS)('is in pattern in every row of a %s', (name, style) => {
    const { sizes } = plan(
      designWith({
        sizes: ['S', 'M', 'L'].map((id, i) =>
          sizeOf(id, {
            bust: 90 + 10 * i,
            hip: 98 + 10 * i,
            waist: 74 + 10 * i,
            crossBack: 36 + i,
            upperArm: 29 + 2 * i,
          }),
        ),
        fabrics: [fabricWith(multiple, plus, stitches, rows), fabricOf('rib', 18, 20)],
        style: { ease: 14, hem: { fabric: 'rib', height: 5 }, ...style },
      }),
    );
    for (const size of sizes) {
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
      for (const piece of size.pieces.filter(({ fabric }) => fabric === 'body'))
        for (const row of rowsOf(piece.runs)) {
          // A neck of a closed front opens in its middle: what lies beside it is in pattern where the shoulder is.
          if (name !== 'over the shoulders' || row.part === 'main' || row.part === 'front')
            expect([
              piece.id,
              row.part,
              row.n,
              (((row.count - plus) % multiple) + multiple) % multiple,
            ]).toEqual([piece.id, row.part, row.n, 0]);
        }
    }
  });
});

describe('a cable panel', () => {
  const made = (panel: number, multiple = 1, plus = 0) => {
    const design = designWith({
      sizes: ['S', 'M', 'L'].map((id, i) => sizeOf(id, { bust: 90 + 9 * i, crossBack: 37 })),
      fabrics: [
        { ...fabricOf('body', 18, 14, { flat: { multiple, plus } }), panel },
        fabricOf('rib', 18, 20),
      ],
      style: { construction: 'set-in', ease: 10 },
    });
    return {
      sizes: plan(design).sizes,
      text: patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
    };
  };

  it.each([9, 10])(
    'of %i stitches lies in the middle, as many plain ones on either side (common practice)',
    (panel) => {
      const { sizes, text } = made(panel);
      for (const size of sizes) {
        const width = size.quantities.find(({ id }) => id === 'back.width')!.count;
        expect((width - panel) % 2).toBe(0);
        expect(size.joins.every(({ ok }) => ok)).toBe(true);
      }
      expect(text).toContain(`The panel of ${panel} sts lies in the middle`);
    },
  );

  it('that can never lie in the middle of such a fabric gets a note', () => {
    const [size] = made(9, 2, 0).sizes;
    expect(size!.quantities).toEqual([]);
    expect(size!.notes.some(({ level }) => level === 'stop')).toBe(true);
  });
});
