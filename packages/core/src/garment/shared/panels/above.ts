import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import { asides, type EdgeRun } from '../../../shaping/cap.js';
import type { Passage } from '../../../passages/passage.js';
import type { GarmentCounts, PanelId } from '../../counts.js';
import { ends } from '../pieces.js';
import type { Side } from '../../../joins/roles.js';
import { armholeInside, armholeRuns, armholeSchedule } from './armholeCurve.js';
import { longerRows } from './lowerEdge.js';
import type { PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** Rows first to last of a part. */
export interface Span {
  part: string;
  first: number;
  last: number;
}

/** How a panel goes on above the underarm: as before, in another fabric, or over fewer stitches beside a notch. */
export interface Above {
  /** The part that its rows are of. */
  part: string;
  /** Stitches above the armholes' shaping, before any neck. */
  width: number;
  /** Stitches bound off at each armhole: its step, or the base of its curve. */
  notch: number;
  /** Stitches that the curve of an armhole has taken off after each row above the underarm; empty without one. */
  inside: readonly number[];
  /** The line of that curve. */
  line: readonly EdgeRun[];
  passages: Passage[];
  /** The rows of the curve where both edges are armholes; none without one. */
  curve: Passage[];
  sections: (fabrics: Input['fabrics']) => Pick<PieceProgram, 'sections'>;
  /** Rows of the whole panel by the parts that they are of. */
  spans: (first: number, last: number) => Span[];
}

/**
 * The edge of an armhole: straight up, or along its curve.
 *
 * @param side where it lies on the piece
 * @param spans its rows
 */
export function armholeEdge(
  { inside, line }: Above,
  side: Side,
  spans: readonly Span[],
): Pick<EdgeProgram, 'axis' | 'place' | 'path' | 'along'> {
  const place = ends(side, ...spans);
  if (inside.length === 0) return { axis: 'rows', place, path: 'straight' };
  return {
    axis: 'rows',
    place: { ...place, stepped: true },
    path: inside.map((stitches) => (side === 'left' ? stitches : -stitches)),
    along: line,
  };
}

/**
 * What changes at the underarm.
 *
 * @param notched the sides of the piece that are armholes
 * @param unit stitches that shaping takes at a time at each edge
 * @param below stitches of the last row below the underarm, where it is not the piece's full width
 */
export function aboveUnderarm(
  style: PanelStyle,
  counts: GarmentCounts,
  piece: PanelId,
  notched: readonly Side[],
  unit: number,
  below = counts.of(`${piece}.width`),
): Above {
  const side = counts.of('side.rows') + (piece === 'back' ? longerRows(counts) : 0);
  const first = side + 1;
  const { upper } = style;
  const notch = style.armhole ? counts.of('notch.width') : 0;
  const curve = counts.find('armhole.curve') ?? 0;
  const part = notch > 0 ? 'upper' : 'main';
  const take = below - notched.length * notch;
  const at = notched.includes('left') ? notch : 0;
  // The yarn hangs at the left after a right-side row; it is joined anew beyond the step unless that lies at the other end.
  const rejoin = notched.includes(side % 2 === 1 ? 'left' : 'right');
  return {
    part,
    notch,
    width: counts.of(upper ? `${piece}.upper` : `${piece}.width`) - notched.length * (notch + curve),
    inside: curve > 0 ? armholeInside(counts, unit) : [],
    line: curve > 0 ? armholeRuns(counts) : [],
    passages: [
      ...(notch > 0
        ? [
            {
              kind: 'go on' as const,
              part,
              from: 'main',
              at,
              take,
              leave: rejoin ? below - take - notch : notch,
              rejoin,
              label: notched.length > 1 ? 'Above the armholes' : 'Above the armhole',
            },
          ]
        : []),
      ...(upper
        ? [
            {
              kind: 'change' as const,
              part,
              to: first,
              stitches: counts.of(`${piece}.upper`),
              fabric: upper.fabric,
            },
          ]
        : []),
    ],
    curve:
      curve > 0
        ? [
            {
              kind: 'shape',
              part,
              to: side + 1 + counts.of('armhole.shaped'),
              schedule: armholeSchedule(
                armholeInside(counts, unit).slice(0, 1 + counts.of('armhole.shaped')),
                side,
                take,
                2,
              ),
              where: { at: 'both edges' },
              curve: asides(armholeRuns(counts)),
              of: { start: `${piece}.width`, end: 'armhole.curve', rows: 'armhole.shaped' },
            },
          ]
        : [],
    sections: (fabrics) => (upper ? { sections: [{ fabric: fabrics.get(upper.fabric)!, first }] } : {}),
    spans: (from, to) =>
      notch === 0
        ? [{ part: 'main', first: from, last: to }]
        : [
            { part: 'main', first: from, last: Math.min(to, side) },
            { part, first: Math.max(from, first), last: to },
          ].filter((span) => span.first <= span.last),
  };
}
