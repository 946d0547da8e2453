import fc from 'fast-check';
import { FieldReader, type FieldProblem, type JsonObject } from '../check/fields.js';
import { cellsOf, type SheetCounts } from '../garment/constructions/squares/grid.js';
import type { DrawnSquare } from '../garment/construction.js';
import { mapFromTable, sizeOfSheet } from './importMap.js';
import { kindsByRule, neighboursOf } from './mapRules.js';
import { ringsOf, sheetMapSvg, spread } from './mapSvg.js';
import { mapOf, placeOf, spreadOut, hasEvenColumns, stitchesByColour } from './sheetMap.js';
import {
  colourOfRound,
  MAP_RULES,
  nextKind,
  readSquareColours,
  USUAL_COLOURS,
  type SquareColours,
} from './squareColours.js';

const SHEET: SheetCounts = {
  across: 9,
  down: 5,
  sleeve: 0,
  arm: 2,
  neck: 3,
  drop: 1,
  open: true,
  halves: false,
};
const squaresOf = (sheet: Partial<SheetCounts> = {}): DrawnSquare[] =>
  cellsOf({ ...SHEET, ...sheet }).map(({ layer, row, column, half }) => ({
    layer,
    row,
    column,
    half: half !== null,
    points: [],
  }));

const colours = (
  kinds: number,
  rule: SquareColours['rule'],
  more: Partial<SquareColours> = {},
): SquareColours => ({
  yarns: [
    { name: 'red', shown: '#aa2222' },
    { name: 'white', shown: '#ffffff' },
  ],
  kinds: Array.from({ length: kinds }, (_, i) => ({
    id: String.fromCharCode(65 + i),
    name: `Kind ${i + 1}`,
    rounds: ['red', 'white'],
  })),
  rule,
  ...more,
});

const grids = fc.record({
  across: fc.integer({ min: 3, max: 14 }),
  down: fc.integer({ min: 2, max: 9 }),
  seed: fc.integer({ min: 0, max: 50 }),
});

describe('the rule of a map', () => {
  it.each(['checks', 'scattered'] as const)('puts no two alike side by side: %s', (rule) => {
    fc.assert(
      fc.property(grids, fc.integer({ min: 2, max: 6 }), ({ across, down, seed }, many) => {
        const squares = squaresOf({ across, down, arm: 1, neck: across % 2, open: false });
        const places = squares.map((square) => spreadOut(square, hasEvenColumns(squares)));
        const kinds = kindsByRule(rule, places, many, seed);
        neighboursOf(places).forEach((near, i) => {
          for (const other of near) expect(kinds[other]).not.toBe(kinds[i]);
        });
      }),
      { numRuns: 60 },
    );
  });

  it('scatters as many of each kind as there are of any other, to one', () => {
    fc.assert(
      fc.property(grids, fc.integer({ min: 3, max: 6 }), ({ across, down, seed }, many) => {
        const { counts } = mapOf(squaresOf({ across, down, arm: 1, neck: across % 2 }), {
          ...colours(many, 'scattered'),
          seed,
        });
        const all = counts.map(({ whole, halves }) => whole + halves);
        expect(Math.max(...all) - Math.min(...all)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 40 },
    );
  });

  it('scatters otherwise for another seed, and the same for the same', () => {
    const kinds = (seed: number) =>
      mapOf(squaresOf(), colours(4, 'scattered', { seed })).squares.map(({ kind }) => kind);
    expect(kinds(1)).toEqual(kinds(1));
    expect(kinds(1)).not.toEqual(kinds(2));
  });

  it.each([
    ['rows', 'y'],
    ['columns', 'x'],
  ] as const)('goes by %s', (rule, along) => {
    const places = squaresOf().map((square) => spreadOut(square, false));
    kindsByRule(rule, places, 3).forEach((kind, i) => expect(kind).toBe(((places[i]![along] % 3) + 3) % 3));
  });

  it('lies alike about the fold and the middle whatever the size', () => {
    for (const rule of MAP_RULES.filter((one) => one !== 'scattered')) {
      const at = (down: number) =>
        new Map(
          mapOf(squaresOf({ down }), colours(3, rule)).squares.map((square) => [
            placeOf(square),
            square.kind,
          ]),
        );
      const [small, large] = [at(5), at(7)];
      for (const [place, kind] of small) if (large.has(place)) expect(large.get(place)).toBe(kind);
    }
  });
});

describe('squares placed by hand', () => {
  it('hide the rule, those of one size those of all', () => {
    const own = colours(3, 'one kind', {
      placed: { 'back 1 0': 'B', 'front 2 -1': 'B' },
      placedIn: { M: { 'back 1 0': 'C' } },
    });
    const kindAt = (size: string, place: string) =>
      mapOf(squaresOf(), own, size).squares.find((square) => placeOf(square) === place)!;
    expect(kindAt('M', 'back 1 0')).toMatchObject({ kind: 'C', byHand: 'size' });
    expect(kindAt('L', 'back 1 0')).toMatchObject({ kind: 'B', byHand: 'all' });
    expect(kindAt('L', 'back 2 0')).toMatchObject({ kind: 'A' });
    expect(kindAt('L', 'back 2 0').byHand).toBeUndefined();
  });

  it('stay where they lie from the middle, in sizes with an even number across as well', () => {
    const own = colours(2, 'one kind', { placed: { 'back 1 2': 'B', 'back 1 -2': 'B' } });
    for (const across of [8, 9]) {
      const { squares } = mapOf(squaresOf({ across, neck: across % 2 }), own);
      const placed = squares.filter(({ kind }) => kind === 'B');
      const xs = placed.map(
        (square) => spread(squares).squares.find((one) => placeOf(one) === placeOf(square))!.x,
      );
      expect(xs[0]! + xs[1]!).toBe(across - 1);
    }
  });
});

describe('colours by round', () => {
  it('go on with the last one named, and end in the border’s', () => {
    const kind = { rounds: ['red', 'white'] };
    expect([1, 2, 3, 4].map((n) => colourOfRound({}, kind, n, 4))).toEqual([
      'red',
      'white',
      'white',
      'white',
    ]);
    expect(colourOfRound({ border: 'red' }, kind, 4, 4)).toBe('red');
  });

  it('share out all stitches of all squares', () => {
    const { counts } = mapOf(squaresOf({ halves: true, neck: 3, open: false }), colours(3, 'checks'));
    const rounds = [12, 24, 36, 48];
    for (const which of ['whole', 'halves'] as const) {
      const many = counts.reduce((sum, one) => sum + one[which], 0);
      const shared = [...stitchesByColour(counts, {}, rounds, which).values()].reduce((a, b) => a + b, 0);
      expect(shared).toBe(many * 120);
    }
  });

  it('are drawn as rings from the outside in, each as large as its round', () => {
    expect(ringsOf(colours(1, 'one kind', { border: 'red' }), 'A', 4)).toEqual([
      { share: 1, shown: '#aa2222' },
      { share: 0.75, shown: '#ffffff' },
      { share: 0.25, shown: '#aa2222' },
    ]);
  });
});

describe('a map from a table', () => {
  const kinds = colours(3, 'one kind').kinds;
  it('is taken square by square, by letters or names, the front’s lower edge first', () => {
    const squares = squaresOf();
    const { columns, rows } = sizeOfSheet(squares);
    expect([columns, rows]).toEqual([9, 10]);
    const { squares: spreadOnes } = spread(mapOf(squares, colours(3, 'checks')).squares);
    const table = Array.from({ length: rows }, (_, y) =>
      Array.from({ length: columns }, (__, x) => {
        const found = spreadOnes.find((one) => one.x === x && one.y === y);
        return found ? (x % 2 ? found.kind : kinds.find(({ id }) => id === found.kind)!.name) : '';
      }),
    );
    const read = mapFromTable(table, kinds, squares);
    if (!read.ok) throw new Error(read.message);
    for (const square of spreadOnes) expect(read.placed[placeOf(square)]).toBe(square.kind);
    expect(Object.keys(read.placed)).toHaveLength(squares.length);
  });

  it('smaller than the sheet lies on its middle and leaves the rest', () => {
    const read = mapFromTable([['B'], ['C']], kinds, squaresOf());
    expect(read).toMatchObject({ ok: true });
    if (read.ok) expect(read.placed).toEqual({ 'back 1 0': 'C' });
  });

  it('says where a kind is that is not known', () => {
    expect(
      mapFromTable(
        [
          ['A', 'B'],
          ['A', 'mauve'],
        ],
        kinds,
        squaresOf(),
      ),
    ).toEqual({
      ok: false,
      message: 'Row 2, column 2 says “mauve”; the kinds of squares are A (Kind 1), B (Kind 2), C (Kind 3).',
    });
    expect(mapFromTable([], kinds, squaresOf())).toMatchObject({ ok: false });
  });
});

describe('what is read of colours', () => {
  const problems = (squares: object): string[] => {
    const found: FieldProblem[] = [];
    readSquareColours(new FieldReader({ squares } as unknown as JsonObject, 'finishing', found));
    return found.map(({ path, message }) => `${path}: ${message}`);
  };
  const good = colours(2, 'checks', { border: 'red', placed: { 'front 2 -1': 'B' } });

  it('is well where every colour is a yarn and every kind is there', () => {
    expect(problems(good)).toEqual([]);
    expect(problems(USUAL_COLOURS)).toEqual([]);
  });

  it.each([
    [
      { border: 'blue' },
      'finishing.squares.border: The last round of every square is in “blue”, which is none of the 2 yarns (red, white)',
    ],
    [
      { kinds: [{ id: 'A', name: 'Fern', rounds: ['red', 'plum'] }] },
      'Round 2 of “Fern” is in “plum”, which is none of the 2 yarns (red, white): add it to them, or take one of these.',
    ],
    [{ kinds: [{ id: 'A', name: 'Fern', rounds: [] }] }, '“Fern” wants the colours of its rounds'],
    [{ placed: { 'front 2 -1': 'Z' } }, 'is of kind “Z”, and there is no such kind'],
    [{ placed: { somewhere: 'A' } }, '“somewhere” is no place of a square'],
    [{ yarns: [] }, 'The squares want at least one yarn'],
    [
      {
        yarns: [
          { name: 'red', shown: 'rot' },
          { name: 'white', shown: '#ffffff' },
        ],
      },
      'is written as #6b7d3a, not “rot”',
    ],
  ])('tells what is wrong with %j', (wrong, sentence) => {
    expect(problems({ ...good, ...wrong }).join(' | ')).toContain(sentence);
  });

  it('gives the next kind the first letter that is free', () => {
    expect(nextKind([{ id: 'A' }, { id: 'C' }])).toBe('B');
  });
});

describe('a drawn map', () => {
  it('has every square with its letter, small for half squares', () => {
    const map = mapOf(squaresOf({ halves: true, neck: 3, open: false }), colours(3, 'checks'));
    const svg = sheetMapSvg(map, colours(3, 'checks'), { rounds: 5, title: '<Map>' });
    const letters = [...svg.matchAll(/>([A-Za-z])<\/text>/g)].map(([, letter]) => letter!);
    expect(letters).toHaveLength(map.squares.length);
    expect(letters.filter((letter) => letter === letter.toLowerCase())).toHaveLength(2);
    expect(svg).not.toMatch(/NaN|undefined|<Map>/);
  });
});
