import type { Draft } from 'immer';
import { ORDERS, readDropShoulderStyle, type Design, type DropShoulderStyle, type Order } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField } from '../ui/fields';
import { StyleLength } from './StyleLength';

const ORDER_WORDS: Record<Order, string> = {
  'slow first': 'slow at the cuff, then faster',
  'fast first': 'fast at the cuff, then slower',
  mixed: 'mixed evenly',
};

/** The garment's style as the construction reads it, with every usual figure filled in. */
function useStyle(): DropShoulderStyle {
  const { garment, fabrics } = useDocument();
  return readDropShoulderStyle(
    garment,
    fabrics.map(({ id }) => id),
    [],
  );
}

/** The object at `garment.key` of the document, made when it is not there. */
function part(document: Draft<Design>, key: string): Record<string, unknown> {
  const garment = document.garment as Record<string, unknown>;
  if (typeof garment[key] !== 'object' || garment[key] === null) garment[key] = {};
  return garment[key] as Record<string, unknown>;
}

/** How the garment sits: ease, lengths, neck, sleeves and bands of the drop-shoulder pullover. */
export function ShapePanel() {
  const style = useStyle();
  const { fabrics } = useDocument();
  const fabricOptions = fabrics.map(({ id, name }) => ({ value: id, label: name }));
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
      <StyleLength
        path="garment.ease"
        label="Ease, all round"
        value={style.ease}
        put={(document, value) => void (document.garment['ease'] = value)}
      />
      <StyleLength
        path="garment.belowWaist"
        label="Length below the waist"
        value={style.belowWaist}
        put={(document, value) => void (document.garment['belowWaist'] = value)}
      />
      <StyleLength
        path="garment.armholeEase"
        label="Armhole ease"
        value={style.armholeEase}
        put={(document, value) => void (document.garment['armholeEase'] = value)}
      />
      <ChoiceField
        path="garment.fabric"
        label="Fabric"
        value={style.fabric}
        options={fabricOptions}
        put={(document, fabric) => void (document.garment['fabric'] = fabric)}
      />

      <h3 className="mt-3 font-sans font-semibold">Neck</h3>
      <ChoiceField
        path="garment.neck.auto"
        label="Width"
        value={style.neck.width === null ? 'usual' : 'own'}
        options={[
          { value: 'usual', label: 'usual, head passes' },
          { value: 'own', label: 'as I say' },
        ]}
        put={(document, choice) => void (part(document, 'neck')['width'] = choice === 'usual' ? null : 18)}
      />
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
      <StyleLength
        path="garment.sleeve.wristEase"
        label="Wrist ease"
        value={style.sleeve.wristEase}
        put={(document, value) => void (part(document, 'sleeve')['wristEase'] = value)}
      />
      <StyleLength
        path="garment.sleeve.shorter"
        label="Shorter than the arm by"
        value={style.sleeve.shorter}
        put={(document, value) => void (part(document, 'sleeve')['shorter'] = value)}
      />
      <ChoiceField
        path="garment.sleeve.order"
        label="Shaping"
        value={style.sleeve.order}
        options={ORDERS.map((order) => ({ value: order, label: ORDER_WORDS[order] }))}
        put={(document, order) => void (part(document, 'sleeve')['order'] = order)}
      />
      <ChoiceField
        path="garment.sleeve.everyRow"
        label="Shaping rows"
        value={String(style.sleeve.everyRow)}
        options={[
          { value: '1', label: 'any row' },
          { value: '2', label: 'right-side rows only' },
        ]}
        put={(document, every) => void (part(document, 'sleeve')['everyRow'] = Number(every))}
      />
      <BandFields id="hem" label="Hem rib" band={style.hem} fabricOptions={fabricOptions} />
      <BandFields id="cuff" label="Cuff rib" band={style.cuff} fabricOptions={fabricOptions} />
    </>
  );
}

interface BandProps {
  id: 'hem' | 'cuff';
  label: string;
  band: DropShoulderStyle['hem'];
  fabricOptions: readonly { value: string; label: string }[];
}

function BandFields({ id, label, band, fabricOptions }: BandProps) {
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
                void (document.garment[id] = { height: 5, gather: 1, fabric: fabricOptions.at(-1)!.value }),
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
      <ChoiceField
        path={`${path}.fabric`}
        label="Fabric"
        value={band.fabric}
        options={fabricOptions}
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
