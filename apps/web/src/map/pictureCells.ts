import { lab } from 'd3';
import type { SquareColours, SquareKind } from '@upfell/core';

/** A picture as its pixels: red, green, blue and opacity of each, row by row from the top. */
export interface Pixels {
  width: number;
  height: number;
  data: ArrayLike<number>;
}

/**
 * A picture as a table of kinds of squares: it is laid over so many columns and rows, and each becomes the kind that looks most like it.
 */
export function pictureCells(
  picture: Pixels,
  { columns, rows }: { columns: number; rows: number },
  colours: Pick<SquareColours, 'yarns' | 'kinds'>,
): string[][] {
  const kinds = colours.kinds.map((kind) => ({ id: kind.id, colour: lookOf(kind, colours) }));
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: columns }, (__, column) => {
      const look = meanOf(
        picture,
        [column / columns, (column + 1) / columns],
        [row / rows, (row + 1) / rows],
      );
      return kinds.reduce((best, one) => (apart(one.colour, look) < apart(best.colour, look) ? one : best))
        .id;
    }),
  );
}

type Lab = ReturnType<typeof lab>;

/** How far two colours are apart to the eye (distance in CIE L*a*b*). */
function apart(one: Lab, other: Lab): number {
  return Math.hypot(one.l - other.l, one.a - other.a, one.b - other.b);
}

/** What a kind of square looks like from afar: its rounds, each by how large it is. */
function lookOf({ rounds }: SquareKind, { yarns }: Pick<SquareColours, 'yarns'>): Lab {
  const parts = rounds.map((name, i) => ({
    colour: lab(yarns.find((yarn) => yarn.name === name)?.shown ?? '#808080'),
    weight: 2 * i + 1,
  }));
  const all = parts.reduce((sum, { weight }) => sum + weight, 0);
  const mean = (of: (colour: Lab) => number) =>
    parts.reduce((sum, { colour, weight }) => sum + of(colour) * weight, 0) / all;
  return lab(
    mean(({ l }) => l),
    mean(({ a }) => a),
    mean(({ b }) => b),
  );
}

type Span = readonly [from: number, to: number];

/** The mean colour of a part of a picture; what is transparent is white. */
function meanOf({ width, height, data }: Pixels, [x0, x1]: Span, [y0, y1]: Span): Lab {
  const span = ([from, to]: Span, most: number): Span => {
    const first = Math.min(most - 1, Math.floor(from * most));
    return [first, Math.max(first + 1, Math.min(most, Math.round(to * most)))];
  };
  const [left, right] = span([x0, x1], width);
  const [top, bottom] = span([y0, y1], height);
  const sum = [0, 0, 0];
  for (let y = top; y < bottom; y += 1)
    for (let x = left; x < right; x += 1) {
      const at = 4 * (y * width + x);
      const opacity = data[at + 3]! / 255;
      for (const c of [0, 1, 2]) sum[c]! += data[at + c]! * opacity + 255 * (1 - opacity);
    }
  const many = (right - left) * (bottom - top);
  const [r, g, b] = sum.map((one) => Math.round(one / many));
  return lab(`rgb(${r}, ${g}, ${b})`);
}
