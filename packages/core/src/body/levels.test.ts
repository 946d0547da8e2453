import fc from 'fast-check';
import { openBodies } from './openBodies.js';
import { completeBody } from './derive.js';
import { armLevels, bodyLevels } from './levels.js';

it('lays bust, waist and hip below each other, and wrist below the upper arm, on measured bodies', () => {
  for (const { id: _, sex: __, ...person } of openBodies()) {
    const { body } = completeBody(person, 'adult')!;
    for (const levels of [bodyLevels(body), armLevels(body)])
      levels.slice(1).forEach(({ at }, i) => expect(at).toBeGreaterThan(levels[i]!.at));
    expect(bodyLevels(body).map(({ round }) => round)).toEqual([person.bust, person.waist, person.hip]);
  }
});

it('keeps the hip within the body’s height from the shoulder', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('adult' as const, 'child' as const, 'baby' as const),
      fc.integer({ min: 0, max: 10 }),
      (group, step) => {
        const bust = { adult: 76, child: 52, baby: 40 }[group] + step;
        const { body } = completeBody({ bust }, group)!;
        expect(bodyLevels(body).at(-1)!.at).toBeLessThan(body.height * 0.7);
      },
    ),
  );
});
