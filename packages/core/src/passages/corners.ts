import { COUNT, END, ROWS, STITCH } from '../read/words.js';
import { countedInWords } from '../fabric/units.js';
import { cornersAfter, stepsAtCorners, type CornerShaping } from '../shaping/corners.js';
import { countOf } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** Rows along an edge with corners until row `to` is done: more in each outer corner, some together in each inner one. */
export interface Corners extends CornerShaping {
  kind: 'corners';
  part: string;
  to: number;
  /** Another fabric begins with the first of them. */
  fabric?: string;
}

export const corners: PassageKind<Corners> = {
  rows: (passage, maker) => {
    const state = maker.part(passage.part);
    let { sides, spare } = passage;
    while (state.n < passage.to) {
      const now = { ...passage, sides, spare };
      const { steps, by } = stepsAtCorners(now);
      maker.row(state, steps, by);
      sides = cornersAfter(now, 1);
      spare = 0;
    }
  },
  words: writeCorners,
  sentences: [
    {
      form: new RegExp(
        `^Place a marker in each corner st, seen along a right-side (?:row|rnd): (after .+ sts? after the last)\\.$`,
      ),
      read: ([, parts], reader) => {
        const sides = [...parts!.matchAll(/(\d+) sts?/g)].map(([, many]) => Number(many));
        const kinds = [...parts!.matchAll(/\((outer|inner)\)/g)].map(([, kind]) => kind === 'outer');
        reader.placeCorners(sides.reverse(), kinds.reverse());
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: (?:(change) to .+ hook; )?(?:in pattern|${STITCH} in each st)(?:, (\\d+) more where it begins)?(?:, (\\d+) fewer where it begins)?, (.+?), the markers moved up; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , changes, more, fewer, what, , stitches], reader) => {
        if (from === '–') return;
        if (changes) reader.said.changes.push(Number(from));
        reader.cornerRows(Number(from), Number(to ?? from), {
          words: what!,
          spare: Number(more ?? 0) - Number(fewer ?? 0),
        });
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
  ],
  inShort: ({ to, by, sides, spare }, _, unit) => {
    const rows = `to row ${to}`;
    const end = countedInWords(
      sides.reduce((sum, side) => sum + side, by.length + spare),
      unit,
    );
    return `${countOf(by.length, 'corner')}, from ${end}, ${rows}`;
  },
};

function writeCorners(all: readonly Corners[], soFar: PieceSoFar): Line[] {
  const { part, fabric } = all[0]!;
  const from = soFar.of(part).map(({ n }) => n + 1);
  const to = all.map((one) => one.to);
  const words = soFar.wordsOf(part);
  const marked = soFar.isNew('corners') ? [markerLine(all, words.short)] : [];
  const change = fabric === undefined ? null : soFar.fabrics.get(fabric)!;
  if (change) soFar.fabric = change;
  const counts = all.map((one, size) => {
    const rows = one.to - from[size]! + 1;
    return cornersAfter(one, rows).reduce((sum, side) => sum + side, one.by.length);
  });
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  const begins = change ? `change to ${change.name} and a ${String(change.hook)} mm hook; ` : '';
  const spare = all.map((one) => one.spare);
  const hidden = ([1, -1] as const).flatMap((sign): Line => {
    const some = spare.map((many) => Math.max(0, sign * many));
    return some.some((many) => many > 0)
      ? line`, ${some} ${sign > 0 ? 'more' : 'fewer'} where it begins`
      : [];
  });
  // A row that changes the fabric is plain in it, as everywhere.
  const own = change ? `${soFar.stitch} in each st` : soFar.even;
  return [
    ...marked,
    line`${words.one}s ${to.map((n, size) => rangeInWords(from[size]!, n))}${{ inline: soFar.lengthBeside(to) }}: ${begins}${own}${{ inline: hidden }}, ${{ inline: atCorners(all) }}, the markers moved up; ${words.end}. (${counts} sts)`,
    ...(change || soFar.stitches.is !== 'rows' ? [] : [keptBetween(soFar)]),
  ];
}

/** How a pattern is kept in rows with corners. */
function keptBetween({ fabric: { name }, stitch }: PieceSoFar): Line {
  return [
    `Keep the repeats of ${name} above each other between the corners; sts beside a corner that make no whole repeat are plain ${stitch}.`,
  ];
}

/** Where the corners lie, in the order in which a right-side row meets them. */
function markerLine(all: readonly Corners[], short: string): Line {
  const many = all[0]!.sides.length;
  const parts = Array.from({ length: many }, (_, i): Line => {
    const at = many - 1 - i;
    const sides = all.map((one) => one.sides[at]!);
    if (at === 0) return line`; ${sides} sts after the last`;
    const kind = all[0]!.by[at - 1]! > 0 ? 'outer' : 'inner';
    return [...(i > 0 ? [', '] : []), ...line`after ${sides} sts${i > 0 ? ' more' : ''} (${kind})`];
  });
  return line`Place a marker in each corner st, seen along a right-side ${short}: ${{ inline: parts.flat() }}.`;
}

/** "3 in each outer corner st, 3 sts together at each inner one"; corner by corner where those of a kind differ. */
function atCorners(all: readonly Corners[]): Line {
  const alike = all.every(
    ({ by }) => isAlike(by.filter((many) => many > 0)) && isAlike(by.filter((many) => many < 0)),
  );
  if (alike) {
    const of = (sign: number) =>
      all.map(({ by }) => Math.abs(by.find((many) => Math.sign(many) === sign) ?? 0) + 1);
    const { by } = all[0]!;
    const outer = by.some((many) => many > 0) ? line`${of(1)} in each outer corner st` : null;
    const inner = by.some((many) => many < 0) ? line`${of(-1)} sts together at each inner corner st` : null;
    return [outer, inner]
      .filter((one) => one !== null)
      .flatMap((one, i): Line => [...(i > 0 ? [', '] : []), ...one]);
  }
  const many = all[0]!.by.length;
  const parts = Array.from({ length: many }, (_, i): Line => {
    const by = all.map((one) => one.by[many - 1 - i]!);
    return [
      ...(i > 0 ? [', '] : []),
      ...line`${by.map((one) => Math.abs(one) + 1)} ${by[0]! < 0 ? 'together' : 'in one'}`,
    ];
  });
  return line`at the corner sts in turn ${{ inline: parts.flat() }}`;
}

function isAlike(numbers: readonly number[]): boolean {
  return numbers.every((one) => one === numbers[0]);
}
