import { plan } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { forScreen } from '../worker/screen';
import { arrange, fittingScale } from './arrange';

const design = demoDesign('brackenlow-pullover');
const planned = { sizes: plan(design).sizes.map(forScreen) };

describe.each([
  ['the table', { width: 884, height: 580 }],
  ['beside a panel', { width: 572, height: 700 }],
])('arrange, %s', (_, box) => {
  it.each(planned.sizes.map(({ id }, index) => [id, index] as const))(
    'keeps size %s inside its box, to scale',
    (_id, index) => {
      const size = planned.sizes[index]!;
      const scale = fittingScale(size, box);
      const placed = arrange(size, box, scale);
      const points = placed.pieces.flatMap(({ polygons }) => polygons.flat());
      for (const [x, y] of points) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(box.width);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(box.height);
      }
      const back = placed.pieces
        .find(({ key }) => key === 'back')!
        .polygons.flat()
        .map(([x]) => x);
      expect((Math.max(...back) - Math.min(...back)) / scale).toBeCloseTo(size.quantities[0]!.actual, 6);
    },
  );

  it('draws every join whose edges lie apart, each label inside the box', () => {
    const size = planned.sizes[4]!;
    const placed = arrange(size, box, fittingScale(size, box));
    const drawn = placed.joins.map(({ id }) => id);
    const hidden = size.joins.map(({ id }) => id).filter((id) => !drawn.includes(id));
    expect(hidden).toEqual(['hem-side-left', 'hem-side-right', 'cuff-seam-left', 'cuff-seam-right']);
    for (const { label } of placed.joins)
      expect(label[0] > 0 && label[0] < box.width && label[1] > 0 && label[1] < box.height).toBe(true);
  });
});
