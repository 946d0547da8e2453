import { plan } from '../../../plan.js';
import { designWith, fabricOf, someBodies, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const three = ['S', 'M', 'L'].map((id, i) =>
  sizeOf(id, { bust: 90 + 9 * i, crossBack: 36 + i, backWaist: 41 }),
);
const made = (style: Record<string, unknown>, sizes = three) => {
  const design = designWith({
    sizes,
    graded: sizes === three,
    fabrics: [fabricOf('body', 13, 9, { flat: { multiple: 6, plus: 1 } }), fabricOf('rib', 18, 20)],
    style: { construction: 'two-halves', ease: 14, hem: { fabric: 'rib', height: 5 }, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;

describe('two halves', () => {
  it('come to the round wanted by the band at the centre back, to half a row of it (common practice)', () => {
    // Shells of 6 and 1 leave each half up to 2.3 cm off; the band makes up for both.
    for (const { finished } of made({}).sizes) {
      const bust = finished.find(({ id }) => id === 'bust')!;
      expect(Math.abs(bust.actual - bust.target)).toBeLessThanOrEqual(0.25 + 1e-9);
    }
  });

  it('are half a back and a front, alike on both sides', () => {
    for (const size of made({ neck: { drop: 20, shape: 'V' } }).sizes) {
      expect(count(size, 'back.half') + count(size, 'front.width')).toBe(count(size, 'half.width'));
      const [left, right] = ['left', 'right'].map((side) =>
        size.pieces.find(({ id }) => id === `half-${side}`)!,
      );
      for (const part of ['main', 'front-part', 'back-part']) {
        const of = (piece: typeof left) =>
          rowsOf(piece!.runs)
            .filter((row) => row.part === part)
            .map((row) => row.count);
        expect(of(left)).toEqual(of(right));
      }
    }
  });

  it.each(['gap', 'overlap', 'band', 'closed'])('have seams that agree, front %s', (style) => {
    for (const drop of [0, 9, 36])
      for (const size of made({
        front: { style, width: 4, fabric: 'rib' },
        neck: { drop },
        neckband: { fabric: 'rib', height: 3 },
      }).sizes) {
        expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
        expect(size.joins.some(({ id }) => id.startsWith('side-'))).toBe(false);
      }
  });

  it('are joined by a band picked up along one and sewn to the other', () => {
    const { sizes, text } = made({});
    for (const size of sizes) {
      const [picked, sewn] = ['centre-picked', 'centre-sewn'].map((id) =>
        size.joins.find((join) => join.id === id)!,
      );
      expect([picked!.kind, sewn!.kind]).toEqual(['pick-up', 'stitch-to-row']);
      expect(picked!.aCount).toBe(sewn!.aCount);
    }
    expect(text()).toContain('hem to hem');
    expect(text()).toContain('pick up');
  });

  // Heinz et al., "Exploring Relationships in Body Dimensions", 2003.
  it('fit measured adults without a broken join', () => {
    const bodies = someBodies(80).map(({ id, sex: _, ...body }) => sizeOf(id, body));
    for (const size of made({ neck: { drop: 22, shape: 'V' } }, bodies).sizes)
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
  });
});
