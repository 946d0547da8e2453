import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { STANDARD_CHARTS, type Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { StartPage } from './StartPage';

const mockMade: Design[] = [];
const mockFrom = demoDesign('marlbank-pullover');
jest.mock('../api/designs', () => ({
  designs: {
    shelf: () => Promise.resolve([{ id: 'marl', name: mockFrom.name }]),
    read: () => Promise.resolve({ id: 'marl', revision: 1, document: mockFrom }),
    create: (document: Design) => {
      mockMade.push(document);
      return Promise.resolve({ id: 'made', revision: 1, document });
    },
  },
}));
jest.mock('../api/library', () => ({
  charts: { list: () => Promise.resolve([]) },
  fabrics: { list: () => Promise.resolve([]) },
}));
jest.mock('../state/planner', () => ({
  askPicture: () => Promise.resolve('<svg xmlns="http://www.w3.org/2000/svg"/>'),
}));

function Place() {
  return <p data-testid="place">{useLocation().pathname}</p>;
}
const show = async () => {
  mockMade.length = 0;
  render(
    <MemoryRouter initialEntries={['/new']}>
      <Routes>
        <Route path="/new" element={<StartPage />} />
        <Route path="*" element={<Place />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByTestId('begin-from');
};
const begin = async () => {
  await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Begin' })));
  await screen.findByTestId('place');
  return mockMade[0]!;
};
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const pick = (group: string, option: string) =>
  fireEvent.click(within(screen.getByLabelText(group)).getByText(option));

it('begins with all as usual at one press, and opens the shape', async () => {
  await show();
  const design = await begin();
  expect(design.garment).toMatchObject({ construction: 'drop-shoulder' });
  expect(screen.getByTestId('place').textContent).toBe('/designs/made/shape');
});

it('takes what is asked for: construction, front, a part of a chart, a yarn to swatch later, and how it sits', async () => {
  await show();
  fireEvent.click(screen.getByRole('radio', { name: /^Raglan/ }));
  choose('Front', 'band');
  choose('Sleeves', 'short');
  pick('For whom', 'a chart');
  choose('from', '2');
  choose('to', '4');
  pick('In what', 'I will swatch later');
  choose('Yarn', 'medium');
  pick('How it sits', 'loose');
  fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Thornwick' } });
  const design = await begin();
  expect(design).toMatchObject({
    name: 'Thornwick',
    garment: { construction: 'raglan', front: { style: 'band' }, sleeve: { length: 'short' }, ease: 12 },
    fabrics: [{ estimated: true, hook: 5.5 }, {}],
  });
  expect(design.sizes).toEqual(STANDARD_CHARTS[0]!.chart.sizes.slice(2, 5));
});

it('takes people by what is known of them, and says what is no length', async () => {
  await show();
  pick('For whom', 'people');
  fireEvent.change(screen.getByLabelText('Name of person 1'), { target: { value: 'Ines' } });
  const bust = screen.getByLabelText('Bust or chest');
  fireEvent.change(bust, { target: { value: 'wide' } });
  expect(screen.getByRole('alert').textContent).toMatch(/“wide” is not a length/);
  fireEvent.change(bust, { target: { value: '40 in' } });
  fireEvent.click(screen.getByRole('button', { name: 'Another person' }));
  fireEvent.change(screen.getAllByLabelText('Hip')[1]!, { target: { value: '99' } });
  const { sizes } = await begin();
  expect(sizes.map(({ label, body }) => [label, body])).toEqual([
    ['Ines', { bust: 101.6 }],
    ['Person 2', { hip: 99 }],
  ]);
});

it('begins from a design that is there, and keeps what is not asked for', async () => {
  await show();
  choose('Begin from', 'marl');
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Name').value).toMatch(/another$/));
  const design = await begin();
  expect(design.garment).toEqual(mockFrom.garment);
  expect(design.sizes).toEqual(mockFrom.sizes);
  expect(design.fabrics).toEqual(mockFrom.fabrics);
});
