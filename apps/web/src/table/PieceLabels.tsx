import type { CSSProperties } from 'react';
import { formatLength } from '@upfell/core';
import { useUnits } from '../design/useSizePlan';
import { JOIN_LOOK, joinLabel, joinState } from '../joins/say';
import { select, useView } from '../state/view';
import type { Arrangement, PlacedJoin } from './placed';
import type { ScreenSize, ScreenQuantity } from '../worker/screen';

const ANCHOR = { middle: '-50%', start: '0', end: '-100%' } as const;

/** Which counts a piece shows, in its own words. */
const SHOWN: Record<string, readonly string[]> = {
  back: ['back.width', 'body.rows', 'body.length', 'back.longer'],
  front: ['front.width', 'body.rows', 'body.length'],
  'front-right': ['front.width', 'body.rows', 'body.length'],
  'front-left': ['front.width', 'body.rows', 'body.length'],
  'sleeve-left': ['sleeve.top', 'sleeve.cuff', 'sleeve.rows'],
  'sleeve-right': ['sleeve.top', 'sleeve.cuff', 'sleeve.rows'],
  over: ['back.width', 'front.width', 'body.rows', 'back.longer'],
  'half-left': ['half.width', 'body.rows'],
  'half-right': ['half.width', 'body.rows'],
  yoke: ['yoke.rows'],
  tube: ['tube.round', 'tube.rows'],
  'strap-left': ['strap.rows'],
  'strap-right': ['strap.rows'],
  cord: ['cord.chain'],
  tie: ['tie.chain'],
  neckband: [],
  hood: ['hood.stitches', 'hood.rows'],
  armband: [],
  band: [],
  'body-back': ['body.round', 'body.rows'],
  'body-front': [],
};

/** A count with what it is counted in. */
const counted = ({ count, axis }: ScreenQuantity) => `${count} ${axis === 'rows' ? 'rows' : 'st'}`;

const FRONT_IN_TWO = [
  ['front.upper', 'armhole.rows'],
  ['front.width', 'side.rows'],
] as const;

/** Counts of a panel whose upper part is of another fabric: each part's stitches and rows on a line of their own. */
const SHOWN_IN_TWO: Record<string, readonly (readonly [string, string])[]> = {
  // The back lies with its hem at the top.
  back: [
    ['back.width', 'side.rows'],
    ['back.upper', 'armhole.rows'],
  ],
  front: FRONT_IN_TWO,
  'front-right': FRONT_IN_TWO,
  'front-left': FRONT_IN_TWO,
};

/** The words over the drawing: names, counts and seams, each of them a button that opens the drawer. */
export function PieceLabels({ arrangement, size }: { arrangement: Arrangement; size: ScreenSize }) {
  const units = useUnits();
  const quantities = new Map(size.quantities.map((quantity) => [quantity.id, quantity]));
  const joins = new Map(size.joins.map((join) => [join.id, join]));
  const neck = quantities.get('neck.round') ?? quantities.get('neck.width');
  const drop = quantities.get('neck.drop');
  return (
    <>
      {arrangement.pieces.map((piece) => {
        const two = quantities.has('back.upper') ? SHOWN_IN_TWO[piece.key] : undefined;
        const shown: readonly (readonly string[])[] | undefined = two ?? SHOWN[piece.key]?.map((id) => [id]);
        if (!shown) return null;
        const label = size.pieces.find(({ id }) => id === piece.id)!.label;
        const small = Math.min(piece.width, piece.height) < 100;
        return (
          <div
            key={piece.key}
            role="group"
            aria-label={piece.key.startsWith('sleeve-') ? `${label}, ${piece.key.split('-')[1]}` : label}
            className={`absolute top-0 left-0 flex flex-col items-center rounded bg-[#fbf6ea]/85 text-center ${small ? 'text-[11px] leading-tight' : 'text-[12.5px]'}`}
            style={placed(piece.centre)}
          >
            <span className={`font-display font-semibold ${small ? 'text-[13px]' : 'text-[16px]'}`}>
              {label}
            </span>
            {shown.map((line) => (
              <span key={line.join()} className="flex">
                {line.map((id) => {
                  const quantity = quantities.get(id);
                  return (
                    quantity && (
                      <CountButton
                        key={id}
                        quantity={quantity}
                        text={countText(
                          quantity,
                          units,
                          line.length > 1 || (arrangement.compact && piece.key.startsWith('sleeve')),
                        )}
                      />
                    )
                  );
                })}
              </span>
            ))}
          </div>
        );
      })}
      {neck && (
        <div
          className={`absolute top-0 left-0 flex items-center rounded bg-sheet/85 text-[12px] leading-tight ${arrangement.compact ? '' : 'flex-col'}`}
          style={placed(arrangement.neck)}
        >
          <CountButton quantity={neck} text={`neck ${counted(neck)}`} />
          {drop && drop.count > 0 && <CountButton quantity={drop} text={`drop ${counted(drop)}`} />}
        </div>
      )}
      {arrangement.joins.map((at) => {
        const join = joins.get(at.id);
        return (
          join && (
            <JoinPill
              key={at.id}
              at={at}
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

/** Placed by a transform alone: a label that only moves is painted again but not laid out again. */
function placed([x, y]: readonly [number, number], anchor: keyof typeof ANCHOR = 'middle'): CSSProperties {
  return { transform: `translate(${x}px, ${y}px) translate(${ANCHOR[anchor]}, -50%)` };
}

/** Said before a count where a piece shows several of a kind. */
const PLACES: Record<string, string> = {
  'sleeve.cuff': 'cuff ',
  'sleeve.top': 'top ',
  'back.longer': 'longer by ',
};

function countText(quantity: ScreenQuantity, units: 'cm' | 'in', short: boolean): string {
  const place = PLACES[quantity.id] ?? '';
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
  at,
  text,
  label,
  state,
}: {
  at: PlacedJoin;
  text: string;
  label: string;
  state: keyof typeof JOIN_LOOK;
}) {
  const chosen = useView(({ selection }) => selection?.kind === 'join' && selection.id === at.id);
  return (
    <button
      type="button"
      data-join={at.id}
      aria-label={`${label}: ${text}, ${JOIN_LOOK[state].word}`}
      aria-pressed={chosen}
      className={`absolute top-0 left-0 border px-2 text-[11.5px] font-semibold whitespace-nowrap ${at.stacked ? 'rounded-xl leading-[15px]' : 'rounded-full leading-[18px]'} ${chosen ? 'border-ink bg-ink text-sheet' : `${JOIN_LOOK[state].pill} hover:bg-tape`}`}
      style={placed(at.label, at.anchor)}
      onClick={() => select({ kind: 'join', id: at.id })}
    >
      {at.stacked ? <Stacked text={text} /> : text}
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
