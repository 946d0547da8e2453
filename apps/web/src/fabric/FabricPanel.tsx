import type { Draft } from 'immer';
import { useState } from 'react';
import {
  COUNTED_IN,
  foundationExtra,
  FOUNDATIONS,
  ruleInWords,
  STITCHES,
  swatchMetres,
  TURNINGS,
  turningOf,
  USUAL_STRETCH,
  type Fabric,
  type Stitch,
  type Turning,
} from '@upfell/core';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, NumberField, TextField } from '../ui/fields';
import { FabricList } from './FabricList';
import { Readings } from './Readings';
import { RowTypes } from './RowTypes';
import { useFabric } from './useFabric';

const STITCH_WORDS: Record<Stitch, string> = {
  sc: 'single crochet',
  esc: 'extended sc',
  hdc: 'half double',
  dc: 'double crochet',
  tr: 'treble',
};
const TURNING_WORDS: Record<Turning, string> = {
  'does not count': 'counts as no stitch',
  counts: 'counts as a stitch',
  chainless: 'no chain at all',
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
      <TextField
        path={`${path}.yarn`}
        label="Yarn"
        value={fabric.yarn ?? ''}
        put={(document, yarn) => {
          if (yarn.trim() === '') delete of(document).yarn;
          else of(document).yarn = yarn;
        }}
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
      <StitchPatternText />
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
      <Yarn />
    </section>
  );
}

/** The rows of the stitch pattern as the written pattern says them, one on each line. */
function StitchPatternText() {
  const { fabric, path, of } = useFabric();
  const [trouble, setTrouble] = useState<string | null>(null);
  const lines = fabric.pattern ?? [];
  const put = (text: string) => {
    const rows = text.split('\n').map((row) => row.trim());
    while (rows.at(-1) === '') rows.pop();
    setTrouble(
      edit(`${path}.pattern`, (document) => {
        if (rows.length === 0) delete of(document).pattern;
        else of(document).pattern = rows;
      }),
    );
  };
  return (
    <label className="mt-1 block">
      Stitch pattern, a row on each line, in US terms
      <textarea
        key={fabric.id}
        className={`mt-0.5 w-full rounded border bg-sheet px-2 py-1 text-[13px] ${trouble ? 'border-broken' : 'border-line'}`}
        rows={Math.min(6, Math.max(2, lines.length + 1))}
        defaultValue={lines.join('\n')}
        spellCheck={false}
        aria-invalid={trouble !== null}
        aria-describedby="pattern-trouble"
        onChange={(event) => put(event.target.value)}
      />
      <span id="pattern-trouble" role={trouble ? 'alert' : undefined} className="text-[12.5px] text-broken">
        {trouble}
      </span>
    </label>
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

/** The unit in which people count, and how many stitches it is. */
function CountedIn() {
  const { fabric, path, of } = useFabric();
  const unit = fabric.unit ?? { name: 'stitches' as const, stitches: 1, plus: 0 };
  return (
    <>
      <ChoiceField
        path={`${path}.unit`}
        label="Counted in"
        value={unit.name}
        options={COUNTED_IN.map((name) => ({ value: name, label: name }))}
        put={(document, name) => {
          if (name === 'stitches') delete of(document).unit;
          else
            of(document).unit = {
              ...(of(document).unit ?? { stitches: fabric.rule.flat.multiple, plus: fabric.rule.flat.plus }),
              name,
            };
        }}
      />
      {fabric.unit && (
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            stacked
            path={`${path}.unit.stitches`}
            label="stitches in one"
            value={unit.stitches}
            put={(document, stitches) => void (of(document).unit!.stitches = stitches)}
          />
          <NumberField
            stacked
            path={`${path}.unit.plus`}
            label="and at the edges"
            value={unit.plus}
            put={(document, plus) => void (of(document).unit!.plus = plus)}
          />
        </div>
      )}
    </>
  );
}

function Chains() {
  const { fabric, path, of } = useFabric();
  return (
    <details className="mt-2">
      <summary className="font-semibold">Chains, stretch and growth</summary>
      <ChoiceField
        path={`${path}.foundation`}
        label="Begins with"
        value={fabric.foundation ?? 'chain'}
        options={FOUNDATIONS.map((value) => ({
          value,
          label: value === 'chain' ? 'a chain' : 'foundation stitches',
        }))}
        put={(document, foundation) => void (of(document).foundation = foundation)}
      />
      <ChoiceField
        path={`${path}.turning`}
        label="Turning chain"
        value={turningOf(fabric)}
        options={TURNINGS.map((value) => ({ value, label: TURNING_WORDS[value] }))}
        put={(document, turning) => {
          of(document).turning = turning;
          delete of(document).foundationExtra;
        }}
      />
      {fabric.foundation !== 'stitches' && (
        <NumberField
          path={`${path}.foundationExtra`}
          label="Chains beyond the stitches"
          value={foundationExtra(fabric)}
          put={(document, extra) => void (of(document).foundationExtra = extra)}
        />
      )}
      <ShareField
        path={`${path}.stretch`}
        label="Gives when stretched"
        share={fabric.stretch ?? USUAL_STRETCH}
        put={(target, share) => void (target.stretch = share)}
      />
      <ShareField
        path={`${path}.growth`}
        label="Grows longer in wear"
        share={fabric.growth ?? 0}
        put={(target, share) => void (target.growth = share)}
      />
    </details>
  );
}

function ShareField({
  path,
  label,
  share,
  put,
}: {
  path: string;
  label: string;
  share: number;
  put: (fabric: Draft<Fabric>, share: number) => void;
}) {
  const { of } = useFabric();
  return (
    <NumberField
      path={path}
      label={label}
      unit="%"
      value={Math.round(share * 1000) / 10}
      put={(document, percent) => put(of(document), percent / 100)}
    />
  );
}

/** What the swatch took of yarn: in metres, or weighed with what the ball's label says. */
function Yarn() {
  const { fabric, path, of } = useFabric();
  const { swatch, ball } = fabric;
  if (!swatch)
    return (
      <Button
        look="quiet"
        className="mt-2 -ml-2.5 text-[12.5px] underline"
        onClick={() =>
          edit(
            `${path}.swatch`,
            (document) => void (of(document).swatch = { width: 10, height: 10, metres: 15 }),
          )
        }
      >
        Add a measured swatch for the yarn
      </Button>
    );
  const weighed = swatch.grams !== undefined;
  const metres = swatchMetres(fabric);
  return (
    <details className="mt-2" open>
      <summary className="font-semibold">Yarn in the swatch</summary>
      <LengthField
        path={`${path}.swatch.width`}
        label="Width"
        cm={swatch.width}
        put={(document, cm) => void (of(document).swatch!.width = cm!)}
      />
      <LengthField
        path={`${path}.swatch.height`}
        label="Height"
        cm={swatch.height}
        put={(document, cm) => void (of(document).swatch!.height = cm!)}
      />
      <ChoiceField
        path={`${path}.swatch.by`}
        label="Yarn in it"
        value={weighed ? 'grams' : 'metres'}
        options={[
          { value: 'metres', label: 'measured, m' },
          { value: 'grams', label: 'weighed, g' },
        ]}
        put={(document, by) => {
          const target = of(document);
          const { width, height } = target.swatch!;
          if (by === 'metres') target.swatch = { width, height, metres: Math.round(metres ?? 15) };
          else {
            target.ball ??= { grams: 50, metres: 120 };
            const grams = ((metres ?? 15) / target.ball.metres) * target.ball.grams;
            target.swatch = { width, height, grams: Math.round(grams * 10) / 10 };
          }
        }}
      />
      {weighed ? (
        <NumberField
          path={`${path}.swatch.grams`}
          label="Its weight"
          unit="g"
          value={swatch.grams}
          put={(document, grams) => void (of(document).swatch!.grams = grams)}
        />
      ) : (
        <NumberField
          path={`${path}.swatch.metres`}
          label="Its yarn"
          unit="m"
          value={swatch.metres}
          put={(document, length) => void (of(document).swatch!.metres = length)}
        />
      )}
      {ball && (
        <>
          <NumberField
            path={`${path}.ball.grams`}
            label="A ball weighs"
            unit="g"
            value={ball.grams}
            put={(document, grams) => void (of(document).ball!.grams = grams)}
          />
          <NumberField
            path={`${path}.ball.metres`}
            label="and holds"
            unit="m"
            value={ball.metres}
            put={(document, length) => void (of(document).ball!.metres = length)}
          />
        </>
      )}
      {weighed && metres !== null && (
        <p className="text-[12.5px] text-soft">that is {metres.toFixed(1)} m in the swatch</p>
      )}
    </details>
  );
}
