import type { Passage } from '../shaping/passages.js';
import { countsAfterRow, stitchesOf } from '../shaping/lines.js';
import { amountOf, ratesInWords, slots } from '../shaping/schedule.js';
import { figure, ordinal, say, type Phrase } from '../text/phrase.js';
import { timesInWords } from '../text/singular.js';
import type { Reason } from './reason.js';

type Shape = Extract<Passage, { kind: 'shape' }>;
type Lines = Extract<Passage, { kind: 'lines' }>;

/** What a schedule's counts are called. */
export type Labels = (quantity: string) => string;

/**
 * Why the shaping rows of a passage are where they are: what there is to change, how many rows that takes, how many there
 * are, and how the one goes into the other.
 */
export function explainShaping(passage: Shape, label: Labels): Reason[] {
  const { schedule } = passage;
  const { start, end, events } = schedule;
  const many = Math.abs(end - start);
  const reasons: Reason[] = [startOf(passage, label), endOf(passage, label)];
  if (events.length === 0)
    return [...reasons, { label: say`Nothing to shape`, figure: say`${many} stitches` }];
  return [...reasons, ...(schedule.amounts ? alongLine(passage, label) : inRates(passage, label))];
}

function startOf({ schedule, of, where }: Shape, label: Labels): Reason {
  const name = of.start && where.at !== 'one edge' ? label(of.start) : 'Stitches to begin with';
  return withSource({ label: say`${name}`, figure: say`${schedule.start}` }, of.start);
}

function endOf({ schedule: { start, end }, of }: Shape, label: Labels): Reason {
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

function withSource(reason: Reason, quantity: string | undefined): Reason {
  return quantity ? { ...reason, from: { kind: 'quantity', id: quantity } } : reason;
}

/** How a piece's rows come together: "Side seam 40 + Armhole, depth 22 = 62 rows". */
export function explainHeight(
  { height, halfRows = 0 }: { height: readonly string[]; halfRows?: number },
  quantities: readonly { id: string; label: string; count: number }[],
): Reason[] {
  const parts = height.flatMap((id) => quantities.find((quantity) => quantity.id === id) ?? []);
  let sum = 0;
  const reasons = parts.map(({ id, label, count }, i): Reason => {
    sum += count;
    return {
      label: say`${label}`,
      figure: i === 0 ? say`${count} rows` : say`+${count} = ${sum} rows`,
      from: { kind: 'quantity', id },
    };
  });
  if (halfRows === 0) return reasons;
  if (parts.length === 0)
    return [{ label: say`Worked into the chain, whatever the size`, figure: say`${halfRows} rows` }];
  return [
    ...reasons,
    {
      label: say`Out from the joining and back, half a row each`,
      figure: say`+${halfRows} = ${sum + halfRows} rows`,
    },
  ];
}

/**
 * Why the rows beside lines shape when they do: for each kind of side what it gains, in how many rows that may, and what the
 * whole row comes to.
 */
export function explainLines({ sections, line, to, name, of }: Lines, label: Labels): Reason[] {
  const sides = [
    { what: 'Body', schedule: sections[0]?.right ?? null },
    { what: 'Sleeve', schedule: sections.find(({ of }) => of === 'sleeve')?.left ?? null },
  ];
  const before = stitchesOf(
    sections.map(({ count }) => count),
    line,
  );
  const after = stitchesOf(countsAfterRow(sections, to), line);
  const reasons: Reason[] = [
    withSource(
      { label: say`${of.start ? label(of.start) : 'Stitches to begin with'}`, figure: say`${before}` },
      of.start,
    ),
  ];
  for (const { what, schedule } of sides) {
    if (!schedule || schedule.events.length === 0) continue;
    const { room, events } = schedule;
    const rows = slots({ firstRow: room.first, lastRow: room.last, everyRow: room.everyRow });
    const total = Math.abs(schedule.end - schedule.start);
    const twos = total - events.length;
    reasons.push(
      withSource(
        {
          label: say`${what}’s side of each ${name}: rows ${room.first} to ${room.last} may shape`,
          figure: say`${total} in ${rows}`,
          note: say`${events.length} rows${twos > 0 ? `, in ${twos} of them two stitches` : ''}: ${ratesInWords(schedule)}`,
        },
        of.rows,
      ),
    );
  }
  return [
    ...reasons,
    {
      label: say`Stitches at row ${to}`,
      figure: say`${after}`,
      note: say`${after - before < 0 ? '−' : '+'}${Math.abs(after - before)}`,
    },
  ];
}
