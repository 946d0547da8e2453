import fc from 'fast-check';
import type { Design } from '../../../design.js';
import { planFile } from '../../../format/planFile.js';
import { plan } from '../../../plan.js';
import type { SizePlan } from '../../../sizePlan.js';
import { auditPlanFile } from '../../../testing/auditor.js';
import { anyFabric } from '../../../testing/anyDesign.js';
import { runs } from '../../../testing/deep.js';
import { designWith, fabricOf, someBodies, sizeOf } from '../../../testing/designs.js';
import { rowsOf } from '../../../work/runs.js';

const bodies = someBodies(80);
const anyBody = fc.constantFrom(...bodies).map(({ id, sex: _, ...body }) => sizeOf(`b${id}`, body));

/** A design of any yoke over one or two of the open bodies, which are no range. */
const anyYoke: fc.Arbitrary<Design> = fc
  .record({
    fabrics: fc.tuple(anyFabric('body'), anyFabric('rib')),
    sizes: fc.array(anyBody, { minLength: 1, maxLength: 2 }),
    construction: fc.constantFrom('raglan', 'round-yoke'),
    ease: fc.integer({ min: -5, max: 25 }),
    front: fc.constantFrom('closed', 'closed', 'gap', 'overlap', 'band'),
    neck: fc.constantFrom('level', 'short rows', 'round', 'V'),
    drop: fc.integer({ min: 2, max: 14 }),
    line: fc.constantFrom(
      { stitches: 0 },
      { stitches: 1 },
      { stitches: 2 },
      { school: 'corner' },
      { school: 'alternating' },
    ),
    rounds: fc.constantFrom('joined', 'turned'),
    rates: fc.record({
      everyRow: fc.constantFrom(1, 1, 2),
      order: fc.constantFrom('fast first', 'slow first', 'mixed'),
      bodyFast: fc.constantFrom(null, 0, 30, 80),
    }),
    shape: fc.constantFrom('straight', 'A-line', 'waist'),
    sleeve: fc.record({
      worked: fc.constantFrom('rounds', 'rows'),
      placement: fc.constantFrom('underarm', 'spread'),
    }),
    increases: fc.constantFrom({ rounds: 3 }, { rounds: 5, motif: 4 }, { rounds: 'many', motif: 6 }),
  })
  .map(({ fabrics, sizes, front, neck, drop, shape, construction, ...style }) => ({
    ...designWith({
      graded: false,
      fabrics,
      sizes: sizes.map((size, i) => ({ ...size, id: `${size.id}-${i}` })),
    }),
    garment: {
      ...style,
      construction,
      front: { style: front, width: front === 'band' ? 3 : 6 },
      // The round yoke has no falling neck.
      neck: { shape: construction === 'round-yoke' && /round|V/.test(neck) ? 'level' : neck, drop },
      body: { shape },
    },
  }));

const edge = (size: SizePlan, id: string) =>
  size.pieces.flatMap(({ edges }) => edges).find((one) => one.id === id)?.count ?? NaN;
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;

describe('garments from the neck down', () => {
  it('hold the identities of the split, whatever the body, fabric and style', () => {
    let planned = 0;
    fc.assert(
      fc.property(anyYoke, (design) => {
        const open = (design.garment['front'] as { style: string }).style !== 'closed';
        for (const size of plan(design).sizes) {
          if (size.pieces.length === 0) {
            expect(size.notes.some(({ level }) => level === 'stop')).toBe(true);
            continue;
          }
          planned += 1;
          const sum = (piece: string, ids: string[]) =>
            ids.reduce((all, id) => all + edge(size, `${piece}.${id}`), 0);
          const body = open ? ['front-right', 'back', 'front-left'] : ['back-left', 'front', 'back-right'];
          const yoke = size.pieces.find(({ id }) => id === 'yoke')!;
          // front + sleeve + back + sleeve + front = all stitches of the yoke's last row
          expect(sum('yoke', [...body, 'sleeve-left', 'sleeve-right'])).toBe(rowsOf(yoke.runs).at(-1)!.count);
          // the body: fronts + back + two underarm chains
          const chain = count(size, 'underarm.chain');
          expect(sum('yoke', body) + 2 * chain).toBe(count(size, 'body.round'));
          // each sleeve: its stitches of the yoke + one underarm chain
          expect(edge(size, 'yoke.sleeve-left') + chain).toBe(count(size, 'sleeve.top'));
          expect(edge(size, 'yoke.sleeve-right')).toBe(edge(size, 'yoke.sleeve-left'));
          if (open) expect(edge(size, 'yoke.front-left')).toBe(edge(size, 'yoke.front-right'));
          for (const join of size.joins) if (join.kind === 'live') expect(join).toMatchObject({ ok: true });
        }
      }),
      { numRuns: runs(40, 60) },
    );
    expect(planned).toBeGreaterThan(runs(40, 60));
  });

  it('are sound plan files', () => {
    fc.assert(
      fc.property(anyYoke, (design) => {
        const file = JSON.parse(JSON.stringify(planFile(plan(design), 'cm'))) as never;
        expect(auditPlanFile(file, design)).toEqual([]);
      }),
      { numRuns: runs(15, 25) },
    );
  });
});

describe('measured adults', () => {
  // No stop: every one of these bodies can wear every one of these garments as they are usually made.
  it.each([
    ['raglan', {}],
    ['raglan', { front: { style: 'band', width: 3 }, neck: { shape: 'V', drop: 16 } }],
    ['raglan', { line: { school: 'corner' }, neck: { shape: 'short rows', drop: 4 }, rounds: 'turned' }],
    ['round-yoke', { increases: { rounds: 4, motif: 2 } }],
    ['round-yoke', { front: { style: 'overlap', width: 4 } }],
  ])('wear a %s %j without a stop', (construction, style) => {
    const sizes = bodies.map(({ id, sex: _, ...body }) => sizeOf(id, body));
    const fabrics = [fabricOf('body', 16, 11), fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } })];
    const planned = plan({
      ...designWith({ graded: false, fabrics, sizes }),
      garment: { construction, ...style },
    });
    const stops = planned.sizes.flatMap(({ id, notes }) =>
      notes.filter(({ level }) => level === 'stop').map(({ code }) => `${id} ${code}`),
    );
    expect(stops).toEqual([]);
  });
});
