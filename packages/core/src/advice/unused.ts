import type { JsonObject } from '../check/fields.js';
import type { Construction } from '../garment/construction.js';
import { saysNoSleeves, unusedFields } from '../garment/fields.js';
import { say } from '../text/phrase.js';
import type { Note } from './note.js';

/** Fields that stand in the garment and have no say in its construction: one line, each of them inside. */
export function unusedNotes(construction: Construction<unknown>, garment: JsonObject): Note[] {
  const named = `“${construction.label}”`;
  const sleeves: Note[] = saysNoSleeves(construction, garment)
    ? [
        {
          level: 'warn',
          code: 'sleeves-all-the-same',
          where: 'garment.sleeve',
          message: say`${named} always has sleeves, so “sleeve: null” changes nothing; a vest has none.`,
        },
      ]
    : [];
  const unused = unusedFields(construction, garment);
  const [first] = unused;
  if (!first) return sleeves;
  const details = unused.map(({ path, label }) => say`${label} (garment.${path})`);
  const note = { level: 'tip', code: 'field-unused', where: `garment.${first.path}` } as const;
  const message =
    unused.length === 1
      ? say`${details[0]!} has no say in ${named}.`
      : say`${unused.length} fields of the design have no say in ${named}: ${unused.map(({ path }) => path).join(', ')}.`;
  return [
    ...sleeves,
    {
      ...note,
      message,
      ...(unused.length > 1 ? { details, alsoAt: unused.slice(1).map(({ path }) => `garment.${path}`) } : {}),
    },
  ];
}
