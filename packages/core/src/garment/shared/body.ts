/** The shape of a body below the underarm, whatever its construction. */

import type { FieldReader } from '../../check/fields.js';
import { readEase, type Ease, type PerSize } from './perSize.js';
import { lengthWish } from './style.js';

export const BODY_SHAPES = ['straight', 'A-line', 'waist'] as const;

export interface BodyStyle {
  shape: (typeof BODY_SHAPES)[number];
  /** Added to the hip at the lower edge, and to the waist. */
  hemEase: PerSize<Ease>;
  waistEase: PerSize<Ease>;
}

/** Usual ease at hip and waist, cm (common practice). */
const USUAL = 8;

/** Reads the shape of the body. */
export function readBody(body: FieldReader): BodyStyle {
  return {
    shape: body.choice('shape', 'The shape of the body', BODY_SHAPES, 'straight'),
    hemEase: readEase(body, 'hemEase', lengthWish('The ease at the hem', -20, 80, USUAL)),
    waistEase: readEase(body, 'waistEase', lengthWish('The ease at the waist', -20, 80, USUAL)),
  };
}
