/** What joins to what, before it has been checked. */

import type { PickUpRatio } from './pickUp.js';
import type { JoinRole, Side } from './roles.js';

export type JoinKind = 'stitch-to-stitch' | 'row-to-row' | 'stitch-to-row' | 'pick-up' | 'live';

export interface JoinPlan {
  id: string;
  role: JoinRole;
  label: string;
  /** The wearer's side, where there is one like it on the other; and what both are called together. */
  side?: Side;
  both?: string;
  kind: JoinKind;
  /** Edges of each side, in the order in which they are met. */
  a: readonly string[];
  b: readonly string[];
  /** A band drawn in: its own length is this share of the edge it is joined to (1: not drawn in). Applies to side a. */
  gather?: number;
  /** A band of a round of its own, cm: its edge is drawn in to that, however long it is. */
  drawnTo?: number;
  /** How rows meet rows, where that is not row 1 to row 1. */
  says?: string;
  /** How often it is made alike: many squares are joined to each other. */
  times?: number;
  /** Picked up by so many for each row end instead of by length. */
  ratio?: PickUpRatio;
  /** Stitches of side a that turn round outer corners: no length of the edge is for them. */
  corners?: number;
  /** Which edges of side b are met from their last row to their first, where the way along it is known. */
  down?: readonly boolean[];
}

/** Lengths that a long seam takes up unseen: 3 % of the shorter side, never more than 1.5 cm (common practice). */
export const EASED_SHARE = 0.03;
export const EASED_MOST = 1.5;
/** What any seam takes up, however short, cm (common practice). */
export const EASED_LEAST = 1;

/** A side of a seam: its length, and the length along it of its coarsest stitch or row, cm. */
export interface SeamLength {
  length: number;
  unit: number;
}

/** What two sides take up whatever their share: a row or a stitch of the coarser side, or 1 cm, cm. */
export function easeOfShortSeams(...units: readonly number[]): number {
  return Math.max(EASED_LEAST, ...units);
}

/**
 * How much two sides of a seam may differ, cm: one row or one stitch of the coarser side, 1 cm, or 3 % of the shorter side
 * (1.5 cm at most), whichever is most (common practice).
 */
export function easeAllowed(a: SeamLength, b: SeamLength): number {
  const byShare = Math.min(EASED_MOST, EASED_SHARE * Math.min(a.length, b.length));
  return Math.max(easeOfShortSeams(a.unit, b.unit), byShare);
}

/** Differences smaller than a tape laid on fabric shows, cm: nobody eases them. */
export const UNSEEN_EASE = 0.2;
