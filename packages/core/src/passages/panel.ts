/** A panel in the middle of pieces: a cable or a motif with plain stitches on either side of it. */

import type { Fabric } from '../fabric/fabric.js';
import type { PieceRole } from '../joins/roles.js';
import { line, type Line } from '../write/line.js';

/** Pieces whose middle is that of the garment or of the arm. */
const PANELLED: readonly PieceRole[] = ['back', 'front', 'back and front', 'sleeve'];

/** What is asked of a piece to know where its middle is. */
interface Centred {
  role: PieceRole;
  ends: { first: { count: number } };
}

/** Whether a fabric's panel lies in the middle of a piece, in all its sizes. */
export function hasPanel(pieces: readonly Centred[], { panel = 0 }: Pick<Fabric, 'panel'>): boolean {
  if (panel === 0 || !PANELLED.includes(pieces[0]!.role)) return false;
  return pieces.every(({ ends }) => ends.first.count >= panel && (ends.first.count - panel) % 2 === 0);
}

/** Where the panel lies; nothing without one. */
export function panelLine(pieces: readonly Centred[], fabric: Fabric): Line[] {
  if (!hasPanel(pieces, fabric)) return [];
  const { panel = 0 } = fabric;
  const beside = pieces.map(({ ends }) => (ends.first.count - panel) / 2);
  return [
    line`The panel of ${panel} sts lies in the middle, ${beside} sts plain on either side of it; shaping at the edges takes from the plain sts only.`,
  ];
}
