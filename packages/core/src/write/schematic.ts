import type { EdgeRole, Side } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { Drawn } from '../garment/construction.js';
import { outlinesOf } from '../pieceDrawing.js';
import { formatLength, type Units } from '../units/length.js';
import { rowSpans, type Outline, type RowSpan } from '../work/outline.js';
import { rowsOf } from '../work/runs.js';

/** A measured stretch of a piece: where it lies, cm, across from the left end of row 1 and up from its lower edge. */
export interface Dimension {
  id: string;
  /** Of the edge that it is of, where it is of one. */
  role?: EdgeRole;
  side?: Side;
  label: string;
  length: number;
  lies: 'below' | 'above' | 'left' | 'right';
  from: number;
  to: number;
}

/** A piece to scale with its dimensions, cm. */
export interface SchematicPiece {
  id: string;
  label: string;
  copies: number;
  outlines: readonly Outline[];
  left: number;
  right: number;
  height: number;
  dimensions: readonly Dimension[];
}

/** Stretches shorter than this get no figure, cm: their figures would not find room. */
const SHORTEST_SHOWN = 1.5;

/** A piece of a plan to scale: its outline, its lower edge and height, and every edge that has a place of its own in the drawing. */
export function schematicOf(piece: PlannedPiece): SchematicPiece {
  const { id, label, copies, runs, sections, edges } = piece;
  if (piece.drawn) return drawnSchematic(piece, piece.drawn);
  const spans = rowSpans(rowsOf(runs), sections);
  const at = new Map(spans.map((span) => [`${span.part}/${span.n}`, span]));
  const spanOf = (part: string, n: number): RowSpan => at.get(`${part}/${n}`)!;
  const height = Math.max(...spans.map(({ high }) => high));
  const stitchesAt = (n: number) => sections.findLast(({ first }) => first <= n)!.stitches;
  const dimensions: Dimension[] = [];
  const add = (dimension: Omit<Dimension, 'length'>) => {
    const length = dimension.to - dimension.from;
    // A rectangle's upper edge has the figure of its lower one.
    const shown = dimensions.some(
      ({ lies, from, to }) =>
        lies === 'below' && dimension.lies === 'above' && from === dimension.from && to === dimension.to,
    );
    // What lies mirrored on the other side of the piece is as long, and shown once.
    const mirrored =
      dimension.side !== undefined &&
      dimensions.some(
        ({ role, side, length: other }) =>
          role === dimension.role &&
          side !== undefined &&
          side !== dimension.side &&
          Math.abs(other - length) < 0.01,
      );
    if (length >= SHORTEST_SHOWN && !shown && !mirrored) dimensions.push({ ...dimension, length });
  };
  const [first] = spans;
  add({ id: `${id}.lower`, label: 'lower edge', lies: 'below', from: first!.left, to: first!.right });
  add({ id: `${id}.height`, label: 'height', lies: 'right', from: 0, to: height });
  for (const { id: edge, role, side, label: called, place } of edges) {
    const of = { id: edge, role, ...(side ? { side } : {}) };
    if (place.lies === 'live') {
      const span = spanOf(place.part, place.n);
      const from = span.left + place.from / stitchesAt(place.n);
      const to = from + place.count / stitchesAt(place.n);
      add({ ...of, label: called, lies: 'above', from, to });
    }
    if (place.lies !== 'row ends') continue;
    const list = place.spans.filter((one) => one.last >= one.first);
    if (list.length === 0) continue;
    const low = spanOf(list[0]!.part, list[0]!.first).low;
    const high = spanOf(list.at(-1)!.part, list.at(-1)!.last).high;
    const neck = role === 'neck';
    if (place.side !== 'left' && !neck) continue;
    if (high - low > height - 0.1) continue;
    if (neck && dimensions.some(({ role: other, lies }) => lies === 'right' && other === 'neck')) continue;
    add({ ...of, label: neck ? 'neck drop' : called, lies: neck ? 'right' : 'left', from: low, to: high });
  }
  return {
    id,
    label,
    copies,
    outlines: outlinesOf(piece),
    left: Math.min(...spans.map(({ left }) => left)),
    right: Math.max(...spans.map(({ right }) => right)),
    height,
    dimensions,
  };
}

/** A piece that lies as its construction says: each straight edge has its length, those that lie on one another one figure. */
function drawnSchematic(
  { id, label, copies, edges }: PlannedPiece,
  { outlines, edges: lines }: Drawn,
): SchematicPiece {
  const points = outlines.flatMap((one) => one.points);
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const height = Math.max(...ys);
  const dimensions: Dimension[] = [];
  const add = (dimension: Omit<Dimension, 'length'>) => {
    const length = dimension.to - dimension.from;
    const known = dimensions.some(
      ({ lies, from, to }) => lies === dimension.lies && from === dimension.from && to === dimension.to,
    );
    if (length >= SHORTEST_SHOWN && !known) dimensions.push({ ...dimension, length });
  };
  const LIES = { up: 'above', down: 'below', left: 'left', right: 'right' } as const;
  for (const { id: edge, role, side, label: called } of edges) {
    const { line, faces, folded } = lines[edge]!;
    const along = line.map(([x, y]) => (faces === 'up' || faces === 'down' ? x : y));
    const at = { lies: LIES[faces], from: Math.min(...along), to: Math.max(...along) };
    add({ id: edge, role, ...(side ? { side } : {}), label: folded ? `${called}, folded` : called, ...at });
  }
  return { id, label, copies, outlines, left: Math.min(...xs), right: Math.max(...xs), height, dimensions };
}

/** Letters for the dimensions of pieces: A, B, ... Z, AA, AB, ... */
export function letterOf(i: number): string {
  return i < 26 ? String.fromCharCode(65 + i) : letterOf(Math.floor(i / 26) - 1) + letterOf(i % 26);
}

/** A table of letters: each dimension of the drawing in every size that has it, cm. */
export interface LetterRow {
  /** Of the dimension. */
  id: string;
  letter: string;
  piece: string;
  label: string;
  lengths: readonly (number | null)[];
}

/** "Back, left side" of the back is its "left side". */
function withoutPiece(label: string, piece: string): string {
  const [, rest] = label.startsWith(piece) ? (/^,? (.+)$/.exec(label.slice(piece.length)) ?? []) : [];
  return rest ?? label;
}

/**
 * The dimensions of all sizes by letters, in the order of the drawing.
 *
 * @param sizes the pieces of every size
 */
export function letterTable(sizes: readonly (readonly SchematicPiece[])[]): LetterRow[] {
  const named = new Map<string, { piece: string; label: string }>();
  for (const pieces of sizes)
    for (const { label: piece, dimensions } of pieces)
      for (const { id, label } of dimensions) if (!named.has(id)) named.set(id, { piece, label });
  return [...named].map(([id, { piece, label }], i) => ({
    id,
    letter: letterOf(i),
    piece,
    label: withoutPiece(label, piece),
    lengths: sizes.map(
      (pieces) =>
        pieces.flatMap(({ dimensions }) => dimensions).find((dimension) => dimension.id === id)?.length ??
        null,
    ),
  }));
}

/** Drawn cm in pixels at most, and the room for figures around a piece. */
const MOST_SCALE = 6;
const ROOM = { left: 58, right: 78, top: 46, bottom: 44 };
const GAP = 12;
const LINE = 15;

export interface SchematicWish {
  /** Width of the drawing in pixels. */
  width: number;
  units: Units;
  /** Letters instead of lengths, by the id of the dimension. */
  letters?: ReadonlyMap<string, string>;
}

/**
 * The pieces as one scaled drawing with dimension lines.
 *
 * @returns SVG without any script; its `data-scale` is pixels for each cm
 */
export function schematicSvg(pieces: readonly SchematicPiece[], wish: SchematicWish): string {
  const widest = Math.max(1, ...pieces.map(({ left, right }) => right - left));
  // Back and front lie side by side.
  const scale = Math.min(MOST_SCALE, ((wish.width - GAP) / 2 - ROOM.left - ROOM.right) / widest);
  let [x, y, rowHeight] = [0, 0, 0];
  const drawn: string[] = [];
  for (const piece of pieces) {
    const stack = (lies: Dimension['lies']) => levelsOf(piece.dimensions.filter((one) => one.lies === lies));
    const above = LINE * Math.max(0, ...stack('above').values());
    const width = ROOM.left + ROOM.right + (piece.right - piece.left) * scale;
    const height = ROOM.top + above + ROOM.bottom + piece.height * scale;
    if (x > 0 && x + width > wish.width) {
      x = 0;
      y += rowHeight + GAP;
      rowHeight = 0;
    }
    drawn.push(
      drawPiece(
        piece,
        { x: x + ROOM.left - piece.left * scale, y: y + ROOM.top + above + piece.height * scale, scale },
        wish,
      ),
    );
    x += width + GAP;
    rowHeight = Math.max(rowHeight, height);
  }
  const height = Math.ceil(y + rowHeight);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wish.width} ${height}" width="${wish.width}" height="${height}" data-scale="${scale}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" fill="#26231f">${drawn.join('')}</svg>`;
}

/** On which line each dimension of a side is drawn, so that no two lie over each other: 0 is next to the piece. */
function levelsOf(dimensions: readonly Dimension[]): Map<string, number> {
  const levels = new Map<string, number>();
  const ends: number[] = [];
  for (const { id, from, to } of [...dimensions].sort(
    (a, b) => a.to - a.from - (b.to - b.from) || a.from - b.from,
  )) {
    const free = ends.findIndex((_, level) =>
      dimensions.every(
        (other) => levels.get(other.id) !== level || other.to <= from + 0.01 || other.from >= to - 0.01,
      ),
    );
    const level = free < 0 ? ends.length : free;
    ends[level] = to;
    levels.set(id, level);
  }
  return levels;
}

interface Place {
  x: number;
  y: number;
  scale: number;
}

function drawPiece(piece: SchematicPiece, { x, y, scale }: Place, { units, letters }: SchematicWish): string {
  const [px, py] = [(cm: number) => round(x + cm * scale), (cm: number) => round(y - cm * scale)];
  const shapes = piece.outlines.map(
    ({ points }) =>
      `<polygon points="${points.map(([a, b]) => `${px(a)},${py(b)}`).join(' ')}" fill="#f6f1e6" stroke="#26231f" stroke-width="1"/>`,
  );
  const lines = (['below', 'above', 'left', 'right'] as const).flatMap((lies) => {
    const of = piece.dimensions.filter((one) => one.lies === lies);
    const levels = levelsOf(of);
    return of.map((one) => {
      const offset = 8 + LINE * levels.get(one.id)!;
      const across = lies === 'below' || lies === 'above';
      const at = across
        ? lies === 'below'
          ? py(0) + offset
          : py(piece.height) - offset
        : lies === 'left'
          ? px(piece.left) - offset
          : px(piece.right) + offset;
      const [a, b] = across ? [px(one.from), px(one.to)] : [py(one.from), py(one.to)];
      const said = letters?.get(one.id) ?? formatLength(one.length, units);
      const middle = round((a + b) / 2);
      const text = across
        ? `<text x="${middle}" y="${round(at + (lies === 'below' ? 13 : -3))}" text-anchor="middle">${said}</text>`
        : `<text x="${round(lies === 'left' ? at - 3 : at + 3)}" y="${middle + 4}" text-anchor="${lies === 'left' ? 'end' : 'start'}">${said}</text>`;
      const line = across
        ? `<line x1="${a}" y1="${round(at)}" x2="${b}" y2="${round(at)}" data-dimension="${escapeXml(one.id)}"/>`
        : `<line x1="${round(at)}" y1="${a}" x2="${round(at)}" y2="${b}" data-dimension="${escapeXml(one.id)}"/>`;
      return `<g stroke="#7a746b" stroke-width="1">${line}${tick(across, a, at)}${tick(across, b, at)}</g>${text}`;
    });
  });
  const name = `${piece.label}${piece.copies > 1 ? ` × ${piece.copies}` : ''}`;
  const foot = `<text x="${px((piece.left + piece.right) / 2)}" y="${round(py(0) + 36)}" text-anchor="middle" font-weight="600">${escapeXml(name)}</text>`;
  return [...shapes, ...lines, foot].join('');
}

/** The short stroke at an end of a dimension line. */
function tick(across: boolean, along: number, at: number): string {
  return across
    ? `<line x1="${along}" y1="${round(at - 3)}" x2="${along}" y2="${round(at + 3)}"/>`
    : `<line x1="${round(at - 3)}" y1="${along}" x2="${round(at + 3)}" y2="${along}"/>`;
}

/** Pixels to a hundredth. */
export const round = (value: number) => Math.round(value * 100) / 100;

/** Text as it may stand in XML or HTML. */
export function escapeXml(text: string): string {
  return text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
}
