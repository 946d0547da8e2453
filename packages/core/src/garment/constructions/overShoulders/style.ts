import type { PanelStyle } from '../../shared/panels/style.js';

/** A body worked over the shoulders. */
export interface OverStyle extends PanelStyle {
  /** Rows that the fronts have more than the back, in the fold at the shoulder, so that the edges meet. */
  longerFront: number;
}
