import fc from 'fast-check';
import { checkPasted } from './pasted.js';

const THREE = ['S', 'M', 'L'];

describe('checkPasted', () => {
  it('checks every size of a row in the usual notation', () => {
    const row = 'Row 5: 2 hdc in first st, hdc in each st to last, 2 hdc in last. (44, 48, 52)';
    expect(checkPasted(row, THREE, { start: [42, 46, 50] })).toEqual({
      rows: 1,
      problems: [],
      counts: [44, 48, 52],
    });
    expect(checkPasted(row, THREE, { start: [42, 45, 50] }).problems).toEqual([
      { line: 1, row: 'Row 5', size: 'M', message: 'comes to 47 stitches, but says 48' },
    ]);
  });

  it.each([
    ['Row 2: hdc in each st across; turn. (20 sts)', 20, 20],
    ['Row 2 (RS): Ch 3 (counts as dc), dc in each st to end, turn. [20 sts]', 20, 20],
    ['Rnd 3: *sc in next 3 sts, inc; repeat from * around. (25 sts)', 20, 25],
    ['Rnd 3: (sc in next 3 sts, inc) 5 times; join. (25 sts)', 20, 25],
    ['Round 3: [3 sc, 2 sc in next st] x 5. (25 sts)', 20, 25],
    ['Row 4: sc2tog, sc in each st to last 2 sts, sc2tog. (18 sts)', 20, 18],
    ['Row 4: dec over first 2 sts, work even to last 2 sts, dec. (18 sts)', 20, 18],
    [
      'Row 4: sl st in first 3 sts, hdc in each st to last 2 sts, leave last 2 sts unworked; turn. (15 sts)',
      20,
      15,
    ],
    [
      'Row 6: *dc in next st, ch 1, skip next st; rep from * to last 2 sts, dc in last 2 sts. (20 sts)',
      20,
      20,
    ],
    ['Row 6: (2 dc, ch 1, 2 dc) in next st, dc in each of next 18 sts, 3 dc in last st. (26 sts)', 20, 26],
    [
      'Row 7: hdc in next 4 sts, *2 hdc in next st, hdc in next 2 sts; repeat from * 4 more times, hdc in last st. (25 sts)',
      20,
      25,
    ],
    ['Rows 7-10: hdc in each st; turn. (20 sts)', 20, 20],
    ['Row 8: work 10, dc3tog, work 7 – 18 sts', 20, 18],
    ['Row 2: sl st in each st across; turn. (20 sts)', 20, 20],
    ['Row 2: *sl st in next st, sc in next st; repeat from * to end; turn. (20 sts)', 20, 20],
    ['Row 2: sl st in next 4 sts, sc in each st to end. (16 sts)', 20, 16],
    [
      'Row 3: ch 3 (counts as dc), *2 dc in the next ch-2 sp, dc in next dc; repeat from * to end. (19 sts)',
      19,
      19,
    ],
    ['Row 3: dc in first st, *dc in the next ch-2 sp, dc in next st; repeat from * to end. (13 sts)', 19, 13],
    [
      'Row 2: ch 5 (counts as dc, ch 2), sk the first ch-2 sp, dc in the next dc, *ch 2, sk the next ch-2 sp, dc in the next dc; repeat from * to the turning ch, dc in the 3rd ch of it; turn. (20 sts)',
      20,
      20,
    ],
    [
      'Row 4: (2 dc, ch 2, 2 dc) in the next ch-2 sp, sk 2 sts, dc into each of the next 4 sts. (10 sts)',
      8,
      10,
    ],
    [
      'Row 5: *fpdc around the post of the next st, bpdc around next st; repeat from * around. (20 sts)',
      20,
      20,
    ],
    ['Row 6: 3 dc in each ch-2 sp across. (15 sts)', 10, 15],
    ['Row 8: inc in first st, hdc in next 18 sts, inc in last st; turn.', 20, 22],
  ])('reads “%s”', (text, start, count) => {
    expect(checkPasted(text, ['M'], { start: [start] })).toMatchObject({ problems: [], counts: [count] });
  });

  it('takes figures for every size out of the instructions', () => {
    const text =
      'Row 2: hdc in next 5 (6, 7) sts, 2 hdc in next st, hdc in each st to end. (21 (23, 25) sts)';
    expect(checkPasted(text, THREE, { start: [20, 22, 24] }).problems).toEqual([]);
  });

  it('follows rows on from each other and tells the first mistake of a size', () => {
    const text = [
      'Row 1: hdc in each st. (20, 22, 24)',
      'Row 2: 2 hdc in first st, hdc in each st to end. (21, 23, 25)',
      'Row 3: hdc in each st to last 2 sts, hdc2tog. (20, 23, 24)',
      'Row 4: hdc in next 20 sts. (20)',
    ].join('\n');
    expect(checkPasted(text, THREE).problems).toEqual([
      { line: 3, row: 'Row 3', size: 'M', message: 'comes to 22 stitches, but says 23' },
      {
        line: 4,
        row: 'Row 4',
        size: 'L',
        message: '4 stitches are left at the end of the row that nothing is worked into.',
      },
    ]);
  });

  it('reads UK terms', () => {
    const text = 'Row 2: miss next st, tr in each st to last 2 sts, tr2tog. (18 sts)';
    expect(checkPasted(text, ['M'], { terms: 'uk', start: [20] }).problems).toEqual([]);
  });

  it('says what cannot be read, and where', () => {
    expect(checkPasted('Row 1: hdc in each st. (20)\nRow 2: wiggle about. (20)', ['M']).problems).toEqual([
      {
        line: 2,
        row: 'Row 2',
        size: null,
        message: expect.stringContaining('“wiggle” is no stitch') as string,
      },
    ]);
    expect(checkPasted('Row 2: (hdc, dc. (20)', ['M']).problems[0]!.message).toMatch(/bracket/);
    expect(checkPasted('Row 2: hdc in each st. (20, 22)', THREE).problems[0]!.message).toBe(
      'gives 2 counts for 3 sizes',
    );
    expect(
      checkPasted('Rnd 2: *sc in next 3 sts, inc; repeat from * around.', ['M'], { start: [22] }).problems[0]!
        .message,
    ).toMatch(/does not come out: after 5 repeats 2 stitches are left/);
  });

  it('finds a fault seeded anywhere in rows of a piece, in its row and size and nowhere before', () => {
    let seeded = 0;
    const changes = fc.array(fc.constantFrom('even', 'both', 'one', 'dec', 'round'), {
      minLength: 3,
      maxLength: 12,
    });
    fc.assert(
      fc.property(
        changes,
        fc.integer({ min: 30, max: 90 }),
        fc.nat(),
        fc.nat(),
        (ways, start, where, which) => {
          const starts = [start, start + 4, start + 8];
          let counts = starts;
          const rows = ways.map((way, i) => {
            const by = { even: 0, both: 2, one: 1, dec: -2, round: 3 }[way]!;
            counts = counts.map((count) => count + by);
            const body = {
              even: 'hdc in each st',
              both: '2 hdc in first st, hdc in each st to last st, 2 hdc in last st',
              one: 'hdc in each st to last st, 2 hdc in last st',
              dec: 'hdc2tog, hdc in each st to last 2 sts, hdc2tog',
              round: '(2 hdc in next st, hdc in next st) 3 times, hdc in each st to end',
            }[way]!;
            return { n: i + 1, body, counts };
          });
          const write = (list: typeof rows) =>
            list.map(({ n, body, counts: at }) => `Row ${n}: ${body}; turn. (${at.join(', ')})`).join('\n');
          expect(checkPasted(write(rows), THREE, { start: starts }).problems).toEqual([]);
          const row = where % rows.length;
          const size = which % 3;
          const wrong = rows.map((one, i) =>
            i === row
              ? { ...one, counts: one.counts.map((count, s) => (s === size ? count + 1 : count)) }
              : one,
          );
          const [first] = checkPasted(write(wrong), THREE, { start: starts }).problems;
          expect(first).toMatchObject({ line: row + 1, row: `Row ${row + 1}`, size: THREE[size] });
          seeded += 1;
        },
      ),
      { numRuns: 150 },
    );
    expect(seeded).toBeGreaterThanOrEqual(100);
  });
});
