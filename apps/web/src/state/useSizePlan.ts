import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import type { Design, Size, Units } from '@upfell/core';
import { useDesign } from './designStore';
import { usePlan } from './planner';
import { chosenSize, useView } from './view';
import type { ScreenPlan, ScreenSize } from '../worker/screen';

/** The open design's document. Only under DesignPage, which waits until there is one. */
export function useDocument(): Design {
  return useDesign(({ document }) => document)!;
}

/** The units that the person reads. */
export function useUnits(): Units {
  return useDesign(({ document }) => document?.units ?? 'cm');
}

/** The chosen size in the document, with its place in the range. */
export function useChosenSize(): { size: Size; index: number } {
  const sizes = useDesign(({ document }) => document!.sizes);
  const size = chosenSize(
    sizes,
    useView((view) => view.size),
  );
  return { size, index: sizes.indexOf(size) };
}

/** Whether what is drawn is older than the newest entry. */
export function useOld(): boolean {
  const troubled = usePlan(({ trouble, pinNotes }) => trouble.length > 0 || pinNotes.length > 0);
  const unfit = useDesign(({ drafts }) => Object.values(drafts).some(({ message }) => message !== ''));
  return troubled || unfit;
}

/**
 * The plan on screen and the chosen size in it; null before the first plan. The same object until one of them changes. While values
 * are dragged the chosen size is newer than the others.
 */
export function useSizePlan(): { plan: ScreenPlan; size: ScreenSize; index: number } | null {
  const plan = usePlan(({ ahead, plan: whole }) => ahead ?? whole);
  const chosen = useView((view) => view.size);
  const id = useDesign(({ document }) => chosenSize(document!.sizes, chosen).id);
  return useMemo(() => {
    if (!plan || plan.sizes.length === 0) return null;
    const found = plan.sizes.findIndex((size) => size.id === id);
    const index = found >= 0 ? found : Math.floor((plan.sizes.length - 1) / 2);
    return { plan, size: plan.sizes[index]!, index };
  }, [plan, id]);
}

/** Why the plan on screen is older than what the fields say; empty when it is not. */
export function useStale(): string[] {
  const { trouble, pinNotes } = usePlan(useShallow(({ trouble, pinNotes }) => ({ trouble, pinNotes })));
  const drafts = useDesign((state) => state.drafts);
  const reasons = Object.values(drafts)
    .map(({ message }) => message)
    .filter((message) => message !== '');
  return [
    ...new Set([
      ...reasons,
      ...trouble.map(({ message }) => message),
      ...pinNotes.map(({ size, note }) => `Size ${size}: ${note.message.join('')}`),
    ]),
  ];
}
