import { toast } from 'sonner';
import { formatLength, type CountChange } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { dropProposal, takeProposal, useProposal } from '../state/proposal';

/** Every count before and after a change, by size, to take it or leave it. */
export function ProposalDialog() {
  const proposal = useProposal((state) => state.proposal);
  if (!proposal) return null;
  const { outcome, title } = proposal;
  const take = () => {
    const message = takeProposal();
    if (message) toast.error(message);
  };
  return (
    <Modal open wide onClose={dropProposal} title={title} description="Nothing is changed until you take it.">
      {!outcome && <p className="text-soft">Working the counts out …</p>}
      {outcome && 'trouble' in outcome && (
        <p role="alert" className="text-broken">
          {outcome.trouble}
        </p>
      )}
      {outcome && 'changes' in outcome && (
        <>
          {outcome.stops.length > 0 && (
            <ul className="mb-3 list-disc pl-5 text-broken">
              {outcome.stops.slice(0, 5).map((stop) => (
                <li key={stop}>{stop}</li>
              ))}
            </ul>
          )}
          {outcome.changes.length === 0 ? (
            <p>No count changes in any size.</p>
          ) : (
            <Changes changes={outcome.changes} />
          )}
        </>
      )}
      <div className="mt-5 flex gap-2">
        <Button look="strong" onClick={take} disabled={!outcome || 'trouble' in outcome}>
          Take it
        </Button>
        <Button onClick={dropProposal}>Leave it</Button>
      </div>
    </Modal>
  );
}

/** One row for each count, one column for each size. */
function Changes({ changes }: { changes: readonly CountChange[] }) {
  const { sizes, units } = useDocument();
  const rows = [...new Map(changes.map(({ quantity, label }) => [quantity, label]))];
  const at = new Map(changes.map((change) => [`${change.size} ${change.quantity}`, change]));
  const shown = sizes.filter(({ id }) => changes.some(({ size }) => size === id)).slice(0, 12);
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Counts before and after">
      <table className="text-[12.5px]" data-testid="before-after">
        <thead>
          <tr>
            <th className="pr-3 text-left font-normal text-soft">before → after</th>
            {shown.map(({ id, label }) => (
              <th key={id} className="px-2 text-right">
                {label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([quantity, label]) => (
            <tr key={quantity} className="border-t border-line/60">
              <td className="pr-3 whitespace-nowrap">{label}</td>
              {shown.map(({ id }) => {
                const change = at.get(`${id} ${quantity}`);
                return (
                  <td key={id} className="px-2 py-0.5 text-right whitespace-nowrap">
                    {change && (
                      <>
                        <span className="text-soft">{change.before?.count ?? '–'}</span> →{' '}
                        <strong>{change.after?.count ?? '–'}</strong>
                        {change.before && change.after && (
                          <span className="block text-soft">
                            {formatLength(change.after.actual - change.before.actual, units, { sign: true })}
                          </span>
                        )}
                      </>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
