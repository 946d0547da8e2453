import { completeBody } from '../body/derive.js';
import {
  GROUPS,
  MEASUREMENTS,
  measurement,
  type Body,
  type Group,
  type MeasurementId,
} from '../body/measurements.js';
import { quote } from '../check/fields.js';
import { CM_PER_INCH, parseLength, tidy, type Units } from '../units/length.js';
import { MOST_SIZES, type ChartSize } from './chart.js';

/** What a column of a table of sizes holds. */
export type ColumnMeaning = 'size' | 'group' | MeasurementId | null;

/** The columns of a table as recognised by their names, and the unit that the names tell. */
export interface ColumnMatch {
  meanings: ColumnMeaning[];
  /** The unit named in each heading, where one is. */
  units: (Units | null)[];
}

/** Something wrong in a table, named by its row and column as a person counts them (1 is the first). */
export interface TableProblem {
  row: number;
  column: number;
  message: string;
}

export type TableRead = { ok: true; sizes: ChartSize[] } | { ok: false; problems: TableProblem[] };

/** Names under which people write a measurement, without spaces and case. */
const NAMES: Record<Exclude<ColumnMeaning, null>, readonly string[]> = {
  size: ['size', 'sizes', 'name', 'label'],
  group: ['group', 'agegroup'],
  bust: ['bust', 'chest', 'bustorchest', 'bustchest', 'chestbust', 'fullbust', 'bustround', 'chestround'],
  waist: ['waist', 'waistround'],
  hip: ['hip', 'hips', 'hipround'],
  shoulders: ['shoulders', 'shouldersallround', 'shoulderround', 'shouldergirth'],
  crossBack: ['crossback', 'backwidth', 'acrossback', 'shoulderwidth'],
  neck: ['neck', 'neckround'],
  head: ['head', 'headround'],
  upperArm: ['upperarm', 'upperarmround', 'bicep', 'biceps'],
  wrist: ['wrist', 'wristround'],
  shoulderToWrist: ['shouldertowrist', 'shoulderwrist', 'armlength', 'outerarm'],
  underarmToWrist: ['underarmtowrist', 'underarmwrist', 'innerarm', 'armlengthtounderarm', 'sleevelength'],
  armholeDepth: ['armholedepth', 'armhole'],
  backWaist: ['backwaist', 'backwaistlength', 'napetowaist', 'backlengthnapetowaist'],
  backLength: ['backlength', 'backneckpointtowaist'],
  frontLength: ['frontlength', 'frontneckpointtowaist', 'frontwaistlength'],
  height: ['height', 'stature'],
  wingspan: ['wingspan', 'wingspanwristtowrist'],
};

const UNIT_NAME = /[([]?\s*\b(cm|in|inch|inches)\b\.?\s*[)\]]?\s*$/i;

/** Finds what each column holds by its heading; a heading that matches nothing, or a second of one kind, is null. */
export function matchColumns(headings: readonly string[]): ColumnMatch {
  const used = new Set<ColumnMeaning>();
  const units: (Units | null)[] = [];
  const meanings = headings.map((heading): ColumnMeaning => {
    const unit = UNIT_NAME.exec(heading)?.[1]?.toLowerCase();
    units.push(unit === undefined ? null : unit === 'cm' ? 'cm' : 'in');
    const plain = heading
      .replace(UNIT_NAME, '')
      .toLowerCase()
      .replace(/[^\p{L}]/gu, '');
    const found = (Object.keys(NAMES) as Exclude<ColumnMeaning, null>[]).find((key) =>
      NAMES[key].includes(plain),
    );
    if (found === undefined || used.has(found)) return null;
    used.add(found);
    return found;
  });
  return { meanings, units };
}

/** Turns a table round whose first column holds the measurements' names and whose first row the sizes. */
export function sizesDown(rows: readonly (readonly string[])[]): string[][] {
  const known = (cells: readonly string[]) =>
    matchColumns(cells.map(String)).meanings.filter((meaning) => meaning !== null && meaning !== 'size')
      .length;
  const first = rows[0] ?? [];
  const column = rows.map((row) => row[0] ?? '');
  if (known(column) <= known(first)) return rows.map((row) => [...row]);
  const width = Math.max(...rows.map((row) => row.length));
  return Array.from({ length: width }, (_, i) => rows.map((row) => row[i] ?? ''));
}

/**
 * Reads a table of sizes: headings in the first row, one size in each further row.
 *
 * A unit inside a cell ("16 1/2 in") holds for that cell, one in the heading for its column, `units` for the rest. Nothing
 * is read by halves: with one problem no size is given.
 *
 * @param rows cells as text
 * @param meanings what each column holds
 * @param units the unit of bare figures
 */
export function readTable(
  rows: readonly (readonly string[])[],
  meanings: readonly ColumnMeaning[],
  units: Units,
): TableRead {
  const problems: TableProblem[] = [];
  const headings = rows[0] ?? [];
  const { units: named } = matchColumns(headings.map(String));
  const sizeColumn = meanings.indexOf('size');
  const groupColumn = meanings.indexOf('group');
  if (meanings.every((meaning) => meaning === null || meaning === 'size' || meaning === 'group'))
    return fail(0, 0, 'No column holds a measurement; choose what the columns hold.');
  if (rows.length < 2) return fail(0, 0, 'The table has headings but no sizes under them.');
  if (rows.length - 1 > MOST_SIZES)
    return fail(
      MOST_SIZES + 1,
      0,
      `The table has ${rows.length - 1} sizes; at most ${MOST_SIZES} are taken.`,
    );

  const labels = new Map<string, number>();
  const sizes = rows.slice(1).map((row, i): ChartSize => {
    const label = (sizeColumn < 0 ? '' : (row[sizeColumn] ?? '')).trim() || `Size ${i + 1}`;
    const before = labels.get(label);
    if (before !== undefined)
      wrong(
        i + 1,
        sizeColumn,
        `A size called ${quote(label)} stands in row ${before + 1} already; each needs its own name.`,
      );
    labels.set(label, i + 1);
    const body: Body = {};
    meanings.forEach((meaning, column) => {
      if (meaning === null || meaning === 'size' || meaning === 'group') return;
      const cell = (row[column] ?? '').trim();
      if (cell === '' || cell === '-' || cell === '–') return;
      const parsed = parseLength(cell, named[column] ?? units);
      const { label: name, limits } = measurement(meaning);
      if (!parsed.ok) return wrong(i + 1, column, `${name}: ${parsed.message}`);
      const cm = tidy(parsed.cm);
      if (cm < limits[0] || cm > limits[1])
        return wrong(
          i + 1,
          column,
          `${name} is ${cell}, that is ${cm} cm; it can be ${limits[0]} to ${limits[1]} cm.`,
        );
      body[meaning] = cm;
    });
    const group = groupOf(row, i);
    if (completeBody(body, group) === null && Object.keys(body).length === 0)
      wrong(i + 1, 0, `Size ${quote(label)} has no figures at all.`);
    else if (completeBody(body, group) === null)
      wrong(i + 1, 0, `Size ${quote(label)} has nothing that leads to a bust; give the bust or chest.`);
    return { id: label.slice(0, 200), label: label.slice(0, 200), group, body };
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, sizes };

  function groupOf(row: readonly string[], i: number): Group {
    const word = groupColumn < 0 ? '' : (row[groupColumn] ?? '').trim().toLowerCase();
    if (word === '') return 'adult';
    const found = GROUPS.find((group) => group === word);
    if (!found) wrong(i + 1, groupColumn, `The group is ${quote(word)}; it can be adult, child or baby.`);
    return found ?? 'adult';
  }
  function wrong(row: number, column: number, message: string): void {
    problems.push({ row: row + 1, column: column + 1, message });
  }
  function fail(row: number, column: number, message: string): TableRead {
    return { ok: false, problems: [{ row: row + 1, column: column + 1, message }] };
  }
}

/** The table of a chart, headings with their unit in the first row. Columns that no size has are left out. */
export function tableOf(sizes: readonly ChartSize[], units: Units): string[][] {
  const columns = MEASUREMENTS.filter(({ id }) => sizes.some(({ body }) => body[id] !== undefined));
  const figure = (cm: number | undefined) =>
    cm === undefined ? '' : String(units === 'cm' ? cm : Math.round((cm / CM_PER_INCH) * 1000) / 1000);
  return [
    ['Size', 'Group', ...columns.map(({ label }) => `${label} (${units})`)],
    ...sizes.map(({ label, group, body }) => [label, group, ...columns.map(({ id }) => figure(body[id]))]),
  ];
}
