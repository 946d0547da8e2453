/**
 * Tops of a row placed near their feet, in order and at least `apart` from each other, between two ends: the least squares
 * that keep the order (pooling of neighbours that would pass each other).
 *
 * @param wanted where each would lie by itself, in the order of working; nearly rising
 */
export function spreadTops(
  wanted: readonly number[],
  apart: number,
  lowest: number,
  highest: number,
): number[] {
  if (isSpread(wanted, apart, lowest, highest)) return wanted.map(round);
  const blocks: { sum: number; many: number }[] = [];
  wanted.forEach((at, i) => {
    blocks.push({ sum: at - i * apart, many: 1 });
    for (;;) {
      const last = blocks.at(-1)!;
      const before = blocks.at(-2);
      if (!before || before.sum / before.many <= last.sum / last.many) break;
      before.sum += last.sum;
      before.many += last.many;
      blocks.pop();
    }
  });
  const most = highest - (wanted.length - 1) * apart;
  const tops: number[] = [];
  for (const { sum, many } of blocks) {
    const level = Math.max(lowest, Math.min(most, sum / many));
    for (let j = 0; j < many; j += 1) tops.push(round(level + tops.length * apart));
  }
  return tops;
}

const round = (value: number) => Math.round(value * 1e6) / 1e6;

/** Whether the tops may stay where they are wanted. */
function isSpread(wanted: readonly number[], apart: number, lowest: number, highest: number): boolean {
  if (wanted.length === 0 || wanted[0]! < lowest || wanted.at(-1)! > highest) return false;
  for (let i = 1; i < wanted.length; i += 1) if (wanted[i]! - wanted[i - 1]! < apart) return false;
  return true;
}
