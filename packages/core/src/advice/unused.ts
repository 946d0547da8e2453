import type { JsonObject } from '../check/fields.js';
import type { Construction } from '../garment/construction.js';
import { unusedIn } from '../fields/words.js';
import { CONSTRUCTIONS } from '../garment/registry.js';
import { say } from '../text/phrase.js';
import type { Note } from './note.js';

/** Fields that stand in the garment and have no say in its construction: one line, each of them inside. */
export function unusedNotes(construction: Construction, garment: JsonObject): Note[] {
  const named = `“${construction.label}”`;
  const { sleeve } = construction.fields;
  const bare = garment['sleeve'] === null || garment['sleeve'] === false;
  const sleeves: Note[] =
    bare && sleeve?.kind === 'group' && !sleeve.optional
      ? [
          {
            level: 'warn',
            code: 'sleeves-all-the-same',
            where: 'garment.sleeve',
            message: say`${named} always has sleeves, so “sleeve: null” changes nothing; a vest has none.`,
          },
        ]
      : [];
  const unused = unusedIn(
    garment,
    construction.fields,
    CONSTRUCTIONS.map(({ fields }) => fields),
  );
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
