import { wrap, type Remote } from 'comlink';
import { create } from 'zustand';
import type { Design, FieldProblem, Note, Proof, Reason, WhatIf } from '@upfell/core';
import type { AssemblyDrawings, Planned, Planner, SchematicAsked } from '../worker/planner';
import type { PieceStrip, ScreenPlan, ScreenSize } from '../worker/screen';

/** Held counts that cannot be kept: the plan made without them is not shown as if it were the answer. */
const PIN_TROUBLE = /^pin-/;

export interface PlanState {
  /** The last good plan, and the document it was made from. */
  plan: ScreenPlan | null;
  document: Design | null;
  /** Why the plan on screen is older than the document; empty when it is not. */
  trouble: readonly FieldProblem[];
  /** Notes about held counts that cannot be kept, by size. */
  pinNotes: readonly { size: string; note: Note }[];
}

export const usePlan = create<PlanState>(() => ({ plan: null, document: null, trouble: [], pinNotes: [] }));

/** Whether the worker is planning the newest document; apart from the plan, whose readers need not hear of it. */
export const usePlanning = create<{ planning: boolean }>(() => ({ planning: false }));

let remote: Remote<Planner> | null = null;
let waiting: Design | null = null;

function planner(): Remote<Planner> {
  remote ??= wrap<Planner>(
    new Worker(new URL('../worker/plan.worker.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}

/** The sizes of the worker's last answer: it sends again only those that have changed. */
let received: readonly ScreenSize[] = [];

function whole(sent: Extract<Planned, { ok: true }>['plan']): ScreenPlan {
  received = sent.sizes.map((size, i) => size ?? received[i]!);
  return { ...sent, sizes: received };
}

/** Plans the newest document; what was asked for while the worker was busy with an older one is skipped. */
export async function requestPlan(document: Design): Promise<void> {
  waiting = document;
  if (usePlanning.getState().planning) return;
  usePlanning.setState({ planning: true });
  try {
    while (waiting) {
      const asked: Design = waiting;
      waiting = null;
      const planned = await planner().planDocument(asked);
      if (!planned.ok) {
        usePlan.setState({ trouble: planned.problems, pinNotes: [] });
        continue;
      }
      const plan = whole(planned.plan);
      const pinNotes = plan.sizes.flatMap(({ id, notes }) =>
        notes.filter(({ code }) => PIN_TROUBLE.test(code)).map((note) => ({ size: id, note })),
      );
      if (pinNotes.length > 0 && usePlan.getState().plan) usePlan.setState({ pinNotes, trouble: [] });
      else usePlan.setState({ plan, document: asked, trouble: [], pinNotes });
    }
  } finally {
    usePlanning.setState({ planning: false });
  }
}

/** Why a count of the plan on screen is what it is. */
export function askBecause(size: string, quantity: string): Promise<readonly Reason[]> {
  return planner().because(size, quantity);
}

/** What holding each of these counts would do; null for one that cannot be planned. */
export function askWhatIf(
  size: string,
  quantity: string,
  counts: readonly number[],
): Promise<(WhatIf | null)[]> {
  return planner().tryCounts(size, quantity, counts);
}

/** The rows of a size's pieces as they lie. */
export function askStrips(size: string): Promise<PieceStrip[]> {
  return planner().strips(size);
}

/** What reading the pattern back and working it comes to; null before there is a plan. */
export function askProof(): Promise<Proof | null> {
  return planner().prove();
}

/** The pieces to scale, of one size or of all. */
export function askSchematic(wish: SchematicAsked): ReturnType<Remote<Planner>['schematic']> {
  return planner().schematic(wish);
}

/** The drawings, measurements and tails of a size's assembly; null before there is a plan. */
export function askAssembly(size: string): Promise<AssemblyDrawings | null> {
  return planner().assembly(size);
}

/** Every count of every size as CSV. */
export function askCounts(): Promise<string> {
  return planner().counts();
}

/** What a changed document would change in the counts. */
export function askCompare(document: Design): ReturnType<Remote<Planner>['compare']> {
  return planner().compare(document);
}

/** Forgets the plan when another design is opened. */
export function clearPlan(): void {
  waiting = null;
  usePlan.setState({ plan: null, document: null, trouble: [], pinNotes: [] });
}
