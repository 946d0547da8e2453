/** What changed between two states of a pattern, in its own words, as a list that makers of the older one can be given. */

import { aligned } from '../text/aligned.js';
import { isTable, meaningOf, type Line, type PatternSection, type PatternText, type Table } from './line.js';
import { lineToText } from './text.js';

/** A change of the text: in which section, and what to do. */
export interface Erratum {
  section: string;
  says: string;
}

/** The changes from one state of a pattern to another; both in the same terms and units. */
export function errata(before: PatternText, after: PatternText): Erratum[] {
  const changes: Erratum[] = [];
  const note = (section: string, says: string) => changes.push({ section, says });
  if (before.title !== after.title) note('Title', `“${before.title}” becomes “${after.title}”.`);
  if (String(before.sizes) !== String(after.sizes))
    note('Sizes', `${before.sizes.join(', ')} becomes ${after.sizes.join(', ')}.`);
  const ids = aligned([before.sections.map(({ id }) => id), after.sections.map(({ id }) => id)]);
  for (const { sizes, places } of ids) {
    const old = sizes.includes(0) ? before.sections[places[0]!]! : null;
    const now = sizes.includes(1) ? after.sections[places.at(-1)!]! : null;
    if (old && now) for (const says of sectionChanges(old, now, before, after)) note(now.heading, says);
    else if (now) note(now.heading, 'This section is new.');
    else note(old!.heading, 'This section is left out.');
  }
  return changes;
}

/** The list as text. */
export function errataToText(changes: readonly Erratum[], title: string): string {
  if (changes.length === 0) return `${title}: nothing changed in the pattern.\n`;
  const sections = [...new Set(changes.map(({ section }) => section))];
  return [
    `Changes to ${title}`,
    '',
    ...sections.flatMap((section) => [
      section,
      ...changes.filter((one) => one.section === section).map(({ says }) => `- ${says}`),
      '',
    ]),
  ].join('\n');
}

function sectionChanges(
  old: PatternSection,
  now: PatternSection,
  before: PatternText,
  after: PatternText,
): string[] {
  const said = (line: Line, { sizes, style }: PatternText) => lineToText(wordsOf(line), sizes, style);
  const columns = aligned([old.lines.map(meaningOf), now.lines.map(meaningOf)]);
  let last: string | null = null;
  const changes: string[] = [];
  for (const { sizes, places } of columns) {
    const was = sizes.includes(0) ? old.lines[places[0]!]! : null;
    const is = sizes.includes(1) ? now.lines[places.at(-1)!]! : null;
    if (was && is) {
      const [a, b] = [said(was, before), said(is, after)];
      if (a !== b) changes.push(`“${a}” becomes “${b}”`);
      changes.push(...tableChanges(tablesIn(was), tablesIn(is)));
      last = b;
    } else if (is) {
      const words = said(is, after);
      changes.push(last === null ? `Begin with “${words}”` : `After “${last}” add “${words}”`);
      changes.push(...tableChanges([], tablesIn(is)));
      last = words;
    } else changes.push(`Leave out “${said(was!, before)}”`);
  }
  return changes.filter((one) => !/“”/.test(one));
}

const wordsOf = (line: Line) => line.filter((part) => !isTable(part));
const tablesIn = (line: Line) => line.filter(isTable);

/** Rows of tables that differ, by their names. */
function tableChanges(old: readonly Table[], now: readonly Table[]): string[] {
  return now.flatMap((table) => {
    const was = old.find(({ head }) => head === table.head);
    const rows = new Map(was?.rows.map(({ label, each }) => [label, each.join(', ')]));
    const own = new Set(table.rows.map(({ label }) => label));
    return [
      ...table.rows.flatMap(({ label, each }) => {
        const figures = each.join(', ');
        const before = rows.get(label);
        if (before === figures) return [];
        return [
          before === undefined
            ? `Table “${table.head}”: “${label}” is new: ${figures}`
            : `Table “${table.head}”: “${label}” ${before} becomes ${figures}`,
        ];
      }),
      ...[...rows.keys()].flatMap((label) =>
        own.has(label) ? [] : [`Table “${table.head}”: leave out “${label}”`],
      ),
    ];
  });
}
