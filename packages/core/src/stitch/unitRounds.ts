import type { Row } from '../work/rows.js';
import { stitchesIn, type Course, type Unit } from './course.js';
import { workRow } from './hook.js';
import type { FabricRounds } from './ofFabric.js';
import { placed } from './placed.js';
import { workPattern } from './prove.js';
import { cut, joined, moved, type Surface } from './surface.js';
import type { StitchText } from './textReader.js';
import { StitchError, type Span } from './tree.js';

const SPAN: Span = { from: 0, to: 0 };

/**
 * Repeats of a round over repeats of the one below: as many, two over one (a unit more), or one over two (a unit fewer).
 */
export interface Repeats {
  under: number;
  makes: number;
  /** It begins to be wider than the pattern's own, stays so, or parts into two of them (`widerRepeat`). */
  wider?: 'begins' | 'stays' | 'parts';
}

/**
 * How a round is shaped by whole repeats: beside its joining at both ends, or at places spread over it.
 *
 * @param multiple stitches of a repeat
 * @param below repeats of the round below
 * @returns the repeats from the beginning of the round on; null where it is not shaped by whole repeats
 */
export function shapedRepeats({ steps, by, spread }: Row, multiple: number, below: number): Repeats[] | null {
  if (by === 0 || by % multiple !== 0) return null;
  const one = by > 0 ? { under: 1, makes: 2 } : { under: 2, makes: 1 };
  if (spread) return spreadRepeats(Math.abs(by) / multiple, below, one);
  const [last, work, first, ...more] = steps;
  const isEnd = (step: Row['steps'][number] | undefined) =>
    (step?.do === 'increase' || step?.do === 'decrease') && step.times === multiple;
  if (more.length > 0 || work?.do !== 'work' || !isEnd(first) || !isEnd(last)) return null;
  const between = below - 2 * one.under;
  return between < 1 ? null : [one, { under: between, makes: between }, one];
}

function spreadRepeats(places: number, below: number, one: Repeats): Repeats[] | null {
  const begins = spreadPlaces(places, below, one.under);
  return begins && ringOf(below, begins, one);
}

/**
 * So many places spread evenly over the repeats of a round, with as many repeats before the first as after the last.
 *
 * @param takes repeats that each place takes
 * @returns the repeat that each begins with; null where they do not fit
 */
export function spreadPlaces(places: number, below: number, takes: number): number[] | null {
  let at = 0;
  const begins = Array.from({ length: places }, (_, i) => {
    const begin = Math.max(at, Math.floor(((i + 0.5) * below) / places - takes / 2));
    at = begin + takes;
    return begin;
  });
  return at > below ? null : begins;
}

/** The repeats of a round over so many, one above the other but for those at some places. */
export function ringOf(below: number, places: readonly number[], one: Repeats): Repeats[] {
  const parts: Repeats[] = [];
  let at = 0;
  const evenTo = (to: number) => {
    if (to > at) parts.push({ under: to - at, makes: to - at });
  };
  for (const place of places) {
    evenTo(place);
    parts.push(one);
    at = place + one.under;
  }
  evenTo(below);
  return parts;
}

/**
 * A round shaped by whole repeats in the rounds of a pattern: two groups in one place, or one group over two places, its first half in
 * the one and its second half in the other.
 *
 * @param below the round below, whole repeats throughout
 * @param turned whether the work was turned after it
 * @throws StitchError where the pattern's repeats cannot be doubled or joined so
 */
export function workUnitRound(
  { text, proof }: FabricRounds,
  index: number,
  below: Course,
  repeats: readonly Repeats[],
  turned = false,
): Course {
  const { multiple } = proof.base;
  const direction = turned ? (-below.direction as 1 | -1) : below.direction;
  const seen = alongWork(below, turned);
  const start = seen[0]!.x;
  // The first and the last repeats reach over the joining.
  const ring: Surface = { units: seen, low: start, width: below.width };
  const around: Surface = {
    units: [...moved(ring, -below.width).units, ...seen, ...moved(ring, below.width).units],
    low: start - below.width,
    width: 3 * below.width,
  };
  const parts: Surface[] = [];
  let [from, at] = [start, start];
  for (const { under, makes, wider } of repeats) {
    const own = sampleOf(text, index, makes, multiple);
    /** The repeats as they will lie, and as they are worked into what is there. */
    const sample = wider && wider !== 'parts' ? widerRepeat(own, multiple) : own;
    const units = wider
      ? overWider(sample, own, wider, multiple)
      : makes === under
        ? sample
        : makes > under
          ? inOnePlace(sample, multiple)
          : overTwo(sample, multiple);
    const wide = under * multiple + (wider && wider !== 'begins' ? WIDER : 0);
    const width = makes * multiple + (wider && wider !== 'parts' ? WIDER : 0);
    // A space at the joining lies before the first stitch that comes after it.
    const before = sample.some(({ feet: [foot] }) => foot! < -0.4) ? multiple : 0;
    const into = cut(around, from - before, from + wide + multiple);
    const course: Course = {
      ...below,
      units: [...into.units].reverse(),
      direction: -1,
      low: at,
      width,
    };
    const made = workRow({ nodes: placed(units, from, into.units) }, course, { turned: true, round: false });
    if (made.units.length !== sample.length) throw new StitchError(SPAN, 'the repeats do not come out');
    // To the next round they are repeats like any other: a group over two places is one, and each stands in its place.
    parts.push({
      units: made.units.map((unit, i) => ({ ...unit, group: sample[i]!.group, x: at + sample[i]!.x })),
      low: at,
      width,
    });
    from += wide;
    at += width;
  }
  const all = joined(parts);
  const units = direction === 1 ? all.units : all.units.map(mirrored);
  return { ...below, units, direction, low: direction * start, width: all.width, slips: [] };
}

/** What a round offers to the next one in the order in which that comes to it: places rise from where it begins. */
function alongWork({ units, direction }: Course, turned: boolean): Unit[] {
  const order = turned ? [...units].reverse() : [...units];
  return (turned ? -direction : direction) === 1 ? order : order.map(mirrored);
}

function mirrored(unit: Unit): Unit {
  return { ...unit, x: -unit.x, feet: unit.feet.map((foot) => -foot) };
}

/** Stitches that a wider repeat has more than the pattern's own: its group begins and ends with one more. */
export const WIDER = 2;

/**
 * A repeat as the motif's own increase makes it (common practice): a V of 1 as a V of 2.
 *
 * @throws StitchError where the repeat is not one group round a space, with nothing but single stitches beside it
 */
function widerRepeat(own: readonly Unit[], multiple: number): Unit[] {
  const { first, last, onto } = motifOf(own, multiple);
  return own.flatMap((unit): Unit[] => {
    if (unit.group !== first.group) return [{ ...unit, x: onto(unit.x) }];
    const inside = { ...unit, x: unit.x + WIDER / 2 };
    if (unit === first) return [unit, inside];
    return unit === last ? [inside, { ...unit, x: unit.x + WIDER }] : [inside];
  });
}

/** What is worked in one space where a repeat is wider: "2 dc, ch 1, 2 dc". */
export function widerInWords({ text, proof }: FabricRounds): string {
  const own = sampleOf(text, text.repeat.first, 1, proof.base.multiple);
  const { first } = motifOf(own, proof.base.multiple);
  const group = widerRepeat(own, proof.base.multiple).filter((unit) => unit.group === first.group);
  const runs: { kind: string; many: number }[] = [];
  for (const { kind } of group) {
    const last = runs.at(-1);
    if (last?.kind === kind) last.many += 1;
    else runs.push({ kind, many: 1 });
  }
  return runs
    .map(({ kind, many }) => (kind === 'ch' ? `ch ${many}` : many > 1 ? `${many} ${kind}` : kind))
    .join(', ');
}

/** Repeats with their feet where they are worked into a wider one; one that only begins to be wider is worked into the pattern's own. */
function overWider(
  units: readonly Unit[],
  own: readonly Unit[],
  way: NonNullable<Repeats['wider']>,
  multiple: number,
): Unit[] {
  if (way === 'begins') return [...units];
  const { onto } = motifOf(own, multiple);
  const narrow = way === 'parts' ? inOnePlace(units, multiple) : units;
  return narrow.map((unit) => ({ ...unit, feet: unit.feet.map(onto) }));
}

/** The group of a repeat that becomes wider, and where its places come to lie when it is. */
function motifOf(own: readonly Unit[], multiple: number) {
  const group = groupInSpace(own.filter(({ x }) => x < multiple - 0.501));
  if (!group) throw new StitchError(SPAN, 'no repeat of the pattern is one group in a space');
  const [first, last] = [group[0]!, group.at(-1)!];
  const onto = (place: number) =>
    place < first.x - 0.01 ? place : place > last.x + 0.01 ? place + WIDER : place + WIDER / 2;
  return { first, last, onto };
}

/** The one group of a repeat that is several stitches round a space; null where there is none, or more beside it than single stitches. */
function groupInSpace(units: readonly Unit[]): Unit[] | null {
  const groups = [...new Set(units.map(({ group }) => group))].map((group) =>
    units.filter((unit) => unit.group === group),
  );
  const several = groups.filter((own) => own.length > 1);
  const [only] = several;
  const isRound = only?.some(({ t }) => t === 'ch') && only[0]!.t === 'st' && only.at(-1)!.t === 'st';
  return several.length === 1 && isRound ? only! : null;
}

/** Repeats before those that are taken for a sample: a round begins unlike it goes on. */
const BEFORE = 3;

/** So many repeats out of a round of the pattern: tops from where a repeat begins, feet from where one of the round below does. */
function sampleOf(text: StitchText, index: number, repeats: number, multiple: number): Unit[] {
  const { rows } = workPattern(text, (repeats + 2 * BEFORE) * multiple, 2);
  // The first round lies on stitches that are there, those that repeat on each other.
  const at = index === rows[0]!.row ? 0 : rows.findLastIndex(({ row }) => row === index);
  const { course } = rows[at]!;
  const units = alongWork(course, false);
  const first = units[0]!.x + BEFORE * multiple;
  const below = (at === 0 ? 0 : beginOf(rows[at - 1]!.course, course)) + BEFORE * multiple;
  return units
    .filter(({ x }) => x > first - 0.5 && x < first + repeats * multiple - 0.5)
    .map((unit) => ({ ...unit, x: unit.x - first, feet: unit.feet.map((foot) => foot - below) }));
}

/** Where the round below begins as the one above it comes to it, of the places round the ring the one nearest to its own beginning. */
function beginOf(below: Course, above: Course): number {
  const turned = below.direction !== above.direction;
  const [begin, own] = [alongWork(below, turned)[0]!.x, alongWork(above, false)[0]!.x];
  return begin + below.width * Math.round((own - begin) / below.width);
}

/** The second of two repeats in the places of the first. */
function inOnePlace(units: readonly Unit[], multiple: number): Unit[] {
  return units.map((unit) => {
    const second = unit.x > multiple - 0.501;
    return second ? { ...unit, x: unit.x - multiple, feet: unit.feet.map((foot) => foot - multiple) } : unit;
  });
}

/** The last group of a repeat over two places: its second half goes in that of the next repeat. */
function overTwo(units: readonly Unit[], multiple: number): Unit[] {
  const last = units.findLast(({ t }) => t === 'st')!;
  const legs = stitchesIn({ units: units.filter(({ group }) => group === last.group) });
  let leg = 0;
  return units.map((unit) => {
    if (unit.group !== last.group || unit.t !== 'st') return unit;
    leg += 1;
    if (legs === 1) {
      const { kind, together: _, ...stitch } = unit.stitch ?? { kind: unit.kind === 'ch' ? 'sc' : unit.kind };
      const [foot] = unit.turning > 0 ? [unit.x] : unit.feet;
      return {
        ...unit,
        turning: 0,
        feet: [foot!, foot! + multiple],
        stitch: { kind, ...stitch, together: 2 },
      };
    }
    if (leg <= Math.ceil(legs / 2)) return unit;
    const [foot] = unit.turning > 0 ? [unit.x] : unit.feet;
    return { ...unit, group: unit.group + 0.5, turning: 0, feet: [foot! + multiple] };
  });
}
