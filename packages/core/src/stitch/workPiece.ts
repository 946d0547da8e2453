import { isTake, type Row, type Step } from '../work/rows.js';
import { makesOf } from '../work/steps.js';
import { rowOf, type RowRun } from '../work/runs.js';
import type { FabricStitches } from './ofFabric.js';
import { PieceWorker, type Beginning, type PlainPlaces } from './pieceWorker.js';
import type { PartStitches, Under, WorkedRow } from './under.js';
import { patternRowAt } from './prove.js';
import { stretchesOf, type Line } from './stretches.js';
import type { StitchedRow } from './stitchedRow.js';
import { StitchError } from './tree.js';

/** The stitches of a piece from a row on. */
export interface StitchSection extends PlainPlaces {
  from: number;
  stitches: FabricStitches;
}

/** What working a piece stitch by stitch has come to. */
export interface StitchedPiece {
  /** One for each row; null from where a part could not be followed any further. */
  rows: (StitchedRow | null)[];
  /** The first row that could not be worked, and why. */
  fault: { row: Row; message: string } | null;
}

/** Rows back at most that a row worked even may be the same as. */
const MOST_ALIKE = 24;

/**
 * Works the rows of a piece in its stitch pattern, every stitch of them: rows in pattern over whole repeats, plain stitches where shaping
 * leaves less than a repeat at an edge or beside a line.
 *
 * @param runs rows of one piece
 * @param sections its stitches, by the rows they begin with
 */
export function workPieceStitches(
  runs: readonly RowRun[],
  sections: readonly StitchSection[],
  beginning: Beginning,
): StitchedPiece {
  const states = new Map<string, PartStitches>();
  const result: StitchedPiece = { rows: [], fault: null };
  const key = (part: string, n: number) => `${part}:${n}`;
  const workers = new Map<StitchSection, PieceWorker>();
  const ahead = linesAhead(runs, sections);
  for (const run of runs) {
    let same: WorkedRow[] = [];
    for (let i = 0; i < run.times; i += 1) {
      const row = rowOf(run, i);
      const section = sections.findLast(({ from }) => from <= row.n)!;
      const { stitches } = section;
      if (stitches.is !== 'rows') {
        result.rows.push({
          pattern: null,
          ring: false,
          repeats: [],
          plain: [row.count],
          stitches: row.count,
        });
        continue;
      }
      if (stitches.text.work === 'tunisian') {
        // Every row is worked from the right side over all loops of the one before.
        const { index } = patternRowAt(stitches.text, row.n - section.from);
        result.rows.push({
          pattern: index,
          ring: false,
          repeats: [row.count],
          plain: [0, 0],
          stitches: row.count,
        });
        continue;
      }
      try {
        const worker = workers.get(section) ?? new PieceWorker(stitches, section);
        workers.set(section, worker);
        const changes = section.from > 1 && row.n === section.from;
        const lines = ahead(row);
        let made: WorkedRow | null = null;
        if (changes || !row.from.some(isTake))
          made = worker.first(row, row.from.length > 0 || changes ? 'plain row' : beginning, lines);
        else {
          const under = underOf(row, (part, n) => states.get(key(part, n)));
          // Rows worked even come to the same again when the pattern has come round to the same side.
          const [only] = under ?? [];
          if (i > 1 && only && 'state' in only) made = worker.sameAs(same, only.state);
          if (under) made ??= worker.next(row, under, lines);
        }
        result.rows.push(made?.row ?? null);
        if (!made) continue;
        same = [...same.slice(-MOST_ALIKE), made];
        states.set(key(row.part, row.n), made.state);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        result.fault ??= { row, message: error.message };
        result.rows.push(null);
        same = [];
      }
    }
  }
  return result;
}

/** What a row is worked into, from right to left; null where one of its parts was not followed. */
function underOf(
  { from }: Row,
  stateOf: (part: string, n: number) => PartStitches | undefined,
): Under[] | null {
  const under: Under[] = [];
  for (const source of [...from].reverse()) {
    if (!isTake(source)) under.push({ picked: source.makes });
    else {
      const state = stateOf(source.part, source.n);
      if (!state) return null;
      under.push({ state, at: source.at, take: source.take });
    }
  }
  return under;
}

/** Whether all that a row changes is whole repeats more in place of a stitch. */
function growsByRepeats({ steps }: Row, multiple: number): boolean {
  return multiple > 1 && steps.every((step) => step.do === 'work' || isWholeGrowth(step, multiple));
}

function isWholeGrowth(step: Step, multiple: number): boolean {
  return step.do === 'increase' && (makesOf(step) - 1) % multiple === 0;
}

/** Rows within which a line of shaping is seen coming: repeats then begin on its two sides. */
const SOON = 8;

/** For a row, the lines that its part is shaped beside soon after it. */
function linesAhead(
  runs: readonly RowRun[],
  sections: readonly StitchSection[],
): (row: Row) => readonly Line[] {
  const shaped: { part: string; n: number; lines: Line[] }[] = [];
  for (const { row } of runs) {
    if (row.steps.length === 1) continue;
    const { stitches } = sections.findLast(({ from }) => from <= row.n)!;
    // Where whole repeats grow out of one, none is divided.
    if (stitches.is === 'rows' && growsByRepeats(row, stitches.proof.base.multiple)) continue;
    const lines = stretchesOf(row, []).lines.map(({ under }) => under);
    if (lines.length > 0) shaped.push({ part: row.part, n: row.n, lines });
  }
  return ({ part, n }) =>
    shaped.find((one) => one.part === part && one.n > n && one.n <= n + SOON)?.lines ?? [];
}
