import { polygonArea } from 'd3-polygon';
import { plan } from '../plan.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import type { Design } from '../design.js';
import { outlines } from '../work/outline.js';
import { colourOfRow, farCarried, stripeOffset } from './stripes.js';
import { rowsOf } from '../work/runs.js';

const designs = demoDesigns();

describe('yarn', () => {
  // Areas from an independent polygon library over the outlines as they are drawn.
  it.each(['hollinwood-jumper', 'brackenlow-pullover', 'ashlerby-cardigan', 'saltmere-vest'])(
    'is the area of every piece times the swatch’s metres: %s',
    (name) => {
      const design = designs[name]!;
      for (const { pieces, yarn } of plan(design).sizes)
        for (const { fabric: id, pieces: listed } of yarn) {
          const fabric = design.fabrics.find((one) => one.id === id)!;
          const { width, height, metres, grams } = fabric.swatch!;
          const inSwatch = metres ?? (grams! / fabric.ball!.grams) * fabric.ball!.metres;
          for (const { piece, metres: listedMetres } of listed) {
            const { runs, sections, copies } = pieces.find((one) => one.id === piece)!;
            if (sections.length > 1) continue;
            const area = outlines(runs, sections).reduce(
              (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y]))),
              0,
            );
            const want = ((area * inSwatch) / (width * height)) * copies;
            expect(Math.abs(listedMetres / want - 1)).toBeLessThan(1e-6);
          }
        }
    },
  );

  const swatched = (change: Partial<Design> = {}) =>
    designWith({
      sizes: [sizeOf('S', { bust: 84 }), sizeOf('M', { bust: 96 })],
      fabrics: [
        {
          ...fabricOf('body', 15, 12),
          swatch: { width: 10, height: 10, metres: 14 },
          ball: { grams: 50, metres: 90 },
        },
        fabricOf('rib', 18, 21),
      ],
      ...change,
    });
  const needs = (design: Design) => plan(design).sizes.map(({ yarn }) => yarn[0]!);

  it('adds up to the total with what is to spare, in balls rounded up, and guesses nothing', () => {
    for (const reserve of [10, 15])
      for (const need of needs(swatched({ finishing: { reserve } }))) {
        const net = need.pieces.reduce((sum, { metres }) => sum + metres, 0) + need.seams + need.tails;
        expect(need.metres).toBe(Math.ceil(net * (1 + reserve / 100)));
        expect(need.colours).toEqual([
          { colour: null, metres: need.metres, balls: Math.ceil((net * (1 + reserve / 100)) / 90) },
        ]);
      }
    expect(plan(swatched()).sizes[0]!.yarn.map(({ fabric }) => fabric)).toEqual(['body']);
  });

  it('takes more for crocheted seams than for sewn ones (common practice: 4 to 6 times, and twice)', () => {
    const seams = (method: 'slip stitch' | 'whip stitch') => {
      const methods = Object.fromEntries(
        plan(swatched()).sizes[0]!.joins.map(({ id }) => [id, method] as const),
      );
      return needs(swatched({ finishing: { methods } }))[0]!.seams;
    };
    const [sewn, crocheted] = [seams('whip stitch'), seams('slip stitch')];
    expect(crocheted / sewn).toBeCloseTo(2.5, 6);
  });

  it('counts stripes by their rows, and more yarn where they are cut', () => {
    const colours = (yarn: 'carried' | 'cut') => ({
      finishing: {
        colours: [
          {
            fabric: 'body',
            stripes: [
              { colour: 'Sand', rows: 2 },
              { colour: 'Ink', rows: 2 },
            ],
            yarn,
          },
        ],
      },
    });
    const [carried] = needs(swatched(colours('carried')));
    const [cut] = needs(swatched(colours('cut')));
    expect(carried!.colours.map(({ colour }) => colour).sort()).toEqual(['Ink', 'Sand']);
    const [a, b] = carried!.colours.map(({ metres }) => metres);
    // Two rows each by turns: apart by little more than two rows, seams and tails.
    expect(Math.abs(a! - b!)).toBeLessThan(0.15 * (a! + b!));
    expect(cut!.tails).toBeGreaterThan(carried!.tails + 5);
  });
});

describe('stripes', () => {
  const stripes = [
    { colour: 'A', rows: 2 },
    { colour: 'B', rows: 1 },
  ];
  it('repeat from row 1, and back from it', () => {
    expect([1, 2, 3, 4, 6, 7].map((row) => colourOfRow(stripes, row))).toEqual([
      'A',
      'A',
      'B',
      'A',
      'B',
      'A',
    ]);
    expect([0, -1, -2].map((row) => colourOfRow(stripes, row))).toEqual(['B', 'A', 'A']);
  });

  it('are not carried over more than four rows', () => {
    const wide = [
      { colour: 'A', rows: 6 },
      { colour: 'B', rows: 2 },
    ];
    expect(farCarried({ fabric: 'body', stripes: wide, yarn: 'carried' })).toEqual(['B']);
    expect(farCarried({ fabric: 'body', stripes: wide, yarn: 'cut' })).toEqual([]);
    expect(farCarried({ fabric: 'body', stripes, yarn: 'carried' })).toEqual([]);
  });

  it('meet at the side seam although the back is longer', () => {
    const design = designs['hollinwood-jumper']!;
    const { pieces, joins } = plan(design).sizes[2]!;
    const first = (edge: string) => {
      const place = pieces.flatMap(({ edges }) => edges).find(({ id }) => id === edge)!.place;
      return place.lies === 'row ends' ? place.spans[0]!.first : NaN;
    };
    const side = joins.find(({ id }) => id === 'side-left')!;
    const [back, front] = [first(side.a[0]!.edge), first(side.b[0]!.edge)];
    expect(back).toBeGreaterThan(front);
    const edges = new Map(pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
    const moved = stripeOffset('front', joins, edges, () => 0);
    for (let k = 0; k < 12; k += 1)
      expect(colourOfRow(stripes, front + k + moved)).toBe(colourOfRow(stripes, back + k));
    expect(stripeOffset('back', joins, edges, () => 0)).toBe(0);
  });

  it('go on from the yoke into the body', () => {
    const { pieces, joins } = plan(designs['marlbank-pullover']!).sizes[2]!;
    const edges = new Map(pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
    const rows = rowsOf(pieces.find(({ id }) => id === 'yoke')!.runs).at(-1)!.n;
    expect(stripeOffset('body', joins, edges, (id) => (id === 'yoke' ? rows : 0))).toBe(rows);
  });
});
