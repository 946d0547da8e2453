import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import type { RoundWay, Row, Step } from '../work/rows.js';
import { stitchesIn } from './course.js';
import { workRow } from './hook.js';
import { fabricStitches, roundsOfFabric } from './ofFabric.js';
import { workPattern } from './prove.js';
import { shapedRepeats, workUnitRound } from './unitRounds.js';

const roundsOf = (id: string, way: RoundWay = 'joined') => {
  const found = fabricStitches(STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric);
  if (found.is !== 'rows') throw new Error(`${id} is plain`);
  return roundsOfFabric(found, way)!;
};
const round = (steps: Step[], by: number, spread?: true): Row => ({
  n: 3,
  part: 'main',
  side: 'RS',
  from: [],
  steps,
  count: 0,
  by,
  add: 0,
  round: 'joined',
  ...(spread ? { spread } : {}),
});

describe('a round shaped by whole repeats', () => {
  it('loses or gains one at each side of its joining', () => {
    const ends: Step = { do: 'decrease', times: 3 };
    expect(shapedRepeats(round([ends, { do: 'work', times: 18 }, ends], -6), 3, 10)).toEqual([
      { under: 2, makes: 1 },
      { under: 6, makes: 6 },
      { under: 2, makes: 1 },
    ]);
    // One stitch at each side is no whole repeat.
    const one: Step = { do: 'decrease', times: 1 };
    expect(shapedRepeats(round([one, { do: 'work', times: 26 }, one], -2), 3, 10)).toBeNull();
  });

  it('spreads the repeats that it gains', () => {
    const parts = shapedRepeats(round([{ do: 'work', times: 30 }], 9, true), 3, 10)!;
    expect(parts.filter(({ makes, under }) => makes > under)).toHaveLength(3);
    expect(parts.reduce((sum, { under }) => sum + under, 0)).toBe(10);
    expect(parts.reduce((sum, { makes }) => sum + makes, 0)).toBe(13);
    expect(shapedRepeats(round([], 33, true), 3, 10)).toBeNull();
  });

  // Two V's in one V, one cluster over two spaces (common practice); the next round goes on as if nothing had happened.
  it.each(
    ['v-stitch', 'granny-clusters', 'mesh-1', 'mesh-2'].flatMap((id) =>
      (['joined', 'turned'] as const).map((way) => [id, way] as const),
    ),
  )('in %s, %s, goes on as its rounds do', (id, way) => {
    const turned = way === 'turned';
    const rounds = roundsOf(id, way);
    const { multiple } = rounds.proof.base;
    const { rows } = workPattern(rounds.text, 12 * multiple, 3);
    const below = rows.at(-1)!.course;
    const index = rounds.text.repeat.first;
    for (const [repeats, many] of [
      [
        [
          { under: 2, makes: 1 },
          { under: 8, makes: 8 },
          { under: 2, makes: 1 },
        ],
        10,
      ],
      [
        [
          { under: 1, makes: 2 },
          { under: 10, makes: 10 },
          { under: 1, makes: 2 },
        ],
        14,
      ],
      [
        [
          { under: 3, makes: 3 },
          { under: 1, makes: 2 },
          { under: 8, makes: 8 },
        ],
        13,
      ],
    ] as const) {
      const made = workUnitRound(rounds, index, below, repeats, turned);
      expect(made.direction).toBe(turned ? -below.direction : below.direction);
      const { stitches } = rounds.proof.rows[index]!;
      expect(stitchesIn(made)).toBe(stitches.multiple * many + stitches.plus);
      const { last, first } = rounds.text.repeat;
      const next = index + 1 > last ? first : index + 1;
      const after = workRow(rounds.text.rows[next]!, made, { turned, round: true });
      const rule = rounds.proof.rows[next]!.stitches;
      expect(stitchesIn(after)).toBe(rule.multiple * many + rule.plus);
    }
  });
});
