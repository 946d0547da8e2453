/** How rows in a stitch pattern are written: which rows of it, over which repeats, with which plain stitches beside them. */

import type { Fabric } from '../fabric/fabric.js';
import { unitsInWords } from '../fabric/units.js';
import { COUNT, END, STITCH } from '../read/words.js';
import { rowOverStitches, withSkippedSaid } from '../stitch/overStitches.js';
import type { FabricStitches } from '../stitch/ofFabric.js';
import { printRow } from '../stitch/print.js';
import { roundVersion } from '../stitch/round.js';
import type { StitchText } from '../stitch/textReader.js';
import type { StitchedRow } from '../stitch/workPiece.js';
import type { Sentence } from '../read/words.js';
import { line, type Line } from '../write/line.js';
import type { RoundWay } from '../work/rows.js';
import { rangeInWords, type RowWords } from '../write/rowWords.js';

/** What is asked of a piece while its rows in pattern are written. */
interface PieceSoFar {
  fabric: Fabric;
  stitch: string;
  stitches: FabricStitches;
  stitchedRows: () => readonly ReadonlyMap<string, StitchedRow | null>[];
  wayOf: (part: string) => RoundWay | undefined;
  wordsOf: (part: string) => RowWords;
  isRightSide: (n: number) => boolean;
}

type InRows = Extract<FabricStitches, { is: 'rows' }>;

/** The rows of a pattern as a part is worked: flat, or its rounds. */
export function textOfPart({ text, proof }: InRows, way: string | undefined): StitchText {
  if (way === undefined) return text;
  return roundVersion(text, proof, way === 'turned' ? 'turned' : 'joined').text ?? text;
}

/** "(25 (28, 30) mesh spaces, 76 (85, 91) sts)": what a row comes to, in the unit that makers count it in where there is one. */
export function countLine(counts: readonly number[], soFar: PieceSoFar): Line {
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

function withoutEnd(words: string): string {
  return words.replace(/; (?:turn|join with a sl st to the first st(?:; turn)?)$/, '');
}

/** Rows worked even in a stitch pattern, to row `to` of a part in each size. */
export function rowsInPattern(
  part: string,
  from: readonly number[],
  to: readonly number[],
  counts: readonly number[],
  stitches: InRows,
  soFar: PieceSoFar,
): Line[] {
  const words = soFar.wordsOf(part);
  const rows = soFar.stitchedRows();
  const at = (size: number, n: number): StitchedRow | null => rows[size]!.get(`${part}:${n}`) ?? null;
  const worked = to.map((last, size) => last >= from[size]!);
  const sizes = to.flatMap((_, size) => (worked[size] ? [size] : []));
  if (sizes.length === 0) return [];
  const followed = sizes.every(
    (size) => isInPattern(at(size, from[size]!)) && isInPattern(at(size, to[size]!)),
  );
  const count = countLine(counts, soFar);
  const ranges = to.map((last, size) => rangeInWords(from[size]!, last));
  if (!followed)
    return [line`${words.one}s ${ranges}: in pattern; ${words.end}. ${{ inline: line`(${counts} sts)` }}`];
  const text = textOfPart(stitches, soFar.wayOf(part));
  const index = (size: number, n: number) => at(size, n)!.pattern!;
  const { first: repeated } = text.repeat;
  const lines: Line[] = [];
  let begins = [...from];
  // Over a plain row the first rows of the pattern are written out: they are not among those that repeat.
  while (
    sizes.every(
      (size) =>
        begins[size]! <= to[size]! &&
        isWhole(at(size, begins[size]!)) &&
        index(size, begins[size]!) < repeated &&
        index(size, begins[size]!) === index(sizes[0]!, begins[sizes[0]!]!),
    )
  ) {
    const i = index(sizes[0]!, begins[sizes[0]!]!);
    const over = i === 0 ? rowOverStitches(text) : text.rows[i]!.nodes;
    lines.push(
      line`${words.one} ${begins}: ${withoutEnd(printRow(over, { round: text.work === 'round' }))}; ${words.end}. ${{ inline: count }}`,
    );
    begins = begins.map((n) => n + 1);
  }
  if (sizes.every((size) => begins[size]! > to[size]!)) return lines;
  const name = `${soFar.fabric.name}${text.work === 'round' ? ' in the round' : ''}`;
  const numbers = text.rows.map(({ n }, i) => n ?? i + 1);
  const { first, last } = text.repeat;
  // Where plain stitches lie beside them the rows before the repeat are counted in turn with it.
  const early = sizes.some((size) => begins[size]! <= to[size]! && index(size, begins[size]!) < repeated);
  const lowest = early ? 0 : first;
  const which: Line =
    first === last && !early
      ? line`repeat ${words.short} ${numbers[first]!} of ${name}`
      : line`work ${words.short}s ${numbers[lowest]!} ${last === lowest + 1 ? 'and' : 'to'} ${numbers[last]!} of ${name} in turn, beginning with ${words.short} ${begins.map((n, size) => (worked[size] && n <= to[size]! ? numbers[index(size, n)]! : '–'))} and ending with ${words.short} ${to.map((n, size) => (worked[size] && begins[size]! <= n ? numbers[index(size, n)]! : '–'))}`;
  const beside = besideWords(
    to.map((n, size) => (worked[size] ? at(size, n) : null)),
    to,
    part,
    soFar,
  );
  lines.push(
    line`${words.one}s ${to.map((n, size) => rangeInWords(begins[size]!, n))}: ${{ inline: which }}${{ inline: beside }}; ${words.end}. ${{ inline: count }}`,
  );
  return lines;
}

function isInPattern(row: StitchedRow | null): boolean {
  return row !== null && row.pattern !== null;
}

/** Whether a row has nothing but repeats. */
function isWhole(row: StitchedRow | null): boolean {
  return row !== null && row.before === 0 && row.after === 0;
}

/** Plain stitches at the right and the left edge, seen from the right side. */
export function plainBeside(
  row: StitchedRow | null,
  n: number,
  part: string,
  soFar: PieceSoFar,
): { right: number; left: number } {
  if (!row) return { right: 0, left: 0 };
  const way = soFar.wayOf(part);
  return (way !== undefined && way !== 'turned') || soFar.isRightSide(n)
    ? { right: row.before, left: row.after }
    : { right: row.after, left: row.before };
}

function besideWords(
  rows: readonly (StitchedRow | null)[],
  to: readonly number[],
  part: string,
  soFar: PieceSoFar,
): Line {
  const plain = rows.map((row, size) => plainBeside(row, to[size]!, part, soFar));
  const round = soFar.wayOf(part) !== undefined;
  if (plain.every(({ right, left }) => right === 0 && left === 0)) return [];
  const [first, last] = round ? ['beginning of the rnd', 'its end'] : ['right edge', 'the left'];
  return line`, with ${plain.map(({ right }) => right)} plain ${soFar.stitch} at the ${first!} and ${plain.map(({ left }) => left)} at ${last!}`;
}

/** What is said after rows that are shaped: what lies outside the repeats, or that only whole ones are taken. */
export function afterShaping(part: string, to: readonly number[], soFar: PieceSoFar): Line[] {
  if (soFar.stitches.is !== 'rows') return [];
  const rows = soFar.stitchedRows().map((of, size) => of.get(`${part}:${to[size]!}`) ?? null);
  const round = soFar.wayOf(part) !== undefined;
  if (round && rows.some((row) => row === null)) return keptBesideLines(soFar);
  const { name } = soFar.fabric;
  const whole = soFar.fabric.shaping === 'units' && !round;
  const keep = whole
    ? `Shape by whole repeats of ${name}: each row begins and ends as its rows do.`
    : `Keep the repeats of ${name} above each other; sts at an edge that make no whole repeat are plain ${soFar.stitch}.`;
  if (rows.some((row) => row === null)) return [[keep]];
  const repeats = rows.map((row) => row!.repeats);
  const plain = rows.map((row, size) => plainBeside(row, to[size]!, part, soFar));
  const beside =
    whole && plain.every(({ right, left }) => right + left === 0)
      ? []
      : line`, ${plain.map(({ right }) => right)} plain sts at the ${round ? 'beginning of the rnd' : 'right edge'} and ${plain.map(({ left }) => left)} at ${round ? 'its end' : 'the left'}`;
  return [
    line`${keep} After these ${round ? 'rnds' : 'rows'} there are ${repeats} repeats${{ inline: beside }}.`,
  ];
}

/** How a pattern is kept in rounds that shape, and beside the lines of a yoke. */
export function keptBesideLines({
  stitches,
  fabric,
  stitch,
}: Pick<PieceSoFar, 'stitches' | 'fabric' | 'stitch'>): Line[] {
  if (stitches.is !== 'rows') return [];
  return [
    [
      `Keep the repeats of ${fabric.name} above each other; sts beside the shaping that make no whole repeat are plain ${stitch}.`,
    ],
  ];
}

const LEFT_OUT = '(?:–|\\d+)';

/** The sentences of rows in a stitch pattern. */
export const PATTERN_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(
      `^(?:Row|Rnd)s? (–|\\d+)(?:–(\\d+))?: (?:repeat (?:row|rnd) (\\d+) of (.+?)|work (?:rows|rnds) \\d+ (?:and|to) \\d+ of (.+?) in turn, beginning with (?:row|rnd) (${LEFT_OUT}) and ending with (?:row|rnd) (${LEFT_OUT}))(?:, with (\\d+) plain ${STITCH} at the (?:right edge|beginning of the rnd) and (\\d+) at (?:the left|its end))?; ${END}\\. ${COUNT}$`,
    ),
    read: ([, from, to, only, name, names, first, last, right, left, , stitches], reader) => {
      if (from === '–') return;
      reader.evenRows(from!, to, Number(stitches));
      reader.inPattern({
        of: (name ?? names)!,
        from: Number(from),
        to: Number(to ?? from),
        first: Number(only ?? first),
        last: Number(only ?? last),
        ...(right === undefined ? {} : { right: Number(right), left: Number(left) }),
      });
    },
  },
  {
    form: /^(?:Keep the repeats of (.+?) above each other; .+?|Shape by whole repeats of (.+?): .+?)\.(?: After these (?:rows|rnds) there are (\d+) repeats?(?:, (\d+) plain sts? at the (?:right edge|beginning of the rnd) and (\d+) at (?:the left|its end))?\.)?$/,
    read: ([, kept, whole, repeats, right, left], reader) => {
      reader.said.names.push({ of: (kept ?? whole)!, from: reader.maker.now().n });
      if (repeats !== undefined)
        reader.repeatsAfter({
          of: (kept ?? whole)!,
          repeats: Number(repeats),
          right: Number(right ?? 0),
          left: Number(left ?? 0),
        });
    },
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) 1 \\(RS\\): work row 1 of your stitch pattern over (\\d+) sts?; ${END}\\. ${COUNT}$`,
    ),
    read: ([, over, , stitches], reader) => reader.start(Number(stitches), Number(over)),
  },
  {
    form: new RegExp(`^Row 1 \\(RS\\): (.+); (turn|return)\\. ${COUNT}$`),
    read: ([, words, end, stitches], reader) =>
      reader.start(Number(stitches), reader.workFirstRow(words!, end === 'return')),
  },
  {
    form: new RegExp(`^(Row|Rnd) (\\d+)(?: \\(RS\\))?: (.+); ${END}\\. ${COUNT}$`),
    read: ([, , row, words, , stitches], reader) => {
      if (row === '1') {
        reader.start(Number(stitches), reader.chain);
        return;
      }
      reader.evenRows(row!, row, Number(stitches));
      reader.writtenRow(Number(row), words!);
    },
  },
];
