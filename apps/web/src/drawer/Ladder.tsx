import { CircleAlert } from 'lucide-react';
import { useRef, useState } from 'react';
import { formatLength, isLegal, ladder, lengthOnTheHook, ruleInWords, unitsInWords } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { holdCount } from '../state/pins';
import { Button } from '../ui/Button';
import type { ScreenPlan, ScreenSize, ScreenQuantity } from '../worker/screen';
import { useWhatIf, WhatIfPanel } from './WhatIfPanel';

/** The legal counts near a length: what each would measure, to hold one of them. */
export function Ladder({
  quantity,
  plan,
  size,
  held,
}: {
  quantity: ScreenQuantity;
  plan: ScreenPlan;
  size: ScreenSize;
  held: number | null;
}) {
  const { units, fabrics } = useDocument();
  const [at, setAt] = useState<number | null>(null);
  /** The count that is pointed at or has the focus: what it would move is shown below. */
  const [looked, setLooked] = useState<number | null>(null);
  const list = useRef<HTMLUListElement>(null);
  const { rule, perCm, target, count } = quantity;
  const fabric = fabrics.find(({ id }) => id === quantity.fabric);
  const unitWords = (of: number) =>
    quantity.axis === 'stitches' && !quantity.unit ? unitsInWords(of, fabric?.unit) : null;
  const near = ladder(target, perCm, rule, 3);
  const rungs = [
    ...(near.some((rung) => rung.count === count) || !isLegal(count, rule)
      ? near
      : [...near, { count, cm: count / perCm, over: count / perCm - target }]),
  ].sort((a, b) => b.count - a.count);
  const tried = useWhatIf(
    plan,
    size.id,
    quantity.id,
    rungs.map((rung) => rung.count),
  );
  const shown = looked !== null && looked !== count ? tried.get(looked) : undefined;
  const focus = rungs.findIndex((rung) => rung.count === (at ?? count));
  const move = (by: number) => {
    const next = rungs[Math.max(0, Math.min(rungs.length - 1, Math.max(0, focus) + by))];
    if (!next) return;
    setAt(next.count);
    list.current?.querySelector<HTMLElement>(`[data-count="${next.count}"]`)?.focus();
  };
  const wantedAfter = rungs.findLastIndex(({ over }) => over > 0);
  return (
    <section aria-label="Ladder">
      <h3 className="mt-4 mb-1 font-sans text-[13px] font-semibold">Counts this fabric allows</h3>
      <p className="mb-1 text-[12.5px] text-soft">
        {ruleInWords(rule)}
        {fabric?.unblocked && '; in brackets what it measures on the hook'}
      </p>
      <ul ref={list} role="listbox" aria-label="Legal counts" data-testid="ladder">
        {rungs.map((rung, i) => {
          const current = rung.count === count;
          return (
            <li
              key={rung.count}
              role="presentation"
              className={i === wantedAfter ? 'border-b-2 border-eased-stroke' : ''}
              title={i === wantedAfter ? `wanted: ${formatLength(target, units, { unit: true })}` : undefined}
            >
              <button
                type="button"
                role="option"
                aria-selected={current}
                data-count={rung.count}
                tabIndex={i === Math.max(0, focus) ? 0 : -1}
                className={`grid w-full grid-cols-[3.2rem_1fr_auto] rounded px-2 py-0.5 text-left ${current ? 'bg-ink text-sheet' : 'hover:bg-tape'}`}
                onKeyDown={(event) => {
                  if (event.key === 'ArrowDown') move(1);
                  else if (event.key === 'ArrowUp') move(-1);
                  else return;
                  event.preventDefault();
                }}
                onClick={() => holdCount(size.id, quantity.id, rung.count)}
                onFocus={() => setLooked(rung.count)}
                onPointerEnter={() => setLooked(rung.count)}
              >
                <strong>{rung.count}</strong>
                <span>
                  {formatLength(rung.cm, units, { unit: true })}
                  {unitWords(rung.count) && ` · ${unitWords(rung.count)}`}
                  {fabric?.unblocked &&
                    ` (${formatLength(lengthOnTheHook(fabric, quantity.axis, rung.count), units)})`}
                </span>
                <span>
                  {tried.get(rung.count)?.stops.length ? (
                    <CircleAlert
                      size={13}
                      className="mr-1 inline text-broken"
                      aria-label="cannot be held as things are"
                    />
                  ) : null}
                  {formatLength(rung.over, units, { sign: true })}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {shown && <WhatIfPanel tried={shown} size={size} plan={plan} />}
      <HoldField quantity={quantity} size={size} held={held} />
      <p className="mt-1 text-[12.5px] text-soft">
        Point at a count to see what it would move; choose it to hold it in {size.label}.
      </p>
    </section>
  );
}

/** Any count typed by hand; one that cannot be held is answered with a sentence. */
function HoldField({
  quantity,
  size,
  held,
}: {
  quantity: ScreenQuantity;
  size: ScreenSize;
  held: number | null;
}) {
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const hold = () => {
    const count = Number(text.trim());
    if (text.trim() === '' || !Number.isInteger(count) || count < 0)
      return setTrouble(`“${text}” is no count; type a whole number like ${quantity.count}.`);
    if (!isLegal(count, quantity.rule) && count !== 0) {
      const near = ladder(count / quantity.perCm, quantity.perCm, quantity.rule, 1).map((rung) => rung.count);
      return setTrouble(
        `${count} breaks the rule (${ruleInWords(quantity.rule)}); ${near.join(' or ')} works.`,
      );
    }
    setTrouble(holdCount(size.id, quantity.id, count));
    setText('');
  };
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault();
        hold();
      }}
    >
      <label className="flex items-center gap-2 text-[13px]">
        Hold at
        <input
          className={`w-16 rounded border bg-sheet px-2 py-0.5 text-right ${trouble ? 'border-broken' : 'border-line'}`}
          value={text}
          inputMode="numeric"
          placeholder={String(held ?? quantity.count)}
          aria-invalid={trouble !== null}
          aria-describedby="hold-trouble"
          onChange={(event) => {
            setText(event.target.value);
            setTrouble(null);
          }}
        />
        <Button type="submit">Hold</Button>
      </label>
      <p id="hold-trouble" role={trouble ? 'alert' : undefined} className="text-[12.5px] text-broken">
        {trouble}
      </p>
    </form>
  );
}
