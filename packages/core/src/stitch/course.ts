import type { StitchKind } from './kinds.js';
import type { StitchWords } from './tree.js';

/** One stitch or one chain of a row, in the order of working. */
export interface Unit {
  t: 'st' | 'ch';
  kind: StitchKind | 'ch';
  /** Stitches worked in one place belong to one group. */
  group: number;
  /** Name of the special stitch that the group is. */
  name: string | null;
  /** Chains of one space share a number; -1 for stitches. */
  run: number;
  /** Where the top lies, in stitches of the foundation. */
  x: number;
  /** Where the foot lies: one place, or several that are closed together. */
  feet: readonly number[];
  /** Chains of a turning chain that counts as this stitch; 0 for others. */
  turning: number;
  stitch: StitchWords | null;
  /** Picots on top of it, chains of each. */
  picots: readonly number[];
  /** Which instruction of the row made it. */
  by: number;
}

/** A worked row: what it offers to the next one. */
export interface Course {
  units: readonly Unit[];
  /** Chains of a foundation: each may be worked like a stitch. */
  foundation: boolean;
  /** The direction of working: 1 as the first row, -1 back. */
  direction: 1 | -1;
  /** Chains at the beginning that count as nothing. */
  idle: number;
  /** The places of the foundation that the row spans: the first, and how many. */
  low: number;
  width: number;
  /** Stitches slipped over at the beginning, where they lie. */
  slips: readonly number[];
  /** A round of a motif: its chains are corners, and clusters stand apart by spaces without any. */
  motif?: true;
}

const NONE: readonly number[] = [];

/** Stitches of a row: turning chains that count are stitches, other chains are not. */
export function stitchesIn({ units }: Pick<Course, 'units'>): number {
  return units.reduce((sum, { t }) => (t === 'st' ? sum + 1 : sum), 0);
}

/** A foundation chain of so many chains, seen from the hook. */
export function foundationChain(chains: number): Course {
  return plainCourse(chains, 'ch');
}

/** A ring of chains, or of yarn, that a motif is worked into: one place for any number of stitches. */
export function ringCourse(): Course {
  const [chain] = plainCourse(1, 'ch').units;
  return {
    ...plainCourse(1, 'ch'),
    units: [{ ...chain!, run: 0, feet: NONE }],
    foundation: false,
    motif: true,
  };
}

const PLAIN = new Map<string, Course>();
const MOST_PLAIN = 600;

/** A row of plain stitches. Rows of the same length are one object: a proof works hundreds of them. */
export function plainCourse(stitches: number, kind: 'ch' | StitchKind): Course {
  const name = `${kind}:${stitches}`;
  const known = PLAIN.get(name);
  if (known) return known;
  if (PLAIN.size >= MOST_PLAIN) PLAIN.clear();
  const course = plainCourseOf(stitches, kind);
  PLAIN.set(name, course);
  return course;
}

function plainCourseOf(stitches: number, kind: 'ch' | StitchKind): Course {
  return {
    units: Array.from({ length: stitches }, (_, i) => ({
      t: kind === 'ch' ? ('ch' as const) : ('st' as const),
      kind,
      group: i,
      run: kind === 'ch' ? i : -1,
      x: stitches - 1 - i,
      feet: NONE,
      name: null,
      stitch: null,
      picots: NONE,
      turning: 0,
      by: -1,
    })),
    foundation: true,
    direction: -1,
    idle: 0,
    low: 0,
    width: stitches,
    slips: [],
  };
}

/** The last chain of the space that a chain belongs to. */
export function endOfRun(units: readonly Unit[], at: number): number {
  let end = at;
  while (units[end + 1]?.t === 'ch' && units[end + 1]!.run === units[at]!.run) end += 1;
  return end;
}
