/** How rows in a stitch pattern are written: which rows of it, over which repeats, with which plain stitches beside them. */

import type { Fabric } from '../fabric/fabric.js';
import { unitsInWords } from '../fabric/units.js';
import { overStitchesInWords, rowOverStitches, withoutEnd, withSkippedSaid } from '../stitch/overStitches.js';
import { roundsOfFabric, type FabricStitches } from '../stitch/ofFabric.js';
import { fromTheRight, placesInWords, repeatsIn, type StitchedRow } from '../stitch/stitchedRow.js';
import { printRow } from '../stitch/print.js';
import type { StitchText } from '../stitch/textReader.js';
import { ordinal } from '../text/phrase.js';
import { line, NONE, tableOf, type Line } from '../write/line.js';
import type { RoundWay, Row } from '../work/rows.js';
import { rangeInWords, type RowWords } from '../write/rowWords.js';

/** What is asked of a piece while its rows in pattern are written. */
export interface PieceInPattern {
  fabric: Fabric;
  stitch: string;
  stitches: FabricStitches;
  stitchedRows: () => readonly ReadonlyMap<string, StitchedRow | null>[];
  wayOf: (part: string) => RoundWay | undefined;
  wordsOf: (part: string) => RowWords;
  isRightSide: (n: number) => boolean;
  unitOf: (part: string) => number | null;
  lengthBeside: (rows: readonly number[]) => Line;
}

type InRows = Extract<FabricStitches, { is: 'rows' }>;

/** The rows of a pattern as a part is worked: flat, or its rounds. */
export function roundsOrRows(stitches: InRows, way: RoundWay | undefined): StitchText {
  return (way && roundsOfFabric(stitches, way)?.text) ?? stitches.text;
}

/** "(25 (28, 30) mesh spaces, 76 (85, 91) sts)": what a row comes to, in the unit that makers count it in where there is one. */
export function countLine(counts: readonly number[], soFar: PieceInPattern): Line {
  const { unit } = soFar.fabric;
  const units = counts.map((count) => unitsInWords(count, unit));
  if (units.some((words) => words === null)) return line`(${counts} sts)`;
  const many = units.map((words) => words!.split(' ')[0]!);
  const name =
    units
      .find((words) => !words!.startsWith('1 '))
      ?.split(' ')
      .slice(1)
      .join(' ') ?? units[0]!.split(' ').slice(1).join(' ');
  return line`(${many} ${name}, ${counts} sts)`;
}

/** Row 1 of a piece in its pattern. */
export function firstRowWords(text: StitchText): string {
  return withoutEnd(printRow(withSkippedSaid(text), { round: text.work === 'round' }));
}

/** Rows worked even in a stitch pattern, to row `to` of a part in each size. */
export function rowsInPattern(
  part: string,
  from: readonly number[],
  to: readonly number[],
  counts: readonly number[],
  stitches: InRows,
  soFar: PieceInPattern,
): Line[] {
  const words = soFar.wordsOf(part);
  const at = rowsOfPart(part, soFar);
  if (to.every((last, size) => last < from[size]!)) return [];
  const ranges = (begins: readonly number[], ends: readonly number[]) =>
    ends.map((last, size) => rangeInWords(begins[size]!, last));
  const lines: Line[] = [];
  let begins = [...from];
  // Where a pattern has no room yet, waits for its side or is given up, rows are plain; mostly only the first of them.
  for (let stretch = 0; stretch < MOST_STRETCHES && begins.some((n, size) => n <= to[size]!); stretch += 1) {
    const plain = begins.map((first, size) => lastOf(first, to[size]!, (n) => at(size, n)?.pattern === null));
    if (plain.some((n, size) => n >= begins[size]!))
      lines.push(
        line`${words.one}s ${ranges(begins, plain)}: ${soFar.stitch} in each st; ${words.end}. (${counts} sts)`,
      );
    begins = plain.map((n) => n + 1);
    // Sizes that go round in whole repeats work the rounds of the pattern; others its rows, with plain stitches beside them.
    for (const ring of [true, false]) {
      const own = begins.map((first, size) =>
        lastOf(first, to[size]!, (n) => at(size, n)?.ring === ring && at(size, n)!.pattern !== null),
      );
      if (own.every((last, size) => last < begins[size]!)) continue;
      const text = ring ? roundsOrRows(stitches, soFar.wayOf(part)) : stitches.text;
      lines.push(...repeatedRows(part, begins, own, counts, text, soFar));
      begins = own.map((last, size) => Math.max(begins[size]!, last + 1));
    }
  }
  if (begins.some((n, size) => n <= to[size]!))
    lines.push(line`${words.one}s ${ranges(begins, to)}: in pattern; ${words.end}. (${counts} sts)`);
  return lines;
}

/** Stretches of rows that are told one after another, plain ones and such in pattern; more are only said to be in pattern. */
const MOST_STRETCHES = 6;

/** The last of the rows from `first` on that are all of a kind; `first` - 1 where that one is not. */
function lastOf(first: number, to: number, isOfKind: (n: number) => boolean): number {
  let n = first;
  while (n <= to && isOfKind(n)) n += 1;
  return n - 1;
}

type RowAt = (size: number, n: number) => StitchedRow | null;

function rowsOfPart(part: string, soFar: PieceInPattern): RowAt {
  const rows = soFar.stitchedRows();
  return (size, n) => rows[size]!.get(`${part}:${n}`) ?? null;
}

/** Rows of a pattern in turn, in the sizes that have any (`to` is not 0). */
function repeatedRows(
  part: string,
  from: readonly number[],
  to: readonly number[],
  counts: readonly number[],
  text: StitchText,
  soFar: PieceInPattern,
): Line[] {
  const words = soFar.wordsOf(part);
  const at = rowsOfPart(part, soFar);
  const count = countLine(counts, soFar);
  const worked = to.map((last, size) => last >= from[size]!);
  const sizes = to.flatMap((_, size) => (worked[size] ? [size] : []));
  const index = (size: number, n: number) => at(size, n)!.pattern!;
  const round = text.work === 'round';
  const { first: repeated } = text.repeat;
  const lines: Line[] = [];
  const name = `${soFar.fabric.name}${round ? ' in the round' : ''}`;
  const numbers = text.rows.map(({ n }, i) => n ?? i + 1);
  const one = round ? 'rnd' : 'row';
  const facing = isAlwaysFront(soFar.wayOf(part)) && !round ? ', always from the right side' : '';
  let begins = [...from];
  // Over a plain row the first rows of the pattern are written out: they are not among those that repeat.
  for (let i = 0; i < repeated; i += 1) {
    const now = begins.map((n, size) => worked[size] === true && n <= to[size]! && index(size, n) === i);
    if (!now.includes(true)) continue;
    const rows = begins.map((n, size) => (now[size] ? at(size, n) : null));
    const over = i === 0 ? rowOverStitches(text) : text.rows[i]!.nodes;
    const which = begins.map((n, size) => (now[size] ? n : '–'));
    if (rows.every((row) => row === null || isWhole(row)))
      lines.push(
        line`${words.one} ${which}: ${withoutEnd(printRow(over, { round }))}; ${words.end}. ${{ inline: count }}`,
      );
    else {
      const said = overStitchesInWords(
        text,
        i,
        rows.some((row) => (row?.plain[0] ?? 0) > 0),
      );
      lines.push(
        line`${words.one} ${which}: work ${one} ${numbers[i]!} of ${name} over the sts between, “${said}”${facing}${{ inline: besideWords(rows, begins, part, soFar) }}; ${words.end}. ${{ inline: count }}`,
        ...placesLine(rows, begins, part, soFar),
      );
    }
    begins = begins.map((n, size) => (now[size] ? n + 1 : n));
  }
  if (sizes.every((size) => begins[size]! > to[size]!)) return lines;
  const { first, last } = text.repeat;
  const which: Line =
    first === last
      ? line`repeat ${one} ${numbers[first]!} of ${name}${facing}`
      : line`work ${one}s ${numbers[first]!} ${last === first + 1 ? 'and' : 'to'} ${numbers[last]!} of ${name} in turn${facing}, beginning with ${one} ${begins.map((n, size) => (worked[size] && n <= to[size]! ? numbers[index(size, n)]! : '–'))} and ending with ${one} ${to.map((n, size) => (worked[size] && begins[size]! <= n ? numbers[index(size, n)]! : '–'))}`;
  const ends = to.map((n, size) => (worked[size] ? at(size, n) : null));
  const beside = besideWords(ends, to, part, soFar);
  lines.push(
    line`${words.one}s ${to.map((n, size) => rangeInWords(begins[size]!, n))}${{ inline: soFar.lengthBeside(to) }}: ${{ inline: which }}${{ inline: beside }}; ${words.end}. ${{ inline: count }}`,
    ...placesLine(ends, to, part, soFar),
  );
  return lines;
}

function isAlwaysFront(way: RoundWay | undefined): boolean {
  return way !== undefined && way !== 'turned';
}

/** Whether a row has nothing but repeats. */
function isWhole(row: StitchedRow | null): boolean {
  return row !== null && row.plain.every((many) => many === 0);
}

/** How row `n` of a part is seen. */
function seenAt(n: number, part: string, soFar: PieceInPattern): Pick<Row, 'side' | 'round'> {
  const round = soFar.wayOf(part);
  return { side: soFar.isRightSide(n) ? 'RS' : 'WS', ...(round ? { round } : {}) };
}

/** Where the repeats of a row lie, for each size that has it; nothing where each is repeats throughout. */
function besideWords(
  rows: readonly (StitchedRow | null)[],
  to: readonly number[],
  part: string,
  soFar: PieceInPattern,
): Line {
  const round = soFar.wayOf(part) !== undefined;
  if (rows.every((row) => row === null || isWhole(row))) return [];
  if (rows.every((row) => row === null || row.repeats.length === 1)) {
    const plain = rows.map((row, size) =>
      row ? fromTheRight(row, seenAt(to[size]!, part, soFar)).plain : [0, 0],
    );
    const [first, last] = round ? ['beginning of the rnd', 'its end'] : ['right edge', 'the left'];
    return line`, with ${plain.map(([right]) => right!)} plain ${soFar.stitch} at the ${first!} and ${plain.map((all) => all.at(-1)!)} at ${last!}`;
  }
  return [`, with plain ${soFar.stitch} beside and between the repeats`];
}

/** Plain stitches and repeats in turn, where a size has several stretches of repeats, or none. */
function placesLine(
  rows: readonly (StitchedRow | null)[],
  to: readonly number[],
  part: string,
  soFar: PieceInPattern,
): Line[] {
  if (rows.every((row) => row === null || row.repeats.length === 1 || isWhole(row))) return [];
  const { one, first } =
    soFar.wayOf(part) === undefined
      ? { one: 'row', first: 'the right edge' }
      : { one: 'rnd', first: 'the beginning of the rnd' };
  if (rows.length === 1)
    return [
      [
        `The last of these ${one}s has, from ${first}: ${placesInWords(rows[0]!, seenAt(to[0]!, part, soFar))}`,
      ],
    ];
  const seen = rows.map((row, size) => row && fromTheRight(row, seenAt(to[size]!, part, soFar)));
  const most = Math.max(...seen.map((row) => row?.plain.length ?? 0));
  const figures = (of: (row: ReturnType<typeof fromTheRight>) => number | undefined) =>
    seen.map((row) => (row ? String(of(row) || NONE) : NONE));
  const table = tableOf(
    `from ${first}`,
    Array.from({ length: most }, (_, i) => [
      { label: `${ordinal(i + 1)} plain sts`, each: figures(({ plain }) => plain[i]) },
      { label: `${ordinal(i + 1)} repeats`, each: figures(({ repeats }) => repeats[i]) },
    ]).flat(),
  );
  return [line`The last of these ${one}s has:${table}`];
}

/** How a pattern is kept in rows that shape. */
type ShapedWay = 'edges' | 'spread' | 'lines';

/** What is said after rows that are shaped: what lies outside the repeats, or that only whole ones are taken. */
export function afterShaping(
  part: string,
  to: readonly number[],
  way: ShapedWay,
  soFar: PieceInPattern,
): Line[] {
  const { stitches, fabric, stitch } = soFar;
  if (stitches.is !== 'rows' || stitches.text.work === 'tunisian') return [];
  const at = rowsOfPart(part, soFar);
  const rows = to.map((n, size) => at(size, n));
  const round = soFar.wayOf(part) !== undefined;
  const one = round ? 'rnd' : 'row';
  const { name } = fabric;
  const rings = soFar.unitOf(part) !== null;
  const whole = fabric.shaping === 'units' && way === 'edges' && !round;
  const keep = rings
    ? `Shape by whole repeats of ${name}: every rnd is one of its rnds.`
    : whole
      ? `Shape by whole repeats of ${name}: each row begins and ends as its rows do.`
      : way === 'spread'
        ? `Work each ${one} that shapes in plain ${stitch}, and begin ${name} anew above it.`
        : way === 'lines'
          ? `Keep the repeats of ${name} above each other between the lines; sts beside a line that make no whole repeat are plain ${stitch}.`
          : `Keep the repeats of ${name} above each other; sts at an edge that make no whole repeat are plain ${stitch}.`;
  return withLast([keep], rows, to, part, soFar, whole || rings || round);
}

/** What is kept in some rows, and what the last of them then has; `bare` where no plain stitches need no word. */
function withLast(
  keep: Line,
  rows: readonly (StitchedRow | null)[],
  to: readonly number[],
  part: string,
  soFar: PieceInPattern,
  bare: boolean,
): Line[] {
  const round = soFar.wayOf(part) !== undefined;
  const many = round ? 'rnds' : 'rows';
  if (rows.some((row) => row === null)) return [keep];
  const followed = rows.map((row) => row!);
  if (followed.every(({ pattern }) => pattern === null))
    return [line`${{ inline: keep }} The last of these ${many} is plain throughout.`];
  const places = placesLine(followed, to, part, soFar);
  if (places.length > 0) return [keep, ...places];
  const plain = followed.map((row, size) => fromTheRight(row, seenAt(to[size]!, part, soFar)).plain);
  const beside =
    bare && plain.every(([right, left]) => right === 0 && left === 0)
      ? []
      : line`, ${plain.map(([right]) => right!)} plain sts at the ${round ? 'beginning of the rnd' : 'right edge'} and ${plain.map((all) => all.at(-1)!)} at ${round ? 'its end' : 'the left'}`;
  return [
    line`${{ inline: keep }} The last of these ${many} has ${followed.map(repeatsIn)} repeats${{ inline: beside }}.`,
  ];
}

/**
 * Which rows of the pattern short rows are, and the one that closes them.
 *
 * @param from last row before them
 * @param to the row that closes them
 */
export function shortInPattern(
  part: string,
  from: readonly number[],
  to: readonly number[],
  soFar: PieceInPattern,
): Line[] {
  const { stitches, fabric, stitch } = soFar;
  if (stitches.is !== 'rows' || stitches.text.work === 'tunisian') return [];
  const at = rowsOfPart(part, soFar);
  const begins = from.map(
    (n, size) => 1 + lastOf(n + 1, to[size]!, (row) => at(size, row)?.pattern === null),
  );
  // A round that closes them may be plain, so that whole rounds of the pattern begin above it.
  const ends = to.map((n, size) => (at(size, n)?.pattern === null ? n - 1 : n));
  const numbers = stitches.text.rows.map(({ n }, i) => n ?? i + 1);
  const followed = begins.every(
    (n, size) =>
      n <= ends[size]! &&
      lastOf(n, ends[size]!, (row) => (at(size, row)?.pattern ?? null) !== null && !at(size, row)!.ring) ===
        ends[size],
  );
  const plain = begins.every((n, size) => n > to[size]!);
  const keep = followed
    ? line`Work rows ${begins.map((n, size) => rangeInWords(n, ends[size]!))} of the piece in ${fabric.name}, beginning with row ${begins.map((n, size) => numbers[at(size, n)!.pattern!]!)} and ending with row ${ends.map((n, size) => numbers[at(size, n)!.pattern!]!)} of it, the repeats above each other; sts beside a turn, and such as make no whole repeat, are plain ${stitch}.`
    : plain
      ? [`Work these rows in plain ${stitch}, and begin ${fabric.name} anew above them.`]
      : [
          `Keep the repeats of ${fabric.name} above each other; sts beside a turn, and such as make no whole repeat, are plain ${stitch}.`,
        ];
  return withLast(
    keep,
    to.map((n, size) => at(size, n)),
    to,
    part,
    soFar,
    soFar.wayOf(part) !== undefined,
  );
}
