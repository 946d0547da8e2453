import fc from 'fast-check';
import { openBodies } from '../body/openBodies.js';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { cloudBody, oneMore, rangeFit, rangeSize, wornBy, type RangeSize } from './whom.js';

const range: RangeSize[] = [80, 90, 100].map((bust) => ({
  id: `s${bust}`,
  label: `${bust}`,
  garment: { bust: bust + 10, hip: bust + 16, upperArm: bust * 0.3 + 8 },
  ease: { bust: 10, hip: 8, upperArm: 8 },
}));
const person = (bust: number, hip?: number, upperArm?: number) => ({
  id: 'p',
  label: 'p',
  body: { bust, ...(hip === undefined ? {} : { hip }), ...(upperArm === undefined ? {} : { upperArm }) },
});

it.each([
  ['a size for whom it was made', person(90, 98, 27), 's90', 'fits'],
  ['by the bust alone, where no more was measured', person(83), 's80', 'fits'],
  ['beyond the ends', person(106), null, 'larger than the range'],
  ['beyond the other end', person(71), null, 'smaller than the range'],
  ['a hip that wants two sizes more', person(90, 112, 27), null, 'hip'],
  ['an arm that wants another size', person(90, 98, 33), null, 'upperArm'],
] as const)('%s', (_, body, size, why) => {
  expect(wornBy(range, body)).toMatchObject({ size, why });
});

it('says who falls between two sizes', () => {
  const [small, , large] = range;
  expect(wornBy([small!, large!], person(90), { tighter: 4, looser: 4 })).toMatchObject({
    size: null,
    why: 'between sizes',
  });
});

it('gives every body the ease that garment and body have', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 70, max: 110, noNaN: true }),
      fc.double({ min: 70, max: 130, noNaN: true }),
      (bust, hip) => {
        const worn = wornBy(range, person(bust, hip));
        const size = range.find(({ id }) => id === worn.nearest)!;
        expect(worn.ease.bust).toBeCloseTo(size.garment.bust! - bust, 9);
        expect(worn.ease.hip).toBeCloseTo(size.garment.hip! - hip, 9);
        if (worn.size) expect(worn.ease.bust! - size.ease.bust!).toBeGreaterThanOrEqual(-4 - 1e-9);
      },
    ),
  );
});

it('adds a size as far on as the last step', () => {
  expect(oneMore(range, 'larger')!.garment).toMatchObject({ bust: 120, hip: 126 });
  expect(oneMore(range, 'smaller')!.garment).toMatchObject({ bust: 80, hip: 86 });
  expect(oneMore(range.slice(0, 1), 'larger')).toBeNull();
});

it('fits all for whom a range was made, and with one more size no fewer of the open bodies', () => {
  const { sizes } = plan(demoDesigns()['brackenlow-pullover']!);
  const own = sizes.map((size) => rangeSize(size));
  const made = sizes.map(({ id, label, body }) => cloudBody(id, label, body)!);
  expect(rangeFit(own, made).worn.map(({ size }) => size)).toEqual(sizes.map(({ id }) => id));
  // Heinz et al. (2003): the open bodies.
  const cloud = openBodies().map(({ id, sex: _, ...body }) => cloudBody(id, id, body)!);
  const fit = rangeFit(own, cloud);
  expect(fit.worn).toHaveLength(254);
  expect(fit.sizes.reduce((sum, { many }) => sum + many, 0)).toBe(fit.fits);
  const more = oneMore(own, 'smaller')!;
  expect(rangeFit([more, ...own], cloud).fits).toBeGreaterThanOrEqual(fit.fits);
});

it('leaves out nobody who has a measure, and says so of those who have none', () => {
  expect(cloudBody('a', 'A', { hip: 100 })!.body.bust).toBeGreaterThan(60);
  expect(cloudBody('a', 'A', {})).toBeNull();
  expect(rangeFit([], [person(90)]).worn).toEqual([]);
});
