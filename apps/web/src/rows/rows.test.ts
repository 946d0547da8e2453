import { perCm, plan, type Design, type Passage, type SizePlan } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { stripOf } from '../worker/screen';
import { withFigure } from '../state/style';
import { evenEnds, evenLength } from './evenRows';
import { idealLines } from './idealLine';
import { passageSentence, shapeSentence } from './sentences';

type Shape = Extract<Passage, { kind: 'shape' }>;

const withSleeve = (design: Design, sleeve: object): Design => ({
  ...design,
  garment: { ...design.garment, sleeve: { ...(design.garment['sleeve'] as object), ...sleeve } },
});
const taperOf = ({ pieces }: SizePlan): Shape =>
  pieces
    .find(({ id }) => id === 'sleeve')!
    .passages.find((passage): passage is Shape => passage.kind === 'shape')!;

describe('the ends of a taper', () => {
  it.each(['up', 'down'])(
    'lie where the style puts them, and no shaping row is lost up to the most (%s)',
    (worked) => {
      const design = withSleeve(demoDesign('brackenlow-pullover'), { worked });
      const fabric = design.fabrics[0]!;
      const size = plan(design).sizes[2]!;
      const ends = evenEnds(taperOf(size));
      expect(ends.map(({ rows }) => rows)).toEqual([1, 1]);
      for (const { field, most } of ends) {
        const rows = Math.floor(most / 2);
        const moved = plan(withSleeve(design, { worked, [field]: evenLength(rows, fabric) })).sizes[2]!;
        const end = evenEnds(taperOf(moved)).find((one) => one.field === field)!;
        expect(end.rows).toBe(rows);
        expect(taperOf(moved).schedule.events).toHaveLength(taperOf(size).schedule.events.length);
      }
    },
  );

  it('are kept as lengths that come back as the same rows', () => {
    const fabric = demoDesign('brackenlow-pullover').fabrics[0]!;
    expect(evenLength(1, fabric)).toBe(0);
    for (let rows = 2; rows < 60; rows += 1)
      expect(Math.round(evenLength(rows, fabric) * perCm(fabric.gauge, 'rows'))).toBe(rows);
  });

  it('are set for all sizes, or for the one that has its own', () => {
    expect(withFigure(3, 'M', 5)).toBe(5);
    expect(withFigure({ all: 3, sizes: { L: 4 } }, 'M', 5)).toEqual({ all: 5, sizes: { L: 4 } });
    expect(withFigure({ all: 3, sizes: { M: 4 } }, 'M', 5)).toEqual({ all: 3, sizes: { M: 5 } });
  });
});

describe('the line that steps follow', () => {
  it('lies within a stitch of every row of a taper and of a round neck', () => {
    for (const name of ['brackenlow-pullover', 'puddlestone-jumper', 'wrenmoss-baby-pullover'])
      for (const { pieces } of plan(withSleeve(demoDesign(name), { order: 'mixed', everyRow: 1 })).sizes)
        for (const piece of pieces)
          for (const passage of piece.passages) {
            if (passage.kind !== 'shape' || passage.schedule.events.length === 0) continue;
            const rows = stripOf(piece).rows.filter(({ part }) => part === passage.part);
            const lines = idealLines(passage, rows);
            expect(lines).toHaveLength(passage.where.at === 'both edges' ? 2 : 1);
            const stitch = (rows[0]!.right - rows[0]!.left) / rows[0]!.count;
            lines.forEach((line, i) => {
              const side = passage.where.at === 'one edge' ? passage.where.side : i === 0 ? 'left' : 'right';
              for (const row of rows) {
                const middle = (row.low + row.high) / 2;
                const above = line.findIndex(([, y]) => y >= middle);
                if (above < 1) continue;
                const [[x0, y0], [x1, y1]] = [line[above - 1]!, line[above]!];
                const x = y1 === y0 ? x1 : x0 + ((x1 - x0) * (middle - y0)) / (y1 - y0);
                expect(Math.abs(x - row[side])).toBeLessThan(stitch * 1.1);
              }
            });
          }
  });
});

describe('sentences', () => {
  it('tells rows that follow each other with the same amount together', () => {
    const steps = (rows: readonly number[], amounts: readonly number[]) =>
      shapeSentence({
        kind: 'shape',
        part: 'main',
        to: 60,
        where: { at: 'one edge', side: 'left', edge: 'the neck edge' },
        of: {},
        schedule: {
          start: 30,
          end: 30 - amounts.reduce((sum, amount) => sum + amount, 0),
          perEvent: 1,
          direction: -1,
          events: rows,
          amounts,
          after: 40,
          room: { first: 41, last: 60, everyRow: 1 },
          rates: [],
          order: 'curve',
        },
      });
    expect(steps([41, 42, 43, 45, 50], [5, 1, 1, 1, 1])).toBe(
      'Take off at the neck edge 5 in row 41, 1 in rows 42–43, 45, 50: 30 to 21 stitches, to row 60',
    );
    expect(steps([41, 44, 46], [2, 2, 3])).toContain('2 in rows 41, 44, 3 in row 46');
  });

  it('say every passage of every piece, with the figures of its rows', () => {
    const design = demoDesign('fernhollow-layer');
    for (const { pieces } of plan(design).sizes)
      for (const piece of pieces)
        for (const passage of piece.passages) {
          const said = passageSentence(passage, design.fabrics);
          expect(said.length).toBeGreaterThan(8);
          if (passage.kind === 'shape') expect(said).toContain(`${passage.schedule.end} stitches`);
          if (passage.kind === 'even') expect(said).toContain(String(passage.to));
        }
  });

  it('say parts joined, short rows, and shaping round a round', () => {
    expect(
      passageSentence(
        {
          kind: 'unite',
          part: 'body',
          from: [
            { part: 'a', at: 0, take: 30 },
            { part: 'b', at: 0, take: 30 },
          ],
          chains: [6, 6],
          label: 'Body',
        },
        [],
      ),
    ).toBe('Body: join 30 + 30 stitches with 6 and 6 chains');
    expect(
      passageSentence(
        {
          kind: 'short',
          part: 'main',
          label: 'Cap',
          shortRows: { stitches: 20, rows: [{ from: 6, to: 14 }], keptLeft: 6, keptRight: 6, closing: true },
        },
        [],
      ),
    ).toBe('Cap: 1 short row, closed by a row over all');
    const taper = taperOf(plan(demoDesign('brackenlow-pullover')).sizes[0]!);
    expect(shapeSentence({ ...taper, where: { at: 'the round' } })).toMatch(/^Increase at 2 places every/);
  });
});
