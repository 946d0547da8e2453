import { YOKES } from '../yoke/useYoke';
import type { ScreenSize } from '../worker/screen';
import { arrange, fittingScale } from './arrange';
import { arrangeHalves, fittingHalvesScale } from './arrangeHalves';
import { arrangeTube, fittingTubeScale } from './arrangeTube';
import { arrangeYoke, fittingYokeScale } from './arrangeYoke';
import type { Arrangement } from './placed';

interface Box {
  width: number;
  height: number;
}

/** A way to lay a garment on the table: the scale at which a size fits a box (px for each cm), and the size laid out. */
export interface LayOut {
  /** @param opening width that the front of a yoke stands open, cm */
  fit: (size: ScreenSize, box: Box, opening: number) => number;
  arrange: (size: ScreenSize, box: Box, scale: number, opening: number) => Arrangement;
}

/** How a size is laid out: a yoke lies in the middle, panels lie side by side. */
export function layOutOf(construction: string, { pieces }: ScreenSize): LayOut {
  const has = (id: string) => pieces.some((piece) => piece.id === id);
  if (YOKES.includes(construction)) return { arrange: arrangeYoke, fit: fittingYokeScale };
  if (has('tube')) return { arrange: arrangeTube, fit: fittingTubeScale };
  if (has('half-left')) return { arrange: arrangeHalves, fit: fittingHalvesScale };
  return { arrange, fit: fittingScale };
}
