import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import fc from 'fast-check';
import { plan } from '../plan.js';
import { anyDesign } from '../testing/anyDesign.js';
import { runs } from '../testing/deep.js';
import { demoDesigns, designWith, sizeOf } from '../testing/designs.js';
import { newDesign } from './newDesign.js';
import { planFile } from './planFile.js';
import { LONGEST_FILE, readDesign, readDesignText } from './readDesign.js';

const schema = (name: string) =>
  JSON.parse(readFileSync(join(__dirname, '../../../../docs/formats', name), 'utf8')) as object;
const ajv = new Ajv({ strictTypes: false });
const fitsDesign = ajv.compile(schema('design.schema.json'));
const fitsPlan = ajv.compile(schema('plan.schema.json'));
const problems = (raw: unknown) => {
  const read = readDesign(raw);
  return read.ok ? [] : read.problems;
};
/** The starting design as plain JSON with one field set by its path. */
function broken(path: string, value: unknown): unknown {
  const raw = JSON.parse(JSON.stringify(newDesign('Test'))) as Record<string, unknown>;
  const keys = path.split('.');
  let at: Record<string, unknown> = raw;
  for (const key of keys.slice(0, -1)) at = at[key] as Record<string, unknown>;
  if (value === undefined) delete at[keys.at(-1)!];
  else at[keys.at(-1)!] = value;
  return raw;
}

describe('readDesign', () => {
  it('reads the demo designs and what the schema allows', () => {
    for (const design of Object.values(demoDesigns()))
      expect([fitsDesign(design), fitsDesign.errors]).toEqual([true, null]);
    fc.assert(
      fc.property(
        anyDesign,
        (design) => fitsDesign(JSON.parse(JSON.stringify(design))) && readDesign(design).ok,
      ),
      { numRuns: 50 },
    );
  });

  it.each([
    ['sizes.0.body.bust', 0, 'sizes[0].body.bust', 'Bust or chest is 0; it can be 20 to 250 cm.'],
    ['sizes.0.body.bust', -5, 'sizes[0].body.bust', 'Bust or chest is -5; it can be 20 to 250 cm.'],
    ['sizes.0.body.bust', 1e9, 'sizes[0].body.bust', /it can be 20 to 250/],
    [
      'sizes.0.body.bust',
      'wide',
      'sizes[0].body.bust',
      'Bust or chest is “wide”; a number from 20 to 250 cm belongs here.',
    ],
    ['sizes.0.body', {}, 'sizes[0].body.bust', /give the bust or chest round/],
    ['sizes', [], 'sizes', /at least one size/],
    ['sizes.1.id', 'S', 'sizes[1].id', /Two sizes are called/],
    ['fabrics.0.gauge.stitches', 0, 'fabrics[0].gauge.stitches', /it can be 0.5 to 500/],
    ['fabrics.0.gauge.rowsOver', undefined, 'fabrics[0].gauge.rowsOver', /is “?nothing/],
    [
      'fabrics.0.rule.flat.multiple',
      0,
      'fabrics[0].rule.flat.multiple',
      /The flat rule’s multiple is 0; it can be 1 to 200/,
    ],
    ['fabrics.0.rule.flat.multiple', 2.5, 'fabrics[0].rule.flat.multiple', /a whole number belongs here/],
    ['garment.construction', 'cloud', 'garment.construction', /it can be “drop-shoulder”/],
    ['garment.ease', 'much', 'garment.ease', /The ease is “much”/],
    ['garment.ease', { all: 10, sizes: { M: 900 } }, 'garment.ease.sizes.M', /it can be -40 to 80 cm/],
    ['garment.fabric', 'silk', 'garment.fabric', /it can be “body”, “rib”/],
    ['garment.hem', { fabric: 'rib', height: 5, gather: 0.2 }, 'garment.hem.gather', /it can be 0.7 to 1/],
    [
      'pins',
      [{ size: 'XXL', quantity: 'back.width', count: 80 }],
      'pins[0].size',
      /which this design does not have/,
    ],
    [
      'pins',
      [
        { size: 'M', quantity: 'a', count: 1 },
        { size: 'M', quantity: 'a', count: 2 },
      ],
      'pins[1].quantity',
      /held twice/,
    ],
    ['name', '', 'name', /1 to 200 characters/],
    ['units', 'yards', 'units', /it can be “cm”, “in”/],
    [
      'version',
      2,
      'version',
      'The file has version 2, made by a newer Upfell; this one reads up to version 1.',
    ],
    ['version', 'one', 'version', /a whole number/],
    ['format', 'upfell/plan', 'format', /a design file says/],
  ])('answers %s = %j at the place, with what would be right', (path, value, where, message) => {
    const found = problems(broken(path, value));
    expect(found[0]?.path).toBe(where);
    expect(found[0]?.message).toEqual(typeof message === 'string' ? message : expect.stringMatching(message));
  });

  it('refuses what is no JSON, no object, or too long', () => {
    expect(readDesignText('{oops')).toMatchObject({
      ok: false,
      problems: [{ message: 'This is not a design file: it is not JSON.' }],
    });
    expect(readDesignText('[1]')).toMatchObject({ ok: false });
    expect(readDesignText(' '.repeat(LONGEST_FILE + 1))).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining('MB') }],
    });
  });

  it('finds everything at once, and never throws whatever it is given', () => {
    expect(problems({ format: 'upfell/design', version: 1 }).map(({ path }) => path)).toEqual([
      'name',
      'sizes',
      'fabrics',
      'garment',
    ]);
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const read = readDesign({
          format: 'upfell/design',
          version: 1,
          name: 'x',
          sizes: value,
          fabrics: value,
          garment: value,
          pins: value,
        });
        // The same value is never a list of sizes and a garment at once.
        expect(read.ok).toBe(false);
        if (!read.ok)
          for (const { path, message } of read.problems)
            expect([path, message]).toEqual([expect.stringMatching(/./), expect.stringMatching(/\.$/)]);
      }),
    );
  });

  it('keeps what it reads as usual of a person who says neither group nor arm', () => {
    const read = readDesign({
      ...newDesign('Test'),
      people: [{ id: 'a', name: 'A', readings: { bust: [92] } }],
    });
    expect(read.ok && read.design.people).toEqual([
      { id: 'a', name: 'A', group: 'adult', arm: 'flexed', readings: { bust: [92] } },
    ]);
  });

  it('takes a script in a name as text', () => {
    const read = readDesign(broken('name', '<script>alert(1)</script>'));
    expect(read.ok && read.design.name).toBe('<script>alert(1)</script>');
  });

  it('keeps unknown fields, migrates older files, and reads its own writing', () => {
    const old = {
      ...(broken('version', undefined) as object),
      fixed: [{ size: 'M', quantity: 'back.width', count: 84 }],
      studio: { shelf: 3 },
    } as Record<string, unknown>;
    delete old['pins'];
    const read = readDesign(old);
    expect(read).toMatchObject({
      ok: true,
      design: { version: 1, pins: [{ count: 84 }], studio: { shelf: 3 } },
    });
    if (read.ok) expect(readDesignText(JSON.stringify(read.design))).toEqual(read);
  });
});

describe('planFile', () => {
  it('fits its schema for the demo designs and random ones', () => {
    const some = [
      ...Object.values(demoDesigns()),
      ...fc.sample(anyDesign, { numRuns: runs(10, 40), seed: 3 }),
      designWith({ sizes: [sizeOf('S', { bust: 80 })], style: { hem: null, cuff: null } }),
    ];
    for (const design of some) {
      const file: unknown = JSON.parse(JSON.stringify(planFile(plan(design), 'cm')));
      expect([fitsPlan(file), fitsPlan.errors]).toEqual([true, null]);
    }
  });
});
