import type { Design } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import type { PieceRole } from '../joins/roles.js';
import type { PieceWish } from '../passages/pieceSoFar.js';
import { aboutLines } from './about.js';
import { buttonholeLines } from './buttonholes.js';
import { joiningLines, seamsOf, workedOnLines } from './joining.js';
import { keyLines, kindsIn } from './key.js';
import { techniqueLines } from './techniques.js';
import { inHouse, wordsOf } from './house.js';
import { styleOf, type HouseStyle } from './style.js';
import type { WrittenUnits } from './lengths.js';
import { aligned } from '../text/aligned.js';
import {
  inOtherWords,
  line,
  lineFor,
  type Line,
  type OwnSentence,
  type PatternSection,
  type PatternText,
} from './line.js';
import { careLines, gaugeLines, materialLines, readingLines, sizeLines } from './materials.js';
import { pieceLines, writePiece, type PieceText } from './piece.js';
import { kindLines, mapLines } from './sheetMap.js';
import { stitchSections } from './stitchSections.js';
import { tailLines, tailRows, tailsTable, type TailRow } from './tails.js';
import { abbreviations, inTerms, type Terms } from './terms.js';
import { usTextOf } from './text.js';
import { joinedWhileWorked } from './whileWorking.js';
import type { WrittenSize } from './written.js';

export type { Line, PatternSection, PatternText } from './line.js';

export interface PatternWish {
  /** Names of stitches; those of the style without it. */
  terms?: Terms;
  units: WrittenUnits;
  /** One size alone; all sizes in brackets without it. */
  size?: string;
  /** How the house writes, where not as usual. */
  style?: Partial<HouseStyle>;
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
  const style = styleOf(design, wish.style);
  const terms = wish.terms ?? style.terms;
  const inWords = (one: Line) => inHouse(one, wordsOf(style));
  const tails = tailRows(sizes, design);
  const pieces = pieceSections(sizes, fabrics, design, tails, { units: wish.units, style });
  const stitchPatterns = used.flatMap((fabric) => stitchSections(fabric, sizes));
  const about = aboutLines(sizes, design, used, wish.units);
  const front: PatternSection[] = [
    {
      id: 'intro',
      heading: 'About',
      lines: about,
      ...(design.words?.intro ? { own: [{ text: design.words.intro, line: 0, at: null }] } : {}),
    },
    { id: 'sizes', heading: 'Sizes', lines: sizeLines(sizes, wish.units) },
    { id: 'materials', heading: 'You need', lines: materialLines(sizes, used, design) },
    {
      id: 'gauge',
      heading: 'Gauge',
      lines: used.flatMap((fabric) => gaugeLines(fabric, wish.units)).map(inWords),
    },
  ];
  const joining: PatternSection = {
    id: 'joining',
    heading: 'Joining',
    lines: joiningLines(sizes, design, wish.units).map(inWords),
  };
  const longTails = tailsTable(tails, wish.units);
  const cautions = sizes.flatMap(({ notes }) => notes).find(({ code }) => code === 'child-safety');
  const back: PatternSection[] = [
    ...(sizes.length > 0
      ? [
          joining,
          ...(longTails.length > 0 ? [{ id: 'tails', heading: 'Long tails', lines: longTails }] : []),
          { id: 'care', heading: 'Care', lines: careLines(design) },
        ]
      : []),
    ...(cautions
      ? [{ id: 'cautions', heading: 'For the youngest', lines: [[cautions.message.join('')]] }]
      : []),
  ];
  const usText = [...stitchPatterns, ...pieces, joining]
    .flatMap(({ lines }) => lines.map(usTextOf))
    .join('\n')
    .replace(/\bCh\b/g, 'ch');
  const kinds = kindsIn(usText);
  const key = keyLines(kinds, terms);
  const words: PatternSection[] = [
    { id: 'key', heading: 'Stitch key', ...key },
    {
      id: 'abbreviations',
      heading: 'Abbreviations',
      lines: abbreviations(usText, terms, kinds).map((text) => [text]),
    },
  ];
  const methods = new Set(
    sizes.slice(0, 1).flatMap((size) => seamsOf(size, design).map(({ method }) => method)),
  );
  const techniques = techniqueLines({ usText, methods });
  const notes: PatternSection[] = [
    { id: 'reading', heading: 'Notes', lines: readingLines(sizes, used, style).map(inWords) },
  ];
  const appendix: PatternSection[] =
    techniques.lines.length > 0 ? [{ id: 'techniques', heading: 'Techniques', ...techniques }] : [];
  const inWish = (section: PatternSection): PatternSection => ({
    ...section,
    heading: inTerms(section.heading, terms),
    lines: section.lines.map((parts) =>
      parts.map((part) => inOtherWords(part, (text) => inTerms(text, terms))),
    ),
  });
  const sections = [
    ...front.map(inWish),
    ...words,
    ...[...stitchPatterns, ...notes, ...pieces, ...back, ...appendix].map(inWish),
  ];
  const ids = new Set(sections.map(({ id }) => id));
  return {
    title: design.name,
    sizes: sizes.map(({ label }) => label),
    sizeIds: sizes.map(({ id }) => id),
    style,
    sections: sections.map((section) => withSentences(section, ids, design)),
  };
}

/** The author's own sentences stand where they were put, in their own words; those whose section is gone stand among the notes. */
function withSentences(section: PatternSection, ids: ReadonlySet<string>, { words }: Design): PatternSection {
  const own = (words?.sentences ?? []).flatMap(({ section: of, text, line, after }, at): OwnSentence[] => {
    const sentence = { text, line: line ?? null, at, ...(after === undefined ? {} : { after }) };
    if (of === section.id) return [sentence];
    return section.id === 'reading' && !ids.has(of) ? [{ text, line: null, at, astray: true }] : [];
  });
  return own.length > 0 ? { ...section, own: [...(section.own ?? []), ...own] } : section;
}

/** Pieces that may begin as others do. */
const PANELS: readonly PieceRole[] = ['back', 'front', 'open front', 'half', 'back and front'];

/** Every piece that any size has, where it is worked. */
function inAnySize(sizes: readonly WrittenSize[]): WrittenSize['pieces'] {
  const all = aligned(sizes.map(({ pieces }) => pieces.map(({ id }) => id)));
  return all.map(({ sizes: own, places }) => sizes[own[0]!]!.pieces[places[0]!]!);
}

/** One section for each piece, in all sizes together. */
function pieceSections(
  sizes: readonly WrittenSize[],
  fabrics: ReadonlyMap<string, Fabric>,
  design: Design,
  tails: readonly TailRow[],
  wish: PieceWish,
): PatternSection[] {
  const labels = sizes.map(({ label }) => label);
  const seams = sizes.slice(0, 1).flatMap((size) => seamsOf(size, design));
  const panels = new Map<string, PieceText>();
  return inAnySize(sizes).map(({ id, label, copies, role, side }): PatternSection => {
    const group = sizes.flatMap((size) => {
      const piece = size.pieces.find((other) => other.id === id);
      return piece ? [{ size, piece }] : [];
    });
    const made = group.map(({ piece }) => piece.copies);
    const differs = made.some((many) => many !== copies);
    const text = writePiece(
      group.map(({ piece }) => piece),
      group.map(({ size }) => size.label),
      fabrics,
      wish,
    );
    const isPanel = PANELS.includes(role);
    const lines = [
      ...(differs ? [line`Make ${made}.`] : []),
      ...joinedWhileWorked(sizes[0]!, id, seams),
      ...workedOnLines(sizes[0]!, id, design),
      ...tailLines(tails, id),
      ...(role === 'square'
        ? kindLines(
            group.map(({ size }) => ({ size, isHalf: group[0]!.piece.work === 'rows' })),
            design,
          )
        : []),
      ...pieceLines(text, isPanel ? panels : new Map(), side !== undefined),
      ...(role === 'sheet' ? mapLines(group.map(({ size }) => size)) : []),
      ...buttonholeLines(group, design),
    ];
    if (isPanel) panels.set(label.toLowerCase(), text);
    return {
      id,
      heading: `${label}${copies > 1 && !differs ? ` (make ${copies})` : ''}`,
      lines: lines.map((one) =>
        inHouse(
          group.length < sizes.length
            ? lineFor(
                group.map(({ size }) => sizes.indexOf(size)),
                labels,
                one,
              )
            : one,
          wish.style,
        ),
      ),
    };
  });
}
