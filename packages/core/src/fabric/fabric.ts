/** A fabric: what a hook, a yarn and a stitch pattern give, as counted on a swatch. */

/** Counts over the measured lengths they were counted on: 17 stitches in 10.2 cm is as good as 16.7 in 10. */
export interface Gauge {
  stitches: number;
  stitchesOver: number;
  rows: number;
  rowsOver: number;
}

/** Legal counts: multiple x k + plus, k >= 0. */
export interface CountRule {
  multiple: number;
  plus: number;
}

/** The rules of a stitch pattern worked flat, in the round, and in its rows. */
export interface FabricRules {
  flat: CountRule;
  round: CountRule;
  rows: CountRule;
}

export const STITCHES = ['sc', 'esc', 'hdc', 'dc', 'tr'] as const;
export type Stitch = (typeof STITCHES)[number];

export interface Fabric {
  id: string;
  name: string;
  /** Hook diameter in mm. */
  hook: number;
  gauge: Gauge;
  unblocked?: Gauge;
  rule: FabricRules;
  /** The stitch that shaping and plain rows are worked in; decides the usual foundation and turning chain. */
  stitch?: Stitch;
  /** Chains to make beyond the stitches of row 1; by default the usual number for the stitch. */
  foundationExtra?: number;
  /** How the pattern rows go, in US terms, one sentence for each row of the repeat. */
  pattern?: readonly string[];
  /** Share by which the width gives when stretched, 0.15 = 15 %. */
  stretch?: number;
  /** A measured swatch for the yarn estimate: cm x cm and the metres of yarn in it. */
  swatch?: { width: number; height: number; metres: number };
}

export type Axis = 'stitches' | 'rows';

/** A single row of nothing special: every count is legal. */
export const ANY_COUNT: CountRule = { multiple: 1, plus: 0 };

/** Usual chains beyond the stitches and usual turning chain, by stitch (common practice). */
export const USUAL_CHAINS: Record<Stitch, number> = { sc: 1, esc: 2, hdc: 2, dc: 3, tr: 4 };

/** Share that crochet of an unknown fabric gives in width when stretched; common practice, changeable in the fabric. */
export const USUAL_STRETCH = 0.15;

/** The fabric's shaping stitch; half double where none is named. */
export function stitchOf(fabric: Fabric): Stitch {
  return fabric.stitch ?? 'hdc';
}

/**
 * Extra foundation chains: the chain that is turned on counts as no stitch, so it adds its own height less one where
 * row 1 starts "in the 2nd (3rd, 4th) chain from the hook".
 */
export function foundationExtra(fabric: Fabric): number {
  return fabric.foundationExtra ?? USUAL_CHAINS[stitchOf(fabric)];
}
