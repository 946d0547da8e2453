import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Size } from '../design.js';
import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';

const body = (stitches: number, rows: number, flat: [number, number], row: number, id = 'body') =>
  fabricOf(id, stitches, rows, {
    flat: { multiple: flat[0], plus: flat[1] },
    round: { multiple: flat[0], plus: 0 },
    rows: { multiple: row, plus: 0 },
  });

describe('a sleeve in a wide repeat', () => {
  const sleeveOf = (construction: string, rows: number, row: number) => {
    const design = designWith({
      graded: false,
      sizes: [sizeOf('M', { bust: 96, armholeDepth: 18.5 })],
      fabrics: [
        fabricOf('body', 14, 9),
        body(10 / 1.76, rows, [5, 2], row, 'shells'),
        fabricOf('rib', 18, 20),
      ],
      style: { construction, sleeve: { worked: 'down', rounds: 'joined', fabric: 'shells' } },
    });
    return plan(design).sizes[0]!.quantities.find(({ id }) => id === 'sleeve.top')!;
  };

  it.each(['drop-shoulder', 'over-shoulders', 'two-halves'])(
    'is 25 units where 43 cm are wanted, not 20: %s',
    (construction) => {
      for (const rows of [5, 8, 10, 14])
        for (const row of [1, 2, 4])
          expect(sleeveOf(construction, rows, row)).toMatchObject({ target: 43, count: 25 });
    },
  );

  it('misses its width by no more than a repeat for the sake of its armhole or a wish', () => {
    let looked = 0;
    for (const construction of ['drop-shoulder', 'notched', 'over-shoulders'])
      for (const [stitches, multiple] of [
        [8, 3],
        [12, 5],
        [5.7, 6],
      ] as const)
        for (const rows of [5, 9])
          for (const armholeDepth of [17, 18.5, 20, 21.7]) {
            const design = designWith({
              graded: false,
              sizes: [sizeOf('M', { bust: 96, armholeDepth })],
              fabrics: [body(stitches, rows, [multiple, 2], 1), fabricOf('rib', 18, 20)],
              style: { construction, sleeve: { worked: 'down', rounds: 'joined' }, hem: null, cuff: null },
            });
            for (const { rule, perCm, target, actual } of plan(design).sizes[0]!.quantities)
              if (rule.multiple > 1) {
                looked += 1;
                expect(Math.abs(actual - target)).toBeLessThanOrEqual(rule.multiple / perCm);
              }
          }
    expect(looked).toBeGreaterThan(200);
  });
});

describe('the steps of a range', () => {
  const range = (
    JSON.parse(readFileSync(join(__dirname, '../../../../demo/brackenlow-pullover.upfell.json'), 'utf8')) as {
      sizes: Size[];
    }
  ).sizes;
  const counted = (stitches: number, rows: number, flat: [number, number], row: number) =>
    plan(
      designWith({
        range: { even: 0 },
        sizes: range,
        fabrics: [body(stitches, rows, flat, row), fabricOf('rib', 18, 20)],
        style: { construction: 'notched' },
      }),
    ).sizes;

  it.each([
    [20, 12, [2, 0], 2],
    [13, 16, [1, 0], 2],
    [14, 9.5, [2, 0], 2],
  ] as [number, number, [number, number], number][])(
    'are even in notch, shoulder and sleeve of a notched pullover: %s stitches, %s rows',
    (stitches, rows, flat, row) => {
      const sizes = counted(stitches, rows, flat, row);
      const steps = ['notch.width', 'shoulder.width', 'sleeve.rows'].flatMap((id) =>
        sizes.slice(1).map((size, i) => {
          const [small, large] = [sizes[i]!, size].map(({ quantities }) =>
            quantities.find((quantity) => quantity.id === id)!,
          );
          return [id, large!.actual - small!.actual - (large!.target - small!.target)] as const;
        }),
      );
      // Of the notch no step was to be more than half a centimetre: 3.3 to 6.0 cm would be a jump.
      for (const [id, off] of steps) expect([id, Math.abs(off) < 1.3]).toEqual([id, true]);
    },
  );
});
