import { plan } from '../plan.js';
import { designWith, sizeOf } from '../testing/designs.js';
import type { Fabric } from '../fabric/fabric.js';
import { newDesign } from '../format/newDesign.js';
import { pattern } from './pattern.js';
import { patternToText } from './text.js';

const written = (change: Partial<Fabric>) => {
  const [body, rib] = newDesign('Test').fabrics;
  const design = designWith({
    sizes: [sizeOf('M', { bust: 96 })],
    fabrics: [{ ...body!, stitch: 'dc', ...change }, rib!],
    style: { hem: null, cuff: null },
  });
  return patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' }));
};
/** Chains, the chain that row 1 starts in, and the stitches of row 1, of the back. */
const start = (text: string) => {
  const back = text.slice(text.indexOf('## Back'));
  const figure = (found: RegExp) => Number(found.exec(back)?.[1] ?? NaN);
  return [
    figure(/^Ch (\d+)\./m),
    figure(/^Row 1 \(RS\): dc in the (\d+)/m),
    figure(/^Row 1 .*\((\d+) sts\)/m),
  ];
};

// What is skipped counts as the first stitch or as none; either way every chain but the skipped ones takes one stitch.
it.each<[Partial<Fabric>, number, string]>([
  [{}, 3, 'does not count as a stitch'],
  [{ turning: 'counts' }, 3, 'counts as the first stitch'],
  [{ turning: 'chainless' }, 1, 'begin without a turning chain'],
])('begins a piece by the school of its turning chain: %j', (change, skipped, words) => {
  const text = written(change);
  const [chains, into, stitches] = start(text) as [number, number, number];
  expect(into).toBe(skipped + 1);
  expect(chains - skipped + (change.turning === 'counts' ? 1 : 0)).toBe(stitches);
  expect(text.toLowerCase()).toContain(words);
});

it('begins with foundation stitches where the fabric says so', () => {
  const text = written({ foundation: 'stitches' });
  expect(text).toMatch(
    /## Back\n\n(?:Long tail.*\n)?Row 1 \(RS\): work \d+ foundation dc, without a chain before/,
  );
  expect(start(text)[0]).toBeNaN();
});
