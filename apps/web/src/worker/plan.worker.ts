import { expose } from 'comlink';
import { outlines, plan, readDesign, type FieldProblem, type Outline, type Plan } from '@upfell/core';

/** A plan for the screen: rows are replaced by outlines, which are all that drawings need. */
export interface ScreenPlan extends Plan {
  /** For each size, for each piece id: its outlines in stitches and rows. */
  outlines: Record<string, Outline[]>[];
}

export type Planned = { ok: true; plan: ScreenPlan } | { ok: false; problems: FieldProblem[] };

/** Plans a document, or says what is wrong with it. Never throws: a fault of the program is told as a problem. */
function planDocument(document: unknown): Planned {
  try {
    const read = readDesign(document);
    if (!read.ok) return { ok: false, problems: read.problems };
    const full = plan(read.design);
    return {
      ok: true,
      plan: {
        ...full,
        outlines: full.sizes.map(({ pieces }) =>
          Object.fromEntries(pieces.map(({ id, rows }) => [id, outlines(rows)])),
        ),
        sizes: full.sizes.map((size) => ({
          ...size,
          pieces: size.pieces.map((piece) => ({ ...piece, rows: [] })),
        })),
      },
    };
  } catch (error) {
    return {
      ok: false,
      problems: [{ path: '', message: error instanceof Error ? error.message : String(error) }],
    };
  }
}

const api = { planDocument };
export type PlannerApi = typeof api;
expose(api);
