import fc from 'fast-check';
import { lengthOfRows, printedLength, readPrinted } from './lengths.js';

describe('printed lengths', () => {
  it('are whole where whole, else in halves of a centimetre and quarters of an inch', () => {
    expect([76, 97.4, 58.8, 0.2].map((cm) => printedLength(cm, 'cm'))).toEqual(['76', '97½', '59', '0.2']);
    expect([76, 97.4, 1.3].map((cm) => printedLength(cm, 'in'))).toEqual(['30', '38¼', '½']);
  });

  it('are read as they were, to half of what is printed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 300, noNaN: true }), (cm) => {
        expect(Math.abs(readPrinted(printedLength(cm, 'cm'), 'cm') - cm)).toBeLessThanOrEqual(0.2501);
        expect(Math.abs(readPrinted(printedLength(cm, 'in'), 'in') - cm)).toBeLessThanOrEqual(0.3176);
      }),
    );
    expect(readPrinted('about', 'cm')).toBeNaN();
  });

  it('of rows go on over the fabrics of a piece', () => {
    const sections = [
      { first: 1, rows: 2 },
      { first: 11, rows: 1 },
    ];
    expect([1, 10, 12].map((n) => lengthOfRows(sections, n))).toEqual([0.5, 5, 7]);
  });
});
