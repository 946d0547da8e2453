import type { Fabric } from '../fabric/fabric.js';
import { alignedPassages } from '../passages/alignedPassages.js';
import { PieceSoFar, type PieceWish } from '../passages/pieceSoFar.js';
import { passageLines, runsOf } from '../passages/registry.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { line, lineFor, type Line } from './line.js';
import type { Row } from '../work/rows.js';
import type { RowWords } from './rowWords.js';

/** A passage of a piece as it is written, and the row that each size has then come to. */
export interface WrittenPassage {
  lines: readonly Line[];
  /** "row" or "rnd" */
  short: RowWords['short'];
  to: readonly number[];
  /** Whether it places markers. */
  marks: boolean;
}

/** A piece as it is written: passage by passage, and how it ends. */
export interface PieceText {
  passages: readonly WrittenPassage[];
  end: readonly Line[];
}

/**
 * Writes one piece for all its sizes, in US terms.
 *
 * @param labels of the sizes, for what only some of them have
 */
export function writePiece(
  pieces: readonly PlannedPiece[],
  labels: readonly string[],
  fabrics: ReadonlyMap<string, Fabric>,
  wish: PieceWish,
): PieceText {
  const { role, fabric } = pieces[0]!;
  // A plan for the screen goes without its runs: they are made of the passages again, where they are asked for.
  const soFar = new PieceSoFar(pieces, fabrics, fabrics.get(fabric)!, runsOf, wish);
  const to = pieces.map(() => 0);
  /** The sizes in which parts were divided so far. */
  const divided = new Map<string, readonly number[]>();
  const passages = alignedPassages(pieces.map((piece) => piece.passages)).map((passage): WrittenPassage => {
    soFar.turnTo(passage);
    const { sizes, places } = passage;
    const own = sizes.map((size, i) => pieces[size]!.passages[places[i]!]!);
    const [first] = own;
    // Where a part goes on matters from which end: sizes may differ by a row. One size alone has the sides of its rows.
    const ending =
      first!.kind === 'go on' && pieces.length > 1
        ? endingLines(soFar.sidesOf(first!.from), sizes, divided.get(first!.from) ?? [], labels)
        : [];
    if (first!.kind === 'go on') divided.set(first!.from, [...(divided.get(first!.from) ?? []), ...sizes]);
    const lines = passageLines(own, soFar);
    soFar.of(own[0]!.part).forEach(({ n }, i) => (to[sizes[i]!] = n));
    return {
      lines: [
        ...ending,
        ...(sizes.length < pieces.length ? lines.map((one) => lineFor(sizes, labels, one)) : lines),
      ],
      short: soFar.wordsOf(own[0]!.part).short,
      to: [...to],
      marks: own[0]!.kind === 'mark',
    };
  });
  const last = passages.at(-1)!.lines.at(-1);
  if (role === 'yoke') {
    const { short } = soFar.wordsOf(pieces[0]!.passages.at(-1)!.part);
    return {
      passages,
      end: [line`Fasten off. The sts of the last ${short} stay live for body and sleeves.`],
    };
  }
  // Of a sheet that nothing is worked on to there is no yarn to cut.
  const isWorked = pieces.some((piece) => piece.passages.at(-1)!.kind !== 'sheet');
  if (last?.join('') === 'Fasten off.' || !isWorked) return { passages, end: [] };
  return {
    passages,
    end: [...soFar.closing, line`Fasten off.`],
  };
}

/** "Sizes XS, M: Ending with a WS row.": on which side the last row was, for sizes that are divided now and were not before. */
function endingLines(
  sides: readonly Row['side'][] | null,
  sizes: readonly number[],
  before: readonly number[],
  labels: readonly string[],
): Line[] {
  return (['RS', 'WS'] as const).flatMap((side): Line[] => {
    const some = sizes.filter((size, i) => sides?.[i] === side && !before.includes(size));
    const said: Line = [`Ending with a ${side} row.`];
    if (some.length === 0) return [];
    return [some.length < labels.length ? lineFor(some, labels, said) : said];
  });
}

/** Fewest lines that are not written twice. */
const FEWEST = 3;

/** Whether the last of so many passages makes rows, or marks those before it. */
function endsWithRows(passages: readonly WrittenPassage[], many: number): boolean {
  const { marks, to } = passages[many - 1]!;
  return marks || String(to) !== String(passages[many - 2]?.to ?? '');
}

/**
 * The lines of a piece; what an earlier one was worked by as well is not written again. Pieces of two sides mirror each other: the
 * edges are named, so their words are the same.
 *
 * @param earlier pieces, by what they are called
 * @param mirrors whether it is that of the other side
 */
export function pieceLines(
  piece: PieceText,
  earlier: ReadonlyMap<string, PieceText>,
  mirrors: boolean,
): Line[] {
  // Mirrored, an edge that lies where rows begin lies where they end.
  const form = (of: unknown) =>
    mirrors
      ? JSON.stringify(of).replaceAll(/right-side rows (?:begin|end)\b/g, 'right-side rows')
      : JSON.stringify(of);
  const same = (a: unknown, b: unknown) => form(a) === form(b);
  const all = ({ passages, end }: PieceText) => [...passages.flatMap(({ lines }) => lines), ...end];
  const own = all(piece);
  let best: { name: string; passages: number; lines: number } | null = null;
  for (const [name, other] of earlier) {
    if (same(own, all(other)) && own.length >= FEWEST)
      return [
        line`Work as the ${name}${mirrors ? ', mirrored: the same rows, with every edge at the other end' : ''}.`,
      ];
    let shared = 0;
    while (shared < piece.passages.length && same(piece.passages[shared], other.passages[shared]))
      shared += 1;
    // What comes after their last row (a part that goes on) is told with the rows that follow.
    while (shared > 0 && !endsWithRows(piece.passages, shared)) shared -= 1;
    const lines = piece.passages.slice(0, shared).flatMap((one) => one.lines).length;
    if (shared > 1 && lines >= FEWEST && lines > (best?.lines ?? 0)) best = { name, passages: shared, lines };
  }
  if (!best) return own;
  const alike = piece.passages.slice(0, best.passages);
  const { to, short } = alike.at(-1)!;
  const marked = alike.some(({ marks }) => marks) ? ', markers included' : '';
  return [
    line`Work as the ${best.name}${mirrors ? ', mirrored,' : ''} to the end of ${short} ${to}${marked}.`,
    ...piece.passages.slice(best.passages).flatMap(({ lines }) => lines),
    ...piece.end,
  ];
}
