import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const fabrics = [fabricOf('body', 16, 14), fabricOf('rib', 18, 20), fabricOf('other', 21, 17)];
const made = (
  style: Record<string, unknown>,
  pins: { size: string; quantity: string; count: number }[] = [],
) => {
  const design = designWith({
    sizes: ['S', 'M', 'L'].map((id, i) =>
      sizeOf(id, {
        bust: 90 + 8 * i,
        crossBack: 36 + i,
        armholeDepth: 18.5 + i,
        upperArm: 28 + 2 * i,
        shoulderToWrist: 57 + i,
      }),
    ),
    fabrics,
    pins,
    style: { construction: 'set-in', ease: 10, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const edge = (size: Planned, id: string) =>
  size.pieces.flatMap(({ edges }) => edges).find((one) => one.id === id)!;
const finished = (size: Planned, id: string) => size.finished.find((one) => one.id === id)!;

/** Length of a curve through points, by the trapezium rule on its own outline: the right side of a piece above a height. */
function rightSide(size: Planned, piece: string, part: string): number {
  const { runs, sections } = size.pieces.find(({ id }) => id === piece)!;
  const { points } = outlines(runs, sections).find((outline) => outline.part === part)!;
  const middle = (Math.min(...points.map(([x]) => x)) + Math.max(...points.map(([x]) => x))) / 2;
  const right = points.filter(([x]) => x > middle);
  const high = Math.max(...right.map(([, y]) => y)) - Math.min(...right.map(([, y]) => y));
  const wide = Math.max(...right.map(([x]) => x)) - Math.min(...right.map(([x]) => x));
  return Math.hypot(high, wide);
}

describe.each([
  ['a worked cap', { worked: 'up' }],
  ['a cap by short rows, in rounds', { worked: 'down', rounds: 'turned' }],
  ['a cap by short rows, sewn', { worked: 'down', rounds: 'sewn' }],
  ['a worked cap in another fabric', { worked: 'up', fabric: 'other' }],
])('a set-in sleeve with %s', (_, sleeve) => {
  const { sizes } = made({ sleeve });

  it('has an edge as long as its armhole, 0 to 3 % and 1.5 cm of it to ease in', () => {
    for (const size of sizes)
      for (const side of ['left', 'right']) {
        const join = size.joins.find(({ id }) => id === `armhole-${side}`)!;
        expect(join.ok).toBe(true);
        expect(join.eased).toBeGreaterThanOrEqual(-1e-6);
        expect(join.eased).toBeLessThanOrEqual(Math.min(1.5, 0.03 * join.bLength) + 1e-6);
      }
  });

  it('goes to the wrist and no further, its cap counted', () => {
    for (const size of sizes) {
      const { target, actual } = finished(size, 'sleeveLength');
      expect(actual).toBeLessThanOrEqual(target + 0.4);
      // Short rows come by twos, and the cap is solved last.
      expect(target - actual).toBeLessThan(1.7);
      expect(size.notes.filter(({ level }) => level === 'stop')).toEqual([]);
    }
  });

  it('adds up across: base, slope, top, slope, base', () => {
    for (const size of sizes) {
      const slope = (count(size, 'sleeve.top') - count(size, 'cap.top')) / 2 - count(size, 'cap.base');
      expect(Number.isInteger(slope)).toBe(true);
      expect(slope).toBeGreaterThan(0);
    }
  });
});

describe('the armhole of a set-in sleeve', () => {
  it('takes base and curve off each side: what is left is the cross-back with its ease', () => {
    for (const size of made({ armhole: { across: 1 } }).sizes) {
      const off = 2 * (count(size, 'notch.width') + count(size, 'armhole.curve'));
      const across = count(size, 'back.width') - off;
      expect(2 * count(size, 'shoulder.width') + count(size, 'neck.width')).toBe(across);
      const { target, actual } = finished(size, 'across');
      expect(target).toBeCloseTo(size.body.crossBack + 1, 9);
      expect(Math.abs(actual - target)).toBeLessThan(1.9);
    }
  });

  it('is measured along its line: between the chord of the worked edge and its legs', () => {
    for (const size of made({}).sizes) {
      const { length, count: rows } = edge(size, 'back.armhole-right');
      const curve = count(size, 'armhole.curve') / 1.6;
      expect(length).toBeGreaterThan(rightSide(size, 'back', 'upper'));
      expect(length).toBeLessThan(rows / 1.4 + curve);
    }
  });

  it('makes the back a rectangle less base, curve and what lies beside it', () => {
    const [size] = made({}).sizes as [Planned];
    const back = size.pieces.find(({ id }) => id === 'back')!;
    const area = outlines(back.runs, back.sections).reduce(
      (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
      0,
    );
    const whole = (count(size, 'back.width') / 1.6) * (count(size, 'body.rows') / 1.4);
    const armhole = count(size, 'armhole.rows') / 1.4;
    const base = count(size, 'notch.width') / 1.6;
    const curve = count(size, 'armhole.curve') / 1.6;
    expect(area).toBeLessThan(whole - 2 * base * armhole);
    expect(area).toBeGreaterThan(whole - 2 * (base + curve) * armhole);
  });

  it('curves while a deep V is shaped at the other edge of an open front, both sides mirrored', () => {
    const { sizes, text } = made({
      front: { style: 'overlap', width: 8 },
      neck: { shape: 'V', drop: 26 },
      sleeve: { worked: 'up' },
    });
    for (const size of sizes) {
      const [left, right] = ['front-left', 'front-right'].map((id) =>
        size.pieces.find((one) => one.id === id)!,
      );
      expect(rowsOf(left!.runs).map(({ count: stitches }) => stitches)).toEqual(
        rowsOf(right!.runs).map(({ count: stitches }) => stitches),
      );
      expect(left!.passages.some((passage) => passage.kind === 'shape' && passage.also)).toBe(true);
      expect(edge(size, 'front.shoulder-left').count).toBe(count(size, 'shoulder.width'));
    }
    expect(text()).toMatch(
      /shape as the tables say[^|]*\n\| take off at the neck edge[^]*?\n\| take off at the armhole edge/,
    );
  });

  it('says so where the shoulders are wider than the panel', () => {
    const [size] = made({ ease: -14, armhole: { across: 8 } }).sizes as [Planned];
    expect(size.notes.map(({ code }) => code)).toContain('shoulders-wider-than-panel');
  });
});

describe('a cap', () => {
  it('is bound off at its base by the count of the armhole', () => {
    for (const size of made({ sleeve: { worked: 'up' } }).sizes)
      expect(count(size, 'cap.base')).toBe(count(size, 'notch.width'));
  });

  it('gives way to a pin of its height: its top makes up for it', () => {
    const [free] = made({ sleeve: { worked: 'up' } }).sizes as [Planned];
    const rows = count(free, 'cap.rows') + 1;
    const [pinned] = made({ sleeve: { worked: 'up' } }, [{ size: 'S', quantity: 'cap.rows', count: rows }])
      .sizes as [Planned];
    expect(count(pinned, 'cap.rows')).toBe(rows);
    expect(pinned.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('is written with its turning points and the row that closes them', () => {
    const text = made({ sleeve: { worked: 'down', rounds: 'joined' } }).text();
    expect(text).toMatch(/Cap, short rows 2–\d+/);
    expect(text).toMatch(/Next rnd: work over all sts, closing the steps/);
    expect(text).toContain('pick up and work');
  });

  it('does not fit an armhole shorter than the sleeve is wide, and says so', () => {
    const [size] = made({ armholeEase: -4, sleeve: { worked: 'up', upperArmEase: 60 } }).sizes as [Planned];
    expect(size.notes.length).toBeGreaterThan(0);
  });
});
