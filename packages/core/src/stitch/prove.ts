import type { CountRule } from '../fabric/fabric.js';
import { foundationChain, plainCourse, stitchesIn, type Course } from './course.js';
import { workRow, type RowWay } from './hook.js';
import { heightOf, type StitchKind } from './kinds.js';
import type { StitchText } from './textReader.js';
import { faultAt } from './wholeText.js';
import { tallest, StitchError, type PatternRow, type StitchFault } from './tree.js';

/** Counts that grow by the same number with every repeat: multiple x k + plus. */
export type Linear = CountRule;

/** What a row of the pattern comes to. */
export interface ProvenRow {
  n: number | null;
  side: 'RS' | 'WS';
  /** Stitches after it, for k repeats. */
  stitches: Linear;
  /** Its tallest stitch, and its height in chains. */
  kind: StitchKind;
  height: number;
}

/** What follows from the rows of a stitch pattern: proven by working them. */
export interface StitchProof {
  /** Chains (or stitches, for a first row worked into such) to begin with. */
  chains: Linear;
  /** Stitches that a piece is planned with. */
  base: CountRule;
  /** First row that repeats, by its number or place, and how many rows repeat. */
  repeat: { first: number; rows: number };
  rows: readonly ProvenRow[];
  /** The fewest repeats with which every row comes out. */
  from: number;
}

/** Repeats that every pattern is worked with. */
export const PROVEN_REPEATS = 20;
/** The longest foundation that is tried. */
const LONGEST_FOUNDATION = 400;

/** All rows of a pattern worked over a foundation: the set-up rows, then the rows of the repeat so many times. */
export interface WorkedPattern {
  foundation: Course;
  /** Each row worked, with its index into the rows of the text. */
  rows: { row: number; course: Course }[];
}

/** How row `i` of a text follows the one before. */
function wayOf({ work, rows }: Pick<StitchText, 'work' | 'rows'>, i: number, before: number): RowWay {
  if (work === 'tunisian') return { turned: i === 0, round: false, tunisian: true };
  // A first row's skipped chains count as the turning chain of the next tall row does.
  const after =
    i === 0 ? rows.find(({ nodes: [chain] }) => chain?.op === 'chain' && chain.many > 1) : undefined;
  if (work === 'flat') return { turned: true, round: false, ...(after ? { after } : {}) };
  return { turned: before >= 0 && turns(rows[before]!), round: true };
}

/** Whether a row ends with a turn. */
export function turns({ nodes }: Pick<PatternRow, 'nodes'>): boolean {
  return nodes.some(({ op }) => op === 'turn');
}

/**
 * Works a pattern row by row.
 *
 * @param text what was read
 * @param size chains or stitches of the foundation
 * @param times how often the rows that repeat are worked
 * @throws RowFault with the row that cannot be worked
 */
export function workPattern(text: StitchText, size: number, times: number): WorkedPattern {
  const foundation = foundationFor(text, size);
  const rows: WorkedPattern['rows'] = [];
  let below = foundation;
  let before = -1;
  const { first, last } = text.repeat;
  const step = (i: number) => {
    const row = text.rows[i]!;
    const way = wayOf(text, i, before);
    below = workEither(row, below, way, i);
    before = i;
    rows.push({ row: i, course: below });
  };
  for (let i = 0; i < first; i += 1) step(i);
  for (let time = 0; time < times; time += 1) for (let i = first; i <= last; i += 1) step(i);
  return { foundation, rows };
}

/**
 * The row of the pattern that is worked when so many have been: the rows that stand before the repeat, then the repeat again and again.
 */
export function patternRowAt(
  text: StitchText,
  done: number,
): { index: number; row: PatternRow; way: RowWay } {
  const { first, last } = text.repeat;
  const index = done < first ? done : first + ((done - first) % (last - first + 1));
  return { index, row: text.rows[index]!, way: wayOf(text, done === 0 ? 0 : index, index) };
}

/** A row that cannot be worked, by its index. */
export class RowFault extends Error {
  override name = 'RowFault';
  constructor(
    readonly row: number,
    override readonly cause: StitchError,
  ) {
    super(cause.message);
  }
}

/** Where a row skips "2 sts" and means chains, its chains are taken as stitches. */
function workEither(row: PatternRow, below: Course, way: RowWay, i: number): Course {
  try {
    return workRow(row, below, way);
  } catch (error) {
    if (!(error instanceof StitchError)) throw error;
    if (!below.foundation && below.units.some(({ t }) => t === 'ch')) {
      try {
        return workRow(row, below, { ...way, chainsAreStitches: true });
      } catch (other) {
        if (!(other instanceof StitchError)) throw other;
      }
    }
    throw new RowFault(i, error);
  }
}

/** The foundation that a pattern's first row is worked into: a chain, a ring of chains, or stitches. */
function foundationFor(text: StitchText, size: number): Course {
  if (text.work === 'round') return plainFoundation(size);
  return beginsOnChain(text) ? foundationChain(size) : plainCourse(size, 'sc');
}

/** A ring of chains, seen from where the first round begins. */
export function plainFoundation(chains: number): Course {
  const course = foundationChain(chains);
  return { ...course, direction: 1, units: course.units.map((unit, x) => ({ ...unit, x })) };
}

/** Whether the first row is worked into a chain. */
export function beginsOnChain({ rows: [first] }: Pick<StitchText, 'rows'>): boolean {
  return first !== undefined && mentionsChain(first.nodes);
}
function mentionsChain(nodes: PatternRow['nodes']): boolean {
  return nodes.some(
    (node) =>
      ('place' in node &&
        (node.place.at === 'from hook' || ('noun' in node.place && node.place.noun.what === 'ch'))) ||
      ((node.op === 'repeat' || node.op === 'group') && mentionsChain(node.body)),
  );
}

/**
 * What follows from the rows: which foundations come out, with which period; the count after each row as a rule for every number of
 * repeats, proven by working 1 to 20 of them twice over.
 *
 * @param multiple stitches of a repeat where they are known: rounds have that of the rows that they are made of
 * @returns the proof, or the faults that prevent one
 */
export function prove(
  text: StitchText,
  multiple?: number,
): { proof: StitchProof | null; faults: StitchFault[] } {
  if (text.rows.length === 0 || text.rows.some(({ nodes }) => nodes.length === 0))
    return { proof: null, faults: [] };
  const found = foundations(text, multiple ?? 1);
  if ('fault' in found) return { proof: null, faults: [found.fault] };
  const { worked, period } = found;
  const { first, last } = text.repeat;
  const length = last - first + 1;

  const grown = growth(text, worked.at(-1)!);
  if (grown) return { proof: null, faults: [grown] };

  const counts = worked.map((one) => one.counts);
  const rules = text.rows.map((_, i): Linear => {
    const [a, b] = [counts.at(-2)![i]!, counts.at(-1)![i]!];
    return { multiple: b - a, plus: b };
  });
  // The smallest numbers of repeats may be exceptions; from there on every count must be on the line.
  let from = worked.length - 1;
  const onLine = (at: number) =>
    rules.every(({ multiple, plus }, i) => counts[at]![i] === plus - multiple * (worked.length - 1 - at));
  while (from > 0 && onLine(from - 1)) from -= 1;
  if (worked.length - from < PROVEN_REPEATS / 2)
    return {
      proof: null,
      faults: [
        faultAt(
          text.rows[0]!,
          text.rows[0]!.nodes[0]!.span,
          'The counts do not grow by the same number with every repeat.',
        ),
      ],
    };

  const base = baseRule(text, worked[Math.min(worked.length - 1, from + 5)]!, period);
  const lastSize = worked.at(-1)!;
  const repeats = (lastSize.base - base.plus) / period;
  const linear = ({ multiple, plus }: Linear): Linear => ({ multiple, plus: plus - multiple * repeats });
  return {
    proof: {
      chains: linear({ multiple: period, plus: lastSize.size }),
      base,
      repeat: { first: text.rows[first]!.n ?? first + 1, rows: length },
      rows: text.rows.map((row, i) => {
        const kind = tallest(row.nodes);
        return { n: row.n, side: row.side, stitches: linear(rules[i]!), kind, height: heightOf(kind) };
      }),
      from: Math.max(1, repeats - (worked.length - 1 - from)),
    },
    faults: [],
  };
}

interface WorkedSize {
  size: number;
  /** Stitches of the foundation that the piece spans. */
  base: number;
  /** Stitches after each of its rows, those that repeat twice over. */
  counts: readonly number[];
}

/** Foundations with which every row comes out twice over, in order, and how far they are apart. */
function foundations(
  text: StitchText,
  step: number,
): { worked: WorkedSize[]; period: number } | { fault: StitchFault } {
  const worked: WorkedSize[] = [];
  let deepest: { fault: RowFault; size: number; far: number } | null = null;
  let period: number | null = null;
  let size = step;
  const attempt = (): void => {
    try {
      const pattern = workPattern(text, size, 2);
      // Only the counts are kept: the stitches of hundreds of rows would have to be held.
      const counts = pattern.rows.map(({ course }) => stitchesIn(course));
      worked.push({ size, base: pattern.rows[0]!.course.width, counts });
    } catch (error) {
      if (!(error instanceof RowFault)) throw error;
      // The fault that is told is the one of the latest row, where a foundation came furthest.
      const far = error.row * 1e6 + error.cause.span.from;
      if (
        !deepest ||
        far > deepest.far ||
        (far === deepest.far && size < deepest.size + 40 && deepest.size < 12)
      )
        deepest = { fault: error, size, far };
    }
  };
  while (size <= LONGEST_FOUNDATION && worked.length < 4) {
    attempt();
    size += step;
    // Hardly anything came out so far: a repeat is seldom longer than 60 stitches.
    if (worked.length < 2 && size > 130) break;
  }
  if (worked.length >= 3) {
    period = worked.at(-1)!.size - worked.at(-2)!.size;
    while (worked.length < PROVEN_REPEATS && size < LONGEST_FOUNDATION * 4) {
      size = worked.at(-1)!.size + period;
      const before = worked.length;
      attempt();
      if (worked.length === before) break;
    }
  }
  if (period === null || worked.length < PROVEN_REPEATS / 2) {
    const row = text.rows[deepest ? (deepest as { fault: RowFault }).fault.row : 0]!;
    if (!deepest)
      return { fault: faultAt(row, row.nodes[0]!.span, 'This row comes out with no number of stitches.') };
    const { fault } = deepest as { fault: RowFault };
    return { fault: faultAt(row, fault.cause.span, fault.message) };
  }
  return { worked: worked.filter(({ size: one }) => (worked.at(-1)!.size - one) % period === 0), period };
}

/** A pattern whose rows come to more (or fewer) stitches each time they are repeated. */
function growth(text: StitchText, { counts }: WorkedSize): StitchFault | null {
  const { first, last } = text.repeat;
  const length = last - first + 1;
  const once = counts[first + length - 1]!;
  const twice = counts[first + 2 * length - 1]!;
  const row = text.rows[last]!;
  const change = twice - once;
  const all = { from: 0, to: row.text.length };
  if (change !== 0)
    return faultAt(
      row,
      all,
      `The pattern ${change > 0 ? 'grows' : 'shrinks'}: after these rows there are ${once} stitches, after repeating them ${twice}.`,
    );
  return null;
}

/**
 * The rule that pieces are planned with: the part of the foundation that repeats, and what is left of it at the edges. It is read off
 * rows that lie stitch over stitch on the foundation: the longest stretch in which each place is like the one a repeat further.
 */
function baseRule(text: StitchText, { base, size }: WorkedSize, period: number): CountRule {
  if (text.work === 'round') return { multiple: period, plus: base % period };
  const pattern = workPattern(text, size, 2);
  const cells: string[] = Array.from({ length: base }, () => '');
  const shown = new Set<number>();
  for (const { row, course } of pattern.rows) {
    if (shown.has(row) || course.units.length !== base) continue;
    shown.add(row);
    for (const { kind, x, feet, stitch } of course.units) {
      const cell = Math.round(x);
      const lean = feet.length === 0 ? '' : Math.round((feet[0]! - x) * 4) * course.direction;
      cells[cell] +=
        ` ${row}:${kind}${stitch?.post ?? ''}${stitch?.loop ?? ''}${stitch?.together ?? ''}${lean}`;
    }
  }
  let longest = 0;
  let run = 0;
  for (let c = 0; c + period < base; c += 1) {
    run = cells[c] === cells[c + period] ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  const stretch = longest + period;
  const plus =
    shown.size === 0 || longest === 0 ? base % period : base - period * Math.floor(stretch / period);
  return { multiple: period, plus: plus >= 2 * period && period > 1 ? base % period : plus };
}
