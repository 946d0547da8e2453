import { memo, type ReactNode } from 'react';

/** Height of a row and width of a mark, in drawing units. */
const ROW: Record<string, number> = {
  s: 7,
  h: 10,
  d: 14,
  t: 18,
  x: 14,
  v: 14,
  f: 14,
  c: 14,
  o: 14,
  l: 9,
  r: 7,
  k: 15,
  n: 7,
};
const WIDTH: Record<string, number> = { v: 16, f: 34, c: 18, x: 16, k: 30 };
const widthOf = (mark: string) => WIDTH[mark] ?? 8;

/** A stitch pattern drawn small: posts as strokes, spaces as gaps, fans and pairs from one point, loops and ridges. */
export const StitchSample = memo(function StitchSample({
  sample,
  label,
}: {
  sample: readonly string[];
  label: string;
}) {
  const rows = placed(sample);
  const width = Math.max(...rows.map(({ end }) => end)) + 4;
  const height = rows.reduce((sum, { tall }) => sum + tall + 3, 6);
  return (
    <svg
      role="img"
      aria-label={`${label}, drawn`}
      viewBox={`0 0 ${width} ${height}`}
      className="h-14 w-24 shrink-0"
    >
      <g stroke="#20303a" strokeWidth={1.2} fill="none" strokeLinecap="round">
        {rows.map(({ base, tall, end, marks }) => (
          <g key={base} transform={`translate(0,${height - 3 - base})`}>
            <line x1={4} x2={end} y1={0} y2={0} stroke="#b7a67f" strokeWidth={0.7} />
            {marks.map(({ mark, x }) => (
              <Mark key={x} mark={mark} x={x} base={0} tall={tall} />
            ))}
          </g>
        ))}
      </g>
    </svg>
  );
});

/** Where each row and each mark of a sample lies; `base` is how high the row's foot is over the lowest. */
function placed(sample: readonly string[]) {
  const rows: { base: number; tall: number; end: number; marks: { mark: string; x: number }[] }[] = [];
  for (const row of sample) {
    const below = rows.at(-1);
    const marks: { mark: string; x: number }[] = [];
    let end = 4;
    for (const mark of row) {
      marks.push({ mark, x: end });
      end += widthOf(mark);
    }
    const tall = Math.max(...[...row].map((mark) => ROW[mark] ?? 8));
    rows.push({ base: below ? below.base + below.tall + 3 : 0, tall, end, marks });
  }
  return rows;
}

function Mark({ mark, x, base, tall }: { mark: string; x: number; base: number; tall: number }): ReactNode {
  const middle = x + widthOf(mark) / 2;
  const top = base - tall;
  const post = (fromX: number, toX: number) => (
    <line key={`${fromX} ${toX}`} x1={fromX} y1={base} x2={toX} y2={top + 1} />
  );
  switch (mark) {
    case 'o':
      return <path d={`M${x},${top + 1.5}q4,2.5 8,0`} strokeWidth={0.9} />;
    case 'x':
      return [post(x + 2, x + 13), post(x + 13, x + 2)];
    case 'v':
      return [post(middle, middle - 5), post(middle, middle + 5)];
    case 'f':
      return [-12, -6, 0, 6, 12].map((away) => post(middle, middle + away));
    case 'c':
      return [-5, 0, 5].map((away) => post(middle + away * 0.9, middle + away));
    case 'l':
      return <path d={`M${x + 1},${base - 3}c0,-8 6,-8 6,0`} />;
    case 'r':
      return <path d={`M${x},${base - 3}q4,-4 8,0`} strokeWidth={1.8} />;
    case 'k':
      return (
        <path
          d={`M${x + 4},${base}C${x + 4},${top + 6} ${x + 26},${base - 6} ${x + 26},${top}M${x + 26},${base}C${x + 26},${top + 6} ${x + 4},${base - 6} ${x + 4},${top}`}
        />
      );
    case 'n':
      return <path d={`M${x + 1},${top + 1}L${middle},${base}L${x + 7},${top + 1}`} />;
    default:
      return (
        <>
          {post(middle, middle)}
          <line x1={middle - 2.4} x2={middle + 2.4} y1={top + 1} y2={top + 1} />
        </>
      );
  }
}
