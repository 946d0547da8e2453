import { labelIs } from '../check/fields.js';
import { demoDesigns } from '../testing/designs.js';
import { plan } from '../plan.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';
import { line } from '../write/line.js';
import { inWords, say } from './phrase.js';
import { countOf } from './singular.js';

describe('one of a thing', () => {
  it('is said so', () => {
    expect([countOf(1, 'st'), countOf(2, 'st'), countOf(1, 'stitch', 'stitches')]).toEqual([
      '1 st',
      '2 sts',
      '1 stitch',
    ]);
    expect(inWords(say`skip ${1} sts, then ${2} rows and ${1} rows`, 'cm')).toBe(
      'skip 1 st, then 2 rows and 1 row',
    );
    expect(inWords(say`${21} rows, ${1} shaping rows`, 'cm')).toBe('21 rows, 1 shaping row');
  });

  it('is said so in a line of the pattern, and left plural where sizes differ', () => {
    expect(line`Increase at ${[1, 1]} places, ${[1, 2]} sts`).toEqual([
      'Increase at ',
      '1',
      ' place, ',
      { each: ['1', '2'] },
      ' sts',
    ]);
    expect(line`${'Row'}s ${['2', '2']}: even`.join('')).toBe('Row 2: even');
    expect(line`Rows ${['2', '4']}: even`[0]).toBe('Row ');
    expect(line`Rows ${['2–6', '4']}: even`[0]).toBe('Rows ');
  });

  it('has its verb: “The straps are”, “The ease is”', () => {
    expect(
      [
        'The straps',
        'The rates',
        'The ease',
        'The width of the straps',
        'The pairs of ties',
        'The sleeves’ share of the neck',
        'The raglan line',
        'What the fronts are longer',
      ].map(labelIs),
    ).toEqual([
      'The straps are',
      'The rates are',
      'The ease is',
      'The width of the straps is',
      'The pairs of ties are',
      'The sleeves’ share of the neck is',
      'The raglan line is',
      'What the fronts are longer is',
    ]);
  });

  it('is never plural in a pattern of one size', () => {
    for (const design of Object.values(demoDesigns())) {
      const planned = plan(design);
      for (const { id } of planned.sizes) {
        const written = patternToText(pattern(planned, design, { terms: 'us', units: 'cm', size: id }));
        const text = written.replaceAll('plus 1 stitches', '');
        expect(text.match(/(?:^|[^\d.,/–-])1 (?:sts|rows|rnds|places|times|stitches)\b/g) ?? []).toEqual([]);
        expect(text.match(/(?:Rows|Rnds) \d+[:,]/g) ?? []).toEqual([]);
      }
    }
  });
});
