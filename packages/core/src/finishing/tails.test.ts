import { plan } from '../plan.js';
import type { SizePlan } from '../sizePlan.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { tailsOfSize } from '../write/joining.js';

const garment = (style: Record<string, unknown>, rows = 12) => {
  const design = designWith({
    sizes: [sizeOf('M', { bust: 96, crossBack: 38 })],
    fabrics: [fabricOf('body', 18, rows), fabricOf('rib', 18, 20)],
    style,
  });
  const [size] = plan(design).sizes;
  return { size: size!, tails: tailsOfSize(size!, design) };
};
const piece = (size: SizePlan, id: string) => size.pieces.find((one) => one.id === id)!;

describe('tails', () => {
  it('of a pair serve the seams of their own side: the first piece is the left one', () => {
    let pairs = 0;
    for (const design of Object.values(demoDesigns()))
      for (const size of plan(design).sizes)
        for (const tail of tailsOfSize(size, design)) {
          if (piece(size, tail.piece).copies !== 2) continue;
          const side = /-(left|right)$/.exec(tail.join)?.[1];
          if (!side) continue;
          pairs += 1;
          expect([tail.join, tail.copy]).toEqual([tail.join, side === 'left' ? 1 : 2]);
        }
    expect(pairs).toBeGreaterThan(100);
  });

  it.each([12, 12.4, 12.8, 13.2])(
    'at the end of a back hang at the shoulder where its last row ends (%s rows in 10 cm)',
    (rows) => {
      const { size, tails } = garment({ ease: 10 }, rows);
      const { last } = piece(size, 'back').ends;
      // Right-side rows go from right to left.
      const side = last.side === 'RS' ? 'left' : 'right';
      const ending = tails.filter(
        ({ piece: of, end, join }) => of === 'back' && end === 'ending' && /^shoulder/.test(join),
      );
      expect(ending.map(({ join }) => join)).toEqual([`shoulder-${side}`]);
    },
  );

  it('are left for no seam where the sleeve is worked into the underarm of a yoke', () => {
    for (const construction of ['raglan', 'round-yoke']) {
      const { size, tails } = garment({ construction, sleeve: { worked: 'rounds' } });
      const underarm = size.joins.filter(({ id }) => id.startsWith('underarm'));
      expect(underarm.map(({ kind, ok }) => [kind, ok])).toEqual([
        ['live', true],
        ['live', true],
      ]);
      expect(tails.filter(({ join }) => join.startsWith('underarm'))).toEqual([]);
    }
  });
});

describe('a panel in the middle of a fabric', () => {
  it.each(['drop-shoulder', 'notched', 'set-in', 'over-shoulders'])(
    'lies in the middle of the sleeve as well: %s',
    (construction) => {
      for (const panel of [9, 10])
        for (const sleeve of [{ worked: 'up' }, { worked: 'down' }, { worked: 'down', rounds: 'joined' }]) {
          const design = designWith({
            sizes: [84, 92, 100].map((bust) => sizeOf(`${bust}`, { bust })),
            fabrics: [{ ...fabricOf('body', 17, 12), panel }, fabricOf('rib', 18, 20)],
            style: { construction, sleeve },
          });
          for (const { quantities } of plan(design).sizes)
            for (const id of ['back.width', 'sleeve.top', 'sleeve.cuff'])
              expect((quantities.find((quantity) => quantity.id === id)!.count - panel) % 2).toBe(0);
        }
    },
  );
});
