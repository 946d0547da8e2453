import type { Fields, StyleOf } from '../../../fields/kinds.js';
import { construction, type Construction, type Declaration, type TableLayout } from '../../construction.js';
import { draft } from './draft.js';
import { program } from './program.js';
import { panelStyle, type PanelStyle, type ReadPanels } from './style.js';

/** What a construction of panels says of itself. */
type Panels<F extends Fields> = Omit<Declaration<F, PanelStyle>, 'table' | 'style' | 'draft' | 'program'>;

/** The back lies above with its lower edge away, the front below it as it unfolds over the shoulders. */
export const PANELS_ON_TABLE: TableLayout = {
  root: 'back',
  facing: { edge: 'lower edge', way: 'up' },
  neck: [
    ['neck.width', 'neck'],
    ['neck.drop', 'drop'],
  ],
};

/** A construction of panels: its fields, over the parts that all of them share. */
export function panels<const F extends Fields>(
  said: Panels<F> & { style?: (read: StyleOf<F>) => ReadPanels } & (StyleOf<F> extends ReadPanels
      ? object
      : { style: (read: StyleOf<F>) => ReadPanels }),
): Construction {
  const { style = (read: StyleOf<F>) => read as unknown as ReadPanels } = said;
  return construction<F, PanelStyle>({
    ...said,
    table: PANELS_ON_TABLE,
    style: (read) => panelStyle(style(read)),
    draft,
    program,
  });
}
