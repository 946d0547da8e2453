import type { Group, ShelfEntry } from '@upfell/core';

/** What of the shelf is looked at; empty words mean all. */
export interface Wanted {
  words: string;
  construction: string;
  group: string;
  fabric: string;
  sort: Sort;
}

export const SORTS = [
  { value: 'changed', label: 'last changed' },
  { value: 'name', label: 'by name' },
  { value: 'construction', label: 'by construction' },
] as const;
export type Sort = (typeof SORTS)[number]['value'];

export const GROUP_WORDS: Readonly<Record<Group, string>> = {
  adult: 'adults',
  child: 'children',
  baby: 'babies',
};

const order = new Intl.Collator('en', { numeric: true, sensitivity: 'base' }).compare;

/** The entries that are wanted, sorted; every word must be somewhere in what the shelf says of a design. */
export function found(entries: readonly ShelfEntry[], wanted: Wanted): ShelfEntry[] {
  const words = wanted.words.toLowerCase().split(/\s+/).filter(Boolean);
  const kept = entries.filter(({ name, construction, label, groups, fabrics, sizes }) => {
    if (wanted.construction && construction !== wanted.construction) return false;
    if (wanted.group && !groups.includes(wanted.group as Group)) return false;
    if (wanted.fabric && !fabrics.includes(wanted.fabric)) return false;
    const text = [name, label, ...groups.map((group) => GROUP_WORDS[group]), ...fabrics, ...sizes]
      .join(' ')
      .toLowerCase();
    return words.every((word) => text.includes(word));
  });
  if (wanted.sort === 'name') kept.sort((a, b) => order(a.name, b.name));
  if (wanted.sort === 'construction') kept.sort((a, b) => order(a.label, b.label) || order(a.name, b.name));
  return kept;
}

/** What the filters can be set to: only what is on the shelf. */
export function choicesOf(entries: readonly ShelfEntry[]) {
  const sorted = (values: Iterable<string>) => [...new Set(values)].sort(order);
  return {
    constructions: [...new Map(entries.map(({ construction, label }) => [construction, label]))].sort(
      (a, b) => order(a[1], b[1]),
    ),
    groups: (['adult', 'child', 'baby'] as const).filter((group) =>
      entries.some(({ groups }) => groups.includes(group)),
    ),
    fabrics: sorted(entries.flatMap(({ fabrics }) => fabrics)),
  };
}
