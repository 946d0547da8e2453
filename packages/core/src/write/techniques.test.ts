import { kindsIn, keyLines } from './key.js';
import { techniqueLines } from './techniques.js';

const named = (usText: string, methods: Parameters<typeof techniqueLines>[0]['methods'] = new Set()) =>
  techniqueLines({ usText, methods }).lines.map(([said]) => String(said).split(':')[0]);

describe('techniques', () => {
  it('are those that the pattern uses, each with its drawing', () => {
    expect(named('Row 1: hdc in each st; turn. (72 sts)')).toEqual([]);
    expect(named('Rnd 2: dc in each st; join. (72 sts)\nCap, short rows 2–9: …')).toEqual([
      'Rounds that are joined',
      'Short rows',
    ]);
    expect(named('', new Set(['mattress stitch', 'slip stitch'] as const))).toEqual([
      'Mattress stitch',
      'Slip-stitch seam',
    ]);
    const { lines, drawings } = techniqueLines({
      usText: 'fpdc in the next st',
      methods: new Set(['whip stitch']),
    });
    expect(drawings.map(({ line }) => line)).toEqual(lines.map((_, i) => i));
    for (const { svg, alt } of drawings) expect(svg).toContain(`aria-label="${alt}"`);
  });
});

describe('the stitch key', () => {
  it('has each stitch of the text, and the plain one of what is worked in a loop, round a post or together', () => {
    expect(kindsIn('ch 3, hdc2tog, sc blo in each st, sl st')).toEqual([
      'ch',
      'sl st',
      'sc',
      'hdc',
      'hdc2tog',
      'sc blo',
    ]);
  });

  it('says how each is made, in the terms wanted', () => {
    const { lines, drawings } = keyLines(['sc', 'dc2tog'], 'uk');
    expect(lines.map((parts) => parts.join(''))).toEqual([
      'dc (double crochet): Draw up a loop, draw through both loops.',
      'tr2tog (2 tr together): In each of 2 stitches yarn over, draw up a loop, draw through two loops; then yarn over and draw through all loops.',
    ]);
    expect(drawings).toHaveLength(2);
  });
});
