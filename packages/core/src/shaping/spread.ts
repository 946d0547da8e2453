/**
 * A whole number in parts that differ by at most one, mixed as evenly as they go: the sums of the first k parts are
 * floor(k x total / parts).
 */
export function spread(total: number, parts: number): number[] {
  return Array.from(
    { length: parts },
    (_, i) => Math.floor(((i + 1) * total) / parts) - Math.floor((i * total) / parts),
  );
}

/** The same parts with the larger ones first. */
export function spreadLargerFirst(total: number, parts: number): number[] {
  const least = Math.floor(total / parts);
  const larger = total - least * parts;
  return Array.from({ length: parts }, (_, i) => least + (i < larger ? 1 : 0));
}
