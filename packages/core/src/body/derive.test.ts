import fc from 'fast-check';
import { inWords } from '../text/phrase.js';
import { openBodies } from '../testing/designs.js';
import { completeBody } from './derive.js';
import { GROUPS, MEASUREMENTS } from './measurements.js';

const quantile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))]!;

describe('completeBody', () => {
  it('fills in every measurement from the bust alone, within what people have, and says by which rule', () => {
    fc.assert(
      fc.property(fc.constantFrom(...GROUPS), fc.double({ min: 0, max: 1, noNaN: true }), (group, share) => {
        const [low, high] = ({ adult: [70, 160], child: [50, 80], baby: [36, 52] } as const)[group];
        const { body, derived } = completeBody({ bust: low + share * (high - low) }, group)!;
        for (const { id, limits } of MEASUREMENTS) {
          expect(body[id]).toBeGreaterThanOrEqual(limits[0]);
          expect(body[id]).toBeLessThanOrEqual(limits[1]);
        }
        expect(derived.size).toBe(MEASUREMENTS.length - 1);
        expect(body.neck).toBeLessThan(body.head);
        expect(body.wrist).toBeLessThan(body.upperArm);
      }),
    );
  });

  it('never changes what was entered', () => {
    const entered = { bust: 90, waist: 120, head: 40 };
    const { body, derived } = completeBody(entered, 'adult')!;
    expect(body).toMatchObject(entered);
    expect([...derived.keys()]).not.toEqual(expect.arrayContaining(['waist']));
  });

  it('says the rule in the reader’s words', () => {
    const { derived } = completeBody({ bust: 100 }, 'adult')!;
    expect(inWords(derived.get('crossBack')!.rule, 'cm')).toBe('14 % of bust or chest plus 26.0 cm');
    expect(derived.get('crossBack')!.cm).toBe(40);
  });

  it('finds a bust by other ways, or says that there is none', () => {
    expect(completeBody({ hip: 100 }, 'adult')!.body.bust).toBe(95);
    expect(completeBody({ height: 110 }, 'child')!.body.bust).toBeCloseTo(61.2);
    expect(completeBody({ wrist: 16 }, 'adult')).toBeNull();
    expect(completeBody({}, 'baby')).toBeNull();
  });

  // Heinz et al. (2003): the women's chest there is an upper bust, so their derived hip and arm come out a little small.
  it('comes near 254 measured adults', () => {
    const errors: Record<string, number[]> = { hip: [], shoulders: [], upperArm: [], wrist: [] };
    for (const { sex: _, id: _id, ...person } of openBodies()) {
      const derived = completeBody({ bust: person.bust! }, 'adult')!.body;
      for (const [name, list] of Object.entries(errors))
        list.push(Math.abs(derived[name as 'hip'] - person[name as 'hip']!));
    }
    const median = Object.fromEntries(
      Object.entries(errors).map(([name, list]) => [name, quantile(list, 0.5)]),
    );
    expect(median['hip']).toBeLessThan(7);
    expect(median['shoulders']).toBeLessThan(5);
    expect(median['upperArm']).toBeLessThan(2.5);
    expect(median['wrist']).toBeLessThan(1.2);
    expect(quantile(errors['wrist']!, 0.95)).toBeLessThan(2.5);
  });
});
