import { USUAL_RESERVE } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { usePlan } from '../state/planner';
import { NumberField } from '../ui/fields';
import type { ScreenSize } from '../worker/screen';
import { AnotherYarn } from './AnotherYarn';
import { StripeFields } from './StripeFields';
import { YarnTable } from './YarnTable';

/** Yarn of each fabric by piece, size and colour, another yarn in its place, and the stripes and reserve that it comes from. */
export function YarnTab({ size }: { size: ScreenSize }) {
  const { fabrics, finishing } = useDocument();
  const plan = usePlan((state) => state.plan);
  const sizes = plan?.sizes ?? [size];
  const used = fabrics.filter(({ id }) =>
    size.pieces.some(({ sections }) => sections.some(({ fabric }) => fabric === id)),
  );
  return (
    <div className="grid gap-7">
      {used.map((fabric) => (
        <section key={fabric.id} aria-label={fabric.name}>
          <h3 className="text-[16px]">{fabric.name}</h3>
          {size.yarn.some(({ fabric: id }) => id === fabric.id) ? (
            <>
              <YarnTable fabric={fabric} sizes={sizes} chosen={size.id} />
              <AnotherYarn fabric={fabric} sizes={sizes} chosen={size.id} />
            </>
          ) : (
            <p className="text-[13px] text-soft">
              Its swatch has not been weighed or measured for yarn; that is done in the step Fabric.
            </p>
          )}
          <StripeFields fabric={fabric} />
        </section>
      ))}
      <section className="max-w-72">
        <NumberField
          path="finishing.reserve"
          label="Yarn to spare"
          unit="%"
          value={finishing?.reserve ?? USUAL_RESERVE}
          put={(document, value) => void ((document.finishing ??= {}).reserve = value)}
          hint="10 % is usual, 15 % for beginners."
        />
      </section>
    </div>
  );
}
