import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';

interface Props {
  label: string;
  /** The value in words: "12 rows of 40". */
  text: string;
  value: number;
  least: number;
  most: number;
  /** Whether it is drawn up and down or to the sides; and px for one step, below 0 where the value falls upwards (to the left). */
  along: 'y' | 'x';
  step: number;
  /** The line that is dragged. */
  from: readonly [x: number, y: number];
  to: readonly [x: number, y: number];
  testId: string;
  onMove: (value: number, dragging: boolean) => void;
}

/** A line in a drawing that is dragged, or moved by the arrow keys, a step at a time: one drag is one step of undo. */
export function DragHandle({
  label,
  text,
  value,
  least,
  most,
  along,
  step,
  from,
  to,
  testId,
  onMove,
}: Props) {
  const drag = useRef<{ at: number; value: number; last: number } | null>(null);
  /** Where the keys have moved it to: they are quicker than the plan that follows them. */
  const wanted = useRef(value);
  useEffect(() => {
    wanted.current = value;
  }, [value]);
  const clamp = (next: number) => Math.max(least, Math.min(most, next));
  const place = (event: PointerEvent) => (along === 'y' ? event.clientY : event.clientX);
  const move = (event: PointerEvent) => {
    const begun = drag.current;
    if (!begun) return;
    const next = clamp(begun.value + Math.round((place(event) - begun.at) / step));
    if (next === begun.last) return;
    onMove(next, begun.last !== begun.value);
    begun.last = next;
  };
  const key = (event: KeyboardEvent) => {
    const [less, more] = along === 'y' ? ['ArrowUp', 'ArrowDown'] : ['ArrowLeft', 'ArrowRight'];
    const onwards = Math.sign(step);
    const by = { [less!]: -onwards, [more!]: onwards, PageUp: -5 * onwards, PageDown: 5 * onwards }[
      event.key
    ];
    if (by === undefined) return;
    event.preventDefault();
    const next = clamp(wanted.current + by);
    if (next === wanted.current) return;
    wanted.current = next;
    onMove(next, false);
  };
  const [x, y] = to;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={along === 'y' ? 'vertical' : 'horizontal'}
      aria-valuemin={least}
      aria-valuemax={Math.max(least, most)}
      aria-valuenow={value}
      aria-valuetext={text}
      className={`even-handle ${along === 'y' ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
      data-testid={testId}
      onKeyDown={key}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { at: place(event), value, last: value };
      }}
      onPointerMove={move}
      onPointerUp={() => (drag.current = null)}
      onPointerCancel={() => (drag.current = null)}
    >
      <title>{`${label}: ${text}. Drag, or use the arrow keys.`}</title>
      <line x1={from[0]} x2={x} y1={from[1]} y2={y} stroke="transparent" strokeWidth={14} />
      <line x1={from[0]} x2={x} y1={from[1]} y2={y} stroke="#1f5f5b" strokeWidth={1.6} />
      <circle cx={x} cy={y} r={4.5} fill="#fffdf7" stroke="#1f5f5b" strokeWidth={1.8} />
    </g>
  );
}
