/** Shaped rows that a text tells in full: what they take, make and have. */

import type { SaidInFull } from './said.js';
import { TIMES, timesOfWords } from '../text/singular.js';
import { STITCH } from './words.js';

const PIECES: readonly [RegExp, (found: RegExpExecArray, row: SaidInFull) => unknown][] = [
  [
    new RegExp(`^row (\\d+) of (.+?) \\((\\d+) repeats?\\) over (that st and )?the next (\\d+) sts?`),
    ([, row, of, repeats, begun, over], said) => {
      // The stitch in which they begin may be taken already by the one beside them.
      const width = Number(over) + (begun ? 1 : 0);
      said.taken += Number(over);
      said.made += width;
      said.zones.push({ row: Number(row), of: of!, repeats: Number(repeats), width });
      said.plain.push(0);
    },
  ],
  [/^sl st over the first (\d+) sts?/, ([, many], said) => (said.taken += Number(many))],
  [/^leave the last (\d+) sts? unworked/, ([, many], said) => (said.left += Number(many))],
  [new RegExp(`^${STITCH} in the last of them again`), (_, said) => plainStitches(said, 1, 0)],
  [
    new RegExp(`^(\\d+) ${STITCH} in the (?:first|next|last) st`),
    ([, many], said) => plainStitches(said, Number(many), 1),
  ],
  [
    new RegExp(`^${STITCH}(\\d)tog(?: ${TIMES})?`),
    ([, takes, often], said) => {
      const times = timesOfWords(often ?? 'once');
      plainStitches(said, times, Number(takes) * times);
    },
  ],
  [
    new RegExp(`^${STITCH} in the (?:first|last|next(?: (\\d+))?) sts?`),
    ([, many], said) => plainStitches(said, Number(many ?? 1), Number(many ?? 1)),
  ],
];

function plainStitches(said: SaidInFull, made: number, taken: number): void {
  said.made += made;
  said.taken += taken;
  said.plain[said.plain.length - 1]! += made;
}

/** What a row told in full comes to; null where it cannot be read. */
export function readInFull(words: string): SaidInFull | null {
  const said: SaidInFull = { taken: 0, made: 0, left: 0, plain: [0], zones: [] };
  let rest = words;
  while (rest !== '') {
    const found = PIECES.map(([form, read]) => ({ found: form.exec(rest), read })).find((one) => one.found);
    if (!found) return null;
    found.read(found.found!, said);
    rest = rest.slice(found.found![0].length).replace(/^, /, '');
  }
  return said;
}
