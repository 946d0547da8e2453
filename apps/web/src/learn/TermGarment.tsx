import { memo, useMemo } from 'react';
import { begunDesign, fitDesign, piecesLaid, wornBox, wornOf, wornPath, type Worn } from '@upfell/core';
import { WornFigure } from '../worn/WornFigure';
import type { TermDrawing } from './terms';

const known = new Map<string, Worn | null>();

/** A usual garment of a construction on its figure, planned once. */
function wornAs(construction: string): Worn | null {
  const found = known.get(construction);
  if (found !== undefined) return found;
  const design = begunDesign({ name: 'Sample', construction });
  const size = fitDesign({ ...design, sizes: [design.sizes[1]!] }).sizes[0]!.plan();
  const worn = wornOf({ ...size, ...piecesLaid(size.pieces) });
  known.set(construction, worn);
  return worn;
}

/** A garment with the part that a word means drawn strongly. */
export const TermGarment = memo(function TermGarment({
  construction,
  part,
  label,
}: Extract<TermDrawing, { kind: 'garment' }> & { label: string }) {
  const worn = useMemo(() => wornAs(construction), [construction]);
  if (!worn) return null;
  const box = wornBox(worn, 1);
  return (
    <svg
      role="img"
      aria-label={`${label}, on a garment`}
      viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
      className="h-full w-full"
    >
      <g opacity={0.55}>
        <WornFigure worn={worn} view="front" />
      </g>
      {worn.front
        .filter(({ what }) => what === part)
        .map((shape, i) => (
          <path key={i} d={wornPath(shape)} className="term-lit" vectorEffect="non-scaling-stroke" />
        ))}
    </svg>
  );
});
