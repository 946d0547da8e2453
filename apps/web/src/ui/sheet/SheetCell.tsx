import { memo } from 'react';

interface CellProps {
  id: string;
  name: string;
  text: string;
  placeholder: string;
  trouble: string | undefined;
  marked: boolean;
  active: boolean;
  chosen: boolean;
  onDown: (extend: boolean) => void;
  onOver: () => void;
  onOpen: () => void;
}

/** One cell; memoised by what it shows, so that typing in one leaves the others alone. */
export const Cell = memo(
  function Cell({
    id,
    name,
    text,
    placeholder,
    trouble,
    marked,
    active,
    chosen,
    onDown,
    onOver,
    onOpen,
  }: CellProps) {
    return (
      <div
        id={id}
        role="gridcell"
        data-cell={name}
        aria-selected={chosen}
        aria-invalid={trouble !== undefined}
        title={trouble ?? (marked ? 'differs from the chart' : undefined)}
        className={`relative h-[27px] w-[4.6rem] shrink-0 cursor-cell truncate border-r border-b border-line px-1.5 py-1 text-right contain-content ${trouble !== undefined ? 'bg-broken-wash text-broken' : chosen && !active ? 'bg-agreed-wash' : 'bg-sheet'} ${active ? 'outline-2 -outline-offset-2 outline-agreed' : ''} ${text === '' ? 'text-soft italic' : ''}`}
        onPointerDown={(event) => {
          if (event.button === 0) onDown(event.shiftKey);
        }}
        onPointerEnter={({ buttons }) => buttons === 1 && onOver()}
        onDoubleClick={onOpen}
      >
        {marked && (
          <span
            aria-label="differs from the chart"
            className="absolute top-0 right-0 border-t-[7px] border-l-[7px] border-t-eased-stroke border-l-transparent"
          />
        )}
        {text === '' ? placeholder : text}
      </div>
    );
  },
  (before, now) =>
    before.text === now.text &&
    before.placeholder === now.placeholder &&
    before.trouble === now.trouble &&
    before.marked === now.marked &&
    before.active === now.active &&
    before.chosen === now.chosen &&
    before.id === now.id,
);

/** The cell that is typed into. */
export function CellInput({
  id,
  label,
  text,
  trouble,
  type,
  finish,
  revert,
}: {
  id: string;
  label: string;
  text: string;
  trouble: string | undefined;
  type: (text: string) => void;
  finish: (then?: [number, number]) => void;
  revert: () => void;
}) {
  return (
    <div role="gridcell" id={id} className="relative w-[4.6rem] shrink-0 border-r border-b border-line">
      <input
        autoFocus
        data-cell-input
        aria-label={label}
        aria-invalid={trouble !== undefined}
        title={trouble}
        className={`h-[26px] w-full bg-sheet px-1.5 text-right outline-2 -outline-offset-2 ${trouble !== undefined ? 'outline-broken' : 'outline-agreed'}`}
        value={text}
        onChange={(event) => type(event.target.value)}
        onFocus={(event) => event.target.setSelectionRange(text.length, text.length)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') finish([event.shiftKey ? -1 : 1, 0]);
          else if (event.key === 'Tab') finish([0, event.shiftKey ? -1 : 1]);
          else if (event.key === 'Escape') revert();
          else return;
          event.preventDefault();
        }}
        onBlur={() => finish()}
      />
    </div>
  );
}
