import { planFile } from '../format/planFile.js';
import { plan } from '../plan.js';
import { auditPlanFile } from '../testing/auditor.js';
import { DEEP } from '../testing/deep.js';
import { openBodies } from '../body/openBodies.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { SIX_FABRICS } from '../testing/sixFabrics.js';

/** All bodies in a deep run; else one in eighteen for each fabric, which together see a third of them. */
const STEP = DEEP ? 1 : 18;
const bodies = openBodies().map(({ id, sex: _, ...body }) => sizeOf(id, body));

/** Body measurements: Heinz et al., "Exploring Relationships in Body Dimensions", 2003 (254 of its adults). */
describe.each(GARMENTS)('%s over 254 measured adults', (_, garment) => {
  it.each(SIX_FABRICS.map(([name, fabric], i) => [name, fabric, i] as const))(
    'in %s: every rule of the plan file holds, no seam is out of reach, no sleeve too long',
    (_name, fabric, turn) => {
      const design = designWith({
        graded: false,
        sizes: bodies.filter((_one, i) => i % STEP === (3 * turn) % STEP),
        fabrics: [fabric, fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } })],
        garment,
      });
      const planned = plan(design);
      // The audit reads every row anew: a fifth of the people will do for it.
      const some = { ...planned, sizes: planned.sizes.filter((_one, i) => i % 5 === 0) };
      type File = Parameters<typeof auditPlanFile>[0];
      expect(auditPlanFile(JSON.parse(JSON.stringify(planFile(some, 'cm'))) as File, design)).toEqual([]);
      for (const { notes, joins } of planned.sizes) {
        expect(joins.filter(({ ok }) => !ok).map(({ id }) => id)).toEqual([]);
        const codes = notes.map(({ code }) => code);
        expect(codes).not.toContain('sleeve-longer-than-arm');
        expect(codes).not.toContain('no-counts');
      }
    },
  );
});
