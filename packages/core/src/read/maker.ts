import type { Side } from '../joins/roles.js';
import { growsAtRight, growthSteps, type SideGrowth } from '../shaping/sideGrowth.js';
import { stepsAtCorners, type CornerShaping } from '../shaping/corners.js';
import { stepsBesideLines, type LineWay } from '../shaping/lines.js';
import type { RoundWay, Row, Source, Step, Take } from '../work/rows.js';
import { castInside, takesOf } from '../work/steps.js';

/** What the text says and what comes out do not go together: in words. */
export class ReadFault extends Error {
  override name = 'ReadFault';
}

function stepsAtLines(counts: readonly number[], line: LineWay, sides: readonly number[]) {
  try {
    return stepsBesideLines(
      counts.map((_, i) => ({ id: `section ${i + 1}` })),
      counts,
      line,
      sides,
    );
  } catch (error) {
    if (error instanceof RangeError) throw new ReadFault(error.message);
    throw error;
  }
}

/** A part as far as it has been worked. */
export interface PartMade {
  name: string;
  n: number;
  count: number;
  side: Row['side'];
  round?: RoundWay;
  /** What its next row is worked into, where that is not its own last row. */
  next?: readonly Source[];
  rejoin: boolean;
  /** The end at which it was divided from its neighbour: "the neck edge" of a shoulder. */
  inner: Side;
  parent?: { part: PartMade; at: number; take: number };
}

/** A stretch of a part that a row over several is worked into, and the chains after it. */
export interface United {
  part: PartMade;
  at: number;
  take: number;
  chains: number;
}

/**
 * Makes rows as a maker does who knows nothing but the sentences read: row after row over what lies on the hook. Which side a row
 * begins from follows from turning; where something is left unworked follows from where the row ends.
 */
export class Maker {
  readonly rows: Row[] = [];
  part: PartMade | null = null;

  /** @param inner the side on which the neck edge of the piece lies */
  constructor(private readonly inner: Side) {}

  /** The part being worked. */
  now(): PartMade {
    if (!this.part) throw new ReadFault('nothing has been begun yet');
    return this.part;
  }

  /** @param ring its stitches are worked into a ring, which closes on them */
  begin(stitches: number, round?: RoundWay, ring = false, name = 'main'): void {
    this.part = {
      name,
      n: 0,
      count: 0,
      side: 'WS',
      rejoin: false,
      inner: this.inner,
      ...(round ? { round } : {}),
    };
    this.row([{ do: 'cast', times: stitches }], { from: [], add: stitches, ring });
  }

  /** The side from which the next row of a part is worked. */
  nextSide({ side, round }: PartMade): Row['side'] {
    return round === 'joined' || round === 'spiral' ? 'RS' : side === 'RS' ? 'WS' : 'RS';
  }

  /** One row over all that lies there, or over what `from` says. */
  row(
    steps: readonly Step[],
    {
      from,
      by = 0,
      add = 0,
      flat = false,
      spread = false,
      graded,
      motif,
      ring = false,
    }: {
      from?: readonly Source[];
      by?: number;
      add?: number;
      flat?: boolean;
      spread?: boolean;
      graded?: Row['graded'];
      motif?: Row['motif'] | undefined;
      ring?: boolean;
    } = {},
  ): void {
    const part = this.now();
    const sources = from ?? part.next ?? [{ part: part.name, n: part.n, take: part.count, at: 0 }];
    const taken = sources.reduce((sum, source) => sum + (source.along === undefined ? source.take : 0), 0);
    const round = flat ? undefined : part.round;
    part.side = round === 'joined' || round === 'spiral' ? 'RS' : part.side === 'RS' ? 'WS' : 'RS';
    part.n += 1;
    part.count = taken + by + add;
    this.rows.push({
      n: part.n,
      part: part.name,
      side: part.side,
      from: sources,
      steps: steps.filter(({ times }) => times > 0),
      count: part.count,
      by,
      add,
      ...(spread ? { spread } : {}),
      ...(graded ? { graded } : {}),
      ...(motif ? { motif } : {}),
      ...(ring ? { ring } : {}),
      ...(round ? { round } : {}),
      ...(part.rejoin ? { rejoin: true } : {}),
    });
    delete part.next;
    part.rejoin = false;
  }

  /** A row with chains over `over` of its stitches, `at` of them to the left of these. */
  slit(at: number, over: number): void {
    const { name: part, n, count } = this.now();
    const rest = count - at - over;
    this.row(
      [
        { do: 'work', times: at },
        { do: 'cast', times: over },
        { do: 'work', times: rest },
      ],
      {
        add: over,
        from: [
          { part, n, take: at, at: 0 },
          { part, n, take: rest, at: at + over },
        ],
      },
    );
  }

  /** Rows as they are until row `to` is done. */
  even(to: number): void {
    while (this.now().n < to) this.change(0);
  }

  /** A row that gains (or loses) so many stitches at places spread over it. */
  change(by: number, motif?: Row['motif']): void {
    const { count } = this.now();
    const many = Math.abs(by);
    if (by === 0) return this.row([{ do: 'work', times: count }]);
    if (by > 0) {
      // More than one for each stitch: some take three, or as many as it needs.
      const most = Math.ceil(by / Math.max(1, count));
      const full = Math.ceil(by / most) - (by % most === 0 ? 0 : 1);
      const rest = by - full * most;
      return this.row(
        [
          { do: 'increase', times: full, makes: 1 + most },
          ...(rest > 0 ? [{ do: 'increase' as const, times: 1, makes: 1 + rest }] : []),
          { do: 'work', times: count - full - (rest > 0 ? 1 : 0) },
        ],
        { by, spread: true, motif },
      );
    }
    if (2 * many > count)
      throw new ReadFault(`${many} stitches cannot be taken off ${count} by working two together`);
    this.row(
      [
        { do: 'decrease', times: many },
        { do: 'work', times: count - 2 * many },
      ],
      { by, spread: true },
    );
  }

  /** A round that gains (or loses) so many stitches at each side of its joining. */
  besideJoining(change: number): void {
    const { count } = this.now();
    const times = Math.abs(change);
    const one: Step = { do: change > 0 ? 'increase' : 'decrease', times };
    const taken = times * takesOf(one);
    if (2 * taken > count)
      throw new ReadFault(`${2 * times} places beside the joining are more than ${count} stitches have`);
    this.row([one, { do: 'work', times: count - 2 * taken }, one], { by: 2 * change });
  }

  /**
   * A row shaped beside lines.
   *
   * @param counts stitches of the sections between them, from left to right
   * @param sides what each section gains at its left, then at its right
   */
  besideLines(counts: readonly number[], line: LineWay, sides: readonly number[]): void {
    const { steps, by, add } = stepsAtLines(counts, line, sides);
    this.row(steps, { by, add });
  }

  /** A row that shapes at its corners. */
  atCorners(shaping: CornerShaping): void {
    try {
      const { steps, by } = stepsAtCorners(shaping);
      this.row(steps, { by });
    } catch (error) {
      if (error instanceof RangeError) throw new ReadFault(error.message);
      throw error;
    }
  }

  /** A round that grows at both sides, after so many that did. */
  growing(growth: SideGrowth, before: number): void {
    const now = this.now();
    const atRight = growsAtRight(before, now.round === 'turned' ? this.nextSide(now) : null);
    this.row(growthSteps(growth, before, atRight), { by: 2 * growth.gain });
  }

  /** Shapes beside lines in a row over several parts that was made before the sections between the lines were known. */
  shapeUnited(at: number, counts: readonly number[], line: LineWay, sides: readonly number[]): void {
    const row = this.rows[at]!;
    let place = 0;
    const chains = row.steps.flatMap((step) => {
      const from = place;
      place += step.times;
      return step.do === 'cast' ? [{ from, many: step.times }] : [];
    });
    const { steps } = stepsAtLines(counts, line, sides);
    this.rows[at] = {
      ...row,
      steps: chains.reduce<Step[]>((all, { from, many }) => castInside(all, from, many), steps),
    };
  }

  /** A row that changes at its two ends: added by chains, slipped over where it begins, left where it ends; a single stitch in the edge. */
  ends(changes: Record<Side, number>): void {
    const part = this.now();
    const begins: Side = this.nextSide(part) === 'RS' ? 'right' : 'left';
    const steps: Record<Side, Step[]> = { left: [], right: [] };
    let [taken, by, add, at] = [part.count, 0, 0, 0];
    let worked = part.count;
    for (const side of ['left', 'right'] as const) {
      const change = changes[side];
      const many = Math.abs(change);
      if (change > 1) {
        steps[side].push({ do: 'cast', times: many });
        add += many;
      } else if (change === 1) {
        steps[side].push({ do: 'increase', times: 1 });
        worked -= 1;
        by += 1;
      } else if (change === -1) {
        steps[side].push({ do: 'decrease', times: 1 });
        worked -= 2;
        by -= 1;
      } else if (change < -1 && side === begins) {
        steps[side].push({ do: 'slip', times: many });
        worked -= many;
        by -= many;
      } else if (change < -1) {
        taken -= many;
        worked -= many;
        if (side === 'left') at = many;
      }
    }
    if (worked < 0) throw new ReadFault(`row ${part.n + 1} takes off more stitches than there are`);
    const whole = part.next?.[0] as Take | undefined;
    const from: Take = whole
      ? { ...whole, at: whole.at + at, take: taken }
      : { part: part.name, n: part.n, take: taken, at };
    this.row([...steps.left, { do: 'work', times: worked }, ...steps.right], { from: [from], by, add });
  }

  /** Goes on over `take` of the stitches of a part, from `at` (left to right) on. */
  goOn(from: PartMade, at: number, take: number, rejoin: boolean, inner: Side): void {
    if (at < 0 || at + take > from.count)
      throw new ReadFault(
        `${take} stitches from stitch ${at + 1} on are more than the ${from.count} of row ${from.n}`,
      );
    this.part = {
      name: `${from.name}/${at}`,
      n: from.n,
      count: take,
      side: from.side,
      rejoin,
      inner,
      next: [{ part: from.name, n: from.n, take, at }],
      parent: { part: from, at, take },
    };
  }

  /**
   * Short rows over the last full row: each takes up what lies in its span, from and to counted from the left.
   *
   * @param graded stitches that fall to the lowest at every turn inside the row below
   */
  short(spans: readonly { from: number; to: number }[], closing: boolean, graded: number): void {
    const part = this.now();
    const width = part.count;
    const lies = Array.from({ length: width }, (_, at) => ({ n: part.n, at }));
    const cover = (from: number, to: number, flat: boolean) => {
      const takes: Take[] = [];
      for (let i = from; i < to; i += 1) {
        const { n, at } = lies[(i + width) % width]!;
        const last = takes.at(-1);
        if (last && last.n === n && last.at + last.take === at) last.take += 1;
        else takes.push({ part: part.name, n, take: 1, at });
      }
      const fall = (place: number) => (flat && place % width !== 0 ? graded : 0);
      const falls: Row['graded'] = [fall(from), fall(to)];
      this.row([{ do: 'work', times: to - from }], {
        from: takes,
        flat,
        ...(falls.some((many) => many > 0) ? { graded: falls } : {}),
      });
      for (let i = from; i < to; i += 1) lies[(i + width) % width] = { n: part.n, at: i - from };
    };
    let yarn = part.round ? 0 : part.side === 'RS' ? 0 : width;
    for (const { from, to } of spans) {
      if (from < -width || to > width || from >= to)
        throw new ReadFault(`a short row over ${from + 1} to ${to} of ${width}`);
      const rightSide = part.side !== 'RS';
      const [begin, end] = rightSide ? [to, from] : [from, to];
      part.rejoin = begin !== yarn;
      yarn = end;
      cover(from, to, true);
    }
    if (!closing) return;
    const begin = part.round ? 0 : part.side !== 'RS' ? width : 0;
    part.rejoin = !part.round && begin !== yarn;
    cover(0, width, false);
  }

  /** One row over several parts, with chains after each; where it gains stitches at lines, these are placed by `shapeUnited`. */
  unite(parts: readonly United[], by: number, rejoin: boolean, round?: RoundWay): void {
    const n = Math.max(...parts.map(({ part }) => part.n));
    const last = parts.at(-1)!.part;
    const from = parts.map(({ part, at, take }): Take => ({ part: part.name, n: part.n, take, at }));
    const steps = parts.flatMap(({ take, chains }): Step[] => [
      { do: 'work', times: take },
      { do: 'cast', times: chains },
    ]);
    this.part = {
      name: 'united',
      n,
      count: 0,
      side: last.side,
      rejoin,
      inner: 'left',
      ...(round ? { round } : {}),
    };
    this.row(steps, { from, by, add: parts.reduce((sum, { chains }) => sum + chains, 0) });
  }
}
