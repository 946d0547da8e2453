import { memo } from 'react';
import type { RowToWork } from '@upfell/core';

/** Most stitches that are drawn one by one; of longer rows the ends and what is shaped. */
const MOST = 34;
const WIDE = 10;

interface Drawn {
  /** What is worked there; a gap stands for plain stitches that are not drawn. */
  does: 'work' | 'increase' | 'decrease' | 'slip' | 'cast' | 'gap';
  makes: number;
  many: number;
}

/** A row as it lies, stitch by stitch, what it shapes in blue; the arrow tells which way it is worked. */
export const RowFigure = memo(function RowFigure({ row, left }: { row: RowToWork; left: boolean }) {
  const drawn = drawnOf(row);
  const width = Math.max(12, drawn.length) * WIDE;
  // Left-handed work runs the other way, and so does what lies where.
  const leftwards = row.leftwards !== left;
  const shown = left ? [...drawn].reverse() : drawn;
  const arrow = leftwards ? `M${width - 2} 8H4m7 -5l-7 5l7 5` : `M2 8H${width - 4}m-7 -5l7 5l-7 5`;
  return (
    <svg
      viewBox={`0 0 ${width} 52`}
      className="h-[64px] w-full"
      preserveAspectRatio="xMidYMid meet"
      role="img"
      aria-label={`The row as it lies, worked from ${leftwards ? 'right to left' : 'left to right'}`}
    >
      <path d={arrow} className="fill-none stroke-eased-stroke" strokeWidth={1.4} />
      <path d={`M0 48H${width}`} className="stroke-line" strokeWidth={1} />
      {shown.map((one, i) => (
        <Mark key={i} x={i * WIDE + WIDE / 2} of={one} />
      ))}
    </svg>
  );
});

function Mark({ x, of: { does, makes, many } }: { x: number; of: Drawn }) {
  if (does === 'gap')
    return (
      <text x={x} y={38} textAnchor="middle" fontSize={8} className="fill-soft">
        {many}
      </text>
    );
  if (does === 'slip') return <circle cx={x} cy={44} r={2} className="fill-agreed" />;
  const legs =
    does === 'increase'
      ? Array.from({ length: makes }, (_, i) => `M${x} 47L${x + (i - (makes - 1) / 2) * 6} 22`).join('')
      : does === 'decrease'
        ? `M${x - 4} 47L${x} 22L${x + 4} 47`
        : `M${x} 47V22`;
  const top =
    does === 'cast' ? `M${x - 4} 24a4 2.4 0 1 0 8 0a4 2.4 0 1 0 -8 0` : `${legs}M${x - 4} 22H${x + 4}`;
  return (
    <path
      d={top}
      className={`fill-none ${does === 'work' ? 'stroke-ink' : 'stroke-agreed'}`}
      strokeWidth={does === 'work' ? 1.3 : 1.9}
      strokeLinecap="round"
    />
  );
}

/** The stitches of a row from left to right, the plain ones of long rows gathered. */
function drawnOf({ steps }: Pick<RowToWork, 'steps'>): Drawn[] {
  const shaped = steps.filter((step) => step.do !== 'work').reduce((sum, { times }) => sum + times, 0);
  const runs = steps.filter((step) => step.do === 'work' && step.times > 0).length;
  const total = steps.reduce((sum, { times }) => sum + times, 0);
  const each = total <= MOST ? Infinity : Math.max(2, Math.floor((MOST - shaped) / Math.max(1, runs)) - 1);
  const all = steps.flatMap((step): Drawn[] => {
    const makes = step.do === 'increase' ? (step.makes ?? 2) : 1;
    const does = step.do === 'skip' || step.do === 'pick up' ? 'work' : step.do;
    const one: Drawn = { does, makes, many: 1 };
    if (step.do !== 'work' || step.times <= each + 1) return Array.from({ length: step.times }, () => one);
    const half = Math.ceil(each / 2);
    const ends = Array.from({ length: half }, () => one);
    return [...ends, { does: 'gap', makes: 0, many: step.times - 2 * half }, ...ends];
  });
  return all.length > 3 * MOST
    ? [...all.slice(0, MOST), { does: 'gap', makes: 0, many: all.length - MOST }]
    : all;
}
