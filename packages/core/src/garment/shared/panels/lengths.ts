import type { Note } from '../../../advice/note.js';
import type { Reason } from '../../../because/reason.js';
import { cm, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import type { CountId } from '../../counts.js';
import { plus } from '../quantity.js';
import { bodyLength } from '../targets.js';
import type { PanelStyle } from './style.js';
import { armholeDepth } from './targets.js';

/** Shortest piece that is still a piece, cm: what a length that came out at nothing is set to, with a note. */
export const SHORTEST = 2;

/** What a panel's length is made of, cm. */
export interface PanelLengths {
  /** From the shoulder to the finished lower edge. */
  length: number;
  /** Above the hem rib. */
  panel: number;
  panelReasons: readonly Reason[];
  armhole: number;
  armholeReasons: readonly Reason[];
  /** Below the armhole. */
  side: number;
  sideReasons: readonly Reason[];
  notes: Note[];
}

/**
 * The body's length with the hem rib taken off, and the armhole and what is below it on that.
 *
 * @param hem height of the hem rib, cm, or null for none
 * @param counted the counts of the armhole and of what lies below it
 */
export function panelLengths(
  input: SizeInput<PanelStyle>,
  hem: number | null,
  counted: { armhole: CountId; side: CountId },
): PanelLengths {
  const { length, reasons } = bodyLength(input);
  const panel = length - (hem ?? 0);
  const panelReasons = [
    ...reasons,
    ...(hem === null ? [] : [plus('Hem rib', -hem, panel, { kind: 'style', id: 'garment.hem.height' })]),
  ];
  const { length: armhole, reasons: armholeReasons } = armholeDepth(input, panel);
  const side = panel - armhole;
  return {
    length,
    panel: Math.max(SHORTEST, panel),
    panelReasons,
    armhole,
    armholeReasons,
    side,
    sideReasons: [
      ...panelReasons,
      plus('Armhole', -armhole, side, { kind: 'quantity', id: counted.armhole }),
    ],
    notes:
      side < SHORTEST
        ? [
            {
              level: 'stop',
              code: 'armhole-deeper-than-body',
              where: counted.side,
              message: say`The armhole (${cm(armhole)}) leaves ${cm(Math.max(0, side))} below it on a height of ${cm(panel)}; make the body longer or the armhole shallower.`,
            },
          ]
        : [],
  };
}

/** What is said of a neck that leaves no shoulder of what lies between the armholes; lengths in cm. */
export function neckTooWide(neck: number, across: number): Note[] {
  if (neck < across) return [];
  return [
    {
      level: 'warn',
      code: 'neck-wider-than-panel',
      where: 'neck.width',
      message: say`The neck (${cm(neck)}) is wider than the panel (${cm(across)}), so no shoulder is left to hold it; a wider panel or a narrower neck would do.`,
    },
  ];
}
