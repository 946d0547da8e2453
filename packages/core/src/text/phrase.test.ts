import { cm, figure, inWords, ordinal, say } from './phrase.js';

it('says lengths in the reader’s units', () => {
  const phrase = say`worn ${cm(25.4)} all round, ${3} times, ${say`ease ${cm(-5.08, { sign: true })}`}`;
  expect(inWords(phrase, 'cm')).toBe('worn 25.4 cm all round, 3 times, ease −5.1 cm');
  expect(inWords(phrase, 'in')).toBe('worn 10 in all round, 3 times, ease −2 in');
});

it('writes ordinals and figures as people do', () => {
  expect([1, 2, 3, 4, 11, 12, 13, 21, 22, 101, 111].map(ordinal)).toEqual([
    '1st',
    '2nd',
    '3rd',
    '4th',
    '11th',
    '12th',
    '13th',
    '21st',
    '22nd',
    '101st',
    '111th',
  ]);
  expect([figure(1.6), figure(85.999, 2), figure(86)]).toEqual(['1.6', '86', '86']);
});
