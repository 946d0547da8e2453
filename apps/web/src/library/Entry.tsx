import { Copy, PencilLine, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../ui/Button';

interface Props {
  name: string;
  /** Name and what is said of it; a link where it opens. */
  children: ReactNode;
  /** Further buttons. */
  more?: ReactNode;
  onRename: () => void;
  onDuplicate: () => void;
  onDelete: () => void;
}

/** One entry of the shelf or of a library, with what can be done to it. */
export function Entry({ name, children, more, onRename, onDuplicate, onDelete }: Props) {
  return (
    <li className="flex items-center gap-4 border-b border-line py-2.5 hover:bg-tape/50">
      {children}
      <span className="flex shrink-0 items-center max-sm:w-[74px] max-sm:flex-wrap">
        {more}
        <Button look="quiet" aria-label={`Rename ${name}`} title="Rename" onClick={onRename}>
          <PencilLine size={15} aria-hidden />
        </Button>
        <Button look="quiet" aria-label={`Duplicate ${name}`} title="Duplicate" onClick={onDuplicate}>
          <Copy size={15} aria-hidden />
        </Button>
        <Button look="quiet" aria-label={`Delete ${name}`} title="Delete (can be undone)" onClick={onDelete}>
          <Trash2 size={15} aria-hidden />
        </Button>
      </span>
    </li>
  );
}

/** Name and description of an entry. */
export function EntryWords({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <span className="block truncate font-display text-[17px] font-semibold">{name}</span>
      <span className="text-[13px] text-soft">{children}</span>
    </>
  );
}

/** Says that a list could not be read, and tries again. */
export function ListTrouble({ trouble, load }: { trouble: string | null; load: () => void }) {
  if (!trouble) return null;
  return (
    <p
      role="alert"
      className="mb-4 flex items-center gap-3 border-l-4 border-broken bg-broken-wash px-4 py-2"
    >
      {trouble} <Button onClick={load}>Try again</Button>
    </p>
  );
}
