import { stitchOf, type Fabric } from '../fabric/fabric.js';
import { fabricStitches, plainStitchOf, type FabricStitches } from '../stitch/ofFabric.js';
import { isWholeRepeats } from '../stitch/pieceWorker.js';
import type { StitchedRow } from '../stitch/stitchedRow.js';
import { workPieceStitches } from '../stitch/workPiece.js';
import { rowsOf, type RowRun } from '../work/runs.js';
import type { PieceRole } from '../joins/roles.js';
import type { RoundWay, Row } from '../work/rows.js';
import { roundEnd, type RowWords } from '../write/rowWords.js';
import type { GoOn } from './goOn.js';
import type { PieceSection } from '../garment/sections.js';
import { line, type Line } from '../write/line.js';
import { lengthOfRows, lengthsOf, type WrittenUnits } from '../write/lengths.js';
import type { HouseStyle } from '../write/style.js';
import type { PassageInSizes } from './alignedPassages.js';
import { hasPanel } from './panel.js';
import type { Passage } from './passage.js';

/** What is asked of a piece while it is written. */
export interface WrittenPiece {
  role: PieceRole;
  passages: readonly Passage[];
  /** The stitches of its first row. */
  ends: { first: { count: number } };
  /** Its fabrics, each from a row on. */
  sections: readonly PieceSection[];
}

/** Last row and stitches of a part. */
export interface Reached {
  n: number;
  count: number;
}

/** How a piece is to be written. */
export interface PieceWish {
  units: WrittenUnits;
  style: HouseStyle;
}

/**
 * A piece as far as it has been written, in all its sizes. Passages are written for the sizes that have them: what is asked of it is
 * told for these, in their order.
 */
export class PieceSoFar {
  /** The sizes that the passage is written for, and its place in each. */
  private sizes: readonly number[];
  private places: readonly number[];
  /** The parts that the piece was last divided into, for each size. */
  private readonly divisions: (GoOn | null)[];
  private readonly reached = new Map<string, Reached[]>();
  private readonly rounds = new Map<string, RoundWay>();

  constructor(
    private readonly all: readonly WrittenPiece[],
    readonly fabrics: ReadonlyMap<string, Fabric>,
    public fabric: Fabric,
    private readonly runsOf: (passages: readonly Passage[]) => readonly RowRun[],
    readonly wish: PieceWish,
  ) {
    this.sizes = all.map((_, size) => size);
    this.places = all.map(() => 0);
    this.divisions = all.map(() => null);
  }

  /** Turns to a passage: the sizes that have it, and its place in each. */
  turnTo({ sizes, places }: PassageInSizes): void {
    this.sizes = sizes;
    this.places = places;
  }

  /** The pieces that the passage is written for. */
  get pieces(): readonly WrittenPiece[] {
    return this.sizes.map((size) => this.all[size]!);
  }

  /** Whether one size alone is written. */
  get isAlone(): boolean {
    return this.all.length === 1;
  }

  /** Whether rows that shape are told one by one: of one size alone, in plain stitches. */
  get rowByRow(): boolean {
    return this.isAlone && this.wish.style.rows === 'row by row' && this.stitches.is === 'plain';
  }

  private readonly heard = new Map<string, Map<number, string>>();
  /**
   * Whether something has not been said of the piece to all of the sizes that it is now said to.
   *
   * @param of what it is said of, where the last word of that counts
   */
  isNew(words: string, of = words): boolean {
    const heard = this.heard.get(of) ?? new Map<number, string>();
    this.heard.set(of, heard);
    const known = this.sizes.every((size) => heard.get(size) === words);
    for (const size of this.sizes) heard.set(size, words);
    return !known;
  }

  /** The place of the passage in each of its sizes. */
  get at(): readonly number[] {
    return this.places;
  }

  /** The parts that the piece was last divided into; null where a size was not. */
  get divided(): readonly (GoOn | null)[] {
    return this.sizes.map((size) => this.divisions[size]!);
  }

  divide(parts: readonly GoOn[]): void {
    this.sizes.forEach((size, i) => (this.divisions[size] = parts[i]!));
  }

  get stitch(): string {
    return plainStitchOf(this.fabric);
  }

  /** The piece has no room for its fabric's repeats. */
  isPlain = false;

  /** What the fabric is worked in. */
  get stitches(): FabricStitches {
    return this.isPlain ? { is: 'plain', stitch: this.stitch } : stitchesOfPieces(this.all, this.fabric);
  }

  /** What is said before yarn is cut: in Tunisian the last loops want a row that closes them (common practice). */
  get closing(): string[][] {
    const { stitches } = this;
    return stitches.is === 'rows' && stitches.text.work === 'tunisian'
      ? [['Close the last row: sl st in each st.']]
      : [];
  }

  /** What is worked in rows that are not shaped. */
  get even(): string {
    return this.stitches.is === 'plain' ? `${this.stitches.stitch} in each st` : 'in pattern';
  }

  /** Whether row 1 is worked into a chain as the first of the pattern, which all sizes then have whole repeats of. */
  beginsInPattern(starts: readonly Passage[]): boolean {
    const { fabric } = this.all[0]!.sections[0] ?? {};
    const first = fabric === undefined ? this.fabric : this.fabrics.get(fabric)!;
    const of = fabricStitches(first);
    return starts.every(
      (one) =>
        one.kind === 'start' &&
        one.along === null &&
        (one.round !== undefined || first.foundation !== 'stitches') &&
        !first.panel &&
        (one.round !== undefined || !first.edgeStitches) &&
        of.is === 'rows' &&
        isWholeRepeats(one.stitches, of, one.round),
    );
  }

  private stitched: readonly ReadonlyMap<string, StitchedRow | null>[] | null = null;
  /** Every row of the piece in its stitch pattern, by part and number, for each size. */
  stitchedRows(): readonly ReadonlyMap<string, StitchedRow | null>[] {
    const stitched = (this.stitched ??= this.workAll());
    return this.sizes.map((size) => stitched[size]!);
  }

  private workAll(): readonly Stitched[] {
    const chain = this.beginsInPattern(this.all.map(({ passages }) => passages[0]!));
    const all = (units: boolean) =>
      this.all.map((piece) => stitchedOf(piece, this.fabrics, this.runsOf, { chain, units }));
    if (![...this.fabrics.values()].some(({ shaping }) => shaping === 'units')) return all(false);
    // All sizes are told alike: by whole repeats only where each of their shaped rounds can be.
    const units = all(true);
    const byUnits = this.all.every((piece, size) =>
      this.runsOf(piece.passages).every(
        ({ row }) => !row.round || row.by === 0 || units[size]!.get(`${row.part}:${row.n}`)?.ring,
      ),
    );
    this.shapesByUnits = byUnits;
    return byUnits ? units : all(false);
  }
  private shapesByUnits = false;
  /** Stitches that a shaped round of a part changes by at each place: a repeat; null where it is shaped by stitches. */
  unitOf(part: string): number | null {
    const { stitches } = this;
    if (stitches.is !== 'rows' || this.wayOf(part) === undefined) return null;
    this.stitchedRows();
    return this.shapesByUnits ? stitches.proof.base.multiple : null;
  }

  private readonly rows = new Map<number, readonly Row[]>();
  /** The rows of a part in a size. */
  rowsOfPart(part: string, own: number): readonly Row[] {
    const size = this.sizes[own]!;
    const rows = this.rows.get(size) ?? rowsOf(this.runsOf(this.all[size]!.passages));
    this.rows.set(size, rows);
    return rows.filter((row) => row.part === part);
  }

  /** How far a part has come, for each size. */
  of(part: string): readonly Reached[] {
    const reached = this.reached.get(part)!;
    return this.sizes.map((size) => reached[size]!);
  }

  /** The side that the last row of a part so far shows, for each size; null where it is worked in rounds. */
  sidesOf(part: string): readonly Row['side'][] | null {
    if (this.rounds.has(part)) return null;
    const reached = this.of(part);
    return reached.map(({ n }, size) => this.rowsOfPart(part, size).find((row) => row.n === n)?.side ?? 'WS');
  }

  reach(part: string, reached: readonly Reached[]): void {
    const all = this.reached.get(part) ?? [];
    this.sizes.forEach((size, i) => (all[size] = reached[i]!));
    this.reached.set(part, all);
  }

  /**
   * How long the piece is after a row in each size, from where it was begun: ", about 33 (34) cm". Nothing where short rows make it longer
   * at one place than at another, or where it goes on from a sheet.
   */
  lengthBeside(rows: readonly number[]): Line {
    const uneven = this.all.some(({ passages }) =>
      passages.some(({ kind }) => kind === 'short' || kind === 'sheet'),
    );
    if (uneven || rows.some((n) => n === 0)) return [];
    const lengths = rows.map((n, i) => lengthOfRows(this.all[this.sizes[i]!]!.sections, n));
    return line`, about ${{ inline: lengthsOf(lengths, this.wish.units) }}`;
  }

  inRounds(part: string, way: RoundWay): void {
    this.rounds.set(part, way);
  }

  /** How the rounds of a part close; nothing where it is worked in rows. */
  wayOf(part: string): RoundWay | undefined {
    return this.rounds.get(part);
  }

  /** Whether a row shows its right side while it is worked: rows begin with a right-side one and turn. */
  isRightSide(n: number): boolean {
    return n % 2 === 1;
  }

  /** What the rows of a part are called. */
  wordsOf(part: string): RowWords {
    const way = this.rounds.get(part);
    const { stitches } = this;
    const tunisian = stitches.is === 'rows' && stitches.text.work === 'tunisian';
    return way === undefined
      ? { one: 'Row', short: 'row', end: tunisian ? 'return' : 'turn' }
      : { one: 'Rnd', short: 'rnd', end: roundEnd(way) };
  }
}

/** What pieces are worked in: a fabric with a panel is plain where there is no middle for it. */
function stitchesOfPieces(pieces: readonly WrittenPiece[], fabric: Fabric): FabricStitches {
  const of = fabricStitches(fabric);
  return of.is === 'rows' && fabric.panel && !hasPanel(pieces, fabric)
    ? { is: 'plain', stitch: stitchOf(fabric) }
    : of;
}

type Stitched = ReadonlyMap<string, StitchedRow | null>;

/** Pieces that were worked stitch by stitch: a text is written again far more often than its pieces change. */
const STITCHED = new WeakMap<
  readonly Passage[],
  Map<string, { fabrics: readonly Fabric[]; rows: Stitched }>
>();

function stitchedOf(
  piece: WrittenPiece,
  all: ReadonlyMap<string, Fabric>,
  runsOf: (of: readonly Passage[]) => readonly RowRun[],
  { chain, units }: { chain: boolean; units: boolean },
): Stitched {
  const { passages } = piece;
  // Another gauge of the same fabric is no other fabric.
  const sections = piece.sections.filter(({ fabric }, i, all) => fabric !== all[i - 1]?.fabric);
  const fabrics = sections.map(({ fabric }) => all.get(fabric)!);
  const ways = STITCHED.get(passages) ?? new Map<string, { fabrics: readonly Fabric[]; rows: Stitched }>();
  STITCHED.set(passages, ways);
  const way = `${chain} ${units}`;
  const known = ways.get(way);
  if (known && known.fabrics.every((fabric, i) => fabric === fabrics[i])) return known.rows;
  const runs = runsOf(passages);
  const worked = workPieceStitches(
    runs,
    fabrics.map((of, i) => ({
      from: sections[i]!.first,
      stitches: stitchesOfPieces([piece], of),
      plain: stitchOf(of),
      panel: of.panel ?? 0,
      edges: of.edgeStitches ?? 0,
      units,
    })),
    chain ? 'chain' : 'plain row',
  );
  const rows = new Map(rowsOf(runs).map(({ part, n }, i) => [`${part}:${n}`, worked.rows[i] ?? null]));
  ways.set(way, { fabrics, rows });
  return rows;
}
