import { formatDistanceToNow } from 'date-fns';
import { FilePlus2, FolderOpen, ListChecks } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import {
  CONSTRUCTIONS,
  LONGEST_FILE,
  newDesign,
  readDesignText,
  readMakingText,
  type Making,
  type ShelfEntry,
} from '@upfell/core';
import { designs } from '../api/designs';
import { makings } from '../api/makings';
import { Entry, EntryWords, ListTrouble } from '../library/Entry';
import { useList } from '../library/useList';
import { ShelfMakings } from '../making/ShelfMakings';
import { Button } from '../ui/Button';
import { NameDialog } from '../ui/NameDialog';
import { UnfitFile, type Unfit } from '../ui/UnfitFile';
import { ShelfBar } from '../library/ShelfBar';

/** The shelf: every design, to open, begin, copy, rename, put away, or bring in from a file. */
export function ShelfPage() {
  const { entries, trouble, load, act } = useList(designs.shelf);
  const [unfit, setUnfit] = useState<Unfit | null>(null);
  const [renaming, setRenaming] = useState<ShelfEntry | null>(null);
  const navigate = useNavigate();

  useEffect(() => {
    document.title = 'Upfell';
  }, []);

  const openFiles = useCallback(
    async (files: readonly File[]) => {
      for (const file of files) {
        if (file.size > 4 * LONGEST_FILE) {
          setUnfit({
            file: file.name,
            problems: [
              {
                path: '',
                message: `The file is ${Math.round(file.size / 1e6)} MB big; a design file has at most ${LONGEST_FILE / 1e6} MB.`,
              },
            ],
          });
          return;
        }
        const text = await file.text();
        const making = readMakingText(text);
        if (making.ok) {
          const trouble = await takeInMaking(making.making, navigate);
          if (trouble) setUnfit({ file: file.name, problems: [{ path: 'design', message: trouble }] });
          continue;
        }
        const read = readDesignText(text);
        if (!read.ok) {
          setUnfit({ file: file.name, problems: read.problems });
          return;
        }
        try {
          const made = await designs.create(read.design);
          toast(`“${made.document.name}” is on the shelf.`);
          if (files.length === 1) await navigate(`/designs/${made.id}/table`);
        } catch (error) {
          toast.error((error as Error).message);
        }
      }
      load();
    },
    [load, navigate],
  );
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void openFiles(files),
    noClick: true,
    noKeyboard: true,
  });

  const begin = () =>
    act(async () => navigate(`/designs/${(await designs.create(newDesign('New pullover'))).id}/body`));
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
      <main className="mx-auto w-full max-w-4xl grow px-6 py-8">
        <ShelfMakings />
        <div className="mb-5 flex items-end justify-between">
          <h1 className="text-2xl">Designs</h1>
          <span className="flex gap-2">
            <Button onClick={open}>
              <FolderOpen size={15} aria-hidden /> Open a file
            </Button>
            <Button look="strong" onClick={() => void begin()}>
              <FilePlus2 size={15} aria-hidden /> New design
            </Button>
          </span>
        </div>
        <ListTrouble trouble={trouble} load={load} />
        {!entries && !trouble && <p className="text-soft">Looking on the shelf …</p>}
        {entries?.length === 0 && (
          <p className="border-y border-dashed border-line py-10 text-center text-soft">
            The shelf is empty. Begin a new design, or drop a design file (*.upfell.json) anywhere on this
            page.
          </p>
        )}
        {entries && entries.length > 0 && (
          <ul className="border-t border-line" data-testid="shelf">
            {entries.map((entry) => (
              <Entry
                key={entry.id}
                name={entry.name}
                more={
                  <Link
                    to={`/designs/${entry.id}/makings`}
                    className="rounded px-2.5 py-1.5 hover:bg-tape"
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
                <Link to={`/designs/${entry.id}/table`} className="min-w-0 grow px-2">
                  <EntryWords name={entry.name}>
                    {CONSTRUCTIONS.find(({ id }) => id === entry.construction)?.label ?? entry.construction} ·{' '}
                    {sizesInWords(entry.sizes)} · changed{' '}
                    {formatDistanceToNow(new Date(entry.updatedAt), { addSuffix: true })}
                  </EntryWords>
                </Link>
              </Entry>
            ))}
          </ul>
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
        unfit={unfit}
        cannot="be opened"
        description="Nothing was changed on the shelf."
        testid="unfit"
        onClose={() => setUnfit(null)}
      />
    </div>
  );
}

function sizesInWords(sizes: readonly string[]): string {
  if (sizes.length === 1) return sizes[0]!;
  return `${sizes.length} sizes, ${sizes[0]} to ${sizes.at(-1)}`;
}

/** Takes in a making of a design that is on the shelf; a sentence where it cannot be. */
async function takeInMaking(
  making: Making,
  navigate: (to: string) => void | Promise<void>,
): Promise<string | null> {
  try {
    const design = (await designs.shelf()).find(({ name }) => name === making.design);
    if (!design)
      return `This is a making of “${making.design}”, which is not on the shelf. Open the file of that design first.`;
    const made = await makings.takeIn(design.id, making);
    await navigate(`/makings/${made.id}`);
    return null;
  } catch (error) {
    return (error as Error).message;
  }
}
