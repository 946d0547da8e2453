import fc from 'fast-check';
import { plan } from '../plan.js';
import { provePattern } from '../read/pattern.js';
import { demoDesigns, fabricOf } from '../testing/designs.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';
import { buttonholes } from './buttonholes.js';

const rib = fabricOf('rib', 18, 21);

describe('buttonholes', () => {
  it('spaces holes within a stitch of each other and uses every stitch of the band', () => {
    const wish = fc.record({
      count: fc.integer({ min: 1, max: 12 }),
      width: fc.integer({ min: 1, max: 4 }),
      fromLower: fc.double({ min: 0, max: 8, noNaN: true }),
      fromUpper: fc.double({ min: 0, max: 8, noNaN: true }),
      side: fc.constant('right' as const),
    });
    fc.assert(
      fc.property(wish, fc.integer({ min: 10, max: 200 }), (buttons, stitches) => {
        const made = buttonholes(buttons, stitches, 5, rib);
        if (!made.ok) return;
        const { gaps, width, centres, row } = made.row;
        expect(gaps.reduce((sum, gap) => sum + gap, 0) + buttons.count * width).toBe(stitches);
        expect(gaps).toHaveLength(buttons.count + 1);
        const inner = gaps.slice(1, -1);
        if (inner.length > 0) expect(Math.max(...inner) - Math.min(...inner)).toBeLessThanOrEqual(1);
        if (inner.length > 0) expect(Math.min(...inner)).toBeGreaterThanOrEqual(1);
        expect([...centres].sort((a, b) => a - b)).toEqual(centres);
        expect(row).toBe(3);
      }),
    );
  });

  it('says why holes do not fit, with the number that would', () => {
    const buttons = { count: 20, width: 3, fromLower: 2, fromUpper: 2, side: 'left' as const };
    const made = buttonholes(buttons, 60, 5, rib);
    expect(made).toEqual({
      ok: false,
      message: expect.stringMatching(/20 buttonholes .* do not fit .*; 13 would/),
    });
    expect(buttonholes({ ...buttons, count: 13 }, 60, 5, rib).ok).toBe(true);
    expect(buttonholes({ ...buttons, count: 14 }, 60, 5, rib).ok).toBe(false);
    expect(buttonholes({ ...buttons, count: 2 }, 60, 2, rib)).toMatchObject({ ok: false });
  });

  it('are left out of the text, with the reason, for sizes that they do not fit', () => {
    const demo = demoDesigns()['pippinmoor-baby-cardigan']!;
    for (const count of [8, 14, 40]) {
      const buttons = { ...demo.finishing!.buttons!, count };
      const design = { ...demo, finishing: { buttons } };
      const planned = plan(design);
      const text = patternToText(pattern(planned, design, { terms: 'us', units: 'cm' }));
      expect(provePattern(text, planned.sizes, {}, design).differences).toEqual([]);
      expect(text.includes('do not fit')).toBe(count > 8);
    }
  });
});
