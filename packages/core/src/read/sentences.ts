import type { RoundWay } from '../work/rows.js';
import { readInstructions, workInstructions } from './instructions.js';
import { ReadFault, type Side } from './maker.js';
import { sum, type PieceReader } from './pieceReader.js';
import { readRates, readRows } from './rates.js';

const STITCH = '(?:esc|hdc|sc|dc|tr)';
const COUNT = String.raw`\((\d+) sts?\)`;
const WAYS: Record<string, RoundWay> = { join: 'joined', 'join, turn': 'turned', 'go on': 'spiral' };
/** Above an armhole the neck edge of a front stays where it was. */
const ABOVE = /^Above /;
/** Between the front and the back of a half lies the armhole; their necks are at their outer edges. */
const OF_HALF = /^The (?:front|back)$/;
const opposite = (side: Side): Side => (side === 'left' ? 'right' : 'left');
const END = '(turn|join, turn|join|go on)';

/** What is worked at one line, on how many of its sides, and whether each side gains or loses. */
function besideOne(words: string): { gained: number; sides: number } {
  const losing = new RegExp(`${STITCH}2tog (before it)( and after it)?`).exec(words);
  if (losing) return { gained: -1, sides: losing[2] ? 2 : 1 };
  const gaining = [...words.matchAll(new RegExp(`(\\d+) ${STITCH} in (?:that|the)(?: next)? st`, 'g'))];
  if (gaining.length > 0) return { gained: sum(gaining) - gaining.length > 0 ? 1 : 0, sides: gaining.length };
  // Told by sides: as many as "the sides gain", or the new stitches of either side in the space.
  return { gained: 1, sides: /the one side, .+ the other side|as the sides gain/.test(words) ? 2 : 0 };
}

/** What is worked at one end of a shaped row or round; the number of stitches that it changes there. */
const atEnd = (end: 'first' | 'last') =>
  `(?:2 ${STITCH} in (?:the ${end} st|each of the ${end} (\\d+) sts?)|${STITCH}2tog (?:(\\d+) times )?over the ${end} \\d+ sts?)`;

export interface Sentence {
  form: RegExp;
  read: (found: RegExpExecArray, reader: PieceReader) => void;
}

/**
 * The sentences that pieces are written in, in US terms, for one size. Each is read by what it says to a maker; none is looked up
 * in the plan.
 */
export const SENTENCES: readonly Sentence[] = [
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
        sum(parts!.matchAll(/in the (\d+) sts? of/g)) + sum(parts!.matchAll(/ch (\d+) for/g)),
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
    form: /^The panel of (\d+) sts? lies in the middle, (\d+) sts? plain on either side of it; /,
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
      `^Row (\\d+): change to .+ hook; ${STITCH} in each st(?:, increasing (\\d+) sts? spread evenly)?(?:, decreasing (\\d+) sts? spread evenly)?; turn\\. ${COUNT}$`,
    ),
    read: ([, row, more, fewer, stitches], reader) => {
      reader.maker.even(Number(row) - 1);
      reader.maker.change(Number(more ?? 0) - Number(fewer ?? 0));
      reader.ends(Number(row), Number(stitches));
    },
  },
  {
    form: /^(.+), from row (\d+) on: skip (\d+) sts? where the row begins, rejoin the yarn in the next st and work (\d+) sts?(?:; leave the last (\d+) sts? unworked)?\.$/,
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
    form: /^(.+): go on over the first (\d+) sts? only from row (\d+) on; leave the other (\d+) sts? unworked\.$/,
    read: ([, label, take, row, leave], reader) => {
      const from = reader.maker.now();
      reader.agree(Number(row), from.n + 1, `the row of ${label}`);
      reader.agree(Number(take) + Number(leave), from.count, `what ${label} leaves and takes`);
      const right = reader.maker.nextSide(from) === 'RS';
      const division: Side = right ? 'left' : 'right';
      const inner = OF_HALF.test(label!) ? opposite(division) : division;
      reader.goOn(
        from,
        right ? Number(leave) : 0,
        Number(take),
        false,
        ABOVE.test(label!) ? from.inner : inner,
      );
    },
  },
  {
    form: /^(.+): (?:skip (\d+) sts? of the last full row in the middle, )?rejoin the yarn in the next st and work the last (\d+) sts? from row (\d+) on\.$/,
    read: ([, label, skip, take, row], reader) => {
      const other = reader.maker.now().parent;
      if (!other) throw new ReadFault(`${label} has no first part beside it`);
      const { part: from, at } = other;
      reader.agree(Number(row), from.n + 1, `the row of ${label}`);
      const onTheLeft = at > 0;
      const division: Side = onTheLeft ? 'right' : 'left';
      const between = onTheLeft ? at - Number(take) : from.count - Number(take) - other.take;
      reader.agree(Number(skip ?? 0), between, `what ${label} skips`);
      reader.goOn(
        from,
        onTheLeft ? 0 : from.count - Number(take),
        Number(take),
        true,
        OF_HALF.test(label!) ? opposite(division) : division,
      );
    },
  },
  {
    form: /^.+, short rows (\d+)–(\d+), turning at both ends, one after the other over these sts of the last full (?:row|rnd), counted from the left of its right side \(.+\): (.+)$/,
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
    form: /^.+, short rows (\d+)–(\d+): begin where the last (?:row|rnd) ended, turn at the end of each row, and work so many sts, one row after the other: (.+)$/,
    read: ([, first, last, list], reader) =>
      reader.shortRowsFromYarn(Number(first), Number(last), list!.split(', ').map(Number)),
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
        [...parts!.matchAll(/work (\d+) sts?(?:, ch (\d+))?/g)].map(([, take, chains]) => ({
          take: Number(take),
          chains: Number(chains ?? 0),
        })),
        { anew: anew !== undefined, shaped: shaped !== undefined, round: WAYS[end!] },
        Number(stitches),
      ),
  },
  {
    form: new RegExp(
      `^(Increase|Decrease) (?:row|rnd): ${atEnd('first')}, .+ to the last (?:st|\\d+ sts?), ${atEnd('last')}\\.$`,
    ),
    read: ([, way, more, fewer, moreAfter, fewerAfter], reader) => {
      const many = Number(more ?? fewer ?? 1) + Number(moreAfter ?? fewerAfter ?? 1);
      reader.step = way === 'Increase' ? many : -many;
    },
  },
  {
    form: new RegExp(
      `^(Increase|Decrease) (?:row|rnd): (?:2 ${STITCH} in one st|${STITCH}2tog) at (?:(\\d+) places?|so many places) spread evenly`,
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
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: (?:inc|dec) .+ in some (?:row|rnd)s, work the other (?:row|rnd)s even \((\d+) sts? at the end\): (.+)$/,
    read: ([, from, to, stitches, list], reader) => {
      const rows = list === 'none' ? [] : readRows(list!);
      reader.shapedRows(from!, to, rows && new Map(rows.map((row) => [row, 1])), Number(stitches));
    },
  },
  {
    form: new RegExp(
      `^To (add|take off) 1 st: (?:(\\d+) ${STITCH} in the st|${STITCH}2tog over the (\\d+) sts) at .+\\.$`,
    ),
    read: ([, way, into, over], reader) => {
      const by = into ? Number(into) - 1 : 1 - Number(over);
      reader.agree(way === 'add' ? 1 : -1, by, 'what is worked at the edge for 1 st');
      reader.edgeWays.add(by);
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, shaped, the other (?:row|rnd)s even \((\d+) sts? at the end\): (.+)$/,
    read: ([, from, to, stitches, list], reader) => reader.edgeRows(from!, to, list!, Number(stitches)),
  },
  {
    form: /^Work as the .+, with .+ at its other end\. \((\d+) sts?\)$/,
    read: ([, stitches], reader) => reader.asBefore(Number(stitches)),
  },
  {
    form: /^Counts after (?:these|the shaping) (?:row|rnd)s: (.+)\.$/,
    read: ([, list], reader) => {
      for (const [, row, stitches] of list!.matchAll(/(?:row|rnd) (\d+): (\d+) sts?/g))
        reader.agree(Number(stitches), reader.countAfter(Number(row)), `the count after row ${row}`);
    },
  },
  {
    form: /^(?:Row|Rnd)s (–|\d+)(?:–(\d+))?: work even but for these\.$/,
    read: ([, , to], reader) => (reader.stepsUntil = Number(to ?? 0)),
  },
  {
    form: new RegExp(`^(?:Row|Rnd) (–|\\d+): (?:inc|dec) at (\\d+) places?(.*?); ${END}\\. ${COUNT}$`),
    read: ([, row, places, , , stitches], reader) => {
      if (row === '–') return;
      reader.maker.even(Number(row) - 1);
      reader.maker.change(Number(places) * Math.sign(reader.step));
      reader.ends(Number(row), Number(stitches));
    },
  },
  {
    form: new RegExp(
      `^(?:Increase|Shaping) (?:row|rnd): \\*(?:(.+); repeat from \\* at (?:each of the (\\d+) lines|the other side), work to the end)\\.`,
    ),
    read: ([, atOne, places], reader) => {
      const { gained, sides } = besideOne(atOne!);
      reader.agree(2, sides, 'the sides of a line that shape');
      reader.lineSign = gained;
      // Of each line one side is the body's, the other the sleeve's; of a side marker both are the body's.
      reader.placesBeside = places ? Number(places) : 2 * sides;
    },
  },
  {
    form: new RegExp(
      `^At a front edge work (\\d+) ${STITCH} in the edge st for 1 st(, and ch as many as are to be gained for more, to be worked into in the next row)?\\.$`,
    ),
    read: ([, into, chains], reader) => {
      reader.agree(1, Number(into) - 1, 'what is worked at a front edge for 1 st');
      reader.chainsAtEdge = chains !== undefined;
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: go on with the (increases|decreases) at the lines as begun\.$/,
    read: ([, from, , way], reader) => {
      if (from !== '–') reader.agree(Number(from), reader.maker.now().n + 1, 'the next row');
      reader.agree(way === 'increases' ? 1 : -1, reader.lineSign, 'the way of the shaping as begun');
      if (reader.lines.size === 0) throw new ReadFault('no shaping at lines was begun');
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, the (?:row|rnd)s that (inc|dec):$/,
    read: ([, , , way], reader) => {
      reader.lines.clear();
      reader.agree(way === 'inc' ? 1 : -1, reader.lineSign, 'the way in which these rows shape');
    },
  },
  {
    form: /^(On the body’s side of each line|On the sleeve’s side of each line|At each front edge|At both sides of each side marker): (.+?)\.?$/,
    read: ([, side, rates], reader) => reader.beside(side!, rates!),
  },
  {
    form: /^Work the other (?:row|rnd)s even; each (?:row|rnd) ends: .+\. After (?:row|rnd) (\d+): (\d+) sts? \((.+)\)\.$/,
    read: ([, row, stitches, parts], reader) => reader.lineRows(Number(row), Number(stitches), parts!),
  },
  {
    form: /^Tail(?:, .+ piece)?: leave (.+) (?:cm|in) at the (?:beginning|end) for the seam “(.+)”\.$/,
    read: ([, length, seam], reader) => {
      // Figures of a tail are for a size; it has none where its seam takes another's.
      if (!/[1-9]/.test(length!)) return;
      if (reader.seams && !reader.seams.has(seam!)) throw new ReadFault(`no seam “${seam}” is joined`);
    },
  },
  {
    form: /^Buttonholes, on the (?:right|left) front band only, in place of its row (–|\d+): (.+)$/,
    read: ([, row, list], reader) => {
      // They do not fit in this size.
      if (row === '–') return;
      const below = reader.countAfter(Number(row) - 1);
      const worked = workInstructions(readInstructions(list!), below);
      if (!worked.ok) throw new ReadFault(`the row of buttonholes: ${worked.message}`);
      reader.agree(worked.count, reader.countAfter(Number(row)), 'the row of buttonholes');
    },
  },
  { form: /^Fasten off/, read: (_, reader) => reader.finishSteps() },
];
