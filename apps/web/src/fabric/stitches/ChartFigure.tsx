import { memo } from 'react';
import type { StitchChart } from '@upfell/core';

/** An instruction of a row: which row of the text, and which of its instructions. */
export interface Lit {
  of: number;
  instruction: number | null;
}

/**
 * A stitch pattern in symbols: right-side rows in ink, wrong-side rows in blue, numbers where each row begins. A symbol that is pointed at
 * lights up its instruction, and an instruction its symbols; who cannot see it has the words beside it.
 */
export const ChartFigure = memo(function ChartFigure({
  chart,
  label,
  lit = null,
  onPoint,
  small = false,
}: {
  chart: StitchChart;
  label: string;
  lit?: Lit | null;
  onPoint?: (lit: Lit | null) => void;
  small?: boolean;
}) {
  const { width, height, symbols, rows, repeat } = chart;
  const isLit = (of: number, instruction: number) =>
    lit !== null && lit.of === of && (lit.instruction === null || lit.instruction === instruction);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${width} ${height}`}
      width={small ? undefined : width}
      className={small ? 'h-16 w-28 shrink-0' : 'h-auto max-h-[70vh] max-w-full'}
      preserveAspectRatio="xMidYMid meet"
      onPointerLeave={() => onPoint?.(null)}
    >
      {lit &&
        !chart.ring &&
        rows
          .filter(({ of }) => of === lit.of)
          .map(({ from, to }) => (
            <rect key={to} x={40} y={to} width={width - 80} height={from - to} className="fill-agreed-wash" />
          ))}
      <g fill="none" strokeWidth={small ? 2 : 1.4} strokeLinecap="round">
        {symbols.map(({ path, row, of, instruction, filled }, i) => {
          const ink = rows[row]?.side === 'WS' ? 'stroke-agreed' : 'stroke-ink';
          const bright = isLit(of, instruction) && row >= 0;
          return (
            <path
              key={i}
              d={path}
              className={`${ink} ${filled ? (rows[row]?.side === 'WS' ? 'fill-agreed' : 'fill-ink') : ''}`}
              strokeWidth={bright ? 2.6 : undefined}
              pointerEvents={onPoint ? 'bounding-box' : undefined}
              onPointerEnter={onPoint && row >= 0 ? () => onPoint({ of, instruction }) : undefined}
            />
          );
        })}
      </g>
      {!chart.ring && !small && (
        <g fontSize={11.5}>
          {rows.map(({ label: number, side, leftwards, from, to }) => (
            <text
              key={to}
              x={leftwards ? width - 36 : 36}
              y={(from + to) / 2 + 4}
              textAnchor={leftwards ? 'start' : 'end'}
              className={side === 'WS' ? 'fill-agreed' : 'fill-ink'}
            >
              {leftwards ? `${number} ←` : `${number} →`}
            </text>
          ))}
        </g>
      )}
      {repeat && !small && (
        <path
          d={`M${repeat.from} ${height - 12}v6H${repeat.to}v-6`}
          className="fill-none stroke-eased-stroke"
          strokeWidth={1.4}
        />
      )}
    </svg>
  );
});
