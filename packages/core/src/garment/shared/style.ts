import type { FieldReader, NumberWish } from '../../check/fields.js';
import { orNull } from '../../check/recording.js';
import { ORDERS } from '../../shaping/schedule.js';
import { SLEEVE_LENGTHS, type SleeveReach } from './arm.js';
import { easeOrNone, readEase, readPerSize } from './perSize.js';
import type { LengthStyle, WidthStyle } from './targets.js';
import type { TaperStyle } from './taper.js';

/** What a field in cm may be, and its usual figure. */
export function lengthWish<T = number>(
  label: string,
  min: number,
  max: number,
  otherwise: T,
): Omit<NumberWish, 'otherwise'> & { otherwise: T } {
  return { label, min, max, unit: 'cm', otherwise };
}

/** A fabric that may be left out: null or missing is the body's. */
export function fabricOrNone(
  reader: FieldReader,
  label: string,
  fabricIds: readonly string[],
): string | null {
  const { fabric } = reader.object;
  const chosen =
    fabric === undefined || fabric === null
      ? null
      : reader.choice('fabric', label, fabricIds, fabricIds[0] ?? '');
  reader.note('fabric', orNull({ enum: [...fabricIds], description: label }));
  return chosen;
}

/** Reads how far a sleeve goes down the arm. */
export function readReach(sleeve: FieldReader): SleeveReach {
  return {
    length: sleeve.choice('length', 'The sleeve’s length', SLEEVE_LENGTHS, 'full'),
    shorter: readPerSize(sleeve, 'shorter', lengthWish('The shortening of the sleeve', 0, 60, 0)),
  };
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

/** Reads what leads width and length, and their eases: the same for every construction. */
export function readWidthAndLength(
  reader: FieldReader,
  usual: { ease: number; belowWaist: number },
): WidthStyle & Omit<LengthStyle, 'fabric'> {
  return {
    widthLedBy: reader.choice(
      'widthLedBy',
      'What leads the width',
      ['bust', 'hip', 'widest'] as const,
      'bust',
    ),
    ease: readEase(reader, 'ease', lengthWish('The ease', -40, 80, usual.ease)),
    hipEase: easeOrNone(reader, 'hipEase', lengthWish('The ease at the hip', -40, 80, usual.ease)),
    lengthLedBy: reader.choice(
      'lengthLedBy',
      'What leads the length',
      ['back', 'front', 'longer'] as const,
      'back',
    ),
    belowWaist: readEase(
      reader,
      'belowWaist',
      lengthWish('The length below the waist', -30, 120, usual.belowWaist),
    ),
  };
}
