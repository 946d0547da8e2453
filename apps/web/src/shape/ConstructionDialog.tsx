import { changedGarment, CONSTRUCTIONS, type Design } from '@upfell/core';
import { toast } from 'sonner';
import { Modal } from '../ui/Modal';
import { changeConstruction, givenUp } from '../state/changeConstruction';

interface Props {
  document: Design;
  onClose: () => void;
}

/** All constructions side by side: an outline of each, what it asks for and gives, and what a change would give up. */
export function ConstructionDialog({ document, onClose }: Props) {
  const { construction } = document.garment;
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
        {CONSTRUCTIONS.map(({ id, label, sketch }) => {
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
                <svg width={120} height={96} viewBox="0 0 120 96" aria-hidden className="shrink-0">
                  {sketch.outlines.map((d) => (
                    <path
                      key={d}
                      d={d}
                      fill="#fbf6ea"
                      stroke="#20303a"
                      strokeWidth={1.5}
                      strokeLinejoin="round"
                    />
                  ))}
                  {sketch.inner?.map((d) => (
                    <path
                      key={d}
                      d={d}
                      fill="none"
                      stroke="#2c5f86"
                      strokeWidth={1.4}
                      strokeDasharray="2 3"
                    />
                  ))}
                </svg>
                <span className="min-w-0 text-[13px] leading-snug">
                  <span className="mb-1 block font-display text-[16px] font-semibold">
                    {label}
                    {own && (
                      <span className="font-sans text-[12.5px] font-normal text-soft"> (this one)</span>
                    )}
                  </span>
                  <span className="block">
                    <b>Needs</b> {sketch.needs}.
                  </span>
                  <span className="block">
                    <b>Gives</b> {sketch.gives}.
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
