import { sectionAt } from '../garment/sections.js';
import type { PieceRole } from '../joins/roles.js';
import { lengthOfRows } from '../write/lengths.js';
import { rowsOf } from '../work/runs.js';
import type { TryOn } from './entries.js';
import { standingOf } from './log.js';
import { workIn, type Replayed } from './standing.js';

/** Something that the maker should do now. */
export type Prompt =
  /** Lay the work flat and count again: so many cm of the fabric are worked. */
  | { kind: 'gauge'; fabric: string; piece: string; cm: number }
  /** Try it on: what to look at. */
  | { kind: 'try on'; where: TryOn; piece: string | null; look: string };

/** After so many cm the work is laid flat and counted again (common practice: 15 to 25 cm). */
const COUNT_AFTER = 15;

/** What to look at where a garment is tried on (common practice). */
export const LOOKS: Readonly<Record<TryOn, string>> = {
  shoulders:
    'Does the neck lie where it should, and do the shoulders end where they were to? The neck can still be made wider or narrower.',
  sleeve: 'Does the sleeve come to where the cuff should begin? With the arm bent it takes a little more.',
  neckband:
    'Does the head pass? If it does not, fewer rounds or a larger hook; if it gapes, one round more or a smaller hook.',
  straps: 'Pin the straps: do they hold without cutting in? They give a little when worn.',
  'front bands':
    'Do the edges meet, and does it hang straight? A row more or fewer changes both sides alike.',
  yoke: 'Does the yoke lie under the arms without pulling? A row more lets it down, a row fewer takes it up.',
  other: 'What is too tight, too loose, too long or too short?',
};

/** Rows of a neckband after which it is tried over the head (common practice). */
const NECK_ROUNDS = 3;

/** What is due: a count of the gauge, a trying-on. Of what was done once nothing is asked again. */
export function promptsAt({ standing: { plan, gauges }, entries, progress }: Replayed): Prompt[] {
  const worked = (id: string) => Math.max(0, ...(progress.get(id) ?? []).map((one) => one.worked));
  const counted = new Set(standingOf(entries, 'gauge').map(({ fabric }) => fabric));
  const due = new Set<string>();
  const gauge = plan.pieces.flatMap(({ id, runs, sections }): Prompt[] => {
    const many = worked(id);
    const row = rowsOf(runs)[many - 1];
    if (!row) return [];
    const { fabric } = sectionAt(sections, row.n);
    const cm = lengthOfRows(sections, row.n);
    const again = (gauges.get(fabric)?.length ?? 1) > 1 && !gauges.get(fabric)!.at(-1)!.isCounted;
    const from = gauges.get(fabric)?.at(-1)?.from.get(id) ?? 0;
    const since = cm - (from > 0 ? lengthOfRows(sections, from) : 0);
    if (since < COUNT_AFTER || due.has(fabric) || (counted.has(fabric) && !again)) return [];
    due.add(fabric);
    return [{ kind: 'gauge', fabric, piece: id, cm: since }];
  });
  return [...gauge, ...tryOns()];

  function tryOns(): Prompt[] {
    const tried = new Set(standingOf(entries, 'tried').map(({ where }) => where));
    const { joins: made } = workIn(plan, entries);
    const of = (role: PieceRole) => plan.pieces.filter((piece) => piece.role === role);
    const isDone = (id: string) =>
      (progress.get(id) ?? []).every(
        (one) => one.worked >= rowsOf(plan.pieces.find((piece) => piece.id === id)!.runs).length,
      );
    const found: { where: TryOn; piece: string | null }[] = [];
    const joined = plan.joins.filter(({ role }) => role === 'shoulder');
    if (joined.length > 0 && joined.every(({ id }) => made.has(id)))
      found.push({ where: 'shoulders', piece: null });
    for (const { id } of of('sleeve')) {
      const cuffs = of('cuff');
      // Before the cuff: sleeves worked down come to it, those worked up are measured before they are joined.
      if (worked(id) > 0 && isDone(id) && cuffs.every((cuff) => worked(cuff.id) === 0))
        found.push({ where: 'sleeve', piece: id });
    }
    for (const { id } of of('neckband'))
      if (worked(id) >= NECK_ROUNDS && !isDone(id)) found.push({ where: 'neckband', piece: id });
    for (const { id } of of('strap')) if (isDone(id)) found.push({ where: 'straps', piece: id });
    for (const { id } of [...of('front band'), ...of('centre band')])
      if (worked(id) >= NECK_ROUNDS) found.push({ where: 'front bands', piece: id });
    for (const { id } of of('yoke')) if (isDone(id)) found.push({ where: 'yoke', piece: id });
    return found
      .filter(({ where }, i, all) => !tried.has(where) && all.findIndex((one) => one.where === where) === i)
      .map(({ where, piece }) => ({ kind: 'try on', where, piece, look: LOOKS[where] }));
  }
}
