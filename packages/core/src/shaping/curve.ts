/** A line on paper as steps of whole stitches, row by row. */

/** Width in stitches at a height in rows above the beginning; must not fall. */
export type Curve = (height: number) => number;

/** Slices of a row over which the area between step and line is added up. */
const SLICES = 24;

/** Area between the line and a step of `stitches` over row `row` (1 for the first), in stitches x rows. */
export function areaBeside(curve: Curve, row: number, stitches: number): number {
  let sum = 0;
  for (let i = 0; i < SLICES; i += 1) sum += Math.abs(curve(row - 1 + (i + 0.5) / SLICES) - stitches);
  return sum / SLICES;
}

export interface StepLimits {
  /** Most stitches that one row may add; no limit where it is left out. */
  most?: number;
  /** 2: only every second row may step, from the second on. */
  everyRow?: 1 | 2;
  /** Stitches are added in wholes of so many. */
  unit?: number;
}

/**
 * The steps with the least area between them and the line: for each row the stitches reached, not falling, the last row
 * at `total`. Exact: without limits each row takes the whole number beside the line's height in the middle of the row, with
 * limits the best sequence is found row by row.
 *
 * @param curve the line
 * @param rows how many rows there are
 * @param total stitches reached in the last row
 * @returns stitches after each row, or null when the limits leave no way to reach the total
 */
export function leastAreaSteps(
  curve: Curve,
  rows: number,
  total: number,
  { most = Infinity, everyRow = 1, unit = 1 }: StepLimits = {},
): number[] | null {
  if (rows < 1 || total < 0 || total % unit !== 0) return rows < 1 ? (total === 0 ? [] : null) : null;
  if (most === Infinity && everyRow === 1) return freeSteps(curve, rows, total, unit);
  const levels = total / unit;
  const highest = Math.floor(most / unit);
  /** Least area up to a row that ends at each level, and the level before. */
  let best = new Float64Array(levels + 1).fill(Infinity);
  const from: Int32Array[] = [];
  best[0] = 0;
  for (let row = 1; row <= rows; row += 1) {
    const next = new Float64Array(levels + 1).fill(Infinity);
    const before = new Int32Array(levels + 1).fill(-1);
    const stepsHere = everyRow === 1 || row % 2 === 0;
    for (let level = 0; level <= levels; level += 1) {
      const lowest = stepsHere ? Math.max(0, level - highest) : level;
      for (let old = level; old >= lowest; old -= 1)
        if (best[old]! < next[level]!) {
          next[level] = best[old]!;
          before[level] = old;
        }
      if (next[level]! < Infinity) next[level]! += areaBeside(curve, row, level * unit);
    }
    from.push(before);
    best = next;
  }
  if (best[levels] === Infinity) return null;
  const reached: number[] = [];
  for (let row = rows, level = levels; row >= 1; row -= 1) {
    reached.unshift(level * unit);
    level = from[row - 1]![level]!;
  }
  return reached;
}

function freeSteps(curve: Curve, rows: number, total: number, unit: number): number[] {
  const reached: number[] = [];
  for (let row = 1; row <= rows; row += 1) {
    // The area is least at the median of the line's heights over the row, which for a rising line is the one in its middle.
    const below = Math.floor(curve(row - 0.5) / unit) * unit;
    const nearer =
      areaBeside(curve, row, below + unit) < areaBeside(curve, row, below) - 1e-12 ? below + unit : below;
    reached.push(Math.max(reached.at(-1) ?? 0, Math.min(total, Math.max(0, nearer))));
  }
  reached[rows - 1] = total;
  return reached;
}

/** The lines of a front neck, one side: how far it has opened at a height, from the centre outwards. */
export type NeckShape = 'round' | 'scoop' | 'V' | 'square';
export const NECK_SHAPES: readonly NeckShape[] = ['round', 'scoop', 'V', 'square'];

/**
 * The line of one side of a front neck.
 *
 * round: a quarter of an ellipse. scoop: two thirds of the width flat at the bottom, then a quarter ellipse. V: a straight
 * line from the centre. square: all of the width at once.
 *
 * @param shape the neck
 * @param half half of its width
 * @param drop its depth; half and drop may be in stitches and rows or in cm
 */
export function neckCurve(shape: NeckShape, half: number, drop: number): Curve {
  const ellipse = (width: number) => (height: number) => {
    const rest = 1 - Math.min(1, Math.max(0, height / drop));
    return width * Math.sqrt(1 - rest * rest);
  };
  switch (shape) {
    case 'round':
      return ellipse(half);
    case 'scoop': {
      const side = ellipse(half * (1 / 3));
      return (height) => half * (2 / 3) + side(height);
    }
    case 'V':
      return (height) => half * Math.min(1, Math.max(0, height / drop));
    case 'square':
      return () => half;
  }
}

/** Points along a neck's line from the centre front to the shoulder, for drawing and measuring it. */
export function neckLine(
  shape: NeckShape,
  half: number,
  drop: number,
  points = 24,
): [x: number, y: number][] {
  if (drop <= 0 || shape === 'square')
    return [
      [0, 0],
      [half, 0],
      [half, drop],
    ];
  const curve = neckCurve(shape, half, drop);
  return [
    [0, 0],
    // Narrow heights first: a round neck turns fastest at its bottom.
    ...Array.from({ length: points + 1 }, (_, i): [number, number] => {
      const height = drop * (i / points) ** 2;
      return [curve(height), height];
    }),
  ];
}

/**
 * Length of a neck's line from the centre front to the shoulder. A quarter of an ellipse by Ramanujan's first formula (1914,
 * from memory), which is right to a ten-thousandth for necks.
 */
export function neckLineLength(shape: NeckShape, half: number, drop: number): number {
  const quarter = (a: number, b: number) =>
    (Math.PI / 4) * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
  switch (shape) {
    case 'round':
      return quarter(half, drop);
    case 'scoop':
      return half * (2 / 3) + quarter(half / 3, drop);
    case 'V':
      return Math.hypot(half, drop);
    case 'square':
      return half + drop;
  }
}

/**
 * How deep a front neck is at a distance from the shoulder, for pieces whose rows run up the body.
 *
 * @param half half of its width
 * @param drop its depth
 * @returns the depth, from the shoulder (0) to the centre (half)
 */
export function neckDepth(shape: NeckShape, half: number, drop: number): Curve {
  const ellipse = (width: number) => (from: number) => {
    const toCentre = 1 - Math.min(1, Math.max(0, from / width));
    return drop * Math.sqrt(1 - toCentre * toCentre);
  };
  switch (shape) {
    case 'round':
      return ellipse(half);
    case 'scoop':
      return ellipse(half / 3);
    case 'V':
      return (from) => drop * Math.min(1, Math.max(0, from / half));
    case 'square':
      return () => drop;
  }
}
