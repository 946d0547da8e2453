import { printRow } from './print.js';
import { readRow } from './rowReader.js';
import { StitchError } from './tree.js';

const printed = (text: string) => printRow(readRow(text));

describe('the instructions of a row', () => {
  // What makers write, and the same as it is printed.
  it.each([
    ['2 dc in next st', '2 dc in the next st'],
    ['dc in ea st across', 'dc in each st to the end'],
    ['sk 2 sts, 5 dc in next st, sk 2 sts', 'sk the next 2 sts, 5 dc in the next st, sk the next 2 sts'],
    ['(dc, ch 1, dc) in next ch-1 sp', '(dc, ch 1, dc) in the next ch-1 sp'],
    ['fpdc around next st', 'fpdc around the next st'],
    ['sc blo in each st', 'sc blo in each st to the end'],
    ['dc2tog', 'dc2tog over the next 2 sts'],
    [
      'sk 1 st, dc in next st, dc in skipped st',
      'sk the next st, dc in the next st, dc in the first skipped st',
    ],
    ['*sc in next st, ch 1; rep from * to last st, sc in last st', undefined],
    ['double crochet in the next stitch', 'dc in the next st'],
    ['(sc in next st, dc in next st) 3 times', undefined],
  ])('%j', (text, wanted) => {
    const once = printed(text);
    if (wanted !== undefined) expect(once).toBe(wanted);
    // Printed, it reads as the same again.
    expect(printed(once)).toBe(once);
  });

  it.each(['dc in the next shrubbery', 'sc in next st)', '(sc in next st', '*sc in next st'])(
    'are refused at the words that cannot be read: %j',
    (text) => {
      let error: unknown;
      try {
        readRow(text);
      } catch (thrown) {
        error = thrown;
      }
      expect(error).toBeInstanceOf(StitchError);
      const { span } = error as StitchError;
      expect(span.from).toBeGreaterThanOrEqual(0);
      expect(span.to).toBeLessThanOrEqual(text.length);
    },
  );
});
