import type { Note } from '../advice/note.js';
import type { Pin } from '../design.js';
import { say } from '../text/phrase.js';
import { checkPins, clashingRules, type Clash, type Held } from './clash.js';
import { labelsOf, pinNotes, ruleClashInWords, type LabelledProblem } from './clashInWords.js';
import type { Counts } from './counts.js';
import { fitRange, type FittedRange, type SolveMemory } from './range.js';
import { newLearned, solve } from './solve.js';

export interface SizeToFit {
  problem: LabelledProblem;
  pins: readonly Pin[];
  /** Whether counts held so come to a whole garment: asked before they are advised. */
  works?: (held: Held) => boolean;
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
const NOT_EVEN: Note = {
  level: 'tip',
  code: 'range-not-even',
  where: 'sizes',
  message: say`These sizes can be counted in too many ways to make every step even; where that is so, each size keeps to its nearest counts. A smaller strength of evenness would be tried in full.`,
};
const countFalls = (problem: LabelledProblem, quantity: string, [before, now]: readonly number[]): Note => ({
  level: 'tip',
  code: 'count-falls',
  where: quantity,
  message: say`${labelsOf(problem)(quantity)}: ${now!}, fewer than the ${before!} of the size before, though its length does not fall; no counts were found that keep it and obey the other rules in both sizes.`,
});
const TOO_LARGE: Note = {
  level: 'stop',
  code: 'fit-too-large',
  where: 'sizes',
  message: say`This size has more possible counts than can be searched; hold fewer counts far from their lengths, or check the gauge.`,
};

/** Said where no rule can be named: the counts that a length may have at all leave none that works. */
const NO_RANGE = say`No counts near these lengths can be worked; look at the gauge and the lengths, which are far from each other.`;

/**
 * Fits every size: sorts out pins that cannot hold, gives up a seam where nothing else helps, and then fits the range.
 * What had to be given up is said in notes of level stop.
 *
 * @param wish whether the sizes form a range, and how strongly its steps are made even
 */
export function fitSizes(
  sizes: readonly SizeToFit[],
  wish: { graded: boolean; strength: number },
): SizeFit[] {
  const prepared = sizes.map(({ problem, pins, works, memory }): Prepared => {
    const size = {
      problem,
      pins: {},
      notes: [],
      loosened: false,
      possible: true,
      ...(memory ? { memory } : {}),
    };
    return pins.length === 0 ? size : withPins(loosened(size), pins, works);
  });
  const learned = newLearned();
  for (;;) {
    const possible = prepared.filter((size) => size.possible);
    const result = fitRange(possible, { ...wish, learned });
    if (result.kind === 'fitted') return fitted(prepared, result);
    const failing = possible[result.size]!;
    if (result.kind === 'infeasible' && !failing.loosened) {
      prepared[prepared.indexOf(failing)] = loosened(failing);
      continue;
    }
    failing.possible = false;
    if (result.kind === 'too hard') failing.notes.push(TOO_LARGE);
  }
}

function fitted(prepared: readonly Prepared[], result: FittedRange): SizeFit[] {
  if (!result.proven) prepared[0]!.notes.push(NOT_PROVEN);
  if (!result.even) prepared[0]!.notes.push(NOT_EVEN);
  const found = prepared.filter(({ possible }) => possible);
  for (const { size, quantity } of result.fallen)
    found[size + 1]!.notes.push(
      countFalls(
        found[size + 1]!.problem,
        quantity,
        [size, size + 1].map((at) => result.sizes[at]![quantity]!),
      ),
    );
  let next = 0;
  return prepared.map(({ possible, pins, notes }) => ({
    counts: possible ? result.sizes[next++]! : null,
    pinned: new Set(Object.keys(pins)),
    notes,
  }));
}

/**
 * Where no counts obey all rules, gives up a seam of the smallest clashing set, so that the rest can still be seen, until
 * counts are found; says so each time. A clash without a seam in it leaves the size without counts.
 */
function loosened(size: Prepared): Prepared {
  let { problem } = size;
  const notes = [...size.notes];
  for (;;) {
    if (solve(problem).kind !== 'infeasible') return { ...size, problem, notes, loosened: true };
    const clash = clashingRules(problem);
    const seam = clash && seamIn(problem, clash);
    notes.push({
      level: 'stop',
      code: seam ? 'seam-out-of-reach' : 'no-counts',
      where: seam?.id ?? 'sizes',
      message: clash ? ruleClashInWords(problem, clash) : NO_RANGE,
    });
    if (!seam) return { ...size, problem, notes, loosened: true };
    problem = { ...problem, relations: problem.relations.filter(({ rule }) => rule !== seam.rule) };
  }
}

/** The seam among the rules of a clash. */
function seamIn({ relations }: LabelledProblem, { demands }: Clash): { id: string; rule: string } | null {
  for (const demand of demands) {
    if (demand.kind !== 'garment rule') continue;
    const seam = relations.find((relation) => relation.rule === demand.rule && relation.seam !== undefined);
    if (seam) return { id: seam.seam!, rule: seam.rule };
  }
  return null;
}

/** Keeps the pins that can hold together, and says why the others cannot. */
function withPins(size: Prepared, pins: readonly Pin[], works: SizeToFit['works']): Prepared {
  const held = Object.fromEntries(pins.map(({ quantity, count }) => [quantity, count]));
  const check = checkPins(size.problem, held, works);
  return { ...size, pins: check.kept, notes: [...size.notes, ...pinNotes(size.problem, check)] };
}
