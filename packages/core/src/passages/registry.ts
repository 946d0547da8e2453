import type { Reason } from '../because/reason.js';
import type { CountingUnit } from '../fabric/fabric.js';
import type { Sentence } from '../read/words.js';
import type { RowRun } from '../work/runs.js';
import type { Line } from '../write/line.js';
import { alongSides } from './alongSides.js';
import { byTurns } from './byTurns.js';
import { change } from './change.js';
import { corners } from './corners.js';
import { even } from './even.js';
import { fromCentre } from './fromCentre.js';
import { goOn } from './goOn.js';
import { grow } from './grow.js';
import { PATTERN_SENTENCES } from './inPatternSentences.js';
import type { Labels, PassageKind } from './kind.js';
import { lines } from './lines.js';
import { mark } from './mark.js';
import { narrow } from './narrow.js';
import { sheet } from './sheet.js';
import type { Passage, PassageOf } from './passage.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { RowMaker } from './rowMaker.js';
import { shape } from './shape.js';
import { PLAIN_ROW_SENTENCES } from './plainRows.js';
import { IN_FULL_SENTENCES } from './rowsInFull.js';
import { slit } from './slit.js';
import { short } from './short.js';
import { start } from './start.js';
import { unite } from './unite.js';

/** Every kind of passage. The order is that in which their sentences are tried. */
const KINDS: { readonly [K in Passage['kind']]: PassageKind<PassageOf<K>> } = {
  start,
  'from the centre': fromCentre,
  sheet,
  narrow,
  'along sides': alongSides,
  'by turns': byTurns,
  mark,
  even,
  change,
  corners,
  grow,
  'go on': goOn,
  short,
  slit,
  unite,
  shape,
  lines,
};

/** The kind of a passage, for that passage. */
function kindOf<P extends Passage>({ kind }: P): PassageKind<P> {
  return KINDS[kind] as unknown as PassageKind<P>;
}

/**
 * The rows of passages in working order, those worked even kept together.
 *
 * @throws when passages name a part that has not been started: a program error
 */
export function runsOf(passages: readonly Passage[]): RowRun[] {
  const maker = new RowMaker();
  for (const passage of passages) kindOf(passage).rows(passage, maker);
  return maker.runs;
}

/** The lines of the passages at one place of a piece, for all its sizes. */
export function passageLines(all: readonly Passage[], soFar: PieceSoFar): Line[] {
  return kindOf(all[0]!).words(all, soFar);
}

/** The sentences that passages are written in, in US terms. */
export const PASSAGE_SENTENCES: readonly Sentence[] = [
  ...IN_FULL_SENTENCES,
  ...PLAIN_ROW_SENTENCES,
  ...Object.values(KINDS).flatMap(({ sentences }) => sentences),
  // Rows in a stitch pattern may say anything: they are tried last.
  ...PATTERN_SENTENCES,
];

/** A passage in one line, for one size, counted in its fabric's unit where one is given. */
export function passageInShort(
  passage: Passage,
  fabricName: (id: string) => string,
  unit?: CountingUnit,
): string {
  return kindOf(passage).inShort(passage, fabricName, unit);
}

/** Why the rows of a passage are as they are; empty where that is said by its counts. */
export function explainPassage(passage: Passage, label: Labels): Reason[] {
  return kindOf(passage).reasons?.(passage, label) ?? [];
}

/**
 * A passage with the rows that are worked of it as an earlier one had them; null where it cannot be.
 *
 * @param row the last row of the piece that has been worked
 */
export function resumePassage(before: Passage, now: Passage, row: number): Passage | null {
  if (before.kind !== now.kind || before.part !== now.part) return null;
  const { resume } = kindOf(now);
  return resume ? resume(before, now, row) : now;
}
