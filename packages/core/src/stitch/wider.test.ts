import fc from 'fast-check';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { stitchesIn } from './course.js';
import { workRow } from './hook.js';
import { fabricStitches, roundsOfFabric } from './ofFabric.js';
import { workPattern } from './prove.js';
import { WIDER, widerInWords, workUnitRound } from './unitRounds.js';
import { aroundWider, canWiden, hasOwnIncrease, placesOfWider } from './wider.js';

const fabricOfSet = (id: string) => STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric;
const roundsOf = (id: string, way: 'joined' | 'turned') => {
  const of = fabricStitches(fabricOfSet(id));
  if (of.is !== 'rows') throw new Error(`${id} is plain`);
  return roundsOfFabric(of, way)!;
};

describe("a motif's own increase rounds", () => {
  // A V of 1 becomes a V of 2 (common practice); a mesh has no group that could.
  it('are there where the repeat is one group round a space', () => {
    expect(hasOwnIncrease(fabricOfSet('v-stitch'), 'joined')).toBe(true);
    expect(widerInWords(roundsOf('v-stitch', 'joined'))).toBe('2 dc, ch 1, 2 dc');
    for (const id of ['mesh-2', 'granny-clusters', 'crossed-pairs', 'shells', 'double-crochet'])
      expect([id, hasOwnIncrease(fabricOfSet(id), 'joined')]).toEqual([id, false]);
  });

  it('make a V of 3 out of a V of 2', () => {
    const rows = [
      'Row 1: (2 dc, ch 1, 2 dc) in the 6th ch from the hook, *sk 4 ch, (2 dc, ch 1, 2 dc) in next ch; repeat from * to the last 3 ch, sk 2 ch, dc in last ch; turn.',
      'Row 2: ch 3 (counts as dc), *(2 dc, ch 1, 2 dc) in next ch-1 sp; repeat from * to end, dc in top of turning ch; turn.',
      'Repeat row 2.',
    ];
    const of = fabricStitches({ ...fabricOfSet('v-stitch'), rows });
    if (of.is !== 'rows') throw new Error('it is plain');
    expect(widerInWords(roundsOfFabric(of, 'turned')!)).toBe('3 dc, ch 1, 3 dc');
    expect(canWiden(roundsOfFabric(of, 'turned')!)).toBe(true);
  });

  it('spread the wider repeats, each at a place of its own', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 60 }), (repeats, some) => {
        const places = placesOfWider(Math.min(some, repeats), repeats)!;
        expect(places).toHaveLength(Math.min(some, repeats));
        places.forEach((place, i) => expect(place).toBeGreaterThan(places[i - 1] ?? -1));
        expect(places.at(-1)).toBeLessThan(repeats);
        const parts = aroundWider(repeats, places, 'parts');
        expect(parts.reduce((sum, { under }) => sum + under, 0)).toBe(repeats);
        expect(parts.reduce((sum, { makes }) => sum + makes, 0)).toBe(repeats + places.length);
      }),
    );
    expect(placesOfWider(8, 7)).toBeNull();
  });

  it.each(['joined', 'turned'] as const)('come to two repeats for each wider one, %s', (way) => {
    const rounds = roundsOf('v-stitch', way);
    expect(canWiden(rounds)).toBe(true);
    const turned = way === 'turned';
    const { multiple } = rounds.proof.base;
    const index = rounds.text.repeat.first;
    for (const repeats of [4, 9, 16])
      for (const many of [1, 3, repeats]) {
        const around = (wide: readonly number[]) =>
          turned ? wide.map((place) => repeats - 1 - place).reverse() : wide;
        const below = workPattern(rounds.text, repeats * multiple, 3).rows.at(-1)!.course;
        let wide: readonly number[] = placesOfWider(many, repeats)!;
        const wider = workUnitRound(rounds, index, below, aroundWider(repeats, wide, 'begins'), turned);
        // Two dc and a chain for each V, two more for each wide one.
        expect(stitchesIn(wider)).toBe(2 * repeats + WIDER * many);
        expect(wider.width).toBe(multiple * repeats + WIDER * many);
        wide = around(wide);
        const again = workUnitRound(rounds, index, wider, aroundWider(repeats, wide, 'stays'), turned);
        expect(stitchesIn(again)).toBe(2 * repeats + WIDER * many);
        wide = around(wide);
        const parted = workUnitRound(rounds, index, again, aroundWider(repeats, wide, 'parts'), turned);
        expect(parted.width).toBe(multiple * (repeats + many));
        const next = workRow(rounds.text.rows[index]!, parted, { turned, round: true });
        expect(stitchesIn(next)).toBe(2 * (repeats + many));
      }
  });
});
