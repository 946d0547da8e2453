import type { CSSProperties } from 'react';
import { formatLength } from '@upfell/core';
import { useUnits } from '../design/useSizePlan';
import { JOIN_LOOK, joinLabel, joinState } from '../joins/say';
import { select, useView } from '../state/view';
import type { Arrangement, PlacedJoin } from './arrange';
import type { ScreenSize, ScreenQuantity } from '../worker/screen';

const ANCHOR = { middle: '-50%', start: '0', end: '-100%' } as const;

/** Which counts a piece shows, in its own words. */
const SHOWN: Record<string, readonly string[]> = {
  back: ['back.width', 'body.rows'],
  front: ['front.width', 'body.rows'],
  'sleeve-left': ['sleeve.top', 'sleeve.cuff', 'sleeve.rows'],
  'sleeve-right': ['sleeve.top', 'sleeve.cuff', 'sleeve.rows'],
};

/** The words over the drawing: names, counts and seams, each of them a button that opens the drawer. */
export function PieceLabels({ arrangement, size }: { arrangement: Arrangement; size: ScreenSize }) {
  const units = useUnits();
  const quantities = new Map(size.quantities.map((quantity) => [quantity.id, quantity]));
  const joins = new Map(size.joins.map((join) => [join.id, join]));
  const neck = quantities.get('neck.width');
  const drop = quantities.get('neck.drop');
  return (
    <>
      {arrangement.pieces.map((piece) => {
        const shown = SHOWN[piece.key];
        if (!shown) return null;
        const label = size.pieces.find(({ id }) => id === piece.id)!.label;
        const small = Math.min(piece.width, piece.height) < 100;
        return (
          <div
            key={piece.key}
            role="group"
            aria-label={piece.key.startsWith('sleeve') ? `${label}, ${piece.key.slice(7)}` : label}
            className={`absolute flex flex-col items-center text-center ${small ? 'text-[11px] leading-tight' : 'text-[12.5px]'}`}
            style={centred(piece.centre)}
          >
            <span className={`font-display font-semibold ${small ? 'text-[13px]' : 'text-[16px]'}`}>
              {label}
            </span>
            {shown.map((id) => {
              const quantity = quantities.get(id);
              return (
                quantity && (
                  <CountButton
                    key={id}
                    quantity={quantity}
                    text={countText(quantity, units, arrangement.compact && piece.key.startsWith('sleeve'))}
                  />
                )
              );
            })}
          </div>
        );
      })}
      {neck && (
        <div
          className={`absolute flex items-center text-[12px] leading-tight ${arrangement.compact ? '' : 'flex-col'}`}
          style={centred([arrangement.neck[0], arrangement.neck[1]])}
        >
          <CountButton quantity={neck} text={`neck ${neck.count} st`} />
          {drop && drop.count > 0 && <CountButton quantity={drop} text={`drop ${drop.count} rows`} />}
        </div>
      )}
      {arrangement.joins.map((placed) => {
        const join = joins.get(placed.id);
        return (
          join && (
            <JoinPill
              key={placed.id}
              placed={placed}
              text={joinLabel(join, units)}
              label={join.label}
              state={joinState(join)}
            />
          )
        );
      })}
    </>
  );
}

function centred([left, top]: readonly [number, number]): CSSProperties {
  return { left, top, transform: 'translate(-50%, -50%)' };
}

function countText(quantity: ScreenQuantity, units: 'cm' | 'in', short: boolean): string {
  const place = quantity.id === 'sleeve.cuff' ? 'cuff ' : quantity.id === 'sleeve.top' ? 'top ' : '';
  const count = `${place}${quantity.count} ${quantity.axis === 'stitches' ? 'st' : 'rows'}`;
  return short ? count : `${count} · ${formatLength(quantity.actual, units, { unit: true })}`;
}

function CountButton({ quantity, text }: { quantity: ScreenQuantity; text: string }) {
  const chosen = useView(({ selection }) => selection?.kind === 'quantity' && selection.id === quantity.id);
  return (
    <button
      type="button"
      data-quantity={quantity.id}
      aria-label={`${quantity.label}: ${text}`}
      aria-pressed={chosen}
      className={`rounded px-1.5 whitespace-nowrap ${chosen ? 'bg-ink text-sheet' : 'hover:bg-tape'}`}
      onClick={() => select({ kind: 'quantity', id: quantity.id })}
    >
      {text}
      {quantity.pinned && ' (held)'}
    </button>
  );
}

function JoinPill({
  placed,
  text,
  label,
  state,
}: {
  placed: PlacedJoin;
  text: string;
  label: string;
  state: keyof typeof JOIN_LOOK;
}) {
  const chosen = useView(({ selection }) => selection?.kind === 'join' && selection.id === placed.id);
  return (
    <button
      type="button"
      data-join={placed.id}
      aria-label={`${label}: ${text}, ${JOIN_LOOK[state].word}`}
      aria-pressed={chosen}
      className={`absolute border px-2 text-[11.5px] font-semibold whitespace-nowrap ${placed.stacked ? 'rounded-xl leading-[15px]' : 'rounded-full leading-[18px]'} ${chosen ? 'border-ink bg-ink text-sheet' : `${JOIN_LOOK[state].pill} hover:bg-tape`}`}
      style={{
        left: placed.label[0],
        top: placed.label[1],
        transform: `translate(${ANCHOR[placed.anchor]}, -50%)`,
      }}
      onClick={() => select({ kind: 'join', id: placed.id })}
    >
      {placed.stacked ? <Stacked text={text} /> : text}
    </button>
  );
}

/** Counts over what is eased in; the words read on as one sentence. */
function Stacked({ text }: { text: string }) {
  const [counts, ...rest] = text.split(', ');
  if (rest.length === 0) return counts;
  return (
    <>
      {counts}, <br />
      {rest.join(', ')}
    </>
  );
}
