import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import type { Fabric } from '../fabric/fabric.js';
import { fabricOf } from '../testing/designs.js';
import { factsOf, ruleFits, withFacts } from './facts.js';
import { stitchPattern } from './pattern.js';

const rowsOf = (id: string) => STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric.rows!;
const facts = (id: string) => factsOf(stitchPattern(rowsOf(id).join('\n')))!;
const fabric = (more: Partial<Fabric> = {}): Fabric => ({ ...fabricOf('body', 18, 10), ...more });

describe('what follows from the rows for a fabric', () => {
  it('is its rules, chains, turning chain and unit', () => {
    expect(withFacts(fabric(), facts('mesh-2'))).toMatchObject({
      rule: {
        flat: { multiple: 3, plus: 1 },
        round: { multiple: 3, plus: 0 },
        rows: { multiple: 1, plus: 0 },
      },
      foundationExtra: 4,
      turning: 'counts',
      unit: { name: 'mesh spaces', stitches: 3, plus: 1 },
    });
  });

  it('leaves a typed rule that is narrower, and takes the place of one that the rows do not allow', () => {
    const typed = (multiple: number, plus: number) =>
      withFacts(fabric({ rule: { ...fabric().rule, flat: { multiple, plus } } }), facts('mesh-2')).rule.flat;
    expect(typed(6, 1)).toEqual({ multiple: 6, plus: 1 });
    expect(typed(2, 0)).toEqual({ multiple: 3, plus: 1 });
    expect(ruleFits({ multiple: 6, plus: 4 }, { multiple: 3, plus: 1 })).toBe(true);
    expect(ruleFits({ multiple: 6, plus: 3 }, { multiple: 3, plus: 1 })).toBe(false);
  });

  it('adds the plain stitches that the fabric keeps at its edges', () => {
    const kept = withFacts(fabric({ edgeStitches: 4 }), facts('shells'));
    expect(kept.rule.flat).toEqual({ multiple: 6, plus: 9 });
    expect(kept.rule.round).toEqual({ multiple: 6, plus: 0 });
    expect(kept.unit).toEqual({ name: 'shells', stitches: 6, plus: 9 });
  });

  it('leaves the counts of a piece free where the pattern is a panel in its middle', () => {
    const kept = withFacts(fabric({ panel: 13 }), facts('cable-9'));
    expect(kept.rule.flat).toEqual(fabric().rule.flat);
    expect(kept.unit).toBeUndefined();
    expect(kept.rule.rows.multiple).toBe(4);
  });

  it('tells rows of different heights apart', () => {
    const { rowTypes } = facts('loop-rows');
    expect(rowTypes!.length).toBe(2);
    expect(rowTypes![0]!.height).not.toBe(rowTypes![1]!.height);
    expect(facts('mesh-2').rowTypes).toBeUndefined();
  });
});
