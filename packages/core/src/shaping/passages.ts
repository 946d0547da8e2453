import type { Row, Step, Take } from '../work/rows.js';
import type { Schedule } from './schedule.js';

/**
 * A piece as a maker reads it: passages in working order. Rows (for the hook) and sentences (for the pattern) are both
 * made from the same passages, so they cannot differ.
 */
export type Passage =
  /** A foundation chain of `stitches` + `extra`, or stitches picked up along an edge (then `extra` is 0). */
  | { kind: 'start'; part: string; stitches: number; extra: number; along: string | null }
  /** Rows worked even until row `to` of the part is done. */
  | { kind: 'even'; part: string; to: number; note?: string }
  /** One row in which another fabric begins, with as many stitches as that one wants, the change spread evenly. */
  | { kind: 'change'; part: string; to: number; stitches: number; fabric: string }
  /** Rows shaped by a schedule until row `to` is done. */
  | {
      kind: 'shape';
      part: string;
      to: number;
      schedule: Schedule;
      where: 'both edges' | 'neck edge';
      neckSide?: 'left' | 'right';
    }
  /** A part that goes on from some of the stitches of another part's last row. */
  | {
      kind: 'go on';
      part: string;
      from: string;
      at: number;
      take: number;
      leave: number;
      rejoin: boolean;
      label: string;
    }
  /** A marker in both ends of the last row worked. */
  | { kind: 'mark'; part: string; meaning: string };

/**
 * Turns passages into rows.
 *
 * @returns the rows in working order; the first row of a started part has `from: []`
 * @throws when passages name a part that has not been started: a program error
 */
export function rowsOf(passages: readonly Passage[]): Row[] {
  const rows: Row[] = [];
  const parts = new Map<string, PartState>();
  const part = (name: string) => {
    const found = parts.get(name);
    if (!found) throw new Error(`passage for the part ${name} before it was started`);
    return found;
  };
  for (const passage of passages) {
    switch (passage.kind) {
      case 'start': {
        const state = { name: passage.part, n: 0, count: 0, first: null };
        parts.set(passage.part, state);
        addRow(rows, state, [{ do: 'cast', times: passage.stitches }], 0, passage.stitches);
        break;
      }
      case 'go on': {
        const { n } = part(passage.from);
        const first = { part: passage.from, n, take: passage.take, at: passage.at };
        parts.set(passage.part, { name: passage.part, n, count: passage.take, first });
        break;
      }
      case 'even':
        workEven(rows, part(passage.part), passage.to);
        break;
      case 'shape': {
        const state = part(passage.part);
        const { events, direction, perEvent } = passage.schedule;
        for (const event of events) {
          workEven(rows, state, Math.min(event - 1, passage.to));
          if (event <= passage.to)
            addRow(rows, state, shapedSteps(state.count, passage), direction * perEvent, 0);
        }
        workEven(rows, state, passage.to);
        break;
      }
      case 'change': {
        const state = part(passage.part);
        workEven(rows, state, passage.to - 1);
        const by = passage.stitches - state.count;
        addRow(rows, state, spreadSteps(state.count, by), by, 0);
        break;
      }
      case 'mark':
        break;
    }
  }
  return rows;
}

/** How far a part has been worked; `first` is what its first row is worked into, when that is another part. */
interface PartState {
  name: string;
  n: number;
  count: number;
  first: Take | null;
}

function addRow(rows: Row[], state: PartState, steps: readonly Step[], by: number, add: number): void {
  const from: Take[] =
    add > 0 ? [] : [state.first ?? { part: state.name, n: state.n, take: state.count, at: 0 }];
  state.first = null;
  state.n += 1;
  state.count += by + add;
  rows.push({
    n: state.n,
    part: state.name,
    side: state.n % 2 === 1 ? 'RS' : 'WS',
    from,
    steps,
    count: state.count,
    by,
    add,
  });
}

function workEven(rows: Row[], state: PartState, to: number): void {
  if (state.n >= to) return;
  const steps: readonly Step[] = [{ do: 'work', times: state.count }];
  while (state.n < to) addRow(rows, state, steps, 0, 0);
}

/** A row that gains or loses stitches at places spread evenly over its width. */
export function spreadSteps(count: number, by: number): Step[] {
  if (by === 0) return [{ do: 'work', times: count }];
  const places = Math.abs(by);
  const plain = count - (by > 0 ? 1 : 2) * places;
  const steps: Step[] = [];
  for (let i = 0; i <= places; i += 1) {
    const times = Math.floor(((i + 1) * plain) / (places + 1)) - Math.floor((i * plain) / (places + 1));
    if (times > 0) steps.push({ do: 'work', times });
    if (i < places) steps.push({ do: by > 0 ? 'increase' : 'decrease', times: 1 });
  }
  return steps;
}

/** A shaping row: the change is made in the outermost stitches of the edge. */
function shapedSteps(
  count: number,
  { schedule, where, neckSide }: Extract<Passage, { kind: 'shape' }>,
): Step[] {
  const grow = schedule.direction > 0;
  const shaping = {
    do: grow ? 'increase' : 'decrease',
    times: where === 'both edges' ? schedule.perEvent / 2 : schedule.perEvent,
  } as const;
  const plain: Step = {
    do: 'work',
    times: count - (grow ? 1 : 2) * shaping.times * (where === 'both edges' ? 2 : 1),
  };
  if (where === 'both edges') return [shaping, plain, shaping];
  return neckSide === 'left' ? [shaping, plain] : [plain, shaping];
}
