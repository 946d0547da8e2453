import type { CountRule } from '../fabric/fabric.js';

/** Whole repeats side by side: the place of the first stitch, and how many. They keep their place while a piece is shaped beside them. */
export interface Zone {
  low: number;
  repeats: number;
}

/** Stitches that so many repeats span, with what is added to them at the edges. */
export function widthOf({ repeats }: Pick<Zone, 'repeats'>, { multiple, plus }: CountRule): number {
  return multiple * repeats + plus;
}

/** The whole repeats of a zone between two places; null where there are none. */
export function clipped(zone: Zone, from: number, to: number, rule: CountRule): Zone | null {
  const { multiple, plus } = rule;
  const cut = Math.max(0, Math.ceil((from - zone.low) / multiple));
  const low = zone.low + cut * multiple;
  const end = Math.min(to, zone.low + widthOf(zone, rule));
  const repeats = Math.floor((end - plus - low) / multiple);
  return repeats >= 1 ? { low, repeats } : null;
}

/** A zone with as many whole repeats more as there is room for between two places. */
function grown(zone: Zone, from: number, to: number, rule: CountRule): Zone {
  const below = Math.max(0, Math.floor((zone.low - from) / rule.multiple));
  const above = Math.max(0, Math.floor((to - zone.low - widthOf(zone, rule)) / rule.multiple));
  return { low: zone.low - below * rule.multiple, repeats: zone.repeats + below + above };
}

/** A zone that goes on may grow at both its ends, at one of them, or stay as it is: the ways in the order in which they are tried. */
export function waysToGrow(zone: Zone, from: number, to: number, rule: CountRule): Zone[] {
  const high = zone.low + widthOf(zone, rule);
  const ways = [
    grown(zone, from, to, rule),
    grown(zone, from, high, rule),
    grown(zone, zone.low, to, rule),
    zone,
  ];
  return ways.filter(
    (one, i) => ways.findIndex(({ low, repeats }) => low === one.low && repeats === one.repeats) === i,
  );
}

/** Zones whose repeats lie in line become one, with those that fit between them; no way where they do not. */
export function waysToJoin(zones: readonly Zone[], from: number, to: number, rule: CountRule): Zone[] {
  const [first, last] = [zones[0]!, zones.at(-1)!];
  const { multiple } = rule;
  if (!zones.every(({ low }) => (low - first.low) % multiple === 0)) return [];
  const one = { low: first.low, repeats: (last.low - first.low) / multiple + last.repeats };
  return waysToGrow(one, from, to, rule);
}

/**
 * Zones that may begin between two places: as many repeats as there is room for, in each of their phases.
 *
 * @param fewest repeats that a zone has at least
 * @param centred whether they lie in the middle first, or above the first stitch of the piece
 */
export function waysToBegin(from: number, to: number, rule: CountRule, centred: boolean, fewest = 1): Zone[] {
  const { multiple, plus } = rule;
  const ways: Zone[] = [];
  const most = Math.floor((to - from - plus) / multiple);
  if (most < fewest) return [];
  const first = centred
    ? from + Math.floor((to - from - widthOf({ repeats: most }, rule)) / 2)
    : Math.ceil(from / multiple) * multiple;
  for (let phase = 0; phase < multiple; phase += 1) {
    const low = from + ((((first + phase - from) % multiple) + multiple) % multiple);
    const repeats = Math.floor((to - plus - low) / multiple);
    if (repeats >= fewest) ways.push({ low, repeats });
  }
  return ways;
}

/** Zones from the right edge on, those that follow each other without a seam between them as one. */
export function inOne(zones: readonly Zone[], rule: CountRule): Zone[] {
  const merged: Zone[] = [];
  for (const zone of [...zones].sort((a, b) => a.low - b.low)) {
    const last = merged.at(-1);
    if (last && rule.plus === 0 && last.low + widthOf(last, rule) === zone.low)
      merged[merged.length - 1] = { low: last.low, repeats: last.repeats + zone.repeats };
    else merged.push(zone);
  }
  return merged;
}
