import { unusedNotes } from './advice/unused.js';
import { bodyNotes, childNote, estimateNotes } from './advice/counts.js';
import { stitchNotes } from './advice/stitches.js';
import { withShapedRows } from './fields/shapedRows.js';
import type { Note } from './advice/note.js';
import { gradedCounts, sharedCounts, unevenSteps } from './advice/range.js';
import type { Neighbours } from './because/counted.js';
import { completeBody, type CompletedBody } from './body/derive.js';
import type { MeasurementId } from './body/measurements.js';
import type { FieldProblem } from './check/fields.js';
import type { Design, Pin, Size } from './design.js';
import type { Held } from './fit/clash.js';
import { countReader, type Counts } from './fit/counts.js';
import { fitSizes, type SizeFit } from './fit/fit.js';
import { heldAt } from './fit/lattice.js';
import { EVENEST, type SolveMemory } from './fit/range.js';
import { solve } from './fit/solve.js';
import type { Construction, Draft, SizeInput } from './garment/construction.js';
import { constructionOf } from './garment/registry.js';
import { planSize, workGarment, type SizePlan } from './sizePlan.js';

/** A design whose counts are all found. Its sizes are worked one by one, when they are asked for. */
export interface FittedDesign {
  design: string;
  construction: string;
  sizes: readonly FittedSize[];
}

export interface FittedSize {
  id: string;
  /** Its counts, those without a length among them; null where none were found. */
  counts: Counts | null;
  /** What is to be said of its body and counts, before its rows are worked. */
  notes: readonly Note[];
  /** Works the size and audits it; asked again, it gives the same object. */
  plan: () => SizePlan;
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

/**
 * One size of a design before its counts are known, by itself.
 *
 * @throws DesignUnfit for a construction or style that cannot be read, RangeError for a size that the design does not have
 */
export function draftSize(design: Design, id: string): Drafted & { construction: Construction } {
  const { construction, style } = readGarment(design);
  const size = design.sizes.find((one) => one.id === id);
  if (!size) throw new RangeError(`The design has no size “${id}”.`);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const input = { size, body: bodyOf(size), style, fabrics };
  return { construction, input, draft: construction.draft(input) };
}

/** One size planned before: what it was drafted and planned from, and what it came to. */
interface Remembered {
  from: string;
  drafted: Drafted;
  solved: SolveMemory;
  made?: { fit: string; plan: SizePlan };
}

/**
 * Sizes planned before, by id. Handing it back lets a size that an edit leaves alone be taken over instead of
 * drafted, solved and worked again; the plan is the same with and without.
 */
export type PlanMemory = Map<string, Remembered>;

/**
 * Drafts all sizes of a design and finds their counts as a range.
 *
 * @param design a design that readDesign has accepted
 * @param memory sizes planned before; filled with the sizes of this design
 * @throws DesignUnfit for a construction or style that cannot be read
 */
export function fitDesign(design: Design, memory?: PlanMemory): FittedDesign {
  const { construction, style } = readGarment(design);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const common = memory && JSON.stringify([construction.id, style, design.fabrics, design.finishing]);
  const remembered = design.sizes.map((size): Remembered => {
    const from = common === undefined ? '' : common + JSON.stringify(size);
    const before = memory?.get(size.id);
    if (before && before.from === from) return before;
    const input = { size, body: bodyOf(size), style, fabrics };
    const made = { from, drafted: { input, draft: construction.draft(input) }, solved: {} };
    memory?.set(size.id, made);
    return made;
  });
  const fits = fitAll(construction, design, remembered, memory !== undefined);
  const notes = notesOf(construction, design, remembered, fits);
  return {
    design: design.name,
    construction: construction.id,
    sizes: remembered.map((known, at): FittedSize => {
      const { input, draft } = known.drafted;
      const fit = fits[at]!;
      const neighbours = design.graded ? neighboursOf(fits, at) : {};
      const work = () =>
        planSize(
          construction,
          input,
          { ...draft, quantities: fit.quantities, helpers: fit.helpers, relations: fit.relations },
          fit,
          notes[at]!,
          design.finishing,
          neighbours,
        );
      const key = () => JSON.stringify([fit.counts, [...fit.pinned], notes[at], neighbours]);
      let planned: SizePlan | undefined;
      return {
        id: input.size.id,
        counts: fit.counts,
        notes: notes[at]!,
        plan: () => (planned ??= memory ? workedBefore(known, key(), work) : work()),
      };
    }),
  };
}

/** What a size has come to before with the same counts and notes, or comes to now. */
function workedBefore(known: Remembered, fit: string, work: () => SizePlan): SizePlan {
  if (known.made?.fit !== fit) known.made = { fit, plan: work() };
  return known.made.plan;
}

function readGarment({ garment, fabrics }: Design): { construction: Construction; style: unknown } {
  const construction = constructionOf(garment.construction);
  if (!construction)
    throw new DesignUnfit([
      { path: 'garment.construction', message: `“${garment.construction}” is no construction known here.` },
    ]);
  const problems: FieldProblem[] = [];
  const style = construction.readStyle(
    garment,
    fabrics.map(({ id }) => id),
    problems,
  );
  if (problems.length > 0) throw new DesignUnfit(problems);
  return {
    construction,
    style: withShapedRows(style, new Map(fabrics.map((fabric) => [fabric.id, fabric]))),
  };
}

/** What is to be said of each size before it is worked. */
function notesOf(
  construction: Construction,
  design: Design,
  sizes: readonly Remembered[],
  fits: readonly WholeFit[],
): Note[][] {
  const shared = design.graded
    ? [...gradedCounts(fits, construction.grades ?? []), ...sharedCounts(fits), ...unevenSteps(fits)]
    : [];
  const firstChild = sizes.findIndex(({ drafted: { input } }) => input.size.group !== 'adult');
  return sizes.map(({ drafted: { input, draft } }, at) => {
    const { size, body } = input;
    const before = design.graded && at > 0 ? design.sizes[at - 1]!.body : null;
    return [
      ...draft.notes,
      ...fits[at]!.notes,
      ...(at === 0
        ? [
            ...unusedNotes(construction, design.garment),
            ...estimateNotes(design.fabrics),
            ...stitchNotes(design.fabrics),
            ...shared,
          ]
        : []),
      ...bodyNotes(body, usedBy(draft), size.body, size.group, before),
      ...(at === firstChild ? [childNote(size.group)] : []),
    ];
  });
}

function neighboursOf(fits: readonly WholeFit[], at: number): Neighbours {
  const beside = (i: number) => {
    const fit = fits[i];
    return fit?.counts ? { size: fit.size, counts: fit.counts } : null;
  };
  const [smaller, larger] = [beside(at - 1), beside(at + 1)];
  return { ...(smaller ? { smaller } : {}), ...(larger ? { larger } : {}) };
}

/** A size's counts with everything that was counted. */
interface WholeFit extends SizeFit {
  size: string;
  quantities: Draft['quantities'];
  helpers: Draft['helpers'];
  relations: Draft['relations'];
}

/** Fits the pieces of all sizes as a range, and then the edgings along them, which follow. */
function fitAll(
  construction: Construction,
  design: Design,
  sizes: readonly Remembered[],
  remember: boolean,
): WholeFit[] {
  const wish = { graded: design.graded, strength: ((design.range?.even ?? 0) / 100) * EVENEST };
  const pinsOf = (size: string, edging: boolean, { edgings }: Draft) =>
    design.pins.filter(
      (pin) => pin.size === size && (edgings?.ids.some((id) => id === pin.quantity) ?? false) === edging,
    );
  const pieces = fitSizes(
    sizes.map(({ drafted: { draft, input }, solved }) => ({
      problem: draft,
      pins: pinsOf(input.size.id, false, draft),
      works: trialsOf(construction, { input, draft }, pinsOf(input.size.id, true, draft)),
      ...(remember ? { memory: solved } : {}),
    })),
    wish,
  );
  const whole = sizes.map(({ drafted: { draft, input } }, i): WholeFit => ({
    ...pieces[i]!,
    size: input.size.label,
    quantities: draft.quantities,
    helpers: draft.helpers,
    relations: draft.relations,
  }));
  const edged = sizes.flatMap(({ drafted: { draft, input } }, i) => {
    const { counts } = pieces[i]!;
    return counts && draft.edgings
      ? [{ i, problem: draft.edgings.follow(countReader(counts)), pins: pinsOf(input.size.id, true, draft) }]
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
      helpers: [...before.helpers, ...problem.helpers],
      relations: [...before.relations, ...problem.relations],
    };
  });
  return whole;
}

/**
 * Whether a size with these counts held comes to a garment: its edgings fit (with what is held of them), the hook works every piece, and
 * nothing stops it that does not stop it anyway.
 */
function trialsOf(
  construction: Construction,
  { input, draft }: Drafted,
  edgings: readonly Pin[],
): (held: Held) => boolean {
  const pins = heldAt(Object.fromEntries(edgings.map(({ quantity, count }) => [quantity, count])));
  const countsWith = (held: Held): Counts | null => {
    const pieces = solve(draft, { bounds: heldAt(held) });
    if (pieces.kind !== 'solved' || !draft.edgings) return pieces.kind === 'solved' ? pieces.counts : null;
    const followed = solve(draft.edgings.follow(countReader(pieces.counts)), { bounds: pins });
    return followed.kind === 'solved' ? { ...pieces.counts, ...followed.counts } : null;
  };
  /** What stops it with these counts held; null where no piece can be worked. */
  const stopsWith = (held: Held): ReadonlySet<string> | null => {
    const counts = countsWith(held);
    if (!counts) return null;
    try {
      const { notes } = workGarment(construction, input, counts);
      return new Set(notes.filter(({ level }) => level === 'stop').map(({ code }) => code));
    } catch {
      return null;
    }
  };
  let anyway: ReadonlySet<string> | undefined;
  return (held) => {
    anyway ??= stopsWith({}) ?? new Set();
    const stops = stopsWith(held);
    return stops !== null && [...stops].every((code) => anyway!.has(code));
  };
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
