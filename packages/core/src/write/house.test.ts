import fc from 'fast-check';
import { plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { designWith } from '../testing/designs.js';
import type { PatternWish } from './pattern.js';
import { fromHouse, inHouse } from './house.js';
import { line, tableOf, type Line } from './line.js';
import { HOUSE_WAYS, styleOf, USUAL_STYLE, type HouseStyle } from './style.js';
import { lineToText } from './text.js';

const SIZES = ['S', 'M', 'L'];
const style: fc.Arbitrary<HouseStyle> = fc.record(
  Object.fromEntries(Object.entries(HOUSE_WAYS).map(([key, ways]) => [key, fc.constantFrom(...ways)])),
) as unknown as fc.Arbitrary<HouseStyle>;

/** Lines as pieces have them. */
const LINES: readonly Line[] = [
  line`Ch ${[74, 80, 88]}.`,
  line`Row 1 (RS): hdc in the 3rd ch from the hook and in each ch to the end; turn. (${[72, 78, 86]} sts)`,
  line`Rows ${['2–36', '2–35', '2–34']}, about ${['32½', '32', '31']} cm: hdc in each st; turn. (${[72, 78, 86]} sts)`,
  line`Rnds ${['2–6', '–', '3']}: dc in each st; join. (${[24, 24, 24]} sts)`,
  line`Second shoulder: skip ${[10, 12, 12]} sts of the last full row in the middle, rejoin the yarn in the next st and work the last ${[31, 34, 37]} sts from row ${[50, 52, 52]} on.`,
  line`To take off 1 st: hdc2tog over the 2 sts at the neck edge.`,
  line`Increase row: 2 hdc in the first st, hdc in each st to the last st, 2 hdc in the last st.`,
  line`Row 5: sl st over the first ${[3, 4, 4]} sts, hdc in each st to the end; turn. (${[20, 21, 1]} sts)`,
  ['Place a marker at both ends of row 36: the underarm.'],
];

describe('the style of the house', () => {
  it('is read again as the usual words, whatever it is', () => {
    fc.assert(
      fc.property(style, fc.constantFrom(...LINES), (house, own) => {
        const printed = lineToText(inHouse(own, house), SIZES, house);
        expect(fromHouse(printed, house, SIZES.length)).toBe(lineToText(own, SIZES));
      }),
      { numRuns: 400 },
    );
  });

  it('prints what a designer asked for', () => {
    const printed = (own: Line, house: Partial<HouseStyle>) =>
      lineToText(inHouse(own, { ...USUAL_STYLE, ...house }), SIZES, { ...USUAL_STYLE, ...house });
    expect(printed(LINES[0]!, { sizes: 'slashes' })).toBe('Ch 74/80/88.');
    expect(printed(LINES[1]!, { counts: 'dash', stitches: 'stitches' })).toMatch(
      /turn\. — 72 \(78, 86\) stitches$/,
    );
    expect(printed(LINES[2]!, { rowNames: 'ROW', countAt: 'beginning', counts: 'square brackets' })).toMatch(
      /^ROWS 2–36 \(2–35, 2–34\), about .* cm \[72 \(78, 86\) sts\]: hdc in each st; turn\.$/,
    );
  });

  it('sets tables as tables or in the sentence', () => {
    const own: Line = [
      'Work increase rows as the table says.',
      tableOf('increase in row', [{ label: 'first', each: ['5', '4', '–'] }]),
    ];
    expect(lineToText(inHouse(own, { ...USUAL_STYLE, shaping: 'sentences' }), SIZES)).toBe(
      'Work increase rows as the table says. [increase in row: first 5 (4, –)]',
    );
    expect(lineToText(own, SIZES)).toContain('\n| first | 5 | 4 | – |');
  });
});

it('is the design’s own before the studio’s, and the usual one for the rest', () => {
  expect(styleOf({})).toEqual(USUAL_STYLE);
  expect(styleOf({ words: { style: { terms: 'uk' } } }, { terms: 'us', sizes: 'slashes' })).toEqual({
    ...USUAL_STYLE,
    terms: 'uk',
    sizes: 'slashes',
  });
});

it('names stitches in the terms of the style, unless others are asked for', () => {
  const design = designWith({ words: { style: { terms: 'uk' } } });
  const written = (wish: Partial<PatternWish>) => provenText(plan(design), design, { units: 'cm', ...wish });
  for (const [wish, stitch, foundation] of [
    [{}, 'htr (half treble)', /htr in the 3rd ch/],
    [{ style: { terms: 'us' } }, 'htr (half treble)', /htr in the 3rd ch/],
    [{ terms: 'us' }, 'hdc (half double crochet)', /hdc in the 3rd ch/],
  ] as const) {
    const { text, proof } = written(wish);
    expect(text).toContain(stitch);
    expect(text).toMatch(foundation);
    expect(proof.differences).toEqual([]);
    expect(proof.stitches).toBeGreaterThan(0);
  }
});
