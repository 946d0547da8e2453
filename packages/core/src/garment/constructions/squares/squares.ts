import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS, type SquaresStyle } from './fields.js';
import { program } from './program.js';

/** A garment of squares, joined to a sheet that is folded over the shoulders. */
export const squares = construction({
  id: 'squares',
  label: 'Squares joined to a sheet',
  says: 'Squares from the centre out, joined to a sheet that is folded over the shoulders, its sides closed below the sleeve openings',
  needs: 'how far it goes down the arms (or the bust), how long it is to be, and one square, measured',
  gives: 'a coloured sheet without shaping; sizes by squares, their rounds, joins and plain rows',
  table: { root: 'sheet', facing: { edge: 'lower edge', way: 'down' } },
  grades: ['squares.across', 'squares.rows', 'squares.down', 'squares.arm', 'squares.sleeve'],
  fields: FIELDS,
  specimens: [
    { name: 'jacket of squares', garment: {} },
    {
      name: 'pullover of squares with sleeves beside it',
      garment: {
        shape: 'body',
        middle: 'closed',
        neck: { style: 'half squares', width: 24 },
        square: { rounds: 4, centre: 'circle' },
        sleeve: { shape: 'straight' },
        rounds: 'turned',
      },
    },
    {
      name: 'open layer of measured squares with a border',
      garment: {
        square: { measured: 11.5, of: 5, rounds: 4 },
        joinWidth: 0.5,
        sideRows: 2,
        sleeve: null,
        border: { round: { rounds: 3 } },
      },
    },
  ],
  style: (read): SquaresStyle => ({ ...read, cuff: read.sleeve ? read.cuff : null }),
  draft,
  program,
});
