import { toggleSide } from '../state/view';

/** How long something that is gone to may take to be drawn, ms. */
const PATIENCE = 3000;

/**
 * Brings an element into view and the keyboard to it, as soon as it is there; what folds away is unfolded first.
 *
 * @param selector where it will be
 */
export function goTo(selector: string): void {
  const begun = performance.now();
  const look = () => {
    const found = document.querySelector<HTMLElement>(selector);
    if (found) {
      found.scrollIntoView({ block: 'center' });
      found.focus();
    } else if (performance.now() - begun < PATIENCE) requestAnimationFrame(look);
  };
  look();
}

/** The same for a field of a design, by its path: it may stand in a panel that is folded. */
export function goToField(path: string): void {
  toggleSide('panel', true);
  goTo(`[data-path="${CSS.escape(path)}"], [data-path^="${CSS.escape(path)}."]`);
}
