import { countOf, type Outline, type PlannedPiece } from '@upfell/core';
import type { StripRow } from '../worker/screen';
import { DragHandle } from '../ui/DragHandle';
import { useHeld } from '../ui/useHeld';
import type { EvenEnd } from './evenRows';
import { idealLines } from './idealLine';

const MARGIN = 36;
const WIDEST = 430;
const TALLEST = 300;
/** Height of a row of an edging, px. */
const ROW_SEEN = 13;

interface Props {
  piece: PlannedPiece;
  rows: readonly StripRow[];
  /** The piece in the other sizes, when the range is laid over it. */
  others: readonly (readonly Outline[])[];
  ends: readonly EvenEnd[];
  onEven: (end: EvenEnd, rows: number, dragging: boolean) => void;
}

/**
 * A piece as its rows lie, foundation below: shaping rows are dark and carry their count, the line that the steps follow is
 * dashed. The first and last shaping row can be dragged where the style leaves them free.
 */
export function PieceStrip({ piece, rows, others, ends, onEven }: Props) {
  const drawn = [...rows, ...others.flatMap((one) => one.flatMap(({ points }) => points.map(spot)))];
  const left = Math.min(...drawn.map((one) => one.left));
  const right = Math.max(...drawn.map((one) => one.right));
  const top = Math.max(...drawn.map(({ high }) => high));
  const [scale, hold] = useHeld(Math.min(WIDEST / (right - left), TALLEST / top));
  const width = (right - left) * scale;
  const most = Math.max(...rows.map(({ n }) => n));
  // Few rows along a long edge are drawn higher than they are, so that each is seen.
  const rise = piece.workedOn ? Math.max(scale, (ROW_SEEN * most) / top) : scale;
  const height = top * rise;
  const x = (cm: number) => MARGIN + (cm - left) * scale;
  const y = (cm: number) => 6 + height - cm * rise;
  const shapes = piece.passages.filter((passage) => passage.kind === 'shape');
  const path = (points: readonly (readonly [number, number])[]) =>
    points.map(([a, b], i) => `${i === 0 ? 'M' : 'L'}${x(a)},${y(b)}`).join('');
  const labelled = spacedOut(
    rows.filter(({ shaped }) => shaped),
    10 / scale,
  );
  return (
    <svg
      width={width + 2 * MARGIN}
      height={height + 12}
      className="block shrink-0"
      role="group"
      aria-label={`${piece.label} as rows`}
      data-testid={`strip-${piece.id}`}
    >
      {rows.map((row) => (
        <rect
          key={`${row.part} ${row.n}`}
          x={x(row.left)}
          y={y(row.high)}
          width={(row.right - row.left) * scale}
          height={Math.max(0.6, (row.high - row.low) * rise - 0.7)}
          fill={
            row.shaped
              ? 'var(--color-ink)'
              : row.side === 'RS'
                ? 'var(--color-row)'
                : 'var(--color-row-light)'
          }
        >
          <title>{`Row ${row.n} (${row.side}): ${row.count} stitches`}</title>
        </rect>
      ))}
      {others.map((outlinesOf, i) =>
        outlinesOf.map(({ part, points }) => (
          <path
            key={`${i} ${part}`}
            d={`${path(points)}Z`}
            fill="none"
            stroke="var(--color-bark)"
            strokeWidth={0.7}
            opacity={0.6}
          />
        )),
      )}
      {shapes.map((passage, i) =>
        idealLines(
          passage,
          rows.filter(({ part }) => part === passage.part),
        ).map((line, side) => (
          <path
            key={`${i} ${side}`}
            d={path(line)}
            fill="none"
            stroke="var(--color-broken)"
            strokeWidth={1.3}
            strokeDasharray="4 3"
            data-testid="ideal-line"
          />
        )),
      )}
      {labelled.map((row) => (
        <text
          key={`${row.part} ${row.n}`}
          x={x(right) + 10}
          y={y((row.low + row.high) / 2) + 3.5}
          fontSize={10}
          fill="var(--color-ink)"
        >
          {row.count}
        </text>
      ))}
      {rows
        .filter(({ n }) => n === 1 || n === most || (n % 10 === 0 && most - n > 3))
        .filter(({ n }, i, all) => all.findIndex((other) => other.n === n) === i)
        .map((row) => (
          <text
            key={row.n}
            x={MARGIN - 5}
            y={y((row.low + row.high) / 2) + 3.5}
            fontSize={10}
            textAnchor="end"
            fill="var(--color-soft)"
          >
            {row.n}
          </text>
        ))}
      {ends.map((end) => (
        <DragHandle
          key={end.field}
          label={end.label}
          text={`${countOf(end.rows, 'row')} of ${most}`}
          value={end.rows}
          least={1}
          most={end.most}
          along="y"
          step={(end.at === 'start' ? -1 : 1) * (rows[0]!.high - rows[0]!.low) * scale}
          from={[MARGIN - 2, y(edgeOf(end, rows, most))]}
          to={[MARGIN + width + 2, y(edgeOf(end, rows, most))]}
          testId={`handle-${end.field}`}
          onHold={hold}
          onMove={(value, dragging) => onEven(end, value, dragging)}
        />
      ))}
    </svg>
  );
}

/** Rows at least so far apart, cm: counts that would lie on one another are left to the tooltip. */
function spacedOut(rows: readonly StripRow[], apart: number): StripRow[] {
  const kept: StripRow[] = [];
  for (const row of rows) if (kept.every(({ low }) => Math.abs(low - row.low) >= apart)) kept.push(row);
  return kept;
}

const spot = ([x, y]: readonly [number, number]) => ({ left: x, right: x, high: y });

/** Height of the line between even and shaped rows, cm. */
function edgeOf(end: EvenEnd, rows: readonly StripRow[], most: number): number {
  const n = end.at === 'start' ? end.rows : most - end.rows;
  return rows.find((row) => row.n === n)?.high ?? 0;
}
