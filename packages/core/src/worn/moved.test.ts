import { piecesLaid } from '../pieceDrawing.js';
import { plan } from '../plan.js';
import { demoDesigns, designWith } from '../testing/designs.js';
import { movedBy } from './moved.js';
import { wornOf } from './worn.js';

const of = (garment: object) => {
  const size = plan(
    designWith({ garment: { construction: 'drop-shoulder', fabric: 'body', ...garment } as never }),
  ).sizes[1]!;
  return { ...size, ...piecesLaid(size.pieces) };
};
const grips = (size: ReturnType<typeof of>) => wornOf(size)!.grips;

it.each([
  ['hem', { belowWaist: 16 }, { belowWaist: 24 }, 8],
  ['sleeve', { sleeve: { shorter: 4 } }, { sleeve: { shorter: 12 } }, 8],
  ['side', { ease: 8 }, { ease: 20 }, 12],
] as const)(
  '%s: shows beforehand what the plan comes to, within a row or stitch',
  (grip, before, after, by) => {
    const seen = grips(movedBy(of(before), grip, by))[grip]!;
    const planned = grips(of(after))[grip]!;
    expect(Math.hypot(seen[0] - planned[0], seen[1] - planned[1])).toBeLessThan(1.2);
  },
);

it('leaves a size alone that has not moved, and never turns a side inside out', () => {
  const size = of({});
  expect(movedBy(size, 'hem', 0)).toBe(size);
  expect(movedBy(size, 'neck', 5)).toBe(size);
  for (const { round } of movedBy(size, 'side', -500).girths.body) expect(round).toBeGreaterThan(0);
  const short = movedBy(size, 'hem', -60).girths.body;
  expect(short.map(({ at }) => at)).toEqual([...short.map(({ at }) => at)].sort((a, b) => a - b));
  // Dragged beyond the underarm it is still a garment.
  for (const [x, y] of wornOf(movedBy(size, 'hem', -60))!.front.flatMap(({ points }) => points))
    expect(Number.isFinite(x + y)).toBe(true);
});

it('moves a rib with the edge that it hangs on', () => {
  const size = plan(demoDesigns()['brackenlow-pullover']!).sizes[2]!;
  const laid = { ...size, ...piecesLaid(size.pieces) };
  const high = (girths: readonly { at: number }[]) => girths.at(-1)!.at - girths.at(-2)!.at;
  expect(high(movedBy(laid, 'hem', 7).girths.body)).toBeCloseTo(high(laid.girths.body), 9);
});
