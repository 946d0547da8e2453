import { stitchFromBehind } from './behind.js';
import type { Course, Unit } from './course.js';
import { endOfRun } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { RowFault, workPattern, type StitchProof } from './prove.js';
import type { StitchText } from './textReader.js';
import { StitchError, type Node, type Place } from './tree.js';
import { widthOf } from './zones.js';

const SPAN = { from: 0, to: 0 };

/** How far from a place a stitch may lie to be worked into it, in stitches; a group, which fans out, half a stitch. */
const NEAR = 0.45;
const NEAR_GROUP = 0.51;
/** An edge stitch, which has no place of its own where a row is cut, stands beside the next one in its place. */
const NEAR_EDGE = 1.01;

/** Rows of patterns that were worked for their places: the sizes of a range share most of them. */
const SAMPLES = new WeakMap<StitchText, Map<string, readonly Unit[] | null>>();

/** In which direction a row is worked, and how the repeats lie. */
export interface SampleWay {
  direction: 1 | -1;
  /** The repeats began from the other edge than the pattern's do. */
  mirrored: boolean;
  /** Rounds that are never turned: rows worked from behind are met from the front. */
  alwaysFront: boolean;
  /** As it is worked over the rows that repeat, not as the first time, when the first row may lie below it. */
  again?: boolean;
}

/**
 * A row of a flat pattern over so many repeats in the order in which a piece works it: as the pattern does, or the other way with every
 * stitch in its place.
 *
 * @returns null where the row looks different from behind and never comes from this side, or where so few repeats do not come out
 */
export function sampleOf(
  text: StitchText,
  { base, chains }: StitchProof,
  index: number,
  repeats: number,
  { direction, mirrored, alwaysFront, again = false }: SampleWay,
  sided: boolean,
): readonly Unit[] | null {
  const samples = SAMPLES.get(text) ?? new Map<string, readonly Unit[] | null>();
  SAMPLES.set(text, samples);
  const name = `${index}:${repeats}:${direction}:${mirrored}:${alwaysFront}:${again}`;
  const known = samples.get(name);
  if (known !== undefined) return known;
  const width = widthOf({ repeats }, base);
  const rows = rowsOver(text, width + chains.plus - base.plus);
  if (!rows) {
    samples.set(name, null);
    return null;
  }
  const own = mirrored ? -direction : direction;
  const fits = ({ row, course }: { row: number; course: Course }) =>
    row === index && course.direction === own;
  let found = (again ? rows.findLast(fits) : rows.find(fits))?.course.units ?? null;
  if (found === null && (!sided || alwaysFront)) {
    const is = ({ row }: { row: number }) => row === index;
    const other = (again ? rows.findLast(is) : rows.find(is))!.course.units;
    found = [...other].reverse();
    if (sided)
      found = found.map((unit) => (unit.stitch ? { ...unit, stitch: stitchFromBehind(unit.stitch) } : unit));
  }
  if (found !== null && mirrored)
    found = found.map((unit) => ({
      ...unit,
      x: width - 1 - unit.x,
      feet: unit.feet.map((foot) => width - 1 - foot),
    }));
  samples.set(name, found);
  return found;
}

function rowsOver(text: StitchText, size: number): { row: number; course: Course }[] | null {
  try {
    return workPattern(text, size, 2).rows;
  } catch (error) {
    if (error instanceof RowFault) return null;
    throw error;
  }
}

/**
 * A row of a pattern as instructions that go by its places, into whatever lies there: from stitch to stitch with what is skipped between.
 *
 * @param units the row as it lies over the repeats, in the order of working
 * @param low where the repeats begin
 * @param below what it is worked into, in the order of working
 * @throws StitchError where a stitch would land between two places
 */
export function placed(units: readonly Unit[], low: number, below: readonly Unit[]): Node[] {
  let cursor = 0;
  let lastGap = -1;
  let lastTarget = -1;
  const nodes: Node[] = [];
  let lastFoot: number | null = null;
  let skippedOver: number[] = [];
  const [head] = units;
  // No stitch of the row stands at its beginning: its chain counts as nothing.
  nodes.push({
    op: 'chain',
    many: Math.max(1, head ? heightOf(head.kind === 'ch' ? 'sc' : head.kind) : 1),
    counts: { as: 'nothing' },
    span: SPAN,
  });
  for (let i = 0; i < units.length;) {
    const unit = units[i]!;
    if (unit.t === 'ch') {
      let many = 0;
      while (units[i]?.t === 'ch') {
        many += 1;
        i += 1;
      }
      nodes.push({ op: 'chain', many, span: SPAN });
      continue;
    }
    let end = i;
    while (units[end + 1]?.group === unit.group) end += 1;
    const foot: number = (unit.turning > 0 ? unit.x : unit.feet[0]!) + low;
    let again = foot === lastFoot;
    const between = again ? null : gapAt(below, foot);
    if (between !== null) {
      if (between < cursor) throw new StitchError(SPAN, 'a place is passed already');
      // Beside plain stitches, which have a gap after each of them, the next gap need not be this one.
      const earlier = below.some(
        ({ group }, at) =>
          at > lastGap && at >= Math.max(1, cursor) && at < between && group !== below[at - 1]!.group,
      );
      if (earlier)
        nodes.push({
          op: 'skip',
          place: { at: 'next', many: between - cursor, noun: { what: 'st' } },
          span: SPAN,
        });
      lastGap = between;
      nodes.push(...groupNodes(units.slice(i, end + 1), { at: 'next', many: 1, noun: { what: 'sp' } }));
      cursor = between;
      lastFoot = foot;
      i = end + 1;
      continue;
    }
    const target = nearest(below, foot);
    const atEdge =
      end === i && unit.t === 'st' && unit.feet.length < 2 && (i === 0 || end === units.length - 1);
    const near = atEdge ? NEAR_EDGE : end > i ? NEAR_GROUP : NEAR;
    if (target === null || (!again && Math.abs(below[target]!.x - foot) > near))
      throw new StitchError(SPAN, 'a stitch would land between two places');
    // At a cut edge two stitches may go in one.
    again ||= target === lastTarget && (atEdge || i === 1);
    lastTarget = target;
    const back = target < cursor && !again ? skippedOver.indexOf(target) : -1;
    if (target < cursor && !again && back < 0) throw new StitchError(SPAN, 'a place is passed already');
    const over: number[] = [];
    for (let at = cursor; at < target; at += 1) if (below[at]!.t === 'st') over.push(at);
    if (!again && over.length > 0) {
      nodes.push({ op: 'skip', place: { at: 'next', many: over.length, noun: { what: 'st' } }, span: SPAN });
      skippedOver = over;
    }
    const legs = unit.feet.length;
    const place: Place = again
      ? { at: 'same' }
      : back >= 0
        ? { at: 'skipped', nth: back + 1 }
        : below[target]!.t === 'ch'
          ? { at: 'next', many: 1, noun: { what: 'sp' } }
          : { at: 'next', many: legs > 1 ? legs : 1, noun: { what: 'st' } };
    nodes.push(...groupNodes(units.slice(i, end + 1), place));
    // Legs that are closed together stand one after another.
    const last = legs > 1 ? nearest(below, unit.feet.at(-1)! + low)! : target;
    if (!again && back < 0) cursor = below[last]!.t === 'ch' ? endOfRun(below, last) + 1 : last + 1;
    lastFoot = foot;
    i = end + 1;
  }
  const left = below.slice(cursor).filter(({ t }) => t === 'st').length;
  if (left > 0)
    nodes.push({ op: 'skip', place: { at: 'next', many: left, noun: { what: 'st' } }, span: SPAN });
  return nodes;
}

/** The gap between two groups at a place, as the index of what lies behind it; null where a stitch or chain lies there. */
function gapAt(units: readonly Unit[], x: number): number | null {
  if (units.some(({ t }) => t === 'ch')) return null;
  const at = units.findIndex(
    (unit, i) =>
      i > 0 &&
      unit.group !== units[i - 1]!.group &&
      Math.abs((unit.x + units[i - 1]!.x) / 2 - x) < 0.05 &&
      Math.abs(unit.x - x) > NEAR,
  );
  return at < 0 ? null : at;
}

/** The place that lies nearest, of places that rise or fall in the order of working. */
function nearest(units: readonly Unit[], x: number): number | null {
  if (units.length === 0) return null;
  const sign = units[0]!.x <= units.at(-1)!.x ? 1 : -1;
  let [low, high] = [0, units.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sign * units[middle]!.x < sign * x) low = middle + 1;
    else high = middle;
  }
  const before = low - 1;
  return before >= 0 && Math.abs(units[before]!.x - x) <= Math.abs(units[low]!.x - x) ? before : low;
}

/** Stitches of one place as an instruction. */
function groupNodes(body: readonly Unit[], place: Place): Node[] {
  const stitch = (unit: Unit) => unit.stitch ?? { kind: unit.kind as StitchKind };
  if (body.length === 1) return [{ op: 'work', stitch: stitch(body[0]!), times: 1, place, span: SPAN }];
  const inner: Node[] = body.map((unit) =>
    unit.t === 'ch'
      ? { op: 'chain', many: 1, span: SPAN }
      : { op: 'work', stitch: stitch(unit), times: 1, place: { at: 'here' }, span: SPAN },
  );
  return [{ op: 'group', body: inner, place, span: SPAN }];
}
