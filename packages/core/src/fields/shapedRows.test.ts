import { GARMENTS } from '../testing/garments.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { plan } from '../plan.js';
import { SHAPED_IN } from '../fabric/fabric.js';

describe('a fabric that is shaped in some of its rows', () => {
  // The plain rows of a texture, the rows without a crossing (common practice): right-side rows are odd.
  it.each(GARMENTS)('has its sleeves and sides shaped in these only: %s', (_, garment) => {
    for (const shapedIn of SHAPED_IN.slice(1)) {
      const fabrics = [fabricOf('body', 18, 14), fabricOf('rib', 18, 20)].map((fabric) => ({
        ...fabric,
        shapedIn,
      }));
      const [size] = plan(designWith({ sizes: [sizeOf('M', { bust: 100 })], fabrics, garment })).sizes;
      expect(size!.pieces.length).toBeGreaterThan(0);
      expect(size!.joins.every(({ ok }) => ok)).toBe(true);
      for (const { passages } of size!.pieces)
        for (const passage of passages)
          if (passage.kind === 'shape' && /^(?:sleeve|side)\.rows$/.test(passage.of.rows ?? ''))
            expect(
              passage.schedule.events.filter((row) => (row % 2 === 1) !== (shapedIn === 'right-side rows')),
            ).toEqual([]);
    }
  });
});
