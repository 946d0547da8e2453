/** The style of the house: how a designer wants patterns written. */
import type { Design } from '../design.js';
import type { Terms } from './terms.js';

/** How a pattern is written where the trade has several ways. */
export interface HouseStyle {
  /** Figures of several sizes: "72 (78, 86)" or "72/78/86". */
  sizes: 'brackets' | 'slashes';
  /** Shaping that differs by size: a table, or all in one sentence. */
  shaping: 'tables' | 'sentences';
  /** Shaping of one size alone: each row, or how often and in which rows. */
  rows: 'row by row' | 'condensed';
  stitches: 'sts' | 'stitches';
  rowNames: 'Row' | 'ROW';
  /** What a row comes to: "(72 sts)", "[72 sts]" or "– 72 sts". */
  counts: 'round brackets' | 'square brackets' | 'dash';
  countAt: 'end' | 'beginning';
  /** Lengths in the design's unit, or in both. */
  lengths: 'one unit' | 'both units';
  /** Names of stitches. */
  terms: Terms;
}

export const USUAL_STYLE: HouseStyle = {
  sizes: 'brackets',
  shaping: 'tables',
  rows: 'row by row',
  stitches: 'sts',
  rowNames: 'Row',
  counts: 'round brackets',
  countAt: 'end',
  lengths: 'one unit',
  terms: 'us',
};

/** The style that a design is written in: its own settings, those of the house, and the usual ones for the rest. */
export const styleOf = ({ words }: Pick<Design, 'words'>, house: Partial<HouseStyle> = {}): HouseStyle => ({
  ...USUAL_STYLE,
  ...house,
  ...words?.style,
});

/** Ways of every setting, the usual one first. */
export const HOUSE_WAYS: { readonly [K in keyof HouseStyle]: readonly HouseStyle[K][] } = {
  sizes: ['brackets', 'slashes'],
  shaping: ['tables', 'sentences'],
  rows: ['row by row', 'condensed'],
  stitches: ['sts', 'stitches'],
  rowNames: ['Row', 'ROW'],
  counts: ['round brackets', 'square brackets', 'dash'],
  countAt: ['end', 'beginning'],
  lengths: ['one unit', 'both units'],
  terms: ['us', 'uk'],
};

/** How much skill a garment asks for, from the first garment on. */
export const SKILLS = ['beginner', 'easy', 'easy, with shaping', 'intermediate', 'experienced'] as const;
export type Skill = (typeof SKILLS)[number];
