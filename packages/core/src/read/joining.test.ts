import { joiningDiffers } from './joining.js';

type Joins = Parameters<typeof joiningDiffers>[2];
type OneJoin = Joins[number];

const join = (label: string, own: Partial<OneJoin>): OneJoin => ({
  label,
  kind: 'stitch-to-stitch',
  role: 'shoulder',
  a: [{ piece: 'back', edge: 'e', role: 'side', axis: 'rows', count: own.aCount ?? 0 }],
  aCount: 0,
  bCount: 0,
  aLength: 0,
  bLength: 0,
  gather: 1,
  eased: 0,
  ...own,
});
const JOINS: Joins = [
  join('Shoulder seam, left', { both: 'Shoulder seam, both', aCount: 19, bCount: 19, bLength: 11 }),
  join('Shoulder seam, right', { both: 'Shoulder seam, both', aCount: 19, bCount: 19, bLength: 11 }),
  join('Side seam, left', { kind: 'row-to-row', role: 'side', aCount: 40, bCount: 40, bLength: 30 }),
  join('Armhole, left', { kind: 'stitch-to-row', role: 'armhole', aCount: 53, bCount: 40, bLength: 32 }),
  join('Neckband to neck', {
    kind: 'stitch-to-row',
    role: 'neckband',
    aCount: 60,
    bCount: 35,
    aLength: 30,
    bLength: 40,
    gather: 0.9,
  }),
  join('Front band, left', { kind: 'pick-up', role: 'front band', aCount: 53, bCount: 39 }),
];
const LINES = [
  '1. Block the pieces: Wash and pin every piece to its measurements; let it dry.',
  '2. Shoulders: Join back and front.',
  'Shoulder seam, both: 19 sts to 19 sts, stitch to stitch. Slip stitch, right sides together.',
  '3. Sides: Close the sides.',
  'Side seam, left: 40 rows to 40 rows, row to row from row 1. Mattress stitch.',
  'Armhole, left: 53 sts along 40 row ends, 4 sts to 3 rows; centre of the sleeve to the shoulder seam, ends at the underarm markers.',
  'Pin at the quarters: 13 to 10, 13 to 10, 13 to 10, 14 to 10.',
  '4. Neck: Edge the neck.',
  'Neckband to neck: 60 rows of rib along 35 sts and row ends. Whip stitch.',
  'Stretch the band by about 3 cm as it is joined, evenly all along.',
  '5. Bands: Work the bands.',
  'Front band, left: pick up 53 sts along the 39 sts and row ends of the edge, from the hem to the neck.',
  'Sew the 5 buttons to the left front, opposite the buttonholes.',
];
const TAILS = [
  'So that these seams need no new yarn: || cm of yarn to leave | Back, at the end: Shoulder seam = 70',
];
const differs = (lines: readonly string[] = LINES, tails: readonly string[] = []) =>
  joiningDiffers(lines, tails, JOINS, [72]);

it('reads a joining in which every seam is told once', () => {
  // 53 sts to 40 row ends, 4 to 3: 40 / 3 × 4 = 53.3
  expect(differs()).toEqual([]);
});

it.each([
  ['19 sts to 19', '20 sts to 19', 'Shoulder seam, both: 20 are said, 19 are there'],
  ['to 19 sts,', 'to 18 sts,', 'Shoulder seam, both: 18 are said, 19 are there'],
  ['row to row from row 1', 'row to row from row 2', 'Side seam, left: it goes row to row from row 1'],
  ['4 sts to 3 rows', '5 sts to 3 rows', 'Armhole, left: its repeat comes to 67, not 53'],
  ['4 sts to 3 rows', '4 sts to 3 rows, one fewer in all', 'Armhole, left: its repeat comes to 52, not 53'],
  ['14 to 10', '13 to 10', '52 are said, 53 are there'],
  ['about 3 cm', 'about 4 cm', 'it is 3.0 cm'],
  ['pick up 53 sts', 'pick up 52 sts', 'Front band, left: 52 are said, 53 are there'],
  ['4. Neck', '5. Neck', 'is step 4'],
  ['Sew the 5 buttons', 'Glue the 5 buttons', 'not one that the joining is written in'],
  ['Armhole, left: 53 sts along', 'Armhole, left: 53 sts beside', 'Armhole, left: its counts cannot be read'],
])('finds “%s” told as “%s”', (right, wrong, difference) => {
  const lines = LINES.map((text) => text.replace(right, wrong));
  expect(lines).not.toEqual(LINES);
  expect(differs(lines).join('\n')).toContain(difference);
});

it('finds a seam that is not told, and one that is told twice', () => {
  expect(differs(LINES.filter((text) => !text.startsWith('Side seam')))).toEqual([
    'Side seam, left is not told',
  ]);
  expect(differs([...LINES, LINES[2]!])).toEqual(['Shoulder seam, both is told 2 times']);
});

it('takes one repeat for all sizes where it is near', () => {
  const about = (repeat: string) => differs(LINES.map((text) => text.replace('4 sts to 3 rows', repeat)));
  expect(about('about 4 sts to 3 rows')).toEqual([]);
  expect(about('about 5 sts to 3 rows')).toEqual(['Armhole, left: its repeat comes to 67']);
});

describe('the tails', () => {
  const tail = (from: string, to: string) => differs(LINES, [TAILS[0]!.replace(from, to)]);

  it('are long enough for one of the methods, in round fives', () => {
    // 11 cm slip-stitched take 5 times that, 15 cm to weave in.
    expect(tail('', '')).toEqual([]);
    expect(tail('= 70', '= 45')).toEqual(['the tail “Back, at the end: Shoulder seam” is “45” long']);
  });

  it('are for seams that are there', () => {
    expect(tail('Shoulder seam', 'Hidden seam')).toEqual([
      'the tail “Back, at the end: Hidden seam” is for no seam',
    ]);
  });
});
