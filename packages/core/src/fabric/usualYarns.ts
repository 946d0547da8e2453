import { ANY_COUNT, type Fabric } from './fabric.js';

/** A weight of yarn with a hook and gauge to begin with, until there is a swatch. */
export interface UsualYarn {
  id: string;
  /** What makers call the yarn, and its number in the standard yarn weight system. */
  label: string;
  hook: number;
  /** Half double crochet in 10 cm. */
  stitches: number;
  rows: number;
}

/**
 * Usual hooks and gauges by the weight of the yarn. After the standard yarn weight system of the Craft Yarn Council, from memory; that states
 * single crochet, half double crochet is a little wider and much taller (common practice).
 */
export const USUAL_YARNS: readonly UsualYarn[] = [
  { id: 'superfine', label: 'super fine (1)', hook: 3, stitches: 22, rows: 16 },
  { id: 'fine', label: 'fine (2)', hook: 4, stitches: 18, rows: 13 },
  { id: 'light', label: 'light, DK (3)', hook: 4.5, stitches: 16, rows: 11.5 },
  { id: 'medium', label: 'medium, worsted (4)', hook: 5.5, stitches: 13, rows: 9.5 },
  { id: 'bulky', label: 'bulky (5)', hook: 8, stitches: 10, rows: 7 },
];

/** A plain fabric of a usual yarn, to be swatched later: it says so. */
export function toSwatchLater({ label, hook, stitches, rows }: UsualYarn): Fabric {
  return {
    id: 'body',
    name: `Half double crochet, ${label}`,
    hook,
    gauge: { stitches, stitchesOver: 10, rows, rowsOver: 10 },
    estimated: true,
    rule: { flat: ANY_COUNT, round: ANY_COUNT, rows: ANY_COUNT },
    stitch: 'hdc',
  };
}
