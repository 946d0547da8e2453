/** The rows of a shaped passage. */

import { stepsAcross, stepsInRound, placesInRound } from '../shaping/rounds.js';
import { amountOf } from '../shaping/schedule.js';
import { isTake, type Step, type Take } from '../work/rows.js';
import type { PartState, RowMaker } from './rowMaker.js';
import type { Shape } from './shapePassage.js';

/** Adds rows that change where a schedule says so. */
export function workShaped({ part, schedule, to, where, also, motif }: Shape, maker: RowMaker): void {
  const state = maker.part(part);
  if (where.at === 'both edges' || where.at === 'one edge') {
    const both = where.at === 'both edges';
    const other = both ? schedule : also?.schedule;
    const share = both ? 0.5 : 1;
    const leftOwn = both || where.side === 'left';
    let [i, k] = [0, 0];
    for (;;) {
      const row = Math.min(schedule.events[i] ?? Infinity, other?.events[k] ?? Infinity);
      if (row > to) break;
      const one = schedule.events[i] === row ? share * schedule.direction * amountOf(schedule, i++) : 0;
      const two = other?.events[k] === row ? share * other.direction * amountOf(other, k++) : 0;
      if (row <= state.n) continue;
      maker.even(state, row - 1);
      atEdges(maker, state, leftOwn ? one : two, leftOwn ? two : one);
    }
    maker.even(state, to);
    return;
  }
  let shapingRound = 0;
  schedule.events.forEach((event, i) => {
    maker.even(state, Math.min(event - 1, to));
    if (event > to) return;
    const change = schedule.direction * amountOf(schedule, i);
    if (where.at === 'the round') {
      const steps = stepsInRound(placesInRound(state.count, change, shapingRound));
      maker.row(state, steps, change, { spread: true, motif: motif?.[i] });
      shapingRound += 1;
    } else maker.row(state, stepsAcross(state.count, change), change, { spread: true });
  });
  maker.even(state, to);
}

/** What one end of a row does: a step beside its plain stitches, how many of the row below that takes, and how many it leaves. */
interface EndShaping {
  step: Step | null;
  takes: number;
  leaves: number;
}

function endShaping(change: number, begins: boolean, round: boolean): EndShaping {
  const times = Math.abs(change);
  if (times === 0) return { step: null, takes: 0, leaves: 0 };
  if (change > 0 && times > 1 && !round) return { step: { do: 'cast', times }, takes: 0, leaves: 0 };
  if (change > 0) return { step: { do: 'increase', times }, takes: times, leaves: 0 };
  if (times === 1 || round) return { step: { do: 'decrease', times }, takes: 2 * times, leaves: 0 };
  return begins
    ? { step: { do: 'slip', times }, takes: times, leaves: 0 }
    : { step: null, takes: 0, leaves: times };
}

/**
 * A row that changes at its edges. One stitch is increased or decreased in an edge; more are added by chains, or taken off by
 * slip stitches where the row begins and left unworked where it ends. Both edges of a round lie at its joining: there several
 * are worked together one after the other.
 */
function atEdges(maker: RowMaker, state: PartState, left: number, right: number): void {
  const beginsLeft = state.side === 'RS';
  const round = state.round !== undefined;
  const atLeft = endShaping(left, beginsLeft, round);
  const atRight = endShaping(right, !beginsLeft, round);
  const leaves = atLeft.leaves + atRight.leaves;
  const steps: Step[] = [];
  if (atLeft.step) steps.push(atLeft.step);
  // Even no plain stitches say on which side of them the shaping lies.
  steps.push({ do: 'work', times: state.count - leaves - atLeft.takes - atRight.takes });
  if (atRight.step) steps.push(atRight.step);
  const add =
    (atLeft.step?.do === 'cast' ? atLeft.step.times : 0) +
    (atRight.step?.do === 'cast' ? atRight.step.times : 0);
  const by = left + right - add + leaves;
  if (leaves === 0) return maker.row(state, steps, by, { add });
  const source = state.first?.[0];
  const whole: Take =
    source && isTake(source) ? source : { part: state.name, n: state.n, take: state.count, at: 0 };
  maker.row(state, steps, by, {
    add,
    from: [{ ...whole, at: whole.at + atLeft.leaves, take: state.count - leaves }],
  });
}
