import { foundationExtra, turningOf } from '../fabric/fabric.js';
import { countedInWords } from '../fabric/units.js';
import { sum } from '../read/pieceReader.js';
import { COUNT, END, STITCH, WAYS } from '../read/words.js';
import { ordinal } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { RoundWay } from '../work/rows.js';
import { line, type Line } from '../write/line.js';
import type { RowWords } from '../write/rowWords.js';
import { chainsBeyond, type FabricStitches } from '../stitch/ofFabric.js';
import { countLine, firstRowWords, roundsOrRows } from './inPattern.js';
import type { PassageKind } from './kind.js';
import { motifCount } from './motifWords.js';
import { panelLine } from './panel.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** A foundation chain of `stitches` + `extra`, or stitches picked up along an edge (then `extra` is 0). */
export interface Start {
  kind: 'start';
  part: string;
  stitches: number;
  extra: number;
  along: string | null;
  /** What lies along there, from left to right: live stitches of another piece, or chains made between them. */
  over?: readonly { label: string; count: number; chain: boolean }[];
  round?: RoundWay;
  /** Stitches worked in each space along there, where it is the side of a motif in clusters. */
  inSpaces?: number;
}

export const start: PassageKind<Start> = {
  rows: ({ part, round, stitches }, maker) => {
    const state = maker.begin({
      name: part,
      n: 0,
      count: 0,
      first: null,
      side: 'WS',
      rejoin: false,
      ...(round ? { round } : {}),
    });
    maker.row(state, [{ do: 'cast', times: stitches }], 0, { add: stitches, from: [] });
  },
  words: (all, soFar) => {
    const { part, round } = all[0]!;
    soFar.reach(
      part,
      all.map(({ stitches }) => ({ n: 1, count: stitches })),
    );
    if (round) soFar.inRounds(part, round);
    return [...writeStart(all, soFar), ...panelLine(soFar.pieces, soFar.fabric)];
  },
  sentences: [
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
      form: new RegExp(
        `^Rnd 1 \\(RS\\), along .+?: (\\d+) ${STITCH} in each of the (\\d+) sps?, both corner sps at the shoulder as one; ${END}\\. ${COUNT}$`,
      ),
      read: ([, each, spaces, end, stitches], reader) =>
        reader.start(Number(stitches), Number(each) * Number(spaces), WAYS[end!]),
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
      form: /^The panel of (\d+) sts? lies in the middle, (\d+) sts? plain on either side of it; /,
      read: ([, panel, beside], reader) => {
        reader.said.panel = Number(panel);
        reader.agree(
          Number(panel) + 2 * Number(beside),
          reader.maker.now().count,
          'panel and what lies beside it',
        );
      },
    },
  ],
  inShort: ({ along, over, stitches, extra }, _, unit) => {
    const many = countedInWords(stitches, unit);
    if (along === null) return `Chain ${stitches + extra}, row 1 has ${many}`;
    if (!over) return `Pick up ${many} along ${along}`;
    const parts = over.map(({ count, chain }) => (chain ? countOf(count, 'chain') : count));
    return `Go on over ${along}: ${parts.join(' + ')} = ${many}`;
  },
};

/** How a piece begins: its chain or foundation and first row, stitches picked up, or live stitches of another piece. */
function writeStart(starts: readonly Start[], soFar: PieceSoFar): Line[] {
  const { fabric, stitches: of } = soFar;
  const { part, along, over, round } = starts[0]!;
  const words = soFar.wordsOf(part);
  const { stitch } = soFar;
  const turning = turningOf(fabric);
  const counts = starts.map(({ stitches }) => stitches);
  if (along !== null && over) return writeOver(starts, stitch, words);
  const { inSpaces } = starts[0]!;
  if (inSpaces !== undefined)
    return [
      line`Rnd 1 (RS), along ${along!}: ${String(inSpaces)} ${stitch} in each of the ${counts.map((count) => count / inSpaces)} sps, both corner sps at the shoulder as one; ${words.end}. ${{ inline: motifCount(counts, fabric, inSpaces) }}`,
    ];
  const markers = over ? [writeMarkers(starts, words)] : [];
  if (along === null && of.is === 'unknown') {
    const chain = round
      ? line`Ch ${counts}; join with a sl st to a ring without twisting it.`
      : line`Ch ${starts.map((start) => start.stitches + start.extra)}.`;
    return [
      chain,
      line`${words.one} 1 (RS): work row 1 of your stitch pattern over ${counts} sts; ${words.end}. (${counts} sts)`,
      ...markers,
    ];
  }
  // What is too narrow for a repeat (a strap, a cord) is plain.
  if (of.is === 'rows' && starts.every(({ stitches }) => !hasRoom(stitches, of))) soFar.isPlain = true;
  if (of.is === 'rows' && soFar.beginsInPattern(starts)) {
    const text = roundsOrRows(of, round);
    const chain = round
      ? line`Ch ${counts}; join with a sl st to a ring without twisting it.`
      : line`Ch ${starts.map((start) => start.stitches + chainsBeyond(fabric))}.`;
    return [
      chain,
      line`${words.one} 1 (RS): ${firstRowWords(text)}; ${words.end}. ${{ inline: countLine(counts, soFar) }}`,
      ...markers,
    ];
  }
  if (along !== null)
    return [
      line`${words.one} 1 (RS): pick up and work ${counts} ${stitch} evenly along ${along}; ${words.end}. (${counts} sts)`,
    ];
  if (round)
    return [
      line`Ch ${counts}; join with a sl st to a ring without twisting it.`,
      line`Rnd 1 (RS): ${stitch} in each ch round; ${words.end}. (${counts} sts)`,
      ...markers,
    ];
  if (fabric.foundation === 'stitches')
    return [
      line`Row 1 (RS): work ${counts} foundation ${stitch}, without a chain before; turn. (${counts} sts)`,
    ];
  // A plain row before the pattern wants the chains of its own stitch.
  const { foundationExtra: _, ...usual } = fabric;
  const extra = of.is === 'rows' ? foundationExtra(usual) : starts[0]!.extra;
  const chain = line`Ch ${starts.map((start) => start.stitches + extra)}.`;
  if (extra === 0 && turning !== 'counts')
    return [chain, line`Row 1 (RS): ${stitch} in each st; turn. (${counts} sts)`, ...markers];
  const first =
    turning === 'counts'
      ? `the ${ordinal(extra + 2)} ch from the hook (what is skipped counts as the first st)`
      : `the ${ordinal(extra + 1)} ch from the hook${turning === 'chainless' ? ' (without a chain before it)' : ''}`;
  return [
    chain,
    line`Row 1 (RS): ${stitch} in ${first} and in each ch to the end; turn. (${counts} sts)`,
    ...markers,
  ];
}

/** Whether so many stitches have room for a repeat of the pattern. */
function hasRoom(stitches: number, { proof }: Extract<FabricStitches, { is: 'rows' }>): boolean {
  return stitches >= proof.base.multiple + proof.base.plus;
}

/** The parts of a first row with a marker between them, in the order in which a right-side row meets them. */
function writeMarkers(starts: readonly Start[], words: RowWords): Line {
  const parts = starts[0]!.over!.map(
    ({ label }, i): Line => line`${starts.map(({ over }) => over![i]!.count)} ${label}`,
  );
  const listed = parts.reverse().flatMap((one, i): Line => (i > 0 ? [', ', ...one] : one));
  return line`Place a marker wherever the next part begins, seen along a right-side ${words.short}: ${{ inline: listed }}. Move the markers up in every ${words.short}.`;
}

/** A first row over live stitches of another piece, with chains made (or their undersides taken up) between them. */
function writeOver(starts: readonly Start[], stitch: string, words: RowWords): Line[] {
  const { along, over } = starts[0]!;
  const counts = starts.map(({ stitches }) => stitches);
  const parts = over!.map(({ label, chain }, i): Line => {
    const many = starts.map((start) => start.over![i]!.count);
    return chain ? line`ch ${many} for the ${label}` : line`${stitch} in the ${many} sts of the ${label}`;
  });
  const listed = parts.reverse().flatMap((one, i): Line => (i > 0 ? [', ', ...one] : one));
  return [
    line`${words.one} 1 (RS), over ${along!}: join the yarn and work ${{ inline: listed }}; ${words.end}. (${counts} sts)`,
  ];
}
