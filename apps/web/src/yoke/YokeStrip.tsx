import { memo } from 'react';
import {
  countOf,
  fastRows,
  type PassageOf,
  type PlannedPiece,
  type RaglanStyle,
  type RoundYokeStyle,
  type YokeStyle,
} from '@upfell/core';
import { DragHandle } from '../ui/DragHandle';
import { useHeld } from '../ui/useHeld';
import { editStyle, withFigure } from '../state/style';
import { YOKE_PARTS, type YokePart, type YokeRow } from './yokeRows';

const COLOURS = {
  back: 'var(--color-row)',
  front: 'var(--color-row)',
  'sleeve-left': 'var(--color-row-light)',
  'sleeve-right': 'var(--color-row-light)',
};
/** Rows in which a part gains stitches. */
const GROWING = {
  back: 'var(--color-row-shaped)',
  front: 'var(--color-row-shaped)',
  'sleeve-left': 'var(--color-bark)',
  'sleeve-right': 'var(--color-bark)',
};
const MARGIN = 44;
/** Share of the height that is left free below, so that the depth can be drawn down into it. */
const SPARE = 0.12;

interface Props {
  piece: PlannedPiece;
  rows: readonly YokeRow[];
  chosen: number;
  onChoose: (index: number) => void;
  style: YokeStyle & { rates?: RaglanStyle['rates']; increases?: RoundYokeStyle['increases'] };
  size: string;
  armholeDepth: number;
  width: number;
  height: number;
}

/**
 * The yoke row by row, the neck at the top: its parts side by side, the lines between them. The depth, the rows at which the
 * rates change and the increase rounds of a round yoke are moved by hand.
 */
export const YokeStrip = memo(function YokeStrip({
  piece,
  rows,
  chosen,
  onChoose,
  style,
  size,
  armholeDepth,
  width,
  height,
}: Props) {
  const most = Math.max(...rows.map(({ total }) => total));
  const fits = { x: (width - 2 * MARGIN) / most, step: (height - 26) / rows.length };
  const [scale, hold] = useHeld({ x: fits.x, step: fits.step * (1 - SPARE) });
  // Drawn out beyond what was left free it shrinks all the same.
  const x = Math.min(scale.x, fits.x);
  const step = Math.min(scale.step, fits.step);
  const y = (index: number) => 6 + index * step;
  const middle = width / 2;
  const grows = (index: number, id: YokePart) =>
    index > 0 && rows[index]!.stitches[id] > rows[index - 1]!.stitches[id];
  const perCm = piece.sections[0]!.rows;
  const lines = piece.passages.find((passage) => passage.kind === 'lines');
  const shape = piece.passages.find((passage) => passage.kind === 'shape');
  const offset = rows.length > 1 ? rows.at(-1)!.n - rows.length : 0;
  return (
    <svg width={width} height={height} role="group" aria-label="Yoke as rows" data-testid="yoke-strip">
      {rows.map((row, index) => {
        let from = middle - (row.total * x) / 2;
        // Back in the middle of the drawing's left half, front in its right: as they follow each other round the neck.
        const parts = YOKE_PARTS.map((id) => ({ id, many: row.stitches[id] }));
        const line = (row.total - parts.reduce((sum, { many }) => sum + many, 0)) / 4;
        return (
          <g key={row.n} onMouseEnter={() => onChoose(index)}>
            {parts.map(({ id, many }) => {
              const at = from;
              from += (many + line) * x;
              return (
                <rect
                  key={id}
                  x={at}
                  y={y(index)}
                  width={Math.max(0, many * x)}
                  height={Math.max(0.8, step - 0.8)}
                  fill={
                    index === chosen ? 'var(--color-handle)' : grows(index, id) ? GROWING[id] : COLOURS[id]
                  }
                />
              );
            })}
            <title>{`Row ${row.n}: ${row.total} stitches`}</title>
          </g>
        );
      })}
      {rows
        .filter(({ row }) => row === 1 || row === rows.length || (row % 5 === 0 && rows.length - row > 2))
        .map(({ row, n }) => (
          <text key={n} x={8} y={y(row - 0.5) + 3.5} fontSize={10} fill="var(--color-soft)">
            {n}
          </text>
        ))}
      <DragHandle
        label="Depth of the yoke"
        text={`${rows.length} rows`}
        value={rows.length}
        least={6}
        most={rows.length + 40}
        along="y"
        step={step}
        from={[MARGIN / 2, y(rows.length)]}
        to={[width - MARGIN / 2, y(rows.length)]}
        testId="handle-depth"
        onHold={hold}
        onMove={(value, dragging) =>
          editStyle(
            'depthEase',
            withFigure(style.depthEase, size, Math.round((value / perCm - armholeDepth) * 100) / 100),
            dragging,
          )
        }
      />
      {lines?.kind === 'lines' &&
        style.rates &&
        (['body', 'sleeve'] as const).map((which) => {
          const schedule = which === 'body' ? lines.sections[0]!.right : lines.sections[1]!.left;
          if (!schedule) return null;
          const left = which === 'body';
          const { first, last, everyRow } = schedule.room;
          const room = Math.floor((last - first) / everyRow) + 1;
          const set = style.rates![left ? 'bodyFast' : 'sleeveFast'];
          const fast = Math.min(
            schedule.events.length,
            set === null ? fastRows(schedule) : Math.round((set / 100) * room),
          );
          const at = y(first - offset - 1 + fast * everyRow);
          const field = which === 'body' ? 'bodyFast' : 'sleeveFast';
          return (
            <DragHandle
              key={which}
              label={`Fast increases of the ${which}`}
              text={`${countOf(fast, 'row')} one after another`}
              value={fast}
              least={0}
              most={Math.min(room, schedule.events.length)}
              along="y"
              step={step * everyRow}
              from={[middle, at]}
              to={left ? [MARGIN - 6, at] : [width - MARGIN + 6, at]}
              testId={`handle-${field}`}
              onHold={hold}
              onMove={(value, dragging) =>
                editStyle(`rates.${field}`, Math.round((value / room) * 1000) / 10, dragging)
              }
            />
          );
        })}
      {shape?.kind === 'shape' &&
        style.increases &&
        increaseRounds(shape).map((event, i, events) => {
          const row = event - offset;
          const before = (events[i - 1] ?? 1 + offset) - offset;
          const after = (events[i + 1] ?? rows.at(-1)!.n + 1) - offset;
          return (
            <DragHandle
              key={i}
              label={`Increase round ${i + 1}`}
              text={`row ${event}`}
              value={row}
              least={before + 1}
              most={after - 1}
              along="y"
              step={step}
              from={[MARGIN, y(row)]}
              to={[width - MARGIN + 4, y(row)]}
              testId={`handle-round-${i + 1}`}
              onHold={hold}
              onMove={(value, dragging) =>
                editStyle(
                  'increases.places',
                  events.map((other, k) => share(k === i ? value : other - offset, rows.length)),
                  dragging,
                )
              }
            />
          );
        })}
    </svg>
  );
});

/** The rounds that a designer places: of an increase in two steps the first. */
function increaseRounds({ schedule, motif }: PassageOf<'shape'>): number[] {
  return schedule.events.filter((_, i) => motif?.[i] !== 'parted');
}

/** A row as a share of the yoke, per cent. */
function share(row: number, rows: number): number {
  return Math.round((row / rows) * 1000) / 10;
}
