import { USUAL_STRETCH } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts } from '../../fit/problem.js';
import type { GarmentRound, PieceProgram, Program, SizeInput } from '../construction.js';
import { bandPiece } from '../shared/bands.js';
import { neckOpening } from '../shared/neck.js';
import { forSize } from '../shared/perSize.js';
import { bandHeight } from './finished.js';
import { joins } from './joins.js';
import { back, front } from './panels.js';
import { sleeve } from './sleeve.js';
import { upperFabric, type DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;

/** The pieces and joins of a drop-shoulder pullover. Left and right are the wearer's. */
export function program(input: Input, counts: Counts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const pieces: PieceProgram[] = [back(input, counts), front(input, counts), sleeve(input, counts)];
  if (style.hem) pieces.push(bandPiece('hem', 'Hem rib', 2, fabrics.get(style.hem.fabric)!, counts));
  if (style.cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, fabrics.get(style.cuff.fabric)!, counts));

  const sleeveFabric = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const upper = fabrics.get(upperFabric(style))!;
  const upperStitches = perCm(upper.gauge, 'stitches');
  const neck = counts['neck.width']! / upperStitches;
  const drop = counts['neck.drop']!;
  return {
    pieces,
    joins: joins(style),
    rounds: roundsOf(input, counts),
    facts: {
      closedNeck: {
        opening: neckOpening(style.neck.shape, neck, drop / perCm(upper.gauge, 'rows')),
        stretch: upper.stretch ?? USUAL_STRETCH,
        front: 'neck.width',
      },
      sleeveTop: {
        round: counts['sleeve.top']! / perCm(sleeveFabric.gauge, 'stitches'),
        quantity: 'sleeve.top',
      },
      reach: {
        overhang: (counts['back.width']! / stitches - input.body.body.crossBack) / 2,
        sleeve: counts['sleeve.rows']! / perCm(sleeveFabric.gauge, 'rows'),
        cuff: bandHeight('cuff', counts, input),
        wanted: input.body.body.shoulderToWrist - forSize(style.sleeve.shorter, input.size.id),
      },
    },
  };
}

/** Straight from the shoulder to the hem, drawn in by the rib; the sleeve from the overhang to the cuff. */
function roundsOf(input: Input, counts: Counts): Program['rounds'] {
  const { style, fabrics } = input;
  const along = (fabric: string, axis: 'stitches' | 'rows', quantity: string) =>
    counts[quantity]! / perCm(fabrics.get(fabric)!.gauge, axis);
  /** Length as worn: the fabric has grown. */
  const hanging = (fabric: string, quantity: string) =>
    along(fabric, 'rows', quantity) * (1 + (fabrics.get(fabric)!.growth ?? 0));
  const sleeveFabric = style.sleeve.fabric ?? style.fabric;
  const round =
    along(style.fabric, 'stitches', 'back.width') + along(style.fabric, 'stitches', 'front.width');
  const underarm = hanging(upperFabric(style), 'armhole.rows');
  const edge = underarm + hanging(style.fabric, 'side.rows');
  const overhang = (round / 2 - input.body.body.crossBack) / 2;
  const end = overhang + hanging(sleeveFabric, 'sleeve.rows');
  const cuffEdge = along(sleeveFabric, 'stitches', 'sleeve.cuff');
  const band = (id: 'hem' | 'cuff', from: number, times: number): GarmentRound[] => {
    const chosen = style[id];
    if (!chosen) return [];
    const own = times * along(chosen.fabric, 'rows', `${id}.rows`);
    return [
      { at: from, round: own },
      { at: from + bandHeight(id, counts, input), round: own },
    ];
  };
  return {
    body: [{ at: 0, round }, { at: underarm, round }, { at: edge, round }, ...band('hem', edge, 2)],
    arm: [
      { at: overhang, round: along(sleeveFabric, 'stitches', 'sleeve.top') },
      { at: end, round: cuffEdge },
      ...band('cuff', end, 1),
    ],
  };
}
