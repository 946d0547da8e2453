import {
  sideRowSteps,
  sidesAfter,
  motifSteps,
  sideAfter,
  turnsSteps,
  type SideRow,
} from '../shaping/motif.js';
import type { RoundWay, Step } from '../work/rows.js';
import { agree } from './linesSaid.js';
import { ReadFault } from './maker.js';

/** What a sentence says of a corner and of what lies between corners. */
export interface CornersSaid {
  /** Stitches of a corner before and after its chain space. */
  before: number;
  after: number;
  /** Stitches worked in each space between the corners; null where every stitch is worked in. */
  inSpaces: number | null;
}

/** How rows along sides end: plainly, with both corners as one, or by turns with one stitch and with as many as a space takes. */
export type EndsSaid = 'plain' | 'as one' | 'by turns';

/** What a sentence says of rows along sides; `turns` is what they end with by turns with 1. */
export interface SideRowSaid extends CornersSaid {
  ends: EndsSaid;
  turns: number;
  round: RoundWay | undefined;
}

/** What sentences say of a motif from its centre, and of rows along some of its sides. */
export class MotifSaid {
  private ring = false;
  private motif: { first: number; sides: number } | null = null;
  /** Stitches of a side after the last round. */
  private side = 0;
  private along: number[] | null = null;
  /** Rows that have been worked along these sides. */
  private rows = 0;

  makeRing(): void {
    this.ring = true;
  }

  /** Round 1: so many in the ring between corners. */
  begin(motif: { first: number; sides: number }): number {
    if (!this.ring) throw new ReadFault('there is no ring to work into');
    this.motif = motif;
    this.side = motif.first;
    return motif.first * motif.sides;
  }

  /** The steps of a round after so many. */
  round(rounds: number, said: CornersSaid & { sides: number }): { steps: Step[]; by: number } {
    if (!this.motif) throw new ReadFault('round 1 of the motif is not said');
    agree(said.sides, this.motif.sides, 'the corners of a round');
    const gain = this.gainOf(said);
    const motif = { ...this.motif, gain };
    this.side = sideAfter(motif, rounds + 1);
    return { steps: motifSteps(motif, sideAfter(motif, rounds)), by: gain * motif.sides };
  }

  /** Sides that rows go on along, from left to right. */
  goAlong(sides: readonly number[]): void {
    if (sides.some((side) => side < 1))
      throw new ReadFault('the corners lie beyond the sts that are worked over');
    // Corners lie where the rounds had theirs.
    if (sides.length > 1) for (const side of sides) agree(side, this.side, 'the sts of a side');
    this.along = [...sides];
    this.rows = 0;
  }

  /** The steps of the next row along them. */
  row(said: SideRowSaid): { steps: Step[]; by: number } {
    if (!this.along) throw new ReadFault('the sides to work along are not said');
    if (said.ends === 'as one' && !said.round)
      throw new ReadFault('corners are worked as one only in rounds');
    if (said.ends === 'by turns') {
      if (said.round) throw new ReadFault('a round has no ends');
      agree(said.turns, said.inSpaces ?? 0, 'what rows begin and end with by turns');
    }
    this.rows += 1;
    const corners = this.along.length > 1;
    if (corners !== said.before + said.after > 0)
      throw new ReadFault('a row has corners where its sides have none');
    const turns = said.ends === 'by turns' ? (this.rows % 2 === 1 ? -1 : 1) : 0;
    const now: SideRow = { sides: this.along, gain: corners ? this.gainOf(said) : 0, atEnd: turns };
    this.along = sidesAfter(now);
    return sideRowSteps(now);
  }

  /** A decrease (below 0: an increase) at one place, by turns under and over the arm. */
  takeByTurns(by: number): void {
    this.taken = by;
  }
  private taken = 0;

  /** The steps of a round that decreases so, the so manieth of them. */
  roundByTurns(count: number, event: number): { steps: Step[]; by: number } {
    if (this.taken === 0) throw new ReadFault('how to decrease or increase is not said');
    if (count <= this.taken) throw new ReadFault(`${count} sts are too few to decrease`);
    return { steps: turnsSteps(count, this.taken, event), by: -this.taken };
  }

  /** What a corner gains: in spaces one of its two, for the space that it has itself. */
  private gainOf({ before, after, inSpaces }: CornersSaid): number {
    if (inSpaces === null) return before + after;
    agree(before, inSpaces, 'what a corner has before its space');
    agree(after, inSpaces, 'what a corner has after its space');
    return inSpaces;
  }
}
