import type { ScreenSize } from '../worker/screen';
import type { Arrangement, PlacedJoin, PlacedPiece, Point } from './placed';
import { combs } from './combs';
import { ARMHOLE_GAP, BAND_GAP, COMPACT, isWorkedUp, measures } from './measures';
import { seamsAt } from './seams';
import { highestInCorner, layStrips, longestStrip, STRIP_MARGIN } from './strips';

/** Pieces to scale, unfolded as they are joined: the back above, the front below, a sleeve at each armhole. All in px. */

const MARGIN = 22;
/** Neck labels narrower than this go below the neck, px. */
const NECK_LABEL = 112;
/** Ribs narrower than this carry their label outside, px. */
const HEM_LABEL = 220;

/** The scale at which a size fits the box, px for each cm. */
export function fittingScale(size: ScreenSize, box: { width: number; height: number }): number {
  const m = measures(size);
  const across = Math.max(m.width + 2 * (m.sleeve + (m.band?.height ?? 0)), m.width + 2 * m.flare);
  const down = 2 * (m.height + m.longer + (m.hem?.height ?? 0));
  return Math.max(
    0.5,
    Math.min(
      (box.width - 2 * (ARMHOLE_GAP + BAND_GAP + MARGIN)) / across,
      (box.height - m.gap - 2 * (BAND_GAP + MARGIN)) / down,
      // Strips lie in the corners beside the fronts.
      (box.width / 2 - STRIP_MARGIN - MARGIN) / (m.width / 2 + longestStrip(size)),
      // What is high lies below the sleeve, with its labels.
      (box.height / 2 - STRIP_MARGIN - 60) / (m.top / 2 + highestInCorner(size)),
    ),
  );
}

/**
 * Places one size around the middle of a box.
 *
 * @param size the planned size; its pieces must be panels
 * @param box size of the drawing in px
 * @param scale px for each cm, so that several sizes can be laid over each other
 */
export function arrange(
  size: ScreenSize,
  box: { width: number; height: number },
  scale: number,
): Arrangement {
  const m = measures(size);
  const [cx, cy] = [box.width / 2, box.height / 2];
  const compact = box.width < COMPACT;
  const halfBody = (m.width / 2) * scale;
  const topOf = m.gap / 2;
  const pieceOf = (id: string) => size.pieces.find((piece) => piece.id === id);
  const rowsPerCm = (id: string) => pieceOf(id)!.sections[0]!.rows;
  const drawn = (id: string, place: (x: number, y: number) => Point) =>
    (size.outlines[id] ?? []).map(({ points }) => points.map(([x, y]) => place(x, y)));
  /** Heights at which a piece changes to another fabric, cm. */
  const changesOf = (id: string) => {
    const { sections } = pieceOf(id)!;
    return sections.slice(1).map(({ first }) => (first - 1) / sections[0]!.rows);
  };
  const pieces: PlacedPiece[] = [];
  /** Panels worked from side to side lie on theirs: their stitches go up, their rows from the left to the right of the drawing. */
  const upright = (width: number, place: (x: number, y: number) => Point) =>
    m.sideways ? (x: number, y: number) => place(width - y, x) : place;
  const add = (
    key: string,
    id: string,
    across: boolean,
    centre: Point,
    width: number,
    height: number,
    place: (x: number, y: number) => Point,
  ) => {
    const up = isWorkedUp(pieceOf(id)!);
    pieces.push({
      key,
      id,
      polygons: drawn(id, up ? (x, y) => place(y, x) : place),
      changes: changesOf(id).map((y) => [place(0, y), place(width / scale, y)]),
      rows: { across: up !== across, step: scale / rowsPerCm(id) },
      centre,
      width,
      height,
    });
  };

  const bodyMiddle = topOf + (m.height / 2) * scale;
  // The front's name stands below a deep neck and its label.
  const frontMiddle = m.front ? bodyMiddle : Math.max(bodyMiddle, topOf + m.drop * scale + 66);
  const backHeight = m.height + m.longer;
  const over = pieceOf('over') !== undefined;
  if (over)
    add(
      'over',
      'over',
      true,
      [cx, cy - topOf - (backHeight / 2) * scale],
      m.width * scale,
      backHeight * scale,
      (x, y) => [cx + (m.width / 2 - x) * scale, cy + (y - backHeight) * scale],
    );
  else
    add(
      'back',
      'back',
      !m.sideways,
      [cx, cy - topOf - (backHeight / 2) * scale],
      m.width * scale,
      backHeight * scale,
      upright(m.width, (x, y) => [
        cx + (m.width / 2 + m.flare - x) * scale,
        cy - topOf - (backHeight - y) * scale,
      ]),
    );
  const panel = (
    key: string,
    left: number,
    width: number,
    flare = 0,
    middle = left + width / 2,
    seen = width,
  ) =>
    add(
      key,
      key,
      !m.sideways,
      [cx + middle * scale, cy + frontMiddle],
      seen * scale,
      m.height * scale,
      upright(width, (x, y) => [cx + (left - flare + x) * scale, cy + topOf + (m.height - y) * scale]),
    );
  if (m.front && !over) {
    const { width } = m.front;
    // Of fronts that overlap, each is named where it lies alone.
    const seen = Math.min(width, m.width - width);
    panel('front-right', -m.width / 2, width, m.flare, (seen - m.width) / 2, seen);
    panel('front-left', m.width / 2 - width, width, 0, (m.width - seen) / 2, seen);
  } else if (!over) panel('front', -m.width / 2, m.width, m.flare);

  const start = pieceOf('sleeve')?.passages.find(({ kind }) => kind === 'start');
  const up = start?.kind !== 'start' || start.along === null;
  const middle = (up ? m.cuff : m.top) / 2;
  const joins: PlacedJoin[] = [];
  for (const [side, sign] of [
    ['left', 1],
    ['right', -1],
  ] as const) {
    const inner = cx + sign * (halfBody + ARMHOLE_GAP);
    if (m.sleeve > 0)
      add(
        `sleeve-${side}`,
        'sleeve',
        false,
        [inner + (sign * m.sleeve * scale) / 2, cy],
        m.sleeve * scale,
        m.top * scale,
        (x, y) => [inner + sign * (up ? m.sleeve - y : y) * scale, cy + (x - middle) * scale],
      );
    joins.push(...seamsAt(side, { m, box, scale }));
    if (m.band && m.sleeve > 0) {
      const from = inner + sign * (m.sleeve * scale + BAND_GAP);
      add(
        `cuff-${side}`,
        'cuff',
        true,
        [from + (sign * m.band.height * scale) / 2, cy],
        m.band.height * scale,
        m.band.length * scale,
        (x, y) => [from + sign * x * scale, cy + (y - m.band!.length / 2) * scale],
      );
    }
  }
  if (m.hem) {
    const outer = topOf + m.height * scale + BAND_GAP;
    hemRib('back', 'hem', -1, 0, m.width + 2 * m.flare, m.hem.length, m.hem.height, outer + m.longer * scale);
    if (m.front) {
      const aside = (m.width + m.flare - m.front.width) / 2;
      for (const [side, sign] of [
        ['right', -1],
        ['left', 1],
      ] as const)
        hemRib(
          `front-${side}`,
          'hem-front',
          1,
          sign * aside,
          m.front.width + m.flare,
          m.front.hem,
          m.hem.height,
          outer,
        );
    } else hemRib('front', 'hem', 1, 0, m.width + 2 * m.flare, m.hem.length, m.hem.height, outer);
  }

  /** A hem rib below (or, for the back, above) its panel, cm from the middle. */
  function hemRib(
    key: string,
    id: string,
    sign: 1 | -1,
    aside: number,
    width: number,
    length: number,
    high: number,
    outer: number,
  ): void {
    const edge = cy + sign * outer;
    const x = cx + aside * scale;
    add(
      `hem-${key}`,
      id,
      false,
      [x, edge + (sign * high * scale) / 2],
      length * scale,
      high * scale,
      (along, across) => [x + (across - length / 2) * scale, edge + sign * along * scale],
    );
    joins.push({
      id: `hem-${key}`,
      threads: combs(14, (t) => [
        [x + (t - 0.5) * width * scale, edge - sign * BAND_GAP],
        [x + (t - 0.5) * length * scale, edge],
      ]),
      // A rib smaller than its label is not covered by it.
      label: [
        aside === 0 ? x : cx + Math.sign(aside) * 4,
        length * scale > HEM_LABEL ? edge + (sign * high * scale) / 2 : edge + sign * (high * scale + 13),
      ],
      anchor: aside === 0 ? 'middle' : aside > 0 ? 'start' : 'end',
      stacked: false,
    });
  }

  layStrips(size, box, scale, pieces, joins);
  const drop = m.drop * scale;
  const inside = !compact && m.neck * scale >= NECK_LABEL;
  return {
    scale,
    pieces,
    joins,
    neck: m.front
      ? [cx, cy]
      : [cx, cy + (inside ? Math.min(drop / 2, 24) : topOf + drop + (compact ? 12 : 20))],
    compact,
  };
}
