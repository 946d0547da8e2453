import { wrap, type Remote } from 'comlink';
import { create } from 'zustand';
import type { Design, FieldProblem, HouseStyle, Note, Proof, Reason, WhatIf } from '@upfell/core';
import type { AssemblyDrawings, Planner, SchematicAsked } from '../worker/planner';
import type { PieceStrip, ScreenPlan, ScreenSize } from '../worker/screen';
import { chosenSize, useView } from './view';

export interface PlanState {
  /** The last good plan, and the document it was made from. */
  plan: ScreenPlan | null;
  document: Design | null;
  /** The plan with the chosen size as it is in a newer document, while the others are still being worked. */
  ahead: ScreenPlan | null;
  /** The document that this is of. */
  aheadOf: Design | null;
  /** Why the plan on screen is older than the document; empty when it is not. */
  trouble: readonly FieldProblem[];
  /** Notes about held counts that cannot be kept, by size. */
  pinNotes: readonly { size: string; note: Note }[];
}

/** How long the other sizes wait for a frame, ms. */
const LONGEST_FRAME = 100;

const NOTHING: PlanState = {
  plan: null,
  document: null,
  ahead: null,
  aheadOf: null,
  trouble: [],
  pinNotes: [],
};

export const usePlan = create<PlanState>(() => NOTHING);

/** Whether the worker is planning the newest document; apart from the plan, whose readers need not hear of it. */
export const usePlanning = create<{ planning: boolean }>(() => ({ planning: false }));

/** Ends the wait for a frame. */
let goOn = (): void => undefined;
let remote: Remote<Planner> | null = null;
let waiting: Design | null = null;
/** How many times a design was opened: what comes for an earlier one is not shown. */
let opened = 0;

function planner(): Remote<Planner> {
  remote ??= wrap<Planner>(
    new Worker(new URL('../worker/plan.worker.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}

/** The sizes that the worker has sent, by id: it sends again only those that have changed. */
const received = new Map<string, ScreenSize>();

function receive(id: string, screen: ScreenSize | null | undefined): void {
  if (screen) received.set(id, screen);
}

/**
 * Plans the newest document; what was asked for while the worker was busy with an older one is skipped. The chosen size is worked and
 * shown first, and the others only when nothing newer waits.
 */
export async function requestPlan(document: Design): Promise<void> {
  waiting = document;
  goOn();
  if (usePlanning.getState().planning) return;
  usePlanning.setState({ planning: true });
  try {
    while (waiting) {
      const asked: Design = waiting;
      waiting = null;
      await planNewest(asked);
    }
  } finally {
    usePlanning.setState({ planning: false });
  }
}

async function planNewest(asked: Design): Promise<void> {
  const at = opened;
  const planned = await planner().planDocument(asked, shownFirst(asked));
  // The worker sends no size twice: what it has sent is kept, shown or not.
  if (planned.ok) for (const { id, screen } of planned.plan.sizes) receive(id, screen);
  if (at !== opened) return;
  if (!planned.ok) {
    usePlan.setState({ trouble: planned.problems, pinNotes: [] });
    return;
  }
  const { sizes, ...head } = planned.plan;
  const { pinNotes } = planned;
  if (pinNotes.length > 0 && usePlan.getState().plan) {
    // The plan made without a held count is not shown as if it were the answer.
    usePlan.setState({ pinNotes, trouble: [] });
    return;
  }
  const now = (): ScreenPlan => ({ ...head, sizes: sizes.map(({ id }) => received.get(id)!) });
  const later = sizes.filter(({ screen }) => screen === undefined);
  if (later.length > 0) {
    usePlan.setState({ ahead: now(), aheadOf: asked, trouble: [], pinNotes });
    await painted();
  }
  for (const { id } of later) {
    if (waiting || at !== opened) return;
    const worked = await planner().workLater(id);
    if (worked.ok) receive(id, worked.screen);
    if (at !== opened) return;
    if (!worked.ok) {
      usePlan.setState({ ahead: null, aheadOf: null, trouble: worked.problems });
      return;
    }
  }
  usePlan.setState({ plan: now(), document: asked, ahead: null, aheadOf: null, trouble: [], pinNotes });
}

/**
 * Until what has just been changed is on screen: the processor is left to that. A hidden page paints nothing and a newer edit does not
 * wait, so not for ever.
 */
function painted(): Promise<void> {
  return new Promise((done) => {
    goOn = done;
    setTimeout(done, LONGEST_FRAME);
    requestAnimationFrame(() => setTimeout(done));
  });
}

/** The size that is worked first: the chosen one, where the sizes on screen are those of the document. */
function shownFirst({ sizes }: Design): string | undefined {
  const onScreen = usePlan.getState().plan?.sizes ?? [];
  const same = onScreen.length === sizes.length && sizes.every(({ id }, at) => id === onScreen[at]!.id);
  return same ? chosenSize(sizes, useView.getState().size).id : undefined;
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
export function askProof(style: Partial<HouseStyle>): Promise<Proof | null> {
  return planner().prove(style);
}

/** The pieces to scale, of one size or of all. */
export function askSchematic(wish: SchematicAsked): ReturnType<Remote<Planner>['schematic']> {
  return planner().schematic(wish);
}

/** The drawings, measurements and tails of a size's assembly; null before there is a plan. */
export function askAssembly(size: string): Promise<AssemblyDrawings | null> {
  return planner().assembly(size);
}

/** What a share in a field of the garment ("underarm") is a share of in a size, cm; null where that cannot be said. */
export function askShareBase(design: Design, size: string, path: string): Promise<number | null> {
  return planner().shareBase(design, size, path);
}

/** The plan file of a document: every count, row and join of every size. */
export function askPlanFile(document: Design): Promise<string> {
  return planner().planFile(document);
}

/** Every count of every size as CSV. */
export function askCounts(): Promise<string> {
  return planner().counts();
}

/** What a changed document would change in the counts. */
export function askCompare(document: Design): ReturnType<Remote<Planner>['compare']> {
  return planner().compare(document);
}

/** The garment of a document on a figure, as SVG; null where it cannot be worked. */
export function askPicture(document: Design, views: readonly ('front' | 'back')[]): Promise<string | null> {
  return planner().picture(document, views);
}

/** A size of another document, to be seen beside the one that is open; null where it cannot be planned. */
export function askOtherSize(document: Design, size: string): Promise<ScreenSize | null> {
  return planner().otherSize(document, size);
}

/** What changed in the pattern's words since an older state of the design. */
export function askErrata(...asked: Parameters<Planner['errata']>): ReturnType<Remote<Planner>['errata']> {
  return planner().errata(...asked);
}

/** Forgets the plan when another design is opened. */
export function clearPlan(): void {
  opened += 1;
  waiting = null;
  usePlan.setState(NOTHING);
}
