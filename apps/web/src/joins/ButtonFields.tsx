import { buttonholesOf, formatLength, type Buttons } from '@upfell/core';
import { useDocument, useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, NumberField } from '../ui/fields';
import type { ScreenSize } from '../worker/screen';

const USUAL: Buttons = { count: 6, width: 2, fromLower: 2, fromUpper: 2, side: 'right' };

/** Buttonholes of a front band, spaced evenly; nothing where there is no such band. */
export function ButtonFields({ size }: { size: ScreenSize }) {
  const { finishing, fabrics } = useDocument();
  const units = useUnits();
  const band = size.pieces.find(({ role, fronts }) => role === 'front band' || fronts);
  if (!band) return null;
  const buttons = finishing?.buttons;
  const placed = buttons && buttonholesOf(band, buttons, fabrics);
  return (
    <section className="mt-6 max-w-96" aria-label="Buttonholes">
      <h3 className="text-[16px]">Buttonholes</h3>
      {buttons ? (
        <>
          <NumberField
            path="finishing.buttons.count"
            label="How many"
            value={buttons.count}
            put={(document, value) => void (document.finishing!.buttons!.count = value)}
          />
          <NumberField
            path="finishing.buttons.width"
            label="Width of each"
            unit="st"
            value={buttons.width}
            put={(document, value) => void (document.finishing!.buttons!.width = value)}
          />
          <LengthField
            path="finishing.buttons.fromLower"
            label="First from the lower end"
            cm={buttons.fromLower}
            put={(document, cm) => void (document.finishing!.buttons!.fromLower = cm ?? 0)}
          />
          <LengthField
            path="finishing.buttons.fromUpper"
            label="Last from the upper end"
            cm={buttons.fromUpper}
            put={(document, cm) => void (document.finishing!.buttons!.fromUpper = cm ?? 0)}
          />
          <ChoiceField
            path="finishing.buttons.side"
            label="On the wearer’s"
            value={buttons.side}
            options={[
              { value: 'right', label: 'right' },
              { value: 'left', label: 'left' },
            ]}
            put={(document, value) => void (document.finishing!.buttons!.side = value)}
          />
          {placed?.ok ? (
            <p className="text-[13px]" data-testid="buttonholes">
              In row {placed.row.row} of the band: {placed.row.gaps.join(' st, hole, ')} st. Centres at{' '}
              {placed.row.centres.map((cm) => formatLength(cm, units)).join(', ')} {units} from the lower end.
            </p>
          ) : (
            <p role="alert" className="text-[13px] text-broken">
              {placed?.message}
            </p>
          )}
          <Button
            look="quiet"
            className="-ml-2 text-[13px]"
            onClick={() => edit('finishing.buttons', (document) => void delete document.finishing!.buttons)}
          >
            no buttonholes
          </Button>
        </>
      ) : (
        <Button
          onClick={() =>
            edit('finishing.buttons', (document) => void ((document.finishing ??= {}).buttons = { ...USUAL }))
          }
        >
          Plan buttonholes
        </Button>
      )}
    </section>
  );
}
