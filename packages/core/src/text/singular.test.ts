import fc from 'fast-check';
import {
  afterFigure,
  countOf,
  numberInWords,
  numberOfWords,
  timesInWords,
  timesOfWords,
} from './singular.js';

it('counts one of a thing in the singular', () => {
  expect([0, 1, 2].map((many) => countOf(many, 'st'))).toEqual(['0 sts', '1 st', '2 sts']);
  expect(countOf(2, 'stitch', 'stitches')).toBe('2 stitches');
});

it('says once, twice, 3 times, and reads it again', () => {
  expect([1, 2, 3].map(timesInWords)).toEqual(['once', 'twice', '3 times']);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400 }), (many) => timesOfWords(timesInWords(many)) === many),
  );
  expect(['1', 'thrice', '3', 'x times'].map(timesOfWords)).toEqual([NaN, NaN, NaN, NaN]);
});

it('writes numbers up to nine as words, and reads them again', () => {
  expect([0, 1, 9, 10].map(numberInWords)).toEqual(['no', 'one', 'nine', '10']);
  fc.assert(fc.property(fc.nat(40), (many) => numberOfWords(numberInWords(many)) === many));
});

it('puts the noun after a figure in the singular where the figure is 1', () => {
  expect(afterFigure('1', ' sts; turn.')).toBe(' st; turn.');
  expect(afterFigure('11', ' sts; turn.')).toBe(' sts; turn.');
  expect(afterFigure('3–1', ' sts')).toBe(' sts');
  expect(afterFigure('first 1', ' row ends of it')).toBe(' row end of it');
});
