/** What a tape or a scale says: a length in cm or inches, a weight in grams or ounces. */
export interface InstrumentReading {
  instrument: 'tape' | 'scale';
  value: number;
  unit: 'cm' | 'in' | 'g' | 'oz';
  /** What the instrument calls itself. */
  name: string;
}

/** Exact by definition (international avoirdupois ounce). */
export const GRAMS_PER_OUNCE = 28.349523125;
