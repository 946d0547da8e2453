import { plan } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { forScreen } from '../worker/screen';
import { arrange, fittingScale } from './arrange';
import { arrangeTube, fittingTubeScale } from './arrangeTube';
import type { Arrangement } from './placed';

const box = { width: 884, height: 580 };
const sizesOf = (name: string) => plan(demoDesign(name)).sizes.map(forScreen);
const laid = (size: ReturnType<typeof sizesOf>[number]) => {
  const tube = size.pieces.some(({ id }) => id === 'tube');
  const scale = (tube ? fittingTubeScale : fittingScale)(size, box);
  const placed = (tube ? arrangeTube : arrange)(size, box, scale);
  const of = (id: string) => size.quantities.find((quantity) => quantity.id === id)!.actual * scale;
  return { placed, of };
};
/** Left, right, top and bottom of a piece, px. */
const ends = (placed: Arrangement, key: string) => {
  const points = placed.pieces.find((piece) => piece.key === key)!.polygons.flat();
  const [x, y] = [points.map(([at]) => at), points.map(([, at]) => at)];
  return { left: Math.min(...x), right: Math.max(...x), top: Math.min(...y), bottom: Math.max(...y) };
};

describe.each([
  'ashlerby-cardigan',
  'pippinmoor-baby-cardigan',
  'hollinwood-jumper',
  'tolleyfield-vest',
  'quernmoss-pullover',
  'saltmere-vest',
  'glasswort-tube',
])('%s on the table', (name) => {
  it('lies inside its box in every size, with a place for each of its joins in it', () => {
    for (const size of sizesOf(name)) {
      const { placed } = laid(size);
      for (const [x, y] of placed.pieces.flatMap(({ polygons }) => polygons.flat())) {
        expect(x >= 0 && x <= box.width && y >= 0 && y <= box.height).toBe(true);
      }
      for (const { id, label } of placed.joins) {
        expect(size.joins.some((one) => one.id === id)).toBe(true);
        expect(label[0] > 0 && label[0] < box.width && label[1] > 0 && label[1] < box.height).toBe(true);
      }
    }
  });
});

it('draws overlapping fronts over each other by what they overlap, and bands beside a gap', () => {
  for (const [name, opening] of [
    ['ashlerby-cardigan', -12],
    ['pippinmoor-baby-cardigan', 2.5],
  ] as const)
    for (const size of sizesOf(name)) {
      const { placed } = laid(size);
      const [right, left] = [ends(placed, 'front-right'), ends(placed, 'front-left')];
      // Whole stitches: each front may miss its width by one.
      expect(Math.abs((left.left - right.right) / placed.scale - opening)).toBeLessThan(1.6);
      expect(right.left).toBeCloseTo(ends(placed, 'back').left, 6);
      expect(left.right).toBeCloseTo(ends(placed, 'back').right, 6);
    }
});

it('draws the step of a notched armhole, and a back that is longer', () => {
  for (const size of sizesOf('hollinwood-jumper')) {
    const { placed, of } = laid(size);
    const [back, front] = [ends(placed, 'back'), ends(placed, 'front')];
    expect(back.bottom - back.top - (front.bottom - front.top)).toBeCloseTo(of('back.longer'), 6);
    const xs = placed.pieces
      .find(({ key }) => key === 'back')!
      .polygons.flat()
      .map(([x]) => x - back.left);
    expect(xs.some((x) => Math.abs(x - of('notch.width')) < 1e-6)).toBe(true);
    expect(placed.joins.map(({ id }) => id)).toEqual(expect.arrayContaining(['notch-left', 'notch-right']));
  }
});

it('draws a cap as deep as its rows, and an armhole that curves in to the shoulder', () => {
  for (const size of sizesOf('quernmoss-pullover')) {
    const { placed, of } = laid(size);
    const sleeve = ends(placed, 'sleeve-left');
    // The row that is picked up lies along the cap, not before it.
    const row = of('sleeve.rows') / size.quantities.find(({ id }) => id === 'sleeve.rows')!.count;
    expect(sleeve.right - sleeve.left).toBeCloseTo(of('sleeve.rows') + of('cap.rows') - row, 6);
    const threads = placed.joins.find(({ id }) => id === 'armhole-left')!.threads;
    const inner = threads.map(([start]) => start![0]);
    expect(Math.max(...inner) - Math.min(...inner)).toBeGreaterThan(of('armhole.curve'));
  }
});

it('lays panels worked from side to side upright, their rows up the body', () => {
  for (const size of sizesOf('saltmere-vest')) {
    const { placed, of } = laid(size);
    const back = ends(placed, 'back');
    expect(back.right - back.left).toBeCloseTo(of('back.width'), 6);
    expect(back.bottom - back.top).toBeCloseTo(of('body.length'), 6);
    expect(placed.pieces.find(({ key }) => key === 'back')!.rows.across).toBe(false);
    // The neck lies at the middle, the side seams outside.
    const [right, left] = [ends(placed, 'front-right'), ends(placed, 'front-left')];
    expect(right.left).toBeCloseTo(back.left, 6);
    expect(left.right).toBeCloseTo(back.right, 6);
  }
});

it('stands the straps of a tube where they are sewn on', () => {
  for (const size of sizesOf('glasswort-tube')) {
    const { placed, of } = laid(size);
    const [tube, left, right] = ['tube', 'strap-left', 'strap-right'].map((key) => ends(placed, key));
    expect(tube!.right - tube!.left).toBeCloseTo(of('tube.round'), 6);
    expect(left!.bottom).toBeLessThan(tube!.top);
    expect(right!.left - left!.right).toBeCloseTo(of('strap.apart'), 6);
    expect((left!.left + right!.right) / 2).toBeCloseTo((tube!.left + tube!.right) / 2, 6);
  }
});

it('draws a vest without sleeves, its armhole ribs as a strip', () => {
  const { placed } = laid(sizesOf('tolleyfield-vest')[2]!);
  expect(placed.pieces.map(({ key }) => key).filter((key) => key.startsWith('sleeve'))).toEqual([]);
  expect(placed.pieces.some(({ key }) => key === 'armband')).toBe(true);
});
