import { NECK_SHAPES, ORDERS, type NeckShape, type Order } from '@upfell/core';
import { ChoiceField } from '../ui/fields';
import { part, useStyle } from './style';

const ORDER_WORDS: Record<Order, string> = {
  'slow first': 'slower at the cuff',
  'fast first': 'faster at the cuff',
  mixed: 'mixed evenly',
};

const NECK_WORDS: Record<NeckShape, string> = { round: 'round', scoop: 'scoop', V: 'V', square: 'square' };

/** Order and placement of the sleeve's shaping. */
export function SleeveShapingFields() {
  const { order, everyRow } = useStyle().sleeve!;
  return (
    <>
      <ChoiceField
        path="garment.sleeve.order"
        label="Shaping"
        value={order}
        options={ORDERS.map((value) => ({ value, label: ORDER_WORDS[value] }))}
        put={(document, value) => void (part(document, 'sleeve')['order'] = value)}
      />
      <ChoiceField
        path="garment.sleeve.everyRow"
        label="Shaping rows"
        value={String(everyRow)}
        options={[
          { value: '1', label: 'any row' },
          { value: '2', label: 'right-side rows only' },
        ]}
        put={(document, value) => void (part(document, 'sleeve')['everyRow'] = Number(value))}
      />
    </>
  );
}

/** The line of the front neck. */
export function NeckLineField() {
  const { shape } = useStyle().neck;
  return (
    <ChoiceField
      path="garment.neck.shape"
      label="Line of the front"
      value={shape}
      options={NECK_SHAPES.map((value) => ({ value, label: NECK_WORDS[value] }))}
      put={(document, value) => void (part(document, 'neck')['shape'] = value)}
    />
  );
}
