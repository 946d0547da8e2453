/** The notched armhole: a step at the underarm, along which the sleeve's last rows are sewn. */

import type { EdgeProgram, SizeInput } from '../../construction.js';
import type { JoinPlan } from '../../../joins/join.js';
import { forSize } from '../../../fields/perSize.js';
import { shareOf } from '../quantity.js';
import { onBothSides, SIDES } from '../pieces.js';
import type { Side } from '../../../joins/roles.js';
import type { Target } from '../targets.js';
import { isNotched, type PanelStyle } from './style.js';

/**
 * How far the panel steps in at each underarm; null for a plain drop or a curve.
 *
 * @param panel width of the panel below the armholes, cm
 */
export function notchWidth({ style, size }: SizeInput<PanelStyle>, panel: number): Target | null {
  if (!isNotched(style)) return null;
  return shareOf(
    forSize(style.armhole!.notch, size.id),
    'Step at the underarm',
    { length: panel, label: 'Panel, width', from: { kind: 'quantity', id: 'back.width' } },
    { kind: 'style', id: 'garment.armhole.notch' },
  );
}

/**
 * The steps as edges: stitches of the last row below the underarm that nothing is worked into.
 *
 * @param open whether nothing is joined to them
 * @param lies for each of the wearer's sides where it lies on the piece
 */
export function notchEdges(
  piece: string,
  label: string,
  open: boolean,
  notch: number,
  { n, width }: { n: number; width: number },
  lies: Partial<Readonly<Record<Side, Side>>>,
): EdgeProgram[] {
  if (notch === 0) return [];
  return SIDES.flatMap((wearers): EdgeProgram[] => {
    const at = lies[wearers];
    return at
      ? [
          {
            id: `${piece}.notch-${wearers}`,
            role: 'underarm',
            side: wearers,
            label: `${label}, ${wearers} step of the armhole`,
            axis: 'stitches',
            place: { lies: 'live', part: 'main', n, from: at === 'left' ? 0 : width - notch, count: notch },
            open,
          },
        ]
      : [];
  });
}

/** The steps sewn to the last rows of the sleeves. */
export function notchJoins(): JoinPlan[] {
  return onBothSides('Steps of the armhole to the sleeve', (side, label) => ({
    id: `notch-${side}`,
    role: 'armhole step',
    label,
    kind: 'stitch-to-row',
    a: [`front.notch-${side}`, `back.notch-${side}`],
    b: ['sleeve.notch-front', 'sleeve.notch-back'],
  }));
}
