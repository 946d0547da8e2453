import { lessEdging } from '../edged.js';
import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import type { Reason } from '../../../because/reason.js';
import { neckLineLength } from '../../../shaping/curve.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { becomes, eased, given, plus, shareOf, shrunk } from '../quantity.js';
import { downTo } from '../arm.js';
import { garmentRound, measured, type Target } from '../targets.js';
import { type YokeStyle } from './fields.js';
import { isOpen, openingWidth } from '../front.js';

type Input = SizeInput<YokeStyle>;

/** The body's stitches all round: the garment's round, less the gap or band of an open front. */
export function bodyRound(input: Input): Target & { whole: number } {
  const { length: whole, reasons } = garmentRound(input);
  const opening = openingWidth(input);
  if (opening === 0) return { whole, length: whole, reasons };
  const label = {
    closed: '',
    gap: 'Gap of the fronts',
    band: 'Front band',
    overlap: 'Overlap of the fronts',
  };
  return {
    whole,
    length: whole - opening,
    reasons: [
      ...reasons,
      plus(label[input.style.front.style], -opening, whole - opening, {
        kind: 'style',
        id: 'garment.front.width',
      }),
    ],
  };
}

/** The chain under each arm. */
export function underarm({ style, size }: Input, whole: number): Target {
  return shareOf(
    forSize(style.underarm, size.id),
    'Underarm chain, each',
    { length: whole, label: 'Garment, all round', from: { kind: 'quantity', id: 'body.round' } },
    { kind: 'style', id: 'garment.underarm' },
  );
}

/** Back, or closed front, at the underarm: half the garment less one underarm chain. */
export function backWidth(whole: number, chain: number): Target {
  return {
    length: whole / 2 - chain,
    reasons: [
      given('Garment, all round', whole, { kind: 'quantity', id: 'body.round' }),
      becomes('Half of it', '÷ 2', whole / 2),
      plus('Underarm chain, half on each side', -chain, whole / 2 - chain, {
        kind: 'quantity',
        id: 'underarm.chain',
      }),
    ],
  };
}

/** The yoke's depth from the neck to the underarm. */
export function yokeDepth(input: Input): Target {
  const { armholeDepth } = input.body.body;
  const ease = forSize(input.style.depthEase, input.size.id);
  return {
    length: armholeDepth + easeOver(ease, armholeDepth),
    reasons: [
      measured(input, 'armholeDepth'),
      eased('Depth of the yoke beyond it', ease, armholeDepth, { kind: 'style', id: 'garment.depthEase' }),
    ],
  };
}

/** The sleeve's round at the underarm. */
export function upperArmRound(input: Input): Target {
  const { upperArm } = input.body.body;
  const ease = forSize(input.style.sleeve.upperArmEase, input.size.id);
  return {
    length: upperArm + easeOver(ease, upperArm),
    reasons: [
      measured(input, 'upperArm'),
      eased('Ease at the upper arm', ease, upperArm, { kind: 'style', id: 'garment.sleeve.upperArmEase' }),
    ],
  };
}

/** The sleeve from the underarm to the wrist, with its cuff, finished. */
export function sleeveBelow(input: Input): Target {
  const { style, fabrics } = input;
  const { underarmToWrist } = input.body.body;
  const down = downTo(input, style.sleeve, underarmToWrist);
  const worn = shrunk(fabrics.get(style.fabric)!.growth ?? 0, down.length);
  return lessEdging(input, 'cuff', {
    length: worn.length,
    reasons: [measured(input, 'underarmToWrist'), ...down.reasons, ...worn.reasons],
  });
}

/** The neck as it would be all round and level, and its parts. Lengths in cm. */
export interface NeckTargets {
  round: Target;
  back: number;
  sleeve: number;
  /** The whole front of a level neck. */
  front: number;
  drop: Target;
}

/** How much lower the front of the neck lies: a length, or a share of the yoke's depth. */
function neckDrop(input: Input): Target {
  return shareOf(
    forSize(input.style.neck.drop, input.size.id),
    'Front neck drop',
    {
      length: yokeDepth(input).length,
      label: 'Depth of the yoke',
      from: { kind: 'style', id: 'garment.depthEase' },
    },
    { kind: 'style', id: 'garment.neck.drop' },
  );
}

/**
 * The neck: its round with ease, at least what the head needs where it does not open; of it each sleeve has its share, front
 * and back halve the rest.
 *
 * @param lines length that the lines of a raglan take of it
 */
export function neckTargets(input: Input, lines: number): NeckTargets {
  const { style, size, fabrics } = input;
  const { neck, head } = input.body.body;
  const { shape, sleeveShare } = style.neck;
  const fall = shape === 'level' ? { length: 0, reasons: [] } : neckDrop(input);
  const drop = fall.length;
  const ease = forSize(style.neck.ease, size.id);
  const own = neck + easeOver(ease, neck);
  const share = sleeveShare / 100;
  const frontOf = (round: number) => ((round - lines) * (1 - 2 * share)) / 2;
  /** The neck's edge when the front falls below the rest. */
  const edgeOf = (round: number) =>
    shape === 'round' || shape === 'V'
      ? round - frontOf(round) + 2 * neckLineLength(shape, frontOf(round) / 2, drop)
      : round;
  const reasons: Reason[] = [
    measured(input, 'neck'),
    eased('Ease at the neck', ease, neck, { kind: 'style', id: 'garment.neck.ease' }),
  ];
  let round = own;
  const stretch = fabrics.get(style.fabric)!.stretch ?? USUAL_STRETCH;
  const needed = head / (1 + stretch);
  if (!isOpen(style) && edgeOf(own) < needed) {
    // The edge grows with the round nearly as fast as the round itself.
    for (let step = 0; step < 40; step += 1) round += needed - edgeOf(round);
    reasons.splice(
      0,
      2,
      measured(input, 'head'),
      becomes('Neck edge that gives so far', `÷ ${figure(1 + stretch, 3)}`, needed),
      {
        label: say`Wider than the neck with its ease, ${cm(own)}, so that the head passes`,
        figure: say`${cm(round)}`,
      },
    );
  }
  return {
    round: { length: round, reasons },
    back: frontOf(round),
    sleeve: (round - lines) * share,
    front: frontOf(round),
    drop: fall,
  };
}
