import { ratesOf, type Schedule, type ScheduleRequest, type ScheduleResult } from './schedule.js';

/** "every row 12 times": so many shaping rows at one distance. The last phase may take what is left. */
export interface Phase {
  every: number;
  times: number | 'the rest';
}

/**
 * A schedule in phases that the designer sets: "every row 12 times, then every second row 3 times". Rows left after the last
 * event are worked even.
 *
 * @returns the rows of the events, or a sentence that says why the phases do not come out
 */
export function phased(
  request: Pick<ScheduleRequest, 'start' | 'end' | 'perEvent' | 'firstRow' | 'lastRow'>,
  phases: readonly Phase[],
): ScheduleResult {
  const { start, end, perEvent, firstRow, lastRow } = request;
  const change = Math.abs(end - start);
  if (change % perEvent !== 0)
    return {
      ok: false,
      message: `from ${start} to ${end} is ${change} stitches, which shaping rows of ${perEvent} do not reach exactly`,
    };
  const wanted = change / perEvent;
  const gaps: number[] = [];
  for (const [i, { every, times }] of phases.entries()) {
    if (times === 'the rest' && i < phases.length - 1)
      return { ok: false, message: 'only the last phase can take the rest of the shaping rows' };
    const left = Math.max(0, wanted - gaps.length);
    gaps.push(...new Array<number>(times === 'the rest' ? left : times).fill(every));
  }
  if (gaps.length !== wanted)
    return {
      ok: false,
      message: `the phases are ${gaps.length} shaping rows, from ${start} to ${end} takes ${wanted}`,
    };
  let row = firstRow - (gaps[0] ?? 1);
  // The first event falls on the first row that may shape; each phase's distance counts from the event before.
  const events = gaps.map((gap) => (row += gap));
  if ((events.at(-1) ?? 0) > lastRow)
    return {
      ok: false,
      message: `the phases reach row ${events.at(-1)}, there is room to row ${lastRow}`,
    };
  const schedule: Schedule = {
    start,
    end,
    perEvent,
    direction: Math.sign(end - start) as 1 | -1 | 0,
    events,
    after: firstRow - (gaps[0] ?? 1),
    room: { first: firstRow, last: lastRow, everyRow: 1 },
    rates: ratesOf(gaps),
    order: 'phases',
  };
  return { ok: true, schedule };
}

/**
 * The usual two phases of a yoke: every row as long as needed, then every second row, so that all events fit. With n events in
 * m rows and n <= m <= 2n: 2n - m times every row, m - n times every second row.
 *
 * @returns the phases, or null where one rate is enough or even every row is too few
 */
export function fastThenSlow(events: number, rows: number): [Phase, Phase] | null {
  if (events > rows || rows >= 2 * events || events === rows) return null;
  return [
    { every: 1, times: 2 * events - rows },
    { every: 2, times: rows - events },
  ];
}
