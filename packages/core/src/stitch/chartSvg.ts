import type { StitchChart } from './chart.js';
import type { KeyEntry } from './key.js';
import { KEY_BOX, keySymbol } from './symbols.js';

/** Ink of right-side and of wrong-side rows; they are told apart by their numbers as well. */
const INK = { RS: '#1f3038', WS: '#2b5c85' } as const;

/** Room for one entry of the key, and the share of its box that a symbol is drawn in. */
const ENTRY = { width: 170, height: 44 } as const;
const SMALL = 0.65;

/**
 * A chart as an SVG drawing of its own, with row numbers, arrows and the repeat.
 *
 * @param key the symbols that are explained below it, each with its name
 */
export function chartSvg(chart: StitchChart, title: string, key: readonly KeyEntry[] = []): string {
  const { height, symbols, rows, repeat } = chart;
  const columns = Math.max(1, Math.min(key.length, Math.floor(chart.width / ENTRY.width)));
  const width = Math.max(chart.width, key.length > 0 ? columns * ENTRY.width : 0);
  const whole = height + Math.ceil(key.length / columns) * ENTRY.height;
  // One path for all symbols of an ink: a page with hundreds of elements more is slow to read for whoever reads it.
  const byInk = new Map<string, string[]>();
  for (const { path, row, filled } of symbols) {
    const ink = INK[rows[row]?.side ?? 'RS'];
    const look = `stroke="${ink}" fill="${filled ? ink : 'none'}"`;
    byInk.set(look, [...(byInk.get(look) ?? []), path]);
  }
  const paths = [...byInk].map(([look, own]) => `<path d="${own.join('')}" ${look}/>`);
  const labels = chart.ring
    ? []
    : rows.map(({ label, side, leftwards, from, to }) => {
        const middle = (from + to) / 2;
        const x = leftwards ? chart.width - 36 : 36;
        // The arrow is drawn: not every font that prints has one.
        const [tail, way] = leftwards ? [chart.width - 8, -1] : [8, 1];
        const arrow = `M${tail} ${middle}h${way * 11}m${way * -4} -3.5l${way * 4} 3.5l${way * -4} 3.5`;
        return `<text x="${x}" y="${middle + 4}" text-anchor="${leftwards ? 'start' : 'end'}" fill="${INK[side]}">${label}</text><path d="${arrow}" stroke="${INK[side]}" fill="none"/>`;
      });
  const bracket = repeat
    ? `<path d="M${repeat.from} ${height - 12}v6H${repeat.to}v-6" stroke="#8a6100" fill="none"/>`
    : '';
  const entries = key.map(({ of, kind, name }, i) => {
    const { path, filled } = keySymbol(of);
    const [x, y] = [(i % columns) * ENTRY.width, height + Math.floor(i / columns) * ENTRY.height];
    return `<g transform="translate(${x} ${y})"><path transform="scale(${SMALL})" d="${path}" stroke="${INK.RS}" fill="${filled ? INK.RS : 'none'}"/><text x="${KEY_BOX.width * SMALL + 8}" y="${KEY_BOX.height * SMALL - 6}" fill="${INK.RS}">${escape(kind === name ? kind : `${kind}: ${name}`)}</text></g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${whole}" width="${width}" height="${whole}" role="img" aria-label="${escape(title)}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="11" stroke-width="1.3" stroke-linecap="round"><title>${escape(title)}</title>${paths.join('')}<g>${labels.join('')}</g>${bracket}${entries.join('')}</svg>`;
}

function escape(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
}
