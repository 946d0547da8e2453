import type { Girth } from '../garment/construction.js';
import type { PieceRole } from '../joins/roles.js';
import { figureOf } from './figure.js';
import { heightOf, type WornSize } from './layers.js';
import { ofLayers } from './ofLayers.js';
import { ofPoncho } from './ofPoncho.js';
import { ofTube } from './ofTube.js';
import { ofYoke } from './ofYoke.js';
import type { Worn } from './shapes.js';

/** Lays a planned size on a figure drawn from its body; null where nothing of it could be worked. */
export function wornOf(size: WornSize): Worn | null {
  const { girths, pieces } = size;
  if (pieces.length === 0) return null;
  const figure = figureOf(size.body, size.group);
  const hung = { ...size, girths: { ...girths, ...edged(size) } };
  if (girths.yoke) return ofYoke(hung, figure);
  if (girths.body.length === 0) return ofPoncho(hung, figure);
  if (pieces.some(({ role }) => role === 'tube')) return ofTube(hung, figure);
  return ofLayers(hung, figure);
}

/** Rounds with the edgings that are worked on below them. */
function edged(size: WornSize): { body: readonly Girth[]; arm: readonly Girth[] } {
  const added = (roles: PieceRole[]) =>
    heightOf(
      size.pieces.find(({ role, workedOn }) => workedOn && roles.includes(role)),
      size,
    );
  const longer = (girths: readonly Girth[], by: number): readonly Girth[] => {
    const last = girths.at(-1);
    return last && by > 0 ? [...girths, { at: last.at + by, round: last.round }] : girths;
  };
  return {
    body: longer(size.girths.body, added(['hem', 'border'])),
    arm: longer(size.girths.arm, added(['cuff'])),
  };
}
