import { foundationExtra, stitchOf, type Fabric } from '../fabric/fabric.js';
import type { RoundWay } from '../work/rows.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { stitchPattern, type StitchPattern } from './pattern.js';
import { heightOf, type StitchKind } from './kinds.js';
import { beginsOnChain, prove, type StitchProof } from './prove.js';
import { roundVersion } from './round.js';
import type { StitchText } from './textReader.js';
import { isPlainRow, type Node, type PatternRow } from './tree.js';

/** What a fabric is worked in. */
export type FabricStitches =
  /** The same stitch in every stitch: "hdc", "sc blo". */
  | { is: 'plain'; stitch: string }
  /** Rows of real stitches, proven. */
  | { is: 'rows'; text: StitchText; proof: StitchProof; pattern: StitchPattern }
  /** A count rule without rows that could be worked. */
  | { is: 'unknown' };

/** The rounds of a pattern with what follows from them. */
export interface FabricRounds {
  text: StitchText;
  proof: StitchProof;
}

const ROUNDS = new WeakMap<StitchText, Map<RoundWay, FabricRounds | null>>();

/** The rounds of a fabric as a piece is worked; null where its rows do not come round. */
export function roundsOfFabric(
  { text, proof }: { text: StitchText; proof: StitchProof },
  way: RoundWay,
): FabricRounds | null {
  const ways = ROUNDS.get(text) ?? new Map<RoundWay, FabricRounds | null>();
  ROUNDS.set(text, ways);
  const known = ways.get(way);
  if (known !== undefined) return known;
  const version = roundVersion(text, proof, way);
  const found = version.text && prove(version.text, version.base.multiple).proof;
  const rounds = found ? { text: version.text!, proof: { ...found, base: version.base } } : null;
  ways.set(way, rounds);
  return rounds;
}

const KNOWN = new Map<string, FabricStitches>();
const MOST_KNOWN = 200;

/** The stitches of a fabric; what was found of a text is kept, since proving it takes some milliseconds. */
export function fabricStitches(fabric: Fabric): FabricStitches {
  const text = rowsText(fabric);
  if (text === null) return isSimple(fabric) ? { is: 'plain', stitch: stitchOf(fabric) } : { is: 'unknown' };
  const known = KNOWN.get(text);
  if (known) return known;
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  const found = found_(stitchPattern(text));
  KNOWN.set(text, found);
  return found;
}

function found_(pattern: StitchPattern): FabricStitches {
  if (pattern.faults.length > 0 || !pattern.flat) return { is: 'unknown' };
  const { text, proof } = begunOnChain(pattern.flat);
  const plain = plainStitch(text, proof);
  return plain ? { is: 'plain', stitch: plain } : { is: 'rows', text, proof, pattern };
}

/**
 * A pattern whose first row is worked over stitches begins with a plain row into the chain: that row itself where it is plain, one before it
 * where it is not.
 */
function begunOnChain(flat: { text: StitchText; proof: StitchProof }): {
  text: StitchText;
  proof: StitchProof;
} {
  const { text } = flat;
  const [first] = text.rows;
  if (!first || text.work === 'tunisian' || beginsOnChain(text)) return flat;
  const own = isPlainRow(first);
  const found = first.nodes.find(({ op }) => op === 'work');
  const kind = own && found?.op === 'work' ? found.stitch.kind : 'sc';
  const span = { from: 0, to: 0 };
  const stitch: Node = {
    op: 'work',
    stitch: { kind },
    times: 1,
    place: { at: 'from hook', nth: Math.max(1, heightOf(kind)) + 1 },
    counts: { as: 'nothing' },
    span,
  };
  const { counts: _, ...next } = stitch;
  const each: Node = { ...next, place: { at: 'each', noun: { what: 'ch' }, reach: { to: 'end' } } };
  const row: PatternRow = { ...first, n: 1, nodes: [stitch, each, { op: 'turn', span }] };
  const later = own ? text.rows.slice(1) : text.rows;
  const shift = own ? 0 : 1;
  const rows = [row, ...later.map((one) => ({ ...one, n: one.n === null ? null : one.n + shift }))];
  // A plain first row that repeats comes again, over stitches, at the end of the repeat.
  const again = own && text.repeat.first === 0 ? [{ ...first, n: rows.length + 1 }] : [];
  const whole: StitchText = {
    ...text,
    rows: [...rows, ...again],
    repeat:
      again.length > 0
        ? { first: 1, last: rows.length }
        : { first: text.repeat.first + shift, last: text.repeat.last + shift },
  };
  const { proof } = prove(whole);
  return proof ? { text: whole, proof } : flat;
}

/** The stitch of a pattern that is one row of the same stitch in each; null for any other. */
function plainStitch({ rows, repeat, work }: StitchText, { base }: StitchProof): string | null {
  if (work === 'tunisian' || base.multiple !== 1 || repeat.first !== repeat.last) return null;
  const worked = rows[repeat.first]!.nodes.filter(({ op }) => op !== 'chain' && op !== 'turn');
  const [only] = worked;
  if (worked.length !== 1 || only?.op !== 'work' || only.place.at !== 'each' || only.times !== 1) return null;
  const { kind, loop, post, together, below, name } = only.stitch;
  if (post || together || below || name || !PLAIN.has(kind)) return null;
  return loop ? `${kind} ${loop === 'back' ? 'blo' : 'flo'}` : kind;
}
const PLAIN = new Set(['sl st', 'sc', 'reverse sc', 'esc', 'hdc', 'dc', 'tr']);

/** Whether a fabric is Tunisian: forward and return passes, never turned. */
export function isTunisian(fabric: Fabric): boolean {
  const of = fabricStitches(fabric);
  return of.is === 'rows' && of.text.work === 'tunisian';
}

/** The stitch of a fabric's plain rows: its own, in Tunisian that of the forward pass. */
export function plainStitchOf(fabric: Fabric): StitchKind {
  const of = fabricStitches(fabric);
  if (of.is === 'plain') return of.stitch.replace(/ [bf]lo$/, '') as StitchKind;
  if (of.is !== 'rows' || of.text.work !== 'tunisian') return stitchOf(fabric);
  const worked = of.text.rows[of.text.repeat.first]!.nodes.find(({ op }) => op === 'work');
  return worked?.op === 'work' ? worked.stitch.kind : 'tss';
}

/** A fabric that says nothing but its stitch: worked in that. */
function isSimple({ rule, unit, rowTypes, panel, pattern }: Fabric): boolean {
  return !unit && !rowTypes && !panel && !pattern?.length && rule.flat.multiple <= 2 && rule.flat.plus <= 1;
}

/**
 * The rows of a fabric as text: its own, those that its sentences say, or those of the common pattern whose sentences they were in
 * files of before.
 */
export function rowsText({ rows, pattern }: Pick<Fabric, 'rows' | 'pattern'>): string | null {
  if (rows?.length) return rows.join('\n');
  if (!pattern?.length) return null;
  const id = SENTENCES_OF_BEFORE[pattern.join(' ')];
  if (id) return STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric.rows!.join('\n');
  const said = pattern.join('\n');
  return /^(?:row|rnd|round)\s*\d/i.test(said) ? said : null;
}

/** Sentences that common patterns were told in before they had rows. */
const SENTENCES_OF_BEFORE: Readonly<Record<string, string>> = {
  'sc in each st.': 'single-crochet',
  'hdc in each st.': 'half-double',
  'dc in each st.': 'double-crochet',
  'esc in each st.': 'extended-single',
  '*Skip 1 st, dc in the next st, dc in the skipped st; repeat from * to the end.': 'crossed-pairs',
  '*sc in the next st, dc in the next st; repeat from * to the end: sc over dc, dc over sc.':
    'alternating-texture',
  'RS: sc in each st. WS: dc in each st.': 'rows-of-two-heights',
  'dc in the first st, *(dc, ch 1, dc) in the next ch-1 sp; repeat from * to the last st, dc in the last st.':
    'v-stitch',
  'dc in the first st, *ch 1, skip 1 st, dc in the next st; repeat from * to the end.': 'mesh-1',
  'dc in the first st, *ch 2, skip 2 sts, dc in the next st; repeat from * to the end.': 'mesh-2',
  'dc in the first st, *skip 2 sts, (2 dc, ch 1, 2 dc) in the next st, skip 1 st, dc in the next st; repeat from * to the last st, dc in the last st.':
    'shells-with-mesh',
  'dc in the first st, *3 dc in the next space between clusters; repeat from * to the last st, dc in the last st.':
    'granny-clusters',
  'RS: sc in each st. WS: loop st in each st (loops fall to the right side).': 'loop-rows',
  'sc blo in each st.': 'sideways-rib',
};

/** Chains to make beyond the stitches of a piece: as the rows of its pattern need them, else as the fabric says. */
export function chainsBeyond(fabric: Fabric): number {
  const of = fabricStitches(fabric);
  if (of.is !== 'rows' || fabric.foundation === 'stitches' || fabric.panel || fabric.edgeStitches)
    return foundationExtra(fabric);
  return of.proof.chains.plus - of.proof.base.plus;
}
