import { act, fireEvent, render, screen } from '@testing-library/react';
import { newDesign } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { HoldButton } from './HoldButton';

const pins = () => useDesign.getState().document!.pins;
const counts = [
  { size: 'M', quantity: 'back.width', count: 84 },
  { size: 'M', quantity: 'neck.width', count: 30 },
];
const button = () => screen.getByRole('button');

beforeEach(() => {
  openDocument('one', newDesign('Test'));
});

it('holds all counts in one step of undo, and lets them go again', () => {
  render(<HoldButton what="this piece" counts={counts} />);
  expect(button().textContent).toBe('Hold this piece');
  fireEvent.click(button());
  expect(pins()).toEqual(counts);
  expect(button().textContent).toBe('Let this piece go');
  expect(button().getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(button());
  expect(pins()).toEqual([]);
  fireEvent.click(button());
  act(undo);
  expect(pins()).toEqual([]);
});

it('takes over what is held already and leaves other counts alone', () => {
  useDesign.setState({
    document: {
      ...useDesign.getState().document!,
      pins: [
        { size: 'M', quantity: 'back.width', count: 80 },
        { size: 'L', quantity: 'back.width', count: 90 },
      ],
    },
  });
  render(<HoldButton what="this piece" counts={counts} />);
  expect(button().getAttribute('aria-pressed')).toBe('false');
  fireEvent.click(button());
  expect(pins()).toEqual([{ size: 'L', quantity: 'back.width', count: 90 }, ...counts]);
  fireEvent.click(button());
  expect(pins()).toEqual([{ size: 'L', quantity: 'back.width', count: 90 }]);
});

it('has nothing to hold where there are no counts', () => {
  render(<HoldButton what="this size" counts={[]} />);
  expect(button().getAttribute('aria-pressed')).toBe('false');
});
