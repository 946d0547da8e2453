import type { Design, Pin } from './design.js';
import { plan } from './plan.js';
import { demoDesigns } from './testing/designs.js';
import { DEEP } from './testing/deep.js';
import { inWords } from './text/phrase.js';

/** The middle size of every demo design by itself. */
const designs = Object.entries(demoDesigns()).map(([name, design]): [string, Design] => [
  name,
  { ...design, sizes: [design.sizes[Math.floor(design.sizes.length / 2)]!], pins: [] },
]);

const stops = (design: Design) =>
  plan(design).sizes.flatMap(({ notes }) => notes.filter(({ level }) => level === 'stop'));

/** One count held far too low, a little off, or far too high; in turn for all quantities, or each of them. */
function pinsOf(design: Design): Pin[] {
  const [size] = plan(design).sizes;
  return size!.quantities.flatMap(({ id, count }, i) => {
    const tried = [1, 2, 5, 22, count - 7, count - 1, count + 1, count + 7, count * 2];
    // In every run every second quantity, each held otherwise.
    return (DEEP ? tried : i % 2 === 0 ? [tried[(i / 2) % tried.length]!] : [])
      .filter((held) => held >= 0)
      .map((held) => ({ size: size!.id, quantity: id, count: held }));
  });
}

describe.each(designs)('a single count held in %s', (_, design) => {
  const held = pinsOf(design).map((pin) => ({ pin, found: stops({ ...design, pins: [pin] }) }));

  it('plans or says why not, whatever it is, and nothing is left to the last net', () => {
    for (const { pin, found } of held)
      expect([pin, found.map(({ code }) => code)]).not.toEqual([
        pin,
        expect.arrayContaining(['not-workable']),
      ]);
  });

  it('is only advised to be what works when it is taken', () => {
    const before = new Set(stops(design).map(({ code }) => code));
    for (const { pin, found } of held)
      for (const { code, message } of found) {
        if (!code.startsWith('pin-')) continue;
        const said = / (\d+(?: or \d+)?) works/.exec(inWords(message, 'cm'));
        for (const count of said?.[1]!.split(' or ').map(Number) ?? []) {
          const after = stops({ ...design, pins: [{ ...pin, count }] }).filter(
            (one) => !before.has(one.code),
          );
          expect([pin, count, after.map((one) => inWords(one.message, 'cm'))]).toEqual([pin, count, []]);
        }
      }
  });
});

describe('known cases that had no answer', () => {
  it.each([
    ['pebblewick-pullover', 'neck.back', 1],
    ['pebblewick-pullover', 'neck.back', 2],
    ['pebblewick-pullover', 'back.width', 5],
    ['pebblewick-pullover', 'neck.sleeve', 22],
    ['marlbank-pullover', 'neck.back', 1],
    ['harrowmere-jumper', 'neck.round', 2],
  ])('%s with %s held at %s is put in words', (name, quantity, count) => {
    const [, design] = designs.find(([one]) => one === name)!;
    const found = stops({ ...design, pins: [{ size: design.sizes[0]!.id, quantity, count }] });
    for (const { code } of found) expect(code).toMatch(/^(pin-|head-|sleeve-top)/);
  });

  it('says one sentence once, and where else it belongs', () => {
    const [, design] = designs.find(([name]) => name === 'brackenlow-pullover')!;
    const size = design.sizes[0]!.id;
    const found = stops({
      ...design,
      pins: [
        { size, quantity: 'back.width', count: 86 },
        { size, quantity: 'neck.width', count: 33 },
      ],
    });
    const sentences = found.map(({ message }) => inWords(message, 'cm'));
    expect(new Set(sentences).size).toBe(sentences.length);
  });
});
