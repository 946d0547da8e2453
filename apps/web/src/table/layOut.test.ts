import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { CONSTRUCTIONS, newDesign, plan, type Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { forScreen, type ScreenSize } from '../worker/screen';
import { meet, within, type Point } from './geometry';
import { labelsOf, type Measure } from './labels';
import { fittingScale, layOut, type Arrangement } from './layOut';
import { placeLabels } from './placeLabels';

const demos = readdirSync(join(__dirname, '../../../../demo'))
  .filter((name) => name.endsWith('.upfell.json'))
  .map((name) => name.replace('.upfell.json', ''))
  .map((name): [string, Design] => [name, demoDesign(name)]);
/** Every specimen of every construction, in the smallest and the largest size of a new design. */
const specimens = CONSTRUCTIONS.flatMap(({ id, specimens: all }) =>
  all.map(({ name, garment }): [string, Design] => {
    const design = newDesign(name);
    const { sizes } = design;
    return [
      name,
      { ...design, sizes: [sizes[0]!, sizes.at(-1)!], garment: { ...garment, construction: id } },
    ];
  }),
);

/** The table in windows of 1024 by 640 and of 1280 by 800, and beside a panel. */
const ROOMS = [
  { width: 628, height: 402 },
  { width: 884, height: 580 },
  { width: 572, height: 660 },
];
const [small, large] = [ROOMS[0]!, ROOMS[1]!];
/** Wider than the letters of the page's font are. */
const measure: Measure = (text, { px }) => text.length * px * 0.6;

const sizesOf = (design: Design) =>
  plan(design)
    .sizes.map((size) => forScreen(size))
    .filter(({ pieces }) => pieces.length > 0);
/** All sizes of a small range; of a long one its ends, between which all others lie. */
const fewOf = (design: Design) => {
  const all = sizesOf(design);
  return all.length <= 2 ? all : [all[0]!, all.at(-1)!];
};
const laid = (construction: string, size: ScreenSize, room = large, opening = 0) =>
  layOut(construction, size, room, fittingScale(construction, size, room, opening), opening);
const of = (name: string) => {
  const design = demoDesign(name);
  return fewOf(design).map((size) => {
    const placed = laid(design.garment.construction, size);
    const length = (id: string) => size.quantities.find((one) => one.id === id)!.actual * placed.scale;
    return { size, placed, length };
  });
};
const boxOf = (placed: Arrangement, key: string) => placed.shapes.find((shape) => shape.key === key)!.box;
const widthOf = (placed: Arrangement, key: string) => boxOf(placed, key).right - boxOf(placed, key).left;
const heightOf = (placed: Arrangement, key: string) => boxOf(placed, key).bottom - boxOf(placed, key).top;

describe.each([...demos, ...specimens])('%s on the table', (_, design) => {
  const { construction } = design.garment;
  const sizes = fewOf(design);
  const arranged = sizes.flatMap((size) =>
    ROOMS.map((room) => ({ size, room, placed: laid(construction, size, room) })),
  );

  it('lies in its room, no piece over another', () => {
    expect(arranged.length).toBeGreaterThan(0);
    for (const { room, placed } of arranged) {
      expect(placed.scale).toBeGreaterThan(0.5);
      const whole = { left: 0, top: 0, right: room.width, bottom: room.height };
      placed.shapes.forEach((one, i) => {
        expect([one.key, within(one.box, whole)]).toEqual([one.key, true]);
        const under = placed.shapes.slice(i + 1).filter(({ box }) => meet(one.box, box));
        expect([one.key, under.map(({ key }) => key)]).toEqual([one.key, []]);
      });
    }
  });

  it('shows every piece, and both of those that are made twice where they hang', () => {
    for (const { size, placed } of arranged) {
      const keys = placed.shapes.map(({ key }) => key);
      expect(new Set(keys).size).toBe(keys.length);
      for (const { id, role, copies, workedOn } of size.pieces) {
        if (workedOn) {
          // What is worked on lies along its edges.
          const along = placed.joins.filter(({ id: join }) =>
            size.joins.some((one) => one.id === join && one.a[0]!.piece === id),
          );
          expect([id, along.map(({ edging }) => (edging?.lines.length ?? 0) > 0)]).toEqual([
            id,
            Array<boolean>(Math.min(2, copies)).fill(true),
          ]);
          continue;
        }
        // Squares lie in the sheet that they are joined to.
        if (role === 'square') continue;
        const shown = placed.shapes.filter(({ shape }) => shape.piece.id === id);
        expect([id, shown.length > 0]).toEqual([id, true]);
        if (copies === 2 && shown[0]!.hangs) expect([id, shown.length]).toEqual([id, 2]);
      }
    }
  });

  it('ties joins that the garment has, each once, from edge to edge', () => {
    for (const { size, placed } of arranged) {
      const ids = placed.joins.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const { id, threads, at } of placed.joins) {
        expect(size.joins.some((one) => one.id === id)).toBe(true);
        expect([...threads.flat(), at].every((point) => point.every(Number.isFinite))).toBe(true);
        const onAnEdge = ([x, y]: Point) =>
          placed.shapes.some(
            ({ box }) => x > box.left - 1 && x < box.right + 1 && y > box.top - 1 && y < box.bottom + 1,
          );
        for (const thread of threads) expect([thread[0]!, thread.at(-1)!].every(onAnEdge)).toBe(true);
      }
      // Shoulders, sides, armholes and splits are never left to words alone.
      const tied = size.joins.filter(({ role }) => ['shoulder', 'side', 'armhole', 'split'].includes(role));
      for (const { id } of tied) expect([id, ids.includes(id)]).toEqual([id, true]);
    }
  });

  it('has a label for each piece and join, none on another and none cut off', () => {
    for (const { size, room, placed } of arranged) {
      const labels = labelsOf(placed, size, 'cm', measure);
      const found = placeLabels(
        labels,
        room,
        placed.shapes.map(({ box }) => box),
      );
      expect(found).toHaveLength(labels.length);
      const whole = { left: 0, top: 0, right: room.width, bottom: room.height };
      found.forEach(({ label, box }, i) => {
        expect([size.id, label.name, within(box, whole)]).toEqual([size.id, label.name, true]);
        const under = found.slice(i + 1).filter((other) => meet(box, other.box));
        expect([label.name, under.map((other) => other.label.name)]).toEqual([label.name, []]);
      });
    }
  });

  it('grows with its measurements at one scale', () => {
    const [first, last] = [sizes[0]!, sizes.at(-1)!];
    if (first === last) return;
    // Whole squares follow a size in steps: a larger one may come out a little smaller.
    const least = construction === 'squares' ? 0.9 : 1;
    const scale = fittingScale(construction, last, large, 0);
    const whole = (size: ScreenSize) =>
      layOut(construction, size, large, scale, 0).shapes.reduce(
        (sum, { box }) => sum + (box.right - box.left) * (box.bottom - box.top),
        0,
      );
    expect(whole(last)).toBeGreaterThanOrEqual(least * whole(first));
  });
});

it('takes the largest scale at which a size still fits', () => {
  const [{ size, placed }] = of('brackenlow-pullover') as [ReturnType<typeof of>[number]];
  const more = layOut('drop-shoulder', size, large, placed.scale * 1.08, 0);
  // Either the pieces come too near to the edges, or what lies beside them finds no room.
  const outside =
    more.shapes.length < placed.shapes.length ||
    more.shapes.some(
      ({ box }) =>
        box.top < 20 || box.bottom > large.height - 20 || box.left < 20 || box.right > large.width - 20,
    );
  expect(outside).toBe(true);
  expect(laid('drop-shoulder', size, small).scale).toBeLessThan(placed.scale);
});

it('lays pieces to scale, the front below the back as it unfolds over the shoulders', () => {
  for (const { placed, length } of of('hollinwood-jumper')) {
    expect(widthOf(placed, 'back')).toBeCloseTo(length('back.width'), 6);
    expect(heightOf(placed, 'back') - heightOf(placed, 'front')).toBeCloseTo(length('back.longer'), 6);
    expect(boxOf(placed, 'front').top).toBeGreaterThan(boxOf(placed, 'back').bottom);
    expect(boxOf(placed, 'front').left).toBeCloseTo(boxOf(placed, 'back').left, 6);
    // The wearer's left lies at the right.
    expect(boxOf(placed, 'sleeve-left').left).toBeGreaterThan(boxOf(placed, 'back').right);
    expect(boxOf(placed, 'sleeve-right').right).toBeLessThan(boxOf(placed, 'back').left);
    expect(boxOf(placed, 'cuff-left').left).toBeGreaterThan(boxOf(placed, 'sleeve-left').right);
  }
});

it('moves fronts that overlap apart, both by half', () => {
  for (const { placed, length } of of('ashlerby-cardigan')) {
    const [right, left, back] = ['front-right', 'front-left', 'back'].map((key) => boxOf(placed, key));
    expect(right!.right).toBeLessThan(left!.left);
    expect(right!.left + left!.right).toBeCloseTo(back!.left + back!.right, 3);
    expect(widthOf(placed, 'front-left')).toBeCloseTo(length('front.width'), 6);
  }
});

it('leaves fronts with a band between them where they meet their shoulders', () => {
  for (const { placed } of of('pippinmoor-baby-cardigan')) {
    expect(boxOf(placed, 'front-right').left).toBeCloseTo(boxOf(placed, 'back').left, 3);
    expect(boxOf(placed, 'front-left').right).toBeCloseTo(boxOf(placed, 'back').right, 3);
  }
});

it('ties a curved armhole to its cap along both lines', () => {
  for (const { placed, length } of of('quernmoss-pullover')) {
    const { threads } = placed.joins.find(({ id }) => id === 'armhole-left')!;
    const xs = threads.map((thread) => Math.min(thread[0]![0], thread.at(-1)![0]));
    expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThan(length('armhole.curve') * 0.9);
  }
});

it('lays panels worked from side to side upright, their rows up the body', () => {
  for (const { placed, length } of of('saltmere-vest')) {
    expect(widthOf(placed, 'back')).toBeCloseTo(length('back.width'), 6);
    expect(heightOf(placed, 'back')).toBeCloseTo(length('body.length'), 6);
    expect(placed.shapes.find(({ key }) => key === 'back')!.quarters % 2).toBe(1);
  }
});

it('stands the straps of a tube where they are sewn on in front', () => {
  for (const { placed, length } of of('glasswort-tube')) {
    expect(widthOf(placed, 'tube')).toBeCloseTo(length('tube.round'), 6);
    expect(boxOf(placed, 'strap-left').bottom).toBeLessThan(boxOf(placed, 'tube').top);
    const apart = boxOf(placed, 'strap-right').left - boxOf(placed, 'strap-left').right;
    expect(apart).toBeCloseTo(length('strap.apart'), 6);
  }
});

it('draws a body in the round as its back and its front, its rib as two parts', () => {
  for (const { placed, length } of of('harrowmere-jumper')) {
    for (const part of ['back', 'front'])
      expect(widthOf(placed, `body-${part}`)).toBeCloseTo(length('body.round') / 2, 6);
    const ribs = placed.shapes.filter(({ shape }) => shape.piece.role === 'hem');
    expect(ribs).toHaveLength(2);
    const whole = ribs.reduce((sum, { box }) => sum + box.right - box.left, 0);
    expect(whole).toBeCloseTo(length('hem.rows'), 6);
  }
});
