import { useEffect, useState } from 'react';
import { textMeasure } from './measureText';
import type { Measure } from './labels';

/** Measures words in the fonts of the page, anew when these have loaded. */
export function useTextMeasure(): Measure {
  const [measure, setMeasure] = useState(textMeasure);
  useEffect(() => {
    let wanted = true;
    void document.fonts?.ready.then(() => wanted && setMeasure(textMeasure));
    return () => {
      wanted = false;
    };
  }, []);
  return measure;
}
