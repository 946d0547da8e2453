import { useMemo } from 'react';
import { useBox } from '../ui/useBox';
import { useView } from '../state/view';
import { useSizePlan, useOld, useUnits } from '../state/useSizePlan';
import { openingOf, useYoke } from '../state/useYoke';
import { labelsOf } from './labels';
import { fittingScale, layOut } from './layOut';
import { placeLabels } from './placeLabels';
import { useTextMeasure } from './useTextMeasure';
import { Pieces } from './Pieces';
import { PieceLabels } from './PieceLabels';

/** The table: all pieces to scale as they will be joined, their seams tied with both counts. */
export function TableView() {
  const planned = useSizePlan();
  const all = useView((view) => view.all);
  const old = useOld();
  const yoke = useYoke();
  const { ref, box } = useBox<HTMLDivElement>();

  const units = useUnits();
  const measure = useTextMeasure();

  const drawing = useMemo(() => {
    if (!planned || !box || planned.size.pieces.length === 0) return null;
    const { plan, index } = planned;
    const opening = (id: string) => (yoke ? openingOf(yoke, id) : 0);
    // The plan may still be of the construction before.
    const { construction } = plan;
    const place = (at: number, scale: number) => {
      const size = plan.sizes[at]!;
      return layOut(construction, size, box, scale, opening(size.id));
    };
    const fitting = (at: number) => {
      const size = plan.sizes[at]!;
      return fittingScale(construction, size, box, opening(size.id));
    };
    const withPieces = plan.sizes.map((_, at) => at).filter((at) => plan.sizes[at]!.pieces.length > 0);
    const largest = all ? withPieces : [index];
    const scale = Math.min(...largest.map(fitting));
    const others = withPieces.filter((at) => at !== index && (all || Math.abs(at - index) === 1));
    const chosen = place(index, scale);
    return {
      chosen,
      others: others.map((at) => place(at, scale)),
      labels: placeLabels(
        labelsOf(chosen, plan.sizes[index]!, units, measure),
        box,
        chosen.shapes.map((shape) => shape.box),
      ),
    };
  }, [planned, box, all, yoke, units, measure]);

  return (
    <div
      ref={ref}
      className={`print-flow relative min-h-0 grow overflow-hidden contain-content ${old ? 'opacity-55' : ''}`}
      data-testid="table"
    >
      {drawing && box && planned ? (
        <>
          <Pieces box={box} {...drawing} joins={planned.size.joins} />
          <PieceLabels labels={drawing.labels} joins={planned.size.joins} />
        </>
      ) : (
        <p className="p-8 text-soft">
          {planned && planned.size.pieces.length === 0
            ? 'No pieces can be made for this size; the notes at the right say why.'
            : 'Laying the pieces out …'}
        </p>
      )}
    </div>
  );
}
