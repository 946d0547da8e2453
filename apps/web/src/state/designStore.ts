import { produce, type Draft } from 'immer';
import { temporal } from 'zundo';
import { create } from 'zustand';
import { readDesign, type Design } from '@upfell/core';

/** Text that stands in a field but is no good yet: it is kept, with its sentence, until it is put right. */
export interface FieldDraft {
  text: string;
  message: string;
}

interface DesignState {
  id: string | null;
  document: Design | null;
  drafts: Readonly<Record<string, FieldDraft>>;
}

/** The open design. Undo covers the document only. */
export const useDesign = create<DesignState>()(
  temporal((): DesignState => ({ id: null, document: null, drafts: {} }), {
    partialize: ({ document }) => ({ document }),
    equality: (past, now) => past.document === now.document,
    limit: 300,
  }),
);

/** Edits of one field within this time are one step of undo, ms. */
const SAME_EDIT = 900;
let lastEdit = { path: '', at: 0 };

/** Opens a document: there is nothing to undo yet. */
export function openDocument(id: string, document: Design): void {
  useDesign.setState({ id, document, drafts: {} });
  useDesign.temporal.getState().clear();
  lastEdit = { path: '', at: 0 };
}

/** Takes a document in place of the open one as one undoable step (restored or taken from elsewhere). */
export function replaceDocument(document: Design): void {
  lastEdit = { path: '', at: 0 };
  useDesign.setState({ document, drafts: {} });
}

/**
 * Changes the document. The core reads the result: if it finds fault with it, nothing is changed and the sentence comes back.
 *
 * @param path the field, as paths are written in problems ("sizes[2].body.bust")
 * @param change what to do to the document
 * @param joined whether this goes on with the last edit of the same field, however long ago: one drag is one step of undo
 * @param apart whether this is a step of undo by itself, however soon it follows: a choice, not something being typed
 * @returns null when taken, else the sentence for the field
 */
export function edit(
  path: string,
  change: (document: Draft<Design>) => void,
  { joined: together = false, apart = false }: { joined?: boolean; apart?: boolean } = {},
): string | null {
  const { document } = useDesign.getState();
  if (!document) return null;
  const next = produce(document, change);
  if (next === document) return null;
  const read = readDesign(next);
  if (!read.ok)
    return (
      (read.problems.find((problem) => problem.path.startsWith(path)) ?? read.problems[0])?.message ?? null
    );
  const now = Date.now();
  const history = useDesign.temporal.getState();
  const joined = !apart && lastEdit.path === path && (together || now - lastEdit.at < SAME_EDIT);
  if (joined) history.pause();
  useDesign.setState({ document: next });
  if (joined) history.resume();
  lastEdit = { path: apart ? '' : path, at: now };
  return null;
}

/** Keeps (or with null lets go of) the unfit text of a field. */
export function keepDraft(path: string, draft: FieldDraft | null): void {
  useDesign.setState(({ drafts }) => {
    const { [path]: _, ...others } = drafts;
    return { drafts: draft ? { ...others, [path]: draft } : others };
  });
}

/** Takes back the newest thing: text that is no good yet, else the last edit of the document. */
export function undo(): void {
  lastEdit = { path: '', at: 0 };
  const unfit = Object.values(useDesign.getState().drafts).some(({ message }) => message !== '');
  useDesign.setState({ drafts: {} });
  if (!unfit) useDesign.temporal.getState().undo();
}

export function redo(): void {
  lastEdit = { path: '', at: 0 };
  useDesign.setState({ drafts: {} });
  useDesign.temporal.getState().redo();
}
