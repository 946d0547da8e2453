import fc from 'fast-check';
import { fabricOf } from '../testing/designs.js';
import { isPickedUp, perRowEnd, pickUpRatio, verdictOf } from './pickUp.js';

const rowsOf = (stitch: 'sc' | 'hdc' | 'dc' | 'tr') => ({ ...fabricOf('body', 16, 10), stitch });

describe('stitches for each row end', () => {
  it('go by the stitch of the rows: 1 for sc, 3 over two rows of hdc, 2 for dc, 3 for tr (common practice)', () => {
    const plain = fabricOf('sleeve', 16, 10);
    expect((['sc', 'hdc', 'dc', 'tr'] as const).map((stitch) => perRowEnd(plain, rowsOf(stitch)))).toEqual([
      1, 1.5, 2, 3,
    ]);
  });

  it('are one unit in a stitch pattern, so that a mesh has as many spaces as the armhole has row ends', () => {
    const mesh = { ...fabricOf('sleeve', 25, 8), unit: { name: 'mesh spaces', stitches: 3, plus: 1 } };
    expect(perRowEnd(mesh as never, rowsOf('dc'))).toBe(3);
    const ratio = pickUpRatio(3, { multiple: 3, plus: 0 });
    // 14 + 14 row ends: 28 spaces
    expect(isPickedUp(ratio, 28 * 3, 28)).toBe(true);
    expect(isPickedUp(ratio, 27 * 3, 28)).toBe(false);
  });
});

describe('a count picked up by ratio', () => {
  it('is exact where every two row ends take whole repeats', () => {
    expect(pickUpRatio(1.5, { multiple: 1, plus: 0 })).toEqual({ each: 1.5, plus: 0, hidden: 0 });
    expect(pickUpRatio(2, { multiple: 4, plus: 1 })).toEqual({ each: 2, plus: 1, hidden: 0 });
  });

  it('may hide what it takes to come to a repeat', () => {
    expect(pickUpRatio(1.5, { multiple: 2, plus: 0 }).hidden).toBe(1);
    expect(pickUpRatio(2, { multiple: 6, plus: 1 }).hidden).toBe(3);
  });

  it('can always be met, whatever ratio and multiple', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 24 }),
        fc.integer({ min: 1, max: 12 }),
        fc.nat(3),
        fc.integer({ min: 5, max: 40 }),
        (quarters, multiple, plus, rows) => {
          const each = quarters / 4;
          const ratio = pickUpRatio(each, { multiple, plus });
          const repeats = Math.round((each * 2 * rows) / multiple);
          expect(isPickedUp(ratio, repeats * multiple + plus, 2 * rows)).toBe(true);
          // And never by a whole repeat more than that.
          expect(isPickedUp(ratio, (repeats + 2) * multiple + plus, 2 * rows)).toBe(false);
        },
      ),
    );
  });
});

it('lies flat within 5 % of its edge (common practice)', () => {
  expect([104, 96, 106, 94].map((length) => verdictOf(length, 100))).toEqual([
    'fine',
    'fine',
    'ruffles',
    'pulls',
  ]);
  expect(verdictOf(5, 0)).toBe('fine');
});
