import { stitchOf, type Fabric } from '../fabric/fabric.js';
import type { PieceRole } from '../joins/roles.js';
import type { RoundWay } from '../work/rows.js';
import { roundEnd, type RowWords } from '../write/rowWords.js';
import type { GoOn } from './goOn.js';
import type { Passage } from './passage.js';

/** What is asked of a piece while it is written. */
export interface WrittenPiece {
  role: PieceRole;
  passages: readonly Passage[];
  /** The stitches of its first row. */
  ends: { first: { count: number } };
}

/** Last row and stitches of a part. */
export interface Reached {
  n: number;
  count: number;
}

/** A piece as far as it has been written, in all sizes whose passages have the same form. */
export class PieceSoFar {
  /** Place of the passage that is written. */
  at = 0;
  /** The parts that the piece was last divided into. */
  divided: readonly GoOn[] | null = null;
  private readonly reached = new Map<string, Reached[]>();
  private readonly rounds = new Map<string, RoundWay>();

  constructor(
    readonly pieces: readonly WrittenPiece[],
    readonly fabrics: ReadonlyMap<string, Fabric>,
    public fabric: Fabric,
  ) {}

  get stitch(): string {
    return stitchOf(this.fabric);
  }

  /** What is worked in rows that are not shaped. */
  get even(): string {
    return this.fabric.pattern?.length ? 'in pattern' : `${this.stitch} in each st`;
  }

  /** How far a part has come, for each size. */
  of(part: string): readonly Reached[] {
    return this.reached.get(part)!;
  }

  reach(part: string, reached: Reached[]): void {
    this.reached.set(part, reached);
  }

  inRounds(part: string, way: RoundWay): void {
    this.rounds.set(part, way);
  }

  /** What the rows of a part are called. */
  wordsOf(part: string): RowWords {
    const way = this.rounds.get(part);
    return way === undefined
      ? { one: 'Row', short: 'row', end: 'turn' }
      : { one: 'Rnd', short: 'rnd', end: roundEnd(way) };
  }
}
