import { NECK_SHAPES, ORDERS, type Passage } from '@upfell/core';
import { NECK_WORDS, ORDER_WORDS, part, useStyle } from '../shape/style';
import { ChoiceField } from '../ui/fields';

type Shape = Extract<Passage, { kind: 'shape' }>;

/** Order and placement of a shaping, where the style leaves them open. */
export function ShapeControls({ passage }: { passage: Shape }) {
  const style = useStyle();
  if (passage.of.rows === 'sleeve.rows')
    return (
      <div className="max-w-[24rem]">
        <ChoiceField
          path="garment.sleeve.order"
          label="Order"
          value={style.sleeve.order}
          options={ORDERS.map((order) => ({ value: order, label: ORDER_WORDS[order] }))}
          put={(document, order) => void (part(document, 'sleeve')['order'] = order)}
        />
        <ChoiceField
          path="garment.sleeve.everyRow"
          label="Shaping rows"
          value={String(style.sleeve.everyRow)}
          options={[
            { value: '1', label: 'any row' },
            { value: '2', label: 'right-side rows only' },
          ]}
          put={(document, every) => void (part(document, 'sleeve')['everyRow'] = Number(every))}
        />
      </div>
    );
  if (passage.of.rows === 'neck.drop')
    return (
      <div className="max-w-[24rem]">
        <ChoiceField
          path="garment.neck.shape"
          label="Line of the neck"
          value={style.neck.shape}
          options={NECK_SHAPES.map((shape) => ({ value: shape, label: NECK_WORDS[shape] }))}
          put={(document, shape) => void (part(document, 'neck')['shape'] = shape)}
        />
      </div>
    );
  return null;
}
