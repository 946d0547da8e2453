import type { Measure } from './labels';

/** Room for letters that come out wider than measured: while fonts still load, and where no canvas is. */
const SPARE = 1.04;
/** Width of a letter where none can be measured, as a share of its height. */
const LETTER = 0.58;

/** Measures words in the fonts of the page; without a canvas by the number of their letters. */
export function textMeasure(): Measure {
  const context = typeof OffscreenCanvas === 'undefined' ? null : new OffscreenCanvas(1, 1).getContext('2d');
  if (!context) return (text, { px }) => text.length * px * LETTER;
  const style = getComputedStyle(document.documentElement);
  const [sans, display] = ['--font-sans', '--font-display'].map((name) =>
    style.getPropertyValue(name).trim(),
  );
  const known = new Map<string, number>();
  return (text, { px, weight, display: heading }) => {
    const key = `${weight} ${px}px ${heading ? display : sans}`;
    const found = known.get(key + text);
    if (found !== undefined) return found;
    context.font = key;
    const width = context.measureText(text).width * SPARE;
    known.set(key + text, width);
    return width;
  };
}
