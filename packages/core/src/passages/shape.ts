import type { CountingUnit } from '../fabric/fabric.js';
import { countedInWords, unitsInWords } from '../fabric/units.js';
import { resumed } from '../shaping/resumed.js';
import { amountOf, ratesInWords } from '../shaping/schedule.js';
import { countOf } from '../text/singular.js';
import { line } from '../write/line.js';
import { rangeInWords, rowsInWords } from '../write/rowWords.js';
import type { MotifRound } from '../work/rows.js';
import { evenWords } from './even.js';
import { fastenedOff } from './fastened.js';
import type { GoOn } from './goOn.js';
import { afterShaping } from './inPattern.js';
import type { PassageKind } from './kind.js';
import type { Passage } from './passage.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { rowsInFull } from './rowsInFull.js';
import { endOf, type Shape } from './shapePassage.js';
import { explainShaping } from './shapeReasons.js';
import { SHAPE_SENTENCES } from './shapeSentences.js';
import { workShaped } from './shapeRows.js';
import { writeShape } from './shapeWords.js';

export const shape: PassageKind<Shape> = {
  rows: (passage, maker) => workShaped(passage, maker),
  words: (all, soFar) => {
    const { part } = all[0]!;
    if (all.every(isEven)) return [...evenWords(all, soFar), ...fastenedOff(soFar)];
    const before = soFar.of(part);
    const { at } = all[0]!.where;
    const atEdges = at === 'both edges' || at === 'one edge';
    const to = all.map((one) => one.to);
    const from = before.map(({ n }) => n);
    const words = soFar.wordsOf(part);
    const full = atEdges ? rowsInFull(part, from, to, 'edges', soFar) : [];
    const lines = asBefore(soFar)
      ? [
          line`${words.one}s ${to.map((n, size) => rangeInWords(from[size]! + 1, n))}: work as the ${nameOf(soFar.pieces[0]!.passages, part)}, with ${edgeOf(all[0]!)} at its other end; ${words.end}. (${all.map(endOf)} sts)`,
        ]
      : writeShape(all, before, soFar, soFar.unitOf(part), full.length === 0);
    soFar.reach(
      part,
      all.map((one) => ({ n: one.to, count: endOf(one) })),
    );
    lines.push(...afterShaping(part, to, atEdges ? 'edges' : 'spread', soFar), ...full);
    return [...lines, ...fastenedOff(soFar)];
  },
  sentences: SHAPE_SENTENCES,
  inShort: shapeInShort,
  resume: resumeShape,
  reasons: explainShaping,
};

/** A curve, and a motif that grows by rounds of its own, go on as they were planned or not at all. */
function resumeShape(before: Shape, now: Shape, row: number): Shape | null {
  const schedule = resumed(before.schedule, now.schedule, row);
  const also = now.also && before.also ? resumed(before.also.schedule, now.also.schedule, row) : null;
  if (!schedule || (now.also === undefined) !== (before.also === undefined) || (now.also && !also))
    return null;
  const isAsPlanned = schedule === now.schedule && (!now.also || also === now.also.schedule);
  if (isAsPlanned) return now;
  if (now.curve || now.motif) return null;
  return { ...now, schedule, ...(now.also ? { also: { ...now.also, schedule: also! } } : {}) };
}

/** Nothing is shaped in these rows. */
function isEven({ schedule, also }: Shape): boolean {
  return schedule.events.length === 0 && (also?.schedule.events.length ?? 0) === 0;
}

/** What the part is called that was worked beside this one, from the same row. */
function nameOf(passages: readonly Passage[], part: string): string {
  return (siblingOf(passages, part)?.label ?? 'first part').toLowerCase();
}

/** The part that goes on from the same one, before this. */
function siblingOf(passages: readonly Passage[], part: string): GoOn | undefined {
  const ways = passages.filter((passage) => passage.kind === 'go on');
  const own = ways.find((passage) => passage.part === part);
  return ways.find((passage) => passage.from === own?.from && passage.part !== part);
}

function edgeOf({ where }: Shape): string {
  return where.at === 'one edge' ? where.edge : 'the shaped edge';
}

/** Whether a second shoulder is shaped in the rows and by the amounts of the first. */
function asBefore({ pieces, at }: PieceSoFar): boolean {
  return pieces.every(({ passages }, size) => {
    const here = passages[at[size]!]!;
    const sibling = siblingOf(passages, here.part)?.part;
    const first = passages.slice(0, at[size]).find(({ kind, part }) => kind === 'shape' && part === sibling);
    return (
      here.kind === 'shape' &&
      here.where.at === 'one edge' &&
      first?.kind === 'shape' &&
      first.part !== here.part &&
      JSON.stringify([first.schedule, first.also]) === JSON.stringify([here.schedule, here.also])
    );
  });
}

/** "Increase at both edges every 3rd row 11 times, ...: 38 to 70 stitches, to row 47". */
function shapeInShort(passage: Shape, _: (id: string) => string, unit?: CountingUnit): string {
  const { schedule, where, to } = passage;
  if (schedule.events.length === 0 && !passage.also)
    return `Work even: ${countedInWords(schedule.start, unit)} to row ${to}`;
  const grow = schedule.direction > 0;
  const end = endOf(passage);
  const whole = [schedule.start, end].every((count) => unitsInWords(count, unit) !== null);
  const ends = whole
    ? `${countedInWords(schedule.start, unit)} to ${countedInWords(end, unit)}, to row ${to}`
    : `${schedule.start} to ${end} stitches, to row ${to}`;
  if (passage.motif) {
    const rounds = (of: MotifRound) =>
      rowsInWords(schedule.events.filter((_, i) => passage.motif![i] === of));
    return `Widen repeats in rnds ${rounds('wider')}, part them in rnds ${rounds('parted')}: ${ends}`;
  }
  const verb = grow ? 'Add' : 'Take off';
  if (where.at === 'one edge') {
    const also = passage.also
      ? `; at the same time ${passage.also.schedule.direction > 0 ? 'add' : 'take off'} at ${passage.also.edge} ${stepsInWords(passage.also.schedule)}`
      : '';
    return `${verb} at ${where.edge} ${stepsInWords(schedule)}${also}: ${ends}`;
  }
  if (where.at === 'both edges' && schedule.amounts)
    return `${verb} at each edge ${stepsInWords(schedule, 2)}: ${ends}`;
  const place = where.at === 'both edges' ? 'at both edges' : `at ${countOf(schedule.perEvent, 'place')}`;
  return `${grow ? 'Increase' : 'Decrease'} ${place} ${ratesInWords(schedule)}: ${ends}`;
}

/** "5 in row 40, 1 in rows 41–43, 45": rows that follow each other with the same amount are written together. */
function stepsInWords(schedule: Shape['schedule'], edges = 1): string {
  const groups: { amount: number; runs: [first: number, last: number][] }[] = [];
  schedule.events.forEach((row, i) => {
    const amount = amountOf(schedule, i) / edges;
    const group = groups.at(-1);
    const run = group?.runs.at(-1);
    if (group?.amount !== amount || !run) groups.push({ amount, runs: [[row, row]] });
    else if (run[1] === row - 1) run[1] = row;
    else group.runs.push([row, row]);
  });
  return groups
    .map(({ amount, runs }) => {
      const one = runs.length === 1 && runs[0]![0] === runs[0]![1];
      return `${amount} in ${one ? 'row' : 'rows'} ${runs.map(([first, last]) => (first === last ? first : `${first}–${last}`)).join(', ')}`;
    })
    .join(', ');
}
