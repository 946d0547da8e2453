import { useMemo } from 'react';
import { MEASUREMENTS } from '@upfell/core';
import { useView } from '../state/view';
import type { SizeField } from './cells';

/** The fields that the table shows, in order. */
export function useFields(): SizeField[] {
  const hidden = useView((view) => view.hidden);
  return useMemo(
    () => ['name', 'group', ...MEASUREMENTS.map(({ id }) => id).filter((id) => !hidden.includes(id))],
    [hidden],
  );
}
