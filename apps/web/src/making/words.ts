import { format } from 'date-fns';
import { copyName, countOf, formatLength, type Entry, type Units } from '@upfell/core';
import type { MakingView } from '../worker/makingPlanner';

/** "Sleeve 2, row 24". */
export function placeInWords(
  view: Pick<MakingView, 'pieces'>,
  { piece, copy, n }: { piece?: string; copy?: number; n?: number },
): string {
  const of = view.pieces.find(({ id }) => id === piece);
  const name = of ? copyName(of, copy) : (piece ?? '');
  return n === undefined ? name : `${name}, row ${n}`;
}

/** What a line of the log says. */
export function entryInWords(view: MakingView, entry: Entry, units: Units): string {
  const length = (cm: number | undefined) =>
    cm === undefined ? '' : formatLength(cm, units, { unit: true });
  const place = (of: { piece?: string; copy?: number; n?: number }) => placeInWords(view, of);
  const fabric = (id: string) => view.fabrics.find((one) => one.id === id)?.name ?? id;
  switch (entry.kind) {
    case 'row':
      return `${place(entry)} done`;
    case 'repeats':
      return `${place(entry)}: ${countOf(entry.many, 'repeat')}`;
    case 'jump':
      return `Jumped to the end of ${place(entry)}${entry.why ? `: ${entry.why}` : ''}`;
    case 'undo':
      return 'Undone';
    case 'gauge':
      return `${fabric(entry.fabric)}: ${entry.stitches} sts in ${length(entry.stitchesOver)} and ${entry.rows} rows in ${length(entry.rowsOver)}, ${entry.state}; ${GAUGE_WAY[entry.way ?? 're-plan']}`;
    case 'measured':
      return `${place(entry)} measures ${[entry.width && `${length(entry.width)} across`, entry.height && `${length(entry.height)} high`].filter(Boolean).join(', ')} (${entry.state})`;
    case 'tried':
      return `Tried on (${entry.where}): ${entry.text}`;
    case 'note':
      return `${entry.piece ? `${place(entry)}: ` : ''}${entry.text}`;
    case 'ball':
      return entry.event === 'weighed'
        ? `${fabric(entry.fabric)}: ${entry.grams ?? 0} g left`
        : entry.event === 'in all'
          ? `${fabric(entry.fabric)}: ${countOf(entry.balls ?? 0, 'ball')} in all`
          : `${fabric(entry.fabric)}: a ball ${entry.event}${entry.piece ? ` at ${place(entry)}` : ''}`;
    case 'marker':
      return `${place(entry)}: ${entry.text}`;
    case 'step':
      return `${view.steps.find(({ id }) => id === entry.step)?.title ?? entry.step}: ${entry.state}`;
    case 'tally':
      return `${entry.name} ${entry.by > 0 ? '+' : '−'}${Math.abs(entry.by)}`;
    case 'time':
      return `${countOf(Math.round(entry.minutes), 'minute')}${entry.piece ? ` on ${place({ piece: entry.piece })}` : ''}`;
    case 'change':
      return `${changeInWords(view, entry)}${entry.why ? `: ${entry.why}` : ''}`;
    case 'design':
      return `State ${entry.revision} of the design taken`;
  }
}

const GAUGE_WAY = {
  'go on': 'gone on with it',
  'change hook': 'the hook changed',
  're-plan': 'what is left fitted anew',
} as const;

function changeInWords(view: MakingView, entry: Extract<Entry, { kind: 'change' }>): string {
  const counts = [
    ...(entry.quantity === undefined ? [] : [{ quantity: entry.quantity, count: entry.count ?? 0 }]),
    ...(entry.counts ?? []),
  ];
  const name = (id: string) => view.wishes.find(({ quantity }) => quantity === id)?.label ?? id;
  const said = counts.map(({ quantity, count }) => `${name(quantity)} ${count}`);
  if (entry.field) said.push(`${entry.field} ${String(entry.value)}`);
  return `Changed: ${said.join(', ')}`;
}

/** "3 Nov, 18:20". */
export function momentInWords(at: string): string {
  return format(new Date(at), 'd MMM, HH:mm');
}
