import { panels } from '../../shared/panels/panels.js';

/** Rectangles joined at shoulders and sides, closed or open in front, with tapered sleeves (craft 6.1). */
export const dropShoulder = panels('drop-shoulder', 'Drop shoulder, of panels', {
  notch: null,
  sleeved: true,
});
