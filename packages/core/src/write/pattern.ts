import type { Design } from '../design.js';
import { swatchMetres, turningOf, type Fabric, type Turning } from '../fabric/fabric.js';
import type { Join } from '../joins/audit.js';
import type { PlannedPiece, SizePlan } from '../plan.js';
import { figure } from '../text/phrase.js';
import { formatLength, GAUGE_OVER, type Units } from '../units/length.js';
import { line, type Line, type LinePart, type PatternSection, type PatternText } from './line.js';
import { writePiece } from './piece.js';
import { abbreviations, inTerms, type Terms } from './terms.js';
import { usTextOf } from './text.js';

export type { Line, PatternSection, PatternText } from './line.js';

/** What is written of a size: all but the single counts, which its pieces and joins hold. */
type WrittenSize = Omit<SizePlan, 'quantities'>;

export interface PatternWish {
  terms: Terms;
  units: Units;
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
  const pieces = pieceSections(sizes, fabrics);
  const stitchPatterns = used
    .filter((fabric) => fabric.pattern?.length)
    .map((fabric): PatternSection => ({
      id: `fabric-${fabric.id}`,
      heading: `Stitch pattern: ${fabric.name}`,
      lines: [ruleLine(fabric), ...fabric.pattern!.map((text) => [text])],
    }));
  const front: PatternSection[] = [
    { id: 'sizes', heading: 'Sizes', lines: sizeLines(sizes, wish.units) },
    { id: 'materials', heading: 'Hooks and yarn', lines: materialLines(sizes, used) },
    { id: 'gauge', heading: 'Gauge', lines: used.map((fabric) => gaugeLine(fabric, wish.units)) },
  ];
  const joining: PatternSection = { id: 'joining', heading: 'Joining', lines: joiningLines(sizes) };
  const cautions = sizes.flatMap(({ notes }) => notes).find(({ code }) => code === 'child-safety');
  const back: PatternSection[] = [
    ...(sizes.length > 0 ? [joining] : []),
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
  return {
    title: design.name,
    sizes: sizes.map(({ label }) => label),
    sizeIds: sizes.map(({ id }) => id),
    sections: [...front.map(inWish), words, ...[notes, ...stitchPatterns, ...pieces, ...back].map(inWish)],
  };
}

/** Figures have no terms; a text for each size has. */
function partInTerms(part: LinePart, terms: Terms): LinePart {
  if (typeof part === 'string') return inTerms(part, terms);
  return 'each' in part ? part : { lists: part.lists.map((text) => inTerms(text, terms)) };
}

function ruleLine({ rule: { flat } }: Fabric): Line {
  return [
    flat.multiple === 1
      ? 'Any number of stitches.'
      : `Worked over a multiple of ${flat.multiple}${flat.plus > 0 ? ` plus ${flat.plus}` : ''} stitches.`,
  ];
}

function sizeLines(sizes: readonly WrittenSize[], units: Units): Line[] {
  const lengths = (of: (size: WrittenSize) => number) => sizes.map((size) => formatLength(of(size), units));
  const lines: Line[] = [
    line`${sizes.map(({ label }) => label)}`,
    line`To fit bust or chest: ${lengths(({ body }) => body.bust)} ${units}`,
  ];
  sizes[0]?.finished.forEach(({ label }, i) =>
    lines.push(line`${label}: ${lengths(({ finished }) => finished[i]!.actual)} ${units}`),
  );
  return lines;
}

function materialLines(sizes: readonly WrittenSize[], used: readonly Fabric[]): Line[] {
  const hooks = used.map(
    (fabric) => line`${figure(fabric.hook)} mm hook for ${fabric.name}, or the hook that gives the gauge`,
  );
  const yarn = used
    .filter((fabric) => swatchMetres(fabric) !== null)
    .map(
      ({ id, name }) =>
        line`Yarn for ${name}: about ${sizes.map((size) => size.yarn.find(({ fabric }) => fabric === id)?.metres ?? 0)} m, seams and 10 % to spare included`,
    );
  return [...hooks, ...yarn];
}

function gaugeLine({ name, gauge }: Fabric, units: Units): Line {
  const span = GAUGE_OVER[units];
  const per = (count: number, over: number) => figure((count / over) * span, 1);
  return line`${name}: ${per(gauge.stitches, gauge.stitchesOver)} sts and ${per(gauge.rows, gauge.rowsOver)} rows in ${units === 'cm' ? '10 cm' : '4 in'}, washed and blocked, lying flat`;
}

const TURNING_WORDS: Record<Turning, string> = {
  'does not count': 'the turning chain does not count as a stitch',
  counts: 'the turning chain counts as the first stitch',
  chainless: 'rows begin without a turning chain',
};

/** How the turning chain is taken; by fabric where the fabrics differ. */
function turningLine(used: readonly Fabric[]): string {
  const schools = [...new Set(used.map(turningOf))];
  const said =
    schools.length <= 1
      ? TURNING_WORDS[schools[0] ?? 'does not count']
      : used.map((fabric) => `${fabric.name}: ${TURNING_WORDS[turningOf(fabric)]}`).join('; ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}. Odd rows are right-side rows unless a piece says otherwise.`;
}

function readingLines(sizes: readonly WrittenSize[], used: readonly Fabric[]): Line[] {
  const lines: Line[] = [[turningLine(used)]];
  if (sizes.length > 1)
    lines.unshift(
      line`Figures are given for size ${sizes.map(({ label }) => label)}; one figure alone is for all sizes. Where 0 stands for a size, pass over it.`,
    );
  return lines;
}

/** One section for each piece; sizes whose pieces are worked differently (no front drop in some) get their own. */
function pieceSections(
  sizes: readonly WrittenSize[],
  fabrics: ReadonlyMap<string, Fabric>,
): PatternSection[] {
  return (sizes[0]?.pieces ?? []).flatMap(({ id }) => {
    const forms = new Map<string, { size: WrittenSize; piece: PlannedPiece }[]>();
    for (const size of sizes) {
      const piece = size.pieces.find((other) => other.id === id)!;
      const form = piece.passages
        .map((passage) => {
          const anew = passage.kind === 'go on' && passage.rejoin ? ' anew' : '';
          return `${passage.kind} ${passage.part}${anew}`;
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
        lines: writePiece(
          group.map((entry) => entry.piece),
          fabrics,
        ),
        ...(only === '' ? {} : { of: group.map(({ size }) => sizes.indexOf(size)) }),
      };
    });
  });
}

/** Seams in the order in which they are sewn; the two sides of the body share a line. */
function joiningLines(sizes: readonly WrittenSize[]): Line[] {
  const lines: Line[] = [['Block the pieces to the finished measurements first.']];
  const first = sizes[0]?.joins.filter(({ id }) => !id.endsWith('-right')) ?? [];
  for (const { id, label } of first) {
    const joins = sizes.map((size) => size.joins.find((join) => join.id === id)!);
    const name = label.replace(/, left( side)?$/, id.endsWith('-left') ? ', both' : '');
    lines.push(joinLine(name, joins));
  }
  lines.push(...strapLines(sizes), ['Weave in the ends.']);
  return lines;
}

/** Where straps lie along the upper edge of a tube, from the centre back round. */
function strapLines(sizes: readonly WrittenSize[]): Line[] {
  const edgesOf = ({ pieces }: WrittenSize) =>
    pieces
      .find(({ id }) => id === 'tube')
      ?.edges.filter(({ id }) => /^tube\.(back|front|side|strap)/.test(id)) ?? [];
  const all = sizes.map(edgesOf);
  if (all.some((edges) => edges.length === 0) || all.length === 0) return [];
  const parts = all[0]!.flatMap(({ id }, i): Line => {
    const counts = all.map((edges) => edges[i]!.count);
    return [...(i > 0 ? [', '] : []), ...line`${counts}${id.includes('strap') ? ' for a strap' : ''}`];
  });
  return [line`Along the upper edge, from the centre back round to it again: ${{ inline: parts }} sts.`];
}

function joinLine(name: string, joins: readonly Join[]): Line {
  const a = joins.map(({ aCount }) => aCount);
  const b = joins.map(({ bCount }) => bCount);
  const meets = joins.map(({ meet }) => meet ?? '');
  const repeat = joins.length === 1 ? `: ${meets[0]}` : '';
  const spread = repeat.endsWith('spread evenly') ? ' between the ends' : ', spread evenly between the ends';
  const along = { stitches: 'sts', rows: 'row ends', both: 'sts and row ends' }[joins[0]!.bAxis];
  switch (joins[0]!.kind) {
    case 'live':
      return line`${name}: the ${a} live sts of the yoke go on as ${b} sts, none left over.`;
    case 'stitch-to-stitch':
      return line`${name}: ${a} sts to ${b} sts, stitch to stitch.`;
    case 'row-to-row':
      return line`${name}: ${a} rows to ${b} rows, ${joins[0]!.says ?? 'row 1 to row 1'}.`;
    case 'pick-up':
      if (/^(band|centre)\.joined$/.test(joins[0]!.a[0]?.edge ?? ''))
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}${spread}, from the hem to the neck.`;
      if (joins[0]!.a[0]?.edge.endsWith('.joined'))
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}${spread}.`;
      if (joins[0]!.a[0]?.edge === 'hood.neck')
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the neck, spread evenly, from one front edge (or the centre of the front) round to it again.`;
      if (joins[0]!.b.length > 2)
        return line`${name}: the ${a} sts picked up lie along the ${b} sts and row ends of base and curve, as many before the shoulder as after it; closer on the flat parts, wider on the steep ones, as the turning points lie.`;
      return line`${name}: the ${a} sts picked up lie along ${b} ${along}${repeat}, as many before the shoulder as after it.`;
    case 'stitch-to-row':
      if (joins[0]!.a[0]?.edge === 'centre.free')
        return line`${name}: the ${a} sts of its last row along ${b} ${along}${repeat}${spread}, hem to hem.`;
      if (joins[0]!.a.some(({ edge }) => edge === 'cap.top'))
        return line`${name}: set the cap in, the ${joins.map(({ a: side }) => side[0]!.count)} bound-off sts at its base to those of the armhole, the middle of its top to the shoulder seam; ease in what the cap has over between them.`;
      if (joins[0]!.b.some(({ edge }) => edge.startsWith('sleeve.notch')))
        return line`${name}: ${a} sts of front and back along the ${b} row ends at the top of the sleeve${repeat}, from the side seam outwards.`;
      return joins[0]!.a[0]?.edge.endsWith('.joined')
        ? line`${name}: ${a} rows of rib along ${b} ${along}${repeat}${spread}.`
        : line`${name}: ${a} sts along ${b} ${along}${repeat}; centre of the sleeve to the shoulder seam, ends at the underarm markers.`;
  }
}
