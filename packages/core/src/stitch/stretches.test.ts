import type { Row, Step } from '../work/rows.js';
import { stretchesOf } from './stretches.js';

const row = (steps: Step[], more: Partial<Row> = {}): Row => ({
  n: 2,
  part: 'main',
  side: 'RS',
  from: [{ part: 'main', n: 1, take: 0, at: 0 }],
  steps,
  count: 0,
  by: 0,
  add: 0,
  ...more,
});
const work = (times: number): Step => ({ do: 'work', times });
const increase: Step = { do: 'increase', times: 1 };

describe('the stretches of a row', () => {
  it('count from the right edge, below and above', () => {
    const { stretches } = stretchesOf(row([work(10), { do: 'decrease', times: 1 }]), []);
    expect(stretches).toEqual([
      { does: 'shape', under: 0, takes: 2, at: 0, makes: 1 },
      { does: 'work', under: 2, takes: 10, at: 1, makes: 10 },
    ]);
  });

  it('leave the inner of two stitches in an edge to what lies there', () => {
    const { stretches } = stretchesOf(row([increase, work(8), increase]), []);
    expect(stretches).toEqual([
      { does: 'shape', under: 0, takes: 0, at: 0, makes: 1 },
      { does: 'work', under: 0, takes: 10, at: 1, makes: 10 },
      { does: 'shape', under: 10, takes: 0, at: 11, makes: 1 },
    ]);
  });

  it('find the line between two increases, with its own stitches', () => {
    const { stretches, lines } = stretchesOf(row([work(5), increase, work(2), increase, work(7)]), []);
    expect(lines).toEqual([{ under: { from: 8, to: 10 }, at: { from: 9, to: 11 } }]);
    expect(stretches.map(({ does, makes }) => [does, makes])).toEqual([
      ['work', 8],
      ['shape', 1],
      ['work', 2],
      ['shape', 1],
      ['work', 6],
    ]);
  });

  it('put a new stitch towards the line where only one side of it grows', () => {
    const beside = (line: number) =>
      stretchesOf(row([work(6), increase, work(9)]), [{ from: line, to: line }]).stretches.map(
        ({ does }) => does,
      );
    // The increase lies in the 10th stitch from the right: the line is beyond it, or before it.
    expect(beside(11)).toEqual(['work', 'shape', 'work']);
    expect(stretchesOf(row([work(6), increase, work(9)]), [{ from: 11, to: 11 }]).stretches[0]!.makes).toBe(
      10,
    );
    expect(stretchesOf(row([work(6), increase, work(9)]), [{ from: 8, to: 8 }]).stretches[0]!.makes).toBe(9);
  });

  it('are beside no line where the shaping is spread', () => {
    const found = stretchesOf(row([work(4), increase, work(9), increase, work(4)], { spread: true }), []);
    expect(found).toMatchObject({ spread: true, lines: [] });
  });

  it('take chains at an end as stitches to be worked into, and chains between parts as chains', () => {
    const cast: Step = { do: 'cast', times: 3 };
    expect(stretchesOf(row([work(5), cast]), []).stretches).toEqual([
      { does: 'work', under: 0, takes: 8, at: 0, makes: 8 },
    ]);
    const parts = [
      { part: 'a', n: 1, take: 5, at: 0 },
      { part: 'b', n: 1, take: 4, at: 0 },
    ];
    expect(
      stretchesOf(row([work(5), cast, work(4)], { from: parts }), []).stretches.map(({ does, takes }) => [
        does,
        takes,
      ]),
    ).toEqual([
      ['work', 4],
      ['chain', 0],
      ['work', 5],
    ]);
  });
});
