import { isStitchKind, type StitchKind } from './kinds.js';
import { PlaceReader } from './placeReader.js';
import type { SpecialStitch } from './tokenStream.js';
import { StitchError, type ChainCounts, type Node, type Place, type StitchWords } from './tree.js';
import { asNumber, GROUPS, singular, stitchWord } from './words.js';

/** Names of closed or raised stitches that need no definition, with what they usually are (common practice). */
const RAISED: Readonly<Record<string, StitchWords>> = {
  bobble: { kind: 'dc', together: 5, name: 'bobble' },
  popcorn: { kind: 'dc', together: 5, name: 'popcorn' },
  'puff st': { kind: 'hdc', together: 3, name: 'puff st' },
};
const CLOSED = new Set(['bobble', 'popcorn', 'puff st', 'cluster', 'cl']);
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
const MEANING = /^(?:counts?|does|do|don't|not|skipped|the|first|this|these|made|beg|rs|ws|loops?|what)$/;

/**
 * Reads the instructions of one row in US terms.
 *
 * @param specials stitches that were defined by name, in lower case
 * @throws StitchError at the words that cannot be read
 */
export function readRow(text: string, specials: ReadonlyMap<string, SpecialStitch> = new Map()): Node[] {
  return new RowReader(text, specials).all();
}

class RowReader extends PlaceReader {
  all(): Node[] {
    const nodes = this.sequence();
    const left = this.tokens[this.at];
    if (left)
      throw new StitchError(left, `“${this.said(left.from, left.to)}” closes a bracket that was not opened.`);
    return nodes;
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
}
