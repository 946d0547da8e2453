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

/** Whether the turning chain counts as a stitch, does not, or rows begin without one. */
export const TURNINGS = ['does not count', 'counts', 'chainless'] as const;
export type Turning = (typeof TURNINGS)[number];

/** By stitches at the edges, or by whole units (mesh spaces, V's, clusters) where single stitches would break the pattern. */
export const SHAPINGS = ['stitches', 'units'] as const;
export type Shaping = (typeof SHAPINGS)[number];

/** Rows in which sleeves and sides are shaped: of a texture those that are plain, beside cables those without a crossing. */
export const SHAPED_IN = ['any row', 'right-side rows', 'wrong-side rows'] as const;
export type ShapedIn = (typeof SHAPED_IN)[number];

/** What a piece begins with: a chain, or stitches that make their own chain as they go. */
export const FOUNDATIONS = ['chain', 'stitches'] as const;
export type Foundation = (typeof FOUNDATIONS)[number];

/** One kind of row in a repeat of rows, with the height that one such row has in the blocked swatch, cm. */
export interface RowType {
  name: string;
  height: number;
}

/** What people count in. */
export const COUNTED_IN = [
  'stitches',
  'mesh spaces',
  'V’s',
  'clusters',
  'shells',
  'cables',
  'tiles',
] as const;

/** The unit in which people count: so many stitches for each, and so many more at the edges. */
export interface CountingUnit {
  name: (typeof COUNTED_IN)[number];
  stitches: number;
  plus: number;
}

/** A measured swatch for the yarn: cm x cm, and the yarn in it in metres or in grams. */
export interface YarnSwatch {
  width: number;
  height: number;
  metres?: number;
  grams?: number;
}

/** A ball of the yarn as its label says. */
export interface Ball {
  grams: number;
  metres: number;
}

/** Names of yarn weights from the finest to the thickest (common practice). */
export const YARN_WEIGHTS = [
  'lace',
  'fingering',
  'sport',
  'DK',
  'worsted',
  'aran',
  'bulky',
  'super bulky',
] as const;
export type YarnWeight = (typeof YARN_WEIGHTS)[number];

export interface Fabric {
  id: string;
  name: string;
  /** The yarn in words: what it is called, its weight and what it is of. */
  yarn?: string;
  weight?: YarnWeight;
  fibre?: string;
  /** Hook diameter in mm. */
  hook: number;
  /** Washed and blocked: one reading, or the mean of several. */
  gauge: Gauge;
  /** Before blocking, as the tape reads while working. */
  unblocked?: Gauge;
  /** The single readings that `gauge` and `unblocked` are the means of. */
  readings?: readonly Gauge[];
  unblockedReadings?: readonly Gauge[];
  /** The gauge is a usual figure for the stitch pattern, not counted on a swatch. */
  estimated?: boolean;
  rule: FabricRules;
  /** The stitch that shaping and plain rows are worked in; decides the usual foundation and turning chain. */
  stitch?: Stitch;
  turning?: Turning;
  /** How pieces of it widen and narrow: by single stitches at the edges, or by whole repeats of its flat rule. */
  shaping?: Shaping;
  /** In which rows sleeves and sides are shaped; any without it. */
  shapedIn?: ShapedIn;
  foundation?: Foundation;
  /** Chains to make beyond the stitches of row 1; by default the usual number for the stitch. */
  foundationExtra?: number;
  /** The rows of the pattern by turns, where they differ in height. */
  rowTypes?: readonly RowType[];
  /** Stitches of a panel (a cable, a motif) in the middle of back and front; what lies beside it is plain. */
  panel?: number;
  /** Plain stitches kept at each edge of pieces worked in rows, outside the repeats of the pattern. */
  edgeStitches?: number;
  unit?: CountingUnit;
  /** The stitch pattern, line by line, as `stitch/` reads it. */
  rows?: readonly string[];
  /** Words about the stitch pattern where there are no rows that could be worked: kept as the maker wrote them. */
  pattern?: readonly string[];
  /** Share by which the width gives when stretched, 0.15 = 15 %. */
  stretch?: number;
  /** Share by which the length grows when worn. */
  growth?: number;
  swatch?: YarnSwatch;
  ball?: Ball;
  /** The fabric of the library that this one was taken from, as it was then. */
  library?: { id: string; revision: number };
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

/** How often a fabric lets a row shape, and whether odd rows do (right-side rows are odd) where it is every second. */
export function shapedRows({ shapedIn = 'any row' }: Pick<Fabric, 'shapedIn'>): {
  everyRow: 1 | 2;
  odd: 0 | 1;
} {
  return { everyRow: shapedIn === 'any row' ? 1 : 2, odd: shapedIn === 'wrong-side rows' ? 0 : 1 };
}

/** The rule of a pattern's rows with the plain stitches that a fabric keeps at its edges. */
export function withEdges(
  { multiple, plus }: CountRule,
  { edgeStitches = 0 }: Pick<Fabric, 'edgeStitches'>,
): CountRule {
  return { multiple, plus: plus + 2 * edgeStitches };
}

/** Stitches that shaping takes at a time at one edge: one, or a repeat of the flat rule. */
export function shapingUnit({ shaping, rule }: Pick<Fabric, 'shaping' | 'rule'>): number {
  return shaping === 'units' ? rule.flat.multiple : 1;
}

/** How the fabric treats its turning chain. */
export function turningOf(fabric: Fabric): Turning {
  return fabric.turning ?? 'does not count';
}

/**
 * Extra foundation chains (common practice). A chain that is turned on and counts as no stitch adds its own height: row 1
 * starts "in the 2nd (3rd, 4th) chain from the hook". One that counts adds its height less the stitch that it is. A
 * chainless start needs one; foundation stitches need none.
 */
export function foundationExtra(fabric: Fabric): number {
  if (fabric.foundation === 'stitches') return 0;
  if (fabric.foundationExtra !== undefined) return fabric.foundationExtra;
  const chains = USUAL_CHAINS[stitchOf(fabric)];
  const turning = turningOf(fabric);
  return turning === 'counts' ? Math.max(0, chains - 1) : turning === 'chainless' ? 1 : chains;
}

/** Metres of yarn in the measured swatch: as measured, or weighed and reckoned by the ball; null when neither is known. */
export function swatchMetres({ swatch, ball }: Fabric): number | null {
  if (!swatch) return null;
  if (swatch.metres !== undefined) return swatch.metres;
  return swatch.grams !== undefined && ball ? (swatch.grams / ball.grams) * ball.metres : null;
}

/** Whether a fabric is worked in the spaces between the units below, as clusters are, instead of in their stitches. */
export function isInSpaces({ unit }: Pick<Fabric, 'unit'>): boolean {
  return unit?.name === 'clusters';
}
