import type { EdgeRole, Side } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { SizePlan } from '../sizePlan.js';
import type { EdgeLine } from '../work/edgeLines.js';
import type { Outline } from '../work/outline.js';
import type { Point } from './points.js';

/** A planned size with how its pieces lie: what a worn garment is drawn from. */
export interface WornSize extends Pick<SizePlan, 'body' | 'group' | 'girths' | 'pieces'> {
  outlines: Readonly<Record<string, readonly Outline[]>>;
  /** By the ids of edges. */
  edgeLines: Readonly<Record<string, EdgeLine>>;
}

/**
 * The upper part of a front or a back as it was worked, of the half that is drawn at the right: x from the middle outwards, y down from its
 * shoulder seam, cm.
 */
export interface Layer {
  shoulder: { inner: number; outer: number };
  /** From the shoulder's inner end to the middle, or to the front edge. */
  neck: readonly Point[];
  /** From the shoulder's outer end to the underarm; empty where the arm is of one piece with the body. */
  armhole: readonly Point[];
  /** Where the front's edge lies from the middle; below 0 where it goes beyond it. Null: it is closed. */
  edge: number | null;
}

export interface Layers {
  front: Layer;
  back: Layer;
}

/** An edge as it lies, turned so that shoulders are above; y goes up. */
interface Lain {
  role: EdgeRole;
  side?: Side;
  line: readonly Point[];
}

/** Nearer than this is the same place, cm. */
const SAME = 0.05;
/** Rows at one place that are lower than this are a step of a slope or curve, cm. */
const STEP = 5;

/** What front and back say of a garment's upper part; null where it has none, as a yoke or a tube. */
export function layersOf(size: WornSize): Layers | null {
  const lain = (piece: PlannedPiece) => upright(edgesOf(piece, size));
  const piece = (...roles: PlannedPiece['role'][]) => size.pieces.find(({ role }) => roles.includes(role));
  const back = piece('back');
  const front = piece('front', 'open front');
  if (back && front) return ofPanels(lain(back), lain(front), front.role === 'open front');
  const half = piece('half');
  const between = heightOf(piece('centre band'), size);
  if (half) return ofHalf(lain(half), between, half.drawn !== undefined);
  const whole = piece('back and front', 'sheet');
  if (whole) return ofFolded(edgesOf(whole, size), whole.drawn !== undefined);
  return null;
}

function edgesOf(piece: PlannedPiece, { edgeLines }: WornSize): Lain[] {
  return piece.edges.flatMap(({ id, role, side }) => {
    const at = edgeLines[id];
    return at && at.line.length > 0 ? [{ role, ...(side ? { side } : {}), line: at.line }] : [];
  });
}

/** How high a band is, cm: it is longer than high, whichever way it was worked. 0 where there is none. */
export function heightOf(piece: PlannedPiece | undefined, { outlines }: Pick<WornSize, 'outlines'>): number {
  const points = piece ? (outlines[piece.id] ?? []).flatMap((outline) => outline.points) : [];
  if (points.length === 0) return 0;
  const span = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
  return Math.min(span(points.map(([x]) => x)), span(points.map(([, y]) => y)));
}

/** A piece worked sideways has its shoulders at one side: turned so that they lie above. */
function upright(edges: Lain[]): Lain[] {
  const middle = (role: EdgeRole): Point => {
    const points = edges.filter((edge) => edge.role === role).flatMap(({ line }) => line);
    return [mean(points.map(([x]) => x)), mean(points.map(([, y]) => y))];
  };
  const [above, below] = [middle('shoulder'), middle('lower edge')];
  const [dx, dy] = [above[0] - below[0], above[1] - below[1]];
  if (!(Math.abs(dx) > Math.abs(dy))) return edges;
  const turn = ([x, y]: Point): Point => (dx > 0 ? [-y, x] : [y, -x]);
  return edges.map((edge) => ({ ...edge, line: edge.line.map(turn) }));
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const pointsOf = (edges: readonly Lain[], ...roles: EdgeRole[]): Point[] =>
  edges.filter(({ role }) => roles.includes(role)).flatMap(({ line }) => line);

/** Edges seen from a middle, outwards to the right, and down from a height. */
function from(edges: readonly Lain[], middle: number, top: number, flip: boolean): Lain[] {
  return edges.map((edge) => ({
    ...edge,
    line: edge.line.map(([x, y]): Point => [flip ? middle - x : x - middle, top - y]),
  }));
}

/** The half of a layer at the right, from its edges about the middle. */
function layerOf(edges: readonly Lain[], edge: number | null): Layer {
  const shoulder = pointsOf(edges, 'shoulder')
    .map(([x]) => x)
    .filter((x) => x > -SAME);
  const [inner, outer] = [Math.max(0, Math.min(...shoulder)), Math.max(...shoulder)];
  const end = edge ?? 0;
  const neck = pointsOf(edges, 'neck').filter(([x, y]) => x > end - SAME && y > -SAME);
  const depth = Math.max(0, ...neck.map(([, y]) => y));
  const armhole = pointsOf(edges, 'armhole', 'underarm').filter(([x]) => x > inner);
  return {
    shoulder: { inner, outer },
    neck: stepped([[inner, 0], ...neck, [Math.min(inner, end), depth]], -1),
    armhole: armhole.length > 0 ? stepped([[outer, 0], ...armhole], 1) : [],
    edge,
  };
}

/** The line through steps in the order down, going outwards (1) or inwards (-1). */
function stepped(points: readonly Point[], way: 1 | -1): Point[] {
  const inOrder = [...points].sort(([x1, y1], [x2, y2]) =>
    Math.abs(y1 - y2) > SAME ? y1 - y2 : way * (x1 - x2),
  );
  const line: Point[] = [];
  for (let i = 0; i < inOrder.length;) {
    const [x, y] = inOrder[i]!;
    let last = i;
    while (last + 1 < inOrder.length && Math.abs(inOrder[last + 1]![0] - x) <= SAME) last += 1;
    const end = inOrder[last]![1];
    // The rows of a step become a point in its middle; what is straight for longer stays so.
    if (i > 0 && last < inOrder.length - 1 && end - y < STEP) line.push([x, (y + end) / 2]);
    else line.push([x, y], ...(end > y + SAME ? [[x, end] as Point] : []));
    i = last + 1;
  }
  return line;
}

function ofPanels(back: readonly Lain[], front: readonly Lain[], open: boolean): Layers {
  const shoulders = pointsOf(back, 'shoulder');
  const xs = shoulders.map(([x]) => x);
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  const top = Math.max(...shoulders.map(([, y]) => y));
  const ofBack = layerOf(from(back, middle, top, false), null);
  const own = pointsOf(front, 'shoulder');
  const frontTop = Math.max(...own.map(([, y]) => y));
  if (!open) {
    const ends = own.map(([x]) => x);
    const at = (Math.min(...ends) + Math.max(...ends)) / 2;
    return { back: ofBack, front: layerOf(from(front, at, frontTop, false), null) };
  }
  return { back: ofBack, front: openFront(front, ofBack.shoulder.outer, frontTop) };
}

/** An open front: its shoulder ends where that of the back does. */
function openFront(front: readonly Lain[], outer: number, top: number): Layer {
  const shoulder = pointsOf(front, 'shoulder').map(([x]) => x);
  const armhole = pointsOf(front, 'armhole', 'side').map(([x]) => x);
  // The armhole may lie at the left of the piece.
  const flip = mean(armhole) < mean(shoulder);
  const end = flip ? Math.min(...shoulder) : Math.max(...shoulder);
  const middle = flip ? end + outer : end - outer;
  const seen = from(front, middle, top, flip);
  const edge = Math.min(...pointsOf(seen, 'front edge').map(([x]) => x));
  return layerOf(seen, Number.isFinite(edge) ? edge : 0);
}

/** Half a back and a front in one: side by side, or folded on each other. */
function ofHalf(edges: readonly Lain[], between: number, folded: boolean): Layers {
  const top = Math.max(...pointsOf(edges, 'shoulder').map(([, y]) => y));
  const centre = mean(pointsOf(edges, 'centre back').map(([x]) => x));
  const flip = mean(pointsOf(edges, 'shoulder').map(([x]) => x)) < centre;
  const middle = flip ? centre + between / 2 : centre - between / 2;
  const seen = from(edges, middle, top, flip);
  if (folded) {
    const layer = layerOf(
      seen.filter(({ role }) => role === 'shoulder' || role === 'armhole'),
      null,
    );
    const edge = between / 2;
    return { back: layer, front: { ...layer, neck: [...layer.neck.slice(0, 1), [edge, 0]], edge } };
  }
  // What lies nearer to the centre back than the underarm is of the back.
  const underarm = mean(pointsOf(seen, 'armhole').map(([x]) => x));
  const isBack = ({ line }: Lain) => mean(line.map(([x]) => x)) < underarm;
  const backOnly = seen.filter((edge) => isBack(edge) && edge.role !== 'armhole');
  const outer = Math.max(...pointsOf(backOnly, 'shoulder').map(([x]) => x));
  const back = layerOf([...backOnly, ...straightArmhole(seen, outer)], null);
  const frontOnly = seen.filter((edge) => !isBack(edge) && edge.role !== 'armhole');
  const front = openFront(
    [...frontOnly.map(turnedOver), ...straightArmhole(seen, outer).map(turnedOver)],
    outer,
    0,
  );
  return { back, front };
}

const turnedOver = (edge: Lain): Lain => ({ ...edge, line: edge.line.map(([x, y]): Point => [x, -y]) });

/** An armhole as deep as the edges that were worked, straight down from the shoulder's end. */
function straightArmhole(edges: readonly Lain[], outer: number): Lain[] {
  const depths = pointsOf(edges, 'armhole').map(([, y]) => y);
  if (depths.length === 0) return [];
  return [
    {
      role: 'armhole',
      line: [
        [outer, 0],
        [outer, Math.max(...depths)],
      ],
    },
  ];
}

/** Back and front in one, folded over the shoulders: the fold is at the neck's highest edge of the back. */
function ofFolded(edges: readonly Lain[], drawn: boolean): Layers | null {
  const necks = edges.filter(({ role }) => role === 'neck');
  const level = necks.filter(({ line }) => line.every(([, y]) => Math.abs(y - line[0]![1]) < SAME));
  const lower = pointsOf(edges, 'armhole');
  if (level.length === 0 || (lower.length === 0 && !drawn)) return null;
  const fold = drawn
    ? Math.max(...pointsOf(level, 'neck').map(([, y]) => y))
    : Math.min(...pointsOf(level, 'neck').map(([, y]) => y));
  const across = pointsOf(edges, 'lower edge', 'side', 'armhole').map(([x]) => x);
  const middle = (Math.min(...across) + Math.max(...across)) / 2;
  const back = from(edges, middle, fold, false);
  const flat = back.filter(({ role, line }) => role === 'neck' && line.every(([, y]) => Math.abs(y) < SAME));
  const inner = Math.max(...pointsOf(flat, 'neck').map(([x]) => x));
  const outer = Math.max(...back.flatMap(({ line }) => line.map(([x]) => x)));
  const shoulder: Lain = {
    role: 'shoulder',
    line: [
      [inner, 0],
      [outer, 0],
    ],
  };
  const below = (lain: readonly Lain[]) =>
    lain.filter(({ line }) => line.every(([, y]) => y > -SAME) && line.some(([, y]) => y > SAME));
  const rest = drawn ? below(back) : below(back.map(turnedOver));
  const fronts = pointsOf(rest, 'front edge').filter(([x]) => x > -SAME);
  const edge = fronts.length > 0 ? Math.max(0, Math.min(...fronts.map(([x]) => x))) : null;
  return {
    back: layerOf([shoulder, ...flat, ...below(back).filter(({ role }) => role !== 'neck')], null),
    front: layerOf([shoulder, ...rest.filter(({ role }) => role !== 'lower edge')], edge),
  };
}
