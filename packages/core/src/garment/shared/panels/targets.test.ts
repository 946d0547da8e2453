import { compareCounts } from '../../../compare.js';
import { plan } from '../../../plan.js';
import type { SizePlan } from '../../../sizePlan.js';
import { reasonInWords } from '../../../because/reason.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import type { Body } from '../../../body/measurements.js';

const BODY: Body = {
  bust: 96,
  waist: 78,
  hip: 104,
  shoulders: 108,
  crossBack: 38,
  neck: 36,
  head: 56,
  upperArm: 32,
  wrist: 16,
  shoulderToWrist: 58,
  armholeDepth: 19,
  backWaist: 43,
  backLength: 45,
  frontLength: 48,
};
const planned = (style: Record<string, unknown>, change: Partial<Parameters<typeof designWith>[0]> = {}) =>
  plan(designWith({ sizes: [sizeOf('M', BODY)], style, ...change })).sizes[0]!;
const target = (size: SizePlan, id: string) => size.quantities.find((quantity) => quantity.id === id)!.target;
const said = (size: SizePlan, id: string) =>
  size.quantities
    .find((quantity) => quantity.id === id)!
    .because()
    .map((reason) => reasonInWords(reason, 'cm'));

describe('ease', () => {
  it('as a share of the body, and said so', () => {
    const size = planned({ ease: { percent: 10 } });
    expect(target(size, 'back.width')).toBe((96 + 9.6) / 2);
    expect(said(size, 'back.width')[1]).toBe('Ease: +9.6 cm = 105.6 cm (10 % of 96.0 cm)');
  });

  it('for all sizes, or another for one', () => {
    const sizes = [sizeOf('M', BODY), sizeOf('L', { ...BODY, bust: 106 })];
    const both = plan(
      designWith({ sizes, style: { ease: { all: 8, sizes: { L: { percent: 20 } } } } }),
    ).sizes.map((size) => target(size, 'back.width'));
    expect(both).toEqual([52, 63.6]);
  });

  it('of its own at the hip where the hip leads, and where the widest does', () => {
    expect(target(planned({ widthLedBy: 'hip', ease: 10, hipEase: 2 }), 'back.width')).toBe(53);
    expect(target(planned({ widthLedBy: 'bust', ease: 10, hipEase: 2 }), 'back.width')).toBe(53);
    // Shoulders 108 + 10 are the widest; with 30 at the hip the hip is.
    expect(target(planned({ widthLedBy: 'widest', ease: 10 }), 'back.width')).toBe(59);
    expect(target(planned({ widthLedBy: 'widest', ease: 10, hipEase: 30 }), 'back.width')).toBe(67);
  });

  it('at the upper arm makes the armhole deep enough for it', () => {
    expect(target(planned({ armholeEase: 3 }), 'armhole.rows')).toBe(22);
    const size = planned({ armholeEase: 3, sleeve: { upperArmEase: 16 } });
    expect(target(size, 'armhole.rows')).toBe(24);
    expect(said(size, 'armhole.rows').join('\n')).toMatch(/Ease at the upper arm: \+16.0 cm = 48.0 cm/);
    expect(target(planned({ armholeEase: 3, sleeve: { upperArmEase: 4 } }), 'armhole.rows')).toBe(22);
  });

  it('at the neck leads the width, but never under what the head needs', () => {
    const wide = planned({ neck: { width: null, ease: 40, drop: 8 } });
    expect(said(wide, 'neck.width')[0]).toBe('Neck round, size M: 36.0 cm');
    const tight = planned({ neck: { width: null, ease: 0, drop: 3 } });
    expect(said(tight, 'neck.width')[0]).toBe('Head round, size M: 56.0 cm');
    expect(target(tight, 'neck.width')).toBeLessThan(target(wide, 'neck.width'));
  });
});

describe('length', () => {
  it('led by the back, the front, or the longer of them', () => {
    const length = (lengthLedBy: string, body: Body = BODY) =>
      plan(
        designWith({ sizes: [sizeOf('M', body)], style: { lengthLedBy, belowWaist: 18, hem: null } }),
      ).sizes[0]!.finished.find(({ id }) => id === 'length')!.target;
    expect([length('back'), length('front'), length('longer')]).toEqual([61, 64, 64]);
    const shortFront = { ...BODY, frontLength: 44 };
    expect([length('front', shortFront), length('longer', shortFront)]).toEqual([60, 61]);
  });

  it('is finished shorter in a fabric that grows, so that it hangs as wanted', () => {
    const growing = [{ ...fabricOf('body', 16, 11), growth: 0.1 }, fabricOf('rib', 18, 20)];
    const size = planned({ belowWaist: 18, hem: null }, { fabrics: growing });
    const { target: finished } = size.finished.find(({ id }) => id === 'length')!;
    expect(finished * 1.1).toBeCloseTo(61, 10);
    expect(said(size, 'body.rows').join('\n')).toMatch(/grows in wear: ÷ 1.1 = 55.45 cm/);
  });
});

it('works the sleeve in a fabric of its own, and its top still meets the armhole', () => {
  const fabrics = [
    fabricOf('body', 16, 11),
    fabricOf('rib', 18, 20),
    fabricOf('lace', 12, 7, { flat: { multiple: 4, plus: 2 } }),
  ];
  const size = planned({ sleeve: { fabric: 'lace', worked: 'down' } }, { fabrics });
  const top = size.quantities.find(({ id }) => id === 'sleeve.top')!;
  expect([top.fabric, (top.count - 2) % 4, top.actual]).toEqual(['lace', 0, top.count / 1.2]);
  expect(size.joins.find(({ id }) => id === 'armhole-left')).toMatchObject({ ok: true });
  expect(size.pieces.find(({ id }) => id === 'sleeve')!.fabric).toBe('lace');
});

it('compares two plans: which counts differ, by size', () => {
  const before = plan(designWith({ sizes: [sizeOf('M', BODY)], style: { ease: 10 } }));
  expect(compareCounts(before, before)).toEqual([]);
  const after = plan(designWith({ sizes: [sizeOf('M', BODY)], style: { ease: 20, cuff: null } }));
  const changes = compareCounts(before, after);
  expect(changes.find(({ quantity }) => quantity === 'back.width')).toMatchObject({
    size: 'M',
    before: { count: 85 },
    after: { count: 93 },
  });
  expect(changes.filter(({ after: now }) => now === null).map(({ quantity }) => quantity)).toEqual([
    'cuff.height',
    'cuff.rows',
  ]);
});

it('keeps bodies laid under garments: rounds from the shoulder to hem and cuff', () => {
  const size = planned({ ease: 10 });
  expect(size.girths.body[0]!.round).toBeCloseTo(size.finished.find(({ id }) => id === 'bust')!.actual, 10);
  for (const girths of [size.girths.body, size.girths.arm])
    girths.slice(1).forEach(({ at }, i) => expect(at).toBeGreaterThanOrEqual(girths[i]!.at));
});
