import { meetInWords } from './meet.js';
import type { Axis } from '../fabric/fabric.js';
import type { EdgePlace } from '../work/rows.js';
import { easeAllowed, type JoinKind, type JoinPlan, type SeamLength } from './join.js';
import { isPickedUp, type PickUpRatio } from './pickUp.js';
import type { EdgeRole, JoinRole, Side } from './roles.js';

/** An edge as it came off the hook. Length in cm. */
export interface WorkedEdge {
  id: string;
  /** The piece that it is an edge of. */
  piece: string;
  role: EdgeRole;
  side?: Side;
  /** Its rows run from the neck down. */
  downwards?: true;
  label: string;
  axis: Axis;
  count: number;
  length: number;
  open: boolean;
  /** Where it lies on its piece. */
  place: EdgePlace;
  /** In a join: whether its rows are met from the last to the first, where that is known. */
  down?: boolean;
}

export interface JoinSide {
  edge: string;
  /** The piece that it is an edge of, and what it is to that. */
  piece: string;
  role: EdgeRole;
  /** What is counted along it. */
  axis: Axis;
  count: number;
  /** Whether its rows are met from the last to the first, where the way along the join is known. */
  down?: boolean;
}

/** A join with both sides counted and measured. */
export interface Join {
  id: string;
  role: JoinRole;
  label: string;
  side?: Side;
  both?: string;
  kind: JoinKind;
  a: readonly JoinSide[];
  b: readonly JoinSide[];
  aCount: number;
  bCount: number;
  aLength: number;
  bLength: number;
  /** What side b is counted in; both where it runs over stitches and row ends. */
  bAxis: Axis | 'both';
  /** Length that side a has over side b, to be eased in, cm. */
  eased: number;
  ok: boolean;
  /** Share of its edge that a drawn-in band measures on its own. */
  gather: number;
  /** The edge is gathered to the band's own round, not the band stretched to the edge. */
  gathers?: true;
  /** For edges that meet in unequal numbers: how many of one side meet how many of the other. */
  meet: string | null;
  /** How rows meet rows, where that is not row 1 to row 1. */
  says?: string;
  /** How often it is made alike; once without it. */
  times?: number;
  /** Picked up by so many for each row end: the lengths then may differ. */
  ratio?: PickUpRatio;
  /** Stitches of side a that turn round outer corners, beyond those along the edge. */
  corners?: number;
}

/**
 * Checks one join on the worked edges: equal counts where stitches meet stitches or rows meet rows, equal lengths
 * (within what a seam eases in, `easeAllowed`) where stitches meet rows, and the stitches of its ratio where one is picked up by.
 */
export function auditJoin(plan: JoinPlan, edges: ReadonlyMap<string, WorkedEdge>): Join {
  const side = (ids: readonly string[]) =>
    ids.map((id) => edges.get(id)).filter((edge) => edge !== undefined);
  const a = side(plan.a);
  const b = side(plan.b);
  const sum = (list: readonly WorkedEdge[]) => list.reduce((all, { length }) => all + length, 0);
  const gather = plan.drawnTo === undefined ? (plan.gather ?? 1) : Math.min(1, sum(a) / sum(b));
  const total = (list: readonly WorkedEdge[]) => list.reduce((sum, { count }) => sum + count, 0);
  const corners = plan.corners ?? 0;
  const aCount = total(a);
  const bCount = total(b);
  const sides = [measured(a, gather, corners), measured(b, 1)] as const;
  const [aLength, bLength] = sides.map(({ length }) => length) as [number, number];
  const complete = a.length === plan.a.length && b.length === plan.b.length;
  const byCount = plan.kind === 'stitch-to-stitch' || plan.kind === 'row-to-row' || plan.kind === 'live';
  const agrees = () => {
    if (byCount) return aCount === bCount;
    if (plan.ratio) {
      const rowEnds = total(b.filter(({ axis }) => axis === 'rows'));
      return isPickedUp(plan.ratio, aCount - corners, { rowEnds, stitches: bCount - rowEnds });
    }
    const own = plan.drawnTo === undefined ? 0 : Math.abs(sum(a) - plan.drawnTo);
    return Math.max(own, Math.abs(aLength - bLength)) <= easeAllowed(...sides) + 1e-9;
  };
  const ok = complete && agrees();
  return {
    id: plan.id,
    role: plan.role,
    label: plan.label,
    ...(plan.side ? { side: plan.side } : {}),
    ...(plan.both ? { both: plan.both } : {}),
    kind: plan.kind,
    a: a.map(joinSide),
    b: b.map((edge, i) => (plan.down ? { ...joinSide(edge), down: plan.down[i]! } : joinSide(edge))),
    aCount,
    bCount,
    aLength,
    bLength,
    bAxis: b.some(({ axis }) => axis !== b[0]!.axis) ? 'both' : (b[0]?.axis ?? 'rows'),
    eased: byCount || plan.ratio ? 0 : aLength - bLength,
    ok,
    gather,
    ...(plan.drawnTo === undefined ? {} : { gathers: true }),
    ...(plan.says ? { says: plan.says } : {}),
    ...(plan.times ? { times: plan.times } : {}),
    ...(plan.ratio ? { ratio: plan.ratio } : {}),
    ...(corners > 0 ? { corners } : {}),
    meet: byCount
      ? null
      : meetInWords(aCount - corners, a[0]?.axis ?? 'stitches', bCount, b[0]?.axis ?? 'rows'),
  };
}

function joinSide({ id, piece, role, axis, count }: WorkedEdge): JoinSide {
  return { edge: id, piece, role, axis, count };
}

/** A side as it lies in the seam: a band that is drawn in as stretched to its edge, stitches round corners left out. */
function measured(side: readonly WorkedEdge[], gather: number, corners = 0): SeamLength {
  const unit = Math.max(0, ...side.map(({ length, count }) => (count > 0 ? length / count : 0))) / gather;
  const length = side.reduce((sum, one) => sum + one.length, 0) / gather;
  return { length: length - corners * unit, unit };
}
