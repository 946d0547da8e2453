import { inWords } from './text/phrase.js';
import { plan } from './plan.js';
import { demoDesigns } from './testing/designs.js';
import { whatIf } from './whatIf.js';

const design = demoDesigns()['brackenlow-pullover']!;
const now = plan(design);

describe('whatIf', () => {
  it('says what planning with the pin would say, and leaves the design as it is', () => {
    const pin = { size: 'M', quantity: 'back.width', count: 92 };
    const answer = whatIf(design, now, pin);
    const then = plan({ ...design, pins: [pin] });
    const moved = answer.counts.filter(({ size }) => size === 'M').map(({ quantity }) => quantity);
    expect(moved).toEqual(expect.arrayContaining(['front.width', 'shoulder.width']));
    for (const { size, quantity, before, after } of answer.counts) {
      const at = (of: typeof now) =>
        of.sizes.find(({ id }) => id === size)!.quantities.find(({ id }) => id === quantity)!.count;
      expect([before!.count, after!.count]).toEqual([at(now), at(then)]);
    }
    expect(answer.finished.find(({ size, id }) => size === 'M' && id === 'bust')).toMatchObject({
      before: (2 * 86) / 1.6,
      after: (2 * 92) / 1.6,
    });
    expect(design.pins).toEqual([]);
  });

  it('moves nothing where the count is what it is, and tells larger sizes that must not fall', () => {
    expect(whatIf(design, now, { size: 'M', quantity: 'back.width', count: 86 })).toMatchObject({
      counts: [],
      finished: [],
      stops: [],
    });
    const large = whatIf(design, now, { size: 'M', quantity: 'back.width', count: 100 });
    expect(new Set(large.counts.map(({ size }) => size)).size).toBeGreaterThan(1);
  });

  it('says why a count cannot be held', () => {
    const [stop] = whatIf(design, now, { size: 'M', quantity: 'neck.width', count: 31 }).stops;
    expect(inWords(stop!, 'cm')).toMatch(/^Neck, width 31 needs an odd number for Back, width/);
  });

  it('replaces a count held before', () => {
    const held = { ...design, pins: [{ size: 'M', quantity: 'back.width', count: 92 }] };
    const answer = whatIf(held, plan(held), { size: 'M', quantity: 'back.width', count: 86 });
    expect(answer.stops).toEqual([]);
    expect(answer.finished.find(({ size, id }) => size === 'M' && id === 'bust')!.after).toBeCloseTo(107.5);
  });
});
