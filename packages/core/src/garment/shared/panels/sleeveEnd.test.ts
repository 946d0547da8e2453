import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { rowsOf } from '../../../work/runs.js';

const made = (sleeve: Record<string, unknown>, style: Record<string, unknown> = {}) =>
  plan(
    designWith({
      sizes: ['S', 'M', 'L'].map((id, i) =>
        sizeOf(id, { bust: 90 + 8 * i, crossBack: 36 + i, wrist: 16, upperArm: 29 + i, shoulderToWrist: 58 }),
      ),
      fabrics: [fabricOf('body', 17, 13), fabricOf('rib', 18, 20)],
      style: {
        construction: 'drop-shoulder',
        ease: 12,
        cuff: { fabric: 'rib', height: 5 },
        sleeve,
        ...style,
      },
    }),
  ).sizes;
type Planned = ReturnType<typeof made>[number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const sleeveRows = (size: Planned) => rowsOf(size.pieces.find(({ id }) => id === 'sleeve')!.runs);

describe('sleeves of every shape', () => {
  it('stay even to the elbow where only the upper arm widens', () => {
    for (const size of made({ shape: 'above-elbow' })) {
      const rows = sleeveRows(size);
      const first = rows.find(({ by, n }) => n > 1 && by !== 0)!;
      expect(first.n / rows.length).toBeGreaterThan(0.5);
    }
  });

  it('grow to their end as bells, from half way down', () => {
    for (const size of made({ shape: 'bell', worked: 'down' }, { cuff: null })) {
      expect(count(size, 'sleeve.cuff') / 1.7).toBeGreaterThan(1.9 * 16);
      const rows = sleeveRows(size);
      const half = rows[Math.floor(rows.length / 2) - 1]!;
      expect(half.count).toBe(count(size, 'sleeve.top'));
    }
  });

  it('are gathered by the cuff as balloons: the rib is as long as the wrist wants it', () => {
    for (const size of made({ shape: 'balloon', fullness: 100, wristEase: 4 })) {
      expect(Math.abs(count(size, 'cuff.rows') / 2 - 20)).toBeLessThan(1.3);
      expect(Math.abs(count(size, 'sleeve.cuff') / 1.7 - 40)).toBeLessThan(1.5);
      const join = size.joins.find(({ id }) => id === 'cuff-left')!;
      expect([join.ok, join.gather]).toEqual([true, 0.5]);
    }
  });

  it.each(['drop-shoulder', 'set-in'])(
    'fade into the cuff in rounds of every 6th, 5th and 4th stitch (common practice): %s',
    (construction) => {
      for (const size of made(
        { shape: 'balloon', worked: 'down', rounds: 'joined', fade: true },
        { construction },
      )) {
        const full = count(size, 'sleeve.cuff');
        const last = sleeveRows(size).slice(-3);
        expect(last.map(({ count: stitches }) => stitches)).toEqual([
          (full * 5) / 6,
          (full * 4) / 6,
          (full * 3) / 6,
        ]);
        expect(count(size, 'sleeve.end')).toBe(full / 2);
        // What is written is the sleeve as it ends, not as full as it is above.
        const end = size.quantities.find(({ id }) => id === 'sleeve.end')!;
        const written = size.finished.find(({ id }) => id === 'cuff')!;
        expect(written.actual).toBeCloseTo(end.actual, 6);
        expect(written.target).toBeCloseTo(end.target, 1);
        expect(size.joins.every(({ ok }) => ok)).toBe(true);
      }
    },
  );

  it('are closed in rounds from a drop shoulder’s armhole, without a seam', () => {
    for (const size of made({ worked: 'down', rounds: 'turned' })) {
      const rows = sleeveRows(size);
      expect(rows.every(({ round }) => round === 'turned')).toBe(true);
      expect(size.joins.some(({ id }) => id.startsWith('sleeve-seam'))).toBe(false);
      const ids = size.joins.map(({ id }) => id);
      expect(ids.indexOf('side-left')).toBeLessThan(ids.indexOf('armhole-left'));
    }
  });
});
