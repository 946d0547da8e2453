import fc from 'fast-check';
import { plan } from '../plan.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { tailsOfSize } from '../write/joining.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';
import { assemblyOf } from './assembly.js';
import { SEAM_YARN, WEAVE_IN } from './tails.js';

const designs = demoDesigns();
const plans = Object.entries(designs).map(([name, design]) => [name, design, plan(design)] as const);

describe('assemblyOf', () => {
  it.each(plans)(
    'has every join in one step, blocking first and ends last: %s',
    (_name, _design, { sizes }) => {
      for (const { joins } of sizes) {
        const { steps, refused } = assemblyOf({ joins });
        expect(refused).toEqual([]);
        expect(steps[0]!.id).toBe('block');
        expect(steps.at(-1)!.id).toBe('ends');
        const listed = steps.flatMap((step) => step.joins);
        expect([...listed].sort()).toEqual(joins.map(({ id }) => id).sort());
        expect(steps.map(({ id }) => id)).not.toContain('rest');
      }
    },
  );

  describe('in words', () => {
    const written = (style: Record<string, unknown>) => {
      const design = designWith({
        sizes: [sizeOf('M', { bust: 96 })],
        fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20)],
        style: { ease: 12, ...style },
      });
      const planned = plan(design);
      return {
        steps: assemblyOf(planned.sizes[0]!).steps,
        text: patternToText(pattern(planned, design, { terms: 'us', units: 'cm' })),
      };
    };
    const neckband = { fabric: 'rib', height: 3 };

    it('asks whether the head passes of a closed neck alone', () => {
      const neck = (style: string) =>
        written({ front: { style, width: 4 }, neckband }).steps.find(({ id }) => id === 'neck')!.says;
      expect(neck('closed')).toContain('does the head pass?');
      for (const style of ['gap', 'overlap', 'band']) expect(neck(style)).not.toContain('head');
    });

    it('names no rib that is not there', () => {
      const band = { style: 'band', width: 4 };
      const bare = written({ front: band, neckband: null, hem: null });
      expect(bare.text).toContain('evenly along the front edge;');
      expect(bare.steps.find(({ id }) => id === 'bands')!.says).toBe('Work the bands along the front edges.');
      const hemmed = written({ front: band, neckband: null });
      expect(hemmed.text).toContain('evenly along the front edge, hem rib included;');
      expect(hemmed.text).not.toMatch(/neckband/i);
      expect(written({ front: band, neckband }).text).toContain(
        'the front edge, hem rib and neckband included;',
      );
    });

    it('leaves no tail for a seam at what is in no seam', () => {
      const { text } = written({ front: { style: 'gap', width: 3, ties: 2 } });
      const tie = text.split('## ').find((section) => section.startsWith('Tie'))!;
      expect(tie).toMatch(/Fasten off\.$/m);
      expect(tie).not.toContain('tail');
    });
  });

  it('sets flat sleeves in before the sides are closed, and sleeves in rounds after', () => {
    const order = (name: string) =>
      assemblyOf(plans.find(([one]) => one === name)![2].sizes[0]!).steps.map(({ id }) => id);
    const flat = order('hollinwood-jumper');
    expect(flat.indexOf('sleeves')).toBeLessThan(flat.indexOf('sides'));
    const round = order('quernmoss-pullover');
    expect(round.indexOf('sleeves')).toBeGreaterThan(round.indexOf('sides'));
  });

  it('takes another order where it can be worked, and says why where it cannot', () => {
    const { joins } = plans.find(([name]) => name === 'hollinwood-jumper')![2].sizes[0]!;
    const later = assemblyOf({ joins }, ['block', 'shoulders', 'sleeves', 'sides', 'hem', 'cuffs', 'neck']);
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
    expect(assemblyOf({ joins }, ['block', 'sides', 'shoulders', 'sleeves']).refused).toEqual([
      'Sleeves must come before sides and sleeve seams: the sleeves are set in flat, and side and sleeve are closed in one run.',
    ]);
  });

  it('never gives an order in which a step comes before one that it needs', () => {
    for (const [, , { sizes }] of plans) {
      const { joins } = sizes[0]!;
      const ids = assemblyOf({ joins }).steps.map(({ id }) => id);
      fc.assert(
        fc.property(fc.shuffledSubarray(ids), (wanted) => {
          const { steps } = assemblyOf({ joins }, wanted);
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
