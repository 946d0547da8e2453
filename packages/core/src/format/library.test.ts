import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import { STANDARD_CHARTS } from '../chart/standard.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { readChart, readLibraryFabric } from './library.js';

const schema = (name: string) =>
  JSON.parse(readFileSync(join(__dirname, '../../../../docs/formats', name), 'utf8')) as object;
const ajv = new Ajv({ strictTypes: false, strictRequired: false });
const fitsChart = ajv.compile(schema('chart.schema.json'));
const fitsFabric = ajv.compile(schema('fabric.schema.json'));
const fabric = { format: 'upfell/fabric', version: 1, ...STITCH_PATTERNS[0]!.fabric };
const chart = STANDARD_CHARTS[0]!.chart;

it('reads what the schemas allow', () => {
  for (const one of STANDARD_CHARTS)
    expect([fitsChart(one.chart), readChart(one.chart).ok]).toEqual([true, true]);
  for (const { fabric: own } of STITCH_PATTERNS) {
    const document = { format: 'upfell/fabric', version: 1, ...own };
    expect([fitsFabric(document), readLibraryFabric(document).ok]).toEqual([true, true]);
  }
});

it.each([
  ['another format', { ...chart, format: 'upfell/design' }, 'format'],
  ['a newer version', { ...chart, version: 2 }, 'version'],
  ['no name', { ...chart, name: ' ' }, 'name'],
  ['no sizes', { ...chart, sizes: [] }, 'sizes'],
  ['one id twice', { ...chart, sizes: [chart.sizes[0], chart.sizes[0]] }, 'sizes[1].id'],
  ['a huge bust', { ...chart, sizes: [{ id: 'S', body: { bust: 9000 } }] }, 'sizes[0].body.bust'],
])('refuses a chart with %s, at its place', (_, raw, path) => {
  const read = readChart(raw);
  expect(read.ok ? null : read.problems[0]!.path).toBe(path);
});

it.each([
  ['no gauge', { ...fabric, gauge: undefined }, 'gauge'],
  ['a swatch of no rows', { ...fabric, gauge: { ...fabric.gauge, rows: 0 } }, 'gauge.rows'],
  [
    'a reading of nothing',
    { ...fabric, readings: [{ ...fabric.gauge, stitches: 0 }] },
    'readings[0].stitches',
  ],
  [
    'a rule of 0',
    { ...fabric, rule: { ...fabric.rule, flat: { multiple: 0, plus: 0 } } },
    'rule.flat.multiple',
  ],
  ['rows of no height', { ...fabric, rowTypes: [{ name: 'a', height: 0 }] }, 'rowTypes[0].height'],
  ['a unit of no stitches', { ...fabric, unit: { name: 'tiles', stitches: 0, plus: 0 } }, 'unit.stitches'],
  ['a turning chain of its own kind', { ...fabric, turning: 'sometimes' }, 'turning'],
  ['a ball of nothing', { ...fabric, ball: { grams: 0, metres: 100 } }, 'ball.grams'],
])('refuses a fabric with %s, at its place', (_, raw, path) => {
  const read = readLibraryFabric(JSON.parse(JSON.stringify(raw)));
  expect(read.ok ? null : read.problems[0]!.path).toBe(path);
  expect(fitsFabric(JSON.parse(JSON.stringify(raw)))).toBe(false);
});
