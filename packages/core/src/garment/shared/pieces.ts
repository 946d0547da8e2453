import { type Fabric } from '../../fabric/fabric.js';
import { chainsBeyond } from '../../stitch/ofFabric.js';
import type { Start } from '../../passages/start.js';
import type { PanelId } from '../counts.js';
import type { PieceProgram } from '../construction.js';
import type { JoinPlan } from '../../joins/join.js';
import { isFirst, rowsPerStitch, type BandStyle } from './bands.js';
import type { Side } from '../../joins/roles.js';
import { schedule, type Schedule, type ScheduleRequest } from '../../shaping/schedule.js';
import type { EdgePlace } from '../../work/rows.js';

/** Both of the wearer's sides. */
export const SIDES: readonly Side[] = ['left', 'right'];

/** A join of the left side and the like of the right: "Front band, left", together "Front band, both". */
export function onBothSides(name: string, join: (side: Side, label: string) => JoinPlan): JoinPlan[] {
  return SIDES.map((side) => ({ ...join(side, `${name}, ${side}`), side, both: `${name}, both` }));
}

/** Row ends on one side of one part, or of several that follow each other. */
export function ends(
  side: Side,
  ...spans: { part: string; first: number; last: number }[]
): Extract<EdgePlace, { lies: 'row ends' }> {
  return { lies: 'row ends', side, spans };
}

/** A schedule that the fit has already made room for. */
export function scheduleFor(request: ScheduleRequest): Schedule {
  const result = schedule(request);
  if (!result.ok) throw new Error(`the fit left no room for a schedule: ${result.message}`);
  return result.schedule;
}

/** What every sleeve is, with the counts of its label from its end up. */
export const SLEEVE_PIECE: Pick<PieceProgram, 'id' | 'role' | 'shows' | 'label' | 'copies'> = {
  id: 'sleeve',
  role: 'sleeve',
  shows: [[['sleeve.cuff', 'cuff']], ['sleeve.rows'], [['sleeve.top', 'top']]],
  label: 'Sleeve',
  copies: 2,
};

/** What the label of a panel tells: where it changes to another fabric, both parts' stitches and rows. */
export function panelShows(piece: PanelId, changes: boolean): NonNullable<PieceProgram['shows']> {
  return changes
    ? [
        [`${piece}.width`, 'side.rows'],
        [`${piece}.upper`, 'armhole.rows'],
      ]
    : [[`${piece}.width`], ['body.rows']];
}

/** The first row of a piece that is picked up along a rib worked before it, or of its own: a foundation chain. */
export function begun(stitches: number, fabric: Fabric, rib: BandStyle | null, name: string): Start {
  if (!rib || !isFirst(rib)) return foundation(stitches, fabric);
  const each = rowsPerStitch(rib) === 1 ? '1 in each row end' : '1 in every 2nd row end';
  return { kind: 'start', part: 'main', stitches, extra: 0, along: `the ${name}, ${each}` };
}

/** The first row of a piece of its own: a foundation chain. */
export function foundation(stitches: number, fabric: Fabric): Start {
  return { kind: 'start', part: 'main', stitches, extra: chainsBeyond(fabric), along: null };
}

/** A sleeve worked on in rounds from an opening of the body, from its first round to its end. */
export function sleeveFrom(
  fabric: Fabric,
  passages: PieceProgram['passages'],
  { end, rows, cuffed }: { end: number; rows: number; cuffed: boolean },
): PieceProgram {
  return {
    ...SLEEVE_PIECE,
    fabric,
    work: 'rounds',
    rows: ['sleeve.rows'],
    passages,
    edges: [
      {
        id: 'sleeve.top',
        role: 'sleeve top',
        label: 'Sleeve, where it begins',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
      },
      {
        id: 'sleeve.cuff',
        role: 'wrist',
        label: 'Sleeve, its end',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: end },
        open: !cuffed,
      },
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.top'] },
      { quantity: 'sleeve.cuff', edges: ['sleeve.cuff'] },
    ],
  };
}
