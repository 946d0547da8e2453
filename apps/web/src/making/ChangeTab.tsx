import { Minus, Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { formatLength, parseLength, type Change, type ChangeWish, type Units } from '@upfell/core';
import { Button } from '../ui/Button';
import type { PreviewShown } from '../worker/makingPlanner';
import { done, makingPlanner, useMaking } from './making';
import { NewerDesign } from './NewerDesign';
import { PreviewTable } from './PreviewTable';
import type { PieceProgress } from './progress';
import { TryOnDialog } from './TryOnDialog';
import { entryInWords, momentInWords } from './words';

/** What is to come out otherwise: wished by count or by length, shown with what it moves, then taken. */
export function ChangeTab({ at }: { at: PieceProgress }) {
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const [wish, setWish] = useState<ChangeWish | null>(null);
  const [trying, setTrying] = useState(false);
  const own = view.wishes.filter(({ piece }) => piece === at.piece);
  const others = view.wishes.filter(({ piece }) => piece !== at.piece);
  const made = entries.filter(({ kind }) => kind === 'change' || kind === 'gauge' || kind === 'design');
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-4">
      <NewerDesign />
      {wish ? (
        <WishForm
          key={wish.quantity}
          wish={view.wishes.find(({ quantity }) => quantity === wish.quantity) ?? wish}
          onClose={() => setWish(null)}
        />
      ) : (
        <>
          <div className="flex items-baseline justify-between">
            <h2 className="text-xl">Change what is left</h2>
            <Button look="quiet" onClick={() => setTrying(true)}>
              Tried on …
            </Button>
          </div>
          <WishList title={at.label} wishes={own} units={view.units} onWish={setWish} />
          <WishList title="Elsewhere" wishes={others} units={view.units} onWish={setWish} />
        </>
      )}
      {made.length > 0 && (
        <section className="mt-6">
          <h3 className="text-[16px]">Changed so far</h3>
          <ul className="mt-1 divide-y divide-line border-y border-line text-[13.5px]">
            {[...made].reverse().map((entry) => (
              <li key={entry.id} className="flex items-center gap-2 py-1.5">
                <span className="grow">
                  {entryInWords(view, entry, view.units)}{' '}
                  <span className="text-soft">{momentInWords(entry.at)}</span>
                  {view.failed.includes(entry.id) && (
                    <strong className="block text-broken">
                      This could not be followed: the rows worked forbid it.
                    </strong>
                  )}
                </span>
                <Button onClick={() => void done({ kind: 'undo', of: entry.id })}>Undo</Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {trying && (
        <TryOnDialog where="other" onClose={() => setTrying(false)} onChange={() => setTrying(false)} />
      )}
    </div>
  );
}

function WishList({
  title,
  wishes,
  units,
  onWish,
}: {
  title: string;
  wishes: readonly ChangeWish[];
  units: Units;
  onWish: (wish: ChangeWish) => void;
}) {
  if (wishes.length === 0) return null;
  return (
    <section className="mt-3">
      <h3 className="text-[15px] text-soft">{title}</h3>
      <ul className="divide-y divide-line border-y border-line">
        {wishes.map((wish) => (
          <li key={wish.quantity}>
            <button
              type="button"
              data-wish={wish.quantity}
              className="flex min-h-[44px] w-full items-center gap-2 text-left hover:bg-tape"
              onClick={() => onWish(wish)}
            >
              <span className="grow">
                {wish.label}
                {wish.isSettled && (
                  <span className="block text-[12.5px] text-soft">settled by what is worked</span>
                )}
              </span>
              <span className="text-right text-[13.5px] whitespace-nowrap">
                {wish.count} {wish.unit}
                <span className="block text-soft">{formatLength(wish.actual, units, { unit: true })}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One count wished otherwise: up and down, typed, or by length; with what that moves. */
function WishForm({ wish, onClose }: { wish: ChangeWish; onClose: () => void }) {
  const id = useMaking((state) => state.id)!;
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const [count, setCount] = useState(wish.count);
  const [typed, setTyped] = useState<string | null>(null);
  const [length, setLength] = useState('');
  // What was decided a moment ago is why.
  const [why, setWhy] = useState(() => {
    const last = entries.at(-1);
    return last?.kind === 'tried' ? last.text : '';
  });
  const [preview, setPreview] = useState<{ count: number; of: PreviewShown } | null>(null);
  const stepUp = wish.more - wish.count;
  const stepDown = wish.count - wish.less;
  const set = (to: number) => {
    setCount(Math.max(0, to));
    setTyped(null);
    setLength('');
  };
  useEffect(() => {
    if (count === wish.count) return undefined;
    let wanted = true;
    const change: Change = { kind: 'change', quantity: wish.quantity, count };
    void makingPlanner()
      .preview(id, change)
      .then((of) => wanted && setPreview({ count, of }));
    return () => {
      wanted = false;
    };
  }, [id, count, wish.quantity, wish.count, view.version]);
  const shown = preview?.count === count && count !== wish.count ? preview.of : null;
  const read = length.trim() === '' ? null : parseLength(length, view.units);
  const trouble =
    typed !== null && !/^\d{1,5}$/.test(typed.trim())
      ? 'A whole number belongs here.'
      : read && !read.ok
        ? read.message
        : null;
  const take = async () => {
    const said = why.trim();
    if (await done({ kind: 'change', quantity: wish.quantity, count, ...(said ? { why: said } : {}) }))
      onClose();
  };
  return (
    <section aria-labelledby="wish" data-testid="wish">
      <button type="button" className="text-[13.5px] text-agreed underline" onClick={onClose}>
        All counts
      </button>
      <h2 id="wish" className="text-xl">
        {wish.label}
      </h2>
      <p className="text-soft">
        Now {wish.count} {wish.unit}, {formatLength(wish.actual, view.units, { unit: true })}.
        {wish.isSettled && ' Rows worked have settled it.'}
      </p>
      <div className="mt-2 flex items-center gap-2">
        <Button
          className="h-[48px] w-[48px] justify-center"
          aria-label="Fewer"
          onClick={() => set(count - (stepDown || 1))}
        >
          <Minus size={18} aria-hidden />
        </Button>
        <input
          aria-label={`${wish.label}, ${wish.unit}`}
          inputMode="numeric"
          className="h-[48px] w-[92px] rounded border border-line bg-sheet text-center text-[22px]"
          value={typed ?? String(count)}
          onChange={(event) => {
            const { value } = event.target;
            setTyped(value);
            setLength('');
            if (/^\d{1,5}$/.test(value.trim())) setCount(Number(value));
          }}
        />
        <Button
          className="h-[48px] w-[48px] justify-center"
          aria-label="More"
          onClick={() => set(count + (stepUp || 1))}
        >
          <Plus size={18} aria-hidden />
        </Button>
        <span className="text-soft">{wish.unit}</span>
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => set(count + 4)}>4 more</Button>
        <Button onClick={() => set(count - 4)}>4 fewer</Button>
        {wish.worked > 0 && !wish.isSettled && (
          <Button onClick={() => set(wish.worked)}>Stop here: {wish.worked}</Button>
        )}
        <label className="flex items-center gap-1.5 text-[13.5px]">
          or
          <input
            inputMode="decimal"
            aria-label={`${wish.label}, ${view.units}`}
            className="w-[76px] rounded border border-line bg-sheet px-2 py-1 text-right"
            placeholder={formatLength(wish.actual, view.units)}
            value={length}
            onChange={(event) => {
              const { value } = event.target;
              setLength(value);
              setTyped(null);
              const parsed = parseLength(value, view.units);
              if (parsed.ok)
                setCount(Math.max(0, Math.round(wish.count + (parsed.cm - wish.actual) * wish.perCm)));
            }}
          />
          {view.units}
        </label>
      </div>
      {trouble && (
        <p role="alert" className="mt-1 text-[13px] text-broken">
          {trouble}
        </p>
      )}
      {shown && (
        <div className="mt-3">
          <PreviewTable of={shown} units={view.units} />
          <label className="mt-2 grid gap-1 text-[13.5px] text-soft">
            Why
            <input
              className="rounded border border-line bg-sheet px-2 py-1 text-ink"
              value={why}
              maxLength={400}
              onChange={(event) => setWhy(event.target.value)}
            />
          </label>
          <Button
            look="strong"
            className="mt-2"
            disabled={!shown.can || trouble !== null}
            onClick={() => void take()}
          >
            Take it: {count} {wish.unit}
          </Button>
        </div>
      )}
    </section>
  );
}
