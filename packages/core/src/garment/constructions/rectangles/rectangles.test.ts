import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';

const INCH = 2.54;
const made = (style: Record<string, unknown>) =>
  plan(
    designWith({
      sizes: [sizeOf('M', { bust: 96, crossBack: 38, shoulderToWrist: 58, backWaist: 40.64 - 8 })],
      fabrics: [fabricOf('body', 16, 14), fabricOf('rib', 18, 20)],
      style: {
        construction: 'rectangles',
        belowWaist: 8,
        front: {},
        neck: {},
        sleeve: {},
        hem: undefined,
        cuff: undefined,
        ...style,
      },
    }),
  ).sizes[0]!;
const finished = (size: ReturnType<typeof made>, id: string) => size.finished.find((one) => one.id === id)!;

describe('rectangles by measure only', () => {
  it('are A x B, A / 2 x B and C x (2 B - open): 28, 16, 11 in with 7 in left open (common practice)', () => {
    const size = made({ measured: { across: 28 * INCH, open: 7 * INCH } });
    const of = (id: string) => size.quantities.find((one) => one.id === id)!;
    expect(of('back.width').target / INCH).toBeCloseTo(28, 6);
    expect(of('front.width').target / INCH).toBeCloseTo(14, 6);
    expect(of('body.rows').target / INCH).toBeCloseTo(16, 6);
    // The sleeve's top: 2 x 16 - 7 = 25 in; as wide at the cuff.
    expect(of('sleeve.top').target / INCH).toBeCloseTo(25, 6);
    expect(of('sleeve.cuff').count).toBe(of('sleeve.top').count);
    // C is what the body leaves of the arm: from elbow to wrist on each side.
    expect(finished(size, 'sleeveLength').target).toBeCloseTo(58 - (28 * INCH - 38) / 2, 6);
    expect(size.pieces.map(({ id }) => id)).toEqual(['back', 'front-right', 'front-left', 'sleeve']);
    for (const { runs } of size.pieces) expect(new Set(runs.map(({ row }) => row.count)).size).toBe(1);
  });

  it('reach from elbow to elbow where nothing else is said, the sides slit up to the sleeve', () => {
    const size = made({});
    expect(size.quantities.find(({ id }) => id === 'back.width')!.target).toBeCloseTo(38 + 1.1 * 58, 6);
    const open = size.pieces
      .find(({ id }) => id === 'back')!
      .edges.find(({ id }) => id === 'back.slit-left')!;
    expect(open.open).toBe(true);
    expect(Math.abs(open.length - 9)).toBeLessThan(2.2);
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('take ribs and bands where they are asked for', () => {
    const size = made({
      hem: { fabric: 'rib', height: 4 },
      front: { style: 'band', width: 4, fabric: 'rib' },
    });
    expect(size.pieces.map(({ id }) => id)).toEqual(expect.arrayContaining(['hem', 'hem-front', 'band']));
  });
});
