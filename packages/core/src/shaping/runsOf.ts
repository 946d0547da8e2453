import { takesOf } from '../work/steps.js';
import { isTake, type RoundWay, type Row, type Source, type Step, type Take } from '../work/rows.js';
import { sideOf, type RowRun } from '../work/runs.js';
import { changesByRow, changesIn, countsAfterRow, stepsBesideLines } from './lines.js';
import type { Passage } from './passages.js';
import { placesInRound, stepsAcross, stepsInRound } from './rounds.js';
import { amountOf } from './schedule.js';
import type { ShortRows } from './shortRows.js';

/** How far a part has been worked; `first` is what its first row is worked into, when that is another part. */
interface PartState {
  name: string;
  n: number;
  count: number;
  first: readonly Source[] | null;
  /** Side of the row worked last; rows turn, rounds need not. */
  side: Row['side'];
  round?: RoundWay;
  rejoin: boolean;
}

/**
 * Turns passages into rows, those worked even kept together. Flat rows with odd numbers are right-side rows.
 *
 * @returns the rows in working order, as runs; the first row of a started part has `from: []`
 * @throws when passages name a part that has not been started: a program error
 */
export function runsOf(passages: readonly Passage[]): RowRun[] {
  const runs: RowRun[] = [];
  const parts = new Map<string, PartState>();
  const part = (name: string) => {
    const found = parts.get(name);
    if (!found) throw new Error(`passage for the part ${name} before it was started`);
    return found;
  };
  for (const passage of passages) {
    switch (passage.kind) {
      case 'start': {
        const { part: name, round, stitches } = passage;
        const state: PartState = {
          name,
          n: 0,
          count: 0,
          first: null,
          side: 'WS',
          rejoin: false,
          ...(round ? { round } : {}),
        };
        parts.set(name, state);
        addRow(runs, state, [{ do: 'cast', times: stitches }], 0, { add: stitches, from: [] });
        break;
      }
      case 'go on': {
        const { n, side } = part(passage.from);
        const first = [{ part: passage.from, n, take: passage.take, at: passage.at }];
        parts.set(passage.part, {
          name: passage.part,
          n,
          count: passage.take,
          first,
          side,
          rejoin: passage.rejoin,
        });
        break;
      }
      case 'unite':
        unite(runs, parts, part, passage);
        break;
      case 'even':
        workEven(runs, part(passage.part), passage.to);
        break;
      case 'shape':
        workShaped(runs, part(passage.part), passage);
        break;
      case 'lines':
        workLines(runs, part(passage.part), passage);
        break;
      case 'short':
        workShort(runs, part(passage.part), passage.shortRows);
        break;
      case 'change': {
        const state = part(passage.part);
        workEven(runs, state, passage.to - 1);
        const by = passage.stitches - state.count;
        addRow(runs, state, stepsAcross(state.count, by), by);
        break;
      }
      case 'mark':
        break;
    }
  }
  return runs;
}

/** Adds the next row of a part, over all its stitches unless `from` says otherwise. */
function addRow(
  runs: RowRun[],
  state: PartState,
  steps: readonly Step[],
  by: number,
  { add = 0, from, flat = false }: { add?: number; from?: readonly Source[]; flat?: boolean } = {},
): void {
  const sources = from ?? state.first ?? [{ part: state.name, n: state.n, take: state.count, at: 0 }];
  const round = flat ? undefined : state.round;
  state.first = null;
  state.n += 1;
  let count = by + add;
  for (const source of sources) if (isTake(source)) count += source.take;
  state.count = count;
  state.side = round === 'joined' || round === 'spiral' ? 'RS' : state.side === 'RS' ? 'WS' : 'RS';
  const row: Row = { n: state.n, part: state.name, side: state.side, from: sources, steps, count, by, add };
  if (round) row.round = round;
  if (state.rejoin) row.rejoin = true;
  state.rejoin = false;
  runs.push({ row, times: 1 });
}

function workEven(runs: RowRun[], state: PartState, to: number): void {
  if (state.n >= to) return;
  const steps: readonly Step[] = [{ do: 'work', times: state.count }];
  addRow(runs, state, steps, 0);
  const more = to - state.n;
  runs.at(-1)!.times += more;
  state.side = sideOf(state, more);
  state.n = to;
}

function workShaped(runs: RowRun[], state: PartState, passage: Extract<Passage, { kind: 'shape' }>): void {
  const { schedule, to, where, also } = passage;
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
      workEven(runs, state, row - 1);
      atEdges(runs, state, leftOwn ? one : two, leftOwn ? two : one);
    }
    workEven(runs, state, to);
    return;
  }
  let shapingRound = 0;
  schedule.events.forEach((event, i) => {
    workEven(runs, state, Math.min(event - 1, to));
    if (event > to) return;
    const change = schedule.direction * amountOf(schedule, i);
    if (where.at === 'the round') {
      addRow(runs, state, stepsInRound(placesInRound(state.count, change, shapingRound)), change);
      shapingRound += 1;
    } else addRow(runs, state, stepsAcross(state.count, change), change);
  });
  workEven(runs, state, to);
}

function workLines(
  runs: RowRun[],
  state: PartState,
  { sections, line, to }: Extract<Passage, { kind: 'lines' }>,
): void {
  let counts: number[] | null = null;
  for (const { row, sides } of changesByRow(sections)) {
    if (row > to) break;
    if (row <= state.n) continue;
    workEven(runs, state, row - 1);
    counts ??= countsAfterRow(sections, row - 1);
    const { steps, by, add } = stepsBesideLines(sections, counts, line, sides);
    addRow(runs, state, steps, by, { add });
    for (let i = 0; i < sections.length; i += 1) counts[i]! += sides[2 * i]! + sides[2 * i + 1]!;
  }
  workEven(runs, state, to);
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
function atEdges(runs: RowRun[], state: PartState, left: number, right: number): void {
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
  if (leaves === 0) return addRow(runs, state, steps, by, { add });
  const source = state.first?.[0];
  const whole: Take =
    source && isTake(source) ? source : { part: state.name, n: state.n, take: state.count, at: 0 };
  addRow(runs, state, steps, by, {
    add,
    from: [{ ...whole, at: whole.at + atLeft.leaves, take: state.count - leaves }],
  });
}

/**
 * Short rows leave stitches of older rows live beside them: each next row takes up what lies in its span. Over a round spans
 * may reach back across its joining: places below 0 lie before it.
 */
function workShort(runs: RowRun[], state: PartState, { stitches, rows: short, closing }: ShortRows): void {
  /** What lies on the hook from left to right: rows and the places of their stitches, one for each stitch of the base. */
  const surface: { n: number; at: number }[] = Array.from({ length: stitches }, (_, at) => ({
    n: state.n,
    at,
  }));
  const spanOf = (from: number, to: number): Take[] => {
    const takes: Take[] = [];
    for (let i = from; i < to; i += 1) {
      const { n, at } = surface[(i + stitches) % stitches]!;
      const last = takes.at(-1);
      if (last?.n === n && last.at + last.take === at) last.take += 1;
      else takes.push({ part: state.name, n, take: 1, at });
    }
    return takes;
  };
  const cover = (from: number, to: number, flat: boolean) => {
    addRow(runs, state, [{ do: 'work', times: to - from }], 0, { from: spanOf(from, to), flat });
    for (let i = from; i < to; i += 1) surface[(i + stitches) % stitches] = { n: state.n, at: i - from };
  };
  short.forEach(({ from, to }, i) => {
    // The first short row begins inside the full row: the yarn is joined there unless it hangs at that end.
    if (i === 0) {
      const yarn = state.round ? 0 : state.side === 'RS' ? 0 : stitches;
      const begin = state.side === 'RS' ? from : to;
      state.rejoin ||= begin !== yarn;
    }
    cover(from, to, true);
  });
  if (!closing) return;
  const last = short.at(-1);
  const end = state.side === 'RS' ? (last?.from ?? 0) : (last?.to ?? stitches);
  if (!state.round) state.rejoin ||= end !== (state.side === 'RS' ? 0 : stitches);
  cover(0, stitches, false);
}

function unite(
  runs: RowRun[],
  parts: Map<string, PartState>,
  part: (name: string) => PartState,
  { part: name, from, chains, round, rejoin = false, lines }: Extract<Passage, { kind: 'unite' }>,
): void {
  const states = from.map((source) => part(source.part));
  const n = Math.max(...states.map((state) => state.n));
  const state: PartState = {
    name,
    n,
    count: 0,
    first: null,
    side: states.at(-1)!.side,
    rejoin,
    ...(round ? { round } : {}),
  };
  parts.set(name, state);
  const sources = from.map((source, i): Take => ({
    part: source.part,
    n: states[i]!.n,
    take: source.take,
    at: source.at,
  }));
  const steps = sources.flatMap(({ take }, i): Step[] => [
    { do: 'work', times: take },
    ...(chains[i]! > 0 ? [{ do: 'cast' as const, times: chains[i]! }] : []),
  ]);
  const add = chains.reduce((sum, chain) => sum + chain, 0);
  if (!lines) return addRow(runs, state, steps, 0, { add, from: sources });
  const shaped = stepsBesideLines(
    lines.sections,
    countsAfterRow(lines.sections, n),
    lines.line,
    changesIn(lines.sections, n + 1),
  );
  let at = 0;
  const shapedSteps = sources.reduce<Step[]>((all, { take }, i) => {
    const before = at + take;
    at = before + chains[i]!;
    return castInside(all, before, chains[i]!);
  }, shaped.steps);
  addRow(runs, state, shapedSteps, shaped.by, { add, from: sources });
}

/**
 * Steps in which `many` stitches from place `at` on are cast instead of worked.
 *
 * @throws RangeError when the row shapes there
 */
function castInside(steps: readonly Step[], at: number, many: number): Step[] {
  if (many === 0) return [...steps];
  let place = 0;
  let found = false;
  const cut = steps.flatMap((step): Step[] => {
    const first = place;
    // Where chains are cast already there are stitches to come, so that they count here.
    place += step.do === 'cast' ? step.times : takesOf(step) * step.times;
    if (step.do !== 'work' || first > at || place < at + many) return [step];
    found = true;
    return [
      { do: 'work' as const, times: at - first },
      { do: 'cast' as const, times: many },
      { do: 'work' as const, times: place - at - many },
    ].filter(({ times }) => times > 0);
  });
  if (!found) throw new RangeError(`${many} chains are to lie where a row shapes`);
  return cut;
}
