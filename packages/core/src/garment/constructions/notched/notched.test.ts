import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import type { PlannedPiece } from '../../../plannedPiece.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const fabrics = [fabricOf('body', 20, 14), fabricOf('rib', 18, 20)];
const made = (style: Record<string, unknown>, ids = ['M']) => {
  const design = designWith({
    sizes: ids.map((id, i) => sizeOf(id, { bust: 96 + 8 * i, crossBack: 40 + i, shoulderToWrist: 58 })),
    fabrics,
    style: { construction: 'notched', ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const actual = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.actual;
const piece = (size: Planned, id: string) => size.pieces.find((one) => one.id === id)!;
const areaOf = ({ runs, sections }: PlannedPiece) =>
  outlines(runs, sections).reduce(
    (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
    0,
  );

describe('a notched armhole', () => {
  it('steps in at both sides of the back: step, shoulder, neck, shoulder and step are its width', () => {
    const [size] = made({ ease: 14, armhole: { notch: 5 } }).sizes as [Planned];
    const [step, shoulder, neck] = ['notch.width', 'shoulder.width', 'neck.width'].map((id) =>
      count(size, id),
    );
    expect(2 * step! + 2 * shoulder! + neck!).toBe(count(size, 'back.width'));
    expect(Math.abs(actual(size, 'notch.width') - 5)).toBeLessThanOrEqual(0.5);
    // A rectangle less one at each armhole.
    expect(areaOf(piece(size, 'back'))).toBeCloseTo(
      actual(size, 'back.width') * actual(size, 'body.rows') -
        2 * actual(size, 'notch.width') * actual(size, 'armhole.rows'),
      6,
    );
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('is filled by the sleeve: longer than its seam by the step, its last rows even', () => {
    const [size] = made({ ease: 14, armhole: { notch: 5 } }).sizes as [Planned];
    const sleeve = piece(size, 'sleeve');
    const [seam, along] = [count(size, 'sleeve.rows'), count(size, 'notch.rows')];
    expect(rowsOf(sleeve.runs)).toHaveLength(seam + along);
    expect(
      new Set(
        rowsOf(sleeve.runs)
          .slice(seam)
          .map((row) => row.count),
      ),
    ).toEqual(new Set([count(size, 'sleeve.top')]));
    const join = size.joins.find(({ id }) => id === 'notch-left')!;
    expect([join.aCount, join.bCount]).toEqual([2 * count(size, 'notch.width'), 2 * along]);
    expect(Math.abs(join.aLength - join.bLength)).toBeLessThanOrEqual(0.03 * join.bLength + 1e-9);
  });

  it('covers the arm less: what the step takes off the panel is added to the sleeve', () => {
    const [plain] = made({ construction: 'drop-shoulder', ease: 14 }).sizes as [Planned];
    const [notched] = made({ ease: 14, armhole: { notch: 5 } }).sizes as [Planned];
    const target = (size: Planned) => size.finished.find(({ id }) => id === 'sleeveLength')!.target;
    expect(target(notched) - target(plain)).toBeCloseTo(5, 6);
    expect(notched.finished.find(({ id }) => id === 'across')!.target).toBeCloseTo(
      plain.quantities.find(({ id }) => id === 'back.width')!.target - 10,
      6,
    );
  });

  it.each(['up', 'down'])('is the same for a sleeve worked %s', (worked) => {
    const [size] = made({ armhole: { notch: { percent: 9 } }, sleeve: { worked } }).sizes as [Planned];
    const sleeve = piece(size, 'sleeve');
    const even =
      worked === 'up'
        ? rowsOf(sleeve.runs).slice(-count(size, 'notch.rows'))
        : rowsOf(sleeve.runs).slice(0, count(size, 'notch.rows'));
    expect(new Set(even.map((row) => row.count))).toEqual(new Set([count(size, 'sleeve.top')]));
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('is written with the stitches passed over on both sides, in each size', () => {
    const { sizes, text } = made({ armhole: { notch: 5 }, front: { style: 'overlap', width: 6 } }, [
      'M',
      'L',
      'XL',
    ]);
    const said = text();
    expect(said).not.toMatch(/undefined|NaN/);
    const steps = sizes.map((size) => count(size, 'notch.width'));
    const [first, ...others] = steps;
    const inBrackets = new Set(steps).size === 1 ? `${first}` : `${first} (${others.join(', ')})`;
    expect(said).toContain(`skip ${inBrackets} sts where the row begins, rejoin the yarn`);
    expect(said).toContain('Steps of the armhole to the sleeve, both');
  });

  it.each(['gap', 'overlap', 'band'])(
    'goes with fronts open with a %s and a neck from below the underarm',
    (style) => {
      const [size] = made({
        armhole: { notch: 4 },
        front: { style, width: 5, fabric: 'rib' },
        neck: { shape: 'V', drop: 42, width: 18 },
        neckband: { fabric: 'rib', height: 3, gather: 1 },
      }).sizes as [Planned];
      const front = piece(size, 'front-right');
      expect(rowsOf(front.runs).at(-1)!.count).toBe(count(size, 'shoulder.width'));
      expect(rowsOf(front.runs).map((row) => row.count)).toEqual(
        rowsOf(piece(size, 'front-left').runs).map((row) => row.count),
      );
      expect(areaOf(front)).toBeCloseTo(areaOf(piece(size, 'front-left')), 6);
      expect(size.joins.every(({ ok }) => ok)).toBe(true);
    },
  );
});

describe('a vest', () => {
  it('has no sleeve, and a rib around each armhole that goes along rows and steps', () => {
    const [size] = made({
      construction: 'vest',
      armhole: { notch: 5 },
      armband: { fabric: 'rib', height: 2.5, gather: 0.9 },
    }).sizes as [Planned];
    expect(size.pieces.some(({ id }) => id === 'sleeve' || id === 'cuff')).toBe(false);
    expect(size.quantities.some(({ id }) => id.startsWith('sleeve'))).toBe(false);
    const join = size.joins.find(({ id }) => id === 'armband-right')!;
    expect(join.bLength).toBeCloseTo(2 * (actual(size, 'armhole.rows') + actual(size, 'notch.width')), 8);
    expect(Math.abs(join.aLength - join.bLength)).toBeLessThanOrEqual(1.5);
    expect(piece(size, 'armband').copies).toBe(2);
  });

  it('may leave its armholes plain: their edges are then open, not forgotten', () => {
    const [size] = made({ construction: 'vest', armband: null }).sizes as [Planned];
    const open = piece(size, 'back')
      .edges.filter((edge) => edge.open)
      .map(({ id }) => id);
    expect(open).toEqual(
      expect.arrayContaining([
        'back.armhole-left',
        'back.armhole-right',
        'back.notch-left',
        'back.notch-right',
      ]),
    );
    expect(size.joins.some(({ id }) => id.startsWith('arm'))).toBe(false);
  });
});
