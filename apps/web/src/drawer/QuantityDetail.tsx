import { Lock, LockOpen } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { countedIn, formatLength, inWords, reasonPart, type Reason } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { holdCount } from '../state/pins';
import { askBecause, usePlan } from '../state/planner';
import { select, setSize, showFabric } from '../state/view';
import { Button } from '../ui/Button';
import { goTo, goToField } from '../ui/goTo';
import type { ScreenPlan, ScreenSize, ScreenQuantity } from '../worker/screen';
import { Ladder } from './Ladder';

interface Props {
  quantity: ScreenQuantity;
  plan: ScreenPlan;
  size: ScreenSize;
}

/** One number: what it measures, why it is what it is, which other counts would do, and the range. */
export function QuantityDetail({ quantity, plan, size }: Props) {
  const { units, pins } = useDocument();
  const pinNotes = usePlan((state) => state.pinNotes);
  const [because, setBecause] = useState<readonly Reason[]>([]);
  useEffect(() => {
    let wanted = true;
    void askBecause(size.id, quantity.id).then((reasons) => wanted && setBecause(reasons));
    return () => {
      wanted = false;
    };
  }, [plan, size.id, quantity.id]);
  const over = quantity.actual - quantity.target;
  const length = (cm: number, sign = false) => formatLength(cm, units, { unit: true, sign });
  const miss =
    Math.abs(over) < 0.05
      ? 'as wanted'
      : `${formatLength(Math.abs(over), units)} ${over > 0 ? 'over' : 'under'} the ${length(quantity.target)} wanted`;
  const held = pins.find((pin) => pin.size === size.id && pin.quantity === quantity.id);
  const trouble = pinNotes.find(
    ({ size: of, note }) =>
      of === size.id && (note.where === quantity.id || note.alsoAt?.includes(quantity.id)),
  );
  return (
    <>
      <h2 className="pr-8 text-[17px]">{quantity.label}</h2>
      <p className="font-display text-[32px] leading-tight font-semibold" data-testid="big-count">
        {quantity.count} {countedIn(quantity).many}
      </p>
      {quantity.inUnits && <p className="font-semibold">{quantity.inUnits}</p>}
      <p className="text-soft">
        {length(quantity.actual)}, {miss}
      </p>
      {Math.abs(quantity.onTheHook - quantity.actual) >= 0.05 && (
        <p className="text-[13px] text-soft">On the hook, before washing: {length(quantity.onTheHook)}</p>
      )}
      {held && (
        <p className="mt-2 flex items-center justify-between rounded bg-tape px-2 py-1">
          <span className="inline-flex items-center gap-1.5">
            <Lock size={14} aria-hidden /> Held at {held.count} in {size.label}
          </span>
          <Button onClick={() => holdCount(size.id, quantity.id, null)}>
            <LockOpen size={14} aria-hidden /> Let go
          </Button>
        </p>
      )}
      {trouble && (
        <p role="alert" className="mt-1 text-[13px] text-broken">
          {inWords(trouble.note.message, units)}
        </p>
      )}
      <h3 className="mt-4 mb-1 font-sans text-[13px] font-semibold">Because</h3>
      <ol className="relative ml-1.5 border-l-2 border-line" data-testid="because">
        {because.map((reason, i) => (
          <li key={i} className="relative pb-1.5 pl-4">
            <span
              className="absolute top-1.5 -left-[6px] size-2.5 rounded-full border-2 border-ink bg-paper"
              aria-hidden
            />
            <span className="flex justify-between gap-3">
              <ReasonLabel reason={reason} units={units} size={size.id} />
              <strong className="text-right">{reasonPart(reason.figure, units)}</strong>
            </span>
            {reason.note && (
              <span className="block text-[12.5px] text-soft">{reasonPart(reason.note, units)}</span>
            )}
          </li>
        ))}
      </ol>
      <Ladder quantity={quantity} plan={plan} size={size} held={held?.count ?? null} />
      <h3 className="mt-4 mb-1 font-sans text-[13px] font-semibold">In the range</h3>
      <ul className="flex flex-wrap gap-1">
        {plan.sizes.map((other) => {
          const found = other.quantities.find(({ id }) => id === quantity.id);
          return (
            <li key={other.id}>
              <button
                type="button"
                className={`rounded border px-1.5 py-0.5 text-[12.5px] ${other.id === size.id ? 'border-ink bg-ink text-sheet' : 'border-line bg-sheet hover:bg-tape'}`}
                onClick={() => setSize(other.id)}
              >
                {other.label} <strong>{found?.count ?? '–'}</strong>
                {found?.pinned && ' held'}
              </button>
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** A reason's words; where it comes from a measurement, a fabric or another count, they lead there. */
function ReasonLabel({ reason, units, size }: { reason: Reason; units: 'cm' | 'in'; size: string }) {
  const navigate = useNavigate();
  const { id } = useParams();
  const text = reasonPart(reason.label, units);
  const { from } = reason;
  if (!from) return <span>{text}</span>;
  const go = () => {
    if (from.kind === 'quantity') return select({ kind: 'quantity', id: from.id });
    const step = { measurement: 'body', fabric: 'fabric', style: 'shape' }[from.kind];
    void navigate(`/designs/${id}/${step}`);
    if (from.kind === 'measurement') goTo(`[data-cell="${CSS.escape(`${from.id} ${size}`)}"]`);
    else if (from.kind === 'fabric') showFabric(from.id);
    else goToField(from.id);
  };
  return (
    <button
      type="button"
      className="text-left underline decoration-line underline-offset-4 hover:decoration-ink"
      onClick={go}
    >
      {text}
    </button>
  );
}
