/** One edging: the piece and the joins that it is, along the edges of one run or of two alike. */

import type { Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import type { BorderFront, EdgeProgram, PieceProgram } from '../garment/construction.js';
import type { JoinPlan } from '../joins/join.js';
import { PlanRefused } from '../plannedPiece.js';
import type { PieceRole, JoinRole, Side } from '../joins/roles.js';
import type { RoundWay } from '../work/rows.js';
import { sumOf } from '../shaping/spread.js';
import { asWorked, isCorner, ratioAlong, stitchesAlong, type Along } from './along.js';
import { atCorner } from './corners.js';
import { countsOf, mostMoved, ruleOf, sidesOf, type Counts, type Sides } from './counts.js';
import { BORDER_WORDS, layersOf, type BorderPlace, type BorderStyle } from './fields.js';
import { heightOfEdging } from './height.js';
import { longEdges } from './longEdges.js';
import type { OpenEdge } from './openEdges.js';
import { passagesOf, TooShort } from './passages.js';
import type { RunGroup } from './runs.js';

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
  const { edges, ring } = asWorked(runs[0]!.run, style);
  const layers = layersOf(style).map(({ fabric, rounds }) => ({ fabric: fabrics.get(fabric)!, rounds }));
  const first = layers[0]!.fabric;
  const { title, along } = BORDER_WORDS[place];
  const id = `edging-${place}${own.id}`;
  const by: Along = { place, style, fabrics, first };
  const sides = sidesOf(edges, by, ring);
  const gained = layers.map(({ fabric }) => {
    const gauge = { stitches: perCm(fabric.gauge, 'stitches'), rows: perCm(fabric.gauge, 'rows') };
    return sides.turns.map((turn) => atCorner(turn, gauge));
  });
  const counts = countsOf(sides, gained, layers, ring);
  const outer = gained[0]!.filter((many) => many > 0);
  const corners = sumOf(outer) + outer.length;
  const rounds = sumOf(layers.map((layer) => layer.rounds));
  /** The first row of each fabric. */
  const begins = layers.map((_, i) => 1 + sumOf(layers.slice(0, i).map((layer) => layer.rounds)));
  let worked: ReturnType<typeof passagesOf>;
  try {
    worked = passagesOf(counts, gained, layers, {
      along: `${along}${outer.length > 0 ? `, ${cornersInWords(outer)}` : ''}`,
      ...(ring ? { round: style.worked as RoundWay } : {}),
    });
  } catch (error) {
    throw error instanceof TooShort ? new NoRoom(place, error.row) : error;
  }
  const copies = runs.length;
  const label = `${title}${own.name}`;
  const exact = sumOf(sides.sides.map(({ wanted }) => wanted));
  const ratio = ratioAlong(edges, by, Math.abs(counts.picked - exact));
  return {
    piece: {
      id,
      role: ROLES[place].piece,
      label,
      copies,
      fabric: first,
      sections: layers.slice(1).map(({ fabric }, i) => ({ fabric, first: begins[i + 1]! })),
      work: ring ? 'rounds' : 'rows',
      rows: [],
      fixedRows: rounds,
      workedOn: true,
      ...(place === 'round' ? frontsIn(edges, sides, counts, by) : {}),
      passages: worked.passages,
      edges: edgesOf(id, label, { rounds, end: worked.end, ring }),
      expects: [],
    },
    joins: runs.map(({ run, side }): JoinPlan => ({
      id: `${id}${copies > 1 ? `-${side}` : ''}`,
      role: ROLES[place].join,
      label: copies > 1 ? `${label}, ${side}` : label,
      ...(copies > 1 ? { side: side!, both: `${label}, both` } : {}),
      kind: 'pick-up',
      a: [`${id}.joined`],
      b: asWorked(run, style).edges.map(({ edge }) => edge.id),
      down: asWorked(run, style).edges.map(({ down }) => down),
      ...(corners > 0 ? { corners } : {}),
      ...(ratio ? { ratio } : {}),
    })),
    height: heightOfEdging(style, fabrics),
    strained:
      Math.abs(counts.picked - exact) > mostMoved(sides, first)
        ? {
            wanted: Math.round(exact),
            picked: counts.picked,
            multiple: ruleOf(first, ring).multiple,
          }
        : null,
    hidden: counts.spare.flatMap((by, i) =>
      by === 0 || sides.turns.length === 0 ? [] : [{ row: begins[i]!, by }],
    ),
  };
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
