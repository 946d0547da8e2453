import { swatchMetres, type Fabric } from '../fabric/fabric.js';
import { rowsOf } from '../work/runs.js';
import { areaOf } from '../yarn/metres.js';
import type { EntryOf } from './entries.js';
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

interface RowYarn {
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
    const balls = standingOf(entries, 'ball').filter((entry) => entry.fabric === fabric.id);
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

function inHand(
  fabric: Fabric,
  colour: string | null,
  rows: readonly RowYarn[],
  balls: readonly EntryOf<'ball'>[],
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
  balls: readonly EntryOf<'ball'>[],
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
function reckonedTo(rows: readonly RowYarn[], { piece, copy, part, n }: EntryOf<'ball'>): number {
  const at = rows.findIndex(
    (row) => row.piece === piece && row.copy === (copy ?? 1) && row.part === (part ?? 'main') && row.n === n,
  );
  const upTo = at < 0 ? rows.filter(({ isWorked }) => isWorked) : rows.slice(0, at + 1);
  return upTo.reduce((all, { metres }) => all + metres, 0);
}

/** The row in which the ball in hand comes to its end: from where it was begun, by so much for each row. */
function whereItEnds(
  rows: readonly RowYarn[],
  balls: readonly EntryOf<'ball'>[],
  metres: number,
  factor: number,
): YarnInHand['ends'] {
  const begun = balls.filter(({ event }) => event === 'begun').at(-1)!;
  const from = rows.findIndex(
    (row) =>
      row.piece === begun.piece &&
      row.copy === (begun.copy ?? 1) &&
      row.part === (begun.part ?? 'main') &&
      row.n === begun.n,
  );
  let left = metres;
  for (const row of rows.slice(Math.max(0, from))) {
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
  const colourOf: ColourOfRow = stripeColours(standing);
  for (const { id, sections, runs, copies, role } of standing.plan.pieces) {
    if (!sections.some((section) => section.fabric === fabric.id)) continue;
    const own = rowsOf(runs);
    for (let copy = 1; copy <= copies; copy += 1)
      own.forEach((row, at) => {
        const section = sections.findLast(({ first }) => first <= row.n) ?? sections[0]!;
        if (section.fabric !== fabric.id || (role === 'sheet' && row.ring)) return;
        const colour = colourOf(id, row.n);
        const list = rows.get(colour) ?? [];
        rows.set(colour, list);
        list.push({
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
