import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { Toaster } from 'sonner';
import type { LibraryEntry, Stored } from '@upfell/core';
import { Away } from '../api/server';
import { LibraryPage } from './LibraryPage';

interface Chart {
  name: string;
  sizes: number;
}

/** A library in memory: what is put away can be taken back. */
function library(...names: string[]) {
  const entry = (name: string, i: number, designs = i): LibraryEntry<Chart> => ({
    id: `c${i}`,
    revision: 1,
    updatedAt: '2026-01-01T00:00:00Z',
    document: { name, sizes: 3 },
    designs,
  });
  let entries = names.map((name, i) => entry(name, i));
  const away: LibraryEntry<Chart>[] = [];
  const stored = (one: LibraryEntry<Chart>): Stored<Chart> => one;
  return {
    saved: [] as { id: string; seen: number; document: Chart }[],
    trouble: null as Error | null,
    list() {
      return this.trouble ? Promise.reject(this.trouble) : Promise.resolve([...entries]);
    },
    create(document: Chart) {
      const made = entry(document.name, entries.length, 0);
      entries = [...entries, made];
      return Promise.resolve(stored(made));
    },
    save(id: string, seen: number, document: Chart) {
      this.saved.push({ id, seen, document });
      entries = entries.map((one) => (one.id === id ? { ...one, document, revision: seen + 1 } : one));
      return Promise.resolve(stored(entries.find((one) => one.id === id)!));
    },
    remove(id: string) {
      away.push(entries.find((one) => one.id === id)!);
      entries = entries.filter((one) => one.id !== id);
      return Promise.resolve();
    },
    takeBack(id: string) {
      const back = away.find((one) => one.id === id)!;
      entries = [...entries, back];
      return Promise.resolve(stored(back));
    },
  };
}

function show(kind: ReturnType<typeof library>) {
  // The page asks with the same function each time, as the real kinds have it.
  const bound = {
    list: kind.list.bind(kind),
    create: kind.create.bind(kind),
    save: kind.save.bind(kind),
    remove: kind.remove.bind(kind),
    takeBack: kind.takeBack.bind(kind),
  };
  render(
    <MemoryRouter>
      <LibraryPage
        kind={bound}
        one="chart"
        many="charts"
        empty="No chart yet."
        describe={({ sizes }: Chart) => `${sizes} sizes`}
      />
      <Toaster />
    </MemoryRouter>,
  );
}
const names = () =>
  within(screen.getByTestId('library'))
    .getAllByRole('listitem')
    .map((item) => /^(.*?)3 sizes/.exec(item.textContent)![1]);

it('says what is in the library and in how many designs', async () => {
  show(library('Alder', 'Birch', 'Cedar'));
  expect(screen.getByText('Looking in the library …')).toBeTruthy();
  const items = within(await screen.findByTestId('library')).getAllByRole('listitem');
  expect(items.map(({ textContent }) => /in .*$/.exec(textContent)![0])).toEqual([
    'in no design',
    'in 1 design',
    'in 2 designs',
  ]);
  expect(document.title).toBe('Charts · Upfell');
});

it('says that it is empty', async () => {
  show(library());
  expect(await screen.findByText('No chart yet.')).toBeTruthy();
  expect(screen.queryByTestId('library')).toBeNull();
});

it('says that the server is away, and tries again', async () => {
  const kind = library('Alder');
  kind.trouble = new Away('away');
  show(kind);
  const alert = await screen.findByRole('alert');
  expect(alert.textContent).toContain('The server does not answer. Start it, then try again.');
  kind.trouble = null;
  fireEvent.click(within(alert).getByRole('button'));
  await screen.findByTestId('library');
  expect(screen.queryByRole('alert')).toBeNull();
});

it('copies an entry under a name of its own', async () => {
  show(library('Alder'));
  fireEvent.click(await screen.findByRole('button', { name: 'Duplicate Alder' }));
  await screen.findByRole('button', { name: 'Rename Alder (copy)' });
  expect(names()).toEqual(['Alder', 'Alder (copy)']);
});

it('renames an entry, and sends the revision that was seen', async () => {
  const kind = library('Alder');
  show(kind);
  fireEvent.click(await screen.findByRole('button', { name: 'Rename Alder' }));
  const dialog = screen.getByRole('dialog');
  fireEvent.change(within(dialog).getByRole('textbox'), { target: { value: 'Ash' } });
  await act(async () => fireEvent.click(within(dialog).getByRole('button', { name: 'Rename' })));
  await screen.findByRole('button', { name: 'Rename Ash' });
  expect(kind.saved).toEqual([{ id: 'c0', seen: 1, document: { name: 'Ash', sizes: 3 } }]);
});

it('puts an entry away, says what keeps a copy, and takes it back', async () => {
  show(library('Alder', 'Birch', 'Cedar'));
  fireEvent.click(await screen.findByRole('button', { name: 'Delete Cedar' }));
  expect(await screen.findByText('“Cedar” is put away. 2 designs keep their own copy.')).toBeTruthy();
  expect(names()).toEqual(['Alder', 'Birch']);
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await screen.findByRole('button', { name: 'Delete Cedar' });
  expect(names()).toEqual(['Alder', 'Birch', 'Cedar']);
});

it('tells what went wrong, and keeps the list', async () => {
  const kind = library('Alder');
  kind.remove = () => Promise.reject(new Error('The disk is full.'));
  show(kind);
  fireEvent.click(await screen.findByRole('button', { name: 'Delete Alder' }));
  expect(await screen.findByText('The disk is full.')).toBeTruthy();
  expect(names()).toEqual(['Alder']);
});
