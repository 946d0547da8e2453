import { sectionAt } from '../garment/sections.js';
import type { Fabric } from '../fabric/fabric.js';
import { lengthOnTheHook } from '../fabric/gauge.js';
import { lengthOfRows } from '../write/lengths.js';
import { PieceSoFar, type PieceWish } from '../passages/pieceSoFar.js';
import { runsOf } from '../passages/registry.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { printRow } from '../stitch/print.js';
import {
  fabricStitches,
  isTunisian,
  plainStitchOf,
  roundsOfFabric,
  type FabricStitches,
} from '../stitch/ofFabric.js';
import { directionOf, placesInWords, repeatsIn, type StitchedRow } from '../stitch/stitchedRow.js';
import { countsAfterRow } from '../shaping/lines.js';
import { countOf } from '../text/singular.js';
import type { Row } from '../work/rows.js';
import { rowsOf } from '../work/runs.js';
import { lineToText } from '../write/text.js';
import { styleOf } from '../write/style.js';
import { inTerms, type Terms } from '../write/terms.js';
import { writePiece, type PieceText } from '../write/piece.js';
import { isTable } from '../write/line.js';
import type { Units } from '../units/length.js';
import { stripeColours } from './colours.js';
import type { Standing } from './wish.js';
import { keyInPiece } from './log.js';
import { rowInSteps } from './stepWords.js';

/** A row of a piece as its maker works it. Lengths in cm. */
export interface RowToWork {
  /** Its place in the order of working, from 0. */
  at: number;
  part: string;
  n: number;
  key: string;
  /** "Row" or "Rnd". */
  one: 'Row' | 'Rnd';
  side: Row['side'];
  /** Which way it runs over the piece as its right side lies. */
  leftwards: boolean;
  round: boolean;
  /** Stitches when it is done, and what it gains (or loses, or adds) on the row before. */
  count: number;
  change: number;
  /** It gains or loses stitches, or adds some. */
  shapes: boolean;
  /** What to do, in full. */
  words: string;
  /** What is to be known before it: a part that begins, how its shaping is worked. */
  before: readonly string[];
  /** What is done when it is finished: markers. */
  after: readonly string[];
  /** Whole repeats of the pattern that it has; null for a plain row. */
  repeats: number | null;
  /** Which row of its pattern it is, from 0, and whether that is a round of it; null for a plain row. */
  patternRow: number | null;
  ring: boolean;
  fabric: string;
  hook: number;
  /** The colour of a stripe; null where there is one colour. */
  colour: string | null;
  /** What the tape reads when it is done, on the hook and washed. */
  height: { onTheHook: number; finished: number };
  width: { onTheHook: number; finished: number };
  steps: Row['steps'];
}

/**
 * Every row of a piece as it is worked, with words for this size.
 *
 * @throws RangeError where the size has no such piece
 */
export function rowsToWork(
  { design, plan }: Pick<Standing, 'design' | 'plan'>,
  id: string,
  wish: { terms?: Terms; units: Units },
): RowToWork[] {
  const piece = plan.pieces.find((one) => one.id === id);
  if (!piece) throw new RangeError(`There is no piece “${id}”.`);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const house = styleOf(design);
  const terms = wish.terms ?? house.terms;
  const written: PieceWish = { units: wish.units, style: { ...house, rows: 'row by row' } };
  const text = writePiece([piece], [plan.label], fabrics, written);
  const rows = rowsOf(piece.runs);
  const told = linesByRow(piece, text, rows, plan.label);
  const stitched = new PieceSoFar(
    [piece],
    fabrics,
    fabrics.get(piece.fabric)!,
    runsOf,
    written,
  ).stitchedRows()[0]!;
  const colourOf = stripeColours({ design, plan });
  const inWish = (words: string) => inTerms(words, terms);
  /** Stitches of each part as far as it has come; a part that begins takes from the one it goes on from. */
  const counts = new Map<string, number>();
  return rows.map((row, at): RowToWork => {
    const section = sectionAt(piece.sections, row.n);
    const fabric = fabrics.get(section.fabric)!;
    // Tunisian work is never turned, and a stitch is its repeat: it is told like plain rows.
    const isLoops = isTunisian(fabric);
    const own = isLoops ? null : (stitched.get(`${row.part}:${row.n}`) ?? null);
    const source = row.from[0];
    const below =
      counts.get(row.part) ??
      row.from.reduce((sum, one) => sum + ('take' in one ? one.take : one.makes), source ? 0 : row.count);
    const before = counts.get(row.part) ?? (row.from.length > 0 ? below : row.count);
    counts.set(row.part, row.count);
    const said = told.get(at);
    // Rounds of a motif, or with corners, are whole only in their own words.
    const isByRows = BY_STEPS.has(said?.kind ?? 'even');
    const round = row.round !== undefined;
    const finished = lengthOfRows(piece.sections, row.n);
    const perHook = (axis: 'stitches' | 'rows', length: number) =>
      length * (lengthOnTheHook(fabric, axis, 1) * section[axis]);
    return {
      at,
      part: row.part,
      n: row.n,
      key: keyInPiece(row),
      one: round ? 'Rnd' : 'Row',
      side: isLoops ? 'RS' : row.side,
      leftwards: isLoops || directionOf(row) === 1,
      round,
      count: row.count,
      change: row.count - before,
      shapes: at > 0 && (row.by !== 0 || row.add > 0),
      words: inWish(
        `${said?.own ?? wordsOf(isLoops ? { ...row, side: 'RS' } : row, own, fabric, below)}${betweenLines(piece, row)}`,
      ),
      before: (said?.before ?? []).map(inWish),
      after: [...(said?.after ?? []), ...(isBesideLines(piece, row) ? ['Move the markers up'] : [])].map(
        inWish,
      ),
      repeats: !isByRows || own?.pattern === null || !own ? null : repeatsIn(own),
      patternRow: isByRows ? (own?.pattern ?? null) : null,
      ring: own?.ring ?? false,
      fabric: fabric.id,
      hook: fabric.hook,
      colour: colourOf(id, row.n),
      height: { onTheHook: perHook('rows', finished), finished },
      width: {
        onTheHook: perHook('stitches', row.count / section.stitches),
        finished: row.count / section.stitches,
      },
      steps: row.steps,
    };
  });
}

/** What a row of a fabric says, for so many repeats and plain stitches. */
function wordsOf(row: Row, own: StitchedRow | null, fabric: Fabric, below: number): string {
  const of = fabricStitches(fabric);
  const stitch = of.is === 'plain' ? of.stitch : plainStitchOf(fabric);
  if (!own || own.pattern === null || of.is !== 'rows') return rowInSteps(row, stitch, below);
  const said = patternRowWords(row, own, of);
  if (said === null) return rowInSteps(row, stitch, below);
  const many = repeatsIn(own);
  const isWhole = own.plain.every((plain) => plain === 0);
  if (isWhole && row.by === 0 && row.add === 0) return `${said} (${countOf(many, 'repeat')})`;
  // Plain stitches beside the repeats, in the order of working.
  const inOrder = placesInWords(own, { side: 'RS' });
  return `${inOrder}. Plain sts are ${stitch}${shapes(row, stitch, below)}; the repeats are: ${said}`;
}

/** Whether a row is worked between markers that go up with it. */
function isBesideLines({ passages }: PlannedPiece, { part, n }: Row): boolean {
  return passages.some(
    (one) => one.kind === 'lines' && one.part === part && n <= one.to && one.sections.length > 2,
  );
}

/** What lies between the lines of a yoke when a row that shapes beside them is done, as the next row meets it. */
function betweenLines({ passages }: PlannedPiece, row: Row): string {
  if (row.by === 0) return '';
  const of = passages.find((one) => one.kind === 'lines' && one.part === row.part && row.n <= one.to);
  if (of?.kind !== 'lines' || of.sections.length < 3) return '';
  const counts = countsAfterRow(of.sections, row.n);
  const parts = of.sections.map(({ label }, i) => `${label} ${counts[i]!}`);
  return `. Between the lines there are then: ${(row.side === 'RS' && !row.round ? parts : [...parts].reverse()).join(', ')}`;
}

/** How a row shapes at its ends, where it does. */
function shapes(row: Row, stitch: string, below: number): string {
  if (row.by === 0 && row.add === 0 && row.steps.length === 1) return '';
  return `, shaped so: ${rowInSteps(row, stitch, below)}`;
}

function patternRowWords(
  row: Row,
  { pattern, ring }: StitchedRow,
  of: Extract<FabricStitches, { is: 'rows' }>,
): string | null {
  const rounds = ring && row.round ? roundsOfFabric(of, row.round) : null;
  const text = rounds?.text ?? of.text;
  const found = text.rows[pattern!];
  return found ? printRow(found.nodes, { round: rounds !== null }).replace(TURNS_IN_PATTERN, '') : null;
}

interface Told {
  /** The kind of passage that it lies in. */
  kind?: string;
  own?: string;
  before: string[];
  after: string[];
}

const OF_ROW = /^(?:Row|Rnd) (\d+)(?: \((?:RS|WS)\))?(?:, [^:]*)?: (.+)$/;
const OF_RANGE = /^(?:Row|Rnd)s (\d+)–(\d+)(?:,[^:]*)?: (.+)$/;
/** Passages whose rows are told best one by one, by their steps or the rows of their pattern. */
const BY_STEPS: ReadonlySet<string> = new Set(['even', 'shape', 'lines', 'start']);
const OF_ROWS = /^(?:Row|Rnd)s? [\d–, ]+/;
const COUNT_TOLD = /\s*\(\d[\d, ]* [^()]*sts?\)\s*$/;
/** How a row ends is told for all rows alike. */
const TURNS = /; (?:turn|join|join, turn|go on|return)\.?$/;
const TURNS_IN_PATTERN = /[;,] (?:turn|return|join with a sl st to the first st)(?:; turn)?$/;
/** How shaped rows are worked: each of them says so itself. */
const ROW_OF_ITS_KIND = /^(?:Increase|Decrease) (?:row|rnd): /;
/** What each row says of itself when it is done. */
const COUNTS_AHEAD =
  /^(?:Counts after (?:these|the shaping) (?:row|rnd)s|After each (?:row|rnd) there are in all): /;
/** A row that is told by another one. */
const BY_ANOTHER = /^(?:even|(?:increase|decrease) (?:row|rnd)|work as|in pattern|shape as)/;

/** The lines of the pattern by the rows that they are about. */
function linesByRow(
  piece: PlannedPiece,
  text: PieceText,
  rows: readonly Row[],
  label: string,
): Map<number, Told> {
  const told = new Map<number, Told>();
  const at = (row: number): Told => {
    const known = told.get(row) ?? { before: [], after: [] };
    told.set(row, known);
    return known;
  };
  let begun = 0;
  const later: string[] = [];
  text.passages.forEach(({ lines, marks }, i) => {
    const { kind } = piece.passages[i]!;
    const end = rowsOf(runsOf(piece.passages.slice(0, i + 1))).length;
    const words = lines
      .map((line) =>
        lineToText(
          line.filter((part) => typeof part === 'string' || !isTable(part)),
          [label],
        ),
      )
      .flatMap((line) => line.split('\n'));
    for (const line of words) {
      const [, n, rest] = OF_ROW.exec(line) ?? [];
      const row =
        n === undefined ? -1 : rows.findIndex((one, k) => k >= begun && k < end && one.n === Number(n));
      if (row >= 0 && rest !== undefined && !BY_ANOTHER.test(rest))
        at(row).own ??= rest.replace(COUNT_TOLD, '').replace(TURNS, '').trim();
      else if (!BY_STEPS.has(kind) && OF_RANGE.test(line)) {
        const [, from, to, each] = OF_RANGE.exec(line)!;
        for (let k = begun; k < end; k += 1)
          if (rows[k]!.n >= Number(from) && rows[k]!.n <= Number(to) && !BY_ANOTHER.test(each!))
            at(k).own ??= each!.replace(COUNT_TOLD, '').replace(TURNS, '').trim();
      } else if (marks && begun > 0) at(begun - 1).after.push(line);
      else if (line === 'Fasten off.' && end > 0) at(end - 1).after.push(line);
      else if ((kind === 'shape' && ROW_OF_ITS_KIND.test(line)) || COUNTS_AHEAD.test(line)) continue;
      else if (!OF_ROWS.test(line) && !/^Repeat the last/.test(line) && line.trim() !== '') later.push(line);
    }
    for (let k = begun; k < end; k += 1) at(k).kind = kind;
    if (end > begun && later.length > 0) at(begun).before.push(...later.splice(0));
    begun = end;
  });
  if (rows.length > 0)
    at(rows.length - 1).after.push(...later, ...text.end.map((line) => lineToText(line, [label])));
  return told;
}
