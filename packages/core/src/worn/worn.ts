import type { Girth } from '../garment/construction.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { PieceRole } from '../joins/roles.js';
import { halfWorn, laid, overTop, roundOf, shoulderLength, sleeveAt } from './drape.js';
import { figureOf, type Figure } from './figure.js';
import { heightOf, layersOf, type Layer, type WornSize } from './layers.js';
import { mirrored, mix, type Point } from './points.js';

/** A part of what is drawn: cloth, or a line on it. Closed shapes are filled. */
export interface WornShape {
  what:
    | 'body'
    | 'sleeve'
    | 'rib'
    | 'hood'
    | 'strap'
    /** Air between body and garment. */
    | 'air'
    /** Lines: seams and edges, lines of a yoke. */
    | 'seam'
    | 'edge'
    | 'line';
  points: readonly Point[];
  closed: boolean;
}

/** Places that can be dragged, of the half at the right. */
export interface Grips {
  hem: Point;
  sleeve: Point | null;
  neck: Point | null;
  side: Point;
}

/** A garment on its figure, seen from the front and from behind, cm from the crown down and from the middle outwards. */
export interface Worn {
  figure: Figure;
  front: readonly WornShape[];
  back: readonly WornShape[];
  grips: Grips;
  /** Where it ends: down from the shoulder point, and down the arm from there; null without a sleeve. */
  ends: { hem: number; sleeve: number | null };
  /** How far the shoulder seam reaches beyond the shoulder point (below 0: it ends before); null where there is none. */
  overhang: number | null;
  /** How deep the neck lies at the middle of the front below the neck point. */
  neckDepth: number | null;
}

/** The circumference of an ellipse a third deeper than flat, for half its width of 1: necks are rounds of this shape. */
const NECK_ROUND = 5.65;
/** How far a round about the neck falls below the neck point in front and behind, as shares of its half width (common practice of figure drawing). */
const FALLS = { front: 0.75, back: 0.12 };
/** Fronts whose edges lie nearer to the middle than this meet there, cm. */
const MEETS = 0.4;
/** Points on a curved line. */
const FINE = 10;

/** Lays a planned size on a figure drawn from its body; null where nothing of it could be worked. */
export function wornOf(size: WornSize): Worn | null {
  const { girths, pieces } = size;
  if (pieces.length === 0) return null;
  const figure = figureOf(size.body, size.group);
  const hung = { ...size, girths: { ...girths, ...edged(size) } };
  if (girths.yoke) return ofYoke(hung, figure);
  if (girths.body.length === 0) return ofPoncho(hung, figure);
  if (pieces.some(({ role }) => role === 'tube')) return ofTube(hung, figure);
  return ofLayers(hung, figure);
}

const pieceOf = ({ pieces }: Pick<WornSize, 'pieces'>, ...roles: PieceRole[]): PlannedPiece | undefined =>
  pieces.find(({ role }) => roles.includes(role));

/** Rounds with the edgings that are worked on below them. */
function edged(size: WornSize): { body: readonly Girth[]; arm: readonly Girth[] } {
  const added = (roles: PieceRole[]) =>
    heightOf(
      size.pieces.find(({ role, workedOn }) => workedOn && roles.includes(role)),
      size,
    );
  const longer = (girths: readonly Girth[], by: number): readonly Girth[] => {
    const last = girths.at(-1);
    return last && by > 0 ? [...girths, { at: last.at + by, round: last.round }] : girths;
  };
  return {
    body: longer(size.girths.body, added(['hem', 'border'])),
    arm: longer(size.girths.arm, added(['cuff'])),
  };
}

/** The side of a body from a level down: the right half. */
function sideFrom(frame: Figure['frame'], girths: readonly Girth[], depth: number): Point[] {
  const last = girths.at(-1)!.at;
  const levels = Object.values(frame.levels).map((y) => y - frame.shoulder[1]);
  const ats = [depth, ...girths.map(({ at }) => at), ...levels]
    .filter((at) => at >= depth && at <= last)
    .sort((a, b) => a - b);
  const down = ats.map((at): Point => [halfWorn(frame, girths, at), frame.shoulder[1] + at]);
  // A rib draws in at once: of two rounds at one level both are drawn.
  return down.flatMap((point, i) => {
    const at = ats[i]!;
    const both = girths.filter((girth) => girth.at === at);
    return both.length > 1 && ats[i - 1] !== at
      ? both.map(({ round }): Point => [
          Math.max(halfWorn(frame, [{ at, round }], at)),
          frame.shoulder[1] + at,
        ])
      : ats[i - 1] === at
        ? []
        : [point];
  });
}

/** The air between body and garment at both sides, from a level down. */
function airOf({ frame }: Figure, side: readonly Point[]): WornShape[] {
  const inner = side.map(([x, y]): Point => [Math.min(x, frame.halfAt(y)), y]);
  const half = [...side, ...inner.reverse()];
  return [half, mirrored(half)].map((points) => ({ what: 'air', points, closed: true }));
}

/** A sleeve from where it begins down: its outer side, its inner one back up to the underarm, and the middle of its end. */
interface SleeveLine {
  outer: readonly Point[];
  inner: readonly Point[];
  end: Point;
}

function sleeveLine(
  { frame }: Figure,
  arm: readonly Girth[],
  start: { down: number; under: Point },
): SleeveLine | null {
  const last = arm.at(-1);
  if (!last || last.at <= start.down + 1) return null;
  const downs = [...new Set([start.down, ...arm.map(({ at }) => at)])]
    .filter((at) => at >= Math.max(0, start.down))
    .sort((a, b) => a - b);
  const places = downs.flatMap((at) => {
    const both = arm.filter((girth) => girth.at === at);
    return both.length > 1 ? both.map((girth) => sleeveAt(frame, [girth], at)) : [sleeveAt(frame, arm, at)];
  });
  const lowest = places.at(-1)!;
  const inner = places
    .slice(0, -1)
    .map((place) => place.inner)
    .filter(([, y]) => y > start.under[1] + 1);
  return {
    outer: places.map((place) => place.outer),
    inner: [lowest.inner, ...inner.reverse(), start.under],
    end: mix(lowest.outer, lowest.inner, 0.5),
  };
}

/** Both halves of a shape of the right one. */
function both(what: WornShape['what'], points: readonly Point[], closed = false): WornShape[] {
  return [points, mirrored(points)].map((half) => ({ what, points: half, closed }));
}

/** Bands across the body and the sleeves: ribs below the last of the fabric. */
function ribs({ frame }: Figure, size: WornSize, side: readonly Point[]): WornShape[] {
  const hem = size.girths.body;
  const starts = hem.findIndex(({ at }, i) => hem[i + 1]?.at === at);
  const from =
    starts >= 0 ? hem[starts]!.at : hem.at(-1)!.at - heightOf(pieceOf(size, 'hem', 'border'), size);
  const shapes: WornShape[] = [];
  if (from < hem.at(-1)!.at - 0.2) {
    const y = frame.shoulder[1] + from;
    const below = side.filter((point) => point[1] >= y - 0.01);
    const [x] = below[0] ?? side.at(-1)!;
    shapes.push({
      what: 'line',
      points: [
        [-x, y],
        [x, y],
      ],
      closed: false,
    });
  }
  const { arm } = size.girths;
  const cuff = arm.findIndex(({ at }, i) => arm[i + 1]?.at === at);
  if (cuff >= 0) {
    const { outer, inner } = sleeveAt(frame, [arm[cuff]!], arm[cuff]!.at);
    shapes.push(...both('line', [outer, inner]));
  }
  return shapes;
}

/** A neck edge in a band: the line that its band lies along, moved inwards. */
function neckBand(size: WornSize, neck: readonly Point[]): Point[] | null {
  const height = heightOf(pieceOf(size, 'neckband'), size);
  if (height === 0 || neck.length < 2) return null;
  const bottom = neck.at(-1)![1];
  const top = neck[0]![1];
  return neck.map(([x, y]): Point => {
    const share = bottom - top > 0.5 ? (y - top) / (bottom - top) : 0;
    // At the shoulder the band stands towards the neck, at the middle upwards.
    return [Math.max(0, x - height * (1 - share)), y - height * (share * 0.9 + 0.25)];
  });
}

/** All of one side of the garment: body with its neck, sleeves under it, lines on it. */
function assemble(
  figure: Figure,
  size: WornSize,
  layer: {
    neck: readonly Point[];
    /** From the shoulder's inner end outwards to the underarm, sleeve included where it is of one piece with the body. */
    top: readonly Point[];
    side: readonly Point[];
    edge: number | null;
    sleeves: readonly WornShape[];
    lines: readonly WornShape[];
  },
): WornShape[] {
  const { neck, top, side, edge, sleeves, lines } = layer;
  const bottom = side.at(-1)![1];
  const open = edge !== null && Math.abs(edge) > MEETS;
  const middle = open ? edge : 0;
  const right: Point[] = [...[...neck].reverse(), ...top, ...side, [middle, bottom]];
  // Of fronts that overlap the wearer's right one lies above.
  const outline: WornShape[] = open
    ? both('body', right, true)
    : [{ what: 'body', points: [...right, ...mirrored(right).reverse()], closed: true }];
  const band = neckBand(size, neck);
  const whole = (half: readonly Point[]): Point[] => [...half, ...mirrored(half).reverse()];
  return [
    ...(band && !open
      ? [{ what: 'rib' as const, points: [...whole(neck), ...whole(band).reverse()], closed: true }]
      : band
        ? both('rib', [...neck, ...[...band].reverse()], true)
        : []),
    ...sleeves,
    ...outline,
    ...airOf(figure, side),
    ...(edge !== null && !open
      ? [{ what: 'edge' as const, points: [neck.at(-1)!, [0, bottom] as Point], closed: false }]
      : []),
    ...lines,
    ...ribs(figure, size, side),
  ];
}

function ofLayers(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const { body, arm } = size.girths;
  const layers = layersOf(size);
  const known = layers ?? fallback(size);
  const depth = underarmOf(known.back, size);
  const backHalf = halfFlat(known.back, size, depth);
  const view = (layer: Layer, isFront: boolean) => {
    const underarm = { depth, half: Math.max(halfFlat(layer, size, depth), backHalf) };
    const { inner, outer } = layer.shoulder;
    const across = [...steps(inner, outer), outer].map((x) => overTop(frame, x));
    const armhole = layer.armhole.map((spot) =>
      laid(frame, body, spot, { ...underarm, depth: deepest(layer) ?? depth }),
    );
    const under: Point = [halfWorn(frame, body, depth), frame.shoulder[1] + depth];
    const neck = layer.neck.map(([x, y]): Point => {
      const at = overTop(frame, Math.max(0, x));
      return [x, Math.min(at[1], overTop(frame, inner)[1]) + y];
    });
    // The back's neck lies as high as the shoulder's inner ends.
    const side = sideFrom(frame, body, depth);
    const overhang = outer - shoulderLength(frame);
    const own = armhole.length > 0;
    const sleeve = sleeveLine(figure, arm, { down: Math.max(0, overhang), under });
    const beyond = steps(outer, shoulderLength(frame)).map((x) => overTop(frame, x));
    // A body that is wider than the arms hang hides where they leave it.
    const hidden = !own && sleeve !== null && sleeve.inner[0]![0] < under[0];
    const apart = own ? [...[...armhole].reverse(), ...beyond] : [under, ...across.slice(-2)];
    const set: WornShape[] =
      sleeve && (own || hidden) ? both('sleeve', [...apart, ...sleeve.outer, ...sleeve.inner], true) : [];
    const grown = own || hidden || !sleeve ? [] : [...sleeve.outer, ...sleeve.inner];
    // Where rows of a sleeve go on from a body with arms.
    const goesOn: WornShape[] =
      grown.length > 0 && overhang > 0 && overhang < arm.at(-1)!.at - 2
        ? both('seam', Object.values(sleeveAt(frame, arm, overhang)))
        : [];
    const shoulderSeam = both('seam', [
      overTop(frame, inner),
      ...steps(inner, Math.min(outer, shoulderLength(frame))).map((x) => overTop(frame, x)),
      overTop(frame, outer),
    ]);
    return {
      shapes: assemble(figure, size, {
        neck,
        top: [...across, ...(own ? [...armhole, under] : grown.length > 0 ? grown : [under])],
        side,
        edge: isFront ? layer.edge : null,
        sleeves: set,
        lines: [...(own ? both('seam', armhole) : goesOn), ...(isFront ? [] : shoulderSeam)],
      }),
      neck,
      side,
      sleeve,
    };
  };
  const front = view(known.front, true);
  const back = view(known.back, false);
  return {
    figure,
    front: [...front.shapes, ...hoodOf(size, figure, true)],
    back: [...back.shapes, ...hoodOf(size, figure, false)],
    grips: gripsOf(front.side, front.sleeve?.end ?? null, front.neck.at(-1) ?? null, figure),
    ends: endsOf(size),
    overhang:
      layers && known.back.armhole.length > 0 ? known.back.shoulder.outer - shoulderLength(frame) : null,
    neckDepth: known.front.neck.at(-1)?.[1] ?? null,
  };
}

const deepest = ({ armhole }: Layer): number | undefined => armhole.at(-1)?.[1];

/** How far down the underarm lies: where the armhole was worked to, or half of a sleeve that is of one piece with the body. */
function underarmOf(back: Layer, { girths, body }: WornSize): number {
  return deepest(back) ?? (girths.arm[0] ? girths.arm[0].round / 2 : body.armholeDepth);
}

/** Half the flat width at the underarm. */
function halfFlat({ armhole }: Layer, { girths }: WornSize, depth: number): number {
  return Math.max(armhole.at(-1)?.[0] ?? 0, roundOf(girths.body, depth) / 4);
}

/** Places between two, without the ends. */
function steps(from: number, to: number): number[] {
  if (to <= from) return [];
  return Array.from({ length: FINE - 1 }, (_, i) => from + ((to - from) * (i + 1)) / FINE);
}

/** What is not told by a front and a back: as the body is. */
function fallback({ body, girths }: WornSize): Layers {
  const inner = body.neck / (2 * Math.PI) + 1;
  const outer = body.crossBack / 2;
  const depth = girths.arm[0] ? girths.arm[0].round / 2 : body.armholeDepth;
  const layer = (drop: number, edge: number | null): Layer => ({
    shoulder: { inner, outer },
    neck: [
      [inner, 0],
      [edge ?? 0, drop],
    ],
    armhole: [
      [outer, 0],
      [outer, depth],
    ],
    edge,
  });
  return { front: layer(0, 2), back: layer(0, null) };
}

interface Layers {
  front: Layer;
  back: Layer;
}

function endsOf({ girths }: WornSize): Worn['ends'] {
  return {
    hem: girths.body.at(-1)?.at ?? 0,
    sleeve: girths.arm.at(-1)?.at ?? null,
  };
}

function gripsOf(side: readonly Point[], sleeve: Point | null, neck: Point | null, { frame }: Figure): Grips {
  const bottom = side.at(-1)![1];
  const bust = side.find(([, y]) => y >= frame.levels.bust + 2) ?? side.at(-1)!;
  return { hem: [0, bottom], sleeve, neck, side: bust };
}

/** A hood about the head: over it behind, round the face in front. */
function hoodOf(size: WornSize, { head, frame }: Figure, isFront: boolean): WornShape[] {
  if (!pieceOf(size, 'hood')) return [];
  const outer: Point[] = [];
  const inner: Point[] = [];
  for (let i = 0; i <= 2 * FINE; i += 1) {
    const angle = Math.PI * (1.15 - (1.3 * i) / (2 * FINE));
    const [x, y] = [Math.cos(angle), Math.sin(angle)];
    outer.push([x * (head.rx + 2), head.y - y * (head.ry + 2)]);
    inner.push([x * (head.rx - 0.5), head.y - y * (head.ry - 1.5)]);
  }
  const base: Point[] = [
    [frame.neck[0] + 1, frame.neck[1] + 1],
    [-frame.neck[0] - 1, frame.neck[1] + 1],
  ];
  const points = isFront ? [...outer, base[0]!, ...inner.reverse(), base[1]!] : [...outer, ...base];
  return [{ what: 'hood', points, closed: true }];
}

/** A garment from the neck down: neck, a yoke over shoulders and arms, then body and sleeves. */
function ofYoke(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const { body, arm, yoke } = size.girths;
  const piece = pieceOf(size, 'yoke')!;
  const necks = piece.edges.filter(({ role }) => role === 'neck');
  const half = Math.max(frame.neck[0] * 0.9, yoke![0]!.round / NECK_ROUND);
  const drop = Math.max(
    0,
    ...necks
      .filter(({ axis }) => axis === 'rows')
      .map(({ id }) => {
        const ys = (size.edgeLines[id]?.line ?? []).map(([, y]) => y);
        return ys.length > 0 ? Math.max(...ys) - Math.min(...ys) : 0;
      }),
  );
  const depth = Math.max(body[0]!.at, 0);
  const under: Point = [halfWorn(frame, body, depth), frame.shoulder[1] + depth];
  const edge =
    pieceOf(size, 'front band') || piece.edges.some(({ role }) => role === 'front edge') ? 0 : null;
  const start = overTop(frame, half);
  const side = sideFrom(frame, body, depth);
  const top = [...steps(half, shoulderLength(frame)), shoulderLength(frame)].map((x) => overTop(frame, x));
  const sleeve = sleeveLine(figure, arm, { down: 0, under });
  const view = (isFront: boolean) => {
    const falls = half * (isFront ? FALLS.front : FALLS.back) + (isFront ? drop : 0);
    const neck = arc(start, falls);
    const isRaglan = piece.passages.some(({ kind }) => kind === 'lines');
    const split = isRaglan ? [] : both('seam', [under, sleeveAt(frame, arm, arm[0]!.at).outer]);
    const lines = isRaglan
      ? both('seam', [mix(neck[2]!, neck[3]!, 0.5), under])
      : roundsOf(frame, yoke!, half, neck.at(-1)![1], under);
    return {
      neck,
      shapes: assemble(figure, size, {
        neck,
        top: [...top, ...(sleeve ? [...sleeve.outer, ...sleeve.inner] : [under])],
        side,
        edge: isFront ? edge : null,
        sleeves: [],
        lines: [...lines, ...split],
      }),
    };
  };
  const [front, back] = [view(true), view(false)];
  return {
    figure,
    front: [...front.shapes, ...hoodOf(size, figure, true)],
    back: [...back.shapes, ...hoodOf(size, figure, false)],
    grips: gripsOf(side, sleeve?.end ?? null, front.neck.at(-1)!, figure),
    ends: endsOf(size),
    overhang: null,
    neckDepth: front.neck.at(-1)![1] - frame.neck[1],
  };
}

/** A quarter of a round from the shoulder to the middle, falling so far. */
function arc([x, y]: Point, falls: number): Point[] {
  return Array.from({ length: FINE + 1 }, (_, i): Point => {
    const angle = (Math.PI / 2) * (i / FINE);
    return [x * Math.cos(angle), y + falls * Math.sin(angle)];
  });
}

/** Rounds of a yoke that grow: each from the outer side of the arms across, as deep as it lies. */
function roundsOf(
  frame: Figure['frame'],
  yoke: readonly Girth[],
  half: number,
  neckY: number,
  under: Point,
): WornShape[] {
  const grown = yoke.filter(({ round }, i) => i > 0 && round > yoke[i - 1]!.round + 0.5).slice(0, 8);
  const last = yoke.at(-1)!.at;
  const whole = shoulderLength(frame);
  return grown.map(({ at }) => {
    const share = Math.min(1, at / last);
    const end = overTop(frame, half + share * (whole - half) * 0.95);
    const middle: Point = [0, neckY + share * (under[1] - neckY)];
    const right = Array.from({ length: FINE + 1 }, (_, i): Point => {
      const angle = (Math.PI / 2) * (i / FINE);
      return [end[0] * Math.cos(angle), end[1] + (middle[1] - end[1]) * Math.sin(angle)];
    });
    return { what: 'line', points: [...right, ...mirrored(right).reverse()], closed: false };
  });
}

/** Two rectangles joined end to side: from the neck over the arms to a point in front and behind. */
function ofPoncho(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const piece = pieceOf(size, 'back and front')!;
  const necks = piece.edges.filter(({ role }) => role === 'neck');
  const around = necks.reduce((sum, { length }) => sum + length, 0) * piece.copies;
  const hangs = size.girths.arm.at(-1)!.at + heightOf(pieceOf(size, 'hem'), size);
  const half = Math.max(frame.neck[0], around / NECK_ROUND);
  const start = overTop(frame, half);
  const end = overTop(frame, half + hangs);
  const top = [...steps(half, half + hangs), half + hangs].map((x) => overTop(frame, x));
  const view = (isFront: boolean): WornShape[] => {
    const bottomNeck = start[1] + half * (isFront ? 1.1 : 0.7);
    const neck: Point[] = [start, [0, bottomNeck]];
    // The corner of a rectangle lies at the middle: as far from the neck as the width is measured aslant.
    const point: Point = [0, bottomNeck + hangs * Math.SQRT2 * 0.9];
    const right = [...[...neck].reverse(), ...top, point];
    return [
      { what: 'body', points: [...right, ...mirrored(right).reverse()], closed: true },
      { what: 'seam', points: [[0, bottomNeck], isFront ? end : [-end[0], end[1]]], closed: false },
    ];
  };
  const front = view(true);
  return {
    figure,
    front,
    back: view(false),
    grips: { hem: [0, Math.max(...front[0]!.points.map(([, y]) => y))], sleeve: null, neck: null, side: end },
    ends: { hem: Math.max(...front[0]!.points.map(([, y]) => y)) - frame.shoulder[1], sleeve: null },
    overhang: null,
    neckDepth: half * 1.1,
  };
}

/** A tube under the arms, with its straps. */
function ofTube(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const { body } = size.girths;
  const top = body[0]!.at;
  const side = sideFrom(frame, body, top);
  const tube = pieceOf(size, 'tube')!;
  const [, y] = side[0]!;
  const right: Point[] = [[0, y], ...side, [0, side.at(-1)![1]]];
  const round = body[0]!.round;
  /** From the middle of the front, as flat as it is seen there. */
  const places = tube.edges
    .filter(({ role }) => role === 'strap place')
    .map(({ id }) => size.edgeLines[id]!.line.map(([x]) => x));
  const strap = (isFront: boolean): WornShape[] => {
    const seen = places
      .map(([from, to]) => (isFront ? [from! - round / 2, to! - round / 2] : [from!, to!]))
      .filter(([from, to]) => from! > 0 && to! < round / 4);
    return seen.flatMap(([from, to]) => {
      const over = overTop(frame, Math.min(from!, shoulderLength(frame) - 2));
      return both(
        'strap',
        [
          [from!, y],
          [over[0], over[1]],
          [over[0] + (to! - from!), over[1] + 0.4],
          [to!, y],
        ],
        true,
      );
    });
  };
  const view = (isFront: boolean): WornShape[] => [
    ...strap(isFront),
    { what: 'body', points: [...right, ...mirrored(right).reverse()], closed: true },
    ...airOf(figure, side),
    ...ribs(figure, size, side),
  ];
  return {
    figure,
    front: view(true),
    back: view(false),
    grips: gripsOf(side, null, null, figure),
    ends: { hem: body.at(-1)!.at, sleeve: null },
    overhang: null,
    neckDepth: null,
  };
}
