import { alongAfter, sideAfter, type PassageOf, type PlannedPiece } from '@upfell/core';

type Motif = PassageOf<'from the centre'>;
type Along = PassageOf<'along sides'>;
type Point = readonly [x: number, y: number];

/** Most that the drawing is wide and high without the room round it for counts, px. */
const SIZE = 280;
const ROOM = 26;

/** Rounds whose counts are written: the first, the last and every so many between. */
const EVERY = 5;

/**
 * A motif spread out: its sides round the centre, every round and every row along some of them as a line, with the stitches of a side. Its
 * corners are drawn as those of an even polygon, whatever angle the fabric has there.
 */
export function MotifRounds({ piece }: { piece: PlannedPiece }) {
  const motif = piece.passages.find((passage): passage is Motif => passage.kind === 'from the centre')!;
  const along = piece.passages.filter((passage): passage is Along => passage.kind === 'along sides');
  const rows = layersOf(motif, along);
  // Half of a motif lies along half of its sides.
  const many = motif.round ? motif.sides : 2 * motif.sides;
  const lines = rows.map((row) =>
    row.kind === 'round' && row.n <= (motif.circle ?? 0) ? circleOf(row.at, many) : lineOf(row, many),
  );
  const [xs, ys] = [lines.flat().map(([x]) => x), lines.flat().map(([, y]) => y)];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const unit = SIZE / Math.max(right - left, bottom - top);
  const scaled = ([x, y]: Point): Point => [(x - left) * unit + ROOM, (y - top) * unit + ROOM];
  const [width, height] = [(right - left) * unit + 2 * ROOM, (bottom - top) * unit + 2 * ROOM];
  const centre = scaled([0, 0]);
  return (
    <svg
      width={width}
      height={height}
      className="block shrink-0"
      role="img"
      aria-label={`${piece.label} spread out: ${motif.to} ${motif.round ? 'rounds' : 'rows'} of ${motif.sides} sides${along.length > 0 ? ', and rows along some of them' : ''}`}
      data-testid={`motif-${piece.id}`}
    >
      {Array.from({ length: motif.sides }, (_, side) => {
        const [x, y] = scaled(cornerOf(side, motif.to, many));
        return (
          <line
            key={side}
            x1={centre[0]}
            y1={centre[1]}
            x2={x}
            y2={y}
            stroke="var(--color-thread)"
            strokeDasharray="2 3"
          />
        );
      })}
      {rows.map(({ n, counts, kind }, i) => (
        <path
          key={`${kind} ${n}`}
          d={pathOf(lines[i]!.map(scaled))}
          fill="none"
          stroke={
            kind === 'round'
              ? n % 2 === 1
                ? 'var(--color-ink)'
                : 'var(--color-bark)'
              : 'var(--color-agreed)'
          }
          strokeWidth={Math.max(0.8, Math.min(2.4, unit * 0.5))}
        >
          <title>{`${kind === 'round' ? 'Round' : 'Row'} ${n}: ${counts.join(' + ')} stitches`}</title>
        </path>
      ))}
      {rows.map(({ n, counts, kind }, i) =>
        kind === 'round' && (n === 1 || n === motif.to || n % EVERY === 0) ? (
          <Figure key={n} at={scaled(middleOf(lines[i]!, 0))} text={String(counts[0])} />
        ) : null,
      )}
      {lastOf(rows).map(({ kind, sides, counts }, which) =>
        sides.map((side, i) => (
          <Figure
            key={`${kind} ${side}`}
            at={outwards(scaled(middleOf(lines[rows.indexOf(lastOf(rows)[which]!)]!, i)), centre)}
            text={String(counts[i])}
            strong
          />
        )),
      )}
    </svg>
  );
}

/** A line of the drawing: a round, or a row along some sides. */
interface Layer {
  kind: 'round' | 'along' | 'hem';
  n: number;
  /** Its distance from the centre, and of what it is worked on to, in heights of a round. */
  at: number;
  from: number;
  /** Which sides it runs along, in order, and its stitches on each. */
  sides: readonly number[];
  counts: readonly number[];
}

function layersOf(motif: Motif, along: readonly Along[]): Layer[] {
  const all = Array.from({ length: motif.sides }, (_, side) => side);
  const rounds = Array.from({ length: motif.to }, (_, i): Layer => ({
    kind: 'round',
    n: i + 1,
    at: i + 1,
    from: 0,
    sides: all,
    counts: all.map(() => sideAfter(motif, i + 1)),
  }));
  const ends = new Map<string, { sides: readonly number[]; at: number; n: number }>([
    ['main', { sides: all, at: motif.to, n: motif.to }],
  ]);
  return along.reduce<Layer[]>((layers, passage) => {
    const { from, part, to, sides, at: begins } = passage;
    const below = ends.get(from)!;
    // The sides that it runs along, by where its stitches lie among those of the part that it goes on from.
    const side = from === 'main' ? Math.round(begins / sideAfter(motif, motif.to)) : 1;
    const own = sides.map((_, i) => below.sides[(side + i) % below.sides.length]!);
    const rows = Array.from({ length: to - below.n }, (_, i): Layer => ({
      kind: sides.length > 1 ? 'along' : 'hem',
      n: below.n + i + 1,
      at: below.at + i + 1,
      from: below.at,
      sides: own,
      counts: evened(alongAfter(passage, i + 1)),
    }));
    ends.set(part, { sides: own, at: below.at + rows.length, n: to });
    return [...layers, ...rows];
  }, rounds);
}

/** The first and the last of some sides as edges have them: what their corners gain is shared alike. */
function evened(counts: readonly number[]): readonly number[] {
  if (counts.length < 3) return counts;
  const both = counts[0]! + counts.at(-1)!;
  return [Math.ceil(both / 2), ...counts.slice(1, -1), Math.floor(both / 2)];
}

/** A corner of an even polygon, in heights of a round. */
function cornerOf(side: number, at: number, sides: number): Point {
  const angle = (2 * Math.PI * (side - 0.5)) / sides - Math.PI / 2;
  return [at * Math.cos(angle), at * Math.sin(angle)];
}

/** A round without corners, half as wide as the even polygon that it becomes. */
function circleOf(at: number, many: number): Point[] {
  const radius = at * Math.cos(Math.PI / many);
  return Array.from({ length: 49 }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / 48 - Math.PI / 2;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  });
}

/** A round closes; rows along some sides turn round the corners between these and end straight above what they are worked on to. */
function lineOf({ kind, at, from, sides }: Layer, many: number): Point[] {
  const corner = (side: number, distance: number) => cornerOf(side, distance, many);
  const [first, last] = [sides[0]!, sides.at(-1)!];
  if (kind === 'round') return [...sides, last + 1].map((side) => corner(side, at));
  const above = (side: number, end: Point): Point => {
    const angle = (2 * Math.PI * side) / many - Math.PI / 2;
    const rise = (at - from) * Math.cos(Math.PI / many);
    return [end[0] + rise * Math.cos(angle), end[1] + rise * Math.sin(angle)];
  };
  return [
    above(first, corner(first, from)),
    ...sides.slice(1).map((side) => corner(side, at)),
    above(last, corner(last + 1, from)),
  ];
}

function middleOf(line: readonly Point[], side: number): Point {
  const [a, b] = [line[side]!, line[side + 1]!];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
}

/** The outermost line of each kind. */
function lastOf(rows: readonly Layer[]): Layer[] {
  return (['along', 'hem'] as const).flatMap((kind) => rows.filter((row) => row.kind === kind).slice(-1));
}

function Figure({ at: [x, y], text, strong = false }: { at: Point; text: string; strong?: boolean }) {
  return (
    <text
      x={x}
      y={y + 3.5}
      fontSize={10}
      fontWeight={strong ? 600 : 400}
      textAnchor="middle"
      fill={strong ? 'var(--color-agreed)' : 'var(--color-ink)'}
      stroke="var(--color-sheet)"
      strokeWidth={3}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

/** A little further from the centre, where a figure stands clear of its line. */
function outwards([x, y]: Point, [cx, cy]: Point): Point {
  const length = Math.hypot(x - cx, y - cy) || 1;
  return [x + (12 * (x - cx)) / length, y + (9 * (y - cy)) / length];
}

const pathOf = (points: readonly Point[]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)},${y.toFixed(1)}`).join('');
