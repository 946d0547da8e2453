import type { Fabric } from '../../../fabric/fabric.js';
import { ratesOf, type Schedule } from '../../../shaping/schedule.js';
import type { GarmentCounts } from '../../counts.js';
import { shortRowsOf } from '../../shared/yoke/shortRows.js';

import type { RoundYokeStyle } from './fields.js';
import { isOpen } from '../../shared/front.js';

/**
 * Where the increase rounds lie and what they come to. Seen flat a round yoke is a ring that grows in step with its depth;
 * each increase round brings the stitches to what the ring has in the middle between it and the next, so that the steps keep
 * closest to the ring. All counts are multiples of the motif, and no stitch is worked into more than twice.
 *
 * @param rows rows of the yoke, row 1 the neck
 * @param first the first row that may increase
 * @param spare stitches of a row that are never doubled: the edges of a flat one
 * @returns rows (2 to `rows`) and the stitches after each
 */
export function increaseRounds(
  { rounds, places, motif }: RoundYokeStyle['increases'],
  neck: number,
  total: number,
  rows: number,
  { first = 2, spare = 0 }: { first?: number; spare?: number } = {},
): { row: number; stitches: number }[] {
  const room = rows - first + 1;
  const steps = (total - neck) / motif;
  const least = Math.ceil(Math.log2(Math.max(1, total / neck)) - 1e-9);
  const wanted =
    places && rounds !== 'many' && places.length === rounds ? places.map((place) => place / 100) : null;
  const many = Math.max(least, Math.min(rounds === 'many' ? room : rounds, steps, room));
  if (steps <= 0) return [];
  const shares = wanted ?? Array.from({ length: many }, (_, i) => (i + 0.5) / many);
  const counts = shares.slice(0, many).map((share, i) => {
    const next = shares[i + 1];
    return next === undefined || i === many - 1
      ? total
      : neck + motif * Math.round(steps * ((share + next) / 2));
  });
  // Nothing more than doubles, seen from both ends.
  for (let i = 0; i < many; i += 1)
    counts[i] = Math.min(counts[i]!, atMostDouble(i === 0 ? neck : counts[i - 1]!, motif, spare));
  for (let i = many - 2; i >= 0; i -= 1) {
    const half = neck + motif * Math.ceil(((counts[i + 1]! + spare) / 2 - neck) / motif);
    counts[i] = Math.max(counts[i]!, half);
  }
  let before = first - 1;
  return counts.map((stitches, i) => {
    const rest = many - 1 - i;
    const row = Math.min(rows - rest, Math.max(before + 1, Math.round(shares[i]! * rows)));
    before = row;
    return { row, stitches };
  });
}

function atMostDouble(count: number, motif: number, spare: number): number {
  return Math.floor((2 * count - spare) / motif) * motif;
}

/** What all counts of a yoke are multiples of: its motif, and whole repeats of a fabric that is shaped by such. */
export function motifOf(style: RoundYokeStyle, { shaping, rule }: Pick<Fabric, 'shaping' | 'rule'>): number {
  const { motif } = style.increases;
  if (shaping !== 'units' || isOpen(style)) return motif;
  let both = motif;
  while (both % rule.round.multiple !== 0) both += motif;
  return both;
}

/** The increase rounds as a schedule of the yoke's numbered rows. */
export function yokeSchedule(style: RoundYokeStyle, fabric: Fabric, counts: GarmentCounts): Schedule {
  const { many } = shortRowsOf(style, counts);
  const neck = counts.of('neck.round');
  const total = counts.of('yoke.total');
  const rounds = increaseRounds(
    { ...style.increases, motif: motifOf(style, fabric) },
    neck,
    total,
    counts.of('yoke.rows'),
    {
      // After short rows row 2 closes them.
      first: many > 0 ? 3 : 2,
      spare: isOpen(style) ? 2 : 0,
    },
  ).filter(({ stitches }, i, all) => stitches > (all[i - 1]?.stitches ?? neck));
  const events = rounds.map(({ row }) => row + many);
  return {
    start: neck,
    end: total,
    perEvent: 1,
    direction: total > neck ? 1 : 0,
    events,
    amounts: rounds.map(({ stitches }, i) => stitches - (rounds[i - 1]?.stitches ?? neck)),
    after: 1 + many,
    room: { first: (many > 0 ? 3 : 2) + many, last: counts.of('yoke.rows') + many, everyRow: 1 },
    rates: ratesOf(events.map((row, i) => row - (events[i - 1] ?? 1 + many))),
    order: 'phases',
  };
}
