import { handMade, type HandMade } from '../testing/handMade.js';
import { isTake, type Row, type Source, type Step } from './rows.js';
import { workPiece } from './hook.js';

/**
 * Deliberate faults in row data. Each must show: as a fault of the hook, or as an edge that is not as stated. Counts of rows in
 * between are not compared, because a plan does not state them.
 */
type Fault = (rows: readonly Row[], at: number) => Row[] | null;

const changed = (rows: readonly Row[], at: number, change: Partial<Row>): Row[] =>
  rows.with(at, { ...rows[at]!, ...change });

const isShaped = ({ by }: Row) => by !== 0;
const total = (steps: readonly Step[], what: Step['do']) =>
  steps.reduce((sum, step) => sum + (step.do === what ? step.times : 0), 0);

/** The row's takes with the first changed. */
function withTake(
  row: Row,
  change: (take: { at: number; take: number }) => { at?: number; take?: number },
): Source[] | null {
  const i = row.from.findIndex(isTake);
  if (i < 0) return null;
  const source = row.from[i]! as { part: string; n: number; at: number; take: number };
  return row.from.with(i, { ...source, ...change(source) });
}

/** The rows of a part from `at` on, all with `by` stitches more: a fault that goes on as if it were meant. */
function carriedOn(rows: readonly Row[], at: number, by: number): Row[] | null {
  const { part } = rows[at]!;
  const later = rows.slice(at + 1);
  if (later.some((row) => row.part !== part || row.from.length !== 1 || !isTake(row.from[0]!))) return null;
  return [
    ...rows.slice(0, at + 1),
    ...later.map((row): Row => {
      const i = row.steps.findIndex((step) => step.do === 'work' && step.times + by > 0);
      const steps = i < 0 ? row.steps : row.steps.with(i, { do: 'work', times: row.steps[i]!.times + by });
      const [take] = row.from as [Extract<Source, { take: number }>];
      return { ...row, from: [{ ...take, take: take.take + by } as Source], steps, count: row.count + by };
    }),
  ];
}

const FAULTS: Record<string, Fault> = {
  'shaping forgotten': (rows, at) => {
    const row = rows[at]!;
    if (!isShaped(row)) return null;
    const take = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : 0), 0);
    return changed(rows, at, { steps: [{ do: 'work', times: take }], by: 0, count: take + row.add });
  },
  'shaping forgotten, and the rows after it worked on the stitches there are': (rows, at) => {
    const row = rows[at]!;
    if (!isShaped(row) || row.from.length !== 1 || row.add > 0) return null;
    const plain = changed(rows, at, {
      steps: [{ do: 'work', times: row.count - row.by }],
      by: 0,
      count: row.count - row.by,
    });
    return carriedOn(plain, at, -row.by);
  },
  'an increase too many': (rows, at) => {
    const row = rows[at]!;
    const i = row.steps.findIndex((step) => step.do === 'work' && step.times > 1);
    if (i < 0) return null;
    const steps = [...row.steps];
    steps.splice(i, 1, { do: 'increase', times: 1 }, { do: 'work', times: row.steps[i]!.times - 1 });
    return changed(rows, at, { steps, by: row.by + 1, count: row.count + 1 });
  },
  'decreased where it should increase': (rows, at) => {
    const row = rows[at]!;
    if (total(row.steps, 'increase') === 0) return null;
    const many = total(row.steps, 'increase');
    const steps = row.steps.map((step): Step =>
      step.do === 'increase' ? { ...step, do: 'decrease' } : step,
    );
    return changed(rows, at, { steps, by: row.by - 2 * many, count: row.count - 2 * many });
  },
  'shaped at the other edge': (rows, at) => {
    const steps = [...rows[at]!.steps].reverse();
    if (!isShaped(rows[at]!) || JSON.stringify(steps) === JSON.stringify(rows[at]!.steps) || rows[at]!.round)
      return null;
    return changed(rows, at, { steps });
  },
  'all shaping at one edge': (rows, at) => {
    const row = rows[at]!;
    const [first, middle, last] = row.steps;
    if (row.steps.length !== 3 || first!.do !== last!.do || first!.do === 'work' || row.round || row.add > 0)
      return null;
    return changed(rows, at, { steps: [{ ...first!, times: 2 * first!.times }, middle!] });
  },
  'a row left out, the others renumbered': (rows, at) =>
    rows[at]!.from.length === 0 ? null : renumbered(rows.toSpliced(at, 1), rows[at]!, -1),
  'a row left out': (rows, at) => rows.toSpliced(at, 1),
  'a row worked twice': (rows, at) => rows.toSpliced(at, 0, rows[at]!),
  'a row too many, the others renumbered': (rows, at) => {
    const row = rows[at]!;
    if (
      isShaped(row) ||
      row.add > 0 ||
      row.from.length !== 1 ||
      !isTake(row.from[0]!) ||
      row.from[0].part !== row.part
    )
      return null;
    const again = {
      ...row,
      n: row.n + 1,
      side: flipped(row),
      from: [{ ...row.from[0], n: row.n, at: 0 }],
    } as Row;
    return [...rows.slice(0, at + 1), again, ...renumbered(rows.slice(at + 1), row, 1)];
  },
  'a stitch taken twice': (rows, at) => {
    const from = rows[at]!.from;
    const take = from.find(isTake);
    if (!take) return null;
    return changed(rows, at, {
      from: [...from, { ...take, take: 1 }],
      count: rows[at]!.count + 1,
      by: rows[at]!.by,
    });
  },
  'the stitches beside taken': (rows, at) => {
    const from = withTake(rows[at]!, ({ at: place }) => ({ at: place + 1 }));
    return from && changed(rows, at, { from });
  },
  'a stitch forgotten': (rows, at) => {
    const row = rows[at]!;
    const from = withTake(row, ({ take }) => ({ take: take - 1 }));
    const i = row.steps.findIndex((step) => step.do === 'work' && step.times > 1);
    if (!from || i < 0) return null;
    const steps = row.steps.with(i, { do: 'work', times: row.steps[i]!.times - 1 });
    return changed(rows, at, { from, steps, count: row.count - 1 });
  },
  'worked into the row before last': (rows, at) => {
    const row = rows[at]!;
    const i = row.from.findIndex(isTake);
    if (i < 0) return null;
    const source = row.from[i] as { part: string; n: number; at: number; take: number };
    return changed(rows, at, { from: row.from.with(i, { ...source, n: source.n - 1 }) });
  },
  'worked into a row to come': (rows, at) => {
    const row = rows[at]!;
    const i = row.from.findIndex(isTake);
    if (i < 0) return null;
    const source = row.from[i] as { part: string; n: number; at: number; take: number };
    return changed(rows, at, { from: row.from.with(i, { ...source, n: source.n + 40 }) });
  },
  'a count that is not so': (rows, at) => changed(rows, at, { count: rows[at]!.count + 1 }),
  'a change that is not stated': (rows, at) => changed(rows, at, { by: rows[at]!.by + 1 }),
  'not turned': (rows, at) =>
    rows[at]!.from.length === 0 || rows[at]!.rejoin ? null : changed(rows, at, { side: flipped(rows[at]!) }),
  'the yarn not joined anew': (rows, at) => {
    const { rejoin, ...row } = rows[at]!;
    return rejoin ? rows.with(at, row) : null;
  },
  'two rows exchanged': (rows, at) =>
    at === 0 || at + 1 >= rows.length ? null : rows.with(at, rows[at + 1]!).with(at + 1, rows[at]!),
  'chains added without a word': (rows, at) =>
    changed(rows, at, { steps: [...rows[at]!.steps, { do: 'cast', times: 1 }] }),
  'chains forgotten': (rows, at) => {
    const row = rows[at]!;
    const i = row.steps.findIndex(({ do: what }) => what === 'cast');
    if (i < 0 || row.from.length === 0) return null;
    const { times } = row.steps[i]!;
    return changed(rows, at, {
      steps: row.steps.toSpliced(i, 1),
      add: row.add - times,
      count: row.count - times,
    });
  },
  'chains on the other side': (rows, at) => {
    const row = rows[at]!;
    const i = row.steps.findIndex(({ do: what }) => what === 'cast');
    if (i < 1 || row.from.length < 2) return null;
    return changed(rows, at, { steps: [...row.steps.toSpliced(i, 1), row.steps[i]!] });
  },
  'slip stitches counted as stitches': (rows, at) => {
    const row = rows[at]!;
    const many = total(row.steps, 'slip');
    if (many === 0) return null;
    const steps = row.steps.map((step): Step => (step.do === 'slip' ? { ...step, do: 'work' } : step));
    return changed(rows, at, { steps, by: row.by + many, count: row.count + many });
  },
  'picked up along other rows': (rows, at) => {
    const i = rows[at]!.from.findIndex((source) => !isTake(source));
    const source = rows[at]!.from[i];
    if (!source || isTake(source)) return null;
    const moved: Source =
      source.along === 'base' ? { ...source, at: source.at + 1 } : { ...source, first: source.first - 1 };
    return changed(rows, at, { from: rows[at]!.from.with(i, moved) });
  },
  'picked up on the other side': (rows, at) => {
    const i = rows[at]!.from.findIndex((source) => !isTake(source) && source.along !== 'base');
    const source = rows[at]!.from[i];
    if (!source || isTake(source) || source.along === 'base') return null;
    const other = { ...source, along: source.along === 'left' ? ('right' as const) : ('left' as const) };
    return changed(rows, at, { from: rows[at]!.from.with(i, other) });
  },
  'too few picked up': (rows, at) => {
    const row = rows[at]!;
    const i = row.steps.findIndex(({ do: what }) => what === 'pick up');
    if (i < 0) return null;
    const steps = row.steps.with(i, { do: 'pick up', times: row.steps[i]!.times - 1 });
    return changed(rows, at, { steps, add: row.add - 1, count: row.count - 1 });
  },
};

function flipped({ side }: Row): Row['side'] {
  return side === 'RS' ? 'WS' : 'RS';
}

/** Rows after one that was put in or left out: numbers, sources and sides move on, so that nothing looks amiss. */
function renumbered(rows: readonly Row[], { n: at }: Row, by: 1 | -1): Row[] {
  return rows.map((row) =>
    row.n <= at
      ? row
      : {
          ...row,
          n: row.n + by,
          side: row.round === 'joined' ? row.side : flipped(row),
          from: row.from.map((source) =>
            isTake(source) && source.n >= at && source.n > 1 ? { ...source, n: source.n + by } : source,
          ),
        },
  );
}

function shows({ edges }: HandMade, rows: readonly Row[]): boolean {
  const worked = workPiece(rows);
  if (worked.faults.length > 0) return true;
  if (worked.lost(edges.map(({ place }) => place)).length > 0) return true;
  return edges.some(({ place, count, path }) => {
    if (worked.edge(place) !== count) return true;
    return path !== undefined && worked.astray(place, path) >= 0;
  });
}

describe('the virtual hook', () => {
  it('catches every seeded fault in rows of every kind', () => {
    const tried: Record<string, number> = {};
    const missed: string[] = [];
    for (const made of handMade())
      for (const [name, fault] of Object.entries(FAULTS))
        for (let at = 0; at < made.rows.length; at += 1) {
          const rows = fault(made.rows, at);
          if (!rows) continue;
          tried[name] = (tried[name] ?? 0) + 1;
          if (!shows(made, rows)) missed.push(`${made.name}: ${name}, row ${at}`);
        }
    expect(missed).toEqual([]);
    // Every kind of fault was seeded, and many more than two hundred in all.
    expect(Object.keys(FAULTS).filter((name) => !tried[name])).toEqual([]);
    const seeded = Object.values(tried).reduce((sum, many) => sum + many, 0);
    process.stdout.write(`${seeded} faults of ${Object.keys(tried).length} kinds seeded, all caught\n`);
    expect(seeded).toBeGreaterThan(1000);
  });
});
