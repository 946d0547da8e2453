import type { Design } from '../design.js';

/** How a kept document travels between the server and the page. */
export interface Stored<T> {
  id: string;
  revision: number;
  /** When this revision was saved, ISO 8601. */
  updatedAt: string;
  document: T;
}

/** A kept design. */
export type StoredDesign = Stored<Design>;

/** What a list of the library shows: the whole document, and how many designs hold a copy of it. */
export interface LibraryEntry<T> extends Stored<T> {
  designs: number;
}

/** What the shelf shows of a design. */
export interface ShelfEntry {
  id: string;
  name: string;
  revision: number;
  updatedAt: string;
  construction: string;
  /** Labels of its sizes. */
  sizes: string[];
}

/** One saved state in the history of a design. */
export interface RevisionEntry {
  revision: number;
  savedAt: string;
  /** Why it was saved: "edit", "create", "restore 3" ... */
  reason: string;
}
