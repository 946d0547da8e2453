import { readChart } from '../format/library.js';
import { CM_PER_INCH } from '../units/length.js';
import { gradingOf } from './grading.js';
import { STANDARD_CHARTS } from './standard.js';

const sizes = (id: string) => STANDARD_CHARTS.find((one) => one.id === id)!.chart.sizes;
const column = (id: string, measurement: 'bust' | 'waist' | 'hip' | 'armholeDepth' | 'upperArm') =>
  sizes(id).map(({ body }) => body[measurement]);

it.each(STANDARD_CHARTS)('$id is a chart, and says where it is from', ({ chart }) => {
  expect(readChart(chart).ok).toBe(true);
  expect(chart.source).toMatch(/from memory/);
});

it.each(STANDARD_CHARTS)('$id grows from size to size', ({ chart }) => {
  const falls = gradingOf(chart.sizes).flatMap(({ id, steps }) =>
    steps.filter(({ oddity }) => oddity === 'falls').map(({ from }) => `${id} ${from}`),
  );
  expect(falls).toEqual([]);
});

// Craft Yarn Council, "Standard body measurements", cm columns as published, from memory: both ends of each band.
it.each([
  [
    'standard-women',
    'bust',
    [
      [71, 76],
      [81, 86],
      [91.5, 96.5],
      [101.5, 106.5],
      [111.5, 117],
      [122, 127],
      [132, 137],
      [142, 147],
      [152, 158],
    ],
  ],
  [
    'standard-women',
    'hip',
    [
      [83.5, 86],
      [89, 91.5],
      [96.5, 101.5],
      [106.5, 111.5],
      [116.5, 122],
      [132, 134.5],
      [137, 139.5],
      [142, 144.5],
      [155, 157],
    ],
  ],
  [
    'standard-women',
    'armholeDepth',
    [
      [15.5, 16.5],
      [16.5, 17.5],
      [17.5, 19],
      [19, 20.5],
      [20.5, 21.5],
      [21.5, 23],
      [23, 24],
      [24, 25.5],
      [25.5, 26.5],
    ],
  ],
  [
    'standard-men',
    'bust',
    [
      [86, 91.5],
      [96.5, 101.5],
      [106.5, 111.5],
      [116.5, 122],
      [127, 132],
    ],
  ],
  [
    'standard-children',
    'bust',
    [
      [53, 53.5],
      [58.5, 58.5],
      [63.5, 63.5],
      [67, 67.5],
      [71, 71],
      [76, 76],
      [80, 80],
      [82.5, 82.5],
    ],
  ],
  [
    'standard-babies',
    'bust',
    [
      [40.5, 40.5],
      [43, 43],
      [45.5, 45.5],
      [48, 48.5],
      [50.5, 51],
    ],
  ],
] as const)('%s: %s lies in the published bands', (id, measurement, bands) => {
  column(id, measurement).forEach((cm, i) => {
    expect(cm).toBeGreaterThanOrEqual(bands[i]![0] - 0.5);
    expect(cm).toBeLessThanOrEqual(bands[i]![1] + 0.5);
  });
});

// EN 13402-3, women, from memory: bust steps of 4 cm up to 104, of 6 cm above; the hip is 8 cm over the bust at first.
it('bands of women step by 4 cm up to 104 and by 6 cm above', () => {
  const busts = column('bands-women', 'bust') as number[];
  expect(busts.slice(1).map((cm, i) => cm - busts[i]!)).toEqual([
    ...Array<number>(7).fill(4),
    ...Array<number>(8).fill(6),
  ]);
  expect(
    sizes('bands-women')
      .slice(0, 8)
      .map(({ body }) => body.hip! - body.bust!),
  ).toEqual(Array(8).fill(8));
  expect(sizes('bands-men').find(({ id }) => id === 'M')!.body.bust).toBe(98);
});

// Armhole depths made by hand (common practice): adult S 6 in, L 7 in, 2X 8 in. Charts lie within an inch of them.
it('armhole depths lie within an inch of those that makers use', () => {
  const women = sizes('standard-women');
  for (const [label, inches] of [
    ['S', 6],
    ['L', 7],
    ['2X', 8],
  ] as const) {
    const depth = women.find(({ id }) => id === label)!.body.armholeDepth!;
    expect(Math.abs(depth - inches * CM_PER_INCH)).toBeLessThanOrEqual(CM_PER_INCH);
  }
});
