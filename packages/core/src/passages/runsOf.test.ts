import { endShifts } from '../work/steps.js';
import { workPiece } from '../work/hook.js';
import type { Passage } from './passage.js';
import { rowsOf } from '../testing/rows.js';
import { fromSteps } from '../shaping/schedule.js';

const start = (stitches: number, more: Partial<Extract<Passage, { kind: 'start' }>> = {}): Passage => ({
  kind: 'start',
  part: 'main',
  stitches,
  extra: 1,
  along: null,
  ...more,
});
const oneEdge = (side: 'left' | 'right', from: number, counts: number[], first: number): Passage => ({
  kind: 'shape',
  part: 'main',
  to: first + counts.length - 1,
  schedule: fromSteps(from, first, counts),
  where: { at: 'one edge', side, edge: 'the front edge' },
  of: {},
});
const sound = (passages: Passage[]) => {
  const rows = rowsOf(passages);
  expect(workPiece(rows).faults).toEqual([]);
  return rows;
};

describe('rowsOf', () => {
  it('turns flat rows, and rounds only where they are turned', () => {
    const sides = (round?: 'joined' | 'turned' | 'spiral') =>
      sound([start(12, round ? { round } : {}), { kind: 'even', part: 'main', to: 4 }]).map(
        ({ side }) => side,
      );
    expect(sides()).toEqual(['RS', 'WS', 'RS', 'WS']);
    expect(sides('turned')).toEqual(['RS', 'WS', 'RS', 'WS']);
    expect(sides('joined')).toEqual(['RS', 'RS', 'RS', 'RS']);
    expect(sides('spiral')).toEqual(['RS', 'RS', 'RS', 'RS']);
  });

  it('takes several stitches off an edge by slip stitches where the row begins there, and leaves them where it ends', () => {
    // Right-side rows begin at the right of the piece.
    const [, , third] = sound([
      start(20),
      { kind: 'even', part: 'main', to: 2 },
      oneEdge('right', 20, [16], 3),
    ]);
    expect(third!.steps).toEqual([
      { do: 'work', times: 16 },
      { do: 'slip', times: 4 },
    ]);
    const [, , left] = sound([
      start(20),
      { kind: 'even', part: 'main', to: 2 },
      oneEdge('left', 20, [16], 3),
    ]);
    expect(left).toMatchObject({ from: [{ at: 4, take: 16 }], steps: [{ do: 'work', times: 16 }], by: 0 });
  });

  it('adds several stitches at an edge by chains that belong to the row', () => {
    const rows = sound([start(10), oneEdge('left', 10, [10, 15, 16], 2)]);
    expect(rows.map(({ count, add, by }) => [count, add, by])).toEqual([
      [10, 10, 0],
      [10, 0, 0],
      [15, 5, 0],
      [16, 0, 1],
    ]);
    expect(endShifts(rows[2]!)).toEqual({ left: -5, right: 0 });
  });

  it('joins the yarn anew where a part begins away from it', () => {
    const rows = sound([
      start(30),
      { kind: 'even', part: 'main', to: 9 },
      { kind: 'go on', part: 'a', from: 'main', at: 0, take: 10, leave: 20, rejoin: false, label: 'A' },
      { kind: 'even', part: 'a', to: 12 },
      { kind: 'go on', part: 'b', from: 'main', at: 20, take: 10, leave: 0, rejoin: true, label: 'B' },
      { kind: 'even', part: 'b', to: 12 },
    ]);
    expect(rows.filter(({ rejoin }) => rejoin).map(({ part, n }) => [part, n])).toEqual([['b', 10]]);
  });

  it('unites parts over chains: what was live, in order, and every chain a stitch', () => {
    const rows = sound([
      start(40),
      { kind: 'even', part: 'main', to: 5 },
      {
        kind: 'unite',
        part: 'body',
        from: [
          { part: 'main', at: 0, take: 12 },
          { part: 'main', at: 28, take: 12 },
        ],
        chains: [6, 0],
        label: 'Body',
      },
      { kind: 'even', part: 'body', to: 7 },
    ]);
    const united = rows.find(({ part }) => part === 'body')!;
    expect(united).toMatchObject({ n: 6, count: 30, add: 6, by: 0 });
    expect(united.from).toEqual([
      { part: 'main', n: 5, take: 12, at: 0 },
      { part: 'main', n: 5, take: 12, at: 28 },
    ]);
  });

  it('spreads what another fabric needs over one row', () => {
    const rows = sound([
      start(40),
      { kind: 'change', part: 'main', to: 6, stitches: 34, fabric: 'mesh' },
      { kind: 'even', part: 'main', to: 8 },
    ]);
    expect(rows.map(({ count }) => count)).toEqual([40, 40, 40, 40, 40, 34, 34, 34]);
    const gaps = rows[5]!.steps.filter((step) => step.do === 'work').map(({ times }) => times);
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
  });

  it('refuses a part that was never started', () => {
    expect(() => rowsOf([{ kind: 'even', part: 'main', to: 3 }])).toThrow('before it was started');
  });
});
