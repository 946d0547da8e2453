/** A whole number with its thousands apart: "1,290". */
export const wholeNumber = (value: number): string => Math.round(value).toLocaleString('en');

/** Metres in words: "1,290 m". */
export const metresInWords = (metres: number): string => `${wholeNumber(metres)} m`;

/** A number that was typed, with a point or a comma, and any minus; null where it is none. */
export function typedNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  const value = Number(plain);
  return plain === '' || !Number.isFinite(value) ? null : value;
}
