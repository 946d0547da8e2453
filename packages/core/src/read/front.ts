/** What a pattern says of a size before its pieces, compared with the plan: its ease, and what it measures finished. */

import type { FinishedMeasure } from '../sizePlan.js';
import { isPrinted, saysLength } from '../write/lengths.js';
import { tablesOf } from './ofSize.js';

/** What is compared of a size. */
export interface ProvenFront {
  finished: readonly Pick<FinishedMeasure, 'id' | 'label' | 'actual'>[];
  body: { bust: number; hip: number };
}

/** What the section with the sizes says of a size. */
export interface ToldSize {
  finished: readonly Pick<FinishedMeasure, 'label' | 'actual'>[];
  body: { bust: number };
}

const BUST = 'To fit bust or chest';

/**
 * What differs in the section with the sizes.
 *
 * @param sizes its lines, as the maker of one size reads them
 */
export function sizesDiffer(sizes: readonly string[], { finished, body }: ToldSize): string[] {
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
  return differences;
}

/**
 * What differs in the ease that is stated.
 *
 * @param about lines of the section, as the maker of one size reads them
 * @param ease of that size as it is stated, cm; and where
 */
export function easeDiffers(about: readonly string[], ease: number, at: string): string[] {
  for (const text of about) {
    if (text.startsWith(`To be worn without ease at the ${at}:`))
      return ease === 0 ? [] : [`no ease is said, it is ${ease.toFixed(1)} cm`];
    const [, length, way] =
      /^To be worn with about (.+) of ((?:negative )?ease) at the (?:bust|hip)(?:: it stretches to the body)?\.$/.exec(
        text,
      ) ?? [];
    if (length === undefined) continue;
    return saysLength(length, Math.abs(ease)) &&
      (way === 'ease') === ease >= 0 &&
      text.includes(`at the ${at}`)
      ? []
      : [`${length} of ${way} at the ${at} is said, it is ${ease.toFixed(1)} cm`];
  }
  return ['no ease is stated'];
}
