/** Pieces that do not lie at their edges, such as neckbands and cords: each goes to the free place nearest to a lower corner. */

import type { ScreenSize } from '../worker/screen';
import { meet, type Box, type Point } from './geometry';
import { isLoose, lay, shift, type PlacedShape } from './hang';
import { shapesOf } from './shapes';

/** From what lies there and from the edges of the drawing, px; below a piece there is room for its label. */
const APART = 16;
const LABEL = 40;

/**
 * Places the loose pieces.
 *
 * @param lying what lies on the table already
 * @param room the drawing
 * @returns null where they find no room
 */
export function placeLoose(
  size: ScreenSize,
  lying: readonly PlacedShape[],
  room: Box,
  scale: number,
  opening: number,
): PlacedShape[] | null {
  const loose = size.pieces.filter(isLoose).flatMap((piece) =>
    shapesOf(piece, size, opening).map((shape) => {
      const upright = lay(shape, { key: piece.id, quarters: 0, scale });
      const { left, right, top, bottom } = upright.box;
      // What is long lies along the lower edge.
      return piece.role !== 'hood' && bottom - top > right - left
        ? lay(shape, { key: piece.id, quarters: 1, scale })
        : upright;
    }),
  );
  const area = ({ box }: PlacedShape) => (box.right - box.left) * (box.bottom - box.top);
  const placed: PlacedShape[] = [];
  for (const one of loose.sort((a, b) => area(b) - area(a))) {
    const taken = [...lying, ...placed].map(({ box }) => box);
    const at = freePlace(one.box, taken, placed, room);
    if (!at) return null;
    placed.push(shift(one, [at[0] - one.box.left, at[1] - one.box.top]));
  }
  return placed;
}

/** The upper left corner of the free place nearest to a lower corner of the room. */
function freePlace(
  box: Box,
  taken: readonly Box[],
  labelled: readonly PlacedShape[],
  room: Box,
): Point | null {
  const [width, height] = [box.right - box.left, box.bottom - box.top];
  const labels = labelled.map(({ box: own }) => ({ ...own, top: own.bottom, bottom: own.bottom + LABEL }));
  const xs = [
    room.left + APART,
    room.right - APART - width,
    ...taken.flatMap(({ left, right }) => [right + APART, left - APART - width]),
  ];
  const ys = [
    room.bottom - LABEL - APART - height,
    ...taken.flatMap(({ top, bottom }) => [top - LABEL - APART - height, bottom + APART]),
  ];
  const places = xs.flatMap((x) => ys.map((y): Point => [x, y]));
  const far = ([x, y]: Point) =>
    Math.min(x - room.left, room.right - x - width) + 1.5 * (room.bottom - y - height);
  return (
    places
      .filter(([x, y]) => {
        const own = { left: x, top: y, right: x + width, bottom: y + height + LABEL };
        return (
          x >= room.left + APART / 2 &&
          own.right <= room.right - APART / 2 &&
          y >= room.top + APART / 2 &&
          own.bottom <= room.bottom &&
          !taken.some((other) => meet(own, other, APART - 2)) &&
          !labels.some((other) => meet(own, other))
        );
      })
      .sort((a, b) => far(a) - far(b))[0] ?? null
  );
}
