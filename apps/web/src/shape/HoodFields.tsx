import { HOOD_SHAPES, type HoodStyle } from '@upfell/core';
import { FabricChoice } from '../fabric/FabricChoice';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField } from '../ui/fields';
import { options } from './options';
import { part } from './style';
import { StyleLength } from './StyleLength';

const SHAPE_WORDS = { rectangle: 'a rectangle, folded', shaped: 'rounded at the back' };
/** Height that a hood of a height of its own begins with, cm. */
const HEIGHT = 34;

/** A hood in place of the neckband; it can be left out and added. */
export function HoodFields({ hood, fabric }: { hood: HoodStyle | null; fabric: string }) {
  if (!hood)
    return (
      <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
        Hood
        <Button
          onClick={() =>
            edit('garment.hood', (document) => void (document.garment['hood'] = { shape: 'rectangle' }))
          }
        >
          Add
        </Button>
      </h3>
    );
  return (
    <>
      <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
        Hood
        <Button
          look="quiet"
          className="text-[12.5px] font-normal"
          onClick={() => edit('garment.hood', (document) => void (document.garment['hood'] = null))}
        >
          Leave out
        </Button>
      </h3>
      <ChoiceField
        path="garment.hood.shape"
        label="Shape"
        value={hood.shape}
        options={options(HOOD_SHAPES, SHAPE_WORDS)}
        put={(document, shape) => void (part(document, 'hood')['shape'] = shape)}
      />
      <FabricChoice
        label="Fabric"
        value={hood.fabric ?? fabric}
        put={(document, chosen) =>
          void (part(document, 'hood')['fabric'] = chosen === fabric ? null : chosen)
        }
      />
      <ChoiceField
        path="garment.hood.by"
        label="Height"
        value={hood.height === null ? 'head' : 'own'}
        options={[
          { value: 'head', label: 'from the head' },
          { value: 'own', label: 'as I say' },
        ]}
        put={(document, by) => void (part(document, 'hood')['height'] = by === 'own' ? HEIGHT : null)}
      />
      {hood.height !== null && (
        <StyleLength
          path="garment.hood.height"
          label="From the neck to the top"
          value={hood.height}
          put={(document, value) => void (part(document, 'hood')['height'] = value)}
        />
      )}
    </>
  );
}
