import { act, fireEvent, render, screen } from '@testing-library/react';
import { DragHandle } from './DragHandle';

const moves: [number, boolean][] = [];
const held: boolean[] = [];
let follow: (value: number) => void;
const handleWith = (more: Partial<Parameters<typeof DragHandle>[0]>) => (
  <svg>
    <DragHandle
      label="Depth"
      text="20 rows"
      value={20}
      least={6}
      most={30}
      along="y"
      step={10}
      from={[0, 100]}
      to={[50, 100]}
      testId="handle"
      onMove={(value, dragging) => moves.push([value, dragging])}
      onHold={(down) => held.push(down)}
      {...more}
    />
  </svg>
);
const show = (more: Partial<Parameters<typeof DragHandle>[0]> = {}) => {
  moves.length = 0;
  held.length = 0;
  const { rerender } = render(handleWith(more));
  /** The plan has come: the value is what it says. */
  follow = (value) => rerender(handleWith({ ...more, value }));
  const handle = screen.getByRole('slider');
  // jsdom captures no pointers.
  handle.setPointerCapture = () => undefined;
  return handle;
};
type Place = { clientX?: number; clientY?: number };
const pointer = (handle: Element, type: 'down' | 'move' | 'up', place: Place = {}) =>
  fireEvent(handle, new MouseEvent(`pointer${type}`, { bubbles: true, ...place }));
const drag = (handle: Element, ...places: Place[]) => {
  pointer(handle, 'down', places[0]);
  for (const place of places.slice(1)) pointer(handle, 'move', place);
  pointer(handle, 'up', places.at(-1));
};

it('says what it is to those who cannot see it', () => {
  const handle = show();
  expect(handle.getAttribute('aria-valuenow')).toBe('20');
  expect(handle.getAttribute('aria-valuetext')).toBe('20 rows');
  expect(handle.getAttribute('aria-orientation')).toBe('vertical');
});

it('moves a step for so many px; all but the first belong to the same drag', () => {
  drag(show(), { clientY: 100 }, { clientY: 103 }, { clientY: 112 }, { clientY: 131 });
  expect(moves).toEqual([
    [21, false],
    [23, true],
  ]);
});

it('falls where its steps run the other way, and along x to the sides', () => {
  drag(show({ step: -10 }), { clientY: 100 }, { clientY: 120 });
  expect(moves).toEqual([[18, false]]);
});

it('goes to the sides where it lies so', () => {
  const handle = show({ along: 'x' });
  drag(handle, { clientX: 0 }, { clientX: 20 });
  fireEvent.keyDown(handle, { key: 'ArrowLeft' });
  fireEvent.keyDown(handle, { key: 'ArrowUp' });
  expect(moves).toEqual([
    [22, false],
    [21, false],
  ]);
});

it('stays between least and most', () => {
  drag(show(), { clientY: 0 }, { clientY: 500 }, { clientY: -500 });
  expect(moves).toEqual([
    [30, false],
    [6, true],
  ]);
});

it('is moved by keys quicker than the plan follows', () => {
  const handle = show();
  for (const key of ['ArrowDown', 'ArrowDown', 'PageUp', 'a']) fireEvent.keyDown(handle, { key });
  expect(moves).toEqual([
    [21, false],
    [22, false],
    [17, false],
  ]);
});

it('goes with the hand before the plan follows, and is then where the plan says', () => {
  const handle = show();
  pointer(handle, 'down', { clientY: 100 });
  expect(handle.getAttribute('transform')).toBeNull();
  pointer(handle, 'move', { clientY: 131 });
  expect(handle.getAttribute('transform')).toBe('translate(0 30)');
  expect(handle.getAttribute('aria-valuenow')).toBe('20');
  // The plan comes to one row less than the hand is at.
  follow(22);
  expect(handle.getAttribute('transform')).toBe('translate(0 10)');
  pointer(handle, 'move', { clientY: 120 });
  expect(handle.getAttribute('transform')).toBeNull();
  expect(moves).toEqual([
    [23, false],
    [22, true],
  ]);
});

it('waits for the plan when it is let go, but not for ever', () => {
  jest.useFakeTimers();
  const handle = show({ along: 'x' });
  drag(handle, { clientX: 0 }, { clientX: 20 });
  expect(handle.getAttribute('transform')).toBe('translate(20 0)');
  act(() => jest.advanceTimersByTime(1000));
  expect(handle.getAttribute('transform')).toBeNull();
  fireEvent.keyDown(handle, { key: 'ArrowRight' });
  expect(moves.at(-1)).toEqual([23, false]);
  follow(23);
  expect(handle.getAttribute('transform')).toBeNull();
  jest.useRealTimers();
});

it('tells when it is held', () => {
  const handle = show();
  pointer(handle, 'down');
  expect(held).toEqual([true]);
  pointer(handle, 'up');
  pointer(handle, 'up');
  expect(held).toEqual([true, false]);
});
