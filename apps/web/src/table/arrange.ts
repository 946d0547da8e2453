import type { ScreenSize } from '../worker/screen';

/** Pieces to scale, unfolded as they are joined: the back above, the front below, a sleeve at each armhole. All in px. */

export type Point = readonly [x: number, y: number];

export interface PlacedPiece {
  key: string;
  id: string;
  polygons: Point[][];
  /** Lines across the piece where another fabric begins. */
  changes: Point[][];
  /** Direction in which rows run, for the texture, and px from row to row. */
  rows: { across: boolean; step: number };
  centre: Point;
  width: number;
  height: number;
}

export interface PlacedJoin {
  id: string;
  threads: Point[][];
  /** Middle of the label. */
  label: Point;
  anchor: 'middle' | 'start' | 'end';
  /** What is eased in stands under the counts, where there is no width for one line. */
  stacked: boolean;
}

export interface Arrangement {
  /** px for each cm. */
  scale: number;
  pieces: PlacedPiece[];
  joins: PlacedJoin[];
  /** Middle of the neck's label. */
  neck: Point;
  /** Whether words must be few because the drawing is small. */
  compact: boolean;
}

/** Room for threads between pieces, px. */
const SHOULDER_GAP = 30;
const ARMHOLE_GAP = 34;
const BAND_GAP = 8;
const MARGIN = 22;
/** Drawings narrower than this carry fewer words, px. */
const COMPACT = 680;
/** Neck labels narrower than this go below the neck, px. */
const NECK_LABEL = 112;
/** Ribs narrower than this carry their label outside, px. */
const HEM_LABEL = 220;

interface Measures {
  width: number;
  height: number;
  neck: number;
  armhole: number;
  side: number;
  sleeve: number;
  top: number;
  cuff: number;
  hem: { length: number; height: number } | null;
  band: { length: number; height: number } | null;
}

/** Lengths of the pieces in cm, from the plan's quantities. */
function measures({ quantities }: ScreenSize): Measures {
  const of = (id: string) => quantities.find((quantity) => quantity.id === id)?.actual ?? 0;
  const band = (id: string) =>
    of(`${id}.rows`) > 0 ? { length: of(`${id}.rows`), height: of(`${id}.height`) } : null;
  return {
    width: of('back.width'),
    height: of('side.rows') + of('armhole.rows'),
    neck: of('neck.width'),
    armhole: of('armhole.rows'),
    side: of('side.rows'),
    sleeve: of('sleeve.rows'),
    top: of('sleeve.top'),
    cuff: of('sleeve.cuff'),
    hem: band('hem'),
    band: band('cuff'),
  };
}

/** The scale at which a size fits the box, px for each cm. */
export function fittingScale(size: ScreenSize, box: { width: number; height: number }): number {
  const m = measures(size);
  const across = m.width + 2 * (m.sleeve + (m.band?.height ?? 0));
  const down = 2 * (m.height + (m.hem?.height ?? 0));
  return Math.max(
    0.5,
    Math.min(
      (box.width - 2 * (ARMHOLE_GAP + BAND_GAP + MARGIN)) / across,
      (box.height - SHOULDER_GAP - 2 * (BAND_GAP + MARGIN)) / down,
    ),
  );
}

/**
 * Places one size around the middle of a box.
 *
 * @param size the planned size; its pieces must be those of a drop-shoulder pullover
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
  const topOf = SHOULDER_GAP / 2;
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
  const add = (
    key: string,
    id: string,
    across: boolean,
    centre: Point,
    width: number,
    height: number,
    place: (x: number, y: number) => Point,
  ) =>
    pieces.push({
      key,
      id,
      polygons: drawn(id, place),
      changes: changesOf(id).map((y) => [place(0, y), place(m.width, y)]),
      rows: { across, step: scale / rowsPerCm(id) },
      centre,
      width,
      height,
    });

  const bodyMiddle = topOf + (m.height / 2) * scale;
  add('back', 'back', true, [cx, cy - bodyMiddle], m.width * scale, m.height * scale, (x, y) => [
    cx + (m.width / 2 - x) * scale,
    cy - topOf - (m.height - y) * scale,
  ]);
  add('front', 'front', true, [cx, cy + bodyMiddle], m.width * scale, m.height * scale, (x, y) => [
    cx + (x - m.width / 2) * scale,
    cy + topOf + (m.height - y) * scale,
  ]);

  const start = pieceOf('sleeve')?.passages.find(({ kind }) => kind === 'start');
  const up = start?.kind !== 'start' || start.along === null;
  const middle = (up ? m.cuff : m.top) / 2;
  const joins: PlacedJoin[] = [];
  for (const [side, sign] of [
    ['left', 1],
    ['right', -1],
  ] as const) {
    const inner = cx + sign * (halfBody + ARMHOLE_GAP);
    add(
      `sleeve-${side}`,
      'sleeve',
      false,
      [inner + (sign * m.sleeve * scale) / 2, cy],
      m.sleeve * scale,
      m.top * scale,
      (x, y) => [inner + sign * (up ? m.sleeve - y : y) * scale, cy + (x - middle) * scale],
    );
    joins.push(...sleeveJoins(side, sign));
    if (m.band) {
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
    for (const [key, sign] of [
      ['back', -1],
      ['front', 1],
    ] as const) {
      const edge = cy + sign * outer;
      add(
        `hem-${key}`,
        'hem',
        false,
        [cx, edge + (sign * m.hem.height * scale) / 2],
        m.hem.length * scale,
        m.hem.height * scale,
        (x, y) => [cx + (y - m.hem!.length / 2) * scale, edge + sign * x * scale],
      );
      joins.push({
        id: `hem-${key}`,
        threads: combs(14, (t) => [
          [cx + (t - 0.5) * m.width * scale, edge - sign * BAND_GAP],
          [cx + (t - 0.5) * m.hem!.length * scale, edge],
        ]),
        // A rib smaller than its label is not covered by it.
        label: [
          cx,
          m.hem.length * scale > HEM_LABEL
            ? edge + (sign * m.hem.height * scale) / 2
            : edge + sign * (m.hem.height * scale + 13),
        ],
        anchor: 'middle',
        stacked: false,
      });
    }
  }

  function sleeveJoins(side: 'left' | 'right', sign: 1 | -1): PlacedJoin[] {
    const edge = cx + sign * halfBody;
    const inner = edge + sign * ARMHOLE_GAP;
    const tip = inner + sign * m.sleeve * scale;
    const shoulder = ((m.width - m.neck) / 2) * scale;
    const armhole = m.armhole * scale;
    const half = (m.top / 2) * scale;
    const side0 = topOf + armhole;
    const sideEnd = topOf + m.height * scale;
    const arcs = combs(5, (t): Point[] => {
      const distance = side0 + (sideEnd - side0) * (0.04 + 0.92 * t);
      const bulge = 26 + t * Math.min(150, m.sleeve * scale * 0.7);
      return Array.from({ length: 25 }, (_, i) => {
        const angle = (Math.PI * i) / 24 - Math.PI / 2;
        return [edge + sign * bulge * Math.cos(angle), cy + distance * Math.sin(angle)] as const;
      });
    });
    const list: PlacedJoin[] = [
      {
        id: `side-${side}`,
        threads: arcs,
        label: [edge + sign * 12, cy + side0 + (sideEnd - side0) * 0.78],
        anchor: sign > 0 ? 'start' : 'end',
        stacked: false,
      },
      {
        id: `shoulder-${side}`,
        threads: combs(Math.max(4, Math.round(shoulder / 7)), (t) => [
          [edge - sign * t * shoulder, cy - topOf],
          [edge - sign * t * shoulder, cy + topOf],
        ]),
        label: [edge - (sign * shoulder) / 2, cy],
        anchor: 'middle',
        stacked: false,
      },
      {
        id: `armhole-${side}`,
        threads: combs(26, (t) => [
          [edge, t < 0.5 ? cy - topOf - armhole * (1 - 2 * t) : cy + topOf + armhole * (2 * t - 1)],
          [inner, cy + (2 * t - 1) * half],
        ]),
        label: [edge + sign * 10, cy - Math.max(half, side0) - (compact ? 30 : 15)],
        anchor: sign > 0 ? 'start' : 'end',
        stacked: compact,
      },
      {
        id: `sleeve-seam-${side}`,
        threads: [],
        label: [inner + (tip - inner) * 0.62, cy + (m.top * 0.38 + m.cuff * 0.62) * scale * 0.5 + 14],
        anchor: 'middle',
        stacked: false,
      },
    ];
    if (m.band)
      list.push({
        id: `cuff-${side}`,
        threads: combs(8, (t) => [
          [tip, cy + (t - 0.5) * m.cuff * scale],
          [tip + sign * BAND_GAP, cy + (t - 0.5) * m.band!.length * scale],
        ]),
        label: [
          within(
            tip + sign * (BAND_GAP + (m.band.height * scale) / 2),
            STACKED_HALF + 4,
            box.width - STACKED_HALF - 4,
          ),
          cy - (m.band.length / 2) * scale - 24,
        ],
        anchor: 'middle',
        stacked: true,
      });
    return list;
  }

  const drop = (size.quantities.find(({ id }) => id === 'neck.drop')?.actual ?? 0) * scale;
  const inside = !compact && m.neck * scale >= NECK_LABEL;
  return {
    scale,
    pieces,
    joins,
    neck: [cx, cy + (inside ? Math.min(drop / 2, 24) : topOf + drop + (compact ? 12 : 20))],
    compact,
  };
}

/** Half the width of a stacked label, px. */
const STACKED_HALF = 62;

function within(value: number, low: number, high: number): number {
  return Math.max(low, Math.min(high, value));
}

/** `many` lines spread over 0 to 1. */
export function combs(many: number, line: (t: number) => Point[]): Point[][] {
  return Array.from({ length: many }, (_, i) => line((i + 0.5) / many));
}
