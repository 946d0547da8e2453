import { act, fireEvent, render, screen } from '@testing-library/react';
import fc from 'fast-check';
import Papa from 'papaparse';
import { useState } from 'react';
import { Sheet } from './Sheet';
import { chosenBlock, pastedCells, type SheetChange, type SheetPlace } from './sheetBlock';

const rows = ['bust', 'waist', 'hip'].map((id) => ({ id, label: id }));
const columns = ['S', 'M', 'L'].map((id) => ({ id, label: id }));
let edits: { changes: readonly SheetChange[]; typing: boolean }[];
let reverted: string[];

/** A sheet over plain texts; "bad" is no good anywhere. */
function Sample() {
  const [place, setPlace] = useState<SheetPlace>({ row: 0, column: 0, toRow: 0, toColumn: 0 });
  const [texts, setTexts] = useState<Record<string, string>>({ 'bust S': '84', 'bust M': '94' });
  return (
    <Sheet
      label="Sizes"
      corner="cm"
      rows={rows}
      columns={columns}
      place={place}
      onPlace={setPlace}
      cell={(row, column) => {
        const text = texts[`${row} ${column}`] ?? '';
        return { text, placeholder: 'derived', trouble: text === 'bad' ? 'no length' : undefined };
      }}
      onEdit={(changes, typing) => {
        edits.push({ changes, typing });
        setTexts((now) => ({
          ...now,
          ...Object.fromEntries(changes.map(({ row, column, text }) => [`${row} ${column}`, text])),
        }));
      }}
      onRevert={(row, column) => reverted.push(`${row} ${column}`)}
    />
  );
}

const grid = () => screen.getByRole('grid');
const active = () => document.getElementById(grid().getAttribute('aria-activedescendant')!)!;
const cell = (name: string) => document.querySelector<HTMLElement>(`[data-cell="${name}"]`)!;
const key = (name: string, more: object = {}) => fireEvent.keyDown(grid(), { key: name, ...more });
const clipboard = (text = '') => ({ clipboardData: { getData: () => text, setData: jest.fn() } });

// jsdom has no pointer events of its own.
globalThis.PointerEvent ??= MouseEvent as unknown as typeof PointerEvent;

beforeEach(() => {
  edits = [];
  reverted = [];
  Element.prototype.scrollIntoView = jest.fn();
  render(<Sample />);
});

it('moves by arrows, Home and End, and stays inside', () => {
  key('ArrowUp');
  key('ArrowLeft');
  expect(active().dataset['cell']).toBe('bust S');
  key('ArrowDown');
  key('End');
  expect(active().dataset['cell']).toBe('waist L');
  key('Home', { ctrlKey: true });
  expect(active().dataset['cell']).toBe('bust S');
});

it('types over a cell key by key, and goes on below with Enter', () => {
  key('9');
  const input = screen.getByLabelText<HTMLInputElement>('bust, S');
  expect(input.value).toBe('9');
  fireEvent.change(input, { target: { value: '96' } });
  expect(edits).toEqual([
    { changes: [{ row: 'bust', column: 'S', text: '9' }], typing: true },
    { changes: [{ row: 'bust', column: 'S', text: '96' }], typing: true },
  ]);
  fireEvent.keyDown(input, { key: 'Enter' });
  expect([cell('bust S').textContent, active().dataset['cell']]).toEqual(['96', 'waist S']);
});

it('opens with F2 at what stands there, moves with Tab, and puts back with Escape', () => {
  key('F2');
  const input = screen.getByLabelText<HTMLInputElement>('bust, S');
  expect(input.value).toBe('84');
  fireEvent.keyDown(input, { key: 'Tab' });
  expect(active().dataset['cell']).toBe('bust M');
  key('x');
  fireEvent.keyDown(screen.getByLabelText('bust, M'), { key: 'Escape' });
  expect(reverted).toEqual(['bust M']);
  expect(screen.queryByRole('textbox')).toBeNull();
});

it('clears, copies and pastes the chosen block', () => {
  key('ArrowRight', { shiftKey: true });
  key('ArrowDown', { shiftKey: true });
  const copied = clipboard();
  fireEvent.copy(grid(), copied);
  expect(copied.clipboardData.setData).toHaveBeenCalledWith('text/plain', '84\t94\r\n\t');
  key('Delete');
  expect(edits.at(-1)!.changes.map(({ row, column, text }) => `${row} ${column}=${text}`)).toEqual([
    'bust S=',
    'bust M=',
    'waist S=',
    'waist M=',
  ]);
  fireEvent.pointerDown(cell('waist M'), { button: 0 });
  fireEvent.paste(grid(), clipboard('70\t80\t90\n71\t81\n'));
  expect(edits.at(-1)).toEqual({
    typing: false,
    changes: [
      { row: 'waist', column: 'M', text: '70' },
      { row: 'waist', column: 'L', text: '80' },
      { row: 'hip', column: 'M', text: '71' },
      { row: 'hip', column: 'L', text: '81' },
    ],
  });
});

it('chooses by dragging and with Shift and a click', () => {
  fireEvent.pointerDown(cell('bust S'), { button: 0 });
  fireEvent.pointerEnter(cell('waist M'), { buttons: 1 });
  const chosen = () => screen.getAllByRole('gridcell', { selected: true }).length;
  expect(chosen()).toBe(4);
  fireEvent.pointerUp(window);
  fireEvent.pointerDown(cell('hip L'), { button: 0, shiftKey: true });
  expect(chosen()).toBe(9);
});

it('shows what is missing as derived and what is wrong with its sentence', () => {
  expect(cell('hip L').textContent).toBe('derived');
  key('b');
  fireEvent.change(screen.getByRole('textbox'), { target: { value: 'bad' } });
  expect(screen.getByRole('textbox').getAttribute('title')).toBe('no length');
  fireEvent.keyDown(screen.getByRole('textbox'), { key: 'Enter' });
  expect(cell('bust S').getAttribute('aria-invalid')).toBe('true');
});

it('takes what an instrument drops into the active cell', () => {
  key('ArrowDown');
  act(() => void grid().dispatchEvent(new CustomEvent('reading', { detail: '71.5 cm' })));
  expect(edits).toEqual([{ changes: [{ row: 'waist', column: 'S', text: '71.5 cm' }], typing: false }]);
});

it('reads back any block that a spreadsheet copies', () => {
  const text = fc.string({ maxLength: 12 }).map((one) => one.replace(/[\r\n]/g, ' ').trim());
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 5 }),
      fc.integer({ min: 2, max: 5 }),
      fc.array(text, { minLength: 25, maxLength: 25 }),
      (height, width, pool) => {
        const cells = Array.from({ length: height }, (_, r) =>
          Array.from({ length: width }, (_, c) => pool[r * width + c] ?? ''),
        );
        expect(pastedCells(`${Papa.unparse(cells, { delimiter: '\t', newline: '\n' })}\n`)).toEqual(cells);
      },
    ),
  );
});

it('knows the block between two corners, whichever way it was chosen', () => {
  expect(chosenBlock({ row: 3, column: 1, toRow: 1, toColumn: 4 })).toEqual({
    top: 1,
    bottom: 3,
    left: 1,
    right: 4,
  });
});
