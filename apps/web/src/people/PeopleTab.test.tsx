import { act, fireEvent, render, screen } from '@testing-library/react';
import { newDesign, STANDARD_CHARTS } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { PeopleTab } from './PeopleTab';

Object.defineProperty(crypto, 'randomUUID', { value: () => 'person-one-1234', configurable: true });

const document_ = () => useDesign.getState().document!;
const reading = (path: string) => document.querySelector<HTMLInputElement>(`[data-path="${path}"]`)!;
const type = (path: string, value: string) => fireEvent.change(reading(path), { target: { value } });
const nearest = () => screen.getByTestId('nearest').textContent!;

beforeEach(() => {
  openDocument('one', { ...newDesign('Test'), sizes: STANDARD_CHARTS[0]!.chart.sizes });
  render(<PeopleTab />);
  fireEvent.click(screen.getByText('Measure a person'));
});

it('averages two readings and finds the nearest size with what to change', () => {
  type('people[0].readings.bust.0', '93');
  type('people[0].readings.bust.1', '95');
  type('people[0].readings.upperArm.0', '33');
  expect(document_().people![0]!.readings).toEqual({ bust: [93, 95], upperArm: [33] });
  expect(nearest()).toMatch(/Nearest: size M.*Upper arm round.*28.0 cm.*33.0 cm.*\+5.0 cm/);
});

it('brings a relaxed arm to what it is flexed, and tells readings that lie far apart', () => {
  type('people[0].readings.bust.0', '94');
  type('people[0].readings.upperArm.0', '30');
  fireEvent.change(screen.getByLabelText('Upper arm measured'), { target: { value: 'relaxed' } });
  expect(nearest()).toMatch(/31.8 cm/);
  type('people[0].readings.bust.1', '97');
  expect(screen.getByText(/far apart; take a third/)).toBeTruthy();
});

it('keeps a reading that cannot be, with its sentence', () => {
  type('people[0].readings.bust.0', '9');
  expect(screen.getByRole('alert').textContent).toMatch(/it can be 20 to 250 cm/);
  expect(document_().people![0]!.readings).toEqual({});
});

it('takes a reading out with its second', () => {
  type('people[0].readings.hip.0', '100');
  type('people[0].readings.hip.1', '101');
  type('people[0].readings.hip.0', '');
  expect(document_().people![0]!.readings).toEqual({});
});

it('makes the person a size of the range, or a changed copy of the nearest, each undone in one step', () => {
  type('people[0].readings.bust.0', '94');
  type('people[0].readings.crossBack.0', '44');
  const before = document_().sizes;
  fireEvent.click(screen.getByText('Make Person 1 a size of its own'));
  expect(document_().sizes.find(({ label }) => label === 'Person 1')).toMatchObject({
    body: { bust: 94, crossBack: 44 },
  });
  expect(document_().sizes.map(({ body }) => body.bust!)).toEqual(
    document_()
      .sizes.map(({ body }) => body.bust!)
      .sort((a, b) => a - b),
  );
  act(undo);
  expect(document_().sizes).toEqual(before);
  fireEvent.click(screen.getByText(/Add “M for Person 1”/));
  const at = document_().sizes.findIndex(({ label }) => label === 'M for Person 1');
  expect([document_().sizes[at - 1]!.id, document_().sizes[at]!.body.crossBack]).toEqual(['M', 44]);
  expect(document_().sizes[at]!.body.hip).toBe(before[2]!.body.hip);
});

it('removes a person', () => {
  fireEvent.click(screen.getByText('Remove Person 1'));
  expect(document_().people).toEqual([]);
  expect(screen.getByText(/Measure one body with a tape/)).toBeTruthy();
});
