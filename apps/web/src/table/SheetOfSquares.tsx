import { Link, useParams } from 'react-router';
import { sheetMapSvg, USUAL_COLOURS } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import type { ScreenSize } from '../worker/screen';

/** A sheet spread out, as its map has it: it has no rows of its own. */
export function SheetOfSquares({ size, large = false }: { size: ScreenSize; large?: boolean }) {
  const { id } = useParams();
  const { finishing } = useDocument();
  const rounds = size.pieces.find(({ role }) => role === 'square')!.ends.last.n;
  if (!size.map) return null;
  const svg = sheetMapSvg(size.map, finishing?.squares ?? USUAL_COLOURS, {
    rounds,
    title: `Squares of size ${size.label}, spread out`,
  });
  return (
    <figure>
      {/* The core makes the drawing and escapes every name in it. */}
      <div
        className={large ? 'on-white [&>svg]:h-[min(68vh,600px)] [&>svg]:w-auto' : 'on-white'}
        dangerouslySetInnerHTML={{ __html: svg }}
      />
      <figcaption className="mt-1 text-[13px]">
        <Link to={`/designs/${id}/map`} className="underline decoration-line underline-offset-4">
          Colour the squares in the step Map
        </Link>
      </figcaption>
    </figure>
  );
}
