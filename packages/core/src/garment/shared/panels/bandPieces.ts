/** Ribs, bands, hood and ties of a garment of panels, whichever way its panels are worked. */

import type { PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { bandPiece, frontBandPiece } from '../bandPiece.js';
import { cordPiece } from '../cord.js';
import { isOpen, isTied } from '../front.js';
import { hoodPiece } from '../hood.js';
import type { PanelStyle } from './style.js';

/**
 * All that goes along the edges of the panels.
 *
 * @param slit whether the ends of the hem ribs stay free at the sides
 */
export function bandPieces(
  input: SizeInput<PanelStyle>,
  counts: GarmentCounts,
  slit: boolean,
): PieceProgram[] {
  const { style, fabrics } = input;
  const { hem, cuff, armband, neckband, front } = style;
  const open = isOpen(style);
  const banded = front.style === 'band';
  const ofFront = fabrics.get(front.fabric)!;
  return [
    ...(hem
      ? [
          bandPiece(
            'hem',
            open ? 'Hem rib of the back' : 'Hem rib',
            open ? 1 : 2,
            hem,
            fabrics,
            counts,
            slit,
          ),
          ...(open ? [bandPiece('hem-front', 'Hem rib of each front', 2, hem, fabrics, counts, slit)] : []),
        ]
      : []),
    ...(cuff ? [bandPiece('cuff', 'Cuff rib', 2, cuff, fabrics, counts)] : []),
    ...(armband ? [bandPiece('armband', 'Armhole rib', 2, armband, fabrics, counts)] : []),
    ...(neckband ? [bandPiece('neckband', 'Neckband', 1, neckband, fabrics, counts, open && !banded)] : []),
    ...(style.hood ? [hoodPiece(input, counts)] : []),
    ...(isTied(style) ? [cordPiece('tie', 'Tie', 2 * front.ties, ofFront, counts)] : []),
    ...(banded ? [frontBandPiece(ofFront, counts)] : []),
  ];
}
