import { resumed } from './resumed.js';
import { amountOf, type Schedule } from './schedule.js';
import type { Step } from '../work/rows.js';

/**
 * Shaping beside lines that run up a piece: the four raglan lines of a yoke, the two sides of a body. Between the lines lie
 * sections; each gains or loses stitches at its two sides by schedules of its own.
 */
export interface LineSection {
  id: string;
  /** What of the garment grows there, and on which of the wearer's sides; a side of a plain body has none. */
  of?: 'back' | 'front' | 'sleeve';
  side?: 'left' | 'right';
  label: string;
  /** Stitches before the first of the shaped rows. */
  count: number;
  /** What it gains (or loses) at its left and right side; the outer sides of a flat piece are its edges. */
  left: Schedule | null;
  right: Schedule | null;
}

/** How a line is worked. */
export interface LineWay {
  /** Stitches of the line itself. */
  stitches: 0 | 1 | 2;
  /**
   * beside: two (or three) stitches in the stitch next to the line. alternating: the stitch of the line is worked double, the
   * marker goes to the one that keeps the line straight. corner: all into the chain space that is the line.
   */
  school: LineSchool;
}
export type LineSchool = 'beside' | 'alternating' | 'corner';
export const LINE_SCHOOLS: readonly LineSchool[] = ['beside', 'alternating', 'corner'];

/** Change of a section's side in one row: above 0 where it gains. */
export function changeIn(schedule: Schedule | null, row: number): number {
  if (!schedule) return 0;
  const at = schedule.events.indexOf(row);
  return at < 0 ? 0 : schedule.direction * amountOf(schedule, at);
}

/** What the sides of sections change by in one row: of each section its left side's change, then its right side's. */
export type SideChanges = readonly number[];

/** What the sides of sections change by in one row. */
export function changesIn(sections: readonly LineSection[], row: number): SideChanges {
  return sections.flatMap(({ left, right }) => [changeIn(left, row), changeIn(right, row)]);
}

/** The rows in which any of the sections changes, rising, with what changes there. */
export function changesByRow(sections: readonly LineSection[]): { row: number; sides: SideChanges }[] {
  const byRow: (number[] | undefined)[] = [];
  const note = (schedule: Schedule | null, side: number) =>
    schedule?.events.forEach((row, i) => {
      const sides = (byRow[row] ??= new Array<number>(2 * sections.length).fill(0));
      sides[side]! += schedule.direction * amountOf(schedule, i);
    });
  sections.forEach(({ left, right }, i) => {
    note(left, 2 * i);
    note(right, 2 * i + 1);
  });
  const found: { row: number; sides: SideChanges }[] = [];
  byRow.forEach((sides, row) => sides && found.push({ row, sides }));
  return found;
}

/** Rows in which any of the sections changes, rising. */
export function shapedRowsOf(sections: readonly LineSection[]): number[] {
  return changesByRow(sections).map(({ row }) => row);
}

/** Stitches of each section after a row. */
export function countsAfterRow(sections: readonly LineSection[], row: number): number[] {
  const gained = (schedule: Schedule | null) =>
    schedule
      ? schedule.events.reduce(
          (sum, event, i) => (event <= row ? sum + schedule.direction * amountOf(schedule, i) : sum),
          0,
        )
      : 0;
  return sections.map(({ count, left, right }) => count + gained(left) + gained(right));
}

/** Stitches of all sections together after each of the rows 1 to `last`, without the lines between them. */
export function totalsByRow(sections: readonly LineSection[], last: number): number[] {
  const changes = new Array<number>(last + 1).fill(0);
  for (const { count, left, right } of sections) {
    changes[0]! += count;
    for (const schedule of [left, right])
      schedule?.events.forEach((row, i) => {
        if (row <= last) changes[row]! += schedule.direction * amountOf(schedule, i);
      });
  }
  let total = changes[0]!;
  return changes.slice(1).map((change) => (total += change));
}

/** Stitches of the whole row: the sections and the lines between them. */
export function stitchesOf(counts: readonly number[], line: LineWay): number {
  return counts.reduce((sum, count) => sum + count, 0) + (counts.length - 1) * line.stitches;
}

/**
 * The steps of one row from left to right.
 *
 * @param counts stitches of each section before the row
 * @param sides what the sections' sides change by in it
 * @returns the steps, what they change by increases and decreases, and how many stitches they add by chains
 * @throws RangeError when a section has too few stitches to shape in
 */
export function stepsBesideLines(
  sections: readonly Pick<LineSection, 'id'>[],
  counts: readonly number[],
  line: LineWay,
  sides: SideChanges,
): { steps: Step[]; by: number; add: number } {
  const steps: Step[] = [];
  let by = 0;
  let add = 0;
  const inLine = line.school !== 'beside';
  const last = sections.length - 1;
  for (let i = 0; i <= last; i += 1) {
    // At an edge of the piece more than one stitch is added by chains.
    const chainsBefore = i === 0 && sides[0]! > 1 ? sides[0]! : 0;
    const chainsAfter = i === last && sides[2 * i + 1]! > 1 ? sides[2 * i + 1]! : 0;
    const left = sides[2 * i]! - chainsBefore;
    const right = sides[2 * i + 1]! - chainsAfter;
    by += left + right;
    add += chainsBefore + chainsAfter;
    cast(steps, chainsBefore);
    const leftInLine = i > 0 && inLine && left > 0;
    const rightInLine = i < last && inLine && right > 0;
    shapeSection(steps, sections[i]!, counts[i]!, leftInLine ? 0 : left, rightInLine ? 0 : right);
    if (i === last) {
      cast(steps, chainsAfter);
      break;
    }
    const beyond = inLine ? Math.max(0, sides[2 * i + 2]!) : 0;
    const before = rightInLine ? right : 0;
    if (before + beyond > 0)
      steps.push({ do: 'increase', times: 1, makes: 1 + before + beyond, line: before });
    else plain(steps, line.stitches);
  }
  return { steps, by, add };
}

function cast(steps: Step[], times: number): void {
  if (times > 0) steps.push({ do: 'cast', times });
}

/** Plain stitches, which go on from plain ones before them. */
function plain(steps: Step[], times: number): void {
  if (times === 0) return;
  const before = steps.at(-1);
  if (before?.do === 'work') before.times += times;
  else steps.push({ do: 'work', times });
}

/** A section's own stitches: shaping in its outermost ones, the rest plain. */
function shapeSection(
  steps: Step[],
  { id }: Pick<LineSection, 'id'>,
  count: number,
  left: number,
  right: number,
): void {
  if (count === 1 && left > 0 && right > 0) {
    steps.push({ do: 'increase', times: 1, makes: 1 + left + right });
    return;
  }
  const used = shapedOver(left) + shapedOver(right);
  if (used > count) throw new RangeError(`${id} has ${count} stitches, too few to shape at its sides`);
  shapeSide(steps, left);
  plain(steps, count - used);
  shapeSide(steps, right);
}

/** Stitches of the row below that a side's change is worked over. */
function shapedOver(change: number): number {
  return change > 0 ? 1 : change < 0 ? 1 - change : 0;
}

function shapeSide(steps: Step[], change: number): void {
  if (change > 0) steps.push({ do: 'increase', times: 1, ...(change === 1 ? {} : { makes: 1 + change }) });
  else if (change < 0)
    steps.push({ do: 'decrease', times: 1, ...(change === -1 ? {} : { takes: 1 - change }) });
}

/** Sections of which the rows up to `row` have been worked as others had them; null where these do not lead to their end. */
export function resumedSections(
  before: readonly LineSection[],
  now: readonly LineSection[],
  row: number,
): LineSection[] | null {
  if (before.length !== now.length) return null;
  const sections = now.map((section, i): LineSection | null => {
    const was = before[i]!;
    const side = (at: 'left' | 'right') => {
      const [old, wanted] = [was[at], section[at]];
      return old && wanted ? resumed(old, wanted, row) : wanted;
    };
    const [left, right] = [side('left'), side('right')];
    const lost = (section.left && !left) || (section.right && !right) || was.count !== section.count;
    return lost ? null : { ...section, left, right };
  });
  return sections.every((section) => section !== null) ? sections : null;
}
