import fc from 'fast-check';
import { rowsOf } from '../shaping/passages.js';
import { schedule } from '../shaping/schedule.js';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { workPiece } from './hook.js';
import { outlines } from './outline.js';
import type { Row } from './rows.js';

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
    { kind: 'shape', part: 'main', to: 9, schedule: taper.ok ? taper.schedule : null!, where: 'both edges' },
  ]);

describe('workPiece', () => {
  it('works a tapered piece and counts its edges on the work', () => {
    const worked = workPiece(sleeve());
    expect(worked.faults).toEqual([]);
    expect([...worked.counts]).toEqual([10, 10, 10, 12, 12, 14, 14, 16, 16]);
    expect(worked.edge({ lies: 'foundation', part: 'main' })).toBe(10);
    expect(worked.edge({ lies: 'live', part: 'main', n: 9, from: 0, count: 16 })).toBe(16);
    expect(worked.edge({ lies: 'row ends', spans: [{ part: 'main', first: 2, last: 9 }] })).toBe(8);
  });

  it('finds no edge where there is none', () => {
    const worked = workPiece(sleeve());
    expect(worked.edge({ lies: 'live', part: 'main', n: 9, from: 0, count: 17 })).toBeNaN();
    expect(worked.edge({ lies: 'live', part: 'main', n: 8, from: 0, count: 3 })).toBeNaN();
    expect(worked.edge({ lies: 'row ends', spans: [{ part: 'main', first: 9, last: 10 }] })).toBeNaN();
    expect(worked.edge({ lies: 'foundation', part: 'other' })).toBeNaN();
  });

  it('says what is wrong, in words', () => {
    const rows = sleeve();
    const twice: Row[] = [...rows, { ...rows[8]!, n: 10 }];
    expect(workPiece(twice).faults[0]).toBe('main row 10 works stitch 1 of main row 8 a second time');
    expect(workPiece(rows.slice(1)).faults[0]).toBe(
      'main row 2 is worked into main row 1, which has not been worked',
    );
  });

  // Deliberate faults in the row data of the demo's fronts and sleeves: the hook, or an edge it measures, must show each.
  it('catches every one of 300 seeded faults', () => {
    const pieces = Object.values(demoDesigns()).flatMap((design) =>
      plan(design).sizes.flatMap(({ pieces: all }) =>
        all.filter(({ id }) => id === 'front' || id === 'sleeve'),
      ),
    );
    const kinds = [
      'missed shaping',
      'extra shaping',
      'row left out',
      'row twice',
      'stitch taken twice',
      'stitch forgotten',
      'wrong count',
    ] as const;
    let tried = 0;
    const missed: string[] = [];
    fc.assert(
      fc.property(fc.constantFrom(...pieces), fc.constantFrom(...kinds), fc.nat(), (piece, kind, seed) => {
        const rows = mutate(piece.rows, kind, seed);
        if (!rows) return;
        tried += 1;
        const worked = workPiece(rows);
        const last = rows.at(-1)!;
        const good = piece.rows.at(-1)!;
        const shown =
          worked.faults.length > 0 || worked.counts.length !== piece.rows.length || last.count !== good.count;
        if (!shown) missed.push(`${piece.id} ${kind} ${seed}`);
      }),
      { numRuns: 420, seed: 7 },
    );
    expect(tried).toBeGreaterThanOrEqual(300);
    expect(missed).toEqual([]);
  });
});

function mutate(rows: readonly Row[], kind: string, seed: number): Row[] | null {
  const copy = rows.map((row) => ({ ...row }));
  const shaped = rows.flatMap(({ by }, i) => (by !== 0 ? [i] : []));
  const at = 1 + (seed % (rows.length - 1));
  const row = copy[at]!;
  switch (kind) {
    case 'missed shaping': {
      const i = shaped[seed % Math.max(1, shaped.length)];
      if (i === undefined) return null;
      copy[i] = { ...copy[i]!, steps: [{ do: 'work', times: copy[i]!.from[0]!.take }] };
      return copy;
    }
    case 'extra shaping':
      copy[at] = { ...row, steps: [...row.steps, { do: 'cast', times: 1 }] };
      return copy;
    case 'row left out':
      copy.splice(at, 1);
      return copy;
    case 'row twice':
      copy.splice(at, 0, row);
      return copy;
    case 'stitch taken twice':
      copy[at] = { ...row, from: [...row.from, { ...row.from[0]!, take: 1 }] };
      return copy;
    case 'stitch forgotten':
      copy[at] = { ...row, from: [{ ...row.from[0]!, take: row.from[0]!.take - 1 }] };
      return copy;
    default:
      copy[at] = { ...row, count: row.count + 1 };
      return copy;
  }
}

describe('outlines', () => {
  it('widens to both sides from the start', () => {
    const [main] = outlines(sleeve());
    const xs = main!.points.map(([x]) => x);
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([-3, 13]);
    expect(Math.max(...main!.points.map(([, y]) => y))).toBe(9);
  });

  it('puts the shoulders of a divided front where their stitches lie', () => {
    const front = plan(demoDesigns()['brackenlow-pullover']!).sizes[2]!.pieces.find(
      ({ id }) => id === 'front',
    )!;
    const parts = new Map(outlines(front.rows).map(({ part, points }) => [part, points.map(([x]) => x)]));
    const width = front.edges.find(({ id }) => id === 'front.hem')!.count;
    expect(Math.min(...parts.get('right-shoulder')!)).toBe(0);
    expect(Math.max(...parts.get('left-shoulder')!)).toBe(width);
    const shoulder = front.edges.find(({ id }) => id === 'front.shoulder-left')!.count;
    expect(parts.get('left-shoulder')!.filter((x) => x === width - shoulder).length).toBeGreaterThan(0);
  });
});
