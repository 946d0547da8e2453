import type { Draft } from 'immer';
import {
  GROUPS,
  measurement,
  MEASUREMENTS,
  parseLength,
  tidy,
  type Design,
  type Group,
  type MeasurementId,
  type Size,
  type Units,
} from '@upfell/core';

/** What a cell of the table of sizes holds: the size's name, its group, or a measurement. */
export type SizeField = 'name' | 'group' | MeasurementId;

/** A text read for a cell: how to put it into a size, or a sentence. */
export type CellRead = { ok: true; put: (size: Draft<Size>) => void } | { ok: false; message: string };

/** The path of a cell, as problems name it. */
export function cellPath(index: number, field: SizeField): string {
  return `sizes[${index}].${field === 'name' ? 'label' : field === 'group' ? 'group' : `body.${field}`}`;
}

/** Reads what was typed or pasted into a cell. An empty measurement is taken out, and then derived. */
export function readCell(field: SizeField, text: string, units: Units): CellRead {
  const plain = text.trim();
  if (field === 'name')
    return plain !== '' && plain.length <= 200
      ? { ok: true, put: (size) => void (size.label = plain) }
      : { ok: false, message: 'A size needs a name of 1 to 200 characters.' };
  if (field === 'group') {
    const group = GROUPS.find((word) => word === plain.toLowerCase());
    return group
      ? { ok: true, put: (size) => void (size.group = group) }
      : { ok: false, message: `“${plain}” is no group; type adult, child or baby.` };
  }
  if (plain === '') return { ok: true, put: (size) => void delete size.body[field] };
  const parsed = parseLength(plain, units);
  if (!parsed.ok) return parsed;
  const cm = tidy(parsed.cm);
  const { label, limits } = measurement(field);
  if (cm < limits[0] || cm > limits[1])
    return { ok: false, message: `${label} is ${cm} cm; it can be ${limits[0]} to ${limits[1]} cm.` };
  return { ok: true, put: (size) => void (size.body[field] = cm) };
}

/** Step to the next size when one is added, cm of bust. */
const NEXT_BUST: Record<Group, number> = { adult: 10, child: 4, baby: 3 };

/** A size after the last: its name, and a bust one step larger. */
export function nextSize(design: Design, bustOf: (size: Size) => number): Size {
  const last = design.sizes.at(-1)!;
  let number = design.sizes.length + 1;
  while (design.sizes.some(({ id }) => id === `size-${number}`)) number += 1;
  return {
    id: `size-${number}`,
    label: `Size ${number}`,
    group: last.group,
    body: { bust: tidy(bustOf(last) + NEXT_BUST[last.group]) },
  };
}

/** Whether a field is a measurement. */
export function isMeasurement(field: string): field is MeasurementId {
  return MEASUREMENTS.some(({ id }) => id === field);
}
