import { FieldReader, type FieldProblem, type JsonObject } from '../../../check/fields.js';
import { readYoke, type YokeStyle } from '../../shared/yoke/style.js';

/** How many increase rounds: a few large ones, or small ones as often as the pattern allows. */
export const INCREASE_ROUNDS = [3, 4, 5, 'many'] as const;

/** The style of a round yoke from the neck down. */
export interface RoundYokeStyle extends YokeStyle {
  increases: {
    rounds: (typeof INCREASE_ROUNDS)[number];
    /** Where the increase rounds lie, per cent of the yoke's rows, rising; null: in the middle of equal parts. */
    places: readonly number[] | null;
    /** Every round has a multiple of so many stitches: the motif of the yoke. */
    motif: number;
  };
}

/** Reads the style; a missing field gets its usual figure, a wrong one a sentence. */
export function readStyle(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
): RoundYokeStyle {
  const yoke = readYoke(garment, fabricIds, problems, { depth: { percent: 17 } });
  const reader = new FieldReader(garment, 'garment', problems);
  const increases =
    reader.inside('increases', 'The increase rounds', false) ??
    new FieldReader({}, 'garment.increases', problems);
  const { shape } = yoke.neck;
  reader
    .inside('neck', 'The neck', false)
    ?.note('shape', { enum: ['level', 'short rows'], description: 'The neck' });
  if (shape === 'round' || shape === 'V')
    problems.push({
      path: 'garment.neck.shape',
      message: `A round yoke is level or raised by short rows; “${shape}” is a neck of raglans.`,
    });
  return {
    ...yoke,
    neck: { ...yoke.neck, shape: shape === 'short rows' ? 'short rows' : 'level' },
    increases: {
      rounds: increases.choice('rounds', 'The increase rounds', INCREASE_ROUNDS, 4),
      places: readPlaces(increases),
      motif: increases.number('motif', {
        label: 'The motif',
        min: 1,
        max: 60,
        unit: 'stitches',
        otherwise: 1,
        whole: true,
      }),
    },
  };
}

function readPlaces(reader: FieldReader): number[] | null {
  reader.note('places', {
    type: ['array', 'null'],
    minItems: 1,
    maxItems: 12,
    items: { type: 'number', exclusiveMinimum: 0, exclusiveMaximum: 100 },
    description: 'Rising shares of the yoke’s rows at which the increase rounds lie, %',
  });
  const value = reader.object['places'];
  if (value === undefined || value === null) return null;
  const right =
    Array.isArray(value) &&
    value.length >= 1 &&
    value.length <= 12 &&
    value.every(
      (one, i) => typeof one === 'number' && one > 0 && one < 100 && (i === 0 || one > value[i - 1]),
    );
  if (right) return value as number[];
  reader.problem(
    'places',
    'The places of the increase rounds are a list of rising shares between 0 and 100 %.',
  );
  return null;
}
