import { perCm, plan, type Design, type Passage, type SizePlan } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { stripOf } from '../worker/screen';
import { withFigure } from '../state/style';
import { evenEnds, evenLength } from './evenRows';
import { idealLines } from './idealLine';

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
