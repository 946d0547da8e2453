import { stitchOf, type CountRule, type Fabric } from '../fabric/fabric.js';
import { countOf } from '../text/singular.js';
import { fabricStitches, type FabricStitches } from '../stitch/ofFabric.js';
import { withSkippedSaid } from '../stitch/overStitches.js';
import { printRow } from '../stitch/print.js';
import { roundVersion, type RoundVersion } from '../stitch/round.js';
import type { StitchText } from '../stitch/textReader.js';
import type { Line, PatternSection } from './line.js';
import { inTerms, type Terms } from './terms.js';
import type { WrittenSize } from './written.js';

/** The rule of a stitch pattern. */
function ruleLine({ multiple, plus }: CountRule): Line {
  return [
    multiple === 1
      ? 'Any number of stitches.'
      : `Worked over a multiple of ${multiple}${plus > 0 ? ` plus ${plus}` : ''} stitches.`,
  ];
}

/** The rows of a pattern with its special stitches, in US terms, and which of them repeat. */
export function patternLines({ specials, rows, repeat, work }: StitchText): Line[] {
  const round = work === 'round';
  const one = round ? 'Rnd' : 'Row';
  const words = rows.map((row, i) => printRow(i === 0 ? withSkippedSaid({ rows }) : row.nodes, { round }));
  const end = work === 'tunisian' ? '; return.' : '.';
  const [first, last] = [rows[repeat.first]!.n ?? repeat.first + 1, rows[repeat.last]!.n ?? repeat.last + 1];
  return [
    ...(work === 'tunisian'
      ? [['Tunisian: each row is a forward and a return pass; the right side always faces you.']]
      : []),
    ...[...specials.values()].map((special): Line => [`Special stitch: ${special.name} = ${special.words}`]),
    ...rows.map(({ n, side }, i): Line => [`${one} ${n ?? i + 1} (${side}): ${words[i]!}${end}`]),
    [
      first === last
        ? `Repeat ${one.toLowerCase()} ${first}.`
        : `Repeat ${one.toLowerCase()}s ${first} ${last === first + 1 ? 'and' : 'to'} ${last}.`,
    ],
  ];
}

/** The rows of a fabric as they are worked flat, for a swatch; none where they are not known. */
export function patternRows(fabric: Fabric, terms: Terms): string[] {
  const of = fabricStitches(fabric);
  if (of.is === 'unknown') return [];
  if (of.is === 'plain') return [inTerms(`${of.stitch} in each st`, terms)];
  return patternLines(of.text).map((line) => inTerms(line.join(''), terms));
}

/**
 * What the pattern says of a fabric's stitch pattern: its rows as they are worked flat and, where a piece goes round, its rounds. A
 * plain fabric needs none; one without rows says what its maker wrote of it.
 */
export function stitchSections(fabric: Fabric, sizes: readonly WrittenSize[]): PatternSection[] {
  const of = fabricStitches(fabric);
  const section = (heading: string, id: string, lines: Line[]): PatternSection => ({
    id: `fabric-${fabric.id}${id}`,
    heading: `Stitch pattern: ${heading}`,
    lines,
  });
  if (of.is === 'plain') return [];
  if (of.is === 'unknown')
    return fabric.pattern?.length
      ? [
          section(fabric.name, '', [
            ruleLine(fabric.rule.flat),
            ...fabric.pattern.map((text): Line => [text]),
          ]),
        ]
      : [];
  const { used, round } = stitchWays(fabric, of, sizes);
  if (!used) return [];
  return [
    section(fabric.name, '', [ruleLine(of.proof.base), ...edgeLine(fabric), ...patternLines(of.text)]),
    ...(round?.text
      ? [
          section(`${fabric.name} in the round`, '-round', [
            ruleLine(round.base),
            ...patternLines(round.text),
          ]),
        ]
      : []),
  ];
}

/** The plain stitches that a fabric keeps at its edges. */
function edgeLine({ edgeStitches = 0, ...fabric }: Fabric): Line[] {
  if (edgeStitches === 0) return [];
  return [
    [
      `Keep ${countOf(edgeStitches, 'st')} at each edge of pieces worked in rows in plain ${stitchOf(fabric)}, outside the repeats.`,
    ],
  ];
}

/** Whether pieces are worked in a fabric's pattern, and its rounds where some go round. */
export function stitchWays(
  { id }: Pick<Fabric, 'id'>,
  { text, proof }: Extract<FabricStitches, { is: 'rows' }>,
  sizes: readonly WrittenSize[],
): { used: boolean; round: RoundVersion | null } {
  const pieces = sizes.flatMap((size) =>
    size.pieces.filter(({ sections }) => sections.some(({ fabric }) => fabric === id)),
  );
  const way = pieces.flatMap(({ passages }) =>
    passages.flatMap((passage) => ('round' in passage && passage.round ? [passage.round] : [])),
  )[0];
  return {
    used: pieces.length > 0,
    round: way === undefined ? null : roundVersion(text, proof, way === 'turned' ? 'turned' : 'joined'),
  };
}
