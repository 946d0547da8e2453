/** The lengths that a jacket of two hexagons is drafted to. */

import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import type { SizeInput } from '../../construction.js';
import type { BandStyle } from '../../shared/bands.js';
import { becomes, plus } from '../../shared/quantity.js';
import {
  bodyLength,
  cuffRound,
  fromMiddleOfBack,
  garmentRound,
  measured,
  type Target,
} from '../../shared/targets.js';
import type { HexagonStyle } from './fields.js';
import type { First } from './geometry.js';

type Input = SizeInput<HexagonStyle>;

/** Lengths that are wanted, cm. */
export interface Targets {
  /** All round the body. */
  round: number;
  /** A quarter of that without the strip at the centre back: the body's width of each half, folded. */
  body: Target;
  /** The opening of the sleeve, all round. */
  opening: Target;
  length: Target;
  first: First;
  /** What rounds come to, and with the rows along three sides; as they stop. */
  rounds: number;
  reach: number;
  /** The sleeve that is worked on, and its end; null without sleeves. */
  sleeve: { length: Target; cuff: Target } | null;
}

export function targetsOf(input: Input): Targets {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const height = 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  const stops = (length: number) =>
    Math.max(2, (style.stop === 'under' ? Math.floor : Math.round)(length / height + 1e-6)) * height;
  const around = garmentRound(input);
  const strip = forSize(style.back.strip, size.id);
  const less = around.length - strip;
  const half: Target = {
    length: less / 4,
    reasons: [
      ...around.reasons,
      ...(strip > 0
        ? [plus('Strip at the centre back', -strip, less, { kind: 'style', id: 'garment.back.strip' })]
        : []),
      becomes('Front and back of two halves', '÷ 4', less / 4),
    ],
  };
  const wider = forSize(style.opening, size.id);
  const opening: Target = {
    length: body.upperArm + wider,
    reasons: [
      measured(input, 'upperArm'),
      plus('Wider by', wider, body.upperArm + wider, { kind: 'style', id: 'garment.opening' }),
    ],
  };
  const first: First = opening.length / 2 <= half.length ? 'sleeve' : 'body';
  const [least, most] = [opening.length / 2, half.length].sort((a, b) => a - b) as [number, number];
  const [rounds, reach] = [stops(least), stops(most)];
  return {
    round: around.length,
    body: half,
    opening,
    length: bodyLength(input),
    first,
    rounds,
    reach,
    sleeve: style.sleeve && {
      length: fromMiddleOfBack(input, style.sleeve, {
        length: rounds + reach + strip / 2,
        label: 'A half, from the middle of the back to its end',
        from: { kind: 'quantity', id: 'hexagon.reach' },
      }),
      cuff: endOf(input, style.sleeve, opening),
    },
  };
}

/** The sleeve's round where it ends, before its cuff. */
function endOf(input: Input, sleeve: NonNullable<HexagonStyle['sleeve']>, opening: Target): Target {
  if (sleeve.shape === 'tapered') return cuffRound(input, sleeve);
  if (sleeve.shape !== 'bell') return opening;
  const wider = forSize(sleeve.flare, input.size.id);
  return {
    length: opening.length + wider,
    reasons: [
      ...opening.reasons,
      plus('Wider at its end by', wider, opening.length + wider, {
        kind: 'style',
        id: 'garment.sleeve.flare',
      }),
    ],
  };
}

/** The cuff's rib: of a full sleeve it has a round of its own, that of the wrist, which the sleeve is gathered to. */
export function cuffOf(input: Input): BandStyle | null {
  const { sleeve } = input.style;
  const cuff: BandStyle | null = input.style.cuff;
  if (!sleeve || !cuff || sleeve.shape !== 'balloon' || cuff.round) return cuff;
  return { ...cuff, round: cuffRound(input, sleeve).length };
}
