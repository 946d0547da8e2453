/** What advice needs to know of a fitted garment, whatever its construction. Lengths in cm. */
export interface GarmentFacts {
  /** Length of the neck edge all round, before any stretch, and how much it gives. Null: the neck opens. */
  closedNeck: { opening: number; stretch: number; front: string } | null;
  /** The sleeve around the upper arm where it is sewn in. Null: no sleeve. */
  sleeveTop: { round: number; quantity: string } | null;
  /** What covers the arm from the shoulder point on: the body's overhang, the sleeve and the cuff. */
  reach: { overhang: number; sleeve: number; cuff: number; wanted: number } | null;
}
