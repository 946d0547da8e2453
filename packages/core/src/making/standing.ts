import type { Design, Pin } from '../design.js';
import { draftSize, fitDesign, type PlanMemory } from '../fitDesign.js';
import { countReader } from '../fit/counts.js';
import { assemblyOf } from '../finishing/assembly.js';
import { rowsOf } from '../work/runs.js';
import type { Change, Entry, EntryOf, GaugeReading, Making } from './entries.js';
import { workedHeight } from './begun.js';
import { plannedGauges, withReading } from './gauges.js';
import {
  inOrder,
  isKnown,
  keyInPiece,
  progressOf,
  standing as standingEntries,
  tickedIn,
  type Progress,
} from './log.js';
import { refit } from './refit.js';
import type { Refitted, Standing, Wish, WorkDone } from './wish.js';

/** The size cannot be worked as it is planned: what stops it is in the notes of its plan. */
export class NothingToMake extends Error {
  override name = 'NothingToMake';
}

/**
 * A size as the design plans it, before anything of it is worked.
 *
 * @throws NothingToMake where the size has no pieces, RangeError for a size that the design does not have, DesignUnfit as the plan
 */
export function begin(design: Design, size: string, memory?: PlanMemory): Standing {
  const { construction, input } = draftSize(design, size);
  const fitted = fitDesign(design, memory).sizes.find(({ id }) => id === size)!;
  const plan = fitted.plan();
  if (!fitted.counts || plan.pieces.length === 0)
    throw new NothingToMake(`Size ${plan.label} of “${design.name}” cannot be worked as it is planned.`);
  const { pieces } = construction.program(input, countReader(fitted.counts));
  return {
    design,
    gauges: plannedGauges(design),
    plan,
    counts: fitted.counts,
    programs: new Map(pieces.map((piece) => [piece.id, piece])),
    wanted: Object.fromEntries(plan.quantities.map(({ id, actual }) => [id, actual])),
  };
}

/** Keys of all rows of each piece, in the order of working. */
export function rowKeys({ pieces }: Standing['plan']): Map<string, string[]> {
  return new Map(pieces.map(({ id, runs }) => [id, rowsOf(runs).map(keyInPiece)]));
}

/** How far every copy of every piece has come. */
export type AllProgress = ReadonlyMap<string, readonly Progress[]>;

/** How far each copy of each piece of a plan has come by these entries. */
export function progressIn(plan: Standing['plan'], entries: readonly Entry[]): AllProgress {
  const ticked = tickedIn(entries);
  const keys = rowKeys(plan);
  return new Map(
    plan.pieces.map(({ id, copies }) => [
      id,
      Array.from({ length: copies }, (_, i) => progressOf(keys.get(id)!, ticked.get(id)?.get(i + 1))),
    ]),
  );
}

/** What is worked and joined: of a piece as much as of the copy that is furthest. */
export function workIn(plan: Standing['plan'], entries: readonly Entry[]): WorkDone {
  const rows = new Map(
    [...progressIn(plan, entries)].map(([id, copies]) => [
      id,
      Math.max(0, ...copies.map(({ worked }) => worked)),
    ]),
  );
  const { steps } = assemblyOf(plan);
  const joins = new Set(
    entries.flatMap((entry) => {
      if (entry.kind !== 'step' || entry.state !== 'done') return [];
      return steps.find(({ id }) => id === entry.step)?.joins ?? [entry.step];
    }),
  );
  return { rows, joins };
}

/** The plan of a making, with the rows that are worked of each piece. */
export function workedPlan({
  standing: { plan },
  progress,
}: Pick<Replayed, 'standing' | 'progress'>): Standing['plan'] {
  return {
    ...plan,
    pieces: plan.pieces.map((piece) => {
      const worked = Math.max(0, ...(progress.get(piece.id) ?? []).map((one) => one.worked));
      return worked > 0 ? { ...piece, worked } : piece;
    }),
  };
}

/** Entries that change the plan. */
type PlanEntry = Extract<Entry, { kind: 'change' | 'gauge' | 'design' }>;

function changesPlan(entry: Entry): entry is PlanEntry {
  return entry.kind === 'change' || entry.kind === 'gauge' || entry.kind === 'design';
}

/** How a making stands after its log, and what of the log could not be followed. */
export interface Replayed {
  standing: Standing;
  /** The plan that the work began from, as it is without changes. */
  begun: Standing;
  progress: AllProgress;
  entries: readonly Entry[];
  /** Entries whose change could not be made: by their ids. */
  failed: readonly string[];
}

/**
 * Replays a log: rows by the plan as it stood when they were worked, the plan anew at every change, reading of the gauge and newer state of the
 * design. Where a change is undone the plan is made again without it, with the rows that were worked meanwhile as they were worked. Pure: the
 * same log comes to the same.
 *
 * @param design the saved state that the making began from
 * @throws as `begin`
 */
export function replay(
  design: Design,
  making: Pick<Making, 'size' | 'entries'>,
  memory?: ReplayMemory,
): Replayed {
  const all = inOrder(making.entries).filter(isKnown);
  const start = startOf(design, making.size, memory);
  const log = new Log(start);
  const steps = memory?.steps ?? [];
  let known = 0;
  while (known < steps.length && steps[known]!.entry.id === all[known]?.id) known += 1;
  steps.length = known;
  if (known > 0) log.takeOver(steps[known - 1]!);
  for (let i = known; i < all.length; i += 1) {
    log.add(all[i]!, () => all.slice(0, i + 1));
    steps.push({ entry: all[i]!, now: log.now, failed: [...log.failed], heights: log.heights });
  }
  const entries = standingEntries(all);
  return {
    standing: log.now,
    begun: start,
    progress: progressIn(log.now.plan, entries),
    entries,
    failed: [...log.failed],
  };
}

interface Step {
  entry: Entry;
  now: Standing;
  failed: readonly string[];
  heights: ReadonlyMap<string, Heights>;
}

/** The largest row number that each piece has come to. */
type Heights = ReadonlyMap<string, number>;

/** What a log has come to before: handed back, only what is new is replayed. */
export interface ReplayMemory {
  design?: Design;
  size?: string;
  start?: Standing;
  steps?: Step[];
  plans?: PlanMemory;
}

function startOf(design: Design, size: string, memory: ReplayMemory | undefined): Standing {
  if (!memory) return begin(design, size);
  if (!memory.start || memory.design !== design || memory.size !== size) {
    memory.plans ??= new Map();
    Object.assign(memory, { design, size, start: begin(design, size, memory.plans), steps: [] });
  }
  return memory.start!;
}

class Log {
  now: Standing;
  readonly failed = new Set<string>();
  /** How far the pieces had come at each reading of the gauge: a hook that was changed was changed there, whatever is undone later. */
  heights: ReadonlyMap<string, Heights> = new Map();

  constructor(private readonly start: Standing) {
    this.now = start;
  }

  takeOver({ now, failed, heights }: Step): void {
    this.now = now;
    this.heights = heights;
    this.failed.clear();
    for (const id of failed) this.failed.add(id);
  }

  /** @param before all entries up to this one, itself among them */
  add(entry: Entry, before: () => readonly Entry[]): void {
    if (entry.kind === 'undo') {
      const all = before();
      const undone = all.find(({ id }) => id === entry.of);
      if (undone && changesPlan(undone)) this.anew(all);
    } else if (entry.kind === 'design') this.anew(before());
    else if (changesPlan(entry)) this.apply(entry, workIn(this.now.plan, standingEntries(before())));
  }

  /** All changes that stand, made again on the rows as they are worked. */
  private anew(before: readonly Entry[]): void {
    const entries = standingEntries(before);
    const done = workIn(this.now.plan, entries);
    const newest = entries.findLast((entry) => entry.kind === 'design');
    const start = newest ? this.of(newest) : this.start;
    this.failed.clear();
    const from = start ?? this.start;
    if (!start) this.failed.add(newest!.id);
    const { wanted, design, gauges } = from;
    const kept = refit({ ...this.now, wanted }, { design, gauges, pins: [] }, done);
    if (kept.ok) this.now = kept.standing;
    else if (newest) this.failed.add(newest.id);
    for (const entry of entries) if (changesPlan(entry)) this.apply(entry, done);
  }

  /** A newer state of the design before anything of it is worked; null where it does not have the size, or cannot be worked. */
  private of({ document }: EntryOf<'design'>): Standing | null {
    try {
      return begin(document, this.start.plan.id);
    } catch {
      return null;
    }
  }

  private apply(entry: PlanEntry, done: WorkDone): void {
    if (entry.kind === 'design') return;
    const heights = this.heights.get(entry.id) ?? heightsOf(this.now, done);
    if (entry.kind === 'gauge') this.heights = new Map([...this.heights, [entry.id, heights]]);
    const result = changed(this.now, entry, done, heights);
    if (result.ok && result.unmet.length === 0) this.now = result.standing;
    else this.failed.add(entry.id);
  }
}

/**
 * What a change of the work, or a reading of its gauge, makes of a plan.
 *
 * @param heights how far the pieces had come when the gauge was read, where that is not how far they are now
 */
export function changed(
  now: Standing,
  entry: ChangeWords,
  done: WorkDone,
  heights: Heights = heightsOf(now, done),
): Refitted {
  return refit(now, wishOf(now, entry, heights), done);
}

/** A change or a reading before it is logged. */
export type ChangeWords = Change | GaugeReading;

function wishOf(now: Standing, entry: ChangeWords, heights: Heights): Wish {
  const { design, gauges } = now;
  if (entry.kind === 'change')
    return { design: withField(design, entry), gauges, pins: pinsOf(entry, now.plan.id) };
  return {
    design,
    gauges: withReading(gauges, entry, heights),
    pins: [],
    ...(entry.way === 'go on' ? { hold: true } : {}),
  };
}

/** How far each piece has come. */
function heightsOf({ plan }: Standing, { rows }: WorkDone): Heights {
  return new Map(plan.pieces.map(({ id, runs }) => [id, workedHeight(rowsOf(runs), rows.get(id) ?? 0)]));
}

function pinsOf({ quantity, count, counts = [] }: Change, size: string): Pin[] {
  const first = quantity !== undefined && count !== undefined ? [{ quantity, count }] : [];
  return [...first, ...counts].map((one) => ({ size, quantity: one.quantity, count: one.count }));
}

/** A design with a field of its style set: "sleeve.evenAtTop". */
function withField(design: Design, { field, value }: Change): Design {
  if (field === undefined) return design;
  const set = (
    object: Readonly<Record<string, unknown>>,
    [key, ...rest]: readonly string[],
  ): Record<string, unknown> => ({
    ...object,
    [key!]: rest.length === 0 ? value : set((object[key!] ?? {}) as Record<string, unknown>, rest),
  });
  return { ...design, garment: set(design.garment, field.split('.')) as Design['garment'] };
}
