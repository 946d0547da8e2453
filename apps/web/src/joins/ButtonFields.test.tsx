import { act, fireEvent, render, screen } from '@testing-library/react';
import { plan, type Buttons } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { demoDesign } from '../testing/demo';
import { forScreen } from '../worker/screen';
import { ButtonFields } from './ButtonFields';

const design = demoDesign('sedgecombe-cardigan');
const sizes = plan(design).sizes.map((size) => forScreen(size));
const buttons = () => useDesign.getState().document!.finishing?.buttons;
const withButtons = (change: Partial<Buttons> | null) => {
  const { buttons: _, ...finishing } = design.finishing ?? {};
  const usual: Buttons = { count: 6, width: 2, fromLower: 2, fromUpper: 2, side: 'right' };
  openDocument('one', {
    ...design,
    finishing: { ...finishing, ...(change ? { buttons: { ...usual, ...change } } : {}) },
  });
};
afterEach(() => jest.restoreAllMocks());
const placed = () => screen.getByTestId('buttonholes').textContent;

it('is there only where the front has a band', () => {
  const pullover = demoDesign('brackenlow-pullover');
  openDocument('one', pullover);
  const { container } = render(<ButtonFields size={forScreen(plan(pullover).sizes[0]!)} />);
  expect(container.innerHTML).toBe('');
});

it('plans buttonholes and leaves them out again, each in one step of undo', () => {
  withButtons(null);
  render(<ButtonFields size={sizes[2]!} />);
  fireEvent.click(screen.getByRole('button', { name: 'Plan buttonholes' }));
  expect(buttons()?.count).toBe(6);
  // What is done to one field in quick succession is one step.
  const later = Date.now() + 5000;
  jest.spyOn(Date, 'now').mockReturnValue(later);
  fireEvent.click(screen.getByRole('button', { name: 'no buttonholes' }));
  expect(buttons()).toBeUndefined();
  act(undo);
  expect(buttons()?.count).toBe(6);
  act(undo);
  expect(buttons()).toBeUndefined();
});

it.each(sizes.map((size) => [size.label, size] as const))(
  'spaces them so that stitches and holes fill the band of size %s',
  (_, size) => {
    withButtons({ count: 7, width: 3 });
    render(<ButtonFields size={size} />);
    const gaps = /band: (.*) st\. Centres/.exec(placed())![1]!.split(' st, hole, ').map(Number);
    expect(gaps).toHaveLength(8);
    const band = size.pieces.find(({ id }) => id === 'band')!;
    expect(gaps.reduce((sum, gap) => sum + gap, 0) + 7 * 3).toBe(band.ends.first.count);
    // Between the first and the last they lie evenly, to a stitch.
    const between = gaps.slice(1, -1);
    expect(Math.max(...between) - Math.min(...between)).toBeLessThanOrEqual(1);
    const centres = /Centres at (.*) cm/.exec(placed())![1]!.split(', ').map(Number);
    expect(centres).toEqual([...centres].sort((a, b) => a - b));
    expect(centres).toHaveLength(7);
  },
);

it('says why they do not fit, and keeps what was typed', () => {
  withButtons({ count: 40, width: 9 });
  render(<ButtonFields size={sizes[0]!} />);
  expect(screen.getByRole('alert').textContent!.length).toBeGreaterThan(20);
  expect(buttons()?.count).toBe(40);
});

it('changes their number as it is typed, and goes back to the one before for what is none', () => {
  withButtons({});
  render(<ButtonFields size={sizes[2]!} />);
  const field = screen.getByLabelText<HTMLInputElement>(/^How many/);
  fireEvent.change(field, { target: { value: '5' } });
  expect(buttons()?.count).toBe(5);
  fireEvent.change(field, { target: { value: 'five' } });
  expect(buttons()?.count).toBe(6);
  expect(field.value).toBe('five');
  expect(field.getAttribute('aria-invalid')).toBe('true');
});
