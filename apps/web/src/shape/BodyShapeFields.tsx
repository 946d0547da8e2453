import { BODY_SHAPES, type BodyStyle } from '@upfell/core';
import { ChoiceField } from '../ui/fields';
import { options } from './options';
import { part } from './style';
import { StyleEase } from './StyleLength';

const BODY_WORDS = { straight: 'straight', 'A-line': 'A-line', waist: 'to the waist' };

/** The shape of the body below the underarm, and its eases. */
export function BodyShapeFields({ shape }: { shape: BodyStyle }) {
  return (
    <>
      <ChoiceField
        path="garment.body.shape"
        label="Below the underarm"
        value={shape.shape}
        options={options(BODY_SHAPES, BODY_WORDS)}
        put={(document, value) => void (part(document, 'body')['shape'] = value)}
      />
      {shape.shape === 'waist' && (
        <StyleEase
          path="garment.body.waistEase"
          label="Ease at the waist"
          value={shape.waistEase}
          put={(document, value) => void (part(document, 'body')['waistEase'] = value)}
        />
      )}
      {shape.shape !== 'straight' && (
        <StyleEase
          path="garment.body.hemEase"
          label="Ease at the lower edge"
          value={shape.hemEase}
          put={(document, value) => void (part(document, 'body')['hemEase'] = value)}
        />
      )}
    </>
  );
}
