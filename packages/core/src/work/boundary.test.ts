import fc from 'fast-check';
import { BASE, Boundary, LEFT_END, LIVE, NONE, RIGHT_END } from './boundary.js';

/** The ring from one stretch on, as "kind row from-to". */
function ring(boundary: Boundary, start: number): string[] {
  const said: string[] = [];
  let one = start;
  do {
    said.push(`${boundary.kind(one)} ${boundary.row(one)} ${boundary.from(one)}-${boundary.to(one)}`);
    one = boundary.after(one);
  } while (one !== start);
  return said;
}

describe('Boundary', () => {
  it('is followed clockwise round a row: its stitches, its right end, its underside, its left end', () => {
    const boundary = new Boundary(1, 8);
    const left = boundary.add(LEFT_END, 0);
    const live = boundary.add(LIVE, 0, 0, 8);
    const right = boundary.add(RIGHT_END, 0);
    const base = boundary.add(BASE, 0, 0, 8);
    boundary.ring([left, live, right, base]);
    expect(ring(boundary, live)).toEqual([
      `${LIVE} 0 0-8`,
      `${RIGHT_END} 0 0-0`,
      `${BASE} 0 0-8`,
      `${LEFT_END} 0 0-0`,
    ]);
    expect(boundary.before(live)).toBe(left);
    expect(boundary.only(0)).toBe(live);
  });

  it('cuts live stitches in their order, and the underside against it', () => {
    for (const [kind, order] of [
      [LIVE, ['0-2', '2-5', '5-8']],
      [BASE, ['5-8', '2-5', '0-2']],
    ] as const) {
      const boundary = new Boundary(1, 8);
      const one = boundary.add(kind, 0, 0, 8);
      const end = boundary.add(RIGHT_END, 0);
      boundary.ring([one, end]);
      boundary.cut(one, 2, 5);
      const said = ring(boundary, boundary.after(end));
      expect(said.slice(0, 3)).toEqual(order.map((span) => `${kind} 0 ${span}`));
    }
  });

  it('finds no stretch over stitches that are gone', () => {
    const boundary = new Boundary(1, 8);
    const one = boundary.add(LIVE, 0, 0, 10);
    boundary.ring([one, boundary.add(LEFT_END, 0)]);
    boundary.cut(one, 4, 6);
    boundary.forget(one);
    expect(boundary.holding(LIVE, 0, 3, 5)).toBe(NONE);
    expect(boundary.holding(LIVE, 0, 0, 4)).not.toBe(NONE);
    expect(boundary.holding(LIVE, 0, 6, 10)).not.toBe(NONE);
    expect(boundary.holding(LIVE, 0, 6, 11)).toBe(NONE);
    expect(boundary.only(0)).toBe(NONE);
  });

  it('keeps a dropped stretch out of its ring and the rest closed', () => {
    const boundary = new Boundary(2, 8);
    const parts = [boundary.add(LIVE, 0, 0, 3), boundary.add(RIGHT_END, 0), boundary.add(LEFT_END, 0)];
    boundary.ring(parts);
    boundary.link(parts[0]!, parts[2]!);
    boundary.drop(parts[1]!);
    expect(boundary.lies(parts[1]!)).toBe(false);
    expect(boundary.lies(parts[0]!)).toBe(true);
    expect(ring(boundary, parts[0]!)).toHaveLength(2);
  });

  it('has every stitch in exactly one place, however it is cut', () => {
    const anyCuts = fc.array(fc.tuple(fc.nat(39), fc.integer({ min: 1, max: 10 })), { maxLength: 25 });
    fc.assert(
      fc.property(anyCuts, (cuts) => {
        const boundary = new Boundary(1, 8);
        const whole = boundary.add(LIVE, 0, 0, 40);
        boundary.ring([whole, boundary.add(RIGHT_END, 0)]);
        const taken = new Set<number>();
        for (const [from, many] of cuts) {
          const to = Math.min(40, from + many);
          const free = Array.from({ length: to - from }, (_, i) => from + i).every((i) => !taken.has(i));
          const found = boundary.holding(LIVE, 0, from, to);
          expect(found !== NONE).toBe(free);
          if (found === NONE) continue;
          boundary.cut(found, from, to);
          boundary.forget(found);
          for (let i = from; i < to; i += 1) taken.add(i);
        }
        const left: number[] = [];
        for (let one = boundary.firstOf(LIVE, 0); one !== NONE; one = boundary.beside(one))
          for (let i = boundary.from(one); i < boundary.to(one); i += 1) left.push(i);
        expect(left.sort((a, b) => a - b)).toEqual([...Array(40).keys()].filter((i) => !taken.has(i)));
      }),
    );
  });
});
