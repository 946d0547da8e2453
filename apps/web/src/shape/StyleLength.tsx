import type { Draft } from 'immer';
import { Split, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { toast } from 'sonner';
import { easeOver, forSize, partsOf, tidy, type Design, type Ease, type PerSize } from '@upfell/core';
import { useChosenSize } from '../state/useSizePlan';
import { edit, useDesign } from '../state/designStore';
import { askShareBase } from '../state/planner';
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

/** A share as exact as a length that is kept, so that going to per cent and back changes nothing. */
const exactly = (percent: number) => Math.round(percent * 1e4) / 1e4;

/** An ease: a length, or a share of what the garment takes it of; for all sizes or for one. */
export function StyleEase(props: Props<Ease>) {
  const { size } = useChosenSize();
  /** The other way to say the same ease, over what the plan itself takes shares of. */
  const turned = async (path: string, value: Ease): Promise<Ease | null> => {
    const field = path.replace(/^garment\./, '').replace(/\.(?:all|sizes\..+)$/, '');
    const base = await askShareBase(useDesign.getState().document!, size.id, field);
    if (!base || base <= 0) return null;
    return typeof value === 'number'
      ? { percent: exactly((value / base) * 100) }
      : tidy(easeOver(value, base));
  };
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
                digits={2}
                unit="%"
                put={(document, percent) => put(document, { percent })}
              />
            )}
          </div>
          <button
            type="button"
            className="rounded border border-line px-1 text-[12px] hover:bg-tape"
            aria-label={`${field.label}: give it ${typeof value === 'number' ? 'in per cent' : 'as a length in cm'}`}
            title={typeof value === 'number' ? 'as a share' : 'as a length'}
            onClick={() =>
              void turned(field.path, value).then((other) =>
                other === null
                  ? toast('A share of nothing cannot be given here.')
                  : edit(field.path, (document) => put(document, other)),
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
    <div className="group relative">
      {one({
        path: parted ? `${path}.all` : path,
        label,
        value: all,
        put: (document, figure) => put(document, parted ? { all: figure, sizes } : figure),
      })}
      {own === undefined ? (
        // In the margin, so that nothing moves under the pointer when it comes and goes.
        <button
          type="button"
          className="absolute top-1.5 -left-[1.1rem] rounded text-soft opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 hover:bg-tape"
          title={`Another for ${size.label} alone`}
          aria-label={`Another for ${size.label} alone: ${label}`}
          onClick={() => edit(path, (document) => put(document, withOwn(forSize(value, size.id))))}
        >
          <Split size={14} aria-hidden />
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
