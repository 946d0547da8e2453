import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { Design } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { requestPlan, usePlan } from '../state/planner';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { QuantityDetail } from './QuantityDetail';

jest.mock('comlink');

let tries = 0;
planHere((question) => {
  if (question === 'tryCounts') tries += 1;
});

const design = demoDesign('brackenlow-pullover');
const at = 2;
const sizeId = design.sizes[at]!.id;
const pins = () => useDesign.getState().document!.pins;
const width = () => usePlan.getState().plan!.sizes[at]!.quantities.find(({ id }) => id === 'back.width')!;

function Detail() {
  const { plan } = usePlan();
  const size = plan!.sizes[at]!;
  return <QuantityDetail quantity={width()} plan={plan!} size={size} />;
}
async function show(document: Design = design) {
  openDocument('one', document);
  await act(() => requestPlan(document));
  tries = 0;
  render(
    <MemoryRouter>
      <Detail />
    </MemoryRouter>,
  );
  await screen.findAllByText(/Bust/);
}
const rungs = () => within(screen.getByTestId('ladder')).getAllByRole('option');
const rung = (count: number) => rungs().find((one) => one.dataset['count'] === String(count))!;
const hold = (text: string) => {
  fireEvent.change(screen.getByLabelText('Hold at'), { target: { value: text } });
  fireEvent.submit(screen.getByLabelText('Hold at'));
};

it('tells the count, what it measures and why, from the measurement on', async () => {
  await show();
  expect(screen.getByTestId('big-count').textContent).toBe(`${width().count} stitches`);
  const reasons = within(screen.getByTestId('because')).getAllByRole('listitem');
  expect(reasons[0]!.textContent).toContain('Bust');
  expect(reasons[0]!.textContent).toContain(design.sizes[at]!.body.bust!.toFixed(1));
  expect(reasons.length).toBeGreaterThan(3);
});

it('opens the count into the legal ones near it, from the largest down, its own marked', async () => {
  await show();
  const counts = rungs().map((one) => Number(one.dataset['count']));
  expect(counts).toEqual([...counts].sort((a, b) => b - a));
  const { multiple, plus } = width().rule;
  for (const count of counts) expect((count - plus) % multiple).toBe(0);
  expect(rungs().filter((one) => one.getAttribute('aria-selected') === 'true')).toEqual([
    rung(width().count),
  ]);
});

it('holds a rung that is chosen, lets it go, and both are undone', async () => {
  await show();
  const wider = width().count + width().rule.multiple;
  fireEvent.click(rung(wider));
  expect(pins()).toEqual([{ size: sizeId, quantity: 'back.width', count: wider }]);
  fireEvent.click(screen.getByRole('button', { name: 'Let go' }));
  expect(pins()).toEqual([]);
  act(undo);
  expect(pins()).toHaveLength(1);
  act(undo);
  expect(pins()).toEqual([]);
});

it('goes along the rungs by the arrow keys and tells what each would move', async () => {
  await show();
  act(() => rung(width().count).focus());
  fireEvent.keyDown(document.activeElement!, { key: 'ArrowUp' });
  expect(Number((document.activeElement as HTMLElement).dataset['count'])).toBe(
    width().count + width().rule.multiple,
  );
  expect((await screen.findByTestId('what-if')).textContent).toContain('were held in');
  fireEvent.keyDown(document.activeElement!, { key: 'ArrowDown' });
  expect(document.activeElement).toBe(rung(width().count));
});

it.each([
  ['', 'is no count'],
  ['many', 'is no count'],
  ['-4', 'is no count'],
  ['82.5', 'is no count'],
  ['83', 'breaks the rule (an even number); 82 or 84 works'],
])('answers “%s” with a sentence and holds nothing', async (text, words) => {
  await show();
  hold(text);
  expect(screen.getByRole('alert').textContent).toContain(words);
  expect(pins()).toEqual([]);
});

it('holds a count that is typed', async () => {
  await show();
  hold(' 82 ');
  expect(pins()).toEqual([{ size: sizeId, quantity: 'back.width', count: 82 }]);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('tries counts only when the plan is at rest, so that a drag is not held up', async () => {
  jest.useFakeTimers();
  openDocument('one', design);
  act(() => usePlan.setState({ ahead: usePlan.getState().plan }));
  render(
    <MemoryRouter>
      <Detail />
    </MemoryRouter>,
  );
  tries = 0;
  await act(() => jest.advanceTimersByTimeAsync(1000));
  expect(tries).toBe(0);
  act(() => usePlan.setState({ ahead: null }));
  await act(() => jest.advanceTimersByTimeAsync(1000));
  expect(tries).toBe(1);
  jest.useRealTimers();
});
