import { plan } from '../plan.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { DEEP, runs } from '../testing/deep.js';
import { SIX_FABRICS } from '../testing/sixFabrics.js';
import type { Design } from '../design.js';
import { pattern } from '../write/pattern.js';
import { fromTerms } from '../write/terms.js';
import { patternToText } from '../write/text.js';
import { provePattern } from './pattern.js';
import { rowsOf } from '../work/runs.js';

const designs = demoDesigns();

const plans = new Map(Object.values(designs).map((design) => [design, plan(design)]));

/** A design's pattern as text, and its sizes. */
const written = (design: Design, size?: string) => {
  const planned = plans.get(design) ?? plan(design);
  plans.set(design, planned);
  const sizes = planned.sizes.filter(({ id, pieces }) => pieces.length > 0 && (size ?? id) === id);
  const text = patternToText(
    pattern(planned, design, { terms: 'us', units: 'cm', ...(size ? { size } : {}) }),
  );
  return { text, sizes };
};

/** The same, with what reading it back comes to. */
const proven = (design: Design, size?: string) => {
  const { text, sizes } = written(design, size);
  return { text, sizes, proof: provePattern(text, sizes, {}, design) };
};

/** Yokes whose lines are beside stitches, one with fronts that begin narrower. */
const WITH_LINES = ['round', 'level'].map((shape) =>
  designWith({
    sizes: [sizeOf('M', { bust: 97 })],
    fabrics: [fabricOf('body', 17, 12.5), fabricOf('rib', 18, 20)],
    style: {
      construction: 'raglan',
      front: { style: shape === 'round' ? 'gap' : 'closed', width: 2 },
      neck: { shape },
      sleeve: { worked: 'rounds' },
    },
  }),
);

describe('provePattern', () => {
  it.each(Object.keys(designs))('reads every row of every size back from the text: %s', (name) => {
    const { proof, sizes } = proven(designs[name]!);
    expect(proof.differences).toEqual([]);
    expect(proof.pieces).toBe(sizes.reduce((sum, { pieces }) => sum + pieces.length, 0));
    expect(proof.rows).toBe(
      sizes.reduce(
        (sum, { pieces }) => sum + pieces.reduce((all, { runs }) => all + rowsOf(runs).length, 0),
        0,
      ),
    );
  });

  it.each(Object.keys(designs))('reads one size alone: %s', (name) => {
    const { sizes } = designs[name]!;
    expect(proven(designs[name]!, sizes[Math.floor(sizes.length / 2)]!.id).proof.differences).toEqual([]);
  });

  it.each(Object.keys(designs))('reads UK terms as well: %s', (name) => {
    const design = designs[name]!;
    const planned = plans.get(design)!;
    const sizes = planned.sizes.filter(({ pieces }) => pieces.length > 0);
    const text = patternToText(pattern(planned, design, { terms: 'uk', units: 'in' }));
    expect(provePattern(fromTerms(text, 'uk'), sizes, {}, design).differences).toEqual([]);
  });

  // In every run each garment in half of the fabrics.
  describe.each(GARMENTS.map(([name, garment], at) => [name, garment, at % 2] as const))(
    '%s',
    (_name, garment, half) => {
      it.each(SIX_FABRICS.filter((_, i) => DEEP || i % 2 === half))(
        'in %s, four bodies together',
        (_fabric, fabric) => {
          const design = designWith({
            sizes: [76, 92, 110, 140].map((bust) => sizeOf(`${bust}`, { bust })),
            fabrics: [fabric, fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } })],
            garment,
          });
          expect(proven(design).proof.differences).toEqual([]);
        },
      );
    },
  );

  it.each<[string, RegExp, string]>([
    ['how 1 st is taken off left out', /^To take off 1 st: .+\n/gm, ''],
    ['3 sts worked together for 1 fewer', /2tog over the 2 sts at/g, '2tog over the 3 sts at'],
    ['one line too few', /at each of the 4 lines/, 'at each of the 3 lines'],
    ['increases named decreases', /, increase beside the lines/, ', decrease beside the lines'],
    [
      'lines that only one side of shapes',
      /, 2 (\w+) in the next st; repeat from \* at each/,
      ', $1 in the next st; repeat from * at each',
    ],
    ['2 more in a front edge for 1', /(At a front edge work) 2/, '$1 3'],
    ['a tail for a seam that is not joined', /at the (beginning|end): [^|]+ \|/, 'at the $1: Hidden seam |'],
  ])('finds %s', (_name, said, instead) => {
    let found = 0;
    for (const design of [...Object.values(designs), ...WITH_LINES]) {
      const { text, sizes } = written(design);
      const wrong = text.replace(said, instead);
      if (wrong === text) continue;
      found += 1;
      expect(provePattern(wrong, sizes).differences).not.toEqual([]);
    }
    expect(found).toBeGreaterThan(0);
  });

  /** Every so many figures of a text one is wrong by one. */
  const EVERY = runs(83, 31);
  // What is no less true with another figure (names of fabrics; a row that is like the next), or is in no row of the plan.
  const FREE = /change to|^\| \d+\w\w of these|\| ---|^## |^> /;

  it('finds a wrong figure wherever it stands: hundreds of them in all designs, all sizes together and one alone', () => {
    let faults = 0;
    const missed: string[] = [];
    for (const design of Object.values(designs))
      for (const size of [undefined, design.sizes[Math.floor(design.sizes.length / 2)]!.id]) {
        const { text, sizes } = written(design, size);
        const names = sizes[0]!.pieces.map(
          ({ label, copies }) => `${label}${copies > 1 ? ` (make ${copies})` : ''}`,
        );
        const told = [...names, 'About', 'You need', 'Gauge', 'Joining', 'Sizes', 'Long tails'];
        let [section, at, figure] = ['', 0, 0];
        for (const line of text.split('\n')) {
          const start = at;
          at += line.length + 1;
          if (line.startsWith('## ')) section = line.slice(3);
          if (!told.includes(section) || FREE.test(line)) continue;
          for (const found of line.matchAll(/\d+/g)) {
            // A fabric may have a figure in its name.
            if (line.slice(found.index).startsWith('4 mm') || (figure += 1) % EVERY > 0) continue;
            const place = start + found.index;
            const wrong =
              text.slice(0, place) + String(Number(found[0]) + 1) + text.slice(place + found[0].length);
            // Other pieces say nothing of it, but for those that this one is worked as.
            const needed = (label: string) =>
              section.startsWith(label) || text.includes(`Work as the ${label.toLowerCase()}`);
            const own = sizes.map((one) => ({
              ...one,
              pieces: one.pieces.filter(({ label }) => line.startsWith('Along the upper') || needed(label)),
            }));
            const { differences } = provePattern(wrong, own, {}, design);
            faults += 1;
            const here = differences.some(
              ({ piece, message }) =>
                section.startsWith(piece) ||
                piece === section ||
                (section === 'Long tails' && message.includes('tail')),
            );
            if (!here) missed.push(`${design.name}, ${section}: ${line} (${found[0]})`);
          }
        }
      }
    expect(missed).toEqual([]);
    expect(faults).toBeGreaterThanOrEqual(runs(180, 500));
  });
});
