import type { LineWay } from '../shaping/lines.js';
import { OTHER, type Side } from '../joins/roles.js';
import type { RoundWay, Step } from '../work/rows.js';
import { foundationChain } from '../stitch/course.js';
import { workRow } from '../stitch/hook.js';
import { readRow } from '../stitch/rowReader.js';
import type { SpecialStitch } from '../stitch/tokenStream.js';
import { StitchError } from '../stitch/tree.js';
import { Maker, ReadFault, type PartMade, type United } from './maker.js';
import { cornersAfter, type CornerShaping } from '../shaping/corners.js';
import { GrowthSaid } from './growthSaid.js';
import { agree, LinesSaid } from './linesSaid.js';
import { MotifSaid, type CornersSaid, type SideRowSaid } from './motifSaid.js';
import { readAmounts } from './rates.js';
import { SheetSaid, type KindSaid, type SheetEdgeSaid } from './sheetSaid.js';
import { narrowSteps } from '../shaping/narrow.js';
import type {
  EdgeChange,
  HolesSaid,
  SaidInFull,
  SaidInPattern,
  SaidOfPlaces,
  SaidOfStitches,
} from './said.js';

/** Sums of numbers that a sentence lists, each after a stitch or before a name. */
export const sum = (numbers: Iterable<RegExpMatchArray>, group = 1) =>
  [...numbers].reduce((all, found) => all + Number(found[group] ?? 0), 0);

const TOGETHER = '; at the same time, ';

function atSides(side: Side, there: number, across: number): Record<Side, number> {
  return side === 'left' ? { left: there, right: across } : { left: across, right: there };
}

/** "at the neck edge take off 2 sts in row 4, 1 st in row 6" */
function changeInWords(one: string): EdgeChange {
  const said = /^at (.+?) (add|take off) (.+)$/.exec(one);
  const rows = said && readAmounts(said[3]!);
  if (!said || !rows) throw new ReadFault(`“${one}” cannot be read`);
  return { place: said[1]!, sign: said[2] === 'add' ? 1 : -1, rows };
}

/** What each corner gains in a row, from left to right: "3 in each outer corner st, 2 sts together at each inner corner st". */
function cornersInWords(words: string, outer: readonly boolean[]): number[] {
  const inTurn = /^at the corner sts in turn (.+)$/.exec(words);
  if (inTurn) {
    const each = [...inTurn[1]!.matchAll(/(\d+) (in one|together)/g)];
    agree(each.length, outer.length, 'the corners named');
    return each.map(([, many, kind]) => (kind === 'in one' ? Number(many) - 1 : 1 - Number(many))).reverse();
  }
  const [made] = /(\d+)(?= in each outer corner st)/.exec(words) ?? [];
  const [together] = /(\d+)(?= sts? together at each inner corner st)/.exec(words) ?? [];
  return outer.map((isOuter) => {
    const many = isOuter ? made : together;
    if (many === undefined)
      throw new ReadFault(`what ${isOuter ? 'an outer' : 'an inner'} corner has is not said`);
    return isOuter ? Number(many) - 1 : 1 - Number(many);
  });
}

/** A piece as far as its sentences have been read. */
export class PieceReader {
  readonly maker: Maker;
  readonly said: SaidOfStitches = {
    inPattern: [],
    places: [],
    panel: 0,
    units: false,
    names: [],
    written: [],
    inFull: [],
    motif: [],
    overStitches: [],
    changes: [],
    loose: 0,
  };
  chain = 0;
  /** How many are to be made, where its heading does not say so. */
  copies: number | null = null;
  /** What a side of a square is said to measure. */
  across: string | null = null;
  /** How many of them are of each kind, and in which colours. */
  readonly kinds: KindSaid[] = [];
  /** Row 1 is the first of a stitch pattern, worked into the chain. */
  begunInPattern = false;
  /** Stitches that a shaping row changes, as its sentence says. */
  step = 0;
  /** Stitches of one of its places: a whole repeat, or one. */
  perPlace = 1;
  /** Whether it changes them at its two ends, in a round beside its joining. */
  atEnds = false;
  /** Row until which the few shaping rows of a round yoke are read, 0 outside. */
  stepsUntil = 0;
  readonly lines = new LinesSaid();
  readonly growth = new GrowthSaid();
  readonly motif = new MotifSaid();
  readonly sheet = new SheetSaid();
  /** Changes at an edge whose way has been told: of one stitch (+1, -1) and of more (+n, -n). */
  readonly edgeWays = new Set<string>();
  /** At which side of the piece an edge is said to lie, seen from its right side. */
  readonly edgeSides = new Map<string, Side>();
  /** A row over several parts that shapes at lines, of which the sections are not told yet. */
  private united: { at: number } | null = null;
  /** Stitches that fall to the lowest at the turns of the short rows that come. */
  graded = 0;
  private spans: { from: number; to: number }[] | null = null;
  private readonly done: PartMade[] = [];
  private divided = false;
  /** What rows change at the neck edge and at the other one, since the piece was divided. */
  private edgeChanges: Map<number, { inner: number; outer: number }> | null = null;
  /** Chains that are said to be made before the next row. */
  newChains = 0;
  /** The row of buttonholes, where the piece has one. */
  holes: HolesSaid | null = null;

  /**
   * @param inner the side of the piece, seen from its right side, on which its neck edge lies
   */
  constructor(
    inner: Side,
    private readonly specials: ReadonlyMap<string, SpecialStitch> = new Map(),
  ) {
    this.maker = new Maker(inner);
  }

  agree(said: number, found: number, what: string): void {
    agree(said, found, what);
  }

  ends(row: number, stitches: number): void {
    this.agree(row, this.maker.now().n, 'the last row');
    this.agree(stitches, this.maker.now().count, `the count of row ${row}`);
  }

  start(said: number, made: number, round?: RoundWay): void {
    this.agree(said, made, 'the stitches of row 1');
    this.maker.begin(made, round);
  }

  evenRows(from: string, to: string | undefined, stitches: number): void {
    if (from === '–') return;
    this.agree(Number(from), this.maker.now().n + 1, 'the next row');
    const last = Number(to ?? from);
    this.maker.even(last);
    this.ends(last, stitches);
  }

  inPattern(said: Omit<SaidInPattern, 'part'>): void {
    this.said.inPattern.push({ ...said, part: this.maker.now().name });
  }

  /** A row that shapes, told in full: what it takes, makes and has. */
  inFull(n: number, said: SaidInFull | null, stitches: number): void {
    if (!said) throw new ReadFault(`row ${n} in full cannot be read`);
    this.agree(said.made, stitches, `the stitches of row ${n} in full`);
    this.said.inFull.push({ part: this.maker.now().name, n, ...said });
  }

  /** A row of a pattern that is told as it is worked over stitches. */
  overStitches(row: number, of: string, words: string): void {
    this.said.overStitches.push({ row, of, words });
  }

  /** A row of the part that is worked, which row of a pattern it is and what it has. */
  rowHas(n: number, row: number, of: string, said: SaidOfPlaces): void {
    const { name: part } = this.maker.now();
    this.said.inPattern.push({ of, part, from: n, to: n, first: row, last: row, edges: null });
    this.said.places.push({ part, n, said, changes: true });
  }

  placesAfter(said: SaidOfPlaces): void {
    const { name, n } = this.maker.now();
    this.said.places.push({ part: name, n, said });
  }

  writtenRow(n: number, words: string): void {
    this.said.written.push({ part: this.maker.now().name, n, words });
  }

  /** Row 1 in words, worked stitch by stitch into the chain that was made: the stitches that it spans. */
  workFirstRow(words: string, tunisian: boolean): number {
    this.said.written.push({ part: 'main', n: 1, words });
    this.begunInPattern = true;
    try {
      return workRow({ nodes: readRow(words, this.specials) }, foundationChain(this.chain), {
        turned: true,
        round: false,
        tunisian,
      }).width;
    } catch (error) {
      if (error instanceof StitchError) throw new ReadFault(error.message);
      throw error;
    }
  }

  shapedRows(
    from: string,
    to: string | undefined,
    rows: ReadonlyMap<number, number> | null,
    stitches: number,
  ): void {
    if (from === '–') return;
    if (!rows) throw new ReadFault('the rows that shape cannot be read');
    const last = Number(to ?? from);
    this.agree(Number(from), this.maker.now().n + 1, 'the next row');
    this.within(rows, Number(from), last);
    for (const many of rows.values()) this.agree(many, 1, 'what a named row changes at its places');
    const each = this.step / 2;
    while (this.maker.now().n < last) {
      const shapes = rows.has(this.maker.now().n + 1);
      if (!shapes) this.maker.change(0);
      else if (!this.atEnds) this.maker.change(this.step);
      else if (this.maker.now().round) this.maker.besideJoining(each);
      else this.maker.ends({ left: each, right: each });
    }
    this.ends(last, stitches);
  }

  /** Rows in which one edge or both are shaped, told as one list. */
  edgeRows(from: string, to: string | undefined, list: string, stitches: number): void {
    const changes = list === 'work even' ? [] : list.split(TOGETHER).map(changeInWords);
    this.edgeTables(from, to, changes, stitches);
  }

  /** Rows in which one edge or both are shaped; the stitches are then so many. */
  edgeTables(from: string, to: string | undefined, changes: readonly EdgeChange[], stitches: number): void {
    if (from === '–') return;
    this.agree(Number(from), this.maker.now().n + 1, 'the next row');
    this.workEdges(Number(to ?? from), changes);
    this.ends(Number(to ?? from), stitches);
  }

  /** Rows of a second part that are shaped as those of the first were, mirrored. */
  asBefore(from: string, to: string | undefined, stitches: number): void {
    if (from === '–') return;
    this.agree(Number(from), this.maker.now().n + 1, 'the next row');
    const last = Number(to ?? from);
    if (!this.edgeChanges) throw new ReadFault('nothing was shaped before');
    const { inner } = this.maker.now();
    while (this.maker.now().n < last) {
      const change = this.edgeChanges.get(this.maker.now().n + 1) ?? { inner: 0, outer: 0 };
      this.maker.ends(atSides(inner, change.inner, change.outer));
    }
    this.ends(last, stitches);
  }

  /** A row that is told by what is done where it begins and where it ends. */
  endsOfRow({ begin, end, chains }: { begin: number; end: number; chains: number }): void {
    this.agree(chains, this.newChains, 'the chains made before the row');
    this.newChains = 0;
    const first: Side = this.maker.nextSide(this.maker.now()) === 'RS' ? 'right' : 'left';
    this.changeEnds(atSides(first, begin, end));
  }

  /** A row that changes at its ends; after a division it is kept, because the second part may be worked as the first was. */
  private changeEnds(changes: Record<Side, number>): void {
    const { inner } = this.maker.now();
    this.maker.ends(changes);
    const { n } = this.maker.now();
    if (this.divided && (changes.left !== 0 || changes.right !== 0)) {
      this.edgeChanges ??= new Map();
      this.edgeChanges.set(n, { inner: changes[inner], outer: changes[OTHER[inner]] });
    }
  }

  private workEdges(last: number, all: readonly EdgeChange[]): void {
    const { inner } = this.maker.now();
    const at: Record<Side, ReadonlyMap<number, number>[]> = { left: [], right: [] };
    for (const { place, sign, rows } of all) {
      const verb = sign > 0 ? 'add' : 'take off';
      for (const many of rows.values())
        if (!this.edgeWays.has(`${sign > 0 ? '+' : '-'}${many === 1 ? 1 : 'n'}`))
          throw new ReadFault(`how to ${verb} ${many === 1 ? '1 st' : 'more'} is not said`);
      const sides: Side[] =
        place === 'each edge'
          ? ['left', 'right']
          : [this.edgeSides.get(place) ?? (/armhole|side/.test(place) ? OTHER[inner] : inner)];
      for (const side of sides)
        at[side].push(new Map([...rows].map(([row, amount]) => [row, sign * amount])));
    }
    for (const { rows } of all) this.within(rows, this.maker.now().n + 1, last);
    const inRow = (side: Side, row: number) => at[side].reduce((sum, rows) => sum + (rows.get(row) ?? 0), 0);
    while (this.maker.now().n < last) {
      const row = this.maker.now().n + 1;
      this.changeEnds({ left: inRow('left', row), right: inRow('right', row) });
    }
  }

  /** Rows that shape lie among those that the sentence is of. */
  private within(rows: ReadonlyMap<number, number>, from: number, last: number): void {
    for (const row of rows.keys())
      if (row < from || row > last) throw new ReadFault(`row ${row} shapes outside rows ${from} to ${last}`);
  }

  /** A row that shapes as a named one does, the last of so many rows. */
  shapingRow(n: number, stitches: number, rows = 1): void {
    this.shapedRows(String(n - rows + 1), String(n), new Map([[n, 1]]), stitches);
  }

  goOn(from: PartMade, at: number, take: number, rejoin: boolean, inner: Side): void {
    const before = this.maker.now();
    if (before !== from) this.done.push(before);
    this.divided = true;
    if (!rejoin) this.edgeChanges = null;
    this.maker.goOn(from, at, take, rejoin, inner);
  }

  shortRows(first: number, last: number, spans: { from: number; to: number }[]): void {
    this.agree(first, this.maker.now().n + 1, 'the first short row');
    this.agree(last - first + 1, spans.length, 'the number of short rows');
    this.spans = spans;
  }

  /** Short rows given by how many stitches each works: it begins where the row before was turned. */
  shortRowsFromYarn(first: number, last: number, counts: readonly number[]): void {
    const { count, side } = this.maker.now();
    // After a right-side row the yarn hangs at its left; the short rows turn, in a round as well.
    let [yarn, leftwards] = side === 'RS' ? [0, false] : [count, true];
    const spans = counts.map((many) => {
      const [from, to] = leftwards ? [yarn - many, yarn] : [yarn, yarn + many];
      yarn = leftwards ? from! : to!;
      leftwards = !leftwards;
      return { from: from!, to: to! };
    });
    this.shortRows(first, last, spans);
  }

  /** Short rows are worked when it is known whether a row closes them. */
  closeShortRows(stitches: number): void {
    this.workShortRows(true);
    this.agree(stitches, this.maker.now().count, 'the count after the short rows');
  }

  private workShortRows(closing: boolean): void {
    if (!this.spans) return;
    this.maker.short(this.spans, closing, this.graded);
    this.graded = 0;
    this.spans = null;
  }

  unite(
    row: number,
    takes: readonly { take: number; chains: number }[],
    { anew, shaped, round }: { anew: boolean; shaped: boolean; round: RoundWay | undefined },
    stitches: number,
  ): void {
    const last = this.maker.now();
    const by = shaped ? this.lines.changedIn(row) : 0;
    this.maker.unite(this.placesOf(takes, last), by, anew, round);
    this.united = shaped ? { at: this.maker.rows.length - 1 } : null;
    this.done.length = 0;
    this.ends(row, stitches);
  }

  /** What a row over several stretches is worked into, from left to right. */
  private placesOf(takes: readonly { take: number; chains: number }[], last: PartMade): United[] {
    const parts = [...this.done, last].sort((a, b) => (a.parent?.at ?? 0) - (b.parent?.at ?? 0));
    // A flat yoke that closes begins its round in the middle of the back: its end comes before its beginning.
    if (parts.length === 1 && takes.length === 2)
      return takes.map((one, i) => ({ part: last, at: i === 0 ? takes[1]!.take : 0, ...one }));
    this.agree(takes.length, parts.length, 'the parts that are united');
    return parts.map((part, i) => ({ part, at: 0, ...takes[i]! }));
  }

  /** The row over several parts whose lines are still to be told. */
  get unitedAt(): number | null {
    return this.united ? this.maker.rows[this.united.at]!.n : null;
  }

  lineRows(last: number, stitches: number, parts: string): void {
    this.lines.endAt(last);
    const [, line] = /, each line (\d+)$/.exec(parts) ?? [];
    const named = [...parts.replace(/, each line \d+$/, '').matchAll(/(?:^|, )([^,]*?) (\d+)(?=,|$)/g)];
    const labels = named.map(([, label]) => label!);
    const way = { stitches: Number(line ?? 0) as LineWay['stitches'], school: this.lines.school };
    this.lines.agreeWith(labels.length - 1, way.stitches);
    const first = this.united ? this.maker.rows[this.united.at]!.n : this.maker.now().n + 1;
    // The sections are told as they are in the end: what they gain from here on is taken off again.
    const counts = named.map(([, , many]) => Number(many));
    const changes = new Map<number, number[]>();
    for (let row = first; row <= last; row += 1) changes.set(row, this.lines.sidesIn(row, labels));
    for (const sides of changes.values())
      counts.forEach((_, i) => (counts[i]! -= sides[2 * i]! + sides[2 * i + 1]!));
    for (const [row, sides] of changes) {
      const shapes = sides.some((side) => side !== 0);
      if (this.united && row === first) {
        if (shapes) this.maker.shapeUnited(this.united.at, counts, way, sides);
      } else if (shapes) {
        if (sides[0]! > 1 && !this.lines.chainsAtEdge)
          throw new ReadFault('how more than 1 st is gained is not said');
        this.maker.besideLines(counts, way, sides);
      } else this.maker.change(0);
      counts.forEach((_, i) => (counts[i]! += sides[2 * i]! + sides[2 * i + 1]!));
    }
    this.united = null;
    this.ends(last, stitches);
    for (const [row, count] of this.lines.counts)
      this.agree(count, this.countAfter(row), `the count after row ${row}`);
    this.agree(sum(named, 2) + way.stitches * (named.length - 1), stitches, 'the parts between the lines');
  }

  /** Rounds that grow at both sides, as it was told before. */
  growRounds(from: number, to: number): void {
    this.agree(from, this.maker.now().n + 1, 'the next row');
    const { growth } = this.growth;
    for (let row = from; row <= to; row += 1) this.maker.growing(growth, row - from);
  }

  /** Round 1 of a motif, into a ring. */
  beginMotif(
    motif: { first: number; sides: number },
    round: RoundWay | undefined,
    said: number,
    words: string,
  ): void {
    const made = this.motif.begin(motif);
    this.agree(said, made, 'the stitches of round 1');
    this.maker.begin(made, round, true);
    this.said.motif.push({ part: this.maker.now().name, n: 1, words });
  }

  motifRounds(from: number, to: number, said: CornersSaid & { sides: number }, words: string): void {
    this.agree(from, this.maker.now().n + 1, 'the next round');
    while (this.maker.now().n < to) {
      this.motifRow(this.motif.round(said), words);
    }
  }

  /** A round of a motif that is a circle as yet, and the one that makes it square. */
  circleRound(n: number, said: Parameters<MotifSaid['circleRound']>[0], words: string): void {
    this.agree(n, this.maker.now().n + 1, 'the next round');
    this.motifRow(this.motif.circleRound(said), words, true);
  }

  squareRound(n: number, said: Parameters<MotifSaid['squareRound']>[0], words: string): void {
    this.agree(n, this.maker.now().n + 1, 'the next round');
    this.motifRow(this.motif.squareRound(said), words);
  }

  halfRows(from: number, to: number, said: Parameters<MotifSaid['halfRow']>[0], words: string): void {
    this.agree(from, this.maker.now().n + 1, 'the next row');
    while (this.maker.now().n < to) this.motifRow(this.motif.halfRow(said), words);
  }

  /** What each row so far is said to come to. */
  countsInTurn(counts: readonly number[]): void {
    const { rows } = this.maker;
    this.agree(counts.length, rows.length, 'the rows that have been worked');
    counts.forEach((count, i) => this.agree(count, rows[i]!.count, `the count of row ${i + 1}`));
  }

  /** The edge of a sheet, all round: nothing is worked, but rows go on from its stitches. */
  sheetEdge(part: string, said: readonly SheetEdgeSaid[], stitches: number): void {
    this.agree(stitches, this.sheet.edge(said), 'the stitches of the edge');
    this.maker.begin(stitches, 'joined', true, part);
  }

  /** A round in which one stitch of every so many is taken off. */
  narrowRound(n: number, said: { plain: number; times: number }, stitches: number): void {
    const { count, n: before } = this.maker.now();
    this.agree(n, before + 1, 'the next round');
    const over = (said.plain + 2) * (said.times + 1);
    if (over > count) throw new ReadFault(`${count} sts are too few for that round`);
    if (count - over >= said.plain + 2) throw new ReadFault('another repeat would find room in that round');
    this.maker.row(narrowSteps(count, said.plain + 2), { by: -(said.times + 1), spread: true });
    this.ends(n, stitches);
  }

  private motifRow({ steps, by }: { steps: Step[]; by: number }, words: string, spread = false): void {
    this.maker.row(steps, { by, ...(spread ? { spread } : {}) });
    const { name: part, n } = this.maker.now();
    this.said.motif.push({ part, n, words });
  }

  /**
   * Goes on over some stitches: of a row of which others are skipped where it begins, or from where the last one ends. `met` are the sides up
   * to each corner, as the first row meets them.
   */
  alongSides(skip: { many: number; of: number } | null, over: number, met: readonly number[]): void {
    const now = this.maker.now();
    const from = skip ? [now, now.parent?.part].find((part) => part?.n === skip.of) : now;
    if (!from) throw new ReadFault(`row ${skip!.of} is not the last of a part`);
    this.ahead = {
      over,
      met,
      begin: (right) => {
        const many = skip?.many ?? 0;
        this.goOn(from, right ? from.count - many - over : many, over, skip !== null, 'left');
      },
    };
    // Where the yarn is joined anew it is on the right side; else what follows says which side that is.
    if (skip) this.beginAhead(true);
  }
  private ahead: { over: number; met: readonly number[]; begin: (right: boolean) => void } | null = null;

  private beginAhead(right: boolean): void {
    if (!this.ahead) return;
    const { over, met, begin } = this.ahead;
    this.ahead = null;
    const last = over - met.reduce((all, side) => all + side, 0);
    this.motif.goAlong(right ? [last, ...[...met].reverse()] : [...met, last]);
    begin(right);
  }

  sideRows(from: number, to: number, said: SideRowSaid): void {
    const { side } = this.maker.now();
    this.beginAhead(said.round === 'joined' || said.round === 'spiral' || side === 'WS');
    const now = this.maker.now();
    this.agree(from, now.n + 1, 'the next row');
    if (said.round) now.round = said.round;
    while (now.n < to) {
      const { steps, by } = this.motif.row(said);
      this.maker.row(steps, { by });
    }
  }

  /** A row with chains over stitches that it passes over: so many before them as it meets them, and after. */
  slitRow(row: number, { first, over, last }: { first: number; over: number; last: number }): void {
    const now = this.maker.now();
    this.agree(row, now.n + 1, 'the next row');
    this.agree(first + over + last, now.count, 'the stitches of the row below');
    this.maker.slit(this.maker.nextSide(now) === 'RS' ? last : first, over);
  }

  /** Rounds that decrease at one place in some of them: in the first that is said, then in every so manieth. */
  roundsByTurns(
    from: number,
    to: number,
    { first, every, times }: { first: number; every: number; times: number },
  ): void {
    const now = this.maker.now();
    this.agree(from, now.n + 1, 'the next round');
    let done = 0;
    while (now.n < to) {
      if (done < times && now.n + 1 === first + done * every) {
        const { steps, by } = this.motif.roundByTurns(now.count, done);
        this.maker.row(steps, { by });
        done += 1;
      } else this.maker.change(0);
    }
    this.agree(done, times, 'the rounds that decrease');
  }

  /** Where the corners lie, from left to right, and which of them are outer ones. */
  placeCorners(sides: readonly number[], outer: readonly boolean[]): void {
    this.agree(
      sides.reduce((all, side) => all + side, 0) + outer.length,
      this.maker.now().count,
      'the stitches between the corners',
    );
    this.corners = { sides, outer };
  }

  /** Rows that shape at every corner; `words` say by how much, and `spare` what the first has more where it begins. */
  cornerRows(from: number, to: number, { words, spare }: { words: string; spare: number }): void {
    if (!this.corners) throw new ReadFault('where the corners lie is not said');
    this.agree(from, this.maker.now().n + 1, 'the next row');
    const { outer } = this.corners;
    const by = cornersInWords(words, outer);
    for (let row = from; row <= to; row += 1) {
      const shaping: CornerShaping = { sides: this.corners.sides, by, spare: row === from ? spare : 0 };
      this.maker.atCorners(shaping);
      this.corners = { outer, sides: cornersAfter(shaping, 1) };
    }
  }
  private corners: { sides: readonly number[]; outer: readonly boolean[] } | null = null;

  finishSteps(): void {
    if (this.stepsUntil > 0) this.maker.even(this.stepsUntil);
    this.stepsUntil = 0;
  }

  countAfter(row: number): number {
    return this.maker.rows.findLast(({ n }) => n === row)?.count ?? NaN;
  }

  /** What a sentence ends: short rows that no row closes, and the few shaping rows of a yoke. */
  settle(text: string): void {
    if (!text.startsWith('Next ')) this.workShortRows(false);
    if (!/^(?:Row|Rnd) \S+: (?:(?:inc|dec) at|widen|part the)/.test(text)) this.finishSteps();
  }
}
