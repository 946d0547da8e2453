import type { WorkedEdge } from '../joins/audit.js';
import fc from 'fast-check';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { workedEdge } from '../testing/workedEdge.js';
import { seamsOf } from '../write/joining.js';
import { countBefore, pointAt, runsDown, shareAlong, shareInWords } from './along.js';
import { seamOf } from './seam.js';

/** The numbers of the rows whose ends make an edge, from its first row on. */
function rowNumbers({ place }: WorkedEdge): number[] {
  if (place.lies !== 'row ends') return [];
  return place.spans.flatMap(({ first, last }) =>
    Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i),
  );
}

const designs = demoDesigns();
const plans = Object.entries(designs).map(([name, design]) => [name, design, plan(design)] as const);

const edge = (id: string, count: number, length: number, axis: 'stitches' | 'rows' = 'rows') =>
  workedEdge(id, axis, count, length);

describe('seams of every demo design', () => {
  it.each(plans)('are marked and shared so that both sides add up: %s', (_name, design, { sizes }) => {
    for (const size of sizes)
      for (const [i, seam] of seamsOf(size, design).entries()) {
        const join = size.joins[i]!;
        expect(seam.stretches.reduce((sum, { a }) => sum + a, 0)).toBe(join.aCount);
        expect(seam.stretches.reduce((sum, { b }) => sum + b, 0)).toBe(join.bCount);
        expect(seam.methods).toContain(seam.method);
        // Row k to row k: a row-to-row seam has as many rows on both sides of every mark.
        if (join.kind === 'row-to-row') for (const { a, b } of seam.stretches) expect(a).toBe(b);
        if (seam.shares.length > 0) {
          expect(seam.shares.reduce((sum, { many }) => sum + many, 0)).toBe(
            join.aCount - (join.corners ?? 0),
          );
          for (const { each, many, count } of seam.shares) {
            expect(each.reduce((sum, one) => sum + one, 0)).toBe(many);
            expect(each).toHaveLength(count);
            expect(Math.max(...each) - Math.min(...each)).toBeLessThanOrEqual(1);
          }
        }
      }
  });

  it('name rows that the edge has, up one side of an armhole and down the other', () => {
    const [, design, { sizes }] = plans.find(([name]) => name === 'hollinwood-jumper')!;
    const size = sizes[2]!;
    const seam = seamsOf(size, design).find(({ join }) => join === 'armhole-left')!;
    const edges = new Map(size.pieces.flatMap(({ edges: of }) => of.map((one) => [one.id, one])));
    const [quarter, centre, three] = seam.marks;
    const [back, front] = [edges.get('back.armhole-left')!, edges.get('front.armhole-left')!];
    expect(rowNumbers(back)).toContain(quarter!.b.row);
    expect(centre!.b).toMatchObject({ edge: back.id, row: rowNumbers(back).at(-1) });
    expect(rowNumbers(front)).toContain(three!.b.row);
    // As far below the shoulder on the front as on the back.
    expect(rowNumbers(front).at(-1)! - three!.b.row! + 1).toBe(rowNumbers(back).at(-1)! - quarter!.b.row!);
    expect(runsDown([back, front], 1)).toBe(true);
  });
});

describe('shareAlong', () => {
  it('shares by length, adds up and spreads evenly, whatever the edges (exact arithmetic)', () => {
    const edges = fc.array(
      fc.record({
        count: fc.integer({ min: 1, max: 80 }),
        length: fc.double({ min: 0.5, max: 60, noNaN: true }),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(edges, fc.integer({ min: 0, max: 400 }), (list, many) => {
        const along = list.map(({ count, length }, i) => edge(`e${i}`, count, length));
        const shares = shareAlong(many, along);
        expect(shares.reduce((sum, share) => sum + share.many, 0)).toBe(many);
        const whole = list.reduce((sum, { length }) => sum + length, 0);
        shares.forEach((share, i) => {
          expect(Math.abs(share.many - (many * list[i]!.length) / whole)).toBeLessThan(1);
          expect(Math.max(...share.each) - Math.min(...share.each)).toBeLessThanOrEqual(1);
          expect(share.each.reduce((sum, one) => sum + one, 0)).toBe(share.many);
        });
      }),
    );
  });

  it('says how many in each place, so that the words add up again', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 90 }), (many, count) => {
        const [share] = shareAlong(many, [edge('e', count, 10)]);
        const said = shareInWords(share!);
        const skipping = /^1 in (\d+) of (\d+) row ends, (\d+) skipped/.exec(said);
        const each = /^(\d+) in each row end(?:, (\d+) in (\d+) of them)?/.exec(said);
        const total = skipping
          ? Number(skipping[1])
          : Number(each![1]) * count +
            (each![3] ? Number(each![3]) * (Number(each![2]) - Number(each![1])) : 0);
        expect(total).toBe(many);
        if (skipping) expect(Number(skipping[1]) + Number(skipping[3])).toBe(count);
      }),
    );
  });
});

it('puts a mark at its share of the length over several edges', () => {
  const edges = [
    edge('a', 10, 10, 'stitches'),
    workedEdge('b.armhole-left', 'rows', 20, 10, { role: 'armhole' }),
    workedEdge('c.armhole-left', 'rows', 20, 10, { role: 'armhole' }),
  ];
  expect(pointAt(edges, 0.5)).toMatchObject({ edge: 'b.armhole-left', after: 10, row: 20 });
  // Down the second armhole edge: its last row comes first.
  expect(pointAt(edges, 0.75)).toMatchObject({ edge: 'c.armhole-left', after: 5, row: 26 });
  expect(countBefore(edges, pointAt(edges, 0.75))).toBe(35);
});

it('takes the method wanted where the join can be made so, else the usual one', () => {
  const [, , { sizes }] = plans.find(([name]) => name === 'hollinwood-jumper')!;
  const size = sizes[0]!;
  const edges = new Map(size.pieces.flatMap(({ edges: of }) => of.map((one) => [one.id, one])));
  const join = (id: string) => size.joins.find((one) => one.id === id)!;
  const methods = { 'shoulder-left': 'whip stitch', 'side-left': 'crocheted while working' } as const;
  expect(seamOf(join('shoulder-left'), edges, { methods })).toMatchObject({
    method: 'whip stitch',
    facing: 'edges side by side, wrong sides up',
  });
  expect(seamOf(join('shoulder-right'), edges).method).toBe('slip stitch');
  expect(seamOf(join('side-left'), edges, { methods }).method).toBe('mattress stitch');
});
