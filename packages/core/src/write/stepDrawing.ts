import type { SizePlan } from '../sizePlan.js';
import { outlinesOf } from '../pieceDrawing.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { EdgePlace } from '../work/rows.js';
import { rowSpans, type RowSpan } from '../work/outline.js';
import { rowsOf } from '../work/runs.js';
import { escapeXml, round } from './schematic.js';

type Point = readonly [x: number, y: number];

/** Height of the pieces in the drawing, the room around each, and the widest one that a step gets, in pixels. */
const HEIGHT = 130;
const ROOM = 26;

/**
 * A step of the assembly as a drawing: the pieces that it joins, to one scale, the edges that meet drawn thick and numbered alike.
 *
 * @param joins ids of the step's joins
 * @returns SVG; empty where the step joins nothing
 */
export function stepSvg({ pieces, joins: all }: SizePlan, joins: readonly string[]): string {
  const of = joins.flatMap((id) => all.filter((join) => join.id === id));
  /** The numbers of the joins at each edge: an edge of a piece made twice has two. */
  const edges = new Map<string, string>();
  of.forEach(({ a, b }, i) => {
    for (const { edge } of [...a, ...b]) {
      const before = edges.get(edge);
      edges.set(edge, before === undefined ? `${i + 1}` : `${before}, ${i + 1}`);
    }
  });
  const drawn = pieces.filter(({ edges: own }) => own.some(({ id }) => edges.has(id)));
  if (drawn.length === 0) return '';
  const laid = drawn.map((piece) => {
    const spans = rowSpans(rowsOf(piece.runs), piece.sections);
    const points = piece.drawn
      ? piece.drawn.outlines.flatMap((outline) => outline.points)
      : spans.flatMap(({ left, right, high }) => [[left, high] as const, [right, high] as const]);
    return {
      piece,
      spans,
      left: Math.min(...points.map(([x]) => x)),
      right: Math.max(...points.map(([x]) => x)),
      height: Math.max(...points.map(([, y]) => y)),
    };
  });
  const scale =
    HEIGHT /
    Math.max(...laid.map(({ height }) => height), ...laid.map(({ left, right }) => (right - left) / 2));
  let x = ROOM;
  const parts = laid.map(({ piece, spans, left, right, height }) => {
    const [px, py] = [
      (cm: number) => round(x + (cm - left) * scale),
      (cm: number) => round(ROOM + HEIGHT - (HEIGHT - height * scale) / 2 - cm * scale),
    ];
    const shape = outlinesOf(piece)
      .map(
        ({ points }) =>
          `<polygon points="${points.map(([a, b]) => `${px(a)},${py(b)}`).join(' ')}" fill="#f6f1e6" stroke="#b9b0a0"/>`,
      )
      .join('');
    const marked = piece.edges.flatMap(({ id, place }) => {
      const number = edges.get(id);
      const line = number === undefined ? [] : (drawnLine(piece, id) ?? lineOf(place, spans, piece.sections));
      if (line.length < 2) return [];
      const [mx, my] = line[Math.floor(line.length / 2)]!;
      return [
        `<polyline points="${line.map(([a, b]) => `${px(a)},${py(b)}`).join(' ')}" fill="none" stroke="#2c5f86" stroke-width="3.5"/>`,
        `<rect x="${round(px(mx) - 4 - 3.5 * number!.length)}" y="${round(py(my) - 8)}" width="${8 + 7 * number!.length}" height="16" rx="8" fill="#fffdf8" stroke="#2c5f86"/><text x="${px(mx)}" y="${round(py(my) + 4)}" text-anchor="middle">${number}</text>`,
      ];
    });
    const name = `<text x="${px((left + right) / 2)}" y="${ROOM + HEIGHT + 22}" text-anchor="middle" font-weight="600">${escapeXml(`${piece.label}${piece.copies > 1 ? ` × ${piece.copies}` : ''}`)}</text>`;
    x += Math.max((right - left) * scale, piece.label.length * 6.5) + ROOM * 1.6;
    return shape + marked.join('') + name;
  });
  const [width, height] = [Math.ceil(x), ROOM * 2 + HEIGHT + 8];
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" fill="#26231f">${parts.join('')}</svg>`;
}

/** The line of an edge of a piece that lies as its construction says. */
function drawnLine({ drawn }: PlannedPiece, edge: string): Point[] | null {
  const line = drawn?.edges[edge]?.line;
  return line ? middle(line[0]!, line.at(-1)!) : null;
}

/** The line of an edge on its piece, cm. */
function lineOf(
  place: EdgePlace,
  spans: readonly RowSpan[],
  sections: readonly { first: number; stitches: number }[],
): Point[] {
  const find = (part: string, n: number) => spans.find((span) => span.part === part && span.n === n);
  const perCm = (n: number) => sections.findLast(({ first }) => first <= n)!.stitches;
  if (place.lies === 'foundation') {
    const [first] = spans;
    return middle([first!.left, first!.low], [first!.right, first!.low]);
  }
  if (place.lies === 'row ends')
    return place.spans.flatMap(({ part, first, last }): Point[] => {
      const rows = spans.filter((span) => span.part === part && span.n >= first && span.n <= last);
      return rows.flatMap((row): Point[] => [
        [row[place.side], row.low],
        [row[place.side], row.high],
      ]);
    });
  const row = find(place.part, place.n);
  if (!row) return [];
  const y = place.lies === 'live' ? row.high : row.low;
  const from = row.left + place.from / perCm(place.n);
  return middle([from, y], [from + place.count / perCm(place.n), y]);
}

/** A straight line with its middle, where its number stands. */
function middle(a: Point, b: Point): Point[] {
  return [a, [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], b];
}
