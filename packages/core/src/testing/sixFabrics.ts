import type { Fabric } from '../fabric/fabric.js';

/** Six fabrics from bulky to fine, with rules that bind: stitches and rows in 10 cm, then the rules. */
const FABRICS: readonly [
  name: string,
  stitches: number,
  rows: number,
  flat: [number, number],
  row: [number, number],
][] = [
  ['bulky, any count', 9, 6.5, [1, 0], [1, 0]],
  ['worsted, pairs', 14, 9.5, [2, 0], [2, 0]],
  ['mesh 3 + 1', 16, 8, [3, 1], [1, 0]],
  ['shells 6 + 1', 18, 10, [6, 1], [2, 0]],
  ['crossed pairs, odd rows', 20, 12, [2, 0], [2, 1]],
  ['fine lace 10 + 3', 27, 15, [10, 3], [4, 0]],
];

/** The fabrics by name; in the round the balancing part of a repeat is left out. */
export const SIX_FABRICS: readonly (readonly [name: string, fabric: Fabric])[] = FABRICS.map(
  ([name, stitches, rows, [multiple, plus], [rowMultiple, rowPlus]]) => [
    name,
    {
      id: 'body',
      name,
      hook: 5,
      gauge: { stitches, stitchesOver: 10, rows, rowsOver: 10 },
      rule: {
        flat: { multiple, plus },
        round: { multiple, plus: 0 },
        rows: { multiple: rowMultiple, plus: rowPlus },
      },
    },
  ],
);
