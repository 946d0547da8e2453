import type { Draft } from 'immer';
import { X } from 'lucide-react';
import { forSize, type Design, type PerSize } from '@upfell/core';
import { useChosenSize } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { LengthField } from '../ui/fields';

interface Props {
  path: string;
  label: string;
  value: PerSize;
  put: (document: Draft<Design>, value: PerSize) => void;
}

/** A style length: one for all sizes, and if wanted another for the chosen size alone. */
export function StyleLength({ path, label, value, put }: Props) {
  const { size } = useChosenSize();
  const all = typeof value === 'number' ? value : value.all;
  const sizes = typeof value === 'number' ? {} : value.sizes;
  const own = sizes[size.id];
  const withOwn = (figure: number | null): PerSize => {
    const { [size.id]: _, ...others } = sizes;
    const next = figure === null ? others : { ...others, [size.id]: figure };
    return Object.keys(next).length === 0 ? all : { all, sizes: next };
  };
  return (
    <div className="group">
      <LengthField
        path={typeof value === 'number' ? path : `${path}.all`}
        label={label}
        cm={all}
        put={(document, cm) => put(document, typeof value === 'number' ? cm! : { all: cm!, sizes })}
      />
      {own === undefined ? (
        <button
          type="button"
          className="sr-only rounded px-1 text-[12px] text-soft underline group-focus-within:not-sr-only group-hover:not-sr-only"
          onClick={() => edit(path, (document) => put(document, withOwn(forSize(value, size.id))))}
        >
          another for {size.label} alone
        </button>
      ) : (
        <div className="flex items-center pl-3">
          <div className="grow">
            <LengthField
              path={`${path}.sizes.${size.id}`}
              label={`for ${size.label} alone`}
              cm={own}
              put={(document, cm) => put(document, withOwn(cm!))}
            />
          </div>
          <button
            type="button"
            className="rounded p-1 hover:bg-tape"
            aria-label={`${label}: ${size.label} as all sizes`}
            onClick={() => edit(path, (document) => put(document, withOwn(null)))}
          >
            <X size={13} aria-hidden />
          </button>
        </div>
      )}
    </div>
  );
}
