/** The geometry of a folded hexagon: each of its six wedges is a quarter of a square, so that it folds into a body half with a sleeve. */

import type { Fabric } from '../../../fabric/fabric.js';
import type { MotifGrowth } from '../../../shaping/motif.js';
import { motifGrowth } from '../../shared/motifGrowth.js';

/** Sides of the motif. */
const SIDES_OF_HEXAGON = 6;

/** How a hexagon of a fabric grows. */
export function growthOf(fabric: Fabric): MotifGrowth {
  return motifGrowth(fabric, SIDES_OF_HEXAGON);
}

/** Which of the two is wide enough first: then rows along three sides make up what the other lacks. */
export type First = 'sleeve' | 'body';

/** What of a half lies where, cm, folded: from rounds, rows along three sides, and rows along the lower edge. */
export interface Half {
  /** Half of the body's width, of front and of back. */
  body: number;
  /** From the underarm to the end of the half's own sleeve, which is as deep. */
  arm: number;
  length: number;
}

/** A half from its counts, each of them `height` cm high. */
export function halfOf(
  { rounds, rows, hem }: { rounds: number; rows: number; hem: number },
  first: First,
  height: number,
): Half {
  const grown = (rounds + rows) * height;
  const plain = rounds * height;
  return {
    body: first === 'sleeve' ? grown : plain,
    arm: first === 'sleeve' ? plain : grown,
    length: (2 * rounds + rows + hem) * height,
  };
}

/** The rounds and rows of a half as lines, folded: rounds about the underarm, rows along three sides of them, rows along the lower edge. */
export function foldedRows(
  { rounds, rows, hem }: { rounds: number; rows: number; hem: number },
  first: First,
  height: number,
): [x: number, y: number][][] {
  const { body, arm, length } = halfOf({ rounds, rows, hem }, first, height);
  const [x, y] = [body, length - arm];
  const from = (count: number) => Array.from({ length: count }, (_, i) => (i + 1) * height);
  const main = rounds * height;
  const round = (r: number): [number, number][] => [
    [x, y - r],
    [x - r, y - r],
    [x - r, y + r],
    [x + r, y + r],
    [x + r, y],
  ];
  const along = (r: number): [number, number][] =>
    first === 'sleeve'
      ? [
          [x, y - main - r],
          [x - main - r, y - main - r],
          [x - main - r, length],
        ]
      : [
          [x - main, y + main + r],
          [x + main + r, y + main + r],
          [x + main + r, y],
        ];
  return [
    ...from(rounds).map(round),
    ...from(rows).map(along),
    ...from(hem).map((r): [number, number][] => [
      [0, hem * height - r],
      [x, hem * height - r],
    ]),
  ];
}

/** Its outline, folded: x from the centre front outwards, y from the lower edge up. */
export function foldedOutline({ body, arm, length }: Half): [x: number, y: number][] {
  const underarm = length - arm;
  return [
    [0, 0],
    [0, length],
    [body + arm, length],
    [body + arm, underarm],
    [body, underarm],
    [body, 0],
  ];
}
