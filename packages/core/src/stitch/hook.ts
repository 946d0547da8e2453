import type { Course, Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { ordinal } from '../text/phrase.js';
import { spreadTops } from './spread.js';
import {
  StitchError,
  type ChainCounts,
  type Node,
  type Noun,
  type PatternRow,
  type Place,
  type Reach,
  type Span,
  type StitchWords,
} from './tree.js';
import { foundationCounts, foundationSkips, turningCounts } from './turning.js';

/** How a row follows the one before. */
export interface RowWay {
  /** Turned rows meet the row below from its end. */
  turned: boolean;
  round: boolean;
  /** Tunisian rows begin with the loop on the hook, which is the first stitch. */
  tunisian?: boolean;
  /** "Skip 2 sts" over a row with chains counts these as stitches too. */
  chainsAreStitches?: boolean;
  /** The row after the first, from which a first row's turning chain is understood. */
  after?: PatternRow;
  /** Where the row comes to lie, where that is not where the row below lies: it is shaped at its ends. */
  span?: { low: number; width: number };
}

/** A place that was found: units of the row below from `first` to `last`, or the gap before `first`. */
interface Found {
  first: number;
  last: number;
  gap: boolean;
  x: number;
}

/**
 * Works a row stitch by stitch over the row below. It knows nothing of counts that were planned: it finds each place that the
 * instructions name, or says which is not there, was passed, or is left.
 *
 * @throws StitchError at the words of the instruction that cannot be worked
 */
export function workRow(row: Pick<PatternRow, 'nodes'>, below: Course, way: RowWay): Course {
  return new StitchHook(row, below, way).work();
}

const NO_FEET: readonly number[] = [];

interface HookState {
  cur: number;
  gapAt: number;
  last: Found | null;
  previous: Found | null;
  skipped: number[];
  groups: number;
  runs: number;
  made: number;
  worked: number[];
}

class StitchHook {
  private below: readonly Unit[];
  private readonly nodes: readonly Node[];
  /** The next unit of the row below that is neither worked nor passed. */
  private cur = 0;
  private readonly made: Unit[] = [];
  private idle = 0;
  private slips: Found[] = [];
  /** Slip stitches that may yet turn out to be the way to where the row begins. */
  private slipping = true;
  private last: Found | null = null;
  private skipped: number[] = [];
  private groups = 0;
  private runs = 0;
  /** Groups of the row below into which something was worked: what is left of them may be passed. */
  private readonly worked = new Set<number>();
  private inside: { place: Found; group: number; name?: string } | null = null;
  private shift = 0;
  private by = -1;
  private readonly hasRuns: boolean;
  private absorbed: Node | null = null;
  private readonly direction: 1 | -1;

  constructor(
    row: Pick<PatternRow, 'nodes'>,
    private readonly course: Course,
    private readonly way: RowWay,
  ) {
    this.direction = way.turned ? (-course.direction as 1 | -1) : course.direction;
    const back = way.turned ? [...course.units].reverse() : course.units;
    // A round is joined to its first stitch: turned, that one comes first again and the others from the last on.
    this.below = way.round && way.turned ? this.from(back, back.length - 1) : back;
    this.nodes = row.nodes;
    this.hasRuns = !course.foundation && course.units.some(({ t }) => t === 'ch');
  }

  /** The places of a ring from one of them on; what comes before it lies a whole round further. */
  private from(ring: readonly Unit[], start: number): Unit[] {
    const around = this.course.width * this.direction;
    return [...ring.slice(start), ...ring.slice(0, start).map((unit) => ({ ...unit, x: unit.x + around }))];
  }

  work(): Course {
    if (this.way.tunisian && !this.beginsFromHook()) this.begin(tallest(this.nodes, 'tss'), 0);
    for (let i = 0; i < this.nodes.length; i += 1) {
      const node = this.nodes[i]!;
      this.by = i;
      if (node === this.absorbed) continue;
      try {
        this.at(node, i);
      } catch (error) {
        if (!(error instanceof StitchError) || !this.oneLess || this.oneLess.node >= i) throw error;
        // "... repeat from * to the end, dc in the last st": one repeat less leaves room for what follows.
        this.back(this.oneLess.state);
        i = this.oneLess.node;
        this.oneLess = null;
      }
    }
    this.leftOver();
    return this.course_();
  }

  /** How things stood before the last repeat of a repeat "to the end". */
  private oneLess: { state: HookState; node: number } | null = null;
  private state(): HookState {
    const { cur, gapAt, last, previous, skipped, groups, runs } = this;
    return {
      cur,
      gapAt,
      last,
      previous,
      skipped,
      groups,
      runs,
      made: this.made.length,
      worked: [...this.worked],
    };
  }
  private back({ made, worked, ...rest }: HookState): void {
    Object.assign(this, rest);
    this.made.length = made;
    this.worked.clear();
    for (const group of worked) this.worked.add(group);
  }

  private beginsFromHook(): boolean {
    const [first] = this.nodes;
    return first !== undefined && 'place' in first && first.place.at === 'from hook';
  }

  private at(node: Node, i: number): void {
    switch (node.op) {
      case 'chain':
        return this.chain(node, i);
      case 'work':
        return this.workNode(node, i);
      case 'group':
        return this.group(node, i);
      case 'skip':
        return this.skip(node);
      case 'picot':
        return this.picot(node.chains);
      case 'repeat':
        return this.repeat(node, i);
      case 'leave':
        this.cur = this.below.length;
        return;
      default:
        return;
    }
  }

  // Chains

  private chain(node: Extract<Node, { op: 'chain' }>, i: number): void {
    if (this.made.length === 0 && this.idle === 0 && !this.inside) {
      const counts = node.counts ?? turningCounts(node.many, this.nodes.slice(i + 1));
      this.goRound();
      if (counts.as === 'nothing') {
        this.idle = node.many;
        this.slipping = false;
        return;
      }
      this.begin(counts.as, node.many - counts.across, node.span);
      // "ch 4 (counts as dc, ch 1), dc in the same place" is one group.
      const next = this.nodes[i + 1];
      const same = next !== undefined && 'place' in next && next.place.at === 'same';
      this.run(counts.across, same ? this.made.at(-1)!.group : undefined);
      return;
    }
    this.run(node.many);
  }

  /** The first stitch of the row, made of chains (or the loop on the hook), standing on the first place. */
  private begin(kind: StitchKind, turning: number, span: Span = { from: 0, to: 0 }): void {
    const place = this.slips.length > 0 ? this.slips.at(-1)! : this.unitPlace(this.firstStitch(span));
    this.slipping = false;
    if (!place.gap && this.slips.length === 0) this.cur = place.last + 1;
    this.last = place;
    this.previous = place;
    this.push('st', kind, this.newGroup(), place.x, [place.x], { turning });
  }
  private firstStitch(span: Span): number {
    const first = this.below.findIndex(({ t }) => t === 'st' || this.course.foundation);
    if (first < 0) throw new StitchError(span, 'The row below has no stitch for this chain to stand on.');
    return first;
  }

  /** Chains between stitches. */
  private run(many: number, own?: number): void {
    this.slipping = false;
    if (many === 0) return;
    const before = this.made.at(-1);
    const run =
      before?.t === 'ch' && (!this.inside || before.group === this.inside.group)
        ? before.run
        : (this.runs += 1);
    const group = own ?? this.inside?.group ?? this.newGroup();
    for (let j = 0; j < many; j += 1) this.push('ch', 'ch', group, Number.NaN, NO_FEET, { run });
  }

  private picot(chains: number): void {
    const last = this.made.at(-1);
    if (last) last.picots = [...last.picots, chains];
  }

  // Stitches

  private workNode(node: Extract<Node, { op: 'work' }>, i: number): void {
    const { stitch, times, place, span } = node;
    if (stitch.kind === 'sl st' && this.slipping && !this.inside && this.isAnApproach(place)) {
      // A round was joined to its first stitch: the next one is the second.
      if (this.way.round && this.cur === 0 && place.at === 'next' && place.noun.what !== 'sp') this.cur = 1;
      for (const found of this.places(place, span, i)) this.slipOver(found);
      return;
    }
    this.slipping = false;
    if (this.inside && (place.at === 'here' || place.at === 'same'))
      return this.make(stitch, times, [this.inside.place], this.inside.group);
    if (stitch.together && this.closesPlaces(stitch, place)) {
      const many = stitch.together;
      const noun: Noun = 'noun' in place ? place.noun : { what: 'st' };
      const where: Place = place.at === 'here' ? { at: 'next', many, noun } : place;
      const found = [...this.places(where, span, i)];
      return this.make(stitch, times, found);
    }
    if (place.at === 'from hook') return this.fromHook(node, i);
    const several = place.at === 'here' && times > 1 && !stitch.together;
    const wanted: Place =
      several || place.at === 'here'
        ? { at: 'next', many: several ? times : 1, noun: { what: 'st' } }
        : place;
    this.each(wanted, span, i, (found) => this.make(stitch, several ? 1 : times, [found]));
  }

  /** Slip stitches to where a row begins are no stitches of it: they stand before its first chain. */
  private isAnApproach(place: Place): boolean {
    if (this.made.length > 0 || this.idle > 0) return false;
    const next = this.nodes[this.by + 1];
    return (
      this.nodes[this.by]?.op === 'work' &&
      place.at !== 'each' &&
      next !== undefined &&
      next.op !== 'turn' &&
      next.op !== 'join'
    );
  }
  private slipOver(found: Found): void {
    this.take(found);
    this.slips.push(found);
  }

  /** A round that begins after slip stitches ends before the place where it began. */
  private goRound(): void {
    const start = this.slips.at(-1);
    if (!this.way.round || !start) return;
    this.below = this.from(this.below, start.first);
    const moved: Found = { ...start, first: 0, last: start.last - start.first };
    this.slips[this.slips.length - 1] = moved;
    this.last = moved;
    this.cur = start.gap ? 0 : moved.last + 1;
    this.gapAt = start.gap ? 0 : -1;
    if (this.below[0]!.t === 'ch' && !this.course.foundation) this.worked.add(this.below[0]!.group);
  }

  /** Whether legs are worked in so many places, or all in one. */
  private closesPlaces(stitch: StitchWords, place: Place): boolean {
    if (stitch.name) return false;
    return place.at === 'here' || ('many' in place && place.many === stitch.together!);
  }

  private fromHook(node: Extract<Node, { op: 'work' | 'group' }>, i: number): void {
    const nth = node.place.at === 'from hook' ? node.place.nth : 1;
    if (!this.course.foundation || this.made.length > 0)
      throw new StitchError(node.span, 'Only the first row is worked into a chain from the hook.');
    if (nth > this.below.length)
      throw new StitchError(
        node.span,
        `The chain has ${this.below.length}; there is no ${nth}th from the hook.`,
      );
    const kind = node.op === 'work' ? node.stitch.kind : tallest(node.body);
    const counts = this.way.tunisian
      ? ({ as: 'tss', across: 0 } as const)
      : (node.counts ?? foundationCounts(nth, kind, this.nodes.slice(i + 1), this.way.after));
    this.slipping = false;
    if (counts.as === 'nothing') {
      const skips = foundationSkips(nth, kind, this.nodes.slice(i + 1));
      this.shift = this.xOf(nth - 1 - skips);
      this.idle = nth - 1 - skips;
      this.skipped = range(nth - 1 - skips, nth - 1);
    } else this.standOnChain(counts, nth - 1);
    const found = this.unitPlace(nth - 1);
    this.cur = nth;
    this.last = found;
    if (node.op === 'work') this.make(node.stitch, node.times, [found]);
    else this.inPlace(node, found);
  }

  /** The chains that a first row skips, as the stitch (and the space beside it) that they count as. */
  private standOnChain({ as, across }: Extract<ChainCounts, { across: number }>, skipped: number): void {
    const turning = this.way.tunisian ? 1 : Math.min(skipped, heightOf(as) + across);
    this.shift = this.xOf(turning - 1);
    this.last = this.unitPlace(turning - 1);
    this.previous = this.last;
    this.push('st', as, this.newGroup(), 0, [0], { turning: turning - across });
    this.run(across);
    this.skipped = range(turning, skipped);
  }

  /** Makes stitches in one place, or one stitch over several places. */
  private make(stitch: StitchWords, times: number, places: readonly Found[], group?: number): void {
    const closed = stitch.together !== undefined;
    const x = places.reduce((sum, place) => sum + place.x, 0) / places.length;
    const own = group ?? this.joined(places[0]!) ?? this.newGroup();
    const feet = closed && places.length > 1 ? places.map((place) => place.x) : [x];
    const how = { stitch, name: this.inside?.name ?? stitch.name ?? null };
    for (let j = 0; j < times; j += 1) this.push('st', stitch.kind, own, x, feet, how);
    this.previous = places.at(-1)!;
  }
  private previous: Found | null = null;

  /** The group of the last stitch, where this place is the same or (at an edge) touches it: two of a half group. */
  private joined(place: Found): number | null {
    const before = this.made.at(-1);
    const last = this.previous;
    if (!before || !last) return null;
    if (place === last) return before.group;
    if (before.t !== 'st') return null;
    const at = (one: Found) => (one.gap ? one.first - 0.5 : (one.first + one.last) / 2);
    const apart = Math.abs(at(place) - at(last));
    if (apart === 0 && this.made.length === 1) return before.group;
    const atEdge = (one: Found) => !one.gap && (one.first === 0 || one.last === this.below.length - 1);
    return apart === 0.5 && (atEdge(place) || atEdge(last)) && place.gap !== last.gap ? before.group : null;
  }

  private push(
    t: Unit['t'],
    kind: Unit['kind'],
    group: number,
    x: number,
    feet: readonly number[],
    {
      turning = 0,
      run = -1,
      stitch = null,
      name = null,
    }: Partial<Pick<Unit, 'turning' | 'run' | 'stitch' | 'name'>>,
  ): void {
    if (this.made.length > 5000)
      throw new StitchError(spanOf(this.nodes[Math.max(0, this.by)]), 'This row does not come to an end.');
    this.made.push({ t, kind, group, run, x, feet, turning, stitch, name, picots: NO_FEET, by: this.by });
  }
  private newGroup(): number {
    return (this.groups += 1);
  }

  private group(node: Extract<Node, { op: 'group' }>, i: number): void {
    this.slipping = false;
    if (node.place.at === 'from hook') return this.fromHook(node, i);
    if (!isInOnePlace(node.body)) {
      // A crossed pair and the like is named once, but goes over several places.
      for (const one of node.body) this.at(one, i);
      return;
    }
    if (this.inside && (node.place.at === 'here' || node.place.at === 'same'))
      return this.inPlace(node, this.inside.place);
    this.each(node.place, node.span, i, (found) => this.inPlace(node, found));
  }

  private inPlace({ body, name }: Extract<Node, { op: 'group' }>, place: Found): void {
    const outer = this.inside;
    const group = this.joined(place) ?? this.newGroup();
    this.inside = { place, group, ...(name ? { name } : {}) };
    this.previous = place;
    for (const one of body) this.at(one, this.by);
    this.inside = outer;
  }

  // Places

  /** Works something in every place of a kind: one, several, or as far as is said. */
  private each(place: Place, span: Span, i: number, what: (found: Found) => void): void {
    if (place.at !== 'each') {
      for (const found of this.places(place, span, i)) what(found);
      return;
    }
    let any = false;
    while (!this.reached(place.reach, usesSpaces(place.noun))) {
      const found = this.tryNext(place.noun);
      if (found === null) {
        if (place.reach.to === 'end' && any) return;
        throw this.missing(place.noun, span);
      }
      what(this.take(found));
      any = true;
    }
  }

  /** The places of an instruction one after another: each is looked for when the one before is worked. */
  private *places(place: Place, span: Span, i: number): Generator<Found> {
    switch (place.at) {
      case 'here':
        yield this.take(this.next({ what: 'st' }, span));
        return;
      case 'next':
        for (let j = 0; j < place.many; j += 1) yield this.take(this.next(place.noun, span));
        return;
      case 'first':
        yield* this.firstPlaces(place.many, place.noun, span);
        return;
      case 'last':
        yield* this.lastPlaces(place.many, place.noun, span, place.beyond ?? 0);
        return;
      case 'same':
        if (!this.last)
          throw new StitchError(span, 'Nothing was worked before this, so there is no “same” place.');
        yield this.last;
        return;
      case 'skipped':
        yield this.skippedPlace(place.nth, span);
        return;
      case 'turning':
        yield this.take(this.turningPlace(place.nth, span));
        return;
      case 'gap':
        yield this.take(this.gapBefore(place.noun, span));
        return;
      case 'centre':
        yield this.take(this.centre(span));
        return;
      case 'from hook':
      case 'each':
        throw new StitchError(spanOf(this.nodes[i]), 'This place cannot stand here.');
    }
  }

  private take(found: Found): Found {
    this.last = found;
    this.cur = Math.max(this.cur, found.gap ? found.first : found.last + 1);
    if (found.gap) this.gapAt = found.first;
    // What is left of a group whose space was worked into may be passed.
    const unit = this.below[found.first];
    if (unit?.t === 'ch' && !this.course.foundation) this.worked.add(unit.group);
    return found;
  }
  private gapAt = -1;

  private unitPlace(i: number): Found {
    return { first: i, last: i, gap: false, x: this.xOf(i) };
  }
  private gapPlace(i: number): Found {
    return { first: i, last: i, gap: true, x: (this.xOf(i - 1) + this.xOf(i)) / 2 };
  }
  private runPlace(first: number): Found {
    let last = first;
    while (this.below[last + 1]?.t === 'ch' && this.below[last + 1]!.run === this.below[first]!.run)
      last += 1;
    return { first, last, gap: false, x: (this.xOf(first) + this.xOf(last)) / 2 };
  }
  private xOf(i: number): number {
    return this.below[i]!.x - this.shift;
  }

  private next(noun: Noun, span: Span): Found {
    const found = this.tryNext(noun, span);
    if (!found) throw this.missing(noun, span);
    return found;
  }

  /** The next place of a kind; chains are passed freely, stitches only where the kind leaves no doubt. */
  private tryNext(noun: Noun, span?: Span): Found | null {
    const { below } = this;
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
      case 'sp': {
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
  private anyUnit(): boolean {
    return this.course.foundation || this.way.chainsAreStitches === true;
  }
  private find(from: number, fits: (unit: Unit, i: number) => boolean): number {
    for (let i = from; i < this.below.length; i += 1) if (fits(this.below[i]!, i)) return i;
    return -1;
  }
  private nextRun(from: number): number {
    // Chains of which some were worked singly are no space any more.
    return this.find(
      from,
      (unit, i) =>
        unit.t === 'ch' && (i === 0 || this.below[i - 1]!.t !== 'ch' || this.below[i - 1]!.run !== unit.run),
    );
  }

  /** A group is worked into at its space, or else at its middle stitch. */
  private nextGroup(from: number): Found | null {
    const { below } = this;
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
  private centre(span: Span): Found {
    const found = this.nextGroup(this.cur);
    if (!found) throw this.missing({ what: 'group', name: 'group' }, span);
    return found;
  }

  private *firstPlaces(many: number, noun: Noun, span: Span): Generator<Found> {
    if (this.made.length > (this.made[0]?.turning ? 1 + this.made.filter(({ t }) => t === 'ch').length : 0))
      throw new StitchError(span, 'The first place is passed already.');
    if (this.made.length > 0 && noun.what !== 'sp' && this.slips.length === 0) {
      this.cur = 0;
    }
    for (let j = 0; j < many; j += 1) {
      const found = this.next(noun, span);
      if (j === 0 && noun.what === 'kind' && found.first !== this.firstStitch(span))
        throw new StitchError(
          span,
          `The first stitch is a ${this.below[this.firstStitch(span)]!.kind}, not a ${noun.kind}.`,
        );
      yield this.take(found);
    }
  }

  private *lastPlaces(many: number, noun: Noun, span: Span, beyond: number): Generator<Found> {
    const { below } = this;
    if (noun.what === 'sp') {
      const found: Found[] = [];
      const keep = { cur: this.cur, gap: this.gapAt };
      for (let one = this.tryNext(noun); one; one = this.tryNext(noun)) {
        found.push(one);
        this.cur = one.gap ? one.first : one.last + 1;
        this.gapAt = one.gap ? one.first : this.gapAt;
      }
      this.cur = keep.cur;
      this.gapAt = keep.gap;
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

  private skippedPlace(nth: number, span: Span): Found {
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

  private turningPlace(nth: number | null, span: Span): Found {
    const { below } = this;
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

  private gapBefore(noun: Noun, span: Span): Found {
    const { below } = this;
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

  // Skips

  private skip({ place, span, counts }: Extract<Node, { op: 'skip' }>): void {
    if (!('many' in place)) return;
    const { noun, many } = place;
    if (counts && counts.as !== 'nothing' && this.course.foundation && this.made.length === 0) {
      this.slipping = false;
      if (many > this.below.length) throw new StitchError(span, `The chain has only ${this.below.length}.`);
      this.standOnChain(counts, many);
      this.cur = many;
      return;
    }
    const passed: number[] = [];
    // "Skip the first st" behind a chain that counts is the one that the chain stands on.
    const stood =
      place.at === 'first' && noun.what !== 'sp' && this.cur === 1 && (this.made[0]?.turning ?? 0) > 0;
    for (let j = stood ? 1 : 0; j < many; j += 1) {
      const i = this.nextToSkip(noun, span, j, many);
      passed.push(i.first);
      if (i.gap) this.gapAt = i.first;
      this.cur = i.gap ? i.first : i.last + 1;
    }
    if (passed.length > 0) this.skipped = passed;
  }

  private nextToSkip(noun: Noun, span: Span, done: number, many: number): Found {
    const { below } = this;
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

  // Repeats

  private repeat(node: Extract<Node, { op: 'repeat' }>, i: number): void {
    const { times, body, span } = node;
    if (typeof times === 'number') {
      for (let j = 0; j < times; j += 1) this.run_(body, i);
      return;
    }
    const spaces = body.some(usesSpacesIn);
    let done = 0;
    const followed = times.to === 'end' && this.nodes[i] === node && this.isFollowed(i);
    while (!this.reached(times, spaces)) {
      const before = this.progress();
      const { cur } = this;
      this.usedUp = false;
      const state = followed ? this.state() : null;
      try {
        this.run_(body, i);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        if (!state) {
          if (done === 0 || !this.usedUp) throw error;
          this.cur = cur;
          throw this.inTheMiddle(this.requiredLeft(), done, span);
        }
        this.back(state);
        this.oneLess = null;
        return;
      }
      if (state) this.oneLess = { state, node: i };
      done += 1;
      if (this.progress() === before)
        throw new StitchError(
          span,
          'This repeats something that takes nothing of the row below: it never comes to an end.',
        );
      if (this.cur === this.below.length && times.to !== 'end' && !this.reached(times, spaces))
        throw this.notComingOut(times, done, span);
    }
    if (times.to === 'turning') this.lastOverTurning(node, i);
  }
  /** Whether more is worked after a repeat. */
  private isFollowed(i: number): boolean {
    return this.nodes.slice(i + 1).some(({ op }) => op !== 'turn' && op !== 'join' && op !== 'leave');
  }
  private progress(): number {
    return this.cur * 2 + (this.gapAt >= this.cur ? 1 : 0);
  }
  private run_(body: readonly Node[], i: number): void {
    for (const one of body) this.at(one, i);
  }
  /** Whether the last place that was looked for lay beyond the end of the row below. */
  private usedUp = false;
  private inTheMiddle(left: number, done: number, span: Span): StitchError {
    return new StitchError(
      span,
      `The repeat does not come out: after ${done === 1 ? 'one repeat' : `${done} repeats`} ${left === 1 ? '1 stitch is' : `${left} stitches are`} left.`,
    );
  }
  private notComingOut(reach: Reach, done: number, span: Span): StitchError {
    const wanted = reach.to === 'last' ? `the last ${reach.many}` : 'the turning chain';
    return new StitchError(
      span,
      `The repeat does not come out: after ${done === 1 ? 'one repeat' : `${done} repeats`} it is past ${wanted}.`,
    );
  }

  /**
   * "... repeat from * to the turning ch, dc in the 3rd ch of it": where the turning chain has a space of its own, the last repeat
   * goes over that space and its last stitch is the one said of the turning chain.
   */
  private lastOverTurning(node: Extract<Node, { op: 'repeat' }>, i: number): void {
    const tail = this.nodes[this.nodes.indexOf(node) + 1];
    const end = node.body.at(-1);
    if (this.below[this.cur]?.t !== 'ch' || tail?.op !== 'work' || tail.place.at !== 'turning') return;
    if (end?.op !== 'work' || !node.body.some(usesSpacesIn)) return;
    this.run_(node.body.slice(0, -1), i);
    this.at(tail, i);
    this.absorbed = tail;
  }

  private reached(reach: Reach, spaces: boolean): boolean {
    const { below } = this;
    if (reach.to === 'end') {
      for (let i = this.cur; i < below.length; i += 1) {
        const unit = below[i]!;
        if (unit.t === 'st' ? !this.mayBePassed(i) : spaces || this.course.foundation) return false;
      }
      return true;
    }
    if (reach.to === 'turning') {
      const left = this.stitchesLeft();
      return left === 1 && (this.course.foundation || (below.at(-1)?.turning ?? 0) > 0);
    }
    const { many, noun } = reach;
    if (noun.what === 'st' || noun.what === 'any') {
      if (this.anyUnit()) return below.length - this.cur === many;
      const all = this.stitchesLeft();
      return all === many || (all > many && this.requiredLeft() === many && this.onlyPassableBefore(many));
    }
    if (noun.what === 'ch' && this.course.foundation) return below.length - this.cur === many;
    if (noun.what === 'sp' || noun.what === 'group') return this.countNext(noun) === many;
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
    for (let i = this.cur; i < this.below.length; i += 1) if (this.below[i]!.t === 'st') left += 1;
    return left;
  }
  private requiredLeft(): number {
    let left = 0;
    // The edge of a row is a stitch of its own, also where it belongs to a group.
    const edge = this.way.round ? -1 : this.below.length - 1;
    for (let i = this.cur; i < this.below.length; i += 1)
      if (this.below[i]!.t === 'st' && (i === edge || !this.mayBePassed(i))) left += 1;
    return left;
  }
  private onlyPassableBefore(many: number): boolean {
    let i = this.cur;
    const edge = this.way.round ? this.below.length : this.below.length - 1;
    while (i < edge && (this.below[i]!.t === 'ch' || this.mayBePassed(i))) i += 1;
    let rest = 0;
    for (let j = i; j < this.below.length; j += 1) if (this.below[j]!.t === 'st') rest += 1;
    return rest === many;
  }
  private countNext(noun: Noun): number {
    const keep = { cur: this.cur, gap: this.gapAt };
    let many = 0;
    for (let one = this.tryNext(noun); one; one = this.tryNext(noun)) {
      many += 1;
      this.cur = one.gap ? one.first : one.last + 1;
      if (one.gap) this.gapAt = one.first;
    }
    this.cur = keep.cur;
    this.gapAt = keep.gap;
    return many;
  }

  /** Stitches of a group that was worked into may be passed without a word: the second dc of a V whose space was used. */
  private mayBePassed(i: number): boolean {
    const unit = this.below[i]!;
    if (unit.t === 'ch') return true;
    if (this.worked.has(unit.group) && this.isGroup(i)) return true;
    // The stitch that closes a space is passed when the space was worked into; not the edge of the piece.
    const space = this.last;
    if (space && !space.gap && i === space.last + 1 && this.isRun(space))
      return this.way.round || i < this.below.length - 1;
    // Behind a gap that was worked into, the group before the next gap is passed.
    return this.gapAt >= 0 && this.gapAt === this.cur && this.sameGroup(this.cur, i) && this.isGroup(i);
  }
  private isRun({ first }: Found): boolean {
    return this.below[first]!.t === 'ch' && !this.course.foundation;
  }
  private isGroup(i: number): boolean {
    // In a ring a group may lie partly before the place where the round begins.
    this.sizes ??= groupSizes(this.below);
    return this.sizes.get(this.below[i]!.group)! > 1;
  }
  private sizes: Map<number, number> | null = null;
  private sameGroup(from: number, i: number): boolean {
    return this.below[from]?.group === this.below[i]!.group;
  }

  private leftOver(): void {
    const left: number[] = [];
    for (let i = this.cur; i < this.below.length; i += 1) {
      const unit = this.below[i]!;
      if (unit.t === 'st' || this.course.foundation)
        if (!this.mayBePassed(i) || this.course.foundation) left.push(i);
    }
    if (left.length === 0) return;
    const span = spanOf([...this.nodes].reverse().find(({ op }) => op !== 'turn' && op !== 'join'));
    const what = this.course.foundation ? (this.course.units[0]?.t === 'ch' ? 'chain' : 'stitch') : 'stitch';
    const many = left.length;
    throw new StitchError(
      span,
      `${many === 1 ? `1 ${what} is` : `${many} ${what === 'stitch' ? 'stitches' : 'chains'} are`} left at the end of the row that nothing is worked into.`,
    );
  }

  private missing(noun: Noun, span: Span): StitchError {
    const what =
      noun.what === 'kind'
        ? noun.kind
        : noun.what === 'sp'
          ? noun.chains === undefined
            ? 'space'
            : `ch-${noun.chains} space`
          : noun.what === 'ch'
            ? 'chain'
            : noun.what === 'group'
              ? noun.name
              : 'stitch';
    const left = this.requiredLeft();
    this.usedUp = this.cur >= this.below.length || left === 0;
    return new StitchError(
      span,
      this.cur >= this.below.length || left === 0
        ? `The row below is used up: there is no ${what} left to work this into.`
        : `There is no ${what} left in the row below; ${left === 1 ? '1 stitch is' : `${left} stitches are`} left.`,
    );
  }

  /** The worked row, its tops spread in order. */
  private course_(): Course {
    const { made, direction, course } = this;
    const { low, width } = this.way.span ?? {
      low: course.low,
      width: course.foundation && this.shift > 0 ? course.width - this.shift : course.width,
    };
    fillChains(made, this.way.round ? width * direction : null);
    const tall = made.length;
    const room = this.way.round ? width : width - 1;
    const apart = tall <= 1 ? 0 : Math.min(1, room / (this.way.round ? tall : tall - 1));
    const wanted = made.map(({ x }) => x * direction);
    const [lowest, highest] = direction === 1 ? [low, low + width - 1] : [1 - low - width, -low];
    const tops = this.way.round
      ? spreadTops(wanted, apart, -Infinity, Infinity)
      : spreadTops(wanted, apart, lowest, highest);
    made.forEach((unit, i) => (unit.x = tops[i]! * direction + 0));
    return {
      units: made,
      foundation: false,
      direction,
      idle: this.idle,
      low,
      width,
      slips: this.slips.map(({ x }) => x),
    };
  }
}

/** Chains lie evenly between the stitches beside them; in a round the last ones before the first stitch. */
function fillChains(made: Unit[], around: number | null): void {
  const first = made.find(({ t }) => t === 'st')?.x ?? 0;
  for (let i = 0; i < made.length; i += 1) {
    if (made[i]!.t !== 'ch') continue;
    let end = i;
    while (made[end]?.t === 'ch') end += 1;
    const before = made[i - 1]?.x ?? 0;
    const after = made[end]?.x ?? (around === null ? before : first + around);
    for (let j = i; j < end; j += 1) made[j]!.x = before + ((after - before) * (j - i + 1)) / (end - i + 1);
    i = end;
  }
}

function groupSizes(units: readonly Unit[]): Map<number, number> {
  const sizes = new Map<number, number>();
  for (const { group } of units) sizes.set(group, (sizes.get(group) ?? 0) + 1);
  return sizes;
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);
}

function spanOf(node: Node | undefined): Span {
  return node?.span ?? { from: 0, to: 0 };
}

function usesSpaces(noun: Noun): boolean {
  return noun.what === 'sp' || noun.what === 'any';
}

/** Whether instructions name spaces, so that a space that is left is not passed freely. */
function usesSpacesIn(node: Node): boolean {
  if (node.op === 'repeat' || node.op === 'group')
    return (
      (node.op === 'group' && 'noun' in node.place && usesSpaces(node.place.noun)) ||
      node.body.some(usesSpacesIn)
    );
  return (
    'place' in node && 'noun' in node.place && (usesSpaces(node.place.noun) || node.place.noun.what === 'ch')
  );
}

/** Whether a bracket's stitches all go in the one place that is said behind it. */
export function isInOnePlace(body: readonly Node[]): boolean {
  return body.every(
    (node) =>
      node.op === 'chain' ||
      node.op === 'picot' ||
      (node.op === 'work' && (node.place.at === 'here' || node.place.at === 'same')) ||
      (node.op === 'group' && isInOnePlace(node.body)) ||
      (node.op === 'repeat' && isInOnePlace(node.body)),
  );
}

/** The tallest stitch of some instructions. */
export function tallest(nodes: readonly Node[], none: StitchKind = 'sc'): StitchKind {
  let best: StitchKind | null = null;
  for (const node of nodes) {
    const kind =
      node.op === 'work'
        ? node.stitch.kind
        : node.op === 'group' || node.op === 'repeat'
          ? tallest(node.body, none)
          : null;
    if (kind && (best === null || heightOf(kind) > heightOf(best))) best = kind;
  }
  return best ?? none;
}
