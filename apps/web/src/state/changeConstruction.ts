import { changedGarment, type ChangedGarment, type Design } from '@upfell/core';
import { edit } from './designStore';

/** Takes another construction, as one step of undo; held counts are let go. */
export function changeConstruction(id: string): string | null {
  return edit('garment.construction', (document) => {
    document.garment = changedGarment(document as Design, id).garment;
    document.pins = [];
  });
}

/** What a change gives up, as one sentence; null where it gives up nothing. */
export function givenUp({ usual, unused, held }: ChangedGarment): string | null {
  const parts = [
    ...(unused.length > 0 ? [`has no use for ${listed(unused)}`] : []),
    ...(usual.length > 0 ? [`takes its usual choice for ${listed(usual)}`] : []),
    ...(held > 0 ? [`lets go of ${held === 1 ? 'one held count' : `${held} held counts`}`] : []),
  ];
  return parts.length > 0 ? `It ${parts.join('; it ')}.` : null;
}

function listed(words: readonly string[]): string {
  return words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');
}
