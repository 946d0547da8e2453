import type { Group } from '../body/measurements.js';
import type { Design } from '../design.js';
import type { Making } from '../making/entries.js';

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
  /** What the construction is called. */
  label: string;
  /** Labels of its sizes. */
  sizes: string[];
  /** Whom its sizes are for, and names of its fabrics. */
  groups: Group[];
  fabrics: string[];
}

/** One saved state in the history of a design. */
export interface RevisionEntry {
  revision: number;
  savedAt: string;
  /** Why it was saved: "edit", "create", "restore 3" ... */
  reason: string;
}

/** How far a making has come, in the words of the page that worked on it last. */
export interface MakingProgress {
  /** Rows worked, and rows in all. */
  worked: number;
  all: number;
  /** "Sleeve 2, row 24". */
  now: string;
}

/** What lists show of a making. */
export interface MakingEntry {
  id: string;
  name: string;
  designId: string;
  /** Name of the design, as it was when the making was begun. */
  design: string;
  revision: number;
  size: string;
  createdAt: string;
  updatedAt: string;
  progress: MakingProgress | null;
}

/** Entries of a log as they have arrived: all after a place in the order of arrival, and where that order has come to. */
export interface Arrived {
  entries: Making['entries'];
  last: number;
}

/** A kept making: with the state of the design that it was begun from, and its log. */
export interface StoredMaking extends MakingEntry, Arrived {
  document: Design;
}

/** What a new making is begun with. */
export interface NewMaking {
  /** Chosen by who begins it, so that asking twice begins one. */
  id: string;
  name: string;
  designId: string;
  revision: number;
  size: string;
}
