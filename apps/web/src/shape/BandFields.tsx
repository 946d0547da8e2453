import type { Draft } from 'immer';
import { BAND_WAYS, type Design, type PanelStyle } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { FabricChoice } from '../fabric/FabricChoice';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/fields';
import { options } from './options';
import { part } from './style';
import { StyleLength } from './StyleLength';

interface BandProps {
  id: 'hem' | 'cuff' | 'neckband' | 'armband';
  label: string;
  band: PanelStyle['hem'];
}

const WAY_WORDS = { sideways: 'sideways, sewn on', up: 'up from the edge' };

/** Usual heights, cm. */
const HEIGHT = { hem: 5, cuff: 5, neckband: 3, armband: 2.5 };

/** A rib: its fabric, height and draw-in; it can be left out and added. */
export function BandFields({ id, label, band }: BandProps) {
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
                void (document.garment[id] = {
                  height: HEIGHT[id],
                  gather: 1,
                  fabric: fabrics.at(-1)!.id,
                }),
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
      <ChoiceField
        path={`${path}.worked`}
        label="Worked"
        value={band.worked}
        options={options(BAND_WAYS, WAY_WORDS)}
        put={(document, worked) => void (fill(document)['worked'] = worked)}
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
