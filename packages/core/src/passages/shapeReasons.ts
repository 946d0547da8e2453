/** Why a shaped passage is as it is. */

import type { Reason } from '../because/reason.js';
import { amountOf, ratesInWords, slots } from '../shaping/schedule.js';
import { figure, ordinal, say, type Phrase } from '../text/phrase.js';
import { timesInWords } from '../text/singular.js';
import type { Labels } from './kind.js';
import { withSource } from './reasons.js';
import type { Shape } from './shapePassage.js';

/**
 * Why the shaping rows of a passage are where they are: what there is to change, how many rows that takes, how many there
 * are, and how the one goes into the other.
 */
export function explainShaping(passage: Shape, label: Labels): Reason[] {
  const { schedule } = passage;
  const { start, end, events } = schedule;
  const many = Math.abs(end - start);
  const reasons: Reason[] = [startReason(passage, label), endReason(passage, label)];
  if (events.length === 0)
    return [...reasons, { label: say`Nothing to shape`, figure: say`${many} stitches` }];
  return [...reasons, ...(schedule.amounts ? alongLine(passage, label) : inRates(passage, label))];
}

function startReason({ schedule, of, where }: Shape, label: Labels): Reason {
  const name = of.start && where.at !== 'one edge' ? label(of.start) : 'Stitches to begin with';
  return withSource({ label: say`${name}`, figure: say`${schedule.start}` }, of.start);
}

function endReason({ schedule: { start, end }, of }: Shape, label: Labels): Reason {
  const change = end - start;
  return withSource(
    {
      label: say`${of.end ? label(of.end) : 'Stitches to end with'}`,
      figure: say`${change < 0 ? '−' : '+'}${Math.abs(change)} = ${end}`,
    },
    of.end,
  );
}

/** An even schedule, or phases: change ÷ stitches in each row, rows ÷ shaping rows with what is left over. */
function inRates({ schedule, of, where, part }: Shape, label: Labels): Reason[] {
  const { start, end, perEvent, events, room, order } = schedule;
  const change = Math.abs(end - start);
  const at =
    where.at === 'both edges'
      ? 'both edges'
      : where.at === 'the round'
        ? 'places round the round'
        : where.at === 'across'
          ? 'places across the row'
          : where.edge;
  const rows = slots({ firstRow: room.first, lastRow: room.last, everyRow: room.everyRow });
  const gap = Math.floor(rows / events.length);
  const wider = rows % events.length;
  const reasons: Reason[] = [
    {
      label: say`A shaping row changes ${perEvent} stitches (${at})`,
      figure: say`${change} ÷ ${perEvent} = ${events.length}`,
      note: say`${events.length} shaping rows`,
    },
    withSource(
      {
        label: say`${room.everyRow === 1 ? 'Rows' : 'Right-side rows'} ${room.first} to ${room.last} may shape`,
        figure: say`${rows}`,
        note: of.rows
          ? say`of ${label(of.rows).toLowerCase()}, the rows at its ends worked even`
          : say`of the part ${part}`,
      },
      of.rows,
    ),
  ];
  if (order === 'phases')
    reasons.push({ label: say`In the phases set by you`, figure: say`${ratesInWords(schedule)}` });
  else
    reasons.push({
      label: say`As even as whole rows allow, ${order}`,
      figure: say`${rows} ÷ ${events.length} = ${gap}${wider > 0 ? ` rest ${wider}` : ''}`,
      note: shares(gap * room.everyRow, (gap + 1) * room.everyRow, events.length - wider, wider, schedule),
    });
  return reasons;
}

function shares(
  every: number,
  wider: number,
  times: number,
  widerTimes: number,
  schedule: Shape['schedule'],
): Phrase {
  if (widerTimes === 0) return say`${ratesInWords(schedule)}`;
  return say`${timesInWords(widerTimes)} every ${ordinal(wider)} row, ${timesInWords(times)} every ${every === 1 ? '' : ordinal(every)} row`;
}

/** Steps along a line: what each row takes off so that least lies between steps and line. */
function alongLine({ schedule, line, of, where }: Shape, label: Labels): Reason[] {
  const { events, room } = schedule;
  const rows = room.last - room.first + 1;
  const edge = where.at === 'one edge' ? where.edge : 'the edge';
  const taken = events.map((_, i) => amountOf(schedule, i));
  const shape = line
    ? { round: 'A round', scoop: 'A scooped', V: 'A V', square: 'A square' }[line.shape]
    : 'The';
  return [
    withSource(
      {
        label: line
          ? say`${shape} line of ${figure(line.half, 1)} stitches in ${line.drop} rows`
          : say`The line in ${rows} rows`,
        figure: say`${rows} rows`,
        ...(of.rows ? { note: say`${label(of.rows)}` } : {}),
      },
      of.rows,
    ),
    {
      label: say`Each row ends where least lies between its step and the line, at ${edge}`,
      figure: say`${taken.join(' + ')} = ${taken.reduce((sum, many) => sum + many, 0)}`,
      note: say`in rows ${events.join(', ')}`,
    },
  ];
}
