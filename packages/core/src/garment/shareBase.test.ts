import { completeBody } from '../body/derive.js';
import { withField, type JsonObject } from '../check/json.js';
import type { Design } from '../design.js';
import { plan } from '../plan.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { tidy } from '../units/length.js';
import { CONSTRUCTIONS } from './registry.js';
import { shareBase } from './shareBase.js';
import { easeOver } from '../fields/perSize.js';
import type { Fields } from '../fields/kinds.js';

/** Every field of a style that may be a share, with the lengths that it may be. */
function shares(fields: Fields, path = ''): { path: string; min: number; max: number }[] {
  return Object.entries(fields).flatMap(([key, field]) => {
    if (field.kind === 'group') return shares(field.fields, `${path}${key}.`);
    if (field.kind !== 'length' || !field.share) return [];
    return [{ path: path + key, min: field.range[0], max: field.range[1] }];
  });
}

/** Garments in which between them every share has a say. */
const GARMENTS: readonly JsonObject[] = [
  {
    body: { shape: 'waist' },
    front: { style: 'overlap', width: 6 },
    widthLedBy: 'widest',
    neck: { shape: 'round' },
  },
  {
    body: { shape: 'A-line' },
    sleeve: { worked: 'down', rounds: 'joined' },
    neck: { style: 'off-shoulder' },
    widthLedBy: 'hip',
  },
];
const designWithField = (garment: JsonObject, path: string, value: unknown): Design => ({
  ...designWith({
    sizes: [sizeOf('M', { bust: 97, waist: 81, hip: 103, crossBack: 38, neck: 36, armholeDepth: 19 })],
    fabrics: [fabricOf('body', 17, 12.5), fabricOf('rib', 18, 20)],
  }),
  garment: withField(garment, path.split('.'), value) as Design['garment'],
});
const made = (design: Design) => plan(design).sizes[0]!;
const lengthsOf = (design: Design) =>
  Object.fromEntries(made(design).quantities.map(({ id, actual }) => [id, actual]));

/** What every quantity is to come to, cm. */
function targetsOf(construction: (typeof CONSTRUCTIONS)[number], design: Design): Map<string, number> {
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const style = construction.readStyle(design.garment, [...fabrics.keys()], []);
  const [size] = design.sizes;
  const body = completeBody(size!.body, size!.group)!;
  const { quantities } = construction.draft({ size: size!, body, style, fabrics });
  return new Map(quantities.map(({ id, target }) => [id, target]));
}

/** Fields that some garments read and pass over, so that a share of them has no base there. */
const PASSED_OVER = [
  'armhole.notch',
  'armholeEase',
  'body.hemEase',
  'body.waistEase',
  'ease',
  'hipEase',
  'neck.drop',
  'neck.ease',
  'sleeve.upperArmEase',
  'sleeve.wristEase',
];

describe.each(CONSTRUCTIONS.map((construction) => [construction.id, construction] as const))(
  '%s',
  (id, construction) => {
    const fields = shares(construction.fields);

    it('has shares', () => expect(fields.length).toBeGreaterThan(0));

    it.each(fields.map(({ path, min, max }) => [path, min, max] as const))(
      'goes from a length to a share and back without a change: %s',
      (path, min, max) => {
        let looked = 0;
        for (const own of GARMENTS) {
          const yoke = id === 'raglan' || id === 'round-yoke';
          const garment: JsonObject = {
            ...own,
            construction: id,
            ...(yoke ? { neck: { shape: 'short rows' }, sleeve: { worked: 'rounds' } } : {}),
            ...(id === 'tube' ? { ease: -8, body: undefined, rounds: 'sewn' } : {}),
          };
          const ofRows = path.startsWith('sleeve.even');
          if (ofRows && looked > 0) continue;
          const tried = (ofRows ? [0.1] : [0.1, 0.22, 0.55]).map((share) => {
            const cm = tidy(id === 'tube' && path === 'ease' ? -9 : min + (max - min) * share);
            const asLength = designWithField(garment, path, cm);
            const base = shareBase(asLength, 'M', path, ofRows ? lengthsOf(asLength) : {});
            const percent = base === null ? NaN : Math.round((cm / base) * 1e6) / 1e4;
            return { cm, asLength, percent };
          });
          const fair = tried.find(({ percent }) => percent >= -40 && percent <= 100);
          if (!fair) continue;
          const { cm, asLength, percent } = fair;
          looked += 1;
          const asShare = designWithField(garment, path, { percent });
          const targets = targetsOf(construction, asShare);
          for (const [of, target] of targetsOf(construction, asLength))
            expect([of, targets.get(of)]).toEqual([of, expect.closeTo(target, 1)]);
          const again = shareBase(asShare, 'M', path, ofRows ? lengthsOf(asShare) : {})!;
          expect(tidy(easeOver({ percent }, again))).toBeCloseTo(cm, 1);
        }
        expect([path, looked > 0 || PASSED_OVER.includes(path)]).toEqual([path, true]);
      },
    );
  },
);

it('takes the share that the core takes: of the garment’s round, of the armhole with its ease, of the sleeve’s rows', () => {
  const of = (construction: string, path: string, more: JsonObject = {}) => {
    const design = designWithField({ construction, ...more }, path, 5);
    const size = made(design);
    return {
      base: shareBase(
        design,
        'M',
        path,
        Object.fromEntries(size.quantities.map(({ id, actual }) => [id, actual])),
      ),
      size,
    };
  };
  // Bust 97 and its ease of 10.
  expect(of('raglan', 'underarm').base).toBeCloseTo(107, 6);
  const curve = of('set-in', 'armhole.depth', { armholeEase: 4 });
  expect(curve.base).toBeCloseTo(curve.size.quantities.find(({ id }) => id === 'armhole.rows')!.target, 1);
  const even = of('drop-shoulder', 'sleeve.evenAtCuff');
  expect(even.base).toBe(even.size.quantities.find(({ id }) => id === 'sleeve.rows')!.actual);
});
