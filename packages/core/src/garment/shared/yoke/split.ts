import type { Counts } from '../../../fit/problem.js';
import type { EdgeProgram } from '../../construction.js';
import { type YokeStyle } from './fields.js';
import { isOpen } from '../front.js';

/** One part of a yoke's last row, from left to right as the piece lies. */
export interface SplitPart {
  id: string;
  label: string;
  count: number;
  /** Goes on as a sleeve; the others as the body. */
  sleeve: boolean;
}

/**
 * The parts of the last row of a yoke. A flat yoke begins at the wearer's right front edge; in the round it begins in the
 * centre back, so that no line of shaping lies at the joining.
 *
 * @param front stitches of the front, each where it opens
 * @param sleeve stitches of each sleeve before its underarm
 */
export function splitParts(style: YokeStyle, counts: Counts, front: number, sleeve: number): SplitPart[] {
  const back = counts['back.width']!;
  const part = (id: string, label: string, count: number): SplitPart => ({
    id,
    label,
    count,
    sleeve: id.startsWith('sleeve'),
  });
  const sleeves = {
    left: part('sleeve-left', 'left sleeve', sleeve),
    right: part('sleeve-right', 'right sleeve', sleeve),
  };
  if (isOpen(style))
    return [
      part('front-right', 'right front', front),
      sleeves.right,
      part('back', 'back', back),
      sleeves.left,
      part('front-left', 'left front', front),
    ];
  const half = Math.floor(back / 2);
  return [
    part('back-left', 'left half of the back', half),
    sleeves.left,
    part('front', 'front', front),
    sleeves.right,
    part('back-right', 'right half of the back', back - half),
  ];
}

/** The parts as live edges of the yoke's last row. */
export function splitEdges(parts: readonly SplitPart[], part: string, n: number): EdgeProgram[] {
  let from = 0;
  return parts.map(({ id, label, count }) => {
    const edge: EdgeProgram = {
      id: `yoke.${id}`,
      label: `Yoke, ${label}`,
      axis: 'stitches',
      place: { lies: 'live', part, n, from, count },
    };
    from += count;
    return edge;
  });
}

/** The parts of the body's first row: the yoke's without the sleeves, a chain under each arm in their place. */
export function bodyParts(parts: readonly SplitPart[], chain: number): SplitPart[] {
  return parts.map((part) =>
    part.sleeve
      ? {
          id: part.id.replace('sleeve', 'underarm'),
          label: part.label.replace('sleeve', 'underarm'),
          count: chain,
          sleeve: false,
        }
      : part,
  );
}
