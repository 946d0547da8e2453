import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import type { PlannedPiece } from '../../../plannedPiece.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const mesh = fabricOf('body', 17, 9, { flat: { multiple: 3, plus: 1 } });
const made = (style: Record<string, unknown>, body = mesh) => {
  const design = designWith({
    sizes: ['S', 'M', 'L'].map((id, i) =>
      sizeOf(id, { bust: 90 + 9 * i, crossBack: 36 + i, backWaist: 41 + i, armholeDepth: 18.5 + i }),
    ),
    fabrics: [body, fabricOf('rib', 18, 21)],
    style: { construction: 'side-to-side', ease: 10, sleeve: null, hem: null, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const piece = (size: Planned, id: string) => size.pieces.find((one) => one.id === id)!;
const areaOf = ({ runs, sections }: PlannedPiece) =>
  outlines(runs, sections).reduce(
    (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
    0,
  );

describe('panels worked from side to side', () => {
  it('count their length in stitches and their width in rows', () => {
    for (const size of made({}).sizes) {
      const back = piece(size, 'back');
      expect(rowsOf(back.runs)).toHaveLength(count(size, 'back.width'));
      expect(Math.max(...back.runs.map(({ row }) => row.count))).toBe(count(size, 'body.length'));
      expect(count(size, 'side.length') + count(size, 'armhole.depth')).toBe(count(size, 'body.length'));
      expect(
        2 * (count(size, 'notch.width') + count(size, 'shoulder.width')) + count(size, 'neck.width'),
      ).toBe(count(size, 'back.width'));
    }
  });

  it('have the area of a rectangle less two armholes (d3-polygon)', () => {
    for (const size of made({}).sizes) {
      const [high, wide] = [count(size, 'body.length') / 1.7, count(size, 'back.width') / 0.9];
      const step = (count(size, 'notch.width') / 0.9) * (count(size, 'armhole.depth') / 1.7);
      expect(areaOf(piece(size, 'back'))).toBeCloseTo(high * wide - 2 * step, 6);
    }
  });

  it('are in pattern in every row: whole mesh spaces, at the neck as well', () => {
    for (const shape of ['round', 'V', 'scoop', 'square'])
      for (const size of made({ neck: { shape, drop: 12 } }).sizes)
        for (const { runs } of [piece(size, 'back'), piece(size, 'front')])
          for (const { row } of runs) expect(row.count % 3).toBe(1);
  });

  it('have a front neck whose two halves mirror each other', () => {
    for (const size of made({ neck: { shape: 'round', drop: 9 } }).sizes) {
      const rows = rowsOf(piece(size, 'front').runs).map((row) => row.count);
      expect([...rows].reverse()).toEqual(rows);
      expect(
        Math.max(...rows) - Math.min(...rows.slice(count(size, 'notch.width'), -count(size, 'notch.width'))),
      ).toBe(count(size, 'neck.drop'));
    }
  });

  it.each(['gap', 'overlap', 'band'])('have open fronts that mirror each other, front %s', (style) => {
    const { sizes } = made({
      front: { style, width: 4, fabric: 'rib' },
      neck: { shape: 'V', drop: 14 },
      neckband: { fabric: 'rib', height: 3, gather: 0.95 },
    });
    for (const size of sizes) {
      const [left, right] = ['front-left', 'front-right'].map((id) =>
        rowsOf(piece(size, id).runs).map((row) => row.count),
      );
      expect([...right!].reverse()).toEqual(left);
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
    }
  });

  it('may have sleeves, their tops along the stitches of the armhole, and no step', () => {
    for (const size of made({ sleeve: { worked: 'down', rounds: 'joined' } }, fabricOf('body', 16, 12))
      .sizes) {
      const join = size.joins.find(({ id }) => id === 'armhole-left')!;
      expect(join.bCount).toBe(2 * count(size, 'armhole.depth'));
      expect(join.ok).toBe(true);
      expect(size.quantities.some(({ id }) => id === 'notch.width')).toBe(false);
    }
  });

  it('are written with what is chained and what is left at their upper edge', () => {
    const text = made({ neck: { shape: 'round', drop: 9 }, hem: { fabric: 'rib', height: 4 } }).text();
    expect(text).toMatch(/add \d+ (?:\([^)]*\) )?sts at the armhole|\| add at the armhole/);
    expect(text).toContain('Below the armhole');
    expect(text).toMatch(/Shoulder seam, both: .* rows to .* rows/);
    expect(text).toMatch(/Side seam, both: .* sts to .* sts, stitch to stitch/);
    expect(text).toMatch(/Hem rib to back: .* row ends/);
    expect(text).not.toMatch(/undefined|NaN/);
  });

  it('say so where the armhole leaves no side', () => {
    const [size] = made({ belowWaist: -18, armholeEase: 12 }).sizes as [Planned];
    expect(size.notes.map(({ code }) => code)).toContain('armhole-deeper-than-body');
  });
});
