import { render, screen, within } from '@testing-library/react';
import { USUAL_STYLE, type Line } from '@upfell/core';
import { PatternLine } from './PatternLine';

const SIZES = ['S', 'M', 'L'];
const shown = (line: Line, lit: number, style = USUAL_STYLE) =>
  render(<PatternLine line={line} text={{ sizes: SIZES, style }} lit={lit} drawing={undefined} />).container;

const ROWS: Line = [
  'Row',
  's ',
  { each: ['2–36', '2–35', '2–34'] },
  ': hdc in each st; turn. (',
  { each: ['72', '78', '86'] },
  ' sts)',
];

it('reads as one sentence, the figures of the chosen size lit', () => {
  const container = shown(ROWS, 1);
  expect(container.textContent).toBe('Rows 2–36 (2–35, 2–34): hdc in each st; turn. (72 (78, 86) sts)');
  expect([...container.querySelectorAll('.text-agreed')].map((one) => one.textContent)).toEqual([
    '2–35',
    '78',
  ]);
});

it('sets figures as the house does', () => {
  expect(shown(ROWS, 0, { ...USUAL_STYLE, sizes: 'slashes' }).textContent).toContain('(72/78/86 sts)');
});

it('makes the name of a row stand out', () => {
  const { tagName, textContent } = shown(['Row', ' 1 (RS): hdc in each ch.'], 0).querySelector('strong')!;
  expect([tagName, textContent]).toEqual(['STRONG', 'Row 1 (RS)']);
});

it('has its table below it, with heads for screen readers and the chosen column lit', () => {
  shown(
    [
      'Work increase rows as the table says.',
      { head: 'increase in row', rows: [{ label: 'first', each: ['5', '4', '–'] }] },
    ],
    2,
  );
  const table = screen.getByRole('table');
  expect(
    within(table)
      .getAllByRole('columnheader')
      .map((one) => one.textContent),
  ).toEqual(['increase in row', ...SIZES]);
  expect(within(table).getByRole('rowheader').textContent).toBe('first');
  const cells = within(table).getAllByRole('cell');
  expect(cells.map((one) => one.textContent)).toEqual(['5', '4', '–']);
  expect(cells.map((one) => one.className.includes('text-agreed'))).toEqual([false, false, true]);
});

it('stands beside its drawing', () => {
  const { container } = render(
    <PatternLine
      line={['sc: insert the hook.']}
      text={{ sizes: SIZES, style: USUAL_STYLE }}
      lit={0}
      drawing={{ svg: '<svg role="img" aria-label="symbol"></svg>', line: 0, isSymbol: true } as never}
    />,
  );
  expect(container.querySelector('svg')).not.toBeNull();
  expect(container.querySelector('strong')!.textContent).toBe('sc');
});
