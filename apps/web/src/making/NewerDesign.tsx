import { useEffect, useState } from 'react';
import { standingOf, type StoredDesign } from '@upfell/core';
import { designs } from '../api/designs';
import { Button } from '../ui/Button';
import type { PreviewShown } from '../worker/makingPlanner';
import { done, makingPlanner, useMaking } from './making';
import { PreviewTable } from './PreviewTable';

/** A newer state of the design than the one that is worked: what taking it would change. Without the server nothing is said of it. */
export function NewerDesign() {
  const id = useMaking((state) => state.id)!;
  const making = useMaking((state) => state.making)!;
  const entries = useMaking((state) => state.entries);
  const units = useMaking((state) => state.view!.units);
  const taken = standingOf(entries, 'design').at(-1)?.revision ?? making.revision;
  const [newest, setNewest] = useState<StoredDesign | null>(null);
  const [preview, setPreview] = useState<PreviewShown | null>(null);
  useEffect(() => {
    let wanted = true;
    designs.read(making.designId).then(
      (found) => wanted && setNewest(found),
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [making.designId]);
  if (!newest || newest.revision <= taken) return null;
  const { revision, document } = newest;
  return (
    <section className="mb-4 rounded border border-line bg-paper p-3 text-[14px]" data-testid="newer">
      <p>
        The design has been changed since: this is state {taken}, the newest is {revision}. Nothing moves
        unless you take it.
      </p>
      {preview ? (
        <div className="mt-2">
          <PreviewTable of={preview} units={units} />
          <span className="mt-2 flex gap-2">
            <Button
              look="strong"
              disabled={!preview.can}
              onClick={() => void done({ kind: 'design', revision, document }).then(() => setPreview(null))}
            >
              Take state {revision}
            </Button>
            <Button onClick={() => setPreview(null)}>Stay with state {taken}</Button>
          </span>
        </div>
      ) : (
        <Button
          className="mt-2"
          onClick={() => void makingPlanner().newer(id, revision, document).then(setPreview)}
        >
          See what it would change
        </Button>
      )}
    </section>
  );
}
