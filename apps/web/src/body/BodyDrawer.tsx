import { useDeferredValue } from 'react';
import { Overview } from '../drawer/Overview';
import { useChosenSize, useOld, useSizePlan } from '../state/useSizePlan';
import { useView } from '../state/view';
import { Side } from '../ui/Side';
import { BodyFigure } from './BodyFigure';
import { MeasurementHelp } from './SizesTable';

/** Beside the table of sizes: where the measurement is taken on the body, and what the sizes come to. */
export function BodyDrawer() {
  const planned = useSizePlan();
  const { size } = useChosenSize();
  const lit = useView((view) => view.lit);
  const old = useOld();
  // The figure follows after the counts have been painted.
  const drawn = useDeferredValue(size);
  return (
    <Side side="drawer" label="Details">
      <aside
        className="relative h-full overflow-y-scroll p-4 pt-8 contain-content"
        aria-label="Details"
        data-testid="drawer"
      >
        <div className="h-[250px]">
          <BodyFigure size={drawn} lit={lit} />
        </div>
        <div className="mt-2 min-h-20 border-b border-line pb-3">
          <MeasurementHelp size={size} lit={lit} />
        </div>
        <div className={`mt-3 ${old ? 'opacity-55' : ''}`}>{planned && <Overview size={planned.size} />}</div>
      </aside>
    </Side>
  );
}
