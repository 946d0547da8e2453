import { stitchOf, type Fabric } from '../fabric/fabric.js';
import type { PieceRole } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { endOf, type Passage } from '../shaping/passages.js';
import { countsAfterRow, shapedRowsOf, stitchesOf } from '../shaping/lines.js';
import type { RoundWay } from '../work/rows.js';
import { line, type Line } from './line.js';
import { writeLines } from './lines.js';
import { rangeInWords, type RowWords } from './rowWords.js';
import { writeShape } from './shape.js';
import { writeStart } from './start.js';

type Of<K extends Passage['kind']> = Extract<Passage, { kind: K }>;

/** Writes one piece for sizes whose passages have the same form, in US terms. */
export function writePiece(pieces: readonly PlannedPiece[], fabrics: ReadonlyMap<string, Fabric>): Line[] {
  let fabric = fabrics.get(pieces[0]!.fabric)!;
  const lines: Line[] = [];
  /** Last row and count of each part, for each size. */
  const state = new Map<string, { n: number; count: number }[]>();
  const at = (part: string, size: number) => state.get(part)![size]!;
  const length = pieces[0]!.passages.length;
  /** The parts that the piece was last divided into. */
  let divided: Of<'go on'>[] | null = null;
  const rounds = new Map<string, RoundWay>();
  /** What the rows of a part are called. */
  const wordsOf = (part: string): RowWords => {
    const way = rounds.get(part);
    return way === undefined
      ? { one: 'Row', short: 'row', end: 'turn' }
      : {
          one: 'Rnd',
          short: 'rnd',
          end: roundEnd(way),
        };
  };

  for (let i = 0; i < length; i += 1) {
    const all = pieces.map(({ passages }) => passages[i]!);
    const first = all[0]!;
    const stitch = stitchOf(fabric);
    const even = fabric.pattern?.length ? 'in pattern' : `${stitch} in each st`;
    if (first.kind === 'start') {
      const starts = all as Of<'start'>[];
      state.set(
        first.part,
        starts.map(({ stitches }) => ({ n: 1, count: stitches })),
      );
      if (starts[0]!.round) rounds.set(first.part, starts[0]!.round);
      lines.push(...writeStart(starts, fabric, wordsOf(first.part)), ...panelLine(pieces, fabric));
    } else if (first.kind === 'mark') {
      lines.push(
        line`Place a marker at both ends of row ${all.map((_, size) => at(first.part, size).n)}: ${first.meaning}.`,
      );
    } else if (first.kind === 'even') {
      const evens = all as Of<'even'>[];
      const from = evens.map((_, size) => at(first.part, size).n + 1);
      const ranges = evens.map(({ to }, size) => rangeInWords(from[size]!, to));
      if (ranges.some((text) => text !== '–'))
        lines.push(
          line`${wordsOf(first.part).one}s ${ranges}: ${even}; ${wordsOf(first.part).end}. (${all.map((_, size) => at(first.part, size).count)} sts)`,
        );
      evens.forEach(
        ({ to }, size) => (state.get(first.part)![size] = { n: to, count: at(first.part, size).count }),
      );
    } else if (first.kind === 'change') {
      const changes = all as Of<'change'>[];
      fabric = fabrics.get(first.fabric)!;
      lines.push(
        ...writeChange(
          changes,
          changes.map((_, size) => at(first.part, size).count),
          fabric,
        ),
      );
      changes.forEach(
        ({ to, stitches }, size) => (state.get(first.part)![size] = { n: to, count: stitches }),
      );
    } else if (first.kind === 'go on') {
      const parts = all as Of<'go on'>[];
      lines.push(
        ...writeGoOn(
          parts,
          divided,
          parts.map(({ from }, size) => at(from, size).n + 1),
          parts.map(({ from }, size) => at(from, size).count),
        ),
      );
      state.set(
        first.part,
        parts.map(({ from, take }, size) => ({ n: at(from, size).n, count: take })),
      );
      divided = parts;
    } else if (first.kind === 'short') {
      const shorts = all as Of<'short'>[];
      const from = shorts.map((_, size) => at(first.part, size));
      lines.push(...writeShort(shorts, from, wordsOf(first.part)));
      shorts.forEach(({ shortRows }, size) => {
        const { n, count } = from[size]!;
        state.get(first.part)![size] = { n: n + shortRows.rows.length + (shortRows.closing ? 1 : 0), count };
      });
    } else if (first.kind === 'unite') {
      const unions = all as Of<'unite'>[];
      const rows = unions.map(({ from }, size) => Math.max(...from.map(({ part }) => at(part, size).n)) + 1);
      if (unions[0]!.round) rounds.set(first.part, unions[0]!.round);
      lines.push(writeUnite(unions, rows));
      state.set(
        first.part,
        unions.map((_, size) => ({
          n: rows[size]!,
          count: unitedCount(unions[size]!, rows[size]!),
        })),
      );
    } else if (first.kind === 'lines') {
      const shaped = all as Of<'lines'>[];
      const from = shaped.map(({ part }, size) => at(part, size).n + 1);
      lines.push(...writeLines(shaped, from, stitch, wordsOf(first.part)));
      shaped.forEach(({ to, sections, line: way }, size) => {
        state.get(first.part)![size] = { n: to, count: stitchesOf(countsAfterRow(sections, to), way) };
      });
    } else {
      const shapes = all as Of<'shape'>[];
      lines.push(
        ...(asBefore(pieces, i)
          ? [
              line`Work as the ${nameOf(pieces[0]!.passages, shapes[0]!.part)}, with ${edgeOf(shapes[0]!)} at its other end. (${shapes.map(endOf)} sts)`,
            ]
          : writeShape(
              shapes,
              shapes.map((_, size) => at(first.part, size)),
              stitch,
              even,
              wordsOf(first.part),
            )),
      );
      shapes.forEach((shape, size) => (state.get(first.part)![size] = { n: shape.to, count: endOf(shape) }));
      if (divided && isDone(pieces[0]!.passages, i)) lines.push(line`Fasten off.`);
    }
  }
  if (pieces[0]!.role === 'yoke')
    lines.push(
      line`Fasten off. The sts of the last ${wordsOf(pieces[0]!.passages.at(-1)!.part).short} stay live for body and sleeves.`,
    );
  else if (lines.at(-1)?.join('') !== 'Fasten off.')
    // A tie or a cord is in no seam.
    lines.push(
      pieces[0]!.edges.every(({ open }) => open)
        ? line`Fasten off.`
        : line`Fasten off, leaving a tail for the seam.`,
    );
  return lines;
}

/** How a round ends. */
function roundEnd(way: RoundWay): string {
  return way === 'turned' ? 'join, turn' : way === 'joined' ? 'join' : 'go on';
}

/** What the part is called that was worked beside this one, from the same row. */
function nameOf(passages: PlannedPiece['passages'], part: string): string {
  const ways = passages.filter((passage) => passage.kind === 'go on');
  const own = ways.find((passage) => passage.part === part);
  const other = ways.find((passage) => passage.from === own?.from && passage.part !== part);
  return (other?.label ?? 'first part').toLowerCase();
}

function edgeOf({ where }: Of<'shape'>): string {
  return where.at === 'one edge' ? where.edge : 'the shaped edge';
}

/** Pieces whose middle is that of the garment or of the arm. */
const PANELLED: readonly PieceRole[] = ['back', 'front', 'back and front', 'sleeve'];

/** Where a panel in the middle of back, front or sleeve lies; nothing without one. */
function panelLine(pieces: readonly PlannedPiece[], { panel = 0 }: Fabric): Line[] {
  if (panel === 0 || !PANELLED.includes(pieces[0]!.role)) return [];
  const beside = pieces.map(({ ends }) => (ends.first.count - panel) / 2);
  if (beside.some((many) => many < 0 || !Number.isInteger(many))) return [];
  return [
    line`The panel of ${panel} sts lies in the middle, ${beside} sts plain on either side of it; shaping at the edges takes from the plain sts only.`,
  ];
}

/** Whether nothing is worked on a part after this passage: another part is taken up, or the piece is finished. */
function isDone(passages: PlannedPiece['passages'], i: number): boolean {
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
function siblings(passages: PlannedPiece['passages'], { from }: Of<'go on'>): number {
  return passages.filter((passage) => passage.kind === 'go on' && passage.from === from).length;
}

/** Whether a second shoulder is shaped in the rows and by the amounts of the first. */
function asBefore(pieces: readonly PlannedPiece[], i: number): boolean {
  return pieces.every(({ passages }) => {
    const here = passages[i]!;
    const first = passages.slice(0, i).find(({ kind }) => kind === 'shape');
    return (
      here.kind === 'shape' &&
      here.where.at === 'one edge' &&
      first?.kind === 'shape' &&
      first.part !== here.part &&
      JSON.stringify([first.schedule, first.also]) === JSON.stringify([here.schedule, here.also])
    );
  });
}

/** The row in which another fabric begins. */
function writeChange(changes: readonly Of<'change'>[], before: readonly number[], fabric: Fabric): Line[] {
  const by = changes.map(({ stitches }, size) => stitches - before[size]!);
  const word = (grow: boolean) => (grow ? 'increasing' : 'decreasing');
  const parts: Line[] = [true, false].flatMap((grow) => {
    const some = by.map((change) => Math.max(0, grow ? change : -change));
    return some.some((times) => times > 0) ? [line`, ${word(grow)} ${some} sts spread evenly`] : [];
  });
  return [
    line`Row ${changes.map(({ to }) => to)}: change to ${fabric.name} and a ${String(fabric.hook)} mm hook; ${stitchOf(fabric)} in each st${{ inline: parts.flat() }}; turn. (${changes.map(({ stitches }) => stitches)} sts)`,
  ];
}

function writeGoOn(
  parts: readonly Of<'go on'>[],
  before: readonly Of<'go on'>[] | null,
  rows: readonly number[],
  counts: readonly number[],
): Line[] {
  const { label, rejoin } = parts[0]!;
  const takes = parts.map(({ take }) => take);
  const leaves = parts.map(({ leave }) => leave);
  const sibling = before !== null && before[0]!.from === parts[0]!.from;
  if (rejoin && !sibling) {
    const skipped = parts.map(({ take, leave }, size) => counts[size]! - take - leave);
    const rest = leaves.some((leave) => leave > 0) ? line`; leave the last ${leaves} sts unworked` : [];
    return [
      line`${label}, from row ${rows} on: skip ${skipped} sts where the row begins, rejoin the yarn in the next st and work ${takes} sts${{ inline: rest }}.`,
    ];
  }
  if (rejoin && before !== null) {
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

/** Short rows as a table of turning points: the stitches over which each row goes. */
function writeShort(
  shorts: readonly Of<'short'>[],
  before: readonly { n: number; count: number }[],
  words: RowWords,
): Line[] {
  const { label } = shorts[0]!;
  /** Spans that reach back across the joining of a round are told from there. */
  const ring = shorts.some(({ shortRows: { rows } }) => rows.some(({ from }) => from < 0));
  const going = shorts.every(({ shortRows }) => followsYarn(shortRows));
  const spans = shorts.map(({ shortRows: { rows } }) =>
    rows
      .map(({ from, to }) => (ring ? `${-from} + ${to}` : going ? String(to - from) : `${from + 1}–${to}`))
      .join(', '),
  );
  const ranges = shorts.map(({ shortRows: { rows } }, size) =>
    rangeInWords(before[size]!.n + 1, before[size]!.n + rows.length),
  );
  const lines = ring
    ? [
        line`${label}, short rows ${ranges}, turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: ${{ lists: spans }}`,
      ]
    : going
      ? [
          line`${label}, short rows ${ranges}: begin where the last ${words.short} ended, turn at the end of each row, and work so many sts, one row after the other: ${{ lists: spans }}`,
        ]
      : [
          line`${label}, short rows ${ranges}, turning at both ends, one after the other over these sts of the last full ${words.short}, counted from the left of its right side (join the yarn anew where a row begins away from it): ${{ lists: spans }}`,
        ];
  if (shorts[0]!.shortRows.closing)
    lines.push(
      line`Next ${words.short}: work over all sts, closing the steps. (${before.map(({ count }) => count)} sts)`,
    );
  return lines;
}

/**
 * Whether every short row begins where the yarn hangs: the first at an end of the full row, each other where the one before it was turned.
 */
function followsYarn({ rows, stitches }: Of<'short'>['shortRows']): boolean {
  const follows = (leftwards: boolean) => {
    let [yarn, left] = [leftwards ? stitches : 0, leftwards];
    return rows.every(({ from, to }) => {
      const begins = (left ? to : from) === yarn;
      yarn = left ? from : to;
      left = !left;
      return begins;
    });
  };
  return follows(true) || follows(false);
}

/** Stitches of a row that unites parts. */
function unitedCount({ from, chains, lines }: Of<'unite'>, row: number): number {
  if (lines) return stitchesOf(countsAfterRow(lines.sections, row), lines.line);
  return from.reduce((sum, { take }) => sum + take, 0) + chains.reduce((sum, chain) => sum + chain, 0);
}

/** Parts joined by a row over all of them. */
function writeUnite(unions: readonly Of<'unite'>[], rows: readonly number[]): Line {
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
