import { plan } from '../../plan.js';
import type { Fabric } from '../../fabric/fabric.js';
import { designWith, fabricOf, sizeOf } from '../../testing/designs.js';

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
        for (const row of piece.rows) {
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
  it('of 9 stitches lies in the centre: the plain stitches beside it are equal on both sides (common practice)', () => {
    // An odd width less nine is even, so it halves.
    const { sizes } = plan(
      designWith({
        sizes: ['S', 'M'].map((id, i) => sizeOf(id, { bust: 92 + 8 * i, crossBack: 37 })),
        fabrics: [fabricOf('body', 18, 14, { flat: { multiple: 2, plus: 1 } }), fabricOf('rib', 18, 20)],
        style: { construction: 'drop-shoulder', ease: 10 },
      }),
    );
    for (const { quantities } of sizes) {
      const width = quantities.find(({ id }) => id === 'back.width')!.count;
      expect((width - 9) % 2).toBe(0);
      const neck = quantities.find(({ id }) => id === 'neck.width')!.count;
      expect(neck % 2).toBe(1);
    }
  });
});
