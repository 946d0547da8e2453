import {
  completeBody,
  SLEEVE_ROUNDS,
  type ArmholeCurve,
  type FullBody,
  type PanelStyle,
  type SleeveStyle,
} from '@upfell/core';
import { useChosenSize, useSizePlan } from '../design/useSizePlan';
import { FabricChoice } from '../fabric/FabricChoice';
import { ChoiceField } from '../ui/fields';
import { BandFields } from './BandFields';
import { EvenRange } from './EvenRange';
import { FrontFields } from './FrontFields';
import { options } from './options';
import { OptionalEase } from './OptionalEase';
import { NeckLineField } from './ShapingFields';
import { SleeveLengthFields } from './SleeveLengthFields';
import { part, useStyle } from './style';
import { StyleEase, StyleLength } from './StyleLength';
import { WidthAndLength } from './WidthAndLength';

/** How a garment of panels sits: front, ease, lengths, neck, sleeves and bands. */
export function PanelsPanel() {
  const style = useStyle();
  const { size } = useChosenSize();
  const { body } = completeBody(size.body, size.group)!;
  const planned = useSizePlan();
  // A share of a step is of the panel's width.
  const panel = planned?.size.quantities.find(({ id }) => id === 'back.width')?.target ?? body.bust / 2;
  // A share of the base is of all that the armhole takes off.
  const inset = Math.max(1, (panel - body.crossBack) / 2);
  return (
    <>
      <WidthAndLength style={style} body={body} size={size.id} />
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
      {style.armhole ? (
        <StyleEase
          path="garment.armhole.notch"
          label={style.armhole.curve ? 'Base of the armhole, each' : 'Step at the underarm, each'}
          value={style.armhole.notch}
          measure={style.armhole.curve ? inset : panel}
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

      {style.armhole?.curve && <CurveFields curve={style.armhole.curve} body={body} />}
      <FrontFields front={style.front} />
      <StyleLength
        path="garment.slit"
        label="Side slit, 0 for none"
        value={style.slit}
        put={(document, value) => void (document.garment['slit'] = value)}
      />
      <StyleLength
        path="garment.longerBack"
        label="Back longer by"
        value={style.longerBack}
        put={(document, value) => void (document.garment['longerBack'] = value)}
      />

      <h3 className="mt-3 font-sans font-semibold">Neck</h3>
      <ChoiceField
        path="garment.neck.auto"
        label="Width"
        value={style.neck.width !== null ? 'own' : style.neck.ease !== null ? 'round' : 'usual'}
        options={[
          { value: 'usual', label: style.front.style === 'closed' ? 'usual, head passes' : 'usual' },
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

      {style.sleeve && <SleeveFields style={style} sleeve={style.sleeve} body={body} />}
      <BandFields id="neckband" label="Neckband" band={style.neckband} />
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

/** How far a curved armhole goes in, and how high. */
function CurveFields({ curve, body }: { curve: ArmholeCurve; body: FullBody }) {
  return (
    <>
      <StyleEase
        path="garment.armhole.across"
        label="Ease across the shoulders"
        value={curve.across}
        measure={body.crossBack}
        put={(document, value) => void (part(document, 'armhole')['across'] = value)}
      />
      <StyleEase
        path="garment.armhole.depth"
        label="Height of the armhole’s curve"
        value={curve.depth}
        measure={body.armholeDepth}
        put={(document, value) => void (part(document, 'armhole')['depth'] = value)}
      />
    </>
  );
}

const ROUNDS_WORDS = { sewn: 'flat, then sewn', joined: 'in joined rounds', turned: 'in rounds, turned' };

function SleeveFields({ style, sleeve, body }: { style: PanelStyle; sleeve: SleeveStyle; body: FullBody }) {
  return (
    <>
      <h3 className="mt-3 font-sans font-semibold">Sleeve</h3>
      <ChoiceField
        path="garment.sleeve.worked"
        label="Worked"
        value={sleeve.worked}
        options={[
          { value: 'up', label: style.armhole?.curve ? 'from the cuff up, cap worked' : 'from the cuff up' },
          {
            value: 'down',
            label: style.armhole?.curve ? 'down, cap by short rows' : 'from the armhole down',
          },
        ]}
        put={(document, worked) => void (part(document, 'sleeve')['worked'] = worked)}
      />
      {sleeve.worked === 'down' && (!style.armhole || style.armhole.curve) && (
        <ChoiceField
          path="garment.sleeve.rounds"
          label="Closed"
          value={sleeve.rounds}
          options={options(SLEEVE_ROUNDS, ROUNDS_WORDS)}
          put={(document, rounds) => void (part(document, 'sleeve')['rounds'] = rounds)}
        />
      )}
      <ChoiceField
        path="garment.sleeve.shape"
        label="Shape"
        value={sleeve.shape}
        options={[
          { value: 'tapered', label: 'tapered' },
          { value: 'straight', label: 'straight, a rectangle' },
        ]}
        put={(document, shape) => void (part(document, 'sleeve')['shape'] = shape)}
      />
      <FabricChoice
        label="Fabric"
        value={sleeve.fabric ?? style.fabric}
        put={(document, fabric) =>
          void (part(document, 'sleeve')['fabric'] = fabric === document.garment['fabric'] ? null : fabric)
        }
      />
      <OptionalEase
        path="garment.sleeve.upperArmEase"
        label="Ease at the upper arm"
        add="An ease at the upper arm"
        value={sleeve.upperArmEase}
        measure={body.upperArm}
        first={8}
        put={(document, value) => void (part(document, 'sleeve')['upperArmEase'] = value)}
      />
      <SleeveLengthFields sleeve={sleeve} body={body} />
    </>
  );
}
