import { useEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import { redo, undo, useDesign } from '../state/designStore';
import { chosenSize, select, setSize, toggleAll, useView } from '../state/view';
import { stepsOf } from './steps';

/** What the keyboard does, as the help shows it. */
export const SHORTCUTS: readonly (readonly [keys: string, does: string])[] = [
  ['Ctrl+K', 'Find screens, sizes, settings, pieces and counts by name'],
  ['[   ]', 'Size before, size after'],
  ['a', 'Lay all sizes over each other'],
  ['1 … 9', 'Steps, in their order from Body on'],
  ['Arrows, Page Up and Down, Home, End', 'On a handle of a drawing: by a step, by five, to its ends'],
  ['Ctrl+Z', 'Undo'],
  ['Ctrl+Shift+Z, Ctrl+Y', 'Redo'],
  ['Esc', 'Let go of the selection; in a field: put back the last good figure'],
  ['↑ ↓ then Enter', 'In the ladder: choose a count and hold it'],
  ['Arrows, Shift with them', 'In the table of sizes: move, choose a block'],
  ['Type, F2, Delete', 'In the table of sizes: type over, change, empty'],
  ['Ctrl+C, Ctrl+V', 'In the table of sizes: copy a block, paste one from a spreadsheet'],
  ['?', 'This list'],
];

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  );
}

function stepSize(by: number): void {
  const { document } = useDesign.getState();
  if (!document) return;
  const at = document.sizes.indexOf(chosenSize(document.sizes, useView.getState().size));
  const next = document.sizes[at + by];
  if (next) setSize(next.id);
}

/** Listens to the keyboard while a design is open. */
export function useShortcuts(help: () => void, find: () => void): void {
  const navigate = useNavigate();
  const { id } = useParams();
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const typing = isTyping(event.target);
      if ((event.ctrlKey || event.metaKey) && !event.altKey) {
        const key = event.key.toLowerCase();
        if (key === 'z' || key === 'y') {
          event.preventDefault();
          (key === 'y' || event.shiftKey ? redo : undo)();
        } else if (key === 'k') {
          event.preventDefault();
          find();
        }
        return;
      }
      if (typing || event.altKey || document.querySelector('[role=dialog]')) return;
      if (event.key === '[') stepSize(-1);
      else if (event.key === ']') stepSize(1);
      else if (event.key === 'a') toggleAll();
      else if (event.key === '?') help();
      else if (event.key === 'Escape') select(null);
      else if (/^[1-9]$/.test(event.key)) {
        const step = stepsOf(useDesign.getState().document?.garment.construction)[Number(event.key) - 1];
        if (step) void navigate(`/designs/${id}/${step.id}`);
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [help, find, id, navigate]);
}
