/** What a pattern says of a size before its pieces, compared with the plan: what it measures finished, and the yarn that it takes. */

import type { FinishedMeasure } from '../sizePlan.js';
import { isPrinted } from '../write/lengths.js';
import type { YarnNeed } from '../yarn/metres.js';
import { tablesOf } from './ofSize.js';

/** What is compared of a size. */
export interface ProvenFront {
  finished: readonly Pick<FinishedMeasure, 'label' | 'actual'>[];
  body: { bust: number };
  yarn: readonly Pick<YarnNeed, 'colours'>[];
}

const BUST = 'To fit bust or chest';

/**
 * What differs in the sections with sizes and materials.
 *
 * @param sizes lines of the first, as the maker of one size reads them
 * @param needs lines of the second
 */
export function frontDiffers(
  sizes: readonly string[],
  needs: readonly string[],
  { finished, body, yarn }: ProvenFront,
): string[] {
  const wanted = new Map([
    [BUST, body.bust],
    ...finished.map(({ label, actual }) => [label, actual] as const),
  ]);
  const told = new Map<string, number>();
  const differences: string[] = [];
  const compare = (label: string, figure: string, unit: string) => {
    const actual = wanted.get(label);
    if (actual === undefined || (unit !== 'cm' && unit !== 'in'))
      return void differences.push(`“${label}” is nothing that is measured`);
    told.set(label, (told.get(label) ?? 0) + 1);
    if (!isPrinted(actual, figure, unit))
      differences.push(`${label}: ${figure} ${unit} is said, it is ${actual.toFixed(1)} cm`);
  };
  for (const text of sizes) {
    for (const { head, rows } of tablesOf(text)) {
      const unit = /^finished, (cm|in)$/.exec(head)?.[1] ?? '';
      for (const [label, figure] of rows) compare(label, figure, unit);
    }
    const [, label, figures] = /^([^:|]+): ((?:[\d½¼¾.]+ (?:cm|in)(?: = )?)+)$/.exec(text) ?? [];
    for (const [, figure, unit] of (figures ?? '').matchAll(/([\d½¼¾.]+) (cm|in)/g))
      compare(label!, figure!, unit!);
  }
  for (const label of wanted.keys()) if (!told.has(label)) differences.push(`${label} is not told`);
  const metres = yarn.flatMap(({ colours }) => colours).filter(({ metres: many }) => many > 0);
  const amounts = needs.flatMap((text) => {
    const [, many, balls] = /: about (\d+) m(?:, (\d+) balls?\b)?/.exec(text) ?? [];
    return many === undefined ? [] : [`${many}/${balls ?? 0}`];
  });
  const planned = metres.map(({ metres: many, balls }) => `${many}/${balls ?? 0}`);
  if ([...amounts].sort().join() !== [...planned].sort().join())
    differences.push(`the yarn is said to be ${amounts.join(', ')} m/balls, it is ${planned.join(', ')}`);
  return differences;
}
