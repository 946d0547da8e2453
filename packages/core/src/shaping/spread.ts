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
