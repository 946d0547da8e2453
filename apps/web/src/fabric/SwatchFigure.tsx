import { GAUGE_OVER, GAUGE_OVER_IN_WORDS, perCm, type Gauge, type Units } from '@upfell/core';

/** The side of the drawn square, px, and room around it for a swatch that comes out larger. */
const SIDE = 170;
const MARGIN = 32;
/** A swatch this much larger or smaller than planned is drawn as if it were no more. */
const MOST = 1.2;

interface Props {
  planned: Gauge;
  /** As it was counted; null while nothing is. */
  found: Gauge | null;
  units: Units;
}

/** The square that a gauge is counted over, in the planned stitches, and over it the same stitches as they come out. */
export function SwatchFigure({ planned, found, units }: Props) {
  const over = GAUGE_OVER[units];
  const [stitches, rows] = [perCm(planned, 'stitches') * over, perCm(planned, 'rows') * over];
  const ratio = (axis: 'stitches' | 'rows') =>
    found ? Math.max(1 / MOST, Math.min(MOST, perCm(planned, axis) / perCm(found, axis))) : 1;
  const [wide, tall] = [SIDE * ratio('stitches'), SIDE * ratio('rows')];
  const lines = (many: number, length: number) =>
    Array.from({ length: Math.max(0, Math.ceil(many) - 1) }, (_, i) => ((i + 1) / many) * length);
  const label = found
    ? `The planned ${stitches.toFixed(1)} stitches and ${rows.toFixed(1)} rows come out ${percent(ratio('stitches'))} wide and ${percent(ratio('rows'))} high.`
    : `A square of ${GAUGE_OVER_IN_WORDS[units]} with the planned ${stitches.toFixed(1)} stitches and ${rows.toFixed(1)} rows.`;
  return (
    <figure className="m-0">
      <svg
        width={SIDE + 2 * MARGIN}
        height={SIDE + 2 * MARGIN}
        role="img"
        aria-label={label}
        data-testid="swatch-figure"
      >
        <g transform={`translate(${MARGIN} ${MARGIN})`}>
          <rect
            width={wide}
            height={tall}
            fill="var(--color-cloth)"
            stroke="var(--color-ink)"
            strokeWidth={1.4}
          />
          {lines(stitches, wide).map((x) => (
            <line key={`s${x}`} x1={x} x2={x} y2={tall} stroke="var(--color-thread)" strokeWidth={0.8} />
          ))}
          {lines(rows, tall).map((y) => (
            <line key={`r${y}`} y1={y} y2={y} x2={wide} stroke="var(--color-thread)" strokeWidth={0.8} />
          ))}
          <rect
            width={SIDE}
            height={SIDE}
            fill="none"
            stroke="var(--color-eased-stroke)"
            strokeWidth={2}
            strokeDasharray="7 4"
          />
          <text x={SIDE / 2} y={-10} textAnchor="middle" fontSize={12} fill="var(--color-soft)">
            {GAUGE_OVER_IN_WORDS[units]}
          </text>
          {found && (
            <text
              x={wide / 2}
              y={Math.max(SIDE, tall) + 18}
              textAnchor="middle"
              fontSize={12}
              fill="var(--color-ink)"
            >
              the planned stitches as they come out
            </text>
          )}
        </g>
      </svg>
    </figure>
  );
}

const percent = (ratio: number) => `${Math.round(ratio * 100)} %`;
