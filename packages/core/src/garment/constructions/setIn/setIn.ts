import { panels } from '../../shared/panels/panels.js';

/** Panels whose armholes curve in to the shoulders, with sleeves whose caps are solved to fit them (craft 6.3, 6.4). */
export const setIn = panels('set-in', 'Set-in sleeve, of panels', {
  notch: { percent: 45 },
  curve: true,
  sleeved: true,
  armholeEase: 2,
});
