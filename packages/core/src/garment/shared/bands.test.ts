import { plan } from '../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../testing/designs.js';
import { pattern } from '../../write/pattern.js';
import { patternToText } from '../../write/text.js';
import { rowsOf } from '../../work/runs.js';

const rib = fabricOf('rib', 18, 24, { flat: { multiple: 2, plus: 0 } });
const made = (style: Record<string, unknown>) => {
  const band = { worked: 'up', fabric: 'rib', height: 5, gather: 0.95 };
  const design = designWith({
    sizes: ['S', 'M'].map((id, i) => sizeOf(id, { bust: 92 + 8 * i, crossBack: 37 })),
    fabrics: [fabricOf('body', 15, 11), rib],
    style: { ease: 10, hem: band, cuff: band, neckband: band, armband: band, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};

describe('ribs worked up from their edge', () => {
  it.each([
    'drop-shoulder',
    'set-in',
    'vest',
    'side-to-side',
    'over-shoulders',
    'two-halves',
    'tube',
    'raglan',
    'round-yoke',
  ])('are picked up along it, their stitches in the rib’s own rule: %s', (construction) => {
    for (const size of made({ construction, ...(construction === 'tube' ? { ease: -8 } : {}), sleeve: {} })
      .sizes) {
      const hem = size.pieces.find(({ id }) => id === 'hem')!;
      const of = (id: string) => size.quantities.find((one) => one.id === id)!;
      expect([of('hem.rows').axis, of('hem.height').axis]).toEqual(['stitches', 'rows']);
      expect(of('hem.rows').count % 2).toBe(0);
      expect(rowsOf(hem.runs)).toHaveLength(of('hem.height').count);
      expect(rowsOf(hem.runs)[0]!.count).toBe(of('hem.rows').count);
      // 12 rows of 24 in 10 cm are the 5 cm wanted.
      expect(of('hem.height').count).toBe(12);
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
      const join = size.joins.find(({ a }) => a[0]?.edge === 'hem.joined')!;
      expect(join.kind).toBe('pick-up');
    }
  });

  it('meet at their ends row to row, and are written so', () => {
    const { sizes, text } = made({ construction: 'drop-shoulder' });
    expect(sizes[0]!.joins.find(({ id }) => id === 'hem-side-left')!.kind).toBe('row-to-row');
    expect(sizes[0]!.joins.find(({ id }) => id === 'cuff-seam-left')!.kind).toBe('row-to-row');
    expect(text).toMatch(/Hem rib to back: pick up .* sts along the .* sts of the edge/);
    expect(text).toContain('evenly along the lower edge');
    expect(text).toContain('evenly along the end of the sleeve');
  });

  it('count their height in a length as ribs worked sideways do', () => {
    for (const worked of ['up', 'sideways']) {
      const { sizes } = made({ construction: 'drop-shoulder', hem: { worked, fabric: 'rib', height: 5 } });
      for (const { finished } of sizes) {
        const length = finished.find(({ id }) => id === 'length')!;
        expect(Math.abs(length.actual - length.target)).toBeLessThan(0.7);
      }
    }
  });
});
