import { act, fireEvent, render, screen } from '@testing-library/react';
import { newDesign } from '@upfell/core';
import { openDocument } from '../state/designStore';
import { usePlan, type PlanState } from '../state/planner';
import { useView } from '../state/view';
import { PasteDialog } from './PasteDialog';

const sizes = ['S', 'M', 'L'].map((label) => ({ id: label, label }));
const rows = () => screen.getByLabelText('Rows');
const before = () => screen.getByLabelText(/^Stitches before the first row/);
const said = () => screen.getByTestId('paste-result').textContent;
const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });

beforeEach(() => {
  openDocument('one', newDesign('Test'));
  usePlan.setState({ plan: { sizes } as unknown as PlanState['plan'] });
  useView.setState({ terms: 'us' });
  render(<PasteDialog onClose={() => undefined} />);
});

it('says nothing while nothing is typed', () => {
  expect(screen.queryByTestId('paste-result')).toBeNull();
});

it('agrees to rows that are right in every size, and says what is on the hook', () => {
  type(before(), '40 44 48');
  type(rows(), 'Row 5: 2 hdc in first st, hdc in each st to last, 2 hdc in last. (42, 46, 50)');
  expect(said()).toBe('1 row, 3 sizes: every count is right. On the hook: 42, 46, 50.');
});

it('names row, size and line of a wrong count', () => {
  type(before(), '40');
  type(
    rows(),
    'Row 1: hdc in each st across. (40, 40, 40)\nRow 2: 2 hdc in first st, hdc in each st to end. (41, 42, 41)',
  );
  expect(said()).toMatch(/^Row 2, size M \(line 2\): /);
});

it('asks for as many counts as there are sizes', () => {
  type(before(), '40 44');
  expect(screen.getByRole('alert').textContent).toBe('2 counts stand here; the design has 3 sizes.');
  expect(before().getAttribute('aria-invalid')).toBe('true');
  type(before(), '40, 44, 48');
  expect(screen.queryByRole('alert')).toBeNull();
});

it('reads the terms that the pattern is read in', () => {
  const text = 'Row 1: htr in each st across. (40, 44, 48)';
  type(before(), '40 44 48');
  type(rows(), text);
  expect(said()).not.toContain('every count is right');
  type(rows(), '');
  act(() => useView.setState({ terms: 'uk' }));
  type(rows(), text);
  expect(said()).toContain('every count is right');
});
