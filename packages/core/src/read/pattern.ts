import type { Design } from '../design.js';
import { COUNTED_IN } from '../fabric/fabric.js';
import type { MappedSquare, SheetMap } from '../colours/sheetMap.js';
import { colourOfRound, type SquareColours } from '../colours/squareColours.js';
import type { ButtonholeRow } from '../finishing/buttonholes.js';
import type { Touch } from '../finishing/touches.js';
import type { Join, WorkedEdge } from '../joins/audit.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { workPiece } from '../work/hook.js';
import type { Row } from '../work/rows.js';
import { rowsOf } from '../work/runs.js';
import { fromHouse, wordsOf } from '../write/house.js';
import { USUAL_STYLE, type HouseStyle } from '../write/style.js';
import { easeDiffers, sizesDiffer, type ProvenFront } from './front.js';
import { joiningDiffers } from './joining.js';
import { gaugeDiffers, needsDiffer, type ProvenNeeds } from './needs.js';
import { linesOfSize } from './ofSize.js';
import { statedEase } from '../write/about.js';
import { holesOf } from '../write/buttonholes.js';
import { lengthOfRows, saysLength } from '../write/lengths.js';
import { readPiece, type SaidLength } from './piece.js';
import type { HolesSaid } from './said.js';
import { coloursSaid, type KindSaid, type MapRow } from './sheetSaid.js';
import { StitchProver } from './stitches.js';

/** A section of a written pattern: its heading and its lines, tables included. */
interface WrittenSection {
  heading: string;
  lines: string[];
}

/** The sections of a pattern written as text. */
export function sectionsOfText(text: string): WrittenSection[] {
  const sections: WrittenSection[] = [];
  for (const one of text.split('\n')) {
    if (one.startsWith('## ')) sections.push({ heading: one.slice(3), lines: [] });
    else if (one.trim() !== '' && !one.startsWith('> ')) sections.at(-1)?.lines.push(one);
  }
  return sections;
}

/** What reading a pattern back and working it has come to. */
export interface Proof {
  sizes: number;
  pieces: number;
  rows: number;
  /** Stitches of these rows, and rows in pattern that could only be followed by their counts. */
  stitches: number;
  unfollowed: number;
  /** Where text and plan differ, in words: empty when they do not. */
  differences: { size: string; piece: string; message: string }[];
}

interface ProvenSize extends Partial<ProvenFront> {
  label: string;
  joins?: readonly Join[];
  touches?: readonly Touch[];
  yarn?: ProvenNeeds['yarn'];
  map?: SheetMap | null;
  pieces: readonly (Pick<
    PlannedPiece,
    'label' | 'copies' | 'runs' | 'sections' | 'role' | 'fabric' | 'ends' | 'passages' | 'fronts'
  > & { edges?: PlannedPiece['edges'] })[];
}

/**
 * Reads a pattern's text (US terms, all its sizes) as a maker would, works what it says with the virtual hook and compares every row
 * with the plan: its number, its count, what it gains and what it is worked into.
 *
 * @param text as `patternToText` gives it
 * @param sizes the plan's sizes that the pattern is written for, in its order
 * @param style of the house that it is written in, where not the usual one
 * @param made the design's fabrics and finishing: without them hooks, gauges, yarn and buttonholes are not compared
 */
export function provePattern(
  text: string,
  sizes: readonly ProvenSize[],
  style: Partial<HouseStyle> = {},
  made?: Pick<Design, 'fabrics' | 'finishing'>,
): Proof {
  const house: HouseStyle = { ...USUAL_STYLE, ...style };
  const sections = sectionsOfText(text);
  const labels = sizes.map(({ label }) => label);
  const linesOf = (heading: string, size: number) =>
    linesOfSize(
      (sections.find((section) => section.heading === heading)?.lines ?? []).map((text) =>
        fromHouse(text, wordsOf(house), labels.length),
      ),
      size,
      labels,
    );
  const stitches = new StitchProver(sections);
  const proof: Proof = {
    sizes: sizes.length,
    pieces: 0,
    rows: 0,
    stitches: 0,
    unfollowed: 0,
    differences: [],
  };
  for (const message of stitches.faults)
    proof.differences.push({ size: labels[0]!, piece: 'Stitch pattern', message });
  for (const { heading, lines } of sections)
    for (const message of headsDiffer(lines, labels))
      proof.differences.push({ size: labels[0]!, piece: heading, message });
  for (const { heading, message } of unitsDiffer(sections, labels, house))
    proof.differences.push({ size: labels[0]!, piece: heading, message });
  const measured = sizes.flatMap(({ finished, body }) => (finished && body ? [{ finished, body }] : []));
  const ease = measured.length === sizes.length ? statedEase(measured) : null;
  sizes.forEach(({ label, pieces, joins, touches, finished, body, yarn, map }, size) => {
    const others = new Map<string, readonly string[]>();
    for (const piece of pieces) {
      const differs = (message: string) =>
        proof.differences.push({ size: label, piece: piece.label, message });
      const found = sectionOf(sections, piece);
      if (!found) {
        differs('the pattern has no section for it');
        continue;
      }
      try {
        const lines = linesOfSize(
          found.lines.map((text) => fromHouse(text, house, labels.length)),
          size,
          labels,
        );
        const {
          rows,
          said,
          begun,
          lengths,
          holes,
          copies,
          kinds,
          across,
          join,
          map: mapped,
        } = readPiece(piece.label, lines, stitches.specials, others);
        others.set(piece.label.toLowerCase(), lines);
        const { faults } = workPiece(rows);
        const unlike =
          difference(rows, rowsOf(piece.runs)) ??
          faults[0] ??
          lengthDiffers(lengths, piece.sections) ??
          acrossDiffers(across, piece) ??
          joinDiffers(join, piece) ??
          copiesDiffer(copies, found.heading, piece) ??
          kindsDiffer(kinds, piece, made?.finishing?.squares) ??
          (piece.role === 'sheet' && map ? mapDiffers(mapped, map.squares) : null) ??
          (made ? holesDiffer(holes, piece, made) : null);
        if (unlike) differs(unlike);
        proof.pieces += 1;
        proof.rows += rows.length;
        if (unlike) continue;
        const stitched = stitches.prove(rows, said, begun);
        stitched.differences.forEach(differs);
        proof.stitches += stitched.stitches;
        proof.unfollowed += stitched.unfollowed;
      } catch (error) {
        differs(error instanceof Error ? error.message : String(error));
      }
    }
    const tell = (heading: string, messages: readonly string[]) =>
      messages.forEach((message) => proof.differences.push({ size: label, piece: heading, message }));
    if (finished && body) {
      tell('Sizes', sizesDiffer(linesOf('Sizes', size), { finished, body }));
      if (ease) tell('About', easeDiffers(linesOf('About', size), ease.ease[size]!, ease.at));
    }
    if (made && yarn) {
      const ids = new Set(pieces.flatMap(({ sections: of }) => of.map(({ fabric }) => fabric)));
      const fabrics = made.fabrics.filter(({ id }) => ids.has(id));
      const band = pieces.find(({ role, fronts }) => role === 'front band' || fronts);
      const needs: ProvenNeeds = {
        yarn,
        fabrics,
        band: made.fabrics.find(({ id }) => id === band?.fabric) ?? null,
        finishing: made.finishing,
      };
      tell('You need', needsDiffer(linesOf('You need', size), needs));
      tell('Gauge', gaugeDiffers(linesOf('Gauge', size), fabrics));
    }
    if (joins)
      tell(
        'Joining',
        joiningDiffers(
          linesOf('Joining', size),
          linesOf('Long tails', size),
          joins,
          pieces.map(({ runs }) => runs.at(-1)!.row.count),
          touches,
        ),
      );
  });
  return proof;
}

/** Tables whose columns are not the sizes. */
function headsDiffer(lines: readonly string[], labels: readonly string[]): string[] {
  return lines.flatMap((text, i) => {
    if (!lines[i + 1]?.startsWith('| ---')) return [];
    const columns = text.slice(2, -2).split(' | ').slice(1);
    return String(columns) === String(labels) ? [] : [`the table “${text}” is not for ${labels.join(', ')}`];
  });
}

/** "(25 mesh spaces, 76 sts)": the stitches that a unit and the edges have are the same throughout a pattern. */
const UNITS = new RegExp(`(?:${COUNTED_IN.map((name) => name.replace(/s$/, 's?')).join('|')})\\)?, \\d`);
/** A piece that is worked in the spaces of a motif has whole units, no edge stitches beside them. */
const OF_MOTIF = /corner sp|sps as one/;
const IN_UNITS = /\((\d+) ([^,()\d]+), (\d+) sts?\)/g;

function unitsDiffer(
  sections: readonly WrittenSection[],
  labels: readonly string[],
  house: HouseStyle,
): { heading: string; message: string }[] {
  const counts = sections
    // Most patterns count in stitches alone.
    .filter(({ lines }) => lines.some((text) => UNITS.test(text)))
    .flatMap(({ heading, lines }) => {
      const plain = lines.map((text) => fromHouse(text, house, labels.length));
      const motif = plain.some((text) => OF_MOTIF.test(text));
      return labels.flatMap((_, size) =>
        linesOfSize(plain, size, labels).flatMap((text) =>
          [...text.matchAll(IN_UNITS)].map(([, units, name, stitches]) => ({
            heading,
            motif,
            units: Number(units),
            name: name!,
            stitches: Number(stitches),
          })),
        ),
      );
    });
  const kinds = new Map(
    counts.map(({ name, motif }) => [`${name}${motif ? ' of a motif' : ''}`, { name, motif }]),
  );
  return [...kinds.values()].flatMap(({ name: unit, motif: ofMotif }) => {
    const own = counts.filter(({ name, motif }) => name === unit && motif === ofMotif);
    // The rule that most counts of the unit keep.
    const votes = new Map<string, number>();
    for (const one of own) {
      const other = own.find((two) => two.units !== one.units && two.stitches !== one.stitches);
      if (!other) continue;
      const each = (other.stitches - one.stitches) / (other.units - one.units);
      const rule = `${each}/${one.stitches - each * one.units}`;
      votes.set(rule, (votes.get(rule) ?? 0) + 1);
    }
    const [rule] = [...votes].sort(([, a], [, b]) => b - a)[0] ?? [];
    const [each, plus] = (rule ?? '').split('/').map(Number);
    const alike = ({ units, stitches }: (typeof own)[number]) =>
      own.filter((two) => two.units === units && two.stitches === stitches).length;
    // Where no two counts differ in both, those that most rows have are right.
    const usual = own.reduce<(typeof own)[number] | null>(
      (most, one) => (most && alike(most) >= alike(one) ? most : one),
      null,
    );
    const fits = ({ units, stitches }: (typeof own)[number]) =>
      rule === undefined
        ? units === usual!.units && stitches === usual!.stitches
        : each! * units + plus! === stitches;
    return own.flatMap((one) =>
      fits(one)
        ? []
        : [
            {
              heading: one.heading,
              message: `${one.units} ${unit} are not ${one.stitches} sts as in the other rows`,
            },
          ],
    );
  });
}

/** The section of a piece. */
function sectionOf(
  sections: readonly WrittenSection[],
  { label, copies }: Pick<PlannedPiece, 'label' | 'copies'>,
): WrittenSection | undefined {
  const head = `${label}${copies > 1 ? ` (make ${copies})` : ''}`;
  // Of pieces that sizes want in different numbers it is said below the heading.
  return sections.find(({ heading }) => heading === head || heading === label);
}

/** Squares of a map that are told otherwise than planned. */
function mapDiffers(told: readonly MapRow[], squares: readonly MappedSquare[]): string | null {
  for (const { layer, row, letters } of told) {
    const planned = squares
      .filter((square) => square.layer === layer && square.row === row)
      .sort((a, b) => a.column - b.column);
    const wanted = planned.map(({ kind, half }) => (half ? kind.toLowerCase() : kind)).join('');
    const found = letters.replaceAll('·', '');
    if (found !== wanted) return `row ${row} of the ${layer} is told as ${found}; the map has ${wanted}`;
  }
  return null;
}

/** What a side of a square is said to measure, against what it has come to. */
function acrossDiffers(
  said: string | null,
  { edges = [] }: { edges?: readonly Pick<WorkedEdge, 'length'>[] },
): string | null {
  const [side] = edges;
  if (said === null || !side || saysLength(said, side.length)) return null;
  return `its sides are said to measure about ${said}; they measure ${side.length.toFixed(1)} cm`;
}

/** How many squares are told to be made of each kind, and in which colours, against the design. */
function kindsDiffer(
  told: readonly KindSaid[],
  { copies, runs }: Pick<PlannedPiece, 'copies' | 'runs'>,
  colours: SquareColours | undefined,
): string | null {
  if (told.length === 0) return null;
  const all = told.reduce((sum, { many }) => sum + many, 0);
  if (all !== copies) return `${all} are said to be made of all kinds, it wants ${copies}`;
  const rounds = runs.reduce((sum, { times }) => sum + times, 0);
  for (const { id, words } of told) {
    const kind = colours?.kinds.find((one) => one.id === id);
    if (!colours || !kind) return `there is no kind ${id}`;
    const said = coloursSaid(words, rounds);
    for (let n = 1; n <= rounds; n += 1) {
      const wanted = colourOfRound(colours, kind, n, rounds);
      if (said[n - 1]?.toLowerCase() !== wanted.toLowerCase())
        return `round ${n} of kind ${id} is said to be in ${said[n - 1] ?? 'no colour'}; it is in ${wanted}`;
    }
  }
  return null;
}

/** What a join between two squares is said to add. */
function joinDiffers(said: string | null, { passages }: Pick<PlannedPiece, 'passages'>): string | null {
  const sheet = passages.find((passage) => passage.kind === 'sheet');
  if (!sheet || (said === null ? sheet.join === 0 : saysLength(said, sheet.join))) return null;
  if (said === null) return `what a join adds is not said; it adds ${sheet.join.toFixed(1)} cm`;
  return `a join is said to add about ${said}; it adds ${sheet.join.toFixed(1)} cm`;
}

/** How many are to be made, said in the heading or below it. */
function copiesDiffer(
  said: number | null,
  heading: string,
  { copies, label }: Pick<PlannedPiece, 'copies' | 'label'>,
): string | null {
  const inHeading = heading === label ? 1 : copies;
  const told = said ?? inHeading;
  return told === copies ? null : `${told} are said to be made, it wants ${copies}`;
}

/** The first length that is not the one to its row. */
function lengthDiffers(lengths: readonly SaidLength[], sections: PlannedPiece['sections']): string | null {
  for (const { row, about } of lengths) {
    const wanted = lengthOfRows(sections, row);
    if (!saysLength(about, wanted))
      return `row ${row} is said to lie at about ${about}, it lies at ${wanted.toFixed(1)} cm`;
  }
  return null;
}

/** Buttonholes that are not those planned. */
function holesDiffer(
  said: HolesSaid | null,
  piece: ProvenSize['pieces'][number],
  made: Pick<Design, 'fabrics' | 'finishing'>,
): string | null {
  const planned = holesOf(piece, made);
  const wordsOf = ({ row, side, width, gaps }: HolesSaid | ButtonholeRow) =>
    `in row ${row} of the ${side} band, each of ${width} sts, with ${gaps.join(', ')} sts between them`;
  const [told, wanted] = [said ? wordsOf(said) : 'none', planned?.ok ? wordsOf(planned.row) : 'none'];
  return told === wanted ? null : `the buttonholes are said to be ${told}; they are ${wanted}`;
}

/** The first row in which what was read is not what was planned; null when there is none. */
function difference(read: readonly Row[], planned: readonly Row[]): string | null {
  for (const [i, want] of planned.entries()) {
    const row = read[i];
    if (!row) return `the text ends before row ${want.n}`;
    const of = ({ from }: typeof want) =>
      from.reduce((all, source) => all + (source.along === undefined ? source.take : 0), 0);
    if (row.n !== want.n) return `row ${row.n} stands where row ${want.n} was planned`;
    if (row.count !== want.count) return `row ${row.n} comes to ${row.count}, planned ${want.count}`;
    if (row.motif !== want.motif) return `row ${row.n} grows by the motif otherwise than planned`;
    if (String(row.graded ?? []) !== String(want.graded ?? []))
      return `row ${row.n} falls to low stitches at other ends than planned`;
    if (begins(row) !== begins(want)) return `row ${row.n} begins over other stitches than planned`;
    if (row.by !== want.by || row.add !== want.add || of(row) !== of(want))
      return `row ${row.n} comes to its ${row.count} by another way than planned: ${wayOf(row)} in the text, ${wayOf(want)} in the plan`;
  }
  return read.length > planned.length ? `the text goes on after row ${planned.at(-1)?.n}` : null;
}

/** Where what a row is worked into begins in each row below, from the left. */
function begins({ from }: Row): string {
  return from.flatMap((source) => (source.along === undefined && source.take > 0 ? source.at : [])).join();
}

/** How a row comes to its count: "38 of the row below, 2 added, 1 fewer by shaping". */
function wayOf({ from, by, add }: Row): string {
  const taken = from.reduce((all, source) => all + (source.along === undefined ? source.take : 0), 0);
  const shaped = by === 0 ? [] : [`${Math.abs(by)} ${by > 0 ? 'more' : 'fewer'} by shaping`];
  return [`${taken} of the row below`, ...(add > 0 ? [`${add} added`] : []), ...shaped].join(', ');
}
