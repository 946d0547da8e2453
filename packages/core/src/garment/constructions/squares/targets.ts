/** The lengths that a garment of squares is drafted to, and the mix of squares, joins and rows that comes nearest to them. */

import { isInSpaces } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import { sideAfter, type MotifGrowth } from '../../../shaping/motif.js';
import { say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import { motifGrowth } from '../../shared/motifGrowth.js';
import { becomes, given, plus } from '../../shared/quantity.js';
import {
  bodyLength,
  cuffRound,
  fromMiddleOfBack,
  garmentRound,
  measured,
  type Target,
} from '../../shared/targets.js';
import type { SquaresStyle } from './fields.js';
import { mixesOf, sideOf, type Mix } from './mix.js';

type Input = SizeInput<SquaresStyle>;

/** Sides of squares that are tried where their rounds are left open, and the usual one, cm (common practice). */
const SIDES = { least: 6, usual: 10, most: 17 };
/** The same for babies and children. */
const SMALL_SIDES = { least: 4.5, usual: 7, most: 11 };
/** Most rounds of a square. */
const MOST_ROUNDS = 30;

/** Share of the arm from shoulder to wrist that squares cover (common practice). */
const COVERS: Readonly<Record<SquaresStyle['reach'], number>> = { 'upper arm': 0.3, elbow: 0.55, wrist: 1 };

/** A square of a size. */
export interface Square {
  rounds: number;
  growth: MotifGrowth;
  /** Stitches of a side, and what it measures without and with a join, cm. */
  stitches: number;
  side: number;
  pitch: number;
  join: number;
  /** Of a round, cm. */
  height: number;
}

/** Lengths that are wanted, cm. */
export interface Targets {
  /** The sheet's width; of a body with sleeves beside it that of the body. */
  width: Target;
  length: Target;
  /** Half of the opening all round. */
  opening: Target;
  /** Sleeves of squares beside the body, each. */
  sleeve: Target | null;
  neck: Target;
  drop: Target;
  /** What the sleeve ends are to be long, as far as can be said before the squares are counted, and wide at their end; null without them. */
  ends: Target | null;
  end: Target | null;
  square: Square;
  /** The mixes that were looked at, the cheapest first. */
  mixes: readonly Mix[];
}

/** The height of a round of a square: by the gauge, or a share of a measured one. */
export function roundHeight({ style, size, fabrics }: Input): number {
  const { measured: side, of } = style.square;
  if (side === null) return 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  return forSize(side, size.id) / (2 * of);
}

export function targetsOf(input: Input): Targets {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const width = widthOf(input);
  const length = bodyLength(input);
  const wider = forSize(style.openingEase, size.id);
  const round = body.upperArm + wider;
  const opening: Target = {
    length: round / 2,
    reasons: [
      measured(input, 'upperArm'),
      plus('Wider by', wider, round, { kind: 'style', id: 'garment.openingEase' }),
      becomes('Folded over the shoulder', '÷ 2', round / 2),
    ],
  };
  const wanted = (name: string, id: string, value: number): Target => ({
    length: value,
    reasons: [given(name, value, { kind: 'style', id: `garment.neck.${id}` })],
  });
  const neck = wanted('Neck, across', 'width', forSize(style.neck.width, size.id));
  const drop = wanted('Neck, drop in front', 'drop', forSize(style.neck.drop, size.id));
  const sleeve = style.shape === 'body' ? sleeveOf(input, width) : null;
  const height = roundHeight(input);
  const mixes = mixesOf(
    {
      width: width.length,
      length: length.length,
      opening: opening.length,
      sleeve: sleeve && sleeve.length,
      neck: neck.length,
    },
    {
      height,
      rowHeight: 1 / perCm(fabric.gauge, 'rows'),
      usual: sidesFor(input).usual,
      rounds: roundsOf(input, height),
      joins: style.joinWidth === null ? [0, height / 2] : [forSize(style.joinWidth, size.id)],
      sideRows: style.shape === 'wide' ? style.sideRows : 0,
      inRows: isInSpaces(fabric) ? 2 : 1,
    },
  );
  const { rounds, join } = mixes[0]!;
  const growth = motifGrowth(fabric, 4, height);
  const side = sideOf(rounds, height);
  return {
    width,
    length,
    opening,
    sleeve,
    neck,
    drop,
    ends: style.sleeve && fromMiddleOfBack(input, style.sleeve, covered(width, sleeve)),
    end: style.sleeve && (style.sleeve.shape === 'narrowed' ? cuffRound(input, style.sleeve) : both(opening)),
    square: { rounds, growth, stitches: sideAfter(growth, rounds), side, join, pitch: side + join, height },
    mixes,
  };
}

/** What the squares cover of the way from the middle of the back, as wanted. */
function covered(width: Target, sleeve: Target | null) {
  return {
    length: width.length / 2 + (sleeve?.length ?? 0),
    label: 'The squares, from the middle of the back',
    from: { kind: 'quantity', id: 'squares.across' } as const,
  };
}

/** Front and back of a length. */
function both({ length, reasons }: Target): Target {
  return { length: 2 * length, reasons: [...reasons, becomes('Front and back', '× 2', 2 * length)] };
}

function sidesFor({ size }: Input): typeof SIDES {
  return size.group === 'adult' ? SIDES : SMALL_SIDES;
}

/** Rounds that a square may have. */
function roundsOf(input: Input, height: number): number[] {
  const { rounds: own } = input.style.square;
  if (own !== null) return [own];
  const { least, most } = sidesFor(input);
  const all = Array.from({ length: MOST_ROUNDS - 1 }, (_, i) => i + 2);
  const some = all.filter((rounds) => sideOf(rounds, height) >= least && sideOf(rounds, height) <= most);
  // Very thick or very fine rounds: whatever is nearest.
  return some.length > 0 ? some : [Math.max(2, Math.min(MOST_ROUNDS, Math.round(least / height / 2)))];
}

/** From the middle of the back to where the squares end. */
function reachOf(input: Input): Target {
  const { crossBack, shoulderToWrist } = input.body.body;
  const arm = COVERS[input.style.reach] * shoulderToWrist;
  const half = crossBack / 2;
  return {
    length: half + arm,
    reasons: [
      measured(input, 'crossBack'),
      becomes('From its middle', '÷ 2', half),
      {
        ...plus(`Down the arm to the ${input.style.reach}`, arm, half + arm, {
          kind: 'style',
          id: 'garment.reach',
        }),
        note: say`${Math.round(100 * COVERS[input.style.reach])} % of the arm from shoulder to wrist`,
      },
    ],
  };
}

/** The sheet from one sleeve end to the other, or the body between two sleeves of squares. */
function widthOf(input: Input): Target {
  if (input.style.shape === 'wide') {
    const { length, reasons } = reachOf(input);
    return { length: 2 * length, reasons: [...reasons, becomes('Both sides', '× 2', 2 * length)] };
  }
  const { length, reasons } = garmentRound(input);
  return { length: length / 2, reasons: [...reasons, becomes('Back and front', '÷ 2', length / 2)] };
}

/** What the squares of a sleeve reach beyond the body. */
function sleeveOf(input: Input, body: Target): Target {
  const { length, reasons } = reachOf(input);
  const rest = length - body.length / 2;
  return {
    length: rest,
    reasons: [
      ...reasons,
      plus('Half of the body', -body.length / 2, rest, { kind: 'quantity', id: 'squares.width' }),
    ],
  };
}
