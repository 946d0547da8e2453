import type { SideGrowth } from '../shaping/sideGrowth.js';
import { agree } from './linesSaid.js';
import { ReadFault } from './maker.js';

/** What sentences say of a round that grows at both sides. */
export class GrowthSaid {
  private half = 0;
  private gain = 0;
  private way: SideGrowth['way'] | null = null;

  /** Markers at both sides: front and back have as many stitches. */
  begin(half: number, count: number): void {
    agree(2 * half, count, 'the stitches between the side markers');
    this.half = half;
  }

  /** So many in the first and in the last stitch of each. */
  atBothEnds(first: number, last: number): void {
    agree(first, last, 'what is worked at both ends');
    this.way = 'both ends';
    this.gain = 2 * (first - 1);
  }

  /** Whole units more at the beginning or at the end: so many in place of one. */
  byTurns(gain: number, made: number): void {
    if (made < 2 || gain % (made - 1) !== 0)
      throw new ReadFault(`${made} units in place of one are not ${gain} stitches more`);
    if (this.way === 'by turns') agree(gain, this.gain, 'what both ways to grow gain');
    this.way = 'by turns';
    this.gain = gain;
  }

  /** How it grows, as it has been said. */
  get growth(): SideGrowth {
    const { half, gain, way } = this;
    if (half === 0 || !way) throw new ReadFault('how to grow is not said');
    return { half, gain, way };
  }
}
