import fc from 'fast-check';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { tailsOfSize } from '../write/joining.js';
import { assemblyOf } from './assembly.js';
import { SEAM_YARN, WEAVE_IN } from './tails.js';

const designs = demoDesigns();
const plans = Object.entries(designs).map(([name, design]) => [name, design, plan(design)] as const);

describe('assemblyOf', () => {
  it.each(plans)(
    'has every join in one step, blocking first and ends last: %s',
    (_name, _design, { sizes }) => {
      for (const { joins } of sizes) {
        const { steps, refused } = assemblyOf(joins);
        expect(refused).toEqual([]);
        expect(steps[0]!.id).toBe('block');
        expect(steps.at(-1)!.id).toBe('ends');
        const listed = steps.flatMap((step) => step.joins);
        expect([...listed].sort()).toEqual(joins.map(({ id }) => id).sort());
        expect(steps.map(({ id }) => id)).not.toContain('rest');
      }
    },
  );

  it('sets flat sleeves in before the sides are closed, and sleeves in rounds after', () => {
    const order = (name: string) =>
      assemblyOf(plans.find(([one]) => one === name)![2].sizes[0]!.joins).steps.map(({ id }) => id);
    const flat = order('hollinwood-jumper');
    expect(flat.indexOf('sleeves')).toBeLessThan(flat.indexOf('sides'));
    const round = order('quernmoss-pullover');
    expect(round.indexOf('sleeves')).toBeGreaterThan(round.indexOf('sides'));
  });

  it('takes another order where it can be worked, and says why where it cannot', () => {
    const { joins } = plans.find(([name]) => name === 'hollinwood-jumper')![2].sizes[0]!;
    const later = assemblyOf(joins, ['block', 'shoulders', 'sleeves', 'sides', 'hem', 'cuffs', 'neck']);
    expect(later.refused).toEqual([]);
    expect(later.steps.map(({ id }) => id)).toEqual([
      'block',
      'shoulders',
      'sleeves',
      'sides',
      'hem',
      'cuffs',
      'neck',
      'ends',
    ]);
    expect(assemblyOf(joins, ['block', 'sides', 'shoulders', 'sleeves']).refused).toEqual([
      'Sleeves must come before sides and sleeve seams: the sleeves are set in flat, and side and sleeve are closed in one run.',
    ]);
  });

  it('never gives an order in which a step comes before one that it needs', () => {
    for (const [, , { sizes }] of plans) {
      const { joins } = sizes[0]!;
      const ids = assemblyOf(joins).steps.map(({ id }) => id);
      fc.assert(
        fc.property(fc.shuffledSubarray(ids), (wanted) => {
          const { steps } = assemblyOf(joins, wanted);
          steps.forEach(({ needs }, at) => {
            for (const { step } of needs) expect(steps.findIndex(({ id }) => id === step)).toBeLessThan(at);
          });
        }),
        { numRuns: 20 },
      );
    }
  });
});

describe('tails', () => {
  it.each(plans)(
    'serve one seam each, long enough for it and for weaving in: %s',
    (_name, design, { sizes }) => {
      for (const size of sizes) {
        const tails = tailsOfSize(size, design);
        const used = tails.map(({ piece, copy, end }) => `${piece} ${copy} ${end}`);
        expect(new Set(used).size).toBe(used.length);
        const joined = tails.map(({ join }) => join);
        expect(new Set(joined).size).toBe(joined.length);
        for (const { join, length, piece, copy } of tails) {
          const { bLength, a, b } = size.joins.find(({ id }) => id === join)!;
          expect(length).toBeGreaterThanOrEqual(2 * bLength + WEAVE_IN - 1e-9);
          expect(length).toBeLessThanOrEqual(Math.max(...Object.values(SEAM_YARN)) * bLength + WEAVE_IN + 5);
          const own = size.pieces.find(({ id }) => id === piece)!.edges.map(({ id }) => id);
          expect([...a, ...b].some(({ edge }) => own.includes(edge))).toBe(true);
          expect(copy).toBeLessThanOrEqual(size.pieces.find(({ id }) => id === piece)!.copies);
        }
      }
    },
  );

  it('hang where the chain began: at the left of row 1, seen from the right side', () => {
    const [, design, { sizes }] = plans.find(([name]) => name === 'brackenlow-pullover')!;
    const starting = tailsOfSize(sizes[0]!, design).find(
      ({ piece, end }) => piece === 'back' && end === 'starting',
    )!;
    // Of the back, seen from its right side, the wearer's left lies at the left.
    expect(starting.join).toBe('side-left');
  });
});
