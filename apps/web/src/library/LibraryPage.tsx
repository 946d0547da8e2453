import { useEffect, useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import type { LibraryEntry, Stored } from '@upfell/core';
import { NameDialog } from '../ui/NameDialog';
import { ShelfBar } from './ShelfBar';
import { Entry, EntryWords, ListTrouble } from './Entry';
import { useList } from './useList';

interface Kind<T extends { name: string }> {
  list: () => Promise<LibraryEntry<T>[]>;
  create: (document: T) => Promise<Stored<T>>;
  save: (id: string, seen: number, document: T) => Promise<Stored<T>>;
  remove: (id: string) => Promise<void>;
  takeBack: (id: string) => Promise<Stored<T>>;
}

interface Props<T extends { name: string }> {
  kind: Kind<T>;
  /** "chart", "charts". */
  one: string;
  many: string;
  /** What is said while there is none. */
  empty: string;
  describe: (document: T) => ReactNode;
  /** Further buttons of one entry. */
  more?: (entry: LibraryEntry<T>) => ReactNode;
  /** Buttons over the list; `load` shows what they have added. */
  tools?: (load: () => void) => ReactNode;
  /** What comes with the program, under the list. */
  children?: ReactNode;
}

/** One kind of library document as a list: to look at, copy, rename and put away with undo. */
export function LibraryPage<T extends { name: string }>({
  kind,
  one,
  many,
  empty,
  describe,
  more,
  tools,
  children,
}: Props<T>) {
  const { entries, trouble, load, act } = useList(kind.list);
  const [renaming, setRenaming] = useState<LibraryEntry<T> | null>(null);
  const title = many.charAt(0).toUpperCase() + many.slice(1);
  useEffect(() => {
    document.title = `${title} · Upfell`;
  }, [title]);
  const putAway = (entry: LibraryEntry<T>) =>
    act(async () => {
      await kind.remove(entry.id);
      const copies =
        entry.designs > 0
          ? ` ${entry.designs} ${entry.designs === 1 ? 'design keeps its' : 'designs keep their'} own copy.`
          : '';
      toast(`“${entry.document.name}” is put away.${copies}`, {
        duration: 12_000,
        action: { label: 'Undo', onClick: () => void act(() => kind.takeBack(entry.id)) },
      });
    });
  return (
    <div className="flex min-h-full flex-col">
      <ShelfBar />
      <main className="mx-auto w-full max-w-4xl grow px-6 py-8">
        <div className="mb-5 flex items-end justify-between">
          <h1 className="text-2xl">{title}</h1>
          <span className="flex gap-2">{tools?.(load)}</span>
        </div>
        <ListTrouble trouble={trouble} load={load} />
        {!entries && !trouble && <p className="text-soft">Looking in the library …</p>}
        {entries?.length === 0 && (
          <p className="border-y border-dashed border-line py-8 text-center text-soft">{empty}</p>
        )}
        {entries && entries.length > 0 && (
          <ul className="border-t border-line" data-testid="library">
            {entries.map((entry) => (
              <Entry
                key={entry.id}
                name={entry.document.name}
                more={more?.(entry)}
                onRename={() => setRenaming(entry)}
                onDuplicate={() =>
                  void act(() =>
                    kind.create({ ...entry.document, name: `${entry.document.name} (copy)`.slice(0, 200) }),
                  )
                }
                onDelete={() => void putAway(entry)}
              >
                <span className="min-w-0 grow px-2">
                  <EntryWords name={entry.document.name}>
                    {describe(entry.document)} ·{' '}
                    {entry.designs === 0
                      ? 'in no design'
                      : `in ${entry.designs} ${entry.designs === 1 ? 'design' : 'designs'}`}
                  </EntryWords>
                </span>
              </Entry>
            ))}
          </ul>
        )}
        {children}
      </main>
      {renaming && (
        <NameDialog
          title={`Rename the ${one}`}
          name={renaming.document.name}
          action="Rename"
          onClose={() => setRenaming(null)}
          onName={async (name) => {
            await kind.save(renaming.id, renaming.revision, { ...renaming.document, name });
            load();
          }}
        />
      )}
    </div>
  );
}
