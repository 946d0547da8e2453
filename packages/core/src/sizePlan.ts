import { joinNotes, missNotes } from './advice/counts.js';
import {
  armNote,
  bandStretchNotes,
  headNote,
  reachNote,
  stretchNotes,
  type NeckBand,
} from './advice/garment.js';
import type { Note } from './advice/note.js';
import { addEdgings, noRoomNote, type Bordered, type Joined } from './borders/borders.js';
import { NoRoom } from './borders/edging.js';
import { mapOf, type SheetMap } from './colours/sheetMap.js';
import { cutPanelNotes } from './advice/stitches.js';
import type { Neighbours } from './because/counted.js';
import { explain } from './because/explain.js';
import type { Reason } from './because/reason.js';
import type { FullBody, Group } from './body/measurements.js';
import type { Axis, CountRule, Fabric } from './fabric/fabric.js';
import type { OwnUnit } from './fabric/units.js';
import { lengthOnTheHook } from './fabric/gauge.js';
import { touchesOf, touchNotes } from './borders/touches.js';
import type { Finishing } from './finishing/finishing.js';
import { yarnOfTouches, type Touch } from './finishing/touches.js';
import type { SizeFit } from './fit/fit.js';
import { countReader, type Counts } from './fit/counts.js';
import type { Rounding } from './fit/problem.js';
import type { Construction, Draft, Program, SizeInput } from './garment/construction.js';
import { auditJoin, type Join, type WorkedEdge } from './joins/audit.js';
import { PlanRefused, workAndCheck, type PlannedPiece } from './plannedPiece.js';
import { say } from './text/phrase.js';
import { yarnNeeds, type YarnNeed } from './yarn/metres.js';

export interface PlannedQuantity {
  id: string;
  label: string;
  fabric: string;
  axis: Axis;
  perCm: number;
  /** Length wanted, count found, and what it measures blocked and while working, cm. */
  target: number;
  count: number;
  actual: number;
  onTheHook: number;
  rule: CountRule;
  rounding: Rounding;
  /** What is counted, where that is neither stitches nor rows. */
  unit?: OwnUnit;
  pinned: boolean;
  /** Why the count is what it is, put into sentences when asked. */
  because: () => readonly Reason[];
}

export interface FinishedMeasure {
  id: string;
  label: string;
  target: number;
  actual: number;
}

export interface SizePlan {
  id: string;
  label: string;
  group: Group;
  body: FullBody;
  finished: readonly FinishedMeasure[];
  quantities: readonly PlannedQuantity[];
  pieces: readonly PlannedPiece[];
  joins: readonly Join[];
  /** Rounds of body and sleeve from the shoulder on, cm. */
  girths: Program['girths'];
  /** Which kind of square lies where; null for what is not of squares. */
  map: SheetMap | null;
  yarn: readonly YarnNeed[];
  /** What is done besides seams: threads that gather, ties, a steadied back neck. */
  touches: readonly Touch[];
  notes: readonly Note[];
}

/** The pieces of a size of which some are begun, and the edgings among these that were worked on to the joined garment. */
export interface Resumed {
  program: Program;
  edgings: NonNullable<Joined['begun']>;
}

/** A size off the hook. */
interface WorkedGarment {
  program: Program;
  worked: PlannedPiece[];
  edges: ReadonlyMap<string, WorkedEdge>;
  joins: Join[];
  touches: Touch[];
  /** What its seams and its fit on the body give to say. */
  notes: Note[];
}

/**
 * Works all pieces of a size and audits their joins.
 *
 * @param resumed its pieces, where some of them are begun
 * @throws PlanRefused where a piece does not come off the hook as counted, RangeError where it cannot be shaped so
 */
export function workGarment(
  construction: Construction,
  input: SizeInput<unknown>,
  counts: Counts,
  resumed?: Resumed,
): WorkedGarment {
  const program = resumed?.program ?? construction.program(input, countReader(counts));
  const edges = new Map<string, WorkedEdge>();
  const worked = program.pieces.map((piece) => workAndCheck(piece, counts, edges));
  const joins = program.joins.map((join) => auditJoin(join, edges));
  const { body } = input.body;
  const edged = addEdgings(input.size.id, input.style as Bordered, input.fabrics, {
    pieces: worked,
    edges,
    joins,
    ...(resumed ? { begun: resumed.edgings } : {}),
  });
  const touches = touchesOf(input.size.id, input.style as Bordered, input.fabrics, {
    pieces: worked,
    edges,
    joins,
  });
  const notes = [
    ...(program.notes ?? []),
    ...edged,
    ...touchNotes(touches, body, input.size.group),
    ...joinNotes(joins),
    ...headNote(program.facts, body, neckBands(worked, input.fabrics)),
    ...armNote(program.facts, body),
    ...reachNote(program.facts),
    ...stretchNotes(program.facts),
    ...bandStretchNotes(drawnIn(joins, worked, input.fabrics)),
    ...worked.flatMap((piece) => cutPanelNotes(piece, input.fabrics)),
  ];
  return { program, worked, edges, joins, touches, notes };
}

/** What edges a closed neck: each by its free edge, as its last rows measure. */
function neckBands(pieces: readonly PlannedPiece[], fabrics: ReadonlyMap<string, Fabric>): NeckBand[] {
  return (
    pieces
      // A collar in rows is open: the head passes beside its ends.
      .filter(({ role, workedOn, work }) => role === 'neckband' && !(workedOn && work === 'rows'))
      .map(({ label, edges, sections, workedOn }) => ({
        label,
        length: edges.find(({ role }) => role === 'free')!.length,
        stretch: fabrics.get(sections.at(-1)!.fabric)!.stretch ?? null,
        isRib: !workedOn,
      }))
  );
}

/** Bands that are shorter than their edge, with what the fabric of each gives. */
function drawnIn(
  joins: readonly Join[],
  pieces: readonly PlannedPiece[],
  fabrics: ReadonlyMap<string, Fabric>,
) {
  return joins
    .filter(({ gather, gathers, ok }) => gather < 1 && !gathers && ok)
    .map((join) => {
      const { fabric } = pieces.find(({ id }) => id === join.a[0]!.piece)!;
      return { join, gives: fabrics.get(fabric)!.stretch ?? null };
    });
}

/** What a size has that cannot be worked. */
const NOTHING = {
  finished: [],
  quantities: [],
  pieces: [],
  joins: [],
  girths: { body: [], arm: [] },
  map: null,
  yarn: [],
  touches: [],
};

/**
 * Counts that agree, and of which no piece can be made all the same: the note for that. Every such case that is known has a relation that
 * rules it out, so this is the last net, and never a pattern.
 */
function notWorkable({ quantities }: Draft, { pinned }: SizeFit, error: unknown): Note {
  const held = quantities.filter(({ id }) => pinned.has(id)).map(({ label }) => label);
  const why = error instanceof PlanRefused ? ` (${error.message})` : '';
  return {
    level: 'stop',
    code: 'not-workable',
    where: quantities.find(({ id }) => pinned.has(id))?.id ?? 'sizes',
    message: say`These counts agree, but no piece can be worked from them${why}. ${held.length > 0 ? `Let ${held.join(' or ')} go.` : 'Lengths or a gauge nearer to each other would help.'}`,
  };
}

/**
 * Works a size whose counts are found: its rows come off the virtual hook, its joins are audited, and what is to be said of it
 * is added to `notes`. A size without counts, or whose counts the hook refuses, has nothing but its notes.
 *
 * @param made its pieces, where some of them are begun
 */
export function planSize(
  construction: Construction,
  input: SizeInput<unknown>,
  draft: Draft,
  fit: SizeFit,
  notes: Note[],
  finishing: Finishing | undefined,
  neighbours: Neighbours,
  made?: Resumed,
): SizePlan {
  const { size, body } = input;
  const base = { id: size.id, label: size.label, group: size.group, body: body.body };
  const { counts } = fit;
  if (!counts) return { ...base, ...NOTHING, notes };
  let garment: WorkedGarment;
  try {
    garment = workGarment(construction, input, counts, made);
  } catch (error) {
    const why = error instanceof NoRoom ? noRoomNote(error) : notWorkable(draft, fit, error);
    return { ...base, ...NOTHING, notes: [...notes, why] };
  }
  const { program, worked, edges, joins, touches } = garment;
  const reader = countReader(counts);
  const squares = worked.find(({ role }) => role === 'sheet')?.drawn?.squares;
  const map = squares ? mapOf(squares, finishing?.squares, size.id) : null;
  return {
    ...base,
    finished: draft.finished.map(({ id, label, target, actual }) => ({
      id,
      label,
      target,
      actual: actual(reader),
    })),
    quantities: draft.quantities.map((quantity): PlannedQuantity => {
      const { id, label, fabric, axis, perCm: countsPerCm, target, rule, rounding, unit } = quantity;
      const count = counts[id]!;
      const pinned = fit.pinned.has(id);
      return {
        id,
        label,
        fabric: fabric.id,
        axis,
        perCm: countsPerCm,
        target,
        count,
        actual: count / countsPerCm,
        onTheHook: unit ? count / countsPerCm : lengthOnTheHook(fabric, axis, count),
        rule,
        rounding,
        ...(unit ? { unit } : {}),
        pinned,
        because: () => explain(quantity, { ...draft, counts, neighbours }, pinned),
      };
    }),
    pieces: worked,
    joins,
    girths: program.girths,
    map,
    yarn: yarnNeeds(worked, joins, edges, input.fabrics, finishing, {
      touches: yarnOfTouches(touches),
      squares: map?.counts ?? [],
    }),
    touches,
    notes: [...notes, ...garment.notes, ...missNotes(draft.quantities, counts, fit.pinned)],
  };
}
