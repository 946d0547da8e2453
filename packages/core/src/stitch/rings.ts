/** Rounds of a piece that are whole rounds of its pattern, with nothing plain in them. */

import type { RoundWay, Row } from '../work/rows.js';
import { stitchesIn, type Course } from './course.js';
import { workRow } from './hook.js';
import { roundsOfFabric, type FabricRounds, type FabricStitches } from './ofFabric.js';
import { patternRowAt, plainFoundation, RowFault } from './prove.js';
import type { Line } from './stretches.js';
import { isPlainRow, StitchError } from './tree.js';
import type { PartStitches, WorkedRow } from './under.js';
import { shapedRepeats, WIDER, workUnitRound, type Repeats } from './unitRounds.js';
import { aroundWider, canWiden, placesOfWider } from './wider.js';

/** How a round is shaped: its repeats over those of the one below, and which of its own are wider. */
interface ShapedRing {
  repeats: Repeats[];
  wide: readonly number[];
}

/** Works the rounds of a pattern: even ones, such as gain or lose whole repeats, and those of a motif's own increase. */
export class RingWorker {
  private readonly panel: number;
  private readonly units: boolean;

  constructor(
    private readonly stitches: Extract<FabricStitches, { is: 'rows' }>,
    { panel, units }: { panel: number; units: boolean },
  ) {
    this.panel = panel;
    this.units = units;
  }

  /** Whether whole rounds of the pattern, shaped by its repeats, are to begin over so many stitches. */
  beginsAnew(way: RoundWay, count: number): boolean {
    return this.units && this.roundsFor(way, count) !== null;
  }

  /**
   * Round 1 into a ring of chains, or as a plain round that is the first of the pattern.
   *
   * @param ahead lines that the part is soon to be shaped beside
   * @returns null where it is no round of the pattern
   */
  first(row: Row, way: RoundWay, onChain: boolean, ahead: readonly Line[]): WorkedRow | null {
    const rounds = this.roundsFor(way, row.count);
    if (!rounds || !(onChain || (ahead.length === 0 && isPlainRow(rounds.text.rows[0]!)))) return null;
    const { row: pattern } = patternRowAt(rounds.text, 0);
    return worked(
      row,
      workRow(pattern, plainFoundation(row.count), { turned: false, round: true }),
      rounds,
      0,
      0,
    );
  }

  /**
   * The next round over one.
   *
   * @returns null where it is no round of the pattern
   */
  next(row: Row, way: RoundWay, below: PartStitches, ahead: readonly Line[]): WorkedRow | null {
    const even = row.steps.length === 1 && row.steps[0]!.do === 'work';
    if (even && !below.wide) return this.nextEven(row, way, below, ahead);
    return this.units ? this.nextShaped(row, way, below) : null;
  }

  private nextEven(row: Row, way: RoundWay, below: PartStitches, ahead: readonly Line[]): WorkedRow | null {
    const rounds = this.roundsFor(way, row.count);
    const begins = isUnbegun(below) && ahead.length === 0 && below.lines.length === 0;
    if (!rounds || !(below.ring || begins)) return null;
    const { row: pattern, index } = patternRowAt(rounds.text, below.done);
    const course = begins ? plainFoundation(row.count) : below.course;
    const made = workRow(pattern, course, { turned: isTurned(way, below), round: true });
    return worked(row, made, rounds, index, below.done);
  }

  private nextShaped(row: Row, way: RoundWay, below: PartStitches): WorkedRow | null {
    const rounds = this.panel > 0 ? null : roundsOfFabric(this.stitches, way);
    // Over repeats with plain stitches beside them nothing is known of where a repeat of the round would lie.
    if (!rounds || !(below.ring || isUnbegun(below))) return null;
    const turned = isTurned(way, below);
    const shaped =
      row.motif || below.wide ? byMotif(row, rounds, below, turned) : byRepeats(row, rounds, below);
    if (!shaped) return null;
    const { index } = patternRowAt(rounds.text, below.done);
    try {
      const course = workUnitRound(rounds, index, below.course, shaped.repeats, turned);
      return worked(row, course, rounds, index, below.done, shaped.wide);
    } catch (error) {
      if (error instanceof StitchError || error instanceof RowFault) return null;
      throw error;
    }
  }

  /** The rounds of the pattern, where so many stitches are whole repeats of them. */
  private roundsFor(way: RoundWay, count: number): FabricRounds | null {
    const rounds = this.panel > 0 ? null : roundsOfFabric(this.stitches, way);
    return rounds && count % rounds.proof.base.multiple === 0 ? rounds : null;
  }
}

/** Nothing is in pattern yet. */
function isUnbegun({ done, zones }: PartStitches): boolean {
  return done === 0 && zones.length === 0;
}

/** The work is turned before a round that follows one of the pattern. */
function isTurned(way: RoundWay, { done }: PartStitches): boolean {
  return way === 'turned' && done > 0;
}

/** A round that gains or loses whole repeats; null where it gains or loses others. */
function byRepeats(row: Row, { proof }: FabricRounds, { course }: PartStitches): ShapedRing | null {
  const { multiple } = proof.base;
  if (row.count % multiple !== 0 || course.width % multiple !== 0) return null;
  const repeats = shapedRepeats(row, multiple, course.width / multiple);
  return repeats && { repeats, wide: [] };
}

/** A round of the motif's own increase, or one between two of them; null where it gains other stitches. */
function byMotif(row: Row, rounds: FabricRounds, below: PartStitches, turned: boolean): ShapedRing | null {
  if (!canWiden(rounds)) return null;
  const { multiple } = rounds.proof.base;
  const before = below.wide ?? [];
  const repeats = (below.course.width - WIDER * before.length) / multiple;
  if (row.motif === 'wider') {
    const wide = before.length === 0 ? placesOfWider(row.by / WIDER, repeats) : null;
    return wide && { repeats: aroundWider(repeats, wide, 'begins'), wide };
  }
  const wide = turned ? before.map((place) => repeats - 1 - place).reverse() : before;
  const parts = row.motif === 'parted';
  if (row.by !== (parts ? (multiple - WIDER) * wide.length : 0)) return null;
  return { repeats: aroundWider(repeats, wide, parts ? 'parts' : 'stays'), wide: parts ? [] : wide };
}

/** A round as it was worked, checked against what its repeats come to. */
function worked(
  row: Row,
  course: Course,
  { proof }: FabricRounds,
  index: number,
  done: number,
  wide: readonly number[] = [],
): WorkedRow {
  const more = WIDER * wide.length;
  const repeats = (row.count - more) / proof.base.multiple;
  const { multiple, plus } = proof.rows[index]!.stitches;
  const found = stitchesIn(course);
  const wanted = multiple * repeats + plus + more;
  if (found !== wanted)
    throw new StitchError({ from: 0, to: 0 }, `it comes to ${found} stitches, not ${wanted}`);
  const state = { course, zones: [], ring: true, rounds: true, done: done + 1, mirrored: false, lines: [] };
  const made = { pattern: index, ring: true, repeats: [repeats], plain: [0, 0], stitches: found };
  return wide.length === 0
    ? { state, row: made }
    : { state: { ...state, wide }, row: { ...made, wide: wide.length } };
}
