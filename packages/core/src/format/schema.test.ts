import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import fc from 'fast-check';
import { isObject, type JsonObject } from '../check/fields.js';
import { CONSTRUCTIONS } from '../garment/registry.js';
import { runs } from '../testing/deep.js';
import { fromSchema } from '../testing/fromSchema.js';
import { withGarmentSchema } from './garmentSchema.js';
import { withGarmentTable } from './garmentTable.js';
import { readDesign } from './readDesign.js';

const schema = JSON.parse(
  readFileSync(join(__dirname, '../../../../docs/formats/design.schema.json'), 'utf8'),
) as JsonObject;
const page = readFileSync(join(__dirname, '../../../../docs/formats/README.md'), 'utf8');
const definitions = schema['definitions'] as Record<string, JsonObject>;
const fits = new Ajv({ strict: false, allErrors: true }).compile(schema);

/** What no schema can say: that ids are those of something, that places rise, that a gauge is that of a fabric. */
const BETWEEN_FIELDS =
  /which this design does not have|Two (?:sizes|fabrics) are called|is held twice|leads to a bust|is no fabric;|list of rising shares|[Ff]abric .* “(?:x|some words|a|x-1)”; it can be “(?:body|rib|some words|a|x-1)”|no fabric called|which is none of the \d+ yarns|There are two (?:yarns|kinds)|there is no such kind/;

const anyGarment = (id: string) =>
  fromSchema(definitions[`garment-${id}`]!, definitions, {
    fabricId: fc.constantFrom('body', 'rib'),
  }).map((garment): JsonObject => {
    const made: JsonObject = { ...(garment as JsonObject), construction: id };
    const { increases, line } = made as Record<string, JsonObject | undefined>;
    if (isObject(increases)) delete increases['places'];
    // Between fields: a line that is not worked beside is one stitch wide.
    if (isObject(line) && line['school'] !== 'beside') delete line['stitches'];
    return made;
  });

const rule = { multiple: 1, plus: 0 };
const fabric = (id: string) => ({
  id,
  name: id,
  hook: 5,
  gauge: { stitches: 16, stitchesOver: 10, rows: 11, rowsOver: 10 },
  rule: { flat: rule, round: rule, rows: rule },
});
const around = (garment: JsonObject): JsonObject => ({
  format: 'upfell/design',
  version: 1,
  name: 'Test',
  sizes: [{ id: 'M', body: { bust: 96 } }],
  fabrics: [fabric('body'), fabric('rib')],
  garment,
});

/** What a hand or another program may put where something else belongs. */
const ODD: readonly unknown[] = [
  null,
  false,
  true,
  0,
  -1,
  7.25,
  1e6,
  'x',
  [],
  {},
  { percent: 5 },
  { percent: 999 },
  { all: 6 },
  { all: null },
  { sizes: { M: 6 } },
  { sizes: null },
  { all: 6, sizes: { M: 'x' } },
  { percent: 5, sizes: 3 },
];

/** The same document with one of its values replaced, wherever it lies. */
function spoiled(value: unknown, at: number, odd: unknown): unknown {
  let left = at;
  const walk = (one: unknown): unknown => {
    if (left === 0) {
      left -= 1;
      return odd;
    }
    left -= 1;
    if (Array.isArray(one)) return one.map(walk);
    if (isObject(one))
      return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, walk(inner)]));
    return one;
  };
  return walk(value);
}

/** What reader and schema say of a document, the reader's rules between fields left out. */
function verdicts(document: unknown) {
  const read = readDesign(document);
  const problems = read.ok ? [] : read.problems.filter(({ message }) => !BETWEEN_FIELDS.test(message));
  const faults = fits(document)
    ? []
    : fits.errors!.map(({ instancePath, message }) => `${instancePath} ${message}`);
  return { reader: problems.length === 0, schema: faults.length === 0, problems, faults };
}
const agree = (document: unknown) => {
  const { reader, schema: allowed, problems, faults } = verdicts(JSON.parse(JSON.stringify(document)));
  expect({ reader, problems, faults }).toEqual({ reader: allowed, problems, faults });
  return reader;
};

describe('the schema of designs', () => {
  it('and the table of fields are made from the fields as they are now (npm run schema)', () => {
    expect(withGarmentSchema(schema)).toEqual(schema);
    const plain = (text: string) => text.replace(/[ -]+/g, ' ');
    expect(plain(withGarmentTable(page))).toBe(plain(page));
  });

  it.each(CONSTRUCTIONS.map(({ id }) => id))('and the reader take the same garments: %s', (id) => {
    fc.assert(
      fc.property(anyGarment(id), (garment) => {
        expect(agree(around(garment))).toBe(true);
      }),
      { numRuns: runs(60, 1000) },
    );
  });

  it.each(CONSTRUCTIONS.map(({ id }) => id))('and the reader refuse the same garments: %s', (id) => {
    let refused = 0;
    fc.assert(
      fc.property(anyGarment(id), fc.nat(60), fc.constantFrom(...ODD), (garment, at, odd) => {
        const { construction, ...fields } = garment;
        const broken = spoiled(fields, at + 1, odd) as JsonObject;
        if (!agree(around({ ...broken, construction }))) refused += 1;
      }),
      { numRuns: runs(150, 3000) },
    );
    expect(refused).toBeGreaterThan(10);
  });

  it('and the reader agree on all else: sizes, fabrics, people, finishing, words, pins', () => {
    const { garment: _, ...properties } = schema['properties'] as Record<string, JsonObject>;
    const anyRest = fromSchema({ type: 'object', properties }, definitions, {
      fabricId: fc.constantFrom('body', 'rib'),
    });
    fc.assert(
      fc.property(anyRest, fc.nat(200), fc.option(fc.constantFrom(...ODD)), (rest, at, odd) => {
        const document: JsonObject = {
          ...around({ construction: 'drop-shoulder' }),
          ...(rest as JsonObject),
        };
        const other = odd === null ? document : (spoiled(document, at + 1, odd) as JsonObject);
        // Files of other versions are brought up to this one before they are read.
        agree({ ...other, format: 'upfell/design', version: 1 });
      }),
      { numRuns: runs(400, 5000) },
    );
  });
});
