import fc from 'fast-check';
import { line, NONE, tableOf, type Line } from '../write/line.js';
import { lineToText } from '../write/text.js';
import { figuresOfSize, linesOfSize, tablesOf } from './ofSize.js';

const LABELS = ['S', 'M', 'L'];
const textOf = (own: Line) => lineToText(own, LABELS).split('\n');

describe('a line of all sizes, for one', () => {
  it('has that size’s figure of every group', () => {
    const text = 'Rows 2–36 (2–35, 2–34), about 32½ (32, 31) cm: hdc in each st; turn. (72 (78, 86) sts)';
    expect([0, 1, 2].map((size) => figuresOfSize(text, size, 3))).toEqual([
      'Rows 2–36, about 32½ cm: hdc in each st; turn. (72 sts)',
      'Rows 2–35, about 32 cm: hdc in each st; turn. (78 sts)',
      'Rows 2–34, about 31 cm: hdc in each st; turn. (86 sts)',
    ]);
  });

  it('leaves brackets alone that are not of the sizes, and a text of one size', () => {
    const text = 'Row 1 (RS): 2 (of 3) sts (12 shells, 37 sts)';
    expect(figuresOfSize(text, 1, 3)).toBe(text);
    expect(figuresOfSize('Ch 74 (80, 88).', 0, 1)).toBe('Ch 74 (80, 88).');
  });

  it('is what was written for it, whatever its figures', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(300), { minLength: 3, maxLength: 3 }), fc.nat(2), (figures, size) => {
        const own = textOf(line`Work ${figures} sts along ${figures.map((one) => one + 1)} row ends.`)[0]!;
        const alone = lineToText(line`Work ${[figures[size]!]} sts along ${[figures[size]! + 1]} row ends.`, [
          'M',
        ]);
        // A figure of several sizes is never told in the singular.
        const plural = alone.replace(/\b1 st\b/, '1 sts').replace(/\b1 row end\b/, '1 row ends');
        // But one figure for all of them is.
        const same = figures.every((one) => one === figures[0]);
        expect(figuresOfSize(own, size, 3)).toBe(same ? alone : plural);
      }),
    );
  });
});

describe('lines of all sizes, for one', () => {
  const table = tableOf('increase in row', [
    { label: 'first', each: ['5', '4', '4'] },
    { label: 'then every 2nd row', each: ['3×', NONE, '2×'] },
  ]);

  it('have the column of a table in their line, without the rows in which it has a dash', () => {
    const lines = textOf(['Work increase rows as the table says:', table]);
    expect(linesOfSize(lines, 0, LABELS)).toEqual([
      'Work increase rows as the table says: || increase in row | first = 5 | then every 2nd row = 3×',
    ]);
    expect(linesOfSize(lines, 1, LABELS)).toEqual([
      'Work increase rows as the table says: || increase in row | first = 4',
    ]);
  });

  it('read a table that stands in the sentence the same way', () => {
    const apart = ['Work as it says. [increase in row: first 5 (4, 4); then every 2nd row 3× (–, 2×)]'];
    for (const size of [0, 1, 2])
      expect(linesOfSize(apart, size, LABELS)[0]!.replace(/^.*? \|\| /, '')).toBe(
        linesOfSize(textOf(['Work as it says.', table]), size, LABELS)[0]!.replace(/^.*? \|\| /, ''),
      );
  });

  it('leave out what is said to be for other sizes, its tables too', () => {
    const lines = ['Fasten off.', 'Sizes S, L: Row 9: hdc in each st.', ...textOf(['Size M: Row 8:', table])];
    expect(linesOfSize(lines, 2, LABELS)).toEqual(['Fasten off.', 'Row 9: hdc in each st.']);
    expect(linesOfSize(lines, 1, LABELS)[1]).toMatch(/^Row 8: \|\| increase in row/);
  });

  it('keep a sentence that only begins like one for some sizes', () => {
    expect(linesOfSize(['Size: M', 'Sizes of buttons: 15 mm'], 0, LABELS)).toEqual([
      'Size: M',
      'Sizes of buttons: 15 mm',
    ]);
  });
});

it('gives the tables of a line by their heads and rows', () => {
  expect(tablesOf('Work so: || in row | first = 5 | then = 3× || at the edge | row 1 = 2')).toEqual([
    {
      head: 'in row',
      rows: [
        ['first', '5'],
        ['then', '3×'],
      ],
    },
    { head: 'at the edge', rows: [['row 1', '2']] },
  ]);
  expect(tablesOf('Fasten off.')).toEqual([]);
});
