import type { PanelStyle } from '../panels/style.js';

/** A body worked over the shoulders. */
export interface OverStyle extends PanelStyle {
  /** Rows that the fronts have more than the back below the side seam, so that the edges meet. */
  longerFront: number;
}
