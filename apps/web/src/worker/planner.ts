import {
  assemblyOf,
  compareCounts,
  countOf,
  countRows,
  errata,
  errataToText,
  fitDesign,
  garmentPicture,
  inWords,
  letterTable,
  pattern,
  plan,
  planFile,
  provenText,
  readDesign,
  schematicOf,
  schematicSvg,
  stepSvg,
  shareBase,
  stripsSvg,
  tailsOfSize,
  toCsv,
  whatIf,
  wholePlan,
  type CountChange,
  type Design,
  type Fabric,
  type FieldProblem,
  type FittedDesign,
  type LetterRow,
  type Note,
  type Plan,
  type PatternWish,
  type PlanMemory,
  type HouseStyle,
  type Proof,
  type Reason,
  type SizePlan,
  type Tail,
  type Terms,
  type Units,
  type WhatIf,
  patternCharts,
  type PatternChart,
} from '@upfell/core';
import { forScreen, stripOf, type PieceStrip, type ScreenSize } from './screen';

/** What is sent to the page of a document: its sizes, and notes about held counts that cannot be kept. */
export type Planned =
  | {
      ok: true;
      plan: Omit<Plan, 'sizes'> & { sizes: readonly SentSize[] };
      pinNotes: readonly { size: string; note: Note }[];
    }
  | { ok: false; problems: FieldProblem[] };

/** A size, which is null where the page has it already, and left out where it is yet to be worked. */
export interface SentSize {
  id: string;
  screen?: ScreenSize | null;
}

/** Which sizes are drawn, and how wide. */
export interface SchematicAsked {
  /** One size with its lengths; without it the middle size with letters, and a table of all. */
  size: string | null;
  units: Units;
  terms: Terms;
  width: number;
}

/** What the steps of an assembly show. Lengths in cm. */
export interface AssemblyDrawings {
  /** Drawings by step. */
  drawings: Record<string, string>;
  pinOut: { label: string; copies: number; lower: number; widest: number; height: number }[];
  tails: Tail[];
}

/** Notes about held counts that cannot be kept. */
const PIN_TROUBLE = /^pin-/;

/** Plans the document of a page and answers what the page asks of its plan, which stays here. */
export class Planner {
  /** The design planned last, with all that is not sent along. */
  private planned: { design: Design; fitted: FittedDesign } | null = null;
  /** Its fabrics, from when its sizes are counted on. */
  private fabrics: readonly Fabric[] = [];
  private readonly memory: PlanMemory = new Map();
  /** Sizes of plans that were only tried. */
  private readonly trials: PlanMemory = new Map();
  /** Sizes of other documents that are looked at beside this one. */
  private readonly others: PlanMemory = new Map();
  /** The sizes as the page has them. */
  private readonly sent = new Map<string, SizePlan>();

  /** The plan made last, every size of it. */
  private get last(): Plan | null {
    return this.planned && wholePlan(this.planned.fitted);
  }

  /**
   * Plans a document, or says what is wrong with it. Never throws: a fault of the program is reported as a problem.
   *
   * @param first the one size that is worked at once, the others by `workNext`; all are where it is left out
   */
  planDocument(document: unknown, first?: string): Planned {
    return toldAsProblem(() => {
      const read = readDesign(document);
      if (!read.ok) return read;
      const fitted = fitDesign(read.design, this.memory);
      this.fabrics = read.design.fabrics;
      const sizes = fitted.sizes.map((size): SentSize =>
        first === undefined || size.id === first
          ? { id: size.id, screen: this.news(size.plan()) }
          : { id: size.id },
      );
      this.planned = { design: read.design, fitted };
      return {
        ok: true,
        plan: { design: fitted.design, construction: fitted.construction, sizes },
        pinNotes: fitted.sizes.flatMap(({ id, notes }) =>
          notes.filter(({ code }) => PIN_TROUBLE.test(code)).map((note) => ({ size: id, note })),
        ),
      };
    });
  }

  /** Works one of the sizes that `planDocument` left for later. */
  workLater(id: string): { ok: true; screen: ScreenSize | null } | { ok: false; problems: FieldProblem[] } {
    return toldAsProblem(() => {
      const size = this.size(id);
      return { ok: true, screen: size ? this.news(size) : null };
    });
  }

  /** A size of the plan made last. */
  private size(id: string): SizePlan | undefined {
    return this.planned?.fitted.sizes.find((one) => one.id === id)?.plan();
  }

  /** The size for the page; null where the page has it. */
  private news(size: SizePlan): ScreenSize | null {
    if (this.sent.get(size.id) === size) return null;
    this.sent.set(size.id, size);
    return forScreen(size, this.fabrics);
  }

  /** The reasons of one count in the plan made last. */
  because(size: string, quantity: string): readonly Reason[] {
    return (
      this.size(size)
        ?.quantities.find(({ id }) => id === quantity)
        ?.because() ?? []
    );
  }

  /** What a changed document would change in the plan made last; nothing is kept. */
  compare(document: unknown): { changes: CountChange[]; stops: string[] } | { problems: FieldProblem[] } {
    return toldAsProblem(() => {
      const read = readDesign(document);
      if (!read.ok) return read;
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
    });
  }

  /** The garment of a document in its middle size on a figure, as SVG; null where it cannot be worked. */
  picture(document: unknown, views: readonly ('front' | 'back')[]): string | null {
    try {
      const read = readDesign(document);
      return read.ok ? garmentPicture(read.design, views) : null;
    } catch {
      return null;
    }
  }

  /** A size of another document, or of this one as it was; null where it cannot be planned. Nothing is kept. */
  otherSize(document: unknown, id: string): ScreenSize | null {
    try {
      const read = readDesign(document);
      const size = read.ok
        ? fitDesign(read.design, this.others).sizes.find((one) => one.id === id)
        : undefined;
      return size ? forScreen(size.plan()) : null;
    } catch {
      return null;
    }
  }

  /**
   * What changed in the pattern's words since an older state of the design, with what the proof of the newest says: the text that makers
   * of the older one are given.
   */
  errata(
    document: unknown,
    wish: Pick<PatternWish, 'terms' | 'units' | 'style'>,
  ): { text: string; changes: number } | { problems: FieldProblem[] } {
    return toldAsProblem(() => {
      const read = readDesign(document);
      if (!read.ok) return read;
      if (!this.last || !this.planned) return { text: '', changes: 0 };
      const { design } = this.planned;
      const changes = errata(pattern(plan(read.design), read.design, wish), pattern(this.last, design, wish));
      const { rows, sizes, differences } = provenText(this.last, design, wish).proof;
      const proof =
        differences.length === 0
          ? `Proof: ${countOf(rows, 'row')} of ${countOf(sizes, 'size')} worked through from the new text, no difference.`
          : `Proof: the new text differs from its counts in ${countOf(differences.length, 'place')}.`;
      return { text: `${errataToText(changes, design.name)}\n${proof}\n`, changes: changes.length };
    });
  }

  /** The plan file of a document as text. */
  planFile(document: Design): string {
    return `${JSON.stringify(planFile(plan(document), document.units), null, 1)}\n`;
  }

  /** What a share in a field of the garment is a share of in a size, cm; null where that cannot be said. */
  shareBase(design: Design, size: string, path: string): number | null {
    const lengths = Object.fromEntries(
      (this.size(size)?.quantities ?? []).map(({ id, actual }) => [id, actual]),
    );
    return shareBase(design, size, path, lengths);
  }

  /** What holding each of these counts would do to the plan made last; null for one that cannot be planned at all. */
  tryCounts(size: string, quantity: string, counts: readonly number[]): (WhatIf | null)[] {
    const now = this.last;
    const design = this.planned?.design;
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
    return this.size(size)?.pieces.map(stripOf) ?? [];
  }

  /** Reads the pattern of the plan made last back from its text and works it. */
  prove(style: Partial<HouseStyle>): Proof | null {
    const now = this.last;
    if (!now || !this.planned) return null;
    return provenText(now, this.planned.design, { terms: 'us', units: 'cm', style }).proof;
  }

  /** Drawings of a size's pieces to scale, their strips of rows, and charts of their stitch patterns; letters and their table where all sizes are asked for. */
  schematic({ size, units, terms, width }: SchematicAsked): {
    svg: string;
    strips: string;
    letters: LetterRow[];
    sizes: string[];
    charts: PatternChart[];
  } {
    const sizes = this.last?.sizes.filter(({ pieces }) => pieces.length > 0) ?? [];
    const drawn = sizes.find(({ id }) => id === size) ?? sizes[Math.floor(sizes.length / 2)];
    if (!drawn || !this.planned) return { svg: '', strips: '', letters: [], sizes: [], charts: [] };
    const charts = patternCharts(this.planned.design, sizes, terms);
    const strips = stripsSvg(drawn.pieces, width);
    const pieces = drawn.pieces.map(schematicOf);
    if (size !== null || sizes.length === 1)
      return { svg: schematicSvg(pieces, { width, units }), strips, letters: [], sizes: [], charts };
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
      charts,
    };
  }

  /** What the order of assembly shows of a size; null where there is no such size. */
  assembly(id: string): AssemblyDrawings | null {
    const size = this.size(id);
    if (!size || !this.planned) return null;
    const { steps } = assemblyOf(size, this.planned.design.finishing?.order);
    return {
      drawings: Object.fromEntries(steps.map((step) => [step.id, stepSvg(size, step.joins)])),
      pinOut: pinOutOf(size),
      tails: tailsOfSize(size, this.planned.design),
    };
  }

  /** Every count of the plan made last as CSV. */
  counts(): string {
    return toCsv(countRows(this.last?.sizes ?? []));
  }
}

/** What each piece is pinned out to, cm. */
export function pinOutOf({ pieces }: SizePlan): AssemblyDrawings['pinOut'] {
  return pieces.map(schematicOf).map(({ label, copies, left, right, height, dimensions }) => ({
    label,
    copies,
    lower: dimensions.find(({ lies }) => lies === 'below')?.length ?? right - left,
    widest: right - left,
    height,
  }));
}

/** A fault of the program as a problem of no field. */
function toldAsProblem<T>(work: () => T): T | { ok: false; problems: FieldProblem[] } {
  try {
    return work();
  } catch (error) {
    return {
      ok: false,
      problems: [{ path: '', message: error instanceof Error ? error.message : String(error) }],
    };
  }
}
