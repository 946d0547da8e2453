import { countOf } from '../text/singular.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { rowsOf } from '../work/runs.js';
import { escapeXml, round } from './schematic.js';

/** Height of the widest row and of a strip with its words, and the width below which rows are not drawn, in pixels. */
const TALLEST = 64;
const STRIP = 112;
const THINNEST = 1.2;
/** Room that a count needs, px. */
const COUNT_ROOM = 22;

/**
 * Pieces as strips of rows from the first to the last: the height of each bar is its stitches, rows that change them are dark and
 * bear their count.
 *
 * @param width of the drawing, px
 */
export function stripsSvg(
  pieces: readonly Pick<PlannedPiece, 'label' | 'copies' | 'runs'>[],
  width: number,
): string {
  const most = Math.max(1, ...pieces.flatMap(({ runs }) => runs.map(({ row }) => row.count)));
  const strips = pieces.map(({ label, copies, runs }, at) => {
    const rows = rowsOf(runs);
    const step = Math.max(THINNEST, Math.min(18, (width - 40) / rows.length));
    const base = at * STRIP + 24 + TALLEST;
    const before = new Map<string, number>();
    let free = -Infinity;
    const bars = rows.map(({ part, n, count }, i) => {
      const shaped = before.has(part) && before.get(part) !== count;
      before.set(part, count);
      const x = round(10 + i * step);
      const tall = round((count / most) * TALLEST);
      const labelled = (shaped || i === 0 || i === rows.length - 1) && x >= free;
      if (labelled) free = x + COUNT_ROOM;
      const bar = `<rect x="${x}" y="${round(base - tall)}" width="${round(Math.max(1, step - (step > 3 ? 1 : 0)))}" height="${tall}" fill="${shaped ? '#20303a' : '#d9ccb0'}" data-row="${n}" data-count="${count}"/>`;
      return labelled
        ? `${bar}<text x="${round(x + step / 2)}" y="${round(base - tall - 3)}" text-anchor="middle">${count}</text>`
        : bar;
    });
    const name = `<text x="10" y="${at * STRIP + 12}" font-weight="600">${escapeXml(`${label}${copies > 1 ? ` × ${copies}` : ''}`)}, ${countOf(rows.length, 'row')}</text>`;
    const ends = `<text x="10" y="${base + 13}">row ${rows[0]!.n}</text><text x="${round(10 + rows.length * step)}" y="${base + 13}" text-anchor="end">row ${rows.at(-1)!.n}</text>`;
    return name + bars.join('') + (rows.length * step > 90 ? ends : '');
  });
  const height = pieces.length * STRIP;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="10" fill="#26231f">${strips.join('')}</svg>`;
}
