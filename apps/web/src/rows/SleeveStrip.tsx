import { passageInShort, type Passage, type PlannedPiece } from '@upfell/core';
import { useSizePlan } from '../state/useSizePlan';
import { RowStrip } from './RowStrip';

type Shape = Extract<Passage, { kind: 'shape' }>;

/** The shaped passages of a piece, each with the row it begins with. */
export function shapesOf(piece: PlannedPiece): { passage: Shape; first: number; part: string }[] {
  let last = 0;
  const found: { passage: Shape; first: number; part: string }[] = [];
  const ends = new Map<string, number>();
  for (const passage of piece.passages) {
    if (passage.kind === 'start') last = 1;
    else if (passage.kind === 'short')
      last += passage.shortRows.rows.length + (passage.shortRows.closing ? 1 : 0);
    else if (passage.kind === 'go on') last = ends.get(passage.from) ?? last;
    else if (passage.kind === 'shape') {
      found.push({
        passage,
        first: piece.passages.some(({ kind }) => kind === 'go on' || kind === 'short')
          ? last + 1
          : Math.min(last, 1),
        part: passage.part,
      });
      last = passage.to;
    } else if (passage.kind === 'even' || passage.kind === 'change') last = passage.to;
    if (passage.kind === 'even' || passage.kind === 'change' || passage.kind === 'shape')
      ends.set(passage.part, passage.to);
  }
  return found;
}

/** The sleeve's strip under the table, with its schedule in words. */
export function SleeveStrip() {
  const planned = useSizePlan();
  const sleeve = planned?.size.pieces.find(({ id }) => id === 'sleeve');
  if (!sleeve) return null;
  const [shape] = shapesOf(sleeve);
  if (!shape) return null;
  const start = sleeve.passages[0];
  const up = start?.kind === 'start' && start.along === null;
  const sentence = passageInShort(shape.passage, (id) => id);
  return (
    <section aria-label="Sleeve rows" className="shrink-0 border-t border-line bg-paper px-4 pt-2 pb-1">
      <p className="mb-1.5 text-[13px]">
        <span className="mr-3 font-semibold">Sleeve, {up ? 'cuff to top' : 'top to cuff'}</span>
        <span data-testid="sleeve-sentence">{sentence}</span>
      </p>
      <RowStrip passage={shape.passage} first={shape.first} label={sentence} />
    </section>
  );
}
