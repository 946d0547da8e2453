import { BORDERS, type Borders } from '../borders/fields.js';
import { addedAt } from '../borders/height.js';
import type { Reason } from '../because/reason.js';
import type { CompletedBody } from '../body/derive.js';
import { FieldReader, type FieldProblem, type JsonObject } from '../check/fields.js';
import type { Fields, StyleOf } from '../fields/kinds.js';
import { readFields } from '../fields/read.js';
import type { Size } from '../design.js';
import type { Axis, Fabric } from '../fabric/fabric.js';
import type { OwnUnit } from '../fabric/units.js';
import type { HelperCount, Quantity, Relation } from '../fit/problem.js';
import type { Note } from '../advice/note.js';
import type { GarmentFacts } from '../advice/facts.js';
import type { JoinPlan } from '../joins/join.js';
import type { EdgeRole, PieceRole, Side } from '../joins/roles.js';
import type { EdgeRun } from '../shaping/cap.js';
import type { Passage } from '../passages/passage.js';
import type { EdgeLine } from '../work/edgeLines.js';
import type { Outline } from '../work/outline.js';
import type { EdgePlace } from '../work/rows.js';
import type { CountId, GarmentCounts } from './counts.js';

/** A quantity as a construction drafts it: the unknown count, and what people call it. */
export interface DraftQuantity extends Quantity {
  id: CountId;
  label: string;
  fabric: Fabric;
  axis: Axis;
  /** How the target length came about. */
  because: readonly Reason[];
  /** What is counted where that is neither stitches nor rows: squares, each as long as one of `perCm`. */
  unit?: OwnUnit;
}

/** A finished measurement: what was wanted and how it follows from the counts, cm. */
export interface FinishedPlan {
  id: string;
  label: string;
  target: number;
  actual: (counts: GarmentCounts) => number;
}

/** A finished measurement: `target` and what the counts come to, cm. */
export function finishedPlan(
  id: string,
  label: string,
  target: number,
  actual: FinishedPlan['actual'],
): FinishedPlan {
  return { id, label, target, actual };
}

/** One size of a garment before its counts are known. */
export interface Draft {
  quantities: readonly DraftQuantity[];
  helpers: readonly HelperCount[];
  relations: readonly Relation[];
  finished: readonly FinishedPlan[];
  notes: readonly Note[];
  /** Edgings that follow the edges of the finished pieces: counted when these are, as a maker does. */
  edgings?: Edgings;
}

/** Counts that follow from other counts and never move them. */
export interface Edgings {
  /** Ids of their quantities. */
  ids: readonly CountId[];
  /** Drafts them for the counts of the pieces. */
  follow: (counts: GarmentCounts) => Pick<Draft, 'quantities' | 'helpers' | 'relations'>;
}

/** How a piece lies where that does not follow from its rows: folded, or grown from a centre. In cm, upwards from its lower edge. */
export interface Drawn {
  /** What lies inside the piece where one of its sides meets the next, in degrees: everywhere the same, or by the side that ends there. */
  corner: number | readonly number[];
  outlines: readonly Outline[];
  /** Its rounds and rows, each as a line. */
  rows: readonly (readonly (readonly [x: number, y: number])[])[];
  edges: Readonly<Record<string, DrawnEdge>>;
  /** Squares that it is joined of. */
  squares?: readonly DrawnSquare[];
}

/** A square of a sheet, as it lies, and where it has its place. */
export interface DrawnSquare {
  layer: 'back' | 'front';
  /** From the fold over the shoulders down, from 1; and from the middle, 0 for the middle one, below 0 towards the wearer's left. */
  row: number;
  column: number;
  half: boolean;
  points: readonly (readonly [x: number, y: number])[];
}

/** An edge as it lies, and which side of the piece it is along, counted clockwise from 0. */
export interface DrawnEdge extends EdgeLine {
  side: number;
  /** It lies folded in two: as long as drawn on either layer. */
  folded?: true;
}

export interface EdgeProgram {
  id: string;
  role: EdgeRole;
  /** The wearer's side, where the garment has one like it on the other. */
  side?: Side;
  /** Its rows run from the neck down, against the way in which bands are picked up along it. */
  downwards?: true;
  label: string;
  axis: Axis;
  place: EdgePlace;
  /** An edge that no other piece joins: a hem, a neck, a front. */
  open?: boolean;
  /**
   * For row ends: where each row's end lies, in stitches to the right of the first one's, as shaping wants it; it must come off
   * the hook so.
   */
  path?: 'straight' | readonly number[];
  /** As `path`, only to measure a stepped edge by, where shaping inside the rows moves their ends as well. */
  slant?: readonly number[];
  /** Length, cm, where neither its stitches nor its rows tell it: along the side of a motif. */
  measures?: number;
  /** For a curved edge, and for stitches picked up along one: the straight pieces of its line, by which it is measured. */
  along?: readonly EdgeRun[];
}

/** Where markers hang in the first and the last of some rows of a part. */
export interface MarkerRun {
  part: string;
  first: number;
  last: number;
  from: readonly number[];
  to: readonly number[];
}

/** A count as a label shows it: by itself, or with a word before it where a label shows several of a kind ("cuff 38 st"). */
export type ShownCount = CountId | readonly [count: CountId, before: string];

/** A front in a border: which of the sides between its corners, and how many of its stitches go to the front edge itself. */
export interface BorderFront {
  side: number;
  picked: number;
}

/** A piece with its counts: how it is worked, which edges it has, and what its quantities must come out as. */
export interface PieceProgram {
  id: string;
  role: PieceRole;
  /** The wearer's side, where there is one like it on the other. */
  side?: Side;
  label: string;
  copies: number;
  /** Counts on its label on the table, in lines from its lower edge up; those that it does not have are left out. */
  shows?: readonly (readonly ShownCount[])[];
  fabric: Fabric;
  /** Other fabrics, each from a row on (rows of all parts number on); rising. */
  sections?: readonly { fabric: Fabric; first: number }[];
  work: 'rows' | 'rounds';
  /** Quantities that together are the piece's rows from beginning to end. */
  rows: readonly CountId[];
  /** Rows besides, that are half a row each and so add no height: short rows out from the joining of a round and back. */
  halfRows?: number;
  /** Rows that the style gives as a number: no count is found for them. */
  fixedRows?: number;
  /** It is worked on to edges of the joined garment: drawings show it along them. */
  workedOn?: true;
  /** Rows of it were worked already, and its shaping was spread anew over the rest. */
  resumed?: true;
  /** How it lies, where its rows do not tell it. */
  drawn?: Drawn;
  /** Of a border round all: where the fronts lie in it. */
  fronts?: Readonly<Record<Side, BorderFront>>;
  passages: readonly Passage[];
  edges: readonly EdgeProgram[];
  /**
   * Markers moved up row by row: where they hang in one row of a part (stitches to the left of each), and where they must
   * have come to in a later one.
   */
  markers?: readonly MarkerRun[];
  /** Quantities that the worked piece must show: the sum of these edges as the hook counted them. */
  expects: readonly { quantity: CountId; edges: readonly string[] }[];
}

/** The finished garment's round at a distance from the shoulder point, cm: down the body, or along the arm. */
export interface Girth {
  at: number;
  round: number;
}

/** The pieces, joins and facts of one size once its counts are known. */
export interface Program {
  /** Rounds of body and sleeve from the shoulder on, for laying the garment over the body. */
  girths: {
    body: readonly Girth[];
    arm: readonly Girth[];
    /** A yoke from the neck to the split, over shoulders and arms. */
    yoke?: readonly Girth[];
  };
  pieces: readonly PieceProgram[];
  joins: readonly JoinPlan[];
  facts: GarmentFacts;
  /** What is to be said of the counts as they have come out. */
  notes?: readonly Note[];
}

export interface SizeInput<Style> {
  size: Size;
  body: CompletedBody;
  style: Style;
  fabrics: ReadonlyMap<string, Fabric>;
}

/** How a garment lies on the table: one piece first, all others hung on to it by their joins. */
export interface TableLayout {
  /** The piece that lies first; without it the first of the size. */
  root?: PieceRole;
  /** Which of its edges faces where. */
  facing: { edge: EdgeRole; way: 'up' | 'down' | 'left' | 'right' };
  /** Counts shown in the opening of the neck. */
  neck?: readonly ShownCount[];
}

/** A garment of a construction to try things with: fields of a design's `garment` that are not as usual. */
export interface Specimen {
  name: string;
  garment: JsonObject;
}

/** What a construction says of itself; everything else follows from this. */
export interface Declaration<F extends Fields, Style> {
  /** As design files name it. */
  id: string;
  label: string;
  /** How a garment of it is worked, as its pattern begins. */
  says: string;
  /** What it asks for, in a line of the chooser: "width and length, armhole depth". */
  needs: string;
  /** What it gives, in a line there. */
  gives: string;
  table: TableLayout;
  fields: F;
  /** The style that is drafted, from the fields as they were read: where some rule others out. */
  style: (read: StyleOf<F>) => Style;
  /** Counts that its sizes differ in, where these are not widths and lengths alone. */
  grades?: readonly CountId[];
  /** Garments as a designer would open, band and shape them: what every test of all constructions takes. */
  specimens: readonly Specimen[];
  draft: (input: SizeInput<Style>) => Draft;
  program: (input: SizeInput<Style>, counts: GarmentCounts) => Program;
}

/** What the fields of a garment have as values, usual figures filled in. */
export function fieldValues(
  { fields }: Pick<Construction, 'fields'>,
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[] = [],
): Readonly<Record<string, unknown>> {
  return readFields(fields, new FieldReader(garment, 'garment', problems), fabricIds);
}

/** A way of making a garment: a folder of its own and a line in the registry. */
export interface Construction extends Omit<Declaration<Fields, unknown>, 'style'> {
  /** Reads the fields of a design's garment; wrong ones are added to `problems`, missing ones get their usual figures. */
  readStyle: (garment: JsonObject, fabricIds: readonly string[], problems: FieldProblem[]) => unknown;
}

/** Which edging a finished length includes. */
const ENDS_WITH: Readonly<Record<string, 'hem' | 'cuff'>> = {
  length: 'hem',
  lengthBack: 'hem',
  sleeveLength: 'cuff',
};

/** A draft whose finished lengths include the edgings that are worked on. */
function edged(draft: Draft, { style, fabrics }: SizeInput<unknown>): Draft {
  const { border } = style as { border?: Borders };
  const finished = draft.finished.map((one): FinishedPlan => {
    const place = ENDS_WITH[one.id];
    const added = place ? addedAt(place, border, fabrics) : 0;
    if (added === 0) return one;
    return { ...one, target: one.target + added, actual: (counts) => one.actual(counts) + added };
  });
  return { ...draft, finished };
}

/** A construction from what it says of itself. Only it knows its style, so to all others that is unknown. */
export function construction<const F extends Fields, Style>(said: Declaration<F, Style>): Construction {
  const { style, ...rest } = said;
  const fields = { ...said.fields, ...BORDERS };
  return {
    ...(rest as unknown as Omit<Declaration<Fields, unknown>, 'style'>),
    fields,
    draft: (input) => edged(said.draft(input as SizeInput<Style>), input),
    readStyle: (garment, fabricIds, problems) => {
      const reader = new FieldReader(garment, 'garment', problems);
      const { border } = readFields(BORDERS, reader, fabricIds);
      return { ...style(readFields(said.fields, reader, fabricIds)), border };
    },
  };
}
