/** What a stretch of the edge is: stitches nothing was worked into, the underside of cast ones, slipped ones, or a row's end. */
export const LIVE = 0;
export const BASE = 1;
export const SLIPPED = 2;
export const LEFT_END = 3;
export const RIGHT_END = 4;

/** No stretch. */
export const NONE = -1;

/** Fields of a stretch. */
const KIND = 0;
const ROW = 1;
const FROM = 2;
const TO = 3;
const BEFORE = 4;
const AFTER = 5;
const BESIDE = 6;
const WIDTH = 7;

/**
 * The edge of a piece while it is worked: closed rings of what lies along it, seen from the right side and followed clockwise
 * (along the live stitches from left to right, down the right side, back along the foundation, up the left side). What has
 * been worked into is no longer in it. So edges are known by where they lie, whatever the planner called them.
 *
 * A stretch is stitches from..to (exclusive) of a row, or one end of a row; rows go by their place in working order.
 * Stretches are numbers, their fields lie in one plain array: a piece has thousands, and they must not burden the memory.
 */
export class Boundary {
  private fields: Int32Array;
  private many = 0;
  /** The first stretch of live (and of cast) stitches of each row. */
  private readonly firstLive: number[];
  private readonly firstBase: number[];

  /**
   * @param rows how many rows the piece has
   * @param stretches how many stretches it will have, about
   */
  constructor(rows: number, stretches: number) {
    this.fields = new Int32Array(stretches * WIDTH);
    this.firstLive = new Array<number>(rows).fill(NONE);
    this.firstBase = new Array<number>(rows).fill(NONE);
  }

  kind(stretch: number): number {
    return this.fields[stretch * WIDTH + KIND]!;
  }

  row(stretch: number): number {
    return this.fields[stretch * WIDTH + ROW]!;
  }

  from(stretch: number): number {
    return this.fields[stretch * WIDTH + FROM]!;
  }

  to(stretch: number): number {
    return this.fields[stretch * WIDTH + TO]!;
  }

  before(stretch: number): number {
    return this.fields[stretch * WIDTH + BEFORE]!;
  }

  after(stretch: number): number {
    return this.fields[stretch * WIDTH + AFTER]!;
  }

  /** The next stretch of live (or cast) stitches of the same row. */
  beside(stretch: number): number {
    return this.fields[stretch * WIDTH + BESIDE]!;
  }

  /** A new stretch that lies in no ring yet. */
  add(kind: number, row: number, from = 0, to = 0): number {
    const made = this.many;
    const at = made * WIDTH;
    this.reserve(1);
    const { fields } = this;
    this.many += 1;
    fields[at + KIND] = kind;
    fields[at + ROW] = row;
    fields[at + FROM] = from;
    fields[at + TO] = to;
    fields[at + BEFORE] = made;
    fields[at + AFTER] = made;
    fields[at + BESIDE] = NONE;
    if (kind === LIVE || kind === BASE) {
      const heads = this.headsOf(kind);
      fields[at + BESIDE] = heads[row]!;
      heads[row] = made;
    }
    return made;
  }

  /**
   * A row's live stitches move up over `many` rows that are worked even on them, the rows at `row` + 1 and on: those rows' ends
   * come to lie beside them.
   *
   * @param ends whether the rows have ends: rounds have none
   * @returns the first of the rows' left ends, which their right ends follow; NONE without ends
   */
  raise(live: number, row: number, many: number, ends: boolean): number {
    this.forget(live);
    const top = row + many;
    this.fields[live * WIDTH + ROW] = top;
    this.fields[live * WIDTH + BESIDE] = NONE;
    this.firstLive[top] = live;
    if (!ends) return NONE;
    const first = this.many;
    const [before, after] = [this.before(live), this.after(live)];
    this.reserve(2 * many);
    this.many += 2 * many;
    const { fields } = this;
    for (let i = 0; i < many; i += 1) {
      const left = first + i;
      const right = left + many;
      let at = left * WIDTH;
      fields[at + KIND] = LEFT_END;
      fields[at + ROW] = row + 1 + i;
      fields[at + BEFORE] = left - 1;
      fields[at + AFTER] = left + 1;
      fields[at + BESIDE] = NONE;
      at = right * WIDTH;
      fields[at + KIND] = RIGHT_END;
      fields[at + ROW] = row + 1 + i;
      fields[at + BEFORE] = right + 1;
      fields[at + AFTER] = right - 1;
      fields[at + BESIDE] = NONE;
    }
    this.link(first + many - 1, live);
    this.link(live, first + 2 * many - 1);
    if (before === live) this.link(first + many, first);
    else {
      this.link(before, first);
      this.link(first + many, after);
    }
    return first;
  }

  /** Makes room for so many stretches more. */
  private reserve(more: number): void {
    const needed = (this.many + more) * WIDTH;
    if (needed <= this.fields.length) return;
    const wider = new Int32Array(Math.max(needed, 2 * this.fields.length));
    wider.set(this.fields);
    this.fields = wider;
  }

  private headsOf(kind: number): number[] {
    return kind === LIVE ? this.firstLive : this.firstBase;
  }

  link(a: number, b: number): void {
    this.fields[a * WIDTH + AFTER] = b;
    this.fields[b * WIDTH + BEFORE] = a;
  }

  /** Links stretches one after another. */
  chain(stretches: readonly number[]): void {
    for (let i = 0; i + 1 < stretches.length; i += 1) this.link(stretches[i]!, stretches[i + 1]!);
  }

  /** Links stretches one after another and the last to the first. */
  ring(stretches: readonly number[]): void {
    this.chain(stretches);
    this.link(stretches.at(-1)!, stretches[0]!);
  }

  /** Takes a stretch out of the edge for good. */
  drop(stretch: number): void {
    this.link(stretch, stretch);
  }

  /** Whether a stretch lies in a ring with others. */
  lies(stretch: number): boolean {
    return this.before(stretch) !== stretch;
  }

  /** The stretch of a row's live (or cast) stitches that holds from..to; NONE where some of them are gone. */
  holding(kind: number, row: number, from: number, to: number): number {
    let one = this.headsOf(kind)[row]!;
    while (one !== NONE && (this.from(one) > from || this.to(one) < to)) one = this.beside(one);
    return one;
  }

  /** The first stretch of a row's live (or cast) stitches, in no order; NONE where there are none. */
  firstOf(kind: number, row: number): number {
    return this.headsOf(kind)[row]!;
  }

  /** Whether a row's live stitches are one stretch, which is then given; else NONE. */
  only(row: number): number {
    const first = this.firstLive[row]!;
    return first !== NONE && this.beside(first) === NONE ? first : NONE;
  }

  /** Takes a stretch from its row's list: it is about to be worked into. */
  forget(stretch: number): void {
    const heads = this.headsOf(this.kind(stretch));
    const row = this.row(stretch);
    let one = heads[row]!;
    if (one === stretch) {
      heads[row] = this.beside(stretch);
      return;
    }
    while (this.beside(one) !== stretch) one = this.beside(one);
    this.fields[one * WIDTH + BESIDE] = this.beside(stretch);
  }

  /**
   * Cuts the stitches from..to out of a stretch, which stands for them afterwards; what is left on both sides lies beside it
   * in its ring.
   */
  cut(stretch: number, from: number, to: number): void {
    const row = this.row(stretch);
    const kind = this.kind(stretch);
    const [start, end] = [this.from(stretch), this.to(stretch)];
    this.fields[stretch * WIDTH + FROM] = from;
    this.fields[stretch * WIDTH + TO] = to;
    // Clockwise, live and slipped stitches run from left to right, the underside of cast ones from right to left.
    const lowerFirst = kind !== BASE;
    if (start < from) this.insert(this.add(kind, row, start, from), stretch, lowerFirst);
    if (to < end) this.insert(this.add(kind, row, to, end), stretch, !lowerFirst);
  }

  private insert(made: number, beside: number, before: boolean): void {
    const [a, b] = before ? [this.before(beside), beside] : [beside, this.after(beside)];
    this.link(a, made);
    this.link(made, b);
  }
}
