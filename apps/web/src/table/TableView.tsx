import { useMemo } from 'react';
import { SleeveStrip } from '../rows/SleeveStrip';
import { useBox } from '../ui/useBox';
import { useView } from '../state/view';
import { useSizePlan, useOld } from '../design/useSizePlan';
import { openingOf, useYoke } from '../yoke/useYoke';
import { layOutOf } from './layOut';
import { Pieces } from './Pieces';
import { PieceLabels } from './PieceLabels';

/** The table: all pieces to scale as they will be joined, their seams tied with both counts; below it the sleeve's strip. */
export function TableView({ strip }: { strip: boolean }) {
  const planned = useSizePlan();
  const all = useView((view) => view.all);
  const old = useOld();
  const yoke = useYoke();
  const { ref, box } = useBox<HTMLDivElement>();

  const drawing = useMemo(() => {
    if (!planned || !box || planned.size.pieces.length === 0) return null;
    const { plan, index } = planned;
    const opening = (id: string) => (yoke ? openingOf(yoke, id) : 0);
    // The plan may still be of the construction before.
    const place = (at: number, scale: number) => {
      const size = plan.sizes[at]!;
      return layOutOf(plan.construction, size).arrange(size, box, scale, opening(size.id));
    };
    const fitting = (at: number) => {
      const size = plan.sizes[at]!;
      return layOutOf(plan.construction, size).fit(size, box, opening(size.id));
    };
    const withPieces = plan.sizes.map((_, at) => at).filter((at) => plan.sizes[at]!.pieces.length > 0);
    const largest = all ? withPieces : [index];
    const scale = Math.min(...largest.map(fitting));
    const others = withPieces.filter((at) => at !== index && (all || Math.abs(at - index) === 1));
    return { chosen: place(index, scale), others: others.map((at) => place(at, scale)) };
  }, [planned, box, all, yoke]);

  return (
    <>
      <div
        ref={ref}
        className={`print-flow relative min-h-0 grow overflow-hidden contain-content ${old ? 'opacity-55' : ''}`}
        data-testid="table"
      >
        {drawing && box && planned ? (
          <>
            <Pieces box={box} chosen={drawing.chosen} others={drawing.others} joins={planned.size.joins} />
            <PieceLabels arrangement={drawing.chosen} size={planned.size} />
          </>
        ) : (
          <p className="p-8 text-soft">
            {planned && planned.size.pieces.length === 0
              ? 'No pieces can be made for this size; the notes at the right say why.'
              : 'Laying the pieces out …'}
          </p>
        )}
      </div>
      {strip && <SleeveStrip />}
    </>
  );
}
