import { planFile } from '../../format/planFile.js';
import { plan } from '../../plan.js';
import { provePattern } from '../../read/pattern.js';
import { auditPlanFile } from '../../testing/auditor.js';
import { designWith, fabricOf } from '../../testing/designs.js';
import { GARMENTS } from '../../testing/garments.js';
import { constructionOf } from '../registry.js';
import { pattern } from '../../write/pattern.js';
import { patternToText } from '../../write/text.js';

const banded = (garment: object, front: object, fabrics = designWith({}).fabrics) =>
  designWith({
    fabrics,
    garment: { ...garment, front: { style: 'band', width: 4, ...front } } as never,
  });

/** Constructions whose fronts may have bands: those of a wrap have ties alone. */
const OPEN = GARMENTS.filter(([, { construction }]) => {
  const { front } = constructionOf(construction)!.fields as { front?: { fields: object } };
  return front !== undefined && 'style' in front.fields;
});

describe('front bands by ratio', () => {
  it.each(OPEN)('lead their count from the front edge of a %s, which stays as it is', (_, garment) => {
    const design = banded(garment, { pickUp: 'ratio', perRowEnd: 2 });
    const planned = plan(design);
    const byGauge = plan(banded(garment, {}));
    planned.sizes.forEach((size, i) => {
      const band = size.joins.find(({ id }) => id === 'band-left')!;
      const along = (axis: string) =>
        band.b.reduce((sum, edge) => sum + (edge.axis === axis ? edge.count : 0), 0);
      expect(Math.abs(band.aCount - 2 * along('rows') - along('stitches'))).toBeLessThanOrEqual(1);
      expect(band.ok).toBe(true);
      const other = byGauge.sizes[i]!.joins.find(({ id }) => id === 'band-left')!;
      expect(band.b).toEqual(other.b);
    });
    expect(
      auditPlanFile(
        JSON.parse(JSON.stringify(planFile(planned, 'cm'))) as Parameters<typeof auditPlanFile>[0],
        design,
      ),
    ).toEqual([]);
    const text = patternToText(pattern(planned, design, { units: 'cm' }));
    expect(provePattern(text, planned.sizes, {}, design).differences).toEqual([]);
  });

  it.each([
    ['sc', 1],
    ['hdc', 1.5],
    ['dc', 2],
    ['tr', 3],
  ] as const)('take what rows of %s usually take (common practice)', (stitch, each) => {
    const fabrics = [{ ...fabricOf('body', 16, 12), stitch }, fabricOf('rib', 20, 20)];
    const [size] = plan(
      banded({ construction: 'rectangles', hem: null, neckband: null }, { pickUp: 'ratio' }, fabrics),
    ).sizes;
    const band = size!.joins.find(({ id }) => id === 'band-left')!;
    expect(Math.abs(band.aCount - each * band.bCount)).toBeLessThanOrEqual(1);
    expect(band.ratio).toMatchObject({ each, of: stitch, field: 'front' });
  });

  it('are as long as the front edge where they go by their gauge', () => {
    const [size] = plan(banded({ construction: 'raglan' }, {})).sizes;
    const band = size!.joins.find(({ id }) => id === 'band-left')!;
    expect(band.ratio).toBeUndefined();
    expect(Math.abs(band.aLength - band.bLength)).toBeLessThan(1);
  });
});
