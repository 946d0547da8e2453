import fc from 'fast-check';
import { fabricOf } from '../testing/designs.js';
import { inWholes, isPickedUp, perRowEnd, pickUpRatio, verdictOf } from './pickUp.js';

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
    const ratio = pickUpRatio(3, { multiple: 3, plus: 0 }, rowsOf('dc'));
    // 14 + 14 row ends: 28 spaces
    expect(isPickedUp(ratio, 28 * 3, { rowEnds: 28, stitches: 0 })).toBe(true);
    expect(isPickedUp(ratio, 27 * 3, { rowEnds: 28, stitches: 0 })).toBe(false);
  });
});

describe('a count picked up by ratio', () => {
  it('is exact where every two row ends take whole repeats', () => {
    const hdc = rowsOf('hdc');
    expect(pickUpRatio(1.5, { multiple: 1, plus: 0 }, hdc)).toEqual({
      each: 1.5,
      plus: 0,
      hidden: 0,
      of: 'hdc',
    });
    expect(pickUpRatio(2, { multiple: 4, plus: 1 }, hdc)).toMatchObject({ each: 2, plus: 1, hidden: 0 });
  });

  it('may hide what it takes to come to a repeat', () => {
    expect(pickUpRatio(1.5, { multiple: 2, plus: 0 }, rowsOf('hdc')).hidden).toBe(1);
    expect(pickUpRatio(2, { multiple: 6, plus: 1 }, rowsOf('dc')).hidden).toBe(3);
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
          const ratio = pickUpRatio(each, { multiple, plus }, rowsOf('dc'));
          const repeats = Math.round((each * 2 * rows) / multiple);
          expect(isPickedUp(ratio, repeats * multiple + plus, { rowEnds: 2 * rows, stitches: 0 })).toBe(true);
          // And never by a whole repeat more than that.
          expect(isPickedUp(ratio, (repeats + 2) * multiple + plus, { rowEnds: 2 * rows, stitches: 0 })).toBe(
            false,
          );
        },
      ),
    );
  });
});

describe('a ratio', () => {
  it('takes one in each stitch besides, or so many for each space', () => {
    const ratio = pickUpRatio(2, { multiple: 1, plus: 0 }, rowsOf('dc'));
    expect(isPickedUp(ratio, 2 * 40 + 30, { rowEnds: 40, stitches: 30 })).toBe(true);
    expect(isPickedUp({ ...ratio, onStitches: 2 / 3 }, 2 * 40 + 20, { rowEnds: 40, stitches: 30 })).toBe(
      true,
    );
  });

  it('is said in the smallest whole numbers', () => {
    const of = (each: number) => inWholes({ each });
    expect(of(2)).toEqual({ stitches: 2, to: 1 });
    expect(of(1.5)).toEqual({ stitches: 3, to: 2 });
    expect(of(0.5)).toEqual({ stitches: 1, to: 2 });
    expect(of(4 / 3)).toEqual({ stitches: 4, to: 3 });
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
