import { panels } from '../../shared/panels/panels.js';

/** Panels that step in at the underarm, so that shoulders lie nearer to the body; the sleeve is sewn along the step (craft 6.2). */
export const notched = panels('notched', 'Notched armhole, of panels', {
  notch: { percent: 8 },
  sleeved: true,
});
