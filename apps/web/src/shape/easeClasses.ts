/** Usual classes of ease at the bust, cm: their names and where they begin and end (common practice; Craft Yarn Council, from memory). */
export const EASE_CLASSES: readonly { name: string; from: number; to: number }[] = [
  { name: 'very close', from: -10, to: -5 },
  { name: 'close', from: 2.5, to: 5 },
  { name: 'classic', from: 5, to: 10 },
  { name: 'loose', from: 10, to: 15 },
  { name: 'oversized', from: 15, to: 40 },
];

/** Ends of the scale, cm. */
export const EASE_SCALE = { from: -16, to: 40 } as const;

/** The class an ease falls into; between classes the words say so. */
export function easeInWords(cm: number): string {
  const found = EASE_CLASSES.find(({ from, to }) => cm >= from && cm < to);
  if (found) return found.name;
  if (cm >= EASE_SCALE.to) return 'oversized';
  if (cm < -10) return 'closer than very close';
  return cm < 0 ? 'stretched a little' : 'at the body';
}
