import type { Construction } from '../../construction.js';
import { draft } from './draft.js';
import { program } from './program.js';
import { readPanelStyle, type PanelForm } from './readStyle.js';
import type { PanelStyle } from './style.js';

/** A construction of panels: what it fixes, over the parts that all of them share. */
export function panels(id: string, label: string, form: PanelForm): Construction<PanelStyle> {
  return {
    id,
    label,
    readStyle: (garment, fabricIds, problems) => readPanelStyle(garment, fabricIds, problems, form),
    draft,
    program,
  };
}
