/**
 * Finds every label a place of its own: as near to where it belongs as it can be, on no other label, and whole within the drawing. Labels of
 * pieces come first, the largest of them on their pieces; a label that finds no room near its place gets a line that leads there.
 */

import { meet, within, type Box, type Point } from './geometry';
import type { Label, LabelVariant } from './labels';

export interface PlacedLabel {
  label: Label;
  variant: LabelVariant;
  box: Box;
  /** From the label to where it belongs, where that is further away. */
  leader: readonly [Point, Point] | null;
}

/** px between labels, and from the edge of the drawing. */
const APART = 2;
const MARGIN = 2;
/** px from one place tried to the next. */
const STEP = 7;
/** What a label that covers pieces is further away, px. */
const COVERED = 34;
/** A label so far from its place has a line that leads there, px. */
const LED_FROM = 26;

/** A place of a grid, from its middle, px. */
interface Offset {
  dx: number;
  dy: number;
  far: number;
}

/** Places of a grid by their distance from its middle, as far as a drawing reaches. */
const offsetsFor = memoised((reach: number): Offset[] => {
  const many = Math.ceil(reach / STEP);
  const list: Offset[] = [];
  for (let i = -many; i <= many; i += 1)
    for (let j = -many; j <= many; j += 1)
      list.push({ dx: i * STEP, dy: j * STEP, far: Math.hypot(i * STEP, j * STEP) });
  return list.sort((a, b) => a.far - b.far);
});

/**
 * @param room of the drawing, px
 * @param pieces what lies there: a label that is no piece's own rather stands beside them
 */
export function placeLabels(
  labels: readonly Label[],
  { width, height }: { width: number; height: number },
  pieces: readonly Box[],
): PlacedLabel[] {
  const inside: Box = {
    left: MARGIN,
    top: MARGIN,
    right: width - MARGIN,
    bottom: height - MARGIN,
  };
  const offsets = offsetsFor(Math.ceil(Math.max(width, height) / 100) * 100);
  const placed: PlacedLabel[] = [];
  const free = (box: Box) => within(box, inside) && !placed.some((other) => meet(box, other.box, APART));
  const boxAt = ({ width: w, height: h }: LabelVariant, [x, y]: Point): Box => ({
    left: x - w / 2,
    right: x + w / 2,
    top: y - h / 2,
    bottom: y + h / 2,
  });
  const find = (variant: LabelVariant, { at }: Label, on?: Box): Box | null => {
    let best: { box: Box; cost: number } | null = null;
    // Where its middle may be, so that it lies within.
    const around = on ?? inside;
    const [left, right] = [around.left + variant.width / 2 - at[0], around.right - variant.width / 2 - at[0]];
    const [top, bottom] = [
      around.top + variant.height / 2 - at[1],
      around.bottom - variant.height / 2 - at[1],
    ];
    if (left > right || top > bottom) return null;
    const reach = Math.hypot(Math.max(-left, right), Math.max(-top, bottom));
    for (const { dx, dy, far } of offsets) {
      // Places further out lie outside, or cost more than what has been found.
      if (far > reach || (best && far >= best.cost)) break;
      if (dx < left || dx > right || dy < top || dy > bottom) continue;
      const box = boxAt(variant, [at[0] + dx, at[1] + dy]);
      if (!free(box)) continue;
      const cost = far + (on ? 0 : COVERED * coveredShare(box, pieces));
      if (!best || cost < best.cost) best = { box, cost };
    }
    return best?.box ?? null;
  };
  /** Of several ways to write a label the one that stands nearest to its place. */
  const nearestOf = (label: Label) => {
    const places = label.variants.flatMap((variant) => {
      const box = find(variant, label);
      return box ? [{ variant, box }] : [];
    });
    const far = ({ box }: { box: Box }) =>
      Math.hypot((box.left + box.right) / 2 - label.at[0], (box.top + box.bottom) / 2 - label.at[1]);
    return places.sort((a, b) => far(a) - far(b))[0] ?? null;
  };
  const put = (label: Label, variant: LabelVariant, box: Box) => {
    placed.push({ label, variant, box, leader: leaderFrom(box, label.at) });
  };

  // Pieces whose labels have room on them, then all others; joins by how narrow it is round them.
  const order = [...labels].sort((a, b) => rank(a) - rank(b));
  for (const label of order) {
    const firstOn = (on?: Box) => {
      for (const variant of label.variants) {
        const box = find(variant, label, on);
        if (box) return { variant, box };
      }
      return null;
    };
    const found = (label.on && firstOn(label.on)) ?? (label.kind === 'join' ? firstOn() : nearestOf(label));
    const last = label.variants.at(-1)!;
    if (found) put(label, found.variant, found.box);
    else {
      // No room at all: better on another than not at all.
      const [x, y] = label.at;
      const [halfWidth, halfHeight] = [last.width / 2, last.height / 2];
      put(
        label,
        last,
        boxAt(last, [
          Math.max(inside.left + halfWidth, Math.min(inside.right - halfWidth, x)),
          Math.max(inside.top + halfHeight, Math.min(inside.bottom - halfHeight, y)),
        ]),
      );
    }
  }
  return placed;
}

/** What of a box lies on others. */
function coveredShare(box: Box, others: readonly Box[]): number {
  const area = (box.right - box.left) * (box.bottom - box.top);
  const covered = others.reduce((sum, other) => {
    const width = Math.min(box.right, other.right) - Math.max(box.left, other.left);
    const height = Math.min(box.bottom, other.bottom) - Math.max(box.top, other.top);
    return width > 0 && height > 0 ? sum + width * height : sum;
  }, 0);
  return Math.min(1, covered / area);
}

/** Labels of large pieces first: theirs are the fewest places. */
function rank({ kind, on }: Label): number {
  if (kind === 'piece' && on) return -(on.right - on.left) * (on.bottom - on.top);
  return kind === 'neck' ? 1 : 2;
}

function leaderFrom(box: Box, at: Point): PlacedLabel['leader'] {
  const near: Point = [
    Math.max(box.left, Math.min(box.right, at[0])),
    Math.max(box.top, Math.min(box.bottom, at[1])),
  ];
  return Math.hypot(near[0] - at[0], near[1] - at[1]) > LED_FROM ? [near, at] : null;
}

function memoised<A, R>(make: (argument: A) => R): (argument: A) => R {
  const known = new Map<A, R>();
  return (argument) => {
    let result = known.get(argument);
    if (result === undefined) known.set(argument, (result = make(argument)));
    return result;
  };
}
