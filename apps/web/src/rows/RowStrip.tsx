import type { PassageOf } from '@upfell/core';
import { useBox } from '../ui/useBox';
import { rowCounts } from './shapedPassages';

type Shape = PassageOf<'shape'>;

/** A piece as a strip of rows: height of a bar is its stitches, shaping rows are dark and carry their count. */
export function RowStrip({
  passage,
  first,
  label,
  height = 62,
}: {
  passage: Shape;
  first: number;
  label: string;
  height?: number;
}) {
  const { ref, box } = useBox<HTMLDivElement>();
  const rows = rowCounts(passage, first);
  const most = Math.max(...rows.map(({ count }) => count));
  const width = box?.width ?? 800;
  const step = Math.min(22, width / rows.length);
  const bar = (count: number) => 14 + (count / most) * (height - 14);
  return (
    <div ref={ref} role="img" aria-label={label}>
      <svg width={width} height={height + 16} className="block" aria-hidden>
        {rows.map(({ n, count, shaped }, i) => (
          <g key={n} transform={`translate(${i * step},${(height - bar(count)) / 2})`}>
            <title>{`Row ${n}: ${count} stitches`}</title>
            <rect
              width={Math.max(1, step - 2)}
              height={bar(count)}
              rx={1.5}
              fill={shaped ? 'var(--color-ink)' : 'var(--color-row)'}
            />
            {shaped && step >= 15 && (
              <text
                x={(step - 2) / 2}
                y={bar(count) / 2 + 3.5}
                fontSize={10}
                textAnchor="middle"
                fill="var(--color-sheet)"
              >
                {count}
              </text>
            )}
          </g>
        ))}
        {rows
          .filter(({ n }) => n % 10 === 0)
          .map(({ n }) => (
            <text
              key={n}
              x={(n - first) * step + step / 2}
              y={height + 13}
              fontSize={11}
              textAnchor="middle"
              fill="var(--color-soft)"
            >
              row {n}
            </text>
          ))}
      </svg>
    </div>
  );
}
