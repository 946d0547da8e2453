/** What stands at one place of several lists: the lists that have it, in their order, and its place in each. */
export interface Aligned {
  sizes: readonly number[];
  places: readonly number[];
}

/**
 * Lists side by side (one for each size): what they have in common stands beside each other, and what only some have stands between, in
 * an order that is that of every list.
 */
export function aligned(all: readonly (readonly string[])[]): Aligned[] {
  let columns: { entry: string; places: Map<number, number> }[] = [];
  all.forEach((entries, size) => {
    const merged: typeof columns = [];
    let [left, right] = [0, 0];
    const between = (untilLeft: number, untilRight: number) => {
      merged.push(...columns.slice(left, untilLeft));
      for (let i = right; i < untilRight; i += 1)
        merged.push({ entry: entries[i]!, places: new Map([[size, i]]) });
    };
    const known = columns.map(({ entry }) => entry);
    for (const [column, own] of longestCommon(known, entries)) {
      between(column, own);
      columns[column]!.places.set(size, own);
      merged.push(columns[column]!);
      [left, right] = [column + 1, own + 1];
    }
    between(columns.length, entries.length);
    columns = merged;
  });
  return columns.map(({ places }) => {
    const inOrder = [...places].sort(([a], [b]) => a - b);
    return { sizes: inOrder.map(([size]) => size), places: inOrder.map(([, place]) => place) };
  });
}

/** Pairs of places of a longest sequence that two lists have in common, in their order. */
function longestCommon(a: readonly string[], b: readonly string[]): [number, number][] {
  /** The longest from each pair of places on. */
  const best = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  for (let i = a.length - 1; i >= 0; i -= 1)
    for (let k = b.length - 1; k >= 0; k -= 1)
      best[i]![k] = a[i] === b[k] ? 1 + best[i + 1]![k + 1]! : Math.max(best[i + 1]![k]!, best[i]![k + 1]!);
  const pairs: [number, number][] = [];
  let [i, k] = [0, 0];
  while (i < a.length && k < b.length) {
    if (a[i] === b[k]) pairs.push([i++, k++]);
    else if (best[i + 1]![k]! >= best[i]![k + 1]!) i += 1;
    else k += 1;
  }
  return pairs;
}
