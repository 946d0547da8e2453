import { useEffect } from 'react';
import { styleOf, type Terms } from '@upfell/core';
import { useDesign } from './designStore';
import { loadStudio, useStudio } from './studio';
import { useView } from './view';

/** The terms in force: those that were switched to, else those of the design's style or of the studio's. */
export function termsNow(): Terms {
  const words = useDesign.getState().document?.words;
  return useView.getState().terms ?? styleOf(words ? { words } : {}, useStudio.getState().style ?? {}).terms;
}

/** The terms in force, followed as they change. */
export function useTerms(): Terms {
  useView(({ terms }) => terms);
  useDesign(({ document }) => document?.words?.style?.terms);
  useStudio(({ style }) => style?.terms);
  useEffect(() => void loadStudio(), []);
  return termsNow();
}
