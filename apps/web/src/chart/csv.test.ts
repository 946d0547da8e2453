import fc from 'fast-check';
import { matchColumns, readTable, STANDARD_CHARTS, type ChartSize } from '@upfell/core';
import { sizesCsv, csvRows } from './csv';

const back = (text: string) => {
  const rows = csvRows(text);
  return readTable(rows, matchColumns(rows[0]!).meanings, 'cm');
};
const withLabel = (label: string): ChartSize[] => [{ id: 'a', label, group: 'adult', body: { bust: 96.5 } }];

it.each(STANDARD_CHARTS)('reads $id back from its CSV', ({ chart }) => {
  const read = back(sizesCsv(chart.sizes, 'cm'));
  expect(read.ok && read.sizes.map(({ body }) => body)).toEqual(chart.sizes.map(({ body }) => body));
});

it('reads names with commas, quotes and lines back (RFC 4180)', () => {
  const label = fc
    .string({ minLength: 1, maxLength: 30 })
    .filter((text) => text.trim() === text && !/^[=+\-@\t\r'"]/.test(text) && text !== '');
  fc.assert(
    fc.property(label, (text) => {
      const read = back(sizesCsv(withLabel(text), 'cm'));
      expect(read.ok && read.sizes[0]!.label).toBe(text);
    }),
  );
});

it('makes what a spreadsheet would take for a formula plain text', () => {
  for (const sign of ['=', '+', '-', '@'])
    expect(sizesCsv(withLabel(`${sign}1+1`), 'cm')).toContain(`"'${sign}1+1"`.replace(/^"|"$/g, ''));
});

it.each([
  ['semicolons and decimal commas', 'Size;Bust;Hip\r\nM;96,5;104\r\n'],
  ['tabs', 'Size\tBust\tHip\nM\t96.5\t104\n'],
  ['a byte-order mark', '\uFEFFSize,Bust,Hip\nM,96.5,104\n'],
  ['quoted cells', '"Size","Bust","Hip"\n"M","96.5","104"\n'],
  ['empty lines', 'Size,Bust,Hip\n\nM,96.5,104\n\n'],
])('reads %s', (_, text) => {
  expect(back(text)).toMatchObject({ ok: true, sizes: [{ label: 'M', body: { bust: 96.5, hip: 104 } }] });
});
