import { ArrowDown, ArrowUp } from 'lucide-react';
import { useEffect, useState } from 'react';
import { assemblyOf, formatLength, touchesInWords, type AssemblyStep, type Tail } from '@upfell/core';
import { useTerms } from '../state/useTerms';
import { useDocument, useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { askAssembly, usePlan } from '../state/planner';
import { Button } from '../ui/Button';
import type { ScreenSize } from '../worker/screen';
import type { AssemblyDrawings } from '../worker/planner';

/** The order of assembly, a drawing with every step (ticked off in a making); the order can be changed where the garment allows it. */
export function AssemblyTab({ size }: { size: ScreenSize }) {
  const { finishing } = useDocument();
  const plan = usePlan((state) => state.plan);
  const [made, setMade] = useState<AssemblyDrawings | null>(null);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const { steps } = assemblyOf(size, finishing?.order);
  const ids = steps.map((step) => step.id);
  const units = useUnits();
  const terms = useTerms();
  useEffect(() => {
    let stale = false;
    void askAssembly(size.id).then((drawn) => !stale && setMade(drawn));
    return () => {
      stale = true;
    };
  }, [size.id, plan]);
  const move = (at: number, by: -1 | 1) => {
    const order = steps.map((step) => step.id);
    [order[at], order[at + by]] = [order[at + by]!, order[at]!];
    const next = assemblyOf(size, order);
    setRefused(next.refused);
    if (next.refused.length === 0)
      edit('finishing.order', (document) => void ((document.finishing ??= {}).order = order));
  };
  return (
    <>
      {refused.length > 0 && (
        <p role="alert" className="mb-3 rounded border border-broken bg-broken-wash px-3 py-1.5 text-broken">
          That order does not work. {refused.join(' ')}
        </p>
      )}
      <ol className="divide-y divide-line">
        {steps.map((step, i) => (
          <li key={step.id} className="break-inside-avoid py-3" data-step={step.id}>
            <div className="flex items-start gap-3">
              <div className="min-w-0 grow">
                <h3 className="text-[16px]">
                  {i + 1}. {step.title}
                </h3>
                <p>{step.says}</p>
                {touchesInWords(size, ids, step.id, { units, terms }).map((words) => (
                  <p key={words}>{words}</p>
                ))}
                {step.id === 'block' && made && <PinOut pieces={made.pinOut} />}
                <Tails step={step} tails={made?.tails ?? []} size={size} />
                {made?.drawings[step.id] && (
                  // The core makes the drawing and escapes every name in it.
                  <div
                    role="img"
                    aria-label={`Drawing: ${step.title}`}
                    className="on-white mt-1 overflow-x-auto"
                    dangerouslySetInnerHTML={{ __html: made.drawings[step.id]! }}
                  />
                )}
              </div>
              <span className="no-print flex">
                <Button
                  look="quiet"
                  disabled={i === 0}
                  aria-label={`${step.title} earlier`}
                  onClick={() => move(i, -1)}
                >
                  <ArrowUp size={15} aria-hidden />
                </Button>
                <Button
                  look="quiet"
                  disabled={i === steps.length - 1}
                  aria-label={`${step.title} later`}
                  onClick={() => move(i, 1)}
                >
                  <ArrowDown size={15} aria-hidden />
                </Button>
              </span>
            </div>
          </li>
        ))}
      </ol>
    </>
  );
}

/** What each piece is pinned out to. */
function PinOut({ pieces }: { pieces: AssemblyDrawings['pinOut'] }) {
  const units = useUnits();
  return (
    <table className="mt-1 text-[13px]">
      <thead className="text-soft">
        <tr>
          <th className="pr-6 text-left font-normal">Pin out, {units}</th>
          <th className="pr-4 text-right font-normal">lower edge</th>
          <th className="pr-4 text-right font-normal">widest</th>
          <th className="pr-4 text-right font-normal">height</th>
        </tr>
      </thead>
      <tbody>
        {pieces.map(({ label, copies, lower, widest, height }) => (
          <tr key={label}>
            <td className="pr-6">
              {label}
              {copies > 1 && ` × ${copies}`}
            </td>
            {[lower, widest, height].map((cm, i) => (
              <td key={i} className="pr-4 text-right">
                {formatLength(cm, units)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The tails that serve the seams of a step. */
function Tails({ step, tails, size }: { step: AssemblyStep; tails: readonly Tail[]; size: ScreenSize }) {
  const units = useUnits();
  const own = tails.filter(({ join }) => step.joins.includes(join));
  if (own.length === 0) return null;
  return (
    <p className="text-[13px] text-soft">
      Yarn from tails:{' '}
      {own
        .map(
          ({ label, copy, end, join, length }) =>
            `${size.joins.find(({ id }) => id === join)?.label} with the ${end} tail of the ${label.toLowerCase()}${copy > 1 ? ` (piece ${copy})` : ''}, ${formatLength(length, units, { unit: true })}`,
        )
        .join('; ')}
      .
    </p>
  );
}
