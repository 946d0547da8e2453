import {
  amountOf,
  countOf,
  countsAfterRow,
  endOf,
  ratesInWords,
  stitchesOf,
  type Fabric,
  type Passage,
} from '@upfell/core';

type Shape = Extract<Passage, { kind: 'shape' }>;

/** "Increase at both edges every 3rd row 11 times, ...: 38 to 70 stitches, to row 47". */
export function shapeSentence(passage: Shape): string {
  const { schedule, where, to } = passage;
  if (schedule.events.length === 0 && !passage.also)
    return `Work even: ${countOf(schedule.start, 'stitch', 'stitches')} to row ${to}`;
  const grow = schedule.direction > 0;
  const ends = `${schedule.start} to ${endOf(passage)} stitches, to row ${to}`;
  const verb = grow ? 'Add' : 'Take off';
  if (where.at === 'one edge') {
    const also = passage.also
      ? `; at the same time ${passage.also.schedule.direction > 0 ? 'add' : 'take off'} at ${passage.also.edge} ${stepsInWords(passage.also.schedule)}`
      : '';
    return `${verb} at ${where.edge} ${stepsInWords(schedule)}${also}: ${ends}`;
  }
  if (where.at === 'both edges' && schedule.amounts)
    return `${verb} at each edge ${stepsInWords(schedule, 2)}: ${ends}`;
  const place = where.at === 'both edges' ? 'at both edges' : `at ${countOf(schedule.perEvent, 'place')}`;
  return `${grow ? 'Increase' : 'Decrease'} ${place} ${ratesInWords(schedule)}: ${ends}`;
}

/** "5 in row 40, 1 in rows 41–43, 45": rows that follow each other with the same amount are told together. */
function stepsInWords(schedule: Shape['schedule'], edges = 1): string {
  const groups: { amount: number; runs: [first: number, last: number][] }[] = [];
  schedule.events.forEach((row, i) => {
    const amount = amountOf(schedule, i) / edges;
    const group = groups.at(-1);
    const run = group?.runs.at(-1);
    if (group?.amount !== amount || !run) groups.push({ amount, runs: [[row, row]] });
    else if (run[1] === row - 1) run[1] = row;
    else group.runs.push([row, row]);
  });
  return groups
    .map(({ amount, runs }) => {
      const one = runs.length === 1 && runs[0]![0] === runs[0]![1];
      return `${amount} in ${one ? 'row' : 'rows'} ${runs.map(([first, last]) => (first === last ? first : `${first}–${last}`)).join(', ')}`;
    })
    .join(', ');
}

/** "Beside each raglan line: body every row 24 times, sleeve ...: 244 stitches at row 25". */
export function linesSentence({ sections, line, name, to }: Extract<Passage, { kind: 'lines' }>): string {
  const [first] = sections;
  const sleeve = sections.find(({ of }) => of === 'sleeve');
  const rates = [first?.right, sleeve?.left].map((schedule) => schedule && ratesInWords(schedule));
  const said = sleeve ? `body ${rates[0]}; sleeve ${rates[1]}` : rates[0];
  return `Beside each ${name}: ${said}; ${countOf(stitchesOf(countsAfterRow(sections, to), line), 'stitch', 'stitches')} at row ${to}`;
}

/** A passage in a sentence. */
export function passageSentence(passage: Passage, fabrics: readonly Fabric[]): string {
  switch (passage.kind) {
    case 'start':
      if (passage.along !== null && passage.over)
        return `Go on over ${passage.along}: ${passage.over.map(({ count, chain }) => (chain ? countOf(count, 'chain') : count)).join(' + ')} = ${countOf(passage.stitches, 'stitch', 'stitches')}`;
      return passage.along
        ? `Pick up ${countOf(passage.stitches, 'stitch', 'stitches')} along ${passage.along}`
        : `Chain ${passage.stitches + passage.extra}, row 1 has ${countOf(passage.stitches, 'stitch', 'stitches')}`;
    case 'even':
      return `Work even to row ${passage.to}`;
    case 'change':
      return `Row ${passage.to}: change to ${fabrics.find(({ id }) => id === passage.fabric)?.name ?? passage.fabric}, ${countOf(passage.stitches, 'stitch', 'stitches')}`;
    case 'mark':
      return `Mark both ends: ${passage.meaning}`;
    case 'go on':
      return `${passage.label}: go on over ${countOf(passage.take, 'stitch', 'stitches')}${passage.rejoin ? ' with the yarn rejoined' : ''}`;
    case 'short':
      return `${passage.label}: ${passage.shortRows.rows.length} short ${passage.shortRows.rows.length === 1 ? 'row' : 'rows'}${passage.shortRows.closing ? ', closed by a row over all' : ''}`;
    case 'unite':
      return `${passage.label}: join ${passage.from.map(({ take }) => take).join(' + ')} stitches${passage.chains.some((chains) => chains > 0) ? ` with ${passage.chains.join(' and ')} chains` : ''}`;
    case 'lines':
      return linesSentence(passage);
    case 'shape':
      return shapeSentence(passage);
  }
}
