import { COUNT, END, WAYS } from '../read/words.js';
import {
  changesIn,
  countsAfterRow,
  resumedSections,
  shapedRowsOf,
  stepsBesideLines,
  stitchesOf,
  type LineSection,
  type LineWay,
} from '../shaping/lines.js';
import type { RoundWay, Step, Take } from '../work/rows.js';
import { castInside } from '../work/steps.js';
import { line, type Line } from '../write/line.js';
import { roundEnd } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import type { RowMaker } from './rowMaker.js';

/** Parts that are joined into one by a row (or round) over all of them, with chains between them and after the last. */
export interface Unite {
  kind: 'unite';
  part: string;
  from: readonly { part: string; at: number; take: number }[];
  /** Chains after each of the parts, as many entries as parts; the last of a row is at its end. */
  chains: readonly number[];
  round?: RoundWay;
  /** The yarn is joined anew where the row begins. */
  rejoin?: boolean;
  /** Shaping beside lines in the same row. */
  lines?: { sections: readonly LineSection[]; line: LineWay };
  label: string;
}

export const unite: PassageKind<Unite> = {
  rows: (passage, maker) => workUnited(passage, maker),
  words: (all, soFar) => {
    const { part, round } = all[0]!;
    const rows = all.map(({ from }, size) => Math.max(...from.map((one) => soFar.of(one.part)[size]!.n)) + 1);
    if (round) soFar.inRounds(part, round);
    soFar.reach(
      part,
      all.map((union, size) => ({ n: rows[size]!, count: unitedCount(union, rows[size]!) })),
    );
    return [writeUnite(all, rows)];
  },
  sentences: [
    {
      form: new RegExp(
        `^.+, (?:row|rnd) (\\d+)( \\(fasten off; .+?\\))?: (work .+?)(, with the increases at the lines as they fall)?; ${END}\\. ${COUNT}$`,
      ),
      read: ([, row, anew, parts, shaped, end, stitches], reader) =>
        reader.unite(
          Number(row),
          [...parts!.matchAll(/work (\d+) sts?(?:, ch (\d+))?/g)].map(([, take, chains]) => ({
            take: Number(take),
            chains: Number(chains ?? 0),
          })),
          { anew: anew !== undefined, shaped: shaped !== undefined, round: WAYS[end!] },
          Number(stitches),
        ),
    },
  ],
  resume: (before, now, row) => {
    if (!now.lines || !before.lines) return now;
    const sections = resumedSections(before.lines.sections, now.lines.sections, row);
    return sections && { ...now, lines: { ...now.lines, sections } };
  },
  inShort: ({ label, from, chains }) =>
    `${label}: join ${from.map(({ take }) => take).join(' + ')} stitches${chains.some((many) => many > 0) ? ` with ${chains.join(' and ')} chains` : ''}`,
};

function workUnited(
  { part: name, from, chains, round, rejoin = false, lines }: Unite,
  maker: RowMaker,
): void {
  const states = from.map((source) => maker.part(source.part));
  const n = Math.max(...states.map((state) => state.n));
  const state = maker.begin({
    name,
    n,
    count: 0,
    first: null,
    side: states.at(-1)!.side,
    rejoin,
    ...(round ? { round } : {}),
  });
  const sources = from.map((source, i): Take => ({
    part: source.part,
    n: states[i]!.n,
    take: source.take,
    at: source.at,
  }));
  const steps = sources.flatMap(({ take }, i): Step[] => [
    { do: 'work', times: take },
    ...(chains[i]! > 0 ? [{ do: 'cast' as const, times: chains[i]! }] : []),
  ]);
  const add = chains.reduce((sum, chain) => sum + chain, 0);
  if (!lines) return maker.row(state, steps, 0, { add, from: sources });
  const shaped = stepsBesideLines(
    lines.sections,
    countsAfterRow(lines.sections, n),
    lines.line,
    changesIn(lines.sections, n + 1),
  );
  let at = 0;
  const shapedSteps = sources.reduce<Step[]>((all, { take }, i) => {
    const before = at + take;
    at = before + chains[i]!;
    return castInside(all, before, chains[i]!);
  }, shaped.steps);
  maker.row(state, shapedSteps, shaped.by, { add, from: sources });
}

/** Stitches of a row that unites parts. */
function unitedCount({ from, chains, lines }: Unite, row: number): number {
  if (lines) return stitchesOf(countsAfterRow(lines.sections, row), lines.line);
  return from.reduce((sum, { take }) => sum + take, 0) + chains.reduce((sum, chain) => sum + chain, 0);
}

/** Parts joined by a row over all of them. */
function writeUnite(unions: readonly Unite[], rows: readonly number[]): Line {
  const { label, from, round, rejoin } = unions[0]!;
  const parts = from.flatMap((_, i): Line => {
    const takes = unions.map((union) => union.from[i]!.take);
    const chains = unions.map((union) => union.chains[i]!);
    const chain = chains.some((many) => many > 0) ? line`, ch ${chains}` : [];
    return line`${i > 0 ? ', ' : ''}work ${takes} sts${{ inline: chain }}`;
  });
  const counts = unions.map((union, size) => unitedCount(union, rows[size]!));
  const shaped = unions.some(
    ({ lines }, size) => lines && shapedRowsOf(lines.sections).includes(rows[size]!),
  );
  return line`${label}, ${round ? 'rnd' : 'row'} ${rows}${rejoin ? ` (fasten off; join the yarn anew where the ${round ? 'round begins, in the centre back' : 'row begins'})` : ''}: ${{ inline: parts }}${shaped ? ', with the increases at the lines as they fall' : ''}; ${round ? roundEnd(round) : 'turn'}. (${counts} sts)`;
}
