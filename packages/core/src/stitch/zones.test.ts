import fc from 'fast-check';
import { clipped, inOne, waysToBegin, waysToGrow, waysToJoin, widthOf } from './zones.js';

const RULE = fc.record({ multiple: fc.integer({ min: 1, max: 8 }), plus: fc.integer({ min: 0, max: 6 }) });
const PLACES = fc.tuple(fc.integer({ min: -30, max: 30 }), fc.integer({ min: 0, max: 60 }));

describe('whole repeats', () => {
  it('begin wherever there is room, in every phase, the middle first where that is wanted', () => {
    expect(waysToBegin(0, 20, { multiple: 6, plus: 2 }, true)[0]).toEqual({ low: 0, repeats: 3 });
    expect(waysToBegin(3, 20, { multiple: 6, plus: 1 }, false)[0]).toEqual({ low: 6, repeats: 2 });
    expect(waysToBegin(0, 6, { multiple: 6, plus: 1 }, true)).toEqual([]);
  });

  it('stay between the places that they begin, grow or are cut at', () => {
    fc.assert(
      fc.property(RULE, PLACES, fc.boolean(), (rule, [from, length], centred) => {
        const to = from + length;
        const within = ({ low, repeats }: { low: number; repeats: number }) =>
          repeats >= 1 && low >= from && low + widthOf({ repeats }, rule) <= to;
        const begun = waysToBegin(from, to, rule, centred);
        expect(begun.every(within)).toBe(true);
        for (const zone of begun) {
          // Cut and grown again between the same places a zone is as wide as it was.
          const cut = clipped(zone, zone.low + 1, to, rule);
          if (!cut) continue;
          expect(within(cut)).toBe(true);
          expect(cut.low).toBe(zone.low + rule.multiple);
          const [most] = waysToGrow(cut, zone.low, to, rule);
          expect(most).toEqual({ low: zone.low, repeats: zone.repeats });
        }
      }),
    );
  });

  it('that follow each other without a balance are one', () => {
    const zones = [
      { low: 8, repeats: 2 },
      { low: 0, repeats: 4 },
    ];
    expect(inOne(zones, { multiple: 2, plus: 0 })).toEqual([{ low: 0, repeats: 6 }]);
    expect(inOne(zones, { multiple: 2, plus: 1 })).toHaveLength(2);
  });
});

describe('zones that were parted', () => {
  const rule = { multiple: 3, plus: 1 };

  it('become one where their repeats lie in line, with those that fit between and beside them', () => {
    // 14 repeats of 3 and 1, 14 stitches between, 14 repeats: 33 repeats of 3 and 1 are all 100.
    const parted = [
      { low: 0, repeats: 14 },
      { low: 57, repeats: 14 },
    ];
    expect(waysToJoin(parted, 0, 100, rule)[0]).toEqual({ low: 0, repeats: 33 });
    expect(waysToJoin(parted, -4, 104, rule)[0]).toEqual({ low: -3, repeats: 35 });
  });

  it('stay apart where they do not', () => {
    expect(
      waysToJoin(
        [
          { low: 0, repeats: 4 },
          { low: 17, repeats: 4 },
        ],
        0,
        40,
        rule,
      ),
    ).toEqual([]);
  });
});
