import { flatYoke } from '../yoke/fromAbove';
import type { ScreenSize } from '../worker/screen';
import { layStrips, rectangle } from './strips';
import { combs } from './combs';
import { lengthsIn } from './measures';
import type { Arrangement, PlacedJoin, PlacedPiece, Point } from './placed';

/** Room for threads between yoke and body or sleeve, and between a piece and its rib, px. */
const GAP = 26;
const BAND_GAP = 7;
const MARGIN = 26;
const COMPACT = 680;

const lengthsOf = (size: ScreenSize) => {
  const of = lengthsIn(size);
  const band = (id: string) => ({
    length: of(`${id}.rows`),
    height: of(`${id}.rows`) > 0 ? of(`${id}.height`) : 0,
  });
  return {
    body: of('body.rows'),
    sleeve: of('sleeve.rows'),
    top: of('sleeve.top'),
    cuff: of('sleeve.cuff'),
    chain: of('underarm.chain'),
    round: of('body.round'),
    edge: of('body.hem') || of('body.round'),
    waist: of('body.waist'),
    toWaist: of('waist.rows'),
    hem: band('hem'),
    rib: band('cuff'),
  };
};

/** The scale at which a garment from the neck down fits the box, px for each cm. */
export function fittingYokeScale(
  size: ScreenSize,
  box: { width: number; height: number },
  opening: number,
): number {
  const yoke = flatYoke(size, opening);
  if (!yoke) return 1;
  const m = lengthsOf(size);
  const across = 2 * (yoke.neck[0] + yoke.depth + m.sleeve + m.rib.height);
  const down = 2 * (yoke.neck[1] + yoke.depth + m.body + m.hem.height);
  return Math.max(
    0.5,
    Math.min(
      (box.width - 2 * (GAP + BAND_GAP + MARGIN)) / across,
      (box.height - 2 * (GAP + BAND_GAP + MARGIN)) / down,
    ),
  );
}

/**
 * Places one size of a garment from the neck down around the middle of a box: the yoke from above, the body's back above and its
 * front below it, a sleeve at each side. The body is one piece; its sides are the same line above and below.
 *
 * @param opening cm between open fronts
 */
export function arrangeYoke(
  size: ScreenSize,
  box: { width: number; height: number },
  scale: number,
  opening: number,
): Arrangement {
  const yoke = flatYoke(size, opening);
  const [cx, cy] = [box.width / 2, box.height / 2];
  const compact = box.width < COMPACT;
  const pieces: PlacedPiece[] = [];
  const joins: PlacedJoin[] = [];
  if (!yoke) return { scale, pieces, joins, neck: [cx, cy], compact };
  const m = lengthsOf(size);
  const px = ([x, y]: readonly [number, number]): Point => [cx + x * scale, cy + y * scale];
  const stepOf = (id: string) => scale / size.pieces.find((piece) => piece.id === id)!.sections[0]!.rows;
  const [neckX, neckY] = [yoke.neck[0] * scale, yoke.neck[1] * scale];
  const depth = yoke.depth * scale;
  pieces.push({
    key: 'yoke',
    id: 'yoke',
    polygons: yoke.parts.flatMap(({ polygons }) => polygons.map((points) => points.map(px))),
    changes: [],
    rows: { across: true, step: stepOf('yoke') },
    centre: [cx, cy - neckY - depth * 0.5],
    width: 2 * neckX,
    height: depth,
  });
  // Each half of the body has half of what goes round it.
  const half = (m.round + Math.max(0, opening)) / 4;
  const edge = (m.edge + Math.max(0, opening)) / 4;
  const waist = (m.waist + Math.max(0, opening)) / 4;
  for (const [key, sign] of [
    ['back', -1],
    ['front', 1],
  ] as const) {
    const from = cy + sign * (neckY + depth + GAP);
    const y = (cm: number) => from + sign * cm * scale;
    const outline = (inner: number): Point[][] => {
      const outer = (side: number): Point[] => [
        [cx + side * half * scale, y(0)],
        ...(m.waist > 0 ? [[cx + side * waist * scale, y(m.toWaist)] as Point] : []),
        [cx + side * edge * scale, y(m.body)],
      ];
      const middle = (side: number): Point[] => [
        [cx + side * inner * scale, y(m.body)],
        [cx + side * inner * scale, y(0)],
      ];
      return inner > 0
        ? [
            [...outer(1), ...middle(1)],
            [...outer(-1), ...middle(-1)],
          ]
        : [[...outer(-1), ...outer(1).reverse()]];
    };
    const split = key === 'front' && isOpenFront(size);
    pieces.push({
      key: `body-${key}`,
      id: 'body',
      polygons: outline(split ? Math.max(0.4, opening / 2) : 0),
      changes: [],
      rows: { across: true, step: stepOf('body') },
      centre: [cx, y(m.body / 2)],
      width: 2 * half * scale,
      height: m.body * scale,
    });
    const part = yoke.parts.find(({ id }) => id === key)!;
    const [a, b] = [px(part.edge[0]), px(part.edge[1])];
    joins.push({
      id: key === 'front' && split ? 'split-front-left' : `split-${key}`,
      threads: combs(16, (t) => [
        [a[0] + (b[0] - a[0]) * t, a[1]],
        [cx + (t - 0.5) * 2 * (half - m.chain / 2) * scale, from],
      ]),
      label: [cx, (a[1] + from) / 2],
      anchor: 'middle',
      stacked: false,
    });
    if (m.hem.height > 0) {
      const at = y(m.body) + sign * BAND_GAP;
      const length = (m.hem.length / 2) * scale;
      pieces.push({
        key: `hem-${key}`,
        id: 'hem',
        polygons: [rectangle(cx - length / 2, at, length, sign * m.hem.height * scale)],
        changes: [],
        rows: { across: false, step: stepOf('hem') },
        centre: [cx, at + (sign * m.hem.height * scale) / 2],
        width: length,
        height: m.hem.height * scale,
      });
      if (key === 'front')
        joins.push({
          id: 'hem',
          threads: combs(14, (t) => [
            [cx + (t - 0.5) * 2 * edge * scale, y(m.body)],
            [cx + (t - 0.5) * length, at],
          ]),
          label: [cx, at + (m.hem.height * scale) / 2],
          anchor: 'middle',
          stacked: false,
        });
    }
  }
  for (const [side, sign] of [
    ['left', 1],
    ['right', -1],
  ] as const) {
    const part = yoke.parts.find(({ id }) => id === `sleeve-${side}`)!;
    const [a, b] = [px(part.edge[0]), px(part.edge[1])];
    const from = cx + sign * (neckX + depth + GAP);
    const tip = from + sign * m.sleeve * scale;
    const top = (m.top / 2) * scale;
    const wrist = (m.cuff / 2) * scale;
    pieces.push({
      key: `sleeve-${side}`,
      id: 'sleeve',
      polygons: [
        [
          [from, cy - top],
          [tip, cy - wrist],
          [tip, cy + wrist],
          [from, cy + top],
        ],
      ],
      changes: [],
      rows: { across: false, step: stepOf('sleeve') },
      centre: [(from + tip) / 2, cy],
      width: m.sleeve * scale,
      height: 2 * wrist,
    });
    const live = top - (m.chain / 2) * scale;
    joins.push(
      {
        id: `split-sleeve-${side}`,
        threads: combs(12, (t) => [
          [a[0], a[1] + (b[1] - a[1]) * t],
          [from, cy + (2 * t - 1) * live],
        ]),
        label: [(a[0] + from) / 2, cy - live - 14],
        anchor: 'middle',
        stacked: false,
      },
      {
        id: `underarm-${side}`,
        threads: combs(4, (t) => [
          [from, cy + live + (top - live) * t],
          [cx + sign * (half - (m.chain / 2) * (1 - t)) * scale, cy + neckY + depth + GAP],
        ]),
        label: [from + sign * 6, cy + top + 16],
        anchor: sign > 0 ? 'start' : 'end',
        stacked: false,
      },
    );
    if (m.rib.height > 0) {
      const at = tip + sign * BAND_GAP;
      const length = m.rib.length * scale;
      pieces.push({
        key: `cuff-${side}`,
        id: 'cuff',
        polygons: [rectangle(at, cy - length / 2, sign * m.rib.height * scale, length)],
        changes: [],
        rows: { across: true, step: stepOf('cuff') },
        centre: [at + (sign * m.rib.height * scale) / 2, cy],
        width: m.rib.height * scale,
        height: length,
      });
      joins.push({
        id: `cuff-${side}`,
        threads: combs(6, (t) => [
          [tip, cy + (2 * t - 1) * wrist],
          [at, cy + (t - 0.5) * length],
        ]),
        label: [
          Math.max(66, Math.min(box.width - 66, at + (sign * m.rib.height * scale) / 2)),
          cy - length / 2 - 22,
        ],
        anchor: 'middle',
        stacked: true,
      });
    }
  }
  layStrips(size, box, scale, pieces, joins);
  return { scale, pieces, joins, neck: [cx, cy], compact };
}

/** Whether the fronts are two. */
function isOpenFront({ joins }: ScreenSize): boolean {
  return joins.some(({ id }) => id === 'split-front-left');
}
