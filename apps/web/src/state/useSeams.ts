import { useMemo } from 'react';
import { checkEdging, seamsOf, type EdgingCheck, type Seam } from '@upfell/core';
import { useDocument } from './useSizePlan';
import type { ScreenSize } from '../worker/screen';

/** How every seam of a size is made, by the id of its join. */
export function useSeams(size: ScreenSize): ReadonlyMap<string, Seam> {
  const { finishing } = useDocument();
  return useMemo(
    () => new Map(seamsOf(size, finishing ? { finishing } : {}).map((seam) => [seam.join, seam])),
    [size, finishing],
  );
}

/** How the edging of a join lies along its edge; null for a join that is no edging. */
export function useEdging(size: ScreenSize, join: string): EdgingCheck | null {
  const { fabrics } = useDocument();
  return useMemo(() => {
    const edges = size.pieces.flatMap(({ fabric, edges: of }) =>
      of.map((edge) => [edge.id, { ...edge, fabric: fabrics.find(({ id }) => id === fabric)! }] as const),
    );
    return checkEdging(
      size.joins.find(({ id }) => id === join)!,
      new Map(edges),
    );
  }, [size, join, fabrics]);
}
