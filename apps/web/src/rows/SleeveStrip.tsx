import { passageInShort } from '@upfell/core';
import { useDocument, useSizePlan } from '../state/useSizePlan';
import { RowStrip } from './RowStrip';
import { shapesOf } from './shapedPassages';

/** The sleeve's strip under the table, with its schedule in words. */
export function SleeveStrip() {
  const planned = useSizePlan();
  const { fabrics } = useDocument();
  const sleeve = planned?.size.pieces.find(({ role }) => role === 'sleeve');
  if (!sleeve) return null;
  const [shape] = shapesOf(sleeve);
  if (!shape) return null;
  const start = sleeve.passages[0];
  const up = start?.kind === 'start' && start.along === null;
  const sentence = passageInShort(
    shape.passage,
    (id) => id,
    fabrics.find(({ id }) => id === sleeve.fabric)?.unit,
  );
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
