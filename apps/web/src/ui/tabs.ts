/** Look of a row of tabs over a view, and of one tab in it. */
export const TAB_LIST = 'no-print flex shrink-0 gap-1 border-b border-line bg-paper px-4 pt-2';
export const TAB =
  'rounded-t border border-b-0 border-transparent px-3 py-1 text-soft data-[state=active]:border-line data-[state=active]:bg-sheet data-[state=active]:font-semibold data-[state=active]:text-ink hover:text-ink';
