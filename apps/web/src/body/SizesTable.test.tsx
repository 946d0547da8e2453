import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { newDesign, originOf, STANDARD_CHARTS, type Design } from '@upfell/core';
import { openDocument, undo, useDesign } from '../state/designStore';
import { toggleHidden, turnSizes, useView } from '../state/view';
import type { SheetPlace } from '../ui/sheet/sheetBlock';
import { MeasurementHelp, SizesTable } from './SizesTable';
import { SizesToolbar } from './SizesToolbar';

globalThis.PointerEvent ??= MouseEvent as unknown as typeof PointerEvent;

function Sizes() {
  const [place, setPlace] = useState<SheetPlace>({ row: 2, column: 0, toRow: 2, toColumn: 0 });
  return <SizesTable place={place} onPlace={setPlace} />;
}
const women = STANDARD_CHARTS[0]!;
const design = (): Design => ({
  ...newDesign('Test'),
  sizes: women.chart.sizes.slice(0, 4),
  chart: originOf(women.id, women.chart),
});
const sizes = () => useDesign.getState().document!.sizes;
const cell = (name: string) => document.querySelector<HTMLElement>(`[data-cell="${name}"]`)!;
const choose = (name: string) => fireEvent.pointerDown(cell(name), { button: 0 });
const type = (text: string) => {
  fireEvent.keyDown(screen.getByRole('grid'), { key: text[0] });
  fireEvent.change(screen.getByRole('textbox'), { target: { value: text } });
};
const done = () => fireEvent.keyDown(screen.getByRole('textbox'), { key: 'Enter' });
const paste = (text: string) =>
  fireEvent.paste(screen.getByRole('grid'), { clipboardData: { getData: () => text } });

beforeEach(() => {
  Element.prototype.scrollIntoView = jest.fn();
  useView.setState({ hidden: [], sizesAcross: true, lit: null, size: null });
  openDocument('one', design());
});

describe('the table of sizes', () => {
  beforeEach(() => void render(<Sizes />));

  it('puts a typed length into the body, and marks what differs from the chart', () => {
    choose('bust M');
    type('95,5');
    done();
    expect(sizes()[2]!.body.bust).toBe(95.5);
    expect(cell('bust M').querySelector('[aria-label="differs from the chart"]')).not.toBeNull();
    expect(cell('bust S').querySelector('[aria-label="differs from the chart"]')).toBeNull();
  });

  it('shows derived figures for what is missing, and takes an emptied one out', () => {
    expect(sizes()[0]!.body.neck).toBeUndefined();
    expect(cell('neck XS').textContent).toMatch(/^\d+\.\d$/);
    choose('waist XS');
    fireEvent.keyDown(screen.getByRole('grid'), { key: 'Delete' });
    expect(sizes()[0]!.body.waist).toBeUndefined();
    expect(cell('waist XS').className).toContain('italic');
  });

  it('keeps an unfit text with its sentence, and the body as it was before it', () => {
    const before = sizes()[1]!.body.bust;
    choose('bust S');
    type('9');
    fireEvent.change(screen.getByRole('textbox'), { target: { value: '95' } });
    fireEvent.change(screen.getByRole('textbox'), { target: { value: '95x' } });
    done();
    expect([cell('bust S').textContent, sizes()[1]!.body.bust]).toEqual(['95x', before]);
    expect(cell('bust S').getAttribute('title')).toMatch(/not a length/);
    choose('bust S');
    fireEvent.keyDown(screen.getByRole('grid'), { key: 'Escape' });
    expect([cell('bust S').textContent, useDesign.getState().drafts]).toEqual([String(before), {}]);
  });

  it('takes a pasted block as one step of undo, and names and groups with it', () => {
    const before = sizes();
    choose('name XS');
    paste('Tiny\tSmall\nadult\tchild\n70\t80');
    expect(
      sizes()
        .slice(0, 2)
        .map(({ label, group, body }) => [label, group, body.bust]),
    ).toEqual([
      ['Tiny', 'adult', 70],
      ['Small', 'child', 80],
    ]);
    act(undo);
    expect(sizes()).toEqual(before);
  });

  it('lights the measurement of the active cell, and chooses its size', () => {
    choose('hip L');
    expect(useView.getState()).toMatchObject({ lit: 'hip', size: 'L' });
    choose('name L');
    expect(useView.getState().lit).toBeNull();
  });
});

it('leaves out measurements, and lies the other way', () => {
  const { rerender } = render(<Sizes />);
  act(() => toggleHidden('hip'));
  rerender(<Sizes />);
  expect([cell('hip M'), cell('waist M')]).toEqual([null, expect.anything()]);
  act(turnSizes);
  rerender(<Sizes />);
  expect(cell('M waist').textContent).toBe(String(sizes()[2]!.body.waist));
});

it('reads in inches where the design does', () => {
  openDocument('one', { ...design(), units: 'in' });
  render(<Sizes />);
  choose('bust M');
  type('37 1/2');
  done();
  expect(sizes()[2]!.body.bust).toBe(95.25);
  expect(cell('bust M').textContent).toBe('37 1/2');
});

describe('the toolbar', () => {
  it('adds a size one step above the last, and removes the chosen with its held counts', () => {
    openDocument('one', { ...design(), pins: [{ size: 'XS', quantity: 'back.width', count: 70 }] });
    render(<SizesToolbar lit="bust" from={0} to={0} />);
    fireEvent.click(screen.getByText('Size'));
    expect(sizes().at(-1)).toMatchObject({ id: 'size-5', body: { bust: 114 } });
    act(() => useView.setState({ size: 'XS' }));
    fireEvent.click(screen.getByLabelText(/^Remove/));
    expect([sizes().map(({ id }) => id), useDesign.getState().document!.pins]).toEqual([
      ['S', 'M', 'L', 'size-5'],
      [],
    ]);
  });

  it('fills a measurement by a step, and says what is missing', () => {
    render(<SizesToolbar lit="wrist" from={0} to={0} />);
    fireEvent.click(screen.getByText('Fill'));
    const field = screen.getByLabelText(/Each size more by/);
    fireEvent.change(field, { target: { value: '0,5' } });
    fireEvent.submit(field.closest('form')!);
    expect(screen.getByRole('alert').textContent).toMatch(/no figure to begin from/);
    act(() =>
      openDocument('one', {
        ...design(),
        sizes: design().sizes.map((size, i) =>
          i === 0 ? { ...size, body: { ...size.body, wrist: 14 } } : size,
        ),
      }),
    );
    fireEvent.submit(screen.getByLabelText(/Each size more by/).closest('form')!);
    expect(sizes().map(({ body }) => body.wrist)).toEqual([14, 14.5, 15, 15.5]);
  });

  it('orders the sizes by their bust', () => {
    openDocument('one', { ...design(), sizes: [...design().sizes].reverse() });
    render(<SizesToolbar lit={null} from={0} to={0} />);
    fireEvent.click(screen.getByText('By bust'));
    expect(sizes().map(({ id }) => id)).toEqual(['XS', 'S', 'M', 'L']);
  });
});

it('says how a measurement is taken, and by which rule a missing one is derived', () => {
  const [size] = sizes();
  const { rerender } = render(<MeasurementHelp size={size!} lit={null} />);
  expect(screen.getByText(/Choose a measurement/)).toBeTruthy();
  rerender(<MeasurementHelp size={size!} lit="neck" />);
  expect(screen.getByText(/Around the base of the neck/)).toBeTruthy();
  expect(screen.getByTestId('derived').textContent).toMatch(/derived: 12 % of bust or chest plus 25.0 cm/);
});
