import { FieldReader, type FieldProblem, type JsonObject } from '../../../check/fields.js';
import { LINE_SCHOOLS, type LineWay } from '../../../shaping/lines.js';
import { ORDERS, type Order } from '../../../shaping/schedule.js';
import { readYoke, type YokeStyle } from '../../shared/yoke/style.js';

/** The style of a raglan from the neck down. */
export interface RaglanStyle extends YokeStyle {
  line: LineWay;
  rates: {
    /** 1: increases in any row; 2: in right-side rows only. */
    everyRow: 1 | 2;
    /** Stitches that one row may gain on one side of a line. */
    most: 1 | 2;
    order: Order;
    /**
     * Share of the rows that may increase which all do so at the start, per cent, before the rest is spread: of the body's
     * sides and of the sleeves'; null: the two rates that come out most even.
     */
    bodyFast: number | null;
    sleeveFast: number | null;
  };
}

/** Reads the style; a missing field gets its usual figure, a wrong one a sentence. */
export function readStyle(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
): RaglanStyle {
  const reader = new FieldReader(garment, 'garment', problems);
  const line =
    reader.inside('line', 'The raglan line', false) ?? new FieldReader({}, 'garment.line', problems);
  const rates = reader.inside('rates', 'The rates', false) ?? new FieldReader({}, 'garment.rates', problems);
  const school = line.choice('school', 'How the line is worked', LINE_SCHOOLS, 'beside');
  const stitches = line.choice(
    'stitches',
    'The stitches of the line',
    [0, 1, 2] as const,
    school === 'beside' ? 2 : 1,
  );
  line.rule({
    if: {
      properties: { school: { enum: LINE_SCHOOLS.filter((one) => one !== 'beside') } },
      required: ['school'],
    },
    then: { properties: { stitches: { const: 1 } } },
  });
  if (school !== 'beside' && stitches !== 1)
    line.problem(
      'stitches',
      `A line worked ${school} is one stitch (or chain space) wide; ${stitches} stands there.`,
    );
  const fast = (key: 'bodyFast' | 'sleeveFast', label: string) =>
    rates.numberOrNone(key, { label, min: 0, max: 100, unit: '%' });
  return {
    ...readYoke(garment, fabricIds, problems),
    line: { school, stitches: school === 'beside' ? stitches : 1 },
    rates: {
      everyRow: rates.choice('everyRow', 'The rows with increases', [1, 2] as const, 1),
      most: rates.choice('most', 'The increase on one side of a line', [1, 2] as const, 2),
      order: rates.choice('order', 'The order of the rates', ORDERS, 'fast first'),
      bodyFast: fast('bodyFast', 'The fast part of the body’s increases'),
      sleeveFast: fast('sleeveFast', 'The fast part of the sleeves’ increases'),
    },
  };
}
