import { line } from '../write/line.js';
import type { PassageKind } from './kind.js';

/** A marker in both ends of the last row worked. */
export interface Mark {
  kind: 'mark';
  part: string;
  meaning: string;
}

export const mark: PassageKind<Mark> = {
  rows: () => {},
  words: ([first], soFar) => [
    line`Place a marker at both ends of row ${soFar.of(first!.part).map(({ n }) => n)}: ${first!.meaning}.`,
  ],
  sentences: [
    {
      form: /^Place a marker at both ends of row (\d+): .+\.$/,
      read: ([, row], reader) => reader.agree(Number(row), reader.maker.now().n, 'the row with markers'),
    },
  ],
  inShort: ({ meaning }) => `Mark both ends: ${meaning}`,
};
