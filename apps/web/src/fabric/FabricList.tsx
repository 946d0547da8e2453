import { DropdownMenu } from 'radix-ui';
import { ChevronDown, Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Draft } from 'immer';
import {
  constructionOf,
  fieldsWithin,
  fieldValues,
  holds,
  valueAt,
  type Design,
  type Fabric,
  type LibraryEntry,
  type LibraryFabric,
} from '@upfell/core';
import { fabrics as library } from '../api/library';
import { useDocument } from '../state/useSizePlan';
import { useList } from '../library/useList';
import { edit } from '../state/designStore';
import { showFabric } from '../state/view';
import { Button } from '../ui/Button';
import { MENU, MENU_ITEM } from '../ui/menu';
import { Modal } from '../ui/Modal';
import { forDesign, forLibrary } from './ofLibrary';
import { propose } from '../state/proposal';
import { StitchPatterns } from './StitchPatterns';
import { useFabric } from '../state/useFabric';

/** Where in the garment a fabric is used: every part that its construction declares a fabric for. */
function usesOf({ garment, fabrics }: Design, id: string): string[] {
  const construction = constructionOf(garment.construction)!;
  const values = fieldValues(
    construction,
    garment,
    fabrics.map((one) => one.id),
  );
  return fieldsWithin(construction.fields).flatMap(({ path, field }) =>
    field.kind === 'fabric' && holds(field.when, values) && valueAt(values, path) === id
      ? [field.name.replace(/^The fabric of /, '')]
      : [],
  );
}

/** A free id and a free name for one more fabric. */
function free({ fabrics }: Design, fabric: Fabric): { id: string; name: string } {
  const ids = new Set(fabrics.map(({ id }) => id));
  const names = new Set(fabrics.map(({ name }) => name));
  let id = fabric.id;
  let name = fabric.name;
  for (let n = 2; ids.has(id); n += 1) id = `${fabric.id}-${n}`;
  for (let n = 2; names.has(name); n += 1) name = `${fabric.name} ${n}`;
  return { id, name };
}

/** The design's fabrics to choose from, and what can be done with the one that is shown. */
export function FabricList() {
  const document = useDocument();
  const { fabric, path, index } = useFabric();
  const [adding, setAdding] = useState<'add' | 'replace' | null>(null);
  const { entries, load } = useList(library.list);
  const entry = fabric.library && entries?.find(({ id }) => id === fabric.library!.id);
  const newer = entry && entry.revision > fabric.library!.revision;
  const uses = usesOf(document, fabric.id);

  const add = (taken: Fabric) => {
    const made = { ...taken, ...free(document, taken) };
    const message = edit('fabrics', (draft) => void draft.fabrics.push(made as Draft<Fabric>));
    if (message) toast.error(message);
    else showFabric(made.id);
  };
  const replace = (taken: Fabric) =>
    propose(`Take “${taken.name}” for “${fabric.name}”?`, path, (draft) => {
      draft.fabrics[index] = { ...taken, id: fabric.id } as Draft<Fabric>;
    });
  const keep = async () => {
    try {
      const stored = entry
        ? await library.save(entry.id, entry.revision, forLibrary(fabric))
        : await library.create(forLibrary(fabric));
      edit(`${path}.library`, (draft) => {
        draft.fabrics[index]!.library = { id: stored.id, revision: stored.revision };
      });
      toast(`“${fabric.name}” is in the library of fabrics.`);
      load();
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const remove = () => {
    edit('fabrics', (draft) => void draft.fabrics.splice(index, 1));
    showFabric(null);
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-1.5">
        {document.fabrics.map(({ id, name }) => (
          <Button
            key={id}
            look={id === fabric.id ? 'strong' : 'plain'}
            aria-pressed={id === fabric.id}
            className="max-w-full truncate text-[13px]"
            onClick={() => showFabric(id)}
          >
            {name}
          </Button>
        ))}
        <Button className="text-[13px]" onClick={() => setAdding('add')}>
          <Plus size={13} aria-hidden /> Fabric
        </Button>
        <DropdownMenu.Root>
          <DropdownMenu.Trigger asChild>
            <Button look="quiet" className="text-[13px]">
              This fabric <ChevronDown size={13} aria-hidden />
            </Button>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="start" className={`${MENU} min-w-52`}>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setAdding('replace')}>
                Take another in its place …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void keep()}>
                {entry ? 'Keep the changes in the library' : 'Keep in the library'}
              </DropdownMenu.Item>
              <DropdownMenu.Item
                className={MENU_ITEM}
                disabled={document.fabrics.length === 1 || uses.length > 0}
                onSelect={remove}
              >
                Remove{uses.length > 0 && ` (used by ${uses.join(', ')})`}
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </div>
      {uses.length > 0 && <p className="mt-1 text-[12.5px] text-soft">used by {uses.join(', ')}</p>}
      {newer && (
        <p className="mt-1 flex flex-wrap items-center gap-2 text-[12.5px] text-eased">
          The library has a newer “{entry.document.name}”.
          <Button onClick={() => void replace(forDesign(entry, fabric.id))}>See what it changes</Button>
        </p>
      )}
      {entries && fabric.library && !entry && (
        <p className="mt-1 text-[12.5px] text-soft">
          No longer in the library; this design keeps its own copy.
        </p>
      )}
      {adding && (
        <FabricPicker
          title={adding === 'add' ? 'Add a fabric' : `In the place of “${fabric.name}”`}
          entries={entries ?? []}
          onClose={() => setAdding(null)}
          onPick={(taken) => {
            setAdding(null);
            if (adding === 'add') add(taken);
            else void replace(taken);
          }}
        />
      )}
    </>
  );
}

/** The library's fabrics and the starting set of stitch patterns, each with its drawn sample. */
function FabricPicker({
  title,
  entries,
  onClose,
  onPick,
}: {
  title: string;
  entries: readonly LibraryEntry<LibraryFabric>[];
  onClose: () => void;
  onPick: (fabric: Fabric) => void;
}) {
  return (
    <Modal open wide onClose={onClose} title={title}>
      {entries.length > 0 && (
        <>
          <h3 className="mb-1 font-sans font-semibold">Your library</h3>
          <ul className="mb-4 grid grid-cols-2 gap-2">
            {entries.map((entry) => (
              <li key={entry.id}>
                <Button
                  className="w-full justify-start"
                  onClick={() => onPick(forDesign(entry, entry.document.id))}
                >
                  <span className="truncate">{entry.document.name}</span>
                  <span className="ml-auto text-[12.5px] text-soft">{entry.document.hook} mm</span>
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mb-1 font-sans font-semibold">Common stitch patterns</h3>
      <StitchPatterns onPick={onPick} />
      <p className="mt-3 text-[12.5px] text-soft">
        Their gauges are usual figures to begin with; count your own on a washed swatch.
      </p>
    </Modal>
  );
}
