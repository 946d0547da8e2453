import type { Course, Unit } from './course.js';
import type { StitchKind } from './kinds.js';
import { StitchError } from './tree.js';

/** Stitches and chains of the row below as they lie from the right edge on, whatever the way they were worked in. */
export interface Surface {
  units: readonly Unit[];
  low: number;
  width: number;
}

/** What a worked row offers, from the right edge on. In a ring what lies beyond the joining comes round. */
export function surfaceOf({ units, direction, low, width }: Course, ring: boolean): Surface {
  if (!ring) return { units: direction === 1 ? units : [...units].reverse(), low, width };
  // A place that lies half a stitch before the first belongs to it.
  const round = units.map((unit) => {
    const around = width * Math.floor((unit.x - low + 0.5) / width);
    return { ...unit, x: unit.x - around, feet: unit.feet.map((foot) => foot - around) };
  });
  return { units: round.sort((a, b) => a.x - b.x), low, width };
}

/** The places from one to before another. */
export function cut({ units }: Surface, from: number, to: number): Surface {
  return {
    units: units.slice(firstFrom(units, from - 0.501), firstFrom(units, to - 0.501)),
    low: from,
    width: to - from,
  };
}

/** Index of the first of rising units that does not lie before a place. */
function firstFrom(units: readonly Unit[], place: number): number {
  let [low, high] = [0, units.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (units[middle]!.x < place) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** A surface moved so many places to the left. */
export function moved({ units, low, width }: Surface, by: number): Surface {
  if (by === 0) return { units, low, width };
  const shifted = units.map((unit) => ({
    ...unit,
    x: unit.x + by,
    feet: unit.feet.map((foot) => foot + by),
  }));
  return { units: shifted, low: low + by, width };
}

/** Surfaces that lie side by side, from right to left. */
export function joined(all: readonly Surface[]): Surface {
  if (all.length === 1) return all[0]!;
  // Groups and spaces of different parts are different ones.
  let [groups, runs] = [0, 0];
  const units: Unit[] = [];
  for (const { units: own } of all) {
    let [leastGroup, mostGroup, leastRun, mostRun] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const { group, run } of own) {
      leastGroup = Math.min(leastGroup, group);
      mostGroup = Math.max(mostGroup, group);
      if (run < 0) continue;
      leastRun = Math.min(leastRun, run);
      mostRun = Math.max(mostRun, run);
    }
    for (const unit of own)
      units.push({
        ...unit,
        group: unit.group - leastGroup + groups,
        run: unit.run < 0 ? unit.run : unit.run - leastRun + runs,
      });
    if (own.length > 0) groups += mostGroup - leastGroup + 1;
    if (mostRun >= 0) runs += mostRun - leastRun + 1;
  }
  return { units, low: all[0]?.low ?? 0, width: all.reduce((sum, { width }) => sum + width, 0) };
}

/** Plain stitches, one at each place, that nothing is known of but that they are there. */
export function laid(kind: StitchKind, low: number, many: number): Surface {
  const units = Array.from({ length: many }, (_, i) => plainUnit(kind, low + i, [low + i], i));
  return { units, low, width: many };
}

function plainUnit(kind: StitchKind, x: number, feet: readonly number[], group: number): Unit {
  return {
    t: 'st',
    kind,
    group,
    name: null,
    run: -1,
    x,
    feet,
    turning: 0,
    stitch: { kind },
    picots: [],
    by: -1,
  };
}

/**
 * Plain stitches over whatever lies there: one in each stitch, in a space as many as it has chains; where fewer are wanted some chains are
 * passed, where more, some places take two.
 *
 * @throws StitchError where nothing lies there to be worked into
 */
export function plainOver({ units }: Surface, kind: StitchKind, low: number, many: number): Surface {
  if (many === 0) return { units: [], low, width: 0 };
  if (units.length === 0)
    throw new StitchError({ from: 0, to: 0 }, `${many} plain stitches have nothing to be worked into.`);
  const chains = units.flatMap(({ t }, i) => (t === 'ch' ? [i] : []));
  const surplus = Math.min(chains.length, Math.max(0, units.length - many));
  const passed = new Set(
    Array.from({ length: surplus }, (_, i) => chains[Math.floor(((i + 0.5) * chains.length) / surplus)]!),
  );
  const places = units.filter((_, i) => !passed.has(i));
  const made = Array.from({ length: many }, (_, i) => {
    const first = Math.floor((i * places.length) / many);
    const next = Math.max(first + 1, Math.floor(((i + 1) * places.length) / many));
    return plainUnit(
      kind,
      low + i,
      places.slice(first, next).map(({ x }) => x),
      i,
    );
  });
  return { units: made, low, width: many };
}
