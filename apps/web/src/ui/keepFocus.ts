/** What can have the keyboard. */
const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';

/**
 * Keeps the keyboard from being lost: where the element that had it goes away or can no longer be used, what is nearest to it and still there
 * gets it, else the main part of the page. What a part of the page does for itself comes first.
 *
 * @returns ends it
 */
export function keepFocus(): () => void {
  /** The element that had the keyboard last, and what it lay in, from the inside out. */
  let trail: Element[] = [];
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const focused = ({ target }: FocusEvent) => {
    trail = [];
    for (let at = target as Element | null; at && at !== document.body; at = at.parentElement) trail.push(at);
  };
  const look = () => {
    const [last] = trail;
    const active = document.activeElement;
    const gone = last !== undefined && (!last.isConnected || last.matches(':disabled'));
    if (!gone || (active !== null && active !== document.body && active !== last)) return;
    // A dialog looks after its own.
    if (document.querySelector('[role=dialog]')?.contains(active)) return;
    const inside = trail.slice(1).find((one) => one.isConnected && one.id !== 'root');
    give(inside?.querySelector<HTMLElement>(FOCUSABLE) ?? document.querySelector<HTMLElement>('main'));
  };
  const observer = new MutationObserver(() => {
    clearTimeout(waiting);
    waiting = setTimeout(look, 30);
  });
  document.addEventListener('focusin', focused);
  observer.observe(document.body, {
    childList: true,
    subtree: true,
    attributes: true,
    attributeFilter: ['disabled'],
  });
  return () => {
    clearTimeout(waiting);
    document.removeEventListener('focusin', focused);
    observer.disconnect();
  };
}

function give(element: HTMLElement | null): void {
  if (!element) return;
  if (!element.matches(FOCUSABLE)) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}
