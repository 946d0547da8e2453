import { formatDistanceToNow } from 'date-fns';
import type { MakingEntry } from '@upfell/core';

/** "M · 124 of 260 rows, Sleeve 2, row 24 · worked 2 hours ago". */
export function makingInWords({ size, progress, updatedAt }: MakingEntry): string {
  const worked = progress
    ? `${progress.worked} of ${progress.all} rows${progress.now ? `, ${progress.now}` : ''}`
    : 'not yet begun';
  return `${size} · ${worked} · ${formatDistanceToNow(new Date(updatedAt), { addSuffix: true })}`;
}
