import type { ShelfEntry } from '@upfell/core';
import { choicesOf, found, type Wanted } from './find';

const entry = (name: string, more: Partial<ShelfEntry> = {}): ShelfEntry => ({
  id: name,
  name,
  revision: 1,
  updatedAt: '2026-01-01T00:00:00.000Z',
  construction: 'raglan',
  label: 'Raglan',
  sizes: ['S', 'M'],
  groups: ['adult'],
  fabrics: ['Plain hdc'],
  ...more,
});
const shelf = [
  entry('Oak pullover 10'),
  entry('Oak pullover 2', { construction: 'drop-shoulder', label: 'Drop shoulder' }),
  entry('Ash cardigan', { groups: ['child'], sizes: ['2 years'], fabrics: ['Mesh', 'Plain hdc'] }),
];
const all: Wanted = { words: '', construction: '', group: '', fabric: '', sort: 'changed' };
const names = (wanted: Partial<Wanted>) => found(shelf, { ...all, ...wanted }).map(({ name }) => name);

it.each<[Partial<Wanted>, string[]]>([
  [{}, ['Oak pullover 10', 'Oak pullover 2', 'Ash cardigan']],
  [{ words: 'PULLOVER oak' }, ['Oak pullover 10', 'Oak pullover 2']],
  [{ words: 'children mesh' }, ['Ash cardigan']],
  [{ words: 'no such thing' }, []],
  [{ construction: 'drop-shoulder' }, ['Oak pullover 2']],
  [{ group: 'child' }, ['Ash cardigan']],
  [{ fabric: 'Mesh' }, ['Ash cardigan']],
  [{ sort: 'name' }, ['Ash cardigan', 'Oak pullover 2', 'Oak pullover 10']],
  [{ sort: 'construction' }, ['Oak pullover 2', 'Ash cardigan', 'Oak pullover 10']],
])('%j finds %j', (wanted, expected) => expect(names(wanted)).toEqual(expected));

it('leaves the list that it is given as it is', () => {
  const before = [...shelf];
  names({ sort: 'name' });
  expect(shelf).toEqual(before);
});

it('offers only what is on the shelf', () => {
  expect(choicesOf(shelf)).toEqual({
    constructions: [
      ['drop-shoulder', 'Drop shoulder'],
      ['raglan', 'Raglan'],
    ],
    groups: ['adult', 'child'],
    fabrics: ['Mesh', 'Plain hdc'],
  });
});
