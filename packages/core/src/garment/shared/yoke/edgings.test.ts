import type { Design } from '../../../design.js';
import { plan } from '../../../plan.js';
import { demoDesigns } from '../../../testing/designs.js';

const designs = demoDesigns();
const YOKES = ['marlbank-pullover', 'sedgecombe-cardigan', 'harrowmere-jumper', 'pebblewick-pullover'];
const BANDS = /^(neckband|hem|cuff|band)\./;
const countsOf = (design: Design, which: (id: string) => boolean) =>
  plan(design).sizes.map(({ quantities }) =>
    Object.fromEntries(quantities.filter(({ id }) => which(id)).map(({ id, count }) => [id, count])),
  );
const withGarment = (design: Design, more: object): Design => ({
  ...design,
  garment: { ...design.garment, ...more },
});

describe('edgings that follow the finished edges', () => {
  it.each(YOKES)('never move the garment: %s', (name) => {
    const design = designs[name]!;
    const pieces = (one: Design) => countsOf(one, (id) => !BANDS.test(id));
    const other = withGarment(design, {
      neckband: { fabric: design.fabrics[1]!.id, height: 7, gather: 0.9 },
    });
    expect(pieces(other)).toEqual(pieces(design));
  });

  it.each(YOKES)('lie along their edges within what a seam eases in: %s', (name) => {
    for (const size of plan(designs[name]!).sizes)
      for (const join of size.joins.filter(({ id }) => /^(neckband|hem|cuff-|band)/.test(id)))
        expect([size.id, join.id, join.ok]).toEqual([size.id, join.id, true]);
  });

  it('can be held like any count, and hold only themselves', () => {
    const design = designs['marlbank-pullover']!;
    const before = countsOf(design, () => true)[2]!;
    const held = {
      ...design,
      pins: [{ size: 'M', quantity: 'neckband.rows', count: before['neckband.rows']! + 2 }],
    };
    const after = countsOf(held, () => true)[2]!;
    expect(after).toEqual({ ...before, 'neckband.rows': before['neckband.rows']! + 2 });
    expect(plan(held).sizes[2]!.quantities.find(({ id }) => id === 'neckband.rows')!.pinned).toBe(true);
  });

  it('follow a held count of the garment', () => {
    const design = designs['marlbank-pullover']!;
    const before = countsOf(design, () => true)[2]!;
    const held = {
      ...design,
      pins: [{ size: 'M', quantity: 'sleeve.cuff', count: before['sleeve.cuff']! + 6 }],
    };
    const after = countsOf(held, () => true)[2]!;
    expect(after['sleeve.cuff']).toBe(before['sleeve.cuff']! + 6);
    expect(after['cuff.rows']).toBeGreaterThan(before['cuff.rows']!);
  });
});
