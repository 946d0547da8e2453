import { plan } from '../../../plan.js';
import { designWith, fabricOf, someBodies, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { inWords } from '../../../text/phrase.js';
import { rowsOf } from '../../../work/runs.js';

const made = (
  style: Record<string, unknown>,
  sizes = ['S', 'M', 'L'].map((id, i) =>
    sizeOf(id, { bust: 86 + 8 * i, crossBack: 36, backWaist: 42, armholeDepth: 19 }),
  ),
) => {
  const design = designWith({
    sizes,
    graded: sizes.length < 10,
    fabrics: [fabricOf('body', 18, 14, { flat: { multiple: 2, plus: 0 } }), fabricOf('rib', 18, 20)],
    style: { construction: 'tube', ease: -8, belowWaist: 0, hem: undefined, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const target = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.target;

describe('a tube', () => {
  it('holds by negative ease and is never wider than wanted', () => {
    for (const size of made({}).sizes) {
      expect(target(size, 'tube.round')).toBeCloseTo(size.body.bust - 8, 6);
      expect(count(size, 'tube.round') / 1.8).toBeLessThanOrEqual(size.body.bust - 8 + 1e-9);
    }
  });

  it('goes from above the underarm to the waist', () => {
    const [size] = made({ above: 5 }).sizes as [Planned];
    expect(target(size, 'tube.rows')).toBeCloseTo(42 - 19 + 5, 6);
  });

  it('has four strap ends on its upper edge; with what lies between them they are all of it', () => {
    for (const size of made({}).sizes) {
      const [width, apart, back, side] = ['strap.width', 'strap.apart', 'strap.back', 'strap.side'].map(
        (id) => count(size, id),
      );
      expect(4 * width! + apart! + back! + 2 * side!).toBe(count(size, 'tube.round'));
      for (const id of ['strap-front-left', 'strap-front-right', 'strap-back-left', 'strap-back-right']) {
        const join = size.joins.find((one) => one.id === id)!;
        expect([join.ok, join.aCount]).toEqual([true, width]);
      }
    }
  });

  it('has straps a little shorter than the way over the shoulder, for they stretch', () => {
    const [size] = made({ above: 4, straps: { snug: 0.9 } }).sizes as [Planned];
    expect(target(size, 'strap.rows')).toBeCloseTo(2 * (19 - 4) * 0.9, 6);
    expect(count(size, 'strap.rows') / 1.4).toBeLessThanOrEqual(2 * (19 - 4) * 0.9 + 1e-9);
  });

  it('may have a draw cord of twice its height and 20 cm (common practice)', () => {
    const [size] = made({ cord: true, above: 4 }).sizes as [Planned];
    expect(target(size, 'cord.chain')).toBeCloseTo(2 * 27 + 20, 6);
    expect(size.pieces.map(({ id }) => id)).toEqual(['tube', 'strap', 'cord']);
  });

  it('is sewn at the back or worked in rounds', () => {
    const [flat] = made({}).sizes as [Planned];
    const [round] = made({ rounds: 'joined' }).sizes as [Planned];
    expect(flat.joins.some(({ id }) => id === 'back-seam')).toBe(true);
    expect(round.joins.some(({ id }) => id === 'back-seam')).toBe(false);
    expect(rowsOf(round.pieces[0]!.runs).every((row) => row.round === 'joined')).toBe(true);
  });

  it('warns where it would slip, and stops where nothing is left of it', () => {
    const [wide] = made({ ease: 2 }).sizes as [Planned];
    expect(wide.notes.map(({ code }) => code)).toContain('tube-does-not-hold');
    const [short] = made({ belowWaist: -26, above: 0 }).sizes as [Planned];
    expect(short.notes.map(({ code, level }) => [code, level])).toContainEqual(['tube-too-short', 'stop']);
  });

  it.each([
    [
      80,
      56,
      0.25,
      'stop',
      /^At the bust \(80\.0 cm\) the tube of 5\d\.\d cm stretches 4\d %; this fabric gives 25 %\. A round of 64\.0 cm/,
    ],
    [80, 48, 0.05, 'stop', /stretches \d\d %; this fabric gives 5 %/],
    [80, 70, 0.1, 'warn', /stretches 1\d %; this fabric gives 10 %/],
    [80, 60, undefined, 'warn', /stretches 3\d %; this fabric’s stretch is not known, and 15 % is usual/],
  ])('of a bust of %s in %s cm with a stretch of %s is judged: %s', (bust, round, stretch, level, words) => {
    const fabric = { ...fabricOf('body', 18, 14), ...(stretch === undefined ? {} : { stretch }) };
    const [size] = plan(
      designWith({
        sizes: [sizeOf('M', { bust, waist: bust - 12, hip: bust })],
        fabrics: [fabric, fabricOf('rib', 18, 20)],
        style: { construction: 'tube', ease: round - bust, belowWaist: -6 },
      }),
    ).sizes;
    const note = size!.notes.find(({ code }) => code === 'stretched-too-far')!;
    expect([note.level, inWords(note.message, 'cm')]).toEqual([level, expect.stringMatching(words)]);
  });

  it('looks at the hip only where it reaches it, and is silent where the fabric gives enough', () => {
    const note = (belowWaist: number, stretch: number) =>
      plan(
        designWith({
          sizes: [sizeOf('M', { bust: 80, waist: 68, hip: 104 })],
          fabrics: [{ ...fabricOf('body', 18, 14), stretch }, fabricOf('rib', 18, 20)],
          style: { construction: 'tube', ease: -10, belowWaist },
        }),
      ).sizes[0]!.notes.flatMap(({ code, message }) =>
        code === 'stretched-too-far' ? [inWords(message, 'cm')] : [],
      );
    expect(note(-4, 0.25)).toEqual([]);
    expect(note(24, 0.25)).toEqual([expect.stringMatching(/^At the hip \(104\.0 cm\)/)]);
    expect(note(24, 0.5)).toEqual([]);
  });

  it('has its straps so far apart that they are as wanted on the body, where the tube is stretched', () => {
    const [size] = made({ ease: -20, straps: { apart: 20 } }).sizes as [Planned];
    expect((target(size, 'strap.apart') * size.body.bust) / (size.body.bust - 20)).toBeCloseTo(20, 1);
  });

  it('tells where its straps are sewn on', () => {
    expect(made({}).text()).toContain('from the centre back round to it again');
    expect(made({ straps: null }).text()).not.toContain('strap');
  });

  // Heinz et al., "Exploring Relationships in Body Dimensions", 2003.
  it('fits measured adults without a broken join', () => {
    const bodies = someBodies(80).map(({ id, sex: _, ...body }) => sizeOf(id, body));
    for (const size of made({ hem: { fabric: 'rib', height: 4 } }, bodies).sizes) {
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
      expect(size.notes.filter(({ level }) => level === 'stop')).toEqual([]);
    }
  });
});
