import type { Draft } from 'immer';
import {
  ANY_COUNT,
  COUNTED_IN,
  foundationExtra,
  SHAPED_IN,
  SHAPINGS,
  FOUNDATIONS,
  TURNINGS,
  turningOf,
  USUAL_STRETCH,
  type Fabric,
  type Turning,
} from '@upfell/core';
import { ChoiceField, NumberField } from '../ui/fields';
import { useFabric } from '../state/useFabric';

const TURNING_WORDS: Record<Turning, string> = {
  'does not count': 'counts as no stitch',
  counts: 'counts as a stitch',
  chainless: 'no chain at all',
};

/** The unit in which people count, and how many stitches it is. */
export function CountedIn() {
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

/** How pieces of the fabric begin and turn, and how it gives and grows. */
export function Chains() {
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
      <ChoiceField
        path={`${path}.shaping`}
        label="Shaped"
        value={fabric.shaping ?? 'stitches'}
        options={SHAPINGS.map((value) => ({
          value,
          label: value === 'units' ? 'by whole repeats' : 'by stitches at the edges',
        }))}
        put={(document, shaping) => void (of(document).shaping = shaping)}
      />
      <ChoiceField
        path={`${path}.shapedIn`}
        label="Sleeves and sides shaped in"
        value={fabric.shapedIn ?? 'any row'}
        options={SHAPED_IN.map((value) => ({ value, label: value }))}
        put={(document, shapedIn) => void (of(document).shapedIn = shapedIn)}
      />
      <NumberField
        path={`${path}.panel`}
        label="Panel in the middle, stitches"
        value={fabric.panel ?? 0}
        put={(document, panel) => putPanel(of(document), panel)}
      />
      <NumberField
        path={`${path}.edgeStitches`}
        label="Plain stitches at each edge"
        value={fabric.edgeStitches ?? 0}
        put={(document, many) => putEdges(of(document), many)}
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

/** What lies beside a panel is plain, so the piece may have any number of stitches and is counted in them. */
function putPanel(fabric: Draft<Fabric>, panel: number): void {
  if (panel === 0) {
    delete fabric.panel;
    return;
  }
  fabric.panel = panel;
  fabric.rule.flat = { ...ANY_COUNT };
  delete fabric.unit;
}

/** Plain stitches at the edges are added to what the repeats need. */
function putEdges(fabric: Draft<Fabric>, many: number): void {
  const more = 2 * (many - (fabric.edgeStitches ?? 0));
  fabric.rule.flat.plus += more;
  if (fabric.unit) fabric.unit.plus += more;
  if (many > 0) fabric.edgeStitches = many;
  else delete fabric.edgeStitches;
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
