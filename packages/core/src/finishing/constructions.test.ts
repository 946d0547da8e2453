import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { SIX_FABRICS } from '../testing/sixFabrics.js';
import { seamsOf, tailsOfSize } from '../write/joining.js';
import { schematicOf, schematicSvg } from '../write/schematic.js';
import { stepSvg } from '../write/stepDrawing.js';
import { assemblyOf } from './assembly.js';

describe.each(GARMENTS)('%s', (_name, garment) => {
  it.each(SIX_FABRICS)(
    'in %s: every seam is described, every step is drawn, nothing is left over',
    (_fabric, fabric) => {
      const design = designWith({
        sizes: [84, 120].map((bust) => sizeOf(`${bust}`, { bust })),
        fabrics: [fabric, fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } })],
        garment,
      });
      for (const size of plan(design).sizes) {
        const seams = seamsOf(size, design);
        seams.forEach(({ stretches, marks }, i) => {
          const { aCount, bCount } = size.joins[i]!;
          expect(stretches.reduce((sum, { a }) => sum + a, 0)).toBe(aCount);
          expect(stretches.reduce((sum, { b }) => sum + b, 0)).toBe(bCount);
          for (const { a, b } of marks) expect([a.after, b.after].every(Number.isInteger)).toBe(true);
        });
        const { steps, refused } = assemblyOf(size);
        expect(refused).toEqual([]);
        expect(steps.map(({ id }) => id)).not.toContain('rest');
        // What is only picked up leaves no seam for a tail, and squares are joined with yarn of their own.
        const tailed = new Set(
          size.pieces.flatMap(({ id, role }) => (role === 'square' || role === 'sheet' ? [] : id)),
        );
        const sewn = size.joins.some(
          ({ kind, a, b }) =>
            kind !== 'pick-up' && kind !== 'live' && [...a, ...b].some(({ piece }) => tailed.has(piece)),
        );
        expect(tailsOfSize(size, design).length > 0).toBe(sewn);
        const drawings = [
          schematicSvg(size.pieces.map(schematicOf), { width: 740, units: 'in' }),
          ...steps.filter(({ joins }) => joins.length > 0).map(({ joins }) => stepSvg(size, joins)),
        ];
        for (const svg of drawings) {
          expect(svg).toMatch(/^<svg /);
          expect(svg).not.toMatch(/NaN|undefined|Infinity/);
        }
      }
    },
  );
});
