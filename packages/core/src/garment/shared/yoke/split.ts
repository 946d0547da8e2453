import type { Side } from '../../../joins/roles.js';
import type { EdgeProgram } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { type YokeStyle } from './fields.js';
import { isOpen } from '../front.js';

/** One part of a yoke's last row, from left to right as the piece lies. */
export interface SplitPart {
  id: string;
  /** The wearer's side, where it has one. */
  side?: Side;
  label: string;
  count: number;
  /** Sleeves go on as sleeves, the others as the body, with a chain under each arm. */
  of: 'back' | 'front' | 'sleeve' | 'underarm';
}

/**
 * The parts of the last row of a yoke. A flat yoke begins at the wearer's right front edge; in the round it begins in the
 * centre back, so that no line of shaping lies at the joining.
 *
 * @param front stitches of the front, each where it opens
 * @param sleeve stitches of each sleeve before its underarm
 */
export function splitParts(
  style: YokeStyle,
  counts: GarmentCounts,
  front: number,
  sleeve: number,
): SplitPart[] {
  const back = counts.of('back.width');
  const part = (id: string, of: SplitPart['of'], label: string, count: number, side?: Side): SplitPart => ({
    id,
    of,
    label,
    count,
    ...(side ? { side } : {}),
  });
  const sleeves = {
    left: part('sleeve-left', 'sleeve', 'left sleeve', sleeve, 'left'),
    right: part('sleeve-right', 'sleeve', 'right sleeve', sleeve, 'right'),
  };
  if (isOpen(style))
    return [
      part('front-right', 'front', 'right front', front, 'right'),
      sleeves.right,
      part('back', 'back', 'back', back),
      sleeves.left,
      part('front-left', 'front', 'left front', front, 'left'),
    ];
  const half = Math.floor(back / 2);
  return [
    part('back-left', 'back', 'left half of the back', half, 'left'),
    sleeves.left,
    part('front', 'front', 'front', front),
    sleeves.right,
    part('back-right', 'back', 'right half of the back', back - half, 'right'),
  ];
}

/** The parts as live edges of the yoke's last row. */
export function splitEdges(parts: readonly SplitPart[], part: string, n: number): EdgeProgram[] {
  let from = 0;
  return parts.map(({ id, of, side, label, count }) => {
    const edge: EdgeProgram = {
      id: `yoke.${id}`,
      role: splitRole(of),
      ...(side ? { side } : {}),
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
    part.of === 'sleeve'
      ? {
          ...part,
          id: `underarm-${part.side!}`,
          label: `${part.side!} underarm`,
          count: chain,
          of: 'underarm' as const,
        }
      : part,
  );
}

/** What an edge of a part is. */
export function splitRole(of: SplitPart['of']): EdgeProgram['role'] {
  return of === 'underarm' ? of : `${of} split`;
}
