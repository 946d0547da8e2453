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

/** The number of the last row of each part. */
export type LastRows = ReadonlyMap<string, { n: number; count: number }>;

/**
 * Turns passages into rows.
 *
 * @returns the rows in working order; the first row of a started part has `from: []`
 * @throws when passages name a part that has not been started: a program error
 */
export function rowsOf(passages: readonly Passage[]): Row[] {
  const rows: Row[] = [];
  const parts = new Map<string, { n: number; count: number; first: Take | null }>();
  const part = (name: string) => {
    const found = parts.get(name);
    if (!found) throw new Error(`passage for the part ${name} before it was started`);
    return found;
  };
  const push = (name: string, steps: Step[], by: number, add: number, from: Take[]) => {
    const state = part(name);
    state.n += 1;
    state.count += by + add;
    rows.push({
      n: state.n,
      part: name,
      side: state.n % 2 === 1 ? 'RS' : 'WS',
      from,
      steps,
      count: state.count,
      by,
      add,
    });
  };
  const source = (name: string): Take[] => {
    const state = part(name);
    if (state.first) {
      const first = state.first;
      state.first = null;
      return [first];
    }
    return [{ part: name, n: state.n, take: state.count, at: 0 }];
  };

  for (const passage of passages) {
    switch (passage.kind) {
      case 'start':
        parts.set(passage.part, { n: 0, count: 0, first: null });
        push(passage.part, [{ do: 'cast', times: passage.stitches }], 0, passage.stitches, []);
        break;
      case 'go on': {
        const from = part(passage.from);
        parts.set(passage.part, {
          n: from.n,
          count: passage.take,
          first: { part: passage.from, n: from.n, take: passage.take, at: passage.at },
        });
        break;
      }
      case 'even':
        while (part(passage.part).n < passage.to) {
          const count = part(passage.part).count;
          push(passage.part, [{ do: 'work', times: count }], 0, 0, source(passage.part));
        }
        break;
      case 'shape': {
        const events = new Set(passage.schedule.events);
        while (part(passage.part).n < passage.to) {
          const { n, count } = part(passage.part);
          const shaped = events.has(n + 1);
          const by = shaped ? passage.schedule.direction * passage.schedule.perEvent : 0;
          push(
            passage.part,
            shaped ? shapedSteps(count, passage) : [{ do: 'work', times: count }],
            by,
            0,
            source(passage.part),
          );
        }
        break;
      }
      case 'mark':
        break;
    }
  }
  return rows;
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
