import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { CONSTRUCTIONS, newDesign, plan, type Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { forScreen } from '../worker/screen';
import { layOutOf } from './layOut';
import type { Point } from './placed';

const demos = readdirSync(join(__dirname, '../../../../demo'))
  .filter((name) => name.endsWith('.upfell.json'))
  .map((name) => name.replace('.upfell.json', ''))
  .map((name): [string, Design] => [name, demoDesign(name)]);
/** Constructions that no demo design is of, as they are begun. */
const others = CONSTRUCTIONS.filter(({ id }) =>
  demos.every(([, { garment }]) => garment.construction !== id),
).map(({ id }): [string, Design] => [id, { ...newDesign(id), garment: { construction: id } }]);
const box = { width: 884, height: 580 };
/** Twice the area of a polygon. */
const area = (points: readonly Point[]) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length]!;
      return sum + x * nextY - nextX * y;
    }, 0),
  );

describe.each([...demos, ...others])('%s on the table', (_, design) => {
  const { construction, sizes } = plan(design);
  const screens = sizes.map(forScreen).filter(({ pieces }) => pieces.length > 0);
  const laid = screens.map((size) => {
    const { fit, arrange } = layOutOf(construction, size);
    const scale = fit(size, box, 0);
    return { size, scale, placed: arrange(size, box, scale, 0) };
  });

  it('lies inside its box, every piece with an area', () => {
    expect(laid.length).toBeGreaterThan(0);
    for (const { scale, placed } of laid) {
      expect(scale).toBeGreaterThan(0.5);
      expect(placed.scale).toBe(scale);
      for (const { polygons } of placed.pieces) {
        expect(polygons.reduce((sum, points) => sum + area(points), 0)).toBeGreaterThan(100);
        for (const [x, y] of polygons.flat()) {
          expect(x).toBeGreaterThanOrEqual(-1);
          expect(x).toBeLessThanOrEqual(box.width + 1);
          expect(y).toBeGreaterThanOrEqual(-1);
          expect(y).toBeLessThanOrEqual(box.height + 1);
        }
      }
    }
  });

  it('shows every piece of the garment and nothing else, each under a key of its own', () => {
    for (const { size, placed } of laid) {
      const keys = placed.pieces.map(({ key }) => key);
      expect(new Set(keys).size).toBe(keys.length);
      const shown = new Set<string>(placed.pieces.map(({ id }) => id));
      expect(shown).toEqual(new Set(size.pieces.map(({ id }) => id)));
    }
  });

  it('ties joins that the garment has, each once, with threads and a label that lie in the box', () => {
    for (const { size, placed } of laid) {
      const ids = placed.joins.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const { id, threads, label } of placed.joins) {
        expect(size.joins.some((join) => join.id === id)).toBe(true);
        for (const point of [...threads.flat(), label]) expect(point.every(Number.isFinite)).toBe(true);
        expect(label[0]).toBeGreaterThan(0);
        expect(label[0]).toBeLessThan(box.width);
        expect(label[1]).toBeGreaterThan(0);
        expect(label[1]).toBeLessThan(box.height);
      }
    }
  });

  it('grows with its measurements at one scale', () => {
    const [first, last] = [screens[0]!, screens.at(-1)!];
    if (first === last) return;
    const { fit, arrange } = layOutOf(construction, last);
    const scale = fit(last, box, 0);
    const whole = (size: typeof first) =>
      arrange(size, box, scale, 0).pieces.reduce(
        (sum, { polygons }) => sum + polygons.reduce((all, points) => all + area(points), 0),
        0,
      );
    expect(whole(last)).toBeGreaterThan(whole(first));
  });
});
