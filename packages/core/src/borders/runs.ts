/** The open edges of a garment as edgings go along them: each place's as one round, or as rows from end to end. */

import type { WorkedEdge } from '../joins/audit.js';
import type { PieceRole, Side } from '../joins/roles.js';
import { CORNER } from './corners.js';
import { BORDER_PLACES, type BorderPlace } from './fields.js';
import type { OpenEdge, OpenLoop } from './openEdges.js';

/** Edges that an edging goes along, clockwise as the right side is seen. */
export interface EdgeRunAlong {
  edges: readonly OpenEdge[];
  /** It comes round to where it began. */
  ring: boolean;
}

/** Runs that one piece of edging goes along, worked as often: one for each of the wearer's sides, or one. */
export interface RunGroup {
  runs: readonly { run: EdgeRunAlong; side: Side | null }[];
}

/** What an edge belongs to by itself; null for what lies between and goes with its neighbours. */
function placeOfEdge({ edge, piece }: OpenEdge): BorderPlace | null {
  switch (piece.role) {
    case 'cord':
      return null;
    case 'hem':
      return edge.role === 'free' ? 'hem' : 'front';
    case 'cuff':
      return 'cuff';
    case 'armband':
      return 'armhole';
    case 'neckband':
      return edge.role === 'free' ? 'neck' : 'front';
    case 'front band':
      return edge.role === 'free' ? 'front' : null;
    case 'centre band':
      return null;
    default:
      return PLACE_OF_ROLE[edge.role] ?? null;
  }
}

const PLACE_OF_ROLE: Partial<Record<WorkedEdge['role'], BorderPlace>> = {
  'lower edge': 'hem',
  slit: 'hem',
  neck: 'neck',
  face: 'neck',
  'upper edge': 'neck',
  'strap edge': 'neck',
  'front edge': 'front',
  wrist: 'cuff',
  armhole: 'armhole',
  underarm: 'armhole',
};

/** Bands whose ends lie in another edge. */
const BETWEEN: readonly PieceRole[] = ['front band', 'centre band'];

/** The places of a loop's edges: what belongs to none goes with a neighbour that is no front. */
function placesOf({ edges }: OpenLoop): (BorderPlace | null)[] {
  const opens = edges.some(({ edge, piece }) => edge.role === 'front edge' || piece.role === 'front band');
  // Ends of bands lie at a front only where there is one.
  const own = edges.map(placeOfEdge).map((place) => (place === 'front' && !opens ? null : place));
  const many = edges.length;
  return own.map((place, i) => {
    if (place !== null || !BETWEEN.includes(edges[i]!.piece.role)) return place;
    const around = [own[(i + 1) % many], own[(i + many - 1) % many]];
    return around.find((other) => other && other !== 'front') ?? 'front';
  });
}

/** The runs along one kind of edge. */
function runsIn(loop: OpenLoop, place: BorderPlace): EdgeRunAlong[] {
  const places = placesOf(loop);
  const { edges } = loop;
  const closed = edges[0]!.turn !== null;
  if (place === 'round') return closed && places.includes('front') ? [{ edges, ring: true }] : [];
  if (places.every((other) => other === place)) return [{ edges, ring: closed }];
  const begins = places.flatMap((own, i) =>
    own === place && (i === 0 ? !closed || places.at(-1) !== place : places[i - 1] !== place) ? [i] : [],
  );
  return begins.map((begin) => {
    let many = 1;
    while (many < edges.length && places[(begin + many) % edges.length] === place) many += 1;
    return {
      edges: Array.from({ length: many }, (_, i) => edges[(begin + i) % edges.length]!),
      ring: false,
    };
  });
}

/** Which of the wearer's sides a run lies on: the only one that its edges name. */
function sideOf({ edges }: EdgeRunAlong): Side | null {
  const sides = new Set(
    edges.flatMap(({ edge, copy, piece }) =>
      copy === 'left' || copy === 'right' ? copy : (edge.side ?? piece.side ?? []),
    ),
  );
  const [only] = sides;
  return sides.size === 1 ? only! : null;
}

/** A run as its lengths show it. */
function formOf(edges: readonly OpenEdge[]): string {
  return edges.map(({ edge }) => `${edge.axis} ${edge.count} ${edge.length.toFixed(6)}`).join(', ');
}

/** Whether two runs are worked alike: the same from end to end, or mirrored where there is no corner that would lie elsewhere. */
function isAlike(one: EdgeRunAlong, two: EdgeRunAlong): boolean {
  if (turnsOf(one) === turnsOf(two) && formOf(one.edges) === formOf(two.edges)) return true;
  return turnsOf(one) + turnsOf(two) === '' && formOf(one.edges) === formOf([...two.edges].reverse());
}

/** The corners between the edges of a run, by their degrees. */
function turnsOf({ edges, ring }: EdgeRunAlong): string {
  const turns = edges.slice(ring ? 0 : 1).map(({ turn }) => Math.round(turn ?? 0));
  return turns.filter((turn) => Math.abs(turn) >= CORNER).join(' ');
}

/** The runs along a place; two of the wearer's sides that mirror each other are worked alike. */
export function groupsAlong(loops: readonly OpenLoop[], place: BorderPlace): RunGroup[] {
  const runs = loops.flatMap((loop) => runsIn(loop, place)).map((run) => ({ run, side: sideOf(run) }));
  const groups: RunGroup[] = [];
  const used = new Set<(typeof runs)[number]>();
  for (const one of runs) {
    if (used.has(one)) continue;
    used.add(one);
    const other = runs.find(
      (two) =>
        !used.has(two) &&
        one.side !== null &&
        two.side !== null &&
        one.side !== two.side &&
        one.run.ring === two.run.ring &&
        isAlike(one.run, two.run),
    );
    if (other) used.add(other);
    groups.push({ runs: other ? [one, other].sort((a, b) => (a.side! < b.side! ? -1 : 1)) : [one] });
  }
  return groups;
}

/** Places of a garment that have an open edge. */
export function openPlaces(loops: readonly OpenLoop[]): BorderPlace[] {
  return BORDER_PLACES.filter((place) => groupsAlong(loops, place).length > 0);
}
