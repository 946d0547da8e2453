import type { DraftQuantity } from '../garment/construction.js';
import type { Counts } from '../fit/counts.js';
import { cm, say, type Phrase } from '../text/phrase.js';
import type { Note } from './note.js';

/** Less of a difference between two sizes is no difference that anyone would look for, cm. */
const WORTH_TELLING = 0.5;

type Sizes = readonly { quantities: readonly DraftQuantity[]; size: string; counts: Counts | null }[];

/** A count of one size and the same of the next. */
interface Step {
  from: string;
  to: string;
  /** By how much it grows as counted, and by how much its length was to grow, cm. */
  grows: number;
  wanted: number;
  repeat: number;
  same: number | null;
}

/** How a count goes from each size to the next, where both have it. */
function stepsOf(sizes: Sizes, id: string): Step[] {
  const steps: Step[] = [];
  for (let i = 0; i + 1 < sizes.length; i += 1) {
    const here = sizes[i]!.quantities.find((quantity) => quantity.id === id);
    const next = sizes[i + 1]!.quantities.find((quantity) => quantity.id === id);
    const [count, after] = [sizes[i]!.counts?.[id], sizes[i + 1]!.counts?.[id]];
    if (!here || !next || count === undefined || after === undefined) continue;
    steps.push({
      from: sizes[i]!.size,
      to: sizes[i + 1]!.size,
      grows: after / next.perCm - count / here.perCm,
      wanted: next.target - here.target,
      repeat: next.rule.multiple / next.perCm,
      same: count === after ? count : null,
    });
  }
  return steps;
}

const listed = (phrases: readonly Phrase[]) => phrases.reduce((all, one) => say`${all}; ${one}`);

/** A step that is off by more than this, and by more than half a repeat, is a jump, cm. */
const JUMP = 1;

/**
 * Where a count jumps from one size to the next although its length grows evenly: the repeat of the fabric, or counts that must come out
 * together, leave nothing nearer. One tip for the range.
 *
 * @param sizes in the order of the range, with their counts
 */
export function unevenSteps(sizes: Sizes): Note[] {
  const jumps = (sizes[0]?.quantities ?? []).flatMap(({ id, label }) => {
    const uneven = stepsOf(sizes, id).filter(
      ({ grows, wanted, repeat }) => Math.abs(grows - wanted) > Math.max(JUMP, repeat / 2),
    );
    const steps = uneven.map(
      ({ from, to, grows, wanted }) =>
        say`${from} to ${to} by ${cm(grows, { sign: true })} (${cm(wanted, { sign: true })} wanted)`,
    );
    return steps.length > 0 ? [{ id, says: say`${label} ${listed(steps)}` }] : [];
  });
  if (jumps.length === 0) return [];
  return [
    {
      level: 'tip',
      code: 'steps-uneven',
      where: jumps[0]!.id,
      message: say`Some counts jump between sizes, because whole repeats and the seams leave nothing nearer: ${listed(jumps.map(({ says }) => says))}.`,
    },
  ];
}

/**
 * Which sizes share a count although their lengths differ: they do so where the difference is less than a repeat. One tip
 * for each count that has a repeat of more than one.
 *
 * @param sizes in the order of the range, with their counts
 */
export function sharedCounts(sizes: Sizes): Note[] {
  return (sizes[0]?.quantities ?? [])
    .filter(({ rule }) => rule.multiple > 1)
    .flatMap(({ id, label }): Note[] => {
      const shared = stepsOf(sizes, id).filter(
        ({ same, wanted, repeat }) => same !== null && wanted >= WORTH_TELLING && wanted < repeat,
      );
      if (shared.length === 0) return [];
      const pairs = shared.map(
        ({ from, to, same, wanted }) => say`${from} and ${to} (${same!}, ${cm(wanted)} apart)`,
      );
      return [
        {
          level: 'tip',
          code: 'sizes-share',
          where: id,
          message: say`${label}: sizes share a count where they differ by less than a repeat of ${cm(shared.at(-1)!.repeat)}: ${listed(pairs)}.`,
        },
      ];
    });
}

/**
 * What the sizes of a garment differ in, where that is not its width and length alone: rows of its band, rounds, squares. One tip for the range.
 *
 * @param ids of these counts, as the construction names them
 * @param sizes in the order of the range, with their counts
 */
export function gradedCounts(sizes: Sizes, ids: readonly string[]): Note[] {
  const [first, last] = [sizes[0], sizes.at(-1)];
  if (!first || sizes.length < 2) return [];
  const steps = ids.flatMap((id) => {
    const label = first.quantities.find((quantity) => quantity.id === id)?.label;
    const counts = sizes.map((size) => size.counts?.[id]);
    if (label === undefined || counts.some((count) => count === undefined)) return [];
    const same = counts.every((count) => count === counts[0]);
    return [same ? say`${label} ${counts[0]!} in all sizes` : say`${label} ${counts.join(' · ')}`];
  });
  if (steps.length === 0) return [];
  return [
    {
      level: 'tip',
      code: 'what-grades',
      where: ids[0]!,
      message: say`From ${first.size} to ${last!.size} the sizes differ in these counts: ${listed(steps)}.`,
    },
  ];
}
