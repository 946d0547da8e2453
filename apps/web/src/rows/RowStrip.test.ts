import { passageInShort, plan, rowsOf } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { rowCounts, shapesOf } from './shapedPassages';

it('shows for every shaped row the count that was worked, in every demo design and size', () => {
  for (const name of [
    'brackenlow-pullover',
    'puddlestone-jumper',
    'tansyfield-for-ines',
    'wrenmoss-baby-pullover',
  ]) {
    for (const { pieces } of plan(demoDesign(name)).sizes)
      for (const piece of pieces)
        for (const { passage, first, part } of shapesOf(piece)) {
          const worked = rowsOf(piece.runs).filter((row) => row.part === part && row.n >= first);
          expect(rowCounts(passage, first).map(({ n, count }) => [n, count])).toEqual(
            worked.map(({ n, count }) => [n, count]),
          );
          expect(passageInShort(passage, (id) => id)).toContain(`${passage.schedule.end} stitches`);
        }
  }
});
