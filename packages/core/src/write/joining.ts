import type { Design } from '../design.js';
import { assemblyOf } from '../finishing/assembly.js';
import { pickedByRule } from '../finishing/edging.js';
import { canJoinWhileWorked, seamOf, type Seam } from '../finishing/seam.js';
import { tailsOf, type Tail } from '../finishing/tails.js';
import type { Join } from '../joins/audit.js';
import { meetForAll } from '../joins/meet.js';
import { countOf } from '../text/singular.js';
import type { EdgeRole } from '../joins/roles.js';
import { stitchOf } from '../fabric/fabric.js';
import { lengthsOf, type WrittenUnits } from './lengths.js';
import { line, type Line } from './line.js';
import { touchLines } from './touches.js';
import { whileWorkedLines } from './whileWorking.js';
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
  const { steps } = assemblyOf(size, design.finishing?.order);
  const seams = seamsOf(size, design);
  const sewn = steps.flatMap(({ joins }) => joins.map((id) => seams.find(({ join }) => join === id)!));
  return tailsOf(size.pieces, sewn, new Map(size.joins.map((join) => [join.id, join])));
}

/** The steps of the assembly with the seams of each; the two sides of the body share a line. */
export function joiningLines(sizes: readonly WrittenSize[], design: Design, units: WrittenUnits): Line[] {
  const [size] = sizes;
  if (!size) return [];
  const { steps } = assemblyOf(size, design.finishing?.order);
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
      lines.push([...joinLine(name, of), ...methodInWords(seams[0]!, of[0]!)]);
      if (seams[0]!.method === 'crocheted while working' && canJoinWhileWorked(of[0]!)) {
        lines.push(
          ...whileWorkedLines(
            of,
            sizes.map((size) => size.label),
          ),
        );
        continue;
      }
      lines.push(...stretchLines(of, seams, units));
      if (sizes.length === 1) lines.push(...markLines(seams[0]!, of[0]!));
    }
    lines.push(
      ...touchLines(
        sizes,
        steps.map(({ id }) => id),
        steps[i]!.id,
        units,
      ),
    );
    lines.push(...steadiedLines(steps[i]!.id, sizes, design));
    if (inStep.some(({ role }) => role === 'strap')) lines.push(...strapLines(sizes));
    if (inStep.some(({ a }) => a.some(({ piece }) => hasHoles(sizes[0]!, piece))))
      lines.push(...buttonLines(design));
  });
  return lines;
}

/** When a piece is worked that is picked up along edges which are joined first. */
export function workedOnLines(size: WrittenSize, piece: string, { finishing }: Design): Line[] {
  const join = size.joins.find(
    ({ kind, a }) => kind === 'pick-up' && a.some((edge) => edge.role === 'joined' && edge.piece === piece),
  );
  const step = join && assemblyOf(size, finishing?.order).steps.find(({ joins }) => joins.includes(join.id));
  return step ? [[`Worked on at “${step.title}” in Joining, when what it runs over is joined.`]] : [];
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

/** " Slip stitch, right sides together." */
function methodInWords({ method, facing }: Seam, { role }: Pick<Join, 'role'>): Line {
  const name = method === 'sc ridge' ? 'A ridge of sc' : `${method[0]!.toUpperCase()}${method.slice(1)}`;
  if (method !== 'crocheted while working') return [` ${name}, ${facing}.`];
  return role === 'squares' ? [` Joined ${facing}.`] : [];
}

/** Shortest difference that is told, cm: less goes by itself (common practice). */
const FELT = 1;

/** How a stretch is spread: a long one by its marks. */
function evenly(seams: readonly Seam[]): string {
  const parts = Math.min(...seams.map(({ stretches }) => stretches.length));
  if (parts < 4) return 'evenly all along';
  return `as much in each ${parts < 8 ? 'quarter' : 'eighth'}`;
}

/** A band that is drawn in is stretched to its edge; any other difference is eased in, where it does not show. */
function stretchLines(joins: readonly Join[], seams: readonly Seam[], units: WrittenUnits): Line[] {
  const stretch = joins.map(({ aLength, gather }) => aLength * (1 - gather));
  if (stretch.some((cm) => cm > FELT))
    return [
      line`Stretch the band by about ${{ inline: lengthsOf(stretch, units) }} as it is joined, ${evenly(seams)}.`,
    ];
  const eased = seams.map((seam) => (seam.eased && seam.eased.by >= FELT ? seam.eased : null));
  const some = eased.find((one) => one !== null);
  if (!some) return [];
  const side = (longer: 'a' | 'b') => (longer === 'a' ? 'first' : 'second');
  if (!eased.every((one) => one === null || one.longer === some.longer)) return [];
  return [
    line`Ease in about ${{
      inline: lengthsOf(
        eased.map((one) => one?.by ?? null),
        units,
      ),
    }} of the ${side(some.longer)}: ${some.where}.`,
  ];
}

/** For one size alone: how a long seam of unequal counts is pinned, and what each edge gets of a band. */
function markLines({ stretches, shares }: Seam, { kind, aCount, bCount, corners = 0 }: Join): Line[] {
  const lines: Line[] = [];
  if (stretches.length > 1 && kind !== 'live' && aCount !== bCount)
    lines.push([
      `Pin at the ${stretches.length === 8 ? 'eighths' : 'quarters'}: ${stretches.map(({ a, b }) => `${a} to ${b}`).join(', ')}.`,
    ]);
  if (shares.length > 1)
    lines.push([
      `Of these go ${shares.map(({ label, many, count }) => `${many} to the ${count} of ${label}`).join(', ')}${corners > 0 ? `, ${corners} round the corners` : ''}.`,
    ]);
  return lines;
}

/** Whether a piece of a size can have buttonholes. */
function hasHoles({ pieces }: WrittenSize, id: string): boolean {
  return pieces.some(
    (piece) => piece.id === id && (piece.role === 'front band' || piece.fronts !== undefined),
  );
}

/** How the buttons are sewn on, and how large they are. */
function buttonLines(design: Design): Line[] {
  const buttons = design.finishing?.buttons;
  if (!buttons) return [];
  const other = buttons.side === 'right' ? 'left' : 'right';
  return [[`Sew the ${countOf(buttons.count, 'button')} to the ${other} front, opposite the buttonholes.`]];
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
  const { kind, role, says, a: sideA, b: sideB, bAxis } = joins[0]!;
  const along = { stitches: 'sts', rows: 'row ends', both: 'sts and row ends' }[bAxis];
  const joined = sideA[0]?.role === 'joined';
  const aAxis = kind === 'row-to-row' || joined ? 'rows' : 'stitches';
  // Where stitches and row ends are mixed no repeat says how they meet.
  const meet =
    bAxis === 'both'
      ? null
      : joins.length === 1
        ? joins[0]!.meet
        : meetForAll(
            joins.map(({ aCount, bCount, corners = 0 }) => [aCount - corners, bCount]),
            aAxis,
            bAxis,
          );
  const repeat = meet === null ? '' : `, ${shortened(meet)}`;
  switch (kind) {
    case 'live':
      if (role === 'underarm')
        return line`${name}: work the ${a} sts of the sleeve at the underarm into the underside of the ${b} underarm chains.`;
      return line`${name}: the ${a} live sts go on as ${b} sts.`;
    case 'stitch-to-stitch':
      return line`${name}: ${a} sts to ${b} sts, ${role === 'squares' ? says! : 'stitch to stitch'}.`;
    case 'row-to-row':
      return line`${name}: ${a} rows to ${b} rows, ${says ?? 'row to row from row 1'}.`;
    case 'pick-up':
      if (role === 'rib first')
        return line`${name}: pick up ${a} sts along the ${b} row ends of the rib${repeat}, as the first row of the piece.`;
      if (role === 'front band' || role === 'centre band')
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}, from the hem to the neck.`;
      if (role === 'hood')
        return line`${name}: pick up ${a} sts along the ${b} ${along} of the neck${repeat}, from one front edge (or the centre of the front) round to it again.`;
      if (joined) return line`${name}: pick up ${a} sts along the ${b} ${along} of the edge${repeat}.`;
      if (sideB.length > 2)
        return line`${name}: pick up ${a} sts along the ${b} sts and row ends of base and curve, as many before the shoulder as after it; closer on the flat parts, wider on the steep ones.`;
      return line`${name}: pick up ${a} sts along the ${b} ${along}${repeat}, as many before the shoulder as after it.`;
    case 'stitch-to-row':
      if (role === 'end to side')
        return line`${name}: the ${a} sts of its first row along the last ${b} ${along}${repeat}.`;
      if (role === 'centre seam')
        return line`${name}: the ${a} sts of its last row along ${b} ${along}${repeat}, hem to hem.`;
      if (sideA.some((edge) => edge.role === 'cap top'))
        return line`${name}: set the cap in, the ${joins.map(({ a: side }) => side[0]!.count)} bound-off sts at its base to those of the armhole, the middle of its top to the shoulder seam; ease in what the cap has over between them.`;
      if (role === 'armhole step')
        return line`${name}: ${a} sts of front and back along the ${b} row ends at the top of the sleeve${repeat}, from the side seam outwards.`;
      return joined
        ? line`${name}: ${a} rows of rib along ${b} ${along}${repeat}.`
        : line`${name}: ${a} sts along ${b} ${along}${repeat}; centre of the sleeve to the shoulder seam, ends at the underarm markers.`;
  }
}

/** A repeat in the words of patterns: "6 sts to 5 rows". */
function shortened(meet: string): string {
  return meet.replace(/stitch(es)?/g, (_, many?: string) => (many ? 'sts' : 'st'));
}
