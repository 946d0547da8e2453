import type { Fabric } from '../fabric/fabric.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { fabricOf } from '../testing/designs.js';
import { gaugeLines } from '../write/materials.js';
import { lineToText } from '../write/text.js';
import { gaugeDiffers, needsDiffer, type ProvenNeeds } from './needs.js';

const body: Fabric = {
  ...fabricOf('body', 17, 12.5),
  name: 'Plain',
  hook: 4.5,
  unblocked: { stitches: 18, stitchesOver: 10, rows: 13, rowsOver: 10 },
  ball: { grams: 50, metres: 120 },
};
const rib: Fabric = { ...fabricOf('rib', 20, 20), name: 'Rib', hook: 4 };
const NEEDS: ProvenNeeds = {
  yarn: [
    {
      colours: [
        { colour: 'rust', metres: 720, balls: 6 },
        { colour: 'sand', metres: 240, balls: 2 },
      ],
    },
    { colours: [{ colour: null, metres: 90, balls: null }] },
  ],
  fabrics: [body, rib],
  band: rib,
  finishing: {
    reserve: 12,
    buttons: { count: 7, width: 3, fromLower: 2, fromUpper: 1, side: 'right' },
    colours: [
      {
        fabric: body.id,
        yarn: 'cut',
        stripes: [
          { colour: 'rust', rows: 4 },
          { colour: 'sand', rows: 1 },
        ],
      },
    ],
  },
};
/** Holes of 3 stitches at 2 a cm are 15 mm wide, a size that buttons are sold in. */
const LINES = [
  'Yarn for Plain, rust (Sallow merino, worsted): about 720 m, 6 balls of 50 g = 120 m',
  'Yarn for Plain, sand (Sallow merino, worsted): about 240 m, 2 balls of 50 g = 120 m',
  'Yarn for Rib: about 90 m',
  'Seams, tails and 12 % to spare are included.',
  'Stripes of Plain, from the lower edge: 4 rows rust, 1 row sand; repeat. Cut the yarn at each change.',
  '4.5 mm hook for Plain',
  '4 mm hook for Rib',
  '7 buttons of 15 mm',
  'Yarn needle and pins',
];

describe('what is needed', () => {
  it('is read without a difference', () => {
    expect(needsDiffer(LINES, NEEDS)).toEqual([]);
  });

  it.each([
    ['720 m', '730 m', /yarn is said to be 730\/6, 240\/2, 90\/0 m\/balls, it is 720\/6/],
    ['2 balls', '3 balls', /240\/3/],
    ['50 g = 120 m', '50 g = 125 m', /balls of 50 g = 125 m are said/],
    ['12 %', '10 %', /10 % to spare are said, they are 12 %/],
    [
      '4 rows rust',
      '3 rows rust',
      /stripes of Plain are said to be 3 rows rust, 1 row sand, they are 4 rows/,
    ],
    ['4.5 mm', '5 mm', /a hook of 5 mm is named for Plain, it is 4.5 mm/],
    ['hook for Rib', 'hook for Lace', /hook is named for Lace, which no piece is worked in/],
    ['7 buttons', '6 buttons', /6 of 15, they are 7 of 15/],
    ['of 15 mm', 'of 18 mm', /7 of 18, they are 7 of 15/],
  ])('finds “%s” told as “%s”', (right, wrong, difference) => {
    const lines = LINES.map((text) => text.replace(right, wrong));
    expect(lines).not.toEqual(LINES);
    expect(needsDiffer(lines, NEEDS).join('\n')).toMatch(difference);
  });

  it('finds a line left out', () => {
    const without = (start: string) =>
      needsDiffer(
        LINES.filter((text) => !text.startsWith(start)),
        NEEDS,
      );
    expect(without('Yarn for Rib')).toEqual([expect.stringContaining('the yarn is said to be')]);
    expect(without('4 mm')).toEqual(['no hook is named for Rib']);
    expect(without('7 buttons')).toEqual(['buttons are said to be none, they are 7 of 15']);
  });

  it('has no buttons where there is no band for them', () => {
    const lines = LINES.filter((text) => !text.includes('button'));
    expect(needsDiffer(lines, { ...NEEDS, band: null })).toEqual([]);
  });
});

describe('the gauge', () => {
  const lace = {
    ...body,
    ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'mesh-2')!.fabric,
    id: 'lace',
    name: 'Lace',
  };
  const fabrics = [body, rib, lace];
  const linesIn = (units: 'cm' | 'in' | 'both') =>
    fabrics.flatMap((fabric) => gaugeLines(fabric, units)).map((one) => lineToText(one, ['M']));

  it.each(['cm', 'in', 'both'] as const)('is read as it is written in %s', (units) => {
    expect(gaugeDiffers(linesIn(units), fabrics)).toEqual([]);
  });

  it('has every figure wrong by one found at its line', () => {
    let wrong = 0;
    const lines = linesIn('both');
    lines.forEach((text, i) => {
      for (const { index, 0: figure } of text.matchAll(/\d+/g)) {
        // The span that a gauge is counted over is one of two.
        const changed = text.slice(0, index) + (Number(figure) + 1) + text.slice(index + figure.length);
        const differences = gaugeDiffers([...lines.slice(0, i), changed, ...lines.slice(i + 1)], fabrics);
        wrong += 1;
        expect([changed, differences.length > 0]).toEqual([changed, true]);
      }
    });
    expect(wrong).toBeGreaterThan(20);
  });

  it('is told of every fabric, and of no other', () => {
    expect(gaugeDiffers(linesIn('cm').slice(1), fabrics)).toEqual(['the gauge of Plain is not told']);
    expect(gaugeDiffers(linesIn('cm'), [body, rib])).toEqual(
      expect.arrayContaining([expect.stringContaining('no piece is worked in it')]),
    );
  });
});
