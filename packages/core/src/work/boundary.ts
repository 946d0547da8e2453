/** What a stretch of the edge is: stitches nothing was worked into, the underside of cast ones, slipped ones, or a row's end. */
export const LIVE = 0;
export const BASE = 1;
export const SLIPPED = 2;
export const LEFT_END = 3;
export const RIGHT_END = 4;

/** No stretch. */
export const NONE = -1;

/**
 * The edge of a piece while it is worked: closed rings of what lies along it, seen from the right side and followed clockwise
 * (along the live stitches from left to right, down the right side, back along the foundation, up the left side). What has
 * been worked into is no longer in it. So edges are known by where they lie, whatever the planner called them.
 *
 * A stretch is stitches from..to (exclusive) of a row, or one end of a row; rows go by their place in working order.
 * Stretches are numbers into plain arrays: a piece has thousands, and they must not burden the memory.
 */
export class Boundary {
  kind: Uint8Array;
  row: Int32Array;
  from: Int32Array;
  to: Int32Array;
  before: Int32Array;
  after: Int32Array;
  /** The next stretch of live (or cast) stitches of the same row. */
  private beside: Int32Array;
  private readonly firstLive: Int32Array;
  private readonly firstBase: Int32Array;
  private many = 0;

  constructor(rows: number) {
    const room = 3 * rows + 16;
    this.kind = new Uint8Array(room);
    this.row = new Int32Array(room);
    this.from = new Int32Array(room);
    this.to = new Int32Array(room);
    this.before = new Int32Array(room);
    this.after = new Int32Array(room);
    this.beside = new Int32Array(room);
    this.firstLive = new Int32Array(rows).fill(NONE);
    this.firstBase = new Int32Array(rows).fill(NONE);
  }

  /** A new stretch that lies in no ring yet. */
  add(kind: number, row: number, from = 0, to = 0): number {
    if (this.many === this.kind.length) this.grow();
    const made = this.many;
    this.many += 1;
    this.kind[made] = kind;
    this.row[made] = row;
    this.from[made] = from;
    this.to[made] = to;
    this.before[made] = made;
    this.after[made] = made;
    this.beside[made] = NONE;
    if (kind === LIVE) {
      this.beside[made] = this.firstLive[row]!;
      this.firstLive[row] = made;
    } else if (kind === BASE) {
      this.beside[made] = this.firstBase[row]!;
      this.firstBase[row] = made;
    }
    return made;
  }

  private grow(): void {
    const wider = <T extends Uint8Array | Int32Array>(old: T): T => {
      const made =
        old.constructor === Uint8Array ? new Uint8Array(2 * old.length) : new Int32Array(2 * old.length);
      made.set(old);
      return made as T;
    };
    this.kind = wider(this.kind);
    this.row = wider(this.row);
    this.from = wider(this.from);
    this.to = wider(this.to);
    this.before = wider(this.before);
    this.after = wider(this.after);
    this.beside = wider(this.beside);
  }

  link(a: number, b: number): void {
    this.after[a] = b;
    this.before[b] = a;
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
    this.before[stretch] = stretch;
    this.after[stretch] = stretch;
  }

  /** Whether a stretch lies in a ring with others. */
  lies(stretch: number): boolean {
    return this.before[stretch] !== stretch;
  }

  /** The stretch of a row's live (or cast) stitches that holds from..to; NONE where some of them are gone. */
  holding(kind: number, row: number, from: number, to: number): number {
    let one = (kind === LIVE ? this.firstLive : this.firstBase)[row]!;
    while (one !== NONE && (this.from[one]! > from || this.to[one]! < to)) one = this.beside[one]!;
    return one;
  }

  /** Calls for each stretch of a row's live (or cast) stitches. */
  each(kind: number, row: number, visit: (from: number, to: number) => void): void {
    for (
      let one = (kind === LIVE ? this.firstLive : this.firstBase)[row]!;
      one !== NONE;
      one = this.beside[one]!
    )
      visit(this.from[one]!, this.to[one]!);
  }

  /** Whether a row's live stitches are one stretch, which is then given; else NONE. */
  only(row: number): number {
    const first = this.firstLive[row]!;
    return first !== NONE && this.beside[first] === NONE ? first : NONE;
  }

  /** Takes a stretch from its row's list: it is about to be worked into. */
  forget(stretch: number): void {
    const heads = this.kind[stretch] === LIVE ? this.firstLive : this.firstBase;
    const row = this.row[stretch]!;
    let one = heads[row]!;
    if (one === stretch) {
      heads[row] = this.beside[stretch]!;
      return;
    }
    while (this.beside[one] !== stretch) one = this.beside[one]!;
    this.beside[one] = this.beside[stretch]!;
  }

  /**
   * Cuts the stitches from..to out of a stretch, which stands for them afterwards; what is left on both sides lies beside it
   * in its ring.
   */
  cut(stretch: number, from: number, to: number): void {
    const row = this.row[stretch]!;
    const kind = this.kind[stretch]!;
    const [start, end] = [this.from[stretch]!, this.to[stretch]!];
    this.from[stretch] = from;
    this.to[stretch] = to;
    // Clockwise, live and slipped stitches run from left to right, the underside of cast ones from right to left.
    const lowerFirst = kind !== BASE;
    if (start < from) this.insert(this.add(kind, row, start, from), stretch, lowerFirst);
    if (to < end) this.insert(this.add(kind, row, to, end), stretch, !lowerFirst);
  }

  private insert(made: number, beside: number, before: boolean): void {
    const [a, b] = before ? [this.before[beside]!, beside] : [beside, this.after[beside]!];
    this.link(a, made);
    this.link(made, b);
  }
}
