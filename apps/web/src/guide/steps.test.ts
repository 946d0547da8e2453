import { newDesign } from '@upfell/core';
import { GUIDE, type Seen } from './steps';

const document = newDesign('First');
const before: Seen = { path: '/designs/one/shape', document, size: null, selection: null };
const step = (title: string) => GUIDE.find((one) => one.title === title)!;

it('is not done before anything was done, but for what begins elsewhere', () => {
  const start: Seen = { path: '/new', document: null, size: null, selection: null };
  for (const { title, done } of GUIDE) expect([title, done(start, start)]).toEqual([title, false]);
});

it.each<[string, Partial<Seen>]>([
  ['Choose what to make', { path: '/designs/one/shape' }],
  ['Move the hem', { document: { ...document, garment: { ...document.garment, belowWaist: 19 } } }],
  ['Look at another size', { size: 'L' }],
  ['See the pieces meet', { selection: { kind: 'join', id: 'side-left' } }],
  ['Ask why', { selection: { kind: 'quantity', id: 'back.width' } }],
  [
    'Put your swatch in',
    {
      document: {
        ...document,
        fabrics: document.fabrics.map((fabric) => ({ ...fabric, gauge: { ...fabric.gauge, stitches: 15 } })),
      },
    },
  ],
  ['Read the pattern', { path: '/designs/one/pattern' }],
])('“%s” is done when it was really done', (title, change) => {
  const now = { ...before, ...change };
  expect(step(title).done(now, before)).toBe(true);
  if (title !== 'Choose what to make') expect(step(title).done(before, before)).toBe(false);
});
