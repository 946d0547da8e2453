import type { Note } from '../advice/note.js';
import type { Pin } from '../design.js';
import { ladder, ruleInWords } from '../fabric/counts.js';
import { say, type Phrase } from '../text/phrase.js';
import { checkPins, type PinCheck } from './clash.js';
import type { OrderMemory } from './order.js';
import type { Counts, Problem, Quantity } from './problem.js';
import { fitRange, type SolveMemory } from './range.js';
import { solve } from './solve.js';

interface LabelledProblem extends Problem {
  quantities: readonly (Quantity & { label: string })[];
}

export interface SizeToFit {
  problem: LabelledProblem;
  pins: readonly Pin[];
  memory?: SolveMemory;
}

/** The counts of one size; null when no counts obey the rules, and the notes then say why. */
export interface SizeFit {
  counts: Counts | null;
  pinned: ReadonlySet<string>;
  notes: readonly Note[];
}

interface Prepared {
  problem: LabelledProblem;
  pins: Readonly<Record<string, number>>;
  notes: Note[];
  memory?: SolveMemory;
  loosened: boolean;
  /** False when no counts can be found at all. */
  possible: boolean;
}

/** Said where the range took more work than is spent: the counts hold, but are not proven the nearest. */
const NOT_PROVEN: Note = {
  level: 'tip',
  code: 'range-not-proven',
  where: 'sizes',
  message: say`No count falls over the range, but it takes too long to prove that none could be nearer to its length; look at the sizes whose measurements fall or stand still.`,
};

/**
 * Fits every size: sorts out pins that cannot hold, gives up a seam where nothing else helps, and then fits the range.
 * What had to be given up is told in notes of level stop.
 */
export function fitSizes(sizes: readonly SizeToFit[], graded: boolean): SizeFit[] {
  const prepared = sizes.map(({ problem, pins, memory }): Prepared => {
    const size = {
      problem,
      pins: {},
      notes: [],
      loosened: false,
      possible: true,
      ...(memory ? { memory } : {}),
    };
    return pins.length === 0 ? size : withPins(loosened(size), pins);
  });
  const orders: OrderMemory = new Map();
  for (;;) {
    const possible = prepared.filter((size) => size.possible);
    const result = fitRange(possible, graded, orders);
    if (result.kind === 'fitted') {
      if (!result.proven) prepared[0]!.notes.push(NOT_PROVEN);
      let next = 0;
      return prepared.map(({ possible: isPossible, pins, notes }) => ({
        counts: isPossible ? result.sizes[next++]! : null,
        pinned: new Set(Object.keys(pins)),
        notes,
      }));
    }
    const failing = possible[result.size]!;
    if (result.kind === 'infeasible' && !failing.loosened) {
      prepared[prepared.indexOf(failing)] = loosened(failing);
      continue;
    }
    failing.possible = false;
    failing.notes.push(
      result.kind === 'too hard'
        ? {
            level: 'stop',
            code: 'fit-too-large',
            where: 'sizes',
            message: say`This size has more possible counts than can be searched; hold fewer counts far from their lengths, or check the gauge.`,
          }
        : {
            level: 'stop',
            code: 'no-counts',
            where: 'sizes',
            message: say`No counts obey all rules of this size; check its lengths and the fabric's multiples.`,
          },
    );
  }
}

/** Gives up the seams that no counts can make agree, and says so. */
function loosened(size: Prepared): Prepared {
  const { workable, givenUp } = loosen(size.problem);
  const notes = givenUp.map((id): Note => ({
    level: 'stop',
    code: 'seam-out-of-reach',
    where: id,
    message: say`No counts that the stitch pattern allows make ${seamName(id)} agree; a smaller multiple, or another gauge, would.`,
  }));
  return { ...size, problem: workable, notes: [...size.notes, ...notes], loosened: true };
}

/** Keeps the pins that can hold together, and says why the others cannot. */
function withPins(size: Prepared, pins: readonly Pin[]): Prepared {
  const held = Object.fromEntries(pins.map(({ quantity, count }) => [quantity, count]));
  const check = checkPins(size.problem, held);
  return { ...size, pins: check.kept, notes: [...size.notes, ...pinNotes(size.problem, held, check)] };
}

/** Seam relations are named "seam.part"; all parts of a seam are given up together, one seam at first, else all. */
function loosen(problem: LabelledProblem): { workable: LabelledProblem; givenUp: string[] } {
  if (solve(problem).kind !== 'infeasible') return { workable: problem, givenUp: [] };
  const seamOf = (id: string) => (id.includes('.seam.') ? id.slice(0, id.indexOf('.seam.') + 5) : null);
  const seams = [...new Set(problem.relations.flatMap(({ id }) => seamOf(id) ?? []))];
  const without = (dropped: readonly string[]): LabelledProblem => ({
    ...problem,
    relations: problem.relations.filter(({ id }) => !dropped.includes(seamOf(id) ?? '')),
  });
  for (const seam of seams)
    if (solve(without([seam])).kind === 'solved') return { workable: without([seam]), givenUp: [seam] };
  return { workable: without(seams), givenUp: seams };
}

function seamName(id: string): string {
  return (
    {
      'armhole.seam': 'the sleeve and the armhole',
      'hem.seam': 'the hem rib and the body',
      'cuff.seam': 'the cuff rib and the sleeve',
    }[id] ?? id
  );
}

function pinNotes(
  problem: LabelledProblem,
  pins: Readonly<Record<string, number>>,
  { broken, clash, waysOut }: PinCheck,
): Note[] {
  const notes: Note[] = [];
  const byId = new Map(problem.quantities.map((quantity) => [quantity.id, quantity]));
  for (const { quantity, count, reason } of broken) {
    const found = byId.get(quantity);
    if (!found || reason === 'unknown') {
      notes.push({
        level: 'stop',
        code: 'pin-unknown',
        where: quantity,
        message: say`A count is held for “${quantity}”, which this garment does not have; let it go.`,
      });
      continue;
    }
    const near = ladder(count / found.perCm, found.perCm, found.rule, 1).map((rung) => String(rung.count));
    notes.push(
      reason === 'rule'
        ? {
            level: 'stop',
            code: 'pin-breaks-rule',
            where: quantity,
            message: say`${found.label} cannot be held at ${count}: the stitch pattern needs ${ruleInWords(found.rule)}. ${near.join(' or ')} works.`,
          }
        : {
            level: 'stop',
            code: 'pin-out-of-reach',
            where: quantity,
            message: say`${found.label} cannot be held at ${count}: it can be ${found.min} to ${found.max}.`,
          },
    );
  }
  if (clash.length > 0) {
    const named = clash.map((id) => `${byId.get(id)!.label} ${pins[id]}`).join(' and ');
    const ways = clash.flatMap((id) =>
      waysOut[id]?.length ? [`${byId.get(id)!.label} ${waysOut[id].join(' or ')}`] : [],
    );
    const wayOut: Phrase =
      ways.length > 0 ? say` ${ways.join(', or ')} works; else let one go.` : say` Let one of them go.`;
    for (const id of clash)
      notes.push({
        level: 'stop',
        code: 'pin-clash',
        where: id,
        message: say`${clash.length === 1 ? `${named} cannot be held: the pieces that meet it would not come out whole.` : `${named} cannot be held together.`}${wayOut}`,
      });
  }
  return notes;
}
