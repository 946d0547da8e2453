import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { cellsOf, cornersOf, edgesOf, meetings, widthOf, type SheetCounts } from './grid.js';

/** Any sheet that a garment may have. */
const sheets = fc
  .record({
    across: fc.integer({ min: 3, max: 14 }),
    down: fc.integer({ min: 2, max: 9 }),
    sleeve: fc.integer({ min: 0, max: 5 }),
    arm: fc.integer({ min: 1, max: 8 }),
    neckPairs: fc.integer({ min: 0, max: 5 }),
    drop: fc.integer({ min: 1, max: 5 }),
    open: fc.boolean(),
    halves: fc.boolean(),
  })
  .map(({ neckPairs, ...rest }): SheetCounts => {
    const neck = Math.min(rest.across - 2, (rest.across % 2) + 2 * neckPairs);
    const down = rest.halves ? Math.max(rest.down, Math.floor(neck / 2) + 1) : rest.down;
    return { ...rest, neck, down, arm: Math.min(rest.arm, down - 1), drop: Math.min(rest.drop, down - 1) };
  })
  // A closed front without a neck of its own is no garment.
  .filter(({ open, neck }) => open || neck > 0);

const turned = (inside: number) => (180 - inside) / 360;

describe('a sheet of squares', () => {
  it('has the area of its squares inside its edges (polygon area by d3-polygon)', () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        const squares = cellsOf(sheet).reduce((sum, { half }) => sum + (half === null ? 1 : 0.5), 0);
        const ways = edgesOf(sheet);
        const inside = ways.reduce((sum, way) => sum + polygonArea(way.map(({ from }) => [...from])), 0);
        // Clockwise with y upwards is above 0 there, a neck inside goes the other way round.
        expect(Math.abs(inside)).toBeCloseTo(squares, 9);
        for (const cell of cellsOf(sheet))
          expect(Math.abs(polygonArea(cornersOf(cell).map((at) => [...at])))).toBe(
            cell.half === null ? 1 : 0.5,
          );
      }),
    );
  });

  it('has edges that follow each other and turn once round, a neck inside the other way', () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        edgesOf(sheet).forEach((way, w) => {
          way.forEach((edge, i) => {
            expect(way[(i + 1) % way.length]!.from).toEqual(edge.to);
            const length = Math.hypot(edge.to[0] - edge.from[0], edge.to[1] - edge.from[1]);
            expect(length).toBeCloseTo(edge.squares * (edge.aslant ? Math.SQRT2 : 1), 9);
          });
          const turns = way.reduce((sum, { inside }) => sum + turned(inside), 0);
          expect(turns).toBeCloseTo(w === 0 ? 1 : -1, 9);
        });
      }),
    );
  });

  it('joins every two squares that lie beside each other, counted one by one', () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        const cells = cellsOf({ ...sheet, halves: false });
        const middle = widthOf(sheet) / 2;
        const has = (x: number, y: number) => cells.some((cell) => cell.x === x && cell.y === y);
        const parted = (x: number, y: number) => sheet.open && y >= sheet.down && x + 1 === middle;
        const across = cells.filter(({ x, y }) => has(x + 1, y) && !parted(x, y)).length;
        const down = cells.filter(({ x, y }) => has(x, y + 1)).length;
        expect(meetings({ ...sheet, halves: false })).toEqual({ across, down });
      }),
    );
  });

  it('lies alike on both sides, and has sides that meet', () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        const width = widthOf(sheet);
        const cells = cellsOf(sheet).map(({ x, y, half }) => `${x} ${y} ${half ?? ''}`);
        const mirrored = cellsOf(sheet).map(
          ({ x, y, half }) =>
            `${width - 1 - x} ${y} ${half === null ? '' : half === 'left' ? 'right' : 'left'}`,
        );
        expect([...mirrored].sort()).toEqual([...cells].sort());
        const squares = (kind: string, side: string) =>
          edgesOf(sheet)
            .flat()
            .filter((edge) => edge.kind === kind && edge.side === side)
            .reduce((sum, edge) => sum + edge.squares, 0);
        for (const side of ['left', 'right']) {
          expect(squares('back side', side)).toBe(sheet.down - sheet.arm);
          expect(squares('front side', side)).toBe(sheet.down - sheet.arm);
          expect(squares('back sleeve', side)).toBe(sheet.sleeve);
          expect(squares('front sleeve', side)).toBe(sheet.sleeve);
          expect(squares('opening', side)).toBe(2 * sheet.arm);
        }
      }),
    );
  });

  // Makers' arithmetic (common practice): nine across and five down over the fold, the middle column of the front left out.
  it('of nine across and five down has 9 × 10 squares less those of the front’s middle', () => {
    const sheet = { across: 9, down: 5, sleeve: 0, arm: 2, neck: 1, drop: 1, open: true, halves: false };
    expect(cellsOf(sheet)).toHaveLength(9 * 10 - 5);
    const [edge] = edgesOf(sheet);
    expect(edge!.map(({ kind, squares }) => `${kind} ${squares}`)).toEqual([
      'back side 3',
      'opening 4',
      'front side 3',
      'front hem 4',
      'front edge 5',
      'back neck 1',
      'front edge 5',
      'front hem 4',
      'front side 3',
      'opening 4',
      'back side 3',
      'back hem 9',
    ]);
  });
});
