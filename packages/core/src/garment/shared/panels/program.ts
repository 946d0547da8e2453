import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Girth, Program, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { alongOf } from '../bands.js';
import { ribsFirst } from '../bandPiece.js';
import { isOpen, openingWorked } from '../front.js';
import { neckOpening } from '../neck.js';
import { bandPieces } from './bandPieces.js';
import { bandHeight } from './finished.js';
import { sleeveFacts } from './sleeveFacts.js';
import { acrossShoulders, sleeveRows } from './sums.js';
import { joins } from './joins.js';
import { back } from './back.js';
import { front } from './front.js';
import { isSlit } from './lowerEdge.js';
import { openFront } from './openFront.js';
import { cappedSleeve } from './cap/pieces.js';
import { sleeve } from './sleeve.js';
import { upperFabric, type PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** The pieces and joins of a garment of panels. Left and right are the wearer's. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const fronts = open
    ? [openFront(input, counts, 'right'), openFront(input, counts, 'left')]
    : [front(input, counts)];
  const pieces = ribsFirst(style, [
    back(input, counts),
    ...fronts,
    ...(style.sleeve
      ? [
          style.armhole?.curve
            ? cappedSleeve(input, style.sleeve, counts)
            : sleeve(input, style.sleeve, counts),
        ]
      : []),
    ...bandPieces(input, counts, isSlit(input)),
  ]);
  const stitches = perCm(fabric.gauge, 'stitches');
  const upper = fabrics.get(upperFabric(style))!;
  const upperStitches = perCm(upper.gauge, 'stitches');
  const neck = counts.of('neck.width') / upperStitches;
  const drop = counts.of('neck.drop');
  return {
    pieces,
    joins: joins(input, counts),
    girths: girthsOf(input, counts),
    facts: {
      closedNeck: open
        ? null
        : {
            opening: neckOpening(style.neck.shape, neck, drop / perCm(upper.gauge, 'rows')),
            stretch: upper.stretch ?? USUAL_STRETCH,
            front: 'neck.width',
          },
      ...sleeveFacts(input, counts, (acrossShoulders(counts) / stitches - input.body.body.crossBack) / 2),
    },
  };
}

/** Straight from the shoulder to the hem, drawn in by the rib; the sleeve from the overhang to the cuff. */
function girthsOf(input: Input, counts: GarmentCounts): Program['girths'] {
  const { style, fabrics } = input;
  const along = (fabric: string, axis: 'stitches' | 'rows', quantity: CountId) =>
    counts.of(quantity) / perCm(fabrics.get(fabric)!.gauge, axis);
  /** Length as worn: the fabric has grown. */
  const hanging = (fabric: string, quantity: CountId) =>
    along(fabric, 'rows', quantity) * (1 + (fabrics.get(fabric)!.growth ?? 0));
  const sleeveFabric = style.sleeve?.fabric ?? style.fabric;
  const open = isOpen(style);
  const round =
    along(style.fabric, 'stitches', 'back.width') +
    (open ? 2 : 1) * along(style.fabric, 'stitches', 'front.width') +
    openingWorked(input, counts);
  const underarm = hanging(upperFabric(style), 'armhole.rows');
  const edge = underarm + hanging(style.fabric, 'side.rows');
  const overhang =
    (acrossShoulders(counts) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches') -
      input.body.body.crossBack) /
    2;
  const band = (id: 'hem' | 'cuff', from: number): Girth[] => {
    const chosen = style[id];
    if (!chosen) return [];
    const rows = (quantity: CountId) => along(chosen.fabric, alongOf(chosen), quantity);
    const own =
      id === 'cuff'
        ? rows('cuff.rows')
        : open
          ? rows('hem.rows') + 2 * rows('hem-front.rows') + openingWorked(input, counts)
          : 2 * rows('hem.rows');
    return [
      { at: from, round: own },
      { at: from + bandHeight(id, counts, input), round: own },
    ];
  };
  return {
    body: [{ at: 0, round }, { at: underarm, round }, ...sideRounds(), ...band('hem', edge)],
    arm: style.sleeve ? arm() : [],
  };

  /** Round by round down the sides. */
  function sideRounds(): Girth[] {
    const gained = (id: CountId) =>
      (2 * (counts.of(id) - counts.of('back.width'))) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
    if (counts.find('back.hem') === undefined) return [{ at: edge, round }];
    return [
      ...(counts.find('waist.rows') === undefined
        ? []
        : [
            {
              at: underarm + hanging(style.fabric, 'waist.rows'),
              round: round + gained('back.waist'),
            },
          ]),
      { at: edge, round: round + gained('back.hem') },
    ];
  }

  function arm(): Girth[] {
    const [underarmRows, rows] = [counts.find('cap.rows') ?? 0, sleeveRows(counts)];
    const { gauge, growth = 0 } = fabrics.get(sleeveFabric)!;
    const down = (of: number) => overhang + (of / perCm(gauge, 'rows')) * (1 + growth);
    const end = down(rows);
    return [
      { at: down(underarmRows), round: along(sleeveFabric, 'stitches', 'sleeve.top') },
      { at: end, round: along(sleeveFabric, 'stitches', 'sleeve.cuff') },
      ...band('cuff', end),
    ];
  }
}
