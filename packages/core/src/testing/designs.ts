import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import type { Body } from '../body/measurements.js';
import type { Design, Size } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { newDesign } from '../format/newDesign.js';
import { readDesignText } from '../format/readDesign.js';

/** The demo designs by file name. */
export function demoDesigns(): Record<string, Design> {
  const folder = join(__dirname, '../../../../demo');
  return Object.fromEntries(
    readdirSync(folder)
      .filter((name) => name.endsWith('.upfell.json'))
      .map((name) => {
        const read = readDesignText(readFileSync(join(folder, name), 'utf8'));
        if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`);
        return [name.replace('.upfell.json', ''), read.design];
      }),
  );
}

/** A design with other fields than the starting one. */
export function designWith(change: Partial<Design> & { style?: Record<string, unknown> }): Design {
  const { style, ...fields } = change;
  const base = newDesign('Test');
  return { ...base, ...fields, garment: { ...base.garment, ...style } };
}

export function sizeOf(id: string, body: Body, group: Size['group'] = 'adult'): Size {
  return { id, label: id, group, body };
}

/** A fabric by stitches and rows in 10 cm. */
export function fabricOf(
  id: string,
  stitches: number,
  rows: number,
  rule: Partial<Fabric['rule']> = {},
): Fabric {
  const any = { multiple: 1, plus: 0 };
  return {
    id,
    name: id,
    hook: 5,
    gauge: { stitches, stitchesOver: 10, rows, rowsOver: 10 },
    rule: { flat: any, round: any, rows: any, ...rule },
  };
}

/** The 254 open bodies of Heinz et al. (2003); the biacromial breadth stands for the cross-back, of which it is a lower bound. */
export function openBodies(): (Body & { sex: string; id: string })[] {
  const [header, ...lines] = readFileSync(join(__dirname, 'data/body-girths.csv'), 'utf8').trim().split('\n');
  const columns = header!.split(',');
  return lines.map((line) => {
    const cells = line.split(',');
    const of = (name: string) => Number(cells[columns.indexOf(name)]);
    return {
      id: cells[columns.indexOf('id')]!,
      sex: cells[columns.indexOf('sex')]!,
      bust: of('chest_girth_cm'),
      waist: of('waist_girth_cm'),
      hip: of('hip_girth_cm'),
      shoulders: of('shoulder_girth_cm'),
      upperArm: of('biceps_flexed_girth_cm'),
      wrist: of('wrist_girth_cm'),
      crossBack: of('biacromial_breadth_cm'),
      height: of('height_cm'),
    };
  });
}

const rule = fc.oneof(
  { weight: 3, arbitrary: fc.constant({ multiple: 1, plus: 0 }) },
  fc.record({ multiple: fc.integer({ min: 2, max: 8 }), plus: fc.integer({ min: 0, max: 7 }) }),
);

/** Any plausible fabric: bulky to fine, rows as tall as treble or as short as single crochet, rules up to 8 + 7. */
export const anyFabric = (id: string): fc.Arbitrary<Fabric> =>
  fc
    .record({
      stitches: fc.integer({ min: 60, max: 320 }),
      shape: fc.integer({ min: 45, max: 130 }),
      flat: rule,
      rows: fc.constantFrom(
        { multiple: 1, plus: 0 },
        { multiple: 2, plus: 0 },
        { multiple: 2, plus: 1 },
        { multiple: 4, plus: 0 },
      ),
    })
    .map(({ stitches, shape, flat, rows }) =>
      fabricOf(id, stitches / 10, (stitches * shape) / 1000, { flat, rows }),
    );

/** Any plausible range of one to five adult, child or baby sizes, graded by the bust or unrelated. */
export const anyDesign: fc.Arbitrary<Design> = fc
  .record({
    group: fc.constantFrom('adult' as const, 'child' as const, 'baby' as const),
    start: fc.double({ min: 0, max: 1, noNaN: true }),
    steps: fc.array(fc.integer({ min: 0, max: 12 }), { maxLength: 4 }),
    graded: fc.boolean(),
    even: fc.constantFrom(0, 0, 0, 30),
    fabric: anyFabric('body'),
    rib: anyFabric('rib'),
    other: anyFabric('other'),
    elsewhere: fc.constantFrom('nowhere', 'upper', 'sleeve', 'both'),
    ease: fc.integer({ min: -4, max: 30 }),
    widthLedBy: fc.constantFrom('bust', 'hip', 'widest'),
    drop: fc.integer({ min: 0, max: 10 }),
    worked: fc.constantFrom('up', 'down'),
    order: fc.constantFrom('slow first', 'fast first', 'mixed'),
    everyRow: fc.constantFrom(1, 2),
    evenAtCuff: fc.constantFrom(0, 0, 4, { percent: 50 }),
    evenAtTop: fc.constantFrom(0, 0, 3, { percent: 20 }),
    shape: fc.constantFrom('round', 'scoop', 'V', 'square'),
    hem: fc.boolean(),
    cuff: fc.boolean(),
    gather: fc.constantFrom(1, 0.95, 0.85),
    front: fc.constantFrom(
      'closed' as const,
      'closed' as const,
      'gap' as const,
      'overlap' as const,
      'band' as const,
    ),
    deep: fc.boolean(),
    neckband: fc.boolean(),
    construction: fc.constantFrom(
      'drop-shoulder',
      'drop-shoulder',
      'notched',
      'set-in',
      'set-in',
      'vest',
      'side-to-side',
      'over-shoulders',
      'two-halves',
      'rectangles',
      'raglan',
      'round-yoke',
      'tube',
    ),
    yokeNeck: fc.constantFrom('level', 'short rows', 'round', 'V'),
    sleeveless: fc.boolean(),
    bandWay: fc.constantFrom('sideways', 'sideways', 'up'),
    bodyShape: fc.constantFrom('straight', 'straight', 'A-line', 'waist'),
    rounds: fc.constantFrom('sewn', 'joined', 'turned'),
    length: fc.constantFrom('full', 'full', 'three-quarter', 'elbow', 'short'),
    sleeveShape: fc.constantFrom('tapered', 'tapered', 'straight', 'above-elbow', 'bell', 'balloon'),
    fade: fc.boolean(),
    neckStyle: fc.constantFrom('usual', 'usual', 'boat', 'off-shoulder'),
    hood: fc.constantFrom(null, null, 'rectangle', 'shaped'),
    slant: fc.constantFrom(null, null, { stitches: 1, every: 1 }, { stitches: 2, every: 2 }),
    slit: fc.constantFrom(0, 0, 8),
    longerBack: fc.constantFrom(0, 0, 5),
  })
  .map(
    ({
      group,
      start,
      steps,
      graded,
      even,
      fabric,
      rib,
      other,
      elsewhere,
      hem,
      cuff,
      gather,
      ease,
      widthLedBy,
      drop,
      worked,
      order,
      everyRow,
      evenAtCuff,
      evenAtTop,
      shape,
      front,
      deep,
      neckband,
      construction,
      rounds,
      sleeveless,
      bandWay,
      bodyShape,
      length,
      sleeveShape,
      fade,
      neckStyle,
      hood,
      slant,
      slit,
      longerBack,
      yokeNeck,
    }) => {
      const [low, high] = ({ adult: [70, 150], child: [52, 78], baby: [40, 50] } as const)[group];
      let bust = Math.round((low + start * (high - low)) * 10) / 10;
      const sizes = [0, ...steps].map((step, i) =>
        sizeOf(`s${i}`, { bust: (bust += group === 'adult' ? step : step / 4) }, group),
      );
      const height = group === 'adult' ? 5 : 3;
      const small = group === 'adult' ? 1 : 0.5;
      const yoke = construction === 'raglan' || construction === 'round-yoke';
      return designWith({
        graded,
        range: { even },
        sizes,
        fabrics: [fabric, rib, other],
        style: {
          construction,
          armband: cuff ? { worked: bandWay, fabric: 'rib', height: 2 * small, gather } : null,
          ease: (construction === 'tube' ? -Math.abs(ease) / 4 : ease) * small,
          widthLedBy,
          belowWaist: 20 * small,
          front: { style: front, width: 6 * small, fabric: 'rib', ties: deep ? 2 : 0 },
          // Only open fronts may begin their neck below the underarm.
          neck: yoke
            ? {
                shape: construction === 'raglan' || yokeNeck === 'short rows' ? yokeNeck : 'level',
                drop: 4 * small,
              }
            : {
                width: null,
                style: neckStyle,
                drop: (front !== 'closed' && deep ? 35 + drop : drop) * small,
                shape,
                slant,
              },
          hood: hood && { shape: hood },
          body: { shape: bodyShape, hemEase: 10 * small, waistEase: 8 * small },
          neckband: neckband ? { worked: bandWay, fabric: 'rib', height: 3 * small, gather } : null,
          slit: slit * small,
          longerBack: longerBack * small,
          sleeve:
            sleeveless && construction === 'side-to-side'
              ? null
              : {
                  worked: yoke ? (worked === 'up' ? 'rows' : 'rounds') : worked,
                  rounds,
                  length,
                  shape: sleeveShape,
                  fade,
                  order,
                  everyRow,
                  evenAtCuff,
                  evenAtTop,
                  wristEase: 6,
                  shorter: 0,
                  fabric: elsewhere === 'sleeve' || elsewhere === 'both' ? 'other' : null,
                },
          upper: elsewhere === 'upper' || elsewhere === 'both' ? { fabric: 'other' } : null,
          hem: hem ? { worked: bandWay, fabric: 'rib', height, gather } : null,
          cuff: cuff ? { worked: bandWay, fabric: 'rib', height, gather: 1 } : null,
        },
      });
    },
  );
