/** What is done to the joined garment besides its seams: threads that gather, ties, cords that are threaded, bridges, a steadied back neck. */

/** Stitches of a back neck that is steadied from the inside, from shoulder to shoulder; length in cm. */
export interface BackNeck {
  kind: 'back neck';
  count: number;
  length: number;
}

/** A drawn thread through every second stitch of an edge; its own round and the one wanted, cm. */
export interface Gathered {
  kind: 'gathered';
  where: 'cuff' | 'hem';
  count: number;
  own: number;
  round: number;
}

/** A pair of ties: how many row ends (or stitches) of each front edge lie below it, and how far up it sits, cm. */
export interface TiePair {
  kind: 'tie';
  pair: number;
  after: number;
  at: number;
  axis: 'stitches' | 'rows';
}

/** A cord threaded in and out along a line: how far it is, cm, and how often it goes in. */
export interface Threaded {
  kind: 'threaded';
  length: number;
  times: number;
}

/** Chains over the steps of a neck, from corner to corner; all of them, and over how many steps. */
export interface Bridges {
  kind: 'bridges';
  chains: number;
  steps: number;
}

export type Touch = BackNeck | Gathered | TiePair | Threaded | Bridges;

/** Every so many cm a cord goes in or out (common practice). */
export const THREADED_EVERY = 2;

/** Thread left at both ends of one that gathers, to knot it, cm. */
const TO_KNOT = 30;

/** Yarn that touches take, metres: threads that gather, both cuffs, and a back neck crocheted over. */
export function yarnOfTouches(touches: readonly Touch[]): number {
  return touches.reduce((sum, touch) => {
    if (touch.kind === 'gathered')
      return sum + ((touch.where === 'cuff' ? 2 : 1) * (touch.own + TO_KNOT)) / 100;
    if (touch.kind === 'back neck') return sum + (CROCHETED * touch.length) / 100;
    return sum;
  }, 0);
}

/** Yarn for a row of slip stitch, of its length (common practice). */
const CROCHETED = 5;

/** The step of the assembly that a touch belongs to, if the garment has it; else it has one of its own. */
export function stepOfTouch(touch: Touch): string {
  switch (touch.kind) {
    case 'back neck':
    case 'bridges':
      return 'neck';
    case 'gathered':
      return touch.where === 'cuff' ? 'cuffs' : 'hem';
    case 'tie':
    case 'threaded':
      return 'bands';
  }
}

/** What tells a touch from others of its size. */
export function idOfTouch(touch: Touch): string {
  return touch.kind === 'gathered'
    ? `gathered ${touch.where}`
    : touch.kind === 'tie'
      ? `tie ${touch.pair}`
      : touch.kind;
}
