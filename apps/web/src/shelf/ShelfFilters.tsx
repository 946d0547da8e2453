import { Search } from 'lucide-react';
import type { ShelfEntry } from '@upfell/core';
import { choicesOf, GROUP_WORDS, SORTS, type Sort, type Wanted } from './find';

interface Props {
  entries: readonly ShelfEntry[];
  wanted: Wanted;
  onChange: (wanted: Wanted) => void;
}

const SELECT = 'max-w-44 rounded border border-line bg-sheet px-1.5 py-1';

/** What of the shelf is looked at: words, construction, whom it is for, fabric, and in which order. */
export function ShelfFilters({ entries, wanted, onChange }: Props) {
  const { constructions, groups, fabrics } = choicesOf(entries);
  const put = (change: Partial<Wanted>) => onChange({ ...wanted, ...change });
  const choices: [key: 'construction' | 'group' | 'fabric', all: string, options: [string, string][]][] = [
    ['construction', 'all constructions', constructions],
    ['group', 'for all', groups.map((group) => [group, `for ${GROUP_WORDS[group]}`])],
    ['fabric', 'all fabrics', fabrics.map((name) => [name, name])],
  ];
  return (
    <search className="mb-3 flex flex-wrap items-center gap-2 text-[13px]">
      <label className="relative">
        <span className="sr-only">Find a design</span>
        <Search size={14} aria-hidden className="absolute top-2 left-2 text-soft" />
        <input
          type="search"
          className="w-52 rounded border border-line bg-sheet py-1 pr-2 pl-7"
          placeholder="Find"
          value={wanted.words}
          data-testid="find"
          onChange={({ target }) => put({ words: target.value })}
        />
      </label>
      {choices.map(([key, all, options]) =>
        options.length > 1 ? (
          <select
            key={key}
            className={SELECT}
            aria-label={`Only: ${key}`}
            value={wanted[key]}
            onChange={({ target }) => put({ [key]: target.value })}
          >
            <option value="">{all}</option>
            {options.map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        ) : null,
      )}
      <select
        className={SELECT}
        aria-label="Order"
        value={wanted.sort}
        onChange={({ target }) => put({ sort: target.value as Sort })}
      >
        {SORTS.map(({ value, label }) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </search>
  );
}
