import type { Draft } from 'immer';
import {
  foundationExtra,
  perCm,
  ruleInWords,
  STITCHES,
  USUAL_STRETCH,
  type Design,
  type Fabric,
  type Gauge,
  type Stitch,
} from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, NumberField, TextField } from '../ui/fields';

const STITCH_WORDS: Record<Stitch, string> = {
  sc: 'single crochet',
  esc: 'extended sc',
  hdc: 'half double',
  dc: 'double crochet',
  tr: 'treble',
};

/** The design's fabrics: swatch counts, rules, stitch and what the swatch took of yarn. */
export function FabricPanel() {
  const { fabrics } = useDocument();
  return (
    <div className="space-y-6">
      {fabrics.map((fabric, index) => (
        <FabricFields key={fabric.id} fabric={fabric} index={index} />
      ))}
    </div>
  );
}

function FabricFields({ fabric, index }: { fabric: Fabric; index: number }) {
  const { units } = useDocument();
  const path = `fabrics[${index}]`;
  const of = (document: Draft<Design>) => document.fabrics[index]!;
  const span = units === 'cm' ? 10 : 10.16;
  const per = (axis: 'stitches' | 'rows') => Number((perCm(fabric.gauge, axis) * span).toFixed(2));
  return (
    <section aria-label={fabric.name} className="border-b border-line pb-5 last:border-0">
      <h2 className="mb-1 text-lg">{fabric.name}</h2>
      <TextField
        path={`${path}.name`}
        label="Name"
        value={fabric.name}
        put={(document, name) => void (of(document).name = name)}
      />
      <NumberField
        path={`${path}.hook`}
        label="Hook"
        unit="mm"
        value={fabric.hook}
        put={(document, hook) => void (of(document).hook = hook)}
      />
      <ChoiceField
        path={`${path}.stitch`}
        label="Stitch for shaping"
        value={fabric.stitch ?? 'hdc'}
        options={STITCHES.map((stitch) => ({ value: stitch, label: STITCH_WORDS[stitch] }))}
        put={(document, stitch) => void (of(document).stitch = stitch)}
      />
      <h3 className="mt-2 font-sans font-semibold">Swatch, washed and blocked</h3>
      <GaugeFields path={`${path}.gauge`} gauge={fabric.gauge} of={(document) => of(document).gauge} />
      <p className="text-[12.5px] text-soft">
        {per('stitches')} stitches and {per('rows')} rows in {units === 'cm' ? '10 cm' : '4 in'}
      </p>
      {fabric.unblocked ? (
        <>
          <h3 className="mt-2 flex items-center justify-between font-sans font-semibold">
            On the hook, before washing
            <Button
              look="quiet"
              className="text-[12.5px] font-normal"
              onClick={() => edit(`${path}.unblocked`, (document) => void delete of(document).unblocked)}
            >
              Leave out
            </Button>
          </h3>
          <GaugeFields
            path={`${path}.unblocked`}
            gauge={fabric.unblocked}
            of={(document) => of(document).unblocked!}
          />
        </>
      ) : (
        <Button
          look="quiet"
          className="-ml-2.5 text-[12.5px] underline"
          onClick={() =>
            edit(`${path}.unblocked`, (document) => void (of(document).unblocked = { ...of(document).gauge }))
          }
        >
          Add the gauge before washing
        </Button>
      )}
      <h3 className="mt-2 font-sans font-semibold">Counts the stitch pattern allows</h3>
      {(
        [
          ['flat', 'Flat'],
          ['round', 'In the round'],
          ['rows', 'Rows'],
        ] as const
      ).map(([key, label]) => (
        <div key={key} className="mb-1">
          <p className="text-[12.5px] text-soft">
            {label}: {ruleInWords(fabric.rule[key])}
          </p>
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              stacked
              path={`${path}.rule.${key}.multiple`}
              label="multiple of"
              value={fabric.rule[key].multiple}
              put={(document, multiple) => void (of(document).rule[key].multiple = multiple)}
            />
            <NumberField
              stacked
              path={`${path}.rule.${key}.plus`}
              label="plus"
              value={fabric.rule[key].plus}
              put={(document, plus) => void (of(document).rule[key].plus = plus)}
            />
          </div>
        </div>
      ))}
      <details className="mt-2">
        <summary className="font-semibold">Chains, stretch and yarn</summary>
        <NumberField
          path={`${path}.foundationExtra`}
          label="Chains beyond the stitches"
          value={foundationExtra(fabric)}
          put={(document, extra) => void (of(document).foundationExtra = extra)}
        />
        <NumberField
          path={`${path}.stretch`}
          label="Gives when stretched"
          unit="%"
          value={Math.round((fabric.stretch ?? USUAL_STRETCH) * 1000) / 10}
          put={(document, share) => void (of(document).stretch = share / 100)}
        />
        {fabric.swatch ? (
          <>
            <LengthField
              path={`${path}.swatch.width`}
              label="Weighed swatch, width"
              cm={fabric.swatch.width}
              put={(document, cm) => void (of(document).swatch!.width = cm!)}
            />
            <LengthField
              path={`${path}.swatch.height`}
              label="its height"
              cm={fabric.swatch.height}
              put={(document, cm) => void (of(document).swatch!.height = cm!)}
            />
            <NumberField
              path={`${path}.swatch.metres`}
              label="yarn in it"
              unit="m"
              value={fabric.swatch.metres}
              put={(document, metres) => void (of(document).swatch!.metres = metres)}
            />
          </>
        ) : (
          <Button
            look="quiet"
            className="-ml-2.5 text-[12.5px] underline"
            onClick={() =>
              edit(
                `${path}.swatch`,
                (document) => void (of(document).swatch = { width: 10, height: 10, metres: 15 }),
              )
            }
          >
            Add a measured swatch for the yarn
          </Button>
        )}
      </details>
    </section>
  );
}

function GaugeFields({
  path,
  gauge,
  of,
}: {
  path: string;
  gauge: Gauge;
  of: (document: Draft<Design>) => Draft<Gauge>;
}) {
  return (
    <>
      {(['stitches', 'rows'] as const).map((axis) => (
        <div key={axis} className="grid grid-cols-2 gap-3">
          <NumberField
            stacked
            path={`${path}.${axis}`}
            label={axis === 'stitches' ? 'Stitches' : 'Rows'}
            value={gauge[axis]}
            put={(document, count) => void (of(document)[axis] = count)}
          />
          <LengthField
            stacked
            path={`${path}.${axis}Over`}
            label="counted over"
            cm={gauge[`${axis}Over`]}
            put={(document, cm) => void (of(document)[`${axis}Over`] = cm!)}
          />
        </div>
      ))}
    </>
  );
}
