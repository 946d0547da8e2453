import { auditJoin, type WorkedEdge } from './audit.js';
import { workedEdge } from '../testing/workedEdge.js';
import { easeAllowed } from './join.js';

const join = (
  kind: 'stitch-to-stitch' | 'row-to-row' | 'stitch-to-row',
  a: WorkedEdge,
  b: WorkedEdge,
  gather?: number,
) =>
  auditJoin(
    { id: 'j', role: 'side', label: 'J', kind, a: [a.id], b: [b.id], ...(gather ? { gather } : {}) },
    new Map([a, b].map((one) => [one.id, one])),
  );

describe('auditJoin', () => {
  it('wants equal counts where stitches meet stitches and rows meet rows', () => {
    expect(
      join('stitch-to-stitch', workedEdge('a', 'stitches', 28, 17.5), workedEdge('b', 'stitches', 28, 17.5))
        .ok,
    ).toBe(true);
    expect(
      join('stitch-to-stitch', workedEdge('a', 'stitches', 28, 17.5), workedEdge('b', 'stitches', 27, 17.5))
        .ok,
    ).toBe(false);
    expect(join('row-to-row', workedEdge('a', 'rows', 50, 45), workedEdge('b', 'rows', 51, 45)).ok).toBe(
      false,
    );
  });

  const meets = (aCount: number, aLength: number, bCount: number, bLength: number) =>
    join(
      'stitch-to-row',
      workedEdge('a', 'stitches', aCount, aLength),
      workedEdge('b', 'rows', bCount, bLength),
    );

  it('eases in 3 % of a long seam, and never more than 1.5 cm', () => {
    const fine = (length: number) => ({ length, unit: 0.5 });
    expect(easeAllowed(fine(42), fine(41))).toBeCloseTo(1.23);
    expect(easeAllowed(fine(80), fine(81))).toBe(1.5);
    expect(meets(68, 42.5, 46, 41.4)).toMatchObject({ ok: true, eased: expect.closeTo(1.1) });
    expect(meets(68, 42.5, 46, 41.1)).toMatchObject({ ok: false });
    expect(meets(150, 92, 90, 90.4)).toMatchObject({ ok: false });
  });

  it('eases in a centimetre of a short seam, whatever its share', () => {
    // 1.09 in against 1.23 in; a cuff of 15.0 cm against 15.6.
    expect(meets(5, 1.09 * 2.54, 4, 1.23 * 2.54)).toMatchObject({ ok: true });
    expect(meets(24, 15, 30, 15.6)).toMatchObject({ ok: true });
    expect(meets(24, 15, 30, 16.1)).toMatchObject({ ok: false });
  });

  it('eases in a stitch or a row of the coarser side, as it lies along the seam', () => {
    // Rows of 1.6 cm against stitches of 0.6: one row may be wanting, but not more.
    expect(meets(30, 18, 10, 16.4)).toMatchObject({ ok: true });
    expect(meets(30, 18, 10, 16)).toMatchObject({ ok: false });
    expect(
      join('stitch-to-row', workedEdge('a', 'rows', 10, 12), workedEdge('b', 'stitches', 40, 16.2), 0.8),
    ).toMatchObject({ ok: true, aLength: 15 });
  });

  it('measures a drawn-in band as stretched to its edge', () => {
    expect(
      join('stitch-to-row', workedEdge('a', 'rows', 90, 45), workedEdge('b', 'stitches', 80, 50), 0.9),
    ).toMatchObject({ ok: true, aLength: 50, eased: 0 });
  });

  it('is broken when an edge is missing', () => {
    const a = workedEdge('a', 'rows', 5, 5);
    expect(
      auditJoin(
        { id: 'j', role: 'side', label: 'J', kind: 'row-to-row', a: ['a'], b: ['gone'] },
        new Map([['a', a]]),
      ).ok,
    ).toBe(false);
  });
});
