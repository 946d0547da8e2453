import { fireEvent, render, screen } from '@testing-library/react';
import { DragHandle } from './DragHandle';

const moves: [number, boolean][] = [];
const show = (more: Partial<Parameters<typeof DragHandle>[0]> = {}) => {
  moves.length = 0;
  render(
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
        {...more}
      />
    </svg>,
  );
  const handle = screen.getByRole('slider');
  // jsdom captures no pointers.
  handle.setPointerCapture = () => undefined;
  return handle;
};
const drag = (handle: Element, ...places: { clientX?: number; clientY?: number }[]) => {
  const at = (type: 'pointerDown' | 'pointerMove' | 'pointerUp', place: object) => {
    const event = new MouseEvent(type.toLowerCase(), { bubbles: true, ...place });
    fireEvent(handle, event);
  };
  at('pointerDown', places[0]!);
  for (const place of places.slice(1)) at('pointerMove', place);
  at('pointerUp', places.at(-1)!);
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
    [19, false],
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
