import { stitchesIn, type Course } from '../stitch/course.js';
import { workRow } from '../stitch/hook.js';
import { readRow } from '../stitch/rowReader.js';
import { StitchError, type Node } from '../stitch/tree.js';

/** What a row in words comes to: the stitches on the hook after it, or what is wrong with it. */
export type WordsWorked =
  { ok: true; course: Course; nodes: readonly Node[] } | { ok: false; message: string };

/**
 * Works a row in the usual notation over what lies on the hook.
 *
 * @param words in US terms, for one size
 * @param below what the row is worked into
 */
export function workWords(
  words: string,
  below: Course,
  { round = false, turned = !round }: { round?: boolean; turned?: boolean } = {},
): WordsWorked {
  try {
    const nodes = readRow(words);
    return { ok: true, nodes, course: workRow({ nodes }, below, { turned, round }) };
  } catch (error) {
    if (error instanceof StitchError) return { ok: false, message: error.message };
    throw error;
  }
}

/** The counts that a row may be said to have: its stitches; with its slip stitches; with its chains. */
export function countsOf(course: Course, nodes: readonly Node[]): number[] {
  const stitches = stitchesIn(course);
  const slipped = nodes.some((node) => node.op === 'work' && node.stitch.kind === 'sl st')
    ? course.slips.length
    : 0;
  return [stitches, stitches + slipped, course.units.length];
}

/** What is wrong with the words of a row, whatever it is worked into; null where they can be read. */
export function troubleInWords(words: string): string | null {
  try {
    readRow(words);
    return null;
  } catch (error) {
    if (error instanceof StitchError) return error.message;
    throw error;
  }
}
