import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS, type HexagonStyle } from './fields.js';
import { program } from './program.js';

/** A jacket of two hexagons, each folded into half a body with a sleeve. */
export const hexagons = construction({
  id: 'hexagons',
  label: 'Two folded hexagons',
  says: 'Two hexagons in rounds from the centre, each folded into half of the body with a sleeve, joined at the centre back and the shoulders',
  needs: 'the bust or hip, the upper arm, and how long it is to be',
  gives:
    'two equal halves from the centre out, without armhole or side seams; body and sleeve widths that follow the rounds',
  table: { root: 'half', facing: { edge: 'lower edge', way: 'down' } },
  grades: ['hexagon.rounds', 'hexagon.rows', 'hexagon.hem', 'sleeve.rows'],
  fields: FIELDS,
  specimens: [
    { name: 'hexagon jacket', garment: {} },
    {
      name: 'hexagon jacket with a hood',
      garment: { top: { left: 'open' }, hood: {}, sleeve: { shape: 'balloon' }, rounds: 'joined' },
    },
    {
      name: 'hexagon jacket, body first, with a strip at the back',
      garment: { ease: 4, opening: 34, back: { strip: 6 }, sleeve: null },
    },
  ],
  style: (read): HexagonStyle => ({
    ...read,
    hood: read.top.left === 'open' ? read.hood : null,
    // A bell ends open.
    cuff: read.sleeve && read.sleeve.shape !== 'bell' ? read.cuff : null,
  }),
  draft,
  program,
});
