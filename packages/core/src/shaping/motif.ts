/** Motifs in rounds from a centre, and rows along some of their sides: corners where each round or row gains the same. */

import type { Step } from '../work/rows.js';

/** A motif: how many sides it has, the stitches of each in round 1, and what each gains in every later round. */
export interface MotifGrowth {
  sides: number;
  first: number;
  gain: number;
}

/** Stitches of a side after so many rounds. */
export function sideAfter({ first, gain }: Pick<MotifGrowth, 'first' | 'gain'>, rounds: number): number {
  return first + gain * (rounds - 1);
}

/** What a corner gives to the side before it and to the side after it, from left to right. */
export function atCorner(gain: number): readonly [before: number, after: number] {
  return [Math.floor(gain / 2), Math.ceil(gain / 2)];
}

/** The steps of a round that grows at its corners, over sides of so many stitches each. */
export function motifSteps({ sides, gain }: MotifGrowth, side: number): Step[] {
  return Array.from({ length: sides }, () => stepsOfSide(side, ...grown(gain))).flat();
}

/** Stitches that each stitch of a side becomes where so many more are spread over it: "2, 2, 3". */
export function spreadOverSide(side: number, gain: number): number[] {
  const made = (i: number) => Math.floor((i * (side + gain)) / side);
  return Array.from({ length: side }, (_, i) => made(i + 1) - made(i));
}

/** The steps of a round without corners, in which each side grows all along. */
export function circleSteps({ sides, gain }: MotifGrowth, side: number): Step[] {
  const steps = runsOfEqual(spreadOverSide(side, gain)).map(({ value, times }): Step => {
    return value === 1 ? { do: 'work', times } : { do: 'increase', times, makes: value };
  });
  return Array.from({ length: sides }, () => steps).flat();
}

/** Equal values that follow each other, kept together. */
export function runsOfEqual(values: readonly number[]): { value: number; times: number }[] {
  const runs: { value: number; times: number }[] = [];
  for (const value of values) {
    const last = runs.at(-1);
    if (last?.value === value) last.times += 1;
    else runs.push({ value, times: 1 });
  }
  return runs;
}

/** A row along sides with corners between them. */
export interface SideRow {
  /** Stitches of the sides, from left to right. */
  sides: readonly number[];
  /** What each corner between them gains. */
  gain: number;
  /** What the row gains (below 0: loses) at its left end. */
  atEnd: number;
}

/**
 * The steps of a row along sides, from left to right: its outer ends stay as they are but for what is gained at the left one.
 *
 * @throws RangeError where a side is too short for its corners
 */
export function sideRowSteps({ sides, gain, atEnd }: SideRow): { steps: Step[]; by: number } {
  const [before, after] = atCorner(gain);
  const steps = sides.flatMap((side, i): Step[] => {
    const left = i === 0 ? atEnd : after;
    return stepsOfSide(side, left, i === sides.length - 1 ? 0 : before);
  });
  return { steps, by: gain * (sides.length - 1) + atEnd };
}

/** The sides after that row. */
export function sidesAfter({ sides, gain, atEnd }: SideRow): number[] {
  const [before, after] = atCorner(gain);
  return sides.map((side, i) => side + (i === 0 ? atEnd : after) + (i === sides.length - 1 ? 0 : before));
}

/** A round's corners give half of what they gain to either side of them. */
function grown(gain: number): readonly [left: number, right: number] {
  const [before, after] = atCorner(gain);
  return [after, before];
}

/** A side with so many stitches more at its left and at its right. */
function stepsOfSide(side: number, left: number, right: number): Step[] {
  if (side === 1 && left >= 0 && right >= 0)
    return left + right === 0
      ? [{ do: 'work', times: 1 }]
      : [{ do: 'increase', times: 1, makes: 1 + left + right }];
  const ends = [left, right].map((by): Step | null => {
    if (by === 0) return null;
    return by > 0 ? { do: 'increase', times: 1, makes: 1 + by } : { do: 'decrease', times: 1, takes: 1 - by };
  });
  const taken = [left, right].reduce((sum, by) => sum + (by === 0 ? 0 : by > 0 ? 1 : 1 - by), 0);
  if (taken > side) throw new RangeError(`a side of ${side} stitches is too short for its corners`);
  return [
    ...(ends[0] ? [ends[0]] : []),
    ...(side > taken ? [{ do: 'work' as const, times: side - taken }] : []),
    ...(ends[1] ? [ends[1]] : []),
  ];
}

/**
 * The steps of a round that loses (with `by` below 0: gains) some stitches at one place: by turns where it begins (its right end, as it lies) and opposite.
 *
 * @param event which of these rounds it is, from 0
 */
export function turnsSteps(count: number, by: number, event: number): Step[] {
  if (count <= by) throw new RangeError(`${count} stitches are too few to take ${by} off`);
  const plain = count - Math.max(0, by) - 1;
  const before = event % 2 === 0 ? plain : Math.floor(plain / 2);
  const steps: Step[] = [
    { do: 'work', times: before },
    by > 0 ? { do: 'decrease', times: 1, takes: by + 1 } : { do: 'increase', times: 1, makes: 1 - by },
    { do: 'work', times: plain - before },
  ];
  return steps.filter(({ times }) => times > 0);
}
