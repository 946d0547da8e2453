import { newDesign, readDesign, STANDARD_CHARTS } from '@upfell/core';
import { askedOf, designOf, sizesOf, type Wish } from './wish';

const { id, chart } = STANDARD_CHARTS[0]!;
const wish: Wish = {
  name: '',
  from: null,
  construction: 'raglan',
  fields: {},
  whom: { kind: 'as it is' },
  what: { kind: 'as it is' },
  sits: null,
};

it('begins with nothing said at all', () => {
  const design = designOf(wish);
  expect(design.name).toBe('New raglan');
  expect(readDesign(JSON.parse(JSON.stringify(design)))).toMatchObject({ ok: true });
});

it('takes a part of a chart, and remembers the chart', () => {
  const design = designOf({ ...wish, whom: { kind: 'chart', id, chart, first: 1, last: 3 } });
  expect(design.sizes).toEqual(chart.sizes.slice(1, 4));
  expect(design.chart).toMatchObject({ id, name: chart.name });
});

it('makes a size of each person who has a measure, with an id of its own', () => {
  const people = [
    { name: 'Ines', group: 'adult' as const, body: { bust: 104 } },
    { name: 'Ines', group: 'child' as const, body: { height: 120 } },
    { name: '', group: 'adult' as const, body: { hip: 100 } },
    { name: 'Nobody', group: 'adult' as const, body: {} },
  ];
  const sizes = sizesOf({ kind: 'people', people })!;
  expect(sizes.map(({ id: own, label }) => [own, label])).toEqual([
    ['Ines', 'Ines'],
    ['Ines-2', 'Ines'],
    ['Person-3', 'Person 3'],
  ]);
  expect(sizesOf({ kind: 'people', people: [people[3]!] })).toBeUndefined();
});

it('takes an ease of one’s own rather than a class', () => {
  expect(designOf({ ...wish, sits: 'loose', ease: 15.24 }).garment['ease']).toBe(15.24);
  expect('ease' in designOf({ ...wish, construction: 'poncho', ease: 3 }).garment).toBe(false);
});

it('keeps what a design has that it is begun from', () => {
  const from = { ...newDesign('Oak'), graded: false };
  const design = designOf({ ...wish, from, construction: 'drop-shoulder', name: 'Ash' });
  expect(design).toMatchObject({ name: 'Ash', graded: false, fabrics: from.fabrics, sizes: from.sizes });
});

it('begins in a usual yarn that says it is not swatched yet', () => {
  const [fabric] = designOf({ ...wish, what: { kind: 'later', yarn: 'bulky' } }).fabrics;
  expect(fabric).toMatchObject({ id: 'body', estimated: true, hook: 8 });
});

it('asks only what a construction has', () => {
  expect(askedOf('raglan').map(({ label }) => label)).toEqual(['Front', 'Neck', 'Sleeves']);
  expect(askedOf('vest').map(({ label }) => label)).toEqual(['Front', 'Neck']);
  expect(askedOf('poncho')).toEqual([]);
});
