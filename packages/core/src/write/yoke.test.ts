import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { pattern } from './pattern.js';
import { lineToText } from './text.js';
import { rowsOf } from '../work/runs.js';

const designs = demoDesigns();
const written = (name: string, wish: { size?: string; terms?: 'us' | 'uk' } = {}) => {
  const design = designs[name]!;
  const planned = plan(design);
  const text = pattern(planned, design, { terms: 'us', units: 'cm', ...wish });
  const lines = (id: string) =>
    text.sections
      .find((section) => section.id === id)!
      .lines.map((parts) => lineToText(parts, text.sizes))
      // Which tails to leave is said before the piece begins.
      .filter((said) => !said.startsWith('Long tail'));
  return { planned, lines };
};
const RAGLANS = ['marlbank-pullover', 'sedgecombe-cardigan', 'pebblewick-pullover'];
const YOKES = [...RAGLANS, 'harrowmere-jumper'];

describe('the pattern of a garment from the neck down', () => {
  it.each(YOKES)('says the counts that the hook has worked, one size alone: %s', (name) => {
    const { planned, lines } = written(name, { size: middleOf(name) });
    const size = planned.sizes.find(({ id }) => id === middleOf(name))!;
    for (const id of ['yoke', 'body', 'sleeve']) {
      const rows = rowsOf(size.pieces.find((piece) => piece.id === id)!.runs);
      const text = lines(id).join('\n');
      // "row 9: 52 sts" and "Row 9: ... (52 sts)": each is the count of a row of that number.
      const said = [
        ...text.matchAll(/\b(?:row|rnd) (\d+): (\d+) sts/g),
        ...text.matchAll(/\b(?:Row|Rnd) (\d+): [^\n]*\((\d+) sts\)/g),
      ];
      for (const [, n, count] of said)
        expect(rows.filter((row) => row.n === Number(n)).map((row) => row.count)).toContain(Number(count));
      if (id !== 'body') expect(said.length).toBeGreaterThan(1);
      expect(text).toContain(`${rows.at(-1)!.count} sts`);
    }
  });

  it.each(RAGLANS)('places markers whose parts and lines add up to the neck, in every size: %s', (name) => {
    const { planned, lines } = written(name);
    const markers = lines('yoke').find((text) => text.startsWith('Place a marker'))!;
    const list = markers.slice(markers.indexOf(':') + 1, markers.indexOf('. Move'));
    const figures = [...list.matchAll(/(\d+)(?: \(([^)]*)\))? [a-z]/g)].map(([, first, others]) => [
      Number(first),
      ...(others ? others.split(', ').map(Number) : []),
    ]);
    planned.sizes.forEach(({ quantities }, size) => {
      const sum = figures.reduce((all, each) => all + (each[size] ?? each[0]!), 0);
      expect(sum).toBe(quantities.find(({ id }) => id === 'neck.round')!.count);
    });
  });

  it.each(YOKES)(
    'begins body and sleeve with what the yoke leaves and the chain under the arm: %s',
    (name) => {
      const { planned, lines } = written(name, { size: middleOf(name) });
      const size = planned.sizes.find(({ id }) => id === middleOf(name))!;
      const of = (id: string) => size.quantities.find((quantity) => quantity.id === id)!.count;
      for (const [piece, total] of [
        ['body', of('body.round')],
        ['sleeve', of('sleeve.top')],
      ] as const) {
        const first = lines(piece)[0]!;
        const parts = [...first.matchAll(/in the (\d+) sts|ch (\d+) for/g)].map(([, a, b]) => Number(a ?? b));
        expect(parts.reduce((sum, count) => sum + count, 0)).toBe(total);
      }
    },
  );

  it.each(YOKES)('is put into UK terms throughout: %s', (name) => {
    const us = written(name, { size: middleOf(name) })
      .lines('yoke')
      .join('\n');
    const uk = written(name, { size: middleOf(name), terms: 'uk' })
      .lines('yoke')
      .join('\n');
    const stitch = {
      'marlbank-pullover': ['hdc', 'htr'],
      'sedgecombe-cardigan': ['dc', 'tr'],
      'pebblewick-pullover': ['sc', 'dc'],
      'harrowmere-jumper': ['esc', 'exdc'],
    }[name]!;
    expect(us).toMatch(new RegExp(`\\b${stitch[0]}\\b`));
    expect(uk).toMatch(new RegExp(`\\b${stitch[1]}\\b`));
    expect(uk).not.toMatch(new RegExp(`\\b${stitch[0]}\\b`));
  });

  it('turns flat rows and joins rounds', () => {
    const flat = written('sedgecombe-cardigan').lines('body');
    expect(flat.slice(1, -1).every((text) => text.includes('turn'))).toBe(true);
    const round = written('marlbank-pullover').lines('yoke');
    expect(round[1]).toMatch(/^Rnd 1 \(RS\): .*; join\. /);
    expect(round.join('\n')).not.toMatch(/\bRows? \d/);
  });

  it('never asks for something that is no number', () => {
    for (const name of YOKES)
      for (const id of ['yoke', 'body', 'sleeve', 'joining'])
        expect(written(name).lines(id).join('\n')).not.toMatch(/NaN|undefined|Infinity|null|\s-\d/);
  });
});

/** The middle size of a design. */
function middleOf(name: string): string {
  const { sizes } = designs[name]!;
  return sizes[Math.floor(sizes.length / 2)]!.id;
}
