/** The map of a sheet as a drawing: the back below the fold, the front above it, each square in the colours of its rounds with the letter of its kind. */

import { escapeXml } from '../write/schematic.js';
import { colourOfRound, type SquareColours } from './squareColours.js';
import { hasEvenColumns, spreadOut, type MappedSquare, type SheetMap } from './sheetMap.js';

/** Side of a square, px. */
const SIDE = 26;
/** Most rounds of a square that are drawn: more would be no wider than a line. */
const MOST_RINGS = 4;
const INK = '#20303a';

/** A square of a map on the sheet spread out, in squares from its upper left corner. */
export interface SpreadSquare extends MappedSquare {
  x: number;
  y: number;
}

/** The squares of a map spread out, from the top: the lower edge of the front, its neck, the fold, and the back down to its lower edge. */
export function spread(squares: readonly MappedSquare[]): {
  squares: SpreadSquare[];
  columns: number;
  rows: number;
  fold: number;
} {
  const isEven = hasEvenColumns(squares);
  const places = squares.map((square) => spreadOut(square, isEven));
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.max(...ys)];
  return {
    squares: squares.map((square, i) => ({ ...square, x: places[i]!.x - left, y: top - places[i]!.y })),
    columns: Math.max(...xs) - left + 1,
    rows: top - Math.min(...ys) + 1,
    fold: top + 1,
  };
}

/** The rings of a square, from the outside in: how large each is of the whole, and in which colour it is shown. */
export function ringsOf(
  colours: Pick<SquareColours, 'yarns' | 'kinds' | 'border'>,
  kind: string,
  rounds: number,
): { share: number; shown: string }[] {
  const of = colours.kinds.find(({ id }) => id === kind);
  if (!of) return [];
  const named = Array.from({ length: rounds }, (_, i) => colourOfRound(colours, of, i + 1, rounds));
  const rings: { share: number; shown: string; name: string }[] = [];
  named.forEach((name, i) => {
    const shown = colours.yarns.find((yarn) => yarn.name === name)?.shown ?? '#ffffff';
    const last = rings.at(-1);
    if (last?.name === name) last.share = (i + 1) / rounds;
    else rings.push({ name, shown, share: (i + 1) / rounds });
  });
  return rings
    .slice(-MOST_RINGS)
    .reverse()
    .map(({ share, shown }) => ({ share, shown }));
}

/** A square's corners as they lie spread out; of a half one its three. */
export function cornersSpread(
  { x, y, half, column, layer }: SpreadSquare,
  share = 1,
): [x: number, y: number][] {
  const [cx, cy, r] = [x + 0.5, y + 0.5, share / 2];
  const all: [number, number][] = [
    [cx - r, cy - r],
    [cx + r, cy - r],
    [cx + r, cy + r],
    [cx - r, cy + r],
  ];
  if (!half) return all;
  // The long edge faces the neck: of the front, which lies above the fold, towards the fold and the middle.
  const missing = layer === 'front' ? (column < 0 ? 2 : 3) : column < 0 ? 1 : 0;
  return all.filter((_, i) => i !== missing);
}

/**
 * A map as an SVG.
 *
 * @param rounds of a square
 */
export function sheetMapSvg(
  map: SheetMap,
  colours: Pick<SquareColours, 'yarns' | 'kinds' | 'border'>,
  { rounds, title }: { rounds: number; title: string },
): string {
  const { squares, columns, rows, fold } = spread(map.squares);
  const [left, top] = [44, 18];
  const [width, height] = [left + columns * SIDE + 44, top + rows * SIDE + 18];
  const at = ([x, y]: readonly [number, number]) =>
    `${(left + x * SIDE).toFixed(1)},${(top + y * SIDE).toFixed(1)}`;
  const cells = squares.map((square) => {
    const rings = ringsOf(colours, square.kind, rounds);
    const drawn = rings.map(
      ({ share, shown }) =>
        `<polygon points="${cornersSpread(square, share).map(at).join(' ')}" fill="${shown}"${share === 1 ? ` stroke="${INK}" stroke-width="0.7"` : ''}/>`,
    );
    const [x, y] = [left + (square.x + 0.5) * SIDE, top + (square.y + 0.5) * SIDE];
    const letter = square.half ? square.kind.toLowerCase() : square.kind;
    return `${drawn.join('')}<text x="${x}" y="${y + 3.5}" font-size="10" font-family="Atkinson" text-anchor="middle" fill="${INK}" stroke="#fffdf8" stroke-width="2.6" paint-order="stroke">${escapeXml(letter)}</text>`;
  });
  const foldY = top + fold * SIDE;
  const word = (x: number, y: number, said: string, anchor = 'middle') =>
    `<text x="${x}" y="${y}" font-size="10" font-family="Atkinson" text-anchor="${anchor}" fill="#52606a">${said}</text>`;
  const middle = left + (columns * SIDE) / 2;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img" aria-label="${escapeXml(title)}">${cells.join('')}<path d="M${left - 8},${foldY}H${left + columns * SIDE + 8}" stroke="${INK}" stroke-width="1.2" stroke-dasharray="5 3"/>${word(left - 10, foldY + 3.5, 'fold', 'end')}${word(left + columns * SIDE + 10, foldY + 3.5, 'fold', 'start')}${word(middle, 12, 'front, its lower edge')}${word(middle, height - 5, 'back, its lower edge')}</svg>`;
}
