import type { Touch } from '../finishing/touches.js';
import { touchesInWords } from '../write/touches.js';
import { readTouch } from './touches.js';

const TOUCHES: Touch[] = [
  { kind: 'back neck', count: 34, length: 18.2 },
  { kind: 'bridges', chains: 48, steps: 8 },
  { kind: 'gathered', where: 'cuff', count: 90, own: 41, round: 20 },
  { kind: 'gathered', where: 'hem', count: 240, own: 120, round: 84 },
  { kind: 'tie', pair: 1, after: 23, at: 31.75, axis: 'rows' },
  { kind: 'threaded', length: 30, times: 15 },
];
const said = (units: 'cm' | 'in' | 'both') =>
  touchesInWords({ touches: TOUCHES }, ['neck', 'cuffs', 'hem', 'bands'], 'touches', {
    units,
    terms: 'us',
  }).concat(
    ['neck', 'cuffs', 'hem', 'bands'].flatMap((step) =>
      touchesInWords({ touches: TOUCHES }, ['neck', 'cuffs', 'hem', 'bands'], step, { units, terms: 'us' }),
    ),
  );

it.each(['cm', 'in', 'both'] as const)('reads every touch as it is written, in %s', (units) => {
  const lines = said(units);
  expect(lines).toHaveLength(TOUCHES.length);
  for (const line of lines) expect(readTouch(line, TOUCHES)).toMatchObject({ fault: null });
});

it('finds any figure that is one more', () => {
  let faults = 0;
  for (const line of said('cm'))
    for (const found of line.matchAll(/\d+/g)) {
      // "every 2nd" is a word, not a figure.
      if (line.slice(found.index).startsWith('2nd')) continue;
      const wrong = `${line.slice(0, found.index)}${Number(found[0]) + 1}${line.slice(found.index + found[0].length)}`;
      faults += 1;
      expect([wrong, readTouch(wrong, TOUCHES)?.fault ?? null]).not.toEqual([wrong, null]);
    }
  expect(faults).toBeGreaterThan(12);
});

it('knows a touch that the plan has not, and passes over other sentences', () => {
  const [line] = said('cm');
  expect(readTouch(line!, [])).toMatchObject({ fault: 'there is no such thing' });
  expect(readTouch('Side seam: 29 rows to 29 rows, row to row from row 1.', TOUCHES)).toBeNull();
});
