import {
  fieldsWithin,
  fieldValues,
  forSize,
  constructionOf,
  holds,
  valueAt,
  type Design,
  type Ease,
  type Grip,
  type LengthField,
  type PerSize,
} from '@upfell/core';

/** A length of the garment that can be dragged on the figure. */
export interface GripField {
  grip: Grip;
  /** In the garment: "sleeve.shorter". */
  path: string;
  field: LengthField;
  value: PerSize<Ease>;
  /** What holds for the size: a length in cm, or a share. */
  own: Ease;
}

/** The lengths of a design's garment that say where it can be dragged, for one size. */
export function gripFields(
  { garment, fabrics }: Pick<Design, 'garment' | 'fabrics'>,
  size: string,
): GripField[] {
  const construction = constructionOf(garment.construction)!;
  const values = fieldValues(
    construction,
    garment,
    fabrics.map(({ id }) => id),
  );
  return fieldsWithin(construction.fields).flatMap(({ path, field }): GripField[] => {
    const value = valueAt(values, path) as PerSize<Ease> | null | undefined;
    if (field.kind !== 'length' || !field.grip || value === null || value === undefined) return [];
    if (!holds(field.when, values)) return [];
    return [{ grip: field.grip, path, field, value, own: forSize(value, size) }];
  });
}
