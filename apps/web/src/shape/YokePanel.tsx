import { completeBody, INCREASE_ROUNDS, LINE_SCHOOLS, ORDERS, YOKE_NECKS } from '@upfell/core';
import { useChosenSize } from '../design/useSizePlan';
import { FabricChoice } from '../fabric/FabricChoice';
import { ChoiceField, NumberField } from '../ui/fields';
import { useYoke } from '../yoke/useYoke';
import { BandFields } from './BandFields';
import { BodyShapeFields } from './BodyShapeFields';
import { EvenRange } from './EvenRange';
import { FrontFields } from './FrontFields';
import { options } from './options';
import { SleeveLengthFields } from './SleeveLengthFields';
import { part } from './style';
import { StyleEase } from './StyleLength';
import { WidthAndLength } from './WidthAndLength';

const NECK_WORDS = {
  level: 'level all round',
  'short rows': 'back raised by short rows',
  round: 'round, lower in front',
  V: 'V',
};
const SCHOOL_WORDS = {
  beside: 'beside the line',
  alternating: 'in the line’s stitch, by turns',
  corner: 'in a corner space',
};
const ORDER_WORDS = { 'fast first': 'fast first', 'slow first': 'slow first', mixed: 'mixed evenly' };
/** How a garment from the neck down sits: front, neck, yoke, body, sleeves and bands. */
export function YokePanel() {
  const style = useYoke()!;
  const { size } = useChosenSize();
  const { body } = completeBody(size.body, size.group)!;
  const { line, rates, increases } = style;
  return (
    <>
      <WidthAndLength style={style} body={body} size={size.id} />
      <FabricChoice
        label="Fabric"
        value={style.fabric}
        put={(document, fabric) => void (document.garment['fabric'] = fabric)}
      />
      <FrontFields front={style.front} />

      <h3 className="mt-3 font-sans font-semibold">Neck</h3>
      <StyleEase
        path="garment.neck.ease"
        label="Ease at the neck"
        value={style.neck.ease}
        put={(document, value) => void (part(document, 'neck')['ease'] = value)}
      />
      <ChoiceField
        path="garment.neck.shape"
        label="Front of the neck"
        value={style.neck.shape}
        options={options(
          increases ? YOKE_NECKS.filter((shape) => shape === 'level' || shape === 'short rows') : YOKE_NECKS,
          NECK_WORDS,
        )}
        put={(document, value) => void (part(document, 'neck')['shape'] = value)}
      />
      {style.neck.shape !== 'level' && (
        <StyleEase
          path="garment.neck.drop"
          label="Lower in front by"
          value={style.neck.drop}
          put={(document, value) => void (part(document, 'neck')['drop'] = value)}
        />
      )}
      {line && (
        <NumberField
          path="garment.neck.sleeveShare"
          label="Each sleeve’s share of the neck"
          unit="%"
          value={style.neck.sleeveShare}
          put={(document, value) => void (part(document, 'neck')['sleeveShare'] = value)}
        />
      )}

      <h3 className="mt-3 font-sans font-semibold">Yoke</h3>
      <StyleEase
        path="garment.depthEase"
        label="Deeper than the armhole by"
        value={style.depthEase}
        put={(document, value) => void (document.garment['depthEase'] = value)}
      />
      <StyleEase
        path="garment.underarm"
        label="Underarm chain, each"
        value={style.underarm}
        put={(document, value) => void (document.garment['underarm'] = value)}
      />
      <ChoiceField
        path="garment.rounds"
        label="Rounds"
        value={style.rounds}
        options={[
          { value: 'joined', label: 'joined' },
          { value: 'turned', label: 'joined and turned' },
        ]}
        put={(document, value) => void (document.garment['rounds'] = value)}
      />
      {line && (
        <>
          <ChoiceField
            path="garment.line.school"
            label="Increases"
            value={line.school}
            options={options(LINE_SCHOOLS, SCHOOL_WORDS)}
            put={(document, value) => void (document.garment['line'] = { school: value })}
          />
          {line.school === 'beside' && (
            <ChoiceField
              path="garment.line.stitches"
              label="Stitches of the line"
              value={String(line.stitches)}
              options={['0', '1', '2'].map((value) => ({ value, label: value }))}
              put={(document, value) => void (part(document, 'line')['stitches'] = Number(value))}
            />
          )}
        </>
      )}
      {rates && (
        <>
          <ChoiceField
            path="garment.rates.order"
            label="Rates"
            value={rates.order}
            options={options(ORDERS, ORDER_WORDS)}
            put={(document, value) => void (part(document, 'rates')['order'] = value)}
          />
          <ChoiceField
            path="garment.rates.everyRow"
            label="Rows that increase"
            value={String(rates.everyRow)}
            options={[
              { value: '1', label: 'any row' },
              { value: '2', label: 'right-side rows only' },
            ]}
            put={(document, value) => void (part(document, 'rates')['everyRow'] = Number(value))}
          />
          <ChoiceField
            path="garment.rates.most"
            label="At a line, in one row"
            value={String(rates.most)}
            options={[
              { value: '1', label: 'one stitch' },
              { value: '2', label: 'two where needed' },
            ]}
            put={(document, value) => void (part(document, 'rates')['most'] = Number(value))}
          />
        </>
      )}
      {increases && (
        <>
          <ChoiceField
            path="garment.increases.rounds"
            label="Increase rounds"
            value={String(increases.rounds)}
            options={INCREASE_ROUNDS.map((many) => ({
              value: String(many),
              label: many === 'many' ? 'many small ones' : String(many),
            }))}
            put={(document, value) => {
              const at = part(document, 'increases');
              at['rounds'] = value === 'many' ? value : Number(value);
              at['places'] = null;
            }}
          />
          <NumberField
            path="garment.increases.motif"
            label="Motif, every round a multiple of"
            unit="st"
            value={increases.motif}
            put={(document, value) => void (part(document, 'increases')['motif'] = value)}
          />
        </>
      )}

      <h3 className="mt-3 font-sans font-semibold">Body</h3>
      <BodyShapeFields shape={style.body} />

      <h3 className="mt-3 font-sans font-semibold">Sleeve</h3>
      <ChoiceField
        path="garment.sleeve.worked"
        label="Worked"
        value={style.sleeve.worked}
        options={[
          { value: 'rounds', label: 'in rounds' },
          { value: 'rows', label: 'flat, with a seam' },
        ]}
        put={(document, value) => void (part(document, 'sleeve')['worked'] = value)}
      />
      {style.sleeve.worked === 'rounds' && (
        <ChoiceField
          path="garment.sleeve.placement"
          label="Decreases"
          value={style.sleeve.placement}
          options={[
            { value: 'underarm', label: 'at the underarm' },
            { value: 'spread', label: 'spread over the round' },
          ]}
          put={(document, value) => void (part(document, 'sleeve')['placement'] = value)}
        />
      )}
      <StyleEase
        path="garment.sleeve.upperArmEase"
        label="Ease at the upper arm"
        value={style.sleeve.upperArmEase}
        put={(document, value) => void (part(document, 'sleeve')['upperArmEase'] = value)}
      />
      <SleeveLengthFields sleeve={style.sleeve} />
      <BandFields id="neckband" label="Neckband" band={style.neckband} />
      <BandFields id="hem" label="Hem rib" band={style.hem} />
      <BandFields id="cuff" label="Cuff rib" band={style.cuff} />
      <EvenRange />
    </>
  );
}
