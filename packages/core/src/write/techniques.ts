/** Techniques that a pattern uses, each in a few sentences with a small drawing. */

import type { SeamMethod } from '../finishing/finishing.js';
import { escapeXml } from './schematic.js';
import type { Line, SectionDrawing } from './line.js';

/** What is looked at to see which techniques a pattern uses. */
interface Used {
  /** The lines of its pieces and stitch patterns, in US terms. */
  usText: string;
  methods: ReadonlySet<SeamMethod>;
}

interface Technique {
  name: string;
  says: string;
  isUsed: (used: Used) => boolean;
  /** Paths of its drawing: dark for what is there, coloured for what is worked now. */
  drawing: { there: string; now: string; alt: string };
}

const [WIDTH, HEIGHT] = [150, 64];
const INK = '#1f3038';
const NOW = '#b4541f';

/** Posts of stitches that stand side by side, each with its bar at the top. */
const posts = (from: number, to: number, foot: number, head: number, step = 14) => {
  let path = '';
  for (let x = from; x <= to; x += step) path += `M${x} ${foot}V${head}M${x - 4} ${head}h8`;
  return path;
};
/** Row ends of a piece: steps as rows make them. */
const rowEnds = (x: number, from: number, to: number, out: number) => {
  let path = `M${x} ${from}`;
  for (let y = from; y < to; y += 12) path += `q${out} 6 0 12`;
  return path;
};
/** A chain: ovals side by side. */
const chain = (from: number, to: number, y: number) => {
  let path = '';
  for (let x = from; x < to; x += 12) path += `M${x} ${y}a6 3 0 1 0 12 0a6 3 0 1 0 -12 0`;
  return path;
};

const seam =
  (method: SeamMethod) =>
  ({ methods }: Used) =>
    methods.has(method);
const said =
  (words: RegExp) =>
  ({ usText }: Used) =>
    words.test(usText);

/** In the order in which a garment is worked. The words are our own; the techniques are common practice. */
const TECHNIQUES: readonly Technique[] = [
  {
    name: 'Foundation stitches',
    says: 'Each makes its own chain. Draw up a loop in the last chain made, draw through one loop: that is the chain for the next one. Then finish the stitch as usual. They stretch as the fabric does, and they can be added at the end of a row.',
    isUsed: said(/\bfoundation (?:sc|esc|hdc|dc|tr)\b/),
    drawing: {
      there: posts(20, 62, 50, 24) + chain(14, 66, 54),
      now: posts(76, 90, 50, 24) + chain(70, 92, 54),
      alt: 'Stitches that stand on chains made one by one with them',
    },
  },
  {
    name: 'Rounds that are joined',
    says: 'At the end of the round slip stitch into its first stitch (into the turning chain where that counts). Where the round is turned as well, the next one begins from the other side; where it is not, the right side always faces you.',
    isUsed: said(/; join(?:, turn)?\. \(/),
    drawing: {
      there: 'M75 8a36 24 0 1 1 -8 .6',
      now: 'M67 8.6q4 -5 8 -.6M71 2v10',
      alt: 'A round that is closed where it began',
    },
  },
  {
    name: 'Rounds that go on',
    says: 'Nothing is joined: the first stitch of the next round goes into the first of this one. Move a marker up in it, so that rounds can be counted.',
    isUsed: said(/; go on\. \(/),
    drawing: {
      there: 'M75 54a30 20 0 1 1 20 -34',
      now: 'M95 20q10 10 2 24q-8 10 -22 10',
      alt: 'A spiral of rounds',
    },
  },
  {
    name: 'Front and back posts',
    says: 'The hook goes round the post of the stitch below instead of under its top: in front of the work and out again for a front post, behind it for a back post. The top of the stitch below stays on the other side and stands out.',
    isUsed: said(/\b[fb]p(?:sc|hdc|dc|tr)/),
    drawing: {
      there: posts(40, 110, 56, 26, 18),
      now: 'M50 40q8 8 16 0M58 40V8M54 8h8',
      alt: 'A stitch whose loop goes behind the post of the one below',
    },
  },
  {
    name: 'Crossed stitches and cables',
    says: 'Pass over the stitches that are to lie behind, work the next ones, then come back and work those that were passed, behind or in front as the row says. Keep both loose: they lean.',
    isUsed: said(/\bbehind (?:it|them|these)|in front of (?:it|them|these)|cross/i),
    drawing: {
      there: 'M60 56L92 14M88 14h8',
      now: 'M92 56L60 14M56 14h8',
      alt: 'Two stitches that cross',
    },
  },
  {
    name: 'Short rows',
    says: 'A short row turns before the end and leaves the rest of the row unworked, so that the piece grows longer at one place than at another. At the next row over all stitches work across the step in one go: draw it together with the stitch beside it if a hole shows.',
    isUsed: said(/short rows \d/),
    drawing: {
      there: 'M10 54H140M10 44H140',
      now: 'M24 34H126M38 24H112M52 14H98',
      alt: 'Rows that grow shorter towards the top',
    },
  },
  {
    name: 'Going on over a part of the stitches',
    says: 'Where the text says so fasten off, pass over the stitches that stay as they are, and draw up a new loop in the next one. Begin there with the turning chain. What was passed over stays live or is sewn later, as its piece says.',
    isUsed: said(/rejoin the yarn|join the yarn and work/),
    drawing: {
      there: posts(20, 130, 56, 34, 14),
      now: 'M76 34V12M72 12h8M90 34V12M86 12h8M104 34V12M100 12h8M118 34V12M114 12h8',
      alt: 'A row that begins in the middle of the one below',
    },
  },
  {
    name: 'Picking up along an edge',
    says: 'With the right side facing, draw each loop up under two threads of the edge, not in its holes. Over stitches take one for each. Along row ends take them as the ratio says: count, and spread what is more or fewer where nobody looks.',
    isUsed: said(/pick up and work|pick up \d/),
    drawing: {
      there: rowEnds(60, 8, 56, 10) + 'M20 8H60M20 56H60',
      now: 'M63 14H90M63 24H90M63 34H90M63 44H90M90 10v8M90 20v8M90 30v8M90 40v8',
      alt: 'Stitches that are drawn out of row ends',
    },
  },
  {
    name: 'Mattress stitch',
    says: 'Lay the edges side by side, right sides up. Take up one thread at the edge of one side, then its partner on the other, row by row; after every few stitches pull the yarn until the edges meet, not tighter than the fabric.',
    isUsed: seam('mattress stitch'),
    drawing: {
      there: 'M20 8H64V56H20M130 8H86V56H130',
      now: 'M64 14H86L64 26H86L64 38H86L64 50H86',
      alt: 'A thread that goes to and fro between two edges',
    },
  },
  {
    name: 'Whip stitch',
    says: 'Lay the edges side by side and go from back to front through both, always from the same side, so that the thread lies in slanting stitches over the edge.',
    isUsed: seam('whip stitch'),
    drawing: {
      there: 'M20 20H130M20 44H130',
      now: 'M30 48L42 16M54 48L66 16M78 48L90 16M102 48L114 16',
      alt: 'Slanting stitches over two edges',
    },
  },
  {
    name: 'Slip-stitch seam',
    says: 'Right sides together, go through both edges at once and slip stitch, loosely: the seam must give as much as the fabric.',
    isUsed: seam('slip stitch'),
    drawing: {
      there: 'M20 24H130M20 40H130',
      now: chain(24, 126, 32),
      alt: 'A chain of slip stitches through two edges',
    },
  },
  {
    name: 'Single-crochet ridge',
    says: 'Wrong sides together, go through both edges at once and work a single crochet, stitch by stitch. The ridge lies outside and is meant to be seen.',
    isUsed: seam('sc ridge'),
    drawing: {
      there: 'M20 50H130M20 42H130',
      now: posts(30, 128, 46, 26) + 'M26 26H130',
      alt: 'A ridge of stitches over two edges',
    },
  },
];

/** The techniques that are used, each a line with its drawing. */
export function techniqueLines(used: Used): { lines: Line[]; drawings: SectionDrawing[] } {
  const some = TECHNIQUES.filter(({ isUsed }) => isUsed(used));
  return {
    lines: some.map(({ name, says }) => [`${name}: ${says}`]),
    drawings: some.map(({ drawing }, line) => ({
      line,
      alt: drawing.alt,
      isSymbol: false,
      svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" width="${WIDTH}" height="${HEIGHT}" role="img" aria-label="${escapeXml(drawing.alt)}" fill="none" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round"><path d="${drawing.there}" stroke="${INK}"/><path d="${drawing.now}" stroke="${NOW}" stroke-width="2.4"/></svg>`,
    })),
  };
}
