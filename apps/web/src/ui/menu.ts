/** Look of a menu, open. */
export const MENU = 'z-50 rounded border border-line bg-sheet p-1 shadow-lg';

/** Look of one item of a menu. */
export const MENU_ITEM =
  'rounded px-2 py-1 outline-none data-[highlighted]:bg-tape data-[disabled]:opacity-45';
