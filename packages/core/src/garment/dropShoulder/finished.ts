import { perCm } from '../../fabric/gauge.js';
import type { FinishedPlan, SizeInput } from '../construction.js';
import { upperFabric, type DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;

/** The lengths wanted, cm. */
interface Wanted {
  round: number;
  length: number;
  neck: number;
  drop: number;
  armhole: number;
  top: number;
  wrist: number;
  /** Sleeve with its cuff. */
  covered: number;
}

/** The finished measurements: what was wanted, and how each follows from the counts. */
export function finishedOf(input: Input, wanted: Wanted): FinishedPlan[] {
  const { style, fabrics } = input;
  const { round, length, neck, drop, armhole, top, wrist, covered } = wanted;
  const fabric = fabrics.get(style.fabric)!;
  const sleeveFabric = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  const upper = fabrics.get(upperFabric(style))!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const rows = perCm(fabric.gauge, 'rows');
  const upperRows = perCm(upper.gauge, 'rows');
  const sleeveStitches = perCm(sleeveFabric.gauge, 'stitches');
  return [
    {
      id: 'bust',
      label: 'All round',
      target: round,
      actual: (counts) => (counts['back.width']! + counts['front.width']!) / stitches,
    },
    {
      id: 'length',
      label: 'Length from the shoulder',
      target: length,
      actual: (counts) =>
        counts['side.rows']! / rows + counts['armhole.rows']! / upperRows + bandHeight('hem', counts, input),
    },
    {
      id: 'neckWidth',
      label: 'Neck width',
      target: neck,
      actual: (counts) => counts['neck.width']! / perCm(upper.gauge, 'stitches'),
    },
    {
      id: 'neckDrop',
      label: 'Front neck drop',
      target: drop,
      actual: (counts) => counts['neck.drop']! / upperRows,
    },
    {
      id: 'armholeDepth',
      label: 'Armhole depth',
      target: armhole,
      actual: (counts) => counts['armhole.rows']! / upperRows,
    },
    {
      id: 'upperArm',
      label: 'Sleeve at the top',
      target: top,
      actual: (counts) => counts['sleeve.top']! / sleeveStitches,
    },
    {
      id: 'cuff',
      label: 'Sleeve at the cuff',
      target: wrist,
      actual: (counts) => counts['sleeve.cuff']! / sleeveStitches,
    },
    {
      id: 'sleeveLength',
      label: 'Sleeve length with cuff',
      target: covered,
      actual: (counts) =>
        counts['sleeve.rows']! / perCm(sleeveFabric.gauge, 'rows') + bandHeight('cuff', counts, input),
    },
  ];
}

/** Finished height of a band, 0 where the style has none. */
export function bandHeight(
  band: 'hem' | 'cuff',
  counts: Readonly<Record<string, number>>,
  { style, fabrics }: Input,
): number {
  const chosen = style[band];
  return chosen ? counts[`${band}.height`]! / perCm(fabrics.get(chosen.fabric)!.gauge, 'stitches') : 0;
}
