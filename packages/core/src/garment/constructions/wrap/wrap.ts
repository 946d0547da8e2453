import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS, type WrapStyle } from './fields.js';
import { program } from './program.js';

/** A rectangle worn as a layer: its armholes are slits, sleeves go on from them, ties hold it. */
export const wrap = construction({
  id: 'wrap',
  label: 'Wrap of a rectangle with armholes',
  says: 'One rectangle, worked sideways from front edge to front edge, with a slit for each armhole',
  needs: 'the cross-back, the upper arm, and how far it is to hang and wrap',
  gives: 'a plain rectangle in any repeat, a collar that folds back, fronts that hang or tie',
  table: { root: 'back and front', facing: { edge: 'neck', way: 'up' } },
  fields: FIELDS,
  specimens: [
    { name: 'wrap with sleeves', garment: {} },
    {
      name: 'wrap without sleeves, tied',
      garment: { sleeve: null, front: { ties: 1, tieLength: 60 }, above: 20 },
    },
  ],
  style: (read): WrapStyle => ({
    ...read,
    cuff: read.sleeve ? read.cuff : null,
    front: { ...read.front, style: 'overlap', width: 0 },
  }),
  draft,
  program,
});
