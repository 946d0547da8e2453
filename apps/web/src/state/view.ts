import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { MeasurementId, Size, Terms } from '@upfell/core';

/** What the drawer shows. */
export type Selection = { kind: 'quantity'; id: string } | { kind: 'join'; id: string } | null;

/** How the page looks: its paper, how strong its lines are, and the size of its text. */
export interface Look {
  paper: 'light' | 'dark' | 'as the system';
  contrast: 'usual' | 'high';
  text: 'usual' | 'large' | 'larger';
}

/** The sides of the work that fold away: what is entered at the left, details at the right. */
export type SideName = 'panel' | 'drawer';

interface ViewState {
  /** What the shape is seen as; null: a yoke as such, all else on the body. */
  shape: 'yoke' | 'worn' | 'pieces' | null;
  /** Whether a side stands open; null: as the window's width has it. */
  sides: Record<SideName, boolean | null>;
  /** Names of stitches while this design is looked at; null: those of its style. */
  terms: Terms | null;
  /** Chosen size by id; null until one is chosen, then the middle one counts. */
  size: string | null;
  /** Whether the range is laid over the chosen size. */
  all: boolean;
  selection: Selection;
  /** The measurement that the figure shows. */
  lit: MeasurementId | null;
  /** Measurements left out of the table of sizes. */
  hidden: readonly MeasurementId[];
  /** Which way the table of sizes lies. */
  sizesAcross: boolean;
  /** The fabric that the fabric step shows; null: the first. */
  fabric: string | null;
  /** Whether a tape or scale is listened to. */
  listening: boolean;
  look: Look;
  /** Which step of the guided first design is walked; null: none. */
  guide: number | null;
}

/** How the person looks at things: nothing of it belongs to the design. Habits are remembered. */
export const useView = create<ViewState>()(
  persist(
    (): ViewState => ({
      shape: null,
      sides: { panel: null, drawer: null },
      terms: null,
      size: null,
      all: false,
      selection: null,
      lit: null,
      hidden: [],
      sizesAcross: true,
      fabric: null,
      listening: false,
      look: { paper: 'as the system', contrast: 'usual', text: 'usual' },
      guide: null,
    }),
    {
      name: 'upfell:view',
      version: 1,
      // Terms were a habit before they were a setting of the style.
      migrate: (kept) => ({ ...(kept as ViewState), terms: null }),
      partialize: ({ hidden, sizesAcross, listening, sides, look }) => ({
        hidden,
        sizesAcross,
        listening,
        sides,
        look,
      }),
    },
  ),
);

export const setTerms = (terms: Terms | null) => useView.setState({ terms });
export const setSize = (size: string) => useView.setState({ size });
export const toggleAll = () => useView.setState(({ all }) => ({ all: !all }));
export const toggleSide = (side: SideName, open: boolean) =>
  useView.setState(({ sides }) => ({ sides: { ...sides, [side]: open } }));
export const seeShape = (shape: ViewState['shape']) => useView.setState({ shape });
export const setGuide = (guide: number | null) => useView.setState({ guide });
export const setLook = (change: Partial<Look>) =>
  useView.setState(({ look }) => ({ look: { ...look, ...change } }));
export const select = (selection: Selection) => useView.setState({ selection });
export const light = (lit: MeasurementId | null) => useView.setState({ lit });
export const toggleHidden = (id: MeasurementId) =>
  useView.setState(({ hidden }) => ({
    hidden: hidden.includes(id) ? hidden.filter((other) => other !== id) : [...hidden, id],
  }));
export const showFabric = (fabric: string | null) => useView.setState({ fabric });
export const turnSizes = () => useView.setState(({ sizesAcross }) => ({ sizesAcross: !sizesAcross }));
export const toggleListening = () => useView.setState(({ listening }) => ({ listening: !listening }));

/** The chosen size, or the middle one when none (or one that is gone) is chosen. */
export function chosenSize(sizes: readonly Size[], chosen: string | null): Size {
  return sizes.find(({ id }) => id === chosen) ?? sizes[Math.floor((sizes.length - 1) / 2)]!;
}
