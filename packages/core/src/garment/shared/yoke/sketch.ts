import type { TableLayout } from '../../construction.js';

/** The outline of a garment from the neck down in the chooser of constructions. */
export const YOKE_SKETCH =
  'M44 10 Q60 18 76 10 L86 14 L114 52 L104 60 L84 40 L84 92 L36 92 L36 40 L16 60 L6 52 L34 14 Z';

/** The yoke lies in the middle, seen from above, with the back away. */
export const YOKE_ON_TABLE: TableLayout = {
  root: 'yoke',
  facing: { edge: 'back split', way: 'up' },
  neck: [
    ['neck.round', 'neck'],
    ['neck.drop', 'drop'],
  ],
};
