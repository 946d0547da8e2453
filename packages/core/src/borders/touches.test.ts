import type { Garment } from '../design.js';
import { assemblyOf } from '../finishing/assembly.js';
import { yarnOfTouches } from '../finishing/touches.js';
import { plan } from '../plan.js';
import { provePattern } from '../read/pattern.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';

const BARE = { hem: null, cuff: null };
const OPEN = { front: { style: 'gap', width: 4 }, neck: { shape: 'V', drop: 18 } };
const made = (garment: object) => {
  const design = designWith({
    graded: false,
    sizes: [sizeOf('S', { bust: 88 }), sizeOf('L', { bust: 108 })],
    garment: { construction: 'drop-shoulder', ...BARE, ...garment } as Garment,
  });
  const { sizes } = plan(design);
  const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
  return {
    design,
    sizes,
    size: sizes[0]!,
    text,
    proof: () => provePattern(text, sizes, {}, design).differences,
  };
};

describe('a drawn thread', () => {
  const { size, text, proof, sizes, design } = made({ border: { gatherCuff: 22, gatherHem: 70 } });

  it('goes through every second stitch of both cuffs and the lower edge, to the round wanted', () => {
    const cuff =
      size.joins.length &&
      size.pieces.find(({ id }) => id === 'sleeve')!.edges.find(({ id }) => id === 'sleeve.cuff')!;
    expect(size.touches).toMatchObject([
      { kind: 'gathered', where: 'cuff', count: cuff && cuff.count, round: 22 },
      { kind: 'gathered', where: 'hem', round: 70 },
    ]);
    expect(text).toContain('Ends of the sleeves, both: draw a thread in and out through every 2nd of the');
    expect(proof()).toEqual([]);
  });

  it('is a step of the assembly, and takes yarn', () => {
    expect(assemblyOf(size).steps.map(({ id }) => id)).toContain('touches');
    // Two cuffs and one lower edge, 30 cm to knot each.
    const wanted = size.touches.reduce(
      (sum, touch) =>
        sum + (touch.kind === 'gathered' ? (touch.where === 'cuff' ? 2 : 1) * (touch.own + 30) : 0),
      0,
    );
    expect(yarnOfTouches(size.touches)).toBeCloseTo(wanted / 100, 9);
  });

  it('is found where a figure of it is wrong', () => {
    for (const [right, wrong] of [
      [/2nd of the (\d+)/, '2nd of the 7'],
      [/ to 22/, ' to 27'],
    ] as const) {
      const changed = text.replace(right, wrong);
      expect(changed).not.toBe(text);
      expect(provePattern(changed, sizes, {}, design).differences.map(({ piece }) => piece)).toContain(
        'Joining',
      );
    }
  });

  it('that gathers nothing, or is tighter than the wrist, is told', () => {
    const codes = (cuff: number) => made({ border: { gatherCuff: cuff } }).size.notes.map(({ code }) => code);
    expect(codes(60)).toContain('gathers-nothing');
    expect(codes(9)).toContain('gathered-tight');
    expect(codes(20)).not.toContain('gathered-tight');
  });
});

describe('ties', () => {
  it('sit where they are wanted along the front edge, in rows that can be counted', () => {
    const { size, text, proof } = made({ ...OPEN, front: { ...OPEN.front, ties: 1, tieAt: 12.5 * 2.54 } });
    const edge = size.pieces.flatMap(({ edges }) => edges).find(({ id }) => id === 'front.edge-left')!;
    const [tie] = size.touches;
    expect(tie).toMatchObject({ kind: 'tie', at: 31.75 });
    expect(tie).toMatchObject({ after: Math.round((31.75 / edge.length) * edge.count) });
    expect(text).toContain('Ties, pair 1 from the lower edge: sew one to each front edge behind');
    expect(proof()).toEqual([]);
  });

  it('are spread evenly up to the neck where nothing else is said', () => {
    const { size } = made({ ...OPEN, front: { ...OPEN.front, ties: 3 } });
    const edge = size.pieces.flatMap(({ edges }) => edges).find(({ id }) => id === 'front.edge-left')!;
    const at = size.touches.flatMap((touch) => (touch.kind === 'tie' ? [touch.at] : []));
    expect(at).toHaveLength(3);
    expect(at[2]).toBeCloseTo(edge.length, 9);
    expect(at[1]! - at[0]!).toBeCloseTo(at[2]! - at[1]!, 9);
  });
});

describe('a back neck', () => {
  it('is steadied from shoulder to shoulder, and draws yarn', () => {
    const { size, text, proof } = made({ border: { backNeck: true } });
    const edge = size.pieces.flatMap(({ edges }) => edges).find(({ id }) => id === 'back.neck')!;
    expect(size.touches).toEqual([{ kind: 'back neck', count: edge.count, length: edge.length }]);
    expect(text).toContain('Back neck, on the inside:');
    expect(proof()).toEqual([]);
  });
});

describe('bridges', () => {
  it('span the steps of a neck that goes in by whole repeats', () => {
    const design = designWith({
      graded: false,
      sizes: [sizeOf('M', { bust: 96 })],
      fabrics: [
        {
          ...fabricOf('body', 15, 6, { flat: { multiple: 6, plus: 2 }, round: { multiple: 6, plus: 0 } }),
          shaping: 'units',
        },
        fabricOf('rib', 18, 20),
      ],
      garment: {
        construction: 'drop-shoulder',
        ...BARE,
        ...OPEN,
        border: { neck: { fabric: 'rib', rounds: 2, bridged: true } },
      } as Garment,
    });
    const { sizes } = plan(design);
    const [bridges] = sizes[0]!.touches;
    expect(bridges).toMatchObject({ kind: 'bridges' });
    const { chains, steps } = bridges as { chains: number; steps: number };
    // Each step is one repeat of 6 stitches, 4 cm, at 18 stitches in 10 cm: 7 or more chains, since they go aslant.
    expect(chains / steps).toBeGreaterThanOrEqual(7);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(text).toContain('Bridges first: at each of the');
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
  });
});

describe('a draw cord', () => {
  it('is threaded up the centre front every 2 cm (common practice)', () => {
    const { size, text, proof } = made({ construction: 'tube', ease: { percent: -8 }, cord: true });
    const [cord] = size.touches as { kind: string; length: number; times: number }[];
    expect(cord!.times).toBe(Math.floor(cord!.length / 2));
    expect(text).toContain('Draw cord: thread it up the centre front, in and out every 2 cm');
    expect(proof()).toEqual([]);
  });
});

describe('buttonholes in a border', () => {
  const withButtons = (side: 'left' | 'right') => {
    const design = designWith({
      graded: false,
      sizes: [sizeOf('S', { bust: 88 }), sizeOf('L', { bust: 108 })],
      garment: {
        construction: 'drop-shoulder',
        ...BARE,
        ...OPEN,
        border: { round: { fabric: 'rib', rounds: 5 } },
      } as Garment,
    });
    design.finishing = { buttons: { count: 5, width: 2, fromLower: 2, fromUpper: 1, side } };
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes: sizes.slice(0, 1) }, design, { units: 'cm' }));
    return { design, sizes: sizes.slice(0, 1), text };
  };

  it('lie between the corners of their front, in its middle row', () => {
    const { text, sizes, design } = withButtons('right');
    expect(text).toMatch(
      /Buttonholes, on the right front only, in rnd 3 between its corners, from the lower one: \w+ in the first 4 sts, \(?ch 2, skip the next 2 sts/,
    );
    expect(text).toContain('Sew the 5 buttons to the left front, opposite the buttonholes.');
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
  });

  it('are told from the neck down on the left front, and found where they are wrong', () => {
    const { text, sizes, design } = withButtons('left');
    expect(text).toContain('from the upper one');
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
    const wrong = text.replace(/in rnd 3 between/, 'in rnd 4 between');
    expect(provePattern(wrong, sizes, {}, design).differences).toHaveLength(1);
  });
});
