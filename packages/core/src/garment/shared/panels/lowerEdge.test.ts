import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { heightOf, rowsOf } from '../../../work/runs.js';

const fabrics = [fabricOf('body', 20, 14), fabricOf('rib', 18, 20)];
const made = (style: Record<string, unknown>) => {
  const design = designWith({ sizes: [sizeOf('M', { bust: 96 })], fabrics, style });
  return {
    size: plan(design).sizes[0]!,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['size'];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const edge = (size: Planned, id: string) =>
  size.pieces.flatMap(({ edges }) => edges).find((one) => one.id === id)!;

describe.each(['drop-shoulder', 'notched', 'vest'])('the lower edge of a %s', (construction) => {
  it.each(['closed', 'overlap'])(
    'may be slit at the sides (front %s): open below, one seam above',
    (style) => {
      const { size, text } = made({ construction, slit: 12, front: { style, width: 6 } });
      const slit = count(size, 'slit.rows');
      expect(Math.abs(slit / 1.4 - 12)).toBeLessThanOrEqual(0.5);
      for (const side of ['left', 'right']) {
        expect(edge(size, `front.slit-${side}`)).toMatchObject({ count: slit, open: true });
        expect(edge(size, `front.side-${side}`).count).toBe(count(size, 'side.rows') - slit);
        expect(edge(size, `back.side-${side}`).count).toBe(edge(size, `front.side-${side}`).count);
      }
      expect(size.joins.some(({ id }) => id.startsWith('hem-side'))).toBe(false);
      expect(size.joins.every(({ ok }) => ok)).toBe(true);
      expect(text()).toContain('Side seam above the slit, both');
    },
  );

  it('may be lower at the back: by whole pairs of rows, its seam as long as the front’s', () => {
    const { size } = made({ construction, longerBack: 5 });
    const longer = count(size, 'back.longer');
    expect(longer % 2).toBe(0);
    const [back, front] = ['back', 'front'].map((id) => size.pieces.find((piece) => piece.id === id)!);
    expect(rowsOf(back!.runs).length - heightOf(front!.runs)).toBe(longer);
    expect(edge(size, 'back.slit-left')).toMatchObject({ count: longer, open: true });
    expect(edge(size, 'back.side-left').count).toBe(edge(size, 'front.side-left').count);
    const lengths = ['length', 'lengthBack'].map((id) => size.finished.find((one) => one.id === id)!.actual);
    expect(lengths[1]! - lengths[0]!).toBeCloseTo(longer / 1.4, 8);
  });
});

it('never slits away the whole seam', () => {
  const { size } = made({ slit: 60 });
  expect(edge(size, 'front.side-left').count).toBeGreaterThanOrEqual(2);
});
