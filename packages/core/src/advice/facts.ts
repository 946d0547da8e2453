import type { BodyLevel } from '../body/levels.js';

/** What advice needs to know of a fitted garment, whatever its construction. Lengths in cm. */
export interface GarmentFacts {
  /** Length of the neck edge all round, before any stretch, and how much it gives. Null: the neck opens. */
  closedNeck: { opening: number; stretch: number; front: string } | null;
  /** The sleeve around the upper arm where it is sewn in. Null: no sleeve. */
  sleeveTop: { round: number; quantity: string } | null;
  /** What covers the arm from the shoulder point on: the body's overhang, the sleeve and the cuff. */
  reach: { overhang: number; sleeve: number; cuff: number; wanted: number } | null;
  /** A round that is smaller than the body and holds by stretching, the levels of the body that it covers, and what its fabric gives. */
  stretched?: {
    round: number;
    over: readonly BodyLevel[];
    /** Share by which the fabric stretches; null where nobody has measured it. */
    gives: number | null;
    quantity: string;
    /** What it is of the garment, in sentences: "tube". */
    what: string;
  };
}
