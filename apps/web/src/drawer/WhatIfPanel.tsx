import { useEffect, useState } from 'react';
import { formatLength, inWords, type CountChange, type Units, type WhatIf } from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { askWhatIf, usePlan } from '../state/planner';
import type { ScreenPlan, ScreenSize } from '../worker/screen';

/** How long the plan must have been at rest before counts are tried, ms: each is a plan of its own, and a drag comes first. */
const REST = 120;

/** What holding each of these counts would do, by count; filled as soon as the worker has tried them. */
export function useWhatIf(
  plan: ScreenPlan,
  size: string,
  quantity: string,
  counts: readonly number[],
): ReadonlyMap<number, WhatIf> {
  const [tried, setTried] = useState<ReadonlyMap<number, WhatIf>>(new Map());
  const key = counts.join(' ');
  const whole = usePlan(({ ahead }) => ahead === null);
  useEffect(() => {
    if (!whole) return;
    let wanted = true;
    const asked = key.split(' ').map(Number);
    const ask = setTimeout(() => {
      void askWhatIf(size, quantity, asked).then((found) => {
        if (wanted) setTried(new Map(found.flatMap((one) => (one ? [[one.pin.count, one]] : []))));
      });
    }, REST);
    return () => {
      wanted = false;
      clearTimeout(ask);
    };
  }, [plan, whole, size, quantity, key]);
  return tried;
}

/** Counts listed before "and so many more". */
const LISTED = 6;

/** What would move if a count were held, before it is. */
export function WhatIfPanel({ tried, size, plan }: { tried: WhatIf; size: ScreenSize; plan: ScreenPlan }) {
  const units = useUnits();
  const { pin, counts, finished, stops } = tried;
  const here = counts.filter((change) => change.size === size.id);
  const elsewhere = [
    ...new Set(counts.filter((change) => change.size !== size.id).map((change) => change.size)),
  ];
  const label = (id: string) => plan.sizes.find((other) => other.id === id)?.label ?? id;
  return (
    <div
      className="mt-2 rounded border border-line bg-sheet px-2.5 py-1.5 text-[12.5px]"
      data-testid="what-if"
    >
      <p className="font-semibold">
        If {pin.count} were held in {size.label}
      </p>
      {stops.map((stop, i) => (
        <p key={i} className="text-broken">
          {inWords(stop, units)}
        </p>
      ))}
      {here.length === 0 && finished.length === 0 && stops.length === 0 && <p>Nothing else would move.</p>}
      <ul>
        {here.slice(0, LISTED).map((change) => (
          <li key={change.quantity} className="flex justify-between gap-2">
            <span>{change.label}</span>
            <CountMove change={change} />
          </li>
        ))}
        {here.length > LISTED && <li>and {here.length - LISTED} more counts</li>}
        {finished
          .filter((change) => change.size === size.id)
          .map(({ id, label: name, before, after }) => (
            <li key={id} className="flex justify-between gap-2 text-soft">
              <span>{name}</span>
              <span>
                {formatLength(before, units)} → {formatLength(after, units)} ({change(after - before, units)})
              </span>
            </li>
          ))}
      </ul>
      {elsewhere.length > 0 && <p>Other sizes would move too: {elsewhere.map(label).join(', ')}.</p>}
    </div>
  );
}

function CountMove({ change: { before, after } }: { change: CountChange }) {
  return (
    <strong className="whitespace-nowrap">
      {before?.count ?? '–'} → {after?.count ?? '–'}
    </strong>
  );
}

function change(cm: number, units: Units): string {
  return formatLength(cm, units, { sign: true, unit: true });
}
