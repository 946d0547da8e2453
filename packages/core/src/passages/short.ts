import { stitchOf, type Stitch } from '../fabric/fabric.js';
import { ReadFault } from '../read/maker.js';
import { tablesOf } from '../read/ofSize.js';
import { COUNT } from '../read/words.js';
import type { ShortRows } from '../shaping/shortRows.js';
import { ordinal } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { Row, Take } from '../work/rows.js';
import { gradedStitches } from '../stitch/graded.js';
import { heightOf, isStitchKind } from '../stitch/kinds.js';
import { line, NONE, tableOf, type Line } from '../write/line.js';
import { rangeInWords, type RowWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import { shortInPattern } from './inPattern.js';
import type { Reached } from './pieceSoFar.js';
import type { PartState, RowMaker } from './rowMaker.js';

/** Short rows over the last row, and the row that closes them. */
export interface Short {
  kind: 'short';
  part: string;
  shortRows: ShortRows;
  label: string;
  /** Stitches that fall to the lowest before and after each turn inside the row below. */
  graded?: number;
}

/** What each short row goes over, from a list or a table. */
function spansIn(list: string): string[] {
  if (!list.startsWith('|| ')) return list.split(', ');
  return tablesOf(` ${list}`).flatMap(({ rows }) =>
    rows.map(([label, span], i) => {
      if (label !== `${ordinal(i + 1)} short row`) throw new ReadFault(`“${label}” is out of order`);
      return span;
    }),
  );
}

export const short: PassageKind<Short> = {
  rows: ({ part, shortRows, graded = 0 }, maker) => workShort(maker, maker.part(part), shortRows, graded),
  words: (all, soFar) => {
    const { part } = all[0]!;
    const before = soFar.of(part);
    const reached = all.map(({ shortRows: { rows, closing } }, size) => ({
      n: before[size]!.n + rows.length + (closing ? 1 : 0),
      count: before[size]!.count,
    }));
    soFar.reach(part, reached);
    const numbers = (of: readonly Reached[]) => of.map(({ n }) => n);
    return [
      ...gradedWords(all, stitchOf(soFar.fabric)),
      ...writeShort(all, before, soFar.wordsOf(part)),
      ...shortInPattern(part, numbers(before), numbers(reached), soFar),
    ];
  },
  sentences: [
    {
      form: new RegExp(
        `^Leave no step where a short row turns inside the work: (.+) before the turn, (.+) after it\\.$`,
      ),
      read: ([, before, after], reader) => {
        reader.graded = readGraded(before!);
        if (readGraded([...after!.split(', ')].reverse().join(', ')) !== reader.graded)
          throw new ReadFault('the stitches before and after a turn are not alike');
      },
    },
    {
      form: /^.+, short rows (\d+)–(\d+), turning at both ends, one after the other over these sts of the last full (?:row|rnd), counted from the left of its right side \(.+\): (.+)$/,
      read: ([, first, last, list], reader) =>
        reader.shortRows(
          Number(first),
          Number(last),
          spansIn(list!).map((span) => {
            const [from, to] = span.split('–').map(Number);
            return { from: from! - 1, to: to! };
          }),
        ),
    },
    {
      form: /^.+, short rows (\d+)–(\d+): begin where the last (?:row|rnd) ended, turn at the end of each row, and work so many sts, one row after the other: (.+)$/,
      read: ([, first, last, list], reader) =>
        reader.shortRowsFromYarn(Number(first), Number(last), spansIn(list!).map(Number)),
    },
    {
      form: /^.+, short rows (\d+)–(\d+), turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: (.+)$/,
      read: ([, first, last, list], reader) =>
        reader.shortRows(
          Number(first),
          Number(last),
          spansIn(list!).map((span) => {
            const [before, after] = span.split('+').map(Number);
            return { from: -before!, to: after! };
          }),
        ),
    },
    {
      form: new RegExp(`^Next (?:row|rnd): work over all sts, closing the steps\\. ${COUNT}$`),
      read: ([, stitches], reader) => reader.closeShortRows(Number(stitches)),
    },
  ],
  inShort: ({ label, shortRows: { rows, closing }, graded = 0 }) =>
    `${label}: ${rows.length} short ${rows.length === 1 ? 'row' : 'rows'}${graded > 0 ? `, the last ${countOf(graded, 'stitch', 'stitches')} before and after each turn falling to the lowest` : ''}${closing ? ', closed by a row over all' : ''}`,
};

/** How the stitches beside a turn fall to the lowest: "hdc, sc before the turn, sc, hdc after it". */
function gradedWords(shorts: readonly Short[], stitch: Stitch): Line[] {
  if (shorts.every(({ graded = 0 }) => graded === 0)) return [];
  const falls = shorts.map(({ graded = 0 }) => {
    const kinds = gradedStitches(stitch, graded);
    const groups = [...new Set(kinds)].map((kind) => {
      const many = kinds.filter((one) => one === kind).length;
      return many > 1 ? `${many} ${kind}` : kind;
    });
    return groups.length > 0 ? groups : [stitch];
  });
  return [
    line`Leave no step where a short row turns inside the work: ${falls.map((all) => all.join(', '))} before the turn, ${falls.map((all) => [...all].reverse().join(', '))} after it.`,
  ];
}

/** How many stitches "2 dc, hdc, sc" are that fall to the lowest; a plain stitch alone does not fall. */
function readGraded(words: string): number {
  const groups = words.split(', ').map((one) => {
    const [, many, kind] = /^(?:(\d+) )?(\S+)$/.exec(one) ?? [];
    if (!kind || !isStitchKind(kind)) throw new ReadFault(`“${one}” is no stitch`);
    return { many: Number(many ?? 1), height: heightOf(kind) };
  });
  if (groups.length === 1 && groups[0]!.height > 1) return 0;
  groups.forEach(({ height }, i) => {
    if (height >= (groups[i - 1]?.height ?? Infinity)) throw new ReadFault(`“${words}” does not fall`);
  });
  return groups.reduce((sum, { many }) => sum + many, 0);
}

/**
 * Short rows leave stitches of older rows live beside them: each next row takes up what lies in its span. Over a round spans
 * may reach back across its joining: places below 0 lie before it.
 */
function workShort(
  maker: RowMaker,
  state: PartState,
  { stitches, rows: short, closing }: ShortRows,
  graded: number,
): void {
  /** What lies on the hook from left to right: rows and the places of their stitches, one for each stitch of the base. */
  const surface: { n: number; at: number }[] = Array.from({ length: stitches }, (_, at) => ({
    n: state.n,
    at,
  }));
  const spanOf = (from: number, to: number): Take[] => {
    const takes: Take[] = [];
    for (let i = from; i < to; i += 1) {
      const { n, at } = surface[(i + stitches) % stitches]!;
      const last = takes.at(-1);
      if (last?.n === n && last.at + last.take === at) last.take += 1;
      else takes.push({ part: state.name, n, take: 1, at });
    }
    return takes;
  };
  const cover = (from: number, to: number, flat: boolean) => {
    // The ends of the full row, and the joining of a round, are no turns inside the piece.
    const fall = (place: number) => (flat && place % stitches !== 0 ? graded : 0);
    const falls: Row['graded'] = [fall(from), fall(to)];
    maker.row(state, [{ do: 'work', times: to - from }], 0, {
      from: spanOf(from, to),
      flat,
      ...(falls.some((many) => many > 0) ? { graded: falls } : {}),
    });
    for (let i = from; i < to; i += 1) surface[(i + stitches) % stitches] = { n: state.n, at: i - from };
  };
  short.forEach(({ from, to }, i) => {
    // The first short row begins inside the full row: the yarn is joined there unless it hangs at that end.
    if (i === 0) {
      const yarn = state.round ? 0 : state.side === 'RS' ? 0 : stitches;
      const begin = state.side === 'RS' ? from : to;
      state.rejoin ||= begin !== yarn;
    }
    cover(from, to, true);
  });
  if (!closing) return;
  const last = short.at(-1);
  const end = state.side === 'RS' ? (last?.from ?? 0) : (last?.to ?? stitches);
  if (!state.round) state.rejoin ||= end !== (state.side === 'RS' ? 0 : stitches);
  cover(0, stitches, false);
}

/** Short rows as a table of turning points: the stitches over which each row goes. */
function writeShort(shorts: readonly Short[], before: readonly Reached[], words: RowWords): Line[] {
  const { label } = shorts[0]!;
  /** Spans that reach back across the joining of a round are counted from there. */
  const ring = shorts.some(({ shortRows: { rows } }) => rows.some(({ from }) => from < 0));
  const going = shorts.every(({ shortRows }) => followsYarn(shortRows));
  const spans = shorts.map(({ shortRows: { rows } }) =>
    rows.map(({ from, to }) => (ring ? `${-from}+${to}` : going ? String(to - from) : `${from + 1}–${to}`)),
  );
  const most = Math.max(...spans.map(({ length }) => length));
  const list: Line =
    shorts.length === 1
      ? [` ${spans[0]!.join(', ')}`]
      : [
          tableOf(
            'sts of each short row',
            Array.from({ length: most }, (_, i) => ({
              label: `${ordinal(i + 1)} short row`,
              each: spans.map((of) => of[i] ?? NONE),
            })),
          ),
        ];
  const ranges = shorts.map(({ shortRows: { rows } }, size) =>
    rangeInWords(before[size]!.n + 1, before[size]!.n + rows.length),
  );
  const lines = ring
    ? [
        line`${label}, short rows ${ranges}, turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other:${{ inline: list }}`,
      ]
    : going
      ? [
          line`${label}, short rows ${ranges}: begin where the last ${words.short} ended, turn at the end of each row, and work so many sts, one row after the other:${{ inline: list }}`,
        ]
      : [
          line`${label}, short rows ${ranges}, turning at both ends, one after the other over these sts of the last full ${words.short}, counted from the left of its right side (fasten off and join the yarn anew where a row begins away from it):${{ inline: list }}`,
        ];
  if (shorts[0]!.shortRows.closing)
    lines.push(
      line`Next ${words.short}: work over all sts, closing the steps. (${before.map(({ count }) => count)} sts)`,
    );
  return lines;
}

/**
 * Whether every short row begins where the yarn hangs: the first at an end of the full row, each other where the one before it was turned.
 */
function followsYarn({ rows, stitches }: ShortRows): boolean {
  const follows = (leftwards: boolean) => {
    let [yarn, left] = [leftwards ? stitches : 0, leftwards];
    return rows.every(({ from, to }) => {
      const begins = (left ? to : from) === yarn;
      yarn = left ? from : to;
      left = !left;
      return begins;
    });
  };
  return follows(true) || follows(false);
}
