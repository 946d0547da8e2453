import type { CSSProperties } from 'react';
import type { Join } from '@upfell/core';
import { JOIN_LOOK, joinState } from '../joins/say';
import { select, useView } from '../state/view';
import type { CountText } from './labels';
import type { PlacedLabel } from './placeLabels';

/** The words over the drawing: names, counts and seams, each of them a button that opens the drawer. */
export function PieceLabels({ labels, joins }: { labels: readonly PlacedLabel[]; joins: readonly Join[] }) {
  return labels.map((placed) => {
    const { label } = placed;
    // A piece and the join that it is sewn by may have one id: the kind tells their labels apart.
    const join = label.kind === 'join' ? joins.find(({ id }) => id === label.key) : undefined;
    return join ? (
      <JoinPill key={`${label.kind} ${label.key}`} placed={placed} state={joinState(join)} />
    ) : (
      <Counts key={`${label.kind} ${label.key}`} placed={placed} />
    );
  });
}

/** Placed by a transform alone: a label that only moves is painted again but not laid out again. */
function at({ box: { left, top, right, bottom } }: PlacedLabel): CSSProperties {
  return {
    transform: `translate(${left}px, ${top}px)`,
    width: right - left,
    height: bottom - top,
  };
}

/** A name with the counts below it. */
function Counts({ placed }: { placed: PlacedLabel }) {
  const { label, variant } = placed;
  const { small, lines } = variant;
  return (
    <div
      role="group"
      aria-label={label.name}
      data-label={label.kind}
      className={`absolute top-0 left-0 flex flex-col items-center justify-center rounded text-center whitespace-nowrap ${label.kind === 'neck' ? 'bg-sheet/85' : 'bg-[var(--color-cloth)]/85'} ${small ? 'text-[11px] leading-[14px]' : 'text-[12.5px] leading-[17px]'}`}
      style={at(placed)}
    >
      {label.title && (
        <span
          className={`font-display font-semibold ${small ? 'text-[13px] leading-[16px]' : 'text-[16px] leading-[20px]'}`}
        >
          {label.title}
        </span>
      )}
      {lines.map((line) => (
        <span key={line.map(({ quantity }) => quantity.id).join()} className="flex">
          {line.map((count) => (
            <CountButton key={count.quantity.id} {...count} />
          ))}
        </span>
      ))}
    </div>
  );
}

function CountButton({ quantity, text }: CountText) {
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
    </button>
  );
}

function JoinPill({ placed, state }: { placed: PlacedLabel; state: keyof typeof JOIN_LOOK }) {
  const { label, variant } = placed;
  const chosen = useView(({ selection }) => selection?.kind === 'join' && selection.id === label.key);
  const several = variant.words.length > 1;
  return (
    <button
      type="button"
      data-join={label.key}
      data-label="join"
      aria-label={label.name}
      aria-pressed={chosen}
      className={`absolute top-0 left-0 border text-[11.5px] leading-[15px] font-semibold whitespace-nowrap ${several ? 'rounded-xl' : 'rounded-full'} ${chosen ? 'border-ink bg-ink text-sheet' : `${JOIN_LOOK[state].pill} hover:bg-tape`}`}
      style={at(placed)}
      onClick={() => select({ kind: 'join', id: label.key })}
    >
      {variant.words.map((line, i) => (
        <span key={line} className={several ? 'block' : ''}>
          {line}
          {i < variant.words.length - 1 && ' '}
        </span>
      ))}
    </button>
  );
}
