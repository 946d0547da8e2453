import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { openDocument } from '../state/designStore';
import { requestPlan } from '../state/planner';
import { useView } from '../state/view';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { WhomView } from './WhomView';

jest.mock('comlink');
Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    disconnect() {}
  },
});
Object.defineProperty(HTMLElement.prototype, 'clientWidth', { get: () => 1000, configurable: true });

const design = demoDesign('brackenlow-pullover');
const show = async (document = design) => {
  planHere();
  openDocument('one', document);
  useView.setState({ size: 'M', all: false });
  await act(() => requestPlan(document));
  render(<WhomView />);
};
/** How many of how many wear a size. */
const sum = () =>
  /(\d+) of (\d+) would/.exec(screen.getByTestId('whom-sum').textContent)!.slice(1).map(Number);
const marks = () =>
  screen.getByTestId('cloud-hip').querySelectorAll('g[transform] > circle[fill=transparent]').length;

it('lays the open bodies over the sizes, and adds up', async () => {
  await show();
  const [fits, all] = sum();
  expect(all).toBe(130);
  expect(marks()).toBe(130);
  const many = within(screen.getByTestId('whom-sizes'))
    .getAllByRole('row')
    .slice(1)
    .map((row) => Number(row.querySelector('td')!.textContent));
  expect(many.reduce((total, one) => total + one, 0)).toBe(fits);
  fireEvent.click(screen.getByText('open data, men'));
  expect(sum()[1]).toBe(124);
});

it('finds more who wear a size where more is allowed, and says what another size would change', async () => {
  await show();
  const [usual] = sum();
  fireEvent.change(screen.getByRole('slider'), { target: { value: '8' } });
  expect(sum()[0]).toBeGreaterThan(usual!);
  expect(screen.getByTestId('whom-otherwise').textContent).toMatch(
    /one size smaller\d+[+−]?\d+one size larger\d+/,
  );
});

it('reads one body out by the keyboard', async () => {
  await show();
  const plot = screen.getByLabelText(/^Bodies by bust and hip/);
  fireEvent.keyDown(plot, { key: 'ArrowRight' });
  expect(screen.getByText(/of the open data$/).parentElement!.textContent).toMatch(
    /bust [\d.]+ with [+−][\d.]+ cm/,
  );
});

it('takes the people who were measured for the design', async () => {
  await show({
    ...design,
    people: [
      { id: 'a', name: 'Ines', group: 'adult', arm: 'flexed', readings: { bust: [96, 96], hip: [104, 104] } },
      { id: 'b', name: 'Maren', group: 'adult', arm: 'flexed', readings: {} },
    ] as never,
  });
  expect(sum()).toEqual([1, 1]);
});
