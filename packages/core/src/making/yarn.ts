import { sectionAt } from '../garment/sections.js';
import { swatchMetres, type Fabric } from '../fabric/fabric.js';
import { rowsOf } from '../work/runs.js';
import { areaOf } from '../yarn/metres.js';
import type { EntryOf, RowPlace } from './entries.js';
import { standingOf } from './log.js';
import { stripeColours, type ColourOfRow } from './colours.js';
import type { Replayed } from './standing.js';

/** The yarn of one colour of a fabric in a making. Metres; what is to spare is not in them. */
export interface YarnInHand {
  fabric: string;
  colour: string | null;
  /** As reckoned from the swatch: for what is worked, and for what is left. */
  worked: number;
  left: number;
  /** What really went in against what was reckoned, as weighed or by balls that came to their end; null where neither is known. */
  ratio: number | null;
  ball: { grams: number; metres: number } | null;
  /** Balls begun, and how many there are in all; null where that was not said. */
  begun: number;
  inAll: number | null;
  /** Balls wanted in all by what is known now; null where the ball is not known. */
  wanted: number | null;
  /** Where the ball in hand comes to its end; null where that cannot be told, or lies beyond the last row. */
  ends: { piece: string; copy: number; part: string; n: number } | null;
  /** Whether what there is will do; null where that cannot be told. */
  enough: boolean | null;
}

/** What happened to a ball, with the place of its row among all rows; null where no row was noted. */
type Noted = EntryOf<'ball'> & { order: number | null };

interface RowYarn {
  /** Its place among all rows of the garment, in the order of making. */
  order: number;
  piece: string;
  copy: number;
  part: string;
  n: number;
  metres: number;
  isWorked: boolean;
}

/** The yarn of a making, by what is worked and what is left; fabrics without a measured swatch are left out. */
export function yarnInHand(replayed: Replayed): YarnInHand[] {
  const { standing, entries } = replayed;
  return standing.design.fabrics.flatMap((fabric) => {
    const rows = yarnOfRows(replayed, fabric);
    if (!rows) return [];
    const orders = ordersOf(replayed);
    const balls = standingOf(entries, 'ball')
      .filter((entry) => entry.fabric === fabric.id)
      .map((entry): Noted => ({ ...entry, order: orders.get(orderKey(entry)) ?? null }));
    return [...rows].map(([colour, own]) =>
      inHand(
        fabric,
        colour,
        own,
        balls.filter((one) => (one.colour ?? null) === colour),
      ),
    );
  });
}

function orderKey({ piece, copy, part, n }: Partial<RowPlace>): string {
  return `${piece ?? ''}\u0000${copy ?? 1}\u0000${part ?? 'main'}\u0000${n ?? 0}`;
}

/** The place of every row among all of the garment, in the order of making. */
function ordersOf({ standing }: Pick<Replayed, 'standing'>): Map<string, number> {
  const orders = new Map<string, number>();
  for (const { id, runs, copies } of standing.plan.pieces) {
    const rows = rowsOf(runs);
    for (let copy = 1; copy <= copies; copy += 1)
      for (const { part, n } of rows) orders.set(orderKey({ piece: id, copy, part, n }), orders.size);
  }
  return orders;
}

function inHand(
  fabric: Fabric,
  colour: string | null,
  rows: readonly RowYarn[],
  balls: readonly Noted[],
): YarnInHand {
  const sum = (of: readonly RowYarn[]) => of.reduce((all, { metres }) => all + metres, 0);
  const worked = sum(rows.filter(({ isWorked }) => isWorked));
  const left = sum(rows.filter(({ isWorked }) => !isWorked));
  const { ball = null } = fabric;
  const begun = balls.filter(({ event }) => event === 'begun').length;
  const inAll =
    balls.findLast(({ event, balls: many }) => event === 'in all' && many !== undefined)?.balls ?? null;
  const used = usedMetres(rows, balls, ball, inAll);
  const ratio = used && used.reckoned > 0 ? used.metres / used.reckoned : null;
  const factor = ratio ?? 1;
  const wanted = ball ? Math.ceil(((worked + left) * factor) / ball.metres - 1e-9) : null;
  return {
    fabric: fabric.id,
    colour,
    worked,
    left,
    ratio,
    ball,
    begun,
    inAll,
    wanted,
    ends: ball && begun > 0 ? whereItEnds(rows, balls, ball.metres, factor) : null,
    enough: wanted === null || inAll === null ? null : wanted <= inAll,
  };
}

/** What went into rows by the scale or by whole balls, against what was reckoned for these rows. */
function usedMetres(
  rows: readonly RowYarn[],
  balls: readonly Noted[],
  ball: YarnInHand['ball'],
  inAll: number | null,
): { metres: number; reckoned: number } | null {
  if (!ball) return null;
  const weighed = balls.findLast(({ event, grams }) => event === 'weighed' && grams !== undefined);
  if (weighed && inAll !== null) {
    const reckoned = reckonedTo(rows, weighed);
    return { metres: ((inAll * ball.grams - weighed.grams!) * ball.metres) / ball.grams, reckoned };
  }
  const ended = balls.filter(({ event }) => event === 'ended');
  const last = ended.at(-1);
  return last ? { metres: ended.length * ball.metres, reckoned: reckonedTo(rows, last) } : null;
}

/** Metres reckoned for the rows up to the one at which something was noted. */
function reckonedTo(rows: readonly RowYarn[], at: Noted): number {
  const upTo =
    at.order === null
      ? rows.filter(({ isWorked }) => isWorked)
      : rows.filter(({ order }) => order <= at.order!);
  return upTo.reduce((all, { metres }) => all + metres, 0);
}

/** The row in which the ball in hand comes to its end: from where it was begun, by so much for each row. */
function whereItEnds(
  rows: readonly RowYarn[],
  balls: readonly Noted[],
  metres: number,
  factor: number,
): YarnInHand['ends'] {
  const begun = balls.filter(({ event }) => event === 'begun').at(-1)!;
  let left = metres;
  for (const row of rows.filter(({ order, isWorked }) =>
    begun.order === null ? !isWorked : order >= begun.order,
  )) {
    left -= row.metres * factor;
    if (left < 0) return { piece: row.piece, copy: row.copy, part: row.part, n: row.n };
  }
  return null;
}

/** For each colour of a fabric its rows in the order of making, with their yarn; null where the swatch was not measured. */
function yarnOfRows({ standing, progress }: Replayed, fabric: Fabric): Map<string | null, RowYarn[]> | null {
  const metres = swatchMetres(fabric);
  if (!fabric.swatch || metres === null) return null;
  const perStitch = areaOf(fabric, 1) * (metres / (fabric.swatch.width * fabric.swatch.height));
  const rows = new Map<string | null, RowYarn[]>();
  const orders = ordersOf({ standing });
  const colourOf: ColourOfRow = stripeColours(standing);
  for (const { id, sections, runs, copies, role } of standing.plan.pieces) {
    if (!sections.some((section) => section.fabric === fabric.id)) continue;
    const own = rowsOf(runs);
    for (let copy = 1; copy <= copies; copy += 1)
      own.forEach((row, at) => {
        const section = sectionAt(sections, row.n);
        if (section.fabric !== fabric.id || (role === 'sheet' && row.ring)) return;
        const colour = colourOf(id, row.n);
        const list = rows.get(colour) ?? [];
        rows.set(colour, list);
        list.push({
          order: orders.get(orderKey({ piece: id, copy, part: row.part, n: row.n }))!,
          piece: id,
          copy,
          part: row.part,
          n: row.n,
          metres: row.count * perStitch,
          isWorked: at < (progress.get(id)?.[copy - 1]?.worked ?? 0),
        });
      });
  }
  return rows.size > 0 ? rows : null;
}
