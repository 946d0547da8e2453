import { swatchMetres, type Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';

/** Yarn for tails and mishaps, share (common practice). */
const SPARE = 0.1;
/** Yarn of a sewn seam for each cm of it (common practice). */
const SEAM_TIMES = 2;

/** One fabric's share of the garment: its area in square cm, and the seams sewn with its yarn in cm. */
export interface YarnShare {
  fabric: Fabric;
  area: number;
  seams: number;
}

export interface YarnNeed {
  fabric: string;
  metres: number;
}

/** Area in square cm of so many stitches. */
export function areaOf(fabric: Fabric, stitches: number): number {
  return stitches / (perCm(fabric.gauge, 'stitches') * perCm(fabric.gauge, 'rows'));
}

/**
 * Metres for each fabric whose swatch was measured: area x swatch metres / swatch area, seams, and 10 % to spare.
 * Fabrics without a measured swatch are left out: nothing is guessed.
 */
export function yarnNeeds(shares: readonly YarnShare[]): YarnNeed[] {
  return shares.flatMap(({ fabric, area, seams }) => {
    const metres = swatchMetres(fabric);
    if (!fabric.swatch || metres === null) return [];
    const { width, height } = fabric.swatch;
    const total = (area * (metres / (width * height)) + (seams * SEAM_TIMES) / 100) * (1 + SPARE);
    return [{ fabric: fabric.id, metres: Math.ceil(total) }];
  });
}
