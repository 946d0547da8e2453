import { fireEvent, render, screen } from '@testing-library/react';
import { newDesign, type Design } from '@upfell/core';
import { openDocument, useDesign } from '../state/designStore';
import { LengthField } from './fields';

function Ease() {
  const document = useDesign((state) => state.document) as Design;
  return (
    <LengthField
      path="garment.ease"
      label="Ease"
      cm={document.garment['ease'] as number}
      put={(draft, cm) => void (draft.garment['ease'] = cm)}
    />
  );
}

const input = () => screen.getByLabelText<HTMLInputElement>('Ease');
const type = (text: string) => fireEvent.change(input(), { target: { value: text } });
const ease = () => useDesign.getState().document!.garment['ease'];

beforeEach(() => {
  openDocument('one', newDesign('Test'));
  render(<Ease />);
});

it('takes a length in any unit as it is typed', () => {
  type('5 1/2 in');
  expect(ease()).toBeCloseTo(13.97);
  expect(input().value).toBe('5 1/2 in');
  fireEvent.blur(input());
  expect(input().value).toBe('13.97');
});

it('takes a fraction of an inch key by key', () => {
  type('');
  for (const key of '5 1/2 in') type(input().value + key);
  expect(input().value).toBe('5 1/2 in');
  expect(ease()).toBeCloseTo(13.97);
});

it.each([
  ['wide', /“wide” is not a length/],
  ['', /A length is missing here/],
  ['900', /it can be -40 to 80 cm/],
])('keeps “%s” in the field with a sentence and changes nothing', (text, sentence) => {
  type(text);
  expect(ease()).toBe(10);
  expect(input().value).toBe(text);
  expect(screen.getByRole('alert').textContent).toMatch(sentence);
  expect(input().getAttribute('aria-invalid')).toBe('true');
});

it('puts back the last good figure with Escape', () => {
  type('wide');
  fireEvent.keyDown(input(), { key: 'Escape' });
  expect(input().value).toBe('10');
  expect(screen.queryByRole('alert')).toBeNull();
});

it('does not keep what was good on the way to a text that is not', () => {
  fireEvent.focus(input());
  type('9');
  expect(ease()).toBe(9);
  type('99999');
  expect(ease()).toBe(10);
  expect(input().value).toBe('99999');
});
