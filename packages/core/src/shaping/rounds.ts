import { ratesOf } from './schedule.js';
import { spread } from './spread.js';
import type { Step } from '../work/rows.js';

/** Shaping inside one round: plain stitches before the first place, then after each place. */
export interface RoundPlaces {
  /** Plain stitches before the first place; what is left of that gap closes the round. */
  lead: number;
  /** Plain stitches before each place as runs of equal gaps, in order: "(9, dec) x 2, (8, dec) x 3". */
  runs: readonly { plain: number; times: number }[];
  grow: boolean;
  /** Stitches of each place: 1 for an increase, 2 for a decrease. */
  takes: number;
}

/**
 * Spreads places evenly over a round: k of them over n stitches have floor(plain / k) plain stitches between them, or one
 * more, the two kinds mixed evenly, so that no place lies a stitch or more from its exact share of the round. In every second
 * round the places lie half a gap further back, so that they do not stack into lines.
 *
 * @param stitches stitches of the round before
 * @param places how many increases (> 0) or decreases (< 0)
 * @param round which shaping round it is, from 0
 * @throws RangeError when the places take more stitches than there are
 */
export function placesInRound(stitches: number, places: number, round: number): RoundPlaces {
  const many = Math.abs(places);
  const takes = places > 0 ? 1 : 2;
  const plain = stitches - many * takes;
  if (plain < 0) throw new RangeError(`${many} places of ${takes} do not fit into ${stitches} stitches`);
  if (many === 0) return { lead: stitches, runs: [], grow: false, takes };
  const runs = ratesOf(spread(plain, many)).map(({ every, times }) => ({ plain: every, times }));
  const first = runs[0]!.plain;
  const shifted = Math.max(0, Math.min(first, shiftedLead(stitches / many, places > 0)));
  return { lead: round % 2 === 0 ? first : shifted, runs, grow: places > 0, takes };
}

/**
 * Plain stitches before the first place of a shifted round, so that it lies in the middle between two places of the round before,
 * which had as many, each at the end of its gap.
 *
 * @param every stitches of the round worked into for each place
 */
function shiftedLead(every: number, grow: boolean): number {
  const [takes, makes] = grow ? [1, 2] : [2, 1];
  const [before, after] = grow ? [every - 1, every + 1] : [every + 1, every - 1];
  /** Where the middle of a place came to lie in its gap, as a share of it. */
  const last = (before - takes + makes / 2) / every;
  return Math.round((last - 0.5) * after - makes / 2);
}

/** The round's steps, stitch by stitch. */
export function stepsInRound({ lead, runs, grow }: RoundPlaces): Step[] {
  const steps: Step[] = [];
  const work = (times: number) => {
    if (times > 0) steps.push({ do: 'work', times });
  };
  for (const { plain, times } of runs)
    for (let i = 0; i < times; i += 1) {
      work(steps.length === 0 ? lead : plain);
      steps.push({ do: grow ? 'increase' : 'decrease', times: 1 });
    }
  work(runs.length === 0 ? lead : runs[0]!.plain - lead);
  return steps;
}

/** "(9, dec) x 2, (8, dec) x 3", and where the places are shifted "4, dec, (9, dec) x 1, (8, dec) x 3, 5". */
export function roundInWords({ lead, runs, grow }: RoundPlaces): string {
  const word = grow ? 'inc' : 'dec';
  if (runs.length === 0) return String(lead);
  const first = runs[0]!.plain;
  const said = ({ plain, times }: { plain: number; times: number }) => {
    const one = plain > 0 ? `(${plain}, ${word})` : `(${word})`;
    return times > 0 ? [`${one} x ${times}`] : [];
  };
  if (lead === first) return runs.flatMap(said).join(', ');
  const rest = runs.map((run, i) => (i === 0 ? { ...run, times: run.times - 1 } : run));
  return [
    ...(lead > 0 ? [lead] : []),
    word,
    ...rest.flatMap(said),
    ...(first > lead ? [first - lead] : []),
  ].join(', ');
}

/** Steps of a flat row that gains or loses stitches at places spread evenly, with plain stitches at both ends. */
export function stepsAcross(stitches: number, by: number): Step[] {
  if (by === 0) return [{ do: 'work', times: stitches }];
  const places = Math.abs(by);
  const plain = stitches - (by > 0 ? 1 : 2) * places;
  // Where not every gap has a plain stitch, the ends keep one: an edge is not shaped by the way.
  const gaps =
    plain >= 2 && plain <= places ? [1, ...spread(plain - 2, places - 1), 1] : spread(plain, places + 1);
  return gaps.flatMap((times, i): Step[] => [
    ...(times > 0 ? [{ do: 'work' as const, times }] : []),
    ...(i < places ? [{ do: by > 0 ? ('increase' as const) : ('decrease' as const), times: 1 }] : []),
  ]);
}
