import type { Draft } from 'immer';
import type { Design, Ease, PerSize } from '@upfell/core';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { StyleEase } from './StyleLength';

/** An ease that a style may be without. */
export function OptionalEase({
  path,
  label,
  add,
  value,
  first,
  put,
}: {
  path: string;
  label: string;
  add: string;
  value: PerSize<Ease> | null;
  /** The ease to begin with. */
  first: Ease;
  put: (document: Draft<Design>, value: PerSize<Ease> | null) => void;
}) {
  if (value === null)
    return (
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() => edit(path, (document) => put(document, first))}
      >
        {add}
      </Button>
    );
  return (
    <div className="relative">
      <StyleEase path={path} label={label} value={value} put={put} />
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() => edit(path, (document) => put(document, null))}
      >
        Leave out “{label.toLowerCase()}”
      </Button>
    </div>
  );
}
