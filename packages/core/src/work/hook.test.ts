import { rowsOf } from '../testing/rows.js';
import { schedule } from '../shaping/schedule.js';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { neckBand, roundNeckFront, handMade, yoke } from '../testing/handMade.js';
import { workPiece } from './hook.js';
import { outlines } from './outline.js';
import type { Row } from './rows.js';
import { runsIn } from './runs.js';

const taper = schedule({
  start: 10,
  end: 16,
  perEvent: 2,
  firstRow: 2,
  lastRow: 8,
  everyRow: 1,
  order: 'slow first',
});
const sleeve = () =>
  rowsOf([
    { kind: 'start', part: 'main', stitches: 10, extra: 2, along: null },
    {
      kind: 'shape',
      part: 'main',
      to: 9,
      schedule: taper.ok ? taper.schedule : null!,
      where: { at: 'both edges' },
      of: {},
    },
  ]);

describe('workPiece', () => {
  it('works a tapered piece and counts its edges on the work', () => {
    const worked = workPiece(sleeve());
    expect(worked.faults).toEqual([]);
    expect([...worked.counts]).toEqual([10, 10, 10, 12, 12, 14, 14, 16, 16]);
    expect(worked.edge({ lies: 'foundation', part: 'main' })).toBe(10);
    expect(worked.edge({ lies: 'live', part: 'main', n: 9, from: 0, count: 16 })).toBe(16);
    expect(
      worked.edge({ lies: 'row ends', side: 'left', spans: [{ part: 'main', first: 2, last: 9 }] }),
    ).toBe(8);
  });

  it('finds no edge where there is none', () => {
    const worked = workPiece(sleeve());
    expect(worked.edge({ lies: 'live', part: 'main', n: 9, from: 0, count: 17 })).toBeNaN();
    expect(worked.edge({ lies: 'live', part: 'main', n: 8, from: 0, count: 3 })).toBeNaN();
    expect(
      worked.edge({ lies: 'row ends', side: 'left', spans: [{ part: 'main', first: 9, last: 10 }] }),
    ).toBeNaN();
    expect(worked.edge({ lies: 'foundation', part: 'other' })).toBeNaN();
  });

  it('says what is wrong, in words', () => {
    const rows = sleeve();
    const twice: Row[] = [...rows, { ...rows[8]!, n: 10, rejoin: true }];
    expect(workPiece(twice).faults[0]).toBe('main row 10 works stitch 1 of main row 8 a second time');
    expect(workPiece(rows.slice(1)).faults[0]).toBe(
      'main row 2 is worked into main row 1, which has not been worked',
    );
  });
});

describe('the edge of the piece', () => {
  it.each(handMade())('is as stated: $name', ({ rows, edges }) => {
    const worked = workPiece(rows);
    expect(worked.faults).toEqual([]);
    expect(worked.lost(edges.map(({ place }) => place))).toEqual([]);
    for (const { place, count, path } of edges) {
      expect([place, worked.edge(place)]).toEqual([place, count]);
      if (path) expect([place, worked.astray(place, path)]).toEqual([place, -1]);
    }
  });

  it('knows which side an edge lies on, and what was left between', () => {
    const { rows } = roundNeckFront(11);
    const worked = workPiece(rows);
    const neck = (side: 'left' | 'right', stepped: boolean) =>
      worked.edge({ lies: 'row ends', side, spans: [{ part: 'first', first: 12, last: 18 }], stepped });
    // The first shoulder lies at the left: its right ends are the neck, with stitches left between the rows.
    expect([neck('right', true), neck('right', false), neck('left', false)]).toEqual([7, NaN, 7]);
    // An edge that passes from one shoulder to the other does not lie anywhere.
    const across = [
      { part: 'first', first: 12, last: 18 },
      { part: 'second', first: 12, last: 18 },
    ];
    expect(worked.edge({ lies: 'row ends', side: 'left', spans: across })).toBeNaN();
  });

  it('is gone where something was picked up along it', () => {
    const worked = workPiece(neckBand().rows);
    expect(
      worked.edge({ lies: 'row ends', side: 'right', spans: [{ part: 'first', first: 10, last: 15 }] }),
    ).toBeNaN();
    expect(worked.edge({ lies: 'live', part: 'main', n: 9, from: 10, count: 10 })).toBeNaN();
  });

  it('tells work begun away from the yarn, rows not turned, and edges that are not free', () => {
    const { rows } = roundNeckFront(11);
    const second = rows.findIndex(({ part }) => part === 'second');
    const { rejoin: _, ...forgotten } = rows[second]!;
    expect(workPiece(rows.with(second, forgotten)).faults[0]).toMatch(
      /^second row 12 (begins away|is not turned)/,
    );
    const straight = sleeve();
    expect(workPiece(straight.with(4, { ...straight[4]!, side: 'WS' })).faults[0]).toBe(
      'main row 5 is not turned',
    );
    const rounds = yoke('joined').rows;
    expect(workPiece(rounds.with(3, { ...rounds[3]!, side: 'WS' })).faults[0]).toBe(
      'main row 4 is turned although its rounds are not',
    );
    const band = neckBand().rows;
    const at = band.findIndex(({ part }) => part === 'band');
    const moved: Row = {
      ...band[at]!,
      from: [{ along: 'right', part: 'main', first: 4, last: 12, makes: 9 }, ...band[at]!.from.slice(1)],
    };
    expect(workPiece(band.with(at, moved)).faults[0]).toMatch(/whose right ends are not a free edge/);
  });
});

describe('outlines', () => {
  it('widens to both sides from the start', () => {
    const [main] = outlines(runsIn(sleeve()));
    const xs = main!.points.map(([x]) => x);
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([-3, 13]);
    expect(Math.max(...main!.points.map(([, y]) => y))).toBe(9);
  });

  it('puts the shoulders of a divided front where their stitches lie', () => {
    const front = plan(demoDesigns()['brackenlow-pullover']!).sizes[2]!.pieces.find(
      ({ id }) => id === 'front',
    )!;
    const parts = new Map(outlines(front.runs).map(({ part, points }) => [part, points.map(([x]) => x)]));
    const width = front.edges.find(({ id }) => id === 'front.hem')!.count;
    const both = [parts.get('first-shoulder')!, parts.get('second-shoulder')!];
    expect(Math.min(...both.flat())).toBe(0);
    expect(Math.max(...both.flat())).toBe(width);
    const shoulder = front.edges.find(({ id }) => id === 'front.shoulder-left')!.count;
    const right = both.find((xs) => Math.max(...xs) === width)!;
    expect(right.filter((x) => x === width - shoulder).length).toBeGreaterThan(0);
  });
});
