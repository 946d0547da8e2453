import { plan } from '../../../plan.js';
import type { PlannedPiece } from '../../../plannedPiece.js';
import { polygonArea } from 'd3-polygon';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const INCH = 2.54;
const fabrics = [
  { ...fabricOf('body', 18, 12), swatch: { width: 10, height: 10, metres: 14 } },
  { ...fabricOf('rib', 18, 20), swatch: { width: 10, height: 10, metres: 16 } },
];
const cardigan = (style: Record<string, unknown>, body: Record<string, number> = { bust: 96 }) => {
  const design = designWith({ sizes: [sizeOf('M', body)], fabrics, style });
  const [size] = plan(design).sizes;
  return {
    size: size!,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof cardigan>['size'];
const quantity = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!;
const piece = (size: Planned, id: string) => size.pieces.find((one) => one.id === id)!;
const edge = (of: PlannedPiece, id: string) => of.edges.find((one) => one.id === id)!;

describe('open fronts of panels', () => {
  it.each([
    // Figures that a maker does by hand (common practice).
    [
      'bust 33 in + 1 in, 3 in left open: back 17 in, fronts 7 in',
      { bust: 33 * INCH },
      INCH,
      'gap',
      3,
      17,
      7,
    ],
    ['bust 33 in + 1 in, fronts meeting: 8.5 in each', { bust: 33 * INCH }, INCH, 'gap', 0, 17, 8.5],
    ['an overlap of 2 in: an inch more on each', { bust: 33 * INCH }, INCH, 'overlap', 2, 17, 9.5],
    ['a band of 1 in: half an inch less on each', { bust: 33 * INCH }, INCH, 'band', 1, 17, 8],
  ])('%s', (_, body, ease, style, width, back, front) => {
    const { size } = cardigan({ ease, front: { style, width: width * INCH } }, body);
    expect(quantity(size, 'back.width').target).toBeCloseTo(back * INCH, 6);
    expect(quantity(size, 'front.width').target).toBeCloseTo(front * INCH, 6);
    const [all] = size.finished;
    expect(Math.abs(all!.actual - 34 * INCH)).toBeLessThan(1.5 / 1.8);
  });

  it.each(['drop-shoulder', 'side-to-side', 'two-halves', 'raglan', 'round-yoke'])(
    'measure all round what was worked, the band by its rows and not as it was wanted: %s',
    (construction) => {
      // 4.7 cm of band wanted are 9 rows of 5 mm: 4.5 cm.
      const { size } = cardigan({
        construction,
        ease: 12,
        sleeve: construction === 'raglan' || construction === 'round-yoke' ? { worked: 'rounds' } : {},
        front: { style: 'band', width: 4.7, fabric: 'rib' },
      });
      expect(quantity(size, 'band.rows').count).toBe(9);
      const lengthOf = (id: string) => quantity(size, id)?.actual ?? 0;
      const pieces =
        {
          'two-halves': 2 * lengthOf('half.width') + lengthOf('centre.rows'),
          raglan: lengthOf('body.round'),
          'round-yoke': lengthOf('body.round'),
        }[construction] ?? lengthOf('back.width') + 2 * lengthOf('front.width');
      expect(size.finished.find(({ id }) => id === 'bust')!.actual).toBeCloseTo(pieces + 4.5, 6);
    },
  );

  it('a loose layer led by the hip: 100 cm and 20 cm more are a back of 60 and fronts of 30 cm', () => {
    const { size } = cardigan(
      { widthLedBy: 'hip', ease: 20, front: { style: 'gap', width: 0 } },
      { bust: 90, hip: 100 },
    );
    expect([quantity(size, 'back.width').target, quantity(size, 'front.width').target]).toEqual([60, 30]);
  });

  it.each(['round', 'scoop', 'V', 'square'] as const)(
    'with a %s neck are mirrored: the same stitches in each row, the same area, its edges the other way round',
    (shape) => {
      const { size } = cardigan({
        front: { style: 'overlap', width: 8 },
        neck: { shape, drop: 20, width: 18 },
      });
      const [right, left] = [piece(size, 'front-right'), piece(size, 'front-left')];
      expect(rowsOf(right.runs).map(({ count }) => count)).toEqual(
        rowsOf(left.runs).map(({ count }) => count),
      );
      const area = ({ runs, sections }: PlannedPiece) =>
        outlines(runs, sections).reduce(
          (sum, { points }) =>
            sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
          0,
        );
      expect(area(right)).toBeCloseTo(area(left), 8);
      for (const name of ['hem', 'side', 'armhole', 'edge', 'neck', 'shoulder'])
        expect(edge(right, `front.${name}-right`)).toMatchObject({
          count: edge(left, `front.${name}-left`).count,
          length: edge(left, `front.${name}-left`).length,
        });
      const outer = [right, left].map(({ runs, sections }) =>
        outlines(runs, sections).flatMap(({ points }) => points),
      );
      const width = quantity(size, 'front.width').actual;
      // Turned over, the one covers the other; along the straight sides only one of them has points.
      const corners = (points: readonly (readonly number[])[], turned: boolean) => {
        const inside = points.filter(([x]) => x! > 0.01 && x! < width - 0.01);
        return inside.map(([x, y]) => `${(turned ? width - x! : x!).toFixed(4)} ${y!.toFixed(4)}`).sort();
      };
      expect(corners(outer[0]!, true)).toEqual(corners(outer[1]!, false));
    },
  );

  it('take off for the neck what lies beside the shoulder, within half a stitch of the line', () => {
    const { size } = cardigan({
      front: { style: 'gap', width: 0 },
      neck: { shape: 'V', drop: 22, width: 18 },
    });
    const front = piece(size, 'front-right');
    const [width, shoulder] = [quantity(size, 'front.width').count, quantity(size, 'shoulder.width').count];
    const drop = quantity(size, 'neck.drop').count;
    rowsOf(front.runs)
      .slice(-drop)
      .forEach(({ count }, i) => {
        const line = width - ((width - shoulder) * (i + 0.5)) / drop;
        expect(Math.abs(count - line)).toBeLessThanOrEqual(0.5 + 1e-9);
      });
    expect(rowsOf(front.runs).at(-1)!.count).toBe(shoulder);
  });

  it('may slant from below the underarm, written in two stretches with the marker between them', () => {
    const { size, text } = cardigan({
      front: { style: 'overlap', width: 6 },
      neck: { shape: 'V', drop: 40, width: 18 },
    });
    const kinds = piece(size, 'front-left').passages.map(({ kind }) => kind);
    expect(kinds).toEqual(['start', 'even', 'shape', 'mark', 'shape']);
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
    expect(text()).not.toMatch(/undefined|NaN/);
    expect(text()).toContain('## Left front');
  });

  it('carry ribs of one height, a neckband and bands along the whole front edge', () => {
    const { size } = cardigan({
      front: { style: 'band', width: 3, fabric: 'rib' },
      neck: { shape: 'round', drop: 8, width: 18 },
      neckband: { fabric: 'rib', height: 3, gather: 0.9 },
      hem: { fabric: 'rib', height: 5, gather: 1 },
    });
    expect(quantity(size, 'hem.height').count).toBe(quantity(size, 'hem-front.height').count);
    const band = size.joins.find(({ id }) => id === 'band-left')!;
    expect(band.b.map(({ edge: id }) => id)).toEqual(['hem-front.start', 'front.edge-left', 'neckband.end']);
    const neck = size.joins.find(({ id }) => id === 'neckband')!;
    // The rib as worked is shorter than its edge by what it draws in.
    expect(neck.aLength).toBeCloseTo(quantity(size, 'neckband.rows').actual / 0.9, 8);
    expect(Math.abs(neck.aLength - neck.bLength)).toBeLessThanOrEqual(1.5);
    expect(size.joins.some(({ id }) => id === 'neckband-seam')).toBe(false);
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('need not pass the head, and say so where the gap is wider than the neck', () => {
    const { size } = cardigan({ front: { style: 'gap', width: 26 }, neck: { width: 16 } });
    const codes = size.notes.map(({ code }) => code);
    expect(codes).toContain('gap-wider-than-neck');
    expect(codes).not.toContain('head-does-not-pass');
    expect(quantity(size, 'front.width').count).toBeGreaterThanOrEqual(
      quantity(size, 'shoulder.width').count,
    );
  });
});

describe('ties', () => {
  it('close a front in pairs, each a chain never shorter than wanted', () => {
    const { size, text } = cardigan({ front: { style: 'band', width: 3, ties: 2, tieLength: 24 } });
    expect(piece(size, 'tie').copies).toBe(4);
    expect(quantity(size, 'tie.chain').actual).toBeGreaterThanOrEqual(24);
    expect(quantity(size, 'tie.chain').actual).toBeLessThan(24 + 1 / 1.8 + 1e-9);
    expect(text()).toContain('Tie (make 4)');
    expect(cardigan({ front: { style: 'closed', ties: 2 } }).size.pieces.some(({ id }) => id === 'tie')).toBe(
      false,
    );
  });
});
