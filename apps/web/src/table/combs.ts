import type { Point } from './placed';

/** `many` lines spread over 0 to 1. */
export function combs(many: number, line: (t: number) => Point[]): Point[][] {
  return Array.from({ length: many }, (_, i) => line((i + 0.5) / many));
}

/** `many` threads from one line to another, spread evenly along the length of each. */
export function between(many: number, a: readonly Point[], b: readonly Point[]): Point[][] {
  return combs(many, (t) => [along(a, t), along(b, t)]);
}

/** The point at a share of the length of a line of straight pieces. */
function along(line: readonly Point[], share: number): Point {
  const steps = line.slice(1).map(([x, y], i) => Math.hypot(x - line[i]![0], y - line[i]![1]));
  let left = share * steps.reduce((sum, step) => sum + step, 0);
  for (const [i, step] of steps.entries()) {
    if (left <= step || i === steps.length - 1) {
      const [[x, y], [u, v]] = [line[i]!, line[i + 1]!];
      const t = step > 0 ? left / step : 0;
      return [x + (u - x) * t, y + (v - y) * t];
    }
    left -= step;
  }
  return line[0]!;
}
