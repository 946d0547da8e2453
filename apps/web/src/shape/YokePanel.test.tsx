import { act, fireEvent, render, screen } from '@testing-library/react';
import { newDesign } from '@upfell/core';
import { openDocument, useDesign } from '../state/designStore';
import { useView } from '../state/view';
import { changeConstruction } from '../state/changeConstruction';
import { ShapePanel } from './ShapePanel';

// Pictures are drawn by the worker, which jsdom has not.
jest.mock('../state/planner', () => ({
  ...jest.requireActual<object>('../state/planner'),
  askPicture: () => Promise.resolve('<svg xmlns="http://www.w3.org/2000/svg"/>'),
}));

jest.mock('../state/proposal', () => ({ propose: jest.fn() }));
// Radix' slider watches sizes.
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
} as unknown as typeof ResizeObserver;

const garment = () => useDesign.getState().document!.garment as Record<string, unknown>;
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const construct = (id: string) => act(() => void changeConstruction(id));
const has = (label: string) => screen.queryByLabelText(label) !== null;

beforeEach(() => {
  useView.setState({ size: 'M' });
  openDocument('one', newDesign('Test'));
  render(<ShapePanel />);
  construct('raglan');
});

it('shows the fields of the construction that is chosen', () => {
  expect([has('Increases'), has('Increase rounds'), has('Armhole ease')]).toEqual([true, false, false]);
  construct('round-yoke');
  expect([has('Increases'), has('Increase rounds')]).toEqual([false, true]);
  construct('drop-shoulder');
  expect([has('Armhole ease'), has('Rounds')]).toEqual([true, false]);
});

it('opens the front with a band, a gap or an overlap, each with its width', () => {
  expect(has('Width of the band')).toBe(false);
  choose('Front', 'band');
  expect(has('Width of the band')).toBe(true);
  choose('Front', 'overlap');
  expect([has('Overlap'), garment()['front']]).toEqual([true, { style: 'overlap' }]);
});

it('asks how deep a neck falls only where it does', () => {
  expect(has('Lower in front by')).toBe(false);
  choose('Front of the neck', 'V');
  expect(has('Lower in front by')).toBe(true);
  construct('round-yoke');
  // A round yoke has no falling neck: it is level again.
  expect(has('Lower in front by')).toBe(false);
});

it('has stitches of a line only where increases lie beside it', () => {
  choose('Stitches of the line', '1');
  expect(garment()['line']).toEqual({ stitches: 1 });
  choose('Increases', 'corner');
  expect([has('Stitches of the line'), garment()['line']]).toEqual([false, { school: 'corner' }]);
});

it('forgets places set by hand when the number of increase rounds changes', () => {
  construct('round-yoke');
  choose('Increase rounds', 'many');
  expect(garment()['increases']).toEqual({ rounds: 'many' });
  choose('Increase rounds', '3');
  expect(garment()['increases']).toEqual({ rounds: 3 });
});

it('shapes the body to waist and hem', () => {
  choose('Below the underarm', 'waist');
  expect([has('Ease at the waist'), has('Ease at the lower edge')]).toEqual([true, true]);
  choose('Below the underarm', 'straight');
  expect([has('Ease at the waist'), has('Ease at the lower edge')]).toEqual([false, false]);
});

it('is chosen from drawings that say what each needs, gives and gives up', async () => {
  fireEvent.click(screen.getByLabelText(/^Construction: Raglan/));
  const vest = await screen.findByRole('button', { name: /Vest, of panels/ });
  expect(vest.textContent).toContain('no sleeves');
  expect(screen.getByRole('button', { name: /this one/ }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(vest);
  expect(garment()['construction']).toBe('vest');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(has('Step at the underarm, each')).toBe(true);
});
