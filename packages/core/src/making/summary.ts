import type { MakingProgress } from '../format/stored.js';
import { rowsOf } from '../work/runs.js';
import { copyName } from './log.js';
import type { Replayed } from './standing.js';

/** How far a making is, in a line for lists. */
export function summaryOf({ standing: { plan }, progress, entries }: Replayed): MakingProgress {
  const last = entries.findLast((entry) => entry.kind === 'row' || entry.kind === 'jump');
  const piece = last && plan.pieces.find(({ id }) => id === last.piece);
  return {
    worked: [...progress.values()].flat().reduce((sum, { worked }) => sum + worked, 0),
    all: plan.pieces.reduce((sum, { runs, copies }) => sum + copies * rowsOf(runs).length, 0),
    now: last && piece ? `${copyName(piece, last.copy)}, row ${last.n}` : '',
  };
}
