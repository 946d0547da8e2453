import { Tabs } from 'radix-ui';
import { TableView } from '../table/TableView';
import { TAB, TAB_LIST } from '../ui/tabs';
import { BodyLine } from './BodyLine';

/** What the shape comes to: the pieces on the table, or the garment over the body. */
export function ShapeView() {
  return (
    <Tabs.Root defaultValue="line" className="flex min-h-0 grow flex-col">
      <Tabs.List className={TAB_LIST} aria-label="Seen as">
        <Tabs.Trigger value="line" className={TAB}>
          Over the body
        </Tabs.Trigger>
        <Tabs.Trigger value="pieces" className={TAB}>
          Pieces
        </Tabs.Trigger>
      </Tabs.List>
      <Tabs.Content value="line" className="flex min-h-0 grow flex-col" tabIndex={-1}>
        <BodyLine />
      </Tabs.Content>
      <Tabs.Content value="pieces" className="flex min-h-0 grow flex-col" tabIndex={-1}>
        <TableView strip={false} />
      </Tabs.Content>
    </Tabs.Root>
  );
}
