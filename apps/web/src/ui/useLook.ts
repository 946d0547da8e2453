import { useEffect } from 'react';
import { useView } from '../state/view';

/** Puts the chosen look on the page: `theme.css` has what follows from it. */
export function useLook(): void {
  const look = useView((view) => view.look);
  useEffect(() => {
    const { dataset } = document.documentElement;
    const put = (key: string, value: string, usual: string) => {
      if (value === usual) delete dataset[key];
      else dataset[key] = value;
    };
    put('contrast', look.contrast, 'usual');
    put('text', look.text, 'usual');
    const media = window.matchMedia?.('(prefers-color-scheme: dark)');
    const paper = () =>
      put(
        'paper',
        look.paper === 'as the system' ? (media?.matches ? 'dark' : 'light') : look.paper,
        'light',
      );
    paper();
    media?.addEventListener('change', paper);
    return () => media?.removeEventListener('change', paper);
  }, [look]);
}
