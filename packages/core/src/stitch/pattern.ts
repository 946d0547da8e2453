import type { CountRule, CountingUnit } from '../fabric/fabric.js';
import { flatVersion } from './flat.js';
import { insideOf, roundVersion, type RoundVersion } from './round.js';
import { prove, type Linear, type StitchProof } from './prove.js';
import { readStitchText, type StitchText } from './textReader.js';
import type { Node, StitchFault } from './tree.js';

/** A stitch pattern: what its text says and everything that follows from it. */
export interface StitchPattern {
  text: StitchText;
  /** Worked flat: as written, or made from rounds; null where it cannot be, or has a fault. */
  flat: { text: StitchText; proof: StitchProof } | null;
  flatBecause: string | null;
  round: RoundVersion | null;
  /** In what its repeats are counted: "shells", 6 stitches and 1 more. */
  unit: CountingUnit | null;
  faults: readonly StitchFault[];
}

/**
 * Reads a stitch pattern and proves it: rows are worked stitch by stitch for 1 to 20 repeats, flat and in the round. Never throws; what
 * is wrong is in `faults`.
 *
 * @param source the text as a maker writes it
 */
export function stitchPattern(source: string): StitchPattern {
  const text = readStitchText(source);
  if (text.faults.length > 0)
    return { text, flat: null, flatBecause: null, round: null, unit: null, faults: text.faults };
  const { proof, faults } = prove(text);
  if (!proof) return { text, flat: null, flatBecause: null, round: null, unit: null, faults };
  const said = contradiction(text, proof);
  const unit = countedIn(text, proof);
  if (text.work === 'round') {
    const made = flatVersion(text, proof);
    return {
      text,
      flat: made.text && made.proof ? { text: made.text, proof: made.proof } : null,
      flatBecause: made.because,
      round: {
        base: proof.base,
        rounds: text.rows.map(({ n, text: words }, i) => `Rnd ${n ?? i + 1}: ${words.replace(/\s+/g, ' ')}`),
        turned: text.rows.some(({ nodes }) => nodes.some(({ op }) => op === 'turn')),
        because: null,
        text,
      },
      unit,
      faults: said,
    };
  }
  return {
    text,
    flat: { text, proof },
    flatBecause: null,
    round: roundVersion(text, proof),
    unit,
    faults: said,
  };
}

/** A foundation that the text states and its rows contradict. */
function contradiction({ chains }: StitchText, proof: StitchProof): StitchFault[] {
  if (!chains) return [];
  const { multiple, plus } = proof.chains;
  if (chains.multiple === multiple && (chains.plus - plus) % multiple === 0) return [];
  return [
    {
      line: chains.line,
      words: chains.words,
      message: `The rows need a multiple of ${multiple}${plus === 0 ? '' : ` plus ${plus}`} chains, not of ${chains.multiple}${chains.plus === 0 ? '' : ` plus ${chains.plus}`}.`,
    },
  ];
}

/** What makers count a fabric in: its mesh spaces, V's, shells or clusters where each repeat has one; otherwise stitches. */
function countedIn(text: StitchText, proof: StitchProof): CountingUnit | null {
  const row = text.rows[text.repeat.first];
  const inside = row ? insideOf(row.nodes) : null;
  const { multiple, plus } = proof.base;
  if (!inside || multiple < 2) return null;
  const several = (node: Node) => node.op === 'group' || (node.op === 'work' && node.times > 1);
  const groups = inside.filter(several);
  const single = inside.filter((node) => node.op === 'work' && !several(node));
  if (single.length > 2) return null;
  const mesh = groups.length === 0 && single.length === 1 && inside.some(({ op }) => op === 'chain');
  const name = groups.length === 1 ? groupName(groups[0]!) : mesh ? 'mesh spaces' : null;
  return name ? { name, stitches: multiple, plus } : null;
}

function groupName(node: Node): CountingUnit['name'] | null {
  const body = node.op === 'group' ? node.body : [node];
  const stitches = body.reduce((sum, one) => sum + (one.op === 'work' ? one.times : 0), 0);
  if (stitches === 2) return body.some(({ op }) => op === 'chain') ? 'V’s' : null;
  return stitches > 3 ? 'shells' : 'clusters';
}

/** The file that `upfell stitch` prints. */
export interface StitchFile {
  format: 'upfell/stitch';
  version: 1;
  name: string | null;
  work: StitchText['work'];
  flat: {
    chains: Linear;
    base: CountRule;
    repeat: StitchProof['repeat'];
    rows: { n: number | null; side: 'RS' | 'WS'; stitches: Linear }[];
  } | null;
  round: { base: CountRule; rounds: readonly string[] | null; because: string | null } | null;
  faults: { line: number; words: string; message: string }[];
}

/** A stitch pattern as an open file. */
export function stitchFile({ text, flat, flatBecause, round, faults }: StitchPattern): StitchFile {
  return {
    format: 'upfell/stitch',
    version: 1,
    name: text.name,
    work: text.work,
    flat: flat && {
      chains: flat.proof.chains,
      base: flat.proof.base,
      repeat: flat.proof.repeat,
      rows: flat.proof.rows.map(({ n, side, stitches }) => ({ n, side, stitches })),
    },
    ...(flat === null && flatBecause !== null ? { flatBecause } : {}),
    round: round && { base: round.base, rounds: round.rounds, because: round.because },
    faults: faults.map(({ line, words, message }) => ({ line, words, message })),
  };
}
