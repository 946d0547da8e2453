import type { DropShoulderStyle, FullBody } from '@upfell/core';
import { SleeveShapingFields } from './ShapingFields';
import { part } from './style';
import { StyleEase, StyleLength } from './StyleLength';

type Sleeve = Pick<DropShoulderStyle['sleeve'], 'wristEase' | 'shorter' | 'evenAtCuff' | 'evenAtTop'>;

/** Wrist, length and taper of a sleeve, whichever way it is worked. */
export function SleeveLengthFields({ sleeve, body }: { sleeve: Sleeve; body: FullBody }) {
  return (
    <>
      <StyleEase
        path="garment.sleeve.wristEase"
        label="Wrist ease"
        value={sleeve.wristEase}
        measure={body.wrist}
        put={(document, value) => void (part(document, 'sleeve')['wristEase'] = value)}
      />
      <StyleLength
        path="garment.sleeve.shorter"
        label="Shorter than the arm by"
        value={sleeve.shorter}
        put={(document, value) => void (part(document, 'sleeve')['shorter'] = value)}
      />
      <SleeveShapingFields />
      <StyleEase
        path="garment.sleeve.evenAtCuff"
        label="Even above the cuff"
        value={sleeve.evenAtCuff}
        measure={body.underarmToWrist}
        put={(document, value) => void (part(document, 'sleeve')['evenAtCuff'] = value)}
      />
      <StyleEase
        path="garment.sleeve.evenAtTop"
        label="Even below the top"
        value={sleeve.evenAtTop}
        measure={body.underarmToWrist}
        put={(document, value) => void (part(document, 'sleeve')['evenAtTop'] = value)}
      />
    </>
  );
}
