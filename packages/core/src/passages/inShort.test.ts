import { plan } from '../plan.js';
import type { SizePlan } from '../sizePlan.js';
import { demoDesigns } from '../testing/designs.js';
import type { PassageOf } from './passage.js';
import { passageInShort } from './registry.js';

const taperOf = ({ pieces }: SizePlan) =>
  pieces
    .find(({ role }) => role === 'sleeve')!
    .passages.find((passage): passage is PassageOf<'shape'> => passage.kind === 'shape')!;

describe('passages in short', () => {
  it('tells rows that follow each other with the same amount together', () => {
    const steps = (rows: readonly number[], amounts: readonly number[]) =>
      passageInShort(
        {
          kind: 'shape',
          part: 'main',
          to: 60,
          where: { at: 'one edge', side: 'left', edge: 'the neck edge' },
          of: {},
          schedule: {
            start: 30,
            end: 30 - amounts.reduce((sum, amount) => sum + amount, 0),
            perEvent: 1,
            direction: -1,
            events: rows,
            amounts,
            after: 40,
            room: { first: 41, last: 60, everyRow: 1 },
            rates: [],
            order: 'curve',
          },
        },
        (id) => id,
      );
    expect(steps([41, 42, 43, 45, 50], [5, 1, 1, 1, 1])).toBe(
      'Take off at the neck edge 5 in row 41, 1 in rows 42–43, 45, 50: 30 to 21 stitches, to row 60',
    );
    expect(steps([41, 44, 46], [2, 2, 3])).toContain('2 in rows 41, 44, 3 in row 46');
  });

  it('say every passage of every piece, with the figures of its rows', () => {
    const design = demoDesigns()['fernhollow-layer']!;
    for (const { pieces } of plan(design).sizes)
      for (const piece of pieces)
        for (const passage of piece.passages) {
          const said = passageInShort(passage, (id) => id);
          expect(said.length).toBeGreaterThan(8);
          if (passage.kind === 'shape') expect(said).toContain(`${passage.schedule.end} stitches`);
          if (passage.kind === 'even') expect(said).toContain(String(passage.to));
        }
  });

  it('say parts joined, short rows, and shaping round a round', () => {
    expect(
      passageInShort(
        {
          kind: 'unite',
          part: 'body',
          from: [
            { part: 'a', at: 0, take: 30 },
            { part: 'b', at: 0, take: 30 },
          ],
          chains: [6, 6],
          label: 'Body',
        },
        (id) => id,
      ),
    ).toBe('Body: join 30 + 30 stitches with 6 and 6 chains');
    expect(
      passageInShort(
        {
          kind: 'short',
          part: 'main',
          label: 'Cap',
          shortRows: { stitches: 20, rows: [{ from: 6, to: 14 }], keptLeft: 6, keptRight: 6, closing: true },
        },
        (id) => id,
      ),
    ).toBe('Cap: 1 short row, closed by a row over all');
    const taper = taperOf(plan(demoDesigns()['brackenlow-pullover']!).sizes[0]!);
    expect(passageInShort({ ...taper, where: { at: 'the round' } }, (id) => id)).toMatch(
      /^Increase at 2 places every/,
    );
  });
});
