import { fireEvent, render, screen } from '@testing-library/react';
import { newDesign, plan } from '@upfell/core';
import { useView } from '../state/view';
import { forScreen } from '../worker/screen';
import { SplitSum } from './SplitSum';

const sized = (garment: object) =>
  forScreen(plan({ ...newDesign('Test'), garment: garment as { construction: string } }).sizes[1]!);
const count = (size: ReturnType<typeof sized>, id: string) =>
  size.quantities.find((quantity) => quantity.id === id)!.count;
const sums = (text: string) =>
  [
    ...text.matchAll(
      /((?:(?:½ |underarm |sleeve |back |front |Body |each )*\d+ \+ )+(?:[½a-z ]*)\d+) = (\d+)/g,
    ),
  ].map(([, terms, total]) => ({
    sum: [...terms!.matchAll(/\d+/g)].reduce((all, [figure]) => all + Number(figure), 0),
    total: Number(total),
  }));

it.each([
  ['a pullover', { construction: 'raglan' }],
  ['a cardigan', { construction: 'raglan', front: { style: 'gap', width: 4 } }],
  ['a round yoke', { construction: 'round-yoke' }],
])('says the split of %s as sums that come out', (_, garment) => {
  const size = sized(garment);
  render(<SplitSum size={size} />);
  const found = sums(screen.getByTestId('split').textContent!);
  expect(found).toHaveLength(3);
  for (const { sum, total } of found) expect(sum).toBe(total);
  expect(found[1]!.total).toBe(count(size, 'body.round'));
  expect(found[2]!.total).toBe(count(size, 'sleeve.top'));
});

it('leads to the counts that it adds up to', () => {
  const size = sized({ construction: 'raglan' });
  render(<SplitSum size={size} />);
  fireEvent.click(screen.getByRole('button', { name: String(count(size, 'body.round')) }));
  expect(useView.getState().selection).toEqual({ kind: 'quantity', id: 'body.round' });
});

it('is not there for a garment without a yoke', () => {
  render(<SplitSum size={sized({ construction: 'drop-shoulder' })} />);
  expect(screen.queryByTestId('split')).toBeNull();
});
