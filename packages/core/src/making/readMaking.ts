import { FieldReader, isObject, quote, type FieldProblem, type JsonObject } from '../check/fields.js';
import { readDesign } from '../format/readDesign.js';
import { BALL_EVENTS, GAUGE_STATES, GAUGE_WAYS, STEP_STATES, TRY_ONS, type Making } from './entries.js';

/** The newest version of the format. */
export const MAKING_VERSION = 1;
/** Most entries that a log may have, and the longest making file that is read, in characters. */
export const MOST_ENTRIES = 100_000;
export const LONGEST_MAKING = 40_000_000;
/** Most entries that are added to a log at once. */
const MOST_AT_ONCE = 5000;
/** Longest note, in characters. */
export const LONGEST_NOTE = 4000;

export type MakingRead = { ok: true; making: Making } | { ok: false; problems: FieldProblem[] };

/** Reads the text of a making file. */
export function readMakingText(text: string): MakingRead {
  if (text.length > LONGEST_MAKING)
    return wrong(
      `The file is ${Math.round(text.length / 1e6)} MB long; a making has at most ${LONGEST_MAKING / 1e6} MB.`,
    );
  try {
    return readMaking(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    return wrong('This is not a making file: it is not JSON.');
  }
}

function wrong(message: string, path = ''): MakingRead {
  return { ok: false, problems: [{ path, message }] };
}

/**
 * Checks untrusted JSON against the making format.
 *
 * @param raw parsed JSON
 * @returns the making with unknown fields and entries of unknown kinds kept, or every problem with its path
 */
export function readMaking(raw: unknown): MakingRead {
  if (!isObject(raw)) return wrong('This is not a making file: an object belongs here.');
  if (raw['format'] !== 'upfell/making')
    return wrong(
      raw['format'] === 'upfell/design'
        ? 'This is a design, not a making: begin a making of it from its page.'
        : `The format is ${quote(raw['format'])}; a making file says “upfell/making”.`,
      'format',
    );
  const { version } = raw;
  if (typeof version === 'number' && version > MAKING_VERSION)
    return wrong(
      `The file is of version ${version}; this program reads making files up to version ${MAKING_VERSION}. A newer program can read it.`,
      'version',
    );
  const problems: FieldProblem[] = [];
  const reader = new FieldReader(raw, '', problems);
  reader.number('version', { label: 'The version', min: 1, max: MAKING_VERSION, unit: '', whole: true });
  reader.text('name', 'The name of the making');
  reader.text('design', 'The name of the design');
  reader.number('revision', {
    label: 'The state of the design',
    min: 1,
    max: 1e9,
    unit: '',
    whole: true,
    fallback: 1,
  });
  reader.text('size', 'The size');
  const entries = reader.list('entries', 'The list of entries', MOST_ENTRIES);
  for (const entry of entries) readEntry(entry);
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, making: { revision: 1, ...(raw as JsonObject) } as unknown as Making };
}

/**
 * Checks entries that are to be added to a log.
 *
 * @param raw parsed JSON: an object with a list of `entries`
 */
export function readEntries(
  raw: unknown,
): { ok: true; entries: Making['entries'] } | { ok: false; problems: FieldProblem[] } {
  const problems: FieldProblem[] = [];
  const reader = new FieldReader(isObject(raw) ? raw : {}, '', problems);
  const entries = reader.list('entries', 'The list of entries', MOST_AT_ONCE);
  for (const entry of entries) readEntry(entry);
  return problems.length > 0
    ? { ok: false, problems }
    : { ok: true, entries: entries.map(({ object }) => object as unknown as Making['entries'][number]) };
}

/** Checks one entry of a log; of kinds that are not known only what every entry has. */
export function readEntry(entry: FieldReader): void {
  const id = entry.object['id'];
  if (typeof id !== 'string' || !/^[\w-]{1,64}$/.test(id))
    entry.problem('id', `The id is ${quote(id)}; 1 to 64 letters, digits, - and _ belong here.`);
  const at = entry.object['at'];
  if (typeof at !== 'string' || !/^\d{4}-\d{2}-\d{2}T/.test(at) || Number.isNaN(Date.parse(at)))
    entry.problem('at', `The time is ${quote(at)}; one like “2026-01-05T18:20:00Z” belongs here.`);
  const kind = entry.text('kind', 'The kind of the entry');
  READERS[kind]?.(entry);
}

const READERS: Readonly<Record<string, (entry: FieldReader) => void>> = {
  row: readRow,
  repeats: (entry) => {
    readRow(entry);
    count(entry, 'many', 'The number of repeats');
  },
  jump: (entry) => {
    readRow(entry);
    readText(entry, 'why', 'The reason');
  },
  undo: (entry) => void entry.text('of', 'The entry that is undone'),
  gauge: (entry) => {
    entry.text('fabric', 'The fabric');
    for (const axis of ['stitches', 'rows'] as const) {
      const label = axis === 'stitches' ? 'Stitches counted' : 'Rows counted';
      entry.number(axis, { label, min: 0.5, max: 200, unit: axis });
      entry.number(`${axis}Over`, {
        label: `The length that ${axis} were counted over`,
        min: 1,
        max: 100,
        unit: 'cm',
      });
    }
    entry.choice('state', 'What was counted', GAUGE_STATES, 'blocked');
    entry.choice('way', 'What is done about the gauge', [...GAUGE_WAYS], 're-plan');
    if (entry.object['hook'] !== undefined)
      entry.number('hook', { label: 'The hook', min: 0.5, max: 30, unit: 'mm' });
  },
  measured: (entry) => {
    readRow(entry);
    for (const key of ['width', 'height'] as const)
      if (entry.object[key] !== undefined)
        entry.number(key, { label: `The ${key}`, min: 0.5, max: 400, unit: 'cm' });
    entry.choice('state', 'How it was measured', GAUGE_STATES, 'on the hook');
  },
  tried: (entry) => {
    entry.choice('where', 'Where it was tried on', TRY_ONS, 'other');
    readText(entry, 'text', 'What was decided');
  },
  note: (entry) => readText(entry, 'text', 'The note'),
  ball: (entry) => {
    entry.text('fabric', 'The fabric');
    entry.choice('event', 'What happened to the ball', BALL_EVENTS, 'begun');
    if (entry.object['grams'] !== undefined)
      entry.number('grams', { label: 'What is left', min: 0, max: 20000, unit: 'g' });
    if (entry.object['balls'] !== undefined) count(entry, 'balls', 'The number of balls');
  },
  marker: (entry) => {
    readRow(entry);
    readText(entry, 'text', 'The marker');
  },
  step: (entry) => {
    entry.text('step', 'The step');
    entry.choice('state', 'How far the step is', STEP_STATES, 'done');
  },
  tally: (entry) => {
    entry.text('name', 'The name of the tally');
    entry.number('by', { label: 'What is added to the tally', min: -1000, max: 1000, unit: '', whole: true });
  },
  time: (entry) => void entry.number('minutes', { label: 'The time', min: 0, max: 100_000, unit: 'minutes' }),
  change: readChange,
  design: (entry) => {
    entry.number('revision', { label: 'The state of the design', min: 1, max: 1e9, unit: '', whole: true });
    const read = readDesign(entry.object['document']);
    if (!read.ok)
      for (const { path, message } of read.problems)
        entry.problem(path === '' ? 'document' : `document.${path}`, message);
  },
};

function readRow(entry: FieldReader): void {
  entry.text('piece', 'The piece');
  entry.number('copy', { label: 'The copy', min: 1, max: 1000, unit: '', whole: true, fallback: 1 });
  entry.object['copy'] ??= 1;
  entry.text('part', 'The part', 'main');
  entry.object['part'] ??= 'main';
  entry.number('n', { label: 'The number of the row', min: 1, max: 100_000, unit: '', whole: true });
}

function readChange(entry: FieldReader): void {
  const { object } = entry;
  const counted = object['quantity'] !== undefined || object['count'] !== undefined;
  if (!counted && object['field'] === undefined && object['counts'] === undefined)
    entry.problem('quantity', 'The change says neither a count nor a field; one of them belongs here.');
  if (counted) readWish(entry);
  if (object['counts'] !== undefined) entry.list('counts', 'The counts', 100).forEach(readWish);
  if (object['field'] !== undefined) {
    const field = entry.text('field', 'The field');
    if (/(?:^|\.)(?:__proto__|constructor|prototype)(?:\.|$)/.test(field))
      entry.problem('field', `${quote(field)} is no field of a garment.`);
  }
}

function readWish(entry: FieldReader): void {
  entry.text('quantity', 'The count’s name');
  count(entry, 'count', 'The count');
}

function count(entry: FieldReader, key: string, label: string): void {
  entry.number(key, { label, min: 0, max: 100_000, unit: '', whole: true });
}

function readText(entry: FieldReader, key: string, label: string): void {
  const value = entry.object[key];
  if (value === undefined) entry.object[key] = '';
  else if (typeof value !== 'string' || value.length > LONGEST_NOTE)
    entry.problem(
      key,
      `${label} needs text of at most ${LONGEST_NOTE} characters; ${quote(value)} stands there.`,
    );
}
