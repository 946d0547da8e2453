import {
  constructionOf,
  fieldsWithin,
  fieldValues,
  holds,
  labelIn,
  MEASUREMENTS,
  type Design,
  type MeasurementId,
} from '@upfell/core';
import type { ScreenSize } from '../worker/screen';

/** Something that can be gone to by its name. */
export interface Place {
  id: string;
  group: 'Screens' | 'Sizes' | 'Settings' | 'Pieces' | 'Counts' | 'Joins' | 'Measurements';
  label: string;
  /** Said beside it. */
  hint?: string;
  /** Other words that it is found by. */
  words?: readonly string[];
  goes:
    | { to: 'screen'; path: string }
    | { to: 'size'; size: string }
    | { to: 'field'; path: string }
    | { to: 'piece'; piece: string }
    | { to: 'count'; count: string }
    | { to: 'join'; join: string }
    | { to: 'measurement'; measurement: MeasurementId };
}

/** Screens that are there without a design. */
export const SCREENS: readonly (readonly [path: string, label: string, words?: readonly string[]])[] = [
  ['/', 'The shelf', ['designs', 'home']],
  ['/new', 'Begin a design', ['new', 'start']],
  ['/charts', 'Charts of sizes'],
  ['/fabrics', 'Library of fabrics', ['swatches', 'stitch patterns']],
  ['/learn', 'The trade’s arithmetic', ['learn', 'rounding', 'how many stitches']],
  ['/glossary', 'Glossary', ['terms', 'words']],
];

const screen = (path: string, label: string, words?: readonly string[]): Place => ({
  id: `screen ${path}`,
  group: 'Screens',
  label,
  ...(words ? { words } : {}),
  goes: { to: 'screen', path },
});

/** All screens that need no design. */
export const placesOfShelf = (): Place[] => SCREENS.map(([path, label, words]) => screen(path, label, words));

/** All that an open design has to go to: its steps, sizes, settings, measurements, and what its plan has. */
export function placesOf(
  id: string,
  design: Design,
  steps: readonly { id: string; label: string }[],
  size: ScreenSize | undefined,
): Place[] {
  const construction = constructionOf(design.garment.construction)!;
  const values = fieldValues(
    construction,
    design.garment,
    design.fabrics.map((fabric) => fabric.id),
  );
  const headings = new Map<string, string>();
  const settings = fieldsWithin(construction.fields).flatMap(({ path, field }): Place[] => {
    const top = path.split('.')[0]!;
    if (field.heading && !headings.has(top)) headings.set(top, field.heading);
    const part = path.includes('.') ? headings.get(top) : undefined;
    // What has no place in the form now cannot be gone to.
    if (field.kind === 'group' || field.drawn || !inForm(construction.fields, path, values)) return [];
    return [
      {
        id: `field ${path}`,
        group: 'Settings',
        label: labelIn(field, values),
        ...(part ? { hint: part } : {}),
        words: [field.name, ...(part ? [part] : [])],
        goes: { to: 'field', path: `garment.${path}` },
      },
    ];
  });
  return [
    ...steps.map((step) => screen(`/designs/${id}/${step.id}`, step.label, ['step'])),
    ...placesOfShelf(),
    ...design.sizes.map(({ id: own, label }): Place => ({
      id: `size ${own}`,
      group: 'Sizes',
      label: `Size ${label}`,
      goes: { to: 'size', size: own },
    })),
    ...settings,
    ...(size?.pieces ?? []).map(({ id: piece, label }): Place => ({
      id: `piece ${piece}`,
      group: 'Pieces',
      label,
      hint: 'its rows',
      goes: { to: 'piece', piece },
    })),
    ...(size?.quantities ?? []).map(({ id: count, label, count: many }): Place => ({
      id: `count ${count}`,
      group: 'Counts',
      label,
      hint: String(many),
      goes: { to: 'count', count },
    })),
    ...(size?.joins ?? []).map(({ id: join, label }): Place => ({
      id: `join ${join}`,
      group: 'Joins',
      label,
      goes: { to: 'join', join },
    })),
    ...MEASUREMENTS.map(({ id: measurement, label }): Place => ({
      id: `measurement ${measurement}`,
      group: 'Measurements',
      label,
      words: ['body'],
      goes: { to: 'measurement', measurement },
    })),
  ];
}

/** Whether a field and all the parts that it lies in are shown. */
function inForm(fields: Parameters<typeof fieldsWithin>[0], path: string, values: unknown): boolean {
  const all = new Map(fieldsWithin(fields).map((one) => [one.path, one.field]));
  const keys = path.split('.');
  return keys.every((_, i) => {
    const at = keys.slice(0, i + 1).join('.');
    const inside = i === keys.length - 1 || valueThere(values, keys.slice(0, i + 1));
    return inside && holds(all.get(at)?.when, values);
  });
}

function valueThere(values: unknown, keys: readonly string[]): boolean {
  const value = keys.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
    values,
  );
  return value !== null && value !== undefined && value !== false;
}
