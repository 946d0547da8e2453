/** The neck of a closed front: a straight gap at the back, and in front a drop that narrows to the shoulders. */

/**
 * Length of the neck edge all round, cm.
 *
 * @param width neck width at the shoulders
 * @param centre stitches left unworked at the centre front, as a length
 * @param drop depth of the front neck
 */
export function neckOpening(width: number, centre: number, drop: number): number {
  const slant = Math.hypot((width - centre) / 2, drop);
  return width + centre + 2 * slant;
}

/**
 * The neck width whose edge is so long all round, cm: half of the width is left at the centre, a quarter slants on each side.
 *
 * @param opening length of the edge wanted
 * @param drop depth of the front neck
 */
export function widthOfOpening(opening: number, drop: number): number {
  let low = 0;
  let high = opening;
  for (let step = 0; step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (neckOpening(middle, middle / 2, drop) < opening) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * The narrowest neck that passes the head, cm.
 *
 * @param head head round
 * @param stretch share by which the edge gives
 * @param drop depth of the front neck
 */
export function widthThatPasses(head: number, stretch: number, drop: number): number {
  return widthOfOpening(head / (1 + stretch), drop);
}

/** Stitches narrowed on each side of the front neck: a quarter of its width, as far as the rows of the drop allow. */
export function neckSlope(neck: number, dropRows: number): number {
  return Math.max(0, Math.min(dropRows - 1, Math.floor(neck / 4)));
}
