import { changedGarment, CONSTRUCTIONS, type Design } from '@upfell/core';
import { useMemo } from 'react';
import { toast } from 'sonner';
import { Modal } from '../ui/Modal';
import { Picture } from '../worn/Picture';
import { changeConstruction, givenUp } from '../state/changeConstruction';

interface Props {
  document: Design;
  onClose: () => void;
}

/** The design in each construction. */
function inEach(document: Design): ReadonlyMap<string, Design> {
  return new Map(
    CONSTRUCTIONS.map(({ id }) => [
      id,
      id === document.garment.construction
        ? document
        : { ...document, garment: changedGarment(document, id).garment, pins: [] },
    ]),
  );
}

/** All constructions side by side: this design as it would be worn in each, what it asks for and gives, and what a change would give up. */
export function ConstructionDialog({ document, onClose }: Props) {
  const { construction } = document.garment;
  const as = useMemo(() => inEach(document), [document]);
  const choose = (id: string, label: string, lost: string | null) => {
    onClose();
    if (id === construction) return;
    const refused = changeConstruction(id);
    if (refused) toast.error(refused);
    else toast(`Now: ${label}. ${lost ?? 'Everything was kept.'} Undo brings the other back.`);
  };
  return (
    <Modal
      open
      wide
      title="Construction"
      description="Bodies, fabrics, eases and lengths stay; each says what it has no use for."
      onClose={onClose}
    >
      <ul className="grid gap-3 sm:grid-cols-2">
        {CONSTRUCTIONS.map(({ id, label, needs, gives }) => {
          const own = id === construction;
          const lost = own ? null : givenUp(changedGarment(document, id));
          return (
            <li key={id}>
              <button
                type="button"
                aria-pressed={own}
                data-construction={id}
                className={`flex h-full w-full gap-3 rounded border p-3 text-left ${own ? 'border-2 border-ink' : 'border-line hover:bg-tape'}`}
                onClick={() => choose(id, label, lost)}
              >
                <Picture document={as.get(id)!} alt="" className="h-28 w-28 shrink-0" />
                <span className="min-w-0 text-[13px] leading-snug">
                  <span className="mb-1 block font-display text-[16px] font-semibold">
                    {label}
                    {own && (
                      <span className="font-sans text-[12.5px] font-normal text-soft"> (this one)</span>
                    )}
                  </span>
                  <span className="block">
                    <b>Needs</b> {needs}.
                  </span>
                  <span className="block">
                    <b>Gives</b> {gives}.
                  </span>
                  {!own && (
                    <span className="mt-1 block text-soft">
                      {lost ?? 'Everything of this design is kept.'}
                    </span>
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </Modal>
  );
}
