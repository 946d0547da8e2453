import { expose } from 'comlink';
import {
  outlines,
  plan,
  readDesign,
  type FieldProblem,
  type Outline,
  type Plan,
  type PlanMemory,
  type Reason,
  type SizePlan,
} from '@upfell/core';

/** The plan made last, with all that is not sent along, and the sizes it was made of. */
let last: Plan | null = null;
const memory: PlanMemory = new Map();

/**
 * One size for the screen. Rows are replaced by outlines, which are all that drawings need, and reasons stay here until one
 * is asked for: copying them to the page would take longer than making them.
 */
export interface ScreenSize extends SizePlan {
  outlines: Record<string, Outline[]>;
}

export interface ScreenPlan extends Plan {
  sizes: readonly ScreenSize[];
}

/** What is sent to the page; null stands for a size that is as it was in the answer before. */
export type Planned =
  | { ok: true; plan: Omit<Plan, 'sizes'> & { sizes: readonly (ScreenSize | null)[] } }
  | { ok: false; problems: FieldProblem[] };

/** Plans a document, or says what is wrong with it. Never throws: a fault of the program is told as a problem. */
function planDocument(document: unknown): Planned {
  try {
    const read = readDesign(document);
    if (!read.ok) return { ok: false, problems: read.problems };
    const before = last;
    const full = plan(read.design, memory);
    last = full;
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

function forScreen(size: SizePlan): ScreenSize {
  return {
    ...size,
    outlines: Object.fromEntries(size.pieces.map(({ id, rows }) => [id, outlines(rows)])),
    pieces: size.pieces.map((piece) => ({ ...piece, rows: [] })),
    quantities: size.quantities.map((quantity) => ({ ...quantity, because: [] })),
  };
}

/** The reasons of one count in the plan made last. */
function because(size: string, quantity: string): readonly Reason[] {
  return (
    last?.sizes.find(({ id }) => id === size)?.quantities.find(({ id }) => id === quantity)?.because ?? []
  );
}

const api = { planDocument, because };
export type PlannerApi = typeof api;
expose(api);
