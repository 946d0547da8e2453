import { tellsRow } from './useRowOfPattern';

it.each([
  ['Row 24 (RS): hdc2tog, hdc in each st to the end; turn. (34 sts)', 24, true],
  ['Rows 2–36, about 32½ cm: hdc in each st; turn. (86 sts)', 36, true],
  ['Rows 2–36, about 32½ cm: hdc in each st; turn. (86 sts)', 37, false],
  ['Rnds 3–5: 3 dc in each sp', 4, true],
  ['Repeat the last 3 rows 12 times more, to row 40.', 40, false],
  ['Ch 88.', 1, false],
])('“%s” and row %d: %s', (line, row, does) => {
  expect(tellsRow(line, row)).toBe(does);
});
