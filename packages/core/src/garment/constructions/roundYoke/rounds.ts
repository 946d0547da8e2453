import type { Fabric } from '../../../fabric/fabric.js';
import { ratesOf, type Schedule } from '../../../shaping/schedule.js';
import { WIDER } from '../../../stitch/unitRounds.js';
import { hasOwnIncrease } from '../../../stitch/wider.js';
import type { MotifRound } from '../../../work/rows.js';
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
  { rounds, places, motif }: Pick<RoundYokeStyle['increases'], 'rounds' | 'places' | 'motif'>,
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

/** The increase rounds of a yoke, and how each grows where the motif has increase rounds of its own. */
export interface YokeIncreases {
  schedule: Schedule;
  motif: MotifRound[] | null;
}

/** The increase rounds as a schedule of the yoke's numbered rows. */
export function yokeIncreases(style: RoundYokeStyle, fabric: Fabric, counts: GarmentCounts): YokeIncreases {
  const { many } = shortRowsOf(style, counts);
  const neck = counts.of('neck.round');
  const total = counts.of('yoke.total');
  const whole = increaseRounds(
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
  const steps = grows(style, fabric)
    ? inTwoSteps(whole, neck, counts.of('yoke.rows'), fabric.rule.round.multiple)
    : null;
  const rounds = steps ?? whole;
  const events = rounds.map(({ row }) => row + many);
  const schedule: Schedule = {
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
  return { schedule, motif: steps && steps.map(({ motif }) => motif) };
}

/** Whether a yoke grows by the motif's own increase rounds. */
function grows(style: RoundYokeStyle, fabric: Fabric): boolean {
  const { increases, rounds } = style;
  return (
    fabric.shaping === 'units' &&
    !isOpen(style) &&
    increases.by === 'wider repeats' &&
    increases.motif === 1 &&
    hasOwnIncrease(fabric, rounds)
  );
}

/**
 * Increase rounds in two steps each: repeats become wider, and half way to the next increase round each of them parts into two.
 *
 * @param rounds the whole increases
 * @param rows last row of the yoke
 * @param multiple stitches of a repeat
 * @returns null where two rounds follow each other too soon for a step between them
 */
export function inTwoSteps(
  rounds: readonly { row: number; stitches: number }[],
  neck: number,
  rows: number,
  multiple: number,
): { row: number; stitches: number; motif: MotifRound }[] | null {
  const steps: { row: number; stitches: number; motif: MotifRound }[] = [];
  let before = neck;
  for (const [i, { row, stitches }] of rounds.entries()) {
    const next = rounds[i + 1]?.row ?? rows + 1;
    if (next - row < 2) return null;
    const places = (stitches - before) / multiple;
    steps.push(
      { row, stitches: before + places * WIDER, motif: 'wider' },
      { row: Math.floor((row + next) / 2), stitches, motif: 'parted' },
    );
    before = stitches;
  }
  return steps.length > 0 ? steps : null;
}
