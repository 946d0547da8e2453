import {
  assemblyOf,
  compareCounts,
  countRows,
  inWords,
  letterTable,
  pattern,
  patternToText,
  plan,
  provePattern,
  readDesign,
  schematicOf,
  schematicSvg,
  stepSvg,
  stripsSvg,
  tailsOfSize,
  toCsv,
  whatIf,
  type CountChange,
  type Design,
  type FieldProblem,
  type LetterRow,
  type Plan,
  type PlanMemory,
  type Proof,
  type Reason,
  type Tail,
  type Units,
  type WhatIf,
} from '@upfell/core';
import { forScreen, stripOf, type PieceStrip, type ScreenSize } from './screen';

/** What is sent to the page; null stands for a size that is as it was in the answer before. */
export type Planned =
  | { ok: true; plan: Omit<Plan, 'sizes'> & { sizes: readonly (ScreenSize | null)[] } }
  | { ok: false; problems: FieldProblem[] };

/** Which sizes are drawn, and how wide. */
export interface SchematicAsked {
  /** One size with its lengths; without it the middle size with letters, and a table of all. */
  size: string | null;
  units: Units;
  width: number;
}

/** What the steps of an assembly show. Lengths in cm. */
export interface AssemblyDrawings {
  /** Drawings by step. */
  drawings: Record<string, string>;
  pinOut: { label: string; copies: number; lower: number; widest: number; height: number }[];
  tails: Tail[];
}

/** Plans the document of a page and answers what the page asks of its plan, which stays here. */
export class Planner {
  /** The plan made last, with all that is not sent along, and the design it was made of. */
  private last: Plan | null = null;
  private planned: Design | null = null;
  private readonly memory: PlanMemory = new Map();
  /** Sizes of plans that were only tried. */
  private readonly trials: PlanMemory = new Map();

  /** Plans a document, or says what is wrong with it. Never throws: a fault of the program is told as a problem. */
  planDocument(document: unknown): Planned {
    try {
      const read = readDesign(document);
      if (!read.ok) return { ok: false, problems: read.problems };
      const before = this.last;
      const full = plan(read.design, this.memory);
      this.last = full;
      this.planned = read.design;
      return {
        ok: true,
        plan: {
          ...full,
          sizes: full.sizes.map((size, i) => (size === before?.sizes[i] ? null : forScreen(size))),
        },
      };
    } catch (error) {
      return {
        ok: false,
        problems: [{ path: '', message: error instanceof Error ? error.message : String(error) }],
      };
    }
  }

  /** The reasons of one count in the plan made last. */
  because(size: string, quantity: string): readonly Reason[] {
    return (
      this.last?.sizes
        .find(({ id }) => id === size)
        ?.quantities.find(({ id }) => id === quantity)
        ?.because() ?? []
    );
  }

  /** What a changed document would change in the plan made last; nothing is kept. */
  compare(document: unknown): { changes: CountChange[]; stops: string[] } | { problems: FieldProblem[] } {
    try {
      const read = readDesign(document);
      if (!read.ok) return { problems: read.problems };
      const next = plan(read.design);
      const stopsOf = (of: Plan | null) =>
        new Set(
          of?.sizes.flatMap(({ label, notes }) =>
            notes
              .filter(({ level }) => level === 'stop')
              .map(({ message }) => `${label}: ${inWords(message, read.design.units)}`),
          ),
        );
      const known = stopsOf(this.last);
      return {
        changes: this.last ? compareCounts(this.last, next) : [],
        stops: [...stopsOf(next)].filter((stop) => !known.has(stop)),
      };
    } catch (error) {
      return { problems: [{ path: '', message: error instanceof Error ? error.message : String(error) }] };
    }
  }

  /** What holding each of these counts would do to the plan made last; null for one that cannot be planned at all. */
  tryCounts(size: string, quantity: string, counts: readonly number[]): (WhatIf | null)[] {
    const [design, now] = [this.planned, this.last];
    if (!design || !now) return [];
    return counts.map((count) => {
      try {
        return whatIf(design, now, { size, quantity, count }, this.trials);
      } catch {
        return null;
      }
    });
  }

  /** The rows of a size's pieces as they lie; empty when the size has no pieces. */
  strips(size: string): PieceStrip[] {
    return this.last?.sizes.find(({ id }) => id === size)?.pieces.map(stripOf) ?? [];
  }

  /** Reads the pattern of the plan made last back from its text and works it. */
  prove(): Proof | null {
    if (!this.last || !this.planned) return null;
    const sizes = this.last.sizes.filter(({ pieces }) => pieces.length > 0);
    return provePattern(patternToText(pattern(this.last, this.planned, { terms: 'us', units: 'cm' })), sizes);
  }

  /** Drawings of a size's pieces to scale, and their strips of rows; letters and their table where all sizes are asked for. */
  schematic({ size, units, width }: SchematicAsked): {
    svg: string;
    strips: string;
    letters: LetterRow[];
    sizes: string[];
  } {
    const sizes = this.last?.sizes.filter(({ pieces }) => pieces.length > 0) ?? [];
    const drawn = sizes.find(({ id }) => id === size) ?? sizes[Math.floor(sizes.length / 2)];
    if (!drawn) return { svg: '', strips: '', letters: [], sizes: [] };
    const strips = stripsSvg(drawn.pieces, width);
    const pieces = drawn.pieces.map(schematicOf);
    if (size !== null || sizes.length === 1)
      return { svg: schematicSvg(pieces, { width, units }), strips, letters: [], sizes: [] };
    const table = letterTable(sizes.map((one) => one.pieces.map(schematicOf)));
    return {
      svg: schematicSvg(pieces, {
        width,
        units,
        letters: new Map(table.map(({ id, letter }) => [id, letter])),
      }),
      strips,
      letters: table,
      sizes: sizes.map(({ label }) => label),
    };
  }

  /** What the order of assembly shows of a size; null where there is no such size. */
  assembly(id: string): AssemblyDrawings | null {
    const size = this.last?.sizes.find((one) => one.id === id);
    if (!size || !this.planned) return null;
    const { steps } = assemblyOf(size.joins, this.planned.finishing?.order);
    return {
      drawings: Object.fromEntries(steps.map((step) => [step.id, stepSvg(size, step.joins)])),
      pinOut: size.pieces.map(schematicOf).map(({ label, copies, left, right, height, dimensions }) => ({
        label,
        copies,
        lower: dimensions.find(({ lies }) => lies === 'below')?.length ?? right - left,
        widest: right - left,
        height,
      })),
      tails: tailsOfSize(size, this.planned),
    };
  }

  /** Every count of the plan made last as CSV. */
  counts(): string {
    return toCsv(countRows(this.last?.sizes ?? []));
  }
}
