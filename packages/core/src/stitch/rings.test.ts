import fc from 'fast-check';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import type { RoundWay, Row, Step } from '../work/rows.js';
import { fabricStitches } from './ofFabric.js';
import { RingWorker } from './rings.js';
import type { WorkedRow } from './under.js';

const stitchesOf = (id: string) => {
  const found = fabricStitches(STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric);
  if (found.is !== 'rows') throw new Error(`${id} is plain`);
  return found;
};
const workerOf = (id: string, way: { panel?: number; units?: boolean } = {}) =>
  new RingWorker(stitchesOf(id), { panel: 0, units: true, ...way });

const round = (n: number, way: RoundWay, count: number, steps: Step[], own: Partial<Row> = {}): Row => ({
  n,
  part: 'main',
  side: 'RS',
  from: [],
  steps,
  count,
  by: 0,
  add: 0,
  round: way,
  ...own,
});
const even = (n: number, way: RoundWay, count: number, own: Partial<Row> = {}) =>
  round(n, way, count, [{ do: 'work', times: count }], own);
/** A round that gains (or loses) stitches at places spread over it. */
const spread = (n: number, way: RoundWay, count: number, by: number, own: Partial<Row> = {}) =>
  round(
    n,
    way,
    count,
    [
      { do: 'increase', times: by },
      { do: 'work', times: count - 2 * by },
    ],
    {
      by,
      spread: true,
      ...own,
    },
  );

/** Rounds one over the other; null from where one is no round of the pattern. */
function worked(worker: RingWorker, rows: readonly Row[]): (WorkedRow | null)[] {
  const [first, ...later] = rows;
  const made = [worker.first(first!, first!.round!, true, [])];
  for (const row of later) {
    const below = made.at(-1);
    made.push(below ? worker.next(row, row.round!, below.state, []) : null);
  }
  return made;
}
const repeatsOf = (rows: readonly (WorkedRow | null)[]) => rows.map((one) => one?.row.repeats[0] ?? null);

describe('the rounds of a pattern', () => {
  it('begin where whole repeats fit, and nowhere in a piece with a panel', () => {
    expect(repeatsOf(worked(workerOf('mesh-2'), [even(1, 'joined', 60), even(2, 'joined', 60)]))).toEqual([
      20, 20,
    ]);
    expect(worked(workerOf('mesh-2'), [even(1, 'joined', 61)])).toEqual([null]);
    expect(worked(workerOf('mesh-2', { panel: 13 }), [even(1, 'joined', 60)])).toEqual([null]);
    expect(workerOf('mesh-2').beginsAnew('joined', 60)).toBe(true);
    expect(workerOf('mesh-2').beginsAnew('joined', 61)).toBe(false);
    expect(workerOf('mesh-2', { units: false }).beginsAnew('joined', 60)).toBe(false);
  });

  it('gain whole repeats, but no part of one, and none where they are shaped by stitches', () => {
    for (const way of ['joined', 'turned', 'spiral'] as const) {
      const rows = [even(1, way, 60), even(2, way, 60), spread(3, way, 72, 12), even(4, way, 72)];
      expect(repeatsOf(worked(workerOf('mesh-2'), rows))).toEqual([20, 20, 24, 24]);
    }
    const some = [even(1, 'joined', 60), spread(2, 'joined', 70, 10)];
    expect(repeatsOf(worked(workerOf('mesh-2'), some))).toEqual([20, null]);
    const whole = [even(1, 'joined', 60), spread(2, 'joined', 72, 12)];
    expect(repeatsOf(worked(workerOf('mesh-2', { units: false }), whole))).toEqual([20, null]);
  });

  it('are no more where more is gained than there are repeats', () => {
    const rows = [even(1, 'joined', 12), spread(2, 'joined', 27, 15)];
    expect(repeatsOf(worked(workerOf('mesh-2'), rows))).toEqual([4, null]);
  });

  // A V of 3 stitches, wide ones of 5, that part into two of 3 (common practice).
  it('grow by the motif for any number of V’s, and remember which of them are wide', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 30 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 0, max: 3 }),
        fc.constantFrom<RoundWay>('joined', 'turned'),
        (repeats, some, between, way) => {
          const wide = Math.min(repeats, some);
          const [before, after] = [3 * repeats, 3 * repeats + 2 * wide];
          const rows = [
            even(1, way, before),
            even(2, way, before),
            spread(3, way, after, 2 * wide, { motif: 'wider' }),
            ...Array.from({ length: between }, (_, i) => even(4 + i, way, after)),
            spread(4 + between, way, after + wide, wide, { motif: 'parted' }),
            even(5 + between, way, after + wide),
          ];
          const made = worked(workerOf('v-stitch'), rows);
          expect(made.map((one) => one?.row.wide ?? 0)).toEqual([
            0,
            0,
            ...Array.from({ length: between + 1 }, () => wide),
            0,
            0,
          ]);
          expect(repeatsOf(made).at(-1)).toBe(repeats + wide);
          expect(made.at(-1)!.row.stitches).toBe(2 * (repeats + wide));
        },
      ),
      { numRuns: 40 },
    );
  });

  it('part as many wide V’s as there are, never others', () => {
    const rows = [
      even(1, 'joined', 30),
      spread(2, 'joined', 36, 6, { motif: 'wider' }),
      spread(3, 'joined', 38, 2, { motif: 'parted' }),
    ];
    expect(repeatsOf(worked(workerOf('v-stitch'), rows))).toEqual([10, 10, null]);
    // A mesh has no group that could be wider.
    const mesh = [even(1, 'joined', 30), spread(2, 'joined', 36, 6, { motif: 'wider' })];
    expect(repeatsOf(worked(workerOf('mesh-2'), mesh))).toEqual([10, null]);
  });
});
