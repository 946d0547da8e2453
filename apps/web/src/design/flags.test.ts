import fc from 'fast-check';
import { hangFlags, roomForFlags } from './flags';

const anyRange = fc
  .array(
    fc.record({ step: fc.double({ min: 0, max: 60, noNaN: true }), width: fc.integer({ min: 24, max: 96 }) }),
    {
      minLength: 1,
      maxLength: 30,
    },
  )
  .map((list) => {
    const end = Math.max(
      roomForFlags(list.map(({ width }) => width)),
      list.reduce((sum, { step }) => sum + step, 0) + 100,
    );
    let at = 0;
    return { end, flags: list.map(({ step, width }) => ({ at: (at += step), width })) };
  });

it('never lays a flag over another, nor beyond the end of a tape that has room', () => {
  fc.assert(
    fc.property(anyRange, ({ flags, end }) => {
      const hung = hangFlags(flags, end);
      for (const lane of [0, 1]) {
        const own = hung
          .map((one, i) => ({ ...one, width: flags[i]!.width }))
          .filter((one) => one.lane === lane);
        own.forEach(({ x, width }, i) => {
          expect(x + width).toBeLessThanOrEqual(end + 1e-9);
          expect(x).toBeGreaterThanOrEqual(-1e-9);
          if (i > 0) expect(x).toBeGreaterThanOrEqual(own[i - 1]!.x + own[i - 1]!.width);
        });
      }
    }),
  );
});

it('leaves flags that have room at their places, in the upper lane', () => {
  const flags = [10, 100, 190].map((at) => ({ at, width: 40 }));
  expect(hangFlags(flags, 400)).toEqual(flags.map(({ at }) => ({ x: at, lane: 0 })));
});

it('uses the second lane before it moves one aside', () => {
  const hung = hangFlags(
    [10, 20, 30].map((at) => ({ at, width: 40 })),
    400,
  );
  expect(hung).toEqual([
    { x: 10, lane: 0 },
    { x: 20, lane: 1 },
    { x: 55, lane: 0 },
  ]);
});
