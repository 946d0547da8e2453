import { Tabs } from 'radix-ui';
import { TableView } from '../table/TableView';
import { TAB, TAB_LIST } from '../ui/tabs';
import { GaugeCheck } from './GaugeCheck';
import { RuleTester } from './RuleTester';
import { StitchEditor } from './stitches/StitchEditor';
import { SwatchSheet } from './SwatchSheet';

const TABS = [
  ['rows', 'Rows', StitchEditor],
  ['pieces', 'Pieces', null],
  ['swatch', 'Swatch', SwatchSheet],
  ['check', 'Gauge check', GaugeCheck],
  ['rules', 'Rule tester', RuleTester],
] as const;

/** What the fabric comes to, and what helps to find and check its gauge. */
export function FabricView() {
  return (
    <Tabs.Root defaultValue="rows" className="print-flow flex min-h-0 grow flex-col">
      <Tabs.List className={`${TAB_LIST} overflow-x-auto overflow-y-hidden`} aria-label="Fabric">
        {TABS.map(([value, label]) => (
          <Tabs.Trigger key={value} value={value} className={`${TAB} shrink-0 whitespace-nowrap`}>
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {TABS.map(([value, , View]) => (
        <Tabs.Content
          key={value}
          value={value}
          className={`print-flow min-h-0 grow ${View ? 'overflow-auto p-6' : 'data-[state=active]:flex data-[state=active]:flex-col'}`}
          tabIndex={-1}
        >
          {View ? <View /> : <TableView />}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
