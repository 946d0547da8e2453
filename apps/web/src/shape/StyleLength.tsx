import type { Draft } from 'immer';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { easeOver, forSize, partsOf, tidy, type Design, type Ease, type PerSize } from '@upfell/core';
import { useChosenSize } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { LengthField, NumberField } from '../ui/fields';

interface Props<T> {
  path: string;
  label: string;
  value: PerSize<T>;
  put: (document: Draft<Design>, value: PerSize<T>) => void;
}

/** One figure of a style: its field. */
type OneField<T> = (field: {
  path: string;
  label: string;
  value: T;
  put: (document: Draft<Design>, value: T) => void;
}) => ReactNode;

/** A style length: one for all sizes, and if wanted another for the chosen size alone. */
export function StyleLength(props: Props<number>) {
  return (
    <PerSizeField
      {...props}
      one={({ value, put, ...field }) => (
        <LengthField {...field} cm={value} put={(document, cm) => put(document, cm!)} />
      )}
    />
  );
}

interface EaseProps extends Props<Ease> {
  /** The body's own measure that a share is of, in the chosen size, cm. */
  measure: number;
}

/** An ease: a length or a share of the body's measure, for all sizes or for one. */
export function StyleEase({ measure, ...props }: EaseProps) {
  return (
    <PerSizeField
      {...props}
      one={({ value, put, ...field }) => (
        <div className="flex items-center gap-1">
          <div className="grow">
            {typeof value === 'number' ? (
              <LengthField {...field} cm={value} put={(document, cm) => put(document, cm!)} />
            ) : (
              <NumberField
                {...field}
                value={value.percent}
                unit="%"
                put={(document, percent) => put(document, { percent })}
              />
            )}
          </div>
          <button
            type="button"
            className="rounded border border-line px-1 text-[12px] hover:bg-tape"
            aria-label={`${field.label}: give it ${typeof value === 'number' ? 'in per cent' : 'as a length in cm'}`}
            title={typeof value === 'number' ? 'as a share of the body' : 'as a length'}
            onClick={() =>
              edit(field.path, (document) =>
                put(
                  document,
                  typeof value === 'number'
                    ? { percent: Math.round((value / measure) * 1000) / 10 }
                    : tidy(easeOver(value, measure)),
                ),
              )
            }
          >
            {typeof value === 'number' ? '%' : 'cm'}
          </button>
        </div>
      )}
    />
  );
}

function PerSizeField<T>({ path, label, value, put, one }: Props<T> & { one: OneField<T> }) {
  const { size } = useChosenSize();
  const { all, sizes } = partsOf(value);
  const parted = Object.keys(sizes).length > 0;
  const own = sizes[size.id];
  const withOwn = (figure: T | null): PerSize<T> => {
    const { [size.id]: _, ...others } = sizes;
    const next = figure === null ? others : { ...others, [size.id]: figure };
    return Object.keys(next).length === 0 ? all : { all, sizes: next };
  };
  return (
    <div className="group">
      {one({
        path: parted ? `${path}.all` : path,
        label,
        value: all,
        put: (document, figure) => put(document, parted ? { all: figure, sizes } : figure),
      })}
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
            {one({
              path: `${path}.sizes.${size.id}`,
              label: `for ${size.label} alone`,
              value: own,
              put: (document, figure) => put(document, withOwn(figure)),
            })}
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
