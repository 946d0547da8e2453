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
