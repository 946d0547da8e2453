/** The seams of a garment of panels, tied from edge to edge where it lies on the table. */

import { between, combs } from './combs';
import { ARMHOLE_GAP, BAND_GAP, COMPACT, type Measures } from './measures';
import type { PlacedJoin, Point } from './placed';

type Side = 'left' | 'right';
/** The wearer's left lies at the right of the drawing. */
const SIGN = { left: 1, right: -1 } as const;

interface Drawing {
  m: Measures;
  box: { width: number; height: number };
  /** px for each cm. */
  scale: number;
}

/** All seams at one of the wearer's sides. */
export function seamsAt(side: Side, drawing: Drawing): PlacedJoin[] {
  return [...bodyJoins(side, drawing), ...(drawing.m.sleeve > 0 ? sleeveJoins(side, drawing) : [])];
}

/** Side and shoulder seams, and the edge of an armhole without a sleeve. */
function bodyJoins(side: Side, drawing: Drawing): PlacedJoin[] {
  const { m, box, scale } = drawing;
  const [cx, cy] = [box.width / 2, box.height / 2];
  const halfBody = (m.width / 2) * scale;
  const topOf = m.gap / 2;
  const sign = SIGN[side];
  const edge = cx + sign * halfBody;
  const off = m.notch + (m.curve?.width ?? 0);
  const shoulder = ((m.width - m.neck) / 2 - off) * scale;
  const tip = edge - sign * off * scale;
  const side0 = topOf + m.armhole * scale;
  const sideEnd = topOf + (m.height - m.slit) * scale;
  const arcs = combs(5, (t): Point[] => {
    const distance = side0 + (sideEnd - side0) * (0.04 + 0.92 * t);
    const bulge = 26 + t * (m.sleeve > 0 ? Math.min(150, m.sleeve * scale * 0.7) : 90);
    return Array.from({ length: 25 }, (_, i) => {
      const angle = (Math.PI * i) / 24 - Math.PI / 2;
      return [edge + sign * bulge * Math.cos(angle), cy + distance * Math.sin(angle)] as const;
    });
  });
  const anchor = sign > 0 ? 'start' : 'end';
  return [
    {
      id: `side-${side}`,
      threads: arcs,
      label: [edge + sign * 12, cy + side0 + (sideEnd - side0) * 0.78],
      anchor,
      stacked: false,
    },
    ...(m.gap > 0
      ? [
          {
            id: `shoulder-${side}`,
            threads: combs(Math.max(4, Math.round(shoulder / 7)), (t) => [
              [tip - sign * t * shoulder, cy - topOf],
              [tip - sign * t * shoulder, cy + topOf],
            ]),
            label: [tip - (sign * shoulder) / 2, cy] as Point,
            anchor: 'middle' as const,
            stacked: false,
          },
        ]
      : []),
    ...(m.sleeve > 0
      ? []
      : [
          {
            id: `armband-${side}`,
            threads: [],
            label: [edge + sign * 10, cy] as Point,
            anchor: anchor as PlacedJoin['anchor'],
            stacked: true,
          },
        ]),
  ];
}

/** The seams of a sleeve: to the armhole and its steps, its own, and its cuff. */
function sleeveJoins(side: Side, drawing: Drawing): PlacedJoin[] {
  const { m, box, scale } = drawing;
  const [cx, cy] = [box.width / 2, box.height / 2];
  const halfBody = (m.width / 2) * scale;
  const topOf = m.gap / 2;
  const sign = SIGN[side];
  const compact = box.width < COMPACT;
  const edge = cx + sign * halfBody;
  const step = edge - sign * m.notch * scale;
  const inner = edge + sign * ARMHOLE_GAP;
  const tip = inner + sign * m.sleeve * scale;
  const armhole = m.armhole * scale;
  const half = (m.top / 2) * scale;
  const side0 = topOf + armhole;
  const list: PlacedJoin[] = [
    {
      id: `armhole-${side}`,
      threads: m.cap
        ? ([-1, 1] as const).flatMap((up) => between(14, armholeLine(up), capLine(up)))
        : combs(26, (t) => [
            [step, t < 0.5 ? cy - topOf - armhole * (1 - 2 * t) : cy + topOf + armhole * (2 * t - 1)],
            [inner, cy + (2 * t - 1) * half],
          ]),
      label: [edge + sign * 10, cy - Math.max(half, side0) - (compact ? 30 : 15)],
      anchor: sign > 0 ? 'start' : 'end',
      stacked: compact,
    },
  ];
  if (m.seamed)
    list.push({
      id: `sleeve-seam-${side}`,
      threads: [],
      label: [inner + (tip - inner) * 0.62, cy + (m.top * 0.38 + m.cuff * 0.62) * scale * 0.5 + 14],
      anchor: 'middle',
      stacked: false,
    });
  if (m.notch > 0 && !m.cap)
    list.push({
      id: `notch-${side}`,
      threads: ([-1, 1] as const).flatMap((up) =>
        combs(4, (t): Point[] => [
          [step + sign * t * m.notch * scale, cy + up * side0],
          [inner + sign * t * m.inset * scale, cy + up * half],
        ]),
      ),
      label: [edge + sign * 10, cy + Math.max(half, side0) + 15],
      anchor: sign > 0 ? 'start' : 'end',
      stacked: false,
    });
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

  /** The edge of a curved armhole from the underarm to the shoulder, on the back (-1) or the front (1). */
  function armholeLine(up: -1 | 1): Point[] {
    const { width, height } = m.curve!;
    const shaped = Array.from({ length: 9 }, (_, i): Point => {
      const rest = 1 - i / 8;
      const aside = width * Math.sqrt(1 - rest * rest);
      return [step - sign * aside * scale, cy + up * (side0 - (i / 8) * height * scale)];
    });
    return [[edge, cy + up * side0], ...shaped, [step - sign * width * scale, cy + up * topOf]];
  }

  /** The edge of the cap from the underarm to the middle of its top. */
  function capLine(up: -1 | 1): Point[] {
    const { height, base, top } = m.cap!;
    const foot = inner + sign * height * scale;
    return [
      [foot, cy + up * half],
      [foot, cy + up * (half - base * scale)],
      [inner, cy + (up * top * scale) / 2],
      [inner, cy],
    ];
  }
}

/** Half the width of a stacked label, px. */
const STACKED_HALF = 62;

function within(value: number, low: number, high: number): number {
  return Math.max(low, Math.min(high, value));
}
