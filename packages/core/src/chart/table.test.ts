import fc from 'fast-check';
import { MEASUREMENTS, type Body } from '../body/measurements.js';
import type { ChartSize } from './chart.js';
import { matchColumns, readTable, sizesDown, tableOf } from './table.js';

const read = (rows: string[][], units: 'cm' | 'in' = 'cm') =>
  readTable(rows, matchColumns(rows[0]!).meanings, units);

const anyBody: fc.Arbitrary<Body> = fc
  .tuple(
    ...MEASUREMENTS.map(({ id, limits: [low, high] }) =>
      fc.option(
        fc
          .integer({ min: Math.ceil(low * 10), max: Math.floor(high * 10) })
          .map((tenths) => [id, tenths / 10] as const),
        { nil: null },
      ),
    ),
  )
  .map((pairs) => ({ bust: 90, ...Object.fromEntries(pairs.filter((pair) => pair !== null)) }) as Body);

const anySizes: fc.Arbitrary<ChartSize[]> = fc
  .array(
    fc.record({ body: anyBody, group: fc.constantFrom('adult' as const, 'child' as const, 'baby' as const) }),
    {
      minLength: 1,
      maxLength: 12,
    },
  )
  .map((list) =>
    list.map(({ body, group }, i) => ({ id: `Size ${i}, "${i}"`, label: `Size ${i}, "${i}"`, group, body })),
  );

it('reads back what it has written, in cm and in inches', () => {
  fc.assert(
    fc.property(anySizes, fc.constantFrom('cm' as const, 'in' as const), (sizes, units) => {
      const back = read(tableOf(sizes, units), 'cm');
      expect(back.ok).toBe(true);
      if (!back.ok) return;
      expect(back.sizes.map(({ label, group }) => ({ label, group }))).toEqual(
        sizes.map(({ label, group }) => ({ label, group })),
      );
      back.sizes.forEach(({ body }, i) => {
        expect(Object.keys(body).sort()).toEqual(Object.keys(sizes[i]!.body).sort());
        for (const [id, cm] of Object.entries(sizes[i]!.body))
          expect(body[id as 'bust']!).toBeCloseTo(cm, units === 'cm' ? 6 : 1);
      });
    }),
  );
});

it('recognises columns by the names people use, and the unit in a heading', () => {
  const { meanings, units } = matchColumns([
    'Size',
    'Chest (in)',
    'Hips',
    'Arm length to underarm',
    'Colour',
    'Bust cm',
  ]);
  expect(meanings).toEqual(['size', 'bust', 'hip', 'underarmToWrist', null, null]);
  expect(units).toEqual([null, 'in', null, null, null, 'cm']);
});

it('turns a table round whose sizes lie across', () => {
  expect(
    sizesDown([
      ['', 'S', 'M'],
      ['Bust', '84', '94'],
      ['Waist', '66', '76'],
    ]),
  ).toEqual([
    ['', 'Bust', 'Waist'],
    ['S', '84', '66'],
    ['M', '94', '76'],
  ]);
});

it('takes decimal commas, fractions and units in single cells', () => {
  const found = read([
    ['Size', 'Bust', 'Waist', 'Hip'],
    ['M', '92,5', '30 in', '39 1/2 in'],
    ['L', '102', '', '–'],
  ]);
  expect(found).toMatchObject({
    ok: true,
    sizes: [{ body: { bust: 92.5, waist: 76.2, hip: 100.33 } }, { body: { bust: 102 } }],
  });
});

describe('tells what is wrong by row and column, and takes nothing', () => {
  it.each([
    [
      'a word',
      [
        ['Size', 'Bust'],
        ['S', '84'],
        ['M', 'wide'],
      ],
      3,
      2,
      /is not a length/,
    ],
    [
      'inches where cm are meant',
      [
        ['Size', 'Bust', 'Wrist'],
        ['S', '84', '2'],
      ],
      2,
      3,
      /it can be 5 to 40 cm/,
    ],
    [
      'one name twice',
      [
        ['Size', 'Bust'],
        ['S', '84'],
        ['S', '90'],
      ],
      3,
      1,
      /stands in row 2 already/,
    ],
    [
      'an unknown group',
      [
        ['Size', 'Group', 'Bust'],
        ['S', 'teen', '84'],
      ],
      2,
      2,
      /adult, child or baby/,
    ],
    [
      'a size without figures',
      [
        ['Size', 'Bust'],
        ['S', ''],
      ],
      2,
      1,
      /no figures/,
    ],
    [
      'nothing that leads to a bust',
      [
        ['Size', 'Wrist'],
        ['S', '15'],
      ],
      2,
      1,
      /leads to a bust/,
    ],
    ['headings alone', [['Size', 'Bust']], 1, 1, /no sizes under them/],
    [
      'no measurement at all',
      [
        ['Size', 'Colour'],
        ['S', 'red'],
      ],
      1,
      1,
      /No column holds a measurement/,
    ],
  ])('%s', (_, rows, row, column, message) => {
    const found = read(rows as string[][]);
    expect(found.ok).toBe(false);
    if (!found.ok)
      expect(found.problems[0]).toMatchObject({
        row,
        column,
        message: expect.stringMatching(message) as string,
      });
  });

  it('ten thousand rows', () => {
    const rows = [['Size', 'Bust'], ...Array.from({ length: 10_000 }, (_, i) => [`S${i}`, '90'])];
    expect(read(rows)).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining('at most 600') as string }],
    });
  });
});
