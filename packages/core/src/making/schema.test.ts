import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import fc from 'fast-check';
import { runs } from '../testing/deep.js';
import { readMaking, readMakingText } from './readMaking.js';

const root = join(__dirname, '../../../..');
const schema = JSON.parse(readFileSync(join(root, 'docs/formats/making.schema.json'), 'utf8')) as object;
const fits = new Ajv({ strictTypes: false, strictRequired: false }).compile(schema);

const text = fc.string({ minLength: 1, maxLength: 20 }).filter((said) => said.trim() !== '');
const place = {
  piece: fc.constantFrom('back', 'sleeve'),
  copy: fc.integer({ min: 1, max: 3 }),
  part: fc.constantFrom('main', 'first-shoulder'),
  n: fc.integer({ min: 1, max: 90 }),
};
const gauge = {
  stitches: fc.integer({ min: 1, max: 200 }),
  stitchesOver: fc.integer({ min: 1, max: 100 }),
  rows: fc.integer({ min: 1, max: 200 }),
  rowsOver: fc.integer({ min: 1, max: 100 }),
};
const count = fc.integer({ min: 0, max: 400 });
/** What an entry of each kind may say. */
const KINDS: Readonly<Record<string, Record<string, fc.Arbitrary<unknown>>>> = {
  row: place,
  repeats: { ...place, many: count },
  jump: { ...place, why: text },
  undo: { of: text },
  gauge: {
    fabric: text,
    ...gauge,
    state: fc.constantFrom('blocked', 'on the hook'),
    way: fc.constantFrom('go on', 're-plan'),
  },
  measured: {
    ...place,
    width: fc.integer({ min: 1, max: 200 }),
    state: fc.constantFrom('blocked', 'on the hook'),
  },
  tried: { where: fc.constantFrom('sleeve', 'other'), text },
  note: { text },
  marker: { ...place, text },
  ball: { fabric: text, event: fc.constantFrom('begun', 'weighed'), grams: count, balls: count },
  step: { step: text, state: fc.constantFrom('pinned', 'done') },
  tally: { name: text, by: fc.integer({ min: -9, max: 9 }) },
  time: { minutes: count },
  change: { quantity: text, count },
  hum: { tune: fc.anything() },
};
const anyEntry = fc.constantFrom(...Object.keys(KINDS)).chain((kind) =>
  fc.record({
    id: fc.stringMatching(/^[\w-]{1,12}$/),
    at: fc.integer({ min: 0, max: 9e8 }).map((second) => new Date(second * 1000).toISOString()),
    kind: fc.constant(kind),
    ...KINDS[kind]!,
  }),
);
const anyMaking = fc.record({
  format: fc.constant('upfell/making'),
  version: fc.constant(1),
  name: text,
  design: text,
  revision: fc.integer({ min: 1, max: 90 }),
  size: text,
  entries: fc.array(anyEntry, { maxLength: 6 }),
});
const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown;

describe('the schema of makings', () => {
  it('and the reader take the makings of the demo', () => {
    const files = readdirSync(join(root, 'demo')).filter((name) => name.endsWith('.making.json'));
    expect(files.length).toBeGreaterThan(1);
    for (const name of files) {
      const said = readFileSync(join(root, 'demo', name), 'utf8');
      expect([name, readMakingText(said).ok, fits(JSON.parse(said)), fits.errors]).toEqual([
        name,
        true,
        true,
        null,
      ]);
    }
  });

  it('and the reader take what they both allow', () => {
    fc.assert(
      fc.property(anyMaking, (making) => {
        const raw = plain(making);
        const read = readMaking(plain(making));
        expect([read.ok ? [] : read.problems, fits(raw), fits.errors]).toEqual([[], true, null]);
      }),
      { numRuns: runs(200, 3000) },
    );
  });

  it('takes whatever the reader takes, and the reader never throws', () => {
    fc.assert(
      fc.property(
        anyMaking,
        fc.array(fc.nat(), { minLength: 1, maxLength: 3 }),
        fc.anything(),
        (making, path, value) => {
          // Something anywhere in it is made into something else.
          const raw = plain(making) as Record<string, unknown>;
          let at = raw;
          for (const [i, step] of path.entries()) {
            const keys = Object.keys(at);
            if (keys.length === 0) break;
            const key = keys[step % keys.length]!;
            const next = at[key];
            if (i === path.length - 1 || typeof next !== 'object' || next === null) {
              at[key] = plain(value ?? null);
              break;
            }
            at = next as Record<string, unknown>;
          }
          const read = readMaking(plain(raw));
          if (read.ok) expect([fits(read.making), fits.errors]).toEqual([true, null]);
        },
      ),
      { numRuns: runs(400, 6000) },
    );
  });
});
