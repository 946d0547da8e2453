import { readDesign } from './format/readDesign.js';
import { CONSTRUCTIONS } from './garment/registry.js';
import { plan } from './plan.js';
import { DEEP } from './testing/deep.js';

interface Rule {
  multiple: number;
  plus: number;
}

/** Whether the reader takes three sizes in such a fabric, and what planning it stops at, within how many ms. */
function tried(
  construction: string,
  gauge: readonly number[],
  rule: Record<'flat' | 'round' | 'rows', Rule>,
) {
  const [stitches, stitchesOver, rows, rowsOver] = gauge;
  const from = performance.now();
  const read = readDesign({
    format: 'upfell/design',
    version: 1,
    name: 'Limits',
    units: 'cm',
    graded: true,
    sizes: [86, 96, 106].map((bust) => ({ id: `${bust}`, label: `${bust}`, group: 'adult', body: { bust } })),
    fabrics: [{ id: 'body', name: 'Body', hook: 5, gauge: { stitches, stitchesOver, rows, rowsOver }, rule }],
    garment: { construction },
    pins: [],
  });
  if (!read.ok) return { problems: read.problems, stops: [], ms: performance.now() - from };
  const stops = plan(read.design).sizes.flatMap(({ notes }) => notes.filter(({ level }) => level === 'stop'));
  return { problems: [], stops, ms: performance.now() - from };
}

const ANY = { multiple: 1, plus: 0 };
const FREE = { flat: ANY, round: ANY, rows: ANY };
const USUAL = [16, 10, 11, 10];
/**
 * What a search without a bound passes many times over, ms. The program answers within five seconds; modules that are transformed one by
 * one for tests run up to four times slower, and beside another worker half as fast again.
 */
const PATIENCE = 30_000;

type Case = [name: string, gauge: readonly number[], rule: Parameters<typeof tried>[2]];
const CASES: readonly Case[] = [
  ['rows 1 + 150', USUAL, { ...FREE, rows: { multiple: 1, plus: 150 } }],
  ['rows 2 + 150', USUAL, { ...FREE, rows: { multiple: 2, plus: 150 } }],
  ['1 stitch in 15 cm', [1, 15, 11, 10], FREE],
  ['100 stitches and rows in 10 cm', [100, 10, 100, 10], FREE],
];
/** Those that take the longest: looked at in a deep run. */
const HARDEST: readonly Case[] = [
  [
    'repeats of 199 stitches',
    USUAL,
    { ...FREE, flat: { multiple: 199, plus: 7 }, round: { multiple: 197, plus: 0 } },
  ],
  ['1 row in 15 cm', [16, 10, 1, 15], FREE],
  ['15 stitches in 1 cm and 1 row in 20 cm', [150, 10, 1, 20], FREE],
];

describe.each(CONSTRUCTIONS.map(({ id }) => id))('%s at the edge of what the reader takes', (id) => {
  it.each<Case>(DEEP ? [...CASES, ...HARDEST] : CASES)(
    'plans %s or says why not, in time',
    (_name, gauge, rule) => {
      const { stops, ms } = tried(id, gauge, rule);
      expect(stops.map(({ code }) => code)).not.toContain('not-workable');
      expect(ms).toBeLessThan(PATIENCE);
    },
    60_000,
  );
});

it.each<[string, readonly number[], Parameters<typeof tried>[2], string]>([
  [
    'a repeat of 200,000 stitches',
    USUAL,
    { ...FREE, flat: { multiple: 200_000, plus: 0 } },
    'fabrics[0].rule.flat',
  ],
  ['0.5 stitches in 200 cm', [0.5, 200, 500, 1], FREE, 'fabrics[0].gauge'],
  ['500 stitches in 1 cm', [500, 1, 500, 1], FREE, 'fabrics[0].gauge'],
])('the reader refuses %s in a sentence at the field', (_name, gauge, rule, path) => {
  const { problems } = tried('raglan', gauge, rule);
  expect(problems.length).toBeGreaterThan(0);
  for (const problem of problems) {
    expect(problem.path.startsWith(path)).toBe(true);
    expect(problem.message).toMatch(/ .+\.$/);
  }
});
