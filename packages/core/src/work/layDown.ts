import { BASE, LIVE, SLIPPED, type Boundary } from './boundary.js';
import type { Piece, TakenStretch } from './edges.js';
import { isTake, type Row, type Source } from './rows.js';
import { makesOf, takesOf } from './steps.js';

/** What a row is laid along: the edge of its piece, and the ends of the rows. */
type Edged = Pick<Piece, 'boundary' | 'leftEnds' | 'rightEnds'>;

/** Lays the new row along the edge in place of what it took. */
export function layDown(
  piece: Edged,
  row: Row,
  at: number,
  taken: readonly TakenStretch[],
  made: number,
): void {
  const { boundary } = piece;
  const live = boundary.add(LIVE, at, 0, made);
  if (taken.length === 0) {
    // A foundation: its own underside is its other edge.
    if (row.from.length > 0) return;
    if (row.ring) {
      if (!row.round) boundary.ring([live, piece.rightEnds[at]!, piece.leftEnds[at]!]);
      return;
    }
    const base = boundary.add(BASE, at, 0, made);
    if (!row.round) boundary.ring([live, piece.rightEnds[at]!, base, piece.leftEnds[at]!]);
    return;
  }
  const used = new Set<number>();
  for (const [first, last] of taken)
    for (let one = first; ; one = boundary.after(one)) {
      used.add(one);
      if (one === last) break;
    }
  closeAround(piece, row, at, taken, used, live);
  for (const one of used) boundary.drop(one);
}

/** Links what is left of the edge around what a row took, with the row in its place. */
function closeAround(
  piece: Edged,
  row: Row,
  at: number,
  taken: readonly TakenStretch[],
  used: ReadonlySet<number>,
  live: number,
): void {
  const { boundary } = piece;
  const casts = castsOf(boundary, row, at, taken.length);
  const gaps = taken.map(([, last], i) => {
    const next = taken[(i + 1) % taken.length]![0];
    return { from: boundary.after(last), to: boundary.before(next), casts: casts[i + 1] };
  });
  // What lies between two sources, and (for a round) between the last and the first, becomes an inner edge.
  gaps.forEach(({ from, to, casts: between }, i) => {
    if (!row.round && i === taken.length - 1) return;
    if (used.has(from) || used.has(to)) return;
    boundary.chain(between === undefined ? [to, from] : [to, between, from]);
  });
  if (row.round) return;
  const outer = gaps.at(-1)!;
  const [leading, trailing] = slippedEnds(boundary, row, taken);
  const own = [
    leading,
    casts[0],
    piece.leftEnds[at],
    live,
    piece.rightEnds[at],
    casts[taken.length],
    trailing,
  ].filter((one) => one !== undefined);
  if (used.has(outer.to) || used.has(outer.from)) boundary.ring(own);
  else boundary.chain([boundary.before(taken[0]![0]), ...own, boundary.after(taken.at(-1)![1])]);
}

/** The stitches slipped over at the two ends of a row: they stay on the edge. */
function slippedEnds(
  boundary: Boundary,
  { steps, from }: Row,
  taken: readonly TakenStretch[],
): [leading: number | undefined, trailing: number | undefined] {
  const [first, last] = [steps[0], steps.at(-1)];
  const start = taken[0]![0];
  const end = taken.at(-1)![1];
  const isLive = (source: Source | undefined) => source !== undefined && isTake(source);
  const slipped = (stretch: number, a: number, b: number) =>
    boundary.add(SLIPPED, boundary.row(stretch), a, b);
  return [
    first?.do === 'slip' && isLive(from[0])
      ? slipped(start, boundary.from(start), boundary.from(start) + first.times)
      : undefined,
    last?.do === 'slip' && steps.length > 1 && isLive(from.at(-1))
      ? slipped(end, boundary.to(end) - last.times, boundary.to(end))
      : undefined,
  ];
}

/** The undersides of the chains that a row casts before its sources (0), between them, and after the last. */
function castsOf(boundary: Boundary, row: Row, at: number, sources: number): (number | undefined)[] {
  const found: (number | undefined)[] = new Array<number | undefined>(sources + 1).fill(undefined);
  const ends: number[] = [0];
  for (const source of row.from) ends.push(ends.at(-1)! + (isTake(source) ? source.take : source.makes));
  let consumed = 0;
  let made = 0;
  for (const step of row.steps) {
    const gap = step.do === 'cast' ? ends.indexOf(consumed) : -1;
    if (gap >= 0 && row.from.length > 0) {
      const base = boundary.add(BASE, at, made, made + step.times);
      // A round has no ends: chains before its first source lie in the same gap as those after its last.
      found[row.round && gap === 0 ? sources : gap] = base;
    }
    consumed += takesOf(step) * step.times;
    made += makesOf(step) * step.times;
  }
  return found;
}
