import type { Draft } from 'immer';
import type { Design, Fabric } from '@upfell/core';
import { useDocument } from './useSizePlan';
import { useView } from './view';

/** The fabric that the fabric step shows, and how to reach it in a document. */
export function useFabric(): {
  fabric: Fabric;
  index: number;
  path: string;
  of: (document: Draft<Design>) => Draft<Fabric>;
} {
  const { fabrics } = useDocument();
  const chosen = useView((view) => view.fabric);
  const found = fabrics.findIndex(({ id }) => id === chosen);
  const index = found >= 0 ? found : 0;
  return {
    fabric: fabrics[index]!,
    index,
    path: `fabrics[${index}]`,
    of: (document) => document.fabrics[index]!,
  };
}
