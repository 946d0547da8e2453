import { compareCounts, compareFinished, type CountChange, type FinishedChange } from '../compare.js';
import { perCm } from '../fabric/gauge.js';
import { rowsOf } from '../work/runs.js';
import type { EntryOf } from './entries.js';
import { standingOf } from './log.js';
import type { Replayed } from './standing.js';
import { yarnInHand } from './yarn.js';

/** What a making tells its designer. */
export interface CameBack {
  size: string;
  label: string;
  rows: { worked: number; all: number };
  /** Stitches and rows in 10 cm, as planned and as the work has them; only of fabrics that were counted. */
  gauges: readonly {
    fabric: string;
    hook: number;
    planned: { stitches: number; rows: number };
    found: { stitches: number; rows: number };
  }[];
  /** Metres for the whole garment, as reckoned and as it will take by what was used; only of yarn that was weighed or ended. */
  yarn: readonly {
    fabric: string;
    colour: string | null;
    reckoned: number;
    corrected: number;
    ratio: number;
  }[];
  /** Counts and finished lengths that came out otherwise. */
  counts: readonly CountChange[];
  finished: readonly FinishedChange[];
  /** Why something was changed, what was seen at which row. */
  said: readonly (EntryOf<'note'> | EntryOf<'tried'> | EntryOf<'jump'> | EntryOf<'change'>)[];
  minutes: number;
  /** What its pieces and counts are called, by their ids. */
  names: Readonly<Record<string, string>>;
}

/** What a making has to tell, by its log. */
export function cameBack(replayed: Replayed): CameBack {
  const { begun, standing, entries, progress } = replayed;
  const { plan, gauges } = standing;
  const all = plan.pieces.reduce((sum, { runs, copies }) => sum + copies * rowsOf(runs).length, 0);
  const worked = [...progress.values()].flat().reduce((sum, one) => sum + one.worked, 0);
  const inTen = (gauge: Parameters<typeof perCm>[0]) => ({
    stitches: 10 * perCm(gauge, 'stitches'),
    rows: 10 * perCm(gauge, 'rows'),
  });
  return {
    size: plan.id,
    label: plan.label,
    rows: { worked, all },
    gauges: [...gauges].flatMap(([fabric, stretches]) =>
      stretches
        .filter(({ isCounted }) => isCounted)
        .map(({ planned, fabric: found }) => ({
          fabric,
          hook: found.hook,
          planned: inTen(planned.gauge),
          found: inTen(found.gauge),
        })),
    ),
    yarn: yarnInHand(replayed).flatMap(({ fabric, colour, worked: used, left, ratio }) =>
      ratio === null
        ? []
        : [{ fabric, colour, reckoned: used + left, corrected: (used + left) * ratio, ratio }],
    ),
    // What only measures otherwise shows in the finished lengths.
    counts: compareCounts({ sizes: [begun.plan] }, { sizes: [plan] }).filter(
      ({ before, after }) => before?.count !== after?.count,
    ),
    finished: compareFinished({ sizes: [begun.plan] }, { sizes: [plan] }),
    said: entries.filter(
      (entry): entry is CameBack['said'][number] =>
        (entry.kind === 'note' ||
          entry.kind === 'tried' ||
          entry.kind === 'jump' ||
          entry.kind === 'change') &&
        (entry.kind === 'change' ? (entry.why ?? '') !== '' : true),
    ),
    names: Object.fromEntries([...plan.pieces, ...plan.quantities].map(({ id, label }) => [id, label])),
    minutes: standingOf(entries, 'time').reduce((sum, one) => sum + one.minutes, 0),
  };
}
