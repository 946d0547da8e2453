/** How pieces lie when they are drawn: as their rows put them, or as their construction says where these do not tell it. */

import { beginsAslant } from './passages/passage.js';
import type { PlannedPiece } from './plannedPiece.js';
import { edgeLines, type EdgeLine } from './work/edgeLines.js';
import { outlines, type Outline } from './work/outline.js';

type Drawable = Pick<PlannedPiece, 'drawn' | 'runs' | 'sections' | 'passages' | 'edges'>;

/** The outlines of a piece's parts, cm. */
export function outlinesOf({ drawn, runs, sections, passages }: Omit<Drawable, 'edges'>): readonly Outline[] {
  return drawn?.outlines ?? outlines(runs, sections, firstDrawn(passages));
}

/** Where the edges of a piece lie, in their order, cm. */
export function edgeLinesOf({ drawn, runs, sections, passages, edges }: Drawable): readonly EdgeLine[] {
  if (drawn) return edges.map(({ id }) => drawn.edges[id]!);
  const places = edges.map(({ place }) => place);
  return edgeLines(runs, places, sections, firstDrawn(passages));
}

/** How all pieces of a size lie: their outlines by their ids, and their edges by those. */
export function piecesLaid(pieces: readonly PlannedPiece[]): {
  outlines: Record<string, readonly Outline[]>;
  edgeLines: Record<string, EdgeLine>;
} {
  return {
    outlines: Object.fromEntries(pieces.map((piece) => [piece.id, outlinesOf(piece)])),
    edgeLines: Object.fromEntries(
      pieces.flatMap((piece) => {
        const lines = edgeLinesOf(piece);
        return piece.edges.map(({ id }, i) => [id, lines[i]!]);
      }),
    ),
  };
}

/** The first row of a piece that is drawn: stitches picked up for a cap of short rows lie along it. */
function firstDrawn(passages: PlannedPiece['passages']): number {
  return beginsAslant(passages) ? 2 : 1;
}
