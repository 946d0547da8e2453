import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { useSizePlan, useOld } from '../state/useSizePlan';
import { select, useView } from '../state/view';
import { Side } from '../ui/Side';
import { JoinDetail } from './JoinDetail';
import { Overview } from './Overview';
import { QuantityDetail } from './QuantityDetail';

/**
 * The one drawer: what is selected, with its reasons and its ladder; with nothing selected, the size as a whole.
 *
 * @param above what the step has to say of the size first
 * @param beside whether a panel stands at the other side
 */
export function Drawer({ above, beside = false }: { above?: ReactNode; beside?: boolean }) {
  const planned = useSizePlan();
  const selection = useView((view) => view.selection);
  const old = useOld();
  if (!planned)
    return (
      <Side side="drawer" label="Details" beside={beside}>
        <aside aria-label="Details" />
      </Side>
    );
  const quantity =
    selection?.kind === 'quantity'
      ? planned.size.quantities.find(({ id }) => id === selection.id)
      : undefined;
  const join =
    selection?.kind === 'join' ? planned.size.joins.find(({ id }) => id === selection.id) : undefined;
  return (
    <Side side="drawer" label="Details" beside={beside} needed={(quantity ?? join) !== undefined}>
      <aside
        className="relative h-full contain-content overflow-y-scroll p-4 pt-8"
        aria-label="Details"
        data-testid="drawer"
      >
        {(quantity ?? join) && (
          <button
            type="button"
            className="absolute top-3 right-3 rounded p-1.5 hover:bg-tape"
            aria-label="Back to the size"
            title="Back to the size (Esc)"
            onClick={() => select(null)}
          >
            <X size={15} aria-hidden />
          </button>
        )}
        {old && <p className="mb-2 text-[12.5px] font-semibold text-broken">Old figures</p>}
        {quantity ? (
          <QuantityDetail key={quantity.id} quantity={quantity} plan={planned.plan} size={planned.size} />
        ) : join ? (
          <JoinDetail join={join} size={planned.size} />
        ) : (
          <Overview size={planned.size} above={above} />
        )}
      </aside>
    </Side>
  );
}
