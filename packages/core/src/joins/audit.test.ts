import fc from 'fast-check';
import { auditJoin, meetInWords, type WorkedEdge } from './audit.js';
import { workedEdge } from '../testing/workedEdge.js';
import { easeAllowed } from './join.js';

const join = (
  kind: 'stitch-to-stitch' | 'row-to-row' | 'stitch-to-row',
  a: WorkedEdge,
  b: WorkedEdge,
  gather?: number,
) =>
  auditJoin(
    { id: 'j', label: 'J', kind, a: [a.id], b: [b.id], ...(gather ? { gather } : {}) },
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

  it('eases in up to 3 % and never more than 1.5 cm', () => {
    expect(easeAllowed(30, 31)).toBeCloseTo(0.9);
    expect(easeAllowed(80, 81)).toBe(1.5);
    expect(
      join('stitch-to-row', workedEdge('a', 'stitches', 68, 42.5), workedEdge('b', 'rows', 46, 41.8)),
    ).toMatchObject({ ok: true, eased: expect.closeTo(0.7) });
    expect(
      join('stitch-to-row', workedEdge('a', 'stitches', 68, 42.5), workedEdge('b', 'rows', 46, 40.9)),
    ).toMatchObject({ ok: false });
    expect(
      join('stitch-to-row', workedEdge('a', 'stitches', 150, 92), workedEdge('b', 'rows', 90, 90.4)),
    ).toMatchObject({
      ok: false,
    });
  });

  it('measures a drawn-in band as stretched to its edge', () => {
    expect(
      join('stitch-to-row', workedEdge('a', 'rows', 90, 45), workedEdge('b', 'stitches', 80, 50), 0.9),
    ).toMatchObject({ ok: true, aLength: 50, eased: 0 });
  });

  it('is broken when an edge is missing', () => {
    const a = workedEdge('a', 'rows', 5, 5);
    expect(
      auditJoin({ id: 'j', label: 'J', kind: 'row-to-row', a: ['a'], b: ['gone'] }, new Map([['a', a]])).ok,
    ).toBe(false);
  });
});

describe('meetInWords', () => {
  it('says small repeats and what is left over', () => {
    expect(meetInWords(50, 'stitches', 50, 'rows')).toBe('1 stitch to 1 row');
    expect(meetInWords(60, 'stitches', 40, 'rows')).toBe('3 stitches to 2 rows');
    expect(meetInWords(64, 'stitches', 40, 'rows')).toBe(
      '3 stitches to 2 rows, 4 stitches more, 1 in every quarter',
    );
    expect(meetInWords(61, 'stitches', 40, 'rows')).toBe(
      '3 stitches to 2 rows, 1 stitch more, spread evenly',
    );
    expect(meetInWords(59, 'stitches', 40, 'rows')).toBe(
      '3 stitches to 2 rows, 1 stitch fewer, spread evenly',
    );
  });

  it('adds up again from its own words', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 300 }), fc.integer({ min: 2, max: 300 }), (a, b) => {
        const said = /^(\d+) stitch(?:es)? to (\d+) rows?(?:, (\d+) stitch(?:es)? (more|fewer))?/.exec(
          meetInWords(a, 'stitches', b, 'rows'),
        )!;
        const [p, q, extra] = [Number(said[1]), Number(said[2]), Number(said[3] ?? 0)];
        expect(Math.round((b * p) / q) + (said[4] === 'fewer' ? -extra : extra)).toBe(a);
      }),
    );
  });
});
