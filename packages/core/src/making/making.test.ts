import fc from 'fast-check';
import { demoDesigns } from '../testing/designs.js';
import { rowsOf } from '../work/runs.js';
import { cameBack } from './cameBack.js';
import { clashInWords } from './clashWords.js';
import type { Done, Entry, Making } from './entries.js';
import { doubtsOf, notOf } from './fits.js';
import { judgeGauge } from './judge.js';
import { preview } from './preview.js';
import { promptsAt } from './prompts.js';
import { readEntries, readMaking, readMakingText } from './readMaking.js';
import { begin, replay, workIn } from './standing.js';
import { summaryOf } from './summary.js';
import { changeWishes } from './wishes.js';
import { settledIn } from './refit.js';
import { yarnInHand } from './yarn.js';

const DEMOS = demoDesigns();
const design = DEMOS['brackenlow-pullover']!;

/** A log of what is done, a minute apart. */
function log(...all: Done[]): Entry[] {
  return all.map(
    (one, i) => ({ id: `e${i}`, at: new Date(Date.UTC(2026, 0, 5, 10, i)).toISOString(), ...one }) as Entry,
  );
}
/** Rows of a piece up to a place in its order of working. */
function rows(
  piece: string,
  upTo: number,
  { copy = 1, name = 'brackenlow-pullover', size = 'M' } = {},
): Done[] {
  const { runs } = begin(DEMOS[name]!, size).plan.pieces.find(({ id }) => id === piece)!;
  return rowsOf(runs)
    .slice(0, upTo)
    .map(({ part, n }) => ({ kind: 'row', piece, copy, part, n }));
}
const replayed = (entries: Entry[]) => replay(design, { size: 'M', entries });

describe('a gauge judged', () => {
  const start = begin(design, 'M');
  const work = { rows: new Map([['back', 22]]), joins: new Set<string>() };
  const judged = (stitches: number, rowCount: number) =>
    judgeGauge(
      start,
      'body',
      { stitches, stitchesOver: 10, rows: rowCount, rowsOver: 10, state: 'blocked' },
      work,
    );

  it.each([
    // Planned are 16 and 11: half a stitch in 10 cm, or 2 %, cannot be told from none (common practice).
    [16.5, 11, 'as planned', 'as planned'],
    [16.6, 11, 'tight', 'as planned'],
    [15.4, 11, 'loose', 'as planned'],
    [16, 11.6, 'as planned', 'tight'],
    [17, 10.4, 'tight', 'loose'],
  ] as const)('of %d and %d is %s and %s', (stitches, rowCount, across, up) => {
    const found = judged(stitches, rowCount);
    expect([found.stitches.is, found.rows.is]).toEqual([across, up]);
  });

  it('takes a larger hook where it is tight, a smaller one where it is loose, none where it is right', () => {
    expect(judged(17, 11).hook).toBe(5.5);
    expect(judged(15, 11).hook).toBe(4.5);
    expect(judged(16, 11).hook).toBeNull();
    expect(judged(16, 11).changeHook).toBeNull();
  });

  it('says what each way comes to: 86 stitches at 17 in 10 cm are 50.6 cm', () => {
    const { goOn, replan } = judged(17, 11);
    const width = goOn.counts.find(({ quantity }) => quantity === 'back.width')!;
    expect(width.after).toEqual({ count: 86, actual: 86 / 1.7 });
    // What is not yet worked comes to its width again: the sleeve at the top to within a stitch at each edge.
    const top = replan.counts.find(({ quantity }) => quantity === 'sleeve.top')!;
    expect(Math.abs(top.after!.actual - top.before!.actual)).toBeLessThan(2 / 1.7);
    expect(replan.standing?.counts['back.width']).toBe(86);
  });

  it('counts on the hook in proportion to what the fabric does when it is washed', () => {
    const found = judgeGauge(start, 'body', { ...design.fabrics[0]!.unblocked!, state: 'on the hook' }, work);
    expect(found.stitches.found).toBeCloseTo(16, 6);
    expect(found.rows.found).toBeCloseTo(11, 6);
  });

  it('still finds a plan with a gauge of half the planned', () => {
    const found = judged(8, 5.5);
    expect(found.stitches.is).toBe('loose');
    expect(found.goOn.standing).not.toBeNull();
    if (found.replan.standing) expect(found.replan.standing.counts['back.width']).toBe(86);
    else expect(clashInWords(found.replan, 'cm').length).toBeGreaterThan(0);
  });

  it('does not know another fabric', () => {
    expect(() =>
      judgeGauge(
        start,
        'lace',
        { stitches: 1, stitchesOver: 1, rows: 1, rowsOver: 1, state: 'blocked' },
        work,
      ),
    ).toThrow(RangeError);
  });
});

describe('what is due', () => {
  const counted: Done = {
    kind: 'gauge',
    fabric: 'body',
    stitches: 16,
    stitchesOver: 10,
    rows: 11,
    rowsOver: 10,
    state: 'blocked',
    way: 'go on',
  };
  const kinds = (entries: Entry[]) =>
    promptsAt(replayed(entries)).map((one) =>
      one.kind === 'gauge' ? `gauge ${one.fabric}` : `try ${one.where}`,
    );

  it('is a count of the gauge after 15 cm, until it was counted', () => {
    // At 11 rows in 10 cm 15 cm are 16.5 rows.
    expect(kinds(log(...rows('back', 16)))).toEqual([]);
    expect(kinds(log(...rows('back', 17)))).toEqual(['gauge body']);
    expect(kinds(log(...rows('back', 17), counted))).toEqual([]);
  });

  it('is asked again after the hook was changed', () => {
    const changed: Done = {
      kind: 'gauge',
      fabric: 'body',
      stitches: 17,
      stitchesOver: 10,
      rows: 11,
      rowsOver: 10,
      state: 'blocked',
      way: 'change hook',
      hook: 5.5,
    };
    const begun = rows('back', 20);
    const on = rows('back', 38).slice(20);
    expect(kinds(log(...begun, changed))).toEqual([]);
    expect(kinds(log(...begun, changed, ...on))).toEqual(['gauge body']);
  });

  it('is to try on when the shoulders are joined, and before the cuff', () => {
    const joined: Done = { kind: 'step', step: 'shoulders', state: 'done' };
    expect(kinds(log(counted, joined))).toEqual(['try shoulders']);
    expect(kinds(log(counted, joined, { kind: 'tried', where: 'shoulders', text: 'it fits' }))).toEqual([]);
    const sleeves = [...rows('sleeve', 47), ...rows('sleeve', 47, { copy: 2 })];
    expect(kinds(log(counted, ...sleeves))).toEqual(['try sleeve']);
    expect(kinds(log(counted, ...sleeves, ...rows('cuff', 1)))).toEqual([]);
  });

  it('is to try the neckband after three rounds', () => {
    const name = 'minnowick-baby-top';
    const of = (many: number) =>
      promptsAt(
        replay(DEMOS[name]!, {
          size: '6 months',
          entries: log(...rows('edging-neck', many, { name, size: '6 months' })),
        }),
      ).map((one) => one.kind === 'try on' && one.where);
    expect(of(2)).toEqual([]);
    expect(of(3)).toEqual(['neckband']);
  });
});

describe('yarn in hand', () => {
  const of = (colour: string, entries: Entry[]) =>
    yarnInHand(replayed(entries)).find((one) => one.colour === colour)!;

  it('is what the rows worked and left take, together what the plan reckons', () => {
    const { begun } = replayed([]);
    const planned = begun.plan.yarn.find(({ fabric }) => fabric === 'body')!;
    const none = yarnInHand(replayed([])).filter(({ fabric }) => fabric === 'body');
    const all = none.reduce((sum, { left }) => sum + left, 0);
    const pieces = planned.pieces.reduce((sum, { metres }) => sum + metres, 0);
    expect(all).toBeCloseTo(pieces, 6);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), (many) => {
        const some = yarnInHand(replayed(log(...rows('back', many)))).filter(
          ({ fabric }) => fabric === 'body',
        );
        expect(some.reduce((sum, { worked, left }) => sum + worked + left, 0)).toBeCloseTo(all, 6);
      }),
      { numRuns: 8 },
    );
  });

  it('tells the row where the ball in hand ends', () => {
    const ball: Done = {
      kind: 'ball',
      fabric: 'body',
      colour: 'Oat',
      event: 'begun',
      piece: 'back',
      copy: 1,
      part: 'main',
      n: 1,
    };
    const found = of('Oat', log(ball));
    // By hand: 125 m; each of Oat's rows (4 of every 6) has 86 stitches.
    const perRow = (found.worked + found.left) / 1;
    expect(perRow).toBeGreaterThan(0);
    const oatRows = rowsOf(replayed([]).standing.plan.pieces[0]!.runs).filter(({ n }) => (n - 1) % 6 < 4);
    const stitches = 125 / (of('Oat', []).left / oatStitches());
    expect(found.ends).toMatchObject({ piece: 'back', copy: 1, n: oatRows[Math.floor(stitches / 86)]!.n });
  });

  /** Stitches of all rows in Oat, counted one by one. */
  function oatStitches(): number {
    const { plan } = replayed([]).standing;
    let all = 0;
    for (const { id, runs, copies } of plan.pieces) {
      if (id === 'hem' || id === 'cuff') continue;
      for (const { n, count } of rowsOf(runs)) if ((n - 1) % 6 < 4) all += copies * count;
    }
    return all;
  }

  it('corrects what it reckons by the balls that came to their end, and by the scale', () => {
    const ended: Done = {
      kind: 'ball',
      fabric: 'body',
      colour: 'Oat',
      event: 'ended',
      piece: 'back',
      copy: 1,
      part: 'main',
      n: 33,
    };
    const found = of('Oat', log(...rows('back', 33), ended));
    const reckoned = of('Oat', log(...rows('back', 33))).worked;
    expect(found.ratio).toBeCloseTo(125 / reckoned, 6);
    const weighed = of(
      'Oat',
      log(
        ...rows('back', 33),
        { kind: 'ball', fabric: 'body', colour: 'Oat', event: 'in all', balls: 6 },
        { kind: 'ball', fabric: 'body', colour: 'Oat', event: 'weighed', grams: 240 },
      ),
    );
    // 6 balls of 50 g less 240 g are 60 g, at 125 m in 50 g 150 m.
    expect(weighed.ratio).toBeCloseTo(150 / reckoned, 6);
    expect(weighed.enough).toBe(weighed.wanted! <= 6);
  });
});

describe('what came back', () => {
  it('lays gauge, yarn, counts and words side by side', () => {
    const entries = log(
      ...rows('back', 20),
      {
        kind: 'gauge',
        fabric: 'body',
        stitches: 17,
        stitchesOver: 10,
        rows: 11,
        rowsOver: 10,
        state: 'blocked',
        way: 're-plan',
      },
      { kind: 'note', text: 'An edge stitch more', piece: 'back', copy: 1, part: 'main', n: 20 },
      { kind: 'time', piece: 'back', minutes: 95 },
      { kind: 'change', quantity: 'sleeve.rows', count: 51, why: 'long arms' },
    );
    const back = cameBack(replayed(entries));
    expect(back.rows.worked).toBe(20);
    expect(back.gauges).toEqual([
      { fabric: 'body', hook: 5, planned: { stitches: 16, rows: 11 }, found: { stitches: 17, rows: 11 } },
    ]);
    expect(back.minutes).toBe(95);
    expect(back.said.map(({ kind }) => kind)).toEqual(['note', 'change']);
    expect(back.counts.find(({ quantity }) => quantity === 'sleeve.rows')?.after?.count).toBe(51);
    expect(back.counts.every(({ before, after }) => before?.count !== after?.count)).toBe(true);
    expect(back.names['sleeve.rows']).toBe('Sleeve, length');
  });

  it('is summed up in a line', () => {
    const found = summaryOf(replayed(log(...rows('back', 20), ...rows('sleeve', 3, { copy: 2 }))));
    expect(found).toMatchObject({ worked: 23, now: 'Sleeve 2, row 3' });
  });
});

describe('counts that may be wished otherwise', () => {
  it('say what is settled, and how many of their rows are worked', () => {
    const { standing, entries } = replayed(log(...rows('back', 40)));
    const wishes = changeWishes(standing, settledIn(standing, workIn(standing.plan, entries)));
    const of = (id: string) => wishes.find(({ quantity }) => quantity === id)!;
    expect(of('back.width').isSettled).toBe(true);
    expect(of('side.rows').isSettled).toBe(true);
    expect(of('armhole.rows')).toMatchObject({ isSettled: false, worked: 4 });
    expect(of('sleeve.rows')).toMatchObject({ isSettled: false, worked: 0, more: 48, less: 46 });
  });

  it('move nothing that is settled, whichever is wished', () => {
    const { standing, entries } = replayed(log(...rows('back', 40)));
    const done = workIn(standing.plan, entries);
    const settled = settledIn(standing, done).counts;
    for (const { quantity, more, isSettled } of changeWishes(standing, settledIn(standing, done))) {
      if (isSettled) continue;
      const found = preview(standing, { kind: 'change', quantity, count: more }, done);
      for (const moved of found.counts)
        expect([
          quantity,
          moved.quantity,
          settled.has(moved.quantity) && moved.before?.count !== moved.after?.count,
        ]).toEqual([quantity, moved.quantity, false]);
    }
  });
});

describe('a making file', () => {
  const file = {
    format: 'upfell/making',
    version: 1,
    name: 'For Tamsin',
    design: design.name,
    revision: 3,
    size: 'M',
    entries: log(...rows('back', 2)),
  };
  const problems = (change: object) => {
    const read = readMaking({ ...file, ...change });
    return read.ok ? [] : read.problems.map(({ path }) => path);
  };

  it('is read, with fields and kinds that are not known', () => {
    const odd = {
      ...file,
      studio: 7,
      entries: [...file.entries, { id: 'h', at: '2026-01-05T18:20:00Z', kind: 'hum', tune: 1 }],
    };
    const read = readMakingText(`\uFEFF${JSON.stringify(odd)}`);
    expect(read.ok && read.making).toEqual(odd);
  });

  it.each([
    ['another format', { format: 'upfell/design' }, 'format'],
    ['a newer version', { version: 2 }, 'version'],
    ['no size', { size: undefined }, 'size'],
    ['entries that are no list', { entries: {} }, 'entries'],
    ['a row without a number', { entries: [{ ...file.entries[0], n: undefined }] }, 'entries[0].n'],
    ['a time that is none', { entries: [{ ...file.entries[0], at: 'yesterday' }] }, 'entries[0].at'],
    ['a strange id', { entries: [{ ...file.entries[0], id: '../x' }] }, 'entries[0].id'],
    [
      'a gauge of nothing',
      {
        entries: log({
          kind: 'gauge',
          fabric: 'body',
          stitches: 0,
          stitchesOver: 10,
          rows: 11,
          rowsOver: 10,
          state: 'blocked',
        }),
      },
      'entries[0].stitches',
    ],
    ['a change of nothing', { entries: log({ kind: 'change' }) }, 'entries[0].quantity'],
    [
      'a change of what no garment has',
      { entries: log({ kind: 'change', field: '__proto__.x', value: 1 }) },
      'entries[0].field',
    ],
    [
      'a design that is none',
      { entries: [{ id: 'd', at: '2026-01-05T18:20:00Z', kind: 'design', revision: 2, document: {} }] },
      'entries[0].document.format',
    ],
  ])('is refused with %s, at the field', (_, change, path) => {
    expect(problems(change)).toContain(path);
  });

  it('is refused where it is no JSON, and entries are checked by themselves', () => {
    expect(readMakingText('{').ok).toBe(false);
    expect(readEntries({ entries: log(...rows('back', 2)) }).ok).toBe(true);
    expect(readEntries({}).ok).toBe(false);
  });

  it('is known for another design’s, and for a size that is not there', () => {
    expect(notOf(design, { design: 'Another', size: 'M' })?.path).toBe('design');
    expect(notOf(design, { design: design.name, size: 'QX' })?.message).toMatch(/its sizes are XS, S, M/);
    expect(notOf(design, { design: design.name, size: 'M' })).toBeNull();
  });

  it('tells what of a log could not be followed', () => {
    const entries: Making['entries'] = log(
      { kind: 'row', piece: 'back', copy: 1, part: 'main', n: 3 },
      { kind: 'row', piece: 'hood', copy: 1, part: 'main', n: 1 },
      { kind: 'row', piece: 'back', copy: 1, part: 'main', n: 400 },
      { kind: 'change', quantity: 'back.width', count: 90 },
    );
    const said = doubtsOf(replay(design, { size: 'M', entries }), { entries });
    expect(said).toEqual([
      'Back: rows 1, 2 were passed over without a tick; they are taken as worked.',
      'Back: row 400 is ticked, beyond its last row; they are left out.'.replace('they are', 'it is'),
      'Rows of a piece “hood” are ticked, which this size does not have; they are left out.',
      'A change of the log cannot be made with the rows as they are worked; it is left out.',
    ]);
  });
});
