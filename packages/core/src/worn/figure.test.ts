import fc from 'fast-check';
import { completeBody } from '../body/derive.js';
import { GROUPS, MEASUREMENTS } from '../body/measurements.js';
import { figureOf } from './figure.js';

const BUSTS = { adult: [72, 160], child: [50, 80], baby: [38, 52] } as const;
const anyFigure = fc
  .tuple(fc.constantFrom(...GROUPS), fc.double({ min: 0, max: 1, noNaN: true }))
  .map(([group, share]) => {
    const [low, high] = BUSTS[group];
    const { body } = completeBody({ bust: low + share * (high - low) }, group)!;
    return { group, body, figure: figureOf(body, group) };
  });

it('shows a place for every measurement, on the figure', () => {
  fc.assert(
    fc.property(anyFigure, ({ figure }) => {
      for (const { id } of MEASUREMENTS) {
        const place = figure.places[id];
        const points = place.kind === 'ring' ? [place.at] : place.points;
        for (const [x, y] of points) {
          expect(Math.abs(x)).toBeLessThanOrEqual(figure.halfWidth);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(figure.height);
        }
      }
    }),
  );
});

it('lays levels from the head down as they lie on a body', () => {
  fc.assert(
    fc.property(anyFigure, ({ figure: { places } }) => {
      const level = (id: 'head' | 'neck' | 'bust' | 'waist' | 'hip') => {
        const place = places[id];
        return place.kind === 'ring' ? place.at[1] : NaN;
      };
      const levels = [level('head'), level('neck'), level('bust'), level('waist'), level('hip')];
      expect(levels).toEqual([...levels].sort((a, b) => a - b));
    }),
  );
});

it('draws babies with larger heads for their height than children, and children than adults', () => {
  const share = (group: (typeof GROUPS)[number], bust: number) => {
    const { body } = completeBody({ bust }, group)!;
    const figure = figureOf(body, group);
    return (2 * figure.head.ry) / figure.height;
  };
  const shares = [share('adult', 96), share('child', 62), share('baby', 45)];
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
});

it('is drawn broader for a larger body', () => {
  const half = (bust: number) => {
    const { places } = figureOf(completeBody({ bust }, 'adult')!.body, 'adult');
    return places.bust.kind === 'ring' ? places.bust.rx : 0;
  };
  expect(half(140)).toBeGreaterThan(half(90));
});
