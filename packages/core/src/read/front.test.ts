import { easeDiffers, sizesDiffer } from './front.js';

const SIZE = {
  body: { bust: 93 },
  finished: [
    { label: 'All round', actual: 103.2 },
    { label: 'Length at the back', actual: 58.4 },
  ],
};
const LIST = [
  'Size: M',
  'To fit bust or chest: 93 cm = 36½ in',
  'All round: 103 cm = 40¾ in',
  'Length at the back: 58½ cm = 23 in',
];
const TABLE = [
  'XS (S, M) || finished, cm | To fit bust or chest = 93 | All round = 103 | Length at the back = 58½',
];

describe('what a size measures', () => {
  it.each([LIST, TABLE])('is read, as a list or as a column of a table', (...lines) => {
    expect(sizesDiffer(lines, SIZE)).toEqual([]);
  });

  it.each([
    ['103 cm', '104 cm', 'All round: 104 cm is said, it is 103.2 cm'],
    ['40¾ in', '40¼ in', 'All round: 40¼ in is said, it is 103.2 cm'],
    ['93 cm', '92 cm', 'To fit bust or chest: 92 cm is said, it is 93.0 cm'],
    ['Length at', 'Width at', '“Width at the back” is nothing that is measured'],
  ])('is found where “%s” is told as “%s”', (right, wrong, difference) => {
    expect(
      sizesDiffer(
        LIST.map((text) => text.replace(right, wrong)),
        SIZE,
      ),
    ).toContain(difference);
  });

  it('is missed where it is not told', () => {
    expect(sizesDiffer(LIST.slice(0, -1), SIZE)).toEqual(['Length at the back is not told']);
  });
});

describe('the ease that is stated', () => {
  const said = (words: string) => [`Worked flat.`, `To be worn with about ${words}.`];

  it('is read in one unit or in both, wide or tight', () => {
    expect(easeDiffers(said('10 cm of ease at the bust'), 10.2, 'bust')).toEqual([]);
    expect(easeDiffers(said('10 cm = 4 in of ease at the bust'), 10.2, 'bust')).toEqual([]);
    expect(
      easeDiffers(said('5 cm of negative ease at the bust: it stretches to the body'), -5, 'bust'),
    ).toEqual([]);
    expect(
      easeDiffers(['To be worn without ease at the bust: it measures what the body does.'], 0, 'bust'),
    ).toEqual([]);
  });

  it.each([
    [said('11 cm of ease at the bust'), 10, '11 cm of ease at the bust is said, it is 10.0 cm'],
    [said('5 cm of ease at the bust'), -5, '5 cm of ease at the bust is said, it is -5.0 cm'],
    [
      ['To be worn without ease at the bust: it measures what the body does.'],
      4,
      'no ease is said, it is 4.0 cm',
    ],
    [['Worked flat.'], 4, 'no ease is stated'],
  ])('is found where it is another', (lines, ease, difference) => {
    expect(easeDiffers(lines, ease, 'bust')).toEqual([difference]);
  });
});
