import type { Beginning } from '../stitch/pieceWorker.js';
import type { SpecialStitch } from '../stitch/tokenStream.js';
import type { Row } from '../work/rows.js';
import { ReadFault } from './maker.js';
import { PieceReader } from './pieceReader.js';
import type { HolesSaid, SaidOfStitches } from './said.js';
import { SENTENCES } from './sentences.js';
import type { KindSaid, MapRow } from './sheetSaid.js';

/** How long a piece is said to be after a row: "32½ cm = 12¾ in". */
export interface SaidLength {
  row: number;
  about: string;
}

const ABOUT =
  /^(?:(?:Row|Rnd)s? (?:\d+–)?|Repeat the last .+ more, to (?:row|rnd) )(\d+), about ([^:,(]+?)(?:[:,]|\. \()/;

/**
 * Reads the sentences of a piece for one size, in US terms, and makes its rows of them.
 *
 * @param heading of the section: which front a piece is says where its neck edge lies
 * @param specials stitches that the pattern defines, by name
 * @param others lines of the pieces before it for this size, by what they are called: it may be worked as one of them
 * @returns the rows in working order, and what is said of their stitches
 * @throws ReadFault with the sentence that cannot be read or does not come out
 */
export function readPiece(
  heading: string,
  lines: readonly string[],
  specials: ReadonlyMap<string, SpecialStitch> = new Map(),
  others: ReadonlyMap<string, readonly string[]> = new Map(),
): {
  rows: Row[];
  said: SaidOfStitches;
  begun: Beginning;
  lengths: SaidLength[];
  holes: HolesSaid | null;
  copies: number | null;
  kinds: readonly KindSaid[];
  across: string | null;
  join: string | null;
  map: readonly MapRow[];
} {
  const reader = new PieceReader(heading.startsWith('Right front') ? 'right' : 'left', specials);
  const lengths: SaidLength[] = [];
  for (const text of inFull(lines, others)) {
    const [, row, about] = ABOUT.exec(text) ?? [];
    if (row !== undefined) lengths.push({ row: Number(row), about: about! });
    try {
      readSentence(text.trimEnd(), reader);
    } catch (error) {
      if (error instanceof ReadFault) throw new ReadFault(`“${text}”: ${error.message}`);
      throw error;
    }
  }
  reader.lines.finish();
  const map = reader.sheet.finish();
  return {
    rows: reader.maker.rows,
    said: reader.said,
    begun: reader.begunInPattern ? 'chain' : 'plain row',
    lengths,
    holes: reader.holes,
    copies: reader.copies,
    kinds: reader.kinds,
    across: reader.across,
    join: reader.sheet.join,
    map,
  };
}

function readSentence(text: string, reader: PieceReader): void {
  for (const { form, read } of SENTENCES) {
    const found = form.exec(text);
    if (!found) continue;
    reader.settle(text);
    read(found, reader);
    return;
  }
  throw new ReadFault('this sentence is not one that pieces are written in');
}

const AS_ANOTHER =
  /^Work as the (.+?)(, mirrored,?(?:: the same rows, with every edge at the other end)?)?(?: to the end of (?:row|rnd) (\d+)(, markers included)?)?\.$/;
const MARKER = /^Place a marker at/;
/** What is told of each piece by itself. */
const OWN = /^(?:Joined to|Worked on at|Long tail|Buttonholes|No buttonholes)/;
/** What is told of rows below them. */
const OF_ROWS = /^(?:The panel|The last of these|Keep|Shape by|Work each|Work these|Rows that shape)/;

/** The lines of a piece with those of the piece that it is said to be worked as, to the row that is said. */
function inFull(lines: readonly string[], others: ReadonlyMap<string, readonly string[]>): readonly string[] {
  return lines.flatMap((text) => {
    const [, name, mirrored, to, marked] = AS_ANOTHER.exec(text) ?? [];
    const other = name === undefined ? undefined : others.get(name);
    if (!other) return [text];
    const all = inFull(other, others)
      .filter((one) => !OWN.test(one))
      .map((one) => (mirrored ? one.replace(/(right-side rows) (begin|end)\.$/, otherEnd) : one));
    if (to === undefined) return all;
    const last = all.findLastIndex(
      (one) => lastRowOf(one) === Number(to) && (marked !== undefined || !MARKER.test(one)),
    );
    if (last < 0) throw new ReadFault(`“${text}”: the ${name} has no row ${to} that ends there`);
    // What is said of these rows stands below them.
    const beyond = all.slice(last + 1).findIndex((one) => !OF_ROWS.test(one));
    const until = beyond < 0 ? all : all.slice(0, last + 1 + beyond);
    if ((marked !== undefined) !== until.some((one) => MARKER.test(one)))
      throw new ReadFault(`“${text}”: the markers of the ${name} are told otherwise`);
    return until;
  });
}

function otherEnd(_: string, rows: string, end: string): string {
  return `${rows} ${end === 'begin' ? 'end' : 'begin'}.`;
}

/** The row that a line comes to, or marks. */
function lastRowOf(text: string): number | null {
  const [, from, to] =
    /^(?:Row|Rnd)s? (\d+)(?:–(\d+))?\b/.exec(text) ??
    /^Place a marker at both ends of row (\d+)/.exec(text) ??
    [];
  return from === undefined ? null : Number(to ?? from);
}
