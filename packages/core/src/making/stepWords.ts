/** A row as it is worked, from its first stitch to its last, by its steps alone. */

import { directionOf } from '../stitch/stitchedRow.js';
import { countOf } from '../text/singular.js';
import { isTake, type Row, type Step } from '../work/rows.js';
import { makesOf, takesOf } from '../work/steps.js';

/** One thing that is done in a row, and how many stitches of the row below it takes. */
interface Told {
  words: (place: Place) => string;
  takes: number;
  /** What tells it from others: the same twice can be repeated. */
  key: string;
}

/** Where of the row below something is done. */
interface Place {
  first: boolean;
  last: boolean;
}

const inPlace = (many: number, { first, last }: Place) =>
  many > 1
    ? first && last
      ? 'in each st'
      : `in the next ${many} sts`
    : first
      ? 'in the first st'
      : last
        ? 'in the last st'
        : 'in the next st';

/**
 * "2 hdc in the first st, hdc in the next 58 sts, 2 hdc in the last st": what a row does, in the order in which it is worked.
 *
 * @param stitch what it is worked in
 * @param below stitches of the row below
 */
export function rowInSteps(row: Row, stitch: string, below: number): string {
  const forwards = directionOf(row) === 1;
  const steps = forwards ? [...row.steps].reverse() : row.steps;
  const taken = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : source.makes), 0);
  const left = row.from.length > 0 ? Math.max(0, below - taken) : 0;
  const told = steps.flatMap((step) => toldOf(step, stitch));
  /** Over the whole row below, and nothing else: short rows go over some of it, and what closes them over more. */
  const isWhole = left === 0 && taken === below && row.from.length <= 1;
  const said = repeated(told, taken, isWhole);
  if (left > 0) said.push(`leave the last ${countOf(left, 'st')} unworked`);
  return said.join(', ');
}

function toldOf(step: Step, stitch: string): Told[] {
  const { times } = step;
  const [takes, makes] = [takesOf(step), makesOf(step)];
  const times_ = (one: Told) => Array.from({ length: times }, () => one);
  switch (step.do) {
    case 'work':
      return times > 0
        ? [{ words: (place) => `${stitch} ${inPlace(times, place)}`, takes: times, key: `work ${times}` }]
        : [];
    case 'increase':
      return times_({
        words: (place) => `${makes} ${stitch} ${inPlace(1, place)}`,
        takes: 1,
        key: `increase ${makes}`,
      });
    case 'decrease':
      return times_({ words: () => `${stitch}${takes}tog`, takes, key: `decrease ${takes}` });
    case 'slip':
      return [
        { words: () => `sl st over the next ${countOf(times, 'st')}`, takes: times, key: `slip ${times}` },
      ];
    case 'skip':
      return [{ words: () => `skip ${countOf(times, 'st')}`, takes: times, key: `skip ${times}` }];
    case 'cast':
      return [
        {
          words: () => `${countOf(times, 'new st')} (ch ${times}, or foundation ${stitch})`,
          takes: 0,
          key: `cast ${times}`,
        },
      ];
    case 'pick up':
      return [
        { words: () => `pick up and work ${countOf(times, 'st')}`, takes: times, key: `pick up ${times}` },
      ];
  }
}

/** Fewest things that are told once with how often. */
const FEWEST = 4;

/** What is done in turn, and what comes again and again told once: "*hdc in the next 7 sts, hdc2tog; repeat from * 5 more times". */
function repeated(told: readonly Told[], all: number, toTheEnd: boolean): string[] {
  const said: string[] = [];
  let taken = 0;
  for (let i = 0; i < told.length;) {
    const { length, times } = longestCycle(told, i);
    const place = (one: Told): Place => ({ first: taken === 0, last: toTheEnd && taken + one.takes === all });
    if (times > 1 && length * times >= FEWEST) {
      const inside: Place = { first: false, last: false };
      const cycle = told.slice(i, i + length);
      const words = cycle.map((one) => one.words(inside)).join(', ');
      said.push(`*${words}; repeat from * ${times === 2 ? 'once' : `${times - 1} times`} more`);
      taken += times * cycle.reduce((sum, { takes }) => sum + takes, 0);
      i += length * times;
    } else {
      const one = told[i]!;
      said.push(one.words(place(one)));
      taken += one.takes;
      i += 1;
    }
  }
  return said;
}

/** The stretch from a place on that comes again most often, by what it covers. */
function longestCycle(told: readonly Told[], from: number): { length: number; times: number } {
  let best = { length: 1, times: 1 };
  for (let length = 1; length <= 6 && from + 2 * length <= told.length; length += 1) {
    let times = 1;
    const again = (k: number) => told[from + times * length + k]?.key === told[from + k]!.key;
    while (Array.from({ length }, (_, k) => k).every(again)) times += 1;
    if (times > 1 && length * times > best.length * best.times) best = { length, times };
  }
  return best;
}
