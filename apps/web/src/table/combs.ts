import type { Point } from './placed';

/** `many` lines spread over 0 to 1. */
export function combs(many: number, line: (t: number) => Point[]): Point[][] {
  return Array.from({ length: many }, (_, i) => line((i + 0.5) / many));
}
