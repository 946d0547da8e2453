import fc from 'fast-check';
import { polygonArea } from 'd3-polygon';
import type { Design } from './design.js';
import { lengthOf } from './fabric/gauge.js';
import { planFile } from './format/planFile.js';
import { readDesign } from './format/readDesign.js';
import { DesignUnfit, type PlanMemory } from './fitDesign.js';
import { plan } from './plan.js';
import type { SizePlan } from './sizePlan.js';
import { auditPlanFile } from './testing/auditor.js';
import { runs } from './testing/deep.js';
import { anyDesign } from './testing/anyDesign.js';
import { openBodies } from './body/openBodies.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from './testing/designs.js';
import { inWords } from './text/phrase.js';
import { CM_PER_INCH } from './units/length.js';
import { outlines } from './work/outline.js';
import { rowsOf } from './work/runs.js';

const inch = CM_PER_INCH;
const audit = (design: Design) =>
  auditPlanFile(
    JSON.parse(JSON.stringify(planFile(plan(design), 'cm'))) as Parameters<typeof auditPlanFile>[0],
    design,
  );
const count = (size: SizePlan, id: string) => size.quantities.find((quantity) => quantity.id === id)!.count;
const target = (size: SizePlan, id: string) => size.quantities.find((quantity) => quantity.id === id)!.target;
const codes = (size: SizePlan, level = 'stop') =>
  size.notes.filter((note) => note.level === level).map(({ code }) => code);

describe('what always holds', () => {
  it.each(Object.entries(demoDesigns()))('in the demo design %s', (_, design) => {
    expect(audit(design)).toEqual([]);
    expect(plan(design).sizes.flatMap(({ notes }) => notes.filter(({ level }) => level === 'stop'))).toEqual(
      [],
    );
  });

  it('in any plausible design; where a size cannot be made, a stop says why', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect(audit(design)).toEqual([]);
        for (const size of plan(design).sizes)
          if (size.pieces.length === 0 || size.joins.some(({ ok }) => !ok))
            expect(codes(size).length).toBeGreaterThan(0);
      }),
      { numRuns: runs(20, 400) },
    );
  });

  it('over 254 measured adults as one list of people, without a stop that a person would not agree with', () => {
    const sizes = openBodies().map(({ id, sex: _, ...body }) => sizeOf(id, body));
    const design = designWith({
      graded: false,
      sizes,
      fabrics: [
        fabricOf('body', 16, 11, { flat: { multiple: 2, plus: 0 } }),
        fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } }),
      ],
    });
    expect(audit(design)).toEqual([]);
    expect(plan(design).sizes.flatMap((size) => codes(size))).toEqual([]);
  });
});

it('is the same plan, byte for byte, each time, and leaves the design as it was', () => {
  const design = demoDesigns()['puddlestone-jumper']!;
  const before = JSON.stringify(design);
  expect(JSON.stringify(plan(design))).toBe(JSON.stringify(plan(JSON.parse(before) as Design)));
  expect(JSON.stringify(design)).toBe(before);
});

it('is the same plan with a memory of earlier ones, whatever was planned before', () => {
  fc.assert(
    fc.property(
      fc.array(anyDesign, { minLength: 2, maxLength: 4 }),
      fc.double({ min: 1, max: 5, noNaN: true }),
      (designs, wider) => {
        const memory: PlanMemory = new Map();
        const [first] = designs as [Design];
        const edited = {
          ...first,
          sizes: first.sizes.map((size, i) =>
            i === 0 ? { ...size, body: { ...size.body, hip: size.body.bust! + wider } } : size,
          ),
        };
        for (const design of [...designs, first, edited, first])
          expect(JSON.stringify(plan(design, memory))).toBe(JSON.stringify(plan(design)));
      },
    ),
    { numRuns: runs(3, 40) },
  );
});

it('takes over the sizes that an edit leaves as they were', () => {
  const design = { ...demoDesigns()['brackenlow-pullover']!, graded: false };
  const memory: PlanMemory = new Map();
  const before = plan(design, memory);
  const sizes = design.sizes.map((size) =>
    size.id === 'M' ? { ...size, body: { ...size.body, bust: 99 } } : size,
  );
  const after = plan({ ...design, sizes }, memory);
  expect(after.sizes.map((size, i) => size === before.sizes[i])).toEqual(
    design.sizes.map(({ id }) => id !== 'M'),
  );
});

describe('worked figures (common practice)', () => {
  const one = (body: Parameters<typeof sizeOf>[1], style: Record<string, unknown>) =>
    plan(designWith({ units: 'in', sizes: [sizeOf('M', body)], style })).sizes[0]!;

  it('bust 36 in + 6 in: two panels of 21 in; bust 33 + 1: 17 in', () => {
    expect(target(one({ bust: 36 * inch }, { ease: 6 * inch }), 'back.width')).toBeCloseTo(21 * inch, 2);
    expect(target(one({ bust: 33 * inch }, { ease: 1 * inch }), 'back.width')).toBeCloseTo(17 * inch, 2);
  });

  it('bust 96 for a stretchy mesh: panels of 40 cm', () => {
    expect(target(one({ bust: 96 }, { ease: -16 }), 'back.width')).toBe(40);
  });

  it('hip 100 in a loose layer led by the hip: back 60 cm', () => {
    expect(target(one({ bust: 90, hip: 100 }, { ease: 20, widthLedBy: 'hip' }), 'back.width')).toBe(60);
    expect(
      target(
        one({ bust: 90, hip: 100, waist: 80, shoulders: 110 }, { ease: 20, widthLedBy: 'widest' }),
        'back.width',
      ),
    ).toBe(65);
  });

  it('the sleeve is the arm less overhang and cuff; its top twice the armhole', () => {
    const size = one(
      { bust: 96, crossBack: 38, shoulderToWrist: 58, armholeDepth: 19, wrist: 16 },
      { ease: 12, cuff: { fabric: 'rib', height: 6, gather: 1 }, armholeEase: 3 },
    );
    expect(target(size, 'sleeve.rows')).toBe(58 - (54 - 38) / 2 - 6);
    expect(target(size, 'sleeve.top')).toBe(44);
  });
});

describe('a change goes through', () => {
  const design = demoDesigns()['brackenlow-pullover']!;
  const base = plan(design).sizes[2]!;

  it('from the body, the ease and the gauge to every count', () => {
    const wider = plan({ ...design, garment: { ...design.garment, ease: 24 } }).sizes[2]!;
    expect(count(wider, 'back.width')).toBeGreaterThan(count(base, 'back.width'));
    expect(count(wider, 'sleeve.rows')).toBeLessThan(count(base, 'sleeve.rows'));
    const finer = {
      ...design,
      fabrics: design.fabrics.map((fabric) =>
        fabric.id === 'body' ? { ...fabric, gauge: { ...fabric.gauge, stitches: 30 } } : fabric,
      ),
    };
    expect(count(plan(finer).sizes[2]!, 'back.width')).toBe(Math.round((53.5 * 30) / 15 / 2) * 2);
  });

  it('from a pin, around which the rest moves', () => {
    const held = plan({ ...design, pins: [{ size: 'M', quantity: 'back.width', count: 92 }] }).sizes[2]!;
    expect([
      count(held, 'back.width'),
      count(held, 'front.width'),
      2 * count(held, 'shoulder.width') + count(held, 'neck.width'),
    ]).toEqual([92, 92, 92]);
    expect(held.quantities.find(({ id }) => id === 'back.width')).toMatchObject({ pinned: true });
  });

  it('and a pin that cannot hold is answered at its place, with what works', () => {
    const note = (pins: Design['pins']) =>
      plan({ ...design, pins }).sizes[2]!.notes.filter(({ code }) => code.startsWith('pin'))[0]!;
    const rule = note([{ size: 'M', quantity: 'back.width', count: 85 }]);
    expect([rule.level, rule.where, inWords(rule.message, 'cm')]).toEqual([
      'stop',
      'back.width',
      'Back, width cannot be held at 85: the stitch pattern needs an even number. 84 or 86 works.',
    ]);
    const clash = note([
      { size: 'M', quantity: 'body.rows', count: 40 },
      { size: 'M', quantity: 'armhole.rows', count: 42 },
    ]);
    expect(inWords(clash.message, 'cm')).toMatch(
      /^Back and front, height 40 and Armhole, depth 42 cannot be held together: side seam and armhole together are the height of the panel\..*Armhole, depth 38 or 39 works/,
    );
    expect(note([{ size: 'M', quantity: 'collar.depth', count: 6 }]).code).toBe('pin-unknown');
  });
});

describe('because', () => {
  it('gives figures from which the count can be worked out again', () => {
    const size = plan(demoDesigns()['brackenlow-pullover']!).sizes[2]!;
    const said = size.quantities
      .find(({ id }) => id === 'back.width')!
      .because()
      .map(({ label, figure, note }) =>
        [label, figure, note ?? []].map((phrase) => inWords(phrase, 'cm')).join(' | '),
      );
    expect(said.slice(0, 5)).toEqual([
      'Bust or chest, size M | 93.0 cm | ',
      'Ease | +14.0 cm = 107.0 cm | ',
      'Two panels | ÷ 2 = 53.5 cm | ',
      'Plain hdc, Millrace wool, 24 stitches in 15 cm | × 1.6 = 85.6 | ',
      'An even number, the nearest | 86 | 53.8 cm, 0.3 cm over; 84 would be 1.0 cm under',
    ]);
    expect(said.at(-3)).toMatch(/Side seams meet: front 86 = back 86/);
  });

  it('ends every count’s chain at its gauge, and the gauge times the target is what it says', () => {
    for (const design of Object.values(demoDesigns()))
      for (const size of plan(design).sizes)
        for (const quantity of size.quantities) {
          const step = quantity.because().find(({ from }) => from?.kind === 'fabric')!;
          const product = Number(/= ([\d.]+)$/.exec(inWords(step.figure, 'cm'))![1]);
          expect(Math.abs(product - quantity.target * quantity.perCm)).toBeLessThan(0.006);
        }
  });
});

describe('advice', () => {
  const sizes = (
    style: Record<string, unknown>,
    body: Parameters<typeof sizeOf>[1] = { bust: 96, head: 56, upperArm: 30 },
  ) => plan(designWith({ sizes: [sizeOf('M', body)], style })).sizes[0]!;

  it('stops a closed neck that the head does not pass, and says how much wider would do', () => {
    const tight = sizes({ neck: { width: 14, drop: 3 } });
    expect(codes(tight)).toContain('head-does-not-pass');
    const wider = Number(
      /A neck ([\d.]+) cm wider/.exec(
        inWords(tight.notes.find(({ code }) => code === 'head-does-not-pass')!.message, 'cm'),
      )![1],
    );
    expect(codes(sizes({ neck: { width: 14 + wider + 0.7, drop: 3 } }))).not.toContain('head-does-not-pass');
    expect(codes(sizes({ neck: { width: null, drop: 0 } }))).toEqual([]);
  });

  it('stops a sleeve top smaller than the arm, and warns of one that binds', () => {
    expect(codes(sizes({ armholeEase: 0 }, { bust: 96, armholeDepth: 15, upperArm: 36 }))).toContain(
      'sleeve-top-binds',
    );
    expect(
      codes(sizes({ armholeEase: 0 }, { bust: 96, armholeDepth: 15.5, upperArm: 30 }), 'warn'),
    ).toContain('sleeve-top-binds');
  });

  it('stops where the overhang leaves no arm for a sleeve', () => {
    const wide = sizes(
      { ease: 78, cuff: { fabric: 'rib', height: 12, gather: 1 } },
      { bust: 130, crossBack: 34, shoulderToWrist: 48 },
    );
    expect(codes(wide)).toContain('overhang-longer-than-arm');
    expect(codes(wide, 'warn')).toContain('sleeve-longer-than-arm');
  });

  it('stops an armhole deeper than the body', () => {
    expect(codes(sizes({ belowWaist: -22 }))).toContain('armhole-deeper-than-body');
  });

  it('tells derived and doubtful measurements, and missed targets', () => {
    const size = sizes({}, { bust: 96, waist: 140, hip: 100 });
    expect(codes(size, 'warn')).toContain('implausible');
    const derived = size.notes.filter(({ code }) => code === 'derived');
    expect(derived.flatMap(({ where, alsoAt = [] }) => [where, ...alsoAt])).toContain('crossBack');
    const coarse = plan(
      designWith({
        sizes: [sizeOf('M', { bust: 96 })],
        fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20)],
        pins: [{ size: 'M', quantity: 'back.width', count: 70 }],
      }),
    ).sizes[0]!;
    expect(
      coarse.notes.some(
        ({ code, where, level }) => code === 'target-missed' && where === 'front.width' && level === 'warn',
      ),
    ).toBe(true);
  });

  it('says the cautions for children once', () => {
    const all = plan(demoDesigns()['wrenmoss-baby-pullover']!).sizes.flatMap(({ notes }) =>
      notes.filter(({ code }) => code === 'child-safety'),
    );
    expect(all).toHaveLength(1);
  });
});

it('says so when a seam is out of reach of the stitch pattern, and still makes the pieces', () => {
  const design = designWith({
    sizes: [sizeOf('M', { bust: 96 })],
    fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20, { rows: { multiple: 200, plus: 0 } })],
    style: { hem: null },
  });
  const size = plan(design).sizes[0]!;
  expect(codes(size)).toEqual(expect.arrayContaining(['seam-out-of-reach', 'join-broken']));
  expect(size.pieces.length).toBeGreaterThan(0);
  expect(audit(design)).toEqual([]);
});

it('makes row areas that agree with polygon areas (d3-polygon)', () => {
  const size = plan(demoDesigns()['brackenlow-pullover']!).sizes[4]!;
  for (const piece of size.pieces) {
    const stitches = rowsOf(piece.runs).reduce((sum, row) => sum + row.count, 0);
    const area = outlines(piece.runs).reduce(
      (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
      0,
    );
    expect(area).toBeCloseTo(stitches, 6);
  }
});

it('estimates yarn from the swatch by area, and nothing without a swatch', () => {
  const swatch = { width: 15, height: 15, metres: 26 };
  const make = (with_: boolean) => {
    const fabrics = [{ ...fabricOf('body', 16, 11), ...(with_ ? { swatch } : {}) }, fabricOf('rib', 18, 20)];
    return plan(designWith({ sizes: [sizeOf('M', { bust: 96 })], fabrics, style: { hem: null, cuff: null } }))
      .sizes[0]!;
  };
  expect(make(false).yarn).toEqual([]);
  const size = make(true);
  const area = size.pieces.reduce(
    (sum, piece) =>
      sum + piece.copies * rowsOf(piece.runs).reduce((all, row) => all + lengthOf(row.count, 1.6) / 1.1, 0),
    0,
  );
  const bare = (area * 26) / 225;
  expect(size.yarn[0]!.metres).toBeGreaterThan(bare * 1.1);
  expect(size.yarn[0]!.metres).toBeLessThan(bare * 1.15);
});

it('refuses a design that it cannot read, naming the field', () => {
  const design = designWith({});
  expect(() => plan({ ...design, garment: { construction: 'cape' } })).toThrow(DesignUnfit);
  expect(() => plan({ ...design, sizes: [sizeOf('M', { wrist: 15 })] })).toThrow(/give the bust/);
  expect(readDesign(design).ok).toBe(true);
});
