import type { Course, Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { printRow } from './print.js';
import { workPattern, type StitchProof } from './prove.js';
import type { StitchText } from './textReader.js';
import type { Node } from './tree.js';

/** One symbol of a chart. Lengths are in the chart's own units, y upwards from the foundation. */
export interface ChartSymbol {
  /** Row of the chart from 0, and the row of the text and its instruction that it stands for; -1 for the foundation. */
  row: number;
  of: number;
  instruction: number;
  kind: string;
  /** Outlines as SVG path data, drawn as lines. */
  path: string;
  filled: boolean;
}

export interface ChartRow {
  /** What it is called: "1", "2". */
  label: string;
  side: 'RS' | 'WS';
  /** Whether it is worked from right to left. */
  leftwards: boolean;
  /** Row of the text. */
  of: number;
  /** Lowest and highest level. */
  from: number;
  to: number;
  words: string;
}

/** A stitch pattern drawn in symbols from its rows. */
export interface StitchChart {
  width: number;
  height: number;
  symbols: readonly ChartSymbol[];
  rows: readonly ChartRow[];
  /** One repeat, from left to right; null for a ring. */
  repeat: { from: number; to: number; stitches: number } | null;
  ring: boolean;
  /** Kinds of stitches that occur, for the key. */
  kinds: readonly string[];
}

type Point = readonly [x: number, y: number];

/** Width of a stitch and height of a chain. */
const WIDE = 20;
const HIGH = 13;
/** Room beside the rows for their numbers, and above and below. */
const SIDE = 44;
const ABOVE = 16;
const BELOW = 18;
/** Radius of the ring that rounds are drawn about, at least. */
const HUB = 34;
const MOST_ROWS = 9;

const round = (value: number) => Math.round(value * 10) / 10;

/**
 * Draws a pattern from its rows: every stitch from the place it is worked into to its top, in the trade's symbols.
 *
 * @param repeats how many repeats it shows
 * @param ring whether rounds are drawn as a ring rather than a strip
 */
export function stitchChart(
  text: StitchText,
  proof: Pick<StitchProof, 'base' | 'chains'>,
  { repeats = 3, ring = false }: { repeats?: number; ring?: boolean } = {},
): StitchChart {
  const { multiple, plus } = proof.base;
  const { first, last } = text.repeat;
  const times = Math.max(1, Math.min(2, Math.floor((MOST_ROWS - first) / (last - first + 1))));
  const { rows } = workPattern(text, multiple * repeats + proof.chains.plus, times);
  const width = multiple * repeats + plus;
  const drawing = new Drawing(
    width,
    ring && text.work === 'round',
    rows.map(({ course }) => course),
  );
  drawing.foundation(rows[0]!.course);
  rows.forEach(({ row, course }, i) => drawing.row(course, i, row));
  return drawing.done(text, rows, multiple);
}

class Drawing {
  private readonly symbols: ChartSymbol[] = [];
  private readonly levels: number[] = [0];
  private readonly radius: number;
  private readonly widthPx: number;
  private readonly heightPx: number;

  constructor(
    private readonly width: number,
    private readonly ring: boolean,
    courses: readonly Course[],
  ) {
    for (const course of courses) this.levels.push(this.levels.at(-1)! + heightOfCourse(course));
    const top = this.levels.at(-1)!;
    this.radius = Math.max(HUB, (width * WIDE) / (2 * Math.PI));
    const across = 2 * (this.radius + top * HIGH + ABOVE + 14);
    this.widthPx = ring ? across : width * WIDE + 2 * SIDE;
    this.heightPx = ring ? across : top * HIGH + ABOVE + BELOW + 14;
  }

  /** A place of the pattern in the drawing: rows are read from the bottom, the first from right to left. */
  private at(x: number, level: number): Point {
    if (this.ring) {
      const angle = -(x / this.width) * 2 * Math.PI - Math.PI / 2;
      const radius = this.radius + level * HIGH;
      return [this.widthPx / 2 + radius * Math.cos(angle), this.heightPx / 2 + radius * Math.sin(angle)];
    }
    return [SIDE + (this.width - 0.5 - x) * WIDE, this.heightPx - BELOW - 8 - level * HIGH];
  }

  foundation({ low }: Course): void {
    for (let x = 0; x < this.width; x += 1)
      this.add(-1, -1, -1, 'ch', oval(this.at(low + x - 0.5, -0.35), this.at(low + x + 0.5, -0.35)));
  }

  row(course: Course, i: number, of: number): void {
    const base = this.levels[i]!;
    const height = this.levels[i + 1]! - base;
    let from = 0;
    // Chains that count as nothing stand beside the first stitch.
    const [first] = course.units;
    if (first && course.idle > 0 && i > 0) {
      const beside = first.x - course.direction * 0.6;
      this.column(beside, base, Math.min(course.idle, Math.max(1, height)), course.idle, i, of, 0);
    }
    for (const slip of course.slips) this.add(i, of, 0, 'sl st', dot(this.at(slip, base + 0.2)), true);
    const { units } = course;
    while (from < units.length) {
      const unit = units[from]!;
      if (unit.t === 'ch') {
        let to = from;
        while (units[to + 1]?.t === 'ch' && units[to + 1]!.run === unit.run) to += 1;
        this.chains(units, from, to, base, height, i, of);
        from = to + 1;
        continue;
      }
      this.stitch(unit, base, i, of);
      from += 1;
    }
  }

  private column(
    x: number,
    base: number,
    height: number,
    chains: number,
    i: number,
    of: number,
    by: number,
  ): void {
    for (let c = 0; c < chains; c += 1)
      this.add(
        i,
        of,
        by,
        'ch',
        oval(this.at(x, base + (height * c) / chains), this.at(x, base + (height * (c + 1)) / chains)),
      );
  }

  /** Chains between stitches bow a little; long loops bow more. */
  private chains(
    units: readonly Unit[],
    from: number,
    to: number,
    base: number,
    height: number,
    i: number,
    of: number,
  ): void {
    const levelOf = (unit: Unit | undefined) => (unit ? base + topOf(unit) : base + height);
    const [left, right] = [units[from - 1], units[to + 1]];
    const level = Math.min(levelOf(left), levelOf(right ?? units[0])) - 0.25;
    const start = left?.x ?? units[from]!.x;
    const end = right?.x ?? units[to]!.x + (units[to]!.x - start) / Math.max(1, to - from + 1);
    const many = to - from + 1;
    const bow = Math.min(2.2, Math.max(0.15, (many - Math.abs(end - start)) * 0.45));
    const point = (share: number): Point =>
      this.at(start + (end - start) * (0.12 + 0.76 * share), level + bow * 4 * share * (1 - share));
    for (let c = 0; c < many; c += 1)
      this.add(i, of, units[from]!.by, 'ch', oval(point(c / many), point((c + 1) / many)));
  }

  private stitch(unit: Unit, base: number, i: number, of: number): void {
    const { kind, x, feet, turning, stitch, by } = unit;
    const top = base + topOf(unit);
    if (turning > 0) return this.column(x, base, topOf(unit), turning, i, of, by);
    const name = keyName(unit);
    const places = feet.length > 0 ? feet : [x];
    const head = this.at(x, top);
    const legs = stitch?.together && places.length === 1 ? stitch.together : 1;
    const down = stitch?.below ? this.levels[Math.max(0, i - stitch.below)]! : base;
    if (kind === 'sl st') return this.add(i, of, by, name, dot(this.at(x, base + 0.25)), true);
    const low = heightOf(kind as StitchKind) <= 1 && !stitch?.below;
    places.forEach((place) => {
      // A cross stands upright over its own place.
      const foot = this.at(low && places.length === 1 ? x : place, down + 0.12);
      for (let leg = 0; leg < legs; leg += 1)
        this.add(
          i,
          of,
          by,
          name,
          legPath(kind as StitchKind, foot, head, legs === 1 ? 0 : leg / (legs - 1) - 0.5, unit),
        );
    });
    const marks = topMarks(unit, head, this.at(places[0]!, down + 0.12));
    if (marks) this.add(i, of, by, name, marks);
  }

  private add(
    row: number,
    of: number,
    instruction: number,
    kind: string,
    path: string,
    filled = false,
  ): void {
    this.symbols.push({ row, of, instruction, kind, path, filled });
  }

  done(text: StitchText, rows: readonly { row: number; course: Course }[], multiple: number): StitchChart {
    const kinds = [...new Set(this.symbols.map(({ kind }) => kind))];
    const middle = Math.max(0, Math.floor((this.width / multiple - 1) / 2)) * multiple;
    const [right] = this.at(middle - 0.5, 0);
    const [left] = this.at(middle + multiple - 0.5, 0);
    return {
      width: round(this.widthPx),
      height: round(this.heightPx),
      symbols: this.symbols,
      rows: rows.map(({ row, course }, i): ChartRow => {
        const of = text.rows[row]!;
        const label =
          row <= text.repeat.last && i <= text.repeat.last ? String(of.n ?? i + 1) : String(i + 1);
        return {
          label,
          side: text.work === 'flat' ? (course.direction === 1 ? 'RS' : 'WS') : of.side,
          leftwards: course.direction === 1,
          of: row,
          from: round(this.at(0, this.levels[i]!)[1]),
          to: round(this.at(0, this.levels[i + 1]!)[1]),
          words: printRow(of.nodes, { round: text.work === 'round' }),
        };
      }),
      repeat: this.ring ? null : { from: round(left), to: round(right), stitches: multiple },
      ring: this.ring,
      kinds,
    };
  }
}

/** The level that a row rises by: that of its tallest stitch. */
function heightOfCourse({ units, idle }: Course): number {
  return Math.max(1.3, idle * 0.8, ...units.map((unit) => (unit.t === 'st' ? topOf(unit) : 0))) + 0.35;
}

/** How high a stitch reaches. */
function topOf({ kind, t }: Unit): number {
  if (t === 'ch') return 0;
  return Math.max(1.1, heightOf(kind as StitchKind));
}

/** What a symbol is called in the key. */
function keyName({ kind, stitch, name }: Unit): string {
  if (name && stitch?.together) return name;
  const side = stitch?.post === 'front' ? 'fp' : stitch?.post === 'back' ? 'bp' : '';
  const loop = stitch?.loop ? ` ${stitch.loop === 'back' ? 'blo' : 'flo'}` : '';
  return `${side}${kind}${stitch?.together ? `${stitch.together}tog` : ''}${loop}`;
}

const point = ([x, y]: Point) => `${round(x)} ${round(y)}`;

/** An oval between two points. */
function oval(from: Point, to: Point): string {
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

function dot([x, y]: Point): string {
  return `M${round(x - 2.4)} ${round(y)}a2.4 2.4 0 1 1 4.8 0a2.4 2.4 0 1 1 -4.8 0Z`;
}

/** A leg of a stitch: its post with the bars that tell its height, its top bar, and what its foot goes round. */
function legPath(kind: StitchKind, foot: Point, head: Point, bend: number, unit: Unit): string {
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
function topMarks({ stitch, picots, name }: Unit, head: Point, foot: Point): string {
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

/** The symbol of a kind of stitch by itself, for the key: outlines that stand in a box. */
export function keySymbol(kind: string): { path: string; filled: boolean } {
  const middle = KEY_BOX.width / 2;
  const foot = KEY_BOX.height - 6;
  if (kind === 'ch') return { path: oval([middle - 8, foot - 4], [middle + 8, foot - 4]), filled: false };
  if (kind === 'sl st') return { path: dot([middle, foot - 4]), filled: true };
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
  return { path: paths.join('') + topMarks(unit, head, [middle, foot]), filled: false };
}

/** The instruction that a symbol stands for, in words. */
export function symbolWords({ rows }: Pick<StitchText, 'rows'>, { of, instruction }: ChartSymbol): string {
  if (of < 0) return 'foundation chain';
  const node: Node | undefined = rows[of]!.nodes[instruction];
  return node ? printRow([node]) : '';
}
