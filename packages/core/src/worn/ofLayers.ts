import { halfWorn, laid, overTop, roundOf, shoulderLength, sleeveAt } from './drape.js';
import type { Figure } from './figure.js';
import { layersOf, type Layer, type Layers, type WornSize } from './layers.js';
import { assemble, both, endsOf, gripsOf, hoodOf, sideFrom, sleeveLine, steps } from './parts.js';
import type { Point } from './points.js';
import type { Worn } from './shapes.js';

/** A garment of a front and a back, laid over the shoulders: its neck, armholes and front edges as they were worked. */
export function ofLayers(size: WornSize, figure: Figure): Worn {
  const layers = layersOf(size);
  const { front, back } = layers ?? fallback(size);
  const depth = underarmOf(back, size);
  const widest = Math.max(halfFlat(front, size, depth), halfFlat(back, size, depth));
  const drawn = { size, figure, depth, widest };
  const [before, behind] = [sideOf(front, true, drawn), sideOf(back, false, drawn)];
  return {
    figure,
    front: [...before.shapes, ...hoodOf(size, figure, true)],
    back: [...behind.shapes, ...hoodOf(size, figure, false)],
    grips: gripsOf(before.side, before.sleeve?.end ?? null, before.neck.at(-1) ?? null, figure),
    ends: endsOf(size),
    overhang: layers && back.armhole.length > 0 ? back.shoulder.outer - shoulderLength(figure.frame) : null,
    neckDepth: front.neck.at(-1)?.[1] ?? null,
  };
}

/** What front and back share: how far down the underarm lies, and half the flat width there. */
interface Shared {
  size: WornSize;
  figure: Figure;
  depth: number;
  widest: number;
}

/** The front, or the back, with the sleeves that are seen beside it. */
function sideOf(layer: Layer, isFront: boolean, { size, figure, depth, widest }: Shared) {
  const { frame } = figure;
  const { body, arm } = size.girths;
  const { inner, outer } = layer.shoulder;
  const over = (from: number, to: number) => steps(from, to).map((x) => overTop(frame, x));
  const point = shoulderLength(frame);
  const overhang = outer - point;
  const under: Point = [halfWorn(frame, body, depth), frame.shoulder[1] + depth];
  const flat = { depth: deepest(layer) ?? depth, half: widest };
  const armhole = layer.armhole.map((spot) => laid(frame, body, spot, flat));
  const level = overTop(frame, inner)[1];
  // A neck falls from the height of its ends at the shoulders, and keeps its width.
  const neck = layer.neck.map(([x, y]): Point => [x, Math.min(overTop(frame, Math.max(0, x))[1], level) + y]);
  const side = sideFrom(frame, body, depth);
  const across = [...over(inner, outer), overTop(frame, outer)];
  const sleeve = sleeveLine(figure, arm, { down: Math.max(0, overhang), under });
  const outline = sleeve ? [...sleeve.outer, ...sleeve.inner] : [];
  const isSet = armhole.length > 0;
  // A body that is wider than the arms hang hides where they leave it.
  const isHidden = !isSet && sleeve !== null && sleeve.inner[0]![0] < under[0];
  const begins = isSet ? [...[...armhole].reverse(), ...over(outer, point)] : [under, ...across.slice(-2)];
  const isGrown = sleeve !== null && !isSet && !isHidden;
  // Where the rows of a sleeve go on from a body that has the beginning of it.
  const goesOn =
    isGrown && overhang > 0 && overhang < arm.at(-1)!.at - 2
      ? both('seam', Object.values(sleeveAt(frame, arm, overhang)))
      : [];
  const shoulderSeam = both('seam', [
    overTop(frame, inner),
    ...over(inner, Math.min(outer, point)),
    overTop(frame, outer),
  ]);
  return {
    neck,
    side,
    sleeve,
    shapes: assemble(figure, size, {
      neck,
      top: [...across, ...(isSet ? [...armhole, under] : isGrown ? outline : [under])],
      side,
      edge: isFront ? layer.edge : null,
      sleeves: sleeve && !isGrown ? both('sleeve', [...begins, ...outline], true) : [],
      lines: [...(isSet ? both('seam', armhole) : goesOn), ...(isFront ? [] : shoulderSeam)],
    }),
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
