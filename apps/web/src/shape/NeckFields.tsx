import { NECK_STYLES, type PanelStyle } from '@upfell/core';
import { ChoiceField, NumberField } from '../ui/fields';
import { options } from './options';
import { NeckLineField } from './ShapingFields';
import { part } from './style';
import { StyleEase, StyleLength } from './StyleLength';

const STYLE_WORDS = { usual: 'usual', boat: 'a boat', 'off-shoulder': 'off the shoulder' };

/** Width, depth and line of the neck of a garment of panels. */
export function NeckFields({ style, sideways }: { style: PanelStyle; sideways: boolean }) {
  const { neck, front } = style;
  const closed = front.style === 'closed';
  // Panels worked from side to side have no rows along the neck to slant by.
  const slantable = !sideways;
  return (
    <>
      <h3 className="mt-3 font-sans font-semibold">Neck</h3>
      <ChoiceField
        path="garment.neck.style"
        label="Style"
        value={neck.style}
        options={options(NECK_STYLES, STYLE_WORDS)}
        put={(document, value) => {
          const fields = part(document, 'neck');
          fields['style'] = value;
          // Each style has its own usual depth, and its width comes from its own measure.
          delete fields['drop'];
          fields['width'] = null;
          fields['ease'] = null;
        }}
      />
      <ChoiceField
        path="garment.neck.auto"
        label="Width"
        value={neck.width !== null ? 'own' : neck.ease !== null ? 'round' : 'usual'}
        options={[
          { value: 'usual', label: closed ? 'usual, head passes' : 'usual' },
          {
            value: 'round',
            label: neck.style === 'off-shoulder' ? 'with an ease of its own' : 'from the neck round',
          },
          { value: 'own', label: 'as I say' },
        ]}
        put={(document, choice) => {
          const fields = part(document, 'neck');
          fields['width'] = choice === 'own' ? 18 : null;
          fields['ease'] = choice === 'round' ? (neck.style === 'off-shoulder' ? -4 : 12) : null;
        }}
      />
      {neck.width === null && neck.ease !== null && (
        <StyleEase
          path="garment.neck.ease"
          label={neck.style === 'off-shoulder' ? 'Ease round the shoulders' : 'Ease at the neck'}
          value={neck.ease}
          put={(document, value) => void (part(document, 'neck')['ease'] = value)}
        />
      )}
      {neck.width !== null && (
        <StyleLength
          path="garment.neck.width"
          label="Neck width"
          value={neck.width}
          put={(document, value) => void (part(document, 'neck')['width'] = value)}
        />
      )}
      {slantable && (
        <ChoiceField
          path="garment.neck.slant"
          label={closed ? 'Sides of the neck' : 'Fronts'}
          value={neck.slant ? 'slant' : 'line'}
          options={[
            { value: 'line', label: 'along a line of their own' },
            { value: 'slant', label: 'slanted, so many off at a time' },
          ]}
          put={(document, way) =>
            void (part(document, 'neck')['slant'] = way === 'slant' ? { stitches: 1, every: 2 } : null)
          }
        />
      )}
      {slantable && neck.slant ? (
        <>
          <NumberField
            path="garment.neck.slant.stitches"
            label="Stitches off at a time"
            unit="st"
            value={neck.slant.stitches}
            put={(document, stitches) => void (part(document, 'neck')['slant'] = { ...neck.slant, stitches })}
          />
          <ChoiceField
            path="garment.neck.slant.every"
            label="In"
            value={String(neck.slant.every)}
            options={[
              { value: '1', label: 'every row' },
              { value: '2', label: 'every 2nd row' },
            ]}
            put={(document, every) =>
              void (part(document, 'neck')['slant'] = { ...neck.slant, every: Number(every) })
            }
          />
        </>
      ) : (
        <>
          <StyleEase
            path="garment.neck.drop"
            label="Front drop, 0 for a straight gap"
            value={neck.drop}
            put={(document, value) => void (part(document, 'neck')['drop'] = value)}
          />
          <NeckLineField />
        </>
      )}
    </>
  );
}
