import fc from 'fast-check';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import type { Row, Step } from '../work/rows.js';
import { fabricStitches } from './ofFabric.js';
import { repeatsIn } from './stitchedRow.js';
import { workPieceStitches } from './workPiece.js';

const stitchesOfSet = (id: string) => {
  const found = fabricStitches(STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric);
  if (found.is !== 'rows') throw new Error(`${id} is plain`);
  return found;
};

/** Rows of a flat piece that change by so many stitches at both edges. */
function shapedRows(base: number, changes: readonly number[]): Row[] {
  const rows: Row[] = [
    {
      n: 1,
      part: 'main',
      side: 'RS',
      from: [],
      steps: [{ do: 'cast', times: base }],
      count: base,
      by: 0,
      add: base,
    },
  ];
  let count = base;
  changes.forEach((change, i) => {
    const edge: Step[] = change === 0 ? [] : [{ do: change > 0 ? 'increase' : 'decrease', times: 1 }];
    const taken = change === 0 ? 0 : change > 0 ? 1 : 2;
    const before = count;
    count += 2 * change;
    rows.push({
      n: i + 2,
      part: 'main',
      side: i % 2 === 0 ? 'WS' : 'RS',
      from: [{ part: 'main', n: i + 1, take: before, at: 0 }],
      steps: [...edge, { do: 'work', times: before - 2 * taken }, ...edge],
      count,
      by: 2 * change,
      add: 0,
    });
  });
  return rows;
}

const worked = (id: string, base: number, changes: readonly number[]) => {
  const stitches = stitchesOfSet(id);
  const rows = shapedRows(base, changes);
  return workPieceStitches(
    rows.map((row) => ({ row, times: 1 })),
    [{ from: 1, stitches, plain: 'dc', panel: 0, edges: 0, units: false }],
    'chain',
  );
};

describe('a piece in its stitch pattern', () => {
  it('keeps its repeats above each other and works plain what is less than one', () => {
    const { rows, fault } = worked('v-stitch', 20, [0, 1, 0, 1, 0, 1, 0]);
    expect(fault).toBeNull();
    expect(rows.map((row) => [row!.plain[0], repeatsIn(row!), row!.plain.at(-1)])).toEqual([
      [0, 6, 0],
      [0, 6, 0],
      [1, 6, 1],
      [1, 6, 1],
      [2, 6, 2],
      [2, 6, 2],
      [3, 6, 3],
      [0, 8, 0],
    ]);
  });

  it('gives a repeat up when the edge reaches it', () => {
    const { rows, fault } = worked('mesh-2', 22, [0, -1, 0, -1, 0]);
    expect(fault).toBeNull();
    expect(rows.map((row) => repeatsIn(row!))).toEqual([7, 7, 5, 5, 5, 5]);
  });

  it('begins with a plain row where the stitches are no whole number of repeats', () => {
    const { rows } = worked('shells', 24, [0]);
    expect(rows[0]).toMatchObject({ pattern: null, repeats: [], plain: [24] });
    expect(rows[1]).toMatchObject({ pattern: 0, repeats: [3] });
  });

  // Whatever is shaped at the edges: repeats and plain stitches add up to the row, and no stitch is worked into nothing.
  it.each([
    'mesh-1',
    'mesh-2',
    'v-stitch',
    'waffle',
    'crossed-pairs',
    'shells',
    'granny-clusters',
    'paired-stitches',
  ])('of %s comes out row by row, whatever is shaped at its edges', (id) => {
    const { proof } = stitchesOfSet(id);
    const { multiple, plus } = proof.base;
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 10 }),
        fc.array(fc.constantFrom(0, 0, 1, -1), { minLength: 1, maxLength: 12 }),
        (repeats, changes) => {
          const base = multiple * repeats + plus;
          const { rows, fault } = worked(id, base, changes);
          let count = base;
          rows.forEach((row, i) => {
            if (i > 0) count += 2 * changes[i - 1]!;
            if (!row || row.pattern === null) return;
            const plain = row.plain.reduce((sum, many) => sum + many, 0);
            const zones = row.repeats.length;
            expect(repeatsIn(row) * multiple + zones * plus + plain).toBe(count);
            const { stitches } = proof.rows[row.pattern]!;
            expect(row.stitches).toBe(repeatsIn(row) * stitches.multiple + zones * stitches.plus + plain);
          });
          // Where a row could not be followed, it is said which.
          expect(fault === null).toBe(rows.every((row) => row !== null));
        },
      ),
      { numRuns: 40 },
    );
  });
});

/** Rounds of a yoke with four lines of one stitch, each round gaining one stitch at both sides of each. */
function raglanRounds(sections: readonly number[], rounds: number): Row[] {
  const counts = [...sections];
  const total = () => counts.reduce((sum, count) => sum + count, 0) + counts.length - 1;
  const rows: Row[] = [
    {
      n: 1,
      part: 'main',
      side: 'RS',
      from: [],
      steps: [{ do: 'cast', times: total() }],
      count: total(),
      by: 0,
      add: total(),
      round: 'joined',
    },
  ];
  for (let n = 2; n <= rounds; n += 1) {
    const take = total();
    const steps: Step[] = counts.flatMap((count, i): Step[] => {
      const [left, right] = [i > 0 ? 1 : 0, i < counts.length - 1 ? 1 : 0];
      return [
        ...(left ? [{ do: 'increase' as const, times: 1 }] : []),
        { do: 'work', times: count - left - right },
        ...(right
          ? [
              { do: 'increase' as const, times: 1 },
              { do: 'work' as const, times: 1 },
            ]
          : []),
      ];
    });
    counts.forEach((_, i) => (counts[i]! += (i > 0 ? 1 : 0) + (i < counts.length - 1 ? 1 : 0)));
    rows.push({
      n,
      part: 'main',
      side: 'RS',
      from: [{ part: 'main', n: n - 1, take, at: 0 }],
      steps,
      count: total(),
      by: 8,
      add: 0,
      round: 'joined',
    });
  }
  return rows;
}

describe('a yoke in its stitch pattern', () => {
  const inYoke = (id: string, rounds: number) => {
    const stitches = stitchesOfSet(id);
    const rows = raglanRounds([17, 12, 34, 12, 16], rounds);
    const worked_ = workPieceStitches(
      rows.map((row) => ({ row, times: 1 })),
      [{ from: 1, stitches, plain: 'dc', panel: 0, edges: 0, units: false }],
      'plain row',
    );
    return { ...worked_, counts: rows.map(({ count }) => count), stitches };
  };

  it.each(['mesh-2', 'v-stitch', 'shells', 'waffle', 'crossed-pairs'])(
    'keeps %s in the sections between its lines',
    (id) => {
      const { rows, fault, counts, stitches } = inYoke(id, 16);
      expect(fault).toBeNull();
      const { multiple, plus } = stitches.proof.base;
      rows.forEach((row, i) => {
        const plain = row!.plain.reduce((sum, many) => sum + many, 0);
        expect(repeatsIn(row!) * multiple + row!.repeats.length * plus + plain).toBe(counts[i]);
      });
      const last = rows.at(-1)!;
      // Front, back and both sleeves have repeats of their own, and at each line something plain lies between them.
      expect(last.repeats).toHaveLength(5);
      expect(last.plain.slice(1, -1).every((many) => many >= 1)).toBe(true);
      expect(repeatsIn(last)).toBeGreaterThan(repeatsIn(rows[1]!));
    },
  );
});

describe('a piece with a panel', () => {
  const panelled = (panel: number, edges: number, id: string, base: number, changes: readonly number[]) =>
    workPieceStitches(
      shapedRows(base, changes).map((row) => ({ row, times: 1 })),
      [{ from: 1, stitches: stitchesOfSet(id), plain: 'dc', panel, edges, units: false }],
      'plain row',
    ).rows.map((row) => [row!.plain[0], repeatsIn(row!), row!.plain.at(-1)]);

  it('has it in its middle, and gives it up when shaping reaches it', () => {
    // The cable's rows begin with a wrong-side one: it lies over the plain row at once.
    expect(panelled(13, 0, 'cable-9', 35, [0, -1, 0, 0])).toEqual([
      [35, 0, 35],
      [11, 1, 11],
      [10, 1, 10],
      [10, 1, 10],
      [10, 1, 10],
    ]);
    expect(panelled(13, 0, 'cable-9', 15, [0, -1, -1, 0]).map(([, repeats]) => repeats)).toEqual([
      0, 1, 0, 0, 0,
    ]);
  });

  it('keeps its edge stitches plain', () => {
    expect(panelled(0, 3, 'mesh-2', 25, [0, 0, 1, 1, 1])).toEqual([
      [25, 0, 25],
      [3, 6, 3],
      [3, 6, 3],
      [4, 6, 4],
      [5, 6, 5],
      [3, 8, 3],
    ]);
  });
});
