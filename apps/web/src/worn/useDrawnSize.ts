import { useMemo } from 'react';
import { movedBy } from '@upfell/core';
import { usePlan } from '../state/planner';
import { useDocument, useOld, useSizePlan } from '../state/useSizePlan';
import type { ScreenSize } from '../worker/screen';
import { gripFields } from './grips';

/**
 * The chosen size to be drawn on its figure. While lengths are dragged the plan is a few frames behind the hand: what has been moved since
 * is shown as it will come to lie, and the plan's own rows take its place when they are there.
 */
export function useDrawnSize(): ScreenSize | null {
  const size = useSizePlan()?.size ?? null;
  const document = useDocument();
  const planned = usePlan(({ ahead, aheadOf, document: whole }) => (ahead ? aheadOf : whole));
  const old = useOld();
  return useMemo(() => {
    if (!size || !planned || old || planned === document) return size;
    const before = new Map(gripFields(planned, size.id).map(({ path, own }) => [path, own]));
    return gripFields(document, size.id).reduce((drawn, { grip, path, own }) => {
      const was = before.get(path);
      return typeof own === 'number' && typeof was === 'number' ? movedBy(drawn, grip, own - was) : drawn;
    }, size);
  }, [size, planned, old, document]);
}
