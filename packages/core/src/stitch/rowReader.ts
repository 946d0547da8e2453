import { TUNISIAN, isStitchKind, type StitchKind } from './kinds.js';
import { tokensOf, type Token } from './tokens.js';
import {
  StitchError,
  type ChainCounts,
  type Node,
  type Noun,
  type Place,
  type Reach,
  type StitchWords,
} from './tree.js';

/** A special stitch, defined once by name: how it is worked in one place, or in words alone. */
export interface SpecialStitch {
  name: string;
  words: string;
  /** Null where its words say how the hook goes: then it is one stitch. */
  body: readonly Node[] | null;
}

/** Names of closed or raised stitches that need no definition, with what they usually are (common practice). */
const RAISED: Readonly<Record<string, StitchWords>> = {
  bobble: { kind: 'dc', together: 5, name: 'bobble' },
  popcorn: { kind: 'dc', together: 5, name: 'popcorn' },
  'puff st': { kind: 'hdc', together: 3, name: 'puff st' },
};
const CLOSED = new Set(['bobble', 'popcorn', 'puff st', 'cluster', 'cl']);
const GROUPS = new Set([
  'shell',
  'fan',
  'group',
  'v',
  'v-st',
  'v-stitch',
  'cluster',
  'cl',
  'bobble',
  'popcorn',
  'puff st',
  'picot',
]);
const FILLERS = new Set([
  'and',
  'then',
  'ending',
  'end',
  'ends',
  'with',
  'work',
  'now',
  'also',
  '–',
  '—',
  'a',
  'an',
]);
const NEXT = new Set(['next', 'following', 'remaining', 'foll']);
const MEANING = /^(?:counts?|does|do|don't|not|skipped|the|first|this|these|made|beg|rs|ws|loops?|what)$/;

const singular = (word: string) =>
  word.length > 2 && /[^s]s$/.test(word) ? word.slice(0, -1) : word === 'stitches' ? 'stitch' : word;
const asNumber = (word: string | undefined): number | null =>
  word === undefined
    ? null
    : /^\d+$/.test(word)
      ? Number(word)
      : ({ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 }[word] ?? null);
const asOrdinal = (word: string | undefined): number | null => {
  const found = /^(\d+)(?:st|nd|rd|th)$/.exec(word ?? '');
  return found ? Number(found[1]) : ({ second: 2, third: 3, fourth: 4, fifth: 5 }[word ?? ''] ?? null);
};

/** Words that hold a stitch: post, kind, together, loop. */
function stitchWord(word: string): StitchWords | null {
  if (isStitchKind(word)) return { kind: word };
  const found = /^(fp|bp)?([a-z]+?)(?:(\d)tog)?$/.exec(word);
  if (!found) return null;
  const [, post, kind, together] = found;
  if (!isStitchKind(kind!) || (!post && !together)) return null;
  return {
    kind,
    ...(post ? { post: post === 'fp' ? 'front' : 'back' } : {}),
    ...(together ? { together: Number(together) } : {}),
  } as StitchWords;
}

/**
 * Reads the instructions of one row in US terms.
 *
 * @param specials stitches that were defined by name, in lower case
 * @throws StitchError at the words that cannot be read
 */
export function readRow(text: string, specials: ReadonlyMap<string, SpecialStitch> = new Map()): Node[] {
  return new RowReader(text, specials).all();
}

class RowReader {
  private readonly tokens: Token[];
  private at = 0;

  constructor(
    private readonly text: string,
    private readonly specials: ReadonlyMap<string, SpecialStitch>,
  ) {
    this.tokens = tokensOf(text);
  }

  all(): Node[] {
    const nodes = this.sequence();
    const left = this.tokens[this.at];
    if (left)
      throw new StitchError(left, `“${this.said(left.from, left.to)}” closes a bracket that was not opened.`);
    return nodes;
  }

  private word(ahead = 0): string | undefined {
    return this.tokens[this.at + ahead]?.text;
  }
  private said(from: number, to: number): string {
    return this.text.slice(from, to).replace(/\s+/g, ' ').trim();
  }
  private from(): number {
    return this.tokens[this.at]?.from ?? this.text.length;
  }
  private spanFrom(from: number) {
    return { from, to: this.tokens[this.at - 1]?.to ?? from };
  }
  private take(...words: string[]): boolean {
    if (words.some((word, i) => this.word(i) !== word)) return false;
    this.at += words.length;
    return true;
  }
  private oneOf(set: ReadonlySet<string> | readonly string[]): string | null {
    const word = this.word();
    if (
      word === undefined ||
      !(Array.isArray(set) ? set.includes(word) : (set as ReadonlySet<string>).has(word))
    )
      return null;
    this.at += 1;
    return word;
  }
  private number(): number | null {
    const found = asNumber(this.word());
    if (found !== null) this.at += 1;
    return found;
  }
  private fail(message: string, from = this.from()): never {
    const to = Math.max(this.tokens[this.at]?.to ?? this.text.length, from);
    throw new StitchError({ from: Math.min(from, this.text.length), to }, message);
  }

  /** Instructions up to a closing bracket, the end of the row, or the "repeat from *" of the star that is open. */
  private sequence(star = false): Node[] {
    const nodes: Node[] = [];
    for (;;) {
      const word = this.word();
      if (word === undefined || word === ')' || word === ']') return nodes;
      if (star && (/^rep(?:eat)?$/.test(word) || word === '*')) return nodes;
      if (/^[,;:.]$/.test(word) || (FILLERS.has(word) && !this.special())) {
        this.at += 1;
        continue;
      }
      nodes.push(...this.instruction());
    }
  }

  private special(): SpecialStitch | null {
    // Names of two words are looked up first.
    for (const many of [3, 2, 1]) {
      const words = this.tokens.slice(this.at, this.at + many).map(({ text }) => text);
      if (words.length < many) continue;
      const name = words.join(' ');
      const found = this.specials.get(name) ?? this.specials.get(singular(name));
      if (found) return found;
    }
    return null;
  }
  private takeSpecial({ name }: SpecialStitch): void {
    this.at += tokensOf(name).length;
  }

  private instruction(): Node[] {
    const from = this.from();
    const word = this.word()!;
    const special = this.special();
    if (special) return this.specialStitch(special, from);
    if (word === '*' || word === '**') return [this.starred()];
    if (word === '(' || word === '[') return this.bracket();
    if (word === 'turn') {
      this.at += 1;
      return [{ op: 'turn', span: this.spanFrom(from) }];
    }
    if (this.take('forward', 'pass') || this.take('fwd')) return [];
    if (this.take('do', 'not', 'turn') || this.take('without', 'turning')) return [];
    if (word === 'join') {
      this.clause();
      return [{ op: 'join', span: this.spanFrom(from) }];
    }
    // "working the last sc in the top of the turning ch" says again where the last repeat ends.
    if (['working', 'fasten', 'place', 'move', 'mark', 'return', 'rtn'].includes(word)) {
      this.clause();
      return [];
    }
    if (word === 'leave') {
      this.clause();
      return [{ op: 'leave', span: this.spanFrom(from) }];
    }
    if (word === 'sk' || word === 'skip' || word === 'miss') return this.skip();
    if (this.isPicot()) return this.picot();
    if (/^ch(?:ain)?(?:-?\d+)?$/.test(word)) return this.chain();
    if (asNumber(word) !== null && /^ch(?:ain)?s?$/.test(this.word(1) ?? '')) return this.chain();
    if (word === 'repeat' || word === 'rep')
      this.fail('There is no “*” before this for the repeat to begin from.');
    return this.work();
  }

  /** Passes over the words up to the next comma, semicolon or full stop. */
  private clause(): void {
    let depth = 0;
    while (this.word() !== undefined) {
      const word = this.word()!;
      if (/[([]/.test(word)) depth += 1;
      if (/[)\]]/.test(word) && (depth -= 1) < 0) return;
      if (depth === 0 && /^[,;.]$/.test(word)) return;
      this.at += 1;
    }
  }

  private specialStitch(special: SpecialStitch, from: number): Node[] {
    this.takeSpecial(special);
    const place = this.place() ?? { at: 'next', many: 1, noun: { what: 'st' } };
    const span = this.spanFrom(from);
    const counts = this.remark();
    const more = counts ? { counts } : {};
    const one = (where: Place): Node =>
      special.body
        ? { op: 'group', body: special.body, name: special.name, place: where, ...more, span }
        : { op: 'work', stitch: { kind: 'dc', name: special.name }, times: 1, place: where, ...more, span };
    const nodes = [one(place)];
    for (let more = this.andPlace(); more; more = this.andPlace()) nodes.push(one(more));
    return this.often(nodes, from);
  }

  private skip(): Node[] {
    const from = this.from();
    this.at += 1;
    this.take('the');
    this.take('next', 'of');
    const which = this.oneOf(['next', 'first', 'last', 'following', 'each']);
    const many = this.number() ?? 1;
    const noun = this.noun() ?? { what: 'st' as const };
    const counts = this.remark();
    const more = this.word() === 'and' && this.isNounAhead() ? this.alsoSkipped(from) : [];
    return [
      {
        op: 'skip',
        ...(counts ? { counts } : {}),
        place: { at: which === 'last' ? 'last' : which === 'first' ? 'first' : 'next', many, noun },
        span: this.spanFrom(from),
      },
      ...more,
    ];
  }

  /** "skip the first dc and ch-1 sp". */
  private alsoSkipped(from: number): Node[] {
    this.at += 1;
    this.take('the');
    this.take('next');
    const many = this.number() ?? 1;
    const noun = this.noun() ?? { what: 'st' as const };
    return [{ op: 'skip', place: { at: 'next', many, noun }, span: this.spanFrom(from) }];
  }

  private isPicot(): boolean {
    return this.word() === 'picot' || (/^ch-\d+$/.test(this.word() ?? '') && this.word(1) === 'picot');
  }
  private picot(): Node[] {
    const from = this.from();
    const chains = Number(/\d+/.exec(this.word()!)?.[0] ?? 3);
    while (this.word() !== 'picot') this.at += 1;
    this.at += 1;
    return [{ op: 'picot', chains, span: this.spanFrom(from) }];
  }

  private chain(): Node[] {
    const from = this.from();
    let many = this.number();
    const word = this.word()!;
    this.at += 1;
    many ??= asNumber(/^ch(?:ain)?-?(\d+)$/.exec(word)?.[1]) ?? this.number();
    if (many === null) many = this.take('the') ? null : 1;
    if (many === null || many < 1) this.fail('Say how many chains: “ch 3”.', from);
    if (many > 500) this.fail('More than 500 chains in a row of a stitch pattern cannot be meant.', from);
    // "ch 3, sl st in the first of them" is a picot.
    const ahead = this.tokens
      .slice(this.at, this.at + 12)
      .map(({ text }) => text)
      .join(' ');
    const picot =
      /^(?:, )?sl st in (?:the )?(?:first of them|(?:first|1st) ch(?: of (?:them|these|it))?|(\d+)(?:st|nd|rd|th) ch from (?:the )?hook)/.exec(
        ahead,
      );
    if (picot && !(picot[1] && Number(picot[1]) > many + 1)) {
      const words = picot[0].split(' ').length - (picot[0].includes('sl st') ? 1 : 0);
      this.at += words;
      return [{ op: 'picot', chains: many, span: this.spanFrom(from) }];
    }
    const counts = this.remark();
    const span = this.spanFrom(from);
    return [{ op: 'chain', many, ...(counts ? { counts } : {}), span }];
  }

  /** "(counts as dc, ch 2)", "(does not count as a st)" and other remarks; what a chain counts as. */
  private remark(): ChainCounts | null {
    const bare = this.word() === 'counts' || (this.word() === ',' && this.word(1) === 'counts');
    if (bare) this.take(',');
    else if (!/^[([]$/.test(this.word() ?? '') || !MEANING.test(this.word(1) ?? '')) return null;
    else if (/^[([]$/.test(this.word()!) && this.word(1) === 'first' && this.isInstructionAhead())
      return null;
    const words: string[] = [];
    if (!bare) this.at += 1;
    let depth = 1;
    while (this.word() !== undefined) {
      const word = this.word()!;
      if (/^[([]$/.test(word)) depth += 1;
      if (/^[)\]]$/.test(word)) depth -= 1;
      if (depth === 0 || (bare && /^[,;.]$/.test(word) && !/^ch/.test(this.word(1) ?? ''))) break;
      words.push(word);
      this.at += 1;
    }
    if (!bare) {
      if (depth > 0) this.fail('This bracket is not closed.');
      this.at += 1;
    }
    const said = words.join(' ');
    if (/not|don't/.test(said)) return { as: 'nothing' };
    if (!/counts? as/.test(said)) return null;
    const kind = words.find((one): one is StitchKind => isStitchKind(one));
    const across = /ch(?:ain)?[ -](\d+)/.exec(said.replace(/^.*?counts? as/, ''))?.[1];
    return kind ? { as: kind, across: Number(across ?? 0) } : null;
  }
  private isInstructionAhead(): boolean {
    return stitchWord(this.word(2) ?? '') !== null && /^(?:in|,)$/.test(this.word(3) ?? '');
  }

  private starred(): Node {
    const from = this.from();
    this.at += 1;
    const body = this.sequence(true);
    if (this.word() === undefined || /^[)\]]$/.test(this.word()!))
      throw new StitchError(
        { from, to: this.tokens[this.at - 1]!.to },
        'The “*” has no “repeat from *”: say how far it goes, “repeat from * to the end”.',
      );
    this.take('*');
    while (this.word() === ';' || this.word() === ',') this.at += 1;
    if (!this.oneOf(['repeat', 'rep'])) this.fail('The “*” has no “repeat from *”.', from);
    this.oneOf(['from', 'between']);
    this.oneOf(['*', '**']);
    while (this.oneOf(['*', 'to']) && this.word() === '*') this.at += 1;
    // A "to" that was passed over belongs to what follows.
    if (this.tokens[this.at - 1]?.text === 'to') this.at -= 1;
    if (body.length === 0)
      throw new StitchError({ from, to: this.from() }, 'There is nothing between “*” and “repeat”.');
    // "repeat from *, ending dc in the last st" goes as far as leaves room for that.
    const ending = /^[,;]$/.test(this.word() ?? '') && /^(?:ending|end|ends)$/.test(this.word(1) ?? '');
    const times = this.times(true) ?? this.reach() ?? (ending ? ({ to: 'end' } as const) : null);
    if (times === null)
      this.fail('Say how far this repeats: “to the end”, “to the last 2 sts”, or “4 more times”.', from);
    return { op: 'repeat', body, star: true, times, span: this.spanFrom(from) };
  }

  /** "4 times", "twice", "x 4"; after a star one more than is said. */
  private times(star: boolean): number | null {
    const more = star ? 1 : 0;
    const start = this.at;
    const fixed = { once: 1, twice: 2 }[this.word() ?? ''];
    if (fixed !== undefined) {
      this.at += 1;
      this.take('more');
      return fixed + more;
    }
    if (/^[x×]$/.test(this.word() ?? '') && asNumber(this.word(1)) !== null) {
      this.at += 1;
      return this.number()! + more;
    }
    const crossed = /^[x×](\d+)$/.exec(this.word() ?? '');
    if (crossed) {
      this.at += 1;
      return Number(crossed[1]) + more;
    }
    this.oneOf(['another']);
    const many = this.number();
    if (many !== null) {
      this.take('more');
      if (this.oneOf(['times', 'time'])) {
        this.take('more');
        return many + more;
      }
    }
    this.at = start;
    return null;
  }

  /** "to the end", "to the last 3 sts", "across", "around", "to the turning ch". */
  private reach(): Reach | null {
    const alone =
      this.word(1) === undefined ||
      /^[,;.)\]]$|^(?:to|until|the|row|and|ending|end|join|turn)$/.test(this.word(1)!);
    if (
      (this.word() === 'across' ||
        ((this.word() === 'around' || this.word() === 'round') &&
          alone &&
          !/^(?:the)$/.test(this.word(1) ?? ''))) &&
      this.oneOf(['across', 'around', 'round'])
    ) {
      const further = this.at;
      if (this.oneOf(['to', 'until'])) {
        const rest = this.reachAfterTo();
        if (rest) return rest;
        this.at = further;
      }
      if (this.take('the', 'row') || this.take('row') || this.take('the', 'rnd')) return { to: 'end' };
      return { to: 'end' };
    }
    if (this.take('until', 'end') || this.take('ending')) return { to: 'end' };
    const start = this.at;
    if (this.word() === 'until') {
      this.at += 1;
      const many = this.number();
      if (many !== null) {
        const noun = this.noun() ?? { what: 'st' as const };
        if (this.oneOf(['remain', 'remains', 'left', 'unworked'])) return { to: 'last', many, noun };
        if (this.take('are', 'left')) return { to: 'last', many, noun };
      }
      this.at = start + 1;
      const rest = this.reachAfterTo();
      if (rest) return rest;
      this.at = start;
      return null;
    }
    if (this.oneOf(['to'])) {
      const rest = this.reachAfterTo();
      if (rest) return rest;
      this.at = start;
    }
    return null;
  }
  private reachAfterTo(): Reach | null {
    this.take('within');
    this.take('the');
    if (this.word() === 'end') {
      this.at += 1;
      if (this.take('of')) {
        this.take('the');
        this.oneOf(['row', 'rnd', 'round', 'rows']);
      }
      return { to: 'end' };
    }
    if (this.oneOf(['tch'])) return { to: 'turning' };
    if (this.take('last')) {
      const many = this.number() ?? 1;
      const noun = this.noun() ?? { what: 'st' as const };
      return { to: 'last', many, noun };
    }
    const many = this.number();
    if (many !== null) {
      const noun = this.noun();
      if (
        noun &&
        (this.take('from', 'the', 'end') || this.take('from', 'end') || this.take('before', 'the', 'end'))
      )
        return { to: 'last', many, noun };
    }
    return null;
  }

  private bracket(): Node[] {
    const from = this.from();
    const open = this.word();
    if (MEANING.test(this.word(1) ?? '') && !this.isInstructionAhead()) {
      this.remark();
      return [];
    }
    this.at += 1;
    const body = this.sequence();
    const close = open === '(' ? ')' : ']';
    if (this.word() !== close)
      throw new StitchError(
        { from, to: this.tokens[this.at]?.to ?? this.text.length },
        `This bracket is not closed: a “${close}” is missing.`,
      );
    this.at += 1;
    if (body.length === 0) throw new StitchError(this.spanFrom(from), 'There is nothing in this bracket.');
    const times = this.times(false) ?? this.reach();
    if (times !== null) return [{ op: 'repeat', body, star: false, times, span: this.spanFrom(from) }];
    const place = this.place();
    if (place === null)
      throw new StitchError(
        this.spanFrom(from),
        'Say how often this bracket is worked (“twice”, “4 times”), or where (“in the next sp”).',
      );
    const span = this.spanFrom(from);
    const counts = this.remark();
    const nodes: Node[] = [{ op: 'group', body, place, ...(counts ? { counts } : {}), span }];
    for (let more = this.andPlace(); more; more = this.andPlace())
      nodes.push({ op: 'group', body, place: more, span: this.spanFrom(from) });
    return this.often(nodes, from);
  }

  /** Nodes that are said to be worked several times. */
  private often(nodes: Node[], from: number): Node[] {
    const many = this.times(false);
    return many === null || many === 1
      ? nodes
      : [{ op: 'repeat', body: nodes, star: false, times: many, span: this.spanFrom(from) }];
  }

  private work(): Node[] {
    const from = this.from();
    if (this.take('even')) {
      const reach = this.reach() ?? { to: 'end' as const };
      return [this.plain(from, { at: 'each', noun: { what: 'st' }, reach })];
    }
    if (this.take('in', 'pattern')) {
      const reach = this.reach() ?? { to: 'end' as const };
      return [this.plain(from, { at: 'each', noun: { what: 'st' }, reach })];
    }
    if (/^inc(?:rease)?$/.test(this.word()!)) {
      this.at += 1;
      const nodes = this.placed({ kind: 'sc' }, 2, from);
      const next: Place = { at: 'next', many: 1, noun: { what: 'st' } };
      return this.often(
        nodes.map((node): Node =>
          node.op === 'work' && node.place.at === 'here' ? { ...node, place: next } : node,
        ),
        from,
      );
    }
    if (/^dec(?:rease)?$/.test(this.word()!)) {
      this.at += 1;
      return this.often(this.placed({ kind: 'sc', together: 2 }, 1, from), from);
    }
    if (this.take('pick', 'up')) {
      this.take('a');
      const many = this.number() ?? 1;
      this.oneOf(['loop', 'loops']);
      return this.often(this.placed({ kind: 'tss' }, many, from), from);
    }
    let loop = this.loopWord();
    const many = this.number();
    loop ??= this.loopWord();
    const found = this.stitch();
    if (!found) {
      if (many !== null) return [this.plain(from, { at: 'next', many, noun: { what: 'st' } })];
      this.unknown(from);
    }
    let stitch: StitchWords = found.stitch;
    loop ??= this.loopWord();
    if (loop) stitch = { ...stitch, loop };
    if (this.oneOf(['together', 'tog'])) {
      stitch = { ...stitch, together: many ?? 2 };
      return this.often(this.placed(stitch, 1, from), from);
    }
    if (found.group) {
      const place = this.place() ?? { at: 'next', many: 1, noun: { what: 'st' } };
      const body: Node[] = [
        { op: 'work', stitch, times: found.group, place: { at: 'here' }, span: this.spanFrom(from) },
      ];
      return this.often([{ op: 'group', body, place, span: this.spanFrom(from) }], from);
    }
    return this.often(this.placed(stitch, many ?? 1, from), from);
  }

  private plain(from: number, place: Place): Node {
    return { op: 'work', stitch: { kind: 'sc' }, times: 1, place, span: this.spanFrom(from) };
  }

  private loopWord(): 'front' | 'back' | undefined {
    const word = this.oneOf(['blo', 'flo', 'tbl', 'tfl']);
    return word === null ? undefined : word === 'blo' || word === 'tbl' ? 'back' : 'front';
  }

  /** A stitch by its abbreviation or name, "3-dc cluster", "shell of 5 dc". */
  private stitch(): { stitch: StitchWords; group?: number } | null {
    const word = this.word();
    if (word === undefined) return null;
    const counted = /^(\d+)-([a-z]+)$/.exec(word);
    if (counted && isStitchKind(counted[2]!)) {
      const name = singular(this.word(1) ?? '');
      if (CLOSED.has(name) || GROUPS.has(name)) {
        this.at += 2;
        const many = Number(counted[1]);
        return CLOSED.has(name)
          ? { stitch: { kind: counted[2], together: many, name: name === 'cl' ? 'cluster' : name } }
          : { stitch: { kind: counted[2] }, group: many };
      }
    }
    const raised = RAISED[word] ?? RAISED[singular(word)];
    if (raised) {
      this.at += 1;
      return { stitch: raised };
    }
    if (word === 'cluster' && this.word(1) === 'of' && asNumber(this.word(2)) !== null) {
      const many = asNumber(this.word(2))!;
      const kind = this.word(3) ?? '';
      if (isStitchKind(kind)) {
        this.at += 4;
        return { stitch: { kind, together: many, name: 'cluster' } };
      }
    }
    if ((word === 'shell' || word === 'fan' || word === 'group') && this.word(1) === 'of') {
      const many = asNumber(this.word(2));
      const kind = this.word(3) ?? '';
      if (many !== null && isStitchKind(kind)) {
        this.at += 4;
        return { stitch: { kind }, group: many };
      }
    }
    const stitch = stitchWord(word) ?? stitchWord(singular(word));
    if (!stitch) {
      // "work 3 sts", "st in each st": whatever the row is worked in.
      if (/^(?:sts?|stitch(?:es)?)$/.test(word)) {
        this.at += 1;
        return { stitch: { kind: 'sc' } };
      }
      return null;
    }
    this.at += 1;
    return { stitch };
  }

  private unknown(from: number): never {
    const word = this.word();
    if (word === undefined || !this.tokens[this.at])
      throw new StitchError({ from, to: this.text.length }, 'A stitch is missing here: sc, dc, and so on.');
    const known = GROUPS.has(singular(word));
    this.fail(
      known
        ? `“${this.said(from, this.tokens[this.at]!.to)}” is not defined: add a line “special: ${this.said(this.from(), this.tokens[this.at]!.to)}: (dc, ch 1, dc) in the same place”, or write its stitches.`
        : `“${this.said(from, this.tokens[this.at]!.to)}” is no stitch or instruction known here: write ch, sl st, sc, hdc, dc, tr and so on, “sk”, “turn”, or define it in a line “special: …”.`,
      from,
    );
  }

  /** A stitch with its place, and further places after "and". */
  private placed(stitch: StitchWords, many: number, from: number): Node[] {
    let said = stitch;
    const at = this.at;
    let place = this.place((words) => (said = { ...said, ...words }));
    if (place === null) {
      this.at = at;
      // "dc2tog over ..." without a place takes the next stitches; "5 dc" the next five.
      place =
        stitch.together && !stitch.name
          ? { at: 'next', many: stitch.together, noun: { what: 'st' } }
          : { at: 'here' };
    }
    const node = (where: Place): Node => ({
      op: 'work',
      stitch: said,
      times: many,
      place: where,
      span: this.spanFrom(from),
    });
    const counts = this.remark();
    const nodes: Node[] = [{ ...node(place), ...(counts ? { counts } : {}) } as Node];
    for (let more = this.andPlace(); more; more = this.andPlace()) nodes.push(node(more));
    return nodes;
  }

  /** "and in each ch to the end", "and last st": a further place of what was said before. */
  private andPlace(): Place | null {
    const start = this.at;
    this.take(',');
    if (!this.oneOf(['and', '&'])) {
      this.at = start;
      return null;
    }
    const place = this.place() ?? this.where();
    if (place === null) this.at = start;
    return place;
  }

  /** A place after its preposition; null where none follows. */
  private place(also: (words: Partial<StitchWords>) => void = () => undefined): Place | null {
    const start = this.at;
    const direct = this.reach();
    if (direct) return { at: 'each', noun: { what: 'st' }, reach: direct };
    const preposition = this.oneOf([
      'in',
      'into',
      'over',
      'on',
      'around',
      'round',
      'under',
      'between',
      'before',
      'to',
      'through',
    ]);
    if (preposition === null) return null;
    if (preposition === 'between' || preposition === 'before') {
      const gap = this.gap();
      if (gap) return gap;
    }
    this.take('the');
    this.loopOf(also);
    this.postOf(preposition, also);
    const place = this.where(also);
    if (place === null && preposition !== 'in' && preposition !== 'into') {
      this.at = start;
      return null;
    }
    if (place === null)
      this.fail('Say where: “in the next st”, “in the ch-2 sp”, “in the same st”.', this.tokens[start]!.from);
    return place;
  }

  /** "back loop only of", "blo of". */
  private loopOf(also: (words: Partial<StitchWords>) => void): void {
    const start = this.at;
    const word = this.loopWord();
    if (word) {
      this.take('of');
      this.take('the');
      also({ loop: word });
      return;
    }
    const side = this.oneOf(['back', 'front']);
    if (side && this.oneOf(['loop', 'loops', 'lp', 'lps'])) {
      this.take('only');
      this.take('of');
      this.take('the');
      also({ loop: side as 'back' | 'front' });
      return;
    }
    this.at = start;
  }
  /** "around the post of", "around the front post of". */
  private postOf(preposition: string, also: (words: Partial<StitchWords>) => void): void {
    if (preposition !== 'around' && preposition !== 'round') return;
    const side = this.oneOf(['front', 'back']);
    if (this.oneOf(['post', 'posts'])) {
      this.take('of');
      this.take('the');
      if (side) also({ post: side as 'front' | 'back' });
    }
  }

  private gap(): Place | null {
    this.take('the');
    this.oneOf(NEXT);
    this.oneOf(['first', 'last']);
    this.number();
    const noun = this.noun();
    return noun ? { at: 'gap', noun } : null;
  }

  /** A place after its preposition. */
  private where(also: (words: Partial<StitchWords>) => void = () => undefined): Place | null {
    const start = this.at;
    this.oneOf(['in', 'into']);
    this.take('the');
    if (this.take('same')) {
      this.noun();
      if (this.take('as')) this.clauseWords();
      return { at: 'same' };
    }
    const skipped = this.skippedPlace();
    if (skipped) return skipped;
    if (this.oneOf(['center', 'centre', 'middle'])) {
      this.noun();
      this.take('of');
      this.take('the');
      this.oneOf(NEXT);
      const of = this.noun();
      return { at: 'centre', of: of ?? { what: 'group', name: 'group' } };
    }
    if (this.take('top')) {
      this.oneOf(['ch', 'chain', 'st']);
      this.take('of');
      this.take('the');
      if (this.oneOf(['tch', 'it'])) return { at: 'turning', nth: null };
      if (/^ch-\d+$/.test(this.word() ?? '') || this.take('skipped')) {
        this.clauseWords();
        return { at: 'turning', nth: null };
      }
      this.oneOf(NEXT);
      const noun = this.noun();
      return noun ? { at: 'next', many: 1, noun } : null;
    }
    if (this.oneOf(['tch'])) return { at: 'turning', nth: null };
    const nth = asOrdinal(this.word());
    const spelledFirst = this.word() === 'first' && /^ch/.test(this.word(1) ?? '') && this.word(2) === 'from';
    if ((nth !== null || spelledFirst) && /^ch(?:ain)?s?$/.test(this.word(1) ?? '')) {
      this.at += 2;
      if (this.take('from')) {
        this.take('the');
        if (!this.take('hook')) this.fail('Say “from the hook”.');
        return { at: 'from hook', nth: nth ?? 1 };
      }
      if (this.take('of')) {
        this.take('the');
        const it = this.oneOf(['tch', 'it', 'them', 'skipped', 'beg', 'first']);
        if (it === 'skipped') this.oneOf(['ch', 'chs', 'chains']);
        if (it === null && /^ch-?\d*$/.test(this.word() ?? '')) this.clauseWords();
        return { at: 'turning', nth };
      }
      this.at = start;
      this.fail('Say which chain this is: “of the turning ch” or “from the hook”.');
    }
    if (this.take('each')) {
      if (this.take('of')) {
        this.take('the');
        const which = this.oneOf(['next', 'first', 'last', 'following']);
        const many = this.number();
        if (many === null) this.fail('Say how many: “in each of the next 3 sts”.');
        const noun = this.noun() ?? { what: 'st' as const };
        return { at: which === 'last' ? 'last' : which === 'first' ? 'first' : 'next', many, noun };
      }
      this.oneOf(NEXT);
      this.loopOf(also);
      let noun = this.noun() ?? { what: 'st' as const };
      while (this.word() === 'and' && this.isNounAhead()) {
        this.at += 1;
        this.oneOf(['in']);
        this.oneOf(['each', 'in']);
        this.noun();
        noun = { what: 'any' };
      }
      this.below(also);
      if (this.oneOf(['between', 'before'])) this.gap();
      this.ofGroup();
      return { at: 'each', noun, reach: this.reach() ?? { to: 'end' } };
    }
    const which = this.oneOf(['next', 'first', 'last', 'following', 'remaining', 'foll']);
    const ordinal = which === 'last' || which === 'first' ? which : 'next';
    const many = this.number();
    if (this.take('ring')) return { at: 'same' };
    this.loopOf(also);
    const noun = this.noun();
    if (noun === null) {
      // "hdc in last 2": the stitches are not named again.
      if (which !== null) return { at: ordinal, many: many ?? 1, noun: { what: 'st' } };
      this.at = start;
      return null;
    }
    if (noun.what === 'sp' && this.oneOf(['between', 'before'])) {
      const gap = this.gap();
      if (gap && ordinal === 'next') return gap;
    }
    this.ofGroup();
    this.below(also);
    return { at: ordinal, many: many ?? 1, noun };
  }

  /** "in the skipped st", "in the first of 2 skipped sts", "in the 2nd skipped st". */
  private skippedPlace(): Place | null {
    const start = this.at;
    this.oneOf(['just', 'last']);
    const first = this.take('first');
    let nth = first ? 1 : (asOrdinal(this.word()) ?? null);
    if (!first && nth !== null) this.at += 1;
    this.take('of');
    this.take('the');
    this.number();
    if (!this.oneOf(['skipped', 'missed'])) {
      this.at = start;
      return null;
    }
    this.noun();
    nth ??= 1;
    return { at: 'skipped', nth };
  }

  private isNounAhead(): boolean {
    const start = this.at;
    this.at += 1;
    this.oneOf(['in']);
    this.oneOf(['each']);
    const noun = this.noun();
    const next = this.word();
    this.at = start;
    return noun !== null && next !== 'in';
  }

  /** "of the next V-st" after a space: which space of the group is clear from its size. */
  private ofGroup(): void {
    const start = this.at;
    if (!this.take('of')) return;
    this.oneOf(['the', 'each']);
    this.oneOf(['next', 'first', 'last', 'following', 'same']);
    if (this.noun() === null) this.at = start;
  }

  /** "2 rows below". */
  private below(also: (words: Partial<StitchWords>) => void): void {
    const start = this.at;
    const many = this.number() ?? (this.take('of', 'the') ? 1 : 1);
    if (this.oneOf(['row', 'rows', 'rnd', 'rnds']) && this.take('below')) {
      also({ below: many });
      return;
    }
    this.at = start;
  }

  private clauseWords(): void {
    while (this.word() !== undefined && !/^[,;.)\]]$/.test(this.word()!)) this.at += 1;
  }

  /** What a place is called; null where no such word follows. */
  private noun(): Noun | null {
    const special = this.special();
    if (special) {
      this.takeSpecial(special);
      return { what: 'group', name: special.name.toLowerCase() };
    }
    const word = this.word();
    if (word === undefined) return null;
    const base = singular(word);
    const space = /^(?:sp|space|loop|lp|arch|square)$/;
    if (/^(?:st|stitch|stitches|post)$/.test(base)) {
      this.at += 1;
      return { what: 'st' };
    }
    const hyphened = /^ch(?:ain)?-(\d+)$/.exec(word);
    if (hyphened && space.test(singular(this.word(1) ?? ''))) {
      this.at += 2;
      return { what: 'sp', chains: Number(hyphened[1]) };
    }
    if (/^ch(?:ain)?$/.test(base)) {
      if (space.test(singular(this.word(1) ?? ''))) {
        this.at += 2;
        return { what: 'sp' };
      }
      const spaced = asNumber(this.word(1));
      if (spaced !== null && space.test(singular(this.word(2) ?? ''))) {
        this.at += 3;
        return { what: 'sp', chains: spaced };
      }
      this.at += 1;
      return { what: 'ch' };
    }
    if (space.test(base)) {
      this.at += 1;
      return { what: 'sp' };
    }
    const counted = /^\d+-([a-z]+)$/.exec(word);
    if (counted && GROUPS.has(singular(this.word(1) ?? ''))) {
      this.at += 2;
      return { what: 'group', name: 'group' };
    }
    if (GROUPS.has(base)) {
      this.at += 1;
      return { what: 'group', name: 'group' };
    }
    const stitch = stitchWord(word) ?? stitchWord(base);
    if (stitch) {
      this.at += 1;
      if (this.word() === 'post') this.at += 1;
      return { what: 'kind', kind: stitch.kind };
    }
    return null;
  }
}

/** Whether a stitch is a loop of a Tunisian forward pass. */
export function isTunisian(kind: StitchKind): boolean {
  return TUNISIAN.includes(kind);
}
