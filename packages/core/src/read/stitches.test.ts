import fc from 'fast-check';
import type { Design } from '../design.js';
import { withEdges, type Fabric } from '../fabric/fabric.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { plan, type Plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { factsOf, withFacts } from '../stitch/facts.js';
import { stitchPattern } from '../stitch/pattern.js';
import { runs } from '../testing/deep.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { KNOWN_STITCHES } from '../testing/stitchTexts.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';
import { provePattern } from './pattern.js';

const demos = demoDesigns();

/** A demo design in a stitch pattern of the starting set. */
function inPattern(demo: string, id: string, shaping: 'stitches' | 'units'): Design {
  const design = demos[demo]!;
  const { fabric } = STITCH_PATTERNS.find((one) => one.fabric.id === id)!;
  const [body, ...rest] = design.fabrics;
  const { unit: _, rowTypes: __, pattern: ___, ...plain } = body!;
  const { id: ____, name: _____, hook, gauge: ______, ...stitches } = fabric;
  return { ...design, fabrics: [{ ...plain, ...stitches, hook, name: fabric.name, shaping }, ...rest] };
}

/** The pattern as a panel in the middle: what lies beside it is plain. */
function withPanel(design: Design): Design {
  const [body, ...rest] = design.fabrics;
  const { unit: _, rowTypes: __, ...plain } = body!;
  return {
    ...design,
    fabrics: [{ ...plain, panel: 14, rule: { ...plain.rule, flat: { multiple: 1, plus: 0 } } }, ...rest],
  };
}

/** Three plain stitches kept at each edge. */
function withEdgeStitches(design: Design): Design {
  const [body, ...rest] = design.fabrics;
  const { unit: _, ...plain } = body!;
  const rule = { ...plain.rule, flat: withEdges(plain.rule.flat, { edgeStitches: 3 }) };
  return { ...design, fabrics: [{ ...plain, edgeStitches: 3, rule }, ...rest] };
}

/** A garment with its body in a stitch pattern of the starting set. */
function garmentIn(name: string, id: string, shaping: 'stitches' | 'units'): Design {
  const [, garment] = GARMENTS.find(([one]) => one === name)!;
  const { fabric } = STITCH_PATTERNS.find((one) => one.fabric.id === id)!;
  return designWith({
    sizes: [sizeOf('S', { bust: 88 }), sizeOf('M', { bust: 97 }), sizeOf('L', { bust: 108 })],
    fabrics: [
      { ...fabric, id: 'body', shaping, gauge: fabricOf('body', 18, 10).gauge },
      fabricOf('rib', 18, 20),
    ],
    garment,
  });
}

const DESIGNS: Readonly<Record<string, Design>> = {
  'a vest in mesh': demos['tolleyfield-vest']!,
  'a vest in mesh from side to side': demos['saltmere-vest']!,
  'a tube in waffle': demos['glasswort-tube']!,
  'a jumper in a texture': demos['puddlestone-jumper']!,
  'a layer with a mesh zone': demos['fernhollow-layer']!,
  'a pullover in V’s, by stitches': inPattern('brackenlow-pullover', 'v-stitch', 'stitches'),
  'a pullover in shells, by whole shells': inPattern('brackenlow-pullover', 'shells', 'units'),
  'a notched jumper in cables': inPattern('hollinwood-jumper', 'cable-9', 'stitches'),
  'a set-in jumper in crossed pairs': inPattern('quernmoss-pullover', 'crossed-pairs', 'stitches'),
  'a pullover in granny clusters': inPattern('brackenlow-pullover', 'granny-clusters', 'units'),
  'a raglan in V’s': inPattern('marlbank-pullover', 'v-stitch', 'stitches'),
  'a round yoke in V’s, by whole V’s': inPattern('harrowmere-jumper', 'v-stitch', 'units'),
  'a jumper with a panel of cables': withPanel(inPattern('hollinwood-jumper', 'cable-10', 'stitches')),
  'a pullover in shells with edge stitches': withEdgeStitches(
    inPattern('brackenlow-pullover', 'shells', 'stitches'),
  ),
  'a cardigan in mesh with caps by short rows': garmentIn(
    'set-in cardigan, caps by short rows, waisted',
    'mesh-2',
    'units',
  ),
  'a round yoke in mesh, its back raised': garmentIn('round yoke', 'mesh-1', 'stitches'),
  'a round yoke of V’s that widen': garmentIn('round yoke', 'v-stitch', 'units'),
  'a pullover in wide V lace': inPattern('brackenlow-pullover', 'wide-v-lace', 'units'),
};

const plans = new Map<Design, Plan>();
/** The plan of a design, made once. */
function planOf(design: Design): Plan {
  const known = plans.get(design) ?? plan(design);
  plans.set(design, known);
  return known;
}

const written = (design: Design, at: number) => {
  const planned = planOf(design);
  const size = planned.sizes[Math.min(at, planned.sizes.length - 1)]!;
  const text = patternToText(pattern(planned, design, { terms: 'us', units: 'cm', size: size.id }));
  return { text, sizes: [size] };
};

describe('the proof, stitch by stitch', () => {
  it.each(Object.entries(DESIGNS))('works every stitch of every size: %s', (_, design) => {
    const planned = planOf(design);
    const text = patternToText(pattern(planned, design, { terms: 'us', units: 'cm' }));
    const proof = provePattern(text, planned.sizes, {}, design);
    expect(proof.differences).toEqual([]);
    // A mesh has fewer stitches than its counts, which take its chains for stitches.
    expect(proof.stitches).toBeGreaterThan(proof.rows);
    expect(text).not.toMatch(/Rows? [\d–]+.*: dc in each st; turn.*mesh/);
  });

  // Any garment in any stitch pattern of the set or of the trade's stock, by stitches or whole repeats, joined or turned.
  it('follows every stitch of any garment in any pattern', () => {
    const texts = [
      ...STITCH_PATTERNS.map(({ fabric }) => fabric.rows!.join('\n')),
      ...Object.values(KNOWN_STITCHES).map(({ text }) => text),
    ];
    fc.assert(
      fc.property(
        fc.record({
          garment: fc.constantFrom(...GARMENTS.map(([, one]) => one)),
          text: fc.constantFrom(...texts),
          shaping: fc.constantFrom('stitches', 'units'),
          rounds: fc.constantFrom('joined', 'turned'),
          stitches: fc.integer({ min: 14, max: 22 }),
          rows: fc.integer({ min: 8, max: 16 }),
          bust: fc.integer({ min: 80, max: 130 }),
          terms: fc.constantFrom('us', 'uk'),
        }),
        ({ garment, text, shaping, rounds, stitches, rows, bust, terms }) => {
          const plain: Fabric = { ...fabricOf('body', stitches, rows), shaping, rows: text.split('\n') };
          const fabric = withFacts(plain, factsOf(stitchPattern(text))!);
          const design = designWith({
            sizes: [sizeOf('M', { bust })],
            fabrics: [fabric, fabricOf('rib', 18, 20)],
            garment: 'rounds' in garment || rounds === 'joined' ? garment : { ...garment, rounds },
          });
          const planned = plan(design);
          const sizes = planned.sizes.filter(({ pieces }) => pieces.length > 0);
          if (sizes.length === 0) return;
          const { proof } = provenText(planned, design, { terms, units: 'cm' });
          expect(proof.differences).toEqual([]);
          expect(proof.unfollowed).toBe(0);
        },
      ),
      { numRuns: runs(10, 20) },
    );
  });

  // Every construction, each in another stitch pattern, shaped by single stitches and by whole repeats.
  it.each(
    GARMENTS.map(
      ([name, garment], i) => [name, garment, STITCH_PATTERNS[i % STITCH_PATTERNS.length]!] as const,
    ),
  )('finds no difference in a %s, whatever it is worked in', (_, garment, { fabric }) => {
    for (const shaping of ['stitches', 'units'] as const) {
      const gauge = { stitches: 18, stitchesOver: 10, rows: 10, rowsOver: 10 };
      const design = designWith({
        sizes: [sizeOf('M', { bust: 97 })],
        fabrics: [{ ...fabric, id: 'body', shaping, gauge }, fabricOf('rib', 18, 20)],
        garment,
      });
      const planned = plan(design);
      const text = patternToText(pattern(planned, design, { terms: 'us', units: 'cm' }));
      const { differences, unfollowed } = provePattern(
        text,
        planned.sizes.filter(({ pieces }) => pieces.length > 0),
      );
      expect(differences).toEqual([]);
      // No row is taken by its count alone.
      expect(unfollowed).toBe(0);
    }
  });

  const next = (figure: string) => String(Number(figure) + 1);
  const KINDS: Readonly<Record<string, (line: string) => string | null>> = {
    'a chain more to begin with': (line) => changed(line, /^Ch (\d+)/, next),
    'the first stitch a chain further': (line) =>
      changed(line, /^Row 1 .*?in the (\d+)(?:st|nd|rd|th) ch from/, next),
    'a first stitch left out': (line) => changed(line, /^Row 1 \(RS\): (?:[^,*]+, )(\*)/, () => ''),
    'chains in the first row': (line) => changed(line, /^Row 1 \(RS\): .*\*ch (\d+)/, next),
    'what is skipped in the first row': (line) =>
      changed(line, /^Row 1 \(RS\): .*sk the next (\d+) ch/, next),
    'what the skipped chains count as': (line) => changed(line, /skipped ch count as \w+, ch (\d+)/, next),
    'chains of a space': (line) => changed(line, /^Row [2-9] .*\*ch (\d+)/, next),
    'what is skipped in the pattern': (line) =>
      changed(line, /^Row [2-9] .*?sk the next (\d+) (?:sts|dc)/, next),
    'which space': (line) => changed(line, /^Row [2-9] .*?in the next ch-(\d+) sp/, next),
    // Behind a space the second stitch of its group may be counted or not.
    'how far a repeat goes': (line) =>
      /^Row [2-9] \(/.test(line) && !/sp; repeat/.test(line) && line.includes('to the last st;')
        ? line.replace('to the last st;', 'to the last 2 sts;')
        : null,
    // One more in the first space of a row makes another sound pattern; in the others the rows no longer meet.
    'how many in one place': (line) =>
      /first sp/.test(line)
        ? null
        : changed(line, /^Row [2-9] \(.*?(\d) (?:dc|sc) in the (?:next|first) /, next),
    'an edge stitch left out': (line) =>
      /^Row [2-9] \(/.test(line) && /[;,] dc in the last st/.test(line)
        ? line.replace(/[;,] dc in the last st/, '')
        : null,
    'a stitch too many': (line) =>
      /^Row [2-9] \(/.test(line) ? line.replace(/; turn\.$/, ', dc in the next st; turn.') : null,
    'which row comes again': (line) => changed(line, /: repeat row (\d+) of/, (n) => String(Number(n) - 1)),
    'which row it begins with': (line) => changed(line, /beginning with row (\d+)/, next),
    'which row it ends with': (line) => changed(line, /ending with row (\d+)/, next),
    'plain stitches at the right edge': (line) => changed(line, /with (\d+) plain/, next),
    'plain stitches after shaping': (line) => changed(line, /(\d+) plain sts? at the right edge/, next),
    'repeats after shaping': (line) => changed(line, /(?:rows|rnds) has (\d+) repeats?/, next),
    'repeats between lines': (line) => changed(line, /has, from .*?(\d+) repeats?/, next),
    'plain stitches between lines': (line) => changed(line, /has, from .*?repeats?, (\d+) plain/, next),
    'stitches of a repeat in a round': (line) => changed(line, /: (\d+) sts fewer at each end/, next),
    'places with a repeat more': (line) => changed(line, /^Rnd \d+: inc at (\d+) places/, next),
    'which rows go by turns': (line) =>
      changed(line, /: work rows (\d+) (?:and|to) \d+ of/, (n) => String(Number(n) - 1)),
    'which row lies over a plain one': (line) =>
      changed(line, /: work row (\d+) of .+ over the sts between/, next),
    'repeats of a row in full': (line) => changed(line, / in full: .*?\((\d+) repeats?\)/, next),
    'what a row in full goes over': (line) => changed(line, / in full: .*?the next (\d+) sts?/, next),
    'plain stitches of a row in full': (line) =>
      changed(line, / in full: .*?[a-z] in the next (\d+) sts/, next),
    'what a row in full leaves unworked': (line) =>
      changed(line, / in full: .*leave the last (\d+) sts?/, next),
    'what a row in full slips over': (line) =>
      changed(line, / in full: sl st over the first (\d+) sts?/, next),
    'a decrease of a row in full': (line) => changed(line, / in full: (.*?2tog, )/, () => ''),
    'which row a shaped row is': (line) => changed(line, /^(?:Row|Rnd) \d+ is row (\d+) of/, next),
    'what a shaped row has': (line) => changed(line, /^(?:Row|Rnd) \d+ is row .*? (\d+) repeats?/, next),
    'repeats that become wider': (line) => changed(line, /: widen (\d+) repeats/, next),
    'wider repeats that part': (line) => changed(line, /: part the (\d+) wide/, next),
    'which row short rows begin with': (line) =>
      changed(line, /of the piece in .+ beginning with row (\d+)/, next),
    'how a turn is graded': (line) =>
      /^Leave no step/.test(line)
        ? line.replace('hdc, sc before', 'sc before').replace('sc, hdc after', 'sc after')
        : null,
    'edge stitches that are kept': (line) => changed(line, /^Keep (\d+) sts? at each edge/, next),
    'the panel': (line) => changed(line, /^The panel of (\d+) sts/, next),
    'a count': (line) =>
      /^Rows? \d.*(?:repeat row|in turn)/.test(line) ? changed(line, /(\d+) sts\)$/, next) : null,
    'the last row of a range': (line) =>
      /(?:repeat row|in turn)/.test(line) ? changed(line, /^Rows \d+–(\d+)/, next) : null,
    'rows that come again': (line) => changed(line, /^Repeat rows? (\d+)/, (n) => String(Number(n) + 7)),
  };

  /** Faults of a kind that are seeded in one design. */
  const MOST_OF_A_KIND = runs(1, 6);

  it('finds a fault seeded in a repeat, an edge, a first row or a count', () => {
    const found = new Map<string, number>();
    const missed: string[] = [];
    for (const [name, design] of Object.entries(DESIGNS)) {
      const { text, sizes } = written(design, 1);
      const lines = text.split('\n');
      for (const [kind, change] of Object.entries(KINDS)) {
        let seededHere = 0;
        lines.forEach((line, i) => {
          if (seededHere === MOST_OF_A_KIND) return;
          const wrong = change(line);
          if (wrong === null || wrong === line) return;
          // Where no piece is begun into a chain, another chain for the first stitch makes another sound pattern.
          const begun = lines.filter((one) => one.slice(0, 60) === line.slice(0, 60)).length > 1;
          if (kind === 'the first stitch a chain further' && !begun) return;
          seededHere += 1;
          const seeded = [...lines.slice(0, i), wrong, ...lines.slice(i + 1)].join('\n');
          if (provePattern(seeded, sizes).differences.length === 0)
            missed.push(`${name}, ${kind}: ${line} → ${wrong}`);
          else found.set(kind, (found.get(kind) ?? 0) + 1);
        });
      }
    }
    expect(missed).toEqual([]);
    expect([...found.keys()].sort()).toEqual(Object.keys(KINDS).sort());
    expect([...found.values()].reduce((sum, many) => sum + many, 0)).toBeGreaterThanOrEqual(runs(50, 300));
  });
});

/** A line with the first group of a form changed; null where the form is not in it. */
function changed(line: string, form: RegExp, change: (group: string) => string): string | null {
  const found = form.exec(line);
  if (!found?.[1]) return null;
  const at = found.index + found[0].lastIndexOf(found[1]);
  return line.slice(0, at) + change(found[1]) + line.slice(at + found[1].length);
}
