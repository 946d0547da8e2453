/** @jest-environment node */
import { newDesign, placeOf } from '@upfell/core';
import { edit, openDocument, undo, useDesign } from '../state/designStore';
import { beginStroke, coloursIn, paint } from './paint';

const left = { layer: 'back', row: 2, column: -1 } as const;
const right = { ...left, column: 1 };
const colours = () => useDesign.getState().document!.finishing?.squares;
const everywhere = { scope: 'all', mirrored: false } as const;

beforeEach(() => {
  openDocument('one', newDesign('Test'));
  edit('finishing.squares.kinds', (document) => {
    coloursIn(document).kinds.push({ id: 'B', name: 'Ringed', rounds: ['main colour'] });
  });
  beginStroke();
});

it('places a kind in all sizes, and takes it back to the rule', () => {
  paint(left, 'M', { kind: 'B', ...everywhere });
  expect(colours()!.placed).toEqual({ [placeOf(left)]: 'B' });
  paint(left, 'M', { kind: null, ...everywhere });
  expect(colours()!.placed).toEqual({});
});

it('paints both sides alike when asked', () => {
  paint(left, 'M', { kind: 'B', scope: 'all', mirrored: true });
  expect(colours()!.placed).toEqual({ [placeOf(left)]: 'B', [placeOf(right)]: 'B' });
});

it('places a kind in one size alone, which gives way when all sizes are painted', () => {
  paint(left, 'M', { kind: 'B', scope: 'size', mirrored: false });
  expect(colours()!.placedIn).toEqual({ M: { [placeOf(left)]: 'B' } });
  expect(colours()!.placed ?? {}).toEqual({});
  paint(left, 'M', { kind: 'A', ...everywhere });
  expect(colours()!.placedIn).toEqual({});
  expect(colours()!.placed).toEqual({ [placeOf(left)]: 'A' });
});

it('takes a whole stroke back by one undo, and the one before it by another', () => {
  paint(left, 'M', { kind: 'A', ...everywhere });
  beginStroke();
  paint(left, 'M', { kind: 'B', ...everywhere });
  paint(right, 'M', { kind: 'B', ...everywhere });
  undo();
  expect(colours()!.placed).toEqual({ [placeOf(left)]: 'A' });
  undo();
  expect(colours()?.placed).toBeUndefined();
});
