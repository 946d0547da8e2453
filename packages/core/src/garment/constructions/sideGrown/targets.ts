/** The lengths that a side-grown garment is drafted to. */

import { perCm } from '../../../fabric/gauge.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import type { SizeInput } from '../../construction.js';
import { becomes, eased, plus, shareOf } from '../../shared/quantity.js';
import { bodyLength, fromMiddleOfBack, measured, type Target } from '../../shared/targets.js';
import type { SideGrownStyle } from './fields.js';
import { growthOf } from './growth.js';

type Input = SizeInput<SideGrownStyle>;

/** Fewest rounds between the band and the first that grows. */
export const LEAST_EVEN = 1;
/** Shortest opening for an arm, cm. */
const LEAST_OPENING = 6;

/** Lengths that are wanted, cm. */
export interface Targets {
  round: Target;
  length: Target;
  opening: Target;
  /** From wrist to wrist (or where the sleeves end), without cuffs. */
  span: Target;
  neck: Target;
  hem: number;
  /** Of the height between band and opening, what grows: as much as is wanted, and as there is room for. */
  growing: { wanted: number; room: number };
}

/** What is wanted of the garment, before its counts are known. */
export function targetsOf(input: Input): Targets {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const round = roundOf(input);
  const length = bodyLength(input);
  const hem = style.hem ? forSize(style.hem.height, size.id) : 0;
  const deeper = forSize(style.sleeve.openingEase, size.id);
  const opening: Target = {
    length: Math.max(LEAST_OPENING, body.armholeDepth + deeper),
    reasons: [
      measured(input, 'armholeDepth'),
      plus('Deeper by', deeper, body.armholeDepth + deeper, {
        kind: 'style',
        id: 'garment.sleeve.openingEase',
      }),
    ],
  };
  const span = spanOf(input);
  const across = forSize(style.neck.width, size.id);
  const neck = shareOf(
    across,
    'Neck, across',
    {
      length: body.crossBack,
      label: 'Cross-back',
      from: { kind: 'measurement', id: 'crossBack' },
    },
    { kind: 'style', id: 'garment.neck.width' },
  );
  const { gain } = growthOf(fabric, style.sleeve.growBy);
  const wanted = Math.max(0, ((span.length - round.length / 2) * stitches) / gain / rows);
  const room = length.length - hem - opening.length - LEAST_EVEN / rows;
  return { round, length, opening, span, neck, hem, growing: { wanted, room } };
}

/** The body's round above the band. */
function roundOf(input: Input): Target {
  const { style, size } = input;
  const { body } = input.body;
  const own = forSize(style.ease, size.id);
  const from = { kind: 'style', id: 'garment.ease' } as const;
  if (style.widthLedBy !== 'high hip') {
    const lead = style.widthLedBy;
    return {
      length: body[lead] + easeOver(own, body[lead]),
      reasons: [measured(input, lead), eased('Ease', own, body[lead], from)],
    };
  }
  const high = (body.waist + body.hip) / 2;
  return {
    length: high + easeOver(own, high),
    reasons: [
      measured(input, 'hip'),
      plus('Waist', body.waist, body.hip + body.waist, { kind: 'measurement', id: 'waist' }),
      becomes('High hip, halfway between them', '÷ 2', high),
      eased('Ease', own, high, from),
    ],
  };
}

/** From the end of one sleeve to that of the other, without cuffs and edgings. */
function spanOf(input: Input): Target {
  const half = fromMiddleOfBack(input, input.style.sleeve, null);
  return {
    length: 2 * half.length,
    reasons: [...half.reasons, becomes('Both sides', '× 2', 2 * half.length)],
  };
}
