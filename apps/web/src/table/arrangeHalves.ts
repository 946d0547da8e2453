/** Two halves spread out from outside: the backs meet at the band in the middle, the fronts lie outwards. All in px. */

import type { ScreenSize } from '../worker/screen';
import { combs } from './combs';
import { BAND_GAP, isWorkedUp, lengthsIn } from './measures';
import type { Arrangement, PlacedJoin, PlacedPiece, Point } from './placed';
import { layStrips } from './strips';

const MARGIN = 30;
const GAP = 24;

const lengthsOf = (size: ScreenSize) => {
  const of = lengthsIn(size);
  return {
    half: of('half.width'),
    back: of('back.half'),
    front: of('front.width'),
    height: of('body.rows'),
    armhole: of('armhole.rows'),
    shoulder: of('shoulder.width'),
    centre: of('centre.rows'),
    hem: of('hem.height'),
    hemLength: of('hem.rows'),
    sleeve: of('sleeve.rows') + of('fade.rows'),
    top: of('sleeve.top'),
    cuff: of('cuff.height'),
    cuffLength: of('cuff.rows'),
    end: of('sleeve.end') || of('sleeve.cuff'),
    strips: Math.max(of('band.rows'), of('neckband.height')),
  };
};

/** The scale at which a size fits the box, px for each cm. */
export function fittingHalvesScale(size: ScreenSize, box: { width: number; height: number }): number {
  const m = lengthsOf(size);
  return Math.max(
    0.5,
    Math.min(
      (box.width - 2 * MARGIN - 2 * GAP) / (2 * m.half + m.centre),
      (box.height - 2 * MARGIN - 2 * GAP - 60) / (m.sleeve + m.cuff + m.height + m.hem + m.strips),
    ),
  );
}

/** Places one size around the middle of a box: sleeves hang above their armholes, as they are sewn in. */
export function arrangeHalves(
  size: ScreenSize,
  box: { width: number; height: number },
  scale: number,
): Arrangement {
  const m = lengthsOf(size);
  const pieces: PlacedPiece[] = [];
  const joins: PlacedJoin[] = [];
  const cx = box.width / 2;
  const sleeveHigh = (m.sleeve + m.cuff) * scale + (m.sleeve > 0 ? GAP + BAND_GAP : 0);
  const top = MARGIN + sleeveHigh;
  const bottom = top + m.height * scale;
  const add = (
    key: string,
    id: string,
    across: boolean,
    centre: Point,
    wide: number,
    high: number,
    place: (x: number, y: number) => Point,
  ) => {
    const piece = size.pieces.find((one) => one.id === id);
    if (!piece) return;
    pieces.push({
      key,
      id,
      polygons: (size.outlines[id] ?? []).map(({ points }) =>
        points.map(([x, y]) => (isWorkedUp(piece) ? place(y, x) : place(x, y))),
      ),
      changes: [],
      rows: { across: isWorkedUp(piece) !== across, step: scale / piece.sections[0]!.rows },
      centre,
      width: wide * scale,
      height: high * scale,
    });
  };
  const join = (id: string, threads: Point[][], label: Point, stacked = false) => {
    if (size.joins.some((one) => one.id === id))
      joins.push({ id, threads, label, anchor: 'middle', stacked });
  };

  for (const [side, sign] of [
    ['left', -1],
    ['right', 1],
  ] as const) {
    // Seen from outside the left half lies at the left, its front outwards.
    const inner = cx + sign * ((m.centre * scale) / 2 + GAP);
    const from = sign < 0 ? inner - m.half * scale : inner;
    add(
      `half-${side}`,
      `half-${side}`,
      true,
      [from + (m.half * scale) / 2, bottom - ((m.height - m.armhole) * scale) / 2],
      m.half,
      m.height,
      (x, y) => [from + x * scale, bottom - y * scale],
    );
    join(
      side === 'left' ? 'centre-picked' : 'centre-sewn',
      combs(16, (t): Point[] => [
        [inner, top + t * m.height * scale],
        [cx + (sign * m.centre * scale) / 2, top + t * m.height * scale],
      ]),
      [inner + sign * 70, top + m.height * scale * (side === 'left' ? 0.12 : 0.2)],
    );
    const slit = sign < 0 ? from + m.front * scale : from + m.back * scale;
    const ribFrom = from + (m.half * scale - m.hemLength * scale) / 2;
    add(
      `hem-${side}`,
      'hem',
      false,
      [from + (m.half * scale) / 2, bottom + BAND_GAP + (m.hem * scale) / 2],
      m.hemLength,
      m.hem,
      (x, y) => [ribFrom + y * scale, bottom + BAND_GAP + x * scale],
    );
    join(
      `hem-${side}`,
      combs(12, (t): Point[] => [
        [from + t * m.half * scale, bottom],
        [ribFrom + t * m.hemLength * scale, bottom + BAND_GAP],
      ]),
      [from + (m.half * scale) / 2, bottom + BAND_GAP + (m.hem * scale) / 2],
    );
    const start = size.pieces.find(({ id }) => id === 'sleeve')?.passages[0];
    const up = start?.kind !== 'start' || start.along === null;
    const base = top - GAP;
    const middle = (up ? m.end : m.top) / 2;
    add(`sleeve-${side}`, 'sleeve', true, [slit, base - (m.sleeve * scale) / 2], m.top, m.sleeve, (x, y) => [
      slit + (x - middle) * scale,
      base - (up ? m.sleeve - y : y) * scale,
    ]);
    // Both edges of the armhole open to the sleeve's top.
    join(
      `armhole-${side}`,
      combs(16, (t): Point[] => [
        [slit, top + Math.abs(1 - 2 * t) * m.armhole * scale],
        [slit + (t - 0.5) * m.top * scale, base],
      ]),
      [slit, top + m.armhole * scale + 14],
    );
    join(`sleeve-seam-${side}`, [], [slit + (m.top * scale) / 2 + 30, base - m.sleeve * scale * 0.45]);
    const cuffTop = base - m.sleeve * scale - BAND_GAP;
    add(
      `cuff-${side}`,
      'cuff',
      false,
      [slit, cuffTop - (m.cuff * scale) / 2],
      m.cuffLength,
      m.cuff,
      (x, y) => [slit + (y - m.cuffLength / 2) * scale, cuffTop - x * scale],
    );
    join(`cuff-${side}`, [], [slit, cuffTop - m.cuff * scale - 12]);
    join(`shoulder-${side}`, [], [slit, top - 11]);
  }
  const high = m.height * scale;
  const centre = size.pieces.find(({ id }) => id === 'centre');
  if (centre)
    pieces.push({
      key: 'centre',
      id: 'centre',
      polygons: [
        [
          [cx - (m.centre * scale) / 2, top],
          [cx + (m.centre * scale) / 2, top],
          [cx + (m.centre * scale) / 2, top + high + m.hem * scale],
          [cx - (m.centre * scale) / 2, top + high + m.hem * scale],
        ],
      ],
      changes: [],
      rows: { across: false, step: scale / centre.sections[0]!.rows },
      centre: [cx, top + high / 2],
      width: m.centre * scale,
      height: high,
    });
  layStrips(size, box, scale, pieces, joins);
  return { scale, pieces, joins, neck: [cx, top - 20], compact: box.width < 680 };
}
