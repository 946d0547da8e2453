import type { StitchChart } from './chart.js';

/** Ink of right-side and of wrong-side rows; they are told apart by their numbers as well. */
const INK = { RS: '#1f3038', WS: '#2b5c85' } as const;

/** A chart as an SVG drawing of its own, with row numbers, arrows and the repeat. */
export function chartSvg(chart: StitchChart, title: string): string {
  const { width, height, symbols, rows, repeat } = chart;
  const paths = symbols.map(({ path, row, filled }) => {
    const ink = INK[rows[row]?.side ?? 'RS'];
    return `<path d="${path}" stroke="${ink}" fill="${filled ? ink : 'none'}"/>`;
  });
  const labels = chart.ring
    ? []
    : rows.map(({ label, side, leftwards, from, to }) => {
        const middle = (from + to) / 2;
        const x = leftwards ? width - 36 : 36;
        // The arrow is drawn: not every font that prints has one.
        const [tail, way] = leftwards ? [width - 8, -1] : [8, 1];
        const arrow = `M${tail} ${middle}h${way * 11}m${way * -4} -3.5l${way * 4} 3.5l${way * -4} 3.5`;
        return `<text x="${x}" y="${middle + 4}" text-anchor="${leftwards ? 'start' : 'end'}" fill="${INK[side]}">${label}</text><path d="${arrow}" stroke="${INK[side]}" fill="none"/>`;
      });
  const bracket = repeat
    ? `<path d="M${repeat.from} ${height - 12}v6H${repeat.to}v-6" stroke="#8a6100" fill="none"/>`
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img" aria-label="${escape(title)}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" stroke-width="1.3" stroke-linecap="round"><title>${escape(title)}</title>${paths.join('')}<g>${labels.join('')}</g>${bracket}</svg>`;
}

function escape(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
}
