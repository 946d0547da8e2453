import type { Design, Garment } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { planFile } from '../format/planFile.js';
import { plan, type Plan } from '../plan.js';
import { provePattern } from '../read/pattern.js';
import { auditPlanFile } from '../testing/auditor.js';
import { designWith, someBodies, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { inWords } from '../text/phrase.js';
import { lastRow } from '../work/runs.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';
import { BORDER_PLACES, type BorderPlace } from './fields.js';

const patternOf = (id: string): Fabric => {
  const { fabric } = STITCH_PATTERNS.find((one) => one.fabric.id === id)!;
  return { ...fabric, name: `${fabric.name}, for edges` };
};
const EDGES = [
  'single-crochet',
  'half-double',
  'double-crochet',
  'post-rib',
  'shells',
  'mesh-2',
  'rolled-edge',
  'slip-stitch-edge',
  'reverse-edge',
].map(patternOf);
const BARE = { hem: null, cuff: null, neckband: null, armband: null };

/** Edgings of one fabric and of several, by gauge and by ratio, in every way of closing rounds. */
const KINDS: readonly [name: string, style: object][] = [
  ['a single round of sc', { fabric: 'single-crochet', rounds: 1 }],
  [
    'a dc round, post rib, sc',
    { fabric: 'post-rib', rounds: 3, worked: 'joined', second: { fabric: 'single-crochet', rounds: 1 } },
  ],
  [
    'shells on sc',
    { fabric: 'single-crochet', rounds: 1, worked: 'turned', second: { fabric: 'shells', rounds: 2 } },
  ],
  ['hdc by ratio, in a spiral', { fabric: 'half-double', rounds: 2, pickUp: 'ratio', worked: 'spiral' }],
  ['mesh, worked plainly', { fabric: 'mesh-2', rounds: 2, corners: 'plain' }],
];

const edged = (garment: object, border: object, sizes: Design['sizes']): Design => {
  const design = designWith({ garment: { ...garment, border } as unknown as Garment, graded: false });
  return { ...design, sizes, fabrics: [...design.fabrics, ...EDGES] };
};
const audit = (planned: Plan, design: Design) =>
  auditPlanFile(
    JSON.parse(JSON.stringify(planFile(planned, 'cm'))) as Parameters<typeof auditPlanFile>[0],
    design,
  );

const BODIES = someBodies(1).map(({ id, ...body }) => sizeOf(id, body));

const APART = BORDER_PLACES.filter((place) => place !== 'round');

/** What a design with edgings is not: told to be nowhere and yet there, unsound, or told otherwise than it is planned. */
function wrongOf(design: Design, places: readonly BorderPlace[]): unknown {
  const planned = plan(design);
  const made = planned.sizes.filter(({ pieces }) => pieces.length > 0);
  const astray = made.flatMap(({ id, pieces, notes }) =>
    places.filter((place) => {
      const there = pieces.some(({ id: piece }) => piece.startsWith(`edging-${place}`));
      const nowhere = notes.some(
        ({ code, where }) => code === 'edging-nowhere' && where === `border.${place}`,
      );
      return there === nowhere && id !== '';
    }),
  );
  const text = patternToText(pattern({ sizes: made }, design, { units: 'both' }));
  return [astray, audit(planned, design), provePattern(text, made, {}, design).differences];
}

describe.each(GARMENTS)('%s', (_, garment) => {
  it.each(KINDS)('is edged by %s along every edge that it has', (_name, style) => {
    const apart = Object.fromEntries(APART.map((place) => [place, style]));
    const sound = [[], [], []];
    expect(wrongOf(edged({ ...garment, ...BARE }, apart, BODIES), APART)).toEqual(sound);
    expect(wrongOf(edged({ ...garment, ...BARE }, { round: style }, BODIES), ['round'])).toEqual(sound);
  });

  it('is edged along its ribs and bands as well', () => {
    const [, style] = KINDS[1]!;
    const apart = Object.fromEntries(APART.map((place) => [place, style]));
    expect(wrongOf(edged(garment, apart, BODIES.slice(0, 1)), APART)).toEqual([[], [], []]);
  });
});

describe('a border in one round', () => {
  const cardigan = {
    construction: 'drop-shoulder',
    ...BARE,
    front: { style: 'gap', width: 4 },
    neck: { shape: 'V', drop: 18 },
  };
  const borderOf = (style: object) => {
    const design = edged(cardigan, { round: style }, [sizeOf('M', { bust: 96 })]);
    const [size] = plan(design).sizes;
    return { size: size!, piece: size!.pieces.find(({ role }) => role === 'border')! };
  };

  it('meets each fabric’s multiple where it begins, the odd stitch hidden at its beginning', () => {
    const { piece } = borderOf({
      fabric: 'single-crochet',
      rounds: 1,
      second: { fabric: 'post-rib', rounds: 2 },
    });
    const post = piece.runs.find(({ row }) => row.n === 2)!.row;
    expect(post.count % 2).toBe(0);
    expect(lastRow(piece.runs).n).toBe(3);
  });

  it('has two outer and two inner corners, and counts its stitches round the outer ones besides its edge', () => {
    const { size, piece } = borderOf({ fabric: 'single-crochet', rounds: 3 });
    const shaped = piece.runs.find(({ row }) => row.n === 2)!.row.steps.filter((step) => step.do !== 'work');
    expect(shaped.map((step) => step.do)).toEqual(['increase', 'decrease', 'decrease', 'increase']);
    const join = size.joins.find(({ role }) => role === 'border')!;
    expect(join).toMatchObject({ corners: 6, ok: true });
    expect(Math.abs(join.aLength - join.bLength)).toBeLessThan(0.7);
  });

  it('is taken off the length of the panels and counted in the finished one', () => {
    const lengthOf = (style: object | null) => {
      const design = edged(cardigan, { round: style }, [sizeOf('M', { bust: 96 })]);
      const [size] = plan(design).sizes;
      const rows = size!.quantities.find(({ id }) => id === 'body.rows')!;
      return { finished: size!.finished.find(({ id }) => id === 'length')!, panel: rows.target };
    };
    const [bare, bordered] = [lengthOf(null), lengthOf({ fabric: 'single-crochet', rounds: 6 })];
    expect(bordered.finished.target).toBeCloseTo(bare.finished.target, 9);
    // 6 rows at 17 in 10 cm
    expect(bare.panel - bordered.panel).toBeCloseTo(60 / 17, 2);
  });

  it('says what fits where it is wider than its corners leave room for', () => {
    const narrow = { ...cardigan, neck: { shape: 'square', width: 6, drop: 5 } };
    const design = edged(narrow, { round: { fabric: 'single-crochet', rounds: 30 } }, [
      sizeOf('M', { bust: 96 }),
    ]);
    const [note] = plan(design).sizes[0]!.notes.filter(({ level }) => level === 'stop');
    expect(note).toMatchObject({ code: 'edging-no-room', where: 'border.round' });
    const [{ set }] = note!.fixes as unknown as [{ set: { value: number }[] }];
    const fits = set[0]!.value;
    const again = edged(narrow, { round: { fabric: 'single-crochet', rounds: fits } }, design.sizes);
    expect(plan(again).sizes[0]!.pieces.length).toBeGreaterThan(0);
  });

  it('says where it is wider than the front, and whether it closes the gap', () => {
    const narrow = {
      ...cardigan,
      front: { style: 'gap', width: 40 },
      neck: { shape: 'V', width: 44, drop: 18 },
    };
    const wide = edged(narrow, { round: { fabric: 'single-crochet', rounds: 13 } }, [
      sizeOf('M', { bust: 96 }),
    ]);
    const codes = plan(wide).sizes[0]!.notes.map(({ code }) => code);
    expect(codes).toEqual(expect.arrayContaining(['edging-wide', 'edging-gap']));
    const closing = borderOf({ fabric: 'single-crochet', rounds: 7 }).size.notes;
    expect(closing.map(({ code }) => code)).not.toContain('edging-gap');
  });

  it('has no place on a closed front', () => {
    const design = edged({ ...cardigan, front: { style: 'closed' } }, { round: {} }, [
      sizeOf('M', { bust: 96 }),
    ]);
    const note = plan(design).sizes[0]!.notes.find(({ code }) => code === 'edging-nowhere')!;
    expect(inWords(note.message, 'cm')).toMatch(/^Border: it is left out\. The front is closed, /);
  });
});

describe('an edging of any stitch', () => {
  const textOf = (border: object) => {
    const design = edged({ construction: 'drop-shoulder', ...BARE }, border, [sizeOf('M', { bust: 96 })]);
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
    return text;
  };

  it('is a single round of slip stitch, or a round of reverse sc on another', () => {
    expect(textOf({ neck: { fabric: 'slip-stitch-edge', rounds: 1 } })).toMatch(
      /Rnd 1 \(RS\): pick up and work \d+ sl st evenly along the neck; join\./,
    );
    const on = {
      fabric: 'single-crochet',
      rounds: 1,
      corners: 'plain',
      second: { fabric: 'reverse-edge', rounds: 1 },
    };
    expect(textOf({ hem: on })).toMatch(
      /Rnd 2: change to Reverse single crochet edge, for edges and a 5 mm hook; reverse sc in each st; join\./,
    );
  });

  it('rolls in a spiral of back loops', () => {
    expect(textOf({ hem: { fabric: 'rolled-edge', rounds: 6, worked: 'spiral', corners: 'plain' } })).toMatch(
      /Rnds 2–6, about .+: sc blo in each st; go on\./,
    );
  });

  it('is a collar in rows where the round is not closed', () => {
    expect(
      textOf({ neck: { fabric: 'single-crochet', rounds: 12, worked: 'rows', corners: 'plain' } }),
    ).toMatch(/Row 1 \(RS\): pick up and work \d+ sc evenly along the neck; turn\./);
  });
});

describe('a cuff of a round that is wanted', () => {
  it('has the rows for it, and skips what its sleeve has more', () => {
    const design = edged(
      { construction: 'drop-shoulder', hem: null, sleeve: { wristEase: 14 }, cuff: { height: 6, round: 19 } },
      {},
      [sizeOf('M', { bust: 96, wrist: 15.5 })],
    );
    design.finishing = {
      methods: { 'cuff-left': 'crocheted while working', 'cuff-right': 'crocheted while working' },
    };
    const { sizes } = plan(design);
    const join = sizes[0]!.joins.find(({ id }) => id === 'cuff-left')!;
    const rows = sizes[0]!.quantities.find(({ id }) => id === 'cuff.rows')!;
    expect(Math.abs(rows.actual - 19)).toBeLessThan(1);
    expect(join.ok).toBe(true);
    expect(join.gather).toBeCloseTo(rows.actual / join.bLength, 6);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(text).toContain('Join it while it is worked:');
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
  });
});

describe('a pick-up by ratio', () => {
  it('takes 2 sc in each dc row, 1 in each stitch, whatever that measures (common practice)', () => {
    const design = edged(
      { construction: 'drop-shoulder', ...BARE, front: { style: 'gap', width: 4 } },
      { front: { fabric: 'single-crochet', rounds: 3, pickUp: 'ratio', perRowEnd: 2 } },
      [sizeOf('M', { bust: 96 })],
    );
    const [size] = plan(design).sizes;
    const join = size!.joins.find(({ id }) => id === 'edging-front-left')!;
    expect(join.aCount).toBe(2 * join.bCount);
    expect(join.ok).toBe(true);
    const { joins } = planFile({ design: '', construction: '', sizes: [size!] }, 'cm').sizes[0]!;
    expect(joins.find(({ id }) => id === join.id)).toMatchObject({
      ratio: { stitches: 2, to: 1, of: 'hdc row' },
      lies: expect.stringMatching(/^(?:flat|(?:ruffles|pulls) by \d+ %)$/) as string,
    });
  });

  it('says what would lie flat where it is beyond reason', () => {
    const front = (perRowEnd: number) =>
      plan(
        edged(
          { construction: 'drop-shoulder', ...BARE, front: { style: 'gap', width: 4 } },
          { front: { fabric: 'single-crochet', rounds: 1, pickUp: 'ratio', perRowEnd } },
          [sizeOf('M', { bust: 96 })],
        ),
      ).sizes[0]!.notes.find(({ code }) => code.startsWith('picked-up'));
    const note = front(4)!;
    expect(inWords(note.message, 'cm')).toMatch(
      /^Front edging, both: \d+ stitches for \d+ row ends measure .* it ruffles by \d+ %, more than blocking puts right\. By the gauges about [\d.]+ stitches for each row end would lie flat\.$/,
    );
    const [{ path, value }] = note.fixes![0]!.set as [{ path: string; value: number }];
    expect(path).toBe('garment.border.front.perRowEnd');
    // In steps of a quarter it comes near enough to be blocked.
    expect(inWords(front(value)?.message ?? [], 'cm')).not.toContain('more than blocking puts right');
  });

  it('takes so many in each space of a mesh', () => {
    const mesh = { ...patternOf('mesh-2'), id: 'body' };
    const design = edged(
      { construction: 'drop-shoulder', ...BARE },
      { hem: { fabric: 'single-crochet', rounds: 2, pickUp: 'ratio', perUnit: 2 } },
      [sizeOf('M', { bust: 96 })],
    );
    const [size] = plan({ ...design, fabrics: [mesh, ...design.fabrics.slice(1)] }).sizes;
    const join = size!.joins.find(({ id }) => id === 'edging-hem')!;
    expect(Math.abs(join.aCount - (2 / 3) * join.bCount)).toBeLessThanOrEqual(1);
    expect(join.ok).toBe(true);
  });
});
