import { formatDistanceToNow } from 'date-fns';
import { FilePlus2, FolderOpen, ListChecks, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import type { ShelfEntry } from '@upfell/core';
import { designs } from '../api/designs';
import { Entry, EntryWords, ListTrouble } from '../library/Entry';
import { useList } from '../library/useList';
import { ShelfMakings } from '../making/ShelfMakings';
import { Button } from '../ui/Button';
import { NameDialog } from '../ui/NameDialog';
import { UnfitFile, type Unfit } from '../ui/UnfitFile';
import { ShelfBar } from '../library/ShelfBar';
import { BinDialog } from './BinDialog';
import { found, type Wanted } from './find';
import { ShelfFilters } from './ShelfFilters';
import { useGrowing } from './useGrowing';

const ALL: Wanted = { words: '', construction: '', group: '', fabric: '', sort: 'changed' };

/** The shelf: every design, to open, begin, copy, rename, put away, or bring in from a file. */
export function ShelfPage() {
  const { entries, trouble, load, act } = useList(designs.shelf);
  const [unfit, setUnfit] = useState<readonly Unfit[]>([]);
  const [binned, setBinned] = useState(false);
  const [wanted, setWanted] = useState<Wanted>(ALL);
  const [renaming, setRenaming] = useState<ShelfEntry | null>(null);
  const navigate = useNavigate();

  useEffect(() => {
    document.title = 'Upfell';
  }, []);

  const openFiles = useCallback(
    async (files: readonly File[]) => {
      const unfits: Unfit[] = [];
      const made: string[] = [];
      for (const file of files) {
        // What reads files is wanted only when there are some.
        const { takeInFile } = await import('./takeInFile');
        const taken = await takeInFile(file);
        if ('problems' in taken) unfits.push(taken);
        else made.push(taken.to);
      }
      if (files.length === 1 && made.length === 1) return navigate(made[0]!);
      if (made.length > 0) toast(`${made.length} of ${files.length} files are on the shelf.`);
      setUnfit(unfits);
      load();
    },
    [load, navigate],
  );
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void openFiles(files),
    noClick: true,
    noKeyboard: true,
  });

  const list = useMemo(() => (entries ? found(entries, wanted) : []), [entries, wanted]);
  const { shown, end } = useGrowing(list.length);
  useEffect(() => {
    if (!entries) return;
    // When the shelf has been painted, for whoever measures.
    const frame = requestAnimationFrame(() => setTimeout(() => performance.mark?.('shelf shown')));
    return () => cancelAnimationFrame(frame);
  }, [entries]);
  const putAway = (entry: ShelfEntry) =>
    act(async () => {
      await designs.remove(entry.id);
      toast(`“${entry.name}” is put away.`, {
        duration: 12_000,
        action: { label: 'Undo', onClick: () => void act(() => designs.takeBack(entry.id)) },
      });
    });

  return (
    <div {...getRootProps()} className="flex min-h-full flex-col">
      <input {...getInputProps({ 'aria-label': 'Design file' })} data-testid="file" />
      <ShelfBar />
      <main className="mx-auto w-full max-w-6xl grow px-6 py-6 max-sm:px-3">
        <ShelfMakings />
        <div className="mb-3 flex flex-wrap items-end justify-between gap-2">
          <h1 className="text-2xl">
            Designs
            {entries && entries.length > 0 && (
              <span className="ml-3 font-sans text-[14px] font-normal text-soft" aria-live="polite">
                {list.length === entries.length
                  ? entries.length.toLocaleString('en')
                  : `${list.length.toLocaleString('en')} of ${entries.length.toLocaleString('en')}`}
              </span>
            )}
          </h1>
          <span className="flex flex-wrap gap-2">
            <Button look="quiet" onClick={() => setBinned(true)}>
              <Trash2 size={15} aria-hidden /> Bin
            </Button>
            <Button onClick={open}>
              <FolderOpen size={15} aria-hidden /> Open files
            </Button>
            <Link
              to="/new"
              className="inline-flex items-center gap-1.5 rounded border border-ink bg-ink px-2.5 py-1 text-sheet hover:bg-ink/85"
            >
              <FilePlus2 size={15} aria-hidden /> New design
            </Link>
          </span>
        </div>
        <ListTrouble trouble={trouble} load={load} />
        {!entries && !trouble && <p className="text-soft">Looking on the shelf …</p>}
        {entries?.length === 0 && <EmptyShelf />}
        {entries && entries.length > 6 && (
          <ShelfFilters entries={entries} wanted={wanted} onChange={setWanted} />
        )}
        {entries && entries.length > 0 && list.length === 0 && (
          <p className="border-y border-dashed border-line py-8 text-center text-soft">
            Nothing on the shelf is like that. <Button onClick={() => setWanted(ALL)}>Show all</Button>
          </p>
        )}
        {list.length > 0 && (
          <ul className="grid gap-x-6 border-t border-line md:grid-cols-2" data-testid="shelf">
            {list.slice(0, shown).map((entry) => (
              <Entry
                key={entry.id}
                name={entry.name}
                more={
                  <Link
                    to={`/designs/${entry.id}/makings`}
                    className="rounded px-2 py-1.5 hover:bg-tape"
                    aria-label={`Makings of ${entry.name}`}
                    title="Makings"
                  >
                    <ListChecks size={15} aria-hidden />
                  </Link>
                }
                onRename={() => setRenaming(entry)}
                onDuplicate={() => void act(() => designs.duplicate(entry.id))}
                onDelete={() => void putAway(entry)}
              >
                <Link to={`/designs/${entry.id}/table`} className="flex min-w-0 grow items-center gap-3">
                  <img
                    src={designs.picture(entry)}
                    alt=""
                    loading="lazy"
                    decoding="async"
                    className="worn-picture h-[76px] w-[72px] shrink-0 object-contain"
                  />
                  <span className="min-w-0">
                    <EntryWords name={entry.name}>
                      {entry.label} · {sizesInWords(entry.sizes)} · changed{' '}
                      {formatDistanceToNow(new Date(entry.updatedAt), { addSuffix: true })}
                    </EntryWords>
                  </span>
                </Link>
              </Entry>
            ))}
          </ul>
        )}
        {shown < list.length && (
          <p ref={end} className="py-4 text-center text-soft">
            more …
          </p>
        )}
      </main>
      {isDragActive && (
        <div
          className="pointer-events-none fixed inset-3 grid place-items-center rounded border-4 border-dashed border-agreed bg-sheet/85 text-xl"
          aria-hidden
        >
          Drop the design file to put it on the shelf
        </div>
      )}
      {binned && <BinDialog onClose={() => setBinned(false)} onBack={load} />}
      {renaming && (
        <NameDialog
          title="Rename the design"
          name={renaming.name}
          action="Rename"
          onClose={() => setRenaming(null)}
          onName={async (name) => {
            const { revision, document } = await designs.read(renaming.id);
            await designs.save(renaming.id, revision, { ...document, name });
            load();
          }}
        />
      )}
      <UnfitFile
        key={unfit[0]?.file}
        unfit={unfit[0] ?? null}
        cannot="be opened"
        description="Nothing was changed on the shelf."
        testid="unfit"
        onClose={() => setUnfit(unfit.slice(1))}
      />
    </div>
  );
}

function sizesInWords(sizes: readonly string[]): string {
  if (sizes.length === 1) return sizes[0]!;
  return `${sizes.length} sizes, ${sizes[0]} to ${sizes.at(-1)}`;
}

/** An empty shelf: what to begin with. */
function EmptyShelf() {
  return (
    <div className="border-y border-dashed border-line py-10 text-center">
      <p className="mb-4 text-soft">
        The shelf is empty. Begin a design, or drop design files (*.upfell.json) anywhere on this page.
      </p>
      <Link to="/new" className="rounded border border-ink bg-ink px-4 py-2 text-sheet hover:bg-ink/85">
        Begin a design
      </Link>
      <p className="mt-5">
        <Link to="/new?guided" className="text-agreed underline">
          or be shown round with a first one
        </Link>
      </p>
    </div>
  );
}
