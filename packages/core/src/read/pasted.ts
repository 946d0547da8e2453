import { fromTerms, type Terms } from '../write/terms.js';
import { figuresOfSize } from './ofSize.js';
import { foundationChain, plainCourse, type Course } from '../stitch/course.js';
import { countsOf, troubleInWords, workWords } from './workWords.js';

/** What is wrong in pasted rows: the line of the text (from 1), the row as it is called, and the size where it shows. */
export interface PastedProblem {
  line: number;
  row: string;
  size: string | null;
  message: string;
}

export interface PastedCheck {
  /** Rows that were worked, "Rows 6–10" counted as five. */
  rows: number;
  /** The first mistake of each size, or of all where the row cannot be read at all. */
  problems: PastedProblem[];
  /** Stitches on the hook after the last row, for each size; null after a mistake. */
  counts: (number | null)[];
}

interface PastedRow {
  line: number;
  label: string;
  times: number;
  instructions: string;
  round: boolean;
  /** The count that it states for each size; null without one. */
  counts: number[] | null;
}

/** Most text that is checked, in characters. */
export const MOST_PASTED = 50_000;

const LABEL =
  /^(row|rnd|round|rows|rnds|rounds)\s+(\d+)(?:\s*(?:[–-]|and|to)\s*(\d+))?\s*(?:\((?:RS|WS)[^)]*\))?\s*(?:\([^)]*\))?\s*[:.]\s*/i;

/**
 * Checks rows in the usual notation for every size: "Row 5: 2 hdc in first st, hdc in each st to last, 2 hdc in last. (44, 48, 52)".
 * The stitches before the first row are `start`; without it the count that the first row states is taken as it stands.
 *
 * @param labels of the sizes, in the order of the figures in brackets
 * @param start stitches on the hook before the first row, for each size
 */
export function checkPasted(
  text: string,
  labels: readonly string[],
  { terms = 'us', start }: { terms?: Terms; start?: readonly number[] } = {},
): PastedCheck {
  const check: PastedCheck = {
    rows: 0,
    problems: [],
    counts: labels.map((_, size) => start?.[size] ?? null),
  };
  const hook: Hook = {
    courses: labels.map((_, size) => {
      const many = start?.[size];
      return many === undefined ? null : plainCourse(many, 'sc');
    }),
    counts: [...check.counts],
  };
  const broken = new Set<number>();
  if (text.length > MOST_PASTED) {
    check.problems.push({
      line: 1,
      row: '',
      size: null,
      message: `The text is longer than ${MOST_PASTED} characters; paste a piece at a time.`,
    });
    return check;
  }
  for (const row of rowsOfText(fromTerms(text, terms), labels.length)) {
    const stated = row.counts;
    const problem = (size: number | null, message: string) =>
      check.problems.push({
        line: row.line,
        row: row.label,
        size: size === null ? null : labels[size]!,
        message,
      });
    if (stated && stated.length !== labels.length) {
      problem(null, `gives ${stated.length} counts for ${labels.length} sizes`);
      return check;
    }
    for (const [size] of labels.entries()) {
      if (broken.has(size)) continue;
      const words = figuresOfSize(row.instructions, size, labels.length);
      const fault = workPasted(words, row, size, hook);
      if (!fault) {
        check.counts[size] = hook.counts[size] ?? null;
        continue;
      }
      if (fault.unread) {
        problem(null, fault.message);
        return check;
      }
      broken.add(size);
      check.counts[size] = null;
      problem(size, fault.message);
    }
    check.rows += row.times;
  }
  return check;
}

/** What lies on the hook, for each size. */
interface Hook {
  courses: (Course | null)[];
  counts: (number | null)[];
}

/** Works a row for a size and moves on what lies on the hook; says what is wrong, or null. */
function workPasted(
  words: string,
  { times, counts: stated, round, instructions }: PastedRow,
  size: number,
  hook: Hook,
): { message: string; unread?: boolean } | null {
  const said = stated?.[size];
  const chain = /^ch(?:ain)? (\d+)\s*\.?$/i.exec(words.trim());
  if (chain) {
    hook.courses[size] = foundationChain(Number(chain[1]));
    hook.counts[size] = null;
    return null;
  }
  for (let i = 0; i < times; i += 1) {
    const below = hook.courses[size] ?? null;
    if (below === null) {
      // The row is read all the same; its count is taken as it stands.
      const trouble = troubleInWords(words);
      if (trouble) return { message: trouble, unread: true };
      hook.counts[size] = said ?? null;
      hook.courses[size] = said === undefined ? null : plainCourse(said, 'sc');
      continue;
    }
    const worked = workWords(words, below, { round, turned: !round || /\bturn\b/i.test(instructions) });
    if (!worked.ok) return { message: worked.message, unread: troubleInWords(words) !== null };
    const counts = countsOf(worked.course, worked.nodes);
    hook.courses[size] = worked.course;
    // Slip stitches and chains are stitches where only so the row comes to what it says.
    hook.counts[size] = said !== undefined && counts.includes(said) ? said : counts[0]!;
  }
  if (said !== undefined && hook.counts[size] !== said)
    return { message: `comes to ${hook.counts[size]} stitches, but says ${said}` };
  return null;
}

/** The rows of a text: lines that begin with a row's name; what follows without one belongs to the row before. */
function rowsOfText(text: string, sizes: number): PastedRow[] {
  const rows: { line: number; text: string }[] = [];
  text.split('\n').forEach((raw, i) => {
    const said = raw.trim();
    if (said === '') return;
    if (LABEL.test(said) || rows.length === 0 || /^ch \d/i.test(said)) rows.push({ line: i + 1, text: said });
    else rows.at(-1)!.text += ` ${said}`;
  });
  return rows.map(({ line, text: said }) => {
    const label = LABEL.exec(said);
    const body = label ? said.slice(label[0].length) : said;
    const stated = statedCounts(body, sizes);
    const [first, last] = [Number(label?.[2] ?? 0), Number(label?.[3] ?? label?.[2] ?? 0)];
    return {
      line,
      label: label ? label[0].replace(/[:.]\s*$/, '').trim() : said.slice(0, 30),
      times: Math.max(1, last - first + 1),
      round: /^(?:rnd|round)/i.test(label?.[1] ?? ''),
      instructions: stated ? body.slice(0, stated.at) : body,
      counts: stated?.counts ?? null,
    };
  });
}

/** The counts at the end of a row: "(44, 48, 52)", "(44 (48, 52) sts)", "[44 sts]", "44 (48, 52) sts". */
function statedCounts(body: string, sizes: number): { at: number; counts: number[] } | null {
  const found =
    /[([]\s*(\d+(?:\s*[([]?\s*,?\s*\d+)*\s*[)\]]?)\s*(?:sts?|stitches|sc|hdc|dc|tr|esc)?\s*[)\]]\s*\.?\s*$/i.exec(
      body,
    ) ?? /[.–—-]\s*(\d+(?:\s*\((?:\d+,?\s*)+\))?)\s*(?:sts|stitches)\s*\.?\s*$/i.exec(body);
  if (!found) return null;
  const counts = [...found[1]!.matchAll(/\d+/g)].map(Number);
  // One count stands for all sizes.
  return {
    at: found.index,
    counts: counts.length === 1 ? new Array<number>(sizes).fill(counts[0]!) : counts,
  };
}
