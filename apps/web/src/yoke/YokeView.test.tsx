import { act, fireEvent, render, screen } from '@testing-library/react';
import type { Design } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { clearPlan, requestPlan, usePlan } from '../state/planner';
import { useView } from '../state/view';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { YokeView } from './YokeView';

jest.mock('comlink');
planHere();

// jsdom lays nothing out: the drawings get a box of their own.
Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    disconnect() {}
  },
});
for (const [side, px] of [
  ['clientWidth', 1000],
  ['clientHeight', 500],
] as const)
  Object.defineProperty(HTMLElement.prototype, side, { value: px, configurable: true });

const raglan = demoDesign('marlbank-pullover');
const round = demoDesign('harrowmere-jumper');
const document_ = () => useDesign.getState().document!;
const follow = () => act(() => requestPlan(document_()));
async function show(design: Design) {
  clearPlan();
  openDocument('one', design);
  useView.setState({ size: design.sizes[2]!.id, all: false });
  await follow();
  render(<YokeView />);
}
const handle = (id: string) => {
  const found = screen.getByTestId(`handle-${id}`);
  found.setPointerCapture = () => undefined;
  return found;
};
const value = (id: string) => Number(handle(id).getAttribute('aria-valuenow'));
const count = (id: string) =>
  usePlan.getState().plan!.sizes[2]!.quantities.find((quantity) => quantity.id === id)!.count;
const pointer = (id: string, type: 'down' | 'move' | 'up', at: { clientX?: number; clientY?: number }) =>
  fireEvent(handle(id), new MouseEvent(`pointer${type}`, { bubbles: true, ...at }));
/** Height of the strip's rows, px. */
const rowHeight = () =>
  Math.max(
    ...[...screen.getByTestId('yoke-strip').querySelectorAll('rect')].map((rect) =>
      Number(rect.getAttribute('height')),
    ),
  ) + 0.8;

it('is as deep as the plan says, and is drawn down a row at a time', async () => {
  await show(raglan);
  const rows = count('yoke.rows');
  expect(value('depth')).toBe(rows);
  const step = rowHeight();
  pointer('depth', 'down', { clientY: 400 });
  pointer('depth', 'move', { clientY: 400 + step });
  await follow();
  pointer('depth', 'move', { clientY: 400 + 2 * step });
  await follow();
  expect(value('depth')).toBe(rows + 2);
  // What is under the hand does not slip away.
  expect(rowHeight()).toBeCloseTo(step, 6);
  pointer('depth', 'up', { clientY: 400 + 2 * step });
  expect(rowHeight()).toBeLessThan(step);
  // One drag is one step of undo.
  act(undo);
  await follow();
  expect(value('depth')).toBe(rows);
  expect(document_()).toEqual(raglan);
});

it('shrinks all the same where it is drawn out of its box', async () => {
  await show(raglan);
  const [rows, step] = [count('yoke.rows'), rowHeight()];
  pointer('depth', 'down', { clientY: 400 });
  pointer('depth', 'move', { clientY: 400 + 12 * step });
  await follow();
  expect(value('depth')).toBeGreaterThan(rows + 8);
  expect(rowHeight() * value('depth')).toBeLessThanOrEqual(500);
  pointer('depth', 'up', { clientY: 400 });
});

it('widens the underarm chain by hand, and keeps its handle inside the drawing', async () => {
  await show(raglan);
  const chain = count('underarm.chain');
  const circle = () => handle('underarm').querySelector('circle')!;
  expect(Number(circle().getAttribute('cx'))).toBeLessThan(560);
  fireEvent.keyDown(handle('underarm'), { key: 'ArrowRight' });
  fireEvent.keyDown(handle('underarm'), { key: 'ArrowRight' });
  await follow();
  expect(count('underarm.chain')).toBeGreaterThan(chain);
  expect(value('underarm')).toBe(count('underarm.chain'));
  expect(Number(circle().getAttribute('cx'))).toBeLessThan(560);
});

it('says the counts of every part in any row, which add up to the row', async () => {
  await show(raglan);
  const slider = screen.getByLabelText('Row of the yoke');
  for (let row = 1; row <= count('yoke.rows'); row += 1) {
    fireEvent.change(slider, { target: { value: String(row) } });
    const text = screen.getByTestId('row-counts').textContent!;
    const part = (name: string) => Number(new RegExp(`${name} ([\\d.]+)`).exec(text)![1]);
    const line = Number(/each line (\d+)/.exec(text)?.[1] ?? 0);
    const parts = part('Back') + part('Left sleeve') + part('Front') + part('Right sleeve') + 4 * line;
    expect(parts).toBeCloseTo(part('all'), 6);
  }
});

it('moves the increase rounds of a round yoke, each between its neighbours', async () => {
  await show(round);
  const places = () => [1, 2, 3].map((i) => value(`round-${i}`));
  const before = places();
  fireEvent.keyDown(handle('round-2'), { key: 'ArrowDown' });
  await follow();
  expect(places()).toEqual([before[0], before[1]! + 1, before[2]]);
  // It does not go past the next one.
  for (let i = 0; i < 30; i += 1) fireEvent.keyDown(handle('round-2'), { key: 'ArrowDown' });
  await follow();
  expect(value('round-2')).toBe(before[2]! - 1);
});

it('lays the neighbours over the size, or the whole range', async () => {
  await show(raglan);
  const over = () =>
    screen.getByTestId('yoke-above').querySelectorAll('path[stroke="var(--color-thread)"]').length;
  expect(over()).toBe(2);
  act(() => useView.setState({ all: true }));
  expect(over()).toBe(raglan.sizes.length - 1);
});
