/** Motifs that have increase rounds of their own: a V of 1 becomes a V of 2, and that two V's of 1. */

import type { Fabric } from '../fabric/fabric.js';
import type { RoundWay } from '../work/rows.js';
import { stitchesIn } from './course.js';
import { workRow } from './hook.js';
import { fabricStitches, roundsOfFabric, type FabricRounds } from './ofFabric.js';
import { RowFault, workPattern } from './prove.js';
import { StitchError } from './tree.js';
import { ringOf, spreadPlaces, WIDER, workUnitRound, type Repeats } from './unitRounds.js';

/** How one of the repeats of a ring stands to the one below it in the motif's own increase rounds. */
type Wider = NonNullable<Repeats['wider']>;

/**
 * The repeats of a round of a ring in which some are wider.
 *
 * @param repeats repeats of the round below
 * @param wide which of them are wider, counted in the direction of this round
 * @param does what becomes of those
 */
export function aroundWider(repeats: number, wide: readonly number[], does: Wider): Repeats[] {
  return ringOf(repeats, wide, { under: 1, makes: does === 'parts' ? 2 : 1, wider: does });
}

/** So many repeats of a ring, spread evenly, that become wider; null where there are not so many. */
export function placesOfWider(places: number, repeats: number): number[] | null {
  return spreadPlaces(places, repeats, 1);
}

const KNOWN = new WeakMap<FabricRounds['text'], boolean>();

/** Whether a pattern's rounds can be increased by its own motif in two steps: shown by working them. */
export function canWiden(rounds: FabricRounds): boolean {
  const known = KNOWN.get(rounds.text);
  if (known !== undefined) return known;
  const found = widens(rounds);
  KNOWN.set(rounds.text, found);
  return found;
}

/** Whether the rounds of a fabric, closed in a way, can be increased by its own motif. */
export function hasOwnIncrease(fabric: Fabric, way: RoundWay): boolean {
  const of = fabricStitches(fabric);
  const rounds = of.is === 'rows' && !fabric.panel ? roundsOfFabric(of, way) : null;
  return rounds !== null && canWiden(rounds);
}

/** Repeats of the ring that it is tried on, and which of them become wider. */
const TRIED = 7;
const SOME = [1, 4, 5];

function widens({ text, proof }: FabricRounds): boolean {
  const { first, last } = text.repeat;
  const { multiple } = proof.base;
  const following = (index: number) => (index === last ? first : index + 1);
  const turned = text.rows[first]!.nodes.some(({ op }) => op === 'turn');
  const mirrored = (wide: readonly number[]) =>
    turned ? wide.map((place) => TRIED - 1 - place).reverse() : wide;
  const counts = (index: number, repeats: number, more: number) =>
    proof.rows[index]!.stitches.multiple * repeats + proof.rows[index]!.stitches.plus + more;
  try {
    for (let index = first; index <= last; index += 1) {
      const { rows } = workPattern(text, TRIED * multiple, 2);
      const before = index === first ? last : index - 1;
      let below = rows.findLast(({ row }) => row === before)!.course;
      let wide: readonly number[] = SOME;
      let at = index;
      for (const does of ['begins', 'stays', 'parts'] as const) {
        below = workUnitRound({ text, proof }, at, below, aroundWider(TRIED, wide, does), turned);
        const repeats = does === 'parts' ? TRIED + SOME.length : TRIED;
        if (stitchesIn(below) !== counts(at, repeats, does === 'parts' ? 0 : WIDER * SOME.length))
          return false;
        at = following(at);
        wide = mirrored(wide);
      }
      const after = workRow(text.rows[at]!, below, { turned, round: true });
      if (stitchesIn(after) !== counts(at, TRIED + SOME.length, 0)) return false;
    }
    return true;
  } catch (error) {
    if (error instanceof StitchError || error instanceof RowFault) return false;
    throw error;
  }
}
