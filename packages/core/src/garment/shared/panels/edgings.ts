/** Caps, neckband, hood, armhole ribs and front bands: they follow the edges of the finished panels. */

import { shapingUnit } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import { countsByRow } from '../../../shaping/schedule.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { edgingIds, together, ribAlong } from '../edgings.js';
import { endOfRib, frontBandAlong } from '../frontBand.js';
import { edgeOf, rowEnds, stitchesOf, type Edge, type Stretch } from '../pickedUp.js';
import { isOpen } from '../front.js';
import { HOOD_IDS, hoodAlong } from '../hood.js';
import { frontNeck, halfNeck, steppedLength } from '../neck.js';
import { CAP_IDS, capAlong } from './cap/along.js';
import { neckbandOf, upperFabric, type PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

const RIBS = [
  { id: 'neckband', label: 'Neckband', edge: neckEdge },
  { id: 'armband', label: 'Armhole rib', edge: armholeEdge },
] as const;

/** The cap that is solved to its armhole, the hood, and the bands that the style has besides hem and cuff; null for none. */
export function followers(input: Input): Edgings | null {
  const { style } = input;
  const capped = style.armhole?.curve ? style.sleeve : null;
  const ribs = RIBS.flatMap((rib) => {
    const band = rib.id === 'neckband' ? neckbandOf(input) : style[rib.id];
    return band ? [{ ...rib, style: band }] : [];
  });
  const banded = style.front.style === 'band';
  if (ribs.length === 0 && !banded && !capped && !style.hood) return null;
  return {
    ids: [...(capped ? CAP_IDS : []), ...edgingIds(ribs, banded), ...(style.hood ? HOOD_IDS : [])],
    follow: (counts) =>
      together([
        ...(capped ? [capAlong(input, capped, counts)] : []),
        ...ribs.map((rib) => ribAlong(input, rib, rib.edge(input, counts))),
        ...(style.hood ? [hoodAlong(input, neckEdge(input, counts))] : []),
        ...(banded ? [frontBandAlong(input, frontEdge(input, counts))] : []),
      ]),
  };
}

/** The edge of an armhole without a sleeve: up the front, down the back, and the steps at the underarm. */
export function armholeEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const upper = fabrics.get(upperFabric(style))!;
  const rows = counts.of('armhole.rows');
  const longer = counts.find('front.longer') ?? 0;
  const more = longer > 0 ? ` + ${longer}` : '';
  return edgeOf('Armhole', 1 / perCm(upper.gauge, 'rows'), [
    rowEnds(say`Armhole, 2 × ${rows}${more} rows`, 'armhole.rows', 2 * rows + longer, upper),
    ...(style.armhole
      ? [
          stitchesOf(
            'Two steps at the underarm',
            'notch.width',
            2 * counts.of('notch.width'),
            fabrics.get(style.fabric)!,
          ),
        ]
      : []),
  ]);
}

/** The neck edge all round, as it has come out: across the back, and the front's two sides with what lies between them. */
export function neckEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const upper = fabrics.get(upperFabric(style))!;
  const { gauge } = upper;
  const unit = shapingUnit(upper);
  const [stitches, rowsPerCm] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const neck = counts.of('neck.width');
  return edgeOf('Neck edge', 1 / stitches, [
    stitchesOf(say`Back neck, ${neck} stitches`, 'neck.width', neck, upper),
    ...frontStretches(),
  ]);

  function frontStretches(): Stretch[] {
    const drop = counts.of('neck.drop');
    const shoulder = counts.of('shoulder.width');
    const rows = counts.of('side.rows') + counts.of('armhole.rows');
    const divide = rows - drop;
    const off = (counts.find('notch.width') ?? 0) + (counts.find('armhole.curve') ?? 0);
    const width = counts.of(style.upper ? 'front.upper' : 'front.width') - off;
    const across = (count: number) => stitchesOf('Front neck across', 'neck.width', count, upper);
    const sides = (aside: readonly number[]): Stretch => ({
      ...rowEnds('Both sides of the front neck', 'neck.drop', 2 * aside.length, upper),
      length: 2 * steppedLength(aside, stitches, rowsPerCm),
    });
    if (isOpen(style)) {
      const taken = width - shoulder;
      if (drop === 0) return [across(2 * taken)];
      return [sides(halfNeck(style.neck, { taken, drop, width, divide, unit }).inside)];
    }
    if (drop === 0) return [across(neck)];
    const { centre, schedule } = frontNeck(style.neck, { neck, drop, shoulder, divide, unit });
    return [...(centre > 0 ? [across(centre)] : []), sides(countsByRow(schedule, divide + 1, rows))];
  }
}

/** What a front band is picked up along, from the hem up. */
export function frontEdge(input: Input, counts: GarmentCounts): Stretch[] {
  const { style, fabrics } = input;
  const drop = counts.of('neck.drop');
  const side = counts.of('side.rows');
  // The row in which the neck begins belongs to the neck.
  const longer = counts.find('front.longer') ?? 0;
  const rows = side + counts.of('armhole.rows') + longer - (drop > 0 ? drop + 1 : 0);
  const label = 'Front edge below the neck';
  const own = fabrics.get(style.fabric)!;
  const below = Math.min(rows, side);
  return [
    ...(style.upper
      ? [
          rowEnds(label, 'side.rows', below, own),
          ...(rows > side
            ? [
                rowEnds(
                  'Front edge above the underarm',
                  'armhole.rows',
                  rows - side,
                  fabrics.get(upperFabric(style))!,
                ),
              ]
            : []),
        ]
      : [rowEnds(label, 'body.rows', rows, own)]),
    ...endOfRib(input, 'hem', style.hem, counts),
    ...endOfRib(input, 'neckband', style.neckband && neckbandOf(input), counts),
  ];
}
