/** How an edging goes along its edges: where it begins, where its corners are, and how many stitches each edge takes. */

import { stitchOf, type Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import type { WorkedEdge } from '../joins/audit.js';
import { perRowEnd, type PickUpRatio } from '../joins/pickUp.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { sumOf } from '../shaping/spread.js';
import { CORNER } from './corners.js';
import type { BorderPlace, BorderStyle } from './fields.js';
import type { OpenEdge } from './openEdges.js';
import type { EdgeRunAlong } from './runs.js';

/** A way that turns back by more than this is a slit, degrees. */
const SLIT = 150;

/** How stitches are picked up: the style, and the fabric that is worked first. */
export interface Along {
  place: BorderPlace;
  style: BorderStyle;
  fabrics: ReadonlyMap<string, Fabric>;
  first: Fabric;
}

/** The edges of a run from where it is begun: a round beside a seam that is no corner, where a stitch can be hidden. */
function begun({ edges, ring }: EdgeRunAlong): readonly OpenEdge[] {
  if (!ring) return edges;
  const at = edges.findIndex(({ seam, turn }) => seam && Math.abs(turn ?? 0) < CORNER);
  return at > 0 ? [...edges.slice(at), ...edges.slice(0, at)] : edges;
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

/** A run as it is worked in a style, its edges from where it is begun. */
export function asWorked(run: EdgeRunAlong, style: BorderStyle): EdgeRunAlong {
  const { edges, ring } = opened(run, style);
  return { ring, edges: begun({ edges, ring }) };
}

/** Stitches that an edge takes: by the gauge of the edging, or by ratio one in each stitch and so many for each row end. */
export function stitchesAlong({ edge, piece }: OpenEdge, { style, fabrics, first }: Along): number {
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
export function isCorner({ turn, edge }: OpenEdge, { style, place }: Along): boolean {
  if (style.corners !== 'shaped' || turn === null || Math.abs(turn) < CORNER) return false;
  // A neck without a drop is a slit across, and its edging stands up from it.
  return !(edge.role === 'neck' && turn < -SLIT && place === 'neck');
}

/** The ratio by which an edging is picked up, so many stitches of which may be moved to suit its fabrics; null where it goes by gauge. */
export function ratioAlong(edges: readonly OpenEdge[], by: Along, moved: number): PickUpRatio | null {
  const { place, style } = by;
  if (style.pickUp === 'gauge') return null;
  return {
    each: eachOf(edges, by),
    plus: 0,
    hidden: Math.max(1, moved),
    of: stitchOf(fabricAlong(edges, by)),
    field: `border.${place}`,
    ...(style.perUnit === null ? {} : { onStitches: onStitchesOf(edges, by) }),
  };
}
