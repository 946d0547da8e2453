import { fabricOf } from '../testing/designs.js';
import { readPiece } from '../read/piece.js';
import type { Design } from '../design.js';
import { buttonholeLines, holesOf, type WrittenPiece } from './buttonholes.js';
import { lineToText } from './text.js';

const band = fabricOf('band', 20, 20);
const design = (buttons: Partial<NonNullable<NonNullable<Design['finishing']>['buttons']>> = {}) => ({
  fabrics: [band],
  finishing: {
    buttons: { count: 5, width: 2, fromLower: 2, fromUpper: 1.5, side: 'right' as const, ...buttons },
  },
});
/** A band of so many stitches in each size, five rows high. */
const bands = (...stitches: number[]): WrittenPiece[] =>
  stitches.map((many, i) => ({
    size: { label: ['S', 'M', 'L'][i]! },
    piece: {
      role: 'front band',
      sections: [{ fabric: 'band', first: 1, stitches: 2, rows: 2 }],
      passages: [],
      ends: { first: { n: 1, count: many }, last: { n: 5, count: many } } as WrittenPiece['piece']['ends'],
    },
  }));
const text = (group: WrittenPiece[], of = design()) =>
  buttonholeLines(group, of).map((one) =>
    lineToText(
      one,
      group.map(({ size }) => size.label),
    ),
  );

it('tells one size alone hole by hole, so that the row comes out', () => {
  expect(text(bands(53))).toEqual([
    'Buttonholes, on the right front band only, in place of its row 3: hdc in the first 4 sts, (ch 2, skip the next 2 sts, hdc in the next 9 sts) 4 times, ch 2, skip the next 2 sts, hdc in the last 3 sts.',
  ]);
  // 4 + 5 holes of 2 + 4 times 9 + 3
  expect(4 + 5 * 2 + 4 * 9 + 3).toBe(53);
});

it('names one stitch as one', () => {
  expect(text(bands(16), design({ count: 3, width: 1, fromLower: 0.5, fromUpper: 0.5 }))[0]).toMatch(
    /: hdc in the first st, ch 1, skip the next st, .*, ch 1, skip the next st, hdc in the last st\.$/,
  );
});

it('sets several sizes as a table, holes that are alike in every size in one row of it', () => {
  const [said] = text(bands(48, 50, 53));
  expect(said).toMatch(
    /then for each of the 5 holes ch 2, skip the next 2 sts and hdc in as many sts as the table says:/,
  );
  expect(said!.split('\n').slice(1)).toEqual([
    '| sts after the hole | S | M | L |',
    '| --- | --: | --: | --: |',
    '| hole 1 | 7 | 8 | 9 |',
    '| holes 2–3 | 8 | 8 | 9 |',
    '| hole 4 | 8 | 9 | 9 |',
    '| hole 5 | 3 | 3 | 3 |',
  ]);
});

it('says why a size has none, and has a dash for it', () => {
  const said = text(bands(20, 53));
  expect(said[0]).toContain('row – (3)');
  expect(said[1]).toMatch(/^Size S: No buttonholes: 5 buttonholes of 2 stitches do not fit into 20 stitches/);
  expect(text(bands(20))).toEqual([expect.stringMatching(/^No buttonholes: 5 buttonholes/)]);
});

it('says nothing of other pieces, and without buttons', () => {
  const [front] = bands(53);
  expect(holesOf({ ...front!.piece, role: 'neckband' }, design())).toBeNull();
  expect(buttonholeLines(bands(53), { fabrics: [band] })).toEqual([]);
});

describe('the reader', () => {
  const PIECE = [
    'Ch 55.',
    'Row 1 (RS): hdc in the 3rd ch from the hook and in each ch to the end; turn. (53 sts)',
    'Rows 2–5: hdc in each st; turn. (53 sts)',
  ];
  const ROW = 'Buttonholes, on the right front band only, in place of its row 3: hdc in the first 4 sts, ';
  const read = (rest: string) => readPiece('Front band', [...PIECE, ROW + rest]).holes;

  it('reads holes one by one and by a table', () => {
    const holes = { row: 3, side: 'right', width: 2, gaps: [4, 9, 9, 9, 9, 3] };
    expect(
      read(
        '(ch 2, skip the next 2 sts, hdc in the next 9 sts) 4 times, ch 2, skip the next 2 sts, hdc in the last 3 sts.',
      ),
    ).toEqual(holes);
    expect(
      read(
        'then for each of the 5 holes ch 2, skip the next 2 sts and hdc in as many sts as the table says: || sts after the hole | holes 1–4 = 9 | hole 5 = 3',
      ),
    ).toEqual(holes);
  });

  it.each([
    ['(ch 3, skip the next 2 sts, hdc in the next 9 sts) 5 times.', '3 chains stand over 2 sts'],
    ['(ch 2, skip the next 2 sts, hdc in the next 9 sts) 4 times, and so on.', '“and so on.” is no hole'],
    [
      '(ch 2, skip the next 2 sts, hdc in the next 9 sts) 3 times, ch 2, skip the next 2 sts, hdc in the last 3 sts.',
      'the row of buttonholes',
    ],
    [
      'then for each of the 6 holes ch 2, skip the next 2 sts and hdc in as many sts as the table says: || sts after the hole | holes 1–4 = 9 | hole 5 = 3',
      '6 holes are said, the table has 5',
    ],
    [
      'then for each of the 5 holes ch 2, skip the next 2 sts and hdc in as many sts as the table says: || sts after the hole | holes 1–3 = 9 | hole 5 = 3',
      '“hole 5” are not the holes that come next',
    ],
  ])('refuses %s', (rest, fault) => {
    expect(() => read(rest)).toThrow(fault);
  });
});
