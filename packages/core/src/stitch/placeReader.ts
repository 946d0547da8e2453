import { TokenStream } from './tokenStream.js';
import type { Noun, Place, Reach, StitchWords } from './tree.js';
import { asNumber, asOrdinal, GROUPS, singular, stitchWord } from './words.js';

const NEXT = new Set(['next', 'following', 'remaining', 'foll']);

/** Reads where a stitch goes and how far a repeat does: "in the next ch-2 sp", "to the last 3 sts". */
export class PlaceReader extends TokenStream {
  protected loopWord(): 'front' | 'back' | undefined {
    const word = this.oneOf(['blo', 'flo', 'tbl', 'tfl']);
    return word === null ? undefined : word === 'blo' || word === 'tbl' ? 'back' : 'front';
  }

  /** "to the end", "to the last 3 sts", "across", "around", "to the turning ch". */
  protected reach(): Reach | null {
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

  protected reachAfterTo(): Reach | null {
    if (this.take('the', 'next', 'corner')) return { to: 'corner' };
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

  /** "and in each ch to the end", "and last st": a further place of what was said before. */
  protected andPlace(): Place | null {
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
  protected place(also: (words: Partial<StitchWords>) => void = () => undefined): Place | null {
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
  protected loopOf(also: (words: Partial<StitchWords>) => void): void {
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
  protected postOf(preposition: string, also: (words: Partial<StitchWords>) => void): void {
    if (preposition !== 'around' && preposition !== 'round') return;
    const side = this.oneOf(['front', 'back']);
    if (this.oneOf(['post', 'posts'])) {
      this.take('of');
      this.take('the');
      if (side) also({ post: side as 'front' | 'back' });
    }
  }

  protected gap(): Place | null {
    this.take('the');
    this.oneOf(NEXT);
    this.oneOf(['first', 'last']);
    this.number();
    const noun = this.noun();
    return noun ? { at: 'gap', noun } : null;
  }

  /** A place after its preposition. */
  protected where(also: (words: Partial<StitchWords>) => void = () => undefined): Place | null {
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
  protected skippedPlace(): Place | null {
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

  protected isNounAhead(): boolean {
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
  protected ofGroup(): void {
    const start = this.at;
    if (!this.take('of')) return;
    this.oneOf(['the', 'each']);
    this.oneOf(['next', 'first', 'last', 'following', 'same']);
    if (this.noun() === null) this.at = start;
  }

  /** "2 rows below". */
  protected below(also: (words: Partial<StitchWords>) => void): void {
    const start = this.at;
    const many = this.number() ?? (this.take('of', 'the') ? 1 : 1);
    if (this.oneOf(['row', 'rows', 'rnd', 'rnds']) && this.take('below')) {
      also({ below: many });
      return;
    }
    this.at = start;
  }

  protected clauseWords(): void {
    while (this.word() !== undefined && !/^[,;.)\]]$/.test(this.word()!)) this.at += 1;
  }

  /** What a place is called; null where no such word follows. */
  protected noun(): Noun | null {
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
    if (word === 'corner' && space.test(singular(this.word(1) ?? ''))) {
      this.at += 2;
      return { what: 'corner' };
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
