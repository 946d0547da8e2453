import type { TableLayout } from '../../construction.js';

/** The yoke lies in the middle, seen from above, with the back away. */
export const YOKE_ON_TABLE: TableLayout = {
  root: 'yoke',
  facing: { edge: 'back split', way: 'up' },
  neck: [
    ['neck.round', 'neck'],
    ['neck.drop', 'drop'],
  ],
};
