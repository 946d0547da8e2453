import type { Draft } from 'immer';
import {
  completeBody,
  easeOver,
  forSize,
  partsOf,
  type Design,
  type DropShoulderStyle,
  type Ease,
  type PerSize,
} from '@upfell/core';
import { useChosenSize, useDocument } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/fields';
import { FabricChoice } from '../fabric/FabricChoice';
import { EaseScale } from './EaseScale';
import { EvenRange } from './EvenRange';
import { NeckLineField, SleeveShapingFields } from './ShapingFields';
import { part, useStyle } from './style';
import { StyleEase, StyleLength } from './StyleLength';

/** How the garment sits: ease, lengths, neck, sleeves and bands of the drop-shoulder pullover. */
export function ShapePanel() {
  const style = useStyle();
  const { size } = useChosenSize();
  const { body } = completeBody(size.body, size.group)!;
  return (
    <>
      <h2 className="mb-2 text-lg">Drop-shoulder pullover</h2>
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
        measure={body.bust}
        put={(document, value) => void (document.garment['ease'] = value)}
      />
      <EaseScale
        cm={easeOver(forSize(style.ease, size.id), body.bust)}
        onChange={(cm) =>
          edit(
            'garment.ease',
            (document) => void (document.garment['ease'] = withEase(style.ease, size.id, cm)),
          )
        }
      />
      <OptionalEase
        path="garment.hipEase"
        label="Ease at the hip"
        add="Another ease at the hip"
        value={style.hipEase}
        measure={body.hip}
        first={forSize(style.ease, size.id)}
        put={(document, value) => void (document.garment['hipEase'] = value)}
      />
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
        measure={body.backWaist}
        put={(document, value) => void (document.garment['belowWaist'] = value)}
      />
      <StyleEase
        path="garment.armholeEase"
        label="Armhole ease"
        value={style.armholeEase}
        measure={body.armholeDepth}
        put={(document, value) => void (document.garment['armholeEase'] = value)}
      />
      <FabricChoice
        label="Fabric"
        value={style.fabric}
        put={(document, fabric) => void (document.garment['fabric'] = fabric)}
      />
      <FabricChoice
        label="From the underarm up"
        value={style.upper?.fabric ?? style.fabric}
        put={(document, fabric) =>
          void (document.garment['upper'] = fabric === document.garment['fabric'] ? null : { fabric })
        }
      />

      <h3 className="mt-3 font-sans font-semibold">Neck</h3>
      <ChoiceField
        path="garment.neck.auto"
        label="Width"
        value={style.neck.width !== null ? 'own' : style.neck.ease !== null ? 'round' : 'usual'}
        options={[
          { value: 'usual', label: 'usual, head passes' },
          { value: 'round', label: 'from the neck round' },
          { value: 'own', label: 'as I say' },
        ]}
        put={(document, choice) => {
          const neck = part(document, 'neck');
          neck['width'] = choice === 'own' ? 18 : null;
          neck['ease'] = choice === 'round' ? 12 : null;
        }}
      />
      {style.neck.width === null && style.neck.ease !== null && (
        <StyleEase
          path="garment.neck.ease"
          label="Ease at the neck"
          value={style.neck.ease}
          measure={body.neck}
          put={(document, value) => void (part(document, 'neck')['ease'] = value)}
        />
      )}
      {style.neck.width !== null && (
        <StyleLength
          path="garment.neck.width"
          label="Neck width"
          value={style.neck.width}
          put={(document, value) => void (part(document, 'neck')['width'] = value)}
        />
      )}
      <StyleLength
        path="garment.neck.drop"
        label="Front drop, 0 for a straight gap"
        value={style.neck.drop}
        put={(document, value) => void (part(document, 'neck')['drop'] = value)}
      />
      <NeckLineField />

      <h3 className="mt-3 font-sans font-semibold">Sleeve</h3>
      <ChoiceField
        path="garment.sleeve.worked"
        label="Worked"
        value={style.sleeve.worked}
        options={[
          { value: 'up', label: 'from the cuff up' },
          { value: 'down', label: 'from the armhole down' },
        ]}
        put={(document, worked) => void (part(document, 'sleeve')['worked'] = worked)}
      />
      <FabricChoice
        label="Fabric"
        value={style.sleeve.fabric ?? style.fabric}
        put={(document, fabric) =>
          void (part(document, 'sleeve')['fabric'] = fabric === document.garment['fabric'] ? null : fabric)
        }
      />
      <OptionalEase
        path="garment.sleeve.upperArmEase"
        label="Ease at the upper arm"
        add="An ease at the upper arm"
        value={style.sleeve.upperArmEase}
        measure={body.upperArm}
        first={8}
        put={(document, value) => void (part(document, 'sleeve')['upperArmEase'] = value)}
      />
      <StyleEase
        path="garment.sleeve.wristEase"
        label="Wrist ease"
        value={style.sleeve.wristEase}
        measure={body.wrist}
        put={(document, value) => void (part(document, 'sleeve')['wristEase'] = value)}
      />
      <StyleLength
        path="garment.sleeve.shorter"
        label="Shorter than the arm by"
        value={style.sleeve.shorter}
        put={(document, value) => void (part(document, 'sleeve')['shorter'] = value)}
      />
      <SleeveShapingFields />
      <StyleEase
        path="garment.sleeve.evenAtCuff"
        label="Even above the cuff"
        value={style.sleeve.evenAtCuff}
        measure={body.underarmToWrist}
        put={(document, value) => void (part(document, 'sleeve')['evenAtCuff'] = value)}
      />
      <StyleEase
        path="garment.sleeve.evenAtTop"
        label="Even below the top"
        value={style.sleeve.evenAtTop}
        measure={body.underarmToWrist}
        put={(document, value) => void (part(document, 'sleeve')['evenAtTop'] = value)}
      />
      <BandFields id="hem" label="Hem rib" band={style.hem} />
      <BandFields id="cuff" label="Cuff rib" band={style.cuff} />
      <EvenRange />
    </>
  );
}

/** An ease that a style may be without. */
function OptionalEase({
  path,
  label,
  add,
  value,
  measure,
  first,
  put,
}: {
  path: string;
  label: string;
  add: string;
  value: PerSize<Ease> | null;
  measure: number;
  /** The ease to begin with. */
  first: Ease;
  put: (document: Draft<Design>, value: PerSize<Ease> | null) => void;
}) {
  if (value === null)
    return (
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() => edit(path, (document) => put(document, first))}
      >
        {add}
      </Button>
    );
  return (
    <div className="relative">
      <StyleEase path={path} label={label} value={value} measure={measure} put={put} />
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() => edit(path, (document) => put(document, null))}
      >
        Leave out “{label.toLowerCase()}”
      </Button>
    </div>
  );
}

/** The ease with another length for a size that has its own, else for all sizes; a share stays a share only by its field. */
function withEase(ease: PerSize<Ease>, size: string, cm: number): PerSize<Ease> {
  const { all, sizes } = partsOf(ease);
  if (size in sizes) return { all, sizes: { ...sizes, [size]: cm } };
  return Object.keys(sizes).length > 0 ? { all: cm, sizes } : cm;
}

interface BandProps {
  id: 'hem' | 'cuff';
  label: string;
  band: DropShoulderStyle['hem'];
}

function BandFields({ id, label, band }: BandProps) {
  const { fabrics } = useDocument();
  const path = `garment.${id}`;
  const fill = (document: Draft<Design>) =>
    Object.assign(part(document, id), { ...band, ...part(document, id) });
  if (!band)
    return (
      <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
        {label}
        <Button
          onClick={() =>
            edit(
              path,
              (document) =>
                void (document.garment[id] = { height: 5, gather: 1, fabric: fabrics.at(-1)!.id }),
            )
          }
        >
          Add
        </Button>
      </h3>
    );
  return (
    <>
      <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
        {label}
        <Button
          look="quiet"
          className="text-[12.5px] font-normal"
          onClick={() => edit(path, (document) => void (document.garment[id] = null))}
        >
          Leave out
        </Button>
      </h3>
      <FabricChoice
        label="Fabric"
        value={band.fabric}
        put={(document, fabric) => void (fill(document)['fabric'] = fabric)}
      />
      <StyleLength
        path={`${path}.height`}
        label="Height"
        value={band.height}
        put={(document, value) => void (fill(document)['height'] = value)}
      />
      <NumberField
        path={`${path}.gather`}
        label="Its length, of the edge"
        unit="%"
        value={Math.round(band.gather * 1000) / 10}
        put={(document, share) => void (fill(document)['gather'] = share / 100)}
      />
    </>
  );
}
