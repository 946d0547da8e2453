import { swatchMetres, type Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { USUAL_RESERVE, type Finishing } from '../finishing/finishing.js';
import { methodOf } from '../finishing/seam.js';
import { stitchesByColour, type KindCount } from '../colours/sheetMap.js';
import type { PieceRole } from '../joins/roles.js';
import type { Passage } from '../passages/passage.js';
import { SEAM_YARN, WEAVE_IN } from '../finishing/tails.js';
import type { Join, WorkedEdge } from '../joins/audit.js';
import { heightOf, type RowRun } from '../work/runs.js';
import { colourOfRow, stripeOffset } from './stripes.js';

/** A piece as far as its yarn goes. */
export interface YarnPiece {
  id: string;
  passages: readonly Passage[];
  label: string;
  copies: number;
  sections: readonly { fabric: string; first: number }[];
  runs: readonly RowRun[];
  role: PieceRole;
}

/** Metres of one colour of a fabric. */
export interface ColourNeed {
  /** Null where the fabric has one colour without a name. */
  colour: string | null;
  metres: number;
  /** Balls, rounded up; null where the ball is not known. */
  balls: number | null;
}

/** Yarn of one fabric, in metres; everything but the total is before what is to spare. */
export interface YarnNeed {
  fabric: string;
  /** With what is to spare, rounded up. */
  metres: number;
  colours: readonly ColourNeed[];
  pieces: readonly { piece: string; label: string; metres: number }[];
  seams: number;
  tails: number;
}

/** Area in square cm of so many stitches. */
export function areaOf(fabric: Fabric, stitches: number): number {
  return stitches / (perCm(fabric.gauge, 'stitches') * perCm(fabric.gauge, 'rows'));
}

/**
 * Metres for each fabric whose swatch was measured: area x swatch metres / swatch area for every piece, seams by their methods, a tail
 * at both ends of every piece (and of every stripe that is cut), and what is to spare. Fabrics without a measured swatch are left out:
 * nothing is guessed. Seams are sewn with the yarn of the first piece.
 *
 * @param extra metres for threads that gather and edges that are steadied, of the same yarn; and the kinds of squares of a sheet
 */
export function yarnNeeds(
  pieces: readonly YarnPiece[],
  joins: readonly Join[],
  edges: ReadonlyMap<string, WorkedEdge>,
  fabrics: ReadonlyMap<string, Fabric>,
  finishing: Finishing = {},
  { touches, squares }: { touches: number; squares: readonly KindCount[] } = { touches: 0, squares: [] },
): YarnNeed[] {
  const rowsOf = (id: string) => heightOf(pieces.find((piece) => piece.id === id)?.runs ?? []);
  const used = [...new Set(pieces.flatMap(({ sections }) => sections.map(({ fabric }) => fabric)))];
  const seams = joins.reduce(
    (sum, join) => sum + ((join.times ?? 1) * join.bLength * SEAM_YARN[methodOf(join, finishing)]) / 100,
    touches,
  );
  const spare = 1 + (finishing.reserve ?? USUAL_RESERVE) / 100;
  return used.flatMap((id): YarnNeed[] => {
    const fabric = fabrics.get(id)!;
    const metres = swatchMetres(fabric);
    if (!fabric.swatch || metres === null) return [];
    const perStitch = areaOf(fabric, 1) * (metres / (fabric.swatch.width * fabric.swatch.height));
    const colours = finishing.colours?.find((one) => one.fabric === id && one.stripes.length > 0);
    const byColour = new Map<string | null, number>();
    const add = (colour: string | null, many: number) =>
      byColour.set(colour, (byColour.get(colour) ?? 0) + many);
    const listed: { piece: string; label: string; metres: number }[] = [];
    let tails = 0;
    for (const piece of pieces) {
      if (!piece.sections.some((section) => section.fabric === id)) continue;
      let own = 0;
      let changes = 0;
      if (piece.role === 'square' && finishing.squares) {
        const rounds = piece.runs.flatMap(({ row, times }) => Array.from({ length: times }, () => row.count));
        const which =
          piece.passages[0]?.kind === 'from the centre' && piece.passages[0].round ? 'whole' : 'halves';
        for (const [colour, stitches] of stitchesByColour(squares, finishing.squares, rounds, which)) {
          if (stitches === 0) continue;
          add(colour, stitches * perStitch);
          own += stitches * perStitch;
        }
      } else if (finishing.squares && !colours) {
        eachRun(piece, id, (count, first, last) => (own += count * (last - first + 1)));
        own *= perStitch * piece.copies;
        if (own > 0) add(finishing.squares.border ?? finishing.squares.yarns[0]!.name, own);
      } else if (!colours) {
        eachRun(piece, id, (count, first, last) => (own += count * (last - first + 1)));
        own *= perStitch * piece.copies;
        if (own > 0) add(null, own);
      } else {
        const offset = stripeOffset(piece.id, joins, edges, rowsOf);
        let before: string | null = null;
        eachRun(piece, id, (count, first, last) => {
          for (let n = first; n <= last; n += 1) {
            const colour = colourOfRow(colours.stripes, n + offset);
            const metresOfRow = count * perStitch * piece.copies;
            add(colour, metresOfRow);
            own += metresOfRow;
            if (before !== null && colour !== before) changes += 1;
            before = colour;
          }
        });
      }
      if (own === 0) continue;
      listed.push({ piece: piece.id, label: piece.label, metres: own });
      const ends = (2 + (colours?.yarn === 'cut' ? 2 * changes : 0)) * piece.copies;
      tails += (ends * WEAVE_IN) / 100;
    }
    const first = id === used[0];
    const extra = tails + (first ? seams : 0);
    const [main] = [...byColour].sort(([, a], [, b]) => b - a);
    if (main) add(main[0], extra);
    const total = [...byColour.values()].reduce((sum, many) => sum + many, 0) * spare;
    return [
      {
        fabric: id,
        metres: Math.ceil(total),
        colours: [...byColour].map(([colour, many]) => ({
          colour,
          metres: Math.ceil(many * spare),
          balls: fabric.ball ? Math.ceil((many * spare) / fabric.ball.metres) : null,
        })),
        pieces: listed,
        seams: first ? seams : 0,
        tails,
      },
    ];
  });
}

/** Calls for each run of rows first to last of a piece that is worked in a fabric, all with so many stitches. */
function eachRun(
  { sections, runs, role }: YarnPiece,
  fabric: string,
  visit: (count: number, first: number, last: number) => void,
): void {
  sections.forEach(({ fabric: of, first: from }, i) => {
    if (of !== fabric) return;
    const end = sections[i + 1]?.first ?? Infinity;
    for (const { row, times } of runs) {
      // The edge of a sheet is no row: it is the sides of the squares that it is joined of.
      if (role === 'sheet' && row.ring) continue;
      const first = Math.max(row.n, from);
      const last = Math.min(row.n + times, end) - 1;
      if (first <= last) visit(row.count, first, last);
    }
  });
}
