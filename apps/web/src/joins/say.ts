import { formatLength, UNSEEN_EASE, type Join, type Units } from '@upfell/core';

export type JoinState = 'agreed' | 'eased' | 'broken';

/** Whether the sides of a join agree, agree by easing, or do not agree. */
export function joinState(join: Join): JoinState {
  if (!join.ok) return 'broken';
  return Math.abs(join.eased) >= UNSEEN_EASE ? 'eased' : 'agreed';
}

/** "27 = 27", "70 st : 48 rows, eased 0.2 cm", "70 st : 40 rows, broken". */
export function joinLabel(join: Join, units: Units): string {
  const state = joinState(join);
  const word =
    state === 'eased'
      ? `, eased ${formatLength(Math.abs(join.eased), units, { unit: true })}`
      : state === 'broken'
        ? ', broken'
        : '';
  if (join.kind === 'row-to-row') return `${join.aCount} = ${join.bCount} rows${word}`;
  if (join.kind === 'stitch-to-stitch' || join.kind === 'live')
    return `${join.aCount} ${join.ok ? '=' : '≠'} ${join.bCount}${word}`;
  const rib = join.kind === 'stitch-to-row' && join.a[0]?.role === 'joined';
  const along = { stitches: 'st', rows: 'rows', both: 'st and row ends' }[join.bAxis];
  return rib
    ? `${join.bCount} ${along} : ${join.aCount} rib rows${word}`
    : `${join.aCount} st : ${join.bCount} ${along}${word}`;
}

/** Look of a join's label and threads: colour, and always a line style with it. */
export const JOIN_LOOK: Record<
  JoinState,
  { text: string; pill: string; stroke: string; dash: string; width: number; word: string }
> = {
  agreed: {
    text: 'text-agreed',
    pill: 'border-agreed bg-sheet text-agreed',
    stroke: 'var(--color-agreed)',
    dash: '',
    width: 1.6,
    word: 'agreed',
  },
  eased: {
    text: 'text-eased',
    pill: 'border-eased-stroke border-dashed bg-sheet text-eased',
    stroke: 'var(--color-eased-stroke)',
    dash: '5 3',
    width: 1.6,
    word: 'eased',
  },
  broken: {
    text: 'text-broken',
    pill: 'border-2 border-double border-broken bg-broken-wash text-broken',
    stroke: 'var(--color-broken)',
    dash: '2 4',
    width: 2,
    word: 'broken',
  },
};
