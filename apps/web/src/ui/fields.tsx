import type { Draft } from 'immer';
import type { ReactNode } from 'react';
import { formatLength, parseLength, tidy, type Design } from '@upfell/core';
import { edit, useDesign } from '../state/designStore';
import { Field } from './Field';
import { typedNumber } from './numbers';

interface Common {
  path: string;
  label: string;
  hint?: ReactNode;
  placeholder?: string;
  stacked?: boolean;
}

interface LengthProps extends Common {
  cm: number | undefined;
  /** Puts the length (undefined: none) into the document. */
  put: (document: Draft<Design>, cm: number | undefined) => void;
  /** Whether the field may be left empty. */
  optional?: boolean;
}

/** A length, read and typed in the design's units; any unit may be typed. */
export function LengthField({ cm, put, optional, ...common }: LengthProps) {
  const units = useDesign(({ document }) => document?.units ?? 'cm');
  const take = (text: string) => {
    if (text.trim() === '' && optional) return edit(common.path, (document) => put(document, undefined));
    const parsed = parseLength(text, units);
    return parsed.ok ? edit(common.path, (document) => put(document, tidy(parsed.cm))) : parsed.message;
  };
  return (
    <Field
      {...common}
      length
      unit={units}
      shown={cm === undefined ? '' : shownLength(cm, units)}
      take={take}
    />
  );
}

/** Inches keep their fraction as typed on a tape; cm lose a trailing ".0". */
function shownLength(cm: number, units: 'cm' | 'in'): string {
  return units === 'cm' ? String(tidy(cm)).replace('-', '−') : formatLength(cm, units);
}

interface NumberProps extends Common {
  value: number | undefined;
  put: (document: Draft<Design>, value: number) => void;
  unit?: ReactNode;
  /** Decimals shown at most; what is kept may have more. */
  digits?: number;
}

/** A plain number: a count, a hook size, a share. */
export function NumberField({ value, put, unit, digits = 10, ...common }: NumberProps) {
  const take = (text: string) => {
    const number = typedNumber(text);
    if (number === null)
      return text.trim() === ''
        ? 'A number is missing here.'
        : `“${text.trim()}” is not a number; type one like 16 or 16,5.`;
    return edit(common.path, (document) => put(document, number));
  };
  return (
    <Field
      {...common}
      unit={unit ?? ''}
      shown={value === undefined ? '' : String(Number(value.toFixed(digits)))}
      take={take}
    />
  );
}

interface TextProps extends Common {
  value: string;
  put: (document: Draft<Design>, value: string) => void;
  /** A sentence when the text cannot be taken for a reason that only the place knows. */
  refuse?: (text: string, document: Design) => string | null;
}

/** A name. */
export function TextField({ value, put, refuse, ...common }: TextProps) {
  const take = (text: string) =>
    refuse?.(text, useDesign.getState().document!) ?? edit(common.path, (document) => put(document, text));
  return <Field {...common} wide shown={value} take={take} />;
}

interface ChoiceProps<T extends string> {
  path: string;
  label: string;
  value: T;
  options: readonly { value: T; label: string }[];
  put: (document: Draft<Design>, value: T) => void;
}

/** Words of a choice that are longer than this stand on a line of their own, so that none is cut off. */
const SHORT = 21;

/** How the label of a choice and its words stand: beside each other, or below where the words are long. */
export function choiceLayout(words: readonly string[]): string {
  const long = Math.max(0, ...words.map(({ length }) => length)) > SHORT;
  return `grid items-center gap-x-3 py-0.5 ${long ? 'grid-cols-1' : 'grid-cols-[1fr_auto]'}`;
}

/** One of a few words. */
export function ChoiceField<T extends string>({ path, label, value, options, put }: ChoiceProps<T>) {
  return (
    <label className={choiceLayout(options.map((option) => option.label))}>
      {label}
      <select
        data-path={path}
        className="max-w-full min-w-0 rounded border border-line bg-sheet px-1.5 py-0.5"
        value={value}
        onChange={(event) => edit(path, (document) => put(document, event.target.value as T))}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}
