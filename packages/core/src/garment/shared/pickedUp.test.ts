import { planFile } from '../../format/planFile.js';
import { plan } from '../../plan.js';
import { provePattern } from '../../read/pattern.js';
import { auditPlanFile } from '../../testing/auditor.js';
import { designWith } from '../../testing/designs.js';
import { GARMENTS } from '../../testing/garments.js';
import { constructionOf } from '../registry.js';
import { pattern } from '../../write/pattern.js';
import { patternToText } from '../../write/text.js';

const RATIO = { pickUp: 'ratio', perRowEnd: 1.5 } as const;
const RIB = { fabric: 'rib', height: 3, worked: 'up' } as const;

/** What may be picked up along row ends besides front bands: the garment with it by ratio, and its join. */
const WAYS = [
  ['hood', 'hood', { hood: RATIO, neckband: null }],
  ['neckband', 'neckband', { hood: null, neckband: { ...RIB, ...RATIO } }],
  ['armband', 'armband-left', { sleeve: null, armband: { ...RIB, ...RATIO } }],
  ['centre', 'centre-picked', { centre: RATIO }],
  ['hem', 'hem-back', { hem: { ...RIB, ...RATIO } }],
  ['cuff', 'cuff-left', { cuff: { ...RIB, ...RATIO } }],
] as const;

/** What it takes for a neck that something can be picked up along. */
const OPEN_AT_THE_NECK: Readonly<Record<string, object>> = { hexagons: { top: { left: 'open' } } };

/** The ways of each construction whose fields have a ratio for them. */
const CASES = GARMENTS.flatMap(([name, garment]) => {
  const fields = constructionOf(garment.construction)!.fields as Record<string, { fields?: object }>;
  return WAYS.flatMap(([field, join, style]) =>
    fields[field]?.fields && 'perRowEnd' in fields[field].fields
      ? [[field, name, join, { ...garment, ...OPEN_AT_THE_NECK[garment.construction], ...style }] as const]
      : [],
  );
});

describe('what is picked up by ratio', () => {
  it.each(CASES)('takes so many stitches of each row end: %s of %s', (field, _, id, garment) => {
    const design = designWith({ garment: garment as never });
    const planned = plan(design);
    for (const { joins } of planned.sizes) {
      const join = joins.find((one) => one.id === id);
      // A garment whose sleeves grow with its body has no armhole to edge.
      if (!join && field === 'armband') continue;
      const along = (axis: string) =>
        join!.b.reduce((sum, edge) => sum + (edge.axis === axis ? edge.count : 0), 0);
      expect(join!.ratio).toMatchObject({ each: 1.5, field });
      expect(Math.abs(join!.aCount - 1.5 * along('rows') - along('stitches'))).toBeLessThanOrEqual(1);
      expect(join!.ok).toBe(true);
    }
    const file = JSON.parse(JSON.stringify(planFile(planned, 'cm'))) as Parameters<typeof auditPlanFile>[0];
    expect(auditPlanFile(file, design)).toEqual([]);
    const text = patternToText(pattern(planned, design, { units: 'cm' }));
    expect(provePattern(text, planned.sizes, {}, design).differences).toEqual([]);
  });

  it('of a neckband that pulls is told, with the ratio that lies flat as one click', () => {
    const design = designWith({
      garment: {
        construction: 'drop-shoulder',
        neckband: { ...RIB, pickUp: 'ratio', perRowEnd: 0.5 },
      } as never,
    });
    const [size] = plan(design).sizes;
    const note = size!.notes.find(({ code, where }) => code === 'picked-up-pulls' && where === 'neckband')!;
    const [fix] = note.fixes!;
    const [{ path, value }] = fix!.set as [{ path: string; value: number }];
    expect(path).toBe('garment.neckband.perRowEnd');
    const flat = plan({
      ...design,
      garment: { ...design.garment, neckband: { ...RIB, pickUp: 'ratio', perRowEnd: value } } as never,
    }).sizes[0]!.joins.find(({ id }) => id === 'neckband')!;
    expect(Math.abs(flat.aLength / flat.bLength - 1)).toBeLessThan(0.06);
  });
});
