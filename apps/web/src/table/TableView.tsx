import { useMemo, useState } from 'react';
import { MotifRounds } from './MotifRounds';
import { SheetOfSquares } from './SheetOfSquares';
import { Switch } from '../ui/Switch';
import type { ScreenSize } from '../worker/screen';
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
  const [isSpread, setSpread] = useState(false);
  const folded = planned?.size.pieces.filter(isFolded) ?? [];

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
      {folded.length > 0 && (
        <div className="no-print absolute top-3 right-4 z-10 text-[13px]">
          <Switch
            label="How pieces lie"
            value={isSpread ? 'spread' : 'folded'}
            options={[
              { value: 'folded', label: 'folded' },
              { value: 'spread', label: 'spread out' },
            ]}
            onChange={(value) => setSpread(value === 'spread')}
          />
        </div>
      )}
      {planned && isSpread && folded.length > 0 ? (
        <SpreadOut size={planned.size} />
      ) : drawing && box && planned ? (
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

/** What lies folded on the table: a motif that is half a garment, and a sheet of squares. */
function isFolded({ role, passages }: ScreenSize['pieces'][number]): boolean {
  return role === 'sheet' || (role === 'half' && passages[0]?.kind === 'from the centre');
}

/** The same spread out, as it is worked. */
function SpreadOut({ size }: { size: ScreenSize }) {
  return (
    <div
      className="flex h-full flex-wrap content-start items-start gap-10 overflow-auto p-6"
      data-testid="spread"
    >
      {size.pieces.filter(isFolded).map((piece) => (
        <figure key={piece.id}>
          <figcaption className="mb-1 font-display text-[17px] font-semibold">{piece.label}</figcaption>
          {piece.role === 'sheet' ? <SheetOfSquares size={size} large /> : <MotifRounds piece={piece} />}
        </figure>
      ))}
    </div>
  );
}
