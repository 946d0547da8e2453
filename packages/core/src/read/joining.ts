/** What a pattern says of putting its pieces together, for one size, compared with the joins of the plan. */

import { SEAM_YARN, WEAVE_IN } from '../finishing/tails.js';
import type { Join } from '../joins/audit.js';
import { isNear } from '../joins/meet.js';
import { numberOfWords } from '../text/singular.js';
import { CM_PER_INCH, type Units } from '../units/length.js';
import { isPrinted } from '../write/lengths.js';
import { idOfTouch, type Touch } from '../finishing/touches.js';
import { tablesOf } from './ofSize.js';
import { readTouch } from './touches.js';

type ProvenJoin = Pick<
  Join,
  | 'label'
  | 'both'
  | 'kind'
  | 'role'
  | 'a'
  | 'aCount'
  | 'bCount'
  | 'aLength'
  | 'bLength'
  | 'gather'
  | 'eased'
  | 'says'
  | 'corners'
>;

/** How the counts of both sides are told; the second is left out where only a cap's base is told. */
const COUNTS: readonly RegExp[] = [
  /^pick up (\d+) sts? along the (\d+) /,
  /^the (\d+) live sts? go on as (\d+) sts?\.$/,
  /^work the (\d+) sts? of the sleeve at the underarm into the underside of the (\d+) underarm chains?\.$/,
  /^(\d+) (?:sts?|rows?) to (\d+) (?:sts?|rows?), /,
  /^the (\d+) sts? of its (?:first|last) row along (?:the last )?(\d+) /,
  /^set the cap in, the (\d+) bound-off sts? at its base to those of the armhole, /,
  /^(\d+) sts? of front and back along the (\d+) row ends /,
  /^(\d+) (?:rows? of rib|sts?) along (\d+) /,
];
/** "3 sts to 2 row ends, one fewer in all" */
const REPEAT =
  /, (about )?(\d+) (?:sts?|rows?) to (\d+) (?:sts?|rows?)(?:, (\w+) (more|fewer) in (all|every quarter))?/;

/** Sentences that tell no count that a seam is known by. */
const ELSE: readonly RegExp[] = [
  /^Sew the \d+ buttons? to the (?:left|right) front, opposite the buttonholes\.$/,
  /, .+: a row of \w+ steadies it; pick up \d+ sts? along the \d+ row ends? of each/,
];

/**
 * What differs between the lines of the joining, as the maker of one size reads them, and the joins of that size.
 *
 * @param lines of the section, in US terms
 * @param tails lines of the section with the long tails
 * @param lastCounts stitches of the last rows of the pieces
 * @param touches what is done besides seams
 */
export function joiningDiffers(
  lines: readonly string[],
  tails: readonly string[],
  joins: readonly ProvenJoin[],
  lastCounts: readonly number[],
  touches: readonly Touch[] = [],
): string[] {
  const differences: string[] = [];
  const named = new Map<string, ProvenJoin>();
  for (const join of joins) named.set(join.both ?? join.label, join);
  const told = new Map<string, number>();
  let last: ProvenJoin | null = null;
  let step = 0;
  const touched = new Set<string>();
  for (const text of lines) {
    const touch = readTouch(text, touches);
    if (touch) {
      touched.add(touch.id);
      if (touch.fault) differences.push(`“${text}”: ${touch.fault}`);
      continue;
    }
    const [, name, words] = /^([^:]+): (.*)$/.exec(text) ?? [];
    const join = name === undefined ? undefined : named.get(name);
    if (join) {
      told.set(name!, (told.get(name!) ?? 0) + 1);
      last = join;
      const fault = countsDiffer(words!, join);
      if (fault) differences.push(`${name}: ${fault}`);
    } else if (/^Pin at the|^Of these go/.test(text)) {
      const fault = last && stretchesDiffer(text, last);
      if (fault) differences.push(`“${text}”: ${fault}`);
    } else if (text.startsWith('Join it while it is worked: ')) {
      const fault = last && skipsDiffer(text, last);
      if (fault) differences.push(`“${text}”: ${fault}`);
    } else if (/^\d+\. [^:]+: .+$/.test(text)) {
      step += 1;
      if (parseInt(text, 10) !== step) differences.push(`“${text}” is step ${step}`);
    } else if (text.startsWith('Along the upper edge, ')) {
      const round = [...text.matchAll(/\d+/g)].reduce((sum, [many]) => sum + Number(many), 0);
      if (!lastCounts.includes(round)) differences.push(`“${text}”: ${round} is the count of no last row`);
    } else if (/^(?:Stretch the band by|Ease in) about /.test(text)) {
      const fault = last && lengthDiffers(text, last);
      if (fault) differences.push(`“${text}”: ${fault}`);
    } else if (!ELSE.some((form) => form.test(text)))
      differences.push(`“${text}”: this sentence is not one that the joining is written in`);
  }
  for (const name of named.keys())
    if (told.get(name) !== 1)
      differences.push(told.has(name) ? `${name} is told ${told.get(name)} times` : `${name} is not told`);
  for (const touch of touches)
    if (!touched.has(idOfTouch(touch))) differences.push(`${idOfTouch(touch)} is not told`);
  const seams = new Map(
    joins.flatMap((join) => [
      [join.label, join] as const,
      [(join.both ?? join.label).replace(/, both( sides)?$/, ''), join] as const,
    ]),
  );
  for (const { head, rows } of tails.flatMap(tablesOf)) {
    const inches = head.startsWith('in ');
    for (const [label, figure] of rows) {
      const seam = seams.get(/^.+?, at the (?:beginning|end): (.+)$/.exec(label)?.[1] ?? '');
      if (!seam) differences.push(`the tail “${label}” is for no seam`);
      else if (!tailsFor(seam, inches).includes(Number(figure)))
        differences.push(`the tail “${label}” is “${figure}” long`);
    }
  }
  return differences;
}

/** What a tail for a seam may be long: its yarn by one of the methods, and what is woven in, in round fives of a centimetre. */
function tailsFor({ bLength }: ProvenJoin, inches: boolean): number[] {
  return Object.values(SEAM_YARN).map((yarn) => {
    const cm = Math.ceil((bLength * yarn + WEAVE_IN) / 5) * 5;
    return inches ? Math.ceil(cm / CM_PER_INCH) : cm;
  });
}

const WHILE_WORKED =
  /^Join it while it is worked: where a row ends at the edge, sl st in the next 2 of it, a (?:st|row end|st or row end) for each row(?:; skip (\d+|–) of them, spread evenly|; in (\d+) places?, spread evenly, 2 rows go into one)?\.$/;

/** What the edge of a rib joined while it is worked has more than its rows (skipped) or fewer (taken twice). */
function skipsDiffer(text: string, { aCount, bCount }: ProvenJoin): string | null {
  const found = WHILE_WORKED.exec(text);
  if (!found) return 'how the rows take the edge cannot be read';
  const over = found[1] === undefined ? -Number(found[2] ?? 0) : Number(found[1].replace('–', '0'));
  return over === bCount - aCount ? null : `the edge has ${bCount}, the rib ${aCount} rows`;
}

/** "Stretch the band by about 4½ cm", "Ease in about 1 cm": what one side has less or more than the other. */
function lengthDiffers(text: string, { aLength, gather, eased }: ProvenJoin): string | null {
  const wanted = text.startsWith('Stretch') ? aLength * (1 - gather) : Math.abs(eased);
  for (const [, figure, unit] of text.matchAll(/([\d½¼¾.]+) (cm|in)\b/g))
    if (!isPrinted(wanted, figure!, unit as Units)) return `it is ${wanted.toFixed(1)} cm`;
  return null;
}

function countsDiffer(
  words: string,
  { aCount, bCount, a, kind, says, corners = 0 }: ProvenJoin,
): string | null {
  const found = COUNTS.map((form) => form.exec(words)).find((one) => one !== null);
  if (!found) return 'its counts cannot be read';
  const [, said, to] = found;
  const own = to === undefined ? a[0]!.count : aCount;
  if (Number(said) !== own) return `${said} are said, ${own} are there`;
  if (to !== undefined && Number(to) !== bCount) return `${to} are said, ${bCount} are there`;
  const along = says ?? 'row to row from row 1';
  if (kind === 'row-to-row' && !words.includes(`, ${along}.`)) return `it goes ${along}`;
  const [, about, p, q, many, way, where] = REPEAT.exec(words.slice(found[0].length - 2)) ?? [];
  if (p === undefined || kind === 'stitch-to-stitch' || kind === 'row-to-row') return null;
  const number = many === undefined ? 0 : numberOfWords(many);
  const extra = number * (where === 'every quarter' ? 4 : 1) * (way === 'fewer' ? -1 : 1);
  const comes = Math.round((bCount * Number(p)) / Number(q)) + extra;
  // One repeat for all sizes is only near.
  const picked = aCount - corners;
  if (about) return isNear(comes - picked, picked) ? null : `its repeat comes to ${comes}`;
  return comes === picked ? null : `its repeat comes to ${comes}, not ${picked}`;
}

/** "Pin at the quarters: 16 to 12, 16 to 12" and "Of these go 40 to the 20 of the back": the parts come to the whole. */
function stretchesDiffer(text: string, { aCount, bCount, corners = 0 }: ProvenJoin): string | null {
  const parts = [...text.matchAll(/(\d+) to (?:the )?(\d+)/g)];
  const sum = (group: number) => parts.reduce((all, found) => all + Number(found[group]), 0);
  const [, round] = /, (\d+) round the corners\.$/.exec(text) ?? [];
  const along = text.startsWith('Of these') ? aCount - corners : aCount;
  if (round !== undefined && Number(round) !== corners) return `${corners} turn round the corners`;
  if (sum(1) !== along) return `${sum(1)} are said, ${along} are there`;
  return sum(2) === bCount ? null : `${sum(2)} are said, ${bCount} are there`;
}
