import { completeBody, type HalvesStyle, type OverStyle } from '@upfell/core';
import { useChosenSize, useDocument } from '../design/useSizePlan';
import { FabricChoice } from '../fabric/FabricChoice';
import { ChoiceField, NumberField } from '../ui/fields';
import { BandFields } from './BandFields';
import { BodyShapeFields } from './BodyShapeFields';
import { EvenRange } from './EvenRange';
import { CentreFields } from './CentreFields';
import { CurveFields } from './CurveFields';
import { FrontFields } from './FrontFields';
import { HoodFields } from './HoodFields';
import { MeasuredFields } from './MeasuredFields';
import { NeckFields } from './NeckFields';
import { PanelSleeveFields } from './PanelSleeveFields';
import { part, useStyle } from './style';
import { StyleEase, StyleLength } from './StyleLength';
import { WidthAndLength } from './WidthAndLength';

/** Constructions whose sides may be shaped. */
const SHAPED_SIDES = ['drop-shoulder', 'notched', 'set-in', 'vest'];

/** Constructions of separate panels, or of panels joined at the shoulders: their sides may be slit. */
const PANELS = [...SHAPED_SIDES, 'rectangles', 'over-shoulders'];

/** How a garment of panels sits: front, ease, lengths, neck, sleeves and bands. */
export function PanelsPanel() {
  const style = useStyle();
  const { construction } = useDocument().garment;
  const { size } = useChosenSize();
  const { body } = completeBody(size.body, size.group)!;
  return (
    <>
      {style.measured ? (
        <MeasuredFields measures={style.measured} style={style} />
      ) : (
        <WidthAndLength style={style} body={body} size={size.id} />
      )}
      {!style.measured && (
        <StyleEase
          path="garment.armholeEase"
          label="Armhole ease"
          value={style.armholeEase}
          put={(document, value) => void (document.garment['armholeEase'] = value)}
        />
      )}
      <FabricChoice
        label="Fabric"
        value={style.fabric}
        put={(document, fabric) => void (document.garment['fabric'] = fabric)}
      />
      {style.armhole ? (
        <StyleEase
          path="garment.armhole.notch"
          label={style.armhole.curve ? 'Base of the armhole, each' : 'Step at the underarm, each'}
          value={style.armhole.notch}
          put={(document, value) => void (part(document, 'armhole')['notch'] = value)}
        />
      ) : (
        <FabricChoice
          label="From the underarm up"
          value={style.upper?.fabric ?? style.fabric}
          put={(document, fabric) =>
            void (document.garment['upper'] = fabric === document.garment['fabric'] ? null : { fabric })
          }
        />
      )}

      {style.armhole?.curve && <CurveFields curve={style.armhole.curve} />}
      {SHAPED_SIDES.includes(construction) && <BodyShapeFields shape={style.body} />}
      {'centre' in style && <CentreFields centre={style.centre as HalvesStyle['centre']} />}
      <FrontFields front={style.front} ties />
      {PANELS.includes(construction) && !style.measured && (
        <StyleLength
          path="garment.slit"
          label="Side slit, 0 for none"
          value={style.slit}
          put={(document, value) => void (document.garment['slit'] = value)}
        />
      )}
      {PANELS.includes(construction) && (
        <StyleLength
          path="garment.longerBack"
          label="Back longer by"
          value={style.longerBack}
          put={(document, value) => void (document.garment['longerBack'] = value)}
        />
      )}

      {'longerFront' in style && (
        <NumberField
          path="garment.longerFront"
          label="Fronts longer by"
          unit="rows"
          value={(style as unknown as OverStyle).longerFront}
          put={(document, rows) => void (document.garment['longerFront'] = rows)}
        />
      )}
      <NeckFields style={style} sideways={construction === 'side-to-side'} />
      <HoodFields hood={style.hood} fabric={style.fabric} />

      {style.sleeve && <PanelSleeveFields style={style} sleeve={style.sleeve} />}
      {!style.hood && <BandFields id="neckband" label="Neckband" band={style.neckband} />}
      {style.neckband && (
        <ChoiceField
          path="garment.collar"
          label="Stands"
          value={style.collar ? 'folded' : 'plain'}
          options={[
            { value: 'plain', label: 'as high as it is' },
            { value: 'folded', label: 'folded over, a high collar' },
          ]}
          put={(document, stands) => void (document.garment['collar'] = stands === 'folded')}
        />
      )}
      <BandFields id="hem" label="Hem rib" band={style.hem} />
      {style.sleeve ? (
        <BandFields id="cuff" label="Cuff rib" band={style.cuff} />
      ) : (
        <BandFields id="armband" label="Armhole rib" band={style.armband} />
      )}
      <EvenRange />
    </>
  );
}
