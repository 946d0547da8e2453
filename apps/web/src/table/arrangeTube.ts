/** A tube opened at its seam, the straps standing where they are sewn on, cord and rib below. All in px. */

import type { ScreenSize } from '../worker/screen';
import { combs } from './combs';
import { lengthsIn } from './measures';
import type { Arrangement, PlacedJoin, PlacedPiece, Point } from './placed';
import { rectangle } from './strips';

const MARGIN = 40;
const GAP = 26;

const lengthsOf = (size: ScreenSize) => {
  const of = lengthsIn(size);
  return {
    round: of('tube.round'),
    height: of('tube.rows'),
    strap: of('strap.rows'),
    width: of('strap.width'),
    apart: of('strap.apart'),
    side: of('strap.side'),
    rib: of('hem.height'),
    ribLength: of('hem.rows'),
    cord: of('cord.chain'),
  };
};

/** The scale at which a tube fits the box, px for each cm. */
export function fittingTubeScale(size: ScreenSize, box: { width: number; height: number }): number {
  const m = lengthsOf(size);
  return Math.max(
    0.5,
    Math.min(
      (box.width - 2 * MARGIN) / Math.max(m.round, m.ribLength, m.cord),
      (box.height - 2 * MARGIN - 4 * GAP) / (m.strap + m.height + m.rib + 2),
    ),
  );
}

/** Places one size around the middle of a box. */
export function arrangeTube(
  size: ScreenSize,
  box: { width: number; height: number },
  scale: number,
): Arrangement {
  const m = lengthsOf(size);
  const pieces: PlacedPiece[] = [];
  const joins: PlacedJoin[] = [];
  const piece = (id: string) => size.pieces.find((one) => one.id === id);
  const whole = (m.strap + m.height + m.rib) * scale + (m.strap > 0 ? GAP : 0);
  const left = (box.width - m.round * scale) / 2;
  const top = (box.height - whole) / 2 + m.strap * scale + (m.strap > 0 ? GAP : 0);
  const add = (
    key: string,
    id: string,
    x: number,
    y: number,
    wide: number,
    high: number,
    across: boolean,
  ) => {
    const found = piece(id);
    if (!found) return;
    pieces.push({
      key,
      id,
      polygons: [rectangle(x, y, wide * scale, high * scale)],
      changes: [],
      rows: { across, step: scale / found.sections[0]!.rows },
      centre: [x + (wide * scale) / 2, y + (high * scale) / 2],
      width: wide * scale,
      height: high * scale,
    });
  };
  const join = (id: string, threads: Point[][], label: Point, stacked = false) =>
    joins.push({ id, threads, label, anchor: 'middle', stacked });

  add('tube', 'tube', left, top, m.round, m.height, true);
  if (piece('tube')?.work === 'rows')
    join('back-seam', [], [left + m.round * scale - 60, top + (m.height * scale) / 2]);
  // From the seam round: half the back, a strap, the side, a strap, the front.
  const backLeft = m.apart / 2;
  const frontLeft = backLeft + m.width + m.side;
  const frontRight = frontLeft + m.width + m.apart;
  const backRight = frontRight + m.width + m.side;
  for (const [side, front, back] of [
    ['left', frontLeft, backLeft],
    ['right', frontRight, backRight],
  ] as const) {
    const x = left + front * scale;
    add(`strap-${side}`, 'strap', x, top - GAP - m.strap * scale, m.width, m.strap, true);
    if (m.strap === 0) continue;
    join(
      `strap-front-${side}`,
      combs(3, (t): Point[] => [
        [x + t * m.width * scale, top - GAP],
        [x + t * m.width * scale, top],
      ]),
      [x + (m.width * scale) / 2, top - GAP / 2],
    );
    const end = left + (back + m.width / 2) * scale;
    // The other end goes over the shoulder to the back.
    join(
      `strap-back-${side}`,
      [
        Array.from({ length: 13 }, (_, i): Point => {
          const t = i / 12;
          const from = x + (m.width * scale) / 2;
          return [
            from + (end - from) * t,
            top - GAP - m.strap * scale * (1 - t) + GAP * t - Math.sin(Math.PI * t) * 18,
          ];
        }),
      ],
      [end, top - GAP / 2],
    );
  }
  if (m.rib > 0) {
    const x = (box.width - m.ribLength * scale) / 2;
    const y = top + m.height * scale + 8;
    add('hem', 'hem', x, y, m.ribLength, m.rib, false);
    join(
      'hem',
      combs(18, (t): Point[] => [
        [left + t * m.round * scale, y - 8],
        [x + t * m.ribLength * scale, y],
      ]),
      [box.width / 2, y + (m.rib * scale) / 2],
    );
  }
  if (m.cord > 0)
    add('cord', 'cord', (box.width - m.cord * scale) / 2, box.height - MARGIN, m.cord, 0.8, true);
  return { scale, pieces, joins, neck: [box.width / 2, MARGIN], compact: box.width < 680 };
}
