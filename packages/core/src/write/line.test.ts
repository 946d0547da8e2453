import { flowOf, isOwn, meaningOf, type Line } from './line.js';

const lines: Line[] = [
  ['Ch 74.'],
  ['Rows 2–36, about 32½ cm: hdc in each st; turn. (', { each: ['72', '78'] }, ' sts)'],
  ['Fasten off.'],
];

describe('an author’s sentence', () => {
  const at = (section: readonly Line[], after: string, line: number) =>
    flowOf({
      id: 'back',
      heading: 'Back',
      lines: section,
      own: [{ text: 'Mind it.', line, after, at: 0 }],
    }).findIndex(isOwn);
  const after = meaningOf(lines[1]!);

  it('stands after the line that says the same, wherever that has gone and whatever its figures', () => {
    expect(at(lines, after, 2)).toBe(2);
    const moved: Line[] = [
      ['Leave a tail.'],
      ['Ch 80.'],
      ['Row 1: hdc.'],
      ['Rows 2–40 (2–38), about 36 (35) cm: hdc in each st; turn. (80 (84) sts)'],
      ['Fasten off.'],
    ];
    expect(meaningOf(moved[3]!)).not.toBe('');
    expect(at([...moved.slice(0, 3), lines[1]!, moved[4]!], after, 2)).toBe(4);
  });

  it('stands where it was, and is said to have lost its place, where that line is gone', () => {
    const flow = flowOf({
      id: 'back',
      heading: 'Back',
      lines: [['Ch 74.'], ['Fasten off.']],
      own: [{ text: 'Mind it.', line: 1, after, at: 0 }],
    });
    expect(flow[1]).toMatchObject({ text: 'Mind it.', astray: true });
  });
});

it('the meaning of a line has no figures, sizes or lengths', () => {
  expect(
    meaningOf([
      'Sizes S, M: Rows ',
      { each: ['2–36', '2–35'] },
      ', about ',
      { each: ['32½', '31'] },
      ' cm: even. (',
      '72',
      ' sts)',
    ]),
  ).toBe(meaningOf(['Rows 3–4, about 7 cm: even. (80 sts)']));
});
