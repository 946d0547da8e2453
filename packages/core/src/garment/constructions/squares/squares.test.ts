import type { Garment } from '../../../design.js';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { openLoops } from '../../../borders/openEdges.js';
import { plan } from '../../../plan.js';
import { provePattern } from '../../../read/pattern.js';
import type { SizePlan } from '../../../sizePlan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { inWords } from '../../../text/phrase.js';
import { heightOf } from '../../../work/runs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';

/** Clusters that lie flat. */
const clusters = (height: number) => ({
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'granny-clusters')!.fabric,
  id: 'body',
  gauge: { stitches: 3, stitchesOver: 2 * height, rows: 1, rowsOver: height },
  swatch: { width: 10, height: 10, metres: 20 },
});
const designed = (garment: object, more: object = {}) =>
  designWith({
    graded: false,
    sizes: [sizeOf('one', { bust: 96, upperArm: 31, crossBack: 37, shoulderToWrist: 58 })],
    fabrics: [clusters(1), fabricOf('rib', 18, 20)],
    garment: { construction: 'squares', ...garment } as Garment,
    ...more,
  });
const planned = (...args: Parameters<typeof designed>) => plan(designed(...args)).sizes[0]!;
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;
const of = (size: SizePlan, id: string) => size.finished.find((one) => one.id === id)!;

describe('a garment of squares', () => {
  it('has sides of as many stitches on every square, so that all joins match', () => {
    const { pieces, joins } = planned({ square: { rounds: 5 } });
    const square = pieces.find(({ role }) => role === 'square')!;
    expect(new Set(square.edges.map((edge) => edge.count))).toEqual(new Set([15]));
    for (const join of joins.filter(({ role }) => role === 'squares'))
      expect([join.aCount, join.bCount]).toEqual([15, 15]);
  });

  it('is as wide as from elbow to elbow in whole squares and rows, and says what else it could be', () => {
    const size = planned({});
    // 37 / 2 + 55 % of 58 from the middle, twice.
    expect(of(size, 'width').target).toBeCloseTo(2 * 2 * (18.5 + 0.55 * 58), 6);
    const [mix] = size.notes.filter(({ code }) => code === 'squares-mix');
    expect(inWords(mix!.message, 'cm')).toMatch(
      /^Of \d+ mixes of square, join and plain rows the cheapest is \d+ across and \d+ down/,
    );
    expect(mix!.details!.length).toBeGreaterThan(1);
    expect(of(size, 'width').actual).toBeCloseTo(
      2 *
        (count(size, 'squares.across') / size.quantities.find(({ id }) => id === 'squares.across')!.perCm -
          (size.joins.find(({ id }) => id === 'squares-across')!.says ? joinOf(size) : 0) +
          2 * count(size, 'squares.rows')),
      1,
    );
  });

  /** What a join adds, from how long two squares are. */
  function joinOf(size: SizePlan): number {
    const side = size.pieces.find(({ role }) => role === 'square')!.edges[0]!.length;
    return 1 / size.quantities.find(({ id }) => id === 'squares.across')!.perCm - side;
  }

  it('takes the side of a measured square, a round more or less by as much', () => {
    const side = (rounds: number) =>
      planned({ square: { rounds, measured: 12, of: 4 } }).pieces.find(({ role }) => role === 'square')!
        .edges[0]!.length;
    expect(side(4)).toBeCloseTo(12, 6);
    expect(side(5)).toBeCloseTo(15, 6);
  });

  it('makes as many squares as its map has, and joins all of them', () => {
    const size = planned({ square: { rounds: 5 } });
    const square = size.pieces.find(({ role }) => role === 'square')!;
    expect(square.copies).toBe(size.map!.squares.length);
    const [across, down] = ['squares-across', 'squares-down'].map(
      (id) => size.joins.find((join) => join.id === id)!.times!,
    );
    // As many joins as squares in a line less one, in all lines: at least a tree of them.
    expect(across! + down!).toBeGreaterThanOrEqual(square.copies - 1);
  });

  it('holds a number of squares that is held, and its rows at the sides make up for it', () => {
    const free = planned({ square: { rounds: 5 }, joinWidth: 0, sideRows: 6 });
    const pins = [{ size: 'one', quantity: 'squares.across', count: count(free, 'squares.across') - 1 }];
    const held = planned({ square: { rounds: 5 }, joinWidth: 0, sideRows: 6 }, { pins });
    expect(count(held, 'squares.across')).toBe(pins[0]!.count);
    expect(count(held, 'squares.rows')).toBeGreaterThan(count(free, 'squares.rows'));
    expect(held.pieces.length).toBeGreaterThan(0);
  });

  it('narrows its sleeve ends by every 6th, 5th, 4th and 3rd stitch where the wrist wants a third', () => {
    const size = planned({ square: { rounds: 5 }, joinWidth: 0, openingEase: 30 });
    const narrow = size.pieces.find(({ role }) => role === 'sleeve')!.passages[1]!;
    expect(narrow).toMatchObject({ kind: 'narrow', every: [6, 5, 4, 3] });
    expect(count(size, 'sleeve.top')).toBe(2 * count(size, 'squares.arm') * 15);
  });

  it('has a border with its outer corners at the hems and inner ones where squares are left out of the neck', () => {
    const { pieces, joins } = planned({
      square: { rounds: 5 },
      sleeve: null,
      neck: { width: 30 },
      joinWidth: 0,
    });
    const [loop] = openLoops(pieces, joins).filter(({ edges }) =>
      edges.some(({ edge }) => edge.role === 'front edge'),
    );
    const turns = loop!.edges
      .map(({ edge, turn }) => [edge.role, Math.round(turn!)] as const)
      .filter(([, turn]) => turn !== 0);
    expect(turns.filter(([, turn]) => turn === 90)).toHaveLength(4);
    expect(turns.filter(([, turn]) => turn === -90)).toHaveLength(4);
  });

  it('counts yarn by colour: all of it, and no more', () => {
    const squares = {
      yarns: [
        { name: 'moss', shown: '#6b7d3a' },
        { name: 'oat', shown: '#e6d8b8' },
        { name: 'ink', shown: '#223344' },
      ],
      kinds: [
        { id: 'A', name: 'Moss', rounds: ['moss'] },
        { id: 'B', name: 'Oat', rounds: ['moss', 'oat'] },
      ],
      border: 'ink',
      rule: 'checks',
    };
    const plain = planned({ square: { rounds: 5 }, sleeve: null });
    const coloured = planned({ square: { rounds: 5 }, sleeve: null }, { finishing: { squares } });
    const [one, many] = [plain, coloured].map(({ yarn }) => yarn.find(({ fabric }) => fabric === 'body')!);
    expect(many!.colours.map(({ colour }) => colour).sort()).toEqual(['ink', 'moss', 'oat']);
    const sum = many!.colours.reduce((all, { metres }) => all + metres, 0);
    // Each colour is rounded up by itself.
    expect(Math.abs(sum - one!.metres)).toBeLessThanOrEqual(3);
    // The last of five rounds has 60 of 180 stitches.
    const ink = many!.colours.find(({ colour }) => colour === 'ink')!.metres;
    const all = many!.pieces.find(({ piece }) => piece === 'square')!.metres;
    expect(ink).toBe(
      Math.ceil((1.1 * all) / 3 + 1.1 * (many!.pieces.find(({ piece }) => piece === 'sheet')?.metres ?? 0)),
    );
  });

  it.each([
    [{}, 'clusters'],
    [
      { square: { centre: 'circle' }, middle: 'closed', neck: { style: 'half squares', width: 24 } },
      'stitches',
    ],
    [{ shape: 'body', reach: 'wrist', sleeve: null, neck: { style: 'half squares', width: 24 } }, 'clusters'],
    [{ sideRows: 6, square: { rounds: 6 } }, 'stitches'],
  ])('%j is written and read back without a difference, its map as well', (garment, fabric) => {
    const more = {
      ...(fabric === 'stitches'
        ? { fabrics: [{ ...fabricOf('body', 17, 10), stitch: 'dc' }, fabricOf('rib', 18, 20)] }
        : {}),
      sizes: [sizeOf('M', { bust: 96 }), sizeOf('2X', { bust: 126 })],
    };
    const design = designed(garment, more);
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
    // One letter of the map for another is found.
    const wrong = text
      .replace(/(Map of the back[^:]+: A)A/, '$1B')
      .replace(/(Map of the back[^:]+: )A/, '$1B');
    expect(wrong).not.toBe(text);
    expect(provePattern(wrong, sizes, {}, design).differences.length).toBeGreaterThan(0);
    for (const piece of sizes.flatMap(({ pieces }) => pieces))
      if (piece.role === 'square') expect(heightOf(piece.runs)).toBe(piece.fixedRows);
  });

  it('says what whole squares leave, with squares near to these in one click', () => {
    const size = planned({ square: { rounds: 12 }, sideRows: 0, joinWidth: 0 });
    const [miss] = size.notes.filter(({ code }) => code === 'squares-miss');
    expect(miss!.level).toBe('warn');
    const [auto] = miss!.fixes!;
    expect(auto!.set).toEqual([{ path: 'garment.square.rounds', value: null }]);
    const better = planned({ sideRows: 0, joinWidth: 0 });
    expect(Math.abs(of(better, 'width').actual - of(better, 'width').target)).toBeLessThan(
      Math.abs(of(size, 'width').actual - of(size, 'width').target),
    );
  });

  it('tells that a circle is worked in plain stitches', () => {
    expect(planned({ square: { centre: 'circle' } }).notes.map(({ code }) => code)).toContain(
      'circle-in-clusters',
    );
  });
});
