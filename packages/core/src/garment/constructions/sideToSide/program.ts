import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Girth, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { armbandJoins, hemJoins, sleeveSeams } from '../../shared/panels/joins.js';
import { sleeve as sleevePiece } from '../../shared/panels/sleeve.js';
import { cuffOf, inRounds, type PanelStyle } from '../../shared/panels/style.js';
import { bandPieces } from '../../shared/panels/bandPieces.js';
import { bandHeight } from '../../shared/panels/finished.js';
import { sleeveFacts } from '../../shared/panels/sleeveFacts.js';
import { sleeveRows } from '../../shared/panels/sums.js';
import { cuffJoins, frontBandJoins, neckbandJoins } from '../../shared/bandJoins.js';
import { frontBandRatio } from '../../shared/frontBand.js';
import { armholeEdge, frontEdge, neckEdge } from './edgings.js';
import { alongOf, ribRatio, type BandStyle } from '../../shared/bands.js';
import type { PickUpRatio } from '../../../joins/pickUp.js';
import { rowEnds } from '../../shared/pickedUp.js';
import { isOpen, openingWorked } from '../../shared/front.js';
import { hoodJoins, hoodRatio } from '../../shared/hood.js';
import { neckOpening } from '../../shared/neck.js';
import { onBothSides } from '../../shared/pieces.js';
import { openFront, wholePanel } from './pieces.js';

type Input = SizeInput<PanelStyle>;

/** The pieces and joins of panels worked from side to side. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const pieces: PieceProgram[] = [
    wholePanel(input, counts, 'back'),
    ...(open
      ? [openFront(input, counts, 'right'), openFront(input, counts, 'left')]
      : [wholePanel(input, counts, 'front')]),
    ...(style.sleeve ? [sleevePiece(input, style.sleeve, counts)] : []),
    ...bandPieces(input, counts, false),
  ];
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const overhang =
    ((counts.of('back.width') - 2 * (counts.find('notch.width') ?? 0)) / rows - input.body.body.crossBack) /
    2;
  return {
    pieces,
    joins: joins(input, counts),
    girths: girthsOf(input, counts, overhang),
    facts: {
      closedNeck: open
        ? null
        : {
            opening: neckOpening(
              style.neck.shape,
              counts.of('neck.width') / rows,
              counts.of('neck.drop') / stitches,
            ),
            stretch: fabric.stretch ?? USUAL_STRETCH,
            front: 'neck.width',
          },
      ...sleeveFacts(input, counts, overhang),
    },
  };
}

/** Straight from the shoulder to the hem, drawn in by the rib; a sleeve from the overhang on. */
function girthsOf(input: Input, counts: GarmentCounts, overhang: number): Program['girths'] {
  const { style, fabrics } = input;
  const { gauge, growth = 0 } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const opening = openingWorked(input, counts);
  const fronts = isOpen(style) ? 2 : 1;
  const round = (counts.of('back.width') + fronts * counts.of('front.width')) / rows + opening;
  const down = (count: number) => (count / stitches) * (1 + growth);
  const edge = down(counts.of('body.length'));
  const body: Girth[] = [
    { at: 0, round },
    { at: down(counts.of('armhole.depth')), round },
    { at: edge, round },
  ];
  if (style.hem) {
    const along = perCm(fabrics.get(style.hem.fabric)!.gauge, alongOf(style.hem));
    const own =
      (counts.of('hem.rows') + fronts * (counts.find('hem-front.rows') ?? counts.of('hem.rows'))) / along;
    const drawn = own + (isOpen(style) ? opening : 0);
    body.push({ at: edge, round: drawn }, { at: edge + bandHeight('hem', counts, input), round: drawn });
  }
  if (!style.sleeve) return { body, arm: [] };
  const of = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  const end = overhang + (sleeveRows(counts) / perCm(of.gauge, 'rows')) * (1 + (of.growth ?? 0));
  return {
    body,
    arm: [
      { at: overhang, round: counts.of('sleeve.top') / perCm(of.gauge, 'stitches') },
      { at: end, round: counts.of('sleeve.cuff') / perCm(of.gauge, 'stitches') },
    ],
  };
}

/** Every seam, in the order in which they are sewn: shoulders row to row, sides stitch to stitch. */
function joins(input: Input, counts: GarmentCounts): JoinPlan[] {
  const { style, size } = input;
  const open = isOpen(style);
  const { hem, neckband, sleeve } = style;
  const cuff = cuffOf(style);
  const round = sleeve !== null && inRounds(style, sleeve);
  const armholes = onBothSides('Armhole', (side, label) => ({
    id: `armhole-${side}`,
    role: 'armhole',
    label,
    kind: sleeve?.worked === 'down' ? 'pick-up' : 'stitch-to-row',
    a: ['sleeve.top'],
    b: [`back.armhole-${side}`, `front.armhole-${side}`],
  }));
  const neck = neckEdges(open, counts);
  const along = neckEdge(input, counts);
  return [
    ...onBothSides('Shoulder seam', (side, label) => ({
      id: `shoulder-${side}`,
      role: 'shoulder',
      label,
      kind: 'row-to-row',
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`],
    })),
    ...(sleeve && !round ? armholes : []),
    ...onBothSides('Side seam', (side, label) => ({
      id: `side-${side}`,
      role: 'side',
      label,
      kind: 'stitch-to-stitch',
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
    })),
    ...(sleeve ? (round ? armholes : sleeveSeams()) : []),
    ...(style.armband ? armbandJoins(input, style.armband, armholeEdge(input, counts)) : []),
    ...(hem ? hemJoins(hem, open, false, hemRatio(input, hem, counts)) : []),
    ...(cuff ? cuffJoins(cuff, size.id) : []),
    ...(neckband ? neckbandJoins(input, neckband, { edges: neck, along, open }) : []),
    ...(style.hood ? hoodJoins(style.hood, neck, hoodRatio(input, along.stretches)) : []),
    ...(style.front.style === 'band'
      ? frontBandJoins(frontBandRatio(input, frontEdge(input, counts)), (side) => [
          ...(hem ? [side === 'right' ? 'hem-front.end' : 'hem-front.start'] : []),
          `front.edge-${side}`,
          ...(neckband ? [side === 'right' ? 'neckband.start' : 'neckband.end'] : []),
        ])
      : []),
  ];
}

/** The ratio by which a hem rib is worked up from the row ends of back and front; null where it goes by its gauge. */
function hemRatio({ fabrics, style }: Input, hem: BandStyle, counts: GarmentCounts): PickUpRatio | null {
  const along = rowEnds('Lower edge', 'back.width', counts.of('back.width'), fabrics.get(style.fabric)!);
  return ribRatio(hem, fabrics.get(hem.fabric)!, [along], 'hem');
}

/** The edges that a neckband meets, from the wearer's right to the left or round from the front. */
function neckEdges(open: boolean, counts: GarmentCounts): string[] {
  const stepped = counts.of('neck.drop') > 0;
  if (open)
    return [
      'front.neck-right',
      ...(stepped ? ['front.neck-step-right'] : []),
      'back.neck',
      ...(stepped ? ['front.neck-step-left'] : []),
      'front.neck-left',
    ];
  return stepped
    ? ['front.neck', 'front.neck-last', 'back.neck', 'front.neck-first']
    : ['front.neck', 'back.neck'];
}
