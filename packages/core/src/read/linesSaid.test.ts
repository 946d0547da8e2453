import { LinesSaid } from './linesSaid.js';
import { ReadFault } from './maker.js';

const BODY = 'on the body’s side of each line';
const SLEEVE = 'on the sleeve’s side of each line';
const FRONT = 'at each front edge';

/** Increases at four lines in rows 1 to 6. */
function said(): LinesSaid {
  const lines = new LinesSaid();
  lines.sign = 1;
  lines.places = 4;
  lines.begin(1, 6);
  lines.byRates(BODY, 'every row 3 times, then every 2nd row once, counted from row 0');
  lines.byRates(SLEEVE, 'every 2nd row twice, counted from row 0, 2 sts in the first 1 of them');
  return lines;
}

it('knows what each row changes at all lines', () => {
  const lines = said();
  // Body in 1, 2, 3, 5; sleeve 2 in row 2 and 1 in row 4.
  expect([1, 2, 3, 4, 5, 6].map((row) => lines.changedIn(row))).toEqual([4, 12, 4, 4, 4, 0]);
});

it('knows it for both sides of each section, the outer ones being the fronts', () => {
  const lines = said();
  lines.byRows(
    FRONT,
    new Map([
      [2, 1],
      [4, 3],
    ]),
  );
  const labels = ['Left front', 'Left sleeve', 'Back', 'Right sleeve', 'Right front'];
  expect(lines.sidesIn(2, labels)).toEqual([1, 1, 2, 2, 1, 1, 2, 2, 1, 1]);
  expect(lines.sidesIn(4, labels)).toEqual([3, 0, 1, 1, 0, 0, 1, 1, 0, 3]);
  // One stitch at a front edge is worked in it, several are chains that count elsewhere.
  expect([lines.changedIn(2), lines.changedIn(4)]).toEqual([14, 4]);
});

it('takes stitches off where it is told so', () => {
  const lines = new LinesSaid();
  lines.sign = -1;
  lines.places = 2;
  lines.begin(-1, 4);
  lines.inRow(BODY, 3, 1);
  expect(lines.changedIn(3)).toBe(-2);
  lines.endAt(4);
  lines.finish();
});

it.each<[string, (lines: LinesSaid) => void, RegExp]>([
  ['rows that shape the other way', (lines) => lines.goOn(9, -1), /the way of the shaping as begun/],
  ['a place that is none', (lines) => lines.inRow('at the hem', 1, 1), /there is no place “at the hem”/],
  [
    'rates that cannot be read',
    (lines) => lines.byRates(BODY, 'now and then'),
    /“now and then” cannot be read/,
  ],
  ['another last row', (lines) => lines.endAt(5), /the last of these rows: 5 is said, 6 is there/],
  ['another number of lines', (lines) => lines.agreeWith(3, 1), /the lines: 4 is said, 3 is there/],
  [
    'shaping after the last row',
    (lines) => {
      lines.inRow(BODY, 8, 1);
      lines.endAt(6);
      lines.finish();
    },
    /row 8 shapes at lines after row 6, their last/,
  ],
])('refuses %s', (_, wrong, fault) => {
  const lines = said();
  const refused = () => wrong(lines);
  expect(refused).toThrow(ReadFault);
  expect(() => wrong(said())).toThrow(fault);
});

it('cannot go on with what was not begun', () => {
  const lines = new LinesSaid();
  lines.sign = 1;
  expect(() => lines.goOn(9, 1)).toThrow('no shaping at lines was begun');
});

it('holds a line to the stitches that its row tells', () => {
  const lines = said();
  lines.width = 3;
  expect(() => lines.agreeWith(4, 1)).toThrow('the stitches of each line: 3 is said, 1 is there');
  lines.agreeWith(4, 3);
});
