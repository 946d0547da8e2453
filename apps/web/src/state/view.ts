import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Terms } from '@upfell/core';

/** What the drawer shows. */
export type Selection = { kind: 'quantity'; id: string } | { kind: 'join'; id: string } | null;

interface ViewState {
  terms: Terms;
  /** Chosen size by id; null until one is chosen, then the middle one counts. */
  size: string | null;
  /** Whether the range is laid over the chosen size. */
  all: boolean;
  selection: Selection;
}

/** How the person looks at things: nothing of it belongs to the design. Only the terms are remembered. */
export const useView = create<ViewState>()(
  persist((): ViewState => ({ terms: 'us', size: null, all: false, selection: null }), {
    name: 'upfell:view',
    partialize: ({ terms }) => ({ terms }),
  }),
);

export const setTerms = (terms: Terms) => useView.setState({ terms });
export const setSize = (size: string) => useView.setState({ size });
export const toggleAll = () => useView.setState(({ all }) => ({ all: !all }));
export const select = (selection: Selection) => useView.setState({ selection });
