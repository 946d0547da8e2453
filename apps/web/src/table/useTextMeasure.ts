import { useEffect, useMemo, useState } from 'react';
import { textMeasure } from './measureText';
import type { Measure } from './labels';

/** Measures words in the fonts of the page, anew when these have loaded. */
export function useTextMeasure(): Measure {
  const [loaded, setLoaded] = useState(false);
  useEffect(() => {
    let wanted = true;
    void document.fonts?.ready.then(() => wanted && setLoaded(true));
    return () => {
      wanted = false;
    };
  }, []);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- what was measured in a font before it had loaded is measured anew
  return useMemo(textMeasure, [loaded]);
}
