import type { PanelStyle } from '../../shared/panels/style.js';
import type { PerSize } from '../../shared/perSize.js';

/** Two halves of a cardigan with a band of rows between them at the centre back. Lengths in cm. */
export interface HalvesStyle extends PanelStyle {
  centre: {
    /** About how wide the band is; it makes up what the halves lack of the round wanted. */
    width: PerSize;
    fabric: string;
  };
}
