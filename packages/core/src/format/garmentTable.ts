import { fieldTable } from '../fields/table.js';
import { CONSTRUCTIONS } from '../garment/registry.js';

const BEGIN = '<!-- The table of fields begins: made by npm run schema. -->';
const END = '<!-- The table of fields ends. -->';

/**
 * The documentation of the formats with its table of the fields of garments made anew.
 *
 * @throws RangeError when the marks of its beginning and end are not there
 */
export function withGarmentTable(markdown: string): string {
  const [from, to] = [markdown.indexOf(BEGIN), markdown.indexOf(END)];
  if (from < 0 || to < from) throw new RangeError('the marks of the table are missing');
  return `${markdown.slice(0, from)}${BEGIN}\n\n${fieldTable(CONSTRUCTIONS)}\n\n${markdown.slice(to)}`;
}
