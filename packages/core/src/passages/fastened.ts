/** Where a part of a divided piece is done and its yarn is cut. */

import { line, type Line } from '../write/line.js';

/** What of passages tells where a part ends. */
type Passages = readonly { kind: string; part: string; from?: unknown }[];

/** What of a piece is asked while its passages are written. */
interface Divided {
  divided: readonly (object | null)[];
  at: readonly number[];
  pieces: readonly { passages: Passages }[];
  closing: readonly Line[];
}

/** Each part of a divided piece is fastened off when it is done. */
export function fastenedOff(soFar: Divided): Line[] {
  return soFar.divided.every((part) => part !== null) && isDone(soFar.pieces[0]!.passages, soFar.at[0]!)
    ? [...soFar.closing, line`Fasten off.`]
    : [];
}

/** Whether nothing is worked on a part after this passage: another part is taken up, or the piece is finished. */
function isDone(passages: Passages, i: number): boolean {
  const { part } = passages[i]!;
  const later = passages.slice(i + 1);
  const goesOn = later.some(
    (passage) => passage.part === part || (passage.kind === 'go on' && passage.from === part),
  );
  return (
    !goesOn &&
    passages
      .slice(0, i)
      .some((passage) => passage.kind === 'go on' && passage.part === part && siblings(passages, passage) > 1)
  );
}

/** How many parts go on from the same one. */
function siblings(passages: Passages, { from }: { from?: unknown }): number {
  return passages.filter((passage) => passage.kind === 'go on' && passage.from === from).length;
}
