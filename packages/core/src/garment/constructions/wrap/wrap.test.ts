import type { Garment } from '../../../design.js';
import { openLoops } from '../../../borders/openEdges.js';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { plan } from '../../../plan.js';
import { provePattern } from '../../../read/pattern.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { workPiece } from '../../../work/hook.js';
import { rowsOf } from '../../../work/runs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';

const designed = (garment: object = {}, id?: string) =>
  designWith({
    graded: false,
    sizes: [88, 112].map((bust) => sizeOf(String(bust), { bust })),
    fabrics: [
      id
        ? { ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric, id: 'body' }
        : fabricOf('body', 16, 11),
      fabricOf('rib', 18, 20),
    ],
    garment: { construction: 'wrap', ...garment } as Garment,
  });

describe('a wrap of a rectangle', () => {
  const { sizes } = plan(designed());

  it('has each armhole in one row, as many chains as stitches left, and a sleeve round both', () => {
    for (const { pieces, joins, quantities } of sizes) {
      const slit = quantities.find(({ id }) => id === 'wrap.slit')!.count;
      const [rectangle] = pieces;
      const worked = workPiece(rowsOf(rectangle!.runs));
      expect(worked.faults).toEqual([]);
      for (const side of ['left', 'right']) {
        const at = (id: string) => rectangle!.edges.find((edge) => edge.id === `wrap.${id}-${side}`)!;
        expect([at('armhole').count, at('armhole-chain').count]).toEqual([slit, slit]);
        const [join] = joins.filter(({ id }) => id === `armhole-${side}`);
        expect([join!.aCount, join!.bCount, join!.ok]).toEqual([2 * slit, 2 * slit, true]);
      }
      // Nothing of the rectangle is left over: all of its edge lies along its sides and both slits.
      expect(worked.lost(rectangle!.edges.map(({ place }) => place))).toEqual([]);
    }
  });

  it('is as wide as back and both fronts, its armholes as far apart as the back is wanted', () => {
    for (const { quantities, body } of sizes) {
      const count = (id: string) => quantities.find((one) => one.id === id)!.count;
      expect(count('wrap.rows')).toBe(count('wrap.back') + 2 * count('wrap.front'));
      expect(Math.abs(count('wrap.back') / 1.1 - body.crossBack - 4)).toBeLessThan(1);
    }
  });

  it('is edged in one round outside, and in one at each armhole where it has no sleeves', () => {
    const [size] = plan(designed({ sleeve: null })).sizes;
    const loops = openLoops(size!.pieces, size!.joins);
    expect(loops.map(({ edges }) => edges.length).sort()).toEqual([2, 2, 4]);
    const outside = loops.find(({ edges }) => edges.length === 4)!;
    expect(outside.edges.map(({ turn }) => Math.round(turn!))).toEqual([90, 90, 90, 90]);
  });

  it.each(['v-stitch', 'mesh-2', 'shells', 'granny-clusters'])(
    'in %s is written and read back without a difference, its sleeves in the same repeat',
    (id) => {
      const design = designed({ front: { ties: 1 }, cuff: { height: 4 } }, id);
      const planned = plan(design).sizes;
      const text = patternToText(pattern({ sizes: planned }, design, { units: 'cm' }));
      expect(provePattern(text, planned, {}, design).differences).toEqual([]);
      const [said] = /the left armhole: in pattern over the first .+/.exec(text)!;
      for (const wrong of [said.replace(/ch (\d+)/, 'ch 6'), said.replace(/first (\d+)/, 'first 7')])
        expect(provePattern(text.replace(said, wrong), planned, {}, design).differences).not.toEqual([]);
    },
  );
});
