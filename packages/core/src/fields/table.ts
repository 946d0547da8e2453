import { FieldReader } from '../check/fields.js';
import type { Field, Fields } from './kinds.js';
import { readFields } from './read.js';
import { valueAt } from './words.js';

/** A line of the table of fields: what a field is, and which objects have it so. */
interface FieldLine {
  path: string;
  words: string;
  of: string[];
}

/** Stand for the first and the second fabric of a design. */
const FABRICS = ['the first fabric', 'the second fabric'];

/**
 * The fields of several kinds of objects as a table in Markdown: path, what it does, what it may be, the usual figure, and which of them
 * have it so. A field that all of them declare alike has one line.
 */
export function fieldTable(kinds: readonly { id: string; fields: Fields }[]): string {
  const lines = new Map<string, FieldLine>();
  for (const { id, fields } of kinds) {
    const usual = readFields(fields, new FieldReader({}, '', []), FABRICS);
    for (const { path, field } of fieldsWithin(fields)) {
      const words = [field.help, mayBe(field), usualFigure(field, valueAt(usual, path))].join(' | ');
      const line = lines.get(path + words) ?? { path, words, of: [] };
      lines.set(path + words, { ...line, of: [...line.of, id] });
    }
  }
  const ids = kinds.map(({ id }) => id);
  const inOrder = [...lines.values()].sort((a, b) => (a.path < b.path ? -1 : a.path > b.path ? 1 : 0));
  return [
    '| field | what it does | may be | usual | of |',
    '| --- | --- | --- | --- | --- |',
    ...inOrder.map(({ path, words, of }) => `| \`${path}\` | ${words} | ${ofWhich(of, ids)} |`),
  ].join('\n');
}

/** Every field with its path, those inside groups after the group. */
export function fieldsWithin(fields: Fields, at = ''): { path: string; field: Field }[] {
  return Object.entries(fields).flatMap(([key, field]) => [
    { path: at + key, field },
    ...(field.kind === 'group' ? fieldsWithin(field.fields, `${at}${key}.`) : []),
  ]);
}

function ofWhich(of: readonly string[], ids: readonly string[]): string {
  const others = ids.filter((id) => !of.includes(id));
  if (others.length === 0) return 'all';
  return others.length <= 3 ? `all but ${others.join(', ')}` : of.join(', ');
}

function mayBe(field: Field): string {
  switch (field.kind) {
    case 'length': {
      const {
        range: [min, max],
        share,
        optional,
      } = field;
      return [
        `${min} to ${max} cm`,
        ...(share ? [`a share of ${share.of}`] : []),
        ...(optional ? [`\`null\`: ${optional.none}`] : []),
      ].join('; ');
    }
    case 'number':
      return `${field.range.join(' to ')}${field.unit === '' ? '' : ` ${field.unit}`}${field.optional ? '; `null`' : ''}`;
    case 'choice':
      return field.options.map(({ value, label }) => `\`${value}\` (${label})`).join(', ');
    case 'fabric':
      return `a fabric’s id${field.usual === null ? '; `null`: the body’s' : ''}`;
    case 'rising shares':
      return `1 to ${field.most} rising shares; \`null\``;
    case 'group':
      return field.optional ? 'its fields; `null`: none' : 'its fields';
  }
}

function usualFigure(field: Field, usual: unknown): string {
  if (field.kind === 'group') return usual === null ? 'none' : '';
  if (field.kind === 'fabric' && typeof field.usual === 'object' && field.usual)
    return `that of \`${field.usual.as}\``;
  // Of a part that is usually left out nothing was read.
  const figure = usual === undefined && 'usual' in field ? field.usual : usual;
  if (typeof figure === 'function') return '';
  if (typeof figure === 'object' && figure && 'percent' in figure) return `${figure.percent as number} %`;
  if (figure === 'rib') return FABRICS[1]!;
  return String(figure);
}
