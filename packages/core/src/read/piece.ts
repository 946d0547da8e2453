import type { Beginning } from '../stitch/pieceWorker.js';
import type { SpecialStitch } from '../stitch/tokenStream.js';
import type { Row } from '../work/rows.js';
import { ReadFault } from './maker.js';
import { PieceReader, type SaidOfStitches } from './pieceReader.js';
import { SENTENCES } from './sentences.js';

/**
 * Reads the sentences of a piece for one size, in US terms, and makes its rows of them.
 *
 * @param heading of the section: which front a piece is says where its neck edge lies
 * @param seams that the pattern joins, by name, for the tails that are left for them; null where it is not known
 * @param specials stitches that the pattern defines, by name
 * @returns the rows in working order, and what is said of their stitches
 * @throws ReadFault with the sentence that cannot be read or does not come out
 */
export function readPiece(
  heading: string,
  lines: readonly string[],
  seams: ReadonlySet<string> | null = null,
  specials: ReadonlyMap<string, SpecialStitch> = new Map(),
): { rows: Row[]; said: SaidOfStitches; begun: Beginning } {
  const reader = new PieceReader(heading.startsWith('Right front') ? 'right' : 'left', seams, specials);
  for (const text of lines) {
    try {
      readSentence(text.trimEnd(), reader);
    } catch (error) {
      if (error instanceof ReadFault) throw new ReadFault(`“${text}”: ${error.message}`);
      throw error;
    }
  }
  return { rows: reader.maker.rows, said: reader.said, begun: reader.begunInPattern ? 'chain' : 'plain row' };
}

function readSentence(text: string, reader: PieceReader): void {
  for (const { form, read } of SENTENCES) {
    const found = form.exec(text);
    if (!found) continue;
    reader.settle(text);
    read(found, reader);
    return;
  }
  throw new ReadFault('this sentence is not one that pieces are written in');
}
