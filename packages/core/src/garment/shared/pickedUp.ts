/** What is picked up along an edge of the finished pieces, by its own gauge or by the ratio of the craft to their row ends. */

import type { Reason } from '../../because/reason.js';
import { stitchOf, type Axis, type CountRule, type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../fit/problem.js';
import { easeAllowed, EASED_SHARE, type SeamLength } from '../../joins/join.js';
import { perRowEnd, type PickUpRatio } from '../../joins/pickUp.js';
import type { PickUpStyle } from '../../joins/pickUpFields.js';
import { cm, figure, say, type Phrase } from '../../text/phrase.js';
import type { DraftQuantity } from '../construction.js';
import type { CountId, GarmentCounts } from '../counts.js';
import { sumAtLeast, sumAtMost } from '../relations.js';
import { becomes, given, plus, quantity } from './quantity.js';

/** Counts that follow an edge, and what holds them to it. */
export interface Edging {
  quantities: DraftQuantity[];
  relations: Relation[];
  helpers?: HelperCount[];
}

/** A stretch of an edge, cm. */
export interface Stretch {
  label: Phrase | string;
  length: number;
  /** Its row ends or stitches: as many as there are, or as are wanted. */
  count: number;
  axis: Axis;
  /** What its row ends are of; left out of a rib's end, of which it does not matter. */
  fabric?: Fabric;
  /** The count that it comes from. */
  of: CountId;
  /** Its counts for each cm, where the count is found together with what is picked up and the length is only what is wanted. */
  perCm?: number;
}

/** Row ends of a fabric, as a stretch of an edge. */
export function rowEnds(label: Stretch['label'], of: CountId, count: number, fabric: Fabric): Stretch {
  return { label, of, axis: 'rows', count, fabric, length: count / perCm(fabric.gauge, 'rows') };
}

/** Stitches of a fabric, as a stretch of an edge. */
export function stitchesOf(label: Stretch['label'], of: CountId, count: number, fabric: Fabric): Stretch {
  return { label, of, axis: 'stitches', count, length: count / perCm(fabric.gauge, 'stitches') };
}

/** An edge as it has come out: its stretches, its length in all, and that of a stitch or row of it in cm. */
export interface Edge extends SeamLength {
  label: string;
  stretches: readonly Stretch[];
}

/** An edge of several stretches, in the order in which they are met. */
export function edgeOf(label: string, unit: number, stretches: readonly Stretch[]): Edge {
  return { label, unit, stretches, length: stretches.reduce((sum, { length }) => sum + length, 0) };
}

/** How an edge came to its length. */
export function reasonsOf({ stretches }: Pick<Edge, 'stretches'>): Reason[] {
  let sum = 0;
  return stretches.map(({ label, length, of }, i) => {
    sum += length;
    const from = { kind: 'quantity', id: of } as const;
    return i === 0 ? given(label, length, from) : plus(label, length, sum, from);
  });
}

/**
 * The ratio by which something is picked up along an edge; null where it goes by its gauge.
 *
 * @param field the group of the style that says so: "hood"
 */
export function ratioOf(
  { pickUp, perRowEnd: own }: PickUpStyle,
  fabric: Fabric,
  stretches: readonly Stretch[],
  field: string,
): PickUpRatio | null {
  if (pickUp !== 'ratio') return null;
  const rows = stretches.flatMap(({ axis, count, fabric: of }) =>
    axis === 'rows' && of ? { count, of } : [],
  );
  const ends = rows.reduce((sum, { count }) => sum + count, 0);
  const taken = rows.reduce((sum, { count, of }) => sum + count * (own ?? perRowEnd(fabric, of)), 0);
  const [most] = [...rows].sort((a, b) => b.count - a.count);
  return {
    each: ends > 0 ? taken / ends : (own ?? 1),
    plus: 0,
    hidden: Math.max(1, fabric.rule.flat.multiple / 2),
    of: most ? stitchOf(most.of) : 'sc',
    field,
  };
}

/**
 * The stitches picked up along an edge and what holds them to it: its length where they go by their gauge, else its row ends.
 *
 * @param wish.seam the relations' id: "band.seam"
 * @param wish.what what is picked up, in sentences: "the hood"
 * @param wish.ratio null where it goes by its gauge
 */
export function pickedUp(wish: {
  id: CountId;
  label: string;
  what: string;
  seam: string;
  fabric: Fabric;
  edge: Edge;
  ratio: PickUpRatio | null;
  rule?: CountRule;
  min?: number;
}): Edging {
  const { id, label, what, seam, fabric, edge, ratio, rule = fabric.rule.flat, min } = wish;
  const stitches = perCm(fabric.gauge, 'stitches');
  const reasons = reasonsOf(edge);
  const taken = ratio
    ? edge.stretches.reduce((all, { axis, count }) => all + count * (axis === 'rows' ? ratio.each : 1), 0)
    : 0;
  const length = ratio ? taken / stitches : edge.length;
  const by = ratio
    ? [
        becomes(
          'Picked up by ratio',
          `× ${figure(length / edge.length, 5)}`,
          length,
          say`${inWords(ratio, edge.stretches)}, by the gauge of ${what}`,
        ),
      ]
    : [];
  return {
    quantities: [
      quantity({
        id,
        label,
        fabric,
        axis: 'stitches',
        target: length,
        weight: 1,
        rule,
        ...(min === undefined ? {} : { min }),
        because: [...reasons, ...by],
      }),
    ],
    relations: ratio
      ? byRatio({ id: `${seam}.ratio`, of: id, what }, ratio, edge.stretches)
      : alongEdge({
          id: seam,
          rule: `${what} goes along its edge`,
          of: id,
          countsPerCm: stitches,
          edge,
          open: edge.stretches,
          says: (found) =>
            say`${edge.label} ${cm(edge.length)}: ${found.of(id)} stitches picked up along it (${cm(found.of(id) / stitches)})`,
        }),
  };
}

/** "2 stitches for each row end", or what an edge without row ends takes. */
function inWords({ each }: Pick<PickUpRatio, 'each'>, stretches: readonly Stretch[]): Phrase {
  return stretches.some(({ axis }) => axis === 'rows')
    ? say`${figure(each)} stitches for each row end`
    : say`one in each stitch`;
}

/** So many stitches for each row end, and one in each stitch; of an end that is found together with them as many as it will have. */
function byRatio(
  { id, of, what }: { id: string; of: CountId; what: string },
  { each, hidden }: PickUpRatio,
  stretches: readonly Stretch[],
): Relation[] {
  const rule = `${what} takes so many stitches of each row end`;
  const times: Partial<Record<CountId, number>> = { [of]: 1 };
  let known = 0;
  for (const { axis, count, of: from, perCm: open } of stretches) {
    const taken = axis === 'rows' ? each : 1;
    if (open) times[from] = -taken;
    else known += taken * count;
  }
  const says = (counts: GarmentCounts) =>
    say`Picked up by ratio, ${inWords({ each }, stretches)}: ${counts.of(of)} stitches`;
  return [
    { ...sumAtMost({ id: `${id}.more`, rule, says }, times, known + hidden), seam: id },
    { ...sumAtLeast({ id: `${id}.fewer`, rule }, times, known - hidden), seam: id },
  ];
}

/** A count that must run along an edge, within what a seam eases in; stretches of it may be counts still to be found. */
export function alongEdge({
  id,
  rule,
  of,
  countsPerCm,
  edge,
  open = [],
  says,
}: {
  id: string;
  rule: string;
  of: CountId;
  countsPerCm: number;
  edge: SeamLength;
  open?: readonly { of: CountId; length: number; perCm?: number }[];
  says: (counts: GarmentCounts) => Phrase;
}): Relation[] {
  const { length, unit } = edge;
  // The share is of the shorter side, whichever that turns out to be.
  const shorter = { length: length / (1 + EASED_SHARE), unit };
  const ease = easeAllowed(shorter, { ...shorter, unit: 1 / countsPerCm });
  const times: Partial<Record<CountId, number>> = { [of]: 1 / countsPerCm };
  let fixed = length;
  for (const stretch of open)
    if (stretch.perCm) {
      times[stretch.of] = -1 / stretch.perCm;
      fixed -= stretch.length;
    }
  return [
    { ...sumAtMost({ id: `${id}.longer`, rule, says }, times, fixed + ease), seam: id },
    { ...sumAtLeast({ id: `${id}.shorter`, rule }, times, fixed - ease), seam: id },
  ];
}
