import { FieldReader, type FieldProblem, type JsonObject } from '../../../check/fields.js';
import { readBand, type BandStyle } from '../../shared/bands.js';
import { readEase, readPerSize, type Ease, type PerSize } from '../../shared/perSize.js';
import { lengthWish } from '../../shared/style.js';

export const TUBE_ROUNDS = ['sewn', 'joined', 'turned'] as const;

/** A tube round the bust and two straps. Lengths in cm. */
export interface TubeStyle {
  fabric: string;
  /** Added to the bust: below 0, so that it holds. */
  ease: PerSize<Ease>;
  /** How far it goes above the underarm, and below the waist (above it where below 0). */
  above: PerSize;
  belowWaist: PerSize<Ease>;
  /** Flat with a seam at the centre back, or in rounds. */
  rounds: (typeof TUBE_ROUNDS)[number];
  /** Null: none, it holds by itself. */
  straps: {
    width: PerSize;
    /** How far apart they are sewn on, front and back; a share is of the cross-back. */
    apart: PerSize<Ease>;
    /** Their own length as a share of the way over the shoulder: they stretch. */
    snug: number;
  } | null;
  /** A cord to draw the upper edge in. */
  cord: boolean;
  /** A rib at the lower edge. */
  hem: BandStyle | null;
}

/** Usual figures where the design says nothing (common practice). */
const USUAL = { ease: -8, above: 4, belowWaist: 0, width: 3.5, snug: 0.92 };
const APART: Ease = { percent: 55 };

/** Reads the style; a missing field gets its usual figure, a wrong one a sentence. */
export function readTube(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
): TubeStyle {
  const reader = new FieldReader(garment, 'garment', problems);
  const first = fabricIds[0] ?? '';
  const rib = fabricIds.find((id) => id !== first) ?? first;
  const none = garment['straps'] === null || garment['straps'] === false;
  const straps =
    (garment['straps'] === false ? null : reader.inside('straps', 'The straps', false)) ??
    new FieldReader({}, 'garment.straps', problems);
  reader.allowFalse('straps');
  return {
    fabric: reader.choice('fabric', 'The fabric of the tube', fabricIds, first),
    ease: readEase(reader, 'ease', lengthWish('The ease', -40, 20, USUAL.ease)),
    above: readPerSize(reader, 'above', lengthWish('What goes above the underarm', 0, 20, USUAL.above)),
    belowWaist: readEase(
      reader,
      'belowWaist',
      lengthWish('The length below the waist', -30, 60, USUAL.belowWaist),
    ),
    rounds: reader.choice('rounds', 'How the tube is closed', TUBE_ROUNDS, 'sewn'),
    straps: none
      ? null
      : {
          width: readPerSize(straps, 'width', lengthWish('The width of the straps', 1, 15, USUAL.width)),
          apart: readEase(straps, 'apart', lengthWish<Ease>('How far apart the straps are', 4, 40, APART)),
          snug: straps.number('snug', {
            label: 'The length of the straps',
            min: 0.6,
            max: 1.1,
            unit: 'of the way over the shoulder',
            otherwise: USUAL.snug,
          }),
        },
    cord: reader.choice('cord', 'The draw cord', [true, false] as const, false),
    hem: readBand(reader, 'hem', 'Hem rib', { height: 4, fabric: rib, missing: true }, fabricIds),
  };
}
