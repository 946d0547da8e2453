import type { Entry } from '@upfell/core';
import { pieceInHand, progressOfAll } from './progress';

const keys = (many: number) => Array.from({ length: many }, (_, i) => `main\u0000${i + 1}`);
const view = {
  pieces: [
    { id: 'back', label: 'Back', copies: 1, keys: keys(3), begunWith: 3, stitches: 300 },
    { id: 'sleeve', label: 'Sleeve', copies: 2, keys: keys(2), begunWith: 2, stitches: 50 },
  ],
};
const row = (piece: string, n: number, copy = 1): Entry => ({
  id: `${piece}${copy}${n}`,
  at: `2026-01-05T18:0${n}:00Z`,
  kind: 'row',
  piece,
  copy,
  part: 'main',
  n,
});

describe('progress', () => {
  it('is told for each copy, with its share of the yarn', () => {
    expect(progressOfAll(view, [row('back', 1), row('back', 2), row('sleeve', 1, 2)])).toEqual([
      { piece: 'back', copy: 1, label: 'Back', worked: 2, all: 3, share: 0.75 },
      { piece: 'sleeve', copy: 1, label: 'Sleeve 1', worked: 0, all: 2, share: 0.125 },
      { piece: 'sleeve', copy: 2, label: 'Sleeve 2', worked: 1, all: 2, share: 0.125 },
    ]);
  });

  it.each([
    ['the first piece where nothing is worked', [], 'Back'],
    ['the piece of the last tick while it has rows', [row('back', 1)], 'Back'],
    ['the next piece when that is done', [row('back', 1), row('back', 2), row('back', 3)], 'Sleeve 1'],
    ['the second of a pair after the first', [row('sleeve', 1), row('sleeve', 2)], 'Sleeve 2'],
    ['what was left behind when nothing follows', [row('sleeve', 1, 2), row('sleeve', 2, 2)], 'Back'],
  ])('has in hand %s', (_, entries, label) => {
    expect(pieceInHand(progressOfAll(view, entries), entries)?.label).toBe(label);
  });
});
