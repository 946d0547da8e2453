import type { FieldReader, NumberWish } from '../../check/fields.js';
import { ORDERS } from '../../shaping/schedule.js';
import { readEase } from './perSize.js';
import type { TaperStyle } from './taper.js';

/** What a field in cm may be, and its usual figure. */
export function lengthWish(
  label: string,
  min: number,
  max: number,
  otherwise: number,
): NumberWish & { otherwise: number } {
  return { label, min, max, unit: 'cm', otherwise };
}

/** A fabric that may be left out: null or missing is the body's. */
export function fabricOrNone(
  reader: FieldReader,
  label: string,
  fabricIds: readonly string[],
): string | null {
  const { fabric } = reader.object;
  return fabric === undefined || fabric === null
    ? null
    : reader.choice('fabric', label, fabricIds, fabricIds[0] ?? '');
}

/** Reads how a sleeve tapers. */
export function readTaper(sleeve: FieldReader): TaperStyle {
  return {
    order: sleeve.choice('order', 'The order of the shaping', ORDERS, 'slow first'),
    everyRow: sleeve.choice('everyRow', 'The rows with shaping', [1, 2] as const, 1),
    evenAtCuff: readEase(sleeve, 'evenAtCuff', lengthWish('The even part above the cuff', 0, 60, 0)),
    evenAtTop: readEase(sleeve, 'evenAtTop', lengthWish('The even part below the top', 0, 60, 0)),
  };
}
