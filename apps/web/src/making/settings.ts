import type { Terms } from '@upfell/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How this person works, on this device. */
interface MakingSettings {
  hand: 'right' | 'left';
  /** Size of the row's words. */
  text: 'small' | 'usual' | 'large';
  awake: boolean;
  /** A quiet word about resting hands after so many minutes; 0: none. */
  rest: number;
  /** Whether time is noted by piece. */
  time: boolean;
  /** Names of stitches; those of the design where it is null. */
  terms: Terms | null;
}

export const useMakingSettings = create<MakingSettings>()(
  persist(
    (): MakingSettings => ({ hand: 'right', text: 'usual', awake: true, rest: 0, time: false, terms: null }),
    {
      name: 'upfell:making',
    },
  ),
);

export const WORD_SIZE: Readonly<Record<MakingSettings['text'], string>> = {
  small: 'text-[17px] leading-snug',
  usual: 'text-[20px] leading-snug',
  large: 'text-[26px] leading-snug',
};
