import { constructionOf, type ShownCount } from '@upfell/core';
import type { ScreenSize } from '../worker/screen';
import { around, boxOf, middleOf, type Box, type Point } from './geometry';
import { hang, shift, type PlacedShape } from './hang';
import { placeLoose } from './loose';
import { tie, type PlacedJoin } from './threads';

/** A size laid on the table, px. */
export interface Arrangement {
  /** px for each cm. */
  scale: number;
  shapes: PlacedShape[];
  joins: PlacedJoin[];
  /** The middle of the neck, and the counts shown there. */
  neck: { at: Point; counts: readonly ShownCount[] } | null;
}

interface Room {
  width: number;
  height: number;
}

/** Kept free at the edges of the drawing for labels, px. */
const MARGIN = 26;
/** The largest drawing, px for each cm, and the smallest. */
const SCALES = { most: 24, least: 0.4 };
/** Halvings of the span of scales: to about a hundredth of it. */
const HALVINGS = 9;

/**
 * The largest scale at which a size fits a drawing, px for each cm.
 *
 * @param opening width that the front of a yoke stands open, cm
 */
export function fittingScale(construction: string, size: ScreenSize, room: Room, opening: number): number {
  let [low, high] = [SCALES.least, SCALES.most];
  for (let i = 0; i < HALVINGS; i += 1) {
    const scale = Math.sqrt(low * high);
    if (lie(construction, size, room, scale, opening).fits) low = scale;
    else high = scale;
  }
  return low;
}

/**
 * Lays a size out: pieces hang on each other by their joins around the middle of the drawing, what goes round too much lies beside.
 *
 * @param scale px for each cm, so that several sizes can be laid over each other
 */
export function layOut(
  construction: string,
  size: ScreenSize,
  room: Room,
  scale: number,
  opening: number,
): Arrangement {
  const { hung, loose } = lie(construction, size, room, scale, opening);
  const neckEdges = hung.flatMap(({ shape, edges }) =>
    shape.piece.edges.flatMap(({ id, role }) => (role === 'neck' ? (edges.get(id)?.line ?? []) : [])),
  );
  const counts = constructionOf(construction)?.table.neck ?? [];
  return {
    scale,
    shapes: [...hung, ...loose],
    joins: tie(size, hung, loose, scale),
    neck: neckEdges.length > 0 && counts.length > 0 ? { at: middleOf(boxOf(neckEdges)), counts } : null,
  };
}

function lie(
  construction: string,
  size: ScreenSize,
  { width, height }: Room,
  scale: number,
  opening: number,
) {
  const layout = constructionOf(construction)!.table;
  const about = hang(size, layout, scale, opening);
  if (about.length === 0) return { hung: [], loose: [], fits: true };
  const whole = around(about.map(({ box }) => box));
  const [x, y] = middleOf(whole);
  const hung = about.map((one) => shift(one, [width / 2 - x, height / 2 - y]));
  const room: Box = { left: 0, top: 0, right: width, bottom: height };
  const loose = placeLoose(size, hung, room, scale, opening);
  const fits =
    whole.right - whole.left <= width - 2 * MARGIN && whole.bottom - whole.top <= height - 2 * MARGIN;
  return { hung, loose: loose ?? [], fits: fits && loose !== null };
}
