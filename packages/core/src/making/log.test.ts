import fc from 'fast-check';
import type { Entry } from './entries.js';
import { inOrder, keyInPiece, progressOf, standing, tickedIn, timeAfter } from './log.js';

const at = (second: number) => new Date(Date.UTC(2026, 0, 5, 18, 0, second)).toISOString();
const row = (id: string, n: number, second = n, copy = 1): Entry => ({
  id,
  at: at(second),
  kind: 'row',
  piece: 'back',
  copy,
  part: 'main',
  n,
});
const undo = (id: string, of: string, second: number): Entry => ({ id, at: at(second), kind: 'undo', of });
const keys = Array.from({ length: 40 }, (_, i) => keyInPiece({ part: 'main', n: i + 1 }));
const worked = (entries: readonly Entry[]) =>
  progressOf(keys, tickedIn(standing(entries)).get('back')?.get(1)).worked;

/** Rows ticked and undone, some by two devices at the same time. */
const anyLog = fc
  .array(
    fc.record({
      n: fc.integer({ min: 1, max: 40 }),
      second: fc.integer({ min: 0, max: 50 }),
      undone: fc.boolean(),
    }),
    {
      maxLength: 40,
    },
  )
  .map((ticks) =>
    ticks.flatMap(({ n, second, undone }, i): Entry[] => [
      row(`r${i}`, n, second),
      ...(undone ? [undo(`u${i}`, `r${i}`, second + 1)] : []),
    ]),
  );

describe('a log', () => {
  it('is the same however its entries arrive, and however often', () => {
    fc.assert(
      fc.property(
        anyLog.chain((log) =>
          fc.tuple(fc.constant(log), fc.shuffledSubarray([...log, ...log], { minLength: log.length * 2 })),
        ),
        ([log, arrived]) => {
          expect(inOrder(arrived)).toEqual(inOrder(log));
          expect(worked(arrived)).toBe(worked(log));
        },
      ),
    );
  });

  it('counts a row that two devices ticked once, and keeps it while one of them stands', () => {
    const both = [row('a', 1), row('b', 1, 2)];
    expect(worked(both)).toBe(1);
    expect(worked([...both, undo('u', 'a', 3)])).toBe(1);
    expect(worked([...both, undo('u', 'a', 3), undo('v', 'b', 4)])).toBe(0);
  });

  it('takes rows up to the last ticked as worked, and says which were passed over', () => {
    const found = (entries: Entry[]) => progressOf(keys, tickedIn(standing(entries)).get('back')?.get(1));
    expect(found([row('a', 1), row('b', 4)])).toEqual({ worked: 4, gaps: [1, 2], strange: [] });
    const jump: Entry = {
      id: 'j',
      at: at(3),
      kind: 'jump',
      piece: 'back',
      copy: 1,
      part: 'main',
      n: 3,
      why: 'counted on paper',
    };
    expect(found([jump, row('b', 4)])).toEqual({ worked: 4, gaps: [], strange: [] });
    expect(found([row('a', 99)])).toEqual({
      worked: 0,
      gaps: [],
      strange: [keyInPiece({ part: 'main', n: 99 })],
    });
  });

  it('gives a new entry a time after all that are known, whatever the clock says', () => {
    fc.assert(
      fc.property(anyLog, fc.integer({ min: 0, max: 60 }), (log, clock) => {
        const time = timeAfter(log, Date.parse(at(clock)));
        for (const entry of log) expect(Date.parse(time)).toBeGreaterThan(Date.parse(entry.at));
      }),
    );
  });

  it('reads times with and without parts of a second as the same moment', () => {
    const [first, second] = inOrder([
      { ...row('b', 2), at: '2026-01-05T18:20:00Z' },
      { ...row('a', 1), at: '2026-01-05T18:19:59.500Z' },
    ]);
    expect([first!.id, second!.id]).toEqual(['a', 'b']);
  });
});
