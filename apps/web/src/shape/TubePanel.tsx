import { TUBE_ROUNDS, type TubeStyle } from '@upfell/core';
import { FabricChoice } from '../fabric/FabricChoice';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/fields';
import { BandFields } from './BandFields';
import { EvenRange } from './EvenRange';
import { options } from './options';
import { part, useStyle } from './style';
import { StyleEase, StyleLength } from './StyleLength';

const ROUNDS_WORDS = {
  sewn: 'flat, seam at the back',
  joined: 'in joined rounds',
  turned: 'in rounds, turned',
};

/** How a tube sits: its ease and height, its straps and cord. */
export function TubePanel() {
  const style = useStyle() as unknown as TubeStyle;
  const { straps } = style;
  return (
    <>
      <StyleEase
        path="garment.ease"
        label="Ease, below 0 so that it holds"
        value={style.ease}
        put={(document, value) => void (document.garment['ease'] = value)}
      />
      <StyleLength
        path="garment.above"
        label="Above the underarm"
        value={style.above}
        put={(document, value) => void (document.garment['above'] = value)}
      />
      <StyleEase
        path="garment.belowWaist"
        label="Length below the waist"
        value={style.belowWaist}
        put={(document, value) => void (document.garment['belowWaist'] = value)}
      />
      <FabricChoice
        label="Fabric"
        value={style.fabric}
        put={(document, fabric) => void (document.garment['fabric'] = fabric)}
      />
      <ChoiceField
        path="garment.rounds"
        label="Worked"
        value={style.rounds}
        options={options(TUBE_ROUNDS, ROUNDS_WORDS)}
        put={(document, rounds) => void (document.garment['rounds'] = rounds)}
      />
      <h3 className="mt-3 flex items-center justify-between font-sans font-semibold">
        Straps
        <Button
          look={straps ? 'quiet' : undefined}
          className={straps ? 'text-[12.5px] font-normal' : ''}
          onClick={() =>
            edit('garment.straps', (document) => void (document.garment['straps'] = straps ? null : {}))
          }
        >
          {straps ? 'Leave out' : 'Add'}
        </Button>
      </h3>
      {straps && (
        <>
          <StyleLength
            path="garment.straps.width"
            label="Width"
            value={straps.width}
            put={(document, value) => void (part(document, 'straps')['width'] = value)}
          />
          <StyleEase
            path="garment.straps.apart"
            label="Apart, front and back"
            value={straps.apart}
            put={(document, value) => void (part(document, 'straps')['apart'] = value)}
          />
          <NumberField
            path="garment.straps.snug"
            label="Length, of the way over the shoulder"
            unit="%"
            value={Math.round(straps.snug * 1000) / 10}
            put={(document, share) => void (part(document, 'straps')['snug'] = share / 100)}
          />
        </>
      )}
      <ChoiceField
        path="garment.cord"
        label="Draw cord"
        value={style.cord ? 'yes' : 'no'}
        options={[
          { value: 'no', label: 'none' },
          { value: 'yes', label: 'through the upper edge' },
        ]}
        put={(document, cord) => void (document.garment['cord'] = cord === 'yes')}
      />
      <BandFields id="hem" label="Hem rib" band={style.hem} />
      <EvenRange />
    </>
  );
}
