import type { Body, Group } from './body/measurements.js';
import type { Person } from './body/person.js';
import type { ChartOrigin } from './chart/chart.js';
import type { Fabric } from './fabric/fabric.js';
import type { Finishing } from './finishing/finishing.js';
import type { Units } from './units/length.js';
import type { HouseStyle, Skill } from './write/style.js';

/** One size of the range: a name and a body. */
export interface Size {
  id: string;
  label: string;
  group: Group;
  body: Body;
}

/** A count held by the user in one size. */
export interface Pin {
  size: string;
  quantity: string;
  count: number;
}

/** The style: which construction, and that construction's own fields. */
export interface Garment {
  construction: string;
  [field: string]: unknown;
}

/** The author's own sentences in the written pattern, and how the garment is cared for. */
export interface Words {
  /** Each stands after a line of its section (by its words without figures, or by its number), or at its end. */
  sentences?: readonly { section: string; text: string; line?: number; after?: string }[];
  care?: string;
  /** What stands before everything else. */
  intro?: string;
  /** How much skill it asks for; by its techniques where the author does not say. */
  skill?: Skill;
  /** How it is written, where not as the house does. */
  style?: Partial<HouseStyle>;
}

/** A design as it is kept in a file and in the database (docs/formats). Lengths in cm. */
export interface Design {
  format: 'upfell/design';
  version: 1;
  name: string;
  units: Units;
  /** False: the sizes are unrelated bodies, and counts may fall from one to the next. */
  graded: boolean;
  sizes: readonly Size[];
  fabrics: readonly Fabric[];
  garment: Garment;
  pins: readonly Pin[];
  /** How strongly the steps from size to size are made even, per cent; not at all where it is left out. */
  range?: { even: number };
  /** Where the sizes come from, if from a chart. */
  chart?: ChartOrigin;
  /** People measured for this design. */
  people?: readonly Person[];
  /** How it is put together, as far as the designer says so. */
  finishing?: Finishing;
  /** What the designer adds to the written pattern. */
  words?: Words;
}
