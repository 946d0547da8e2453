import { sideRowSteps, sidesAfter, motifSteps, turnsSteps, type SideRow } from '../shaping/motif.js';
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

  /** The steps of the next round. */
  round(said: CornersSaid & { sides: number }): { steps: Step[]; by: number } {
    if (!this.motif) throw new ReadFault('round 1 of the motif is not said');
    agree(said.sides, this.motif.sides, 'the corners of a round');
    const gain = this.gainOf(said);
    const before = this.side;
    this.side += gain;
    return { steps: motifSteps({ ...this.motif, gain }, before), by: gain * this.motif.sides };
  }

  /** A round without corners, which grows all along: "*2 dc in each of the next 3 sts; repeat from * 3 times". */
  circleRound(said: { over: string; sides: number }): { steps: Step[]; by: number } {
    if (!this.motif) throw new ReadFault('round 1 of the motif is not said');
    // How many sides it is to have is said only when it comes to them.
    if (this.motif.sides === 1) this.partInto(said.sides);
    agree(said.sides, this.motif.sides, 'the repeats of a round');
    const made = [
      ...said.over.matchAll(/(?:(\d+) )?[a-z]+ in (?:the next st|each of the next (\d+) sts)/g),
    ].map(([, many, times]) => ({ many: Number(many ?? 1), times: Number(times ?? 1) }));
    agree(
      made.reduce((sum, { times }) => sum + times, 0),
      this.side,
      'the sts that a repeat is worked over',
    );
    const steps = made.map(({ many, times }): Step =>
      many === 1 ? { do: 'work', times } : { do: 'increase', times, makes: many },
    );
    const by = made.reduce((sum, { many, times }) => sum + (many - 1) * times, 0);
    this.side += by;
    return { steps: Array.from({ length: said.sides }, () => steps).flat(), by: by * said.sides };
  }

  /** The round that gives a circle its corners, each in one stitch. */
  squareRound(said: { before: number; after: number; plain: number; sides: number }): {
    steps: Step[];
    by: number;
  } {
    if (!this.motif) throw new ReadFault('round 1 of the motif is not said');
    if (this.motif.sides === 1) this.partInto(said.sides);
    agree(said.sides, this.motif.sides, 'the corners of a round');
    agree(said.plain + 1, this.side, 'the sts of a side');
    const gain = said.before + said.after - 1;
    const steps = motifSteps({ ...this.motif, gain }, this.side);
    this.side += gain;
    return { steps, by: gain * said.sides };
  }

  private partInto(sides: number): void {
    const { first } = this.motif!;
    if (first % sides !== 0) throw new ReadFault(`${first} sts do not part into ${sides} sides`);
    this.motif = { first: first / sides, sides };
    this.side = first / sides;
  }

  /** A row of a half: it begins and ends with half a corner. */
  halfRow(said: CornersSaid & { sides: number; ends: readonly [number, number] }): {
    steps: Step[];
    by: number;
  } {
    if (!this.motif) throw new ReadFault('row 1 of the motif is not said');
    agree(said.sides, this.motif.sides, 'the sides of a row');
    const gain = this.gainOf(said);
    const [first, last] = said.ends;
    if (said.inSpaces === null) agree(first + last - 2, gain, 'what a row gains at its ends');
    else agree(first + last, 2 * gain, 'what a row has at its ends');
    const steps = motifSteps({ ...this.motif, gain }, this.side);
    this.side += gain;
    return { steps, by: gain * said.sides };
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
