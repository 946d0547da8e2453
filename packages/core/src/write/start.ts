import { stitchOf, turningOf, type Fabric } from '../fabric/fabric.js';
import type { Passage } from '../shaping/passages.js';
import { ordinal } from '../text/phrase.js';
import { line, type Line } from './line.js';
import type { RowWords } from './rowWords.js';

type Start = Extract<Passage, { kind: 'start' }>;

/** How a piece begins: its chain or foundation and first row, stitches picked up, or live stitches of another piece. */
export function writeStart(starts: readonly Start[], fabric: Fabric, words: RowWords): Line[] {
  const { along, extra, over, round } = starts[0]!;
  const stitch = stitchOf(fabric);
  const turning = turningOf(fabric);
  const counts = starts.map(({ stitches }) => stitches);
  if (along !== null && over) return writeOver(starts, stitch, words);
  const markers = over ? [writeMarkers(starts, words)] : [];
  if (along !== null)
    return [
      line`${words.one} 1 (RS): pick up and work ${counts} ${stitch} evenly along ${along}; ${words.end}. (${counts} sts)`,
    ];
  if (round)
    return [
      line`Ch ${counts}; join with a sl st to a ring without twisting it.`,
      line`Rnd 1 (RS): ${stitch} in each ch round; ${words.end}. (${counts} sts)`,
      ...markers,
    ];
  if (fabric.foundation === 'stitches')
    return [
      line`Row 1 (RS): work ${counts} foundation ${stitch}, without a chain before; turn. (${counts} sts)`,
    ];
  const chain = line`Ch ${starts.map((start) => start.stitches + start.extra)}.`;
  if (extra === 0 && turning !== 'counts')
    return [chain, line`Row 1 (RS): ${stitch} in each st; turn. (${counts} sts)`, ...markers];
  const first =
    turning === 'counts'
      ? `the ${ordinal(extra + 2)} ch from the hook (what is skipped counts as the first st)`
      : `the ${ordinal(extra + 1)} ch from the hook${turning === 'chainless' ? ' (without a chain before it)' : ''}`;
  return [
    chain,
    line`Row 1 (RS): ${stitch} in ${first} and in each ch to the end; turn. (${counts} sts)`,
    ...markers,
  ];
}

/** The parts of a first row with a marker between them, in the order in which a right-side row meets them. */
function writeMarkers(starts: readonly Start[], words: RowWords): Line {
  const parts = starts[0]!.over!.map(
    ({ label }, i): Line => line`${starts.map(({ over }) => over![i]!.count)} ${label}`,
  );
  const listed = parts.reverse().flatMap((one, i): Line => (i > 0 ? [', ', ...one] : one));
  return line`Place a marker wherever the next part begins, seen along a right-side ${words.short}: ${{ inline: listed }}. Move the markers up in every ${words.short}.`;
}

/** A first row over live stitches of another piece, with chains made (or their undersides taken up) between them. */
function writeOver(starts: readonly Start[], stitch: string, words: RowWords): Line[] {
  const { along, over } = starts[0]!;
  const counts = starts.map(({ stitches }) => stitches);
  const parts = over!.map(({ label, chain }, i): Line => {
    const many = starts.map((start) => start.over![i]!.count);
    return chain ? line`ch ${many} for the ${label}` : line`${stitch} in the ${many} sts of the ${label}`;
  });
  const listed = parts.reverse().flatMap((one, i): Line => (i > 0 ? [', ', ...one] : one));
  return [
    line`${words.one} 1 (RS), over ${along!}: join the yarn and work ${{ inline: listed }}; ${words.end}. (${counts} sts)`,
  ];
}
