/** What hangs below a yoke: body and sleeves from the underarm down. */

import { ANY_COUNT, shapedRows, type CountRule, type Fabric } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../../fit/problem.js';
import type { CountId } from '../../counts.js';
import { changedInOneRow, needsShapingRows, sumAtLeast, sumIs } from '../../relations.js';
import { say } from '../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { eased, given, plus, quantity } from '../quantity.js';
import { evenRowsWished, taper } from '../taper.js';
import { bodyLength, cuffRound, measured } from '../targets.js';
import { bodyFabricOf, bodyRule, bodyStart, changesFabric } from './bodyFabric.js';
import { type YokeStyle } from './fields.js';
import {
  backWidth,
  bodyRound,
  sleeveBelow,
  underarm,
  upperArmRound,
  yokeDepth,
  type NeckTargets,
} from './targets.js';
import { isOpen, frontWidth } from '../front.js';

type Input = SizeInput<YokeStyle>;

/** The rule of a body whose fabric changes below its first row. */
const CHANGED = 'one row takes the stitches of the yoke’s fabric to those of the body’s';

/** Shortest stretch that is still one, cm. */
const SHORTEST = 2;

export interface Drafted {
  quantities: DraftQuantity[];
  relations: Relation[];
  helpers: HelperCount[];
}

/** Lengths wanted that finished measurements and notes look at again, cm. */
export interface YokeTargets {
  whole: number;
  round: number;
  chain: number;
  back: number;
  front: number;
  depth: number;
  upperArm: number;
  wrist: number;
  /** Body length from the neck, sleeve from the underarm, with their bands. */
  length: number;
  sleeve: number;
  waist: number | null;
  hem: number | null;
}

/** Stitches that a sleeve from the yoke gains or loses at each side of its underarm: in rounds whole repeats, where the fabric asks for such. */
export function sleeveUnit({ shaping, rule }: Pick<Fabric, 'shaping' | 'rule'>, flat: boolean): number {
  return shaping === 'units' && !flat ? rule.round.multiple : 1;
}

/** The counting rule of what goes round the body or the arm. */
export function ruleOf(input: Input, flat: boolean): CountRule {
  const { rule } = input.fabrics.get(input.style.fabric)!;
  return flat ? rule.flat : rule.round;
}

/**
 * Drafts the split's widths, body and sleeves.
 *
 * @param split how back, front and underarm chains come to be the body
 */
export function draftBelow(
  input: Input,
  neck: NeckTargets,
  split: Relation,
): Drafted & { targets: YokeTargets } {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const rows = perCm(fabric.gauge, 'rows');
  const lower = bodyFabricOf(input);
  const unit = sleeveUnit(fabric, style.sleeve.worked === 'rows');
  const open = isOpen(style);
  const body = input.body.body;
  const { whole, length: round, reasons: roundReasons } = bodyRound(input);
  const chain = underarm(input, whole);
  const back = backWidth(whole, chain.length);
  const front = open ? frontWidth(input, back.length, 'Back at the underarm') : back;
  const depth = yokeDepth(input);
  const upperArm = upperArmRound(input);
  const { length: wrist, reasons: wristReasons } = cuffRound(input, input.style.sleeve);
  const { length, reasons: lengthReasons } = bodyLength(input);
  const covered = sleeveBelow(input);

  const shaped = style.body.shape !== 'straight';
  const hemEase = forSize(style.body.hemEase, size.id);
  const opening = whole - round;
  const hemTarget = shaped ? body.hip + easeOver(hemEase, body.hip) - opening : null;
  const waistEase = forSize(style.body.waistEase, size.id);
  const waistTarget =
    style.body.shape === 'waist' ? body.waist + easeOver(waistEase, body.waist) - opening : null;
  const bandOf = (id: 'hem' | 'cuff') => (style[id] ? forSize(style[id].height, size.id) : 0);
  const [hem, cuff] = [bandOf('hem'), bandOf('cuff')];
  const raised = style.neck.shape === 'short rows' ? neck.drop.length : 0;
  const below = length - depth.length - raised - hem;
  const bodyReasons = [
    ...lengthReasons,
    plus('Yoke', -depth.length, length - depth.length, { kind: 'quantity', id: 'yoke.rows' }),
    ...(raised > 0
      ? [
          plus('Short rows at the back', -raised, length - depth.length - raised, {
            kind: 'quantity',
            id: 'neck.drop',
          }),
        ]
      : []),
    ...(hem > 0 ? [plus('Hem rib', -hem, below, { kind: 'style', id: 'garment.hem.height' })] : []),
  ];
  const sleeve = covered.length - cuff;
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'underarm.chain',
      label: 'Underarm chain, each',
      fabric,
      axis: 'stitches',
      target: chain.length,
      weight: 0.8,
      because: chain.reasons,
    }),
    quantity({
      id: 'back.width',
      label: 'Back at the underarm',
      fabric,
      axis: 'stitches',
      target: back.length,
      weight: 0.6,
      because: back.reasons,
      min: 2,
    }),
    quantity({
      id: 'body.round',
      label: open ? 'Body, edge to edge' : 'Body, all round',
      fabric,
      axis: 'stitches',
      target: round,
      weight: 1,
      rule: changesFabric(input) ? ANY_COUNT : ruleOf(input, open),
      because: roundReasons,
      min: 8,
    }),
    ...(changesFabric(input)
      ? [
          quantity({
            id: 'body.below',
            label: 'Body, in its own fabric',
            fabric: lower,
            axis: 'stitches',
            target: round,
            weight: 1,
            rule: bodyRule(input),
            because: [given('Body, all round', round, { kind: 'quantity', id: 'body.round' })],
            min: 8,
          }),
        ]
      : []),
    ...(waistTarget === null
      ? []
      : [
          quantity({
            id: 'body.waist',
            label: 'Body at the waist',
            fabric: lower,
            axis: 'stitches',
            target: waistTarget,
            weight: 0.5,
            because: [
              measured(input, 'waist'),
              eased('Ease at the waist', waistEase, body.waist, {
                kind: 'style',
                id: 'garment.body.waistEase',
              }),
            ],
            min: 8,
          }),
        ]),
    ...(hemTarget === null
      ? []
      : [
          quantity({
            id: 'body.hem',
            label: 'Body at the lower edge',
            fabric: lower,
            axis: 'stitches',
            target: hemTarget,
            weight: 0.5,
            rule: bodyRule(input),
            because: [
              measured(input, 'hip'),
              eased('Ease at the hem', hemEase, body.hip, { kind: 'style', id: 'garment.body.hemEase' }),
            ],
            min: 8,
          }),
        ]),
    quantity({
      id: 'body.rows',
      label: 'Body, underarm to lower edge',
      fabric: lower,
      axis: 'rows',
      target: Math.max(SHORTEST, below),
      weight: 1,
      rule: lower.rule.rows,
      because: bodyReasons,
      min: 2,
    }),
    ...(waistTarget === null
      ? []
      : (['waist', 'hip'] as const).map((part) => {
          const toWaist = Math.min(
            below - SHORTEST,
            Math.max(SHORTEST, body.backWaist - depth.length - raised),
          );
          return quantity({
            id: `${part}.rows`,
            label: part === 'waist' ? 'Underarm to waist' : 'Waist to lower edge',
            fabric: lower,
            axis: 'rows',
            target: Math.max(SHORTEST, part === 'waist' ? toWaist : below - toWaist),
            weight: 0.3,
            because: [
              measured(input, 'backWaist'),
              plus('Yoke', -depth.length, body.backWaist - depth.length, {
                kind: 'quantity',
                id: 'yoke.rows',
              }),
              ...(part === 'hip' ? [plus('Body below the underarm', below, below - toWaist)] : []),
            ],
          });
        })),
    quantity({
      id: 'sleeve.top',
      label: 'Sleeve, all round',
      fabric,
      axis: 'stitches',
      target: upperArm.length,
      weight: 0.7,
      rule: ruleOf(input, style.sleeve.worked === 'rows'),
      because: upperArm.reasons,
      min: 4,
    }),
    quantity({
      id: 'sleeve.cuff',
      label: 'Sleeve, at the cuff',
      fabric,
      axis: 'stitches',
      target: wrist,
      weight: 0.5,
      // By whole units the sleeve keeps to its repeats down to the cuff.
      rule: unit === 1 ? ANY_COUNT : ruleOf(input, style.sleeve.worked === 'rows'),
      min: 4,
      because: wristReasons,
    }),
    quantity({
      id: 'sleeve.rows',
      label: 'Sleeve, underarm to cuff',
      fabric,
      axis: 'rows',
      target: Math.max(SHORTEST, sleeve),
      weight: 1,
      rounding: 'not over',
      min: 4,
      because: [
        ...covered.reasons,
        ...(cuff > 0 ? [plus('Cuff rib', -cuff, sleeve, { kind: 'style', id: 'garment.cuff.height' })] : []),
      ],
    }),
  ];
  const tapered = taper(
    style.sleeve.everyRow,
    evenRowsWished(style.sleeve, size.id, rows, Math.max(SHORTEST, sleeve) * rows),
    unit,
  );
  const shapes = bodyShape(input);
  return {
    quantities: quantities,
    helpers: [...tapered.helpers, ...shapes.helpers],
    relations: [
      split,
      ...(changesFabric(input) ? changedInOneRow('change', CHANGED, 'body.round', 'body.below') : []),
      ...tapered.relations,
      ...shapes.relations,
    ],
    targets: {
      whole,
      round,
      chain: chain.length,
      back: back.length,
      front: front.length,
      depth: depth.length,
      upperArm: upperArm.length,
      wrist,
      length,
      sleeve: covered.length,
      waist: waistTarget,
      hem: hemTarget,
    },
  };
}

/** Side shaping of the body: whole shaping rows of one stitch on both sides of both side lines. */
function bodyShape(input: Input): { relations: Relation[]; helpers: HelperCount[] } {
  const { shape } = input.style.body;
  const first = bodyStart(input);
  const { everyRow } = shapedRows(bodyFabricOf(input));
  if (shape === 'straight') return { relations: [], helpers: [] };
  const from = (start: CountId, end: 'body.waist' | 'body.hem', rows: CountId) =>
    needsShapingRows(
      {
        id: `shape.${end}`,
        rule: 'the sides of the body come out in whole shaping rows that its length has room for',
        says: (counts) =>
          say`Sides: ${counts.of(start)} to ${counts.of(end)} is ${Math.abs(counts.of(`${end}.shapings`))} shaping rows of 4 stitches`,
      },
      {
        from: start,
        to: end,
        rows,
        perEvent: 4,
        everyRow,
        spare: (changesFabric(input) ? 2 : 1) + everyRow,
        helper: `${end}.shapings`,
      },
    );
  if (shape === 'A-line') return from(first, 'body.hem', 'body.rows');
  const upper = from(first, 'body.waist', 'waist.rows');
  const lower = from('body.waist', 'body.hem', 'hip.rows');
  return {
    helpers: [...upper.helpers, ...lower.helpers],
    relations: [
      sumIs(
        {
          id: 'height',
          rule: 'the rows above and below the waist are the rows of the body',
          says: (counts) =>
            say`To the waist and below: ${counts.of('waist.rows')} + ${counts.of('hip.rows')} = ${counts.of('body.rows')} rows`,
        },
        { 'waist.rows': 1, 'hip.rows': 1, 'body.rows': -1 },
      ),
      ...upper.relations,
      ...lower.relations,
    ],
  };
}

/** The neck falls in front above the underarm. */
export function dropAboveUnderarm(least: number): Relation {
  return sumAtLeast(
    { id: 'drop', rule: 'the front neck ends above the underarm' },
    { 'yoke.rows': 1, 'neck.drop': -1 },
    least,
  );
}
