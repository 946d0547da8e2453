import { plan } from '../../plan.js';
import { demoDesigns } from '../../testing/designs.js';
import { evenRowsWished, shapedRows, type TaperStyle } from './taper.js';

const design = demoDesigns()['brackenlow-pullover']!;
const withSleeve = (sleeve: object) => ({
  ...design,
  garment: { ...design.garment, sleeve: { ...(design.garment['sleeve'] as object), ...sleeve } },
});
const taperOf = (sleeve: object, size = 2) => {
  const piece = plan(withSleeve(sleeve)).sizes[size]!.pieces.find(({ id }) => id === 'sleeve')!;
  const taper = piece.passages.find((passage) => passage.kind === 'shape')!;
  return { rows: taper.to, ...taper.schedule };
};

describe('even rows of a sleeve', () => {
  it('leave the forearm even when it is shaped only above the elbow', () => {
    const { events, rows, end } = taperOf({ evenAtCuff: { percent: 50 } });
    expect(Math.min(...events)).toBeGreaterThan(rows / 2);
    expect(end).toBe(taperOf({}).end);
  });

  it('lie at the same ends of the sleeve when it is worked down', () => {
    const up = taperOf({ evenAtCuff: 10, evenAtTop: 3 });
    const down = taperOf({ evenAtCuff: 10, evenAtTop: 3, worked: 'down' });
    // Row r from the cuff is row rows + 2 - r from the top: what grows there narrows here.
    expect(down.events.map((row) => down.rows + 2 - row).reverse()).toEqual(up.events);
  });

  it('leave the fit no more room than there will be', () => {
    const wishes = [0, 1, 4, { percent: 0 }, { percent: 35 }, { percent: 60 }];
    for (const evenAtCuff of wishes)
      for (const evenAtTop of [0, 3, { percent: 20 }])
        for (const everyRow of [1, 2] as const)
          for (let rows = 4; rows < 90; rows += 1) {
            const style = { evenAtCuff, evenAtTop, everyRow } as unknown as TaperStyle;
            const { first, last } = shapedRows(style, 'M', rows, 1.1);
            const odd = everyRow === 2 && first % 2 === 0 ? first + 1 : first;
            const room = last < odd ? 0 : Math.floor((last - odd) / everyRow) + 1;
            // However many rows the sleeve was thought to have.
            for (const wanted of [4, rows, 120]) {
              const { spare, spareShare } = evenRowsWished(style, 'M', 1.1, wanted);
              const most = Math.floor((rows * (1 - spareShare) - spare) / everyRow + 1e-9);
              expect(Math.max(0, most)).toBeLessThanOrEqual(room);
            }
          }
  });
});
