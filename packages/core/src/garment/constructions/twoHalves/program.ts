import { perCm } from '../../../fabric/gauge.js';
import type { Girth, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { sleeveFacts } from '../../shared/panels/sleeveFacts.js';
import { sleeveRows } from '../../shared/panels/sums.js';
import { sleeve as sleevePiece } from '../../shared/panels/sleeve.js';
import { bandPiece, frontBandPiece, pickedBand, ribsFirst } from '../../shared/bandPiece.js';
import { cordPiece } from '../../shared/cord.js';
import { isTied, openingWorked } from '../../shared/front.js';
import { hoodPiece } from '../../shared/hood.js';
import type { TwoHalvesStyle } from './fields.js';
import { half } from './half.js';
import { joins } from './joins.js';

type Input = SizeInput<TwoHalvesStyle>;

/** The pieces and joins of two halves. Left and right are the wearer's. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const banded = style.front.style === 'band';
  const pieces: PieceProgram[] = [
    half(input, counts, 'right'),
    half(input, counts, 'left'),
    ...(style.sleeve ? [sleevePiece(input, style.sleeve, counts)] : []),
  ];
  const rib = (of: { fabric: string }) => fabrics.get(of.fabric)!;
  if (style.hem) pieces.push(bandPiece('hem', 'Hem rib of each half', 2, style.hem, fabrics, counts, true));
  if (style.cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, style.cuff, fabrics, counts));
  pieces.push(
    pickedBand(
      'centre',
      'centre band',
      'Band at the centre back',
      1,
      rib(style.centre),
      'the centre back of the left half, hem included',
      counts,
    ),
  );
  if (style.neckband)
    pieces.push(bandPiece('neckband', 'Neckband', 1, style.neckband, fabrics, counts, !banded));
  if (style.hood) pieces.push(hoodPiece(input, counts));
  if (isTied(style)) pieces.push(cordPiece('tie', 'Tie', 2 * style.front.ties, rib(style.front), counts));
  if (banded) pieces.push(frontBandPiece(rib(style.front), counts));
  const { gauge, growth = 0 } = fabric;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const sleeveGauge = fabrics.get(style.sleeve?.fabric ?? style.fabric)!.gauge;
  const centre = counts.of('centre.rows') / perCm(rib(style.centre).gauge, 'rows');
  const across = (2 * counts.of('back.half')) / stitches + centre;
  const overhang = (across - input.body.body.crossBack) / 2;
  const round = (2 * counts.of('half.width')) / stitches + centre + openingWorked(input, counts);
  const down = (count: number) => (count / rows) * (1 + growth);
  const body: Girth[] = [
    { at: 0, round },
    { at: down(counts.of('body.rows')), round },
  ];
  const reach = sleeveRows(counts) / perCm(sleeveGauge, 'rows');
  return {
    pieces: ribsFirst(style, pieces),
    joins: joins(input, counts),
    girths: {
      body,
      arm: style.sleeve
        ? [
            { at: overhang, round: counts.of('sleeve.top') / perCm(sleeveGauge, 'stitches') },
            { at: overhang + reach, round: counts.of('sleeve.cuff') / perCm(sleeveGauge, 'stitches') },
          ]
        : [],
    },
    facts: {
      closedNeck: null,
      ...sleeveFacts(input, counts, overhang),
    },
  };
}
