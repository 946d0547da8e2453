/** Caps, neckband, hood, armhole ribs and front bands: they follow the edges of the finished panels. */

import { shapingUnit } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import { countsByRow } from '../../../shaping/schedule.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { edgingIds, together, ribAlong, type Edge } from '../edgings.js';
import { endOfRib, frontBandAlong, rowEnds, type Stretch } from '../frontBand.js';
import { isOpen } from '../front.js';
import { HOOD_IDS, hoodAlong } from '../hood.js';
import { frontNeck, halfNeck, steppedLength } from '../neck.js';
import { given, plus } from '../quantity.js';
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
function armholeEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const rows = counts.of('armhole.rows');
  const longer = counts.find('front.longer') ?? 0;
  const unit = 1 / perCm(fabrics.get(upperFabric(style))!.gauge, 'rows');
  const depth = (2 * rows + longer) * unit;
  const more = longer > 0 ? ` + ${longer}` : '';
  const reasons = [
    given(say`Armhole, 2 × ${rows}${more} rows`, depth, { kind: 'quantity', id: 'armhole.rows' }),
  ];
  if (!style.armhole) return { label: 'Armhole', length: depth, unit, reasons };
  const notch = counts.of('notch.width');
  const steps = (2 * notch) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  return {
    label: 'Armhole',
    length: depth + steps,
    unit,
    reasons: [
      ...reasons,
      plus('Two steps at the underarm', steps, depth + steps, { kind: 'quantity', id: 'notch.width' }),
    ],
  };
}

/** The neck edge all round, as it has come out: across the back, and the front's two sides with what lies between them. */
function neckEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const upper = fabrics.get(upperFabric(style))!;
  const { gauge } = upper;
  const unit = shapingUnit(upper);
  const [stitches, rowsPerCm] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const neck = counts.of('neck.width');
  const [back, front] = [neck / stitches, frontLength()];
  return {
    label: 'Neck edge',
    length: back + front,
    unit: 1 / stitches,
    reasons: [
      given(say`Back neck, ${neck} stitches`, back, { kind: 'quantity', id: 'neck.width' }),
      plus('Line of the front neck', front, back + front, { kind: 'quantity', id: 'neck.drop' }),
    ],
  };

  function frontLength(): number {
    const drop = counts.of('neck.drop');
    const shoulder = counts.of('shoulder.width');
    const rows = counts.of('side.rows') + counts.of('armhole.rows');
    const divide = rows - drop;
    const off = (counts.find('notch.width') ?? 0) + (counts.find('armhole.curve') ?? 0);
    const width = counts.of(style.upper ? 'front.upper' : 'front.width') - off;
    const side = (aside: readonly number[]) => steppedLength(aside, stitches, rowsPerCm);
    if (isOpen(style)) {
      const taken = width - shoulder;
      if (drop === 0) return (2 * taken) / stitches;
      return 2 * side(halfNeck(style.neck, { taken, drop, width, divide, unit }).inside);
    }
    if (drop === 0) return neck / stitches;
    const { centre, schedule } = frontNeck(style.neck, { neck, drop, shoulder, divide, unit });
    return centre / stitches + 2 * side(countsByRow(schedule, divide + 1, rows));
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
