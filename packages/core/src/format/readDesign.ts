import { GROUPS, MEASUREMENTS, type Body } from '../body/measurements.js';
import { completeBody } from '../body/derive.js';
import { FieldReader, isObject, quote, type FieldProblem, type JsonObject } from '../check/fields.js';
import type { Design } from '../design.js';
import { STITCHES } from '../fabric/fabric.js';
import { CONSTRUCTIONS, constructionOf } from '../garment/registry.js';
import { migrateDesign } from './migrate.js';

export type DesignRead = { ok: true; design: Design } | { ok: false; problems: FieldProblem[] };

/** Most sizes, fabrics and pins that one design may have. */
const MOST_SIZES = 600;
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
  const pins = migrated.design['pins'] === undefined ? [] : readPins(reader, sizeIds);
  if (problems.length > 0) return { ok: false, problems };
  const sizes = (migrated.design['sizes'] as JsonObject[]).map((size) => ({
    group: 'adult',
    label: size['id'],
    ...size,
  }));
  return { ok: true, design: { ...migrated.design, units, graded, sizes, pins } as unknown as Design };
}

function readSizes(reader: FieldReader): string[] {
  const sizes = reader.list('sizes', 'The list of sizes', MOST_SIZES);
  if (Array.isArray(reader.object['sizes']) && reader.object['sizes'].length === 0)
    reader.problem('sizes', 'The list of sizes is empty; at least one size belongs here.');
  const ids: string[] = [];
  for (const size of sizes) {
    const id = size.text('id', 'The size’s id');
    if (ids.includes(id)) size.problem('id', `Two sizes are called ${quote(id)}; each needs its own id.`);
    ids.push(id);
    size.text('label', 'The size’s label', id);
    const group = size.choice('group', 'The group', GROUPS, 'adult');
    const body = size.inside('body', 'The body', true);
    if (!body) continue;
    const found = readBody(body);
    if (found && completeBody(found, group) === null)
      body.problem('bust', 'Nothing here leads to a bust; give the bust or chest round.');
  }
  return ids;
}

function readBody(reader: FieldReader): Body | null {
  const before = reader.problems.length;
  const body: Body = {};
  for (const { id, label, limits } of MEASUREMENTS) {
    if (reader.object[id] === undefined || reader.object[id] === null) continue;
    body[id] = reader.number(id, { label, min: limits[0], max: limits[1], unit: 'cm' });
  }
  return reader.problems.length === before ? body : null;
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
    fabric.text('name', 'The fabric’s name', id);
    fabric.number('hook', { label: 'The hook', min: 0.5, max: 40, unit: 'mm' });
    const gauge = fabric.inside('gauge', 'The gauge', true);
    if (gauge) readGauge(gauge);
    const unblocked = fabric.inside('unblocked', 'The unblocked gauge', false);
    if (unblocked) readGauge(unblocked);
    const rule = fabric.inside('rule', 'The count rule', true);
    if (rule)
      for (const [key, label] of [
        ['flat', 'The flat rule'],
        ['round', 'The rule in the round'],
        ['rows', 'The rule of the rows'],
      ] as const) {
        const one = rule.inside(key, label, true);
        one?.number('multiple', { label: `${label}’s multiple`, min: 1, max: 200, unit: '', whole: true });
        one?.number('plus', { label: `${label}’s plus`, min: 0, max: 200, unit: '', whole: true });
      }
    if (fabric.object['stitch'] !== undefined) fabric.choice('stitch', 'The stitch', STITCHES, 'hdc');
    fabric.number('foundationExtra', {
      label: 'The extra foundation chains',
      min: 0,
      max: 20,
      unit: 'chains',
      otherwise: 1,
      whole: true,
    });
    fabric.number('stretch', {
      label: 'The stretch',
      min: 0,
      max: 1,
      unit: '(0.15 is 15 %)',
      otherwise: 0.15,
    });
    const swatch = fabric.inside('swatch', 'The swatch', false);
    if (swatch) {
      swatch.number('width', { label: 'The swatch’s width', min: 1, max: 200, unit: 'cm' });
      swatch.number('height', { label: 'The swatch’s height', min: 1, max: 200, unit: 'cm' });
      swatch.number('metres', { label: 'The yarn in the swatch', min: 0.1, max: 5000, unit: 'm' });
    }
    const { pattern } = fabric.object;
    if (
      pattern !== undefined &&
      !(
        Array.isArray(pattern) &&
        pattern.length <= 60 &&
        pattern.every((line) => typeof line === 'string' && line.length <= 500)
      )
    )
      fabric.problem(
        'pattern',
        'The stitch pattern is a list of up to 60 sentences of at most 500 characters.',
      );
  }
  return ids;
}

function readGauge(reader: FieldReader): void {
  const count = (label: string) => ({ label, min: 0.5, max: 500, unit: 'counted' });
  const over = (label: string) => ({ label, min: 1, max: 200, unit: 'cm' });
  reader.number('stitches', count('The stitches of the swatch'));
  reader.number('stitchesOver', over('The length the stitches were counted over'));
  reader.number('rows', count('The rows of the swatch'));
  reader.number('rowsOver', over('The length the rows were counted over'));
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
