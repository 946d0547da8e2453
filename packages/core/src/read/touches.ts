/** What the joining says of threads that gather, ties, cords, bridges and the back neck, compared with the plan. */

import { idOfTouch, THREADED_EVERY, type Touch } from '../finishing/touches.js';
import { type Units } from '../units/length.js';
import { isPrinted } from '../write/lengths.js';

/** A sentence of a touch: which it is, its numbers in turn, and its lengths in turn. */
interface Form {
  form: RegExp;
  id: (found: RegExpExecArray) => string;
  numbers: (touch: Touch) => number[];
  lengths: (touch: Touch) => number[];
}

const FORMS: readonly Form[] = [
  {
    form: /^Back neck, on the inside: .+ in each of the (\d+) sts? or row ends to the other; it is to measure .+\.$/,
    id: () => 'back neck',
    numbers: (touch) => (touch.kind === 'back neck' ? [touch.count] : []),
    lengths: (touch) => (touch.kind === 'back neck' ? [touch.length] : []),
  },
  {
    form: /^Bridges first: at each of the (\d+) steps? of the neck .+, (\d+) ch in all; the first round goes over them\.$/,
    id: () => 'bridges',
    numbers: (touch) => (touch.kind === 'bridges' ? [touch.steps, touch.chains] : []),
    lengths: () => [],
  },
  {
    form: /^(?:(Ends of the sleeves), both|Lower edge): draw a thread in and out through every 2nd of the (\d+) sts?, gather .+ to .+, and knot it\.$/,
    id: ([, cuff]) => `gathered ${cuff ? 'cuff' : 'hem'}`,
    numbers: (touch) => (touch.kind === 'gathered' ? [touch.count] : []),
    lengths: (touch) => (touch.kind === 'gathered' ? [touch.own, touch.round] : []),
  },
  {
    form: /^Ties, pair (\d+) from the lower edge: sew one to each front edge behind (\d+) (?:row ends?|sts?), .+ up\.$/,
    id: ([, pair]) => `tie ${pair}`,
    numbers: (touch) => (touch.kind === 'tie' ? [touch.pair, touch.after] : []),
    lengths: (touch) => (touch.kind === 'tie' ? [touch.at] : []),
  },
  {
    form: /^Draw cord: thread it up the centre front, in and out every .+, (\d+) times? in all\.$/,
    id: () => 'threaded',
    numbers: (touch) => (touch.kind === 'threaded' ? [touch.times] : []),
    lengths: (touch) => (touch.kind === 'threaded' ? [THREADED_EVERY] : []),
  },
];

/**
 * Reads one sentence of a touch.
 *
 * @returns which touch it tells and what of it differs, null where it is no such sentence
 */
export function readTouch(
  text: string,
  touches: readonly Touch[],
): { id: string; fault: string | null } | null {
  for (const { form, id, numbers, lengths } of FORMS) {
    const found = form.exec(text);
    if (!found) continue;
    const own = id(found);
    const touch = touches.find((one) => idOfTouch(one) === own);
    if (!touch) return { id: own, fault: 'there is no such thing' };
    const said = found
      .slice(1)
      .filter((one) => /^\d+$/.test(one ?? ''))
      .map(Number);
    const wanted = numbers(touch);
    if (String(said) !== String(wanted)) return { id: own, fault: `it is ${wanted.join(' and ')}` };
    return { id: own, fault: lengthsDiffer(text, lengths(touch)) };
  }
  return null;
}

/** Lengths in a sentence, in their order, in centimetres, inches or both. */
function lengthsDiffer(text: string, wanted: readonly number[]): string | null {
  for (const unit of ['cm', 'in'] as const) {
    const said = [...text.matchAll(/([\d½¼¾.]+) (cm|in)\b/g)].filter(([, , of]) => of === unit);
    const wrong = said.findIndex(([, figure], i) => !isPrinted(wanted[i] ?? NaN, figure!, unit as Units));
    if (wrong >= 0) return `it is ${(wanted[wrong] ?? NaN).toFixed(1)} cm`;
  }
  return null;
}
