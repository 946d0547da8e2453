import { rise, type RiseRequest } from '../../../shaping/rates.js';
import type { Schedule } from '../../../shaping/schedule.js';
import type { GarmentCounts } from '../../counts.js';
import { shortRowsOf } from '../../shared/yoke/shortRows.js';
import type { RaglanStyle } from './fields.js';

/** Stitches of a line that go with each side of it where the yoke is split: a single one goes with the body. */
export function lineShares({ line }: RaglanStyle): { body: number; sleeve: number } {
  return { body: line.stitches === 0 ? 0 : 1, sleeve: line.stitches === 2 ? 1 : 0 };
}

/** Stitches that each side of a line gains in the whole yoke. */
export function gainsOf(style: RaglanStyle, counts: GarmentCounts): { body: number; sleeve: number } {
  const { body, sleeve } = lineShares(style);
  return {
    body: (counts.of('back.width') - counts.of('neck.back')) / 2 - body,
    sleeve: (counts.of('sleeve.top') - counts.of('underarm.chain') - counts.of('neck.sleeve')) / 2 - sleeve,
  };
}

/** The first row of a yoke that may increase: numbered as if there were no short rows. */
export function firstShapingRow({ neck: { shape }, rates, front, rounds }: RaglanStyle): number {
  // Row 1 is the neck; after short rows row 2 closes them.
  if (shape !== 'short rows') return rates.everyRow === 2 ? 3 : 2;
  if (rates.everyRow === 1) return 3;
  // Right-side rows: in rounds that are turned the closing round is one.
  return front.style === 'closed' && rounds === 'turned' ? 4 : 3;
}

/** The rows in which the body's or the sleeves' sides of the lines gain their stitches. */
export function lineSchedule(style: RaglanStyle, counts: GarmentCounts, which: 'body' | 'sleeve'): Schedule {
  const { many } = shortRowsOf(style, counts);
  const { everyRow, most, order } = style.rates;
  const fast = style.rates[which === 'body' ? 'bodyFast' : 'sleeveFast'];
  const firstRow = firstShapingRow(style) + many;
  const lastRow = counts.of('yoke.rows') + many;
  const room = Math.floor((lastRow - firstRow) / everyRow) + 1;
  const request: RiseRequest = {
    total: gainsOf(style, counts)[which],
    firstRow,
    lastRow,
    everyRow,
    most,
    order,
    fast: fast === null ? null : Math.round((fast / 100) * room),
  };
  const result = rise(request);
  if (!result.ok) throw new Error(`the fit left no room for the raglan: ${result.message}`);
  return result.schedule;
}
