import type { Design } from '../../../design.js';
import { plan } from '../../../plan.js';
import type { SizePlan } from '../../../sizePlan.js';
import { demoDesigns, designWith, fabricOf, someBodies, sizeOf } from '../../../testing/designs.js';
import { taken } from '../../../testing/taken.js';
import { rowsOf } from '../../../work/runs.js';

const designs = demoDesigns();
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;
const actual = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.actual;

const medium = sizeOf('M', { bust: 96, waist: 78, hip: 102 });
const raglanOf = (style: object, fabric = fabricOf('body', 16, 9)): Design => ({
  ...designWith({ fabrics: [fabric, fabricOf('rib', 18, 20)], sizes: [medium] }),
  garment: { construction: 'raglan', ...style },
});

describe('raglan', () => {
  it('keeps near the percentage system for seamless yokes', () => {
    // Zimmermann, "Knitting Without Tears" (1971), from memory: of the body's round the neck has about 40 %, the sleeve at the
    // underarm 33 to 40 %, the underarm 8 %. Our usual figures are by measurement, and a closed neck must pass the head: the
    // neck is taken with 20 hundredths to either side, the sleeve with 8, the underarm with 3.
    const { sizes } = designs['marlbank-pullover']!;
    for (const size of plan({ ...raglanOf({ ease: 10 }, fabricOf('body', 16, 12)), sizes }).sizes) {
      const share = (id: string) => actual(size, id) / actual(size, 'body.round');
      expect(Math.abs(share('neck.round') - 0.4)).toBeLessThan(0.2);
      expect(Math.abs(share('sleeve.top') - 0.365)).toBeLessThan(0.08);
      expect(Math.abs(share('underarm.chain') - 0.08)).toBeLessThan(0.03);
    }
  });

  it('needs more than one stitch a row at a line where rows are as tall as double crochet', () => {
    // Common practice: about 1.1 a row in middle sizes, 1.3 to 1.8 in large ones.
    const dc = fabricOf('body', 16, 9);
    const rate = (bust: number) => {
      const [size] = plan({
        ...raglanOf({}, dc),
        sizes: [sizeOf('x', { bust, waist: bust - 15, hip: bust + 8 })],
      }).sizes;
      return (count(size!, 'back.width') - count(size!, 'neck.back')) / 2 / count(size!, 'yoke.rows');
    };
    expect(rate(100)).toBeGreaterThan(0.95);
    expect(rate(140)).toBeGreaterThan(1.2);
    expect(rate(140)).toBeLessThan(1.8);
  });

  it('tells when the yoke is too shallow for its increases, and each setting that it offers helps', () => {
    const design = raglanOf({ depthEase: -2, rates: { most: 1 } });
    const [size] = plan(design).sizes;
    const note = size!.notes.find(({ code }) => code === 'yoke-too-shallow')!;
    expect(note.fixes!.length).toBeGreaterThanOrEqual(3);
    for (const fix of note.fixes!) {
      const [after] = plan(taken(design, fix)).sizes;
      expect(after!.notes.map(({ code }) => code)).not.toContain('yoke-too-shallow');
    }
  });

  it('tells when a sleeve would need fewer stitches than it has, and each setting that it offers helps', () => {
    const design = raglanOf({ neck: { sleeveShare: 30, ease: 40 }, sleeve: { upperArmEase: -6 } });
    const [size] = plan(design).sizes;
    const note = size!.notes.find(({ code }) => code === 'sleeve-would-shrink')!;
    for (const fix of note.fixes!) {
      const [after] = plan(taken(design, fix)).sizes;
      expect(after!.notes.map(({ code }) => code)).not.toContain('sleeve-would-shrink');
    }
  });

  it('tells when the neck is wider than the shoulders, and a setting that helps', () => {
    const design = raglanOf({ neck: { ease: 70 } });
    const [size] = plan(design).sizes;
    const note = size!.notes.find(({ code }) => code === 'neck-wider-than-shoulders')!;
    for (const fix of note.fixes!) {
      const [after] = plan(taken(design, fix)).sizes;
      expect(after!.notes.map(({ code }) => code)).not.toContain('neck-wider-than-shoulders');
    }
  });

  it('increases in right-side rows only where that is wanted', () => {
    for (const style of [
      { front: { style: 'gap', width: 4 } },
      { rounds: 'turned' },
      { rounds: 'turned', neck: { shape: 'short rows' } },
    ]) {
      const [size] = plan(raglanOf({ ...style, rates: { everyRow: 2 } }, fabricOf('body', 16, 14))).sizes;
      const rows = rowsOf(size!.pieces.find(({ id }) => id === 'yoke')!.runs);
      const grown = rows.filter(({ by }) => by > 0);
      expect(grown.length).toBeGreaterThan(5);
      expect(grown.every(({ side }) => side === 'RS')).toBe(true);
    }
  });

  it('makes each front half as wide as the back, less half the band between them', () => {
    const { sizes } = plan(designs['sedgecombe-cardigan']!);
    for (const size of sizes) {
      const edge = (id: string) => size.pieces.flatMap(({ edges }) => edges).find((one) => one.id === id)!;
      expect(edge('yoke.front-left').count).toBe(edge('yoke.front-right').count);
      const between = edge('yoke.back').length - 2 * edge('yoke.front-left').length;
      expect(Math.abs(between - 3.5)).toBeLessThan(1.6);
    }
  });

  it('lets the neck pass the head of every open body', () => {
    const sizes = someBodies(80).map(({ id, sex: _, ...body }) => sizeOf(id, body));
    for (const neck of [{ shape: 'level' }, { shape: 'round', drop: 6 }]) {
      const planned = plan({ ...raglanOf({ neck }, fabricOf('body', 16, 12)), graded: false, sizes });
      expect(
        planned.sizes.flatMap(({ notes }) => notes.filter(({ code }) => code === 'head-does-not-pass')),
      ).toEqual([]);
    }
  });
});
