import type { RoundWay, Row } from '../work/rows.js';
import { hasSides } from './behind.js';
import { foundationChain, plainCourse, stitchesIn, type Course, type Unit } from './course.js';
import { embed } from './embed.js';
import { workRow } from './hook.js';
import { gradedStitches } from './graded.js';
import { heightOf, type StitchKind } from './kinds.js';
import type { FabricStitches } from './ofFabric.js';
import { rowOverStitches } from './overStitches.js';
import { placed, sampleOf } from './placed.js';
import { patternRowAt } from './prove.js';
import { RingWorker } from './rings.js';
import { directionOf, type StitchedRow } from './stitchedRow.js';
import { stretchesOf, type Line } from './stretches.js';
import { cut, joined, laid, moved, plainOver, type Surface } from './surface.js';
import { isPlainRow, StitchError, type Node, type Span } from './tree.js';
import {
  between,
  joinUnder,
  linesFor,
  lowOf,
  withLaid,
  type JoinedUnder,
  type PartStitches,
  type Under,
  type WorkedRow,
} from './under.js';
import { clipped, waysToBegin, waysToGrow, waysToJoin, widthOf, type Zone } from './zones.js';

/** How the rows of a piece are begun: into a chain, or over stitches that are there, for which a plain row comes first. */
export type Beginning = 'chain' | 'plain row';

/** Where a piece is plain. */
export interface PlainPlaces {
  /** The stitch of plain rows and of what lies outside the repeats. */
  plain: StitchKind;
  /** Stitches of a panel in the middle that the pattern is; 0 where it goes over the whole piece. */
  panel: number;
  /** Plain stitches kept at each edge of rows. */
  edges: number;
  /** Rounds are shaped by whole repeats where they can be. */
  units: boolean;
}

type InRows = Extract<FabricStitches, { is: 'rows' }>;

const SPAN: Span = { from: 0, to: 0 };

/**
 * Works the rows of a piece in one stitch pattern. Repeats keep their places; what is shaped lies outside them and is plain, until there is
 * room for one more. Beside lines of shaping each section has its repeats.
 */
export class PieceWorker {
  private readonly sided: boolean;

  private readonly plain: StitchKind;
  private readonly panel: number;
  private readonly edges: number;
  private readonly rings: RingWorker;

  constructor(
    private readonly stitches: InRows,
    { plain, panel, edges, units }: PlainPlaces,
  ) {
    this.rings = new RingWorker(stitches, { panel, units });
    this.plain = plain;
    this.panel = panel;
    this.edges = edges;
    this.sided = stitches.text.rows.some(({ nodes }) => hasSides(nodes));
  }

  /**
   * Row 1 into the foundation chain, or a plain row over what is there.
   *
   * @param ahead lines that the part is soon to be shaped beside
   */
  first(row: Row, beginning: Beginning, ahead: readonly Line[]): WorkedRow {
    const { base } = this.stitches.proof;
    if (row.round)
      return this.rings.first(row, row.round, beginning === 'chain', ahead) ?? this.plainStart(row);
    const fits = isWholeRepeats(row.count, this.stitches);
    const whole: Zone = { low: 0, repeats: (row.count - base.plus) / base.multiple };
    if (beginning === 'plain row' || !fits || this.panel > 0 || this.edges > 0) {
      const plain = this.plainStart(row);
      // A plain row is the first row of patterns that begin with one.
      const counts = fits && this.panel + this.edges === 0 && isPlainRow(this.stitches.text.rows[0]!);
      const zones = this.panel > 0 ? this.panelZones(row.count) : counts && ahead.length === 0 ? [whole] : [];
      const state = { ...plain.state, zones, done: counts ? 1 : 0 };
      return { state, row: counts ? { ...plain.row, pattern: 0 } : plain.row };
    }
    const { row: pattern, way } = patternRowAt(this.stitches.text, 0);
    const extra = this.stitches.proof.chains.plus - base.plus;
    const course = workRow(pattern, foundationChain(row.count + extra), way);
    this.check(course.units, 0, [whole], 0);
    const state = { course, zones: [whole], ring: false, rounds: false, done: 1, mirrored: false, lines: [] };
    return { state, row: this.stitched(row.count, 0, [whole], course, 1) };
  }

  private plainStart(row: Row): WorkedRow {
    const direction = directionOf(row);
    const { units } = laid(this.plain, 0, row.count);
    const course: Course = {
      ...plainCourse(0, 'sc'),
      units: direction === 1 ? units : [...units].reverse(),
      direction,
      foundation: false,
      width: row.count,
    };
    const state = {
      course,
      zones: [],
      ring: false,
      rounds: row.round !== undefined,
      done: 0,
      mirrored: false,
      lines: [],
    };
    return { state, row: this.stitched(row.count, null, [], course, direction) };
  }

  /** A panel lies in the middle of the row. */
  private panelZones(count: number): Zone[] {
    const beside = (count - this.panel) / 2;
    return beside >= 0 && Number.isInteger(beside) ? [{ low: beside, repeats: this.panelRepeats() }] : [];
  }
  private panelRepeats(): number {
    const { multiple, plus } = this.stitches.proof.base;
    return (this.panel - plus) / multiple;
  }

  /** A row of the same pattern row over the same repeats, a whole number of turns of pattern and side ago. */
  sameAs(before: readonly WorkedRow[], below: PartStitches): WorkedRow | null {
    const { first, last } = this.stitches.text.repeat;
    const turn = (last - first + 1) * ((last - first + 1) % 2 === 0 ? 1 : 2);
    // Rounds may come round in twice as many as the rows.
    const period = below.ring ? 2 * turn : turn;
    const then = before.at(-period);
    const under = before.at(-period - 1);
    if (!then || !under || below.done - period <= last + 1) return null;
    const name = ({ zones, ring, done, course, wide }: PartStitches) =>
      `${ring}:${wide?.join(',')}:${done > 0}:${course.low}:${zones.map(({ low, repeats }) => `${low}+${repeats}`).join(',')}`;
    if (name(under.state) !== name(below) || name(then.state) !== name(below)) return null;
    return { row: then.row, state: { ...then.state, done: below.done + 1 } };
  }

  /**
   * The next row over worked ones.
   *
   * @param under what it is worked into, from right to left
   * @param ahead lines that the part is soon to be shaped beside, from the right edge of the row
   */
  next(row: Row, under: readonly Under[], ahead: readonly Line[]): WorkedRow {
    const [only, ...others] = under;
    const alone = others.length === 0 && only && 'state' in only ? only.state : null;
    const ring = row.round && alone ? this.rings.next(row, row.round, alone, ahead) : null;
    if (ring) return ring;
    return this.nextOver(row, joinUnder(under, this.stitches.proof.base, this.plain), ahead);
  }

  private nextOver(row: Row, below: JoinedUnder, ahead: readonly Line[]): WorkedRow {
    const { text } = this.stitches;
    const near = below.lines.map(({ from, to }) => ({
      from: from - below.surface.low,
      to: to - below.surface.low,
    }));
    const shaping = stretchesOf(row, near);
    const surface = withLaid(below.surface, shaping, row, this.plain);
    const made = shaping.stretches.reduce((sum, one) => sum + one.makes, 0);
    if (made !== row.count)
      throw new StitchError(SPAN, `row ${row.n} comes to ${made} stitches, not ${row.count}`);
    const low = lowOf(surface, shaping);
    const direction = directionOf(row);
    const pattern = patternRowAt(text, below.done);
    const joinedRound = row.round !== undefined && row.round !== 'turned';
    // Whole rounds of the pattern begin anew above a plain one that closes short rows.
    const closesPlain =
      below.rounds &&
      row.round !== undefined &&
      row.from.length > 1 &&
      this.rings.beginsAnew(row.round, row.count);
    // A pattern that has sides begins from its own: one more plain row brings it there.
    const waits =
      closesPlain || (below.done === 0 && !joinedRound && pattern.row.side !== row.side && this.sided);
    const [fallsLeft, fallsRight] = row.graded ?? [0, 0];
    const natural = (pattern.row.side === 'RS' ? 1 : -1) as 1 | -1;
    const mirrored = below.done === 0 ? !joinedRound && natural !== direction : below.mirrored;
    const context: RowContext = {
      index: pattern.index,
      done: below.done,
      direction,
      mirrored: mirrored && !this.sided,
      joinedRound,
      flat: row.round === undefined,
      low,
      high: low + row.count,
      keptPlain: [Math.max(this.edges, fallsRight), Math.max(this.edges, fallsLeft)],
    };
    const lines = linesFor(shaping, below, ahead, low);
    const parts: Surface[] = [];
    const zones: Zone[] = [];
    for (const stretch of shaping.stretches) {
      const at = low + stretch.at;
      const from = surface.low + stretch.under;
      if (stretch.does === 'chain') parts.push(laid('sc', at, stretch.makes));
      else if (stretch.does === 'shape') {
        const reach = stretch.takes > 0 ? [from, from + stretch.takes] : [from - 1, from + 1];
        parts.push(plainOver(cut(surface, reach[0]!, reach[1]!), this.plain, at, stretch.makes));
      } else {
        const own = moved(cut(surface, from, from + stretch.takes), at - from);
        const kept = below.zones.map((zone) => ({ ...zone, low: zone.low + at - from }));
        parts.push(
          ...(shaping.spread || waits
            ? [plainOver(own, this.plain, at, stretch.makes)]
            : this.workStretch(own, kept, lines.cut, context, zones)),
        );
      }
    }
    const all = this.graded(joined(parts), fallsRight, fallsLeft);
    const width = this.zonesWidth(zones);
    this.check(all.units, pattern.index, zones, row.count - width);
    const course: Course = {
      units: direction === 1 ? all.units : [...all.units].reverse(),
      foundation: false,
      direction,
      idle: 0,
      low,
      width: row.count,
      slips: [],
    };
    const state: PartStitches = {
      course,
      zones,
      ring: false,
      // Behind shaping that is spread over a row, and where no repeat is left, the pattern begins anew.
      done: shaping.spread || zones.length === 0 || closesPlain ? 0 : below.done + 1,
      rounds: below.rounds || row.round !== undefined,
      mirrored: context.mirrored,
      lines: lines.next,
    };
    const index = zones.length > 0 ? pattern.index : null;
    return { state, row: this.stitched(row.count, index, zones, course, direction) };
  }

  /** The row with the stitches at its ends as low as they fall towards a turn. */
  private graded(row: Surface, right: number, left: number): Surface {
    if (right + left === 0) return row;
    const [towardsRight, towardsLeft] = [right, left].map((many) => gradedStitches(this.plain, many));
    const high = row.low + row.width;
    const units = row.units.map((unit) => {
      const kind = towardsRight![row.low + right - 1 - unit.x] ?? towardsLeft![unit.x - (high - left)];
      return kind ? { ...unit, kind, stitch: { kind } } : unit;
    });
    return { ...row, units };
  }

  /** A stretch that is not shaped: repeats that go on, grow or begin in it, and plain stitches beside them. */
  private workStretch(
    surface: Surface,
    below: readonly Zone[],
    lines: readonly Line[],
    context: RowContext,
    zones: Zone[],
  ): Surface[] {
    const { base } = this.stitches.proof;
    const parts: Surface[] = [];
    const high = surface.low + surface.width;
    let at = surface.low;
    const plainTo = (to: number) => {
      if (to > at) parts.push(plainOver(cut(surface, at, to), this.plain, at, to - at));
      at = to;
    };
    const take = (ways: readonly Zone[], kept: Zone | null): boolean => {
      for (const zone of ways) {
        const made = this.tryZone(zone, kept, surface, context);
        // What is begun must go on: else it would be given up again in the next row.
        if (!made || (kept === null && !this.tryZone(zone, zone, made, this.contextAfter(context)))) continue;
        plainTo(zone.low);
        parts.push(made);
        zones.push(zone);
        at = zone.low + widthOf(zone, base);
        return true;
      }
      return false;
    };
    const room = context.flat
      ? [
          Math.max(at, context.low + context.keptPlain[0]),
          Math.min(high, context.high - context.keptPlain[1]),
        ]
      : [at, high];
    for (const [from, to] of between(lines, room[0]!, room[1]!)) {
      const kept = below.flatMap((zone) => clipped(zone, from, to, base) ?? []);
      if (this.panel > 0) {
        const whole = this.panelRepeats();
        for (const zone of kept) if (zone.repeats === whole) take([zone], zone);
      } else if (kept.length === 0) {
        const centred = !context.flat || from > context.low || to < context.high;
        take(waysToBegin(Math.max(from, at), to, base, centred, this.stitches.proof.from), null);
      } else if (
        // What lies between zones that were parted may be filled: they are one again.
        !(kept.length > 1 && take(waysToJoin(kept, Math.max(from, at), to, base), null))
      )
        kept.forEach((zone, i) =>
          take(waysToGrow(zone, Math.max(from, at), kept[i + 1]?.low ?? to, base), zone),
        );
    }
    plainTo(high);
    return parts;
  }

  /** The next row over the same stitches. */
  private contextAfter(context: RowContext): RowContext {
    const done = context.done + 1;
    const { index } = patternRowAt(this.stitches.text, done);
    const direction = context.joinedRound ? context.direction : (-context.direction as 1 | -1);
    return { ...context, index, done, direction };
  }

  /** A row of the pattern over some repeats, from the right edge on; null where it cannot be worked there. */
  private tryZone(zone: Zone, kept: Zone | null, surface: Surface, context: RowContext): Surface | null {
    const { text, proof } = this.stitches;
    const { index, direction, joinedRound } = context;
    const width = widthOf(zone, proof.base);
    const below = cut(surface, zone.low, zone.low + width);
    const course: Course = {
      units: direction === -1 ? below.units : [...below.units].reverse(),
      foundation: false,
      direction: -direction as 1 | -1,
      idle: 0,
      low: zone.low,
      width,
      slips: [],
    };
    const [right, left] = [zone.low === context.low, zone.low + width === context.high];
    const begins = context.flat && (direction === 1 ? right : left);
    const ends = context.flat && (direction === 1 ? left : right);
    const inner = (nodes: readonly Node[]): Node[] => {
      const own = embed(nodes, begins ? null : 'next', ends ? null : 0);
      return begins ? own : [this.idleChain(), ...own];
    };
    const { nodes } = text.rows[index]!;
    const byNames =
      context.done === 0 && index === 0
        ? rowOverStitches(text)
        : kept && !joinedRound && zone.low >= kept.low && zone.repeats <= kept.repeats
          ? nodes
          : null;
    const attempts: (() => Node[])[] = [
      ...(byNames ? [() => inner(byNames)] : []),
      // Over the first row the places may be others than over those that repeat.
      ...[context.done > text.rows.length, context.done <= text.rows.length].map((again) => () => {
        const sample = sampleOf(
          text,
          proof,
          index,
          zone.repeats,
          { direction, mirrored: context.mirrored, alwaysFront: joinedRound, again },
          this.sided,
        );
        if (!sample) throw new StitchError(SPAN, 'this row of the pattern is not worked from this side');
        return placed(sample, zone.low, [...course.units].reverse());
      }),
    ];
    for (const attempt of attempts) {
      try {
        const made = workRow({ nodes: attempt() }, course, { turned: true, round: false });
        this.check(made.units, index, [zone], 0);
        return { units: direction === 1 ? made.units : [...made.units].reverse(), low: zone.low, width };
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
      }
    }
    return null;
  }

  private idleChain(): Node {
    return { op: 'chain', many: Math.max(1, heightOf(this.plain)), counts: { as: 'nothing' }, span: SPAN };
  }

  private zonesWidth(zones: readonly Zone[]): number {
    return zones.reduce((sum, zone) => sum + widthOf(zone, this.stitches.proof.base), 0);
  }

  /** What the row comes to must be what its repeats and its plain stitches come to. */
  private check(units: readonly Unit[], index: number, zones: readonly Zone[], plain: number): void {
    const { multiple, plus } = this.stitches.proof.rows[index]!.stitches;
    const wanted = zones.reduce((sum, { repeats }) => sum + multiple * repeats + plus, plain);
    const found = stitchesIn({ units });
    if (found !== wanted) throw new StitchError(SPAN, `it comes to ${found} stitches, not ${wanted}`);
  }

  private stitched(
    count: number,
    pattern: number | null,
    zones: readonly Zone[],
    course: Course,
    direction: 1 | -1,
  ): StitchedRow {
    const plain: number[] = [];
    let at = course.low;
    for (const zone of zones) {
      plain.push(zone.low - at);
      at = zone.low + widthOf(zone, this.stitches.proof.base);
    }
    plain.push(course.low + count - at);
    const repeats = zones.map((zone) => zone.repeats);
    if (direction === -1) {
      plain.reverse();
      repeats.reverse();
    }
    return {
      pattern,
      ring: false,
      repeats,
      plain,
      stitches: zones.length === 0 ? count : stitchesIn(course),
    };
  }
}

/** Whether so many stitches of a row (or of a round) are whole repeats of a pattern. */
export function isWholeRepeats(count: number, { proof }: Pick<InRows, 'proof'>, round?: RoundWay): boolean {
  const { multiple, plus } = proof.base;
  const rest = count - (round ? 0 : plus);
  return rest > 0 && rest % multiple === 0;
}

/** What all stretches of a row have in common. */
interface RowContext {
  /** Row of the pattern. */
  index: number;
  /** Rows in pattern worked below. */
  done: number;
  direction: 1 | -1;
  mirrored: boolean;
  joinedRound: boolean;
  flat: boolean;
  /** Where the row begins and ends. */
  low: number;
  high: number;
  /** Stitches at its right and left end that are plain in any case. */
  keptPlain: readonly [right: number, left: number];
}
