import fc from 'fast-check';
import type { JsonObject } from '../check/json.js';
import type { Design, Garment } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import type { ChoiceField, Field, Fields } from '../fields/kinds.js';
import type { Construction } from '../garment/construction.js';
import { CONSTRUCTIONS } from '../garment/registry.js';
import { designWith, fabricOf, sizeOf } from './designs.js';

const rule = fc.oneof(
  { weight: 3, arbitrary: fc.constant({ multiple: 1, plus: 0 }) },
  fc.record({ multiple: fc.integer({ min: 2, max: 8 }), plus: fc.integer({ min: 0, max: 7 }) }),
);

/** Any plausible fabric: bulky to fine, rows as tall as treble or as short as single crochet, rules up to 8 + 7. */
export const anyFabric = (id: string): fc.Arbitrary<Fabric> =>
  fc
    .record({
      stitches: fc.integer({ min: 60, max: 320 }),
      shape: fc.integer({ min: 45, max: 130 }),
      flat: rule,
      rows: fc.constantFrom(
        { multiple: 1, plus: 0 },
        { multiple: 2, plus: 0 },
        { multiple: 2, plus: 1 },
        { multiple: 4, plus: 0 },
      ),
    })
    .map(({ stitches, shape, flat, rows }) =>
      fabricOf(id, stitches / 10, (stitches * shape) / 1000, { flat, rows }),
    );

const between = (min: number, max: number) => fc.integer({ min, max });

/** Lengths of fields that are varied, cm for an adult; all other lengths are as usual. */
const LENGTHS: Readonly<Record<string, fc.Arbitrary<unknown>>> = {
  belowWaist: fc.constant(20),
  'front.width': fc.constant(6),
  'neck.drop': fc.oneof({ weight: 3, arbitrary: between(0, 10) }, between(20, 40)),
  slit: fc.constantFrom(0, 0, 8),
  longerBack: fc.constantFrom(0, 0, 5),
  'sleeve.evenAtCuff': fc.constantFrom(0, 0, 4, { percent: 50 }),
  'sleeve.evenAtTop': fc.constantFrom(0, 0, 3, { percent: 20 }),
  'body.hemEase': fc.constant(10),
};

/** What a field may have; null where it is left as it usually is. */
function anyValue(field: Field, path: string, small: number): fc.Arbitrary<unknown> | null {
  const scaled = (length: fc.Arbitrary<unknown>) =>
    length.map((cm) => (typeof cm === 'number' ? cm * small : cm));
  switch (field.kind) {
    case 'length': {
      // A garment that holds by its ease has one below 0.
      if (path === 'ease')
        return scaled(typeof field.usual === 'number' && field.usual < 0 ? between(-8, 0) : between(-4, 30));
      const length = LENGTHS[path];
      return length ? scaled(length) : null;
    }
    case 'choice':
      return anyOption(field);
    case 'fabric':
      return field.usual === null ? fc.constantFrom(null, null, 'other') : null;
    case 'group': {
      const inside = anyFields(field.fields, `${path}.`, small);
      return field.optional ? fc.option(inside, { nil: null }) : inside;
    }
    default:
      return null;
  }
}

/** Any of its options, the first of them more often than another. */
function anyOption({ options }: ChoiceField): fc.Arbitrary<unknown> {
  const [first] = options;
  return fc.constantFrom(...[first!, first!, ...options].map(({ value }) => value));
}

function anyFields(fields: Fields, at: string, small: number): fc.Arbitrary<JsonObject> {
  const values = Object.entries(fields).flatMap(([key, field]) => {
    const value = anyValue(field, at + key, small);
    return value ? [[key, value] as const] : [];
  });
  return fc.record(Object.fromEntries(values)).map((object) => withinLimits(object, fields));
}

/** Without choices that others rule out. */
function withinLimits(object: JsonObject, fields: Fields): JsonObject {
  return Object.fromEntries(
    Object.entries(object).filter(([key, value]) => {
      const field = fields[key]!;
      const limits = field.kind === 'choice' ? (field.limits ?? []) : [];
      return limits.every(
        ({ where, allowed }) =>
          !where.is.includes(object[where.field] as never) || allowed.includes(value as never),
      );
    }),
  );
}

/** Any garment of a construction: one of its specimens, or one with its choices made anyhow. */
function anyGarment({ id, fields, specimens }: Construction, small: number): fc.Arbitrary<Garment> {
  return fc
    .oneof(
      { weight: 3, arbitrary: anyFields(fields, '', small) },
      fc.constantFrom(...specimens.map(({ garment }) => garment)),
    )
    .map((garment) => ({ ...garment, construction: id }));
}

/** Any plausible range of one to five adult, child or baby sizes, graded by the bust or unrelated, of any construction. */
export const anyDesign: fc.Arbitrary<Design> = fc
  .record({
    group: fc.constantFrom('adult' as const, 'child' as const, 'baby' as const),
    start: fc.double({ min: 0, max: 1, noNaN: true }),
    steps: fc.array(between(0, 12), { maxLength: 4 }),
    graded: fc.boolean(),
    even: fc.constantFrom(0, 0, 0, 30),
    fabrics: fc.tuple(anyFabric('body'), anyFabric('rib'), anyFabric('other')),
    construction: fc.constantFrom(...CONSTRUCTIONS),
  })
  .chain(({ group, construction, ...rest }) =>
    anyGarment(construction, group === 'adult' ? 1 : 0.5).map((garment) => ({ ...rest, group, garment })),
  )
  .map(({ group, start, steps, graded, even, fabrics, garment }) => {
    const [low, high] = ({ adult: [70, 150], child: [52, 78], baby: [40, 50] } as const)[group];
    let bust = Math.round((low + start * (high - low)) * 10) / 10;
    const sizes = [0, ...steps].map((step, i) =>
      sizeOf(`s${i}`, { bust: (bust += group === 'adult' ? step : step / 4) }, group),
    );
    return designWith({ graded, range: { even }, sizes, fabrics: [...fabrics], garment });
  });
