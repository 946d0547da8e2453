import type { Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';

/** A point of a drawing. */
export type Point = readonly [x: number, y: number];

/** To a tenth: finer is not drawn. */
export const round = (value: number) => Math.round(value * 10) / 10;

const point = ([x, y]: Point) => `${round(x)} ${round(y)}`;

/** An oval between two points. */
export function oval(from: Point, to: Point): string {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.min(8, Math.max(3, Math.hypot(dx, dy) * 0.46));
  const turn = (Math.atan2(dy, dx) * 180) / Math.PI;
  const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const [ux, uy] = [Math.cos((turn * Math.PI) / 180) * long, Math.sin((turn * Math.PI) / 180) * long];
  const a: Point = [middle[0] - ux, middle[1] - uy];
  const b: Point = [middle[0] + ux, middle[1] + uy];
  const thin = Math.min(3.4, long * 0.6);
  return `M${point(a)}A${round(long)} ${round(thin)} ${round(turn)} 1 1 ${point(b)}A${round(long)} ${round(thin)} ${round(turn)} 1 1 ${point(a)}Z`;
}

export function dot([x, y]: Point): string {
  return `M${round(x - 2.4)} ${round(y)}a2.4 2.4 0 1 1 4.8 0a2.4 2.4 0 1 1 -4.8 0Z`;
}

/** A leg of a stitch: its post with the bars that tell its height, its top bar, and what its foot goes round. */
export function legPath(kind: StitchKind, foot: Point, head: Point, bend: number, unit: Unit): string {
  const [dx, dy] = [head[0] - foot[0], head[1] - foot[1]];
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length, dy / length];
  const [vx, vy] = [-uy, ux];
  const along = (share: number, aside = 0): Point => [
    foot[0] + dx * share + vx * aside,
    foot[1] + dy * share + vy * aside,
  ];
  const height = heightOf(kind);
  if (height <= 1) {
    // A low stitch is a cross above its place; Tunisian loops are bars.
    const middle: Point = [foot[0] + dx * 0.55, foot[1] + dy * 0.55];
    const arm = 4.6;
    if (kind === 'tss' || kind === 'tks' || kind === 'tps' || kind === 'trs') {
      const tall = 5.5;
      const bar = `M${point([middle[0] - ux * tall, middle[1] - uy * tall])}L${point([middle[0] + ux * tall, middle[1] + uy * tall])}`;
      if (kind === 'tks')
        return `${bar}M${point([middle[0] - vx * 4 - ux * 5, middle[1] - vy * 4 - uy * 5])}L${point([middle[0] - ux * 5, middle[1] - uy * 5])}`;
      if (kind === 'tps')
        return `${bar}M${point([middle[0] - vx * 5, middle[1] - vy * 5])}L${point([middle[0] + vx * 5, middle[1] + vy * 5])}`;
      return bar;
    }
    const across = `M${point([middle[0] - vx * arm, middle[1] - vy * arm])}L${point([middle[0] + vx * arm, middle[1] + vy * arm])}`;
    const up = `M${point([middle[0] - ux * arm, middle[1] - uy * arm])}L${point([middle[0] + ux * arm, middle[1] + uy * arm])}`;
    const loop = kind === 'loop st' ? `M${point([middle[0], middle[1] + 4])}c-4 6 4 6 0 0` : '';
    const wave = kind === 'reverse sc' ? `M${point([middle[0] - 5, middle[1] - 7])}q2.5 -3 5 0t5 0` : '';
    // A spike reaches down to the row that it is worked into.
    const spike = unit.stitch?.below ? `M${point(foot)}L${point(middle)}` : '';
    return across + up + loop + wave + spike;
  }
  const post =
    bend === 0
      ? `M${point(foot)}L${point(head)}`
      : `M${point(foot)}Q${point(along(0.5, bend * 16))} ${point(head)}`;
  const cap = `M${point(along(1, -5))}L${point(along(1, 5))}`;
  const bars = height - 2;
  const slants = Array.from({ length: Math.max(0, bars) }, (_, i) => {
    const at = 0.62 - (bars - 1) * 0.07 + i * 0.14;
    const shift = bend * 16 * 2 * at * (1 - at);
    return `M${point(along(at - 0.05, shift - 3.6))}L${point(along(at + 0.05, shift + 3.6))}`;
  }).join('');
  const extended =
    kind === 'esc' || kind === 'edc' ? `M${point(along(0.3, -3))}L${point(along(0.3, 3))}` : '';
  const side = unit.stitch?.post;
  // A front post bends its foot to one side, a back post to the other.
  const way = side === 'front' ? -1 : 1;
  const hook = side
    ? `M${point(foot)}q${round(-vx * way * 1 + ux * -4)} ${round(-vy * way * 1 + uy * -4)} ${round(vx * way * 6)} ${round(vy * way * 6)}`
    : '';
  return (
    post +
    (kind === 'esc' ? `M${point(along(0.85, -4))}L${point(along(0.85, 4))}` : cap) +
    slants +
    extended +
    hook
  );
}

/** What stands on or under a stitch: the line of a loop, a closed top, picots. */
export function topMarks({ stitch, picots, name }: Unit, head: Point, foot: Point): string {
  const marks: string[] = [];
  if (stitch?.loop) {
    const way = stitch.loop === 'back' ? 3 : -3;
    marks.push(`M${point([foot[0] - 5, foot[1] + 1])}q5 ${way} 10 0`);
  }
  if (name === 'popcorn' && stitch?.together)
    marks.push(`M${point([head[0] - 5, head[1] - 3])}a5 2.6 0 1 1 10 0a5 2.6 0 1 1 -10 0`);
  for (const chains of picots)
    for (let c = 0; c < Math.min(5, chains); c += 1) {
      const angle = Math.PI * (0.25 + (0.5 * c) / Math.max(1, chains - 1));
      const at: Point = [head[0] + 6 * Math.cos(angle) * 1.4, head[1] - 4 - 6 * Math.sin(angle)];
      marks.push(`M${point([at[0] - 2, at[1]])}a2 1.6 0 1 1 4 0a2 1.6 0 1 1 -4 0`);
    }
  return marks.join('');
}

/** Sides of the box in which a symbol of the key is drawn. */
export const KEY_BOX = { width: 26, height: 60 } as const;

/** Room above a symbol for what stands on it. */
const ABOVE = 9;

/** The symbol of a kind of stitch by itself, for the key: outlines that stand in a box, and the height from which on it is empty above them. */
export function keySymbol(kind: string): { path: string; filled: boolean; top: number } {
  const middle = KEY_BOX.width / 2;
  const foot = KEY_BOX.height - 6;
  if (kind === 'ch')
    return {
      path: oval([middle - 8, foot - 4], [middle + 8, foot - 4]),
      filled: false,
      top: foot - 4 - ABOVE,
    };
  if (kind === 'sl st') return { path: dot([middle, foot - 4]), filled: true, top: foot - 4 - ABOVE };
  const found = /^(fp|bp)?([a-z ]+?)(?:(\d)tog)?( blo| flo)?$/.exec(kind);
  const raised = { bobble: 'dc', popcorn: 'dc', cluster: 'dc', 'puff st': 'hdc' }[kind];
  const of = (raised ?? found?.[2] ?? 'dc') as StitchKind;
  const together = raised ? (kind === 'puff st' ? 3 : 5) : found?.[3] ? Number(found[3]) : undefined;
  const stitch = {
    kind: of,
    ...(found?.[1] ? { post: found[1] === 'fp' ? ('front' as const) : ('back' as const) } : {}),
    ...(found?.[4] ? { loop: found[4] === ' blo' ? ('back' as const) : ('front' as const) } : {}),
    ...(together ? { together } : {}),
  };
  const unit: Unit = {
    t: 'st',
    kind: of,
    group: 0,
    name: raised ? kind : null,
    run: -1,
    x: 0,
    feet: [0],
    turning: 0,
    stitch,
    picots: [],
    by: 0,
  };
  const head: Point = [middle, Math.max(6, foot - Math.max(1.1, heightOf(of)) * 10)];
  const legs = together ?? 1;
  const paths = Array.from({ length: legs }, (_, leg) => {
    const share = legs === 1 ? 0 : leg / (legs - 1) - 0.5;
    const from: Point = [middle + (raised ? 0 : share * 16), foot];
    return legPath(of, from, head, raised ? share : 0, unit);
  });
  return {
    path: paths.join('') + topMarks(unit, head, [middle, foot]),
    filled: false,
    top: Math.max(0, head[1] - ABOVE),
  };
}
