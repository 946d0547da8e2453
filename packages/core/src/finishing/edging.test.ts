import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import type { Fabric } from '../fabric/fabric.js';
import { PICKED_PER_ROW, verdictOf } from '../joins/pickUp.js';
import { checkEdging } from './edging.js';

const rib = fabricOf('rib', 18, 21);

describe('checkEdging', () => {
  const design = designWith({
    sizes: [sizeOf('M', { bust: 96 })],
    fabrics: [{ ...fabricOf('body', 15, 9), stitch: 'dc' }, rib],
    style: {
      front: { style: 'band', width: 4, fabric: 'rib' },
      hem: { fabric: 'rib', height: 5, gather: 0.9 },
    },
  });
  const [size] = plan(design).sizes;
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const edges = new Map(
    size!.pieces.flatMap(({ fabric, edges: of }) =>
      of.map((edge) => [edge.id, { ...edge, fabric: fabrics.get(fabric)! as Fabric }] as const),
    ),
  );
  const check = (id: string) =>
    checkEdging(
      size!.joins.find((join) => join.id === id)!,
      edges,
    );

  it('finds a planned band fine, and tells what the rule of thumb would pick up', () => {
    const band = check('band-left')!;
    expect(band.verdict).toBe('fine');
    // 2 for each dc row, 1 for each stitch of a rib's end (common practice).
    const join = size!.joins.find(({ id }) => id === 'band-left')!;
    const rule = join.b.reduce(
      (sum, { edge, count }) => sum + count * (edges.get(edge)!.axis === 'rows' ? 2 : 1),
      0,
    );
    expect(band.byRule!.count).toBe(rule);
    expect(PICKED_PER_ROW).toMatchObject({ sc: 1, hdc: 1.5, dc: 2, tr: 3 });
  });

  it('takes a band that draws in as stretched to its edge, and says nothing of plain seams', () => {
    expect(check('hem-back')).toMatchObject({ verdict: 'fine', byRule: null });
    expect(check('hem-back')!.length).toBeLessThan(0.95 * check('hem-back')!.edge);
    expect(check('shoulder-left')).toBeNull();
  });

  it('counts the inner corners of a square neck and of a stepped armhole, and none of a round neck', () => {
    const corners = (style: Record<string, unknown>, join: string) => {
      const of = designWith({ sizes: [sizeOf('M', { bust: 96 })], fabrics: design.fabrics, style });
      const [planned] = plan(of).sizes;
      const all = planned!.pieces.flatMap(({ fabric, edges: own }) =>
        own.map((one) => [one.id, { ...one, fabric: fabrics.get(fabric)! as Fabric }] as const),
      );
      return checkEdging(
        planned!.joins.find(({ id }) => id === join)!,
        new Map(all),
      )!.innerCorners;
    };
    const neckband = { fabric: 'rib', height: 3, gather: 1 };
    expect(corners({ neck: { shape: 'square', drop: 8 }, neckband }, 'neckband')).toBe(2);
    expect(corners({ neck: { shape: 'round', drop: 8 }, neckband }, 'neckband')).toBe(0);
    expect(corners({ construction: 'vest', armband: { fabric: 'rib', height: 2 } }, 'armband-left')).toBe(2);
  });

  it('ruffles when longer by more than a twentieth, pulls when shorter', () => {
    expect([verdictOf(44, 40), verdictOf(41, 40), verdictOf(39, 40), verdictOf(36, 40)]).toEqual([
      'ruffles',
      'fine',
      'fine',
      'pulls',
    ]);
  });
});
