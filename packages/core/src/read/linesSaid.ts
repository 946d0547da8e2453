import type { LineSchool } from '../shaping/lines.js';
import { ReadFault } from './maker.js';
import { readAmounts, readRates } from './rates.js';

const EDGES = 'at each front edge';
const BODY_SIDE = 'on the body’s side of each line';
const SLEEVE_SIDE = 'on the sleeve’s side of each line';
const SIDE_MARKERS = 'at both sides of each side marker';
const LINE_SIDES = [EDGES, BODY_SIDE, SLEEVE_SIDE, SIDE_MARKERS];
const AT_BOTH_FRONTS = 2;

/** @throws ReadFault when a sentence says another number than is there */
export function agree(said: number, found: number, what: string): void {
  if (said !== found) throw new ReadFault(`${what}: ${said} is said, ${found} is there`);
}

/** What sentences say of shaping beside lines: how it is worked, and in which rows each kind of side shapes. */
export class LinesSaid {
  /** Rows and times for each kind of side. */
  private readonly rows = new Map<string, Map<number, number>>();
  /** Counts after rows, as far as they are told before the rows can be made. */
  readonly counts = new Map<number, number>();
  /** Whether a stitch is gained (1) or lost (-1) beside a line, and at how many places one kind of side shapes. */
  sign = 0;
  places = 0;
  school: LineSchool = 'beside';
  /** Stitches of a line as its shaping row tells them; null where it does not. */
  width: number | null = null;
  /** Whether several stitches at a front edge are said to be chains. */
  chainsAtEdge = false;
  /** The last row that the sentences are said to be of; 0 where none is said. */
  private to = 0;
  private reached = 0;

  /** Rows that shape begin: how each kind of side does is told anew. */
  begin(sign: 1 | -1, to: number): void {
    this.finish();
    this.to = to;
    this.rows.clear();
    this.counts.clear();
    agree(sign, this.sign, 'the way in which these rows shape');
  }

  /** Rows up to one go on with the shaping as it was begun. */
  goOn(to: number, sign: 1 | -1): void {
    agree(sign, this.sign, 'the way of the shaping as begun');
    if (this.rows.size === 0) throw new ReadFault('no shaping at lines was begun');
    this.to = to;
  }

  /** "every row 12 times, counted from row 1", "2 sts in row 4" */
  byRates(side: string, text: string): void {
    const rates = text.includes('counted from') ? readRates(text) : readAmounts(text);
    if (!rates) throw new ReadFault(`“${text}” cannot be read`);
    this.byRows(side, rates);
  }

  byRows(side: string, rows: Map<number, number>): void {
    if (!LINE_SIDES.includes(side)) throw new ReadFault(`there is no place “${side}”`);
    this.rows.set(side, rows);
  }

  inRow(side: string, row: number, many: number): void {
    const rows = this.rows.get(side) ?? new Map<number, number>();
    rows.set(row, many);
    this.byRows(side, rows);
  }

  /** What a row changes at all lines; several stitches at a front edge are chains. */
  changedIn(row: number): number {
    let by = 0;
    for (const [side, rates] of this.rows) {
      const times = rates.get(row) ?? 0;
      if (side !== EDGES) by += this.places * times;
      else if (times === 1) by += AT_BOTH_FRONTS;
    }
    return this.sign * by;
  }

  /** What a row changes at both sides of each section: the outer sides of a flat piece are its front edges. */
  sidesIn(row: number, labels: readonly string[]): number[] {
    const change = (side: string) => (this.rows.get(side)?.get(row) ?? 0) * this.sign;
    return labels.flatMap((label, i) => {
      const own = change(SIDE_MARKERS) || change(/sleeve/i.test(label) ? SLEEVE_SIDE : BODY_SIDE);
      return [i === 0 ? change(EDGES) : own, i === labels.length - 1 ? change(EDGES) : own];
    });
  }

  /** The row is told that ends these rows. */
  endAt(row: number): void {
    this.reached = row;
    if (this.to > 0) agree(row, this.to, 'the last of these rows');
    this.to = 0;
  }

  /** There are so many lines of so many stitches. */
  agreeWith(lines: number, stitches: number): void {
    if (!this.rows.has(SIDE_MARKERS) && this.rows.size > 0) agree(this.places, lines, 'the lines');
    if (this.width !== null) agree(this.width, stitches, 'the stitches of each line');
  }

  /** Nothing shapes at lines behind the last row that is told of them. */
  finish(): void {
    for (const rows of this.rows.values())
      for (const row of rows.keys())
        if (row > this.reached)
          throw new ReadFault(`row ${row} shapes at lines after row ${this.reached}, their last`);
  }
}
