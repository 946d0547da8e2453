import { Tabs } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import { ChartTab } from '../chart/ChartTab';
import { GradingTab } from '../chart/GradingTab';
import { PeopleTab } from '../people/PeopleTab';
import { useChosenSize, useDocument } from '../state/useSizePlan';
import { useView } from '../state/view';
import { chosenBlock, type SheetPlace } from '../ui/sheet/sheetBlock';
import { TAB, TAB_LIST } from '../ui/tabs';
import { isMeasurement } from './cells';
import { SizesTable } from './SizesTable';
import { useFields } from './useFields';
import { SizesToolbar } from './SizesToolbar';

const WhomView = lazy(() => import('../whom/WhomView').then((module) => ({ default: module.WhomView })));

/** The bodies of the range: the table of sizes, their steps at a glance, the chart they come from, and measured people. */
export function BodyView() {
  const { sizes, people } = useDocument();
  const { index } = useChosenSize();
  const across = useView((view) => view.sizesAcross);
  const fields = useFields();
  const [place, setPlace] = useState<SheetPlace>(() => {
    const at = across ? { row: 2, column: index } : { row: index, column: 2 };
    return { ...at, toRow: at.row, toColumn: at.column };
  });
  // A size chosen elsewhere (on the tape, by key) takes the active cell along.
  const shown = across ? { ...place, column: index } : { ...place, row: index };
  const single = place.row === place.toRow && place.column === place.toColumn;
  const at = single ? { ...shown, toRow: shown.row, toColumn: shown.column } : place;
  const block = chosenBlock(at);
  const field = fields[across ? at.row : at.column];
  return (
    <Tabs.Root defaultValue="sizes" className="print-flow flex min-h-0 grow flex-col">
      <Tabs.List className={TAB_LIST} aria-label="Bodies">
        {[
          ['sizes', `Sizes (${sizes.length})`],
          ['grading', 'Grading'],
          ['chart', 'Chart'],
          ['people', people?.length ? `People (${people.length})` : 'People'],
          ['whom', 'Whom it fits'],
        ].map(([value, label]) => (
          <Tabs.Trigger key={value} value={value!} className={TAB}>
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="sizes" className="print-flow flex min-h-0 grow flex-col" tabIndex={-1}>
        <div className="no-print border-b border-line bg-paper px-4 py-2">
          <SizesToolbar
            lit={field !== undefined && isMeasurement(field) ? field : null}
            from={across ? block.left : block.top}
            to={across ? block.right : block.bottom}
          />
        </div>
        <div className="print-flow min-h-0 grow overflow-auto">
          <SizesTable place={at} onPlace={setPlace} />
          <p className="p-4 text-[12.5px] text-soft">
            Type over a cell; Enter and the arrows move on. A block copied from a spreadsheet can be pasted.
            Figures in italics are derived; Delete empties a cell.
          </p>
        </div>
      </Tabs.Content>
      <Tabs.Content value="grading" className="print-flow min-h-0 grow overflow-auto p-5">
        <GradingTab />
      </Tabs.Content>
      <Tabs.Content value="chart" className="print-flow min-h-0 grow overflow-auto p-5">
        <ChartTab />
      </Tabs.Content>
      <Tabs.Content value="people" className="print-flow min-h-0 grow overflow-auto p-5">
        <PeopleTab />
      </Tabs.Content>
      <Tabs.Content value="whom" className="print-flow min-h-0 grow overflow-auto p-5">
        <Suspense fallback={<p className="text-soft">Looking at the bodies …</p>}>
          <WhomView />
        </Suspense>
      </Tabs.Content>
    </Tabs.Root>
  );
}
