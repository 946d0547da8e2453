import { BASE, Boundary, LEFT_END, LIVE, NONE, RIGHT_END } from './boundary.js';
import {
  astrayRow,
  countEdge,
  follow,
  lostStitches,
  pathOf,
  placesAround,
  rowAt,
  type Piece,
  type TakenStretch,
} from './edges.js';
import { layDown } from './layDown.js';
import { endShifts, makesOf, takesOf } from './steps.js';
import { isTake, type EdgePlace, type PickUp, type Row, type Source, type Take } from './rows.js';
import { rowOf, runsIn, type RowRun } from './runs.js';

/** A piece as the hook left it. Its edges are to be asked for where it has no faults: with faults they may be nowhere. */
export interface WorkedPiece {
  /** Stitches at the end of each row, in working order. */
  counts: readonly number[];
  /** What went wrong, in the order in which it happened; empty for sound row data. */
  faults: readonly string[];
  /** Stitches or rows along an edge, counted on the worked piece; NaN where the edge does not lie there. */
  edge(place: EdgePlace): number;
  /**
   * The first row of an edge of row ends that does not end where `path` says (stitches to the right of its first row's end;
   * "straight": all in one line), from 0; -1 where all do.
   */
  astray(place: EdgePlace, path: 'straight' | readonly number[]): number;
  /** Where each row of an edge of row ends ends, in stitches to the right of the first one's. */
  path(place: EdgePlace): number[];
  /** Stitches on the edge of the piece that lie along none of these places: nothing would ever be done with them. */
  lost(places: readonly EdgePlace[]): string[];
  /** Which of these places lie along each ring of its edge, clockwise as the right side is seen, by their index. */
  around(places: readonly EdgePlace[]): number[][];
}

/**
 * The virtual hook: works row data stitch by stitch and reports what comes out. It knows nothing of the plan; a stitch
 * taken twice, a row worked into stitches that are not there, begun away from the yarn or turned the wrong way, or one that
 * ends with stitches left over is a fault.
 *
 * @param rows the rows of one piece in working order
 */
export function workPiece(rows: readonly Row[]): WorkedPiece {
  return workRuns(runsIn(rows));
}

/** The same for rows that are kept together in runs: what is worked even is worked at once. */
export function workRuns(runs: readonly RowRun[]): WorkedPiece {
  const hook = new Hook(runs);
  for (const run of runs) hook.workRun(run);
  return {
    counts: hook.counts,
    faults: hook.faults,
    edge: (place) => countEdge(hook, place),
    astray: (place, path) => astrayRow(hook, place, path),
    path: (place) => pathOf(hook, place),
    lost: (places) => lostStitches(hook, places),
    around: (places) => placesAround(hook, places),
  };
}

class Hook implements Piece {
  /** For each row by its place in working order the first row of its run. */
  readonly rows: Row[];
  readonly counts: number[];
  readonly faults: string[] = [];
  /** For each part its worked rows: from the row's number to its place in working order. */
  readonly done = new Map<string, (number | undefined)[]>();
  readonly boundary: Boundary;
  /** The ends of each row, as stretches of the edge. */
  readonly leftEnds: number[];
  readonly rightEnds: number[];
  /** Where the first stitch of each row lies, in stitches from the left end of row 1. */
  readonly lefts: number[];
  /** How many rows have been worked. */
  private worked = 0;
  /** The row worked last: the yarn hangs at its end. */
  private last: Pick<Row, 'part' | 'n' | 'side' | 'round'> | null = null;

  constructor(runs: readonly RowRun[]) {
    let rows = 0;
    let stretches = 8;
    for (const { row, times } of runs) {
      rows += times;
      // A row lays down its stitches, and flat rows their two ends; what is worked even only moves the stitches up.
      stretches += row.round ? 1 : 1 + 2 * times;
    }
    this.boundary = new Boundary(rows, stretches);
    this.rows = new Array<Row>(rows);
    this.counts = new Array<number>(rows);
    this.lefts = new Array<number>(rows);
    this.leftEnds = new Array<number>(rows);
    this.rightEnds = new Array<number>(rows);
  }

  /** Works the rows of a run. */
  workRun(run: RowRun): void {
    this.work(run.row);
    if (run.times === 1 || this.workRest(run)) return;
    for (let i = 1; i < run.times; i += 1) this.work(rowOf(run, i));
  }

  /** Works one row. */
  private work(row: Row): void {
    const at = this.worked;
    this.rows[at] = row;
    this.leftEnds[at] = row.round ? NONE : this.boundary.add(LEFT_END, at);
    this.rightEnds[at] = row.round ? NONE : this.boundary.add(RIGHT_END, at);
    this.checkYarn(row);
    if (!this.workPlain(row, at)) {
      const taken = this.take(row);
      const made = this.makeStitches(row, this.waiting(row));
      this.counts[at] = made;
      this.lefts[at] = this.leftOf(row);
      layDown(this, row, at, taken, made);
    }
    this.note(row.part, row.n, at);
    this.worked = at + 1;
    this.last = row;
  }

  /** Notes where a row lies in working order. */
  private note(name: string, n: number, at: number): void {
    let part = this.done.get(name);
    if (!part) this.done.set(name, (part = []));
    if (part[n] !== undefined) this.fault({ part: name, n }, 'is worked twice');
    part[n] = at;
  }

  /**
   * Works all rows of a run but the first: each takes the whole of the one before off the edge and lies there in its place.
   * Does nothing and says false where the first row was not sound, or does not lie on the edge as a whole.
   */
  private workRest({ row, times }: RowRun): boolean {
    const { boundary, counts, lefts } = this;
    const first = this.worked - 1;
    const live = boundary.only(first);
    const { count, part, n } = row;
    if (live === NONE || count === 0 || counts[first] !== count) return false;
    if (boundary.from(live) !== 0 || boundary.to(live) !== count) return false;
    if (row.round && boundary.lies(live)) return false;
    const many = times - 1;
    const ends = boundary.raise(live, first, many, !row.round);
    const left = lefts[first]!;
    for (let i = 1; i < times; i += 1) {
      const at = first + i;
      this.rows[at] = row;
      counts[at] = count;
      lefts[at] = left;
      this.leftEnds[at] = ends === NONE ? NONE : ends + i - 1;
      this.rightEnds[at] = ends === NONE ? NONE : ends + many + i - 1;
      this.note(part, n + i, at);
    }
    this.worked = first + times;
    this.last = rowOf({ row, times }, many);
    return true;
  }

  /**
   * The usual row, without detours: over all of one stretch, its stitches in stitches; rounds over one that is a ring by
   * itself. Does nothing and says false for any other, and for one that is not sound.
   */
  private workPlain(row: Row, at: number): boolean {
    const source = row.from[0];
    if (row.from.length !== 1 || !source || !isTake(source) || !isPlain(row)) return false;
    const place = rowAt(this, source.part, source.n);
    if (place === undefined) return false;
    const { boundary } = this;
    const old = boundary.only(place);
    if (old === NONE || boundary.from(old) !== source.at || boundary.to(old) !== source.at + source.take)
      return false;
    if (row.round && boundary.lies(old)) return false;
    const made = this.makeStitches(row, source.take);
    this.counts[at] = made;
    this.lefts[at] = this.lefts[place]! + source.at + endShifts(row).left;
    boundary.forget(old);
    if (row.round) {
      boundary.add(LIVE, at, 0, made);
      return true;
    }
    const left = this.leftEnds[at]!;
    const right = this.rightEnds[at]!;
    const before = boundary.before(old);
    const after = boundary.after(old);
    const live = boundary.add(LIVE, at, 0, made);
    boundary.link(left, live);
    boundary.link(live, right);
    if (before === old) boundary.link(right, left);
    else {
      boundary.link(before, left);
      boundary.link(right, after);
    }
    boundary.drop(old);
    return true;
  }

  private fault({ part, n }: Pick<Row, 'part' | 'n'>, what: string): void {
    this.faults.push(`${part} row ${n} ${what}`);
  }

  /** Rows are turned and begin where the yarn hangs, unless it is joined anew; rounds go on from the round before. */
  private checkYarn(row: Row): void {
    const { last: before } = this;
    if (!before || row.rejoin || row.from.length === 0) return;
    if (row.round) {
      if (!row.from.some((source) => lands(source, before))) this.fault(row, 'begins away from the yarn');
      else if (before.round && (row.round === 'turned') === (row.side === before.side))
        this.fault(row, row.round === 'turned' ? 'is not turned' : 'is turned although its rounds are not');
      return;
    }
    const fromRight = row.side === 'RS';
    const start = row.from[fromRight ? row.from.length - 1 : 0]!;
    // At the joining of a round both its ends lie side by side.
    if (!before.round && before.side === row.side) this.fault(row, 'is not turned');
    else if (
      !lands(start, before) ||
      (fromRight ? start.at + start.take !== this.counts[this.worked - 1]! : start.at !== 0)
    )
      this.fault(row, 'begins away from the yarn');
  }

  /** Takes what a row is worked into off the edge. */
  private take(row: Row): TakenStretch[] {
    const taken: TakenStretch[] = [];
    for (const source of row.from) {
      const found = isTake(source) ? this.takeLive(row, source) : this.pickUp(row, source);
      if (found) taken.push(found);
    }
    return taken;
  }

  /** Stitches that a row has to work into, as far as they are there at all, or makes along edges. */
  private waiting({ from }: Row): number {
    let sum = 0;
    for (const source of from) {
      if (!isTake(source)) {
        sum += source.makes;
        continue;
      }
      const place = rowAt(this, source.part, source.n);
      if (place !== undefined)
        sum += Math.max(0, Math.min(source.at + source.take, this.counts[place]!) - Math.max(0, source.at));
    }
    return sum;
  }

  private takeLive(row: Row, { part, n, take, at }: Take): TakenStretch | null {
    const place = rowAt(this, part, n);
    if (place === undefined) {
      this.fault(row, `is worked into ${part} row ${n}, which has not been worked`);
      return null;
    }
    if (at < 0 || at + take > this.counts[place]!) {
      this.fault(row, `reaches past the end of ${part} row ${n}`);
      return null;
    }
    if (take === 0) return null;
    const found = this.cutOut(LIVE, place, at, at + take);
    if (found) return found;
    let stitch = at;
    while (this.boundary.holding(LIVE, place, stitch, stitch + 1) !== NONE) stitch += 1;
    this.fault(row, `works stitch ${stitch + 1} of ${part} row ${n} a second time`);
    return null;
  }

  private pickUp(row: Row, source: PickUp): TakenStretch | null {
    const { part } = source;
    if (source.along === 'base') {
      const place = rowAt(this, part, source.n);
      const found = place === undefined ? null : this.cutOut(BASE, place, source.at, source.at + source.take);
      if (!found) this.fault(row, `picks up under ${part} row ${source.n}, where no free chains are`);
      return found;
    }
    const { along, first, last } = source;
    const found = follow(this, { lies: 'row ends', side: along, spans: [{ part, first, last }] });
    if (!found)
      this.fault(
        row,
        `picks up along ${part} rows ${first} to ${last}, whose ${along} ends are not a free edge`,
      );
    return found;
  }

  private cutOut(kind: number, row: number, from: number, to: number): TakenStretch | null {
    const found = this.boundary.holding(kind, row, from, to);
    if (found === NONE) return null;
    this.boundary.cut(found, from, to);
    this.boundary.forget(found);
    return [found, found];
  }

  /** Works the steps of a row over what was taken; returns how many stitches it makes. */
  private makeStitches(row: Row, taken: number): number {
    let waiting = taken;
    let made = 0;
    let by = 0;
    let add = 0;
    let pickedUp = 0;
    for (const step of row.steps) {
      const takes = takesOf(step);
      const makes = makesOf(step);
      const worked = takes * step.times <= waiting ? step.times : Math.floor(waiting / takes);
      waiting -= worked * takes;
      made += worked * makes;
      if (step.do === 'cast' || step.do === 'pick up') add += worked;
      else by += worked * (makes - takes);
      if (step.do === 'pick up') pickedUp += worked;
      if (worked < step.times) this.fault(row, 'runs out of stitches to work into');
    }
    let wanted = 0;
    for (const source of row.from) if (!isTake(source)) wanted += source.makes;
    if (pickedUp !== wanted) this.fault(row, `picks up ${pickedUp} stitches along edges for ${wanted}`);
    if (waiting > 0) this.fault(row, `leaves ${waiting} taken stitches without a stitch`);
    if (made !== row.count) this.fault(row, `ends with ${made} stitches, not ${row.count}`);
    if (by !== row.by || add !== row.add) this.fault(row, 'does not change by what it says');
    return made;
  }

  /** Where the row's first stitch lies: shaping at an end moves that end, any other widens the row to both sides. */
  private leftOf(row: Row): number {
    const take = row.from.find(isTake);
    const place = take && rowAt(this, take.part, take.n);
    return take && place !== undefined ? this.lefts[place]! + take.at + endShifts(row).left : 0;
  }
}

/** Whether a row is worked into the row before. */
function lands(source: Source, before: Pick<Row, 'part' | 'n'>): source is Take {
  return isTake(source) && source.n === before.n && source.part === before.part;
}

/** Whether a row makes its stitches in the stitches below and nowhere else. */
function isPlain({ steps }: Row): boolean {
  for (const { do: what } of steps)
    if (what !== 'work' && what !== 'increase' && what !== 'decrease') return false;
  return true;
}
