import { perCm } from '../../../fabric/gauge.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { say } from '../../../text/phrase.js';
import { finishedPlan, type Draft, type SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { sumAtLeast, sumIs } from '../../relations.js';
import { draftBand } from '../../shared/bands.js';
import { cordQuantity } from '../../shared/cord.js';
import { becomes, eased, given, plus, quantity, shareOf } from '../../shared/quantity.js';
import { fromMiddleOfBack, measured } from '../../shared/targets.js';
import type { WrapStyle } from './fields.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'wrap.height': true;
    'wrap.above': true;
    'wrap.slit': true;
    'wrap.back': true;
    'wrap.front': true;
    'wrap.rows': true;
  }
}

/** Drafts the rectangle: its rows run up and down, so that its stitches are its height, and each armhole is a slit in one row. */
export function draft(input: SizeInput<WrapStyle>): Draft {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const { multiple } = fabric.rule.flat;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const style_ = (id: string) => ({ kind: 'style', id: `garment.${id}` }) as const;
  const acrossEase = forSize(style.across, size.id);
  const across = body.crossBack + easeOver(acrossEase, body.crossBack);
  const fronts = shareOf(
    forSize(style.fronts, size.id),
    'Each front',
    { length: body.bust, label: 'Bust', from: { kind: 'measurement', id: 'bust' } },
    style_('fronts'),
  );
  const armEase = forSize(style.armholeEase, size.id);
  const armhole = body.upperArm + easeOver(armEase, body.upperArm);
  const [above, below] = [forSize(style.above, size.id), forSize(style.below, size.id)];
  const height = above + armhole / 2 + below;
  const sleeve =
    style.sleeve &&
    fromMiddleOfBack(input, style.sleeve, {
      length: across / 2,
      label: 'Half of the back',
      from: { kind: 'quantity', id: 'wrap.back' },
    });
  const cuff =
    sleeve && style.cuff
      ? draftBand({
          id: 'cuff',
          label: 'Cuff rib',
          style: style.cuff,
          size: size.id,
          fabric: fabrics.get(style.cuff.fabric)!,
          edge: { of: 'sleeve.cuff', label: 'Sleeve, all round', perCm: stitches, target: armhole },
        })
      : null;
  const along = (count: CountId) => (counts: GarmentCounts) => counts.of(count) / rows;
  return {
    quantities: [
      quantity({
        id: 'wrap.height',
        label: 'Rectangle, height',
        fabric,
        axis: 'stitches',
        target: height,
        weight: 0.5,
        rule: fabric.rule.flat,
        min: 12,
        because: [
          given('Above the armholes', above, style_('above')),
          plus('Half of the armhole', armhole / 2, above + armhole / 2, {
            kind: 'quantity',
            id: 'wrap.slit',
          }),
          plus('Below the armholes', below, height, style_('below')),
        ],
      }),
      quantity({
        id: 'wrap.above',
        label: 'Above the armholes',
        fabric,
        axis: 'stitches',
        target: above,
        weight: 0.3,
        min: 3,
        because: [given('Above the armholes, wanted', above, style_('above'))],
      }),
      quantity({
        id: 'wrap.slit',
        label: 'Slit of each armhole',
        fabric,
        axis: 'stitches',
        target: armhole / 2,
        weight: 1,
        rounding: 'not under',
        // Whole repeats are chained over, so that those beside them go on.
        rule: { multiple, plus: 0 },
        min: 4,
        because: [
          measured(input, 'upperArm'),
          eased('Ease', armEase, body.upperArm, style_('armholeEase')),
          becomes('Half of it: the slit has two sides', '÷ 2', armhole / 2),
        ],
      }),
      quantity({
        id: 'wrap.back',
        label: 'Back, between the armholes',
        fabric,
        axis: 'rows',
        target: across,
        weight: 1,
        min: 4,
        because: [measured(input, 'crossBack'), eased('Ease', acrossEase, body.crossBack, style_('across'))],
      }),
      quantity({
        id: 'wrap.front',
        label: 'Each front, from armhole to edge',
        fabric,
        axis: 'rows',
        target: fronts.length,
        weight: 0.5,
        min: 3,
        because: fronts.reasons,
      }),
      quantity({
        id: 'wrap.rows',
        label: 'Rectangle, width',
        fabric,
        axis: 'rows',
        target: across + 2 * fronts.length,
        weight: 0.05,
        rule: fabric.rule.rows,
        because: [
          given('Back', across, { kind: 'quantity', id: 'wrap.back' }),
          plus('Both fronts', 2 * fronts.length, across + 2 * fronts.length, {
            kind: 'quantity',
            id: 'wrap.front',
          }),
        ],
      }),
      ...(sleeve
        ? [
            quantity({
              id: 'sleeve.top',
              label: 'Sleeve, all round',
              fabric,
              axis: 'stitches',
              target: armhole,
              weight: 0.01,
              because: [given('Both sides of the slit', armhole, { kind: 'quantity', id: 'wrap.slit' })],
            }),
            quantity({
              id: 'sleeve.cuff',
              label: 'Sleeve, at its end',
              fabric,
              axis: 'stitches',
              target: armhole,
              weight: 0.01,
              because: [given('Straight', armhole, { kind: 'quantity', id: 'sleeve.top' })],
            }),
            quantity({
              id: 'sleeve.rows',
              label: 'Sleeve, length',
              fabric,
              axis: 'rows',
              target: Math.max(3 / rows, sleeve.length),
              weight: 0.5,
              min: 2,
              because: sleeve.reasons,
            }),
          ]
        : []),
      ...(style.front.ties > 0
        ? [
            cordQuantity('tie', 'Tie', fabric, forSize(style.front.tieLength, size.id), [
              given('Length of a tie', forSize(style.front.tieLength, size.id), style_('front.tieLength')),
            ]),
          ]
        : []),
      ...(cuff?.quantities ?? []),
    ],
    helpers: [],
    relations: [
      sumIs(
        {
          id: 'width',
          rule: 'back and both fronts are the rectangle',
          says: (counts) =>
            say`${counts.of('wrap.front')} + ${counts.of('wrap.back')} + ${counts.of('wrap.front')} = ${counts.of('wrap.rows')} rows`,
        },
        { 'wrap.back': 1, 'wrap.front': 2, 'wrap.rows': -1 },
      ),
      sumAtLeast(
        { id: 'below', rule: 'something of the rectangle lies below its armholes' },
        { 'wrap.height': 1, 'wrap.above': -1, 'wrap.slit': -1 },
        4,
      ),
      ...(sleeve
        ? [
            sumIs(
              {
                id: 'armhole',
                rule: 'a sleeve goes round both sides of its slit',
                says: (counts) => say`2 × ${counts.of('wrap.slit')} = ${counts.of('sleeve.top')} stitches`,
              },
              { 'sleeve.top': 1, 'wrap.slit': -2 },
            ),
            sumIs(
              { id: 'straight', rule: 'a straight sleeve ends as it begins' },
              {
                'sleeve.cuff': 1,
                'sleeve.top': -1,
              },
            ),
          ]
        : []),
      ...(cuff?.relations ?? []),
    ],
    finished: [
      finishedPlan(
        'length',
        'Height of the rectangle',
        height,
        (counts) => counts.of('wrap.height') / stitches,
      ),
      finishedPlan('back', 'Between the armholes', across, along('wrap.back')),
      finishedPlan('wrapWidth', 'Width of the rectangle', across + 2 * fronts.length, along('wrap.rows')),
      finishedPlan(
        'armhole',
        'Armhole, all round',
        armhole,
        (counts) => (2 * counts.of('wrap.slit')) / stitches,
      ),
    ],
    notes: [],
  };
}
