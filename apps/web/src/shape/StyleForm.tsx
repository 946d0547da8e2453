import type { Draft } from 'immer';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import {
  constructionOf,
  easeOver,
  fieldAt,
  fieldValues,
  forSize,
  holds,
  labelIn,
  valueAt,
  type Design,
  type Ease,
  type Field,
  type Fields,
  type PerSize,
} from '@upfell/core';
import { useChosenSize, useDocument } from '../state/useSizePlan';
import { FabricChoice } from '../fabric/FabricChoice';
import { edit } from '../state/designStore';
import { setStyle, type StyleDraft } from '../state/style';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/fields';
import { BodyEaseScale } from './EaseScale';
import { EvenRange } from './EvenRange';
import { StyleEase, StyleLength } from './StyleLength';

type Values = Readonly<Record<string, unknown>>;
type Put = (document: Draft<Design>, value: unknown) => void;

/** What the fields of the garment have as values. */
function useValues(): { fields: Fields; values: Values } {
  const { garment, fabrics } = useDocument();
  return useMemo(() => {
    const construction = constructionOf(garment.construction)!;
    const ids = fabrics.map(({ id }) => id);
    return { fields: construction.fields, values: fieldValues(construction, garment, ids) };
  }, [garment, fabrics]);
}

/** Whether each field is explained below it. */
const Explained = createContext(false);

/** The form of a garment, made from the fields that its construction declares. */
export function StyleForm() {
  const { fields, values } = useValues();
  const [explained, setExplained] = useState(false);
  return (
    <Explained value={explained}>
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        aria-pressed={explained}
        onClick={() => setExplained(!explained)}
      >
        {explained ? 'Hide what each field does' : 'Say what each field does'}
      </Button>
      {explained && (
        <a href="/glossary" target="_blank" rel="noreferrer" className="text-[12.5px] text-agreed underline">
          all words
        </a>
      )}
      <FieldList fields={fields} values={values} at="" />
      <EvenRange />
    </Explained>
  );
}

/** One field of the garment by its path, wherever it is wanted. */
export function StyleField({ path }: { path: string }) {
  const { fields, values } = useValues();
  const field = fieldAt(fields, path);
  return field ? <OneField field={field} path={path} values={values} /> : null;
}

function FieldList({ fields, values, at }: { fields: Fields; values: Values; at: string }) {
  return Object.entries(fields).map(([key, field]) => (
    <OneField key={key} field={field} path={at === '' ? key : `${at}.${key}`} values={values} />
  ));
}

interface FieldProps {
  field: Field;
  /** In the garment: "sleeve.shape". */
  path: string;
  values: Values;
}

function OneField({ field, path, values }: FieldProps) {
  const explained = useContext(Explained);
  if (field.drawn || !holds(field.when, values)) return null;
  const optional = field.kind === 'group' && field.optional;
  return (
    <>
      {field.heading && (
        <Heading title={field.heading}>
          {optional && (
            <InOrOut path={path} title={field.heading} there={(valueAt(values, path) ?? null) !== null} />
          )}
        </Heading>
      )}
      <div title={field.kind === 'group' ? undefined : field.help}>
        <Control field={field} path={path} values={values} />
        {explained && field.kind !== 'group' && (
          <p className="mb-1 text-[12.5px] leading-snug text-soft">
            {field.help}
            {field.kind === 'length' && field.share && ` A share is of ${field.share.of}.`}
          </p>
        )}
      </div>
    </>
  );
}

function Heading({ title, children }: { title: string; children: ReactNode }) {
  return (
    <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
      {title}
      {children}
    </h3>
  );
}

/** Leaves a part of the garment out, or adds it as it usually is. */
function InOrOut({ path, title, there }: { path: string; title: string; there: boolean }) {
  return (
    <Button
      look={there ? 'quiet' : undefined}
      aria-label={`${there ? 'Leave out' : 'Add'}: ${title}`}
      className={there ? 'text-[12.5px] font-normal' : ''}
      onClick={() => edit(`garment.${path}`, (document) => setStyle(document, path, there ? null : {}))}
    >
      {there ? 'Leave out' : 'Add'}
    </Button>
  );
}

function Control({ field, path, values }: FieldProps) {
  const value = valueAt(values, path);
  const label = labelIn(field, values);
  const put: Put = (document, next) => {
    setStyle(document, path, next);
    for (const other of field.resets ?? []) setStyle(document, other, undefined);
  };
  const common = { path: `garment.${path}`, label };
  switch (field.kind) {
    case 'group':
      return value === null ? null : <FieldList fields={field.fields} values={values} at={path} />;
    case 'length':
      return <LengthControl field={field} common={common} value={value as PerSize<Ease> | null} put={put} />;
    case 'number':
      return (
        <>
          {field.optional && (
            <OwnOrNone {...common} optional={field.optional} none={value === null} put={put} />
          )}
          {value !== null && (
            <NumberField
              {...common}
              label={field.optional ? wholeName(field) : label}
              unit={field.factor ? '%' : shortUnit(field.unit)}
              value={field.factor ? Math.round((value as number) * 1000) / 10 : (value as number)}
              put={(document, number) => put(document, field.factor ? number / 100 : number)}
            />
          )}
        </>
      );
    case 'choice':
      return (
        <ChoiceField
          {...common}
          value={String(value)}
          options={field.options.map((option) => ({
            value: String(option.value),
            label: labelIn(option, values),
          }))}
          put={(document, chosen) =>
            put(document, field.options.find((option) => String(option.value) === chosen)!.value)
          }
        />
      );
    case 'fabric': {
      const own = (document: StyleDraft) =>
        field.usual === null ? (document.garment['fabric'] ?? document.fabrics[0]!.id) : undefined;
      return (
        <FabricChoice
          label={label}
          value={(value ?? values['fabric']) as string}
          put={(document, fabric) => put(document, fabric === own(document) ? null : fabric)}
        />
      );
    }
    case 'rising shares':
      return null;
  }
}

/** A field's whole name, which its figure goes by beside the choice whether there is one. */
function wholeName({ name }: Field): string {
  return name.replace(/^The (.)/, (_, first: string) => first.toUpperCase());
}

/** Whether a figure that may be left out is one's own. */
function OwnOrNone<T>({
  path,
  label,
  optional,
  none,
  put,
}: {
  path: string;
  label: string;
  optional: { none: string; own: string; first: T };
  none: boolean;
  put: Put;
}) {
  return (
    <ChoiceField
      path={`${path}.own`}
      label={label}
      value={none ? 'none' : 'own'}
      options={[
        { value: 'none', label: optional.none },
        { value: 'own', label: optional.own },
      ]}
      put={(document, chosen) => put(document, chosen === 'own' ? optional.first : null)}
    />
  );
}

/** A length, a length or share, or either where it may be left out. */
function LengthControl({
  field,
  common,
  value,
  put,
}: {
  field: Extract<Field, { kind: 'length' }>;
  common: { path: string; label: string };
  value: PerSize<Ease> | null;
  put: Put;
}) {
  const { size } = useChosenSize();
  const { optional } = field;
  const figure = value !== null && {
    ...common,
    // Beside its choice the figure goes by its whole name.
    label: optional ? wholeName(field) : common.label,
  };
  return (
    <>
      {optional && <OwnOrNone {...common} optional={optional} none={value === null} put={put} />}
      {figure &&
        (field.share ? (
          <StyleEase {...figure} value={value} put={put} />
        ) : (
          <StyleLength {...figure} value={value as PerSize} put={put} />
        ))}
      {field.onScale && value !== null && (
        <BodyEaseScale
          over={(bust) => easeOver(forSize(value, size.id), bust)}
          path={common.path}
          value={value}
          put={put}
        />
      )}
    </>
  );
}

/** "stitches" beside a small field: "st"; of a share only the sign. */
function shortUnit(unit: string): string {
  return unit === 'stitches' ? 'st' : unit.split(' ')[0]!;
}
