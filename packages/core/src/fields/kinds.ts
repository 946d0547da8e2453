/**
 * The fields of a style, each said once. From its declaration come the type of the style, its reader with the sentences of wrong values, the
 * JSON Schema, the tables in docs/formats, the form that edits it, and what a change of construction keeps.
 */

import type { Ease, PerSize } from './perSize.js';

/** Values that other fields must have, by their paths in the style; `some` is anything but none, 0 and no. */
export type When = Readonly<Record<string, readonly (string | number | boolean | null)[] | 'some'>>;

/** Fields of one object that have been read already: a usual figure may follow from them. */
export type ReadSoFar = Readonly<Record<string, unknown>>;

/** A usual figure, or how it follows from the fields declared before it in the same object. */
export type Usual<T> = T | ((read: ReadSoFar) => T);

/** A place of a worn garment that can be dragged: its length grows downwards, outwards for the side; for the sleeve upwards. */
export type Grip = 'hem' | 'sleeve' | 'neck' | 'side';

/** What every field says of itself. */
export interface FieldWords {
  /** In sentences: "The ease of the armhole". */
  name: string;
  /** In a form: "Armhole ease". */
  label: string;
  /** Other labels in a form, where other fields have certain values; the first that holds. */
  labels?: readonly { when: When; label: string }[];
  /** One line on what it does. */
  help: string;
  /** A part of the form begins here with this heading. */
  heading?: string;
  /** Where a form shows it. */
  when?: When;
  /** Paths that go back to their usual figures when this field is changed in a form. */
  resets?: readonly string[];
  /** Which place of the worn garment is dragged to set it. */
  grip?: Grip;
  /** Not in the form: it is set by dragging a line of a drawing. */
  drawn?: true;
}

/** What no value (null) stands for, and what a form begins with when there is to be one. */
export interface None<T> {
  /** "from the head". */
  none: string;
  /** "as I say". */
  own: string;
  first: T;
}

/** What a share is a share of. */
export interface ShareOf {
  /** In words: "the body’s armhole depth". */
  of: string;
  /** The count whose length it is, where it is the length that a piece has come out with; else drafting tells. */
  count?: string;
}

/** The least and the most that a figure may be. */
export type Range = readonly [min: number, max: number];

/** Only the compiler sees this: what the field reads as. */
export interface ReadsAs<T> {
  readonly reads?: T;
}

/** A length in cm, for all sizes or for some of their own; where `share` is set it may be a share in per cent. */
export interface LengthField extends FieldWords {
  kind: 'length';
  range: Range;
  usual: Usual<Ease | null>;
  optional?: None<Ease>;
  share?: ShareOf;
  /** A form shows it on the scale of the classes of ease as well. */
  onScale?: true;
}

/** A number for all sizes: a count, or a share. */
export interface NumberField extends FieldWords {
  kind: 'number';
  range: Range;
  /** What is counted, for sentences: "stitches", "% of the cuff". */
  unit: string;
  whole?: true;
  /** Kept as a factor, shown in per cent. */
  factor?: true;
  usual: number | null;
  optional?: None<number>;
}

/** One of a few words or numbers. */
export interface ChoiceField<
  T extends string | number | boolean = string | number | boolean,
> extends FieldWords {
  kind: 'choice';
  options: readonly { value: T; label: string; labels?: readonly { when: When; label: string }[] }[];
  usual: Usual<T>;
  /** What it may be only, where another field of the same object has certain values. */
  limits?: readonly Limit<T>[];
}

/** Values that a choice may only have where another field of its object says so, and the sentence for others. */
export interface Limit<T> {
  where: { field: string; is: readonly (string | number | boolean)[] };
  allowed: readonly T[];
  message(value: T, read: ReadSoFar): string;
}

/** A fabric of the design, by id. */
export interface FabricField extends FieldWords {
  kind: 'fabric';
  /** The first of the design, the first other one, the body's own (null), or that of a field of the style. */
  usual: 'body' | 'rib' | { as: string } | null;
}

/** Shares of a whole in per cent, rising; null where they come out by themselves. */
export interface RisingSharesField extends FieldWords {
  kind: 'rising shares';
  most: number;
}

/** Fields of a part of the garment. */
export interface GroupField<F extends Fields = Fields> extends FieldWords {
  kind: 'group';
  fields: F;
  /** Null or false is none; a missing one is none or the usual one. Without this there always is one. */
  optional?: { missing: 'none' | 'usual' };
}

export type Field = LengthField | NumberField | ChoiceField | FabricField | RisingSharesField | GroupField;
export type Fields = Readonly<Record<string, Field>>;

/** What fields read as. */
export type StyleOf<F> = {
  -readonly [K in keyof F]: F[K] extends ReadsAs<infer T> ? T : never;
};

type LengthWords = FieldWords & Pick<LengthField, 'range' | 'onScale'>;

/** A length. */
export function length(field: LengthWords & { usual: Usual<number> }): LengthField & ReadsAs<PerSize> {
  return { kind: 'length', ...field };
}

/** A length that may be left out. */
export function lengthOrNone(
  field: LengthWords & { optional: None<number> },
): LengthField & ReadsAs<PerSize | null> {
  return { kind: 'length', usual: null, ...field };
}

/** A length, or a share of one. */
export function ease(
  field: LengthWords & { usual: Usual<Ease>; share: ShareOf },
): LengthField & ReadsAs<PerSize<Ease>> {
  return { kind: 'length', ...field };
}

/** A length or a share that may be left out. */
export function easeOrNone(
  field: LengthWords & { optional: None<Ease>; share: ShareOf },
): LengthField & ReadsAs<PerSize<Ease> | null> {
  return { kind: 'length', usual: null, ...field };
}

/** A number. */
export function number(
  field: Omit<NumberField, 'kind' | 'optional'> & { usual: number },
): NumberField & ReadsAs<number> {
  return { kind: 'number', ...field };
}

/** A number that may be left out. */
export function numberOrNone(
  field: Omit<NumberField, 'kind' | 'optional' | 'usual'> & { optional: None<number> },
): NumberField & ReadsAs<number | null> {
  return { kind: 'number', usual: null, ...field };
}

/** One of a few values, each with its words. */
export function choice<const T extends string | number | boolean>(
  field: Omit<ChoiceField<T>, 'kind' | 'options' | 'usual'> & {
    options: readonly (readonly [value: T, label: string, other?: { when: When; label: string }])[];
    usual: Usual<NoInfer<T>>;
  },
): ChoiceField<T> & ReadsAs<T> {
  const options = field.options.map(([value, label, other]) => ({
    value,
    label,
    ...(other ? { labels: [other] } : {}),
  }));
  return { kind: 'choice', ...field, options };
}

/** A fabric of the design. */
export function fabric(
  field: Omit<FabricField, 'kind'> & { usual: NonNullable<FabricField['usual']> },
): FabricField & ReadsAs<string> {
  return { kind: 'fabric', ...field };
}

/** A fabric that is the body's where it is left out. */
export function otherFabric(
  field: Omit<FabricField, 'kind' | 'usual'>,
): FabricField & ReadsAs<string | null> {
  return { kind: 'fabric', usual: null, ...field };
}

/** A list of rising shares. */
export function risingShares(
  field: Omit<RisingSharesField, 'kind'>,
): RisingSharesField & ReadsAs<readonly number[] | null> {
  return { kind: 'rising shares', ...field };
}

/** A part of the garment that it always has. */
export function group<const F extends Fields>(
  field: Omit<GroupField, 'kind' | 'fields' | 'optional'> & { fields: F },
): GroupField<F> & ReadsAs<StyleOf<F>> {
  return { kind: 'group', ...field };
}

/** A part of the garment that may be left out. */
export function groupOrNone<const F extends Fields>(
  field: Omit<GroupField, 'kind' | 'fields'> & { fields: F; optional: NonNullable<GroupField['optional']> },
): GroupField<F> & ReadsAs<StyleOf<F> | null> {
  return { kind: 'group', ...field };
}

/** The same field with another usual figure. */
export function usually<F extends Field & { usual: unknown }>(field: F, usual: F['usual']): F {
  return { ...field, usual };
}

/** A part of the garment with other usual figures of some of its fields. */
export function usuallyIn<F extends GroupField>(field: F, usual: Readonly<Record<string, unknown>>): F {
  const fields = Object.entries(field.fields).map(([key, one]) =>
    key in usual ? [key, { ...one, usual: usual[key] }] : [key, one],
  );
  return { ...field, fields: Object.fromEntries(fields) as Fields };
}
