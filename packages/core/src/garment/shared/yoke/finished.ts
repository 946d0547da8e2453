import type { CountId, GarmentCounts } from '../../counts.js';
import { acrossOf } from '../bands.js';
import { perCm } from '../../../fabric/gauge.js';
import type { FinishedPlan, SizeInput } from '../../construction.js';
import type { YokeTargets } from './below.js';
import { fallingNeck, fallingSides, falls, frontCounts } from './front.js';
import { bodyFabricOf } from './bodyFabric.js';
import { type YokeStyle } from './fields.js';
import { type NeckTargets } from './targets.js';
import { say } from '../../../text/phrase.js';
import { edgeOf, rowEnds, stitchesOf, type Edge } from '../pickedUp.js';
import { isOpen, openingWidth, openingWorked } from '../front.js';

type Input = SizeInput<YokeStyle>;

/** Finished height of a band, 0 where the style has none. */
export function bandHeight(
  band: 'hem' | 'cuff' | 'neckband',
  counts: GarmentCounts,
  { style, fabrics }: Input,
): number {
  const chosen = style[band];
  return chosen
    ? counts.of(`${band}.height`) / perCm(fabrics.get(chosen.fabric)!.gauge, acrossOf(chosen))
    : 0;
}

/** The yoke's neck edge as it has come out, before a neckband: its first stitches, and what falls from them in front. */
export function neckEdge(input: Input, counts: GarmentCounts): Edge {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const round = counts.of('neck.round');
  const first = stitchesOf(say`First stitches of the neck, ${round} stitches`, 'neck.round', round, fabric);
  if (!falls(style)) return edgeOf('Neck edge', 1 / stitches, [first]);
  const neck = fallingNeck(
    style.neck.shape as 'round' | 'V',
    frontCounts(input, counts).between,
    counts.of('neck.drop'),
    isOpen(style),
  );
  const sides = rowEnds('Both sides of the front neck', 'neck.drop', 2 * neck.gained.length, fabric);
  const { centre } = neck;
  return edgeOf('Neck edge', 1 / stitches, [
    first,
    { ...sides, length: fallingSides(neck, stitches, perCm(fabric.gauge, 'rows')) },
    ...(centre > 0 ? [stitchesOf('Centre of the front neck', 'neck.drop', centre, fabric)] : []),
  ]);
}

/** The finished measurements: what was wanted, and how each follows from the counts. */
export function finishedOf(
  input: Input,
  wanted: YokeTargets,
  neck: NeckTargets,
  edge: number,
): FinishedPlan[] {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const below = bodyFabricOf(input).gauge;
  const isBelow = (id: CountId) => id.startsWith('body.') && id !== 'body.round';
  const across = (id: CountId) => (counts: GarmentCounts) =>
    counts.of(id) / perCm(isBelow(id) ? below : gauge, 'stitches');
  const along = (id: CountId) => (counts: GarmentCounts) =>
    counts.of(id) / perCm(isBelow(id) ? below : gauge, 'rows');
  const opening = openingWidth(input);
  const raised = style.neck.shape === 'short rows';
  const round = (id: string, label: string, quantity: CountId, target: number): FinishedPlan => ({
    id,
    label,
    target: target + opening,
    actual: (counts) => across(quantity)(counts) + openingWorked(input, counts),
  });
  return [
    round('bust', 'All round', 'body.round', wanted.round),
    ...(wanted.waist === null ? [] : [round('waist', 'At the waist', 'body.waist', wanted.waist)]),
    ...(wanted.hem === null ? [] : [round('hem', 'At the lower edge', 'body.hem', wanted.hem)]),
    {
      id: 'length',
      label: 'Length at the back',
      target: wanted.length,
      actual: (counts) =>
        along('yoke.rows')(counts) +
        (raised ? along('neck.drop')(counts) : 0) +
        along('body.rows')(counts) +
        bandHeight('hem', counts, input),
    },
    { id: 'neckEdge', label: 'Neck edge', target: edge, actual: (counts) => neckEdge(input, counts).length },
    ...(neck.drop.length > 0
      ? [{ id: 'neckDrop', label: 'Front neck drop', target: neck.drop.length, actual: along('neck.drop') }]
      : []),
    { id: 'yokeDepth', label: 'Yoke depth', target: wanted.depth, actual: along('yoke.rows') },
    {
      id: 'upperArm',
      label: 'Sleeve at the underarm',
      target: wanted.upperArm,
      actual: across('sleeve.top'),
    },
    { id: 'cuff', label: 'Sleeve at the cuff', target: wanted.wrist, actual: across('sleeve.cuff') },
    {
      id: 'sleeveLength',
      label: 'Sleeve length with cuff',
      target: wanted.sleeve,
      actual: (counts) => along('sleeve.rows')(counts) + bandHeight('cuff', counts, input),
    },
  ];
}
