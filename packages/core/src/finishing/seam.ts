import type { Join, WorkedEdge } from '../joins/audit.js';
import { UNSEEN_EASE } from '../joins/join.js';
import { countBefore, pointAt, shareAlong, type EdgePoint, type Share } from './along.js';
import type { Finishing, SeamMethod } from './finishing.js';

/** A marker on both sides of a seam, at a share of its length. */
export interface SeamMark {
  /** "the centre", "1/4", "3/8". */
  name: string;
  share: number;
  a: EdgePoint;
  b: EdgePoint;
}

/** What lies between two marks (or an end and a mark). */
export interface SeamStretch {
  a: number;
  b: number;
}

/** How one seam is made. */
export interface Seam {
  join: string;
  method: SeamMethod;
  /** The methods that this seam can be made by. */
  methods: readonly SeamMethod[];
  facing: string;
  marks: readonly SeamMark[];
  stretches: readonly SeamStretch[];
  /** For a band: how its stitches are shared among the edges it runs along. */
  shares: readonly Share[];
  /** Which side is longer by how much, cm, and where the difference goes; null where both are as long. */
  eased: { longer: 'a' | 'b'; by: number; where: string } | null;
  /** Seam length, cm. */
  length: number;
}

/** Which way round the pieces lie for each method (common practice). */
const FACING: Record<SeamMethod, string> = {
  'whip stitch': 'edges side by side, wrong sides up',
  'mattress stitch': 'edges side by side, right sides up',
  'slip stitch': 'right sides together',
  'sc ridge': 'wrong sides together, so that the ridge lies outside',
  'crocheted as the border passes':
    'wrong sides together: where the border comes to it, hdc or sc through both edges to its end, and on',
  'crocheted while working': 'right side facing',
};

/** The same for squares, which meet stitch for stitch (common practice). */
const IN_BACK_LOOPS: Record<SeamMethod, string> = {
  ...FACING,
  'whip stitch': 'edges side by side, right sides up, through the back loops only: it lies flat',
  'slip stitch': 'edges side by side, right sides up, through the back loops only: a flat chain between them',
  'sc ridge': 'wrong sides together, through the back loops only, so that the ridge lies outside',
  'crocheted while working':
    'in the last round of each square after the first: sl st in the corner sp of the neighbour in the middle of each ch-2 corner, and in its stitch or space across after each stitch or cluster of the side',
};

const SEWN: readonly SeamMethod[] = ['whip stitch', 'mattress stitch', 'slip stitch', 'sc ridge'];

/** Joins that lie across the way of a border, which can close them as it passes. */
const PASSED: readonly Join['role'][] = ['side', 'sleeve seam', 'shoulder', 'back seam'];

/** Whether a rib worked sideways is joined to an edge: its rows can then take the edge's stitches as they are worked. */
export function canJoinWhileWorked({ kind, a }: Pick<Join, 'kind' | 'a'>): boolean {
  return kind === 'stitch-to-row' && a.some(({ role }) => role === 'joined');
}

/** The methods that a join can be made by, the usual one first (common practice). */
export function methodsOf({ role, kind, a }: Pick<Join, 'role' | 'kind' | 'a'>): readonly SeamMethod[] {
  if (kind === 'pick-up' || kind === 'live') return ['crocheted while working'];
  // Squares are joined in the back loops, or in the last round of each.
  if (role === 'squares')
    return ['whip stitch', 'slip stitch', 'sc ridge', 'mattress stitch', 'crocheted while working'];
  const usual: SeamMethod =
    role === 'shoulder'
      ? // Slip stitches carry the weight of body and sleeves without giving.
        'slip stitch'
      : a.some((edge) => edge.role === 'joined' || edge.role === 'end')
        ? 'whip stitch'
        : 'mattress stitch';
  return [
    usual,
    ...SEWN.filter((method) => method !== usual),
    ...(PASSED.includes(role) ? (['crocheted as the border passes'] as const) : []),
    ...(canJoinWhileWorked({ kind, a }) ? (['crocheted while working'] as const) : []),
  ];
}

/** The method that a join is made by: the one wanted where it can be, else the usual one. */
export function methodOf(
  join: Pick<Join, 'id' | 'role' | 'kind' | 'a'>,
  { methods: wanted }: Finishing,
): SeamMethod {
  const methods = methodsOf(join);
  return methods.find((method) => method === wanted?.[join.id]) ?? methods[0]!;
}

/** Lengths from which a seam gets markers at its quarters and at its eighths, cm (common practice). */
const QUARTERS_FROM = 20;
const EIGHTHS_FROM = 60;

/** The shares at which a seam of a length (cm) is marked; a short one needs none. */
export function sharesMarked(length: number): number[] {
  const parts = length >= EIGHTHS_FROM ? 8 : length >= QUARTERS_FROM ? 4 : 1;
  return Array.from({ length: parts - 1 }, (_, i) => (i + 1) / parts);
}

function nameOf(share: number): string {
  if (share === 0.5) return 'the centre';
  const eighths = Math.round(share * 8);
  return eighths % 2 === 0 ? `${eighths / 2}/4` : `${eighths}/8`;
}

/** Where a difference of length is put. */
function whereEased({ role }: Pick<Join, 'role'>): string {
  if (role === 'armhole')
    return 'over the top, between the two quarter marks beside the centre; none below them';
  if (['neckband', 'neckband ends', 'hood', 'hood seam'].includes(role))
    return 'round the curves of the neck, none across its back';
  return 'evenly from end to end';
}

/**
 * How one join is made: method, facing, markers on both sides, and how the counts meet between them.
 *
 * @param edges every edge of the size by id
 */
export function seamOf(join: Join, edges: ReadonlyMap<string, WorkedEdge>, finishing: Finishing = {}): Seam {
  const side = (of: Join['a']) =>
    of.map(({ edge, down }) => ({ ...edges.get(edge)!, ...(down === undefined ? {} : { down }) }));
  const [a, b] = [side(join.a), side(join.b)];
  const method = methodOf(join, finishing);
  const marks = sharesMarked(join.bLength)
    .map((share) => ({ name: nameOf(share), share, a: pointAt(a, share), b: pointAt(b, share) }))
    // Marks so near each other that they fall on the same stitch say nothing.
    .filter(
      (mark, i, all) =>
        i === 0 ||
        (countBefore(a, mark.a) > countBefore(a, all[i - 1]!.a) &&
          countBefore(b, mark.b) > countBefore(b, all[i - 1]!.b)),
    );
  const band = join.kind === 'pick-up' || join.a.some(({ role }) => role === 'joined');
  const ends = [...marks, null];
  let before = { a: 0, b: 0 };
  const stretches = ends.map((mark): SeamStretch => {
    const now = mark
      ? { a: countBefore(a, mark.a), b: countBefore(b, mark.b) }
      : { a: join.aCount, b: join.bCount };
    const stretch = { a: now.a - before.a, b: now.b - before.b };
    before = now;
    return stretch;
  });
  return {
    join: join.id,
    method,
    methods: methodsOf(join),
    facing: join.role === 'squares' ? IN_BACK_LOOPS[method] : FACING[method],
    marks,
    stretches,
    shares: band ? shareAlong(join.aCount - (join.corners ?? 0), b, join.ratio) : [],
    eased:
      Math.abs(join.eased) < UNSEEN_EASE
        ? null
        : {
            longer: join.eased > 0 ? 'a' : 'b',
            by: Math.abs(join.eased),
            where: whereEased(join),
          },
    length: join.bLength,
  };
}

/** "stitch 15 of the sleeve", "row 63 of the front". */
export function pointInWords({ label, axis, after, row }: EdgePoint): string {
  if (axis === 'rows' && row !== undefined) return `${label}: row ${row}`;
  if (after === 0) return `${label}: at its beginning`;
  return `${label}: after ${axis === 'rows' ? 'row end' : 'st'} ${after}`;
}
