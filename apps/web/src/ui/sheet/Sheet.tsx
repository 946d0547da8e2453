import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import {
  cellsOf,
  chosenBlock,
  copiedText,
  pastedCells,
  pastedChanges,
  type SheetCell,
  type SheetChange,
  type SheetHeading,
  type SheetPlace,
} from './sheetBlock';
import { Cell, CellInput } from './SheetCell';
import { useActiveCell } from './useActiveCell';

interface Props {
  label: string;
  corner: string;
  rows: readonly SheetHeading[];
  columns: readonly SheetHeading[];
  cell: (row: string, column: string) => SheetCell;
  /** Takes new texts; `typing` says that they come key by key. */
  onEdit: (changes: readonly SheetChange[], typing: boolean) => void;
  /** Puts a cell back to what it was before it was typed into. */
  onRevert: (row: string, column: string) => void;
  onPlace: (place: SheetPlace) => void;
  place: SheetPlace;
  wideRowHeads?: boolean;
}

const ARROWS: Record<string, readonly [down: number, right: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** A table with the manners of a spreadsheet: arrows, typing over, F2, blocks chosen, copied, pasted and cleared. */
export function Sheet({
  label,
  corner,
  rows,
  columns,
  cell,
  onEdit,
  onRevert,
  onPlace,
  place,
  wideRowHeads,
}: Props) {
  const [editing, setEditing] = useState<string | null>(null);
  const grid = useRef<HTMLDivElement>(null);
  const row = Math.min(place.row, rows.length - 1);
  const column = Math.min(place.column, columns.length - 1);
  const block = chosenBlock({ ...place, row, column });
  const rowId = rows[row]!.id;
  const columnId = columns[column]!.id;
  const cellId = (r: number, c: number) => `cell-${rows[r]!.id}-${columns[c]!.id}`.replace(/\s/g, '_');

  useActiveCell(grid, cellId(row, column), (text) => onEdit([{ row: rowId, column: columnId, text }], false));

  const go = (nextRow: number, nextColumn: number, extend = false) => {
    const r = Math.max(0, Math.min(rows.length - 1, nextRow));
    const c = Math.max(0, Math.min(columns.length - 1, nextColumn));
    onPlace(extend ? { ...place, toRow: r, toColumn: c } : { row: r, column: c, toRow: r, toColumn: c });
  };
  const finish = (then?: [number, number]) => {
    setEditing(null);
    grid.current?.focus({ preventScroll: true });
    if (then) go(row + then[0], column + then[1]);
  };
  const type = (text: string) => {
    setEditing(text);
    onEdit([{ row: rowId, column: columnId, text }], true);
  };

  const keys = (event: KeyboardEvent) => {
    if (editing !== null) return;
    const { key, shiftKey } = event;
    const command = event.ctrlKey || event.metaKey;
    const arrow = ARROWS[key];
    if (arrow) {
      const [fromRow, fromColumn] = shiftKey ? [place.toRow, place.toColumn] : [row, column];
      const far = command ? Math.max(rows.length, columns.length) : 1;
      go(fromRow + arrow[0] * far, fromColumn + arrow[1] * far, shiftKey);
    } else if (key === 'Home') go(command ? 0 : row, 0, shiftKey);
    else if (key === 'End') go(command ? rows.length - 1 : row, columns.length - 1, shiftKey);
    else if (command && key.toLowerCase() === 'a')
      onPlace({ row: 0, column: 0, toRow: rows.length - 1, toColumn: columns.length - 1 });
    else if (key === 'F2' || key === 'Enter') setEditing(cell(rowId, columnId).text);
    else if (key === 'Escape') onRevert(rowId, columnId);
    else if (key === 'Delete' || key === 'Backspace')
      onEdit(
        cellsOf(block, rows, columns)
          .flat()
          .map((at) => ({ ...at, text: '' })),
        false,
      );
    else if (key.length === 1 && !command && !event.altKey && key !== '[' && key !== ']' && key !== '?')
      type(key);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const copy = (event: ClipboardEvent) => {
    if (editing !== null) return;
    const texts = cellsOf(block, rows, columns).map((line) => line.map((at) => cell(at.row, at.column).text));
    event.clipboardData.setData('text/plain', copiedText(texts));
    event.preventDefault();
  };
  const paste = (event: ClipboardEvent) => {
    if (editing !== null) return;
    const cells = pastedCells(event.clipboardData.getData('text/plain'));
    const changes = pastedChanges(cells, block, rows, columns);
    event.preventDefault();
    if (changes.length === 0) return;
    onEdit(changes, false);
    onPlace({
      row: block.top,
      column: block.left,
      toRow: Math.min(rows.length - 1, block.top + cells.length - 1),
      toColumn: Math.min(columns.length - 1, block.left + Math.max(...cells.map(({ length }) => length)) - 1),
    });
  };

  return (
    <div
      ref={grid}
      role="grid"
      aria-label={label}
      aria-rowcount={rows.length + 1}
      aria-colcount={columns.length + 1}
      aria-multiselectable
      aria-activedescendant={cellId(row, column)}
      tabIndex={0}
      className="w-max text-[13px] select-none"
      onKeyDown={keys}
      onCopy={copy}
      onPaste={paste}
    >
      <div role="row" className="sticky top-0 z-20 flex bg-paper">
        <div
          role="columnheader"
          className={`sticky left-0 z-10 shrink-0 border-r border-b border-line bg-paper px-2 py-1 text-soft ${wideRowHeads ? 'w-44' : 'w-24'}`}
        >
          {corner}
        </div>
        {columns.map(({ id, label: heading, title }, c) => (
          <div
            key={id}
            role="columnheader"
            title={title}
            className={`flex w-[4.6rem] shrink-0 items-end border-r border-b border-line px-1.5 py-1 leading-tight font-semibold ${c === column ? 'bg-tape' : ''}`}
          >
            {heading}
          </div>
        ))}
      </div>
      {rows.map(({ id, label: heading, title }, r) => (
        <div
          key={id}
          role="row"
          className="flex"
          style={
            rows.length > 40 ? { contentVisibility: 'auto', containIntrinsicSize: 'auto 27px' } : undefined
          }
        >
          <div
            role="rowheader"
            title={title}
            className={`sticky left-0 z-10 h-[27px] shrink-0 truncate border-r border-b border-line px-2 py-1 font-semibold ${wideRowHeads ? 'w-44' : 'w-24'} ${r === row ? 'bg-tape' : 'bg-paper'}`}
          >
            {heading}
          </div>
          {columns.map(({ id: of }, c) => {
            const { text, placeholder, trouble, marked } = cell(id, of);
            const active = r === row && c === column;
            return active && editing !== null ? (
              <CellInput
                key={of}
                id={cellId(r, c)}
                label={`${heading}, ${columns[c]!.label}`}
                text={trouble === undefined ? editing : text}
                trouble={trouble}
                type={type}
                finish={finish}
                revert={() => {
                  onRevert(id, of);
                  finish();
                }}
              />
            ) : (
              <Cell
                key={of}
                id={cellId(r, c)}
                name={`${id} ${of}`}
                text={text}
                placeholder={placeholder ?? ''}
                trouble={trouble}
                marked={marked ?? false}
                active={active}
                chosen={r >= block.top && r <= block.bottom && c >= block.left && c <= block.right}
                onDown={(extend) => {
                  setEditing(null);
                  go(r, c, extend);
                }}
                onOver={() => go(r, c, true)}
                onOpen={() => setEditing(text)}
              />
            );
          })}
        </div>
      ))}
    </div>
  );
}
