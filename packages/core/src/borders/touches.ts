/** The touches that a style asks for, on the garment as it has been joined. */

import type { Note } from '../advice/note.js';
import type { FullBody, Group } from '../body/measurements.js';
import type { Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { forSize, type PerSize } from '../fields/perSize.js';
import { THREADED_EVERY, type Touch } from '../finishing/touches.js';
import type { WorkedEdge } from '../joins/audit.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { cm, say } from '../text/phrase.js';
import { edgeLines } from '../work/edgeLines.js';
import type { Bordered, Joined } from './borders.js';
import { openLoops } from './openEdges.js';
import { groupsAlong } from './runs.js';

/** What of a style touches go by. */
interface Touched extends Bordered {
  front?: { style: string; width: PerSize; ties?: number; tieLength?: PerSize; tieAt?: PerSize | null };
}

/** What a size has. */
export function touchesOf(
  size: string,
  style: Touched,
  fabrics: ReadonlyMap<string, Fabric>,
  garment: Joined,
): Touch[] {
  const { border, front } = style;
  return [
    ...(border?.backNeck ? backNeck(garment) : []),
    ...(border?.neck?.bridged || border?.round?.bridged ? bridges(style, fabrics, garment) : []),
    ...gathered(size, border, garment),
    ...(front?.ties ? ties(size, front, garment) : []),
    ...threaded(garment),
  ];
}

/** Edges of the back's neck: constructions call them so. */
const BACK_NECK = 'back.neck';

function backNeck({ edges }: Joined): Touch[] {
  const own = [...edges.values()].filter(({ id, role }) => role === 'neck' && id.startsWith(BACK_NECK));
  if (own.length === 0) return [];
  return [{ kind: 'back neck', count: sum(own, 'count'), length: sum(own, 'length') }];
}

function sum(edges: readonly WorkedEdge[], of: 'count' | 'length'): number {
  return edges.reduce((all, edge) => all + edge[of], 0);
}

/** Drawn threads at the ends of the sleeves and the lower edge, edgings included. */
function gathered(size: string, border: Bordered['border'], garment: Joined): Touch[] {
  if (!border || (border.gatherCuff === null && border.gatherHem === null)) return [];
  const loops = openLoops(garment.pieces, garment.joins);
  return (['cuff', 'hem'] as const).flatMap((where): Touch[] => {
    const wanted = border[where === 'cuff' ? 'gatherCuff' : 'gatherHem'];
    const [group] = groupsAlong(loops, where);
    if (wanted === null || !group) return [];
    const edges = group.runs[0]!.run.edges.map(({ edge }) => edge);
    return [
      {
        kind: 'gathered',
        where,
        count: sum(edges, 'count'),
        own: sum(edges, 'length'),
        round: forSize(wanted, size),
      },
    ];
  });
}

/** Pairs of ties along the front edges, the lowest where it is wanted, the others evenly up to the neck. */
function ties(
  size: string,
  { ties: pairs = 0, tieAt = null }: NonNullable<Touched['front']>,
  { edges }: Joined,
): Touch[] {
  const edge = [...edges.values()].find(({ role, side }) => role === 'front edge' && side === 'left');
  if (!edge) return [];
  const lowest = tieAt === null ? edge.length / pairs : Math.min(edge.length, forSize(tieAt, size));
  return Array.from({ length: pairs }, (_, i): Touch => {
    const at =
      pairs === 1
        ? tieAt === null
          ? edge.length
          : lowest
        : lowest + (i * (edge.length - lowest)) / (pairs - 1);
    return {
      kind: 'tie',
      pair: i + 1,
      after: Math.round((at / edge.length) * edge.count),
      at,
      axis: edge.axis,
    };
  });
}

/** A draw cord is threaded up the centre front and down again. */
function threaded({ pieces }: Joined): Touch[] {
  const cord = pieces.find(({ id }) => id === 'cord');
  const tube = pieces.find(({ role }) => role === 'tube');
  if (!cord || !tube) return [];
  const length = heightOfPiece(tube);
  return [{ kind: 'threaded', length, times: Math.max(1, Math.floor(length / THREADED_EVERY)) }];
}

function heightOfPiece({ sections, ends }: PlannedPiece): number {
  return ends.last.n / sections.at(-1)!.rows;
}

/** Fewest cm from corner to corner that are bridged: smaller steps are worked over as they are. */
const STEP = 1;

/** Steps of a neck that chains are made over. */
function bridges({ border }: Touched, fabrics: ReadonlyMap<string, Fabric>, { pieces }: Joined): Touch[] {
  const of = (border?.neck?.bridged ? border.neck : border?.round)!;
  const stitches = perCm(fabrics.get(of.fabric)!.gauge, 'stitches');
  let [chains, steps] = [0, 0];
  for (const piece of pieces)
    for (const { role, place } of piece.edges) {
      if (role !== 'neck' || place.lies !== 'row ends') continue;
      const { line } = edgeLines(piece.runs, [place], piece.sections)[0]!;
      for (const span of stepsIn(line)) {
        chains += Math.max(1, Math.round(span * stitches));
        steps += 1;
      }
    }
  return steps === 0 ? [] : [{ kind: 'bridges', chains, steps }];
}

/** From corner to corner over each step of a line that is one, cm. */
function stepsIn(line: readonly (readonly [x: number, y: number])[]): number[] {
  const corners = line.filter(([x], i) => i === 0 || x !== line[i - 1]![0]);
  return corners.slice(1).flatMap(([x, y], i) => {
    const [bx, by] = corners[i]!;
    return Math.abs(x - bx) >= STEP ? [Math.hypot(x - bx, y - by)] : [];
  });
}

/** What is to be said of touches: a gathering that gathers nothing, or that no hand or body passes. */
export function touchNotes(touches: readonly Touch[], body: FullBody, group: Group): Note[] {
  return [...cordNotes(touches, group), ...touches.flatMap((touch) => gatheredNotes(touch, body))];
}

/** Cords, ties and drawn threads on clothes of babies and children (common practice; local rules come first). */
function cordNotes(touches: readonly Touch[], group: Group): Note[] {
  const cord = touches.find(({ kind }) => kind === 'tie' || kind === 'threaded' || kind === 'gathered');
  if (!cord || group === 'adult') return [];
  return [
    {
      level: 'warn',
      code: 'cord-on-child',
      where: cord.kind === 'tie' ? 'front.ties' : cord.kind === 'threaded' ? 'cord' : 'border',
      message: say`Cords, ties and drawn threads can catch or strangle: on clothes for ${group === 'baby' ? 'babies' : 'children'} leave them out, or sew them down so that no end hangs free, and follow the safety rules of the country of sale.`,
    },
  ];
}

function gatheredNotes(touch: Touch, body: FullBody): Note[] {
  if (touch.kind !== 'gathered') return [];
  const { where, own, round } = touch;
  const path = where === 'cuff' ? 'border.gatherCuff' : 'border.gatherHem';
  const name = where === 'cuff' ? 'The end of the sleeve' : 'The lower edge';
  if (round >= own)
    return [
      {
        level: 'warn',
        code: 'gathers-nothing',
        where: path,
        message: say`${name} is ${cm(own)} round, so a thread drawn to ${cm(round)} gathers nothing; anything below ${cm(own)} does.`,
      },
    ];
  const least = where === 'cuff' ? body.wrist : body.waist;
  return round >= least
    ? []
    : [
        {
          level: 'warn',
          code: 'gathered-tight',
          where: path,
          message: say`${name}, gathered to ${cm(round)}, is tighter than the ${where === 'cuff' ? 'wrist' : 'waist'} (${cm(least)}).`,
        },
      ];
}
