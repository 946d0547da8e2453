import { plan } from '../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../testing/designs.js';
import { armRound } from './arm.js';
import { REACH } from './fields.js';
import { rowsOf } from '../../work/runs.js';

const SLEEVE_LENGTHS = REACH.length.options.map(({ value }) => value);
const arm = { bust: 96, crossBack: 40, shoulderToWrist: 60, underarmToWrist: 45, upperArm: 30, wrist: 16 };
const fabrics = [fabricOf('body', 20, 14), fabricOf('rib', 18, 20)];
const planned = (style: Record<string, unknown>) =>
  plan(designWith({ sizes: [sizeOf('M', arm)], fabrics, style })).sizes[0]!;
type Planned = ReturnType<typeof planned>;
const finished = (size: Planned, id: string) => size.finished.find((one) => one.id === id)!;
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;

describe('a sleeve’s length', () => {
  it.each(['drop-shoulder', 'notched', 'raglan', 'round-yoke'])(
    'of a %s falls from full to short',
    (construction) => {
      const sizes = SLEEVE_LENGTHS.map((length) =>
        planned({ construction, sleeve: { length }, cuff: { fabric: 'rib', height: 3, gather: 1 } }),
      );
      const lengths = sizes.map((size) => finished(size, 'sleeveLength').target);
      expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
      // A quarter of the arm between full and three-quarter, whatever the body covers.
      expect(lengths[0]! - lengths[1]!).toBeCloseTo(60 / 4, 6);
      const cuffs = sizes.map((size) => finished(size, 'cuff').target);
      expect(cuffs).toEqual([...cuffs].sort((a, b) => a - b));
      for (const size of sizes) expect(size.joins.every(({ ok }) => ok)).toBe(true);
    },
  );

  it('finds the arm as wide as it is there: the upper arm at the armpit, the wrist at its end', () => {
    const body = { ...arm } as never;
    expect(armRound(body, 'full')).toBe(16);
    // Three quarters of 60 are 45 down, 30 of the 45 below the armpit: two thirds of the way from 30 to 16.
    expect(armRound(body, 'three-quarter')).toBeCloseTo(30 - (2 / 3) * 14, 10);
    expect(armRound(body, 'short')).toBeGreaterThan(armRound(body, 'elbow'));
    expect(armRound(body, 'short')).toBeLessThanOrEqual(30);
  });

  it('is never longer than the arm: overhang, sleeve and cuff end where they should', () => {
    for (const length of SLEEVE_LENGTHS) {
      const size = planned({ sleeve: { length } });
      const overhang = (size.quantities[0]!.actual - 40) / 2;
      const covers = { full: 1, 'three-quarter': 0.75, elbow: 0.55, short: 0.32 }[length];
      expect(overhang + finished(size, 'sleeveLength').actual).toBeLessThanOrEqual(60 * covers + 1);
    }
  });
});

describe('a straight sleeve', () => {
  it('is a rectangle: as many stitches at the cuff as at the top, no shaping', () => {
    for (const worked of ['up', 'down']) {
      const size = planned({ sleeve: { shape: 'straight', worked }, cuff: null });
      expect(count(size, 'sleeve.cuff')).toBe(count(size, 'sleeve.top'));
      const sleeve = size.pieces.find(({ id }) => id === 'sleeve')!;
      expect(new Set(rowsOf(sleeve.runs).map((row) => row.count)).size).toBe(1);
    }
  });

  it('measures A x B with the seam left open by nothing (common practice: rectangles by measure)', () => {
    const size = planned({ sleeve: { shape: 'straight' }, armholeEase: 0 });
    expect(finished(size, 'cuff').target).toBeCloseTo(finished(size, 'upperArm').target, 8);
  });
});

describe('a bell', () => {
  it('widens towards the cuff where the ease there is larger than the arm', () => {
    const size = planned({ sleeve: { wristEase: 40 }, cuff: null });
    expect(count(size, 'sleeve.cuff')).toBeGreaterThan(count(size, 'sleeve.top'));
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
    const rows = rowsOf(size.pieces.find(({ id }) => id === 'sleeve')!.runs);
    expect(rows.at(-1)!.count).toBe(count(size, 'sleeve.top'));
  });
});
