import { SLEEVE_ROUNDS, SLEEVE_SHAPES, type PanelStyle, type SleeveStyle } from '@upfell/core';
import { FabricChoice } from '../fabric/FabricChoice';
import { ChoiceField, NumberField } from '../ui/fields';
import { OptionalEase } from './OptionalEase';
import { options } from './options';
import { SleeveLengthFields } from './SleeveLengthFields';
import { part } from './style';

const ROUNDS_WORDS = { sewn: 'flat, then sewn', joined: 'in joined rounds', turned: 'in rounds, turned' };

const SHAPE_WORDS = {
  tapered: 'tapered',
  straight: 'straight, a rectangle',
  'above-elbow': 'widened above the elbow only',
  bell: 'a bell',
  balloon: 'full, gathered at the cuff',
};

/** How the sleeve of a garment of panels is worked and shaped. */
export function PanelSleeveFields({ style, sleeve }: { style: PanelStyle; sleeve: SleeveStyle }) {
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
        options={options(SLEEVE_SHAPES, SHAPE_WORDS)}
        put={(document, shape) => void (part(document, 'sleeve')['shape'] = shape)}
      />
      {sleeve.shape === 'balloon' && (
        <>
          <NumberField
            path="garment.sleeve.fullness"
            label="Fuller than its cuff by"
            unit="%"
            value={sleeve.fullness}
            put={(document, share) => void (part(document, 'sleeve')['fullness'] = share)}
          />
          {sleeve.worked === 'down' && sleeve.rounds !== 'sewn' && (
            <ChoiceField
              path="garment.sleeve.fade"
              label="Into the cuff"
              value={sleeve.fade ? 'fade' : 'gather'}
              options={[
                { value: 'gather', label: 'gathered by the rib' },
                { value: 'fade', label: 'faded in three rounds' },
              ]}
              put={(document, way) => void (part(document, 'sleeve')['fade'] = way === 'fade')}
            />
          )}
        </>
      )}
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
        first={8}
        put={(document, value) => void (part(document, 'sleeve')['upperArmEase'] = value)}
      />
      <SleeveLengthFields sleeve={sleeve} />
    </>
  );
}
