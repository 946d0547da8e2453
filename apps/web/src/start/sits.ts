import { easeOf, formatLength, type Design, type EaseClass } from '@upfell/core';

/** How a garment can sit, as a start offers it. */
export const SITS: readonly { value: EaseClass; label: string; title: string }[] = (
  ['very close', 'close', 'classic', 'loose', 'oversized'] as const
).map((value) => ({
  value,
  label: value,
  title: `${formatLength(easeOf(value, 'adult'), 'cm', { sign: true, unit: true })} at an adult’s bust`,
}));

/** What a class of ease comes to for those whom the design is for. */
export function sitsInWords(
  { sits, ease: own }: { sits: EaseClass | null; ease?: number | undefined },
  { sizes, units }: Design,
): string {
  if (own !== undefined) return `${formatLength(own, units, { sign: true, unit: true })} all round`;
  if (!sits) return 'usual';
  const ease = easeOf(sits, sizes[0]!.group);
  return `${sits}, ${formatLength(ease, units, { sign: true, unit: true })} at the bust`;
}
