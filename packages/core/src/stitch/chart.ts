import type { Course, Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { printRow } from './print.js';
import { workPattern, type StitchProof } from './prove.js';
import { dot, legPath, oval, round, topMarks, type Point } from './symbols.js';
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

/** The instruction that a symbol stands for, in words. */
export function symbolWords({ rows }: Pick<StitchText, 'rows'>, { of, instruction }: ChartSymbol): string {
  if (of < 0) return 'foundation chain';
  const node: Node | undefined = rows[of]!.nodes[instruction];
  return node ? printRow([node]) : '';
}
