import type { Design } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { buttonholeLines, joiningLines, tailLines, tailsOfSize } from './joining.js';
import { type LinePart, type PatternSection, type PatternText } from './line.js';
import {
  careLines,
  gaugeLines,
  materialLines,
  readingLines,
  sizeLines,
  type WrittenUnits,
} from './materials.js';
import { writePiece } from './piece.js';
import { stitchSections } from './stitchSections.js';
import { abbreviations, inTerms, type Terms } from './terms.js';
import { usTextOf } from './text.js';
import type { WrittenSize } from './written.js';

export type { Line, PatternSection, PatternText } from './line.js';

export interface PatternWish {
  terms: Terms;
  units: WrittenUnits;
  /** One size alone; all sizes in brackets without it. */
  size?: string;
}

/**
 * Writes the pattern of a plan.
 *
 * @param plan the finished plan
 * @param design the design it was made from (fabrics, hooks, stitch patterns)
 * @param wish terms, units, and one size or all
 * @throws RangeError when the wanted size is not in the plan
 */
export function pattern(
  plan: { sizes: readonly WrittenSize[] },
  design: Design,
  wish: PatternWish,
): PatternText {
  const wanted = wish.size === undefined ? plan.sizes : plan.sizes.filter(({ id }) => id === wish.size);
  if (wanted.length === 0)
    throw new RangeError(
      `there is no size ${wish.size}; the sizes are ${plan.sizes.map(({ id }) => id).join(', ')}`,
    );
  const sizes = wanted.filter(({ pieces }) => pieces.length > 0);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const used = [
    ...new Set(
      sizes.flatMap(({ pieces }) => pieces.flatMap(({ sections }) => sections.map(({ fabric }) => fabric))),
    ),
  ].map((id) => fabrics.get(id)!);
  const pieces = pieceSections(sizes, fabrics, design, wish.units);
  const stitchPatterns = used.flatMap((fabric) => stitchSections(fabric, sizes));
  const front: PatternSection[] = [
    ...(design.words?.intro
      ? [
          {
            id: 'intro',
            heading: 'About',
            lines: [],
            own: [{ text: design.words.intro, line: null, at: null }],
          },
        ]
      : []),
    { id: 'sizes', heading: 'Sizes', lines: sizeLines(sizes, wish.units) },
    { id: 'materials', heading: 'Hooks and yarn', lines: materialLines(sizes, used, design.finishing) },
    { id: 'gauge', heading: 'Gauge', lines: used.flatMap((fabric) => gaugeLines(fabric, wish.units)) },
  ];
  const joining: PatternSection = {
    id: 'joining',
    heading: 'Joining',
    lines: joiningLines(sizes, design, wish.units),
  };
  const cautions = sizes.flatMap(({ notes }) => notes).find(({ code }) => code === 'child-safety');
  const back: PatternSection[] = [
    ...(sizes.length > 0 ? [joining, { id: 'care', heading: 'Care', lines: careLines(design) }] : []),
    ...(cautions
      ? [{ id: 'cautions', heading: 'For the youngest', lines: [[cautions.message.join('')]] }]
      : []),
  ];
  const usText = [...stitchPatterns, ...pieces].flatMap(({ lines }) => lines.map(usTextOf)).join('\n');
  const words: PatternSection = {
    id: 'abbreviations',
    heading: 'Abbreviations',
    lines: abbreviations(usText.replace(/\bCh\b/g, 'ch'), wish.terms).map((text) => [text]),
  };
  const notes: PatternSection = {
    id: 'reading',
    heading: 'Reading this pattern',
    lines: readingLines(sizes, used),
  };
  const inWish = (section: PatternSection): PatternSection => ({
    ...section,
    heading: inTerms(section.heading, wish.terms),
    lines: section.lines.map((parts) => parts.map((part) => partInTerms(part, wish.terms))),
  });
  const sections = [
    ...front.map(inWish),
    words,
    ...[notes, ...stitchPatterns, ...pieces, ...back].map(inWish),
  ];
  return {
    title: design.name,
    sizes: sizes.map(({ label }) => label),
    sizeIds: sizes.map(({ id }) => id),
    sections: sections.map((section) => withSentences(section, design)),
  };
}

/** The author's own sentences stand where they were put, in their own words. */
function withSentences(section: PatternSection, { words }: Design): PatternSection {
  const own = (words?.sentences ?? []).flatMap(({ section: of, text, line }, at) =>
    of === section.id ? [{ text, line: line ?? null, at }] : [],
  );
  return own.length > 0 ? { ...section, own: [...(section.own ?? []), ...own] } : section;
}

/** Figures have no terms; a text for each size has. */
function partInTerms(part: LinePart, terms: Terms): LinePart {
  if (typeof part === 'string') return inTerms(part, terms);
  return 'each' in part ? part : { lists: part.lists.map((text) => inTerms(text, terms)) };
}

/** One section for each piece; sizes whose pieces are worked differently (no front drop in some) get their own. */
function pieceSections(
  sizes: readonly WrittenSize[],
  fabrics: ReadonlyMap<string, Fabric>,
  design: Design,
  units: WrittenUnits,
): PatternSection[] {
  const tails = new Map(sizes.map((size) => [size, tailsOfSize(size, design)]));
  return (sizes[0]?.pieces ?? []).flatMap(({ id }) => {
    const forms = new Map<string, { size: WrittenSize; piece: PlannedPiece }[]>();
    for (const size of sizes) {
      const piece = size.pieces.find((other) => other.id === id)!;
      const form = piece.passages
        .map((passage) => {
          const anew = passage.kind === 'go on' && passage.rejoin ? ' anew' : '';
          const motif = passage.kind === 'shape' && passage.motif ? ' by its motif' : '';
          return `${passage.kind} ${passage.part}${anew}${motif}`;
        })
        .join('/');
      forms.set(form, [...(forms.get(form) ?? []), { size, piece }]);
    }
    return [...forms.values()].map((group): PatternSection => {
      const { piece } = group[0]!;
      const only =
        group.length < sizes.length ? `, size ${group.map(({ size }) => size.label).join(', ')}` : '';
      return {
        id: only === '' ? id : `${id}-${group[0]!.size.id}`,
        heading: `${piece.label}${piece.copies > 1 ? ` (make ${piece.copies})` : ''}${only}`,
        lines: [
          ...tailLines(group, tails, units),
          ...writePiece(
            group.map((entry) => entry.piece),
            fabrics,
          ),
          ...buttonholeLines(group, design),
        ],
        ...(only === '' ? {} : { of: group.map(({ size }) => sizes.indexOf(size)) }),
      };
    });
  });
}
