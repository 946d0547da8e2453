import { heightOf, type StitchKind } from './kinds.js';

/** Where in its row some words stand: offsets of the first character and behind the last. */
export interface Span {
  from: number;
  to: number;
}

/** What a place is called: a stitch of any kind, a chain, a space, stitches of one kind, or a group by its name. */
export type Noun =
  | { what: 'st' }
  | { what: 'ch' }
  /** A space; `chains` where it is called a "ch-2 sp". */
  | { what: 'sp'; chains?: number }
  /** The space at the next corner of a motif. */
  | { what: 'corner' }
  | { what: 'kind'; kind: StitchKind }
  /** Stitches and spaces alike: "in each st and each ch-1 sp". */
  | { what: 'any' }
  | { what: 'group'; name: string };

/** How far something goes that is not counted out. */
export type Reach =
  | { to: 'end' }
  /** "to the last 3 sts". */
  | { to: 'last'; many: number; noun: Noun }
  | { to: 'turning' }
  /** "to the next corner" of a motif. */
  | { to: 'corner' };

/** Where an instruction is worked. */
export type Place =
  /** Nothing is said: inside a bracket with a place the same one, elsewhere the next stitches. */
  | { at: 'here' }
  /** `beyond`: stitches that come after the last ones, where the row goes on behind a stretch in pattern. */
  | { at: 'next' | 'first' | 'last'; many: number; noun: Noun; beyond?: number }
  | { at: 'each'; noun: Noun; reach: Reach }
  | { at: 'same' }
  /** "in the skipped st": the last that was skipped, or the first of several. */
  | { at: 'skipped'; nth: number }
  | { at: 'from hook'; nth: number }
  /** The turning chain: its top, or the nth chain of it. */
  | { at: 'turning'; nth: number | null }
  /** The gap before the next so many stitches: "between the next 2 dc". */
  | { at: 'gap'; noun: Noun }
  /** The middle stitch of the next group: "the center dc of the next shell". */
  | { at: 'centre'; of: Noun };

/** A stitch as it is worked, apart from where. */
export interface StitchWords {
  kind: StitchKind;
  loop?: 'front' | 'back';
  post?: 'front' | 'back';
  /** So many legs closed together: over so many places, or in one place (a cluster, a bobble). */
  together?: number;
  /** The name of a raised or closed stitch: bobble, puff st, popcorn, cluster. */
  name?: string;
  /** Worked so many rows below the next stitch: a spike. */
  below?: number;
}

export type Node =
  | { op: 'chain'; many: number; counts?: ChainCounts; span: Span }
  /** `counts` is what chains skipped before it count as: "dc in the 4th ch from the hook (skipped ch count as dc)". */
  | { op: 'work'; stitch: StitchWords; times: number; place: Place; counts?: ChainCounts; span: Span }
  /** "(dc, ch 1, dc) in the next sp", or a special stitch by its name. */
  | { op: 'group'; body: readonly Node[]; name?: string; place: Place; counts?: ChainCounts; span: Span }
  | { op: 'skip'; place: Place; counts?: ChainCounts; span: Span }
  | { op: 'picot'; chains: number; span: Span }
  | { op: 'repeat'; body: readonly Node[]; star: boolean; times: number | Reach; span: Span }
  | { op: 'leave'; span: Span }
  | { op: 'join'; span: Span }
  | { op: 'turn'; span: Span };

/** What a turning chain counts as: nothing, or a stitch and so many chains beside it. */
export type ChainCounts = { as: 'nothing' } | { as: StitchKind; across: number };

/** A row of a stitch pattern. */
export interface PatternRow {
  /** Number in the text; null for a set-up row. */
  n: number | null;
  side: 'RS' | 'WS';
  round: boolean;
  /** Line of the text, from 1. */
  line: number;
  /** Where the instructions begin in that line. */
  offset: number;
  text: string;
  nodes: readonly Node[];
}

/** Something wrong in a text: the line, the words, and what would be right. */
export interface StitchFault {
  line: number;
  words: string;
  message: string;
  /** Where the words stand in the line. */
  span?: Span;
}

/** Instructions that cannot be read or worked, at the words that say so. */
export class StitchError extends Error {
  override name = 'StitchError';
  constructor(
    readonly span: Span,
    message: string,
  ) {
    super(message);
  }
}

/** Whether a row is the same stitch in each: a plain row will do for it. */
export function isPlainRow({ nodes }: Pick<PatternRow, 'nodes'>): boolean {
  const worked = nodes.filter(({ op }) => op === 'work');
  return (
    nodes.every(
      ({ op }) => op === 'work' || op === 'chain' || op === 'turn' || op === 'join' || op === 'skip',
    ) &&
    worked.every(
      (node) => node.op === 'work' && node.times === 1 && !node.stitch.together && !node.stitch.post,
    ) &&
    worked.some((node) => node.op === 'work' && node.place.at === 'each')
  );
}

/** Whether a bracket's stitches all go in the one place that is said behind it. */
export function isInOnePlace(body: readonly Node[]): boolean {
  return body.every(
    (node) =>
      node.op === 'chain' ||
      node.op === 'picot' ||
      (node.op === 'work' && (node.place.at === 'here' || node.place.at === 'same')) ||
      (node.op === 'group' && isInOnePlace(node.body)) ||
      (node.op === 'repeat' && isInOnePlace(node.body)),
  );
}

/** The tallest stitch of some instructions. */
export function tallest(nodes: readonly Node[], none: StitchKind = 'sc'): StitchKind {
  let best: StitchKind | null = null;
  for (const node of nodes) {
    const kind =
      node.op === 'work'
        ? node.stitch.kind
        : node.op === 'group' || node.op === 'repeat'
          ? tallest(node.body, none)
          : null;
    if (kind && (best === null || heightOf(kind) > heightOf(best))) best = kind;
  }
  return best ?? none;
}
