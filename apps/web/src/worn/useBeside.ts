import { useEffect, useMemo, useState } from 'react';
import { create } from 'zustand';
import { changedGarment, CONSTRUCTIONS, wornOf, type Design, type Worn } from '@upfell/core';
import { useDesign } from '../state/designStore';
import { askOtherSize } from '../state/planner';
import { useDocument, useSizePlan } from '../state/useSizePlan';
import type { ScreenSize } from '../worker/screen';

/** The size whose garment is laid over that of the chosen one. */
const useOverlay = create<{ other: ScreenSize | null }>(() => ({ other: null }));
export const useOther = () => useOverlay(({ other }) => other);

/** What is laid over the garment: "size:m", "before", "construction:raglan"; empty for nothing. */
export type Beside = string;

export interface BesideOption {
  value: Beside;
  label: string;
}

/** What the garment of the chosen size can be seen beside. */
export function useBesideOptions(): {
  sizes: BesideOption[];
  before: boolean;
  constructions: BesideOption[];
} {
  const planned = useSizePlan();
  const { garment } = useDocument();
  const before = useDesign.temporal.getState().pastStates.length > 0;
  return useMemo(
    () => ({
      sizes: (planned?.plan.sizes ?? [])
        .filter(({ id }) => id !== planned?.size.id)
        .map(({ id, label }) => ({ value: `size:${id}`, label: `size ${label}` })),
      before,
      constructions: CONSTRUCTIONS.filter(({ id }) => id !== garment.construction).map(({ id, label }) => ({
        value: `construction:${id}`,
        label: `as ${label.charAt(0).toLowerCase()}${label.slice(1)}`,
      })),
    }),
    [planned, before, garment.construction],
  );
}

/** The document that something is seen beside of, where it is not this one. */
function otherDocument(beside: Beside, document: Design): Design | null {
  if (beside === 'before') return useDesign.temporal.getState().pastStates.at(-1)?.document ?? null;
  const construction = beside.split('construction:')[1];
  return construction ? { ...document, garment: changedGarment(document, construction).garment } : null;
}

/**
 * The garment that is laid over the chosen size's: worn, with the size it is of.
 *
 * @returns undefined while it is being planned; null for nothing, or where it cannot be planned
 */
export function useBeside(beside: Beside): { worn: Worn; size: ScreenSize } | null | undefined {
  const planned = useSizePlan();
  const document = useDocument();
  const [other, setOther] = useState<{ beside: Beside; document: Design; size: ScreenSize | null } | null>(
    null,
  );
  const id = planned?.size.id;
  const asked = beside.startsWith('size:') || beside === '' ? null : beside;
  useEffect(() => {
    if (asked === null || id === undefined) return;
    let current = true;
    const wanted = otherDocument(asked, document);
    const answer = wanted ? askOtherSize(wanted, id) : Promise.resolve(null);
    void answer.then((size) => current && setOther({ beside: asked, document, size }));
    return () => {
      current = false;
    };
  }, [asked, id, document]);
  const size =
    asked === null
      ? planned?.plan.sizes.find((one) => `size:${one.id}` === beside)
      : other?.beside === asked
        ? other.size
        : undefined;
  const worn = useMemo(() => (size ? wornOf(size) : null), [size]);
  useEffect(() => {
    useOverlay.setState({ other: size ?? null });
    return () => useOverlay.setState({ other: null });
  }, [size]);
  if (beside !== '' && asked !== null && other?.beside !== asked) return undefined;
  return size && worn ? { worn, size } : null;
}
