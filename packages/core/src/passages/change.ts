import type { Fabric } from '../fabric/fabric.js';
import { COUNT, END, STITCH } from '../read/words.js';
import { stepsAcross } from '../shaping/rounds.js';
import { countedInWords } from '../fabric/units.js';
import { plainStitchOf } from '../stitch/ofFabric.js';
import { line, type Line } from '../write/line.js';
import type { RowWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';

/** One row in which another fabric begins, with as many stitches as that one wants, the change spread evenly. */
export interface Change {
  kind: 'change';
  part: string;
  to: number;
  stitches: number;
  fabric: string;
}

export const change: PassageKind<Change> = {
  rows: ({ part, to, stitches }, maker) => {
    const state = maker.part(part);
    maker.even(state, to - 1);
    const by = stitches - state.count;
    maker.row(state, stepsAcross(state.count, by), by, { spread: true });
  },
  words: (all, soFar) => {
    const { part, fabric } = all[0]!;
    const before = soFar.of(part).map(({ count }) => count);
    soFar.fabric = soFar.fabrics.get(fabric)!;
    soFar.reach(
      part,
      all.map(({ to, stitches }) => ({ n: to, count: stitches })),
    );
    return writeChange(all, before, soFar.fabric, soFar.wordsOf(part));
  },
  sentences: [
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\\d+): change to .+ hook; ${STITCH} in each st(?:, increasing (\\d+) sts? spread evenly)?(?:, decreasing (\\d+) sts? spread evenly)?; ${END}\\. ${COUNT}$`,
      ),
      read: ([, row, more, fewer, , stitches], reader) => {
        reader.maker.even(Number(row) - 1);
        reader.said.changes.push(Number(row));
        reader.maker.change(Number(more ?? 0) - Number(fewer ?? 0));
        reader.ends(Number(row), Number(stitches));
      },
    },
  ],
  inShort: ({ to, fabric, stitches }, fabricName, unit) =>
    `Row ${to}: change to ${fabricName(fabric)}, ${countedInWords(stitches, unit)}`,
};

/** The row in which another fabric begins. */
function writeChange(
  changes: readonly Change[],
  before: readonly number[],
  fabric: Fabric,
  words: RowWords,
): Line[] {
  const by = changes.map(({ stitches }, size) => stitches - before[size]!);
  const word = (grow: boolean) => (grow ? 'increasing' : 'decreasing');
  const parts: Line[] = [true, false].flatMap((grow) => {
    const some = by.map((change) => Math.max(0, grow ? change : -change));
    return some.some((times) => times > 0) ? [line`, ${word(grow)} ${some} sts spread evenly`] : [];
  });
  return [
    line`${words.one} ${changes.map(({ to }) => to)}: change to ${fabric.name} and a ${String(fabric.hook)} mm hook; ${plainStitchOf(fabric)} in each st${{ inline: parts.flat() }}; ${words.end}. (${changes.map(({ stitches }) => stitches)} sts)`,
  ];
}
