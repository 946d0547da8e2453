import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { openLoops } from '../../../borders/openEdges.js';
import type { Garment } from '../../../design.js';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { plan } from '../../../plan.js';
import { provePattern } from '../../../read/pattern.js';
import type { SizePlan } from '../../../sizePlan.js';
import { inWords } from '../../../text/phrase.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { foldedOutline, foldedRows, growthOf, halfOf } from './geometry.js';

/** Clusters whose side lies flat: 3 stitches are as wide as two rounds are high. */
const clusters = (height: number) => ({
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'granny-clusters')!.fabric,
  id: 'body',
  gauge: { stitches: 3, stitchesOver: 2 * height, rows: 1, rowsOver: height },
});

const designed = (garment: object, { height = 1.5, bust = 106, arm = 34 } = {}) =>
  designWith({
    graded: false,
    sizes: [sizeOf('one', { bust, upperArm: arm })],
    fabrics: [clusters(height), fabricOf('rib', 18, 20)],
    garment: { construction: 'hexagons', ...garment } as Garment,
  });
const planned = (...args: Parameters<typeof designed>) => plan(designed(...args)).sizes[0]!;
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;

describe('a folded hexagon', () => {
  it('has the cloth of six quarter squares, folded in two (polygon area by d3-polygon)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 40 }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (rounds, height) => {
          const outline = foldedOutline(halfOf({ rounds, rows: 0, hem: 0 }, 'sleeve', height));
          const square = (2 * rounds * height) ** 2;
          expect(2 * Math.abs(polygonArea(outline))).toBeCloseTo((6 * square) / 4, 6);
        },
      ),
    );
  });

  it('gains a strip along three sides by each row on them, and along its hem by each row there', () => {
    const height = 1.2;
    const area = (rows: number, hem: number) =>
      2 * Math.abs(polygonArea(foldedOutline(halfOf({ rounds: 10, rows, hem }, 'sleeve', height))));
    const side = 20 * height;
    // Two sides straight, the hem between them mitred at both its corners: twice a square of the strip's width.
    const strip = 4 * height;
    expect(area(4, 0) - area(0, 0)).toBeCloseTo(3 * side * strip + 2 * strip * strip, 6);
    expect(area(4, 3) - area(4, 0)).toBeCloseTo(2 * (10 + 4) * height * 3 * height, 6);
  });

  it('lies in rounds about the underarm, each within the one after it', () => {
    for (const first of ['sleeve', 'body'] as const) {
      const counts = { rounds: 6, rows: 3, hem: 2 };
      const [xs, ys] = [0, 1].map((axis) => foldedOutline(halfOf(counts, first, 1)).map((at) => at[axis]!));
      const lines = foldedRows(counts, first, 1);
      expect(lines).toHaveLength(11);
      for (const [x, y] of lines.flat()) {
        expect(x).toBeGreaterThanOrEqual(Math.min(...xs!) - 1e-9);
        expect(x).toBeLessThanOrEqual(Math.max(...xs!) + 1e-9);
        expect(y).toBeGreaterThanOrEqual(Math.min(...ys!) - 1e-9);
        expect(y).toBeLessThanOrEqual(Math.max(...ys!) + 1e-9);
      }
    }
  });

  it.each([
    ['sc', 16, 18, 2],
    ['hdc', 15, 11, 3],
    ['dc', 14, 7, 4],
  ] as const)('of %s gains what two heights of a round are wide: %s', (stitch, stitches, rows, gain) => {
    expect(growthOf({ ...fabricOf('body', stitches, rows), stitch })).toMatchObject({ sides: 6, gain });
  });
});

describe('a jacket of two folded hexagons', () => {
  // Handbook arithmetic of makers (common practice): 59 cm across are 29.5 from each half; rows of 1.5 cm: stop under.
  it('stops at 28.5 cm where 29.5 are wanted and a row is 1.5 cm', () => {
    const size = planned({ ease: 0, opening: 11 }, { bust: 118, arm: 34 });
    expect(count(size, 'hexagon.rounds')).toBe(15);
    expect(count(size, 'hexagon.rows')).toBe(4);
    expect(count(size, 'hexagon.reach') * 1.5).toBe(28.5);
    const [said] = size.notes.filter(({ code }) => code === 'hexagon-sleeve-first');
    expect(inWords(said!.message, 'cm')).toMatch(/15 rounds.+4 rows.+28\.5 cm; one more would be 30\.0 cm/);
  });

  it('comes nearest where it is to, and so may be over', () => {
    const size = planned({ ease: 0, opening: 11, stop: 'nearest' }, { bust: 119.8, arm: 34 });
    expect(count(size, 'hexagon.reach') * 1.5).toBe(30);
  });

  it('has rows along the sleeve’s sides where the body is wide enough first', () => {
    const size = planned({ ease: 0, opening: 40 }, { bust: 86, arm: 34 });
    expect(size.notes.map(({ code }) => code)).toContain('hexagon-body-first');
    expect(count(size, 'hexagon.rounds') * 1.5).toBeLessThanOrEqual(86 / 4);
    const of = (id: string) => size.finished.find((one) => one.id === id)!.actual;
    expect(of('opening')).toBeCloseTo(2 * count(size, 'hexagon.reach') * 1.5, 6);
    expect(of('bust')).toBeCloseTo(4 * count(size, 'hexagon.rounds') * 1.5, 6);
  });

  it('says which of the four cases each size of a range is', () => {
    const sizes = [80, 110, 140].map((bust) => sizeOf(String(bust), { bust, upperArm: 30 }));
    const cases = (top: string) =>
      plan({ ...designed({ ease: 0, opening: 24, top: { left: top } }), sizes }).sizes.map(({ notes }) =>
        notes.find(({ code }) => /^hexagon-.+-first$/.test(code))!,
      );
    for (const [top, words] of [
      ['as one', /as one/],
      ['open', /to and fro/],
    ] as const) {
      const told = cases(top);
      expect(told.map(({ code }) => code)).toEqual([
        'hexagon-body-first',
        'hexagon-sleeve-first',
        'hexagon-sleeve-first',
      ]);
      expect(inWords(told[2]!.message, 'cm')).toMatch(words);
    }
  });

  const VARIANTS: [string, object][] = [
    ['closed at the shoulder', {}],
    ['open for a hood', { top: { left: 'open' }, hood: {} }],
    ['with a strip at the back', { back: { strip: 8 } }],
    ['body first, open', { ease: -8, opening: 40, top: { left: 'open' } }],
    ['bell sleeves', { sleeve: { shape: 'bell', flare: 16 } }],
    ['full sleeves', { sleeve: { shape: 'balloon' } }],
    ['edged all round', { border: { round: { fabric: 'rib', rounds: 2 } } }],
  ];
  it.each(VARIANTS)(
    '%s is written and read back without a difference, in clusters and plain',
    (_, garment) => {
      for (const fabrics of [
        [clusters(1.2), fabricOf('rib', 18, 20)],
        [{ ...fabricOf('body', 14, 7), stitch: 'dc' as const }, fabricOf('rib', 18, 20)],
      ]) {
        const design = { ...designed(garment), fabrics };
        const { sizes } = plan(design);
        expect(sizes[0]!.joins.filter(({ ok }) => !ok)).toEqual([]);
        const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
        expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
      }
    },
  );

  it('is found wrong where a corner, a skip or a cluster is', () => {
    const design = designed({});
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    for (const [right, wrong] of [
      [
        /repeat from \* 5 times; join, turn\. \(6 clusters, 18 sts\)/,
        'repeat from * 4 times; join, turn. (6 clusters, 18 sts)',
      ],
      [/\(3 dc, ch 2, 3 dc\) in the next corner sp/, '(3 dc, ch 2, 2 dc) in the next corner sp'],
      [/skip (\d+) sts of rnd/, 'skip 3 sts of rnd'],
      [/work over (\d+) sts with a corner/, 'work over 99 sts with a corner'],
      [/, both corner sps at the shoulder as one/, ', beginning and ending by turns with 1 and with 3'],
      [/Make a ring\.\n/, ''],
      [/3 dc over the next 2 sps as one/, '2 dc over the next 2 sps as one'],
    ] as const) {
      expect(text).toMatch(right);
      const { differences } = provePattern(text.replace(right, wrong), sizes, {}, design);
      expect([wrong, differences.length > 0]).toEqual([wrong, true]);
    }
  });

  it('is found wrong where rows to and fro end with another number', () => {
    const design = designed({ top: { left: 'open' } });
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    const wrong = text.replaceAll('by turns with 1 and with 3', 'by turns with 1 and with 4');
    expect(wrong).not.toBe(text);
    expect(provePattern(wrong, sizes, {}, design).differences).not.toEqual([]);
  });

  it('has one border round fronts and hem: outer corners at the fronts, and the neck between them', () => {
    const size = planned({ sleeve: null });
    const loops = openLoops(size.pieces, size.joins);
    const [border, ...openings] = loops.sort((a, b) => b.edges.length - a.edges.length);
    expect(openings).toHaveLength(2);
    const turns = border!.edges.map(({ turn }) => Math.round(turn!)).filter((turn) => turn !== 0);
    expect(turns.sort((a, b) => a - b)).toEqual([-180, 90, 90]);
  });

  it('tells a hexagon that does not lie flat by its gauge, and one that is longer than wanted', () => {
    const ruffled = {
      ...designed({}),
      fabrics: [
        { ...clusters(1.5), gauge: { stitches: 3, stitchesOver: 4, rows: 1, rowsOver: 1.5 } },
        fabricOf('rib', 18, 20),
      ],
    };
    expect(plan(ruffled).sizes[0]!.notes.map(({ code }) => code)).toContain('motif-ruffles');
    const wide = planned({ ease: 30, belowWaist: 0 }, { bust: 150 });
    const [longer] = wide.notes.filter(({ code }) => code === 'hexagon-longer');
    expect(longer!.fixes).toHaveLength(1);
    const short = planned({ opening: 30, sleeve: { length: 'short' } }, { bust: 150 });
    expect(short.notes.map(({ code }) => code)).toContain('rounds-pass-the-sleeve');
  });

  it('plans with nothing but a fabric given', () => {
    const [size] = plan(
      designWith({ garment: { construction: 'hexagons', fabric: 'body' } as Garment }),
    ).sizes;
    expect(size!.notes.filter(({ level }) => level === 'stop')).toEqual([]);
    expect(size!.pieces.map(({ id }) => id)).toEqual(['half-right', 'half-left', 'sleeve', 'cuff']);
  });
});
