import {
  rowsText,
  ruleFits,
  ruleInWords,
  STITCHES,
  YARN_WEIGHTS,
  type Design,
  type Fabric,
  type Stitch,
} from '@upfell/core';
import type { Draft } from 'immer';
import { useStitches } from '../state/useStitches';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField, TextField } from '../ui/fields';
import { Chains, CountedIn } from './FabricWays';
import { FabricList } from './FabricList';
import { Readings } from './Readings';
import { RowTypes } from './RowTypes';
import { useFabric } from '../state/useFabric';
import { YarnInSwatch } from './YarnInSwatch';

const STITCH_WORDS: Record<Stitch, string> = {
  sc: 'single crochet',
  esc: 'extended sc',
  hdc: 'half double',
  dc: 'double crochet',
  tr: 'treble',
};

/** One of the design's fabrics: swatch counts, rules, stitch, unit of counting, and what the swatch took of yarn. */
export function FabricPanel() {
  return (
    <>
      <FabricList />
      <FabricFields />
    </>
  );
}

function FabricFields() {
  const { fabric, path, of } = useFabric();
  /** What may be left empty is not kept empty. */
  const keep =
    <K extends 'yarn' | 'weight' | 'fibre'>(key: K) =>
    (document: Draft<Design>, said: NonNullable<Fabric[K]> | '') => {
      if (said.trim() === '') delete of(document)[key];
      else Object.assign(of(document), { [key]: said });
    };
  return (
    <section key={fabric.id} aria-label={fabric.name}>
      <h2 className="mt-3 mb-1 text-lg">{fabric.name}</h2>
      {fabric.estimated && (
        <p className="mb-2 rounded border border-dashed border-eased-stroke bg-eased-wash px-2 py-1 text-[12.5px]">
          The gauge is a usual figure. Crochet a swatch, wash it, and count your own.
        </p>
      )}
      <TextField
        path={`${path}.name`}
        label="Name"
        value={fabric.name}
        put={(document, name) => void (of(document).name = name)}
        refuse={(name, { fabrics }) =>
          fabrics.some((other) => other.id !== fabric.id && other.name.trim() === name.trim())
            ? `Another fabric of this design is called “${name.trim()}”; a name of its own keeps them apart.`
            : null
        }
      />
      <TextField path={`${path}.yarn`} label="Yarn" value={fabric.yarn ?? ''} put={keep('yarn')} />
      <ChoiceField
        path={`${path}.weight`}
        label="Weight of the yarn"
        value={fabric.weight ?? ''}
        options={[
          { value: '', label: 'not said' },
          ...YARN_WEIGHTS.map((weight) => ({ value: weight, label: weight })),
        ]}
        put={keep('weight')}
      />
      <TextField path={`${path}.fibre`} label="Fibre" value={fabric.fibre ?? ''} put={keep('fibre')} />
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
      <Readings state="gauge" />
      <Unblocked />
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
          <RuleTrouble which={key} />
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
      <RowTypes />
      <CountedIn />
      <Chains />
      <YarnInSwatch />
    </section>
  );
}

/** Says where a typed rule allows counts that the rows of the pattern do not. */
function RuleTrouble({ which }: { which: 'flat' | 'round' | 'rows' }) {
  const { fabric } = useFabric();
  const { shown } = useStitches(rowsText(fabric), { repeats: 3, way: 'flat' });
  const facts = shown?.found?.facts;
  if (!facts || ruleFits(fabric.rule[which], facts.rule[which])) return null;
  return (
    <p role="alert" className="text-[12.5px] text-broken">
      The rows of the stitch pattern need {ruleInWords(facts.rule[which])}.
    </p>
  );
}

function Unblocked() {
  const { fabric, path, of } = useFabric();
  if (!fabric.unblocked)
    return (
      <Button
        look="quiet"
        className="-ml-2.5 text-[12.5px] underline"
        onClick={() =>
          edit(`${path}.unblocked`, (document) => void (of(document).unblocked = { ...of(document).gauge }))
        }
      >
        Add the gauge before washing
      </Button>
    );
  return (
    <>
      <h3 className="mt-2 flex items-center justify-between font-sans font-semibold">
        On the hook, before washing
        <Button
          look="quiet"
          className="text-[12.5px] font-normal"
          onClick={() =>
            edit(`${path}.unblocked`, (document) => {
              delete of(document).unblocked;
              delete of(document).unblockedReadings;
            })
          }
        >
          Leave out
        </Button>
      </h3>
      <Readings state="unblocked" />
    </>
  );
}
