import { OTHER, type Side } from '../joins/roles.js';
import { ReadFault } from '../read/maker.js';
import { countedInWords } from '../fabric/units.js';
import { line, type Line } from '../write/line.js';
import type { PassageKind } from './kind.js';

/** A part that goes on from some of the stitches of another part's last row. */
export interface GoOn {
  kind: 'go on';
  part: string;
  from: string;
  at: number;
  take: number;
  leave: number;
  rejoin: boolean;
  label: string;
}

/** Above an armhole the neck edge of a front stays where it was. */
const ABOVE = /^Above /;
/** Between the front and the back of a half lies the armhole; their necks are at their outer edges. */
const OF_HALF = /^The (?:front|back)$/;

export const goOn: PassageKind<GoOn> = {
  rows: ({ part, from, at, take, rejoin }, maker) => {
    const { n, side } = maker.part(from);
    maker.begin({ name: part, n, count: take, first: [{ part: from, n, take, at }], side, rejoin });
  },
  words: (all, soFar) => {
    const before = all.map(({ from }, size) => soFar.of(from)[size]!);
    const lines = writeGoOn(
      all,
      soFar.divided,
      before.map(({ n }) => n + 1),
      before.map(({ count }) => count),
    );
    soFar.reach(
      all[0]!.part,
      all.map(({ take }, size) => ({ n: before[size]!.n, count: take })),
    );
    soFar.divide(all);
    return lines;
  },
  sentences: [
    {
      form: /^(.+), from row (\d+) on: fasten off, skip (\d+) sts? where the row begins, rejoin the yarn in the next st and work (\d+) sts?(?:; leave the last (\d+) sts? unworked)?\.$/,
      read: ([, label, row, skip, take, leave], reader) => {
        const from = reader.maker.now();
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        reader.agree(
          Number(skip) + Number(take) + Number(leave ?? 0),
          from.count,
          `what ${label} leaves and takes`,
        );
        const right = reader.maker.nextSide(from) === 'RS';
        const begins: Side = right ? 'right' : 'left';
        reader.goOn(
          from,
          right ? Number(leave ?? 0) : Number(skip),
          Number(take),
          true,
          ABOVE.test(label!) ? from.inner : begins,
        );
      },
    },
    {
      form: /^(.+): go on over the first (\d+) sts? only from row (\d+) on; leave the other (\d+) sts? unworked\.$/,
      read: ([, label, take, row, leave], reader) => {
        const from = reader.maker.now();
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        reader.agree(Number(take) + Number(leave), from.count, `what ${label} leaves and takes`);
        const right = reader.maker.nextSide(from) === 'RS';
        const division: Side = right ? 'left' : 'right';
        const inner = OF_HALF.test(label!) ? OTHER[division] : division;
        reader.goOn(
          from,
          right ? Number(leave) : 0,
          Number(take),
          false,
          ABOVE.test(label!) ? from.inner : inner,
        );
      },
    },
    {
      form: /^(.+): (?:skip (\d+) sts? of the last full row in the middle, )?rejoin the yarn in the next st and work the last (\d+) sts? from row (\d+) on\.$/,
      read: ([, label, skip, take, row], reader) => {
        const other = reader.maker.now().parent;
        if (!other) throw new ReadFault(`${label} has no first part beside it`);
        const { part: from, at } = other;
        reader.agree(Number(row), from.n + 1, `the row of ${label}`);
        const onTheLeft = at > 0;
        const division: Side = onTheLeft ? 'right' : 'left';
        const between = onTheLeft ? at - Number(take) : from.count - Number(take) - other.take;
        reader.agree(Number(skip ?? 0), between, `what ${label} skips`);
        reader.goOn(
          from,
          onTheLeft ? 0 : from.count - Number(take),
          Number(take),
          true,
          OF_HALF.test(label!) ? OTHER[division] : division,
        );
      },
    },
  ],
  inShort: ({ label, take, rejoin }, _, unit) =>
    `${label}: go on over ${countedInWords(take, unit)}${rejoin ? ' with the yarn rejoined' : ''}`,
};

function writeGoOn(
  parts: readonly GoOn[],
  before: readonly (GoOn | null)[],
  rows: readonly number[],
  counts: readonly number[],
): Line[] {
  const { label, rejoin } = parts[0]!;
  const takes = parts.map(({ take }) => take);
  const leaves = parts.map(({ leave }) => leave);
  const sibling = before.every((one, size) => one?.from === parts[size]!.from);
  if (rejoin && !sibling) {
    const skipped = parts.map(({ take, leave }, size) => counts[size]! - take - leave);
    const rest = leaves.some((leave) => leave > 0) ? line`; leave the last ${leaves} sts unworked` : [];
    return [
      line`${label}, from row ${rows} on: fasten off, skip ${skipped} sts where the row begins, rejoin the yarn in the next st and work ${takes} sts${{ inline: rest }}.`,
    ];
  }
  if (rejoin) {
    // Which of the two lies further on depends on where the yarn hangs.
    const skipped = parts.map(({ at, take }, size) => {
      const other = before[size]!;
      return at > other.at ? at - other.at - other.take : other.at - at - take;
    });
    const skip = skipped.some((many) => many > 0)
      ? line`skip ${skipped} sts of the last full row in the middle, rejoin`
      : ['rejoin'];
    return [
      line`${label}: ${{ inline: skip }} the yarn in the next st and work the last ${takes} sts from row ${rows} on.`,
    ];
  }
  return [
    line`${label}: go on over the first ${takes} sts only from row ${rows} on; leave the other ${leaves} sts unworked.`,
  ];
}
