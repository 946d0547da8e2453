import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { PieceSoFar } from '../passages/pieceSoFar.js';
import { runsOf } from '../passages/registry.js';
import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { USUAL_STYLE } from '../write/style.js';
import { rowsOf } from '../work/runs.js';

const PANELS = ['drop shoulder', 'notched cardigan with bands, slit', 'vest', 'side to side, sleeved'];

// One repeat more or fewer at an edge (common practice): chained or left, and worked as the pattern begins and ends.
describe('pieces shaped by whole repeats', () => {
  it.each(
    STITCH_PATTERNS.filter(({ fabric }) => fabric.rule.flat.multiple > 1).map(
      ({ fabric }) => [fabric.id, fabric] as const,
    ),
  )('are repeats throughout in %s', (_, fabric) => {
    for (const name of PANELS) {
      const body = {
        ...fabric,
        id: 'body',
        shaping: 'units' as const,
        gauge: fabricOf('body', 18, 10).gauge,
      };
      const rib = fabricOf('rib', 18, 20);
      const garment = GARMENTS.find(([one]) => one === name)![1];
      const [size] = plan(
        designWith({ sizes: [sizeOf('M', { bust: 97 })], fabrics: [body, rib], garment }),
      ).sizes;
      const plain = size!.pieces
        .filter(({ sections }) => sections[0]!.fabric === 'body')
        .flatMap((piece) => {
          const soFar = new PieceSoFar(
            [piece],
            new Map([
              ['body', body],
              ['rib', rib],
            ]),
            body,
            runsOf,
            { units: 'cm', style: USUAL_STYLE },
          );
          const [stitched] = soFar.stitchedRows();
          return rowsOf(piece.runs).flatMap(({ part, n }) => {
            const row = stitched!.get(`${part}:${n}`)!;
            const whole = row.pattern !== null && row.plain.every((many) => many === 0);
            // A plain first row may be what the pattern begins with.
            return whole || n === 1 ? [] : [`${piece.id} ${n}`];
          });
        });
      expect(plain).toEqual([]);
    }
  });
});
