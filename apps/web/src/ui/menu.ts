/** Look of one item of a menu. */
export const MENU_ITEM =
  'rounded px-2 py-1 outline-none data-[highlighted]:bg-tape data-[disabled]:opacity-45';
