import { metresInWords, typedNumber, wholeNumber } from './numbers';

it.each<[string, number | null]>([
  ['16', 16],
  [' 16,5 ', 16.5],
  ['16.5', 16.5],
  ['−3', -3],
  ['-3,25', -3.25],
  ['', null],
  ['   ', null],
  ['wide', null],
  ['1e999', null],
])('reads “%s” as %p', (text, value) => expect(typedNumber(text)).toBe(value));

it('sets thousands apart and rounds', () => {
  expect([wholeNumber(999.4), wholeNumber(1289.6), metresInWords(12345)]).toEqual([
    '999',
    '1,290',
    '12,345 m',
  ]);
});
