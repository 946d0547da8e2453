import { SLEEVE_LENGTHS, type SleeveStyle } from '@upfell/core';
import { ChoiceField } from '../ui/fields';
import { options } from './options';
import { SleeveShapingFields } from './ShapingFields';
import { part } from './style';
import { StyleEase, StyleLength } from './StyleLength';

const LENGTH_WORDS = {
  full: 'to the wrist',
  'three-quarter': 'three-quarter',
  elbow: 'to the elbow',
  short: 'short',
};

type Sleeve = Pick<SleeveStyle, 'length' | 'wristEase' | 'shorter' | 'evenAtCuff' | 'evenAtTop'>;

/** Wrist, length and taper of a sleeve, whichever way it is worked. */
export function SleeveLengthFields({ sleeve }: { sleeve: Sleeve }) {
  return (
    <>
      <ChoiceField
        path="garment.sleeve.length"
        label="Length"
        value={sleeve.length}
        options={options(SLEEVE_LENGTHS, LENGTH_WORDS)}
        put={(document, value) => void (part(document, 'sleeve')['length'] = value)}
      />
      <StyleEase
        path="garment.sleeve.wristEase"
        label={sleeve.length === 'full' ? 'Wrist ease' : 'Ease at its end'}
        value={sleeve.wristEase}
        put={(document, value) => void (part(document, 'sleeve')['wristEase'] = value)}
      />
      <StyleLength
        path="garment.sleeve.shorter"
        label={sleeve.length === 'full' ? 'Shorter than the arm by' : 'Shorter than that by'}
        value={sleeve.shorter}
        put={(document, value) => void (part(document, 'sleeve')['shorter'] = value)}
      />
      <SleeveShapingFields />
      <StyleEase
        path="garment.sleeve.evenAtCuff"
        label="Even above the cuff"
        value={sleeve.evenAtCuff}
        put={(document, value) => void (part(document, 'sleeve')['evenAtCuff'] = value)}
      />
      <StyleEase
        path="garment.sleeve.evenAtTop"
        label="Even below the top"
        value={sleeve.evenAtTop}
        put={(document, value) => void (part(document, 'sleeve')['evenAtTop'] = value)}
      />
    </>
  );
}
