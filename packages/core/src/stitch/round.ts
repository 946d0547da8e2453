import type { CountRule } from '../fabric/fabric.js';
import { hasSides } from './behind.js';
import type { RoundWay } from '../work/rows.js';
import { stitchesIn, type Course } from './course.js';
import { workRow, type RowWay } from './hook.js';
import { heightOf } from './kinds.js';
import { printRow } from './print.js';
import { plainFoundation, prove, PROVEN_REPEATS, type StitchProof } from './prove.js';
import type { StitchText } from './textReader.js';
import {
  isInOnePlace,
  tallest,
  StitchError,
  type Node,
  type Noun,
  type PatternRow,
  type Place,
} from './tree.js';

/** A stitch pattern in the round: its rounds in words, or why there are none. */
export interface RoundVersion {
  base: CountRule;
  rounds: readonly string[] | null;
  /** Whether the rounds are turned; they are where the pattern looks different from behind. */
  turned: boolean;
  because: string | null;
  /** The rounds as a pattern of their own, for working and drawing them. */
  text: StitchText | null;
}

const SPAN = { from: 0, to: 0 };
/** Repeats that a round is tried with before it is proven with 1 to 20. */
const TRIED = 3;

/**
 * The rounds of a flat pattern: the periodic inside of each row, worked round a ring of whole repeats. The balance at the edges goes;
 * the start is found by trying every place of one repeat, the one with the fewest slip stitches first.
 *
 * @param text the pattern worked flat
 * @param proof what follows from it
 * @param way how its rounds must close; as suits the pattern without it
 */
export function roundVersion(text: StitchText, proof: StitchProof, way?: RoundWay): RoundVersion {
  const { multiple } = proof.base;
  const base = { multiple, plus: 0 };
  const without = (because: string): RoundVersion => ({
    base,
    rounds: null,
    turned: false,
    because,
    text: null,
  });
  if (text.work === 'tunisian')
    return without('Tunisian rounds want a double-ended hook; worked flat and seamed, any hook will do.');
  const words = text.rows.map(({ nodes }) => insideOf(nodes));
  const missing = words.findIndex((word) => word === null);
  if (missing >= 0) return without(`${rowName(text.rows[missing]!)} has no repeat that could go round.`);
  // Posts and loops look different from behind: such rows are worked from both sides, as when flat.
  const sided = text.rows.some(({ nodes, side }) => side === 'WS' && hasSides(nodes));
  const ways: RoundWay[] = way ? [way] : sided ? ['turned'] : ['joined', 'turned'];
  let because = 'It does not come round.';
  // Where each time round begins elsewhere than the one before (sc over dc, dc over sc), two times round close on each other.
  for (const [one, times] of ways.flatMap((each) => [[each, 1] as const, [each, 2] as const])) {
    const made = roundsOf(text, proof, words as Node[][], one, times);
    if (typeof made === 'string') {
      because = made;
      continue;
    }
    return { base, rounds: linesOf(made), turned: one === 'turned', because: null, text: made };
  }
  return without(because);
}

function rowName({ n, round }: PatternRow): string {
  return n === null ? 'The set-up row' : `${round ? 'Rnd' : 'Row'} ${n}`;
}

/** What one repeat of a row is: the inside of its star, or its stitch where it is the same in each. */
export function insideOf(nodes: readonly Node[]): Node[] | null {
  for (const node of [...nodes].reverse()) {
    if (node.op === 'repeat' && typeof node.times !== 'number') return node.body.flatMap(apart);
    if ((node.op === 'work' || node.op === 'group') && node.place.at === 'each') {
      const { noun } = node.place;
      return [{ ...node, place: { at: 'next', many: 1, noun } }];
    }
  }
  return null;
}

/** Instructions over several places as one for each: the start of a round may lie between them. */
function apart(node: Node): Node[] {
  if (node.op === 'work' && node.place.at === 'next' && node.place.many > 1 && !node.stitch.together) {
    const { many, noun } = node.place;
    return Array.from({ length: many }, () => ({ ...node, place: { at: 'next' as const, many: 1, noun } }));
  }
  return [node];
}

/** A round in words and worked over a ring of some repeats. */
interface Tried {
  nodes: Node[];
  course: Course;
}

/** All rounds one after another, or why one of them does not come round. */
function roundsOf(
  text: StitchText,
  proof: StitchProof,
  words: Node[][],
  closes: RoundWay,
  times: number,
): StitchText | string {
  const turned = closes === 'turned';
  const rows: PatternRow[] = [];
  let below: Course = plainFoundation(proof.base.multiple * TRIED);
  const { first, last } = text.repeat;
  const order = [...words.keys(), ...(times === 2 ? [...words.keys()].slice(first, last + 1) : [])];
  for (const [i, which] of order.entries()) {
    const word = words[which]!;
    const row = text.rows[which]!;
    const wanted = proof.rows[which]!.stitches.multiple * TRIED;
    const made = roundOf(word, below, { round: true, turned: turned && i > 0 }, wanted, closes);
    if (made === null)
      return `${rowName(row)} does not come round: no place of a repeat lets it begin and end together.`;
    below = made.course;
    rows.push({
      ...row,
      round: true,
      n: i + 1,
      side: turned ? row.side : 'RS',
      nodes: made.nodes,
      text: printRow(made.nodes, { round: true }),
    });
  }
  const version: StitchText = {
    ...text,
    work: 'round',
    rows,
    repeat: { first, last: rows.length - 1 },
    faults: [],
    chains: null,
  };
  const { proof: proven } = prove(version, proof.base.multiple);
  if (
    !proven ||
    proven.base.plus !== 0 ||
    proven.base.multiple !== proof.base.multiple ||
    proven.from > PROVEN_REPEATS
  )
    return 'Its rounds do not close on each other.';
  return version;
}

function linesOf({ rows, repeat }: StitchText): string[] {
  const lines = rows.map(({ n, side, text }) => `Rnd ${n} (${side}): ${text}.`);
  const [first, last] = [rows[repeat.first]!.n, rows[repeat.last]!.n];
  lines.push(
    first === last
      ? `Repeat rnd ${first}.`
      : `Repeat rnds ${first} ${last === first! + 1 ? 'and' : 'to'} ${last}.`,
  );
  return lines;
}

/** One round: the first rotation of its repeat and the first start that come round with the stitches wanted. */
function roundOf(
  word: readonly Node[],
  below: Course,
  way: RowWay,
  wanted: number,
  closes: RoundWay,
): Tried | null {
  const most = Math.ceil(below.units.length / TRIED);
  let best: (Tried & { cost: number }) | null = null;
  for (let turn = 0; turn < word.length; turn += 1) {
    const rotated = [...word.slice(turn), ...word.slice(0, turn)];
    for (const approach of closes === 'spiral' ? [[]] : approaches(rotated[0]!, most)) {
      const cost = approach.length * 10 + startCost(rotated[0]!) + turn * 0.01;
      if (best && best.cost <= cost) continue;
      // A spiral goes on into the next round without a chain: only its stitches may come first.
      const begun =
        closes !== 'spiral' ? begin(rotated, approach.length > 0) : rotated[0]!.op === 'chain' ? null : [];
      if (!begun) continue;
      const nodes: Node[] = [
        ...approach,
        ...begun,
        ...repeatAround(rotated, below.foundation),
        ...(closes === 'spiral' ? [] : [{ op: 'join' as const, span: SPAN }]),
        ...(closes === 'turned' ? [{ op: 'turn' as const, span: SPAN }] : []),
      ];
      const course = tryRow(nodes, below, way);
      if (course && stitchesIn(course) === wanted) best = { nodes, course, cost };
    }
  }
  return best;
}

function tryRow(nodes: Node[], below: Course, way: RowWay): Course | null {
  try {
    return workRow({ nodes }, below, way);
  } catch (error) {
    if (error instanceof StitchError) return null;
    throw error;
  }
}

function repeatAround(body: readonly Node[], ring: boolean): Node[] {
  const [only] = body;
  if (body.length === 1 && only?.op === 'work' && only.place.at === 'next' && only.place.many === 1) {
    const noun: Noun = ring ? { what: 'ch' } : only.place.noun;
    return [{ ...only, place: { at: 'each', noun, reach: { to: 'end' } } }];
  }
  return [{ op: 'repeat', body, star: true, times: { to: 'end' }, span: SPAN }];
}

/** Best begins a stitch that stands alone, then a group; last what begins with a skip. */
function startCost(node: Node): number {
  return node.op === 'skip' ? 25 : node.op === 'work' && node.times === 1 ? 0 : 4;
}

/** Ways to where a round begins: none, or slip stitches to a stitch or space that its first instruction goes into. */
function approaches(first: Node, most: number): Node[][] {
  const ways: Node[][] = [[]];
  if (first.op !== 'work' && first.op !== 'group') return ways;
  const noun: Noun = 'noun' in first.place ? first.place.noun : { what: 'st' };
  const slip = (place: Place): Node => ({
    op: 'work',
    stitch: { kind: 'sl st' },
    times: 1,
    place,
    span: SPAN,
  });
  if (first.place.at === 'centre') return [[slip(first.place)]];
  if (noun.what === 'sp' || noun.what === 'group') {
    ways.push([slip({ at: 'next', many: 1, noun })]);
    for (let many = 1; many <= Math.min(4, most); many += 1)
      ways.push([slip({ at: 'next', many, noun: { what: 'st' } }), slip({ at: 'next', many: 1, noun })]);
    return ways;
  }
  for (let many = 1; many <= Math.min(8, most); many += 1)
    ways.push([slip({ at: 'next', many, noun: { what: 'st' } })]);
  return ways;
}

function isLowAlone([only, ...more]: readonly Node[]): boolean {
  return (
    more.length === 0 && only?.op === 'work' && only.place.at === 'next' && heightOf(only.stitch.kind) < 2
  );
}

/** The first repeat of a round: its first stitch becomes a chain, or begins behind one where a chain cannot stand for it. */
function begin(rotated: readonly Node[], slipped: boolean): Node[] | null {
  const [first, ...rest] = rotated;
  if (first?.op === 'skip' || isLowAlone(rotated)) {
    // What begins with a skip, or is low and the same in each stitch, goes on round from behind a chain that counts as nothing.
    if (slipped) return null;
    return [
      { op: 'chain', many: Math.max(1, heightOf(tallest(rotated))), counts: { as: 'nothing' }, span: SPAN },
    ];
  }
  if (!first || (first.op !== 'work' && first.op !== 'group')) return null;
  const { place } = first;
  if (first.op === 'work' && first.stitch.together && place.at === 'next' && place.many > 1 && !slipped)
    return [
      { op: 'chain', many: Math.max(1, heightOf(first.stitch.kind)), counts: { as: 'nothing' }, span: SPAN },
      ...rotated,
    ];
  const single = place.at === 'next' && place.many === 1;
  if (!single && !(place.at === 'centre' && slipped)) return null;
  const here: Place = slipped || !single ? { at: 'same' } : { at: 'first', many: 1, noun: place.noun };
  if (!slipped && single && place.noun.what === 'sp') return null;
  if (first.op === 'work') {
    const { stitch, times } = first;
    const height = heightOf(stitch.kind);
    const plain = !stitch.post && !stitch.loop && !stitch.together && !stitch.name && !stitch.below;
    if (!plain || height < 2)
      return [
        { op: 'chain', many: Math.max(1, height), counts: { as: 'nothing' }, span: SPAN },
        { ...first, place: here },
        ...rest,
      ];
    const [next, ...others] = rest;
    const across = times === 1 && next?.op === 'chain' ? next.many : 0;
    const chain: Node = {
      op: 'chain',
      many: height + across,
      counts: { as: stitch.kind, across },
      span: SPAN,
    };
    if (times > 1) return [chain, { ...first, times: times - 1, place: { at: 'same' } }, ...rest];
    return [chain, ...(across > 0 ? others : rest)];
  }
  if (!isInOnePlace(first.body)) return null;
  const [head, ...body] = first.body;
  if (head?.op !== 'work' || head.stitch.together || head.stitch.post || heightOf(head.stitch.kind) < 2)
    return [
      { op: 'chain', many: 1, counts: { as: 'nothing' }, span: SPAN },
      { ...first, place: here },
      ...rest,
    ];
  const [next, ...others] = body;
  const across = head.times === 1 && next?.op === 'chain' ? next.many : 0;
  const left: Node[] = [
    ...(head.times > 1 ? [{ ...head, times: head.times - 1 }] : []),
    ...(across > 0 ? others : body),
  ];
  const chain: Node = {
    op: 'chain',
    many: heightOf(head.stitch.kind) + across,
    counts: { as: head.stitch.kind, across },
    span: SPAN,
  };
  const [last] = left;
  const group: Node[] =
    left.length === 0
      ? []
      : left.length === 1 && last?.op === 'work'
        ? [{ ...last, place: { at: 'same' } }]
        : [{ op: 'group', body: left, place: { at: 'same' }, span: SPAN }];
  return [chain, ...group, ...rest];
}
