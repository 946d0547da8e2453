import { leadOf } from './lead';

it.each([
  ['Row 5 (RS): hdc in each st; turn.', 'Row 5 (RS)'],
  ['Rows 2–36, about 32½ cm: hdc in each st; turn.', 'Rows 2–36'],
  ['ROWS 2–36, about 32½ cm: hdc in each st; turn.', 'ROWS 2–36'],
  ['RND 4: dc in each st; join.', 'RND 4'],
  ['Increase row: 2 hdc in the first st, hdc in each st to the end.', 'Increase row'],
  ['2. Shoulders: Join back and front.', '2. Shoulders'],
  ['hdc (half double crochet): Yarn over, draw up a loop.', 'hdc (half double crochet)'],
])('makes the beginning of “%s” stand out', (text, lead) => {
  expect(leadOf(text)).toEqual([lead, text.slice(lead.length)]);
});

it.each([
  'Fasten off.',
  'Yarn for Rib: about 90 m',
  'Place a marker at both ends of row 36: the underarm.',
  'To take off 1 st: hdc2tog over the 2 sts at the neck edge.',
  'Sizes S, L: no buttonholes',
])('lets “%s” be', (text) => {
  expect(leadOf(text)).toEqual(['', text]);
});
