import fc from 'fast-check';
import Fraction from 'fraction.js';
import { readLibraryFabric } from '../format/library.js';
import { fabricOf } from '../testing/designs.js';
import { isLegal, testCount } from './counts.js';
import { foundationExtra, swatchMetres } from './fabric.js';
import { perCm } from './gauge.js';
import { meanGauge, spreadOf, spreadOver } from './readings.js';
import { heightOfRows, rowTypeAt } from './rowTypes.js';
import { STITCH_PATTERNS } from './startingSet.js';
import { gaugeEffects, hooksToTry, swatchStart, withMeasuredGauge } from './swatch.js';
import { stitchesOf, unitsInWords, unitsOf } from './units.js';

const reading = (stitches: number, stitchesOver = 10) => ({ stitches, stitchesOver, rows: 11, rowsOver: 10 });

describe('readings', () => {
  it('give their mean and spread, and what it means over a width', () => {
    const readings = [reading(15.5), reading(16), reading(16.5)];
    const { mean, low, high } = spreadOf(readings, 'stitches');
    expect([Number(mean.toFixed(12)), low, high]).toEqual([1.6, 1.55, 1.65]);
    // 53.5 cm at the mean: 85.6 stitches, which are 51.9 cm at the tightest reading and 55.2 at the loosest.
    const { under, over } = spreadOver(spreadOf(readings, 'stitches'), 53.5);
    expect(under).toBeCloseTo(53.5 - 85.6 / 1.65, 10);
    expect(over).toBeCloseTo(85.6 / 1.55 - 53.5, 10);
    expect(meanGauge([readings[1]!])).toBe(readings[1]);
  });

  it('have the mean of exact fractions', () => {
    const count = fc.record({
      stitches: fc.integer({ min: 5, max: 60 }),
      over: fc.integer({ min: 5, max: 20 }),
    });
    fc.assert(
      fc.property(fc.array(count, { minLength: 2, maxLength: 6 }), (counts) => {
        const exact = counts
          .reduce((sum, { stitches, over }) => sum.add(new Fraction(stitches, over)), new Fraction(0))
          .div(counts.length);
        const mean = meanGauge(counts.map(({ stitches, over }) => reading(stitches, over)));
        expect(perCm(mean, 'stitches')).toBeCloseTo(exact.valueOf(), 3);
      }),
    );
  });
});

describe('rows of different heights', () => {
  const fabric = {
    ...fabricOf('texture', 14, 10),
    rowTypes: [
      { name: 'sc row', height: 0.6 },
      { name: 'dc row', height: 1.4 },
    ],
  };

  it('add up by turns, and whole repeats measure what the gauge says', () => {
    expect([1, 2, 3, 4].map((rows) => Number(heightOfRows(fabric, rows).toFixed(6)))).toEqual([
      0.6, 2, 2.6, 4,
    ]);
    expect([1, 2, 3].map((rows) => rowTypeAt(fabric, rows))).toEqual(['sc row', 'dc row', 'sc row']);
    expect(heightOfRows(fabricOf('plain', 14, 8), 12)).toBe(15);
  });

  it('never shrink as rows are added', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), (rows) => {
        expect(heightOfRows(fabric, rows + 1)).toBeGreaterThan(heightOfRows(fabric, rows));
        if (rows % 2 === 0) expect(heightOfRows(fabric, rows)).toBeCloseTo(rows, 10);
      }),
    );
  });
});

it('converts units to stitches and back: a mesh of 2 chains is 3k + 1 flat (common practice)', () => {
  const mesh = { name: 'mesh spaces', stitches: 3, plus: 1 } as const;
  expect([stitchesOf(20, mesh), unitsOf(61, mesh)]).toEqual([61, 20]);
  expect([unitsInWords(61, mesh), unitsInWords(62, mesh), unitsInWords(4, mesh)]).toEqual([
    '20 mesh spaces',
    null,
    '1 mesh space',
  ]);
});

it('tests a count against brute force', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 80 }),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 0, max: 11 }),
      (count, multiple, plus) => {
        const rule = { multiple, plus };
        const legal = Array.from({ length: 200 }, (_, i) => i + 1).filter((n) => isLegal(n, rule));
        expect(testCount(count, rule)).toEqual({
          works: legal.includes(count),
          below: legal.filter((n) => n <= count).at(-1) ?? null,
          above: legal.find((n) => n >= count),
        });
      },
    ),
  );
});

describe('foundation', () => {
  const dc = { ...fabricOf('dc', 13, 7.5), stitch: 'dc' as const };
  it.each([
    [{}, 3],
    [{ turning: 'counts' as const }, 2],
    [{ turning: 'chainless' as const }, 1],
    [{ foundation: 'stitches' as const, foundationExtra: 5 }, 0],
    [{ foundationExtra: 4 }, 4],
  ])('%j: %d chains beyond the stitches', (change, extra) => {
    expect(foundationExtra({ ...dc, ...change })).toBe(extra);
  });
});

describe('the starting set', () => {
  it.each(STITCH_PATTERNS.map((pattern) => [pattern.fabric.id, pattern] as const))(
    '%s reads as a fabric and is said to be estimated',
    (_, { fabric }) => {
      expect(readLibraryFabric({ format: 'upfell/fabric', version: 1, ...fabric })).toMatchObject({
        ok: true,
      });
      expect(fabric.estimated).toBe(true);
    },
  );

  // Craft, common practice: a flat multiple of 5 + 2 becomes a multiple of 5 in the round; pairs need even counts.
  it('has the rules that makers use', () => {
    const rules = (id: string) => STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric.rule;
    expect([rules('shells-with-mesh').flat, rules('shells-with-mesh').round]).toEqual([
      { multiple: 5, plus: 2 },
      { multiple: 5, plus: 0 },
    ]);
    expect(rules('mesh-2').flat).toEqual({ multiple: 3, plus: 1 });
    expect(rules('crossed-pairs').flat).toEqual({ multiple: 2, plus: 2 });
  });

  it('gives a swatch of at least 15 cm that obeys the pattern', () => {
    for (const { fabric } of STITCH_PATTERNS) {
      const start = swatchStart(fabric);
      expect(isLegal(start.stitches, fabric.rule.flat) && isLegal(start.rows, fabric.rule.rows)).toBe(true);
      expect(start.stitches / perCm(fabric.gauge, 'stitches')).toBeGreaterThanOrEqual(15 - 1e-9);
      expect(start.chains).toBe(start.stitches + foundationExtra(fabric));
    }
  });
});

it('tries the label’s hook, up to twice as thick for open fabrics (common practice)', () => {
  expect(hooksToTry(5, 'open')).toEqual({ from: 6, to: 10 });
  expect(hooksToTry(4, 'usual')).toEqual({ from: 4, to: 5 });
  expect(hooksToTry(5, 'firm').to).toBe(5);
});

describe('gauge of the work in hand', () => {
  const fabric = {
    ...fabricOf('body', 16, 11),
    unblocked: { stitches: 16.5, stitchesOver: 10, rows: 11.5, rowsOver: 10 },
  };
  const lengths = [{ id: 'back.width', label: 'Back', axis: 'stitches' as const, count: 86, actual: 53.75 }];

  it('is compared with the gauge on the hook, and finished lengths change in proportion', () => {
    const looser = { stitches: 16.5, stitchesOver: 11, rows: 11.5, rowsOver: 10 };
    const { ratio, fine, effects } = gaugeEffects(fabric, looser, lengths);
    expect(
      [ratio.stitches, ratio.rows, fine].map((v) => (typeof v === 'number' ? Number(v.toFixed(9)) : v)),
    ).toEqual([1.1, 1, false]);
    expect(effects[0]!.now).toBeCloseTo(53.75 * 1.1, 10);
    const replanned = withMeasuredGauge(fabric, looser);
    expect(perCm(replanned.gauge, 'stitches')).toBeCloseTo(1.6 / 1.1, 3);
    expect(86 / perCm(replanned.gauge, 'stitches')).toBeCloseTo(effects[0]!.now, 1);
  });

  it('is fine within 2 %', () => {
    expect(gaugeEffects(fabric, { ...fabric.unblocked, stitches: 16.7 }, lengths).fine).toBe(true);
    expect(gaugeEffects(fabric, { ...fabric.unblocked, stitches: 17.2 }, lengths).fine).toBe(false);
  });
});

it('knows the metres of a swatch from its weight and the ball', () => {
  const swatch = { width: 15, height: 15, grams: 12 };
  const base = fabricOf('body', 16, 11);
  expect(swatchMetres({ ...base, swatch, ball: { grams: 50, metres: 125 } })).toBe(30);
  expect(swatchMetres({ ...base, swatch })).toBeNull();
  expect(swatchMetres({ ...base, swatch: { ...swatch, metres: 31 }, ball: { grams: 50, metres: 125 } })).toBe(
    31,
  );
});
