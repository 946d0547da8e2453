import type { Body } from '../body/measurements.js';
import { completeBody } from '../body/derive.js';
import type { SizePlan } from '../sizePlan.js';
import { sitsOf } from '../worn/sits.js';

/** Where a range is held against bodies. */
export const PLACES = ['bust', 'hip', 'upperArm'] as const;
export type FitPlace = (typeof PLACES)[number];

/** A body of the cloud. */
export interface CloudBody {
  id: string;
  label: string;
  /** Measured, cm: at least the bust. */
  body: Body;
}

/** A size as the cloud is held against it: what it measures where, and the ease over its own body there. */
export interface RangeSize {
  id: string;
  label: string;
  garment: Readonly<Partial<Record<FitPlace, number>>>;
  ease: Readonly<Partial<Record<FitPlace, number>>>;
}

/**
 * How much tighter or looser than its size was designed a garment still sits as it should, cm all round: less than half of a usual step of sizes, 10 cm at bust and
 * hip, either way and a little more on the loose side (common practice).
 */
export interface Tolerance {
  tighter: number;
  looser: number;
}
export const USUAL_TOLERANCE: Tolerance = { tighter: 4, looser: 7 };
/** An arm is a third as round, and a step there is a third of one at the bust. */
const AT: Readonly<Record<FitPlace, number>> = { bust: 1, hip: 1.25, upperArm: 0.5 };

/** What is allowed at a place, where `tolerance` is that at the bust, cm. */
export function toleranceAt(place: FitPlace, { tighter, looser }: Tolerance): Tolerance {
  return { tighter: tighter * AT[place], looser: looser * AT[place] };
}

/** What a body would wear. */
export interface Worn {
  /** The size that sits as it should, or null. */
  size: string | null;
  /** Ease over this body in the size nearest to it, cm; only where the body was measured and the garment lies. */
  nearest: string;
  ease: Readonly<Partial<Record<FitPlace, number>>>;
  /** Why none sits: beyond an end of the range, between two sizes, or at one place where another size would be needed. */
  why: 'fits' | 'smaller than the range' | 'larger than the range' | 'between sizes' | FitPlace;
}

/**
 * A planned size as a range is held against bodies.
 *
 * @param more cm added to the round at bust and hip: another ease
 */
export function rangeSize(
  size: Pick<SizePlan, 'id' | 'label' | 'body' | 'group' | 'girths' | 'pieces'>,
  more = 0,
): RangeSize {
  const garment: Partial<Record<FitPlace, number>> = {};
  const ease: Partial<Record<FitPlace, number>> = {};
  for (const sits of sitsOf({ ...size, outlines: {}, edgeLines: {} })) {
    if (sits.id !== 'bust' && sits.id !== 'hip' && sits.id !== 'upperArm') continue;
    if (sits.garment === null) continue;
    garment[sits.id] = sits.garment + (sits.id === 'upperArm' ? 0 : more);
    ease[sits.id] = sits.garment - sits.round;
  }
  return { id: size.id, label: size.label, garment, ease };
}

/** One more size at an end of a range, as far on as the last step. */
export function oneMore(range: readonly RangeSize[], end: 'smaller' | 'larger'): RangeSize | null {
  const [last, before] = end === 'larger' ? [range.at(-1), range.at(-2)] : [range[0], range[1]];
  if (!last || !before) return null;
  const garment: Partial<Record<FitPlace, number>> = {};
  for (const place of PLACES) {
    const [to, from] = [last.garment[place], before.garment[place]];
    if (to !== undefined && from !== undefined) garment[place] = 2 * to - from;
  }
  return { id: `one more, ${end}`, label: `one ${end}`, garment, ease: last.ease };
}

/** How far from its designed ease a size sits at a place on a body, in parts of what is allowed: -1 is as tight as allowed, 1 as loose. */
function off(size: RangeSize, body: Body, place: FitPlace, tolerance: Tolerance): number | null {
  const [garment, ease, round] = [size.garment[place], size.ease[place], body[place]];
  if (garment === undefined || ease === undefined || round === undefined) return null;
  const by = garment - round - ease;
  const { tighter, looser } = toleranceAt(place, tolerance);
  return by < 0 ? by / tighter : by / looser;
}

/**
 * What a body would wear of a range: the size that sits at all places within what is allowed, of several the one nearest to how it was designed.
 *
 * @param range from the smallest size to the largest; not empty
 */
export function wornBy(
  range: readonly RangeSize[],
  { body }: CloudBody,
  tolerance: Tolerance = USUAL_TOLERANCE,
): Worn {
  const judged = range.map((size) => {
    const offs = PLACES.flatMap((place) => {
      const by = off(size, body, place, tolerance);
      return by === null ? [] : [{ place, by }];
    });
    return { size, offs, worst: Math.max(0, ...offs.map(({ by }) => Math.abs(by))) };
  });
  const best = judged.reduce((a, b) => (b.worst < a.worst - 1e-9 ? b : a));
  const ease: Partial<Record<FitPlace, number>> = {};
  for (const place of PLACES) {
    const [garment, round] = [best.size.garment[place], body[place]];
    if (garment !== undefined && round !== undefined) ease[place] = garment - round;
  }
  const told = { nearest: best.size.id, ease };
  if (best.worst <= 1 + 1e-9) return { size: best.size.id, ...told, why: 'fits' };
  const at = (one: (typeof judged)[number] | undefined, place: FitPlace) =>
    one?.offs.find((each) => each.place === place)?.by ?? 0;
  const [first, last] = [judged[0]!, judged.at(-1)!];
  if (at(last, 'bust') < -1) return { size: null, ...told, why: 'larger than the range' };
  if (at(first, 'bust') > 1) return { size: null, ...told, why: 'smaller than the range' };
  const byBust = judged.filter((one) => Math.abs(at(one, 'bust')) <= 1);
  if (byBust.length === 0) return { size: null, ...told, why: 'between sizes' };
  // The bust has a size; some other place wants another.
  const hinders = byBust.map(
    ({ offs }) => offs.reduce((a, b) => (Math.abs(b.by) > Math.abs(a.by) ? b : a)).place,
  );
  return { size: null, ...told, why: hinders[0]! };
}

/** What a cloud of bodies would wear. */
export interface RangeFit {
  worn: readonly Worn[];
  /** How many wear each size, in the order of the range, with the mean ease of these at each place. */
  sizes: readonly {
    id: string;
    label: string;
    many: number;
    ease: Readonly<Partial<Record<FitPlace, number>>>;
  }[];
  fits: number;
}

/** Holds a range against a cloud of bodies: those without a bust are completed by it where that can be derived, else left out by the caller. */
export function rangeFit(
  range: readonly RangeSize[],
  cloud: readonly CloudBody[],
  tolerance: Tolerance = USUAL_TOLERANCE,
): RangeFit {
  const worn = range.length === 0 ? [] : cloud.map((body) => wornBy(range, body, tolerance));
  return {
    worn,
    sizes: range.map(({ id, label }) => {
      const own = worn.filter((one) => one.size === id);
      const ease: Partial<Record<FitPlace, number>> = {};
      for (const place of PLACES) {
        const known = own.flatMap((one) => one.ease[place] ?? []);
        if (known.length > 0) ease[place] = known.reduce((sum, cm) => sum + cm, 0) / known.length;
      }
      return { id, label, many: own.length, ease };
    }),
    fits: worn.filter(({ size }) => size !== null).length,
  };
}

/** A body of a cloud with a bust; null where nothing leads to one. */
export function cloudBody(
  id: string,
  label: string,
  body: Body,
  group: 'adult' | 'child' | 'baby' = 'adult',
): CloudBody | null {
  const full = completeBody(body, group);
  return full ? { id, label, body: { ...body, bust: full.body.bust } } : null;
}
