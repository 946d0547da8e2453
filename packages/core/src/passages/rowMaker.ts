import { isTake, type RoundWay, type Row, type Source, type Step } from '../work/rows.js';
import { sideOf, type RowRun } from '../work/runs.js';

/** How far a part has been worked; `first` is what its first row is worked into, when that is another part. */
export interface PartState {
  name: string;
  n: number;
  count: number;
  first: readonly Source[] | null;
  /** Side of the row worked last; rows turn, rounds need not. */
  side: Row['side'];
  round?: RoundWay;
  rejoin: boolean;
}

/** Makes the rows of a piece, those worked even kept together. Flat rows with odd numbers are right-side rows. */
export class RowMaker {
  readonly runs: RowRun[] = [];
  private readonly parts = new Map<string, PartState>();

  /** @throws when a passage names a part that has not been started: a program error */
  part(name: string): PartState {
    const found = this.parts.get(name);
    if (!found) throw new Error(`passage for the part ${name} before it was started`);
    return found;
  }

  begin(state: PartState): PartState {
    this.parts.set(state.name, state);
    return state;
  }

  /** Adds the next row of a part, over all its stitches unless `from` says otherwise. */
  row(
    state: PartState,
    steps: readonly Step[],
    by: number,
    {
      add = 0,
      from,
      flat = false,
      spread = false,
      graded,
      motif,
      ring = false,
    }: {
      add?: number;
      from?: readonly Source[];
      flat?: boolean;
      spread?: boolean;
      graded?: Row['graded'];
      motif?: Row['motif'] | undefined;
      ring?: boolean;
    } = {},
  ): void {
    const sources = from ?? state.first ?? [{ part: state.name, n: state.n, take: state.count, at: 0 }];
    const round = flat ? undefined : state.round;
    state.first = null;
    state.n += 1;
    let count = by + add;
    for (const source of sources) if (isTake(source)) count += source.take;
    state.count = count;
    state.side = round === 'joined' || round === 'spiral' ? 'RS' : state.side === 'RS' ? 'WS' : 'RS';
    const row: Row = { n: state.n, part: state.name, side: state.side, from: sources, steps, count, by, add };
    if (spread) row.spread = true;
    if (graded) row.graded = graded;
    if (motif) row.motif = motif;
    if (ring) row.ring = true;
    if (round) row.round = round;
    if (state.rejoin) row.rejoin = true;
    state.rejoin = false;
    this.runs.push({ row, times: 1 });
  }

  /** Rows worked even until a row of the part is done. */
  even(state: PartState, to: number): void {
    if (state.n >= to) return;
    this.row(state, [{ do: 'work', times: state.count }], 0);
    const more = to - state.n;
    this.runs.at(-1)!.times += more;
    state.side = sideOf(state, more);
    state.n = to;
  }
}
