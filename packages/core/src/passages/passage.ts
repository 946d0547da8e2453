import type { AlongSides } from './alongSides.js';
import type { ByTurns } from './byTurns.js';
import type { Corners } from './corners.js';
import type { Change } from './change.js';
import type { Even } from './even.js';
import type { FromCentre } from './fromCentre.js';
import type { GoOn } from './goOn.js';
import type { Grow } from './grow.js';
import type { Lines } from './lines.js';
import type { Mark } from './mark.js';
import type { Narrow } from './narrow.js';
import type { Sheet } from './sheet.js';
import type { Shape } from './shapePassage.js';
import type { Short } from './short.js';
import type { Slit } from './slit.js';
import type { Start } from './start.js';
import type { Unite } from './unite.js';

/**
 * A piece as a maker reads it: passages in working order. Rows (for the hook) and sentences (for the pattern) are both
 * made from the same passages, so they cannot differ.
 */
export type Passage =
  | Start
  | FromCentre
  | Sheet
  | Narrow
  | AlongSides
  | ByTurns
  | Even
  | Change
  | Corners
  | Grow
  | Shape
  | Lines
  | Short
  | Slit
  | GoOn
  | Unite
  | Mark;

/** The passage of a kind. */
export type PassageOf<K extends Passage['kind']> = Extract<Passage, { kind: K }>;

/** Whether a piece is picked up along an edge and goes on in short rows, as a cap does from the armhole. */
export function beginsAslant([start, next]: readonly Passage[]): boolean {
  return start?.kind === 'start' && start.along !== null && next?.kind === 'short';
}
