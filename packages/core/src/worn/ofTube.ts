import { overTop, shoulderLength } from './drape.js';
import type { Figure } from './figure.js';
import type { WornSize } from './layers.js';
import { airOf, both, gripsOf, pieceOf, ribs, sideFrom } from './parts.js';
import { mirrored, type Point } from './points.js';
import type { Worn, WornShape } from './shapes.js';

/** A tube under the arms, with its straps. */
export function ofTube(size: WornSize, figure: Figure): Worn {
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
