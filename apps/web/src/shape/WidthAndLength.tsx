import {
  easeOver,
  forSize,
  partsOf,
  type PanelStyle,
  type Ease,
  type FullBody,
  type PerSize,
} from '@upfell/core';
import { edit } from '../state/designStore';
import { ChoiceField } from '../ui/fields';
import { EaseScale } from './EaseScale';
import { OptionalEase } from './OptionalEase';
import { StyleEase } from './StyleLength';

type Style = Pick<PanelStyle, 'widthLedBy' | 'ease' | 'hipEase' | 'lengthLedBy' | 'belowWaist'>;

/** What leads width and length, and the eases: the same for every construction. */
export function WidthAndLength({ style, body, size }: { style: Style; body: FullBody; size: string }) {
  return (
    <>
      <ChoiceField
        path="garment.widthLedBy"
        label="Width led by"
        value={style.widthLedBy}
        options={[
          { value: 'bust', label: 'bust' },
          { value: 'hip', label: 'hip' },
          { value: 'widest', label: 'the widest' },
        ]}
        put={(document, ledBy) => void (document.garment['widthLedBy'] = ledBy)}
      />
      <StyleEase
        path="garment.ease"
        label={style.hipEase ? 'Ease at the bust' : 'Ease, all round'}
        value={style.ease}
        put={(document, value) => void (document.garment['ease'] = value)}
      />
      <EaseScale
        cm={easeOver(forSize(style.ease, size), body.bust)}
        onChange={(cm) =>
          edit('garment.ease', (document) => void (document.garment['ease'] = withEase(style.ease, size, cm)))
        }
      />
      <OptionalEase
        path="garment.hipEase"
        label="Ease at the hip"
        add="Another ease at the hip"
        value={style.hipEase}
        first={forSize(style.ease, size)}
        put={(document, value) => void (document.garment['hipEase'] = value)}
      />
      <LengthFields style={style} />
    </>
  );
}

/** What leads the length, and how far it goes below the waist. */
export function LengthFields({ style }: { style: Style }) {
  return (
    <>
      <ChoiceField
        path="garment.lengthLedBy"
        label="Length led by"
        value={style.lengthLedBy}
        options={[
          { value: 'back', label: 'the back' },
          { value: 'front', label: 'the front' },
          { value: 'longer', label: 'the longer' },
        ]}
        put={(document, ledBy) => void (document.garment['lengthLedBy'] = ledBy)}
      />
      <StyleEase
        path="garment.belowWaist"
        label="Length below the waist"
        value={style.belowWaist}
        put={(document, value) => void (document.garment['belowWaist'] = value)}
      />
    </>
  );
}

/** The ease with another length for a size that has its own, else for all sizes; a share stays a share only by its field. */
function withEase(ease: PerSize<Ease>, size: string, cm: number): PerSize<Ease> {
  const { all, sizes } = partsOf(ease);
  if (size in sizes) return { all, sizes: { ...sizes, [size]: cm } };
  return Object.keys(sizes).length > 0 ? { all: cm, sizes } : cm;
}
