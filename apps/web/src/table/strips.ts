import type { ScreenSize } from '../worker/screen';
import type { PlacedJoin, PlacedPiece, Point } from './placed';

/** From the edges of the drawing, px. */
export const STRIP_MARGIN = 26;

/** Half of the widest label, px. */
const LABEL = 146;

const lengthIn = (size: ScreenSize, id: string) =>
  size.quantities.find((quantity) => quantity.id === id)?.actual ?? 0;

/** The longest of the strips, cm; 0 where there are none. */
export function longestStrip(size: ScreenSize): number {
  return Math.max(
    ...['neckband.rows', 'band.stitches', 'armband.rows', 'hood.stitches'].map((id) => lengthIn(size, id)),
  );
}

/** Height of what lies in the lower corners below the sleeves, cm; 0 for strips, which are low. */
export function highestInCorner(size: ScreenSize): number {
  return lengthIn(size, 'hood.rows');
}

/** Neckband, armhole ribs and front bands go round too much to lie at their edges: they lie straight in the lower corners. */
export function layStrips(
  size: ScreenSize,
  box: { width: number; height: number },
  scale: number,
  pieces: PlacedPiece[],
  joins: PlacedJoin[],
): void {
  const of = (id: string) => lengthIn(size, id);
  const lay = (id: string, join: string, long: number, wide: number, left: boolean, above = 0) => {
    const piece = size.pieces.find((one) => one.id === id);
    if (!piece) return;
    const [width, height] = [long * scale, wide * scale];
    const x = left ? STRIP_MARGIN : box.width - STRIP_MARGIN - width;
    const y = box.height - STRIP_MARGIN - height - 18 - above;
    pieces.push({
      key: id,
      id,
      polygons: [rectangle(x, y, width, height)],
      changes: [],
      rows: { across: id === 'band', step: scale / piece.sections[0]!.rows },
      centre: [x + width / 2, y + height / 2],
      width,
      height,
    });
    joins.push({
      id: join,
      threads: [],
      label: [Math.max(LABEL, Math.min(box.width - LABEL, x + width / 2)), y + height + 14],
      anchor: 'middle',
      stacked: false,
    });
  };
  layTies();
  lay('neckband', 'neckband', of('neckband.rows'), of('neckband.height'), true);
  layHood();
  const banded = size.pieces.some(({ id }) => id === 'band');
  lay(
    'armband',
    'armband-seam-left',
    of('armband.rows'),
    of('armband.height'),
    false,
    banded ? of('band.rows') * scale + 44 : 0,
  );
  lay('band', 'band-left', of('band.stitches'), of('band.rows'), false);

  /** One tie, below the sleeve at the right. */
  function layTies(): void {
    const piece = size.pieces.find(({ id }) => id === 'tie');
    if (!piece) return;
    const wide = of('tie.chain') * scale;
    const x = box.width - STRIP_MARGIN - wide;
    const y = box.height - STRIP_MARGIN - 110;
    pieces.push({
      key: 'tie',
      id: 'tie',
      polygons: [rectangle(x, y, wide, 5)],
      changes: [],
      rows: { across: true, step: scale / piece.sections[0]!.rows },
      centre: [x + wide / 2, y - 14],
      width: wide,
      height: 5,
    });
  }

  /** The hood spread out, its neck edge below. */
  function layHood(): void {
    const [wide, high] = [of('hood.stitches') * scale, of('hood.rows') * scale];
    if (high === 0) return;
    lay('hood', 'hood', of('hood.stitches'), of('hood.rows'), true);
    const placed = pieces.at(-1)!;
    const [x, y] = [placed.centre[0] - wide / 2, placed.centre[1] + high / 2];
    placed.rows.across = true;
    placed.polygons = size.outlines['hood']!.map(({ points }) =>
      points.map(([px, py]): Point => [x + px * scale, y - py * scale]),
    );
    joins.push({
      id: 'hood-top',
      threads: [],
      label: [x + wide / 2, y - high - 12],
      anchor: 'middle',
      stacked: false,
    });
  }
}

export function rectangle(x: number, y: number, width: number, height: number): Point[] {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ];
}
