import fc from 'fast-check';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { handMade, type HandMade } from '../testing/handMade.js';
import { workPiece, workRuns, type WorkedPiece } from './hook.js';
import type { Row } from './rows.js';
import { heightOf, lastRow, rowsOf, runsIn, type RowRun } from './runs.js';

const single = (rows: readonly Row[]): RowRun[] => rows.map((row) => ({ row, times: 1 }));

/** What came off the hook; of a sound piece also along the edges that it must show. */
const seen = ({ counts, faults, edge, astray, lost }: WorkedPiece, { edges }: HandMade) => {
  if (faults.length > 0) return { counts, faults };
  return {
    counts,
    edges: edges.map(({ place }) => edge(place)),
    astray: edges.map(({ place, path }) => astray(place, path ?? 'straight')),
    lost: lost(edges.map(({ place }) => place)),
  };
};

describe('runs of rows', () => {
  it.each(handMade())('give back the rows they were gathered from: $name', ({ rows }) => {
    const runs = runsIn(rows);
    expect(rowsOf(runs)).toEqual(rows);
    expect(lastRow(runs)).toEqual(rows.at(-1));
    expect(heightOf(runs)).toBe(Math.max(...rows.map(({ n }) => n)));
  });

  it.each(Object.entries(demoDesigns()))('are as few as can be, and lose no row: %s', (_, design) => {
    for (const { pieces } of plan(design).sizes)
      for (const { runs } of pieces) {
        const rows = rowsOf(runs);
        expect(rowsOf(runsIn(rows))).toEqual(rows);
        // What a piece's passages keep together is what its rows show to be alike.
        expect(runsIn(rows).length).toBeLessThanOrEqual(runs.length);
        for (const { row, times } of runs)
          if (times > 1) expect(row.steps).toEqual([{ do: 'work', times: row.count }]);
      }
  });

  it('take in no row that does more than go on', () => {
    const row = (change: Partial<Row>): Row => ({
      n: 2,
      part: 'main',
      side: 'WS',
      from: [{ part: 'main', n: 1, take: 6, at: 0 }],
      steps: [{ do: 'work', times: 6 }],
      count: 6,
      by: 0,
      add: 0,
      ...change,
    });
    const first: Row = { ...row({ n: 1, side: 'RS', from: [] }), add: 6, steps: [{ do: 'cast', times: 6 }] };
    const runs = (change: Partial<Row>) => runsIn([first, row(change)]).length;
    expect(runs({})).toBe(1);
    for (const change of [
      { n: 3 },
      { part: 'other' },
      { side: 'RS' },
      { rejoin: true },
      { round: 'joined' },
      { count: 7, by: 1 },
      { add: 1, by: -1 },
      { from: [{ part: 'main', n: 1, take: 5, at: 1 }] },
      { from: [{ part: 'main', n: 1, take: 6, at: 1 }] },
      { from: [{ along: 'left', part: 'main', first: 1, last: 6, makes: 6 }] },
      { steps: [{ do: 'increase', times: 3 }] },
      { steps: [{ do: 'work', times: 5 }] },
    ] satisfies Partial<Row>[])
      expect(runs(change)).toBe(2);
  });
});

describe('the hook', () => {
  it.each(handMade())('works a run as it works its rows one by one: $name', (made) => {
    expect(seen(workRuns(runsIn(made.rows)), made)).toEqual(seen(workRuns(single(made.rows)), made));
  });

  it('works rows left out, doubled or with another count as it does one by one', () => {
    const all = handMade();
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.nat(),
        fc.constantFrom('left out', 'doubled', 'one stitch short', 'one stitch more', 'not turned'),
        (made, place, fault) => {
          const at = place % made.rows.length;
          const row = made.rows[at]!;
          const rows =
            fault === 'left out'
              ? made.rows.toSpliced(at, 1)
              : fault === 'doubled'
                ? made.rows.toSpliced(at, 0, row)
                : made.rows.with(
                    at,
                    fault === 'not turned'
                      ? { ...row, side: row.side === 'RS' ? 'WS' : 'RS' }
                      : { ...row, count: row.count + (fault === 'one stitch more' ? 1 : -1) },
                  );
          expect(seen(workPiece(rows), made)).toEqual(seen(workRuns(single(rows)), made));
        },
      ),
      { numRuns: 300 },
    );
  });
});
