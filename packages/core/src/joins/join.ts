/** What joins to what, before it has been checked. */

export type JoinKind = 'stitch-to-stitch' | 'row-to-row' | 'stitch-to-row' | 'pick-up' | 'live';

export interface JoinPlan {
  id: string;
  label: string;
  kind: JoinKind;
  /** Edges of each side, in the order in which they are met. */
  a: readonly string[];
  b: readonly string[];
  /** A band drawn in: its own length is this share of the edge it is joined to (1: not drawn in). Applies to side a. */
  gather?: number;
  /** How rows meet rows, where that is not row 1 to row 1. */
  says?: string;
}

/** Lengths that a seam takes up unseen: 3 % of the shorter side, never more than 1.5 cm (common practice). */
export const EASED_SHARE = 0.03;
export const EASED_MOST = 1.5;

/** How much two sides of a seam may differ, cm. */
export function easeAllowed(aLength: number, bLength: number): number {
  return Math.min(EASED_MOST, EASED_SHARE * Math.min(aLength, bLength));
}

/** Differences smaller than a tape laid on fabric shows, cm: nobody eases them. */
export const UNSEEN_EASE = 0.2;
