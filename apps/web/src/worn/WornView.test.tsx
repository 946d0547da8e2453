import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { openDocument, undo, useDesign } from '../state/designStore';
import { requestPlan, usePlan } from '../state/planner';
import { useView } from '../state/view';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { SitsTable } from './SitsTable';
import { WornView } from './WornView';

jest.mock('comlink');
Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    disconnect() {}
  },
});
Object.defineProperty(HTMLElement.prototype, 'clientWidth', { get: () => 900, configurable: true });
Object.defineProperty(HTMLElement.prototype, 'clientHeight', { get: () => 600, configurable: true });

const design = demoDesign('brackenlow-pullover');
const garment = () => useDesign.getState().document!.garment;
const show = async (document = design) => {
  planHere();
  openDocument('one', document);
  useView.setState({ size: 'M', all: false });
  await act(() => requestPlan(document));
  render(
    <>
      <WornView />
      <SitsTable />
    </>,
  );
};
const replan = () => act(() => requestPlan(useDesign.getState().document!));
const grip = (name: string) => screen.getByTestId(`grip-${name}`);
const cloth = (view: 'front' | 'back') =>
  [...screen.getByTestId(`worn-${view}`).querySelectorAll('path.worn-body')].map((path) =>
    path.getAttribute('d'),
  );

it('shows front and back, with what is between body and garment', async () => {
  await show();
  expect(cloth('front')).toHaveLength(1);
  expect(cloth('back')).toHaveLength(1);
  const bust = within(screen.getByTestId('sits')).getByRole('row', { name: /^Bust/ });
  const [body, worn, air] = [...bust.querySelectorAll('td')].map(({ textContent }) =>
    parseFloat(textContent),
  );
  expect(worn! - body!).toBeCloseTo(air!, 1);
  expect(within(screen.getByTestId('sits')).getByText(/^Hem .* the hip\.$/)).toBeTruthy();
});

it.each([
  ['hem', 'belowWaist', 'PageDown', 2.5],
  ['hem', 'belowWaist', 'PageUp', -2.5],
])('moves the %s by the keyboard, as one step that can be undone (%s, %s)', async (name, path, key, by) => {
  await show();
  const before = garment()[path] as number;
  const drawn = cloth('front');
  fireEvent.keyDown(grip(name), { key });
  expect(garment()[path]).toBeCloseTo(before + by, 6);
  await replan();
  expect(cloth('front')).not.toEqual(drawn);
  act(undo);
  expect(garment()[path]).toBe(before);
});

it('goes to the ends of a length with Home and End', async () => {
  await show();
  fireEvent.keyDown(grip('sleeve'), { key: 'Home' });
  expect((garment()['sleeve'] as { shorter: number }).shorter).toBe(0);
  fireEvent.keyDown(grip('sleeve'), { key: 'End' });
  expect((garment()['sleeve'] as { shorter: number }).shorter).toBe(60);
});

it('lays another size, the state before, or another construction over it', async () => {
  await show();
  const choose = (value: string) =>
    fireEvent.change(screen.getByTestId('worn-beside'), { target: { value } });
  choose('size:L');
  expect(screen.getAllByTestId('worn-other')).toHaveLength(2);
  expect(screen.getByText('dashed: size L')).toBeTruthy();
  expect(within(screen.getByTestId('sits')).getByText('dashed')).toBeTruthy();
  choose('construction:raglan');
  await waitFor(() => expect(screen.getByText('dashed: in the other construction')).toBeTruthy());
  choose('');
  fireEvent.keyDown(grip('hem'), { key: 'ArrowDown' });
  await replan();
  choose('before');
  await waitFor(() => expect(screen.getByText('dashed: before the last change')).toBeTruthy());
});

it('says so where nothing can be worked', async () => {
  await show();
  act(() =>
    usePlan.setState(({ plan }) => ({
      plan: { ...plan!, sizes: plan!.sizes.map((size) => ({ ...size, pieces: [] })) },
    })),
  );
  expect(screen.getByText(/Nothing of this size can be worked/)).toBeTruthy();
});
