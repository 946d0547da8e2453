import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { ChartSize } from '@upfell/core';
import { ImportTable } from './ImportTable';

let taken: { sizes: ChartSize[]; file: string } | null;
const closed = jest.fn();

/** Chooses a file, as the browser's file dialog does. */
async function give(name: string, text: string): Promise<void> {
  const file = new File([text], name, { type: 'text/csv' });
  Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
  fireEvent.change(screen.getByTestId('csv'), { target: { files: [file] } });
  await waitFor(() => expect(screen.queryByText(name) ?? screen.queryByRole('alert')).toBeTruthy());
}
const take = () => fireEvent.click(screen.getByText('Take them'));
const column = (n: number) => screen.getByLabelText<HTMLSelectElement>(`Column ${n} holds`);

beforeEach(() => {
  taken = null;
  closed.mockClear();
  render(
    <ImportTable
      title="Sizes from a file"
      take="Take them"
      onClose={closed}
      onTake={(sizes, file) => (taken = { sizes, file })}
    />,
  );
});

it('matches columns by name, takes the unit of the headings, and gives the sizes', async () => {
  await give('range.csv', 'Size,Chest (in),Hips,Wrist\nS,33,36,5 7/8\nM,37 1/2,40,6\n');
  expect([column(1).value, column(2).value, column(3).value, column(4).value]).toEqual([
    'size',
    'bust',
    'hip',
    'wrist',
  ]);
  take();
  expect(taken).toMatchObject({
    file: 'range.csv',
    sizes: [
      { label: 'S', body: { bust: 83.82, hip: 91.44, wrist: 14.92 } },
      { label: 'M', body: { bust: 95.25, hip: 101.6 } },
    ],
  });
  expect(closed).toHaveBeenCalled();
});

it('lets a column that has no known name be mapped; one meaning belongs to one column', async () => {
  await give('own.csv', 'Name,Brustumfang,Note\nS,84,a\n');
  expect(column(2).value).toBe('');
  fireEvent.change(column(2), { target: { value: 'bust' } });
  fireEvent.change(column(3), { target: { value: 'bust' } });
  expect([column(2).value, column(3).value]).toEqual(['', 'bust']);
  fireEvent.change(column(2), { target: { value: 'bust' } });
  take();
  expect(taken!.sizes).toEqual([{ id: 'S', label: 'S', group: 'adult', body: { bust: 84 } }]);
});

it('tells what is wrong by row and column, and takes nothing by halves', async () => {
  await give('bad.csv', 'Size,Bust,Wrist\nS,84,15\nM,wide,15\nM,94,1500\n');
  take();
  const said = screen.getByTestId('table-problems').textContent!;
  expect(said).toMatch(/row 3, column 2: .*is not a length/);
  expect(said).toMatch(/row 4, column 1: .*stands in row 3 already/);
  expect(said).toMatch(/row 4, column 3: .*it can be 5 to 40 cm/);
  expect([taken, closed.mock.calls.length]).toEqual([null, 0]);
});

it('changes what bare figures mean by the switch', async () => {
  await give('bare.csv', 'Size;Bust;Head\nM;37,5;22\n');
  take();
  expect(screen.getByTestId('table-problems').textContent).toBeTruthy();
  fireEvent.click(screen.getByText('in'));
  take();
  expect(taken!.sizes[0]!.body).toEqual({ bust: 95.25, head: 55.88 });
});

it.each([
  ['nothing', ''],
  ['one word', 'hello'],
  ['one column', 'Size\nS\nM\n'],
  ['a heading alone', 'Size,Bust\n'],
])('finds no table in %s', async (_, text) => {
  await give('empty.csv', text);
  expect(screen.getByRole('alert').textContent).toMatch(/No table was found/);
});

it('refuses a file of many megabytes unread', async () => {
  const file = new File(['x'], 'big.csv');
  Object.defineProperty(file, 'size', { value: 30_000_000 });
  fireEvent.change(screen.getByTestId('csv'), { target: { files: [file] } });
  await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/30 MB big; .* at most 8 MB/));
});
