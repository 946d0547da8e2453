/** The stitches that a pattern uses, each with its symbol and how it is made; and its other abbreviations. */

import { escapeXml } from './schematic.js';
import { stitchKey } from '../stitch/key.js';
import { KEY_BOX, keySymbol } from '../stitch/symbols.js';
import type { Line, SectionDrawing } from './line.js';
import { inTerms, type Terms } from './terms.js';

/** Kinds of stitches as texts name them, in the order in which a key has them. */
const KINDS =
  /(?<![\w-])(?:ch|sl st|reverse sc|loop st|bobble|puff st|popcorn|(?:fp|bp)?(?:esc|hdc|sc|dc|edc|tr|dtr|tss|tks|tps|trs)(?:\dtog)?(?: blo| flo)?)(?![\w])/g;
const ORDER = ['ch', 'sl st', 'sc', 'esc', 'hdc', 'dc', 'edc', 'tr', 'dtr'];

/** The kinds of stitches that occur in a text in US terms. */
export function kindsIn(usText: string): string[] {
  const found = new Set<string>();
  for (const [kind] of usText.matchAll(KINDS)) {
    found.add(kind);
    // A stitch in one loop, round a post or together with others is a stitch first.
    const base = /^(?:fp|bp)?([a-z ]+?)(?:\dtog)?(?: blo| flo)?$/.exec(kind)?.[1];
    if (base) found.add(base);
  }
  const place = (kind: string) => {
    const at = ORDER.indexOf(kind);
    return at < 0 ? ORDER.length : at;
  };
  return [...found].sort((a, b) => place(a) - place(b) || a.localeCompare(b));
}

/** How two or more stitches are worked together, from how one is (common practice). */
const UP_TO_LAST: Record<string, string> = {
  sc: 'draw up a loop',
  esc: 'draw up a loop, draw through one loop',
  hdc: 'yarn over, draw up a loop',
  dc: 'yarn over, draw up a loop, draw through two loops',
  tr: 'yarn over twice, draw up a loop, draw through two loops twice',
};

/** How a stitch is called and made that works several together; null for any other. */
function together(kind: string, terms: Terms): { name: string; how: string } | null {
  const [, stitch, many] = /^([a-z]+)(\d)tog$/.exec(kind) ?? [];
  if (stitch === undefined) return null;
  const name = `${many} ${inTerms(stitch, terms)} together`;
  if (stitch.startsWith('t') && stitch !== 'tr')
    return { name, how: `The hook goes behind the bars of ${many} stitches: one loop for all of them.` };
  const step = UP_TO_LAST[stitch];
  return step
    ? { name, how: `In each of ${many} stitches ${step}; then yarn over and draw through all loops.` }
    : null;
}

/** One entry for each kind of stitch: "hdc, half double crochet: Yarn over, …", in the terms wanted. */
export function keyLines(
  kinds: readonly string[],
  terms: Terms,
): { lines: Line[]; drawings: SectionDrawing[] } {
  const entries = stitchKey(kinds, terms);
  return {
    lines: entries.map((entry) => {
      const { kind } = entry;
      const { name, how } = together(entry.of, terms) ?? entry;
      return [`${kind}${name === kind ? '' : ` (${name})`}: ${how}`];
    }),
    drawings: entries.map(({ of, kind }, line): SectionDrawing => ({
      line,
      alt: `Symbol of ${kind}`,
      svg: symbolSvg(of),
      isSymbol: true,
    })),
  };
}

/** A symbol of the key by itself. */
function symbolSvg(kind: string): string {
  const { path, filled, top } = keySymbol(kind);
  const { width } = KEY_BOX;
  // What stands low in its box is as high as it is, so that it lies beside its line.
  const height = KEY_BOX.height - top;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 ${top} ${width} ${height}" width="${width * 0.6}" height="${height * 0.6}" role="img" aria-label="${escapeXml(kind)}"><path d="${path}" stroke="#1f3038" stroke-width="1.6" fill="${filled ? '#1f3038' : 'none'}" stroke-linecap="round"/></svg>`;
}
