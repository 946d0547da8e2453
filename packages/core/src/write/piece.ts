import { stitchOf, turningOf, type Fabric } from '../fabric/fabric.js';
import type { PlannedPiece } from '../plan.js';
import type { Passage } from '../shaping/passages.js';
import { amountOf, countsAfter, ratesInWords, type Schedule } from '../shaping/schedule.js';
import { ordinal } from '../text/phrase.js';
import { line, type Line } from './line.js';

type Of<K extends Passage['kind']> = Extract<Passage, { kind: K }>;

/** Writes one piece for sizes whose passages have the same form, in US terms. */
export function writePiece(pieces: readonly PlannedPiece[], fabrics: ReadonlyMap<string, Fabric>): Line[] {
  let fabric = fabrics.get(pieces[0]!.fabric)!;
  const lines: Line[] = [];
  /** Last row and count of each part, for each size. */
  const state = new Map<string, { n: number; count: number }[]>();
  const at = (part: string, size: number) => state.get(part)![size]!;
  const length = pieces[0]!.passages.length;
  let shoulder: Of<'go on'>[] | null = null;

  for (let i = 0; i < length; i += 1) {
    const all = pieces.map(({ passages }) => passages[i]!);
    const first = all[0]!;
    const stitch = stitchOf(fabric);
    const even = fabric.pattern?.length ? 'in pattern' : `${stitch} in each st`;
    if (first.kind === 'start') {
      const starts = all as Of<'start'>[];
      state.set(
        first.part,
        starts.map(({ stitches }) => ({ n: 1, count: stitches })),
      );
      lines.push(...writeStart(starts, fabric));
    } else if (first.kind === 'mark') {
      lines.push(
        line`Place a marker at both ends of row ${all.map((_, size) => at(first.part, size).n)}: ${first.meaning}.`,
      );
    } else if (first.kind === 'even') {
      const evens = all as Of<'even'>[];
      const from = evens.map((_, size) => at(first.part, size).n + 1);
      const ranges = evens.map(({ to }, size) => range(from[size]!, to));
      if (ranges.some((text) => text !== '–'))
        lines.push(
          line`Rows ${ranges}: ${even}; turn. (${all.map((_, size) => at(first.part, size).count)} sts)`,
        );
      evens.forEach(
        ({ to }, size) => (state.get(first.part)![size] = { n: to, count: at(first.part, size).count }),
      );
    } else if (first.kind === 'change') {
      const changes = all as Of<'change'>[];
      fabric = fabrics.get(first.fabric)!;
      lines.push(
        ...writeChange(
          changes,
          changes.map((_, size) => at(first.part, size).count),
          fabric,
        ),
      );
      changes.forEach(
        ({ to, stitches }, size) => (state.get(first.part)![size] = { n: to, count: stitches }),
      );
    } else if (first.kind === 'go on') {
      const parts = all as Of<'go on'>[];
      lines.push(
        ...writeGoOn(
          parts,
          shoulder,
          parts.map(({ from }, size) => at(from, size).n + 1),
        ),
      );
      state.set(
        first.part,
        parts.map(({ from, take }, size) => ({ n: at(from, size).n, count: take })),
      );
      shoulder = parts;
    } else if (first.kind === 'short') {
      const shorts = all as Of<'short'>[];
      const from = shorts.map((_, size) => at(first.part, size));
      lines.push(...writeShort(shorts, from));
      shorts.forEach(({ shortRows }, size) => {
        const { n, count } = from[size]!;
        state.get(first.part)![size] = { n: n + shortRows.rows.length + (shortRows.closing ? 1 : 0), count };
      });
    } else if (first.kind === 'unite') {
      const unions = all as Of<'unite'>[];
      const rows = unions.map(({ from }, size) => Math.max(...from.map(({ part }) => at(part, size).n)) + 1);
      lines.push(writeUnite(unions, rows));
      state.set(
        first.part,
        unions.map(({ from, chains }, size) => ({
          n: rows[size]!,
          count:
            from.reduce((sum, { take }) => sum + take, 0) + chains.reduce((sum, chain) => sum + chain, 0),
        })),
      );
    } else {
      const shapes = all as Of<'shape'>[];
      lines.push(
        ...(asBefore(pieces, i)
          ? [
              line`Work as the first shoulder, with the neck edge at its other end. (${shapes.map(({ schedule }) => schedule.end)} sts)`,
            ]
          : writeShape(
              shapes,
              shapes.map((_, size) => at(first.part, size)),
              stitch,
              even,
            )),
      );
      shapes.forEach(
        ({ to, schedule }, size) => (state.get(first.part)![size] = { n: to, count: schedule.end }),
      );
      if (shoulder) lines.push(line`Fasten off.`);
    }
  }
  if (!shoulder) lines.push(line`Fasten off, leaving a tail for the seam.`);
  return lines;
}

/** Whether a second shoulder is shaped in the rows and by the amounts of the first. */
function asBefore(pieces: readonly PlannedPiece[], i: number): boolean {
  return pieces.every(({ passages }) => {
    const here = passages[i]!;
    const first = passages.slice(0, i).find(({ kind }) => kind === 'shape');
    return (
      here.kind === 'shape' &&
      here.where.at === 'one edge' &&
      first?.kind === 'shape' &&
      first.part !== here.part &&
      JSON.stringify(first.schedule) === JSON.stringify(here.schedule)
    );
  });
}

function range(from: number, to: number): string {
  return to < from ? '–' : from === to ? String(to) : `${from}–${to}`;
}

function writeStart(starts: readonly Of<'start'>[], fabric: Fabric): Line[] {
  const { along, extra } = starts[0]!;
  const stitch = stitchOf(fabric);
  const turning = turningOf(fabric);
  const counts = starts.map(({ stitches }) => stitches);
  if (along !== null)
    return [
      line`Row 1 (RS): pick up and work ${counts} ${stitch} evenly along ${along}; turn. (${counts} sts)`,
    ];
  if (fabric.foundation === 'stitches')
    return [
      line`Row 1 (RS): work ${counts} foundation ${stitch}, without a chain before; turn. (${counts} sts)`,
    ];
  const chain = line`Ch ${starts.map((start) => start.stitches + start.extra)}.`;
  if (extra === 0 && turning !== 'counts')
    return [chain, line`Row 1 (RS): ${stitch} in each st; turn. (${counts} sts)`];
  const first =
    turning === 'counts'
      ? `the ${ordinal(extra + 2)} ch from the hook (what is skipped counts as the first st)`
      : `the ${ordinal(extra + 1)} ch from the hook${turning === 'chainless' ? ' (without a chain before it)' : ''}`;
  return [chain, line`Row 1 (RS): ${stitch} in ${first} and in each ch to the end; turn. (${counts} sts)`];
}

/** The row in which another fabric begins. */
function writeChange(changes: readonly Of<'change'>[], before: readonly number[], fabric: Fabric): Line[] {
  const by = changes.map(({ stitches }, size) => stitches - before[size]!);
  const word = (grow: boolean) => (grow ? 'increasing' : 'decreasing');
  const parts: Line[] = [true, false].flatMap((grow) => {
    const some = by.map((change) => Math.max(0, grow ? change : -change));
    return some.some((times) => times > 0) ? [line`, ${word(grow)} ${some} sts spread evenly`] : [];
  });
  return [
    line`Row ${changes.map(({ to }) => to)}: change to ${fabric.name} and a ${String(fabric.hook)} mm hook; ${stitchOf(fabric)} in each st${{ inline: parts.flat() }}; turn. (${changes.map(({ stitches }) => stitches)} sts)`,
  ];
}

function writeGoOn(
  parts: readonly Of<'go on'>[],
  before: readonly Of<'go on'>[] | null,
  rows: readonly number[],
): Line[] {
  const { label, rejoin } = parts[0]!;
  const takes = parts.map(({ take }) => take);
  if (rejoin && before) {
    const skipped = parts.map(({ at }, size) => at - before[size]!.at - before[size]!.take);
    return [
      line`${label}: skip ${skipped} sts of the last full row for the neck, rejoin the yarn in the next st and work the last ${takes} sts from row ${rows} on.`,
    ];
  }
  return [
    line`${label}: go on over the first ${takes} sts only from row ${rows} on; leave the other ${parts.map(({ leave }) => leave)} sts unworked.`,
  ];
}

/** Short rows as a table of turning points: the stitches over which each row goes. */
function writeShort(shorts: readonly Of<'short'>[], before: readonly { n: number; count: number }[]): Line[] {
  const { label } = shorts[0]!;
  const spans = shorts.map(({ shortRows: { rows } }) =>
    rows.map(({ from, to }) => `${from + 1}–${to}`).join(', '),
  );
  const ranges = shorts.map(({ shortRows: { rows } }, size) =>
    range(before[size]!.n + 1, before[size]!.n + rows.length),
  );
  const lines = [
    line`${label}, short rows ${ranges}, turning at both ends: work over sts ${spans} of the last full row, one after the other.`,
  ];
  if (shorts[0]!.shortRows.closing)
    lines.push(
      line`Next row: work over all sts, closing the steps. (${before.map(({ count }) => count)} sts)`,
    );
  return lines;
}

/** Parts joined by a row over all of them. */
function writeUnite(unions: readonly Of<'unite'>[], rows: readonly number[]): Line {
  const { label, from, round } = unions[0]!;
  const parts = from.flatMap((_, i): Line => {
    const takes = unions.map((union) => union.from[i]!.take);
    const chains = unions.map((union) => union.chains[i]!);
    const chain = chains.some((many) => many > 0) ? line`, ch ${chains}` : [];
    return line`${i > 0 ? ', ' : ''}work ${takes} sts${{ inline: chain }}`;
  });
  const counts = unions.map(
    (union) =>
      union.from.reduce((sum, { take }) => sum + take, 0) +
      union.chains.reduce((sum, chain) => sum + chain, 0),
  );
  return line`${label}, ${round ? 'rnd' : 'row'} ${rows}: ${{ inline: parts }}${round ? '; join' : '; turn'}. (${counts} sts)`;
}

function writeShape(
  shapes: readonly Of<'shape'>[],
  before: readonly { n: number; count: number }[],
  stitch: string,
  even: string,
): Line[] {
  const schedules = shapes.map(({ schedule }) => schedule);
  const ranges = shapes.map(({ to }, size) => range(before[size]!.n + 1, to));
  const ends = schedules.map(({ end }) => end);
  if (schedules.every(({ events }) => events.length === 0))
    return [line`Rows ${ranges}: ${even}; turn. (${ends} sts)`];
  const { where } = shapes[0]!;
  const grow = schedules.find(({ direction }) => direction !== 0)!.direction > 0;
  if (where.at === 'one edge') return writeOneEdge(shapes, ranges, where.edge, grow, stitch);
  const word = grow ? 'inc' : 'dec';
  const [begin, finish] = grow
    ? [`2 ${stitch} in the first st`, `2 ${stitch} in the last st`]
    : [`${stitch}2tog over the first 2 sts`, `${stitch}2tog over the last 2 sts`];
  const places = schedules.map(({ perEvent }) => perEvent);
  const how: Line =
    where.at === 'both edges'
      ? [`${begin}, ${even} to the last ${grow ? 'st' : '2 sts'}, ${finish}`]
      : line`${grow ? `2 ${stitch} in one st` : `${stitch}2tog`} at ${places} places spread evenly, the places between those of the ${word} rnd before`;
  const place = where.at === 'both edges' ? 'at both edges' : 'round the round';
  const lines: Line[] = [line`${grow ? 'Increase' : 'Decrease'} row: ${{ inline: how }}.`];
  const most = Math.max(...schedules.map(({ rates }) => rates.length));
  if (most <= 3 && shapes.length > 1) {
    lines.push(
      line`Rows ${ranges}: ${word} ${place} ${{ inline: ratesForAll(schedules, most) }}, counted from row ${schedules.map(({ after }) => after)}; work the other rows even. (${ends} sts)`,
    );
  } else if (shapes.length > 1) {
    lines.push(
      line`Rows ${ranges}: ${word} ${place} in rows ${schedules.map(({ events }) => events.join(' '))}; work the other rows even. (${ends} sts)`,
    );
  } else {
    const [only] = schedules as [Schedule];
    lines.push(
      line`Rows ${ranges}: ${word} ${place} ${ratesInWords(only)}, counted from row ${only.after}; work the other rows even. (${ends} sts)`,
    );
    const after = countsAfter(only);
    const counts = only.events.map((row, i) => `row ${row}: ${after[i]} sts`);
    lines.push(line`Counts after the ${grow ? 'increase' : 'decrease'} rows: ${counts.join(', ')}.`);
  }
  return lines;
}

/**
 * Shaping at one edge: how many stitches in which rows. One is worked together (or two in one); more are slipped over or
 * left where they are, or added by chains.
 */
function writeOneEdge(
  shapes: readonly Of<'shape'>[],
  ranges: readonly string[],
  edge: string,
  grow: boolean,
  stitch: string,
): Line[] {
  const schedules = shapes.map(({ schedule }) => schedule);
  const amounts = schedules.map((one) => one.events.map((_, i) => amountOf(one, i)));
  const several = amounts.flat().some((amount) => amount > 1);
  const single = grow ? `2 ${stitch} in the st at ${edge}` : `${stitch}2tog over the 2 sts at ${edge}`;
  const more = grow
    ? `to add more, ch so many at ${edge} and work into them`
    : `to take off more, sl st over them where the row begins at ${edge}, leave them unworked where it ends there`;
  const verb = grow ? 'add' : 'take off';
  const head = line`To ${verb} 1 st: ${single}${several ? `; ${more}` : ''}.`;
  const ends = schedules.map(({ end }) => end);
  if (shapes.length > 1)
    return [
      head,
      line`Rows ${ranges}: at ${edge} ${verb} ${amounts.map((list) => list.join(' ') || '0')} sts in rows ${schedules.map(({ events }) => events.join(' ') || '–')}; work the other rows even. (${ends} sts)`,
    ];
  const [only] = schedules as [Schedule];
  const after = countsAfter(only);
  const rows = only.events.map(
    (row, i) => `row ${row}: ${amounts[0]![i]} st${amounts[0]![i] === 1 ? '' : 's'} (${after[i]} left)`,
  );
  return [
    head,
    line`Rows ${ranges}: at ${edge} ${verb} ${rows.join(', ')}; work the other rows even. (${ends} sts)`,
  ];
}

/** "every 3 (3, 4) rows 11 (12, 9) times, then every 2 rows 4 (0, 5) times"; 0 where a size has no such run. */
function ratesForAll(schedules: readonly Schedule[], most: number): Line {
  const parts: Line[] = [];
  for (let run = 0; run < most; run += 1) {
    const every = schedules.map(({ rates }) => rates[run]?.every ?? 0);
    const shared = every.find((rows) => rows > 0)!;
    const times = schedules.map(({ rates }) => rates[run]?.times ?? 0);
    const gaps = every.map((rows) => rows || shared);
    const rows = gaps.every((gap) => gap === 1) ? line`every row` : line`every ${gaps.map(ordinal)} row`;
    parts.push(line`${run > 0 ? ', then ' : ''}${{ inline: rows }} ${times} times`);
  }
  return parts.flat();
}
