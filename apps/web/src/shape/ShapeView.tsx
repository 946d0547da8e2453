import { Tabs } from 'radix-ui';
import { lazy } from 'react';
import { TableView } from '../table/TableView';
import { TAB, TAB_LIST } from '../ui/tabs';
import { useYoke } from '../state/useYoke';
import { seeShape, useView } from '../state/view';
import { WornView } from '../worn/WornView';

const YokeView = lazy(() => import('../yoke/YokeView').then((module) => ({ default: module.YokeView })));

/** What the shape comes to: the yoke by itself, the garment over the body, or the pieces on the table. */
export function ShapeView() {
  const yoke = useYoke() !== null;
  const views = [
    ...(yoke ? [{ id: 'yoke' as const, label: 'Yoke', view: <YokeView /> }] : []),
    { id: 'worn' as const, label: 'On the body', view: <WornView /> },
    { id: 'pieces' as const, label: 'Pieces', view: <TableView /> },
  ];
  const chosen = useView(({ shape }) => shape);
  const shown = views.find(({ id }) => id === chosen)?.id ?? views[0]!.id;
  return (
    <Tabs.Root
      value={shown}
      onValueChange={(id) => seeShape(id as (typeof views)[number]['id'])}
      className="flex min-h-0 grow flex-col"
    >
      <Tabs.List className={TAB_LIST} aria-label="Seen as">
        {views.map(({ id, label }) => (
          <Tabs.Trigger key={id} value={id} className={TAB}>
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {views.map(({ id, view }) => (
        <Tabs.Content key={id} value={id} className="flex min-h-0 grow flex-col" tabIndex={-1}>
          {view}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
