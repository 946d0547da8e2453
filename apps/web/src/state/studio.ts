import { create } from 'zustand';
import type { HouseStyle } from '@upfell/core';
import { studio } from '../api/studio';

interface StudioState {
  /** The style of the house as far as it is not the usual one; null until it is known. */
  style: Partial<HouseStyle> | null;
}

/** What the studio keeps for all its designs. */
export const useStudio = create<StudioState>()(() => ({ style: null }));

let asked: Promise<void> | null = null;

/** Fetches the style once; without the server patterns are written as usual. */
export function loadStudio(): Promise<void> {
  asked ??= studio.style().then(
    (style) => useStudio.setState({ style }),
    () => {
      asked = null;
      useStudio.setState({ style: {} });
    },
  );
  return asked;
}

/** Changes a setting of the style for all designs: shown at once, taken back where the server refuses it. */
export async function setHouseStyle(style: Partial<HouseStyle>): Promise<void> {
  const before = useStudio.getState().style;
  useStudio.setState({ style });
  try {
    await studio.saveStyle(style);
  } catch (error) {
    useStudio.setState({ style: before });
    throw error;
  }
}
