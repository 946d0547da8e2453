import { swatchMetres } from '@upfell/core';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, NumberField } from '../ui/fields';
import { useFabric } from '../state/useFabric';

/** What the swatch took of yarn: in metres, or weighed with what the ball's label says. */
export function YarnInSwatch() {
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
