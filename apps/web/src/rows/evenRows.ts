import { perCm, tidy, type Fabric, type Passage } from '@upfell/core';

type Shape = Extract<Passage, { kind: 'shape' }>;

/** One end of a taper: how many rows are worked even there, and how many could be without losing a shaping row. */
export interface EvenEnd {
  /** The style's field. */
  field: 'evenAtCuff' | 'evenAtTop';
  label: string;
  /** Where the first (or last) shaping row may lie, from the beginning of the piece. */
  at: 'start' | 'finish';
  rows: number;
  most: number;
}

/** The two ends of a sleeve's taper, in the direction in which it is worked. */
export function evenEnds({ schedule, of, to }: Shape): EvenEnd[] {
  const { first, last, everyRow } = schedule.room;
  const up = of.start === 'sleeve.cuff';
  const [start, finish] = up
    ? (['evenAtCuff', 'evenAtTop'] as const)
    : (['evenAtTop', 'evenAtCuff'] as const);
  const taken = Math.max(0, schedule.events.length - 1) * everyRow + 1;
  const before = up ? first - 1 : first - 2;
  const after = up ? to - last : to - last + 1;
  const words = { evenAtCuff: 'Even rows above the cuff', evenAtTop: 'Even rows below the top' };
  return [
    { field: start, label: words[start], at: 'start', rows: before, most: to - after - taken },
    { field: finish, label: words[finish], at: 'finish', rows: after, most: to - before - taken },
  ];
}

/** The style's length for so many even rows: 0 for the one row that is always even. */
export function evenLength(rows: number, fabric: Fabric): number {
  return rows <= 1 ? 0 : tidy(rows / perCm(fabric.gauge, 'rows'));
}
