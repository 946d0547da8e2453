import type { Note } from '../../../advice/note.js';
import type { Relation } from '../../../fit/problem.js';
import { sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { cm, say } from '../../../text/phrase.js';
import type { Draft, SizeInput } from '../../construction.js';
import { given, plus, quantity } from '../../shared/quantity.js';
import { draftBelow, type YokeTargets } from '../../shared/yoke/below.js';
import { edgingsOf } from '../../shared/yoke/edgings.js';
import { finishedOf } from '../../shared/yoke/finished.js';
import { draftDrop, neckEdgeWanted } from '../../shared/yoke/neck.js';
import { endsAboveUnderarm } from '../../shared/yoke/shallow.js';
import { backWidth, neckTargets, yokeDepth, type NeckTargets } from '../../shared/yoke/targets.js';
import type { RoundYokeStyle } from './fields.js';
import { motifOf } from './rounds.js';
import { isOpen, openingWidth, frontWidth } from '../../shared/front.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'yoke.total': true;
  }
}

type Input = SizeInput<RoundYokeStyle>;

/** Fewest stitches of a neck that short rows and increase rounds can be placed on. */
const FEWEST = 12;

/** A round yoke has at least so much depth beyond the armhole's, cm (common practice). */
const DEEPER = 2;

/** Drafts a round yoke from the neck down for one body. */
export function draft(input: Input): Draft {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const opening = openingWidth(input);
  const neck = neckTargets(input, 0);
  const below = draftBelow(input, neck, splitOf(open));
  const { targets } = below;
  const drop = draftDrop(input, neck, opening);
  const depth = yokeDepth(input);
  const first = neckEdgeWanted(input, neck, opening);
  const rule = { multiple: motifOf(style, fabric), plus: 0 };
  const sleeves = 2 * (targets.upperArm - targets.chain);
  const total = targets.round - 2 * targets.chain + sleeves;
  const front = frontWidth(input, targets.back, 'Back at the underarm');
  const most = typeof style.increases.rounds === 'number' ? style.increases.rounds : 12;
  return {
    quantities: [
      quantity({
        id: 'neck.round',
        label: 'Neck, stitches to begin with',
        fabric,
        axis: 'stitches',
        target: first,
        weight: 0.6,
        rounding: open ? 'nearest' : 'not under',
        rule,
        min: Math.max(FEWEST, rule.multiple),
        because: [
          ...neck.round.reasons,
          ...(opening === 0 ? [] : [plus('What lies between the fronts', first - neck.round.length, first)]),
        ],
      }),
      quantity({
        id: 'yoke.total',
        label: 'Yoke at the split',
        fabric,
        axis: 'stitches',
        target: total,
        weight: 0.1,
        rule,
        min: 2 * rule.multiple,
        because: [
          given('Body', targets.round, { kind: 'quantity', id: 'body.round' }),
          plus('Two underarm chains', -2 * targets.chain, targets.round - 2 * targets.chain, {
            kind: 'quantity',
            id: 'underarm.chain',
          }),
          plus('Two sleeves without theirs', sleeves, total, { kind: 'quantity', id: 'sleeve.top' }),
        ],
      }),
      quantity({
        id: 'yoke.rows',
        label: 'Yoke, depth',
        fabric,
        axis: 'rows',
        target: depth.length,
        weight: 0.7,
        because: depth.reasons,
        min: 6,
      }),
      ...(open
        ? [
            quantity({
              id: 'front.width',
              label: 'Front at the underarm, each',
              fabric,
              axis: 'stitches',
              target: Math.max(0.5, front.length),
              weight: 0.3,
              because: [...backWidth(targets.whole, targets.chain).reasons, ...front.reasons],
              min: 2,
            }),
          ]
        : []),
      ...drop.quantities,
      ...below.quantities,
    ],
    helpers: below.helpers,
    relations: [
      splitSum(open),
      sumAtLeast(
        { id: 'grows', rule: 'a yoke grows from the neck to the split' },
        { 'yoke.total': 1, 'neck.round': -1 },
      ),
      sumAtMost(
        { id: 'doubles', rule: 'no increase round more than doubles the stitches' },
        { 'yoke.total': 1, 'neck.round': -(2 ** most) },
      ),
      sumAtLeast(
        { id: 'sleeve.part', rule: 'each sleeve keeps stitches of the yoke beside its underarm chain' },
        { 'sleeve.top': 1, 'underarm.chain': -1 },
        2,
      ),
      ...drop.relations,
      ...below.relations,
    ],
    finished: finishedOf(input, targets, neck, first),
    notes: feasibility(input, targets, neck),
    edgings: edgingsOf(input),
  };
}

function splitOf(open: boolean): Relation {
  return sumIs(
    {
      id: 'split.body',
      rule: 'front, back and the two underarm chains are the body',
      says: (counts) =>
        say`Body: ${open ? `2 × ${counts.of('front.width')}` : counts.of('back.width')} front + ${counts.of('back.width')} back + 2 × ${counts.of('underarm.chain')} underarm = ${counts.of('body.round')}`,
    },
    open
      ? { 'back.width': 1, 'front.width': 2, 'underarm.chain': 2, 'body.round': -1 }
      : { 'back.width': 2, 'underarm.chain': 2, 'body.round': -1 },
  );
}

/** The split: body and sleeves without their underarm chains are the yoke. */
function splitSum(open: boolean): Relation {
  return sumIs(
    {
      id: 'split.yoke',
      rule: 'front, sleeve, back and sleeve are the yoke where it is split',
      says: (counts) => {
        const sleeve = counts.of('sleeve.top') - counts.of('underarm.chain');
        const front = open ? counts.of('front.width') : counts.of('back.width');
        return open
          ? say`At the split: ${front} front + ${sleeve} sleeve + ${counts.of('back.width')} back + ${sleeve} sleeve + ${front} front = ${counts.of('yoke.total')}`
          : say`At the split: ${counts.of('back.width')} back + ${sleeve} sleeve + ${front} front + ${sleeve} sleeve = ${counts.of('yoke.total')}`;
      },
    },
    { 'body.round': 1, 'sleeve.top': 2, 'underarm.chain': -4, 'yoke.total': -1 },
  );
}

/** What a round yoke cannot have, with the nearest settings that it can. */
function feasibility(input: Input, wanted: YokeTargets, neck: NeckTargets): Note[] {
  const { style, size, body } = input;
  const sleeve = wanted.upperArm - wanted.chain;
  const notes: Note[] = [];
  if (sleeve < 0.2 * wanted.upperArm)
    notes.push({
      level: sleeve <= 1 ? 'stop' : 'warn',
      code: 'sleeve-would-shrink',
      where: 'sleeve.top',
      message: say`The underarm chain (${cm(wanted.chain)}) is nearly the whole sleeve (${cm(wanted.upperArm)}); hardly any of the yoke is left for it.`,
      fixes: [
        {
          label: say`Underarm chain of ${cm(wanted.upperArm / 4)}`,
          set: [{ path: 'garment.underarm', value: Math.round(wanted.upperArm * 2.5) / 10, size: size.id }],
        },
      ],
    });
  const { rounds } = style.increases;
  const growth = (wanted.round - 4 * wanted.chain + 2 * wanted.upperArm) / neck.round.length;
  if (typeof rounds === 'number' && rounds < 5 && growth > 2 ** rounds * 0.5)
    notes.push({
      level: 'tip',
      code: 'yoke-steps-steep',
      where: 'yoke.total',
      message: say`The yoke grows ${Math.round(growth * 10) / 10}-fold in ${rounds} rounds; more of them make it lie smoother.`,
      fixes: [
        {
          label: say`${rounds + 1} increase rounds`,
          set: [{ path: 'garment.increases.rounds', value: rounds + 1 }],
        },
      ],
    });
  // A neck edge lies on the shoulders as a ring does: as wide as its round over pi, and half as wide again from front to back.
  const across = (neck.round.length / Math.PI) * 1.2;
  if (across > body.body.crossBack)
    notes.push({
      level: across > body.body.crossBack * 1.2 ? 'stop' : 'warn',
      code: 'neck-wider-than-shoulders',
      where: 'neck.round',
      message: say`The neck reaches ${cm(across)} across, wider than the shoulders carry (cross-back ${cm(body.body.crossBack)}); it will slide off.`,
      fixes: [
        {
          label: say`Neck ${cm(Math.floor((body.body.crossBack / 1.2) * Math.PI))} all round`,
          set: [
            {
              path: 'garment.neck.ease',
              value: Math.floor((body.body.crossBack / 1.2) * Math.PI - body.body.neck),
              size: size.id,
            },
          ],
        },
      ],
    });
  return [...notes, ...endsAboveUnderarm(input, wanted.depth, DEEPER)];
}
