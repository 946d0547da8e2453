import type { RoundWay, Row } from '../work/rows.js';
import { Maker, ReadFault, type PartMade, type Side, type United } from './maker.js';
import { readInstructions, workInstructions } from './instructions.js';
import { readAmounts, readRates, readRows } from './rates.js';

const STITCH = '(?:esc|hdc|sc|dc|tr)';
const COUNT = String.raw`\((\d+) sts\)`;
const WAYS: Record<string, RoundWay> = { join: 'joined', 'join, turn': 'turned', 'go on': 'spiral' };
/** Above an armhole the neck edge of a front stays where it was. */
const ABOVE = /^Above /;
const END = '(turn|join, turn|join|go on)';

/** Sums of numbers that a sentence lists, each after a stitch or before a name. */
const sum = (numbers: Iterable<RegExpMatchArray>, group = 1) =>
  [...numbers].reduce((all, found) => all + Number(found[group] ?? 0), 0);

interface Sentence {
  form: RegExp;
  read: (found: RegExpExecArray, reader: PieceReader) => void;
}

/**
 * The sentences that pieces are written in, in US terms, for one size. Each is read by what it says to a maker; none is looked up
 * in the plan.
 */
const SENTENCES: readonly Sentence[] = [
  { form: /^Ch (\d+)\.$/, read: ([, chains], reader) => (reader.chain = Number(chains)) },
  {
    form: /^Ch (\d+); join with a sl st to a ring without twisting it\.$/,
    read: ([, chains], reader) => (reader.chain = Number(chains)),
  },
  {
    form: new RegExp(
      `^Row 1 \\(RS\\): ${STITCH} in the (\\d+)(?:st|nd|rd|th) ch from the hook( \\(what is skipped counts as the first st\\))?(?: \\(without a chain before it\\))? and in each ch to the end; turn\\. ${COUNT}$`,
    ),
    read: ([, first, counts, stitches], reader) =>
      reader.start(Number(stitches), reader.chain - (Number(first) - 1) + (counts ? 1 : 0)),
  },
  {
    form: new RegExp(`^Row 1 \\(RS\\): ${STITCH} in each st; turn\\. ${COUNT}$`),
    read: ([, stitches], reader) => reader.start(Number(stitches), reader.chain),
  },
  {
    form: new RegExp(
      `^Row 1 \\(RS\\): work (\\d+) foundation ${STITCH}, without a chain before; turn\\. ${COUNT}$`,
    ),
    read: ([, made, stitches], reader) => reader.start(Number(stitches), Number(made)),
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) 1 \\(RS\\): pick up and work (\\d+) ${STITCH} evenly along .+; ${END}\\. ${COUNT}$`,
    ),
    read: ([, made, end, stitches], reader) => reader.start(Number(stitches), Number(made), WAYS[end!]),
  },
  {
    form: new RegExp(`^Rnd 1 \\(RS\\): ${STITCH} in each ch round; ${END}\\. ${COUNT}$`),
    read: ([, end, stitches], reader) => reader.start(Number(stitches), reader.chain, WAYS[end!]),
  },
  {
    form: new RegExp(`^(?:Row|Rnd) 1 \\(RS\\), over .+: join the yarn and work (.+); ${END}\\. ${COUNT}$`),
    read: ([, parts, end, stitches], reader) =>
      reader.start(
        Number(stitches),
        sum(parts!.matchAll(/in the (\d+) sts of/g)) + sum(parts!.matchAll(/ch (\d+) for/g)),
        WAYS[end!],
      ),
  },
  {
    form: /^Place a marker wherever the next part begins, .+?: (.+)\. Move the markers up in every (?:row|rnd)\.$/,
    read: ([, parts], reader) =>
      reader.agree(
        sum(parts!.matchAll(/(?:^|, )(\d+) /g)),
        reader.maker.now().count,
        'the parts between markers',
      ),
  },
  {
    form: /^Place a marker at both ends of row (\d+): .+\.$/,
    read: ([, row], reader) => reader.agree(Number(row), reader.maker.now().n, 'the row with markers'),
  },
  {
    form: /^The panel of (\d+) sts lies in the middle, (\d+) sts plain on either side of it; /,
    read: ([, panel, beside], reader) =>
      reader.agree(
        Number(panel) + 2 * Number(beside),
        reader.maker.now().count,
        'panel and what lies beside it',
      ),
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd)s? (–|\\d+)(?:–(\\d+))?: (?:in pattern|${STITCH} in each st); ${END}\\. ${COUNT}$`,
    ),
    read: ([, from, to, , stitches], reader) => reader.evenRows(from!, to, Number(stitches)),
  },
  {
    form: new RegExp(
      `^Row (\\d+): change to .+ hook; ${STITCH} in each st(?:, increasing (\\d+) sts spread evenly)?(?:, decreasing (\\d+) sts spread evenly)?; turn\\. ${COUNT}$`,
    ),
    read: ([, row, more, fewer, stitches], reader) => {
      reader.maker.even(Number(row) - 1);
      reader.maker.change(Number(more ?? 0) - Number(fewer ?? 0));
      reader.ends(Number(row), Number(stitches));
    },
  },
  {
    form: /^(.+), from row (\d+) on: skip (\d+) sts where the row begins, rejoin the yarn in the next st and work (\d+) sts(?:; leave the last (\d+) sts unworked)?\.$/,
    read: ([, label, row, skip, take, leave], reader) => {
      const from = reader.maker.now();
      reader.agree(Number(row), from.n + 1, `the row of ${label}`);
      reader.agree(
        Number(skip) + Number(take) + Number(leave ?? 0),
        from.count,
        `what ${label} leaves and takes`,
      );
      const right = reader.maker.nextSide(from) === 'RS';
      const begins: Side = right ? 'right' : 'left';
      reader.goOn(
        from,
        right ? Number(leave ?? 0) : Number(skip),
        Number(take),
        true,
        ABOVE.test(label!) ? from.inner : begins,
      );
    },
  },
  {
    form: /^(.+): go on over the first (\d+) sts only from row (\d+) on; leave the other (\d+) sts unworked\.$/,
    read: ([, label, take, row, leave], reader) => {
      const from = reader.maker.now();
      reader.agree(Number(row), from.n + 1, `the row of ${label}`);
      reader.agree(Number(take) + Number(leave), from.count, `what ${label} leaves and takes`);
      const right = reader.maker.nextSide(from) === 'RS';
      const ends: Side = right ? 'left' : 'right';
      reader.goOn(
        from,
        right ? Number(leave) : 0,
        Number(take),
        false,
        ABOVE.test(label!) ? from.inner : ends,
      );
    },
  },
  {
    form: /^(.+): (?:skip (\d+) sts of the last full row in the middle, )?rejoin the yarn in the next st and work the last (\d+) sts from row (\d+) on\.$/,
    read: ([, label, skip, take, row], reader) => {
      const other = reader.maker.now().parent;
      if (!other) throw new ReadFault(`${label} has no first part beside it`);
      const { part: from, at } = other;
      reader.agree(Number(row), from.n + 1, `the row of ${label}`);
      const onTheLeft = at > 0;
      const between = onTheLeft ? at - Number(take) : from.count - Number(take) - other.take;
      reader.agree(Number(skip ?? 0), between, `what ${label} skips`);
      reader.goOn(
        from,
        onTheLeft ? 0 : from.count - Number(take),
        Number(take),
        true,
        onTheLeft ? 'right' : 'left',
      );
    },
  },
  {
    form: /^.+, short rows (\d+)–(\d+), turning at both ends, one after the other over these sts of the last full (?:row|rnd) \(.+\): (.+)$/,
    read: ([, first, last, list], reader) =>
      reader.shortRows(
        Number(first),
        Number(last),
        list!.split(', ').map((span) => {
          const [from, to] = span.split('–').map(Number);
          return { from: from! - 1, to: to! };
        }),
      ),
  },
  {
    form: /^.+, short rows (\d+)–(\d+), turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: (.+)$/,
    read: ([, first, last, list], reader) =>
      reader.shortRows(
        Number(first),
        Number(last),
        list!.split(', ').map((span) => {
          const [before, after] = span.split(' + ').map(Number);
          return { from: -before!, to: after! };
        }),
      ),
  },
  {
    form: new RegExp(`^Next (?:row|rnd): work over all sts, closing the steps\\. ${COUNT}$`),
    read: ([, stitches], reader) => reader.closeShortRows(Number(stitches)),
  },
  {
    form: new RegExp(
      `^.+, (?:row|rnd) (\\d+)( \\(fasten off; .+?\\))?: (work .+?)(, with the increases at the lines as they fall)?; ${END}\\. ${COUNT}$`,
    ),
    read: ([, row, anew, parts, shaped, end, stitches], reader) =>
      reader.unite(
        Number(row),
        [...parts!.matchAll(/work (\d+) sts(?:, ch (\d+))?/g)].map(([, take, chains]) => ({
          take: Number(take),
          chains: Number(chains ?? 0),
        })),
        { anew: anew !== undefined, shaped: shaped !== undefined, round: WAYS[end!] },
        Number(stitches),
      ),
  },
  {
    form: new RegExp(
      `^(Increase|Decrease) (?:row|rnd): (?:2 ${STITCH} in the first st|${STITCH}2tog over the first 2 sts), .+ to the last (?:st|2 sts), (?:2 ${STITCH} in the last st|${STITCH}2tog over the last 2 sts)\\.$`,
    ),
    read: ([, way], reader) => (reader.step = way === 'Increase' ? 2 : -2),
  },
  {
    form: new RegExp(
      `^(Increase|Decrease) (?:row|rnd): (?:2 ${STITCH} in one st|${STITCH}2tog) at (?:(\\d+) places|so many places) spread evenly`,
    ),
    read: ([, way, places], reader) => (reader.step = Number(places ?? 1) * (way === 'Increase' ? 1 : -1)),
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd)s? (–|\\d+)(?:–(\\d+))?: (?:inc|dec) [^:]*?(every .+, counted from (?:row|rnd) \\d+|work even, counted from (?:row|rnd) \\d+|in (?:row|rnd)s .+, counted from (?:row|rnd) \\d+); work the other (?:row|rnd)s even\\. ${COUNT}$`,
    ),
    read: ([, from, to, rates, stitches], reader) => {
      const listed = /^in (?:row|rnd)s (.+), counted/.exec(rates!);
      const rows = rates!.startsWith('work even')
        ? new Map<number, number>()
        : listed
          ? new Map(readRows(listed[1]!)?.map((row) => [row, 1]))
          : readRates(rates!);
      reader.shapedRows(from!, to, rows, Number(stitches));
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: (?:inc|dec) .+ in some (?:row|rnd)s, work the other (?:row|rnd)s even \((\d+) sts at the end\): (.+)$/,
    read: ([, from, to, stitches, list], reader) => {
      const rows = list === 'none' ? [] : readRows(list!);
      reader.shapedRows(from!, to, rows && new Map(rows.map((row) => [row, 1])), Number(stitches));
    },
  },
  { form: /^To (?:add|take off) 1 st: /, read: () => undefined },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, shaped, the other (?:row|rnd)s even \((\d+) sts at the end\): (.+)$/,
    read: ([, from, to, stitches, list], reader) => reader.edgeRows(from!, to, list!, Number(stitches)),
  },
  {
    form: /^Work as the .+, with .+ at its other end\. \((\d+) sts\)$/,
    read: ([, stitches], reader) => reader.asBefore(Number(stitches)),
  },
  {
    form: /^Counts after (?:these|the shaping) (?:row|rnd)s: (.+)\.$/,
    read: ([, list], reader) => {
      for (const [, row, stitches] of list!.matchAll(/(?:row|rnd) (\d+): (\d+) sts/g))
        reader.agree(Number(stitches), reader.countAfter(Number(row)), `the count after row ${row}`);
    },
  },
  {
    form: /^(?:Row|Rnd)s (–|\d+)(?:–(\d+))?: work even but for these\.$/,
    read: ([, , to], reader) => (reader.stepsUntil = Number(to ?? 0)),
  },
  {
    form: new RegExp(`^(?:Row|Rnd) (–|\\d+): (?:inc|dec) at (\\d+) places(.*?); ${END}\\. ${COUNT}$`),
    read: ([, row, places, , , stitches], reader) => {
      if (row === '–') return;
      reader.maker.even(Number(row) - 1);
      reader.maker.change(Number(places) * Math.sign(reader.step));
      reader.ends(Number(row), Number(stitches));
    },
  },
  { form: /^(?:Increase|Decrease|Shaping) (?:row|rnd): \*/, read: () => undefined },
  { form: /^At a front edge /, read: () => undefined },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: go on with the (?:increases|decreases) at the lines as begun\.$/,
    read: () => undefined,
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, the (?:row|rnd)s that (inc|dec):$/,
    read: ([, , , way], reader) => {
      reader.lines.clear();
      reader.lineSign = way === 'inc' ? 1 : -1;
    },
  },
  {
    form: /^(On the body’s side of each line|On the sleeve’s side of each line|At each front edge|At both sides of each side marker): (.+?)\.?$/,
    read: ([, side, rates], reader) => reader.beside(side!, rates!),
  },
  {
    form: /^Work the other (?:row|rnd)s even; each (?:row|rnd) ends: .+\. After (?:row|rnd) (\d+): (\d+) sts \((.+)\)\.$/,
    read: ([, row, stitches, parts], reader) => reader.lineRows(Number(row), Number(stitches), parts!),
  },
  {
    form: /^Tail(?:, .+ piece)?: leave .+ (?:cm|in) at the (?:beginning|end) for the seam /,
    read: () => undefined,
  },
  {
    form: /^Buttonholes, on the (?:right|left) front band only, in place of its row (\d+): (.+)$/,
    read: ([, row, list], reader) => {
      const below = reader.countAfter(Number(row) - 1);
      const worked = workInstructions(readInstructions(list!), below);
      if (!worked.ok) throw new ReadFault(`the row of buttonholes: ${worked.message}`);
      reader.agree(worked.count, reader.countAfter(Number(row)), 'the row of buttonholes');
    },
  },
  { form: /^Fasten off/, read: (_, reader) => reader.finishSteps() },
];

const EDGES = 'At each front edge';

/** On how many sides of lines or edges a sentence's shaping is worked. */
const SIDES_OF: Record<string, number> = {
  'On the body’s side of each line': 4,
  'On the sleeve’s side of each line': 4,
  [EDGES]: 2,
  'At both sides of each side marker': 4,
};

/** Reads one piece, sentence by sentence. */
class PieceReader {
  readonly maker: Maker;
  chain = 0;
  /** Stitches that a shaping row changes, as its sentence says. */
  step = 0;
  /** Row until which the few shaping rows of a round yoke are read, 0 outside. */
  stepsUntil = 0;
  /** Shaping beside lines: rows and times for each kind of side. */
  readonly lines = new Map<string, ReadonlyMap<number, number>>();
  lineSign = 1;
  private spans: { from: number; to: number }[] | null = null;
  private readonly done: PartMade[] = [];
  private shoulder: { to: number; list: string } | null = null;

  /** @param inner the side of the piece, seen from its right side, on which its neck edge lies */
  constructor(inner: Side) {
    this.maker = new Maker(inner);
  }

  agree(said: number, found: number, what: string): void {
    if (said !== found) throw new ReadFault(`${what}: ${said} is said, ${found} is there`);
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
    this.maker.even(Number(to ?? from));
    this.ends(Number(to ?? from), stitches);
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
    const both = Math.abs(this.step) === 2 && !this.maker.now().round;
    while (this.maker.now().n < last) {
      const shapes = rows.has(this.maker.now().n + 1);
      const each = Math.sign(this.step);
      if (shapes && both) this.maker.ends({ left: each, right: each });
      else this.maker.change(shapes ? this.step : 0);
    }
    this.ends(last, stitches);
  }

  edgeRows(from: string, to: string | undefined, list: string, stitches: number): void {
    if (from === '–') return;
    const last = Number(to ?? from);
    this.agree(Number(from), this.maker.now().n + 1, 'the next row');
    this.shoulder ??= { to: last, list };
    this.workEdges(last, list);
    this.ends(last, stitches);
  }

  asBefore(stitches: number): void {
    if (!this.shoulder) throw new ReadFault('nothing was shaped before');
    const { to, list } = this.shoulder;
    this.workEdges(to, list);
    this.ends(to, stitches);
  }

  /** "at the neck edge take off 2 sts in row 4, 1 st in row 6; at the same time, at the armhole edge add ...". */
  private workEdges(last: number, list: string): void {
    const { inner } = this.maker.now();
    const outer: Side = inner === 'left' ? 'right' : 'left';
    const at: Record<Side, ReadonlyMap<number, number>[]> = { left: [], right: [] };
    for (const one of list.split('; at the same time, ')) {
      if (one === 'work even') continue;
      const said = /^at (.+?) (add|take off) (.+)$/.exec(one);
      const amounts = said && readAmounts(said[3]!);
      if (!said || !amounts) throw new ReadFault(`“${one}” cannot be read`);
      const sign = said[2] === 'add' ? 1 : -1;
      const signed = new Map([...amounts].map(([row, amount]) => [row, sign * amount]));
      const sides: Side[] =
        said[1] === 'each edge'
          ? ['left', 'right']
          : [/upper/.test(said[1]!) ? 'right' : /armhole|side/.test(said[1]!) ? outer : inner];
      for (const side of sides) at[side].push(signed);
    }
    const inRow = (side: Side, row: number) => at[side].reduce((all, rows) => all + (rows.get(row) ?? 0), 0);
    while (this.maker.now().n < last) {
      const row = this.maker.now().n + 1;
      this.maker.ends({ left: inRow('left', row), right: inRow('right', row) });
    }
  }

  goOn(from: PartMade, at: number, take: number, rejoin: boolean, inner: Side): void {
    const before = this.maker.now();
    if (before !== from) this.done.push(before);
    this.maker.goOn(from, at, take, rejoin, inner);
  }

  shortRows(first: number, last: number, spans: { from: number; to: number }[]): void {
    this.agree(first, this.maker.now().n + 1, 'the first short row');
    this.agree(last - first + 1, spans.length, 'the number of short rows');
    this.spans = spans;
  }

  /** Short rows are worked when it is known whether a row closes them. */
  closeShortRows(stitches: number): void {
    this.workShortRows(true);
    this.agree(stitches, this.maker.now().count, 'the count after the short rows');
  }

  workShortRows(closing: boolean): void {
    if (!this.spans) return;
    this.maker.short(this.spans, closing);
    this.spans = null;
  }

  unite(
    row: number,
    takes: readonly { take: number; chains: number }[],
    { anew, shaped, round }: { anew: boolean; shaped: boolean; round: RoundWay | undefined },
    stitches: number,
  ): void {
    const last = this.maker.now();
    const by = shaped ? this.atLines(row) : 0;
    this.maker.unite(this.placesOf(takes, last), by, anew, round);
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

  beside(side: string, text: string): void {
    const rates = text.includes('counted from') ? readRates(text) : readAmounts(text);
    if (!rates) throw new ReadFault(`“${text}” cannot be read`);
    this.lines.set(side, rates);
  }

  /** What the lines change in a row; several stitches at a front edge are chains. */
  private atLines(row: number): number {
    let by = 0;
    for (const [side, rates] of this.lines) {
      const times = rates.get(row) ?? 0;
      if (side !== EDGES || times === 1) by += SIDES_OF[side]! * times;
    }
    return this.lineSign * by;
  }

  lineRows(last: number, stitches: number, parts: string): void {
    while (this.maker.now().n < last) {
      const row = this.maker.now().n + 1;
      const atEdge = this.lines.get(EDGES)?.get(row) ?? 0;
      this.maker.change(this.atLines(row), atEdge > 1 ? atEdge : 0);
    }
    this.ends(last, stitches);
    const [, line] = /, each line (\d+)$/.exec(parts) ?? [];
    const named = [...parts.replace(/, each line \d+$/, '').matchAll(/(?:^|, )[^,]*? (\d+)(?=,|$)/g)];
    this.agree(sum(named) + Number(line ?? 0) * (named.length - 1), stitches, 'the parts between the lines');
  }

  finishSteps(): void {
    if (this.stepsUntil > 0) this.maker.even(this.stepsUntil);
    this.stepsUntil = 0;
  }

  countAfter(row: number): number {
    return this.maker.rows.findLast(({ n }) => n === row)?.count ?? NaN;
  }

  read(text: string): void {
    for (const { form, read } of SENTENCES) {
      const found = form.exec(text);
      if (!found) continue;
      if (this.spans && !text.startsWith('Next ')) this.workShortRows(false);
      if (this.stepsUntil > 0 && !/^(?:Row|Rnd) \S+: (?:inc|dec) at/.test(text)) this.finishSteps();
      read(found, this);
      return;
    }
    throw new ReadFault('this sentence is not one that pieces are written in');
  }
}

/**
 * Reads the sentences of a piece for one size, in US terms, and makes its rows of them.
 *
 * @param heading of the section: which front a piece is says where its neck edge lies
 * @returns the rows in working order
 * @throws ReadFault with the sentence that cannot be read or does not come out
 */
export function readPiece(heading: string, lines: readonly string[]): Row[] {
  const reader = new PieceReader(heading.startsWith('Right front') ? 'right' : 'left');
  for (const text of lines) {
    try {
      reader.read(text.trimEnd());
    } catch (error) {
      if (error instanceof ReadFault) throw new ReadFault(`“${text}”: ${error.message}`);
      throw error;
    }
  }
  return reader.maker.rows;
}
