/** Pieces as they are drawn, each by itself and to scale. */

import type { PlannedPiece, Side, WorkedEdge } from '@upfell/core';
import { flatYoke } from '../yoke/fromAbove';
import type { ScreenSize } from '../worker/screen';
import type { Point, Way } from './geometry';

/** An edge of a shape, and which way out of the shape it faces. */
export interface ShapeEdge {
  line: readonly Point[];
  faces: Way;
}

/** A piece, or a part of one that goes round the body, in cm. */
export interface Shape {
  piece: PlannedPiece;
  /** Which part of the piece, where it is drawn in several. */
  part?: 'back' | 'front';
  polygons: readonly (readonly Point[])[];
  /** Lines across the piece where another fabric begins. */
  changes: readonly (readonly Point[])[];
  edges: ReadonlyMap<string, ShapeEdge>;
  /** Slits inside it. */
  slits?: readonly (readonly Point[])[];
  /** Its rows as lines, where they do not run straight across it. */
  rowLines?: readonly (readonly Point[])[];
  /** Squares that it is joined of, the back below the front, each with its kind. */
  squares?: readonly { points: readonly Point[]; kind: string; layer: 'back' | 'front' }[];
  /** Rounds of each of them. */
  motifRounds?: number;
  /** Which way its rows run, and cm from row to row. */
  rows: { across: boolean; step: number };
  /** Whether its label lies at this part. */
  labelled: boolean;
}

/** Gap that is left in the drawing of a body between open fronts that have none, cm. */
const LEAST_OPENING = 0.8;

/**
 * The shapes that a piece is drawn as: its outline as it is worked; a yoke as it is seen from above, a body in the round
 * as its back and its front.
 *
 * @param opening width that the front of a yoke stands open, cm
 */
export function shapesOf(piece: PlannedPiece, size: ScreenSize, opening: number): Shape[] {
  if (piece.role === 'yoke') return yokeShapes(piece, size, opening);
  if (piece.role === 'body') return bodyShapes(piece, size, opening);
  const down = ([x, y]: readonly [number, number]): Point => [x, -y];
  const { sections, drawn } = piece;
  const polygons = (size.outlines[piece.id] ?? []).map(({ points }) => points.map(down));
  const xs = polygons.flat().map(([x]) => x);
  const changes = sections.slice(1).map(({ first }): Point[] => {
    const y = -(first - 1) / sections[0]!.rows;
    return [
      [Math.min(...xs), y],
      [Math.max(...xs), y],
    ];
  });
  const edges = piece.edges.flatMap(({ id }): [string, ShapeEdge][] => {
    const edge = size.edgeLines[id];
    return edge ? [[id, { line: edge.line.map(down), faces: edge.faces }]] : [];
  });
  const rowLines = drawn?.rows.map((one) => one.map(down));
  const inLayers = [...(piece.role === 'sheet' ? (size.map?.squares ?? []) : [])].sort(
    (a, b) => Number(a.layer === 'front') - Number(b.layer === 'front'),
  );
  const squares = inLayers.map(({ points, kind, layer }) => ({ points: points.map(down), kind, layer }));
  const motif = size.pieces.find(({ role }) => role === 'square');
  const slits = piece.passages.some(({ kind }) => kind === 'slit')
    ? piece.edges.flatMap(({ id, place }) =>
        place.lies === 'base' ? [size.edgeLines[id]!.line.map(down)] : [],
      )
    : [];
  return [
    {
      piece,
      polygons,
      changes,
      ...(slits.length > 0 ? { slits } : {}),
      ...(rowLines ? { rowLines } : {}),
      ...(squares.length > 0 && motif ? { squares, motifRounds: motif.ends.last.n } : {}),
      edges: new Map(edges),
      rows: rowsOf(piece),
      labelled: true,
    },
  ];
}

const rowsOf = ({ sections }: PlannedPiece) => ({ across: true, step: 1 / sections[0]!.rows });

const edgesOf = (piece: PlannedPiece, roles: readonly WorkedEdge['role'][]) =>
  piece.edges.filter(({ role }) => roles.includes(role));

/** A yoke from above: its four parts round the neck. */
function yokeShapes(piece: PlannedPiece, size: ScreenSize, opening: number): Shape[] {
  const yoke = flatYoke(size, opening);
  if (!yoke) return [];
  const part = (id: string) => yoke.parts.find((one) => one.id === id)!.edge;
  const [neckX, neckY] = yoke.neck;
  const faces: Partial<Record<WorkedEdge['role'], Way>> = { 'back split': 'up', 'front split': 'down' };
  const edges = piece.edges.flatMap(({ id, role, side: own }): [string, ShapeEdge][] => {
    const side = own ?? 'left';
    if (role === 'sleeve split')
      return [[id, { line: part(`sleeve-${side}`), faces: side === 'left' ? 'right' : 'left' }]];
    if (role === 'neck')
      return [
        [
          id,
          {
            line: [
              [-neckX, neckY],
              [neckX, -neckY],
            ],
            faces: 'down',
          },
        ],
      ];
    const way = faces[role];
    const line = part(role === 'back split' ? 'back' : 'front');
    return way ? [[id, { line: own ? halfOf(line, own) : line, faces: way }]] : [];
  });
  return [
    {
      piece,
      polygons: yoke.parts.flatMap(({ polygons }) => polygons),
      changes: [],
      edges: new Map(edges),
      rows: rowsOf(piece),
      labelled: true,
    },
  ];
}

/** The half of a level line that lies on one of the wearer's sides: the left lies at the right of the drawing. */
function halfOf(line: readonly Point[], side: Side): readonly Point[] {
  const xs = line.map(([x]) => x);
  const [from, to, y] = [Math.min(...xs), Math.max(...xs), line[0]![1]];
  const middle = (from + to) / 2;
  return side === 'left'
    ? [
        [middle, y],
        [to, y],
      ]
    : [
        [from, y],
        [middle, y],
      ];
}

/** A body that goes all round: half of it as the back, half as the front, parted where the front is open. */
function bodyShapes(piece: PlannedPiece, size: ScreenSize, opening: number): Shape[] {
  const [outline] = size.outlines[piece.id] ?? [];
  if (!outline) return [];
  const open = piece.work === 'rows';
  // Worked from its lower edge up it lies with its last row where one from a yoke has its first.
  const upwards = piece.edges.some(({ role, place }) => role === 'lower edge' && place.lies === 'foundation');
  const last = Math.max(...outline.points.map(([, y]) => y));
  /** Half the width of the piece at each height at which it changes, from its upper end down. */
  const half = new Map<number, number>();
  for (const [, y] of outline.points) {
    const at = outline.points.filter(([, other]) => other === y).map(([x]) => x);
    half.set(upwards ? last - y : y, (Math.max(...at) - Math.min(...at) + Math.max(0, opening)) / 4);
  }
  const levels = [...half].sort(([a], [b]) => a - b);
  const side = (sign: 1 | -1): Point[] => levels.map(([y, width]) => [sign * width, y]);
  const [top, bottom] = [levels[0]!, levels.at(-1)!];
  const across = ([y, width]: readonly [number, number]): Point[] => [
    [-width, y],
    [width, y],
  ];
  const inner = Math.max(LEAST_OPENING, opening) / 2;
  const middle = (sign: 1 | -1): Point[] => [
    [sign * inner, bottom[0]],
    [sign * inner, top[0]],
  ];
  const lower = edgesOf(piece, ['lower edge']).map(({ id }): [string, ShapeEdge] => [
    id,
    { line: across(bottom), faces: 'down' },
  ]);
  /** Half of each underarm chain lies in front, half behind. */
  const chains = (ahead: (at: Side) => Side) =>
    edgesOf(piece, ['underarm']).map(({ id, side: at = 'left', count }): [string, ShapeEdge] => {
      const sign = ahead(at) === 'left' ? 1 : -1;
      const chain = count / piece.sections[0]!.stitches / 2;
      return [
        id,
        {
          line: [
            [sign * (top[1] - chain), 0],
            [sign * top[1], 0],
          ],
          faces: 'up',
        },
      ];
    });
  const shape = (part: 'back' | 'front'): Shape => {
    // The back lies turned about, so that its left lies where that of the front does.
    const ahead = (at: Side) => (part === 'front' ? at : at === 'left' ? 'right' : 'left');
    return {
      piece,
      part,
      polygons:
        part === 'front' && open
          ? [
              [...side(1), ...middle(1)],
              [...side(-1), ...middle(-1)],
            ]
          : [[...side(1), ...side(-1).reverse()]],
      changes: [],
      edges: new Map([
        ...edgesOf(piece, [`${part} split`]).map(({ id, side: at }): [string, ShapeEdge] => [
          id,
          { line: at ? halfOf(across(top), ahead(at)) : across(top), faces: 'up' },
        ]),
        ...chains(ahead),
        ...lower,
      ]),
      rows: rowsOf(piece),
      labelled: part === 'back',
    };
  };
  return [shape('back'), shape('front')];
}
