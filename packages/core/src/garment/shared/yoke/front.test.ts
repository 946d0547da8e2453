import fc from 'fast-check';
import { neckLineLength } from '../../../shaping/curve.js';
import { countsByRow } from '../../../shaping/schedule.js';
import { frontNeck } from '../neck.js';
import { edgePath, fallingLength, fallingNeck } from './front.js';

const anyNeck = fc.record({
  shape: fc.constantFrom('round' as const, 'V' as const),
  width: fc.integer({ min: 4, max: 60 }),
  drop: fc.integer({ min: 2, max: 30 }),
});

describe('a neck that falls in front', () => {
  it('is the neck of a front worked up, read from its other end', () => {
    fc.assert(
      fc.property(anyNeck, ({ shape, width, drop }) => {
        const down = fallingNeck(shape, width, drop, false);
        const up = frontNeck({ shape }, { neck: width, drop, shoulder: 10, divide: 20 });
        expect(down.centre).toBe(up.centre);
        // Stitches of one side, from the row that divides up to the shoulder, and down again.
        const left = countsByRow(up.schedule, 21, 20 + drop).map((count) => count - 10);
        expect(down.gained).toEqual([...left].reverse());
      }),
    );
  });

  it('grows to the whole width: both fronts and the chains over the centre', () => {
    fc.assert(
      fc.property(anyNeck, ({ shape, width, drop }) => {
        const { gained, centre, schedule } = fallingNeck(shape, width, drop, false);
        expect(2 * gained.at(-1)! + centre).toBe(width);
        expect(gained[0]).toBe(0);
        gained.slice(1).forEach((stitches, i) => expect(stitches).toBeGreaterThanOrEqual(gained[i]!));
        expect(countsByRow(schedule, 1, drop)).toEqual(gained);
      }),
    );
  });

  it('leaves the centre to the two fronts where they stay apart', () => {
    fc.assert(
      fc.property(anyNeck, ({ shape, width, drop }) => {
        const even = 2 * Math.floor(width / 2);
        const { gained, centre } = fallingNeck(shape, even, drop, true);
        expect([gained.length, centre, gained.at(-1)]).toEqual([drop + 1, 0, even / 2]);
      }),
    );
  });

  it('has an edge about as long as its line', () => {
    for (const shape of ['round', 'V'] as const)
      for (const [width, drop] of [
        [32, 9],
        [40, 14],
        [24, 20],
      ] as const) {
        const [perCm, rowsPerCm] = [1.6, 1.1];
        const length = fallingLength(fallingNeck(shape, width, drop, false), perCm, rowsPerCm);
        const line = 2 * neckLineLength(shape, width / 2 / perCm, drop / rowsPerCm);
        expect(Math.abs(length / line - 1)).toBeLessThan(0.12);
      }
  });

  it('is measured along the edge from its first row', () => {
    const neck = fallingNeck('V', 20, 10, false);
    expect(edgePath(neck)[0]).toBe(0);
    expect(edgePath(neck).at(-1)).toBe(neck.gained.at(-1));
  });
});
