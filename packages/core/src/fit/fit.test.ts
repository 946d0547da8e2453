import { inWords } from '../text/phrase.js';
import { testQuantity } from '../testing/randomProblems.js';
import { fitSizes } from './fit.js';
import type { LabelledProblem } from './clashInWords.js';

const base = (target: number, max: number, min = 1): LabelledProblem => ({
  quantities: [
    { ...testQuantity('base', target, { rule: { multiple: 1, plus: 0 }, min, max }), label: 'Base' },
  ],
  relations: [],
  helpers: [],
});
const fit = (...problems: LabelledProblem[]) =>
  fitSizes(
    problems.map((problem) => ({ problem, pins: [] })),
    { graded: true, strength: 0 },
  );

it('says of a count that other rules force to fall what it falls to, at the size where it does', () => {
  const [small, middle, large] = fit(base(5, 14, 4), base(5, 3), base(6, 14));
  expect([small, middle, large].map((size) => size!.counts!['base'])).toEqual([5, 3, 6]);
  expect([small, large].flatMap((size) => size!.notes)).toEqual([]);
  expect(middle!.notes.map(({ level, code, where }) => [level, code, where])).toEqual([
    ['tip', 'count-falls', 'base'],
  ]);
  expect(inWords(middle!.notes[0]!.message, 'cm')).toBe(
    'Base: 3, fewer than the 5 of the size before, though its length does not fall; no counts were found that keep it and obey the other rules in both sizes.',
  );
});

it('says nothing where a count can be kept, or its length falls', () => {
  expect(fit(base(5, 14), base(4, 14)).flatMap(({ notes }) => notes)).toEqual([]);
  const kept = fit(base(5.4, 14), base(5.4, 5));
  expect(kept.map(({ counts }) => counts!['base'])).toEqual([5, 5]);
  expect(kept.flatMap(({ notes }) => notes)).toEqual([]);
});
