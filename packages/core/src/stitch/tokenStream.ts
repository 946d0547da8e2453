import { tokensOf, type Token } from './tokens.js';
import { StitchError, type Node } from './tree.js';
import { asNumber, singular } from './words.js';

/** A special stitch, defined once by name: how it is worked in one place, or in words alone. */
export interface SpecialStitch {
  name: string;
  words: string;
  /** Null where its words say how the hook goes: then it is one stitch. */
  body: readonly Node[] | null;
}

/** The words of a row as they are read one after another. */
export class TokenStream {
  protected readonly tokens: Token[];
  protected at = 0;

  constructor(
    protected readonly text: string,
    protected readonly specials: ReadonlyMap<string, SpecialStitch>,
  ) {
    this.tokens = tokensOf(text);
  }

  protected word(ahead = 0): string | undefined {
    return this.tokens[this.at + ahead]?.text;
  }

  protected said(from: number, to: number): string {
    return this.text.slice(from, to).replace(/\s+/g, ' ').trim();
  }

  protected from(): number {
    return this.tokens[this.at]?.from ?? this.text.length;
  }

  protected spanFrom(from: number) {
    return { from, to: this.tokens[this.at - 1]?.to ?? from };
  }

  protected take(...words: string[]): boolean {
    if (words.some((word, i) => this.word(i) !== word)) return false;
    this.at += words.length;
    return true;
  }

  protected oneOf(set: ReadonlySet<string> | readonly string[]): string | null {
    const word = this.word();
    if (
      word === undefined ||
      !(Array.isArray(set) ? set.includes(word) : (set as ReadonlySet<string>).has(word))
    )
      return null;
    this.at += 1;
    return word;
  }

  protected number(): number | null {
    const found = asNumber(this.word());
    if (found !== null) this.at += 1;
    return found;
  }

  protected fail(message: string, from = this.from()): never {
    const to = Math.max(this.tokens[this.at]?.to ?? this.text.length, from);
    throw new StitchError({ from: Math.min(from, this.text.length), to }, message);
  }

  protected special(): SpecialStitch | null {
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

  protected takeSpecial({ name }: SpecialStitch): void {
    this.at += tokensOf(name).length;
  }
}
