import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { Toaster } from 'sonner';
import { LONGEST_FILE, newDesign, type Design, type ShelfEntry } from '@upfell/core';
import { ShelfPage } from './ShelfPage';

/** A shelf in memory. */
const mockShelf = {
  entries: [] as ShelfEntry[],
  bin: [] as ShelfEntry[],
  documents: new Map<string, Design>(),
  put(name: string, document: Design): ShelfEntry {
    const id = `d${this.documents.size}`;
    this.documents.set(id, { ...document, name });
    const entry: ShelfEntry = {
      id,
      name,
      revision: 1,
      updatedAt: new Date(Date.now() - 3_600_000).toISOString(),
      construction: document.garment.construction,
      label: 'Drop shoulder, of panels',
      groups: ['adult'],
      fabrics: document.fabrics.map((fabric) => fabric.name),
      sizes: document.sizes.map(({ label }) => label),
    };
    this.entries = [...this.entries, entry];
    return entry;
  },
};
jest.mock('../api/designs', () => ({
  designs: {
    shelf: () => Promise.resolve([...mockShelf.entries]),
    create: (document: Design) => {
      const { id } = mockShelf.put(document.name, document);
      return Promise.resolve({ id, revision: 1, document });
    },
    read: (id: string) => Promise.resolve({ id, revision: 1, document: mockShelf.documents.get(id)! }),
    save: (id: string, _seen: number, document: Design) => {
      mockShelf.entries = mockShelf.entries.map((one) =>
        one.id === id ? { ...one, name: document.name } : one,
      );
      return Promise.resolve({ id, revision: 2, document });
    },
    duplicate: (id: string) =>
      Promise.resolve(
        mockShelf.put(`${mockShelf.documents.get(id)!.name} (copy)`, mockShelf.documents.get(id)!),
      ),
    bin: () => Promise.resolve([...mockShelf.bin]),
    picture: ({ id }: ShelfEntry) => `/picture/${id}`,
    remove: (id: string) => {
      mockShelf.bin = mockShelf.entries.filter((one) => one.id === id);
      mockShelf.entries = mockShelf.entries.filter((one) => one.id !== id);
      return Promise.resolve();
    },
    takeBack: (id: string) => {
      mockShelf.bin = [];
      return Promise.resolve(mockShelf.put('Taken back', mockShelf.documents.get(id)!));
    },
  },
}));

function Place() {
  return <p data-testid="place">{useLocation().pathname}</p>;
}
const show = () =>
  render(
    <MemoryRouter initialEntries={['/']}>
      <Routes>
        <Route path="/" element={<ShelfPage />} />
        <Route path="*" element={<Place />} />
      </Routes>
      <Toaster />
    </MemoryRouter>,
  );
/** Drops a file, with the text that it holds. */
const drop = (name: string, text: string) => dropAll([[name, text]]);
const dropAll = async (all: readonly (readonly [name: string, text: string])[]) => {
  const files = all.map(([name, text]) => {
    const file = new File([text], name, { type: 'application/json' });
    Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
    return file;
  });
  await act(async () => fireEvent.change(screen.getByTestId('file'), { target: { files } }));
};

beforeEach(() => {
  mockShelf.entries = [];
  mockShelf.documents.clear();
});

it('is empty at first, and says how to begin', async () => {
  show();
  expect(await screen.findByText(/^The shelf is empty/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Begin a design' }).getAttribute('href')).toBe('/new');
});

it('finds designs by words, and shows all again', async () => {
  for (const name of ['Oak', 'Ash', 'Elm', 'Yew', 'Fir', 'Box', 'Hazel'])
    mockShelf.put(name, newDesign(name));
  show();
  await screen.findByRole('link', { name: /^Hazel/ });
  fireEvent.change(screen.getByTestId('find'), { target: { value: 'ash' } });
  expect(within(screen.getByTestId('shelf')).getAllByRole('link', { name: /^Ash/ })).toHaveLength(1);
  expect(screen.queryByRole('link', { name: /^Hazel/ })).toBeNull();
  fireEvent.change(screen.getByTestId('find'), { target: { value: 'oak ash' } });
  fireEvent.click(screen.getByRole('button', { name: 'Show all' }));
  expect(screen.getByRole('link', { name: /^Hazel/ })).toBeTruthy();
});

it('takes several files, and says of each that cannot be taken why', async () => {
  show();
  await screen.findByText(/^The shelf is empty/);
  const files = ['One', 'Two'].map((name) => [`${name}.json`, JSON.stringify(newDesign(name))] as const);
  await dropAll([...files, ['bad.json', '{'], ['worse.json', '[]']]);
  expect(mockShelf.entries.map(({ name }) => name)).toEqual(['One', 'Two']);
  expect((await screen.findByRole('dialog')).textContent).toContain('bad.json');
  await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Close' })));
  expect((await screen.findByRole('dialog')).textContent).toContain('worse.json');
});

it('says of each design what it is, and opens its table', async () => {
  mockShelf.put('Thornwick', newDesign('Thornwick'));
  show();
  const link = await screen.findByRole('link', { name: /^Thornwick/ });
  expect(link.textContent).toContain('3 sizes, S to L');
  expect(link.textContent).toContain('changed about 1 hour ago');
  expect(link.getAttribute('href')).toBe('/designs/d0/table');
});

it('copies, renames and puts away with undo', async () => {
  mockShelf.put('Thornwick', newDesign('Thornwick'));
  show();
  fireEvent.click(await screen.findByRole('button', { name: 'Duplicate Thornwick' }));
  fireEvent.click(await screen.findByRole('button', { name: 'Rename Thornwick (copy)' }));
  const dialog = screen.getByRole('dialog');
  fireEvent.change(within(dialog).getByRole('textbox'), { target: { value: 'Harrowgill' } });
  await act(async () => fireEvent.click(within(dialog).getByRole('button', { name: 'Rename' })));
  fireEvent.click(await screen.findByRole('button', { name: 'Delete Harrowgill' }));
  expect(await screen.findByText('“Harrowgill” is put away.')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(await screen.findByRole('link', { name: /^Taken back/ })).toBeTruthy();
});

it('puts back what lies in the bin', async () => {
  mockShelf.put('Oak', newDesign('Oak'));
  show();
  fireEvent.click(await screen.findByRole('button', { name: 'Delete Oak' }));
  fireEvent.click(screen.getByRole('button', { name: 'Bin' }));
  fireEvent.click(await screen.findByRole('button', { name: 'Put back Oak' }));
  expect(await screen.findByText('The bin is empty.')).toBeTruthy();
});

it('takes a design from a file and opens it', async () => {
  show();
  await screen.findByText(/^The shelf is empty/);
  await drop('a.upfell.json', JSON.stringify(newDesign('From a file')));
  expect((await screen.findByTestId('place')).textContent).toBe('/designs/d0/table');
});

it.each([
  ['no JSON', '{"name": ', /cannot be opened/],
  ['no design', '{"name": "A list"}', /cannot be opened/],
  ['too big', 'x'.repeat(4 * LONGEST_FILE + 1), /a design file has at most/],
])('says why a file cannot be opened, and changes nothing: %s', async (_, text, says) => {
  show();
  await screen.findByText(/^The shelf is empty/);
  await drop('b.json', text);
  const dialog = await screen.findByRole('dialog');
  expect(dialog.textContent).toMatch(says);
  expect(within(dialog).getAllByRole('listitem').length).toBeGreaterThan(0);
  expect(mockShelf.entries).toEqual([]);
});
