import { completeBody } from '../body/derive.js';
import { GROUPS, MEASUREMENTS, type Body } from '../body/measurements.js';
import { MOST_SIZES } from '../chart/chart.js';
import { quote, type FieldReader } from '../check/fields.js';

/** Checks the list of sizes of a design or a chart; gives their ids. */
export function readSizes(reader: FieldReader): string[] {
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

/** Checks one body; null when a figure in it is wrong. */
export function readBody(reader: FieldReader): Body | null {
  const before = reader.problems.length;
  const body: Body = {};
  for (const { id, label, limits } of MEASUREMENTS) {
    if (reader.object[id] === undefined || reader.object[id] === null) continue;
    body[id] = reader.number(id, { label, min: limits[0], max: limits[1], unit: 'cm' });
  }
  return reader.problems.length === before ? body : null;
}
