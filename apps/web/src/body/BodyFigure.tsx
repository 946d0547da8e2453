import { memo } from 'react';
import {
  completeBody,
  figureOf,
  figurePaths,
  measurement,
  smoothPath,
  straightPath,
  type MeasurementId,
  type Place,
  type Size,
} from '@upfell/core';

/** A body drawn from its measurements, with the place of one of them lit. */
export const BodyFigure = memo(function BodyFigure({ size, lit }: { size: Size; lit: MeasurementId | null }) {
  const full = completeBody(size.body, size.group);
  if (!full) return null;
  const figure = figureOf(full.body, size.group);
  const margin = figure.height * 0.03;
  const half = figure.halfWidth + margin;
  const { torso, arms } = figurePaths(figure);
  const stroke = figure.height / 260;
  return (
    <svg
      role="img"
      aria-label={
        lit
          ? `${measurement(lit).label} on a drawn figure: ${measurement(lit).howTo}`
          : `A figure drawn from the measurements of size ${size.label}`
      }
      viewBox={`${-half} ${-margin} ${2 * half} ${figure.height + 2 * margin}`}
      className="mx-auto block h-full max-w-full"
    >
      <g fill="var(--color-cloth)" stroke="var(--color-ink)" strokeWidth={stroke} strokeLinejoin="round">
        {[...arms, torso].map((d) => (
          <path key={d} d={d} />
        ))}
        <ellipse cx={0} cy={figure.head.y} rx={figure.head.rx} ry={figure.head.ry} />
      </g>
      {lit && <LitPlace place={figure.places[lit]} stroke={stroke * 2.6} />}
    </svg>
  );
});

/** The tape on the figure: a ring for a girth, a line with ends for a length; dashed where it lies behind. */
function LitPlace({ place, stroke }: { place: Place; stroke: number }) {
  if (place.kind === 'ring')
    return (
      <ellipse
        cx={0}
        cy={0}
        rx={place.rx}
        ry={Math.max(place.rx * 0.22, stroke)}
        transform={`translate(${place.at[0]},${place.at[1]}) rotate(${(-place.tilt * 180) / Math.PI})`}
        fill="color-mix(in srgb, var(--color-agreed) 14%, transparent)"
        stroke="var(--color-agreed)"
        strokeWidth={stroke}
      />
    );
  const ends = [place.points[0]!, place.points.at(-1)!];
  return (
    <g stroke="var(--color-agreed)" strokeWidth={stroke} fill="none" strokeLinecap="round">
      <path
        d={place.points.length > 2 ? smoothPath(place.points) : straightPath(place.points)}
        strokeDasharray={place.behind ? `${stroke * 2.4} ${stroke * 2}` : undefined}
      />
      {ends.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r={stroke * 1.3} fill="var(--color-sheet)" />
      ))}
    </g>
  );
}
