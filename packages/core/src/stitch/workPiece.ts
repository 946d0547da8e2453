import type { RoundWay, Row, Step } from '../work/rows.js';
import { rowOf, type RowRun } from '../work/runs.js';
import { foundationChain, stitchesIn, type Course, type Unit } from './course.js';
import { workRow } from './hook.js';
import { heightOf, type StitchKind } from './kinds.js';
import type { FabricStitches } from './ofFabric.js';
import { rowOverStitches } from './overStitches.js';
import { patternRowAt, plainFoundation, prove, workPattern, type StitchProof } from './prove.js';
import { hasSides, insideOf, roundVersion } from './round.js';
import type { StitchText } from './textReader.js';
import {
  isPlainRow,
  StitchError,
  type Node,
  type Noun,
  type PatternRow,
  type Place,
  type Reach,
  type Span,
} from './tree.js';

/** How the rows of a piece are begun: into a chain, or over stitches that are there, for which a plain row comes first. */
export type Beginning = 'chain' | 'plain row';

/** The stitches of a piece from a row on. */
export interface StitchSection {
  from: number;
  stitches: FabricStitches;
  /** The stitch of its plain rows and of what lies outside the repeats. */
  plain: StitchKind;
}

/** A row of a piece worked in its stitch pattern. */
export interface StitchedRow {
  /** Which row of the pattern it is; null for a plain one. */
  pattern: number | null;
  /** Whole repeats, and the plain stitches before and after them in the order of working. */
  repeats: number;
  before: number;
  after: number;
  /** Stitches worked: turning chains that count are stitches, other chains are not. */
  stitches: number;
}

/** What working a piece stitch by stitch has come to. */
export interface StitchedPiece {
  /** One for each row; null from where a part could not be followed any further. */
  rows: (StitchedRow | null)[];
  /** The first row that could not be worked, and why. */
  fault: { row: Row; message: string } | null;
}

const SPAN: Span = { from: 0, to: 0 };

interface State {
  course: Course;
  /** The places of the whole repeats, null where there are none. */
  zone: { low: number; repeats: number } | null;
  /** Rows worked in pattern so far. */
  done: number;
}

/**
 * Works the rows of a piece in its stitch pattern, every stitch of them: rows in pattern over whole repeats, plain stitches where shaping
 * leaves less than a repeat at an edge. Repeats keep their places over the foundation, so a repeat is given up when an edge reaches it
 * and taken up again when there is room and the row can be worked into what lies there.
 *
 * @param runs rows of one piece
 * @param sections its stitches, by the rows they begin with
 */
export function workPieceStitches(
  runs: readonly RowRun[],
  sections: readonly StitchSection[],
  beginning: Beginning,
): StitchedPiece {
  const states = new Map<string, State>();
  const result: StitchedPiece = { rows: [], fault: null };
  const key = (part: string, n: number) => `${part}:${n}`;
  const workers = new Map<string, RowWorker>();
  const workerOf = (section: StitchSection, stitches: InRows, round: RoundWay | undefined): RowWorker => {
    const name = `${section.from}:${round ?? ''}`;
    const known = workers.get(name);
    if (known) return known;
    const worker = round
      ? roundWorker(stitches, section.plain, round)
      : new RowWorker(stitches.text, stitches.proof, section.plain);
    workers.set(name, worker);
    return worker;
  };
  for (const run of runs) {
    let same: { state: State; row: StitchedRow }[] = [];
    for (let i = 0; i < run.times; i += 1) {
      const row = rowOf(run, i);
      const section = sections.findLast(({ from }) => from <= row.n)!;
      const { stitches } = section;
      if (stitches.is !== 'rows') {
        result.rows.push(stitched(null, null, row.count, null));
        continue;
      }
      if (stitches.text.work === 'tunisian') {
        // Every row is worked from the right side over all loops of the one before.
        const { index } = patternRowAt(stitches.text, row.n - section.from);
        result.rows.push({ pattern: index, repeats: row.count, before: 0, after: 0, stitches: row.count });
        continue;
      }
      try {
        const worker = workerOf(section, stitches, row.round);
        const [source] = row.from;
        const changes = section.from > 1 && row.n === section.from;
        let made: { state: State; row: StitchedRow };
        if (!source || source.along !== undefined || changes)
          made = worker.first(row, source || changes ? 'plain row' : beginning);
        else {
          if (row.from.length > 1) throw new StitchError(SPAN, 'a row over several parts is begun anew');
          const below = states.get(key(source.part, source.n));
          if (!below) {
            result.rows.push(null);
            continue;
          }
          // Rows worked even come to the same again when the pattern has come round to the same side.
          const again = i > 1 ? worker.sameAs(same, below) : null;
          made = again ?? worker.next(row, below, source.at, source.take);
        }
        same = [...same.slice(-MOST_ALIKE), made];
        states.set(key(row.part, row.n), made.state);
        result.rows.push(made.row);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        result.fault ??= { row, message: error.message };
        result.rows.push(null);
        same = [];
      }
    }
  }
  return result;
}
/** Rows back at most that a row worked even may be the same as. */
const MOST_ALIKE = 24;

type InRows = Extract<FabricStitches, { is: 'rows' }>;

/** Rounds are worked in the rounds of the pattern, turned or not as the piece is. */
function roundWorker({ text, proof }: InRows, plain: StitchKind, round: RoundWay): RowWorker {
  const version = roundVersion(text, proof, round === 'turned' ? 'turned' : 'joined');
  if (!version.text) throw new StitchError(SPAN, version.because ?? 'it does not come round');
  return new RowWorker(version.text, { ...prove(version.text).proof!, base: version.base }, plain);
}

class RowWorker {
  private readonly base: StitchProof['base'];

  constructor(
    private readonly text: StitchText,
    private readonly proof: StitchProof,
    private readonly plain: StitchKind,
  ) {
    this.base = proof.base;
  }

  /** What the row comes to must be what its repeats and its plain stitches come to. */
  private check(course: Course, pattern: number, zone: State['zone'], beside: number): void {
    const { multiple, plus } = this.proof.rows[pattern]!.stitches;
    const wanted = (zone ? multiple * zone.repeats + plus : 0) + beside;
    const found = stitchesIn(course);
    if (found !== wanted) throw new StitchError(SPAN, `it comes to ${found} stitches, not ${wanted}`);
  }

  /** A state of the same pattern row over the same repeats, a whole number of turns of pattern and side ago. */
  sameAs(
    before: readonly { state: State; row: StitchedRow }[],
    below: State,
  ): { state: State; row: StitchedRow } | null {
    const { first, last } = this.text.repeat;
    const period = (last - first + 1) * ((last - first + 1) % 2 === 0 ? 1 : 2);
    // The row a period ago, when the pattern was past its first rows and over the same repeats.
    const then = before.at(-period);
    const under = before.at(-period - 1);
    if (!then || !under || below.done - period <= last + 1) return null;
    const zone = ({ zone: one }: State) => `${one?.low}:${one?.repeats}`;
    if (zone(under.state) !== zone(below) || zone(then.state) !== zone(below)) return null;
    return { row: then.row, state: { ...then.state, done: below.done + 1 } };
  }

  /** Row 1 into the foundation chain, or a plain row over what is there. */
  first(row: Row, beginning: Beginning): { state: State; row: StitchedRow } {
    const { multiple, plus } = this.base;
    const fits = (row.count - plus) % multiple === 0 && row.count >= plus;
    const zone = { low: 0, repeats: (row.count - plus) / multiple };
    if (row.round) {
      const ring = plainFoundation(row.count);
      // Over stitches that are there, what makes no whole repeat is plain from the next round on.
      if (!fits && beginning === 'plain row') {
        const units = ring.units.map((unit): Unit => ({ ...unit, t: 'st', kind: this.plain, run: -1 }));
        const course = { ...ring, units, foundation: false };
        return { state: { course, zone: null, done: 0 }, row: stitched(null, null, row.count, null) };
      }
      if (!fits)
        throw new StitchError(SPAN, `${row.count} stitches are no whole number of repeats in the round`);
      if (beginning === 'plain row' && !isPlainRow(this.text.rows[0]!))
        return { state: { course: ring, zone, done: 0 }, row: stitched(null, null, row.count, null) };
      const { row: pattern, index } = patternRowAt(this.text, 0);
      const course = workRow(pattern, ring, { turned: false, round: true });
      this.check(course, index, zone, 0);
      return { state: { course, zone, done: 1 }, row: stitched(index, zone, row.count, course) };
    }
    if (beginning === 'plain row') {
      const course = this.plainRow(row.count, row.side);
      // A plain row is the first row of patterns that begin with one.
      const counts = fits && isPlainRow(this.text.rows[0]!);
      return {
        state: { course, zone: counts ? zone : null, done: counts ? 1 : 0 },
        row: stitched(counts ? 0 : null, null, row.count, course),
      };
    }
    if (!fits) throw new StitchError(SPAN, `${row.count} stitches are no whole number of repeats`);
    const pattern = patternRowAt(this.text, 0);
    const extra = this.proof.chains.plus - this.proof.base.plus;
    const course = workRow(pattern.row, foundationChain(row.count + extra), pattern.way);
    this.check(course, pattern.index, zone, 0);
    return { state: { course, zone, done: 1 }, row: stitched(pattern.index, zone, row.count, course) };
  }

  /** The next round over all of the one before. */
  private nextRound(row: Row, below: State): { state: State; row: StitchedRow } {
    const [step] = row.steps;
    const even = row.steps.length === 1 && step!.do === 'work' && row.from.length === 1;
    const whole = below.zone !== null && this.widthOf(below.zone) === row.count;
    if (!even || !whole) return this.roundWithPlain(row, below);
    const pattern = patternRowAt(this.text, below.done);
    const turned = row.round === 'turned' && below.done > 0;
    const course = workRow(pattern.row, below.course, { turned, round: true });
    this.check(course, pattern.index, below.zone, 0);
    const state = { course, zone: below.zone, done: below.done + 1 };
    return { state, row: stitched(pattern.index, below.zone, row.count, course) };
  }

  /** A round whose repeats leave plain stitches beside where it begins and ends: it is shaped there, or was. */
  private roundWithPlain(row: Row, below: State): { state: State; row: StitchedRow } {
    if (row.round === 'turned' || row.from.length !== 1)
      throw new StitchError(SPAN, 'turned rounds that shape are not followed stitch by stitch');
    const [left, right] = endsOf(row);
    const { course } = below;
    const [begin, end] = [right.change, left.change];
    const span = { low: course.low - begin, width: course.width + begin + end };
    if (span.width !== row.count) throw new StitchError(SPAN, `round ${row.n} is shaped inside`);
    const pattern = patternRowAt(this.text, below.done);
    const nodes =
      below.zone === null && pattern.row === this.text.rows[0]
        ? rowOverStitches(this.text)
        : pattern.row.nodes;
    const word = insideOf(nodes);
    if (!word) throw new StitchError(SPAN, 'this round has no repeat');
    let fault: StitchError | null = null;
    for (const zone of this.zones(span, below.zone, [begin === 0 ? 0 : 1, end === 0 ? 0 : 1])) {
      if (zone === null) break;
      const before = zone.low - span.low;
      const after = row.count - before - this.widthOf(zone);
      const beyond = course.units.filter(
        ({ t, x }) => t === 'st' && x > zone.low + this.widthOf(zone) - 0.499,
      ).length;
      for (let turn = 0; turn < word.length; turn += 1) {
        const body = [...word.slice(turn), ...word.slice(0, turn)];
        try {
          const inner: Node = {
            op: 'repeat',
            body,
            star: true,
            times: { to: 'last', many: beyond, noun: { what: 'st' } },
            span: SPAN,
          };
          const made = workRow(
            {
              nodes: [
                this.idleChain(),
                ...this.edgePart(course.units, before, begin, true),
                inner,
                ...this.edgePart([...course.units].reverse(), after, end, false),
              ],
            },
            course,
            { turned: false, round: true, span },
          );
          this.check(made, pattern.index, zone, before + after);
          const state = { course: made, zone, done: below.done + 1 };
          return { state, row: { ...stitched(pattern.index, zone, row.count, made), before, after } };
        } catch (error) {
          if (!(error instanceof StitchError)) throw error;
          fault ??= error;
        }
      }
    }
    throw fault ?? new StitchError(SPAN, `round ${row.n} has no whole repeat`);
  }

  private plainRow(count: number, side: Row['side']): Course {
    const chain = foundationChain(count + 1);
    const node: Node = {
      op: 'work',
      stitch: { kind: this.plain },
      times: 1,
      place: { at: 'from hook', nth: 2 },
      span: SPAN,
    };
    const rest: Node = { ...node, place: { at: 'each', noun: { what: 'ch' }, reach: { to: 'end' } } };
    const counts = { as: 'nothing' } as const;
    const course = workRow({ nodes: [{ ...node, counts }, ...(count > 1 ? [rest] : [])] }, chain, {
      turned: true,
      round: false,
    });
    return side === 'RS' ? course : { ...course, direction: -1, units: [...course.units].reverse() };
  }

  /**
   * The next row over (part of) a worked one.
   *
   * @param at stitches of that row left at its left, seen from the right side
   */
  next(row: Row, below: State, at: number, take: number): { state: State; row: StitchedRow } {
    if (row.round) return this.nextRound(row, below);
    const rightSide = row.side === 'RS';
    const { low, width } = below.course;
    // Places count from the right edge of the first row: what is left at the left lies highest.
    let [first, last] = [low + width - at - take, low + width - at - 1];
    const [left, right] = endsOf(row);
    const begin = rightSide ? right : left;
    const end = rightSide ? left : right;
    if (begin.slip > 0) {
      if (rightSide) first += begin.slip;
      else last -= begin.slip;
    }
    const lay = { first: first - right.cast, last: last + left.cast };
    const span = {
      low: first - right.cast - right.change,
      width: last - first + 1 + right.cast + left.cast + right.change + left.change,
    };
    if (span.width !== row.count) throw new StitchError(SPAN, `row ${row.n} is shaped inside`);
    const course = this.cut(below.course, { first, last }, lay);
    const pattern = patternRowAt(this.text, below.done);
    const least = {
      before: begin.change === 0 ? 0 : 1,
      after: end.change === 0 ? 0 : 1,
    };
    let fault: StitchError | null = null;
    // A pattern that has sides begins from its own: one more plain row brings it there.
    const waits =
      below.done === 0 &&
      pattern.row.side !== row.side &&
      this.text.rows.some(({ nodes }) => hasSides(nodes));
    for (const zone of waits
      ? [null]
      : this.zones(span, below.zone, rightSide ? [least.before, least.after] : [least.after, least.before])) {
      const before =
        zone === null
          ? row.count
          : rightSide
            ? zone.low - span.low
            : span.low + span.width - zone.low - this.widthOf(zone);
      const after = zone === null ? 0 : row.count - before - this.widthOf(zone);
      try {
        const nodes =
          zone === null
            ? this.allPlain(row.count, begin.change, end.change, course)
            : this.rowNodes(pattern.row, {
                zone,
                below: below.zone,
                before,
                after,
                begin: begin.change,
                end: end.change,
                course,
                rightSide,
              });
        const made = workRow({ nodes }, course, { turned: true, round: false, span });
        this.check(made, pattern.index, zone, before + after);
        const state = {
          course: made,
          zone,
          done: below.done + (zone === null && below.zone === null && below.done === 0 ? 0 : 1),
        };
        return {
          state,
          row: {
            ...stitched(zone === null ? null : pattern.index, zone, row.count, made),
            before: zone === null ? 0 : before,
            after,
          },
        };
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        fault ??= error;
      }
    }
    throw fault ?? new StitchError(SPAN, `row ${row.n} cannot be worked`);
  }

  private widthOf({ repeats }: { repeats: number }): number {
    return this.base.multiple * repeats + this.base.plus;
  }

  /** Whole repeats that a row may have, the most first; those of the row below next; none last. */
  private zones(
    { low, width }: { low: number; width: number },
    below: State['zone'],
    [right, left]: readonly number[],
  ): State['zone'][] {
    const { multiple } = this.base;
    const inside = { low: low + right!, high: low + width - left! };
    const start = Math.ceil(inside.low / multiple) * multiple;
    const repeats = Math.floor((inside.high - start - this.base.plus) / multiple);
    const most = repeats >= 1 ? { low: start, repeats } : null;
    if (!most) return [null];
    if (!below) return [most];
    // No repeat that the row below did not have, where a new one cannot be begun in this row.
    const keptLow = Math.max(most.low, below.low);
    const keptHigh = Math.min(most.low + most.repeats * multiple, below.low + below.repeats * multiple);
    const kept = keptHigh > keptLow ? { low: keptLow, repeats: (keptHigh - keptLow) / multiple } : null;
    return kept && (kept.low !== most.low || kept.repeats !== most.repeats)
      ? [most, kept, null]
      : [most, null];
  }

  /** The part of a row that the next one is worked into, with chains added at its ends as stitches to work into. */
  private cut(
    course: Course,
    { first, last }: { first: number; last: number },
    lay: { first: number; last: number },
  ): Course {
    const kept = course.units.filter(({ x }) => x >= first - 0.501 && x <= last + 0.501);
    const added = (from: number, to: number): Unit[] => {
      const units: Unit[] = [];
      for (let x = from; x <= to; x += 1)
        units.push({
          t: 'st',
          kind: 'sc',
          group: -1 - x - 1e6,
          name: null,
          run: -1,
          x,
          feet: [],
          turning: 0,
          stitch: null,
          picots: [],
          by: -1,
        });
      return units;
    };
    const before = added(lay.first, first - 1);
    const after = added(last + 1, lay.last);
    const units =
      course.direction === 1
        ? [...before, ...kept, ...after]
        : [...after.reverse(), ...kept, ...before.reverse()];
    return { ...course, units, low: lay.first, width: lay.last - lay.first + 1, foundation: false };
  }

  private allPlain(count: number, begin: number, end: number, course: Course): Node[] {
    const units = [...course.units].reverse();
    const first = this.edgePart(units, begin === 0 ? 0 : madeBy(begin), begin, true);
    const last = this.edgePart([...units].reverse(), end === 0 ? 0 : madeBy(end), end, false);
    const between = units.slice(takenBy(begin), units.length - takenBy(end));
    const middle = this.edgePart(between, count - madeBy(begin) - madeBy(end), 0, true);
    return [this.idleChain(), ...first, ...middle, ...last];
  }
  private idleChain(): Node {
    return { op: 'chain', many: Math.max(1, heightOf(this.plain)), counts: { as: 'nothing' }, span: SPAN };
  }
  private one(times: number, place: Place, together?: number): Node {
    const stitch = together ? { kind: this.plain, together } : { kind: this.plain };
    return { op: 'work', stitch, times, place, span: SPAN };
  }

  /**
   * Plain stitches at one end of a row, with what is shaped there: two in the first stitch, two together, or (where the second is a
   * chain) the first passed over; in a space as many stitches as it has chains.
   *
   * @param units of the row below from that end inwards
   * @param many stitches that it comes to
   */
  private edgePart(units: readonly Unit[], many: number, change: number, atBeginning: boolean): Node[] {
    const nodes: Node[] = [];
    let [left, from] = [many, 0];
    if (change > 0) {
      nodes.push(this.one(Math.min(many, 1 + change), nextStitches(1)));
      [left, from] = [many - 1 - change, 1];
    } else if (change < 0) {
      const taken = 1 - change;
      if (units.slice(0, taken).every(({ t }) => t === 'st')) {
        nodes.push(this.one(1, nextStitches(taken), taken));
        [left, from] = [many - 1, taken];
      } else {
        nodes.push({ op: 'skip', place: nextStitches(-change), span: SPAN });
        from = -change;
      }
    }
    for (let i = from; left > 0 && i < units.length;) {
      const unit = units[i]!;
      const end = unit.t === 'ch' ? endOfRun(units, i) : i;
      const times = Math.min(left, end - i + 1);
      nodes.push(
        this.one(times, unit.t === 'ch' ? { at: 'next', many: 1, noun: { what: 'sp' } } : nextStitches(1)),
      );
      left -= times;
      i = end + 1;
    }
    return atBeginning ? nodes : nodes.reverse();
  }

  private rowNodes(
    pattern: PatternRow,
    at: {
      zone: NonNullable<State['zone']>;
      below: State['zone'];
      before: number;
      after: number;
      begin: number;
      end: number;
      course: Course;
      rightSide: boolean;
    },
  ): Node[] {
    const { zone, below, before, after, begin, course, rightSide } = at;
    const { multiple } = this.base;
    const grown =
      !below ||
      zone.low < below.low ||
      zone.low + zone.repeats * multiple > below.low + below.repeats * multiple;
    const units = [...course.units].reverse();
    // Two in the first stitch, of which the second is the first of the repeats.
    const shared = begin > 0 && before === begin;
    const beyond = after > 0 ? this.stitchesBeyond(course, zone, rightSide) : null;
    const begun = shared ? 'same' : before > 0 ? 'next' : null;
    // Nothing is in pattern yet: the first row goes over stitches as it does into a chain.
    if (!below && pattern === this.text.rows[0])
      return this.aroundRow(units, embed(rowOverStitches(this.text), begun, beyond), before > 0, at);
    const inner = grown
      ? this.placed(pattern, zone, course, rightSide, before, begin)
      : embed(pattern.nodes, begun, beyond);
    return this.aroundRow(units, inner, before > 0 || grown, at);
  }

  /** A row in pattern between the plain stitches at its ends. */
  private aroundRow(
    units: readonly Unit[],
    inner: readonly Node[],
    begun: boolean,
    { before, after, begin, end }: { before: number; after: number; begin: number; end: number },
  ): Node[] {
    const lead = begun ? [this.idleChain(), ...this.edgePart(units, before, begin, true)] : [];
    if (after === 0) return [...lead, ...inner];
    if (end > 0 && after === end) return [...lead, ...inner, this.one(end, { at: 'same' })];
    return [...lead, ...inner, ...this.edgePart([...units].reverse(), after, end, false)];
  }

  /** Stitches of the row below that lie beyond the last whole repeat, as a row meets them. */
  private stitchesBeyond({ units }: Course, zone: NonNullable<State['zone']>, rightSide: boolean): number {
    const high = zone.low + this.widthOf(zone) - 1;
    return units.filter(({ t, x }) => t === 'st' && (rightSide ? x > high + 0.501 : x < zone.low - 0.501))
      .length;
  }

  /** A row of the pattern as it lies over so many repeats, worked by its places into whatever lies there. */
  private placed(
    pattern: PatternRow,
    zone: NonNullable<State['zone']>,
    course: Course,
    rightSide: boolean,
    before: number,
    begin: number,
  ): Node[] {
    const sample = this.sample(pattern, zone.repeats, rightSide ? 1 : -1);
    if (!sample) throw new StitchError(SPAN, 'this row of the pattern is not worked from this side');
    const below = [...course.units].reverse();
    // Below is met from where this row begins.
    let cursor = 0;
    let plain = Math.max(0, before - madeBy(begin));
    cursor += begin > 0 && before === begin ? 0 : takenBy(begin);
    while (plain > 0 && cursor < below.length) {
      cursor += 1;
      plain -= 1;
    }
    const nodes: Node[] = [];
    let lastFoot: number | null = null;
    let skippedOver: number[] = [];
    for (let i = 0; i < sample.units.length;) {
      const unit = sample.units[i]!;
      if (unit.t === 'ch') {
        let many = 0;
        while (sample.units[i]?.t === 'ch') {
          many += 1;
          i += 1;
        }
        nodes.push({ op: 'chain', many, span: SPAN });
        continue;
      }
      let end = i;
      while (sample.units[end + 1]?.group === unit.group) end += 1;
      const foot = (unit.turning > 0 ? unit.x : unit.feet[0]!) + zone.low;
      const target = nearest(below, foot);
      if (target === null || Math.abs(below[target]!.x - foot) > NEAR)
        throw new StitchError(SPAN, 'a stitch would land between two places');
      const body = sample.units.slice(i, end + 1);
      const back = target < cursor && foot !== lastFoot ? skippedOver.indexOf(target) : -1;
      if (target < cursor && foot !== lastFoot && back < 0)
        throw new StitchError(SPAN, 'a place is passed already');
      const over = range(cursor, target).filter((at) => below[at]!.t === 'st');
      if (foot !== lastFoot && over.length > 0) {
        nodes.push({
          op: 'skip',
          place: { at: 'next', many: over.length, noun: { what: 'st' } },
          span: SPAN,
        });
        skippedOver = over;
      }
      const place: Place =
        foot === lastFoot
          ? { at: 'same' }
          : back >= 0
            ? { at: 'skipped', nth: back + 1 }
            : below[target]!.t === 'ch'
              ? { at: 'next', many: 1, noun: { what: 'sp' } }
              : { at: 'next', many: 1, noun: { what: 'st' } };
      nodes.push(...groupNodes(body, place));
      if (foot !== lastFoot && back < 0)
        cursor = below[target]!.t === 'ch' ? endOfRun(below, target) + 1 : target + 1;
      lastFoot = foot;
      i = end + 1;
    }
    return nodes;
  }

  /** A row of the pattern over so many repeats, as it is worked from one side; null where it never is. */
  private sample(pattern: PatternRow, repeats: number, direction: 1 | -1): Course | null {
    const samples = SAMPLES.get(this.text) ?? new Map<string, Course | null>();
    SAMPLES.set(this.text, samples);
    const index = this.text.rows.indexOf(pattern);
    const name = `${index}:${repeats}:${direction}`;
    const known = samples.get(name);
    if (known !== undefined) return known;
    const extra = this.proof.chains.plus - this.base.plus;
    const { rows } = workPattern(this.text, this.widthOf({ repeats }) + extra, 2);
    const found = rows.find(({ row, course }) => row === index && course.direction === direction);
    samples.set(name, found?.course ?? null);
    return found?.course ?? null;
  }
}

/** Rows of patterns that were worked for their places: the sizes of a range share most of them. */
const SAMPLES = new WeakMap<StitchText, Map<string, Course | null>>();

const nextStitches = (many: number): Place => ({ at: 'next', many, noun: { what: 'st' } });

/** How far from a place a stitch may lie to be worked into it, in stitches. */
const NEAR = 0.45;

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);
}

function endOfRun(units: readonly Unit[], at: number): number {
  let end = at;
  while (units[end + 1]?.t === 'ch' && units[end + 1]!.run === units[at]!.run) end += 1;
  return end;
}

function nearest(units: readonly Unit[], x: number): number | null {
  let best: number | null = null;
  units.forEach((unit, i) => {
    if (best === null || Math.abs(unit.x - x) < Math.abs(units[best]!.x - x)) best = i;
  });
  return best;
}

/** Stitches of one place as an instruction. */
function groupNodes(body: readonly Unit[], place: Place): Node[] {
  const stitches = body.filter(({ t }) => t === 'st');
  const [first] = stitches;
  const stitch = (unit: Unit) => unit.stitch ?? { kind: unit.kind as StitchKind };
  if (body.length === 1) return [{ op: 'work', stitch: stitch(first!), times: 1, place, span: SPAN }];
  const inner: Node[] = body.map((unit) =>
    unit.t === 'ch'
      ? { op: 'chain', many: 1, span: SPAN }
      : { op: 'work', stitch: stitch(unit), times: 1, place: { at: 'here' }, span: SPAN },
  );
  return [{ op: 'group', body: inner, place, span: SPAN }];
}

/**
 * The row of a pattern inside a wider row: its turning chain is a stitch among others, its end is not the end of the row.
 *
 * @param begun how it follows plain stitches: in the next stitch, or in the same as the last of them; null where it begins the row
 * @param beyond stitches of the row below that come after it; null where it ends the row
 */
export function embed(nodes: readonly Node[], begun: 'next' | 'same' | null, beyond: number | null): Node[] {
  const list = nodes.filter(({ op }) => op !== 'turn');
  const [chain, ...rest] = list;
  const where: Place = begun === 'same' ? { at: 'same' } : nextStitches(1);
  if (begun === null || chain?.op !== 'chain') return list.map((node) => inside(node, begun, beyond));
  const lead: Node[] =
    chain.counts && chain.counts.as !== 'nothing'
      ? [
          {
            op: 'work',
            stitch: { kind: chain.counts.as },
            times: 1,
            place: where,
            span: chain.span,
          },
          ...(chain.counts.across > 0
            ? [{ op: 'chain' as const, many: chain.counts.across, span: chain.span }]
            : []),
        ]
      : [];
  // More in the first stitch goes where the stitch went that the chain was.
  const after = lead.length > 0 ? 'same' : begun;
  return [...lead, ...rest.map((node) => inside(node, after, beyond))];
}

function inside(node: Node, begun: 'next' | 'same' | null, beyond: number | null): Node {
  const reach = (one: Reach): Reach => {
    if (beyond === null) return one;
    const stitches: Noun = { what: 'st' };
    if (one.to === 'end') return { to: 'last', many: beyond, noun: stitches };
    if (one.to === 'turning') return { to: 'last', many: beyond + 1, noun: stitches };
    return one.noun.what === 'st' || one.noun.what === 'kind'
      ? { to: 'last', many: one.many + beyond, noun: stitches }
      : one;
  };
  if (node.op === 'repeat')
    return typeof node.times === 'number' ? node : { ...node, times: reach(node.times) };
  if (!('place' in node)) return node;
  const { place } = node;
  const at = (where: Place): Node => ({ ...node, place: where }) as Node;
  if (place.at === 'each') return at({ ...place, reach: reach(place.reach) });
  if (place.at === 'first' && begun && place.noun.what === 'sp') return at({ ...place, at: 'next' });
  if (place.at === 'first' && begun) return at(begun === 'same' ? { at: 'same' } : { ...place, at: 'next' });
  if (beyond !== null && place.at === 'last' && place.noun.what !== 'sp')
    return at({ at: 'last', many: place.many, noun: { what: 'st' }, beyond });
  if (beyond !== null && place.at === 'turning')
    return at({ at: 'last', many: 1, noun: { what: 'st' }, beyond });
  return node;
}

function stitched(
  pattern: number | null,
  zone: State['zone'],
  count: number,
  course: Course | null,
): StitchedRow {
  return {
    pattern,
    repeats: zone?.repeats ?? 0,
    before: 0,
    after: 0,
    stitches: zone === null || course === null ? count : stitchesIn(course),
  };
}

/** Stitches that shaping at an end makes, and what it takes. */
const madeBy = (change: number) => (change === 0 ? 0 : change > 0 ? 1 + change : 1);
const takenBy = (change: number) => (change === 0 ? 0 : change > 0 ? 1 : 1 - change);

interface End {
  /** Stitches slipped over, chains added, and single stitches gained or lost. */
  slip: number;
  cast: number;
  change: number;
}

/** What a row does at its left and at its right end. */
function endsOf({ steps, n }: Row): [left: End, right: End] {
  const plain = steps.findIndex((step) => step.do === 'work');
  const lastPlain = steps.findLastIndex((step) => step.do === 'work');
  if (plain < 0 || plain !== lastPlain) throw new StitchError(SPAN, `row ${n} is shaped inside`);
  return [endOf(steps.slice(0, plain)), endOf(steps.slice(plain + 1))];
}

function endOf(steps: readonly Step[]): End {
  const end: End = { slip: 0, cast: 0, change: 0 };
  for (const step of steps) {
    if (step.do === 'slip') end.slip += step.times;
    else if (step.do === 'cast') end.cast += step.times;
    else if (step.do === 'increase' && step.times === 1) end.change += (step.makes ?? 2) - 1;
    else if (step.do === 'decrease' && step.times === 1) end.change -= (step.takes ?? 2) - 1;
    else throw new StitchError(SPAN, 'several stitches are shaped beside each other');
  }
  return end;
}
