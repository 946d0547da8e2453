import { bodyNotes, childNote, estimateNotes, joinNotes, missNotes } from './advice/counts.js';
import { sharedCounts } from './advice/range.js';
import { armNote, headNote, reachNote } from './advice/garment.js';
import type { Note } from './advice/note.js';
import { explain } from './because/explain.js';
import type { Reason } from './because/reason.js';
import { completeBody, type CompletedBody } from './body/derive.js';
import type { FullBody, Group, MeasurementId } from './body/measurements.js';
import type { FieldProblem } from './check/fields.js';
import type { Design, Size } from './design.js';
import type { Axis, CountRule } from './fabric/fabric.js';
import { lengthOnTheHook } from './fabric/gauge.js';
import type { Finishing } from './finishing/finishing.js';
import { fitSizes, type SizeFit } from './fit/fit.js';
import { EVENEST, type SolveMemory } from './fit/range.js';
import type { Rounding } from './fit/problem.js';
import type { Construction, Draft, Program, SizeInput } from './garment/construction.js';
import { constructionOf } from './garment/registry.js';
import { auditJoin, type Join, type WorkedEdge } from './joins/audit.js';
import { workAndCheck, type PlannedPiece } from './plannedPiece.js';
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
  rounds: Program['rounds'];
  yarn: readonly YarnNeed[];
  notes: readonly Note[];
}

export interface Plan {
  design: string;
  construction: string;
  sizes: readonly SizePlan[];
}

/** The design cannot be planned as it stands: which fields are wrong. */
export class DesignUnfit extends Error {
  override name = 'DesignUnfit';
  constructor(readonly problems: readonly FieldProblem[]) {
    super(problems.map(({ path, message }) => `${path}: ${message}`).join('\n'));
  }
}

interface Drafted {
  input: SizeInput<unknown>;
  draft: Draft;
}

/** One size planned before: what it was drafted and planned from, and what it came to. */
interface Remembered {
  from: string;
  drafted: Drafted;
  solved: SolveMemory;
  made?: { fit: string; plan: SizePlan };
}

/**
 * Sizes planned before, by id. Handing it back to `plan` lets a size that an edit leaves alone be taken over instead of
 * drafted, solved and worked again; the plan is the same with and without.
 */
export type PlanMemory = Map<string, Remembered>;

/**
 * The whole computation: a design in, every count, row, join and note of every size out. Pure: the same design gives the
 * same plan.
 *
 * @param design a design that readDesign has accepted
 * @param memory sizes planned before; filled with the sizes of this plan
 * @throws DesignUnfit for a construction or style that cannot be read, PlanRefused for a fault of the program
 */
export function plan(design: Design, memory?: PlanMemory): Plan {
  const construction = constructionOf(design.garment.construction);
  if (!construction)
    throw new DesignUnfit([
      {
        path: 'garment.construction',
        message: `“${design.garment.construction}” is no construction known here.`,
      },
    ]);
  const problems: FieldProblem[] = [];
  const style = construction.readStyle(
    design.garment,
    design.fabrics.map(({ id }) => id),
    problems,
  );
  if (problems.length > 0) throw new DesignUnfit(problems);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const common = memory && JSON.stringify([construction.id, style, design.fabrics, design.finishing]);
  const sizesBefore = design.sizes.map((size): Remembered => {
    const from = common === undefined ? '' : common + JSON.stringify(size);
    const before = memory?.get(size.id);
    if (before && before.from === from) return before;
    const input = { size, body: bodyOf(size), style, fabrics };
    const made = { from, drafted: { input, draft: construction.draft(input) }, solved: {} };
    memory?.set(size.id, made);
    return made;
  });
  const fits = fitAll(design, sizesBefore, memory !== undefined);
  const shared = design.graded
    ? sharedCounts(
        fits.map(({ quantities, size }) => ({ quantities, size })),
        fits,
      )
    : [];
  let childSaid = false;
  const sizes = sizesBefore.map((known, index) => {
    const { input, draft } = known.drafted;
    const before = design.graded && index > 0 ? design.sizes[index - 1]!.body : null;
    const notes: Note[] = [
      ...draft.notes,
      ...fits[index]!.notes,
      ...(index === 0 ? [...estimateNotes(design.fabrics), ...shared] : []),
      ...bodyNotes(input.body, usedBy(draft), input.size.body, input.size.group, before),
    ];
    if (input.size.group !== 'adult' && !childSaid) {
      notes.push(childNote(input.size.group));
      childSaid = true;
    }
    const fit = fits[index]!;
    const key = memory ? JSON.stringify([fit.counts, [...fit.pinned], notes]) : '';
    if (known.made && known.made.fit === key) return known.made.plan;
    const made = planSize(
      construction,
      input,
      { ...draft, quantities: fit.quantities, relations: fit.relations },
      fit,
      notes,
      design.finishing,
    );
    if (memory) known.made = { fit: key, plan: made };
    return made;
  });
  return { design: design.name, construction: construction.id, sizes };
}

/** A size's counts with everything that was counted. */
interface WholeFit extends SizeFit {
  size: string;
  quantities: Draft['quantities'];
  relations: Draft['relations'];
}

/** Fits the pieces of all sizes as a range, and then the edgings along them, which follow. */
function fitAll(design: Design, sizes: readonly Remembered[], remember: boolean): WholeFit[] {
  const wish = { graded: design.graded, strength: ((design.range?.even ?? 0) / 100) * EVENEST };
  const pinsOf = (size: string, edging: boolean, { edgings }: Draft) =>
    design.pins.filter(
      (pin) => pin.size === size && (edgings?.ids.includes(pin.quantity) ?? false) === edging,
    );
  const pieces = fitSizes(
    sizes.map(({ drafted: { draft, input }, solved }) => ({
      problem: draft,
      pins: pinsOf(input.size.id, false, draft),
      ...(remember ? { memory: solved } : {}),
    })),
    wish,
  );
  const whole = sizes.map(({ drafted: { draft, input } }, i): WholeFit => ({
    ...pieces[i]!,
    size: input.size.label,
    quantities: draft.quantities,
    relations: draft.relations,
  }));
  const edged = sizes.flatMap(({ drafted: { draft, input } }, i) => {
    const { counts } = pieces[i]!;
    return counts && draft.edgings
      ? [{ i, problem: draft.edgings.follow(counts), pins: pinsOf(input.size.id, true, draft) }]
      : [];
  });
  if (edged.length === 0) return whole;
  const edgings = fitSizes(edged, wish);
  edged.forEach(({ i, problem }, at) => {
    const { counts, pinned, notes } = edgings[at]!;
    const before = whole[i]!;
    whole[i] = {
      ...before,
      counts: counts && { ...before.counts, ...counts },
      pinned: new Set([...before.pinned, ...pinned]),
      notes: [...before.notes, ...notes],
      quantities: [...before.quantities, ...problem.quantities],
      relations: [...before.relations, ...problem.relations],
    };
  });
  return whole;
}

/** Measurements that advice needs whatever the construction. */
const ALWAYS_USED: readonly MeasurementId[] = ['head', 'upperArm'];

/** The measurements that a draft's lengths come from. */
function usedBy({ quantities }: Draft): ReadonlySet<MeasurementId> {
  const used = new Set<MeasurementId>(ALWAYS_USED);
  for (const { because } of quantities)
    for (const { from } of because) if (from?.kind === 'measurement') used.add(from.id as MeasurementId);
  return used;
}

function bodyOf(size: Size): CompletedBody {
  const body = completeBody(size.body, size.group);
  if (body) return body;
  throw new DesignUnfit([
    {
      path: `sizes.${size.id}.body`,
      message: `Size ${size.label} has no measurement from which a bust could be derived; give the bust.`,
    },
  ]);
}

function planSize(
  construction: Construction<unknown>,
  input: SizeInput<unknown>,
  draft: Draft,
  fit: SizeFit,
  notes: Note[],
  finishing: Finishing | undefined,
): SizePlan {
  const { size, body } = input;
  const base = { id: size.id, label: size.label, group: size.group, body: body.body };
  const { counts } = fit;
  if (!counts)
    return {
      ...base,
      finished: [],
      quantities: [],
      pieces: [],
      joins: [],
      rounds: { body: [], arm: [] },
      yarn: [],
      notes,
    };
  const program = construction.program(input, counts);
  const edges = new Map<string, WorkedEdge>();
  const worked = program.pieces.map((piece) => workAndCheck(piece, counts, edges));
  const joins = program.joins.map((join) => auditJoin(join, edges));
  return {
    ...base,
    finished: draft.finished.map(({ id, label, target, actual }) => ({
      id,
      label,
      target,
      actual: actual(counts),
    })),
    quantities: draft.quantities.map((quantity): PlannedQuantity => {
      const { id, label, fabric, axis, perCm: countsPerCm, target, rule, rounding } = quantity;
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
        onTheHook: lengthOnTheHook(fabric, axis, count),
        rule,
        rounding,
        pinned,
        because: () => explain(quantity, counts, draft.relations, pinned),
      };
    }),
    pieces: worked,
    joins,
    rounds: program.rounds,
    yarn: yarnNeeds(worked, joins, edges, input.fabrics, finishing),
    notes: [
      ...notes,
      ...joinNotes(joins),
      ...headNote(program.facts, body.body),
      ...armNote(program.facts, body.body),
      ...reachNote(program.facts),
      ...missNotes(draft.quantities, counts),
    ],
  };
}
