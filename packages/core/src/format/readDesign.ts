import { FieldReader, isObject, quote, type FieldProblem, type JsonObject } from '../check/fields.js';
import type { Design } from '../design.js';
import { CONSTRUCTIONS, constructionOf } from '../garment/registry.js';
import { readFinishing } from '../finishing/finishing.js';
import { readChartOrigin, readPeople, readWords } from './readExtras.js';
import { migrateDesign } from './migrate.js';
import { readFabric } from './readFabric.js';
import { readSizes } from './readSizes.js';

export type DesignRead = { ok: true; design: Design } | { ok: false; problems: FieldProblem[] };

/** Most fabrics and pins that one design may have. */
const MOST_FABRICS = 40;
const MOST_PINS = 5000;
/** Longest design file that is read, in characters. */
export const LONGEST_FILE = 5_000_000;

/**
 * Reads the text of a design file.
 *
 * @returns the design with unknown fields kept, or every problem with its path
 */
export function readDesignText(text: string): DesignRead {
  if (text.length > LONGEST_FILE)
    return problem(
      `The file is ${Math.round(text.length / 1e6)} MB long; a design file has at most ${LONGEST_FILE / 1e6} MB.`,
    );
  try {
    return readDesign(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return problem('This is not a design file: it is not JSON.');
  }
}

function problem(message: string, path = ''): DesignRead {
  return { ok: false, problems: [{ path, message }] };
}

/**
 * Checks untrusted JSON against the design format, after migrating older versions.
 *
 * @param raw parsed JSON
 */
export function readDesign(raw: unknown): DesignRead {
  if (!isObject(raw)) return problem('This is not a design file: an object belongs here.');
  if (raw['format'] !== 'upfell/design')
    return problem(`The format is ${quote(raw['format'])}; a design file says “upfell/design”.`, 'format');
  const migrated = migrateDesign(raw);
  if (!migrated.ok) return problem(migrated.message, 'version');
  const problems: FieldProblem[] = [];
  const reader = new FieldReader(migrated.design, '', problems);
  reader.text('name', 'The name');
  const units = reader.choice('units', 'The unit', ['cm', 'in'] as const, 'cm');
  const graded = reader.choice('graded', 'Graded', [true, false] as const, true);
  const sizeIds = readSizes(reader);
  const fabricIds = readFabrics(reader);
  readGarment(reader, fabricIds);
  reader.inside('range', 'The range', false)?.number('even', {
    label: 'The evenness of the steps',
    min: 0,
    max: 100,
    unit: '%',
    fallback: 0,
  });
  readChartOrigin(reader);
  readPeople(reader);
  readFinishing(reader);
  readWords(reader);
  const pins = migrated.design['pins'] === undefined ? [] : readPins(reader, sizeIds);
  if (problems.length > 0) return { ok: false, problems };
  const sizes = (migrated.design['sizes'] as JsonObject[]).map((size) => ({
    group: 'adult',
    label: size['id'],
    ...size,
  }));
  const design: JsonObject = { ...migrated.design, units, graded, sizes, pins };
  // What is read as usual is kept so: whoever opens the design finds it in its place.
  if (design['people'] !== undefined)
    design['people'] = (design['people'] as JsonObject[]).map((person) => ({
      group: 'adult',
      arm: 'flexed',
      ...person,
    }));
  // Nothing said is written as null by some.
  for (const key of ['finishing', 'words'] as const) if (migrated.design[key] === null) delete design[key];
  return { ok: true, design: design as unknown as Design };
}

function readFabrics(reader: FieldReader): string[] {
  const fabrics = reader.list('fabrics', 'The list of fabrics', MOST_FABRICS);
  if (Array.isArray(reader.object['fabrics']) && reader.object['fabrics'].length === 0)
    reader.problem('fabrics', 'The list of fabrics is empty; at least one fabric belongs here.');
  const ids: string[] = [];
  for (const fabric of fabrics) {
    const id = fabric.text('id', 'The fabric’s id');
    if (ids.includes(id)) fabric.problem('id', `Two fabrics are called ${quote(id)}; each needs its own id.`);
    ids.push(id);
    readFabric(fabric);
  }
  return ids;
}

function readGarment(reader: FieldReader, fabricIds: readonly string[]): void {
  const garment = reader.inside('garment', 'The garment', true);
  if (!garment) return;
  const construction = constructionOf(garment.object['construction']);
  if (construction) construction.readStyle(garment.object, fabricIds, reader.problems);
  else
    garment.problem(
      'construction',
      `The construction is ${quote(garment.object['construction'])}; it can be ${CONSTRUCTIONS.map(({ id }) => `“${id}”`).join(', ')}.`,
    );
}

function readPins(reader: FieldReader, sizeIds: readonly string[]): unknown[] {
  const seen = new Set<string>();
  return reader.list('pins', 'The list of held counts', MOST_PINS).map((pin) => {
    const size = pin.text('size', 'The held count’s size');
    const quantity = pin.text('quantity', 'The held count’s quantity');
    pin.number('count', { label: 'The held count', min: 0, max: 100000, unit: '', whole: true });
    if (size !== '' && !sizeIds.includes(size))
      pin.problem('size', `A count is held for size ${quote(size)}, which this design does not have.`);
    const key = `${size}/${quantity}`;
    if (seen.has(key))
      pin.problem(
        'quantity',
        `${quote(quantity)} is held twice for size ${quote(size)}; one of them must go.`,
      );
    seen.add(key);
    return pin.object;
  });
}
