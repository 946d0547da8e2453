import type { Design } from '../design.js';

/** How a kept design travels between the server and the page. */
export interface StoredDesign {
  id: string;
  revision: number;
  /** When this revision was saved, ISO 8601. */
  updatedAt: string;
  document: Design;
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
