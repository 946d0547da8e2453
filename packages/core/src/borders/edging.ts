/** One edging: how many stitches are picked up, what its corners take, and the piece and the join that it is. */

import { stitchOf, type CountRule, type Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { legalAtLeast, legalAtMost } from '../fabric/counts.js';
import type { BorderFront, EdgeProgram, PieceProgram } from '../garment/construction.js';
import type { WorkedEdge } from '../joins/audit.js';
import { easeAllowed, type JoinPlan } from '../joins/join.js';
import { perRowEnd } from '../joins/pickUp.js';
import { PlanRefused, type PlannedPiece } from '../plannedPiece.js';
import type { PieceRole, JoinRole, Side } from '../joins/roles.js';
import type { Passage } from '../passages/passage.js';
import type { RoundWay } from '../work/rows.js';
import { cornersAfter, hasRoom } from '../shaping/corners.js';
import { sharesOf } from '../shaping/spread.js';
import { atCorner, CORNER } from './corners.js';
import { BORDER_WORDS, layersOf, type BorderPlace, type BorderStyle } from './fields.js';
import { heightOfEdging } from './height.js';
import { longEdges } from './longEdges.js';
import type { OpenEdge } from './openEdges.js';
import type { EdgeRunAlong, RunGroup } from './runs.js';

/** An edging of one size. */
export interface Edging {
  piece: PieceProgram;
  joins: JoinPlan[];
  /** How far it reaches beyond its edge, cm. */
  height: number;
  /** Stitches that are hidden where a round begins, by the round. */
  hidden: { row: number; by: number }[];
  /** The first fabric's rule leaves no count that a seam would ease in; null where it does. */
  strained: { wanted: number; picked: number; multiple: number } | null;
}

/** A side of an edging from corner to corner, as its edges make it. */
interface EdgeSide {
  length: number;
  /** Stitches that it takes, not yet whole. */
  wanted: number;
}

/** A way that turns back by more than this is a slit, degrees. */
const SLIT = 150;

/** How stitches are picked up: the style, and the fabric that is worked first. */
interface Along {
  place: BorderPlace;
  style: BorderStyle;
  fabrics: ReadonlyMap<string, Fabric>;
  first: Fabric;
}

interface Sides {
  sides: EdgeSide[];
  /** The corners between them, in degrees. */
  turns: number[];
}

/** An edging has no room for its corners: so many rounds of it would fit. */
export class NoRoom extends PlanRefused {
  override name = 'NoRoom';
  constructor(
    readonly place: BorderPlace,
    readonly fits: number,
  ) {
    super(`${BORDER_WORDS[place].title}: there is no room for its corners`);
  }
}

const ROLES: Readonly<Record<BorderPlace, { piece: PieceRole; join: JoinRole }>> = {
  round: { piece: 'border', join: 'border' },
  neck: { piece: 'neckband', join: 'neckband' },
  front: { piece: 'front band', join: 'front band' },
  hem: { piece: 'hem', join: 'hem' },
  cuff: { piece: 'cuff', join: 'cuff' },
  armhole: { piece: 'armband', join: 'armband' },
};

/**
 * Drafts an edging along its edges: by its gauge, or by ratio to the row ends. Its total is made to suit the fabrics that follow each other,
 * by a stitch or two on its longest side, or hidden where a round begins.
 *
 * @param own what tells it from others along the same kind of edge: an ending of its id and of its name
 * @throws NoRoom where a side is shorter than its corners take
 */
export function edgingAlong(
  { runs }: RunGroup,
  place: BorderPlace,
  style: BorderStyle,
  fabrics: ReadonlyMap<string, Fabric>,
  own: { id: string; name: string },
): Edging {
  const run = opened(runs[0]!.run, style);
  const layers = layersOf(style).map(({ fabric, rounds }) => ({ fabric: fabrics.get(fabric)!, rounds }));
  const first = layers[0]!.fabric;
  const { title, along } = BORDER_WORDS[place];
  const id = `edging-${place}${own.id}`;
  const edges = begun(run);
  const by: Along = { place, style, fabrics, first };
  const sides = sidesOf(edges, by, run.ring);
  const gained = layers.map(({ fabric }) => {
    const gauge = { stitches: perCm(fabric.gauge, 'stitches'), rows: perCm(fabric.gauge, 'rows') };
    return sides.turns.map((turn) => atCorner(turn, gauge));
  });
  const counts = countsOf(sides, gained, layers, run.ring);
  const outer = gained[0]!.filter((many) => many > 0);
  const corners = sumOf(outer) + outer.length;
  const rounds = layers.reduce((sum, layer) => sum + layer.rounds, 0);
  let worked: ReturnType<typeof passagesOf>;
  try {
    worked = passagesOf(counts, gained, layers, {
      along: `${along}${outer.length > 0 ? `, ${cornersInWords(outer)}` : ''}`,
      ...(run.ring ? { round: style.worked as RoundWay } : {}),
    });
  } catch (error) {
    throw error instanceof TooShort ? new NoRoom(place, error.row) : error;
  }
  const copies = runs.length;
  const label = `${title}${own.name}`;
  const exact = sumOf(sides.sides.map(({ wanted }) => wanted));
  return {
    piece: {
      id,
      role: ROLES[place].piece,
      label,
      copies,
      fabric: first,
      sections: layers.slice(1).map(({ fabric }, i) => ({
        fabric,
        first: 1 + layers.slice(0, i + 1).reduce((sum, layer) => sum + layer.rounds, 0),
      })),
      work: run.ring ? 'rounds' : 'rows',
      rows: [],
      fixedRows: rounds,
      workedOn: true,
      ...(place === 'round' ? frontsIn(edges, sides, counts, by) : {}),
      passages: worked.passages,
      edges: edgesOf(id, label, { rounds, end: worked.end, ring: run.ring }),
      expects: [],
    },
    joins: runs.map(({ run: one, side }): JoinPlan => ({
      id: `${id}${copies > 1 ? `-${side}` : ''}`,
      role: ROLES[place].join,
      label: copies > 1 ? `${label}, ${side}` : label,
      ...(copies > 1 ? { side: side!, both: `${label}, both` } : {}),
      kind: 'pick-up',
      a: [`${id}.joined`],
      b: begun(opened(one, style)).map(({ edge }) => edge.id),
      down: begun(opened(one, style)).map(({ down }) => down),
      ...(corners > 0 ? { corners } : {}),
      ...(style.pickUp === 'ratio'
        ? {
            ratio: {
              each: eachOf(edges, by),
              plus: 0,
              hidden: Math.max(1, Math.abs(counts.picked - exact)),
              of: stitchOf(fabricAlong(edges, by)),
              field: `border.${place}`,
              ...(style.perUnit === null ? {} : { onStitches: onStitchesOf(edges, by) }),
            },
          }
        : {}),
    })),
    height: heightOfEdging(style, fabrics),
    strained:
      Math.abs(counts.picked - exact) > mostMoved(sides, first)
        ? {
            wanted: Math.round(exact),
            picked: counts.picked,
            multiple: ruleOf(first, run.ring).multiple,
          }
        : null,
    hidden: counts.spare.flatMap((by, i) =>
      by === 0 || sides.turns.length === 0
        ? []
        : [{ row: 1 + layers.slice(0, i).reduce((sum, layer) => sum + layer.rounds, 0), by }],
    ),
  };
}

/** A run as it is worked: a round that is to be rows goes from the centre of the front (or from a seam) round to it again, as a collar does. */
function opened(run: EdgeRunAlong, { worked }: BorderStyle): EdgeRunAlong {
  if (!run.ring || worked !== 'rows') return run;
  const front = run.edges.findIndex(
    ({ edge, piece }) => piece.role === 'front' && edge.role === 'neck' && edge.axis === 'stitches',
  );
  const edges = front > 0 ? [...run.edges.slice(front), ...run.edges.slice(0, front)] : begun(run);
  return { edges, ring: false };
}

/** The edges of a run from where it is begun: a round beside a seam that is no corner, where a stitch can be hidden. */
function begun({ edges, ring }: EdgeRunAlong): readonly OpenEdge[] {
  if (!ring) return edges;
  const at = edges.findIndex(({ seam, turn }) => seam && Math.abs(turn ?? 0) < CORNER);
  return at > 0 ? [...edges.slice(at), ...edges.slice(0, at)] : edges;
}

/** Where both fronts lie among the sides of a border. */
function frontsIn(
  edges: readonly OpenEdge[],
  { sides, turns }: Sides,
  counts: Counts,
  along: Along,
): Pick<PieceProgram, 'fronts'> {
  let side = 0;
  const found: Partial<Record<Side, BorderFront>> = {};
  edges.forEach((one, i) => {
    if (i > 0 && isCorner(one, along)) side += 1;
    const { role, side: wearers } = one.edge;
    if (role !== 'front edge' || !wearers) return;
    const share = stitchesAlong(one, along) / sides[side]!.wanted;
    const picked = Math.round(share * counts.sides[side]!);
    const before = found[wearers];
    found[wearers] = { side, picked: picked + (before?.side === side ? before.picked : 0) };
  });
  const { left, right } = found;
  // Without corners a front has no side of its own.
  return left && right && turns.length > 0 ? { fronts: { left, right } } : {};
}

/** Stitches that an edge takes: by the gauge of the edging, or by ratio one in each stitch and so many for each row end. */
function stitchesAlong({ edge, piece }: OpenEdge, { style, fabrics, first }: Along): number {
  if (style.pickUp === 'gauge') return edge.length * perCm(first.gauge, 'stitches');
  if (edge.axis === 'stitches') return edge.count * onStitches(fabricOf(edge, piece, fabrics), style);
  return edge.count * (style.perRowEnd ?? perRowEnd(first, fabricOf(edge, piece, fabrics)));
}

/** Stitches for each stitch of an edge: 1, or so many for each of its spaces. */
function onStitches({ unit }: Fabric, { perUnit }: BorderStyle): number {
  return unit && perUnit !== null ? perUnit / unit.stitches : 1;
}

/** Stitches for each stitch of the edge on the whole. */
function onStitchesOf(edges: readonly OpenEdge[], along: Along): number {
  const own = edges.filter(({ edge }) => edge.axis === 'stitches');
  const count = sumOf(own.map(({ edge }) => edge.count));
  return count === 0 ? 1 : sumOf(own.map((one) => stitchesAlong(one, along))) / count;
}

/** The fabric that an edge is of. */
function fabricOf(
  { place }: WorkedEdge,
  { sections }: PlannedPiece,
  fabrics: ReadonlyMap<string, Fabric>,
): Fabric {
  const row = place.lies === 'row ends' ? (place.spans[0]?.first ?? 1) : 1;
  const section = sections.findLast(({ first }) => first <= row) ?? sections[0]!;
  return fabrics.get(section.fabric)!;
}

/** The fabric of the row ends that it goes along, the most of them. */
function fabricAlong(edges: readonly OpenEdge[], { fabrics, first }: Along): Fabric {
  const rows = edges.filter(({ edge }) => edge.axis === 'rows').sort((a, b) => b.edge.length - a.edge.length);
  return rows[0] ? fabricOf(rows[0].edge, rows[0].piece, fabrics) : first;
}

/** Stitches for each row end on the whole, where edges have rows of several stitches. */
function eachOf(edges: readonly OpenEdge[], along: Along): number {
  const rows = edges.filter(({ edge }) => edge.axis === 'rows');
  const ends = rows.reduce((sum, { edge }) => sum + edge.count, 0);
  if (ends === 0) return 1;
  return rows.reduce((sum, one) => sum + stitchesAlong(one, along), 0) / ends;
}

/** Whether an edge begins behind a corner that is shaped. */
function isCorner({ turn, edge }: OpenEdge, { style, place }: Along): boolean {
  if (style.corners !== 'shaped' || turn === null || Math.abs(turn) < CORNER) return false;
  // A neck without a drop is a slit across, and its edging stands up from it.
  return !(edge.role === 'neck' && turn < -SLIT && place === 'neck');
}

/** The sides between corners. A round that begins at a corner is begun in the middle of its first side instead. */
function sidesOf(edges: readonly OpenEdge[], along: Along, ring: boolean): Sides {
  const sides: EdgeSide[] = [];
  const turns: number[] = [];
  edges.forEach((one, i) => {
    if (i === 0 || isCorner(one, along)) {
      if (i > 0) turns.push(one.turn!);
      sides.push({ length: 0, wanted: 0 });
    }
    const side = sides.at(-1)!;
    side.length += one.edge.length;
    side.wanted += stitchesAlong(one, along);
  });
  const [first] = edges;
  if (!ring || !first || !isCorner(first, along)) return { sides, turns };
  const [side, ...others] = sides;
  const half = { length: side!.length / 2, wanted: side!.wanted / 2 };
  return { sides: [half, ...others, half], turns: [...turns, first.turn!] };
}

interface Counts {
  /** Stitches of each side as picked up, without its corners. */
  sides: number[];
  /** Their sum. */
  picked: number;
  /** Stitches hidden where each fabric begins. */
  spare: number[];
  /** Each fabric's first row has the stitches to increase or decrease in. */
  workable: boolean;
}

/** Stitches that may be more or fewer than lie flat along the sides: what a seam eases in. */
function mostMoved({ sides }: Pick<Sides, 'sides'>, { gauge }: Fabric): number {
  const unit = 1 / perCm(gauge, 'stitches');
  const length = sumOf(sides.map((side) => side.length));
  return easeAllowed({ length, unit }, { length, unit }) / unit - 1e-6;
}

/** What a stitch more or fewer in a later round costs against one along the edge: spread over the round it is hardly seen. */
const SPREAD = 1.5;
/** Between corners it is hidden where the round begins, and seen by those who look. */
const HIDDEN = 6;
/** More than a seam eases in: only where the first fabric's own rule leaves nothing else. */
const TOO_FAR = 1000;
/** More than can be increased or decreased in one row. */
const NEVER = 1e6;

/**
 * Whole stitches for the sides, so that each fabric's rule is met where it begins: the total moved as little as will do and as a seam eases
 * in, what still does not come out made in the first round of the fabric.
 */
function countsOf(
  { sides, turns }: Sides,
  gained: readonly number[][],
  layers: readonly Layer[],
  ring: boolean,
): Counts {
  const wanted = sides.map((side) => side.wanted);
  const total = Math.max(sides.length, Math.round(sumOf(wanted)));
  const cost = turns.length > 0 ? HIDDEN : SPREAD;
  const most = mostMoved({ sides }, layers[0]!.fabric);
  // On an edge of a few stitches a fabric's rule may be met only by more than a seam eases in.
  const furthest = Math.max(Math.ceil(most), ...layers.map(({ fabric }) => ruleOf(fabric, ring).multiple));
  const moves = Array.from({ length: 2 * furthest + 1 }, (_, i) => i - furthest);
  const ways = moves
    .filter((by) => total + by >= sides.length)
    .map((by) => withSpare(sharesOf(total + by, wanted), gained, layers, ring));
  const costOf = ({ picked, spare, workable }: Counts) => {
    const moved = Math.abs(picked - sumOf(wanted));
    return moved + cost * sumOf(spare.map(Math.abs)) + (moved > most ? TOO_FAR : 0) + (workable ? 0 : NEVER);
  };
  return ways.reduce((best, way) => (costOf(way) < costOf(best) ? way : best));
}

function withSpare(
  sides: number[],
  gained: readonly number[][],
  layers: readonly Layer[],
  ring: boolean,
): Counts {
  const picked = sumOf(sides);
  let count = picked + sumOf(gained[0]!.map((by) => (by > 0 ? by + 1 : 0)));
  let workable = true;
  const spare = layers.map(({ fabric, rounds }, i) => {
    const rule = ruleOf(fabric, ring);
    const by = sumOf(gained[i]!);
    // The first row is worked into the edge itself; later fabrics gain at the corners in their first row too.
    const first = i === 0 ? count : count + by;
    const own = nearestLegal(first, rule) - first;
    // A row at most doubles its stitches, or works all of them 2 together.
    if (i > 0 && (own > first || -2 * own > first)) workable = false;
    count = first + own + (rounds - 1) * by;
    return own;
  });
  return { picked: picked + spare[0]!, spare: [0, ...spare.slice(1)], workable, ...moved(sides, spare[0]!) };
}

/** What the first fabric's rule wants more or fewer goes into the longest side. */
function moved(sides: readonly number[], by: number): { sides: number[] } {
  const longest = sides.indexOf(Math.max(...sides));
  return { sides: sides.map((side, i) => (i === longest ? side + by : side)) };
}

/** What a fabric's counts come to: in rounds, or in rows. */
function ruleOf({ rule }: Fabric, ring: boolean): CountRule {
  return ring ? rule.round : rule.flat;
}

function nearestLegal(count: number, rule: CountRule): number {
  const [below, above] = [legalAtMost(count, rule), legalAtLeast(count, rule)];
  return below !== null && count - below <= above - count ? below : above;
}

interface Layer {
  fabric: Fabric;
  rounds: number;
}

/** The rows of an edging, as passages; and its stitches at the end. */
function passagesOf(
  { sides, picked, spare }: Counts,
  gained: readonly number[][],
  layers: readonly Layer[],
  begins: { along: string; round?: RoundWay },
): { passages: Passage[]; end: number } {
  const first = gained[0]!;
  const many = first.length;
  const start = picked + sumOf(first.map((by) => (by > 0 ? by + 1 : 0)));
  const passages: Passage[] = [{ kind: 'start', part: 'main', stitches: start, extra: 0, ...begins }];
  // Behind the first row: an outer corner has its stitches, the corner stitch in their middle; an inner one is a stitch of its side.
  let now = sides.map((side, i) => {
    const before = i > 0 ? first[i - 1]! : 0;
    const after = i < many ? first[i]! : 0;
    return (
      side +
      (before > 0 ? Math.ceil(before / 2) : 0) +
      (after > 0 ? Math.floor(after / 2) : after < 0 ? -1 : 0)
    );
  });
  let count = start;
  let to = 0;
  layers.forEach(({ fabric, rounds }, i) => {
    const from = to;
    to += rounds;
    const by = gained[i]!;
    const change = i > 0;
    if (many === 0) {
      if (change) {
        count += spare[i]!;
        passages.push({ kind: 'change', part: 'main', to: from + 1, stitches: count, fabric: fabric.id });
      }
      if (rounds > 1) passages.push({ kind: 'even', part: 'main', to });
      return;
    }
    const shape = (last: number, rows: number, hidden: number, of?: string) => {
      const shaping = { sides: now, by, spare: hidden };
      passages.push({ kind: 'corners', part: 'main', to: last, ...shaping, ...(of ? { fabric: of } : {}) });
      for (let row = 0; row < rows; row += 1) {
        const each = { sides: now, by, spare: row === 0 ? hidden : 0 };
        if (!hasRoom(each)) throw new TooShort(last - rows + row);
        now = cornersAfter(each, 1);
      }
      count = sumOf(now) + many;
    };
    if (change) shape(from + 1, 1, spare[i]!, fabric.id);
    if (rounds > 1) shape(to, rounds - 1, 0);
  });
  return { passages, end: count };
}

/** A side is too short for its corners after so many rows. */
class TooShort extends Error {
  constructor(readonly row: number) {
    super('a side is too short for its corners');
  }
}

/** "3 sts in each of the 2 outer corners". */
function cornersInWords(outer: readonly number[]): string {
  const made = [...new Set(outer.map((by) => by + 1))];
  const where = outer.length === 1 ? 'the outer corner' : `each of the ${outer.length} outer corners`;
  return `${made.length === 1 ? made[0]! : outer.map((by) => by + 1).join(', ')} of them in ${where}`;
}

function edgesOf(
  id: string,
  label: string,
  { rounds, end, ring }: { rounds: number; end: number; ring: boolean },
): EdgeProgram[] {
  const long = longEdges(id, label, rounds, end);
  if (ring) return long;
  const ends = (['left', 'right'] as const).map((side): EdgeProgram => ({
    id: `${id}.end-${side}`,
    role: 'end',
    label: `${label}, ${side} end`,
    axis: 'rows',
    place: { lies: 'row ends', side, spans: [{ part: 'main', first: 1, last: rounds }] },
    open: true,
  }));
  return [...long, ...ends];
}

function sumOf(numbers: readonly number[]): number {
  return numbers.reduce((sum, one) => sum + one, 0);
}
