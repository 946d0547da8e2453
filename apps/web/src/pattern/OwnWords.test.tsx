import { act, fireEvent, render, screen } from '@testing-library/react';
import { newDesign } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { AddWords, OwnWords, WordsEditor, WordsField } from './OwnWords';

const words = () => useDesign.getState().document!.words;
const sentences = () => words()?.sentences ?? [];

beforeEach(() => {
  openDocument('one', newDesign('Test'));
});

it('adds a sentence to a section and opens it', () => {
  const onEdit = jest.fn();
  render(<AddWords section="back" heading="Back" onEdit={onEdit} />);
  fireEvent.click(screen.getByRole('button', { name: 'Add your own words to Back' }));
  expect(sentences()).toEqual([{ section: 'back', text: '' }]);
  expect(onEdit).toHaveBeenCalledWith(0);
});

describe('a sentence', () => {
  const onDone = jest.fn();
  const lines = ['Ch 81.', 'Row 1: even', 'Row 2: even'].map((start) => ({
    start,
    meaning: start.replace(/\d+/, '#'),
  }));
  beforeEach(() => {
    onDone.mockClear();
    openDocument('one', {
      ...newDesign('Test'),
      words: { sentences: [{ section: 'back', text: 'Mind the edge.' }] },
    });
    render(
      <WordsEditor
        sentence={{ text: 'Mind the edge.', at: 0, line: null }}
        at={0}
        heading="Back"
        lines={lines}
        onDone={onDone}
      />,
    );
  });

  it('is changed as it is typed, in one step of undo', () => {
    const field = screen.getByLabelText('Your own words in Back');
    fireEvent.change(field, { target: { value: 'Mind both' } });
    fireEvent.change(field, { target: { value: 'Mind both edges.' } });
    expect(sentences()[0]!.text).toBe('Mind both edges.');
    act(undo);
    expect(sentences()[0]!.text).toBe('Mind the edge.');
  });

  it('stands where it is put: after a line, at the beginning or at the end', () => {
    const place = screen.getByLabelText('They stand');
    fireEvent.change(place, { target: { value: '2' } });
    expect(sentences()[0]!.line).toBe(2);
    fireEvent.change(place, { target: { value: '0' } });
    expect(sentences()[0]!.line).toBe(0);
    fireEvent.change(place, { target: { value: 'end' } });
    expect(sentences()[0]).toEqual({ section: 'back', text: 'Mind the edge.' });
    expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
      'at the end',
      'at the beginning',
      'after “Ch 81. …”',
      'after “Row 1: even …”',
    ]);
  });

  it('is gone when it is left empty', () => {
    const field = screen.getByLabelText('Your own words in Back');
    fireEvent.change(field, { target: { value: '  ' } });
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(onDone).toHaveBeenCalledTimes(1);
    expect(sentences()).toEqual([]);
  });

  it('stays when the editor is only closed', () => {
    fireEvent.keyDown(screen.getByLabelText('Your own words in Back'), { key: 'Escape' });
    expect(sentences()).toHaveLength(1);
  });
});

it('is changed where it is printed, unless the program says it', () => {
  const onEdit = jest.fn();
  const { rerender } = render(
    <OwnWords sentence={{ text: 'Mind the edge.', at: 3, line: null }} heading="Back" onEdit={onEdit} />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Change your own words in Back' }));
  expect(onEdit).toHaveBeenCalledWith(3);
  rerender(
    <OwnWords sentence={{ text: 'Mind the edge.', at: null, line: null }} heading="Back" onEdit={onEdit} />,
  );
  expect(screen.queryByRole('button')).toBeNull();
});

it('writes an introduction, and leaves none where nothing is written', () => {
  render(<WordsField field="intro" label="introduction" />);
  fireEvent.click(screen.getByRole('button', { name: 'Write introduction' }));
  const field = screen.getByLabelText('introduction');
  fireEvent.change(field, { target: { value: 'A pullover for cold mornings.' } });
  expect(words()?.intro).toBe('A pullover for cold mornings.');
  fireEvent.change(field, { target: { value: '' } });
  expect(words()).toEqual({});
  fireEvent.keyDown(field, { key: 'Escape' });
  expect(screen.getByRole('button', { name: 'Write introduction' })).toBeTruthy();
});
