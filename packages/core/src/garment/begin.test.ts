import { fieldAt } from '../fields/words.js';
import { readDesign } from '../format/readDesign.js';
import { STANDARD_CHARTS } from '../chart/standard.js';
import { originOf } from '../chart/chart.js';
import { CONSTRUCTIONS } from './registry.js';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { begunDesign, easeOf } from './begin.js';
import { toSwatchLater, USUAL_YARNS } from '../fabric/usualYarns.js';

const WHOM = STANDARD_CHARTS.map(({ id, chart }) => ({ id, chart }));

describe.each(CONSTRUCTIONS.map(({ id }) => id))('a %s', (construction) => {
  it.each(WHOM.map(({ chart }) => [chart.name, chart] as const))(
    'begun for %s can be worked in every size',
    (_, chart) => {
      const design = begunDesign({
        name: 'Begun',
        construction,
        sizes: chart.sizes,
        chart: originOf('chart', chart),
        fabric: toSwatchLater(USUAL_YARNS[2]!),
      });
      const read = readDesign(JSON.parse(JSON.stringify(design)));
      expect(read).toMatchObject({ ok: true });
      const stopped = plan(design).sizes.filter(({ pieces }) => pieces.length === 0);
      expect(stopped.map(({ label, notes }) => [label, notes[0]])).toEqual([]);
    },
  );

  it('takes what it is asked for where it has that', () => {
    const { garment } = begunDesign({
      name: 'Begun',
      construction,
      fields: { 'front.style': 'gap', 'neck.shape': 'V', 'sleeve.length': 'short', nonsense: 1 },
      sits: 'loose',
    });
    const { fields } = CONSTRUCTIONS.find(({ id }) => id === construction)!;
    expect('nonsense' in garment).toBe(false);
    expect(garment['front']).toEqual(fieldAt(fields, 'front.style') ? { style: 'gap' } : undefined);
    expect(garment['ease']).toEqual('ease' in fields ? 12 : undefined);
  });
});

it('takes garment, sizes and fabrics of another design, and lets go of what was held there', () => {
  const from = demoDesigns()['brackenlow-pullover']!;
  const design = begunDesign({ name: 'After it', from, construction: from.garment.construction });
  expect(design).toEqual({ ...from, name: 'After it', pins: [] });
  const small = begunDesign({
    name: 'For children',
    from,
    construction: 'raglan',
    sizes: WHOM.find(({ chart }) => chart.sizes[0]!.group === 'child')!.chart.sizes,
  });
  expect(small.fabrics).toBe(from.fabrics);
  expect(small.chart).toBeUndefined();
  expect(readDesign(JSON.parse(JSON.stringify(small)))).toMatchObject({ ok: true });
});

it('does not know a construction that there is none of', () => {
  expect(() => begunDesign({ name: 'x', construction: 'cape' })).toThrow(RangeError);
});

it('eases children and babies less than adults', () => {
  expect(['adult', 'child', 'baby'].map((group) => easeOf('classic', group as 'adult'))).toEqual([8, 6, 5]);
});
