import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Girth, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { bandPiece, frontBandPiece } from '../bandPiece.js';
import { alongOf } from '../bands.js';
import { body } from './body.js';
import { bodyEnd, bodyFabricOf } from './bodyFabric.js';
import { bandHeight, neckEdge } from './finished.js';
import { joins } from './joins.js';
import { sleeve } from './sleeve.js';
import type { SplitPart } from './split.js';
import { type YokeStyle } from './fields.js';
import { isOpen, openingWorked } from '../front.js';
import { downTo } from '../arm.js';

type Input = SizeInput<YokeStyle>;

/**
 * The pieces and joins below a yoke, and what advice needs to know.
 *
 * @param yoke the yoke itself
 * @param split the parts of its last row
 * @param neckEdges its edges that the neckband goes along
 * @param widths the yoke's stitches all round at some of its rows, from the neck down
 */
export function programOf(
  input: Input,
  counts: GarmentCounts,
  yoke: PieceProgram,
  split: readonly SplitPart[],
  neckEdges: readonly string[],
  widths: readonly { row: number; stitches: number }[],
): Program {
  const { style, fabrics } = input;
  const open = isOpen(style);
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const pieces = [yoke, body(input, counts, split), sleeve(input, counts)];
  const bands = [
    ['neckband', 'Neckband', 1],
    ['hem', 'Hem rib', 1],
    ['cuff', 'Cuff rib', 2],
  ] as const;
  for (const [id, label, copies] of bands) {
    const band = style[id];
    if (!band) continue;
    // On open fronts the ends of hem and neckband lie in the front edge.
    const ends = open && id !== 'cuff' && style.front.style !== 'band';
    pieces.push(bandPiece(id, label, copies, band, fabrics, counts, ends));
  }
  if (style.front.style === 'band') pieces.push(frontBandPiece(fabrics.get(style.front.fabric)!, counts));
  const round = (quantity: CountId) => counts.of(quantity) / stitches;
  return {
    pieces,
    joins: joins(input, counts, neckEdges),
    girths: girthsOf(input, counts, widths),
    facts: {
      closedNeck: open
        ? null
        : {
            opening: neckEdge(input, counts).length,
            stretch: fabric.stretch ?? USUAL_STRETCH,
            front: 'neck.round',
          },
      sleeveTop: { round: round('sleeve.top'), quantity: 'sleeve.top' },
      reach: {
        overhang: 0,
        sleeve: counts.of('sleeve.rows') / rows,
        cuff: bandHeight('cuff', counts, input),
        wanted: downTo(input, style.sleeve, input.body.body.underarmToWrist).length,
      },
    },
  };
}

/** The yoke over the shoulders row by row, then the body from the underarm down; the sleeve from the underarm to the cuff. */
function girthsOf(
  input: Input,
  counts: GarmentCounts,
  widths: readonly { row: number; stitches: number }[],
): Program['girths'] {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const hangs = (1 + (fabric.growth ?? 0)) / rows;
  const opening = openingWorked(input, counts);
  const below = bodyFabricOf(input);
  const around = (quantity: CountId) =>
    counts.of(quantity) / (quantity === 'body.round' ? stitches : perCm(below.gauge, 'stitches')) + opening;
  const hangsBelow = (1 + (below.growth ?? 0)) / perCm(below.gauge, 'rows');
  const underarm = counts.of('yoke.rows') * hangs;
  const hem = underarm + counts.of('body.rows') * hangsBelow;
  const waist = counts.find('waist.rows');
  const { shoulderToWrist, underarmToWrist } = input.body.body;
  const armpit = shoulderToWrist - underarmToWrist;
  const wrist = armpit + counts.of('sleeve.rows') * hangs;
  const band = (id: 'hem' | 'cuff', from: number): Girth[] => {
    const chosen = style[id];
    if (!chosen) return [];
    const own =
      counts.of(`${id}.rows`) / perCm(fabrics.get(chosen.fabric)!.gauge, alongOf(chosen)) +
      (id === 'hem' ? opening : 0);
    return [
      { at: from, round: own },
      { at: from + bandHeight(id, counts, input), round: own },
    ];
  };
  return {
    body: [
      // The body has its round from the armpit on, even where the yoke reaches lower.
      { at: Math.min(underarm, input.body.body.armholeDepth), round: around('body.round') },
      { at: underarm, round: around('body.round') },
      ...(waist === undefined ? [] : [{ at: underarm + waist * hangsBelow, round: around('body.waist') }]),
      { at: hem, round: around(bodyEnd(input, counts)) },
      ...band('hem', hem),
    ],
    yoke: [{ row: 0, stitches: widths[0]!.stitches }, ...widths].map(({ row, stitches: many }) => ({
      at: row * hangs,
      round: many / stitches + opening,
    })),
    arm: [
      { at: armpit, round: counts.of('sleeve.top') / stitches },
      { at: wrist, round: counts.of('sleeve.cuff') / stitches },
      ...band('cuff', wrist),
    ],
  };
}
