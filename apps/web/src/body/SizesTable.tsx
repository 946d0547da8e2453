import { useMemo, useRef } from 'react';
import {
  chartDifferences,
  completeBody,
  formatLength,
  inWords,
  measurement,
  tidy,
  type MeasurementId,
  type Size,
} from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { edit, keepDraft, useDesign } from '../state/designStore';
import { light, setSize, useView } from '../state/view';
import { Sheet } from '../ui/sheet/Sheet';
import type { SheetCell, SheetChange, SheetHeading, SheetPlace } from '../ui/sheet/sheetBlock';
import { useFields } from './useFields';
import { cellPath, isMeasurement, readCell, type SizeField } from './cells';

interface Props {
  place: SheetPlace;
  onPlace: (place: SheetPlace) => void;
}

const heading = (field: SizeField): SheetHeading =>
  isMeasurement(field)
    ? { id: field, label: measurement(field).label, title: measurement(field).howTo }
    : { id: field, label: field === 'name' ? 'Name' : 'Group' };

/** The bodies of the range as a sheet; missing figures are shown as derived, those that differ from the chart are marked. */
export function SizesTable({ place, onPlace }: Props) {
  const { sizes, units, chart } = useDocument();
  const across = useView((view) => view.sizesAcross);
  const drafts = useDesign((state) => state.drafts);
  const fields = useFields();
  const typed = useRef({ path: '', before: '' });

  const bodies = useMemo(() => sizes.map(({ body, group }) => completeBody(body, group)), [sizes]);
  const indexes = useMemo(() => new Map(sizes.map(({ id }, i) => [id, i])), [sizes]);
  const differs = useMemo(
    () =>
      new Set(
        chart ? chartDifferences(chart, sizes).map(({ size, measurement: of }) => `${size} ${of}`) : [],
      ),
    [chart, sizes],
  );
  const shown = (size: Size, field: SizeField): string => {
    if (field === 'name') return size.label;
    if (field === 'group') return size.group;
    const cm = size.body[field];
    return cm === undefined ? '' : units === 'cm' ? String(tidy(cm)) : formatLength(cm, units);
  };
  const split = (row: string, column: string) => {
    const [id, field] = across ? [column, row] : [row, column];
    return { index: indexes.get(id) ?? 0, field: field as SizeField };
  };

  const cell = (row: string, column: string): SheetCell => {
    const { index, field } = split(row, column);
    const size = sizes[index]!;
    const draft = drafts[cellPath(index, field)];
    const derived = isMeasurement(field) ? bodies[index]?.derived.get(field) : undefined;
    return {
      text: draft && draft.message !== '' ? draft.text : shown(size, field),
      trouble: draft && draft.message !== '' ? draft.message : undefined,
      placeholder: derived ? formatLength(derived.cm, units) : '',
      marked: differs.has(`${size.id} ${field}`),
    };
  };

  const onEdit = (changes: readonly SheetChange[], typing: boolean) => {
    const good: { index: number; put: (size: Size) => void }[] = [];
    for (const { row, column, text } of changes) {
      const { index, field } = split(row, column);
      const path = cellPath(index, field);
      if (typing && typed.current.path !== path)
        typed.current = { path, before: shown(sizes[index]!, field) };
      const read = readCell(field, text, units);
      if (!read.ok) {
        // What was good on the way to an unfit text ("10" of "101 wide") is not what was meant.
        if (typing) restore(index, field);
        keepDraft(path, { text, message: read.message });
        continue;
      }
      keepDraft(path, null);
      good.push({ index, put: read.put as (size: Size) => void });
    }
    if (good.length === 0) return;
    const [only] = changes;
    const first = split(only!.row, only!.column);
    const path = changes.length === 1 ? cellPath(first.index, first.field) : 'sizes';
    const message = edit(path, (document) => {
      for (const { index, put } of good) put(document.sizes[index] as Size);
    });
    if (message !== null) keepDraft(cellPath(first.index, first.field), { text: only!.text, message });
  };

  /** Puts the figure back that stood in the cell before it was typed into. */
  const restore = (index: number, field: SizeField) => {
    const path = cellPath(index, field);
    if (typed.current.path !== path) return;
    const read = readCell(field, typed.current.before, units);
    if (read.ok) edit(path, (document) => read.put(document.sizes[index]!));
  };

  const onRevert = (row: string, column: string) => {
    const { index, field } = split(row, column);
    keepDraft(cellPath(index, field), null);
    restore(index, field);
    typed.current = { path: '', before: '' };
  };

  const sizeHeadings = sizes.map(({ id, label }): SheetHeading => ({ id, label }));
  const fieldHeadings = fields.map(heading);
  return (
    <Sheet
      label="Sizes"
      corner={units}
      rows={across ? fieldHeadings : sizeHeadings}
      columns={across ? sizeHeadings : fieldHeadings}
      wideRowHeads={across}
      cell={cell}
      onEdit={onEdit}
      onRevert={onRevert}
      place={place}
      onPlace={(next) => {
        typed.current = { path: '', before: '' };
        onPlace(next);
        const sizeAt = sizes[across ? next.column : next.row];
        if (sizeAt) setSize(sizeAt.id);
        const field = fields[across ? next.row : next.column];
        light(field !== undefined && isMeasurement(field) ? field : null);
      }}
    />
  );
}

/** How a measurement is taken, and for a missing one the rule that gives it. */
export function MeasurementHelp({ size, lit }: { size: Size; lit: MeasurementId | null }) {
  const { units } = useDocument();
  const drafts = useDesign((state) => state.drafts);
  const { sizes } = useDocument();
  if (!lit) return <p className="text-[13px] text-soft">Choose a measurement to see where it is taken.</p>;
  const derived = completeBody(size.body, size.group)?.derived.get(lit);
  const draft = drafts[cellPath(sizes.indexOf(size), lit)];
  return (
    <div className="text-[13px]">
      <p className="font-semibold">
        {measurement(lit).label}, {size.label}
      </p>
      <p className="text-soft">{measurement(lit).howTo}</p>
      {derived && (
        <p className="text-soft" data-testid="derived">
          {formatLength(derived.cm, units, { unit: true })} derived: {inWords(derived.rule, units)}
        </p>
      )}
      {draft && draft.message !== '' && (
        <p role="alert" className="text-broken">
          {draft.message}
        </p>
      )}
    </div>
  );
}
