import { line, scaleLinear } from 'd3';
import { useMemo, useState } from 'react';
import {
  chartAt,
  completeBody,
  formatLength,
  gradingOf,
  measurement,
  STANDARD_CHARTS,
  type ChartSize,
  type Grading,
  type Size,
  type Units,
} from '@upfell/core';
import { useChosenSize, useDocument } from '../state/useSizePlan';
import { setSize } from '../state/view';
import { useBox } from '../ui/useBox';

const ROW_HEIGHT = 74;
const LABEL = 150;
const ODDITY_WORDS = { falls: 'falls', jumps: 'jumps', stalls: 'stands still' } as const;

/** Every measurement over the range with its steps; odd steps are marked, and a standard chart can be laid under it. */
export function GradingTab() {
  const { sizes, units, graded } = useDocument();
  const { size: chosen } = useChosenSize();
  const [under, setUnder] = useState(() => defaultChart(sizes));
  const { ref, box } = useBox<HTMLDivElement>();
  const full = useMemo(
    () => sizes.map((size) => ({ ...size, body: completeBody(size.body, size.group)?.body ?? size.body })),
    [sizes],
  );
  const gradings = useMemo(() => gradingOf(full), [full]);
  const entered = useMemo(() => new Set(sizes.flatMap(({ body }) => Object.keys(body))), [sizes]);
  const standard = STANDARD_CHARTS.find(({ id }) => id === under)?.chart.sizes ?? [];
  if (sizes.length < 2) return <p className="text-soft">A range needs two sizes before there are steps.</p>;
  const odd = gradings.flatMap(({ id, steps }) =>
    steps.filter(({ oddity }) => oddity).map((step) => ({ id, ...step })),
  );
  const label = (id: string) => sizes.find((size) => size.id === id)?.label ?? id;
  return (
    <div ref={ref}>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          Compare with
          <select
            className="rounded border border-line bg-sheet px-1.5 py-0.5"
            value={under}
            onChange={(event) => setUnder(event.target.value)}
          >
            <option value="">no chart</option>
            {STANDARD_CHARTS.map(({ id, chart }) => (
              <option key={id} value={id}>
                {chart.name}
              </option>
            ))}
          </select>
        </label>
        {under !== '' && (
          <span className="text-[12.5px] text-soft">dashed: what the chart gives at the same bust</span>
        )}
      </div>
      {!graded && (
        <p className="mb-2 text-[13px] text-soft">The sizes are unrelated bodies; their steps mean little.</p>
      )}
      {odd.length > 0 && (
        <ul className="mb-3 space-y-0.5 text-[13px]" data-testid="odd-steps">
          {odd.map(({ id, from, to, by, oddity }) => (
            <li key={`${id} ${from}`} className="text-eased">
              {measurement(id).label} {ODDITY_WORDS[oddity!]} from {label(from)} to {label(to)}:{' '}
              {formatLength(by, units, { sign: true, unit: true })}
            </li>
          ))}
        </ul>
      )}
      <ul className="divide-y divide-line/60 border-y border-line/60">
        {gradings.map((grading) => (
          <li key={grading.id} className="flex items-stretch">
            <div className="w-[150px] shrink-0 py-2 text-[13px]">
              <span className="font-semibold">{measurement(grading.id).label}</span>
              <span className="block text-[12.5px] text-soft">
                usual step {formatLength(grading.usual, units, { sign: true })}
                {!entered.has(grading.id) && ', derived'}
              </span>
            </div>
            {box && (
              <Steps
                grading={grading}
                sizes={full}
                standard={standard}
                units={units}
                width={box.width - LABEL}
                chosen={chosen.id}
              />
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The standard chart of the group that the range is of. */
function defaultChart(sizes: readonly Size[]): string {
  const group = sizes[0]?.group ?? 'adult';
  return { adult: 'standard-women', child: 'standard-children', baby: 'standard-babies' }[group];
}

interface StepsProps {
  grading: Grading;
  sizes: readonly Size[];
  standard: readonly ChartSize[];
  units: Units;
  width: number;
  chosen: string;
}

/** One measurement as a line over the sizes, each step with its length. */
function Steps({ grading: { id, steps }, sizes, standard, units, width, chosen }: StepsProps) {
  const points = sizes.map(({ body }, i) => ({
    i,
    cm: body[id],
    at: body.bust ? chartAt(standard, id, body.bust) : null,
  }));
  const values = points.flatMap(({ cm, at }) => [cm, at]).filter((cm) => cm !== undefined && cm !== null);
  const x = scaleLinear([0, sizes.length - 1], [26, Math.max(60, width - 26)]);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const y = scaleLinear([low, high === low ? low + 1 : high], [ROW_HEIGHT - 26, 14]);
  const path = line<{ i: number; cm: number }>()
    .x((point) => x(point.i))
    .y((point) => y(point.cm));
  const own = points.filter((point): point is typeof point & { cm: number } => point.cm !== undefined);
  const under = points.flatMap(({ i, at }) => (at === null ? [] : [{ i, cm: at }]));
  const crowded = (width - 52) / Math.max(1, sizes.length - 1) < 44;
  return (
    <svg
      width={Math.max(60, width)}
      height={ROW_HEIGHT}
      role="img"
      aria-label={`${measurement(id).label}: ${own.map(({ i, cm }) => `${sizes[i]!.label} ${formatLength(cm, units)}`).join(', ')}`}
    >
      <path d={path(under) ?? ''} fill="none" stroke="var(--color-bark)" strokeDasharray="4 3" />
      <path d={path(own) ?? ''} fill="none" stroke="var(--color-ink)" strokeWidth={1.4} />
      {own.map(({ i, cm }) => (
        <g key={i} onClick={() => setSize(sizes[i]!.id)} className="cursor-pointer">
          <circle
            cx={x(i)}
            cy={y(cm)}
            r={sizes[i]!.id === chosen ? 5 : 3.2}
            fill={sizes[i]!.id === chosen ? 'var(--color-ink)' : 'var(--color-sheet)'}
            stroke="var(--color-ink)"
          />
          {(!crowded || sizes[i]!.id === chosen) && (
            <text x={x(i)} y={ROW_HEIGHT - 3} fontSize={11} textAnchor="middle" fill="var(--color-soft)">
              {formatLength(cm, units)}
            </text>
          )}
          <title>{`${sizes[i]!.label}: ${formatLength(cm, units, { unit: true })}`}</title>
        </g>
      ))}
      {steps.map(({ from, by, oddity }) => {
        const i = sizes.findIndex((size) => size.id === from);
        if (crowded && !oddity) return null;
        const middle = (y(sizes[i]!.body[id]!) + y(sizes[i + 1]!.body[id]!)) / 2;
        return (
          <text
            key={from}
            x={x(i + 0.5)}
            y={middle - 6}
            fontSize={11}
            fontWeight={oddity ? 700 : 400}
            textAnchor="middle"
            fill={oddity ? 'var(--color-eased)' : 'var(--color-soft)'}
            textDecoration={oddity ? 'underline' : undefined}
          >
            {formatLength(by, units, { sign: true })}
          </text>
        );
      })}
    </svg>
  );
}
