import { newDesign } from '@upfell/core';
import { differences } from './differences';

it('names the fields that differ, by the ids of sizes and fabrics', () => {
  const mine = newDesign('Mine');
  const theirs = {
    ...newDesign('Mine'),
    garment: { ...mine.garment, ease: 14 },
    sizes: [{ ...mine.sizes[0]!, body: { bust: 88 } }, ...mine.sizes.slice(1)],
  };
  expect(differences(mine, theirs)).toEqual([
    { path: 'sizes › S › body › bust', mine: '86', theirs: '88' },
    { path: 'garment › ease', mine: '10', theirs: '14' },
  ]);
});

it('shows what only one side has', () => {
  expect(differences({ a: 1 }, { a: 1, b: null })).toEqual([{ path: 'b', mine: '–', theirs: 'none' }]);
  expect(differences({ a: 1 }, { a: 1 })).toEqual([]);
});
