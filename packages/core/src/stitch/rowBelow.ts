import type { Course, Unit } from './course.js';
import { ordinal } from '../text/phrase.js';
import { StitchError, type Noun, type Reach, type Span } from './tree.js';

/** How a row meets the row below. */
export interface Meeting {
  /** Turned rows meet the row below from its end. */
  turned: boolean;
  round: boolean;
  /** "Skip 2 sts" over a row with chains counts these as stitches too. */
  chainsAreStitches?: boolean;
}

/** A place that was found: units of the row below from `first` to `last`, or the gap before `first`. */
export interface Found {
  first: number;
  last: number;
  gap: boolean;
  x: number;
}

/** How far a row below has been worked. */
export interface Progress {
  cur: number;
  gapAt: number;
  last: Found | null;
  skipped: number[];
  worked: number[];
}

/** The row below as it is met by the next one: which of its places are worked or passed, and where those lie that an instruction names. */
export class RowBelow {
  /** Its stitches and chains in the order in which they are met. */
  units: readonly Unit[];
  /** The next unit that is neither worked nor passed. */
  cur = 0;
  /** The gap that was last worked into; -1 without one. */
  gapAt = -1;
  /** The place that was last worked into. */
  last: Found | null = null;
  /** What was skipped last. */
  skipped: number[] = [];
  /** How far the chains that a first row skips move its places. */
  shift = 0;
  /** Whether the last place that was looked for lay beyond the end of the row. */
  usedUp = false;
  /** The direction of the row that is worked into it. */
  readonly direction: 1 | -1;
  /** Groups into which something was worked: what is left of them may be passed. */
  private readonly worked = new Set<number>();
  private readonly hasRuns: boolean;
  /** Of a motif: its spaces are worked into, and the stitches between them passed. */
  inSpaces = false;

  constructor(
    readonly course: Course,
    private readonly way: Meeting,
  ) {
    this.direction = way.turned ? (-course.direction as 1 | -1) : course.direction;
    const back = way.turned ? [...course.units].reverse() : course.units;
    // A round is joined to its first stitch: turned, that one comes first again and the others from the last on.
    this.units = way.round && way.turned ? this.from(back, back.length - 1) : back;
    this.hasRuns = !course.foundation && course.units.some(({ t }) => t === 'ch');
    if (!course.motif) return;
    // A ring is the place of all that is worked into it; later rounds begin in a corner, slip stitched to.
    if (!course.units.some(({ t }) => t === 'st')) this.last = this.runPlace(0);
    else if (way.round) this.units = this.from(this.units, this.nextRun(0));
  }

  /** The places of a ring from one of them on; what comes before it lies a whole round further. */
  private from(ring: readonly Unit[], start: number): Unit[] {
    const around = this.course.width * this.direction;
    return [...ring.slice(start), ...ring.slice(0, start).map((unit) => ({ ...unit, x: unit.x + around }))];
  }

  /** A round that begins after slip stitches ends before the place where it began. */
  beginAt(start: Found): Found {
    this.units = this.from(this.units, start.first);
    const moved: Found = { ...start, first: 0, last: start.last - start.first };
    this.last = moved;
    this.cur = start.gap ? 0 : moved.last + 1;
    this.gapAt = start.gap ? 0 : -1;
    if (this.units[0]!.t === 'ch' && !this.course.foundation) this.worked.add(this.units[0]!.group);
    return moved;
  }

  progress(): Progress {
    const { cur, gapAt, last, skipped } = this;
    return { cur, gapAt, last, skipped, worked: [...this.worked] };
  }

  back({ worked, ...rest }: Progress): void {
    Object.assign(this, rest);
    this.worked.clear();
    for (const group of worked) this.worked.add(group);
  }

  take(found: Found): Found {
    this.last = found;
    this.cur = Math.max(this.cur, found.gap ? found.first : found.last + 1);
    if (found.gap) this.gapAt = found.first;
    // What is left of a group whose space was worked into may be passed.
    const unit = this.units[found.first];
    if (unit?.t === 'ch' && !this.course.foundation) this.worked.add(unit.group);
    return found;
  }

  unitPlace(i: number): Found {
    return { first: i, last: i, gap: false, x: this.xOf(i) };
  }

  private gapPlace(i: number): Found {
    return { first: i, last: i, gap: true, x: (this.xOf(i - 1) + this.xOf(i)) / 2 };
  }

  runPlace(first: number): Found {
    let last = first;
    while (this.units[last + 1]?.t === 'ch' && this.units[last + 1]!.run === this.units[first]!.run)
      last += 1;
    return { first, last, gap: false, x: (this.xOf(first) + this.xOf(last)) / 2 };
  }

  xOf(i: number): number {
    return this.units[i]!.x - this.shift;
  }

  next(noun: Noun, span: Span): Found {
    const found = this.tryNext(noun, span);
    if (!found) throw this.missing(noun, span);
    return found;
  }

  /** The next place of a kind; chains are passed freely, stitches only where the kind leaves no doubt. */
  tryNext(noun: Noun, span?: Span): Found | null {
    const { units: below } = this;
    const from = this.cur;
    switch (noun.what) {
      case 'st': {
        const i = this.find(from, (unit) => unit.t === 'st' || this.anyUnit());
        return i < 0 ? null : this.unitPlace(i);
      }
      case 'any': {
        const i = this.find(from, () => true);
        return i < 0 ? null : below[i]!.t === 'ch' ? this.runPlace(i) : this.unitPlace(i);
      }
      case 'ch': {
        const i = this.find(from, (unit) => unit.t === 'ch' || this.course.foundation);
        return i < 0 ? null : this.unitPlace(i);
      }
      case 'kind': {
        if (this.course.foundation) {
          const i = this.find(from, () => true);
          return i < 0 ? null : this.unitPlace(i);
        }
        const i = this.find(from, (unit) => unit.kind === noun.kind);
        return i < 0 ? null : this.unitPlace(i);
      }
      case 'corner': {
        const corner = this.nextRun(from);
        const space = this.inSpaces ? this.nextSpace() : -1;
        if (corner >= 0 && space >= 0 && space < corner && span)
          throw new StitchError(span, 'A space before the corner is left that nothing is worked into.');
        return corner < 0 ? null : this.runPlace(corner);
      }
      case 'sp': {
        if (this.course.motif && noun.chains === undefined) {
          const space = this.nextSpace();
          return space < 0 ? null : this.gapPlace(space);
        }
        // Of a row that is known by its count alone a space is as many places as it has chains.
        if (this.course.foundation && noun.chains !== undefined)
          return from + noun.chains <= below.length
            ? {
                first: from,
                last: from + noun.chains - 1,
                gap: false,
                x: (this.xOf(from) + this.xOf(from + noun.chains - 1)) / 2,
              }
            : null;
        if (noun.chains === undefined && !this.hasRuns) {
          const gap = this.find(
            Math.max(1, from, this.gapAt + 1),
            (unit, i) => unit.group !== below[i - 1]!.group,
          );
          return gap < 0 ? null : this.gapPlace(gap);
        }
        const first = this.nextRun(from);
        if (first < 0) return null;
        // A smaller space at an edge is passed by "the next ch-5 sp".
        for (let i = first; i >= 0; i = this.nextRun(i + 1)) {
          const found = this.runPlace(i);
          if (noun.chains === undefined || found.last - found.first + 1 === noun.chains) return found;
        }
        const { last } = this.runPlace(first);
        const chains = last - first + 1;
        if (span)
          throw new StitchError(
            span,
            `The next space is one of ${chains === 1 ? '1 chain' : `${chains} chains`}: “ch-${chains} sp”, not “ch-${noun.chains} sp”.`,
          );
        return null;
      }
      case 'group':
        return this.nextGroup(from);
    }
  }

  /** The next space of a motif between two clusters, where no chain is. */
  private nextSpace(): number {
    const { units: below } = this;
    return this.find(
      Math.max(1, this.cur, this.gapAt + 1),
      ({ t, group }, i) => t === 'st' && below[i - 1]!.t === 'st' && below[i - 1]!.group !== group,
    );
  }

  private anyUnit(): boolean {
    return this.course.foundation || this.way.chainsAreStitches === true;
  }

  private find(from: number, fits: (unit: Unit, i: number) => boolean): number {
    for (let i = from; i < this.units.length; i += 1) if (fits(this.units[i]!, i)) return i;
    return -1;
  }

  private nextRun(from: number): number {
    // Chains of which some were worked singly are no space any more.
    return this.find(
      from,
      (unit, i) =>
        unit.t === 'ch' && (i === 0 || this.units[i - 1]!.t !== 'ch' || this.units[i - 1]!.run !== unit.run),
    );
  }

  /** A group is worked into at its space, or else at its middle stitch. */
  private nextGroup(from: number): Found | null {
    const { units: below } = this;
    const i = this.find(
      from,
      (unit, at) =>
        (unit.name !== null && unit.stitch?.together !== undefined) ||
        (unit.t === 'st' &&
          below[at + 1]?.group === unit.group &&
          below[at - 1]?.group !== unit.group &&
          !this.worked.has(unit.group)),
    );
    if (i < 0) return null;
    let last = i;
    while (below[last + 1]?.group === below[i]!.group) last += 1;
    this.worked.add(below[i]!.group);
    const space = this.find(i, (unit, at) => at <= last && unit.t === 'ch');
    return space >= 0 && space <= last ? this.runPlace(space) : this.unitPlace(Math.floor((i + last) / 2));
  }

  centre(span: Span): Found {
    const found = this.nextGroup(this.cur);
    if (!found) throw this.missing({ what: 'group', name: 'group' }, span);
    return found;
  }

  *lastPlaces(many: number, noun: Noun, span: Span, beyond: number): Generator<Found> {
    const { units: below } = this;
    if (noun.what === 'sp') {
      const found = this.allNext(noun);
      if (found.length < many) throw this.missing(noun, span);
      if (found.length > many)
        throw new StitchError(
          span,
          `There are ${found.length} spaces left here, not ${many}: ${found.length - many} would be passed over.`,
        );
      for (const one of found) yield this.take(one);
      return;
    }
    const rest: number[] = [];
    for (let i = this.cur; i < below.length; i += 1) {
      if (
        noun.what === 'ch'
          ? below[i]!.t === 'ch' || this.course.foundation
          : below[i]!.t === 'st' || this.anyUnit()
      )
        rest.push(i);
    }
    rest.length = Math.max(0, rest.length - beyond);
    const wanted = rest.slice(Math.max(0, rest.length - many));
    if (wanted.length < many)
      throw new StitchError(
        span,
        rest.length === 0
          ? 'The row below is used up before this: there is no last stitch left.'
          : `Only ${rest.length} of the ${many} are left.`,
      );
    const passed = rest.slice(0, rest.length - many).filter((i) => !this.mayBePassed(i));
    if (passed.length > 0 && noun.what !== 'group')
      throw new StitchError(
        span,
        `Before the last ${many === 1 ? 'stitch' : `${many} stitches`} ${passed.length === 1 ? '1 stitch is' : `${passed.length} stitches are`} left that nothing is said of: skip or work ${passed.length === 1 ? 'it' : 'them'}.`,
      );
    for (const i of wanted) {
      if (noun.what === 'kind' && below[i]!.kind !== noun.kind && !this.course.foundation)
        throw new StitchError(span, `The last stitch is a ${below[i]!.kind}, not a ${noun.kind}.`);
      yield this.take(this.unitPlace(i));
    }
  }

  skippedPlace(nth: number, span: Span): Found {
    const i = this.skipped[nth - 1];
    if (i === undefined)
      throw new StitchError(
        span,
        this.skipped.length === 0
          ? 'No stitch was skipped before this.'
          : `Only ${this.skipped.length} were skipped before this.`,
      );
    const found = this.unitPlace(i);
    this.last = found;
    return found;
  }

  turningPlace(nth: number | null, span: Span): Found {
    const { units: below } = this;
    const i = this.way.round && !this.way.turned ? 0 : below.length - 1;
    const unit = below[i];
    if (this.course.foundation && this.cur === i) return this.unitPlace(i);
    if (!unit || unit.turning === 0)
      throw new StitchError(
        span,
        'The row below ends with a stitch: its turning chain does not count, so nothing is worked into it.',
      );
    const passed = this.find(this.cur, (one, at) => at < i && one.t === 'st' && !this.mayBePassed(at));
    if (passed >= 0 && passed < i)
      throw new StitchError(
        span,
        `Before the turning chain a ${below[passed]!.kind} is left: skip it or work it.`,
      );
    if (nth !== null && nth > unit.turning) {
      const across = i - (nth - unit.turning);
      if (below[across]?.t === 'ch') return this.unitPlace(across);
      throw new StitchError(
        span,
        `The turning chain has ${unit.turning} chains; its top is the ${ordinal(unit.turning)}.`,
      );
    }
    if (this.cur > i)
      throw new StitchError(span, 'The turning chain is worked already: the row below is used up.');
    return this.unitPlace(i);
  }

  gapBefore(noun: Noun, span: Span): Found {
    const { units: below } = this;
    if (noun.what === 'group') {
      const found = this.tryNext({ what: 'sp' });
      if (found) return found;
    }
    const from = Math.max(1, this.gapAt + 1, this.cur);
    const fits = (i: number) =>
      noun.what === 'kind'
        ? below[i]!.kind === noun.kind && below[i - 1]!.kind === noun.kind
        : below[i]!.t === 'st' && below[i - 1]!.t === 'st';
    const i = this.find(from, (_, at) => fits(at));
    if (i < 0) throw new StitchError(span, 'There is no such gap between two stitches left.');
    return this.gapPlace(i);
  }

  nextToSkip(noun: Noun, span: Span, done: number, many: number): Found {
    const { units: below } = this;
    if (noun.what === 'kind' && !this.course.foundation) {
      const i = this.find(this.cur, ({ t }) => t === 'st');
      if (i < 0) throw this.missing(noun, span);
      if (below[i]!.kind !== noun.kind)
        throw new StitchError(
          span,
          `After ${done} ${noun.kind} the next stitch is a ${below[i]!.kind}, not a ${noun.kind}${done > 0 ? `: skip ${done} ${noun.kind}` : ''}.`,
        );
      return this.unitPlace(i);
    }
    if (noun.what === 'ch' && !this.course.foundation) {
      const unit = below[this.cur];
      if (unit?.t !== 'ch') {
        const run = this.nextRun(this.cur);
        if (done > 0 || run < 0)
          throw new StitchError(
            span,
            `There ${done === 1 ? 'is 1 chain' : `are ${done} chains`} here, not ${many}.`,
          );
        return this.unitPlace(run);
      }
      return this.unitPlace(this.cur);
    }
    if (noun.what === 'group') {
      const found = this.nextGroup(this.cur);
      if (!found) throw this.missing(noun, span);
      let last = found.last;
      while (below[last + 1]?.group === below[found.first]!.group) last += 1;
      return { ...found, last };
    }
    return this.next(noun, span);
  }

  reached(reach: Reach, spaces: boolean): boolean {
    const { units: below } = this;
    if (reach.to === 'end') {
      for (let i = this.cur; i < below.length; i += 1) {
        const unit = below[i]!;
        if (unit.t === 'st' ? !this.mayBePassed(i) : spaces || this.course.foundation) return false;
      }
      return true;
    }
    if (reach.to === 'corner') {
      const corner = this.nextRun(this.cur);
      const next = spaces ? this.nextSpace() : this.find(this.cur, ({ t }) => t === 'st');
      return next < 0 || (corner >= 0 && corner < next);
    }
    if (reach.to === 'turning') {
      const left = this.stitchesLeft();
      return left === 1 && (this.course.foundation || (below.at(-1)?.turning ?? 0) > 0);
    }
    const { many, noun } = reach;
    if (noun.what === 'st' || noun.what === 'any') {
      if (this.anyUnit()) return below.length - this.cur === many;
      // Of a motif in clusters what lies between its spaces is passed.
      if (spaces && this.course.motif) return this.nextSpace() < 0;
      const all = this.stitchesLeft();
      return all === many || (all > many && this.requiredLeft() === many && this.onlyPassableBefore(many));
    }
    if (noun.what === 'ch' && this.course.foundation) return below.length - this.cur === many;
    if (noun.what === 'sp' || noun.what === 'group') return this.allNext(noun).length === many;
    let left = 0;
    for (let i = this.cur; i < below.length; i += 1)
      if (
        noun.what === 'ch'
          ? below[i]!.t === 'ch'
          : this.course.foundation || (noun.what === 'kind' && below[i]!.kind === noun.kind)
      )
        left += 1;
    return left === many;
  }

  private stitchesLeft(): number {
    let left = 0;
    for (let i = this.cur; i < this.units.length; i += 1) if (this.units[i]!.t === 'st') left += 1;
    return left;
  }

  requiredLeft(): number {
    let left = 0;
    // The edge of a row is a stitch of its own, also where it belongs to a group.
    const edge = this.way.round ? -1 : this.units.length - 1;
    for (let i = this.cur; i < this.units.length; i += 1)
      if (this.units[i]!.t === 'st' && (i === edge || !this.mayBePassed(i))) left += 1;
    return left;
  }

  private onlyPassableBefore(many: number): boolean {
    let i = this.cur;
    const edge = this.way.round ? this.units.length : this.units.length - 1;
    while (i < edge && (this.units[i]!.t === 'ch' || this.mayBePassed(i))) i += 1;
    let rest = 0;
    for (let j = i; j < this.units.length; j += 1) if (this.units[j]!.t === 'st') rest += 1;
    return rest === many;
  }

  /** Every place of a kind from here on, without working it. */
  private allNext(noun: Noun): Found[] {
    const { cur, gapAt } = this;
    const found: Found[] = [];
    for (let one = this.tryNext(noun); one; one = this.tryNext(noun)) {
      found.push(one);
      this.cur = one.gap ? one.first : one.last + 1;
      if (one.gap) this.gapAt = one.first;
    }
    Object.assign(this, { cur, gapAt });
    return found;
  }

  /** Stitches of a group that was worked into may be passed without a word: the second dc of a V whose space was used. */
  mayBePassed(i: number): boolean {
    const unit = this.units[i]!;
    if (unit.t === 'ch' || this.inSpaces) return true;
    // Behind a motif's corner its next side begins.
    if (this.course.motif) return false;
    if (this.worked.has(unit.group) && this.isGroup(i)) return true;
    // The stitch that closes a space is passed when the space was worked into; not the edge of the piece.
    const space = this.last;
    if (space && !space.gap && i === space.last + 1 && this.isRun(space))
      return this.way.round || i < this.units.length - 1;
    // Behind a gap that was worked into, the group before the next gap is passed.
    return this.gapAt >= 0 && this.gapAt === this.cur && this.sameGroup(this.cur, i) && this.isGroup(i);
  }

  private isRun({ first }: Found): boolean {
    return this.units[first]!.t === 'ch' && !this.course.foundation;
  }

  private sizes: Map<number, number> | null = null;
  private isGroup(i: number): boolean {
    // In a ring a group may lie partly before the place where the round begins.
    this.sizes ??= groupSizes(this.units);
    return this.sizes.get(this.units[i]!.group)! > 1;
  }

  private sameGroup(from: number, i: number): boolean {
    return this.units[from]?.group === this.units[i]!.group;
  }

  /**
   * That nothing is left which no instruction names.
   *
   * @throws StitchError at the last words of the row
   */
  leftOver(span: Span): void {
    if (this.course.motif && (this.nextRun(this.cur) >= 0 || (this.inSpaces && this.nextSpace() >= 0)))
      if (this.hasStitches)
        throw new StitchError(span, 'A space is left at the end of the round that nothing is worked into.');
    const left: number[] = [];
    for (let i = this.cur; i < this.units.length; i += 1) {
      const unit = this.units[i]!;
      if (unit.t === 'st' || this.course.foundation)
        if (!this.mayBePassed(i) || this.course.foundation) left.push(i);
    }
    if (left.length === 0) return;
    const what = this.course.foundation ? (this.course.units[0]?.t === 'ch' ? 'chain' : 'stitch') : 'stitch';
    const many = left.length;
    throw new StitchError(
      span,
      `${many === 1 ? `1 ${what} is` : `${many} ${what === 'stitch' ? 'stitches' : 'chains'} are`} left at the end of the row that nothing is worked into.`,
    );
  }

  private get hasStitches(): boolean {
    return this.units.some(({ t }) => t === 'st');
  }

  missing(noun: Noun, span: Span): StitchError {
    const what =
      noun.what === 'kind'
        ? noun.kind
        : noun.what === 'sp'
          ? noun.chains === undefined
            ? 'space'
            : `ch-${noun.chains} space`
          : noun.what === 'corner'
            ? 'corner space'
            : noun.what === 'ch'
              ? 'chain'
              : noun.what === 'group'
                ? noun.name
                : 'stitch';
    const left = this.requiredLeft();
    this.usedUp = this.cur >= this.units.length || left === 0;
    return new StitchError(
      span,
      this.cur >= this.units.length || left === 0
        ? `The row below is used up: there is no ${what} left to work this into.`
        : `There is no ${what} left in the row below; ${left === 1 ? '1 stitch is' : `${left} stitches are`} left.`,
    );
  }

  firstStitch(span: Span): number {
    const first = this.units.findIndex(({ t }) => t === 'st' || this.course.foundation);
    if (first < 0) throw new StitchError(span, 'The row below has no stitch for this chain to stand on.');
    return first;
  }
}

function groupSizes(units: readonly Unit[]): Map<number, number> {
  const sizes = new Map<number, number>();
  for (const { group } of units) sizes.set(group, (sizes.get(group) ?? 0) + 1);
  return sizes;
}
