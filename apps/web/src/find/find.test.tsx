import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { newDesign } from '@upfell/core';
import { useView } from '../state/view';
import { matches, Palette } from './Palette';
import { placesOf } from './places';

Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    unobserve() {}
    disconnect() {}
  },
});
Element.prototype.scrollIntoView = jest.fn();

const design = newDesign('Oak');
const steps = [
  { id: 'body', label: 'Body' },
  { id: 'shape', label: 'Shape' },
];
const places = placesOf('one', design, steps, undefined);
const labels = (group: string) => places.filter((place) => place.group === group).map(({ label }) => label);

it('knows screens, sizes, settings and measurements by name', () => {
  expect(labels('Screens')).toEqual(expect.arrayContaining(['Body', 'Shape', 'The shelf', 'Glossary']));
  expect(labels('Sizes')).toEqual(['Size S', 'Size M', 'Size L']);
  expect(labels('Settings')).toEqual(expect.arrayContaining(['Length below the waist', 'Armhole ease']));
  expect(labels('Measurements')).toContain('Cross-back');
  expect(new Set(places.map(({ id }) => id)).size).toBe(places.length);
});

it('offers no setting that the form does not show', () => {
  const closed = places
    .filter(({ goes }) => goes.to === 'field')
    .map(({ goes }) => (goes as { path: string }).path);
  // A closed front has no width of gap.
  expect(closed).not.toContain('garment.front.width');
  const open = placesOf(
    'one',
    { ...design, garment: { ...design.garment, front: { style: 'gap' } } },
    steps,
    undefined,
  );
  expect(open.map(({ id }) => id)).toContain('field front.width');
});

it.each([
  ['slee', ['Sleeve, top'], true],
  ['top sleeve', ['Sleeve, top'], true],
  ['length sleeve', ['Shortened by', 'The shortening of the sleeve', 'length'], true],
  ['zebra', ['Sleeve, top'], false],
])('“%s” and %j match: %s', (typed, names, found) => expect(matches('', typed, names) > 0).toBe(found));

it('puts what begins with the word before what merely has it', () => {
  expect(matches('', 'neck', ['Neck, width'])).toBeGreaterThan(matches('', 'neck', ['Ease at the neck']));
  expect(matches('', 'neck', ['Ease at the neck'])).toBeGreaterThan(matches('', 'neck', ['Width', 'Neck']));
});

it('goes where it is told by the keyboard', () => {
  const closed = jest.fn();
  function Place() {
    return <p data-testid="place">{useLocation().pathname}</p>;
  }
  render(
    <MemoryRouter initialEntries={['/']}>
      <Palette places={places} design="one" onClose={closed} />
      <Routes>
        <Route path="*" element={<Place />} />
      </Routes>
    </MemoryRouter>,
  );
  const input = screen.getByTestId('palette-input');
  fireEvent.change(input, { target: { value: 'size l' } });
  fireEvent.keyDown(input, { key: 'Enter' });
  expect(useView.getState().size).toBe('L');
  expect(closed).toHaveBeenCalled();
  fireEvent.change(input, { target: { value: 'glossary' } });
  fireEvent.keyDown(input, { key: 'Enter' });
  expect(screen.getByTestId('place').textContent).toBe('/glossary');
  fireEvent.change(input, { target: { value: 'no such thing' } });
  expect(screen.getByText('Nothing has that name.')).toBeTruthy();
});
