import { fromBehind } from './behind.js';
import { foundationChain, stitchesIn, type Course } from './course.js';
import { workRow } from './hook.js';
import { heightOf, type StitchKind } from './kinds.js';
import { printRow } from './print.js';
import { prove, turns, type StitchProof } from './prove.js';
import { insideOf } from './round.js';
import type { StitchText } from './textReader.js';
import { tallest, StitchError, type Node, type PatternRow } from './tree.js';

const SPAN = { from: 0, to: 0 };
const TRIED = 3;

/** A pattern in rows made from rounds, or why there is none. */
export interface FlatVersion {
  text: StitchText | null;
  proof: StitchProof | null;
  because: string | null;
}

/**
 * The rows of a pattern that was written in rounds: the repeat of each round between an edge stitch at either end, as tall as the
 * row. Rounds that were not turned are met from behind in every second row, where front and back change places.
 *
 * @param text the pattern in rounds
 * @param proof what follows from it
 */
export function flatVersion(text: StitchText, proof: StitchProof): FlatVersion {
  const without = (because: string): FlatVersion => ({ text: null, proof: null, because });
  const turned = text.rows.some(turns);
  const rows: PatternRow[] = [];
  let below: Course = foundationChain(proof.base.multiple * TRIED + 2);
  for (const [i, row] of text.rows.entries()) {
    const inside = insideOf(row.nodes);
    if (!inside) return without(`Rnd ${row.n ?? i + 1} has no repeat that rows could be made of.`);
    const side = i % 2 === 0 ? 'RS' : 'WS';
    const word = side === 'WS' && !turned ? inside.map(fromBehind) : inside;
    const wanted = proof.rows[i]!.stitches.multiple * TRIED + 2;
    const made = rowOf(word, i === 0 ? null : below, proof.base.multiple * TRIED + 2, wanted);
    if (!made) return without(`Rnd ${row.n ?? i + 1} cannot be worked in rows between plain edge stitches.`);
    below = made.course;
    rows.push({ ...row, round: false, n: i + 1, side, nodes: made.nodes, text: printRow(made.nodes) });
  }
  const version: StitchText = { ...text, work: 'flat', rows, faults: [], chains: null };
  const { proof: proven } = prove(version);
  return proven
    ? { text: version, proof: proven, because: null }
    : without('Its rows do not close on each other.');
}

function rowOf(
  word: readonly Node[],
  below: Course | null,
  base: number,
  wanted: number,
): { nodes: Node[]; course: Course } | null {
  const kind = edgeKind(word);
  for (let turn = 0; turn < word.length; turn += 1) {
    const rotated = [...word.slice(turn), ...word.slice(0, turn)];
    const nodes: Node[] = [
      ...firstEdge(kind, below === null),
      {
        op: 'repeat',
        body: rotated,
        star: true,
        times: { to: 'last', many: 1, noun: { what: below ? 'st' : 'ch' } },
        span: SPAN,
      },
      {
        op: 'work',
        stitch: { kind },
        times: 1,
        place: { at: 'last', many: 1, noun: { what: below ? 'st' : 'ch' } },
        span: SPAN,
      },
      { op: 'turn', span: SPAN },
    ];
    // A first row needs the chains that its edge stitch is made of.
    const extra = kind === 'sc' ? 1 : heightOf(kind) - 1;
    try {
      const course = workRow({ nodes }, below ?? foundationChain(base + extra), {
        turned: true,
        round: false,
      });
      if (stitchesIn(course) === wanted) return { nodes, course };
    } catch (error) {
      if (!(error instanceof StitchError)) throw error;
    }
  }
  return null;
}

/** An edge stitch as tall as the row: a chain that counts, or a sc behind one that does not. */
function firstEdge(kind: StitchKind, first: boolean): Node[] {
  if (kind === 'sc')
    return first
      ? [{ op: 'work', stitch: { kind }, times: 1, place: { at: 'from hook', nth: 2 }, span: SPAN }]
      : [
          { op: 'chain', many: 1, counts: { as: 'nothing' }, span: SPAN },
          {
            op: 'work',
            stitch: { kind },
            times: 1,
            place: { at: 'first', many: 1, noun: { what: 'st' } },
            span: SPAN,
          },
        ];
  const counts = { as: kind, across: 0 } as const;
  return first
    ? [{ op: 'skip', place: { at: 'next', many: heightOf(kind), noun: { what: 'ch' } }, counts, span: SPAN }]
    : [{ op: 'chain', many: heightOf(kind), counts, span: SPAN }];
}

function edgeKind(word: readonly Node[]): StitchKind {
  const kind = tallest(word);
  return heightOf(kind) < 2 ? 'sc' : kind;
}
