import type { Course, Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { RowBelow, type Found, type Progress } from './rowBelow.js';
import { spreadTops } from './spread.js';
import {
  isInOnePlace,
  tallest,
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

/** How things stood before a repeat. */
interface HookState {
  below: Progress;
  previous: Found | null;
  groups: number;
  runs: number;
  made: number;
}

class StitchHook {
  private readonly below: RowBelow;
  private readonly nodes: readonly Node[];
  private readonly made: Unit[] = [];
  private idle = 0;
  private slips: Found[] = [];
  /** Slip stitches that may yet turn out to be the way to where the row begins. */
  private slipping = true;
  private groups = 0;
  private runs = 0;
  private inside: { place: Found; group: number; name?: string } | null = null;
  private by = -1;
  private absorbed: Node | null = null;

  constructor(
    row: Pick<PatternRow, 'nodes'>,
    private readonly course: Course,
    private readonly way: RowWay,
  ) {
    this.below = new RowBelow(course, way);
    this.nodes = row.nodes;
    this.below.inSpaces = course.motif === true && row.nodes.some(goesInSpaces);
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
    this.below.leftOver(spanOf([...this.nodes].reverse().find(({ op }) => op !== 'turn' && op !== 'join')));
    return this.course_();
  }

  /** How things stood before the last repeat of a repeat "to the end". */
  private oneLess: { state: HookState; node: number } | null = null;
  private state(): HookState {
    const { previous, groups, runs } = this;
    return { below: this.below.progress(), previous, groups, runs, made: this.made.length };
  }
  private back({ below, made, ...rest }: HookState): void {
    this.below.back(below);
    Object.assign(this, rest);
    this.made.length = made;
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
        this.below.cur = this.below.units.length;
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
    const place =
      this.slips.length > 0 ? this.slips.at(-1)! : this.below.unitPlace(this.below.firstStitch(span));
    this.slipping = false;
    if (!place.gap && this.slips.length === 0) this.below.cur = place.last + 1;
    this.below.last = place;
    this.previous = place;
    this.push('st', kind, this.newGroup(), place.x, [place.x], { turning });
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
      if (this.way.round && this.below.cur === 0 && place.at === 'next' && place.noun.what !== 'sp')
        this.below.cur = 1;
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
    this.below.take(found);
    this.slips.push(found);
  }

  private goRound(): void {
    const start = this.slips.at(-1);
    if (this.way.round && start) this.slips[this.slips.length - 1] = this.below.beginAt(start);
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
    if (nth > this.below.units.length)
      throw new StitchError(
        node.span,
        `The chain has ${this.below.units.length}; there is no ${nth}th from the hook.`,
      );
    const kind = node.op === 'work' ? node.stitch.kind : tallest(node.body);
    const counts = this.way.tunisian
      ? ({ as: 'tss', across: 0 } as const)
      : (node.counts ?? foundationCounts(nth, kind, this.nodes.slice(i + 1), this.way.after));
    this.slipping = false;
    if (counts.as === 'nothing') {
      const skips = foundationSkips(nth, kind, this.nodes.slice(i + 1));
      this.below.shift = this.below.xOf(nth - 1 - skips);
      this.idle = nth - 1 - skips;
      this.below.skipped = range(nth - 1 - skips, nth - 1);
    } else this.standOnChain(counts, nth - 1);
    const found = this.below.unitPlace(nth - 1);
    this.below.cur = nth;
    this.below.last = found;
    if (node.op === 'work') this.make(node.stitch, node.times, [found]);
    else this.inPlace(node, found);
  }

  /** The chains that a first row skips, as the stitch (and the space beside it) that they count as. */
  private standOnChain({ as, across }: Extract<ChainCounts, { across: number }>, skipped: number): void {
    const turning = this.way.tunisian ? 1 : Math.min(skipped, heightOf(as) + across);
    this.below.shift = this.below.xOf(turning - 1);
    this.below.last = this.below.unitPlace(turning - 1);
    this.previous = this.below.last;
    this.push('st', as, this.newGroup(), 0, [0], { turning: turning - across });
    this.run(across);
    this.below.skipped = range(turning, skipped);
  }

  /** Makes stitches in one place, or one stitch over several places. */
  private make(stitch: StitchWords, times: number, places: readonly Found[], group?: number): void {
    const [only] = places;
    const several = stitch.together !== undefined && places.length > 1;
    const x = several ? places.reduce((sum, place) => sum + place.x, 0) / places.length : only!.x;
    const own = group ?? this.joined(only!) ?? this.newGroup();
    const feet = several ? places.map((place) => place.x) : [x];
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
    const atEdge = (one: Found) => !one.gap && (one.first === 0 || one.last === this.below.units.length - 1);
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
    if (place.at === 'next') {
      // Most instructions: worth doing without a generator.
      for (let j = 0; j < place.many; j += 1) what(this.below.take(this.below.next(place.noun, span)));
      return;
    }
    if (place.at !== 'each') {
      for (const found of this.places(place, span, i)) what(found);
      return;
    }
    let any = false;
    while (!this.below.reached(place.reach, usesSpaces(place.noun))) {
      const found = this.below.tryNext(place.noun);
      if (found === null) {
        if (place.reach.to === 'end' && any) return;
        throw this.below.missing(place.noun, span);
      }
      what(this.below.take(found));
      any = true;
    }
  }

  /** The places of an instruction one after another: each is looked for when the one before is worked. */
  private *places(place: Place, span: Span, i: number): Generator<Found> {
    switch (place.at) {
      case 'here':
        yield this.below.take(this.below.next({ what: 'st' }, span));
        return;
      case 'next':
        for (let j = 0; j < place.many; j += 1) yield this.below.take(this.below.next(place.noun, span));
        return;
      case 'first':
        yield* this.firstPlaces(place.many, place.noun, span);
        return;
      case 'last':
        yield* this.below.lastPlaces(place.many, place.noun, span, place.beyond ?? 0);
        return;
      case 'same':
        if (!this.below.last)
          throw new StitchError(span, 'Nothing was worked before this, so there is no “same” place.');
        yield this.below.last;
        return;
      case 'skipped':
        yield this.below.skippedPlace(place.nth, span);
        return;
      case 'turning':
        yield this.below.take(this.below.turningPlace(place.nth, span));
        return;
      case 'gap':
        yield this.below.take(this.below.gapBefore(place.noun, span));
        return;
      case 'centre':
        yield this.below.take(this.below.centre(span));
        return;
      case 'from hook':
      case 'each':
        throw new StitchError(spanOf(this.nodes[i]), 'This place cannot stand here.');
    }
  }

  private *firstPlaces(many: number, noun: Noun, span: Span): Generator<Found> {
    if (this.made.length > (this.made[0]?.turning ? 1 + this.made.filter(({ t }) => t === 'ch').length : 0))
      throw new StitchError(span, 'The first place is passed already.');
    if (this.made.length > 0 && noun.what !== 'sp' && this.slips.length === 0) {
      this.below.cur = 0;
    }
    for (let j = 0; j < many; j += 1) {
      const found = this.below.next(noun, span);
      if (j === 0 && noun.what === 'kind' && found.first !== this.below.firstStitch(span))
        throw new StitchError(
          span,
          `The first stitch is a ${this.below.units[this.below.firstStitch(span)]!.kind}, not a ${noun.kind}.`,
        );
      yield this.below.take(found);
    }
  }

  // Skips

  private skip({ place, span, counts }: Extract<Node, { op: 'skip' }>): void {
    if (!('many' in place)) return;
    const { noun, many } = place;
    if (counts && counts.as !== 'nothing' && this.course.foundation && this.made.length === 0) {
      this.slipping = false;
      if (many > this.below.units.length)
        throw new StitchError(span, `The chain has only ${this.below.units.length}.`);
      this.standOnChain(counts, many);
      this.below.cur = many;
      return;
    }
    const passed: number[] = [];
    // "Skip the first st" behind a chain that counts is the one that the chain stands on.
    const stood =
      place.at === 'first' && noun.what !== 'sp' && this.below.cur === 1 && (this.made[0]?.turning ?? 0) > 0;
    for (let j = stood ? 1 : 0; j < many; j += 1) {
      const i = this.below.nextToSkip(noun, span, j, many);
      passed.push(i.first);
      if (i.gap) this.below.gapAt = i.first;
      this.below.cur = i.gap ? i.first : i.last + 1;
    }
    if (passed.length > 0) this.below.skipped = passed;
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
    while (!this.below.reached(times, spaces)) {
      const before = this.progress();
      const { cur } = this.below;
      this.below.usedUp = false;
      const state = followed ? this.state() : null;
      try {
        this.run_(body, i);
      } catch (error) {
        if (!(error instanceof StitchError)) throw error;
        if (!state) {
          if (done === 0 || !this.below.usedUp) throw error;
          this.below.cur = cur;
          throw this.inTheMiddle(this.below.requiredLeft(), done, span);
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
      if (
        this.below.cur === this.below.units.length &&
        times.to !== 'end' &&
        !this.below.reached(times, spaces)
      )
        throw this.notComingOut(times, done, span);
    }
    if (times.to === 'turning') this.lastOverTurning(node, i);
  }
  /** Whether more is worked after a repeat. */
  private isFollowed(i: number): boolean {
    return this.nodes.slice(i + 1).some(({ op }) => op !== 'turn' && op !== 'join' && op !== 'leave');
  }
  private progress(): number {
    return this.below.cur * 2 + (this.below.gapAt >= this.below.cur ? 1 : 0);
  }
  private run_(body: readonly Node[], i: number): void {
    for (const one of body) this.at(one, i);
  }
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
    if (this.below.units[this.below.cur]?.t !== 'ch' || tail?.op !== 'work' || tail.place.at !== 'turning')
      return;
    if (end?.op !== 'work' || !node.body.some(usesSpacesIn)) return;
    this.run_(node.body.slice(0, -1), i);
    this.at(tail, i);
    this.absorbed = tail;
  }

  /** The worked row, its tops spread in order. */
  private course_(): Course {
    const { made, course } = this;
    const { direction } = this.below;
    const { low, width } = this.way.span ?? {
      low: course.low,
      width: course.foundation && this.below.shift > 0 ? course.width - this.below.shift : course.width,
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
      ...(course.motif ? { motif: true as const } : {}),
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

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);
}

function spanOf(node: Node | undefined): Span {
  return node?.span ?? { from: 0, to: 0 };
}

/** Whether each space along the sides of a motif is worked into. */
function goesInSpaces(node: Node): boolean {
  if (node.op === 'repeat' || node.op === 'group') return node.body.some(goesInSpaces);
  return 'place' in node && node.place.at === 'each' && node.place.noun.what === 'sp';
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
