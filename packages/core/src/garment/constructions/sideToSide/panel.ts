/** A panel whose rows run up the body: worked from one side to the other, all its shaping at the upper edge. */

import { type Fabric } from '../../../fabric/fabric.js';
import type { Passage } from '../../../passages/passage.js';
import { fromSteps } from '../../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram } from '../../construction.js';
import { foundation } from '../../shared/pieces.js';
import type { CountId } from '../../counts.js';

/** What is known of an edge before it is worked. */
type NamedEdge = Pick<EdgeProgram, 'id' | 'role' | 'side' | 'label' | 'open'>;

/** One stretch of rows between two sides, under one part of the upper edge. */
export interface Stretch {
  /** What its row ends at the upper edge are. */
  edge: NamedEdge;
  /** How many stitches below the full height its rows are, row by row. */
  below: readonly number[];
  /** What its shaping is called, where it has any. */
  called?: string;
}

/** What lies along a step between two stretches, where one is lower than the other by several stitches at once. */
export interface StepEdge extends NamedEdge {
  /** What it is called where it is worked: "armhole". */
  called: string;
}

export interface PanelPlan extends Pick<PieceProgram, 'role' | 'side'> {
  shows: NonNullable<PieceProgram['shows']>;
  id: string;
  label: string;
  fabric: Fabric;
  /** Stitches of the full height, and of the side seam. */
  height: number;
  stretches: readonly Stretch[];
  /** For each stretch but the last, the step to the next; null where they are level. */
  steps: readonly (StepEdge | null)[];
  /** Its first row and its last: the parts of each from the hem up. */
  first: readonly { edge: StepEdge; count: number }[];
  last: readonly { edge: StepEdge; count: number }[];
  hem: NamedEdge;
  rows: readonly CountId[];
  expects: PieceProgram['expects'];
}

/** Makes the panel: its left end is the hem, its right end the shoulder. Each part of its upper edge is an edge of its own. */
export function sidewaysPanel(plan: PanelPlan): PieceProgram {
  const { fabric, height, stretches, steps } = plan;
  const start = height - stretches[0]!.below[0]!;
  const passages: Passage[] = [foundation(start, fabric)];
  const edges: EdgeProgram[] = [];
  const all: { part: string; first: number; last: number }[] = [];
  let part = 'main';
  let parts = 0;
  let row = 0;
  let count = start;
  /** Where the part that is worked begins. */
  let from = 1;

  stretches.forEach(({ edge, below, called = edge.label.toLowerCase() }, i) => {
    const step = steps[i - 1] ?? null;
    const entry = height - below[0]!;
    if (i > 0 && entry < count) {
      const many = count - entry;
      parts += 1;
      const next = `part-${parts}`;
      if (step)
        edges.push({
          ...named(step),
          axis: 'stitches',
          place: { lies: 'live', part, n: row, from: entry, count: many },
        });
      passages.push({
        kind: 'go on',
        part: next,
        from: part,
        at: 0,
        take: entry,
        // After a wrong-side row the yarn hangs at the upper edge, and is joined anew beyond what is left there.
        leave: row % 2 === 0 ? 0 : many,
        rejoin: row % 2 === 0,
        label: `Below the ${step?.called ?? 'step'}`,
      });
      all.push({ part, first: from, last: row });
      part = next;
      from = row + 1;
      count = entry;
    }
    const spans = { part, first: row + 1, last: row + below.length };
    // Chains added where the stretch begins are worked into in its first row.
    const counts = below.map((stitches) => height - stitches);
    if (i > 0 && entry > count) {
      if (step)
        edges.push({
          ...named(step),
          axis: 'stitches',
          place: { lies: 'base', part, n: row + 1, from: count, count: entry - count },
        });
      passages.push(shaped(part, [count, entry], row, `the ${step?.called ?? called}`));
    }
    passages.push(...runs(part, counts, spans.first, `the ${called}`));
    edges.push({
      ...edge,
      axis: 'rows',
      place: {
        lies: 'row ends',
        side: 'right',
        spans: [spans],
        ...(isLevel(below) ? {} : { stepped: true }),
      },
      path: isLevel(below) ? 'straight' : below.map((stitches) => below[0]! - stitches),
    });
    row += below.length;
    count = counts.at(-1)!;
  });
  all.push({ part, first: from, last: row });
  const merged = mergedEven(passages);
  const lying = (
    list: PanelPlan['first'],
    place: (at: number, many: number) => EdgeProgram['place'],
  ): EdgeProgram[] => {
    let at = 0;
    return list.map(({ edge, count: many }): EdgeProgram => {
      const lies = place(at, many);
      at += many;
      return { ...named(edge), axis: 'stitches', place: lies };
    });
  };
  const lastPart = part;
  const lastRow = row;
  return {
    id: plan.id,
    role: plan.role,
    shows: plan.shows,
    ...(plan.side ? { side: plan.side } : {}),
    label: plan.label,
    copies: 1,
    fabric,
    work: 'rows',
    rows: plan.rows,
    passages: merged,
    edges: [
      {
        ...plan.hem,
        axis: 'rows',
        place: { lies: 'row ends', side: 'left', spans: all },
        path: 'straight',
      },
      ...lying(plan.first, (at, many) => ({ lies: 'base', part: 'main', n: 1, from: at, count: many })),
      ...edges,
      ...lying(plan.last, (at, many) => ({
        lies: 'live',
        part: lastPart,
        n: lastRow,
        from: at,
        count: many,
      })),
    ],
    expects: plan.expects,
  };
}

/** Even rows that follow each other under different edges become one passage. */
function mergedEven(passages: readonly Passage[]): Passage[] {
  return passages.filter((passage, i) => {
    const next = passages[i + 1];
    return !(passage.kind === 'even' && next?.kind === 'even' && next.part === passage.part);
  });
}

function named({ called: _, open, ...edge }: StepEdge): NamedEdge {
  return { ...edge, ...(open ? { open } : {}) };
}

function isLevel(below: readonly number[]): boolean {
  return below.every((stitches) => stitches === below[0]);
}

/** One shaping row from one count to another, the row after `after`. */
function shaped(part: string, [before, now]: [number, number], after: number, edge: string): Passage {
  return {
    kind: 'shape',
    part,
    to: after + 1,
    schedule: fromSteps(before, after + 1, [now]),
    where: { at: 'one edge', side: 'right', edge },
    of: {},
  };
}

/** Rows of these counts: even, or in runs that only fall or only rise. */
function runs(part: string, counts: readonly number[], first: number, edge: string): Passage[] {
  const list: Passage[] = [];
  let at = 0;
  while (at < counts.length) {
    // Level rows go with what follows them, so that a run is one passage; its first row may itself rise or fall.
    let end = at + 1;
    let direction = at > 0 ? Math.sign(counts[at]! - counts[at - 1]!) : 0;
    while (end < counts.length) {
      const next = Math.sign(counts[end]! - counts[end - 1]!);
      if (next !== 0 && direction !== 0 && next !== direction) break;
      if (next !== 0) direction = next;
      end += 1;
    }
    const to = first + end - 1;
    if (direction === 0) list.push({ kind: 'even', part, to });
    else
      list.push({
        kind: 'shape',
        part,
        to,
        schedule: fromSteps(counts[at - 1] ?? counts[at]!, first + at, counts.slice(at, end)),
        where: { at: 'one edge', side: 'right', edge },
        of: {},
      });
    at = end;
  }
  return list;
}
