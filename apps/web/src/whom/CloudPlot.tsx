import { extent, scaleLinear } from 'd3';
import { memo } from 'react';
import {
  formatLength,
  measurement,
  type CloudBody,
  type FitPlace,
  type RangeSize,
  type Tolerance,
  type Units,
  type WornBy,
} from '@upfell/core';

interface Props {
  /** What is measured up the plot; the bust lies across it. */
  up: Exclude<FitPlace, 'bust'>;
  range: readonly RangeSize[];
  cloud: readonly CloudBody[];
  worn: readonly WornBy[];
  /** What is allowed at the bust and up the plot, cm. */
  across: Tolerance;
  upwards: Tolerance;
  chosen: string;
  units: Units;
  width: number;
  height: number;
  /** The body that is pointed at. */
  at: number | null;
  onBody: (index: number | null) => void;
}

const MARGIN = { left: 44, right: 12, top: 12, bottom: 36 };

/** Bodies by two of their girths over the sizes: each size a frame of the bodies that it sits on as it was designed. */
export const CloudPlot = memo(function CloudPlot({
  up,
  range,
  cloud,
  worn,
  across,
  upwards,
  chosen,
  units,
  width,
  height,
  at: pointed,
  onBody,
}: Props) {
  const frames = range.flatMap(({ id, label, garment, ease }) => {
    const [bust, other] = [garment.bust, garment[up]];
    if (bust === undefined || other === undefined) return [];
    // A body that the garment has its designed ease over, and how much larger or smaller ones may be.
    const [x, y] = [bust - ease.bust!, other - ease[up]!];
    return [
      {
        id,
        label,
        left: x - across.looser,
        right: x + across.tighter,
        low: y - upwards.looser,
        high: y + upwards.tighter,
      },
    ];
  });
  const seen = cloud.flatMap(({ body, label }, i) =>
    body[up] === undefined
      ? []
      : [{ i, label, x: body.bust!, y: body[up], why: worn[i]!.why, size: worn[i]!.size }],
  );
  const [x0 = 70, x1 = 120] = extent([
    ...seen.map(({ x }) => x),
    ...frames.flatMap(({ left, right }) => [left, right]),
  ]);
  const [y0 = 70, y1 = 120] = extent([
    ...seen.map(({ y }) => y),
    ...frames.flatMap(({ low, high }) => [low, high]),
  ]);
  const x = scaleLinear([x0 - 2, x1 + 2], [MARGIN.left, width - MARGIN.right]);
  const y = scaleLinear([y0 - 2, y1 + 2], [height - MARGIN.bottom, MARGIN.top]);
  const name = measurement(up).label;
  const fit = seen.filter(({ size }) => size !== null).length;
  return (
    <figure
      className="m-0"
      tabIndex={0}
      aria-label={`Bodies by bust and ${name.toLowerCase()}; the arrow keys go through them`}
      onKeyDown={(event) => {
        const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
        if (by === undefined || seen.length === 0) return;
        event.preventDefault();
        const order = [...seen].sort((a, b) => a.x - b.x);
        const now = order.findIndex(({ i }) => i === pointed);
        onBody(order[Math.max(0, Math.min(order.length - 1, now + by))]!.i);
      }}
    >
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Bust across, ${name.toLowerCase()} upwards: ${seen.length} bodies, ${fit} of them in a size that sits as it should.`}
        data-testid={`cloud-${up}`}
      >
        {x.ticks(6).map((at) => (
          <g key={at} transform={`translate(${x(at)} ${height - MARGIN.bottom})`}>
            <line y2={4} stroke="var(--color-bark)" />
            <text y={16} textAnchor="middle" fontSize={11} fill="var(--color-soft)">
              {units === 'cm' ? at : formatLength(at, units)}
            </text>
          </g>
        ))}
        {y.ticks(6).map((at) => (
          <g key={at} transform={`translate(${MARGIN.left} ${y(at)})`}>
            <line x2={-4} stroke="var(--color-bark)" />
            <text x={-7} y={4} textAnchor="end" fontSize={11} fill="var(--color-soft)">
              {units === 'cm' ? at : formatLength(at, units)}
            </text>
          </g>
        ))}
        <text x={width - MARGIN.right} y={height - 4} textAnchor="end" fontSize={12} fill="var(--color-ink)">
          bust, {units}
        </text>
        <text x={MARGIN.left + 4} y={MARGIN.top + 10} fontSize={12} fill="var(--color-ink)">
          {name.replace(/ round$/, '').toLowerCase()}, {units}
        </text>
        {frames.map(({ id, label, left, right, low, high }) => (
          <g key={id}>
            <rect
              x={x(left)}
              width={x(right) - x(left)}
              y={y(high)}
              height={y(low) - y(high)}
              fill={id === chosen ? 'var(--color-agreed-wash)' : 'none'}
              fillOpacity={0.6}
              stroke="var(--color-bark)"
              strokeWidth={id === chosen ? 2 : 1}
            />
            <text
              x={(x(left) + x(right)) / 2}
              y={y(high) - 3}
              textAnchor="middle"
              fontSize={11}
              fontWeight={id === chosen ? 700 : 400}
              fill="var(--color-ink)"
            >
              {label}
            </text>
          </g>
        ))}
        {seen.map((body) => (
          <Mark
            key={body.i}
            x={x(body.x)}
            y={y(body.y)}
            fits={body.size !== null}
            pointed={body.i === pointed}
            outside={body.why === 'larger than the range' || body.why === 'smaller than the range'}
            onEnter={() => onBody(body.i)}
            onLeave={() => onBody(null)}
          />
        ))}
      </svg>
    </figure>
  );
});

/** A body: a dot where a size sits, a cross where none does, a ring beyond the range. */
function Mark({
  x,
  y,
  fits,
  pointed,
  outside,
  onEnter,
  onLeave,
}: {
  x: number;
  y: number;
  fits: boolean;
  pointed: boolean;
  outside: boolean;
  onEnter: () => void;
  onLeave: () => void;
}) {
  return (
    <g transform={`translate(${x} ${y})`} onPointerEnter={onEnter} onPointerLeave={onLeave}>
      <circle r={6} fill="transparent" stroke={pointed ? 'var(--color-ink)' : 'none'} strokeWidth={1.6} />
      {fits ? (
        <circle r={2.6} fill="var(--color-agreed)" />
      ) : outside ? (
        <circle r={3} fill="none" stroke="var(--color-broken)" strokeWidth={1.4} />
      ) : (
        <path d="M-3,-3L3,3M3,-3L-3,3" stroke="var(--color-eased-stroke)" strokeWidth={1.6} />
      )}
    </g>
  );
}
