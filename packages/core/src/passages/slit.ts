import { COUNT, STITCH, END } from '../read/words.js';
import { countOf } from '../text/singular.js';
import type { Step } from '../work/rows.js';
import { line, type Line } from '../write/line.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** One row that opens a slit: chains over stitches that are passed over, which the next row is worked into. */
export interface Slit {
  kind: 'slit';
  part: string;
  /** Stitches at the left of the slit, and those that it is long. */
  at: number;
  over: number;
  /** What the slit is for: "the left armhole". */
  label: string;
}

/** The steps of such a row, from left to right. */
export function slitSteps(count: number, at: number, over: number): Step[] {
  const steps: Step[] = [
    { do: 'work', times: at },
    { do: 'cast', times: over },
    { do: 'work', times: count - at - over },
  ];
  return steps.filter(({ times }) => times > 0);
}

export const slit: PassageKind<Slit> = {
  rows: ({ part, at, over }, maker) => {
    const state = maker.part(part);
    const { n, count } = state;
    maker.row(state, slitSteps(count, at, over), 0, {
      add: over,
      from: [
        { part, n, take: at, at: 0 },
        { part, n, take: count - at - over, at: at + over },
      ],
    });
  },
  words: writeSlit,
  sentences: [
    {
      form: new RegExp(
        `^Row (\\d+), (.+): (?:in pattern|${STITCH} in each st) over the first (\\d+) sts?, ch (\\d+), skip (\\d+) sts?, (?:in pattern|${STITCH} in each st) over the last (\\d+) sts?; ${END}\\. ${COUNT}$`,
      ),
      read: ([, row, , first, chains, skipped, last, , stitches], reader) => {
        reader.agree(Number(chains), Number(skipped), 'the chains over the stitches skipped');
        reader.slitRow(Number(row), { first: Number(first), over: Number(skipped), last: Number(last) });
        reader.ends(Number(row), Number(stitches));
      },
    },
    // The chains are stitches to the next row.
    { form: /^In the next row the chains count as sts?: .+\.$/, read: () => undefined },
  ],
  inShort: ({ label, over }) => `${label}: ${countOf(over, 'chain')} over as many stitches`,
};

function writeSlit(all: readonly Slit[], soFar: PieceSoFar): Line[] {
  const { part, label } = all[0]!;
  const before = soFar.of(part);
  const row = before.map(({ n }) => n + 1);
  const counts = before.map(({ count }) => count);
  const { end } = soFar.wordsOf(part);
  const { even } = soFar;
  // A right-side row meets the stitches at the right first.
  const ends = all.map(({ at, over }, size) => {
    const [left, right] = [at, counts[size]! - at - over];
    return soFar.isRightSide(row[size]!) ? [right, left] : [left, right];
  });
  soFar.reach(
    part,
    row.map((n, size) => ({ n, count: counts[size]! })),
  );
  const over = all.map((one) => one.over);
  return [
    line`Row ${row}, ${label}: ${even} over the first ${ends.map(([first]) => first!)} sts, ch ${over}, skip ${over} sts, ${even} over the last ${ends.map(([, last]) => last!)} sts; ${end}. (${counts} sts)`,
    ['In the next row the chains count as sts: work into them as into these.'],
  ];
}
