import { perCm } from '../fabric/gauge.js';
import { demoDesigns } from '../testing/designs.js';
import { rowsOf } from '../work/runs.js';
import { begin } from './standing.js';
import { rowsToWork, type RowToWork } from './rowsToWork.js';
import { rowInSteps } from './stepWords.js';
import type { Row, Step } from '../work/rows.js';

const DEMOS = demoDesigns();
const rowsOfPiece = (name: string, size: string, piece: string) =>
  rowsToWork(begin(DEMOS[name]!, size), piece, { units: 'cm' });

/**
 * Counts stitches as a maker does who has only the words and the row below: an evaluator of its own, which knows nothing of how they were
 * made. Null where the words say anything else.
 */
function stitchesSaid(words: string, below: number): number | null {
  let [made, taken] = [0, 0];
  const one = (said: string): boolean => {
    const each =
      /^(?:(\d+) )?(?:s|h|e)?[a-z]+(?: [bf]lo)? in (?:the (?:next|first|last) (?:(\d+) sts?|st)|each st)$/.exec(
        said,
      );
    if (each) {
      const many = /each st$/.test(said) ? below - taken : Number(each[2] ?? 1);
      made += many * Number(each[1] ?? 1);
      taken += many;
      return true;
    }
    const together = /^[a-z]+?(\d)tog$/.exec(said);
    if (together) {
      made += 1;
      taken += Number(together[1]);
      return true;
    }
    const added = /^(\d+) new sts? /.exec(said);
    if (added) {
      made += Number(added[1]);
      return true;
    }
    const over =
      /^(?:sl st over|skip) the next (\d+) sts?$/.exec(said) ??
      /^leave the last (\d+) sts? unworked$/.exec(said);
    if (over) taken += Number(over[1]);
    return over !== null;
  };
  const [, before, cycle, times, after] =
    /^(?:(.+), )?\*(.+); repeat from \* (once|\d+ times) more(?:, (.+))?$/.exec(words) ?? [];
  const parts = (said: string | undefined) => (said ? said.split(/, (?=(?:\d+ )?[a-z])/) : []);
  const all = cycle
    ? [
        ...parts(before),
        ...Array.from({ length: 1 + (times === 'once' ? 1 : Number.parseInt(times!, 10)) }, () =>
          parts(cycle),
        ).flat(),
        ...parts(after),
      ]
    : parts(words);
  if (!all.every(one)) return null;
  return taken === below ? made : NaN;
}

/** The kind of passage that a row of a piece lies in. */
function kindOf({ plan }: ReturnType<typeof begin>, piece: string, n: number): string {
  let begun = 0;
  for (const passage of plan.pieces.find(({ id }) => id === piece)!.passages) {
    if (passage.kind === 'short') {
      const { rows, closing } = passage.shortRows;
      begun += rows.length + (closing ? 1 : 0);
      if (n <= begun) return 'short';
    } else if ('to' in passage) begun = passage.to;
    else if (passage.kind === 'start') begun = 1;
  }
  return '';
}

describe('the row at hand in words', () => {
  it('comes to the planned stitches, counted from its words alone, in every plain row of all demos', () => {
    let counted = 0;
    for (const [name, { sizes }] of Object.entries(DEMOS)) {
      const standing = begin(DEMOS[name]!, sizes[0]!.id);
      for (const { id, runs } of standing.plan.pieces) {
        const rows = rowsToWork(standing, id, { units: 'cm' });
        const planned = rowsOf(runs);
        expect(rows.map(({ n, count, part, side }) => [n, count, part, side])).toEqual(
          planned.map(({ n, count, part, side }) => [n, count, part, side]),
        );
        const before = new Map<string, number>();
        for (const [i, row] of rows.entries()) {
          const below = before.get(row.part);
          before.set(row.part, row.count);
          // Short rows go over some of the stitches below, and what closes them over more than one row.
          const isOver = planned[i]!.from.length === 1 && planned[i - 1]?.part === row.part;
          if (below === undefined || row.repeats !== null || planned[i]!.graded || !isOver) continue;
          const said = stitchesSaid(row.words, below);
          if (said === null) continue;
          counted += 1;
          if (Number.isNaN(said) && runs.length > 0 && /short/.test(kindOf(standing, id, row.n))) continue;
          expect([name, id, row.n, row.words, said]).toEqual([name, id, row.n, row.words, row.count]);
        }
      }
    }
    // Most rows of most pieces are told so; the others by their pattern, or by the lines of a yoke.
    expect(counted).toBeGreaterThan(4000);
  }, 120_000);

  it('tells a shaped row in full for the size, with its direction, hook, colour and the tape', () => {
    const row = rowsOfPiece('brackenlow-pullover', 'M', 'sleeve')[3]!;
    expect(row).toMatchObject({
      one: 'Row',
      n: 4,
      side: 'WS',
      leftwards: false,
      count: 40,
      change: 2,
      shapes: true,
      words: '2 hdc in the first st, hdc in the next 36 sts, 2 hdc in the last st',
      hook: 5,
      colour: 'Oat',
    });
    // 4 rows at 11 in 10 cm; on the hook as was counted before washing.
    expect(row.height.finished).toBeCloseTo(40 / 11, 6);
    expect(row.height.onTheHook).toBeCloseTo(
      4 / perCm(DEMOS['brackenlow-pullover']!.fabrics[0]!.unblocked!, 'rows'),
      6,
    );
  });

  it('says before a row what begins with it, and after it what is marked', () => {
    const rows = rowsOfPiece('brackenlow-pullover', 'M', 'front');
    expect(rows[0]!.before).toEqual(['Ch 88.']);
    expect(rows[35]!.after).toEqual(['Place a marker at both ends of row 36: the underarm.']);
    const shoulder = rows.find(({ part }) => part === 'first-shoulder')!;
    expect(shoulder.before[0]).toMatch(/^First shoulder: go on over the first 37 sts only from row 52 on/);
    const last = rows.filter(({ part }) => part === 'first-shoulder').at(-1)!;
    expect(last.after).toEqual(['Fasten off.']);
  });

  it('tells rows of a pattern by the rows of the pattern, with the repeats that this size has', () => {
    const [, second] = rowsOfPiece('saltmere-vest', 'S', 'back');
    expect(second).toMatchObject({ repeats: 18, patternRow: 1 });
    expect(second!.words).toMatch(/repeat from \* to the end \(18 repeats\)$/);
  });

  it('tells rounds of a motif and of a yoke as its pattern does', () => {
    const motif = rowsOfPiece('willowgarth-jacket', 'M', 'square');
    expect(motif[2]!.words).toMatch(/^\*\(3 dc, ch 2, 3 dc\) in the next corner sp/);
    const yoke = rowsOfPiece('sedgecombe-cardigan', 'M', 'yoke');
    expect(yoke[3]!.words).toMatch(
      /Between the lines there are then: left front \d+, left sleeve \d+, back \d+/,
    );
  });

  it('speaks in UK terms where these are wanted', () => {
    const rows = rowsToWork(begin(DEMOS['brackenlow-pullover']!, 'M'), 'sleeve', {
      units: 'cm',
      terms: 'uk',
    });
    expect(rows[3]!.words).toBe('2 htr in the first st, htr in the next 36 sts, 2 htr in the last st');
  });

  it('does not know a piece that the size does not have', () => {
    expect(() => rowsOfPiece('brackenlow-pullover', 'M', 'hood')).toThrow(RangeError);
  });
});

describe('steps in words', () => {
  const row = (steps: Step[], more: Partial<Row> = {}): Row => ({
    n: 2,
    part: 'main',
    side: 'RS',
    from: [{ part: 'main', n: 1, take: 80, at: 0 }],
    steps,
    count: 0,
    by: 0,
    add: 0,
    ...more,
  });

  it('tells what comes again once, with how often', () => {
    const steps = Array.from({ length: 10 }, (): Step[] => [
      { do: 'work', times: 6 },
      { do: 'decrease', times: 1 },
    ]).flat();
    expect(rowInSteps(row(steps, { round: 'joined' }), 'dc', 80)).toBe(
      '*dc2tog, dc in the next 6 sts; repeat from * 9 times more',
    );
  });

  it('begins where the hook does: a right-side row at its right end', () => {
    const steps: Step[] = [
      { do: 'increase', times: 1 },
      { do: 'work', times: 79 },
    ];
    expect(rowInSteps(row(steps), 'sc', 80)).toBe('sc in the next 79 sts, 2 sc in the last st');
    expect(rowInSteps(row(steps, { side: 'WS' }), 'sc', 80)).toBe(
      '2 sc in the first st, sc in the next 79 sts',
    );
  });
});

it('keeps every key of a row to itself', () => {
  const keys = rowsOfPiece('brackenlow-pullover', 'M', 'front').map(({ key }: RowToWork) => key);
  expect(new Set(keys).size).toBe(keys.length);
});
