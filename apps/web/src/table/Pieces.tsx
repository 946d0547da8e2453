import { memo } from 'react';
import { line } from 'd3';
import { ringsOf, sharesMarked, USUAL_COLOURS, type Join } from '@upfell/core';
import { JOIN_LOOK, joinState } from '../joins/say';
import { useDocument } from '../state/useSizePlan';
import type { Point } from './geometry';
import type { PlacedShape } from './hang';
import type { Arrangement } from './layOut';
import type { PlacedLabel } from './placeLabels';

const path = line<Point>()
  .x(([x]) => x)
  .y(([, y]) => y);
const closed = (polygon: readonly Point[]) => `${path(polygon) ?? ''}Z`;

interface Props {
  box: { width: number; height: number };
  chosen: Arrangement;
  others: readonly Arrangement[];
  joins: readonly Join[];
  labels: readonly PlacedLabel[];
}

/** The drawing itself: neighbouring sizes as faint outlines, threads, and the pieces of the chosen size on top. */
export const Pieces = memo(function Pieces({ box, chosen, others, joins, labels }: Props) {
  const state = new Map(joins.map((join) => [join.id, JOIN_LOOK[joinState(join)]]));
  return (
    <svg width={box.width} height={box.height} className="absolute inset-0" aria-hidden>
      {others.map((arrangement, i) => (
        <g key={i} fill="none" stroke="var(--color-thread)" strokeWidth={1}>
          <path d={arrangement.shapes.flatMap(({ polygons }) => polygons.map(closed)).join('')} />
        </g>
      ))}
      {chosen.joins.map(
        ({ id, edging }) =>
          // Under the pieces: what reaches beyond their edges is seen.
          edging && <Edging key={`edging ${id}`} {...edging} />,
      )}
      {chosen.joins.map(({ id, role, threads }) => {
        const look = state.get(id);
        // Sides lie far from each other: their threads are only hinted at.
        const far = role === 'side';
        return (
          <path
            key={id}
            fill="none"
            stroke={look?.stroke}
            strokeWidth={far ? 1.1 : look?.width}
            strokeDasharray={far ? '1 3' : look?.dash}
            strokeLinecap="round"
            d={threads.map((thread) => path(thread) ?? '').join('')}
          />
        );
      })}
      {chosen.shapes.map((placed) => (
        <Piece key={placed.key} placed={placed} scale={chosen.scale} />
      ))}
      {chosen.joins.flatMap(({ id, threads }) =>
        markersOf(
          joins.find((join) => join.id === id),
          threads,
        ).map(([x, y], i) => (
          <circle
            key={`${id}${i}`}
            cx={x}
            cy={y}
            r={2.6}
            fill="var(--color-sheet)"
            stroke="var(--color-ink)"
            strokeWidth={1.2}
          />
        )),
      )}
      {labels.map(
        ({ label, leader }) =>
          leader && (
            <path
              key={`${label.kind} ${label.key}`}
              d={path([...leader]) ?? ''}
              fill="none"
              stroke="var(--color-soft)"
              strokeWidth={0.9}
            />
          ),
      )}
    </svg>
  );
});

/** Fewest px that an edging is drawn wide. */
const LEAST_WIDTH = 2.5;

function Edging({ lines, width }: NonNullable<Arrangement['joins'][number]['edging']>) {
  const wide = 2 * Math.max(LEAST_WIDTH, width);
  const along = lines.map((one) => path([...one]) ?? '').join('');
  const common = { d: along, fill: 'none', strokeLinejoin: 'miter', strokeLinecap: 'butt' } as const;
  return (
    <>
      <path {...common} data-testid="edging" stroke="var(--color-ink)" strokeWidth={wide + 2.4} />
      <path {...common} stroke="var(--color-row)" strokeWidth={wide} />
    </>
  );
}

/** The squares of a sheet, pale, so that what stands on them can be read; those of the back, where the front leaves them open, paler. */
function Squares({ squares, rounds }: { squares: PlacedShape['squares']; rounds: number }) {
  const { finishing } = useDocument();
  const colours = finishing?.squares ?? USUAL_COLOURS;
  return (
    <g data-testid="squares">
      {squares.map(({ points, kind, layer }, i) => (
        <g key={i} opacity={layer === 'front' ? 1 : 0.45}>
          <path d={closed(points)} fill="var(--color-sheet)" stroke="var(--color-bark)" strokeWidth={0.7} />
          {ringsOf(colours, kind, rounds).map(({ share, shown }) => (
            <path key={share} d={closed(shrunk(points, share))} fill={shown} fillOpacity={0.4} />
          ))}
        </g>
      ))}
    </g>
  );
}

/** A square (or half of one) smaller, about the centre that it was begun from. */
function shrunk(points: readonly Point[], share: number): Point[] {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [cx, cy] = [xs, ys].map((all) => (Math.min(...all) + Math.max(...all)) / 2) as [number, number];
  return points.map(([x, y]): Point => [cx + share * (x - cx), cy + share * (y - cy)]);
}

interface PieceProps {
  placed: PlacedShape;
  /** px for each cm. */
  scale: number;
}

/** Fewest threads among which quarters can be told apart. */
const FEWEST_THREADS = 4;

/** Where markers hang on both sides of a seam: at its quarters, as the join plan says. */
function markersOf(join: Join | undefined, threads: readonly Point[][]): Point[] {
  if (!join || threads.length < FEWEST_THREADS) return [];
  return sharesMarked(join.bLength)
    .filter((share) => (share * 4) % 1 === 0)
    .flatMap((share) => {
      const thread = threads[Math.ceil(share * threads.length) - 1]!;
      return [thread[0]!, thread.at(-1)!];
    });
}

function Piece({
  placed: { key, polygons, changes, slits, rowLines, squares, shape, quarters },
  scale,
}: PieceProps) {
  const outline = polygons.map(closed).join(' ');
  const texture = `rows-${key}`;
  const step = Math.max(3, shape.rows.step * scale * 2);
  const across = shape.rows.across === (quarters % 2 === 0);
  return (
    <g>
      <pattern
        id={texture}
        width={across ? 8 : step}
        height={across ? step : 8}
        patternUnits="userSpaceOnUse"
      >
        <line
          x1={0}
          y1={0}
          x2={across ? 8 : 0}
          y2={across ? 0 : 8}
          stroke="var(--color-thread)"
          strokeWidth={1}
        />
      </pattern>
      <path d={outline} fill="var(--color-cloth)" />
      {squares.length > 0 && <Squares squares={squares} rounds={shape.motifRounds ?? 1} />}
      {rowLines.length > 0 ? (
        <path
          d={rowLines.map((one) => path(one) ?? '').join('')}
          fill="none"
          stroke="var(--color-thread)"
          strokeWidth={1}
          data-testid="rounds"
        />
      ) : (
        squares.length === 0 && <path d={outline} fill={`url(#${texture})`} />
      )}
      {polygons.length > 1 ? (
        // Parts of one piece: their common edges are no edges of the piece.
        <>
          <path d={outline} fill="none" stroke="var(--color-ink)" strokeWidth={3} />
          <path d={outline} fill="var(--color-cloth)" />
          <path d={outline} fill={`url(#${texture})`} />
        </>
      ) : (
        <path d={outline} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} strokeLinejoin="round" />
      )}
      {slits.map((one, i) => (
        <path
          key={i}
          d={path(one) ?? ''}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={2.5}
          data-testid="slit"
        />
      ))}
      {changes.map((change, i) => (
        <path key={i} d={path(change) ?? ''} fill="none" stroke="var(--color-ink)" strokeDasharray="6 4" />
      ))}
    </g>
  );
}
