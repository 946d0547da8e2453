import { perCm } from '../../../fabric/gauge.js';
import type { FinishedPlan, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { acrossOf } from '../bands.js';
import { forSize } from '../../../fields/perSize.js';
import { isOpen, openingWorked } from '../front.js';
import { acrossShoulders, sleeveRows } from './sums.js';
import type { SleeveTargets } from './draftSleeve.js';
import { upperFabric, type PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** The lengths wanted, cm. */
interface Wanted {
  round: number;
  length: number;
  neck: number;
  drop: number;
  armhole: number;
  /** Across the shoulders, inside the steps of notched armholes; null without them. */
  across: number | null;
  sleeve: SleeveTargets | null;
}

/** The finished measurements: what was wanted, and how each follows from the counts. */
export function finishedOf(input: Input, wanted: Wanted): FinishedPlan[] {
  const { style, fabrics } = input;
  const { round, length, neck, drop, armhole, across, sleeve } = wanted;
  const fabric = fabrics.get(style.fabric)!;
  const upper = fabrics.get(upperFabric(style))!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const fronts = isOpen(style) ? 2 : 1;
  const rows = perCm(fabric.gauge, 'rows');
  const upperRows = perCm(upper.gauge, 'rows');
  return [
    {
      id: 'bust',
      label: 'All round',
      target: round,
      actual: (counts) =>
        (counts.of('back.width') + fronts * counts.of('front.width')) / stitches +
        openingWorked(input, counts),
    },
    {
      id: 'length',
      label: 'Length from the shoulder',
      target: length,
      actual: (counts) =>
        counts.of('side.rows') / rows +
        counts.of('armhole.rows') / upperRows +
        bandHeight('hem', counts, input),
    },
    ...(forSize(style.longerBack, input.size.id) > 0
      ? [
          {
            id: 'lengthBack',
            label: 'Length of the back',
            target: length + forSize(style.longerBack, input.size.id),
            actual: (counts: GarmentCounts) =>
              (counts.of('back.longer') + counts.of('side.rows')) / rows +
              counts.of('armhole.rows') / upperRows +
              bandHeight('hem', counts, input),
          },
        ]
      : []),
    {
      id: 'neckWidth',
      label: 'Neck width',
      target: neck,
      actual: (counts) => counts.of('neck.width') / perCm(upper.gauge, 'stitches'),
    },
    {
      id: 'neckDrop',
      label: 'Front neck drop',
      target: drop,
      actual: (counts) => counts.of('neck.drop') / upperRows,
    },
    {
      id: 'armholeDepth',
      label: 'Armhole depth',
      target: armhole,
      actual: (counts) => counts.of('armhole.rows') / upperRows,
    },
    ...(across === null
      ? []
      : [
          {
            id: 'across',
            label: 'Across the shoulders',
            target: across,
            actual: (counts: GarmentCounts) => acrossShoulders(counts) / stitches,
          },
        ]),
    ...finishedSleeve(input, sleeve),
  ];
}

/** The sleeve's round at its top and its cuff, and its length with the cuff; nothing without a sleeve. */
export function finishedSleeve(input: Input, wanted: SleeveTargets | null): FinishedPlan[] {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.sleeve?.fabric ?? style.fabric)!;
  const stitches = perCm(gauge, 'stitches');
  if (!wanted) return [];
  return [
    {
      id: 'upperArm',
      label: 'Sleeve at the top',
      target: wanted.top,
      actual: (counts) => counts.of('sleeve.top') / stitches,
    },
    {
      id: 'cuff',
      label: 'Sleeve at the cuff',
      target: wanted.wrist,
      // A sleeve that is faded ends with half of what it has above the cuff.
      actual: (counts) => (counts.find('sleeve.end') ?? counts.of('sleeve.cuff')) / stitches,
    },
    {
      id: 'sleeveLength',
      label: 'Sleeve length with cuff',
      target: wanted.covered,
      actual: (counts) => sleeveRows(counts) / perCm(gauge, 'rows') + bandHeight('cuff', counts, input),
    },
  ];
}

/** Finished height of a band, 0 where the style has none. */
export function bandHeight(band: 'hem' | 'cuff', counts: GarmentCounts, { style, fabrics }: Input): number {
  const chosen = style[band];
  return chosen
    ? counts.of(`${band}.height`) / perCm(fabrics.get(chosen.fabric)!.gauge, acrossOf(chosen))
    : 0;
}
