import { lazy, Suspense, useState } from 'react';
import { ChevronDown } from 'lucide-react';
import { constructionOf } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { StyleForm } from './StyleForm';

const ConstructionDialog = lazy(() =>
  import('./ConstructionDialog').then((module) => ({ default: module.ConstructionDialog })),
);

/** How the garment sits: its construction, and that construction's own style. */
export function ShapePanel() {
  const document = useDocument();
  const { construction } = document.garment;
  const [choosing, setChoosing] = useState(false);
  return (
    <>
      <button
        type="button"
        className="mb-2 flex w-full items-center justify-between gap-2 rounded border border-line bg-sheet px-2 py-1 text-left font-display text-lg hover:bg-tape"
        data-path="garment.construction"
        aria-haspopup="dialog"
        aria-label={`Construction: ${constructionOf(construction)!.label}. Choose another`}
        onClick={() => setChoosing(true)}
      >
        {constructionOf(construction)!.label}
        <ChevronDown size={16} aria-hidden />
      </button>
      {choosing && (
        <Suspense fallback={null}>
          <ConstructionDialog document={document} onClose={() => setChoosing(false)} />
        </Suspense>
      )}
      <StyleForm />
    </>
  );
}
