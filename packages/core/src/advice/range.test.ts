import { inWords } from '../text/phrase.js';
import { demoDesigns } from '../testing/designs.js';
import { problemsOf } from '../testing/problems.js';
import { gradedCounts, sharedCounts, unevenSteps } from './range.js';

/** The first demo design's drafts with a rule of their own for the width, and counts made up for the check. */
function notesOn(multiple: number, targets: number[], counts: (number | null)[], by = sharedCounts) {
  const draft = problemsOf(Object.values(demoDesigns())[0]!)[0]!;
  const width = draft.quantities.find(({ id }) => id === 'back.width')!;
  const sizes = targets.map((target, i) => ({
    size: `Size ${i + 1}`,
    quantities: [{ ...width, perCm: 2, rule: { multiple, plus: 0 }, target }],
    counts: counts[i] === null ? null : { 'back.width': counts[i]! },
  }));
  return by(sizes).map(({ message, ...rest }) => ({
    ...rest,
    text: inWords(message, 'cm'),
  }));
}

describe('sharedCounts', () => {
  it('tells which sizes share a count and how far they are apart', () => {
    expect(notesOn(12, [50, 52, 56], [108, 108, 108])).toEqual([
      {
        level: 'tip',
        code: 'sizes-share',
        where: 'back.width',
        text: expect.stringMatching(
          /less than a repeat of 6.0 cm: Size 1 and Size 2 \(108, 2.0 cm apart\); Size 2 and Size 3 \(108, 4.0 cm apart\)\.$/,
        ),
      },
    ]);
  });

  it('is silent where counts differ, lengths hardly do, there is no repeat, or a size has no counts', () => {
    expect(notesOn(12, [50, 52], [96, 108])).toEqual([]);
    expect(notesOn(12, [50, 50.3], [96, 96])).toEqual([]);
    expect(notesOn(1, [50, 52], [100, 100])).toEqual([]);
    expect(notesOn(12, [50, 52], [96, null])).toEqual([]);
  });

  it('does not call it a repeat’s doing where sizes are further apart than one', () => {
    expect(notesOn(12, [50, 57], [108, 108])).toEqual([]);
  });
});

describe('unevenSteps', () => {
  it('tells which counts jump between sizes where their lengths grow evenly', () => {
    expect(notesOn(3, [20, 22, 24], [39, 45, 48], unevenSteps)).toEqual([]);
    expect(notesOn(3, [20, 22, 24], [39, 39, 48], unevenSteps)).toEqual([
      {
        level: 'tip',
        code: 'steps-uneven',
        where: 'back.width',
        text: expect.stringMatching(
          /: Back, width Size 1 to Size 2 by 0\.0 cm \(\+2\.0 cm wanted\); Size 2 to Size 3 by \+4\.5 cm \(\+2\.0 cm wanted\)\.$/,
        ),
      },
    ]);
  });

  it('is silent about less than a centimetre, half a repeat, or a size without counts', () => {
    expect(notesOn(1, [20, 22], [40, 46], unevenSteps)).toEqual([]);
    expect(notesOn(12, [20, 22], [36, 36], unevenSteps)).toEqual([]);
    expect(notesOn(1, [20, 22], [40, null], unevenSteps)).toEqual([]);
  });
});

describe('gradedCounts', () => {
  const told = (counts: (number | null)[], ids = ['back.width']) =>
    notesOn(
      1,
      counts.map((_, i) => 40 + i),
      counts,
      (sizes) => gradedCounts(sizes, ids),
    );

  it('tells each count over the sizes, once for those that are the same in all', () => {
    expect(told([50, 52, 56])[0]!.text).toMatch(/these counts: .+ 50 · 52 · 56\.$/);
    expect(told([50, 50, 50])[0]!.text).toMatch(/ 50 in all sizes\.$/);
  });

  it('says nothing of one size, of counts that a garment does not have, and where a size has none', () => {
    expect(told([50])).toEqual([]);
    expect(told([50, 52], ['something'])).toEqual([]);
    expect(told([50, null])).toEqual([]);
  });
});
