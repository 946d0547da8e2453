import { dropReading, typedReading } from './useInstruments';

const tape = (value: number, unit: 'cm' | 'in' = 'cm') => ({
  instrument: 'tape' as const,
  value,
  unit,
  name: 't',
});
const scale = (value: number, unit: 'g' | 'oz' = 'g') => ({
  instrument: 'scale' as const,
  value,
  unit,
  name: 's',
});

function field(attributes: Record<string, string>): HTMLInputElement {
  const input = document.createElement('input');
  for (const [name, value] of Object.entries(attributes)) input.setAttribute(name, value);
  document.body.replaceChildren(input);
  input.focus();
  return input;
}

it('types lengths with their unit, weights in grams', () => {
  expect([typedReading(tape(96.04)), typedReading(tape(37.5, 'in'))]).toEqual(['96.04 cm', '37.5 in']);
  expect([typedReading(scale(12.34)), typedReading(scale(1, 'oz'))]).toEqual(['12.3', '28.3']);
});

it.each([
  ['a length', { 'data-kind': 'length', 'data-path': 'garment.ease' }, tape(12), '12 cm'],
  ['a cell', { 'data-cell-input': '' }, tape(96), '96 cm'],
  ['a weight', { 'data-path': 'fabrics[0].swatch.grams' }, scale(12.5), '12.5'],
  ['a field that asks for a tape', { 'data-instrument': 'tape' }, tape(10), '10 cm'],
])('drops a reading into %s as if it were typed', (_, attributes, reading, text) => {
  const input = field(attributes);
  const typed = jest.fn();
  input.addEventListener('input', typed);
  expect([dropReading(reading), input.value, typed.mock.calls.length]).toEqual([true, text, 1]);
});

it.each([
  ['a weight into a length', { 'data-kind': 'length', 'data-path': 'garment.ease' }, scale(5)],
  ['a length into a weight', { 'data-path': 'fabrics[0].swatch.grams' }, tape(5)],
  ['anything into a name', { 'data-path': 'fabrics[0].name' }, tape(5)],
])('does not drop %s', (_, attributes, reading) => {
  const input = field(attributes);
  expect([dropReading(reading), input.value]).toEqual([false, '']);
});

it('does not drop a reading where nothing has the focus', () => {
  document.body.replaceChildren();
  expect(dropReading(tape(5))).toBe(false);
});

it('drops a length into the active cell of a table', () => {
  const grid = document.createElement('div');
  grid.setAttribute('role', 'grid');
  grid.tabIndex = 0;
  document.body.replaceChildren(grid);
  grid.focus();
  const heard: string[] = [];
  grid.addEventListener('reading', (event) => heard.push((event as CustomEvent<string>).detail));
  expect([dropReading(tape(71)), dropReading(scale(3))]).toEqual([true, false]);
  expect(heard).toEqual(['71 cm']);
});
