import type { Design } from '../design.js';
import { assemblyOf } from '../finishing/assembly.js';
import { buttonholes } from '../finishing/buttonholes.js';
import { pickedByRule } from '../finishing/edging.js';
import { pointInWords, seamOf, type Seam } from '../finishing/seam.js';
import { tailsOf, type Tail } from '../finishing/tails.js';
import type { Join } from '../joins/audit.js';
import type { EdgeRole } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { stitchOf } from '../fabric/fabric.js';
import { ratesOf } from '../shaping/schedule.js';
import { line, type Line } from './line.js';
import { lengthsOf, type WrittenUnits } from './lengths.js';
import type { WrittenSize } from './written.js';

/** The seams of a size in the order of its joins, as the design wants them made. */
export function seamsOf(
  { pieces, joins }: Pick<WrittenSize, 'pieces' | 'joins'>,
  { finishing }: Pick<Design, 'finishing'>,
): Seam[] {
  const edges = new Map(pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
  return joins.map((join) => seamOf(join, edges, finishing));
}

/** The tails of a size that are left long for its seams. */
export function tailsOfSize(size: WrittenSize, design: Pick<Design, 'finishing'>): Tail[] {
  const { steps } = assemblyOf(size.joins, design.finishing?.order);
  const seams = seamsOf(size, design);
  const sewn = steps.flatMap(({ joins }) => joins.map((id) => seams.find(({ join }) => join === id)!));
  return tailsOf(size.pieces, sewn, new Map(size.joins.map((join) => [join.id, join])));
}

interface WrittenPiece {
  size: WrittenSize;
  piece: PlannedPiece;
}

/**
 * Which tails of a piece to leave long, and for which seam.
 *
 * @param tailsBySize the tails of every size
 */
export function tailLines(
  group: readonly WrittenPiece[],
  tailsBySize: ReadonlyMap<WrittenSize, readonly Tail[]>,
  units: WrittenUnits,
): Line[] {
  const tails = group.map(({ size }) => tailsBySize.get(size)!);
  const { piece, size } = group[0]!;
  return tails[0]!
    .filter((tail) => tail.piece === piece.id)
    .flatMap((tail): Line[] => {
      const of = tails.map(
        (list) =>
          list.find(
            ({ join, piece: id, end, copy }) =>
              join === tail.join && id === tail.piece && end === tail.end && copy === tail.copy,
          )?.length ?? 0,
      );
      const which =
        piece.copies > 1
          ? `, ${tail.copy === 1 ? 'first' : tail.copy === 2 ? 'second' : `${tail.copy}th`} piece`
          : '';
      const join = size.joins.find(({ id }) => id === tail.join)!;
      return [
        line`Tail${which}: leave ${{ inline: lengthsOf(of, units) }} ${tail.end === 'starting' ? 'at the beginning' : 'at the end'} for the seam “${join.label}”.`,
      ];
    });
}

/** "next 4 sts", "next st". */
const nextSts = (count: number) => (count === 1 ? 'st' : `${count} sts`);

/** The buttonhole row of a band; on the other band the row is worked even. */
export function buttonholeLines(group: readonly WrittenPiece[], design: Design): Line[] {
  const buttons = design.finishing?.buttons;
  const { piece } = group[0]!;
  if (!buttons || piece.role !== 'front band') return [];
  const fabric = design.fabrics.find(({ id }) => id === piece.fabric)!;
  const rows = group.map(({ piece: of }) =>
    buttonholes(buttons, of.ends.first.count, of.ends.last.n, fabric),
  );
  const stitch = stitchOf(fabric);
  return [
    line`Buttonholes, on the ${buttons.side} front band only, in place of its row ${rows.map((one) => (one.ok ? one.row.row : '–'))}: ${{
      lists: rows.map((one) => {
        if (!one.ok) return one.message;
        const { gaps, width } = one.row;
        const holes = ratesOf(gaps.slice(1)).map(({ every: gap, times }) => {
          const hole = `ch ${width}, skip next ${nextSts(width)}, ${stitch} in next ${nextSts(gap)}`;
          return times > 1 ? `(${hole}) ${times} times` : hole;
        });
        return [`${stitch} in next ${nextSts(gaps[0]!)}`, ...holes].join(', ');
      }),
    }}`,
  ];
}

/** The steps of the assembly with the seams of each; the two sides of the body share a line. */
export function joiningLines(sizes: readonly WrittenSize[], design: Design, units: WrittenUnits): Line[] {
  const [size] = sizes;
  if (!size) return [];
  const { steps } = assemblyOf(size.joins, design.finishing?.order);
  const all = sizes.map((one) => new Map(seamsOf(one, design).map((seam) => [seam.join, seam])));
  const lines: Line[] = [];
  steps.forEach(({ title, says, joins }, i) => {
    lines.push([`${i + 1}. ${title}: ${says}`]);
    const inStep = joins.map((id) => size.joins.find((join) => join.id === id)!);
    // Of two that are alike the left one's figures stand for both.
    const one = inStep.filter(({ side, both }) => side !== 'right' || both === undefined);
    for (const { id, label, both } of one) {
      const of = sizes.map(({ joins: list }) => list.find((join) => join.id === id)!);
      const name = both ?? label;
      const seams = all.map((list) => list.get(id)!);
      lines.push([...joinLine(name, of), ...methodInWords(seams[0]!)]);
      if (sizes.length === 1) lines.push(...markLines(seams[0]!, of[0]!, units));
    }
    lines.push(...steadiedLines(steps[i]!.id, sizes, design));
    if (inStep.some(({ role }) => role === 'strap')) lines.push(...strapLines(sizes));
  });
  return lines;
}

/** Edges that stay open and may be steadied by a row: slits, described once for both sides, and the face of a hood. */
const STEADIED: Record<string, { edge: EdgeRole; name: string; corner: boolean }> = {
  hem: { edge: 'slit', name: 'both slits', corner: true },
  neck: { edge: 'face', name: 'both sides of the face', corner: false },
};

/** How open edges are steadied; nothing where there are none. */
function steadiedLines(step: string, sizes: readonly WrittenSize[], design: Design): Line[] {
  const wanted = STEADIED[step];
  if (!wanted) return [];
  const open = sizes.map(({ pieces }) =>
    pieces.flatMap(({ fabric, edges }) =>
      edges
        .filter(({ role, side }) => role === wanted.edge && side === 'right')
        .map((edge) => ({ fabric, edge })),
    ),
  );
  return open[0]!.map(({ fabric, edge: { label } }, i) => {
    const stitch = stitchOf(design.fabrics.find(({ id }) => id === fabric)!);
    const rules = open.map((of) => pickedByRule(stitch, of[i]!.edge.count));
    const corner = wanted.corner
      ? `, with ${rules[0]!.corner} ${stitch} in the outer corner at the lower edge`
      : '';
    return line`${label.split(',')[0]!}, ${wanted.name}: a row of ${stitch} steadies it; pick up ${rules.map(({ picked }) => picked)} sts along the ${open.map((of) => of[i]!.edge.count)} row ends of each${corner}.`;
  });
}

/** " By slip stitch, right sides together." */
function methodInWords({ method, facing }: Seam): Line {
  return method === 'crocheted while working' ? [] : [` By ${method}, ${facing}.`];
}

/** For one size alone: markers on both sides, how the counts meet between them, and what is eased in. */
function markLines({ marks, stretches, shares, eased }: Seam, join: Join, units: WrittenUnits): Line[] {
  const lines: Line[] = [];
  if (marks.length > 0 && join.kind !== 'live')
    lines.push([
      `Markers: ${marks.map(({ name, a, b }) => `${name}: ${pointInWords(a)} to ${pointInWords(b)}`).join('; ')}. Between them ${stretches.map(({ a, b }) => `${a} to ${b}`).join(', ')}.`,
    ]);
  if (shares.length > 1)
    lines.push([
      `Of the band go ${shares.map(({ label, many, count }) => `${many} to the ${count} of ${label}`).join(', ')}.`,
    ]);
  if (eased)
    lines.push(
      line`Ease in ${{ inline: lengthsOf([eased.by], units) }} of the ${eased.longer === 'a' ? 'first' : 'second'}: ${eased.where}.`,
    );
  return lines;
}

/** Where straps lie along the upper edge of a tube, from the centre back round. */
function strapLines(sizes: readonly WrittenSize[]): Line[] {
  const edgesOf = ({ pieces }: WrittenSize) =>
    pieces.flatMap(({ edges }) =>
      edges.filter(({ role }) => role === 'upper edge' || role === 'strap place'),
    );
  const all = sizes.map(edgesOf);
  if (all.some((edges) => edges.length === 0) || all.length === 0) return [];
  const parts = all[0]!.flatMap(({ role }, i): Line => {
    const counts = all.map((edges) => edges[i]!.count);
    return [...(i > 0 ? [', '] : []), ...line`${counts}${role === 'strap place' ? ' for a strap' : ''}`];
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
  const { kind, role, says, a: sideA, b: sideB } = joins[0]!;
  const joined = sideA[0]?.role === 'joined';
  switch (kind) {
    case 'live':
      if (role === 'underarm')
        return line`${name}: the ${a} sts of the sleeve at the underarm are worked into the underside of the ${b} underarm chains; nothing is left to sew.`;
      return line`${name}: the ${a} live sts of the yoke go on as ${b} sts, none left over.`;
    case 'stitch-to-stitch':
      return line`${name}: ${a} sts to ${b} sts, stitch to stitch.`;
    case 'row-to-row':
      return line`${name}: ${a} rows to ${b} rows, ${says ?? 'row 1 to row 1'}.`;
    case 'pick-up':
      if (role === 'front band' || role === 'centre band')
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}${spread}, from the hem to the neck.`;
      if (role === 'hood')
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the neck, spread evenly, from one front edge (or the centre of the front) round to it again.`;
      if (joined)
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}${spread}.`;
      if (sideB.length > 2)
        return line`${name}: the ${a} sts picked up lie along the ${b} sts and row ends of base and curve, as many before the shoulder as after it; closer on the flat parts, wider on the steep ones, as the turning points lie.`;
      return line`${name}: the ${a} sts picked up lie along ${b} ${along}${repeat}, as many before the shoulder as after it.`;
    case 'stitch-to-row':
      if (role === 'centre seam')
        return line`${name}: the ${a} sts of its last row along ${b} ${along}${repeat}${spread}, hem to hem.`;
      if (sideA.some((edge) => edge.role === 'cap top'))
        return line`${name}: set the cap in, the ${joins.map(({ a: side }) => side[0]!.count)} bound-off sts at its base to those of the armhole, the middle of its top to the shoulder seam; ease in what the cap has over between them.`;
      if (role === 'armhole step')
        return line`${name}: ${a} sts of front and back along the ${b} row ends at the top of the sleeve${repeat}, from the side seam outwards.`;
      return joined
        ? line`${name}: ${a} rows of rib along ${b} ${along}${repeat}${spread}.`
        : line`${name}: ${a} sts along ${b} ${along}${repeat}; centre of the sleeve to the shoulder seam, ends at the underarm markers.`;
  }
}
