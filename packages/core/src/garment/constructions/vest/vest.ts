import { panels } from '../../shared/panels/panels.js';

/** Panels without sleeves, their armholes stepped in and edged. */
export const vest = panels('vest', 'Vest, of panels', { notch: { percent: 10 }, sleeved: false });
