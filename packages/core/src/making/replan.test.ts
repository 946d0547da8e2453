import fc from 'fast-check';
import type { Design } from '../design.js';
import { planFile } from '../format/planFile.js';
import { provenText } from '../provenText.js';
import { auditPlanFile } from '../testing/auditor.js';
import { runs } from '../testing/deep.js';
import { openBodies } from '../body/openBodies.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { rowsOf } from '../work/runs.js';
import type { Entry, Making } from './entries.js';
import { preview } from './preview.js';
import { begin, changed, replay, workIn, type ChangeWords } from './standing.js';
import type { Standing, WorkDone } from './wish.js';

const DEMOS = demoDesigns();

/** The demo designs with a size of each. */
const anySize = fc
  .constantFrom(...Object.keys(DEMOS))
  .chain((name) =>
    fc.record({ name: fc.constant(name), size: fc.constantFrom(...DEMOS[name]!.sizes.map(({ id }) => id)) }),
  );

/** Shares that a plan's parts are chosen by. */
const share = fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true });

/** Pieces worked in turn: all before one, some rows of it, none of the later ones. */
function workedTo({ pieces }: Standing['plan'], piece: number, row: number): WorkDone {
  const upTo = Math.floor(piece * pieces.length);
  return {
    joins: new Set(),
    rows: new Map(
      pieces.map(({ id, runs: of }, i) => {
        const all = rowsOf(of).length;
        return [id, i < upTo ? all : i === upTo ? Math.floor(row * all) : 0];
      }),
    ),
  };
}

/** A gauge counted in the work, off by some per cent both ways. */
const gaugeOff = (
  now: Standing,
  fabric: string,
  stitches: number,
  rows: number,
  way?: 'go on' | 'change hook',
): ChangeWords => {
  const { gauge } = now.design.fabrics.find(({ id }) => id === fabric)!;
  return {
    kind: 'gauge',
    fabric,
    state: 'blocked',
    ...gauge,
    stitches: gauge.stitches * stitches,
    rows: gauge.rows * rows,
    ...(way ? { way } : {}),
  };
};

const rowsWorked = ({ plan }: Standing, { rows }: WorkDone) =>
  plan.pieces
    .map(({ id, runs: of }) => [id, rowsOf(of).slice(0, rows.get(id) ?? 0)] as const)
    .filter(([, worked]) => worked.length > 0);

const planOf = ({ design, plan }: Standing) => ({
  design: design.name,
  construction: design.garment.construction,
  sizes: [plan],
});

/** Begun once for each demo and size. */
const begun = new Map<string, Standing>();
function begunOf(name: string, size: string): Standing {
  const key = `${name} ${size}`;
  const known = begun.get(key) ?? begin(DEMOS[name]!, size);
  begun.set(key, known);
  return known;
}

describe('a re-plan', () => {
  it('changes nothing where nothing has changed, however much is worked', () => {
    fc.assert(
      fc.property(anySize, share, share, ({ name, size }, piece, row) => {
        const start = begunOf(name, size);
        const result = changed(start, { kind: 'change' }, workedTo(start.plan, piece, row));
        if (!result.ok) throw new Error(`${name} ${size}: nothing comes of it`);
        expect(result.standing.counts).toMatchObject(
          Object.fromEntries(start.plan.quantities.map(({ id, count }) => [id, count])),
        );
        for (const { id, runs: of } of start.plan.pieces)
          expect(rowsOf(result.standing.plan.pieces.find((one) => one.id === id)!.runs)).toEqual(rowsOf(of));
      }),
      { numRuns: runs(40, 600) },
    );
  });

  it('leaves worked rows as they are, comes off the hook, and proves its own text', () => {
    fc.assert(
      fc.property(
        anySize,
        share,
        share,
        fc.constantFrom(0.94, 0.97, 1.03, 1.06),
        fc.constantFrom(0.95, 1, 1.05),
        fc.constantFrom(undefined, 'go on' as const, 'change hook' as const),
        ({ name, size }, piece, row, stitches, rows, way) => {
          const start = begunOf(name, size);
          const done = workedTo(start.plan, piece, row);
          const { fabric } = start.plan.pieces[Math.floor(piece * start.plan.pieces.length)]!;
          const result = changed(start, gaugeOff(start, fabric, stitches, rows, way), done);
          // Squares and hexagons may have no other garment in them: then the change is refused, never half made.
          if (!result.ok) return;
          const { standing } = result;
          expect(rowsWorked(standing, done)).toEqual(rowsWorked(start, done));
          if (way === 'go on') expect(standing.counts).toMatchObject(start.counts);
          const audited = auditPlanFile(
            JSON.parse(JSON.stringify(planFile(planOf(standing), 'cm'))) as Parameters<
              typeof auditPlanFile
            >[0],
            { ...standing.design, graded: false, pins: [] },
          );
          // The auditor knows one gauge of each fabric; where the hook was changed, lengths have two.
          const isOneGauge = way !== 'change hook';
          expect(audited.filter((said) => isOneGauge || !said.includes('measures'))).toEqual([]);
          const { proof } = provenText(planOf(standing), standing.design, { units: 'cm', size });
          expect(proof.differences).toEqual([]);
        },
      ),
      { numRuns: runs(30, 600) },
    );
  });

  it('keeps every seam that is not worked on both sides', () => {
    fc.assert(
      fc.property(anySize, share, fc.constantFrom(0.95, 1.05), ({ name, size }, row, stitches) => {
        const start = begunOf(name, size);
        const [first] = start.plan.pieces;
        const done = workedTo(start.plan, 0, row);
        const result = changed(start, gaugeOff(start, first!.fabric, stitches, 1), done);
        if (!result.ok) return;
        const stops = ({ plan }: Standing) =>
          plan.notes.filter(({ level }) => level === 'stop').map(({ code, where }) => `${code} ${where}`);
        const known = new Set(stops(start));
        const broken = result.standing.plan.joins.filter(
          ({ ok, id }) => !ok && !known.has(`join-broken ${id}`),
        );
        const begunPiece = (edges: (typeof broken)[number]['a']) =>
          edges.some(({ piece }) => piece === first!.id);
        // Only one piece is begun: a join can fail only where it has both sides in that, or follows from one that has.
        for (const join of broken)
          expect([join.id, begunPiece(join.a) && begunPiece(join.b)]).toEqual([join.id, true]);
      }),
      { numRuns: runs(40, 400) },
    );
  });

  it('fits any of the open bodies with the gauge off after 20 cm', () => {
    const bodies = openBodies();
    fc.assert(
      fc.property(
        fc.constantFrom(...bodies),
        share,
        fc.constantFrom(0.94, 1.06),
        ({ id, sex: _, ...body }, row, off) => {
          const design = designWith({
            sizes: [sizeOf(id, body)],
            fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 21)],
          });
          const start = begin(design, id);
          const done = workedTo(start.plan, 0, row);
          const result = changed(start, gaugeOff(start, start.plan.pieces[0]!.fabric, off, 1), done);
          expect(result.ok && result.unmet).toEqual([]);
          if (!result.ok) return;
          expect(rowsWorked(result.standing, done)).toEqual(rowsWorked(start, done));
          expect(result.standing.plan.joins.filter(({ ok }) => !ok)).toEqual([]);
        },
      ),
      { numRuns: runs(25, 254) },
    );
  });

  it('measures each length by the gauge that its rows were worked at', () => {
    const start = begunOf('brackenlow-pullover', 'M');
    const done: WorkDone = { rows: new Map([['back', 30]]), joins: new Set() };
    // By hand: 30 rows at 10 in 10 cm are 30 cm, what follows again at 11 in 10 cm.
    const reading = { ...gaugeOff(start, 'body', 1, 10 / 11, 'change hook'), hook: 4.5 } as ChangeWords;
    const result = changed(start, reading, done);
    if (!result.ok) throw new Error('nothing comes of it');
    const height = result.standing.plan.quantities.find(({ id }) => id === 'body.rows')!;
    expect(height.actual).toBeCloseTo(30 + ((height.count - 30) / 11) * 10, 6);
    expect(
      Math.abs(height.actual - start.plan.quantities.find(({ id }) => id === 'body.rows')!.actual),
    ).toBeLessThan(1);
  });
});

/** A log that ticks rows of a piece. */
const ticks = (piece: string, upTo: number, from = 1, copy = 1, minute = 0): Entry[] =>
  Array.from({ length: upTo - from + 1 }, (_, i) => ({
    id: `${piece}${copy}-${from + i}`,
    at: new Date(Date.UTC(2026, 0, 5, 10, minute, from + i)).toISOString(),
    kind: 'row' as const,
    piece,
    copy,
    part: 'main',
    n: from + i,
  }));
const later = (id: string, minute: number) => ({
  id,
  at: new Date(Date.UTC(2026, 0, 5, 11, minute)).toISOString(),
});
const making = (entries: Making['entries'], size = 'M') => ({ size, entries });

describe('a log replayed', () => {
  const design = DEMOS['brackenlow-pullover']!;
  const longer: Entry = { ...later('c', 0), kind: 'change', quantity: 'sleeve.rows', count: 51 };

  it('plans the same whether replayed at once, step by step, or in another order of arrival', () => {
    const entries: Entry[] = [
      ...ticks('back', 60),
      ...ticks('sleeve', 20, 1, 1, 5),
      longer,
      {
        ...later('g', 1),
        kind: 'gauge',
        fabric: 'body',
        stitches: 17,
        stitchesOver: 10,
        rows: 11,
        rowsOver: 10,
        state: 'blocked',
      },
      { ...later('u', 2), kind: 'undo', of: 'c' },
    ];
    const whole = replay(design, making(entries));
    const memory = {};
    for (let many = 0; many <= entries.length; many += 1)
      replay(design, making(entries.slice(0, many)), memory);
    const stepwise = replay(design, making(entries), memory);
    const shuffled = replay(design, making([...entries].reverse()));
    for (const other of [stepwise, shuffled]) {
      expect(other.standing.counts).toEqual(whole.standing.counts);
      expect(other.standing.plan.pieces.map(({ runs: of }) => of)).toEqual(
        whole.standing.plan.pieces.map(({ runs: of }) => of),
      );
    }
  });

  it('has the second sleeve follow the first, the change that came in its middle included', () => {
    const entries = [...ticks('sleeve', 20), longer, ...ticks('sleeve', 51, 21, 1, 70)];
    const { standing, progress } = replay(design, making(entries));
    expect(progress.get('sleeve')!.map(({ worked }) => worked)).toEqual([51, 0]);
    const after = changed(
      standing,
      {
        kind: 'gauge',
        fabric: 'body',
        state: 'blocked',
        stitches: 17,
        stitchesOver: 10,
        rows: 11.5,
        rowsOver: 10,
      },
      workIn(standing.plan, entries),
    );
    if (!after.ok) throw new Error('nothing comes of it');
    const sleeve = ({ plan }: Standing) => plan.pieces.find(({ id }) => id === 'sleeve')!.runs;
    expect(sleeve(after.standing)).toEqual(sleeve(standing));
  });

  it('undoes a change as if it had never been where nothing was worked by it', () => {
    const before = replay(design, making(ticks('sleeve', 20)));
    const undone = replay(
      design,
      making([...ticks('sleeve', 20), longer, { ...later('u', 1), kind: 'undo', of: 'c' }]),
    );
    expect(undone.standing.counts).toEqual(before.standing.counts);
    expect(undone.standing.plan.pieces.map(({ runs: of }) => of)).toEqual(
      before.standing.plan.pieces.map(({ runs: of }) => of),
    );
  });

  it('keeps the rows that were worked by a change when it is undone', () => {
    const entries: Entry[] = [
      ...ticks('sleeve', 20),
      longer,
      ...ticks('sleeve', 30, 21, 1, 70),
      { ...later('u', 30), kind: 'undo', of: 'c' },
    ];
    const changedAt30 = replay(design, making(entries.slice(0, -1)));
    const { standing, failed } = replay(design, making(entries));
    const head = (of: Standing) =>
      rowsOf(of.plan.pieces.find(({ id }) => id === 'sleeve')!.runs).slice(0, 30);
    expect(head(standing)).toEqual(head(changedAt30.standing));
    expect(standing.counts['sleeve.rows']).toBe(47);
    expect(failed).toEqual([]);
  });

  it('keeps the row at which the hook was changed when another change is undone later', () => {
    const entries: Entry[] = [
      ...ticks('back', 30),
      {
        ...later('g', 0),
        kind: 'gauge',
        fabric: 'body',
        stitches: 17,
        stitchesOver: 10,
        rows: 11,
        rowsOver: 10,
        state: 'blocked',
        way: 'change hook',
        hook: 5.5,
      },
      ...ticks('back', 40, 31, 1, 70),
      { ...longer, ...later('c', 30) },
      { ...later('u', 31), kind: 'undo', of: 'c' },
    ];
    const memory = {};
    replay(design, making(entries.slice(0, -1)), memory);
    for (const { standing } of [replay(design, making(entries)), replay(design, making(entries), memory)]) {
      expect(standing.gauges.get('body')!.map(({ from }) => from.get('back') ?? 0)).toEqual([0, 30]);
      expect(standing.plan.pieces[0]!.sections.map(({ first }) => first)).toEqual([1, 31]);
    }
  });

  it('takes a newer state of the design as far as what is worked allows', () => {
    const wider: Design = {
      ...design,
      garment: { ...design.garment, neck: { ...(design.garment['neck'] as object), width: 24 } },
    };
    const take = (document: Design): Entry => ({ ...later('d', 5), kind: 'design', revision: 2, document });
    const early = replay(design, making([...ticks('back', 30), take(wider)]));
    expect(early.failed).toEqual([]);
    const neck =
      early.standing.plan.finished.find(({ id }) => id === 'neckWidth') ??
      early.standing.plan.finished.find(({ label }) => label === 'Neck width')!;
    // Two stitches, one on each side, are 1.25 cm.
    expect(Math.abs(neck.actual - 24)).toBeLessThan(1.25);
    const gone: Design = { ...wider, sizes: wider.sizes.filter(({ id }) => id !== 'M') };
    const without = replay(design, making([...ticks('back', 30), take(gone)]));
    expect(without.failed).toEqual(['d']);
    expect(without.standing.counts).toEqual(without.begun.counts);
  });

  it('reads entries of kinds that it does not know, and changes nothing for them', () => {
    const hum = { ...later('h', 0), kind: 'hum' };
    const { standing, begun: start } = replay(design, making([hum]));
    expect(standing).toBe(start);
  });
});

describe('a change that the worked rows forbid', () => {
  const start = begunOf('brackenlow-pullover', 'M');
  const neck: ChangeWords = { kind: 'change', quantity: 'neck.width', count: 38 };
  const work = (rows: Record<string, number>): WorkDone => ({
    rows: new Map(Object.entries(rows)),
    joins: new Set(),
  });

  it('says how many rows would have to be pulled back, and no fewer would do', () => {
    const front = start.plan.pieces.find(({ id }) => id === 'front')!;
    const all = rowsOf(front.runs).length;
    const found = preview(start, neck, work({ back: 60, front: all }));
    expect(found.standing).toBeNull();
    const way = found.pullBack.find(({ piece }) => piece === 'front')!;
    // The neck is settled where the first shoulder is shaped beside it.
    expect(way.to).toEqual({ part: 'first-shoulder', n: 52 });
    expect(way.rows).toBe(all - 52);
    const clear = preview(start, neck, work({ back: 60, front: all - way.rows }));
    expect(clear.standing?.counts['neck.width']).toBe(38);
    expect(preview(start, neck, work({ back: 60, front: all - way.rows + 1 })).standing).toBeNull();
  });

  it('is made freely while nothing settles it: 2 stitches wider on both sides', () => {
    const found = preview(start, neck, work({ back: 60, front: 40 }));
    expect(found.stops).toEqual([]);
    expect(found.pullBack).toEqual([]);
    expect(found.counts.find(({ quantity }) => quantity === 'shoulder.width')).toMatchObject({
      before: { count: 26 },
      after: { count: 24 },
    });
  });

  it('stops a sleeve where its stitches still have room, and says why where they have not', () => {
    const at = (count: number) =>
      preview(
        start,
        { kind: 'change', quantity: 'sleeve.rows', count },
        work({ back: 60, front: 69, sleeve: 30 }),
      );
    expect(at(43).standing?.counts['sleeve.rows']).toBe(43);
    expect(at(31).standing).toBeNull();
    expect(at(31).stops.length).toBeGreaterThan(0);
  });

  it('does not move a seam that is closed', () => {
    const joined: WorkDone = {
      rows: new Map([['back', 60]]),
      joins: new Set(['shoulder-left', 'shoulder-right']),
    };
    const found = preview(start, { kind: 'change', quantity: 'shoulder.width', count: 24 }, joined);
    expect(found.standing).toBeNull();
  });
});

describe('figures', () => {
  it('a re-plan waits for no search (the bench has the figure: 50 ms)', () => {
    const times: number[] = [];
    for (const [name, { sizes }] of Object.entries(DEMOS)) {
      const start = begunOf(name, sizes[Math.floor(sizes.length / 2)]!.id);
      const done = workedTo(start.plan, 0.4, 0.5);
      const before = performance.now();
      changed(start, gaugeOff(start, start.plan.pieces[0]!.fabric, 1.06, 1), done);
      times.push(performance.now() - before);
    }
    times.sort((a, b) => a - b);
    // Beside other tests a figure of the bench may be several times as large.
    expect(times[times.length >> 1]).toBeLessThan(400);
  });
});
