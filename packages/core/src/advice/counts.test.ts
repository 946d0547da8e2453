import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { inWords } from '../text/phrase.js';

const made = (body: Record<string, number>, pins: { quantity: string; count: number }[] = []) =>
  plan(
    designWith({
      sizes: [sizeOf('M', { bust: 96, ...body })],
      fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20)],
      pins: pins.map((pin) => ({ size: 'M', ...pin })),
    }),
  ).sizes[0]!;

describe('notes on counts', () => {
  it('do not warn of a count that is held on purpose', () => {
    const free = made({}).quantities.find(({ id }) => id === 'back.width')!;
    const missed = (pins: { quantity: string; count: number }[]) =>
      made({}, pins).notes.filter(({ code, where }) => code === 'target-missed' && where === 'back.width');
    expect(missed([])).toEqual([]);
    expect(missed([{ quantity: 'back.width', count: free.count + 8 }])).toEqual([
      expect.objectContaining({ level: 'tip' }),
    ]);
    // What another count is moved to by it is noted as before.
    expect(missed([{ quantity: 'front.width', count: free.count + 8 }])).toEqual([
      expect.objectContaining({ level: 'warn' }),
    ]);
  });

  it('say in one line what was derived, the rule of each inside', () => {
    const derived = made({}).notes.filter(({ code }) => code === 'derived');
    expect(derived).toHaveLength(1);
    const [{ message, details, alsoAt, where }] = derived as [(typeof derived)[0]];
    const said = inWords(message, 'cm');
    expect(said).toMatch(/^\d+ measurements were derived from the others: /);
    expect(details).toHaveLength(Number(/^\d+/.exec(said)![0]));
    // A measurement's name may have a comma of its own.
    expect(said.split('; ')).toHaveLength(details!.length);
    expect(new Set([where, ...alsoAt!]).size).toBe(details!.length);
    for (const detail of details!) expect(inWords(detail, 'cm')).toMatch(/ \d+\.\d cm was derived: .+\.$/);
  });
});
