/** Values of a choice with their words. */
export function options<T extends string>(
  values: readonly T[],
  words: Readonly<Record<T, string>>,
): { value: T; label: string }[] {
  return values.map((value) => ({ value, label: words[value] }));
}
