/**
 * A whole number in parts that differ by at most one, mixed as evenly as they go: the sums of the first k parts are
 * floor(k x total / parts).
 */
export function spread(total: number, parts: number): number[] {
  const found: number[] = [];
  let before = 0;
  for (let i = 1; i <= parts; i += 1) {
    const sum = Math.floor((i * total) / parts);
    found.push(sum - before);
    before = sum;
  }
  return found;
}

/** The same parts with the larger ones first. */
export function spreadLargerFirst(total: number, parts: number): number[] {
  const least = Math.floor(total / parts);
  const larger = total - least * parts;
  return Array.from({ length: parts }, (_, i) => least + (i < larger ? 1 : 0));
}

/** A whole number in shares as near as they go to these weights: what is left goes to those with the largest remainders. */
export function sharesOf(total: number, weights: readonly number[]): number[] {
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const exact = weights.map((weight) => (whole > 0 ? (total * weight) / whole : 0));
  const shares = exact.map(Math.floor);
  const left = total - shares.reduce((sum, share) => sum + share, 0);
  exact
    .map((share, i) => ({ i, rest: share - shares[i]! }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
    .slice(0, left)
    .forEach(({ i }) => (shares[i]! += 1));
  return shares;
}

export function sumOf(numbers: readonly number[]): number {
  return numbers.reduce((sum, one) => sum + one, 0);
}
