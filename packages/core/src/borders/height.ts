/** How much edgings add to what they are worked on. */

import type { Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { layersOf, type BorderPlace, type Borders, type BorderStyle } from './fields.js';

/** How far an edging reaches beyond its edge, cm: its rows, each by the gauge of its fabric. */
export function heightOfEdging(style: BorderStyle, fabrics: ReadonlyMap<string, Fabric>): number {
  return layersOf(style).reduce(
    (sum, { fabric, rounds }) => sum + rounds / perCm(fabrics.get(fabric)!.gauge, 'rows'),
    0,
  );
}

/** What edgings add along one kind of edge, cm: its own, and at the lower edge a border that goes round all. */
export function addedAt(
  place: Exclude<BorderPlace, 'round'>,
  border: Borders | undefined,
  fabrics: ReadonlyMap<string, Fabric>,
): number {
  const places: BorderPlace[] = place === 'hem' || place === 'front' ? [place, 'round'] : [place];
  return places.reduce((sum, one) => {
    const style = border?.[one];
    return sum + (style ? heightOfEdging(style, fabrics) : 0);
  }, 0);
}
