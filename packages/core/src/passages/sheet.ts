import { lengthsOf } from '../write/lengths.js';
import { line, type Line } from '../write/line.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** A stretch of the edge of a sheet: so many stitches (or row ends) of the sides of its squares. */
export interface SheetEdge {
  label: string;
  squares: number;
  count: number;
  /** Along the long edges of half squares: their row ends. */
  rowEnds?: true;
}

/** A sheet joined of squares: nothing is worked, but what is worked on to it goes along the sides of its outer squares. */
export interface Sheet {
  kind: 'sheet';
  part: string;
  squares: number;
  halves: number;
  /** Squares of the body across, and from the fold over the shoulders down. */
  across: number;
  down: number;
  /** Sleeves of squares beside it, each so many across over so many rows from the fold; 0 for none. */
  sleeve: number;
  arm: number;
  /** What each join adds, cm; where there is any, a row of sc lies flat between the squares. */
  join: number;
  /** The edge of a neck inside it, where there is one, and then the edge round it; clockwise with the right side up. */
  edges: readonly (readonly SheetEdge[])[];
}

const countOfEdge = (edge: readonly SheetEdge[]) => edge.reduce((sum, { count }) => sum + count, 0);

/** The parts that the edges of a sheet are; what goes on from it goes on from the outer one, which is told last. */
export function sheetParts(edges: number): readonly ('neck' | 'main')[] {
  return edges > 1 ? ['neck', 'main'] : ['main'];
}

export const sheet: PassageKind<Sheet> = {
  rows: ({ edges }, maker) =>
    edges.forEach((edge, i) => {
      const state = maker.begin({
        name: sheetParts(edges.length)[i]!,
        n: 0,
        count: 0,
        first: null,
        side: 'WS',
        rejoin: false,
        round: 'joined',
      });
      const made = countOfEdge(edge);
      maker.row(state, [{ do: 'cast', times: made }], 0, { add: made, from: [], ring: true });
    }),
  words: writeSheet,
  sentences: [
    {
      form: /^Join (\d+) squares(?: and (\d+) half squares?)? by the map: (\d+) across and (\d+) down from the fold over the shoulders, on back and front\.$/,
      read: ([, squares, halves, across, down], reader) =>
        reader.sheet.begin({
          whole: Number(squares),
          halves: Number(halves ?? 0),
          across: Number(across),
          down: Number(down),
        }),
    },
    {
      form: /^The sleeves lie beside it: (\d+) squares? across, (\d+) down from the fold\.$/,
      read: ([, across, down], reader) => reader.sheet.beside({ across: Number(across), down: Number(down) }),
    },
    {
      form: /^Between two squares lies a flat row of sc, which adds about (.+)\.$/,
      read: ([, about], reader) => (reader.sheet.join = about!),
    },
    {
      form: /^(Its edge|The edge of its neck), with the right side up and the back below, clockwise: (.+)\. \((\d+) sts?\)$/,
      read: ([, which, parts, stitches], reader) => {
        const said = [
          ...parts!.matchAll(/(?:^|, )(.+?) (\d+) (?:sts?|row ends?) \((\d+) (half )?squares?\)/g),
        ].map(([, label, count, squares, half]) => ({
          label: label!,
          count: Number(count),
          squares: Number(squares),
          half: half !== undefined,
        }));
        reader.sheetEdge(which === 'Its edge' ? 'main' : 'neck', said, Number(stitches));
      },
    },
  ],
  inShort: ({ squares, across, down }) =>
    `${squares} squares joined: ${across} across, ${down} down from the fold`,
};

function writeSheet(all: readonly Sheet[], soFar: PieceSoFar): Line[] {
  const { edges, sleeve, join } = all[0]!;
  const names = sheetParts(edges.length);
  names.forEach((name, i) => {
    soFar.inRounds(name, 'joined');
    soFar.reach(
      name,
      all.map((one) => ({ n: 1, count: countOfEdge(one.edges[i]!) })),
    );
  });
  const halves = all.map((one) => one.halves);
  const both = halves.some((many) => many > 0) ? line` and ${halves} half squares` : [];
  return [
    line`Join ${all.map((one) => one.squares)} squares${{ inline: both }} by the map: ${all.map((one) => one.across)} across and ${all.map((one) => one.down)} down from the fold over the shoulders, on back and front.`,
    ...(sleeve > 0
      ? [
          line`The sleeves lie beside it: ${all.map((one) => one.sleeve)} squares across, ${all.map((one) => one.arm)} down from the fold.`,
        ]
      : []),
    ...(join > 0
      ? [
          line`Between two squares lies a flat row of sc, which adds about ${{
            inline: lengthsOf(
              all.map((one) => one.join),
              soFar.wish.units,
            ),
          }}.`,
        ]
      : []),
    ...edges.map((edge, i): Line => {
      const parts = edge.flatMap(({ label, rowEnds }, at): Line => {
        const [counts, squares] = [
          all.map((one) => one.edges[i]![at]!.count),
          all.map((one) => one.edges[i]![at]!.squares),
        ];
        return rowEnds
          ? line`${{ inline: at > 0 ? [', '] : [] }}${label} ${counts} row ends (${squares} half squares)`
          : line`${{ inline: at > 0 ? [', '] : [] }}${label} ${counts} sts (${squares} squares)`;
      });
      return line`${names[i] === 'main' ? 'Its edge' : 'The edge of its neck'}, with the right side up and the back below, clockwise: ${{ inline: parts }}. (${all.map((one) => countOfEdge(one.edges[i]!))} sts)`;
    }),
  ];
}
