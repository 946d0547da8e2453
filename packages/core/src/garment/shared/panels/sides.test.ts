import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import type { PlannedPiece } from '../../../plannedPiece.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const made = (style: Record<string, unknown>) => {
  const design = designWith({
    sizes: ['S', 'M', 'L'].map((id, i) =>
      sizeOf(id, { bust: 88 + 9 * i, waist: 70 + 9 * i, hip: 96 + 9 * i, backWaist: 42, armholeDepth: 19 }),
    ),
    fabrics: [fabricOf('body', 18, 14), fabricOf('rib', 18, 20)],
    style: {
      construction: 'drop-shoulder',
      ease: 8,
      belowWaist: 18,
      hem: { fabric: 'rib', height: 5 },
      ...style,
    },
  });
  return {
    sizes: plan(design).sizes,
    text: patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm', size: 'M' })),
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

describe('sides of panels', () => {
  it('go in evenly from a wide lower edge as an A-line: the area is a trapezium below a rectangle (d3-polygon)', () => {
    for (const size of made({ body: { shape: 'A-line', hemEase: 24 } }).sizes) {
      const [hem, width] = [count(size, 'back.hem') / 1.8, count(size, 'back.width') / 1.8];
      const [side, armhole] = [count(size, 'side.rows') / 1.4, count(size, 'armhole.rows') / 1.4];
      expect(hem).toBeGreaterThan(width);
      const ideal = ((hem + width) / 2) * side + width * armhole;
      expect(Math.abs(areaOf(piece(size, 'back')) / ideal - 1)).toBeLessThan(0.015);
      // The rib is sewn to the lower edge, not to the width at the bust.
      expect(size.joins.find(({ id }) => id === 'hem-back')!.bCount).toBe(count(size, 'back.hem'));
    }
  });

  it('go in to the waist and out again, the waist where the body has it', () => {
    for (const size of made({ body: { shape: 'waist', waistEase: 6, hemEase: 6 } }).sizes) {
      const rows = rowsOf(piece(size, 'back').runs).slice(0, count(size, 'side.rows'));
      const least = Math.min(...rows.map((row) => row.count));
      expect(least).toBe(count(size, 'back.waist'));
      expect(rows[0]!.count).toBe(count(size, 'back.hem'));
      expect(rows.at(-1)!.count).toBe(count(size, 'back.width'));
      const fromShoulder = (count(size, 'armhole.rows') + count(size, 'waist.rows')) / 1.4;
      expect(Math.abs(fromShoulder - 42)).toBeLessThan(1.5);
    }
  });

  it.each(['closed', 'gap', 'band', 'overlap'])(
    'meet row to row whatever the front, mirrored where there are two: %s',
    (style) => {
      for (const shape of ['A-line', 'waist'])
        for (const size of made({ body: { shape }, front: { style, width: 4, fabric: 'rib' } }).sizes) {
          expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
          if (style === 'closed') continue;
          const [left, right] = ['front-left', 'front-right'].map((id) => rowsOf(piece(size, id).runs));
          expect(left!.map((row) => row.count)).toEqual(right!.map((row) => row.count));
          const gained = (count(size, 'back.hem') - count(size, 'back.width')) / 2;
          expect(left![0]!.count).toBe(count(size, 'front.width') + gained);
        }
    },
  );

  it('are shaped while a deep V is, each edge by its own rows, slit and longer back and all', () => {
    const { sizes, text } = made({
      construction: 'set-in',
      body: { shape: 'waist' },
      front: { style: 'overlap', width: 8 },
      neck: { shape: 'V', drop: 36 },
      slit: 6,
      longerBack: 4,
    });
    for (const size of sizes) expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
    // One size has its rows one by one: both edges in one row, the neck edge told.
    expect(text).toMatch(/The neck edge lies where right-side rows (?:begin|end)/);
    expect(text).toMatch(/: \w+2tog, \w+ in each st to the last (?:2 sts, \w+2tog|st, 2 \w+ in it);/);
  });
});
