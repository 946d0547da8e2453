import { chainsBeforeTurning, faultAt, repeatOf, wrongTerms } from './wholeText.js';
import type { CountRule } from '../fabric/fabric.js';
import { fromTerms, type Terms } from '../write/terms.js';
import { readRow } from './rowReader.js';
import type { SpecialStitch } from './tokenStream.js';
import { StitchError, type Node, type PatternRow, type StitchFault } from './tree.js';

/** How a stitch pattern is worked. */
export const WORKS = ['flat', 'round', 'tunisian'] as const;
export type StitchWork = (typeof WORKS)[number];

/** A stitch pattern as its text says it, before any row is worked. */
export interface StitchText {
  name: string | null;
  terms: Terms;
  work: StitchWork;
  specials: ReadonlyMap<string, SpecialStitch>;
  rows: readonly PatternRow[];
  /** Indexes of the first and last row that repeat; the last is that of `rows`. */
  repeat: { first: number; last: number };
  /** "Chain a multiple of 6 plus 2": said, to be compared with what follows from the rows. */
  chains: (CountRule & { line: number; words: string }) | null;
  faults: readonly StitchFault[];
}

/** Most characters of a stitch pattern. */
export const LONGEST_STITCH_TEXT = 10_000;

const ROW =
  /^(set-?\s?up|foundation)?\s*(row|rnd|round)s?\b\s*(\d+)?((?:\s*(?:,|and|&|–|-|to)\s*\d+)*)\s*(?:\((RS|WS)(?:\s+facing)?\)|,\s*(RS|WS))?\s*(?:\((?:forward|return)[^)]*\))?\s*[:.–-]\s*/i;
const REPEAT =
  /^(?:rep(?:eat)?|work)\s+(?:the\s+)?(?:last\s+)?(?:(row|rnd|round)s?)\s+(\d+)((?:\s*(?:,|and|&|–|-|to|through)\s*\d+)*)/i;
const AS_ROW = /^(?:rep(?:eat)?|as|same as|work as)\s+(?:for\s+)?(?:row|rnd|round)\s+(\d+)\s*\.?$/i;
const CHAINS =
  /^(?:ch(?:ain)?|foundation(?: ch(?:ain)?)?:?)\s+(?:any|a)?\s*(?:multiple|number)\s+of\s+(\d+)\s*(?:sts?|ch(?:ains?)?|stitches)?\s*(?:(?:plus|\+)\s*(\d+))?/i;

/** Numbers of "2 and 3", "2-5", "2, 4". */
function numbersOf(first: string, more: string): number[] {
  const numbers = [Number(first)];
  for (const [, sign, next] of more.matchAll(/(,|and|&|–|-|to|through)\s*(\d+)/g)) {
    const to = Number(next);
    if (sign === ',' || sign === 'and' || sign === '&') numbers.push(to);
    else for (let n = numbers.at(-1)! + 1; n <= Math.min(to, numbers[0]! + 200); n += 1) numbers.push(n);
  }
  return numbers;
}

interface Draft {
  n: number | null;
  side: 'RS' | 'WS' | null;
  round: boolean;
  line: number;
  offset: number;
  text: string;
}

/**
 * Reads a stitch pattern: header lines ("name: ...", "terms: us", "work: flat", "special: NAME: ..."), rows, and which of them repeat.
 * Nothing is thrown: what cannot be read is a fault with its line, its words and what would be right, and the rest is read all the same.
 *
 * @param text lines as a maker writes them
 */
export function readStitchText(text: string): StitchText {
  const faults: StitchFault[] = [];
  if (text.length > LONGEST_STITCH_TEXT)
    return {
      ...NOTHING,
      faults: [
        {
          line: 1,
          words: '',
          message: `The text has ${text.length} characters; a stitch pattern of up to ${LONGEST_STITCH_TEXT} is read.`,
        },
      ],
    };
  let name: string | null = null;
  let terms: Terms = 'us';
  let work: StitchWork | null = null;
  const specials = new Map<string, SpecialStitch>();
  const specialLines: { line: number; name: string; words: string }[] = [];
  const drafts: Draft[] = [];
  const repeats: { line: number; words: string; numbers: number[] }[] = [];
  let chains: StitchText['chains'] = null;
  let open: Draft | null = null;

  linesOf(text).forEach(({ whole, line }) => {
    const said = whole.trim();
    if (said === '' || said.startsWith('#')) {
      open = said === '' ? null : open;
      return;
    }
    const header = /^(name|terms|work|special(?: stitch)?)\s*:\s*(.*)$/i.exec(said);
    if (header) {
      open = null;
      const value = header[2]!.trim();
      const key = header[1]!.toLowerCase();
      if (key === 'name') name = value || null;
      else if (key === 'terms') {
        const wanted = value.toLowerCase();
        if (wanted === 'us' || wanted === 'uk') terms = wanted;
        else faults.push({ line, words: value, message: `The terms are “${value}”; they are us or uk.` });
      } else if (key === 'work') {
        const wanted = value.toLowerCase() as StitchWork;
        if (WORKS.includes(wanted)) work = wanted;
        else
          faults.push({
            line,
            words: value,
            message: `The work is “${value}”; it is flat, round or tunisian.`,
          });
      } else {
        const parts = /^([^:=]+?)\s*[:=]\s*(.+)$/.exec(value);
        if (parts) specialLines.push({ line, name: parts[1]!, words: parts[2]! });
        else
          faults.push({
            line,
            words: value,
            message:
              'A special stitch is a name and what is worked: “special: V-st: (dc, ch 1, dc) in the same place”.',
          });
      }
      return;
    }
    const typed = CHAINS.exec(said);
    if (typed) {
      chains = { multiple: Number(typed[1]), plus: Number(typed[2] ?? 0), line, words: said };
      open = null;
      return;
    }
    const again = REPEAT.exec(said);
    if (again) {
      repeats.push({ line, words: said, numbers: numbersOf(again[2]!, again[3] ?? '') });
      open = null;
      return;
    }
    const row = ROW.exec(said);
    if (row) {
      const indent = whole.indexOf(said);
      const numbers = row[3] ? numbersOf(row[3], row[4] ?? '') : [null];
      for (const n of numbers) {
        open = {
          n,
          side: ((row[5] ?? row[6])?.toUpperCase() as 'RS' | 'WS' | undefined) ?? null,
          round: !/^row$/i.test(row[2]!),
          line,
          offset: indent + row[0].length,
          text: said.slice(row[0].length),
        };
        drafts.push(open);
      }
      return;
    }
    // The return pass of a Tunisian row closes every loop: the row is read from its forward pass.
    if (/^(?:return|rtn)\b/i.test(said)) return;
    const special = /^([A-Za-z][\w\s-]{0,30}?)\s*(?:=|:)\s*(\(?.+)$/.exec(said);
    if (special && drafts.length === 0) {
      specialLines.push({ line, name: special[1]!, words: special[2]! });
      return;
    }
    if (open) {
      open.text += `\n${whole}`;
      return;
    }
    faults.push({
      line,
      words: said.slice(0, 60),
      message: 'This line is neither a row (“Row 1: …”) nor “Repeat rows 2 and 3” nor a heading (“name: …”).',
    });
  });

  for (const { line, name: called, words } of specialLines)
    specials.set(called.toLowerCase(), specialOf(called, fromTerms(words, terms), specials, line, faults));

  const rows: PatternRow[] = [];
  const byNumber = new Map<number, PatternRow>();
  const rounds =
    work === 'round' || (work === null && drafts.length > 0 && drafts.every(({ round }) => round));
  drafts.forEach((draft, i) => {
    const us = sameLength(draft.text, terms);
    const again = AS_ROW.exec(us.trim().replace(/[;,]?\s*turn\s*\.?$/i, ''));
    let nodes: readonly Node[] = [];
    if (again) {
      const model = byNumber.get(Number(again[1]));
      if (model) nodes = model.nodes;
      else
        faults.push({
          line: draft.line,
          words: draft.text,
          message: `There is no row ${again[1]} above this one.`,
        });
    } else {
      try {
        nodes = readRow(withoutCount(us), specials);
        if (nodes.length === 0)
          faults.push({ line: draft.line, words: draft.text.trim(), message: 'This row says nothing yet.' });
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        faults.push(faultAt(draft, error.span, error.message));
      }
    }
    const row: PatternRow = {
      n: draft.n,
      side: draft.side ?? sideOf(rows.at(-1), i, rounds, work === 'tunisian'),
      round: draft.round,
      line: draft.line,
      offset: draft.offset,
      text: draft.text,
      nodes,
    };
    if (draft.n !== null) {
      if (byNumber.has(draft.n))
        faults.push({
          line: draft.line,
          words: `Row ${draft.n}`,
          message: `Row ${draft.n} is written twice.`,
        });
      byNumber.set(draft.n, row);
    }
    rows.push(row);
  });
  if (rows.length === 0 && faults.length === 0)
    faults.push({ line: 1, words: '', message: 'There are no rows yet: write “Row 1: …”.' });

  return {
    name,
    terms,
    work: work ?? (rounds ? 'round' : 'flat'),
    specials,
    rows: chainsBeforeTurning(rows),
    repeat: repeatOf(rows, repeats, faults),
    chains,
    faults: [...faults, ...wrongTerms(rows, terms)],
  };
}

const NOTHING: StitchText = {
  name: null,
  terms: 'us',
  work: 'flat',
  specials: new Map(),
  rows: [],
  repeat: { first: 0, last: -1 },
  chains: null,
  faults: [],
};

/** The lines of a text; "Repeat row 2." behind a row is a line of its own. */
function linesOf(text: string): { whole: string; line: number }[] {
  return text.split('\n').flatMap((whole, at) => {
    const again = /^(.*[.;])\s*(rep(?:eat)? (?:rows?|rnds?|rounds?) \d.*)$/i.exec(whole);
    return (again ? [again[1]!, again[2]!] : [whole]).map((one) => ({ whole: one, line: at + 1 }));
  });
}

/** The text in US terms; UK names are shorter or longer by letters, so places are kept by padding with spaces. */
function sameLength(text: string, terms: Terms): string {
  if (terms === 'us') return text;
  return text.replace(/[A-Za-z0-9]+/g, (word) => {
    const us = fromTerms(word, terms);
    return us.length <= word.length ? us.padEnd(word.length) : us;
  });
}

/** A count at the end of a row is not an instruction: "(61 sts)", "– 20 sts", "[6 k + 1]". */
function withoutCount(text: string): string {
  return text.replace(
    /[\s.;]*(?:[–—-]\s*\d[^;*]*|[([]\s*\d+[^()[\]*]*\b(?:sts?|stitches|sps?|spaces|sc|dc|hdc|tr|shells?|V-sts?|clusters?|k(?:\s*\+\s*\d+)?)\s*[)\]])\s*\.?\s*$/i,
    (found) => ' '.repeat(found.length),
  );
}

function specialOf(
  name: string,
  words: string,
  specials: ReadonlyMap<string, SpecialStitch>,
  line: number,
  faults: StitchFault[],
): SpecialStitch {
  const inPlace = words.replace(
    /\s*(?:all\s+)?in(?:to)?\s+(?:the\s+)?(?:same|one|next|indicated|stated)\s+(?:\w+(?:-\w+)?)(?:\s+or\s+\w+)?(?:\s+(?:indicated|stated))?\s*\.?$/i,
    '',
  );
  // "(yo, insert hook, ...)" says how the hook goes: such a stitch is one stitch with its own words.
  if (/\b(?:yo|insert|pull|draw|hook)\b/i.test(words)) return { name, words, body: null };
  try {
    const bracketed = /^[([](.*)[)\]]$/s.exec(inPlace.trim());
    const read = readRow(bracketed ? bracketed[1]! : inPlace, specials);
    // "5 dc together in the same st": the legs have one place, whatever the number.
    const body = read.map((node): Node =>
      inPlace !== words && node.op === 'work' && node.stitch.together
        ? { ...node, stitch: { ...node.stitch, name }, place: { at: 'here' } }
        : node,
    );
    return { name, words, body };
  } catch (error) {
    if (!(error instanceof StitchError)) throw error;
    faults.push({ line, words, message: error.message });
    return { name, words, body: null };
  }
}

/** Rows turn from side to side; rounds and Tunisian rows show the right side, unless a round says that it turns. */
function sideOf(
  before: PatternRow | undefined,
  index: number,
  rounds: boolean,
  tunisian: boolean,
): 'RS' | 'WS' {
  if (!before || index === 0 || tunisian) return 'RS';
  if (rounds && !before.nodes.some(({ op }) => op === 'turn')) return before.side;
  return before.side === 'RS' ? 'WS' : 'RS';
}
